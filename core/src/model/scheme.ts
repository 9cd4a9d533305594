import * as z from 'zod';

/** The most a load may grow from one week to the next, in percent. */
export const DEFAULT_CAP_PERCENT = 10;

const capPercentSchema = z.number().min(1).max(DEFAULT_CAP_PERCENT);

/** How the work of a slot grows from week to week. */
export const schemeSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('repsThenLoad'),
    /** Reps added a week until the range is full. */
    stepReps: z.int().min(1).max(5),
    capPercent: capPercentSchema,
  }),
  z
    .strictObject({
      kind: z.literal('cappedPercent'),
      percentPerWeek: z.number().min(0.5).max(DEFAULT_CAP_PERCENT),
      capPercent: capPercentSchema,
    })
    .refine((scheme) => scheme.percentPerWeek <= scheme.capPercent, {
      message: 'the weekly growth cannot be more than its cap',
      path: ['percentPerWeek'],
    }),
]);
export type Scheme = z.infer<typeof schemeSchema>;
