import * as z from 'zod';
import { idSchema } from './vocabulary';

/** One set as it was done. */
export const logEntrySchema = z.strictObject({
  id: idSchema,
  participantId: idSchema,
  sessionId: idSchema,
  slotId: idSchema,
  week: z.int().min(1).max(16),
  date: z.iso.date(),
  exerciseId: idSchema,
  /** Which version, where body weight is the load. */
  rungId: idSchema.optional(),
  set: z.int().min(1).max(20),
  loadKg: z.number().min(0).max(500).optional(),
  amount: z.int().min(0).max(3600),
  /** What the amount counts. */
  counted: z.enum(['reps', 'seconds']),
  reserve: z.int().min(0).max(10).optional(),
  /** Points of the rung's gate that were seen. */
  seen: z.array(z.string().max(120)).max(4).optional(),
  note: z.string().max(400).optional(),
});
export type LogEntry = z.infer<typeof logEntrySchema>;
