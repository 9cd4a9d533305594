import {
  amountLike,
  type Exercise,
  type Gate,
  type Kit,
  type LogEntry,
  type Override,
  type Pain,
  type Participant,
  type Program,
  type Rung,
  type Scheme,
  type Slot,
} from '../model';
import type { Pacing } from '../plan';
import { gateStatus, isOf, prerequisitesReached, sameVersion, versionKey } from '../ladder';
import {
  evidenceFor,
  fellShort,
  nextAsk,
  openEnded,
  STOPPING_PAIN,
  waveAsk,
  withoutTraining,
  type Evidence,
  type ProgramPlace,
  type SchemeState,
} from '../progress';
import {
  doseSlot,
  placeSlot,
  reserveAsked,
  startAmount,
  type Ask,
  type Cell,
  type DoseContext,
  type CellDraft,
  type PlaceContext,
  type ReadyCell,
  type Standing,
} from '../resolve';
import { bodyMovedKg, curveOf } from '../strength';
import { sameLoad } from '../units';
import type { PersonFacts } from './log-index';
import { createMemo, type Memo } from './memo';
import { weekBehind } from './schedule';
import { holdsIn, mergedOverride } from './overrides';
import { slotsToWait } from './whole-cap';

/** What is known of one person: worth keeping while they and their kits are the same objects. */
export interface Person {
  readonly participant: Participant;
  readonly kits: readonly Kit[];
  readonly context: Pick<PlaceContext, 'catalog' | 'participant' | 'owned' | 'strength'>;
  /** What was worked out for them. */
  readonly memo: Memo;
}

/** One slot of a session, with all that bears on it for one person. */
export interface SlotJob {
  readonly slot: Slot;
  readonly restSeconds: number;
  /** Of its session. */
  readonly pacing: Pacing;
  readonly scheme: Scheme;
  readonly overrides: readonly Override[];
  readonly log: readonly LogEntry[];
}

/** The same with what was worked out for it, kept as long as nothing in it but the log is another. */
interface RememberedSlot extends SlotJob {
  readonly memo: Memo;
}

/** A session for one person. */
export interface SessionJob {
  readonly person: Person;
  readonly sessionId: string;
  readonly slots: readonly SlotJob[];
  readonly program: Program | undefined;
  /** Its place among the program's sessions, from 0. */
  readonly placeInProgram: number;
  readonly facts: PersonFacts;
  /** Weeks with fewer sets in which nothing grows. */
  readonly lighterWeeks: readonly number[];
}

/** A week of a slot, and what the weeks after it go on from. */
interface Step {
  readonly cell: Cell;
  /** Where the person stands on the slot's ladder. */
  readonly standing: Standing | undefined;
  /** Weeks running before it that fell short in the work of the last of them. */
  readonly shortWeeks: number;
  /** It was told to wait, as the whole session grows enough. */
  readonly waited: boolean;
  /** A lighter week, of the program or by a decision: what comes after goes on from before it. */
  readonly lighter: boolean;
}

/** The last two weeks of a slot that count. */
interface Before {
  readonly last?: Step | undefined;
  readonly earlier?: Step | undefined;
  /** The week right before was a lighter one. */
  readonly afterLighter: boolean;
}

/** The coming week. */
interface Week {
  readonly week: number;
  readonly lighter: boolean;
  readonly wait: boolean;
}

/**
 * A person's cells of a session in one week, worked out from week 1 on and remembered: an edit of one slot works out that slot
 * again, a log entry the slot and the person it is of.
 *
 * @param job the session for the person
 * @param week from 1
 * @example cellsOf(job, 3).map(({ week }) => week) // [3, 3, 3]
 */
export function cellsOf(job: SessionJob, week: number): Cell[] {
  const { program, placeInProgram } = job;
  const about = [program?.weeks.length, placeInProgram];
  const slots = job.slots.map((slotJob): RememberedSlot => {
    const { slot, restSeconds, pacing, scheme, overrides, log } = slotJob;
    const inputs = [slot, restSeconds, pacing, scheme, ...about, ...overrides];
    const memo = job.person.memo(`slot ${slot.id}`, inputs, createMemo);
    return { ...slotJob, log: memo('log', log, () => log), memo };
  });
  return stepsOf(job, slots, week).map(({ cell }) => cell);
}

/** All slots of one week, each with what comes after it. */
function stepsOf(job: SessionJob, slots: readonly RememberedSlot[], upTo: number): readonly Step[] {
  const { person, sessionId, facts, lighterWeeks, program } = job;
  const lighter = lighterWeeks.join();
  const inputs = [program?.wholeCapPercent, facts, ...slots.flatMap(({ memo, log }) => [memo, log])];
  const weeks = person.memo<Step[][]>(`weeks ${sessionId} ${lighter}`, inputs, () => []);
  for (let week = weeks.length + 1; week <= upTo; week += 1) weeks.push(stepsIn(job, slots, week, weeks));
  return weeks[upTo - 1] ?? [];
}

function stepsIn(
  job: SessionJob,
  slots: readonly RememberedSlot[],
  week: number,
  weeks: readonly (readonly Step[])[],
): Step[] {
  const { program, person, lighterWeeks } = job;
  const lighter = lighterWeeks.includes(week);
  const before = slots.map((_, slot) => beforeWeek(job, slot, week, weeks));
  const steps = slots.map((slotJob, slot) =>
    stepOf(job, slotJob, { week, lighter, wait: false }, before[slot]),
  );
  const last = before.map((slot) => slot.last);
  if (lighter || !last.some(Boolean)) return steps;
  const wait = slotsToWait(
    last.map((step) => step?.cell),
    steps.map(({ cell }) => cell),
    {
      waited: placesOf(last, (step) => step?.waited ?? false),
      neverWait: placesOf(slots, ({ scheme }) => scheme.kind === 'wave'),
      capPercent: program?.wholeCapPercent,
      bodyMassKg: person.participant.bodyMassKg,
    },
  );
  return slots.map((slotJob, slot) => {
    const step = steps[slot];
    return step && !wait.has(slot) ? step : stepOf(job, slotJob, { week, lighter, wait: true }, before[slot]);
  });
}

function placesOf<Item>(items: readonly Item[], wanted: (item: Item) => boolean): ReadonlySet<number> {
  return new Set(items.flatMap((item, place) => (wanted(item) ? [place] : [])));
}

/**
 * The last two weeks of a slot that count: lighter ones are stepped over, as are those in which it was left out or the session
 * does not stand.
 */
function beforeWeek(
  { facts }: SessionJob,
  slot: number,
  week: number,
  weeks: readonly (readonly Step[])[],
): Before {
  const counted: Step[] = [];
  for (let past = week - 1; past >= 1 && counted.length < 2; past -= 1) {
    const step = weeks[past - 1]?.[slot];
    if (step?.cell.status === 'ready' && !step.lighter && facts.counts(past)) counted.push(step);
  }
  const [last, earlier] = counted;
  return { last, earlier, afterLighter: weeks[week - 2]?.[slot]?.lighter ?? false };
}

/** One slot in one week, remembered as long as nothing it came from is another. */
function stepOf(job: SessionJob, slotJob: RememberedSlot, week: Week, before: Before = NOTHING_BEFORE): Step {
  const { last, earlier, afterLighter } = before;
  const { lighter, wait } = week;
  const lastCell = readyIn(last);
  const past = lastCell ? job.facts.of(lastCell.week, lastCell.version, week.week) : job.facts;
  // A number: this is asked a few thousand times for a board.
  const key = 4 * week.week + 2 * Number(wait) + Number(lighter);
  const inputs = [last, earlier, afterLighter, past, doneBefore(slotJob, week.week)];
  return slotJob.memo(key, inputs, () => {
    const override = overrideIn(slotJob, week.week);
    return workOut(
      job,
      slotJob,
      override,
      { ...week, lighter: lighter || (override?.lighter ?? false) },
      before,
    );
  });
}

/** What was logged before a week: the same list as long as it holds the same sets. */
function doneBefore({ log, memo }: RememberedSlot, week: number): readonly LogEntry[] {
  if (log.length === 0) return log;
  const done = log.filter((entry) => entry.week < week);
  return memo(`done before ${week}`, done, () => done);
}

const NOTHING_BEFORE: Before = { afterLighter: false };

function readyIn(step: Step | undefined): ReadyCell | undefined {
  return step?.cell.status === 'ready' ? step.cell : undefined;
}

function overrideIn({ overrides, memo }: RememberedSlot, week: number): Override | undefined {
  if (overrides.length === 0) return undefined;
  const holding = overrides.filter((override) => holdsIn(override, week));
  return memo(`override ${holding.map(({ id }) => id).join(' ')}`, holding, () => mergedOverride(holding));
}

function workOut(
  job: SessionJob,
  slotJob: SlotJob,
  override: Override | undefined,
  week: Week,
  before: Before,
): Step {
  const { person } = job;
  const { last } = before;
  const lastCell = readyIn(last);
  const place = (standing: Standing | undefined) => placed(person, slotJob, override, standing);
  const past = lastCell && pastOf(job, slotJob, lastCell, before, week);
  const inProgram = programPlace(job, week, before);
  const ask =
    past && askAfter(job, slotJob.scheme, { past, week, place: inProgram }, place(last?.standing), place);
  const standing = ask?.kind === 'harder' ? { rungId: ask.rungId, levers: ask.levers } : last?.standing;
  const draft = place(standing);
  const { catalog, participant, owned, strength } = person.context;
  const context: DoseContext = {
    catalog,
    participant,
    owned,
    strength,
    pacing: slotJob.pacing,
    override,
    standing,
    week: week.week,
    restSeconds: slotJob.restSeconds,
    last: lastCell && ask && { cell: lastCell, ask },
    hurt: lastCell ? undefined : hurtBefore(job, draft, week),
    heldBeforeKg: heldBefore(lastCell, readyIn(before.earlier)),
    opening: openingOf(job, slotJob.scheme, draft, lastCell, inProgram),
    lighter: week.lighter,
  };
  const { lighter, wait: waited } = week;
  return { cell: doseSlot(draft, context), standing, shortWeeks: past?.shortWeeks ?? 0, waited, lighter };
}

/** What hurt elsewhere before a slot was ever done, so much that nothing that bears on it is begun. */
function hurtBefore({ facts }: SessionJob, { version }: CellDraft, { week }: Week): Pain | undefined {
  const pain = version && facts.of(0, version, week).pain;
  return pain && pain.score >= STOPPING_PAIN ? pain : undefined;
}

/** What was held the week before the last, where the last had no load in the same version. */
function heldBefore(last: ReadyCell | undefined, earlier: ReadyCell | undefined): number | undefined {
  const same = last && earlier && !last.load && sameVersion(last.version, earlier.version);
  return same ? earlier.load?.kg : undefined;
}

/** Steps 1 to 3, once for the plain answer and once for each override and each rung come to. */
function placed(
  { memo, context }: Person,
  { slot, pacing }: SlotJob,
  override: Override | undefined,
  standing: Standing | undefined,
): CellDraft {
  const rung = standing ? `${standing.rungId} ${JSON.stringify(standing.levers)}` : '';
  return memo(`place ${slot.id} ${override?.id ?? ''} ${rung}`, [slot, override, pacing], () =>
    placeSlot(slot, { ...context, pacing, override, standing }),
  );
}

/** What the last week that counts came to. */
interface Past extends Pick<SchemeState, 'cell' | 'evidence' | 'before' | 'shortWeeks'> {
  readonly heaviestKg: number | undefined;
  /** The week before it that counts. */
  readonly earlierCell: ReadyCell | undefined;
  /** Sets of the slot up to it. */
  readonly done: readonly LogEntry[];
}

function pastOf(
  job: SessionJob,
  { log }: SlotJob,
  cell: ReadyCell,
  { last, earlier }: Before,
  week: Week,
): Past {
  const { facts, person } = job;
  const curve = curveOf(person.participant.formula);
  const factsOf = (past: ReadyCell, until: number) => facts.of(past.week, past.version, until);
  const evidence = evidenceFor(cell, log, factsOf(cell, week.week), curve);
  const earlierCell = readyIn(earlier);
  const sameWork =
    earlierCell &&
    sameVersion(earlierCell.version, cell.version) &&
    sameLoad(earlierCell.load?.kg, cell.load?.kg);
  const before: Evidence = sameWork
    ? evidenceFor(earlierCell, log, factsOf(earlierCell, cell.week), curve)
    : { kind: 'assumed' };
  const shortBefore = sameWork ? (last?.shortWeeks ?? 0) : 0;
  const shortWeeks = evidence.kind === 'short' ? shortBefore + 1 : 0;
  const done = log.filter((entry) => entry.week < week.week);
  return { cell, evidence, before, shortWeeks, heaviestKg: heaviest(log, cell), earlierCell, done };
}

/**
 * What the way to a rung still wants: the gate of the rung at hand by what was logged, or, in weeks nobody has logged yet, by what
 * was asked on two visits; and the rungs of other ladders.
 */
function wantedFor(next: Rung, { context: { participant, catalog } }: Person, past: Past): readonly string[] {
  const { cell, earlierCell, evidence, before, done } = past;
  const { rung } = cell.version;
  const waits = prerequisitesReached(next, participant, catalog.ladders) ? [] : ['a rung of another ladder'];
  if (!rung) return waits;
  const asks = (work: ReadyCell['work'] | undefined) => work !== undefined && asksGate(work, rung.gate);
  const assumed =
    evidence.kind === 'assumed' &&
    before.kind === 'assumed' &&
    asks(cell.work) &&
    asks(earlierCell?.work) &&
    !rung.gate.seen;
  return assumed ? waits : [...gateStatus(rung, done).missing, ...waits];
}

function asksGate({ kind, sets, amount }: ReadyCell['work'], gate: Gate): boolean {
  const wanted = kind === 'reps' ? gate.reps : gate.seconds;
  return wanted !== undefined && sets >= gate.sets && amount >= wanted;
}

/** The heaviest of what was asked and really done in a version up to a week. */
function heaviest(log: readonly LogEntry[], { week, version, load }: ReadyCell): number | undefined {
  if (!load) return undefined;
  return log.reduce(
    (most, entry) => (entry.week <= week && isOf(entry, version) ? Math.max(most, entry.loadKg ?? 0) : most),
    load.kg,
  );
}

function askAfter(
  job: SessionJob,
  scheme: Scheme,
  { past, week, place }: { readonly past: Past; readonly week: Week; readonly place: ProgramPlace },
  draft: CellDraft,
  placedAt: (standing: Standing) => CellDraft,
): Ask {
  const { cell } = past;
  if (week.wait) return sameAgain(cell, { step: 'target', kind: 'sessionGrowsEnough' });
  const { catalog } = job.person.context;
  const state: SchemeState = {
    cell,
    evidence: past.evidence,
    before: past.before,
    shortWeeks: past.shortWeeks,
    heaviestKg: past.heaviestKg,
    prescription: draft.prescription,
    place,
    maxKg: draft.held && maxToHold(job.person, cell.version.exercise),
    curve: curveOf(job.person.participant.formula),
    catalog,
    reaches: (harder) => {
      const { version } = placedAt(harder);
      return version?.rung?.id === harder.rungId && !sameVersion(version, cell.version);
    },
    wantedFor: (rung) => wantedFor(rung, job.person, past),
  };
  if (week.lighter) return withoutTraining(state) ?? sameAgain(cell, undefined);
  if (scheme.every !== 'class' && sameWeek(job, cell, week)) {
    return (
      withoutTraining(state) ??
      fellShort(state, scheme) ??
      openEnded(state) ??
      sameAgain(cell, { step: 'target', kind: 'onceAWeek', amount: amountLike(cell.work, cell.work.amount) })
    );
  }
  return nextAsk(state, scheme);
}

/** Whether a class is in the same week of the program as the one before it. */
function sameWeek({ program }: SessionJob, before: ReadyCell, { week }: Week): boolean {
  return weekBehind(program, before.week) === weekBehind(program, week);
}

/** The numbers of a cell again; in a lighter week they are taken down later, and nothing else is said. */
function sameAgain(
  { work, planned }: ReadyCell,
  reason: Extract<Ask, { kind: 'repeat' }>['reason'] | undefined,
): Extract<Ask, { kind: 'repeat' }> {
  const amount = amountLike(work, work.amount);
  return {
    kind: 'repeat',
    amount,
    sets: work.sets,
    reason: reason ?? { step: 'target', kind: 'asPlanned', amount, work: planned.work },
  };
}

/** The most they could hold once: what is left of a maximum when the body that is moved along is taken off it. */
function maxToHold({ context: { strength, participant } }: Person, exercise: Exercise): number | undefined {
  const max = strength.estimate(exercise)?.maxKg;
  const kg = max === undefined ? 0 : max - bodyMovedKg(exercise, participant.bodyMassKg);
  return kg > 0 ? kg : undefined;
}

function programPlace(
  { program, placeInProgram }: SessionJob,
  { week }: Week,
  { afterLighter }: Before,
): ProgramPlace {
  const weeks = weekBehind(program, program?.weeks.length ?? week);
  return { week: weekBehind(program, week), weeks, session: placeInProgram, afterLighter };
}

/** A wave leads from the first week on, and wherever another version begins. */
function openingOf(
  job: SessionJob,
  scheme: Scheme,
  { held, prescription, version, limits }: CellDraft,
  last: ReadyCell | undefined,
  place: ProgramPlace,
): DoseContext['opening'] {
  if (scheme.kind !== 'wave' || !held || !version) return undefined;
  if (startAmount(prescription.work).kind !== 'reps') return undefined;
  if (last && versionKey(last.version) === versionKey(version)) return undefined;
  const { participant } = job.person.context;
  const maxKg = maxToHold(job.person, version.exercise);
  if (maxKg === undefined) return undefined;
  const reserve = reserveAsked(prescription, version, limits);
  return waveAsk(scheme, place, {
    prescription,
    reserve,
    maxKg,
    curve: curveOf(participant.formula),
  });
}
