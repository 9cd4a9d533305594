import * as z from 'zod';
import { figureSchema } from './figure';
import { leverKindSchema, leverRangeSchema } from './lever';
import {
  demandSchema,
  holdSchema,
  idSchema,
  muscleSchema,
  nameSchema,
  patternSchema,
  propSchema,
  tierSchema,
} from './vocabulary';

/** The lifts whose strength carries over to an exercise, each measured on its own reference exercise. */
export const liftSchema = z.enum([
  'squat',
  'hinge',
  'press',
  'row',
  'overhead',
  'raise',
  'curl',
  'extend',
  'calf',
]);
export type Lift = z.infer<typeof liftSchema>;

/**
 * Where a band runs in an exercise: from where it is fixed to the hands, at the start and at the hardest point, as
 * shares of stature (common practice, no published source).
 */
export const bandPathSchema = z.strictObject({
  /** "both feet", "a post at hip height": what the other end is held by. */
  fixedBy: z.string().min(2).max(60),
  startOfStature: z.number().min(0).max(2),
  endOfStature: z.number().positive().max(2.5),
});
export type BandPath = z.infer<typeof bandPathSchema>;

/** One thing needed to do it; any one of the listed props will serve. */
export const needSchema = z.array(propSchema).min(1);
export type Need = z.infer<typeof needSchema>;

export const loadingSchema = z.strictObject({
  /** How it can be held, best first. */
  holds: z.array(holdSchema).min(1),
  lift: liftSchema,
  /** Maximum in this exercise as a share of the maximum in the lift's reference exercise. */
  ratio: z.number().positive().max(4),
  /**
   * Share of the body that is moved along with the load, where the load only adds to it; `ratio` then is of both together.
   * Source of the shares: segments by Winter 2009; see `systemShare`.
   */
  bodyShare: z.number().positive().max(1).optional(),
  /** False when it is worth doing with body weight alone. */
  required: z.boolean(),
  /** How a band is led, when one of the holds is a band. */
  band: bandPathSchema.optional(),
});
export type Loading = z.infer<typeof loadingSchema>;

/** Body weight as a load: how much of it the working limbs carry, and what that says of a lift. */
export const bodyLoadSchema = z.strictObject({
  /**
   * "hands": after the height of the hands, see the body model; "knees": the same from the knees; "bar": pulled up to a bar, after
   * its height. "legs" and "hips" need a share; as they are seldom at their end by body weight alone, a set of theirs shows only how
   * strong somebody is at least.
   */
  carriedBy: z.enum(['hands', 'knees', 'bar', 'legs', 'hips']),
  /** Of the body, where no lever changes it. */
  share: z.number().positive().max(1).optional(),
  lift: liftSchema,
  /** As in `loading`. */
  ratio: z.number().positive().max(3),
});
export type BodyLoad = z.infer<typeof bodyLoadSchema>;

/** A demand that a lever takes away: not asked where it stands at `at` or on its easier side. */
export const easedDemandSchema = z.strictObject({
  demand: demandSchema,
  lever: leverKindSchema,
  at: z.number(),
});
export type EasedDemand = z.infer<typeof easedDemandSchema>;

export const exerciseSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** What else it is called; of what ships that stands apart. */
  alsoCalled: z.array(nameSchema).max(12).optional(),
  pattern: patternSchema,
  /** For an exercise that stands on no ladder: nobody below it is given it. */
  tier: tierSchema.optional(),
  muscles: z.array(z.strictObject({ muscle: muscleSchema, share: z.number().positive().max(1) })).min(1),
  laterality: z.enum(['both', 'eachSide', 'alternating']),
  position: z.enum(['standing', 'seated', 'kneeling', 'lying', 'handsAndFeet']),
  impact: z.enum(['none', 'low', 'high']),
  /** Absent when nothing is ever held. */
  loading: loadingSchema.optional(),
  bodyLoad: bodyLoadSchema.optional(),
  /** As its writer drew it; what ships has its figures apart. */
  figure: figureSchema.optional(),
  /** Everything that must be there; each entry lists what may stand in for it. */
  needs: z.array(needSchema),
  levers: z.array(leverRangeSchema),
  secondsPerRep: z.number().positive().max(30),
  demands: z.array(demandSchema),
  /** What it asks of the body only when it is loaded. */
  demandsLoaded: z.array(demandSchema),
  /** Which of these a lever takes away: a squat to a high seat is no deep knee bend. */
  easedBy: z.array(easedDemandSchema).max(20).optional(),
  /** Both hands are busy, or it travels: nobody can do it holding on. */
  handsBusy: z.literal(true).optional(),
  /** What counts as one; when absent, `REP_WORDS` of its laterality says it. */
  rep: z.string().min(3).max(120).optional(),
});
export type Exercise = z.infer<typeof exerciseSchema>;

/** What is held still, so that its seconds are a result and not the class's clock. Common practice. */
const HELD_PATTERNS: ReadonlySet<Exercise['pattern']> = new Set([
  'brace',
  'sideBrace',
  'antiTwist',
  'balance',
]);

/**
 * Whether an exercise is a hold.
 *
 * @example isHeld(plank) // true
 */
export function isHeld({ pattern }: Pick<Exercise, 'pattern'>): boolean {
  return HELD_PATTERNS.has(pattern);
}

/** Work of one small muscle group: the first to go when time is short. Common practice, no published source. */
const ISOLATION: ReadonlySet<Exercise['pattern']> = new Set([
  'fly',
  'raise',
  'curl',
  'extend',
  'calf',
  'legCurl',
  'hip',
  'posture',
]);
/** Work of many joints at once, done while fresh. Common practice, no published source. */
const BIG: ReadonlySet<Exercise['pattern']> = new Set([
  'squat',
  'lunge',
  'hinge',
  'press',
  'overhead',
  'row',
  'pullUp',
]);

/**
 * Whether an exercise works one small muscle group.
 *
 * @example isIsolation(curl) // true
 */
export function isIsolation({ pattern }: Pick<Exercise, 'pattern'>): boolean {
  return ISOLATION.has(pattern);
}

/**
 * Whether an exercise works many joints at once.
 *
 * @example isBig(squat) // true
 */
export function isBig({ pattern }: Pick<Exercise, 'pattern'>): boolean {
  return BIG.has(pattern);
}

/** What one repetition usually is. */
export const REP_WORDS: Record<Exercise['laterality'], string> = {
  both: 'there and back is one',
  eachSide: 'there and back on one side is one; both sides do the same number',
  alternating: 'left and right together are one',
};

/** What a coach says of an exercise. Kept apart from its facts, which are needed long before. */
export const coachingSchema = z.strictObject({
  cues: z.array(z.string().min(3).max(120)).min(2).max(4),
  /** What to watch for, and how to mend it. */
  watch: z
    .record(z.string().min(3).max(120), z.string().min(3).max(160))
    .refine((points) => Object.keys(points).length >= 2 && Object.keys(points).length <= 4, {
      message: 'an exercise has two to four things to watch for',
    }),
  breathing: z.string().min(3).max(120),
});
export type Coaching = z.infer<typeof coachingSchema>;
/** By exercise id. */
export type CoachingWords = Readonly<Record<string, Coaching>>;

/** An exercise of the coach's own: facts and words in one. */
export const ownExerciseSchema = exerciseSchema.extend({ words: coachingSchema });
export type OwnExercise = z.infer<typeof ownExerciseSchema>;

/** Between the id of a plain exercise and what varies it. */
export const VARIED_SIGN = '~';

/**
 * The plain exercise of an id, whose words and figure are said of it too.
 *
 * @param exerciseId with or without what varies it
 * @example plainId('goblet-squat~narrow') // 'goblet-squat'
 */
export function plainId(exerciseId: string): string {
  return exerciseId.split(VARIED_SIGN)[0] ?? exerciseId;
}
