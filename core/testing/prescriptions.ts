import * as fc from 'fast-check';
import type { Prescription, Work } from '../src';

const count = (max: number) => fc.integer({ min: 1, max });
const optional = <Value>(value: fc.Arbitrary<Value>) => fc.option(value, { nil: undefined });

function compact<Value extends object>(value: Value): Value {
  return Object.fromEntries(Object.entries(value).filter(([, own]) => own !== undefined)) as Value;
}

const work: fc.Arbitrary<Work> = fc.oneof(
  count(100).map((reps) => ({ kind: 'reps' as const, reps })),
  fc.tuple(count(60), count(40)).map(([low, more]) => ({ kind: 'range' as const, low, high: low + more })),
  count(3600).map((seconds) => ({ kind: 'time' as const, seconds })),
  count(3600).map((seconds) => ({ kind: 'hold' as const, seconds })),
  fc
    .record({ upTo: optional(count(100)), seconds: optional(count(3600)) })
    .map((caps) => compact({ kind: 'most' as const, ...caps })),
  fc.record({ reps: count(100), seconds: count(3600) }).map((both) => ({ kind: 'either' as const, ...both })),
);

const target: fc.Arbitrary<Prescription['target']> = fc.oneof(
  fc.integer({ min: 0, max: 10 }).map((reps) => ({ kind: 'reserve' as const, reps })),
  fc.integer({ min: 2, max: 20 }).map((halves) => ({ kind: 'effort' as const, effort: halves / 2 })),
  fc.integer({ min: 20, max: 100 }).map((percent) => ({ kind: 'percent' as const, percent })),
  count(200).map((percent) => ({ kind: 'bodyMass' as const, percent })),
  fc.integer({ min: 1, max: 1000 }).map((quarters) => ({ kind: 'load' as const, loadKg: quarters / 4 })),
  fc.constant({ kind: 'rung' as const }),
  fc.constant({ kind: 'none' as const }),
);

const setPattern: fc.Arbitrary<NonNullable<Prescription['setPattern']>> = fc.oneof(
  fc.constantFrom('loadUp', 'loadDown', 'pyramid', 'dropOnForm').map((kind) => ({ kind }) as const),
  fc.record({ kind: fc.constantFrom('repsUp', 'repsDown'), by: count(20) }),
);

const part = fc.integer({ min: 0, max: 20 });

/** Any prescription there is. */
export const anyPrescription: fc.Arbitrary<Prescription> = fc
  .record({
    sets: count(20),
    work,
    perSide: fc.boolean(),
    sideOrder: optional(fc.constantFrom('alternating', 'swapLead')),
    one: optional(
      fc.constantFrom('two squats + two rows', 'left and right', '2 swings + 1 press', 'reach out'),
    ),
    range: optional(fc.constantFrom('topHalf', 'bottomHalf', 'quarterAdded', 'pulsesToEnd')),
    target,
    tempo: optional(
      fc
        .record({ down: part, pause: part, up: part, top: optional(count(20)) })
        .map((tempo) => compact(tempo)),
    ),
    setPattern: optional(setPattern),
    restSeconds: optional(fc.integer({ min: 0, max: 900 })),
    activeRest: optional(fc.constantFrom('walking', 'easy march', 'shaking out')),
  })
  .map(({ sideOrder, activeRest, ...rest }) =>
    compact({
      ...rest,
      ...(rest.perSide && { sideOrder }),
      ...(rest.restSeconds !== undefined && { activeRest }),
    }),
  ) as fc.Arbitrary<Prescription>;
