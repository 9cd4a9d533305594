import './without-eval';
import * as z from 'zod';
import { MOST_REPS } from './limits';

const REPS_WORDS = `reps are a whole number from 1 to ${MOST_REPS}`;
const repsSchema = z.int(REPS_WORDS).min(1, REPS_WORDS).max(MOST_REPS, REPS_WORDS);
const SECONDS_WORDS = 'a time is a whole number of seconds, from 1 to 3600';
const secondsSchema = z.int(SECONDS_WORDS).min(1, SECONDS_WORDS).max(3600, SECONDS_WORDS);

/** What one set is. */
export const workSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('reps'), reps: repsSchema }),
  z
    .strictObject({ kind: z.literal('range'), low: repsSchema, high: repsSchema })
    .refine((range) => range.low < range.high, {
      message: 'the low end of a range comes before its high end',
    }),
  z.strictObject({ kind: z.literal('time'), seconds: secondsSchema }),
  z.strictObject({ kind: z.literal('hold'), seconds: secondsSchema }),
  /** As many as possible: up to so many, within so long, or until form goes. */
  z.strictObject({
    kind: z.literal('most'),
    upTo: repsSchema.optional(),
    seconds: secondsSchema.optional(),
  }),
  /** Reps or a time, as the participant prefers. */
  z.strictObject({ kind: z.literal('either'), reps: repsSchema, seconds: secondsSchema }),
]);
export type Work = z.infer<typeof workSchema>;

/**
 * How hard: repetitions in reserve, effort from 1 to 10, a share of the maximum or of body mass, a load, what the rung's
 * gate says, or nothing said.
 */
export const targetSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('reserve'), reps: z.int().min(0).max(10) }),
  z.strictObject({ kind: z.literal('effort'), effort: z.number().min(1).max(10).multipleOf(0.5) }),
  z.strictObject({ kind: z.literal('percent'), percent: z.number().min(20).max(100) }),
  z.strictObject({ kind: z.literal('bodyMass'), percent: z.number().min(1).max(200) }),
  z.strictObject({ kind: z.literal('load'), loadKg: z.number().positive().max(500) }),
  z.strictObject({ kind: z.literal('rung') }),
  z.strictObject({ kind: z.literal('none') }),
]);
export type Target = z.infer<typeof targetSchema>;

const countsSchema = z.int().min(0).max(20);
/** Seconds down, held at the bottom, up, held at the top. */
export const tempoSchema = z.strictObject({
  down: countsSchema,
  pause: countsSchema,
  up: countsSchema,
  top: z.int().min(1).max(20).optional(),
});
export type Tempo = z.infer<typeof tempoSchema>;

/** Less or more than the full way; absent is the full way. */
export const rangeSchema = z.enum(['topHalf', 'bottomHalf', 'quarterAdded', 'pulsesToEnd', 'holdToEnd']);
/** How long the end of a set is held where it says so. Common practice, no published source. */
export const HOLD_TO_END_SECONDS = 10;
export type Range = z.infer<typeof rangeSchema>;

/** One side after the other is what "each side" means when nothing more is said. */
export const sideOrderSchema = z.enum(['alternating', 'swapLead']);
export type SideOrder = z.infer<typeof sideOrderSchema>;

/** How sets differ from each other; absent is all the same. */
export const setPatternSchema = z.discriminatedUnion('kind', [
  /** The first set light, then more. */
  z.strictObject({ kind: z.literal('loadUp') }),
  /** Heavy first, less each set, the last with nothing. */
  z.strictObject({ kind: z.literal('loadDown') }),
  /** Up to the middle set, and down again. */
  z.strictObject({ kind: z.literal('pyramid') }),
  z.strictObject({ kind: z.literal('repsDown'), by: z.int().min(1).max(20) }),
  z.strictObject({ kind: z.literal('repsUp'), by: z.int().min(1).max(20) }),
  /** When form goes, the load is put down and the set finished without. */
  z.strictObject({ kind: z.literal('dropOnForm') }),
]);
export type SetPattern = z.infer<typeof setPatternSchema>;

const PLAIN_WORDS = 'a few plain words: letters, numbers and + only';
/** Words that stand in the shorthand, and so carry none of its signs. */
const plainWordsSchema = z
  .string()
  .min(2, PLAIN_WORDS)
  .max(60, PLAIN_WORDS)
  .regex(/^[\p{L}\d]+(?:[ +'-]*[\p{L}\d]+)*$/u, PLAIN_WORDS);

export const SETS_WORDS = 'sets are a whole number from 1 to 20';

export const prescriptionSchema = z
  .strictObject({
    sets: z.int(SETS_WORDS).min(1, SETS_WORDS).max(20, SETS_WORDS),
    work: workSchema,
    /** The work is done on each side. */
    perSide: z.boolean(),
    sideOrder: sideOrderSchema.optional(),
    /** What counts as one here, when it is not what the exercise says: "two squats + two rows". */
    one: plainWordsSchema.optional(),
    range: rangeSchema.optional(),
    target: targetSchema,
    tempo: tempoSchema.optional(),
    setPattern: setPatternSchema.optional(),
    /** After each set; when absent, the block's own rest. */
    restSeconds: z.int().min(0).max(900).optional(),
    /** What is done while resting: "walking". */
    activeRest: plainWordsSchema.optional(),
  })
  .refine(({ perSide, sideOrder }) => perSide || sideOrder === undefined, {
    message: 'an order of sides needs work on each side',
  })
  .refine(({ restSeconds, activeRest }) => restSeconds !== undefined || activeRest === undefined, {
    message: 'an active rest needs its seconds',
  });
export type Prescription = z.infer<typeof prescriptionSchema>;

export const prescriptionByTierSchema = z.strictObject({
  beginner: prescriptionSchema,
  intermediate: prescriptionSchema,
  advanced: prescriptionSchema,
});
export type PrescriptionByTier = z.infer<typeof prescriptionByTierSchema>;
