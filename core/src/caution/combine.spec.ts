import * as fc from 'fast-check';
import { aContext, aParticipant, aSlot, everyProp, pairs, reps } from '../../testing/people';
import { unsafeIn } from '../../testing/safety';
import { withLever, type Version } from '../ladder';
import { catalog, LIBRARY_EXERCISES, LIBRARY_LADDERS } from '../library';
import {
  conditionSchema,
  LEVERS,
  TIERS,
  type Condition,
  type Implement,
  type Prescription,
  type Slot,
} from '../model';
import { resolve } from '../resolve';
import { applyCautions, cautionSubjects } from './index';

const CONDITIONS = conditionSchema.options;

/** Everything a full room has. */
const ROOM: Implement[] = [
  ...pairs(1, 2, 4, 6, 8, 10, 12.5, 16, 20),
  ...everyProp(),
  { kind: 'prop', id: 'anchor', prop: 'anchor' },
  { kind: 'prop', id: 'overheadBar', prop: 'overheadBar' },
  { kind: 'vest', id: 'v', emptyKg: 1, insertKg: 1, inserts: 8 },
  { kind: 'ankle', id: 'a', massKg: 1, count: 4 },
  { kind: 'bar', id: 'bar', form: 'barbell', barKg: 10, plates: [{ massKg: 5, count: 4 }] },
];

const plan = (work: Prescription['work']): Prescription => ({
  sets: 3,
  work,
  perSide: false,
  target: { kind: 'none' },
});
/** As many as possible, a long time, a long hold, the one or the other, rising from set to set. */
const PLANS: readonly Prescription[] = [
  reps(3, 15, 0),
  plan({ kind: 'most' }),
  plan({ kind: 'time', seconds: 45 }),
  plan({ kind: 'hold', seconds: 60 }),
  plan({ kind: 'either', reps: 10, seconds: 60 }),
  { ...plan({ kind: 'hold', seconds: 20 }), setPattern: { kind: 'repsUp', by: 10 } },
];

const withConditions = (conditions: readonly Condition[]) => conditions.map((condition) => ({ condition }));

describe('several conditions at once', () => {
  it('say the same in whatever order they were entered, in all orders of up to three', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...catalog.versions),
        fc.uniqueArray(fc.constantFrom(...CONDITIONS), { minLength: 2, maxLength: 3 }),
        (version, conditions) => {
          const answers = ordersOf(conditions).map((order) => {
            // A version of its own for each order, so that no answer is remembered from another.
            const own: Version = { ...version };
            const verdict = applyCautions(own, cautionSubjects({ cautions: withConditions(order) }), catalog);
            if (verdict.kind === 'blocked') return { blocked: verdict.rule.words, ...verdict.limits };
            const { version: as, rules, limits, holds } = verdict;
            return {
              name: as.name,
              levers: as.levers,
              rules: rules.map(({ words }) => words),
              limits,
              holds,
            };
          });
          for (const answer of answers) expect(answer).toEqual(answers[0]!);
        },
      ),
      { numRuns: 4000 },
    );
  });

  it('never allow more than one of them alone: what one blocks, all block, and limits only get stricter', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...catalog.versions),
        fc.uniqueArray(fc.constantFrom(...CONDITIONS), { minLength: 2, maxLength: 3 }),
        (version, conditions) => {
          const together = applyCautions(version, conditions, catalog);
          if (together.kind === 'blocked') return;
          for (const condition of conditions) {
            // Of the version it came to: the way there may have left the demand behind.
            const alone = applyCautions(together.version, [condition], catalog);
            expect(alone.kind).toBe('allowed');
            expect(together.limits.reserveAtLeast).toBeGreaterThanOrEqual(alone.limits.reserveAtLeast);
            expect(together.limits.holdAtMostSeconds).toBeLessThanOrEqual(alone.limits.holdAtMostSeconds);
          }
        },
      ),
      { numRuns: 4000 },
    );
  });

  it('come to rest: what came out is left as it is when it is asked again', () => {
    for (const version of catalog.versions) {
      for (const condition of CONDITIONS) {
        const once = applyCautions(version, [condition], catalog);
        if (once.kind === 'blocked') continue;
        const again = applyCautions(once.version, [condition], catalog);
        expect(again.kind === 'allowed' && again.version).toBe(once.version);
      }
    }
  });
});

describe('every exercise, for every condition and tier', () => {
  it('is never given against a caution, above a tier or past a limit, at either end of any lever', () => {
    const wrong: string[] = [];
    let asked = 0;
    for (const exercise of LIBRARY_EXERCISES) {
      for (const condition of CONDITIONS) {
        const prescription = PLANS[asked % PLANS.length]!;
        for (const tier of TIERS) {
          asked += 1;
          const person = aParticipant({ tier, cautions: [{ condition }] });
          const slot: Slot = {
            ...aSlot('squat', prescription),
            source: { kind: 'exercise', exerciseId: exercise.id },
          };
          const cell = resolve(slot, aContext(person, ROOM));
          const most = exercise.tier ? tier : 'advanced';
          wrong.push(
            ...unsafeIn(cell, person, most).map((words) => `${exercise.id}, ${condition}, ${tier}: ${words}`),
          );
        }
      }
    }
    expect(wrong).toEqual([]);
    expect(asked).toBe(LIBRARY_EXERCISES.length * CONDITIONS.length * TIERS.length);
  });

  it('asks no less at the harder end of a lever than at the easier one', () => {
    for (const version of catalog.versions) {
      for (const { lever, from, to } of version.exercise.levers) {
        const ends = [from, to].map((value) => withLever(version, lever, value, 'moved'));
        const [easy, hard] = LEVERS[lever].harder === 'up' ? ends : [...ends].reverse();
        for (const demand of easy!.demands) expect(hard!.demands).withContext(version.name).toContain(demand);
        for (const condition of CONDITIONS) {
          const atEase = applyCautions(easy!, [condition], catalog).kind;
          const atFull = applyCautions(hard!, [condition], catalog).kind;
          // What is blocked at its easy end is not allowed at its hard one.
          if (atEase === 'blocked') {
            expect(atFull).withContext(`${version.name}, ${condition}, ${lever}`).toBe('blocked');
          }
        }
      }
    }
  });
});

describe('every ladder, for every pair of conditions', () => {
  it('gives something safe or nothing: no blocked demand, no harder tier, no limit passed', () => {
    const wrong: string[] = [];
    let asked = 0;
    CONDITIONS.forEach((a, at) => {
      for (const b of CONDITIONS.slice(at + 1)) {
        for (const ladder of LIBRARY_LADDERS) {
          const tier = TIERS[asked % TIERS.length]!;
          const prescription = PLANS[asked % PLANS.length]!;
          asked += 1;
          const person = aParticipant({ tier, cautions: withConditions([a, b]) });
          const cell = resolve(aSlot(ladder.id, prescription), aContext(person, ROOM));
          wrong.push(...unsafeIn(cell, person, tier).map((words) => `${ladder.id}, ${a} and ${b}: ${words}`));
        }
      }
    });
    expect(wrong).toEqual([]);
    expect(asked).toBe(((CONDITIONS.length * (CONDITIONS.length - 1)) / 2) * LIBRARY_LADDERS.length);
  });
});

function ordersOf<Item>(items: readonly Item[]): Item[][] {
  if (items.length < 2) return [[...items]];
  return items.flatMap((first, at) =>
    ordersOf(items.filter((_, other) => other !== at)).map((rest) => [first, ...rest]),
  );
}
