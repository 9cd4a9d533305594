import './without-eval';
import * as z from 'zod';
import { DEFAULT_CAP_PERCENT } from './limits';

const capPercentSchema = z.number().min(1).max(DEFAULT_CAP_PERCENT);

/** Where a session is held more than once a week: it grows from week to week, or from every class to the next. */
const EVERY = { every: z.literal('class').optional() } as const;

/** How the work of a slot grows from week to week. */
export const schemeSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('repsThenLoad'),
    /** Reps added a week until the range is full. */
    stepReps: z.int().min(1).max(5),
    capPercent: capPercentSchema,
    ...EVERY,
  }),
  z
    .strictObject({
      kind: z.literal('cappedPercent'),
      percentPerWeek: z.number().min(0.5).max(DEFAULT_CAP_PERCENT),
      capPercent: capPercentSchema,
      ...EVERY,
    })
    .refine((scheme) => scheme.percentPerWeek <= scheme.capPercent, {
      message: 'the weekly growth cannot be more than its cap',
      path: ['percentPerWeek'],
    }),
  /** The next load when the last set went two over its goal on two visits running. */
  z.strictObject({ kind: z.literal('twoForTwo'), capPercent: capPercentSchema, ...EVERY }),
  /** By what was really left against what was asked to be left: more, the same, or less. */
  z.strictObject({ kind: z.literal('byReserve'), capPercent: capPercentSchema, ...EVERY }),
  /** Holds and timed work grow by seconds, up to so many. */
  z.strictObject({
    kind: z.literal('timeFirst'),
    stepSeconds: z.int().min(1).max(30),
    mostSeconds: z.int().min(5).max(600),
    capPercent: capPercentSchema,
    ...EVERY,
  }),
  /** A round more, up to so many; then the next load, and back to the plan's rounds. */
  z.strictObject({
    kind: z.literal('roundsFirst'),
    mostSets: z.int().min(2).max(20),
    capPercent: capPercentSchema,
    ...EVERY,
  }),
  /** Every set to the end of good form; the load drops back when form goes before the low end. */
  z.strictObject({
    kind: z.literal('technicalFailure'),
    dropPercent: z.number().min(2).max(30),
    capPercent: capPercentSchema,
    ...EVERY,
  }),
  /** The harder version before the heavier load: lever by lever, then the next rung. */
  z.strictObject({ kind: z.literal('rungFirst'), capPercent: capPercentSchema, ...EVERY }),
  /** Shares of the maximum that come and go over the program. */
  z
    .strictObject({
      kind: z.literal('wave'),
      shape: z.enum(['linear', 'undulating', 'step']),
      fromPercent: z.number().min(40).max(90),
      toPercent: z.number().min(45).max(95),
      /** Weeks of a step; the last of them is the lighter one. */
      stepWeeks: z.int().min(3).max(6),
      capPercent: capPercentSchema,
      ...EVERY,
    })
    .refine(({ fromPercent, toPercent }) => fromPercent < toPercent, {
      message: 'a wave has to end higher than it begins',
      path: ['toPercent'],
    }),
]);
export type Scheme = z.infer<typeof schemeSchema>;
