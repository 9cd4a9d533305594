import * as fc from 'fast-check';
import { blockKindSchema } from '../src/model';
import {
  USUAL_RULES,
  type FloorPlan,
  type FloorTurn,
  type LaneWork,
  type RunEvent,
  type RunEventKind,
} from '../src/floor';

const PEOPLE = ['ana', 'ben', 'cal', 'dot'];

const station = fc.record({
  doing: fc.constantFrom('squat', 'row', 'plank'),
  holding: fc.constantFrom('', 'dumbbell 8 kg', 'bottle'),
  onFloor: fc.boolean(),
  place: fc.constantFrom('', 'wall'),
});
const set = fc.record({
  stretchesMs: fc.oneof(
    fc.tuple(fc.integer({ min: 1, max: 90_000 })),
    fc.tuple(fc.integer({ min: 1, max: 60_000 }), fc.integer({ min: 1, max: 60_000 })),
  ),
  betweenMs: fc.integer({ min: 0, max: 5000 }),
  clocked: fc.boolean(),
});

function workOf(participantId: string, slotId: string): fc.Arbitrary<LaneWork> {
  return fc
    .record({
      sets: fc.array(set, { minLength: 1, maxLength: 4 }),
      open: fc.boolean(),
      amount: fc.integer({ min: 1, max: 60 }),
      kg: fc.option(fc.integer({ min: 1, max: 40 }), { nil: undefined }),
      station,
      restMs: fc.option(fc.integer({ min: 0, max: 90_000 }), { nil: undefined }),
      seconds: fc.boolean(),
    })
    .map(({ sets, open, amount, kg, restMs, seconds, ...work }) => {
      const asked = { amount, ...(kg !== undefined && { kg }) };
      return {
        ...work,
        name: slotId,
        open,
        restMs,
        activeRest: undefined,
        sets,
        asked: {
          participantId,
          slotId,
          week: 1,
          exerciseId: slotId,
          counted: seconds ? 'seconds' : 'reps',
          sets: sets.map(() => asked),
          beyond: asked,
        },
      };
    });
}

/** Classes of any size, of any blocks, with holes in them, counted and by the clock. */
export const floorPlans: fc.Arbitrary<FloorPlan> = fc
  .array(
    fc.record({
      kind: fc.constantFrom(...blockKindSchema.options),
      restMs: fc.integer({ min: 0, max: 120_000 }),
      betweenMs: fc.integer({ min: 0, max: 30_000 }),
      slots: fc.integer({ min: 1, max: 3 }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .chain((shapes) => {
    const blocks = shapes.map(({ slots, ...block }, at) => ({
      ...block,
      id: `b${at}`,
      slots: Array.from({ length: slots }, (_, slot) => ({ id: `b${at}s${slot}`, letter: '', name: '' })),
    }));
    const slotIds = blocks.flatMap(({ slots }) => slots.map(({ id }) => id));
    const lane = (participantId: string) =>
      fc
        .tuple(...slotIds.map((id) => fc.option(workOf(participantId, id), { nil: undefined, freq: 6 })))
        .map((works) => ({
          participantId,
          works: Object.fromEntries(works.flatMap((work) => (work ? [[work.asked.slotId, work]] : []))),
        }));
    return fc.record({
      blocks: fc.constant(blocks),
      lanes: fc.integer({ min: 1, max: 4 }).chain((count) => fc.tuple(...PEOPLE.slice(0, count).map(lane))),
      rules: fc.record({
        leadInMs: fc.integer({ min: 0, max: 15_000 }),
        counted: fc.constantFrom('key' as const, 'estimate' as const),
        waterEveryMs: fc.constantFrom(undefined, 60_000, 600_000),
        waterMs: fc.constant(USUAL_RULES.waterMs),
        timing: fc.constant(USUAL_RULES.timing),
      }),
    });
  });

/** What a coach may do at all, in any order, some of it senseless, at any pace. */
export function eventsOn(plan: FloorPlan, turns: readonly FloorTurn[]): fc.Arbitrary<RunEvent[]> {
  const kinds: RunEventKind[] = [
    'pause',
    'goOn',
    'next',
    'next',
    'next',
    'back',
    'otherSide',
    'skip',
    'onceMore',
    'cutRound',
    'moreRest',
    'water',
    'give',
    'arrive',
    'leave',
    'note',
    'note',
    'pain',
    'undo',
  ];
  const works = plan.lanes.flatMap((lane) => Object.values(lane.works));
  const one = fc
    .record({
      kind: fc.constantFrom(...kinds),
      after: fc.integer({ min: 0, max: 60_000 }),
      person: fc.constantFrom(...plan.lanes.map(({ participantId }) => participantId)),
      turn: fc.constantFrom(...turns.map(({ id }) => id), 'nowhere'),
      work: fc.constantFrom(undefined, ...works),
      amount: fc.integer({ min: 0, max: 50 }),
      lost: fc.boolean(),
    })
    .map(({ kind, after, person: participantId, turn: turnId, work, amount, lost }) => {
      const made = (at: number): RunEvent => {
        switch (kind) {
          case 'moreRest':
            return { kind, at, ms: 15_000 };
          case 'give':
            return work
              ? {
                  kind,
                  at,
                  participantId: work.asked.participantId,
                  work: { ...work, name: 'easier' },
                  ways: ['easier'],
                }
              : { kind: 'next', at };
          case 'arrive':
          case 'leave':
            return { kind, at, participantId };
          case 'note':
            return {
              kind,
              at,
              participantId,
              turnId,
              note: lost ? { amount, form: 'lost' } : { leftOut: true },
            };
          case 'pain':
            return {
              kind,
              at,
              participantId,
              turnId,
              pain: { place: 'knee', score: 3 },
              stops: lost && amount > 45 ? 'everything' : [turnId.split('.')[0] ?? ''],
            };
          default:
            return { kind, at };
        }
      };
      return { after, made };
    });
  return fc.array(one, { maxLength: 40 }).map((steps) => {
    let at = 1000;
    return [{ kind: 'start', at }, ...steps.map(({ after, made }) => made((at += after)))];
  });
}
