import * as z from 'zod';
import { classSchema } from './class';
import { ownExerciseSchema } from './exercise';
import { kitSchema } from './kit';
import { ladderSchema } from './ladder';
import { logEntrySchema, visitSchema } from './log';
import { overrideSchema } from './override';
import { participantSchema } from './participant';
import { programSchema } from './program';
import { sessionSchema } from './session';
import { DOCUMENT_VERSION } from './version';
import { nameSchema, unitSchema, versionIdSchema } from './vocabulary';

const pauseSchema = z.number().min(0).max(120);
/** Times of the work and between it, in seconds, where the class differs from the usual ones. */
export const timingSchema = z.strictObject({
  setUpSeconds: pauseSchema.optional(),
  changeSeconds: pauseSchema.optional(),
  floorSeconds: pauseSchema.optional(),
  wallSeconds: pauseSchema.optional(),
  sideSeconds: pauseSchema.optional(),
  /** One repetition, by exercise: as measured on the floor. It goes before the pace of a session. */
  perRep: z
    .record(versionIdSchema, z.number().min(0.5).max(30))
    .refine((perRep) => Object.keys(perRep).length <= 1000, { message: 'up to 1,000 exercises are timed' })
    .optional(),
});
export type Timing = z.infer<typeof timingSchema>;

/** Words somebody used, and what was chosen for them: asked once, then known. */
export const saidSchema = z
  .record(z.string().min(1).max(160), nameSchema)
  .refine((said) => Object.keys(said).length <= 500, { message: 'up to 500 names are remembered' });

export const settingsSchema = z.strictObject({
  unit: unitSchema,
  timing: timingSchema.optional(),
  /** Every class that was run puts the times right: so the coach has said once. */
  timesAsMeasured: z.literal(true).optional(),
  said: saidSchema.optional(),
});
export type Settings = z.infer<typeof settingsSchema>;

/** Everything a coach has, as one file. */
export const documentSchema = z.strictObject({
  format: z.literal('dray'),
  version: z.literal(DOCUMENT_VERSION),
  settings: settingsSchema,
  /** The coach's own exercises and ladders, beside those that ship; they travel in the document. */
  exercises: z.array(ownExerciseSchema),
  ladders: z.array(ladderSchema),
  kits: z.array(kitSchema),
  participants: z.array(participantSchema),
  sessions: z.array(sessionSchema),
  programs: z.array(programSchema),
  overrides: z.array(overrideSchema),
  /** What was held, moved, cancelled or put in; what is only planned stands in programs. */
  classes: z.array(classSchema),
  log: z.array(logEntrySchema),
  /** How hard each visit was, where somebody asked. */
  visits: z.array(visitSchema),
});
export type DrayDocument = z.infer<typeof documentSchema>;
