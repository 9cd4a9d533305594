import * as fc from 'fast-check';
import type { Catalog } from '../src/ladder';
import {
  blockKindSchema,
  BLOCKS,
  combinationSidesSchema,
  type CombinationPart,
  type CombinationSource,
  type MovementSource,
  type Session,
  type SlotSource,
} from '../src/model';
import { anyPrescription } from './prescriptions';

/** Any ladder or exercise. */
export function anyMovement(catalog: Catalog): fc.Arbitrary<MovementSource> {
  return fc.oneof(
    fc.constantFrom(...catalog.ladders.keys()).map((ladderId) => ({ kind: 'ladder' as const, ladderId })),
    fc
      .constantFrom(...catalog.exercises.keys())
      .map((exerciseId) => ({ kind: 'exercise' as const, exerciseId })),
  );
}

/** Any two to four movements as one repetition, however odd. */
export function anyCombination(catalog: Catalog): fc.Arbitrary<CombinationSource> {
  const part = fc
    .record({
      source: anyMovement(catalog),
      times: fc.option(fc.integer({ min: 2, max: 10 }), { nil: undefined, freq: 2 }),
      held: fc.option(fc.constant(true as const), { nil: undefined, freq: 1 }),
    })
    .map(({ source, times, held }): CombinationPart => ({
      source,
      ...(times && { times }),
      ...(held && { held }),
    }));
  return fc
    .record({
      parts: fc
        .array(part, { minLength: 2, maxLength: 4 })
        .filter((parts) => parts.some(({ held }) => !held)),
      sides: fc.option(fc.constantFrom(...combinationSidesSchema.options), { nil: undefined }),
    })
    .map(({ parts, sides }) => ({ kind: 'combination', parts, ...(sides && { sides }) }));
}

/** Any session a coach could write from a catalog. */
export function anySession(catalog: Catalog): fc.Arbitrary<Session> {
  const source: fc.Arbitrary<SlotSource> = fc.oneof(
    { weight: 4, arbitrary: anyMovement(catalog) },
    { weight: 1, arbitrary: anyCombination(catalog) },
  );
  const prescriptions = fc.oneof(
    anyPrescription.map((one) => ({ beginner: one, intermediate: one, advanced: one })),
    fc.record({ beginner: anyPrescription, intermediate: anyPrescription, advanced: anyPrescription }),
  );
  const slot = fc
    .record({ source, prescriptions, twin: fc.option(source, { nil: undefined, freq: 3 }) })
    .map(({ twin, ...rest }) => ({ ...rest, ...(twin && { twin }) }));
  const block = fc
    .record({
      kind: fc.constantFrom(...blockKindSchema.options),
      restSeconds: fc.integer({ min: 0, max: 900 }),
      between: fc.option(fc.integer({ min: 0, max: 900 }), { nil: undefined }),
      slots: fc.array(slot, { maxLength: 4 }),
    })
    .map(({ between, ...rest }) => ({
      ...rest,
      ...(between !== undefined && BLOCKS[rest.kind].grouped && { betweenSeconds: between }),
    }));
  const name = fc.constantFrom(
    'Tuesday',
    'Low tide',
    'Evening: arms | trunk',
    'Thirty, and a bit',
    '"Quoted" (1)',
  );
  return fc
    .record({
      name,
      budgetMinutes: fc.integer({ min: 5, max: 180 }),
      blocks: fc.array(block, { maxLength: 5 }),
    })
    .map(({ name: own, budgetMinutes, blocks }) => ({
      id: 'session',
      name: own,
      budgetMinutes,
      blocks: blocks.map(({ slots, ...rest }, at) => ({
        ...rest,
        id: `b${at}`,
        slots: slots.map((one, index) => ({ ...one, id: `b${at}-${index}` })),
      })),
    }));
}
