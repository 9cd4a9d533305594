import * as z from 'zod';
import { MOST_DAYS_A_WEEK, MOST_WEEKS, WHOLE_CAP_PERCENT } from './limits';
import { schemeSchema } from './scheme';
import { archivedSchema, idSchema, nameSchema } from './vocabulary';

/** 1 is Monday, as ISO 8601 counts. */
export const weekdaySchema = z.int().min(1).max(7);
export const programDaySchema = z.strictObject({ weekday: weekdaySchema, sessionId: idSchema });
export type ProgramDay = z.infer<typeof programDaySchema>;

export const programWeekSchema = z.strictObject({
  week: z.int().min(1).max(MOST_WEEKS),
  days: z.array(programDaySchema).max(MOST_DAYS_A_WEEK),
  /** Fewer sets at the same load, and nothing grows. */
  lighter: z.boolean().optional(),
});
export type ProgramWeek = z.infer<typeof programWeekSchema>;

/** Days on which there is no class, both ends included. */
export const holidaySchema = z
  .strictObject({ from: z.iso.date(), to: z.iso.date(), name: z.string().max(80).optional() })
  .refine(({ from, to }) => from <= to, { message: 'a holiday cannot end before it begins', path: ['to'] });
export type Holiday = z.infer<typeof holidaySchema>;

/** A program's weeks begin on its start date: week 1 is that day and the six after it. */
export const programSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  startDate: z.iso.date(),
  /** When class begins, on the clock of wherever it is. */
  startTime: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time is written like 18:30')
    .optional(),
  weeks: z.array(programWeekSchema).min(1).max(MOST_WEEKS),
  /** For every slot that has no scheme of its own. */
  scheme: schemeSchema,
  holidays: z.array(holidaySchema).max(40).optional(),
  /** The most all work of a session may grow from one week to the next, in percent. */
  wholeCapPercent: z.number().min(WHOLE_CAP_PERCENT.least).max(WHOLE_CAP_PERCENT.most).optional(),
  archived: archivedSchema,
});
export type Program = z.infer<typeof programSchema>;
