import * as z from 'zod';
import {
  conditionSchema,
  formulaSchema,
  idSchema,
  nameSchema,
  patternSchema,
  tierSchema,
  unitSchema,
} from './vocabulary';

/** A set that was really done, from which strength is worked out. */
export const knownSetSchema = z.strictObject({
  exerciseId: idSchema,
  /** All that was held, both hands together. */
  loadKg: z.number().positive().max(500),
  reps: z.int().min(1).max(30),
  /** Repetitions left undone. */
  reserve: z.int().min(0).max(10),
  date: z.iso.date(),
});
export type KnownSet = z.infer<typeof knownSetSchema>;

export const cautionSchema = z.strictObject({
  condition: conditionSchema,
  note: z.string().max(400).optional(),
});
export type Caution = z.infer<typeof cautionSchema>;

export const participantSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** A few words that tell who it is: "rigger". */
  role: z.string().max(80),
  unit: unitSchema,
  bodyMassKg: z.number().min(20).max(300),
  /** Where nothing more is known. */
  tier: tierSchema,
  tiers: z.partialRecord(patternSchema, tierSchema),
  /** Ladder id → rung id, where they stand on it. */
  rungs: z.record(idSchema, idSchema),
  kitIds: z.array(idSchema).max(10),
  cautions: z.array(cautionSchema).max(10),
  knownSets: z.array(knownSetSchema).max(200),
  formula: formulaSchema,
  notes: z.string().max(2000),
});
export type Participant = z.infer<typeof participantSchema>;
