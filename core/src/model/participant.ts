import * as z from 'zod';
import { leverSettingsSchema } from './lever';
import {
  type Pattern,
  type Tier,
  archivedSchema,
  conditionSchema,
  formulaSchema,
  holdSchema,
  idSchema,
  nameSchema,
  patternSchema,
  surgeryPlaceSchema,
  tierSchema,
  unitSchema,
} from './vocabulary';

const LOAD_WORDS = 'a load has to be more than 0 and at most 500 kg (1100 lb)';
const REPS_WORDS = 'reps are a whole number from 1 to 30; more say little about strength';
const BODY_WORDS = 'has to be from 20 to 300 kg (44 to 660 lb)';
const RESERVE_WORDS = 'reps left are a whole number from 0 to 10';

/** A set that was really done, from which strength is worked out. */
export const knownSetSchema = z.strictObject({
  exerciseId: idSchema,
  /** Which version, where body weight is the load and the version says how much of it. */
  rungId: idSchema.optional(),
  /** All that was held, both hands together; absent when it was body weight alone. */
  loadKg: z.number(LOAD_WORDS).positive(LOAD_WORDS).max(500, LOAD_WORDS).optional(),
  /** How it was held; absent where nobody said. */
  hold: holdSchema.optional(),
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

const PRESSURE_WORDS = 'a blood pressure is written like 135 over 85';

/** Answers before the first session. */
export const readinessSchema = z.strictObject({
  symptoms: z.boolean(),
  knownDisease: z.boolean(),
  active: z.boolean(),
  vigorous: z.boolean(),
  /** A clinician has agreed to it. */
  cleared: z.boolean(),
  date: z.iso.date(),
});
export type Readiness = z.infer<typeof readinessSchema>;

/** A first-visit check: what was done, and the result in its own unit. */
export const checkKindSchema = z.enum([
  'chairStands',
  'pressUps',
  'kneePressUps',
  'plankSeconds',
  'heelToToeSeconds',
  'oneLegSeconds',
  'oneLegBlindSeconds',
]);
export type CheckKind = z.infer<typeof checkKindSchema>;
const RESULT_WORDS = 'a result is a number from 0 to 600';
export const checkResultSchema = z.strictObject({
  kind: checkKindSchema,
  result: z.number(RESULT_WORDS).min(0, RESULT_WORDS).max(600, RESULT_WORDS),
  date: z.iso.date(),
});
export type CheckResult = z.infer<typeof checkResultSchema>;

export const cautionSchema = z.strictObject({
  condition: conditionSchema,
  note: z.string().max(400).optional(),
  /** Resting blood pressure in mmHg, where it was measured. */
  systolic: z.int(PRESSURE_WORDS).min(60, PRESSURE_WORDS).max(260, PRESSURE_WORDS).optional(),
  diastolic: z.int(PRESSURE_WORDS).min(30, PRESSURE_WORDS).max(160, PRESSURE_WORDS).optional(),
  /** With high blood pressure, a load overhead: by what the pressure is when absent, or never. Coaches differ. */
  overhead: z.literal('never').optional(),
  /** Where the surgery was; until it is said, a clinician comes first. */
  place: surgeryPlaceSchema.optional(),
});
export type Caution = z.infer<typeof cautionSchema>;

export const participantSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** A few words that tell who it is: "rigger". */
  role: z.string().max(80),
  unit: unitSchema,
  bodyMassKg: z.number(BODY_WORDS).min(20, BODY_WORDS).max(300, BODY_WORDS),
  heightCm: z.number().min(90).max(230).optional(),
  birthYear: z.int().min(1900).max(2020).optional(),
  sex: sexSchema.optional(),
  experience: experienceSchema.optional(),
  /** Where nothing more is known. */
  tier: tierSchema,
  tiers: z.partialRecord(patternSchema, tierSchema),
  /** Ladder id → rung id, where they stand on it. */
  rungs: z.record(idSchema, idSchema),
  /** Ladder id → where a lever stands for them, between the rung they stand on and the next. */
  levers: z.record(idSchema, leverSettingsSchema).optional(),
  kitIds: z.array(idSchema).max(10),
  cautions: z.array(cautionSchema).max(10),
  knownSets: z.array(knownSetSchema).max(200),
  formula: formulaSchema,
  notes: z.string().max(2000),
  readiness: readinessSchema.optional(),
  checks: z.array(checkResultSchema).max(100).optional(),
  /** Days of the week they come, 1 is Monday. */
  days: z.array(z.int().min(1).max(7)).max(7).optional(),
  archived: archivedSchema,
});
export type Participant = z.infer<typeof participantSchema>;

/**
 * A participant's tier for a pattern, or the one they have where nothing more is known.
 *
 * @example tierFor({ tier: 'beginner', tiers: { row: 'advanced' } }, 'row') // 'advanced'
 */
export function tierFor({ tiers, tier }: Pick<Participant, 'tier' | 'tiers'>, pattern: Pattern): Tier {
  return tiers[pattern] ?? tier;
}
