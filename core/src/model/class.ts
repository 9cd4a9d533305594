import * as z from 'zod';
import { idSchema } from './vocabulary';

/** The furthest a class is counted: years of one held twice a week, outside any program. */
export const MOST_COUNTED = 400;
export const countedWeekSchema = z.int().min(1).max(MOST_COUNTED);
/** Twice a day and one more each day: no session is held more often in a week. */
export const MOST_IN_A_WEEK = 21;
/** Which of a session's classes in a week, as they were planned; more than one only where it is held more than once. */
export const nthSchema = z.int().min(1).max(MOST_IN_A_WEEK);

/**
 * A class that was held, moved, cancelled or put in beside the plan: a session on a date, with who was there. One that is only
 * planned stands in its program.
 */
export const classSchema = z.strictObject({
  /** Made by `classId`. */
  id: z.string().min(1).max(100),
  sessionId: idSchema,
  /** Of its program; outside any program classes are counted from 1. */
  week: countedWeekSchema,
  nth: nthSchema,
  date: z.iso.date(),
  startTime: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time is written like 18:30')
    .optional(),
  cancelled: z.literal(true).optional(),
  /** Who was there. */
  there: z.array(idSchema).max(200),
});
export type ClassHeld = z.infer<typeof classSchema>;
