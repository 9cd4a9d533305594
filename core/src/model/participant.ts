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

const LOAD_WORDS = 'a load has to be more than 0 and at most 500 kg (1100 lb)';
const REPS_WORDS = 'reps are a whole number from 1 to 30; more say little about strength';
const RESERVE_WORDS = 'reps left are a whole number from 0 to 10';

/** A set that was really done, from which strength is worked out. */
export const knownSetSchema = z.strictObject({
  exerciseId: idSchema,
  /** Which version, where body weight is the load and the version says how much of it. */
  rungId: idSchema.optional(),
  /** All that was held, both hands together; absent when it was body weight alone. */
  loadKg: z.number(LOAD_WORDS).positive(LOAD_WORDS).max(500, LOAD_WORDS).optional(),
  reps: z.int(REPS_WORDS).min(1, REPS_WORDS).max(30, REPS_WORDS),
  /** Repetitions left undone; absent when nobody asked. */
  reserve: z.int(RESERVE_WORDS).min(0, RESERVE_WORDS).max(10, RESERVE_WORDS).optional(),
  date: z.iso.date(),
});
export type KnownSet = z.infer<typeof knownSetSchema>;

export const sexSchema = z.enum(['female', 'male']);
export type Sex = z.infer<typeof sexSchema>;

/** How long someone has trained with loads: never, on and off, for months, for years. */
export const experienceSchema = z.enum(['new', 'some', 'months', 'years']);
export type Experience = z.infer<typeof experienceSchema>;

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
  heightCm: z.number().min(90).max(230).optional(),
  birthYear: z.int().min(1900).max(2020).optional(),
  sex: sexSchema.optional(),
  experience: experienceSchema.optional(),
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
