import * as z from 'zod';
import { schemeSchema } from './scheme';
import { idSchema, nameSchema } from './vocabulary';

export const programWeekSchema = z.strictObject({
  week: z.int().min(1).max(16),
  sessionIds: z.array(idSchema).max(14),
});
export type ProgramWeek = z.infer<typeof programWeekSchema>;

export const programSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  startDate: z.iso.date(),
  weeks: z.array(programWeekSchema).min(1).max(16),
  /** For every slot that has no scheme of its own. */
  scheme: schemeSchema,
});
export type Program = z.infer<typeof programSchema>;
