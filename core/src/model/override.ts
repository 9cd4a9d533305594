import * as z from 'zod';
import { countedWeekSchema, nthSchema } from './class';
import { leverSettingsSchema } from './lever';
import { countedSchema, idSchema, versionIdSchema } from './vocabulary';

const REASON_WORDS = 'an override needs its reason in a few words';

/** What a coach made of a proposal: agreed to it, to the other way on that stood beside it, or to neither. */
export const decisionSchema = z.enum(['agreed', 'otherWay', 'declined']);
export type Decision = z.infer<typeof decisionSchema>;

/** The coach's own hand on one cell: whatever is set here wins over every step. */
export const overrideSchema = z
  .strictObject({
    id: idSchema,
    participantId: idSchema,
    slotId: idSchema,
    fromWeek: countedWeekSchema,
    /** From which of that week's classes on, where there are several. */
    fromNth: nthSchema.optional(),
    /** The last week it holds; for good when absent. */
    toWeek: countedWeekSchema.optional(),
    toNth: nthSchema.optional(),
    /** A combination's too, see `combinedId`. */
    exerciseId: versionIdSchema.optional(),
    /** A rung of whichever ladder holds it; wins over `exerciseId`. */
    rungId: idSchema.optional(),
    /** Where levers stand on that rung. */
    levers: leverSettingsSchema.optional(),
    sets: z.int().min(1).max(20).optional(),
    /** Reps, or seconds where the work is a time or a hold. */
    amount: z.int().min(1).max(3600).optional(),
    /** Which of these the amount is: where the plan counts otherwise by now, its own number stands. */
    counted: countedSchema.optional(),
    /** All that is held; 0 is body weight alone. */
    loadKg: z.number().min(0).max(500).optional(),
    /** Not done at all in these weeks. */
    leaveOut: z.literal(true).optional(),
    /** A lighter week: fewer sets, less load, and what comes after goes on from before it. */
    lighter: z.literal(true).optional(),
    reason: z.string().trim().min(1, REASON_WORDS).max(400, REASON_WORDS),
    /** Decided after the review of this week, and not set against anything. */
    reviewOfWeek: countedWeekSchema.optional(),
    reviewOfNth: nthSchema.optional(),
    /** What was decided of that review's proposal. */
    decision: decisionSchema.optional(),
  })
  .refine((override) => override.toWeek === undefined || override.toWeek >= override.fromWeek, {
    message: 'an override cannot end before it begins',
    path: ['toWeek'],
  });
export type Override = z.infer<typeof overrideSchema>;
