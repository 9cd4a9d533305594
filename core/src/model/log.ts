import * as z from 'zod';
import { countedWeekSchema, nthSchema } from './class';
import { leverSettingsSchema } from './lever';
import { countedSchema, holdSchema, idSchema, versionIdSchema } from './vocabulary';

/** What was left, from someone who does not count repetitions. */
export const leftSchema = z.enum(['nothing', 'some', 'plenty']);
export type Left = z.infer<typeof leftSchema>;
export const sideSchema = z.enum(['left', 'right']);
export type Side = z.infer<typeof sideSchema>;

const PAIN_WORDS = 'pain goes from 0 to 10';
export const painSchema = z.strictObject({
  place: z.string().trim().min(1, 'say where it hurt').max(60),
  score: z.int(PAIN_WORDS).min(0, PAIN_WORDS).max(10, PAIN_WORDS),
});
export type Pain = z.infer<typeof painSchema>;

const LOAD_WORDS = 'a load goes from 0 to 500 kg (1100 lb)';
const AMOUNT_WORDS = 'reps or seconds are a whole number from 0 to 3600';
const RESERVE_WORDS = 'reps left are a whole number from 0 to 10';

/** What a set came to; everything of an entry that may be put right later. */
const doneSchema = z.strictObject({
  loadKg: z.number(LOAD_WORDS).min(0, LOAD_WORDS).max(500, LOAD_WORDS).optional(),
  amount: z.int(AMOUNT_WORDS).min(0, AMOUNT_WORDS).max(3600, AMOUNT_WORDS),
  reserve: z.int(RESERVE_WORDS).min(0, RESERVE_WORDS).max(10, RESERVE_WORDS).optional(),
  /** In words instead. */
  left: leftSchema.optional(),
  side: sideSchema.optional(),
  form: z.enum(['held', 'lost']).optional(),
  pain: painSchema.optional(),
  /** How often a foot or a hand came down, in balance work. */
  touchDowns: z.int().min(0).max(99).optional(),
  note: z.string().max(400).optional(),
});
export type Done = z.infer<typeof doneSchema>;

/** One set as it was done. */
export const logEntrySchema = z.strictObject({
  id: idSchema,
  participantId: idSchema,
  sessionId: idSchema,
  slotId: idSchema,
  week: countedWeekSchema,
  /** Which of the session's classes in that week; the first when absent. */
  nth: nthSchema.optional(),
  date: z.iso.date(),
  /** Of a combination what it is made of, see `combinedId`. */
  exerciseId: versionIdSchema,
  /** Which version, where body weight is the load. */
  rungId: idSchema.optional(),
  /** Where the levers stood, if not where the rung has them. */
  levers: leverSettingsSchema.optional(),
  /** How the load was held. */
  hold: holdSchema.optional(),
  /** How the load was made, in words. */
  recipe: z.string().max(200).optional(),
  set: z.int().min(1).max(20),
  /** What the amount counts. */
  counted: countedSchema,
  ...doneSchema.shape,
  /** Points of the rung's gate that were seen. */
  seen: z.array(z.string().max(120)).max(4).optional(),
  /** What stood here before it was put right, oldest first. */
  stood: z
    .array(z.strictObject({ ...doneSchema.shape, until: z.iso.datetime() }))
    .max(50)
    .optional(),
});
export type LogEntry = z.infer<typeof logEntrySchema>;

/**
 * Whether a set was done with one in each hand; of a set that older versions logged, by the words of its recipe.
 *
 * @example isPair({ recipe: 'two dumbbells 6 kg' }) // true
 */
export function isPair({ hold, recipe }: Pick<LogEntry, 'hold' | 'recipe'>): boolean {
  return hold === undefined ? /^two\b/u.test(recipe ?? '') : hold === 'pair';
}

const EFFORT_WORDS = 'how hard it was goes from 0 to 10';
const MINUTES_WORDS = 'a visit takes from 1 to 300 minutes';

/** How hard a whole visit was, said by whoever trained. Source of the scale: Foster et al. 2001, session RPE (CR-10). */
export const visitSchema = z.strictObject({
  id: idSchema,
  participantId: idSchema,
  sessionId: idSchema,
  week: countedWeekSchema,
  nth: nthSchema.optional(),
  date: z.iso.date(),
  effort: z.number(EFFORT_WORDS).min(0, EFFORT_WORDS).max(10, EFFORT_WORDS),
  minutes: z.int(MINUTES_WORDS).min(1, MINUTES_WORDS).max(300, MINUTES_WORDS),
});
export type Visit = z.infer<typeof visitSchema>;
