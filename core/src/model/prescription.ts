import * as z from 'zod';

const REPS_WORDS = 'reps are a whole number from 1 to 100';
const repsSchema = z.int(REPS_WORDS).min(1, REPS_WORDS).max(100, REPS_WORDS);
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
]);
export type Work = z.infer<typeof workSchema>;

/** How hard: repetitions in reserve, a share of the maximum, a load, or nothing said. */
export const targetSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('reserve'), reps: z.int().min(0).max(10) }),
  z.strictObject({ kind: z.literal('percent'), percent: z.number().min(20).max(100) }),
  z.strictObject({ kind: z.literal('load'), loadKg: z.number().positive().max(500) }),
  z.strictObject({ kind: z.literal('none') }),
]);
export type Target = z.infer<typeof targetSchema>;

/** Seconds down, held at the bottom, up. */
export const tempoSchema = z.strictObject({
  down: z.int().min(0).max(20),
  pause: z.int().min(0).max(20),
  up: z.int().min(0).max(20),
});
export type Tempo = z.infer<typeof tempoSchema>;

export const SETS_WORDS = 'sets are a whole number from 1 to 20';

export const prescriptionSchema = z.strictObject({
  sets: z.int(SETS_WORDS).min(1, SETS_WORDS).max(20, SETS_WORDS),
  work: workSchema,
  perSide: z.boolean(),
  target: targetSchema,
  tempo: tempoSchema.optional(),
  /** After each set; when absent, the block's own rest. */
  restSeconds: z.int().min(0).max(900).optional(),
});
export type Prescription = z.infer<typeof prescriptionSchema>;

export const prescriptionByTierSchema = z.strictObject({
  beginner: prescriptionSchema,
  intermediate: prescriptionSchema,
  advanced: prescriptionSchema,
});
export type PrescriptionByTier = z.infer<typeof prescriptionByTierSchema>;
