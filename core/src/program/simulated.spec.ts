import * as fc from 'fast-check';
import { aParticipant, reps } from '../../testing/people';
import { unsafeIn } from '../../testing/safety';
import {
  anyScheme,
  anyThings,
  FIRST_MONDAY,
  heaviestBefore,
  oneSlot,
  train,
  type DoneSet,
} from '../../testing/weeks';
import { attainableLoads } from '../kit';
import { sameVersion } from '../ladder';
import {
  conditionSchema,
  TIERS,
  type DrayDocument,
  type LogEntry,
  type Prescription,
  type Scheme,
  type SlotSource,
} from '../model';
import { repSpan } from '../progress';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import { leftOutWords, reasonWords, type CellReason } from '../reason';
import { BRIDGE_HOLD_SECONDS, MOST_BRIDGE_REPS, type Cell, type ReadyCell } from '../resolve';
import { bodyMovedKg, curveOf, repsAfter } from '../strength';
import { addDays, massKey, sameLoad } from '../units';
import { createResolver } from './index';

const WEEKS = 12;
const LAST_MONDAY = addDays(FIRST_MONDAY, (WEEKS - 1) * 7);

/** How a week may go: missed, short or over, hurting, with more or less left. */
const anyDay = fc.record({
  missed: fc.integer({ min: 0, max: 9 }).map((dice) => dice === 0),
  over: fc.integer({ min: -3, max: 3 }),
  left: fc.option(fc.integer({ min: 0, max: 8 })),
  pain: fc.integer({ min: 0, max: 90 }).map((dice) => (dice <= 10 ? dice : 0)),
  formLost: fc.integer({ min: 0, max: 11 }).map((dice) => dice === 0),
});

const timed = (kind: 'hold' | 'time', seconds: number): Prescription => ({
  ...reps(3, 1),
  work: { kind, seconds },
  target: { kind: 'none' },
});
const aimed = (low: number, high: number): Prescription => ({
  ...reps(3, low),
  work: { kind: 'range', low, high },
});

const together = (...ladders: readonly [string, string]): SlotSource => ({
  kind: 'combination',
  parts: ladders.map((ladderId) => ({ source: { kind: 'ladder', ladderId } })),
});

const anyPerson = fc.record({
  ladder: fc.constantFrom<string | SlotSource>(
    'squat',
    'row',
    'press-up',
    'brace',
    'overhead-press',
    'hinge',
    'hip-thrust',
    'curl',
    'lunge',
    'heel-raise',
    'floor-thrust',
    together('squat', 'overhead-press'),
    together('lunge', 'curl'),
    together('hinge', 'row'),
  ),
  owned: anyThings,
  conditions: fc.subarray([...conditionSchema.options], { maxLength: 2 }),
  bodyMassKg: fc.integer({ min: 45, max: 110 }),
  tier: fc.constantFrom(...TIERS),
  plan: fc.oneof(
    fc.integer({ min: 5, max: 15 }).map((count) => reps(3, count)),
    fc.integer({ min: 5, max: 21 }).map((low) => aimed(low, low + 4)),
    fc.integer({ min: 10, max: 40 }).map((seconds) => timed('hold', seconds)),
    fc.integer({ min: 20, max: 60 }).map((seconds) => timed('time', seconds)),
  ),
  /** The first week in which the session stands. */
  startsIn: fc.constantFrom(1, 1, 1, 4, 8),
  days: fc.array(anyDay, { minLength: WEEKS, maxLength: WEEKS }),
});
type Person = typeof anyPerson extends fc.Arbitrary<infer Value> ? Value : never;

function start({ ladder, plan, bodyMassKg, tier, conditions, owned, startsIn }: Person, growth: Scheme) {
  const cautions = conditions.map((condition) => ({ condition }));
  const document = oneSlot(ladder, plan, growth, aParticipant({ bodyMassKg, tier, cautions }), owned);
  return startingIn(document, startsIn);
}

/** In weeks from `startsIn` on, with a classmate who never misses one: so a week without an entry was missed. */
function startingIn(document: DrayDocument, startsIn: number): DrayDocument {
  const [participant] = document.participants;
  const log = Array.from({ length: WEEKS - startsIn + 1 }, (_, later): LogEntry => ({
    id: `classmate ${later}`,
    participantId: 'classmate',
    sessionId: 's',
    slotId: 'another',
    week: startsIn + later,
    date: addDays(FIRST_MONDAY, (startsIn + later - 1) * 7),
    exerciseId: 'plank',
    set: 1,
    counted: 'seconds',
    amount: 30,
  }));
  return {
    ...document,
    participants: [participant!],
    log,
    programs: document.programs.map((program) => ({
      ...program,
      weeks: program.weeks.map((week) => (week.week < startsIn ? { ...week, days: [] } : week)),
    })),
  };
}

function goes({ days, startsIn }: Person) {
  return (cell: ReadyCell): DoneSet | undefined => {
    const { missed, over, left, pain, formLost } = days[cell.week - 1]!;
    if (cell.week < startsIn || missed) return undefined;
    return {
      amount: Math.max(0, cell.work.amount + over),
      ...(left !== null && { reserve: left }),
      ...(pain > 0 && { pain: { place: 'knee', score: pain } }),
      ...(formLost && { form: 'lost' as const }),
    };
  };
}

/** What is wrong with a person's weeks under a scheme, in words; a test of thousands says it faster than that many expectations. */
function faults(person: Person, growth: Scheme): string[] {
  const found: string[] = [];
  const document = start(person, growth);
  const participant = document.participants[0]!;
  const { cells, document: after } = train(document, WEEKS, goes(person));
  const loads = new Map<string, ReadonlySet<number>>();
  cells.forEach((cell, index) => {
    const say = (words: string) => found.push(`week ${index + 1}: ${words}`);
    if (cell.status !== 'ready') {
      // What hurts is stopped until somebody looks at it; nobody does here.
      if (cells[0]?.status === 'ready' && cell.because.kind !== 'hurt')
        say(`no next step, ${leftOutWords(cell.because).why}`);
      return;
    }
    for (const words of unsafeIn(cell, participant)) say(words);
    if (cell.load) {
      const { hold: held, kg } = cell.load;
      const { band } = cell.version.exercise.loading ?? {};
      const key = `${held} ${band?.fixedBy}`;
      const known =
        loads.get(key) ?? new Set(attainableLoads(after.kits, held).map((load) => massKey(load.kg)));
      loads.set(key, known);
      if (!known.has(massKey(kg))) say(`${kg} kg cannot be made`);
    }
    const before = cells[index - 1];
    const follows = before?.status === 'ready' && before.week >= person.startsIn;
    if (follows && sameVersion(before.version, cell.version)) {
      found.push(...amountFaults(before, cell, person, growth).map((words) => `week ${index + 1}: ${words}`));
      const from = growth.kind === 'wave' ? heaviestBefore(cells, index) : before.load?.kg;
      if (from !== undefined && from > 0 && cell.load)
        found.push(...capFaults(before, cell, from, growth, person));
    }
  });
  const late = { ...after, log: [...after.log].reverse() };
  const again = createResolver(() => LAST_MONDAY).board(late, { sessionId: 's', week: WEEKS }).rows[0]!
    .cells[0]!;
  if (told(again) !== told(cells[WEEKS - 1]!)) found.push(`another order: ${told(again)}`);
  return found.length > 0 ? [...found, ...cells.map(storyOf)] : found;
}

/** A load goes past its cap only as the smallest step, or because the reps have earned it; then it is asked for what it is worth. */
function capFaults(
  before: ReadyCell,
  cell: ReadyCell,
  fromKg: number,
  growth: Scheme,
  { bodyMassKg }: Person,
): string[] {
  const { kg } = cell.load!;
  // A load that only adds to the body is a share of both.
  const bodyKg = bodyMovedKg(cell.version.exercise, bodyMassKg);
  if (kg + bodyKg <= (fromKg + bodyKg) * (1 + growth.capPercent / 100) + 1e-6) return [];
  const step = cell.trace.find((reason) => reason.kind === 'nextUp');
  if (step?.kind !== 'nextUp' || step.allowed === 'withinCap') return [`${fromKg} to ${kg} kg`];
  const most = Math.max(before.work.amount + 8, MOST_BRIDGE_REPS);
  const worth = repsAfter(fromKg + bodyKg, kg + bodyKg, most, before.work.reserve ?? 0, curveOf('epley'));
  return cell.work.amount > worth ? [`${cell.work.amount} reps of ${kg} kg are not earned`] : [];
}

/** Amounts neither fall for someone who made them, nor jump, nor pass what is sensible. */
function amountFaults(before: ReadyCell, cell: ReadyCell, person: Person, growth: Scheme): string[] {
  const found: string[] = [];
  const { work } = cell;
  const rise = work.amount - before.work.amount;
  const span = repSpan(person.plan.work);
  if (growth.kind === 'wave') return found;
  if (work.kind === 'reps') {
    const most = Math.max(span?.high ?? 0, MOST_BRIDGE_REPS, before.work.amount + 5);
    if (work.amount > most) found.push(`${work.amount} reps, over ${most}`);
    if (sameLoad(cell.load?.kg, before.load?.kg) && rise > 5) found.push(`${rise} reps more at once`);
  }
  if (work.kind === 'hold' && rise > Math.max(BRIDGE_HOLD_SECONDS, 10, before.work.amount * 0.1 + 1)) {
    found.push(`${rise} s more at once`);
  }
  const asked = before.work.reserve ?? 2;
  const made = person.days[before.week - 1]!;
  const asAsked =
    !made.missed && made.over === 0 && !made.formLost && made.pain === 0 && (made.left ?? asked) >= asked;
  const lighter = (cell.load?.kg ?? 0) < (before.load?.kg ?? 0) - 1e-6;
  if (asAsked && sameLoad(cell.load?.kg, before.load?.kg) && rise < 0) {
    found.push(`made, and ${-rise} fewer asked`);
  }
  if (asAsked && lighter) found.push('made, and a lighter load asked');
  return found;
}

/** Throws what was found, so that a property gives the smallest person it goes wrong for. */
function expectNone(found: readonly string[]): void {
  if (found.length > 0) throw new Error(found.join('; '));
  expect(found).toEqual([]);
}

/** What a cell asks, in one line. */
function told(cell: Cell): string {
  if (cell.status !== 'ready') return leftOutWords(cell.because).why;
  const { work, load, version } = cell;
  return `${version.name} ${work.sets} × ${work.amount} ${massKey(load?.kg ?? 0)} ${JSON.stringify(work.tempo)}`;
}

/** A week with what was asked and why, for whoever reads a failure. */
function storyOf(cell: Cell): string {
  const why = cell.trace.filter(({ step }) => step === 'target' || step === 'attainable');
  return `\n  ${cell.week}: ${told(cell)}: ${why.map((reason) => reasonWords(reason, 'kg')).join(' ')}`;
}

/** Whether a reason is one that lets work stand still for someone who does just what is asked. */
function standsStill(reason: CellReason, { version }: ReadyCell): boolean {
  switch (reason.kind) {
    // The scheme waits for more than was asked, and nobody gave it.
    case 'twoOver':
      return reason.visits === 0;
    case 'left':
      return reason.verdict === 'near';
    // The class's own clock.
    case 'classClock':
    // The ladder's next rung is the coach's step, or there is none.
    case 'gate':
    case 'ladderEnds':
    // The gate wants a point seen, or another ladder.
    case 'untilGate':
    // A caution's longest hold.
    case 'heldByCaution':
    // A wave needs a load, and a coarse kit makes the same of near shares.
    case 'wave':
    case 'waveNeedsLoad':
      return true;
    // A share of a load that only adds to the body is little of both: it takes many weeks to be one step of the kit.
    case 'percentMore':
      return version.exercise.loading?.bodyShare !== undefined;
    // The kit ends, or its next load is out of reach by reps, tempo, range and rest.
    case 'bridge':
      return reason.ends;
    default:
      return false;
  }
}

describe('a thousand simulated people over twelve weeks', () => {
  for (const growth of Object.values(USUAL_SCHEMES)) {
    it(`stay within cap, kit and cautions, in loads and amounts, and always have a next step, ${growth.kind}`, () => {
      fc.assert(
        fc.property(anyPerson, (person) => expectNone(faults(person, growth))),
        { numRuns: 1000 },
      );
    });
  }

  it('do so with every number a scheme may have', () => {
    fc.assert(
      fc.property(anyPerson, anyScheme, (person, growth) => expectNone(faults(person, growth))),
      { numRuns: 300 },
    );
  });

  it('advance within four visits where they meet everything, or are told what stops them', () => {
    fc.assert(
      fc.property(anyPerson, fc.constantFrom(...Object.values(USUAL_SCHEMES)), (person, growth) => {
        const { cells } = train(start(person, growth), WEEKS, ({ work, week }) =>
          week < person.startsIn ? undefined : { amount: work.amount, reserve: work.reserve ?? 2 },
        );
        expect(cells.length).toBe(WEEKS);
        for (let from = person.startsIn - 1; from + 4 < cells.length; from += 1) {
          const stood = cells.slice(from, from + 5);
          const last = stood.at(-1)!;
          if (last.status !== 'ready' || !stood.every((cell) => told(cell) === told(last))) continue;
          if (!last.trace.some((reason) => standsStill(reason, last))) {
            const words = last.trace.map((reason) => reasonWords(reason, 'kg')).join(' ');
            throw new Error(`${growth.kind} stands still at ${told(last)}: ${words}`);
          }
        }
      }),
      { numRuns: 1000 },
    );
  });

  it('begin late as they would begin at once', () => {
    fc.assert(
      fc.property(anyPerson, fc.constantFrom(...Object.values(USUAL_SCHEMES)), (person, growth) => {
        fc.pre(growth.kind !== 'wave');
        const asAsked = (startsIn: Person['startsIn']) =>
          train(start({ ...person, startsIn }, growth), WEEKS, ({ work, week }) =>
            week < startsIn ? undefined : { amount: work.amount, reserve: work.reserve ?? 2 },
          ).cells;
        const atOnce = asAsked(1).slice(0, 4).map(told);
        expect(asAsked(8).slice(7, 11).map(told)).toEqual(atOnce);
      }),
      { numRuns: 200 },
    );
  });
});
