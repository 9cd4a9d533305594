import type { Kit, LogEntry, Override, Participant, Program, Scheme, Slot } from '../model';
import { evidenceFor, lighterSets, nextAsk, waveAsk, type Evidence, type ProgramPlace } from '../progress';
import {
  doseSlot,
  placeSlot,
  type Ask,
  type Cell,
  type PlaceContext,
  type Placement,
  type ReadyCell,
  type Standing,
} from '../resolve';
import type { MassUnit } from '../units';
import type { PersonFacts } from './log-index';
import { slotsToWait } from './whole-cap';

/** What is known of one person: worth keeping while they and their kits are the same objects. */
export interface PersonCache {
  readonly participant: Participant;
  readonly kits: readonly Kit[];
  /** What they logged before the program began. */
  readonly history: readonly LogEntry[];
  readonly asOf: string | undefined;
  readonly context: Pick<PlaceContext, 'catalog' | 'participant' | 'owned' | 'strength'>;
  /** By slot and unit. Slots that are gone stay until the person changes: a few, and never asked for again. */
  readonly chains: Map<string, Chain>;
  /** By session and unit. */
  readonly rows: Map<string, Row>;
}

/** One slot of a session, with all that bears on it for one person. */
export interface SlotJob {
  readonly slot: Slot;
  readonly restSeconds: number;
  readonly scheme: Scheme;
  readonly overrides: readonly Override[];
  readonly log: readonly LogEntry[];
}

/** A session for one person. */
export interface RowJob {
  readonly person: PersonCache;
  readonly sessionId: string;
  readonly slots: readonly SlotJob[];
  readonly unit: MassUnit;
  readonly program: Program | undefined;
  /** Its place among the program's sessions, from 0. */
  readonly place: number;
  readonly facts: PersonFacts;
}

/** A week of a slot, and where it leaves the person on the ladder. */
interface Step {
  readonly cell: Cell;
  readonly standing: Standing | undefined;
  readonly waited: boolean;
}

/** What one slot's weeks rest on, and each step that was worked out from the ones before it. */
interface Chain {
  readonly basis: readonly unknown[];
  readonly placements: {
    readonly override: Override | undefined;
    readonly standing: Standing | undefined;
    readonly placement: Placement;
  }[];
  readonly overrides: Map<string, Override>;
  readonly standings: Map<string, Standing>;
  readonly steps: Map<string, Remembered>;
}

/** A step with what it was worked out from: the steps before it, and what was done in the last of them. */
interface Remembered {
  readonly last: Step | undefined;
  readonly earlier: Step | undefined;
  readonly done: readonly LogEntry[];
  readonly facts: string;
  readonly step: Step;
}

/** All slots of a session for one person, week 1 first. */
interface Row {
  readonly basis: readonly unknown[];
  readonly weeks: (readonly Step[])[];
}

/** A person's cells of a session in one week, worked out from week 1 on and remembered. */
export function cellsOf(job: RowJob, week: number): Cell[] {
  const { person, unit, sessionId, program, facts } = job;
  const lighter = (program?.weeks ?? []).filter((own) => own.lighter).map((own) => own.week);
  const shared = [lighter.join(), job.place, program?.weeks.length];
  const chains = job.slots.map((slotJob) => chainOf(person, slotJob, unit, shared));
  const logs = job.slots.flatMap(({ log }) => [null, ...log]);
  const basis = [program?.wholeCapPercent, facts.key, ...chains, ...logs];
  const key = `${unit} ${sessionId}`;
  const known = person.rows.get(key);
  const row: Row = known && sameItems(known.basis, basis) ? known : { basis, weeks: [] };
  if (row !== known) person.rows.set(key, row);
  const led = new Set(job.slots.flatMap(({ scheme }, at) => (scheme.kind === 'wave' ? [at] : [])));

  for (let at = row.weeks.length + 1; at <= week; at += 1) {
    const isLighter = lighter.includes(at);
    const [last, earlier] = countedBefore(
      row,
      at,
      (own) => facts.counts(own) && (own === 1 || !lighter.includes(own)),
    );
    const steps = (wait: ReadonlySet<number>) =>
      job.slots.map((slotJob, index) => {
        const chain = chains[index];
        if (!chain) throw new Error('Every slot has its chain.');
        const from = { last: last?.[index], earlier: earlier?.[index] };
        return stepOf(job, slotJob, chain, at, from, { wait: wait.has(index), lighter: isLighter });
      });
    let now = steps(new Set());
    if (last && !isLighter) {
      const waited = new Set(last.flatMap((step, index) => (step.waited ? [index] : [])));
      const wait = slotsToWait(cellsIn(last), cellsIn(now), waited, led, program?.wholeCapPercent);
      if (wait.size > 0) now = steps(wait);
    }
    row.weeks.push(now);
  }
  return cellsIn(row.weeks[week - 1] ?? []);
}

function cellsIn(steps: readonly Step[]): Cell[] {
  return steps.map(({ cell }) => cell);
}

/** The last two weeks before one that count: work goes on from where it stood. */
function countedBefore(row: Row, week: number, counts: (week: number) => boolean) {
  const counted: (readonly Step[])[] = [];
  for (let at = week - 1; at >= 1 && counted.length < 2; at -= 1) {
    const steps = row.weeks[at - 1];
    if (steps && counts(at)) counted.push(steps);
  }
  return counted;
}

function chainOf(person: PersonCache, job: SlotJob, unit: MassUnit, shared: readonly unknown[]): Chain {
  const key = `${unit} ${job.slot.id}`;
  const basis = [job.slot, job.restSeconds, job.scheme, ...shared, ...job.overrides];
  const known = person.chains.get(key);
  if (known && sameItems(known.basis, basis)) return known;
  const fresh: Chain = {
    basis,
    placements: [],
    overrides: new Map(),
    standings: new Map(),
    steps: new Map(),
  };
  person.chains.set(key, fresh);
  return fresh;
}

interface How {
  /** The whole session grows enough without it. */
  readonly wait: boolean;
  readonly lighter: boolean;
}

function stepOf(
  row: RowJob,
  job: SlotJob,
  chain: Chain,
  week: number,
  { last, earlier }: { last: Step | undefined; earlier: Step | undefined },
  how: How,
): Step {
  const key = `${week} ${how.wait}`;
  const lastCell = last?.cell.status === 'ready' ? last.cell : undefined;
  const done = lastCell ? job.log.filter((entry) => entry.week === lastCell.week) : NOTHING;
  const facts = lastCell ? row.facts.keyOf(lastCell.week, lastCell.version.exercise.pattern) : '';
  const known = chain.steps.get(key);
  const same =
    known?.last === last &&
    known?.earlier === earlier &&
    known?.facts === facts &&
    sameItems(known.done, done);
  if (known && same) return known.step;
  const step = workOut(row, job, chain, week, last, earlier, how);
  chain.steps.set(key, { last, earlier, done, facts, step });
  return step;
}

const NOTHING: readonly never[] = [];

function workOut(
  row: RowJob,
  job: SlotJob,
  chain: Chain,
  week: number,
  last: Step | undefined,
  earlier: Step | undefined,
  how: How,
): Step {
  const { person, unit, program } = row;
  const override = overrideIn(chain, job.overrides, week);
  const place: ProgramPlace = { week, weeks: program?.weeks.length ?? week, session: row.place };
  const lastCell = last?.cell.status === 'ready' ? last.cell : undefined;
  const before = placementFor(chain, job.slot, override, last?.standing, person, unit);
  const ask =
    lastCell &&
    askOf(row, job, lastCell, earlier, before, place, how, (harder) => {
      const { version } = placementFor(chain, job.slot, override, standingAt(chain, harder), person, unit);
      return version?.rung?.id === harder.rungId && version.name !== lastCell.version.name;
    });
  const standing = ask?.kind === 'harder' ? standingAt(chain, ask) : last?.standing;
  const placement =
    standing === last?.standing ? before : placementFor(chain, job.slot, override, standing, person, unit);
  // Written out here and in `placementFor`: a spread of the person's context costs a quarter of a board.
  const { catalog, participant, owned, strength } = person.context;
  const cell = doseSlot(placement, {
    catalog,
    participant,
    owned,
    strength,
    unit,
    override,
    standing,
    week,
    restSeconds: job.restSeconds,
    last: lastCell && ask && { cell: lastCell, ask },
    opening: openingOf(job.scheme, placement, lastCell, place),
  });
  return { cell, standing, waited: how.wait };
}

function askOf(
  row: RowJob,
  { scheme, log }: SlotJob,
  cell: ReadyCell,
  earlier: Step | undefined,
  placement: Placement,
  place: ProgramPlace,
  how: How,
  reaches: (harder: Standing) => boolean,
): Ask {
  const { amount, sets } = cell.work;
  if (how.wait) {
    const reason = 'Waits a week: together with the rest of the session it would grow too much.';
    return { kind: 'amount', amount, sets, reason };
  }
  if (how.lighter) {
    const fewer = lighterSets(sets);
    return {
      kind: 'amount',
      amount,
      sets: fewer,
      reason: `A lighter week: ${fewer} of ${sets} sets, nothing more.`,
    };
  }
  const { pattern } = cell.version.exercise;
  const facts = row.facts.of(cell.week, pattern);
  const state = {
    cell,
    prescription: placement.prescription,
    evidence: evidenceFor(cell, log, facts),
    before: evidenceBefore(earlier?.cell, cell, log, row.facts),
    unit: row.unit,
    place,
    maxKg: placement.held?.wanted.estimate.maxKg,
    heaviestKg: cell.load && Math.max(cell.load.kg, heaviest(log, cell)),
    catalog: row.person.context.catalog,
    reaches,
  };
  return nextAsk(state, scheme);
}

/** The heaviest of what was really done in this version up to a week. */
function heaviest(log: readonly LogEntry[], { week, version }: ReadyCell): number {
  let most = 0;
  for (const entry of log) {
    const same = entry.exerciseId === version.exercise.id && entry.week <= week;
    if (same && entry.loadKg !== undefined && entry.loadKg > most) most = entry.loadKg;
  }
  return most;
}

/** What the week before said, if it was the same work: of another load or version it says nothing here. */
function evidenceBefore(
  earlier: Cell | undefined,
  cell: ReadyCell,
  log: readonly LogEntry[],
  facts: PersonFacts,
): Evidence {
  const same =
    earlier?.status === 'ready' &&
    earlier.version.name === cell.version.name &&
    Math.abs((earlier.load?.kg ?? 0) - (cell.load?.kg ?? 0)) < 1e-6;
  if (!same) return { kind: 'assumed' };
  return evidenceFor(earlier, log, facts.of(earlier.week, earlier.version.exercise.pattern));
}

/** A wave leads from the first week on, and wherever another version begins. */
function openingOf(
  scheme: Scheme,
  { held, prescription, version }: Placement,
  last: ReadyCell | undefined,
  place: ProgramPlace,
): Extract<Ask, { kind: 'load' }> | undefined {
  if (scheme.kind !== 'wave' || !held || last?.version.name === version?.name) return undefined;
  const { reserve, estimate } = held.wanted;
  return waveAsk(scheme, place, { prescription, reserve, maxKg: estimate.maxKg });
}

/** Steps 1 to 3, once for the plain answer and once for each override and each rung come to. */
function placementFor(
  { placements }: Chain,
  slot: Slot,
  override: Override | undefined,
  standing: Standing | undefined,
  person: PersonCache,
  unit: MassUnit,
): Placement {
  const known = placements.find((placed) => placed.override === override && placed.standing === standing);
  if (known) return known.placement;
  const { catalog, participant, owned, strength } = person.context;
  const placement = placeSlot(slot, { catalog, participant, owned, strength, unit, override, standing });
  placements.push({ override, standing, placement });
  return placement;
}

/** The same object for the same place on the ladder, so that it is placed once. */
function standingAt({ standings }: Chain, { rungId, levers }: Standing): Standing {
  const key = `${rungId} ${JSON.stringify(levers)}`;
  const known = standings.get(key);
  if (known) return known;
  const standing = { rungId, levers };
  standings.set(key, standing);
  return standing;
}

/** What is set by hand in a week: of several, the later one wins field by field. */
function overrideIn(chain: Chain, overrides: readonly Override[], week: number): Override | undefined {
  const holding = overrides.filter(
    ({ fromWeek, toWeek }) => fromWeek <= week && (toWeek === undefined || week <= toWeek),
  );
  const [only, another] = holding;
  if (!only || !another) return only;
  const ordered = holding
    .map((own, at) => ({ own, at }))
    .sort((a, b) => a.own.fromWeek - b.own.fromWeek || a.at - b.at);
  const key = ordered.map(({ own }) => own.id).join(' ');
  const known = chain.overrides.get(key);
  if (known) return known;
  const merged = ordered.reduce<Override>((all, { own }) => ({ ...all, ...own }), only);
  const allAgreed = holding.every(({ reviewOfWeek }) => reviewOfWeek !== undefined);
  const result = allAgreed ? merged : { ...merged, reviewOfWeek: undefined };
  chain.overrides.set(key, result);
  return result;
}

export function sameItems(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((item, at) => item === b[at]);
}
