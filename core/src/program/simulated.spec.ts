import * as fc from 'fast-check';
import { aParticipant, reps } from '../../testing/people';
import {
  anyScheme,
  anyThings,
  FIRST_MONDAY,
  heaviestBefore,
  oneSlot,
  train,
  type DoneSet,
} from '../../testing/weeks';
import { applyCautions, cautionSubjects } from '../caution';
import { attainableLoads } from '../kit';
import { catalog } from '../library';
import { conditionSchema, TIERS, type Prescription, type Scheme } from '../model';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import type { Cell, ReadyCell } from '../resolve';
import { addDays, massKey } from '../units';
import { createResolver } from './index';

const WEEKS = 12;
const LAST_MONDAY = addDays(FIRST_MONDAY, (WEEKS - 1) * 7);

/** How a week may go: missed, short or over, hurting, with more or less left. */
const anyDay = fc.record({
  missed: fc.integer({ min: 0, max: 9 }).map((dice) => dice === 0),
  over: fc.integer({ min: -3, max: 3 }),
  left: fc.option(fc.integer({ min: 0, max: 5 })),
  pain: fc.integer({ min: 0, max: 60 }).map((dice) => (dice <= 10 ? dice : 0)),
  formLost: fc.integer({ min: 0, max: 11 }).map((dice) => dice === 0),
});

const hold: Prescription = { ...reps(3, 1), work: { kind: 'hold', seconds: 20 }, target: { kind: 'none' } };
const aimed = (low: number, high: number): Prescription => ({
  ...reps(3, low),
  work: { kind: 'range', low, high },
});

const anyPerson = fc.record({
  ladder: fc.constantFrom('squat', 'row', 'press-up', 'brace', 'overhead-press', 'hinge', 'bridge', 'curl'),
  owned: anyThings,
  conditions: fc.subarray([...conditionSchema.options], { maxLength: 2 }),
  bodyMassKg: fc.integer({ min: 45, max: 110 }),
  tier: fc.constantFrom(...TIERS),
  plan: fc.oneof(
    fc.integer({ min: 5, max: 15 }).map((count) => reps(3, count)),
    fc.integer({ min: 5, max: 10 }).map((low) => aimed(low, low + 4)),
    fc.constant(hold),
  ),
  days: fc.array(anyDay, { minLength: WEEKS, maxLength: WEEKS }),
});
type Person = typeof anyPerson extends fc.Arbitrary<infer Value> ? Value : never;

function start({ ladder, plan, bodyMassKg, tier, conditions, owned }: Person, growth: Scheme) {
  const cautions = conditions.map((condition) => ({ condition }));
  return oneSlot(ladder, plan, growth, aParticipant({ bodyMassKg, tier, cautions }), owned);
}

function goes({ days }: Person) {
  return (cell: ReadyCell): DoneSet | undefined => {
    const { missed, over, left, pain, formLost } = days[cell.week - 1]!;
    // Weeks are missed from the first one on that was logged.
    if (missed && cell.week > 1) return undefined;
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
  cells.forEach((cell, at) => {
    if (cell.status !== 'ready') {
      if (cells[0]?.status === 'ready') found.push(`week ${at + 1} has no next step: ${cell.because}`);
      return;
    }
    if (applyCautions(cell.version, cautionSubjects(participant), catalog).kind === 'blocked') {
      found.push(`week ${at + 1}: ${cell.version.name} is blocked`);
    }
    if (!cell.load) return;
    const { hold: held, kg } = cell.load;
    const { band } = cell.version.exercise.loading ?? {};
    const key = `${held} ${band?.fixedBy}`;
    const known =
      loads.get(key) ?? new Set(attainableLoads(after.kits, held).map((load) => massKey(load.kg)));
    loads.set(key, known);
    if (!known.has(massKey(kg))) found.push(`week ${at + 1}: ${kg} kg cannot be made`);
    const before = cells[at - 1];
    if (before?.status !== 'ready' || !before.load || before.version.name !== cell.version.name) return;
    const from = growth.kind === 'wave' ? heaviestBefore(cells, at) : before.load.kg;
    if (kg > from * (1 + growth.capPercent / 100) + 1e-6) found.push(`week ${at + 1}: ${from} to ${kg} kg`);
  });
  const late = { ...after, log: [...after.log].reverse() };
  const again = createResolver(() => LAST_MONDAY).board(late, { sessionId: 's', week: WEEKS }).rows[0]!
    .cells[0]!;
  if (told(again) !== told(cells[WEEKS - 1]!)) found.push(`another order: ${told(again)}`);
  return found;
}

/** Throws what was found, so that a property gives the smallest person it goes wrong for. */
function expectNone(found: readonly string[]): void {
  if (found.length > 0) throw new Error(found.join('; '));
  expect(found).toEqual([]);
}

/** What a cell asks, in one line. */
function told(cell: Cell): string {
  if (cell.status !== 'ready') return cell.because;
  const { work, load, version } = cell;
  return `${version.name} ${work.sets} × ${work.amount} ${massKey(load?.kg ?? 0)} ${JSON.stringify(work.tempo)}`;
}

/** What stops someone who does all that is asked; each of these is said in a sentence. */
const STOPPED =
  /same until|Nothing harder comes after|as long as it gets|heaviest there is|by hand|gate|stays closed|clock|near enough|Nobody said|as many as|as planned|top of the range|Held to|All \d+ rounds|On the wave|lighter week|Nothing to go by|not a whole rep/i;

describe('a thousand simulated people over twelve weeks', () => {
  for (const growth of Object.values(USUAL_SCHEMES)) {
    it(`stay within cap, kit and cautions and always have a next step, ${growth.kind}`, () => {
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
        const { cells } = train(start(person, growth), WEEKS, ({ work }) => ({
          amount: work.amount,
          reserve: work.reserve ?? 2,
        }));
        expect(cells.length).toBe(WEEKS);
        for (let at = 0; at + 4 < cells.length; at += 1) {
          const [from, to] = [cells[at]!, cells[at + 4]!];
          if (to.status !== 'ready') continue;
          const stood = cells.slice(at, at + 5).every((cell) => told(cell) === told(from));
          const words = to.trace.map(({ sentence }) => sentence).join(' ');
          if (stood && !STOPPED.test(words))
            throw new Error(`${growth.kind} stands still at ${told(to)}: ${words}`);
        }
      }),
      { numRuns: 1000 },
    );
  });
});
