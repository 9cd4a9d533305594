import * as z from 'zod';

// Without this zod tries to compile its checks with eval, which the page's Content-Security-Policy forbids.
z.config({ jitless: true });

/** Identifiers are short strings; the library's are readable, a coach's own are random. */
export const idSchema = z.string().min(1).max(80);

export const nameSchema = z.string().trim().min(1).max(120);

export const unitSchema = z.enum(['kg', 'lb']);

export const tierSchema = z.enum(['beginner', 'intermediate', 'advanced']);
export type Tier = z.infer<typeof tierSchema>;
/** Easiest first. */
export const TIERS: readonly Tier[] = tierSchema.options;

export const patternSchema = z.enum(['squat', 'hinge', 'press', 'row', 'brace', 'thrust', 'mobility']);
export type Pattern = z.infer<typeof patternSchema>;
export const PATTERN_WORDS: Record<Pattern, string> = {
  squat: 'squatting',
  hinge: 'hinging',
  press: 'pressing',
  row: 'pulling',
  brace: 'bracing',
  thrust: 'heart-rate work',
  mobility: 'loosening up',
};

export const muscleSchema = z.enum([
  'thighFront',
  'thighBack',
  'glutes',
  'calves',
  'chest',
  'upperBack',
  'shoulders',
  'triceps',
  'biceps',
  'trunk',
  'lowBack',
]);
export type Muscle = z.infer<typeof muscleSchema>;

/** What an exercise asks of a body, in the words in which cautions are given. */
export const demandSchema = z.enum([
  'deepKnee',
  'kneeling',
  'jump',
  'singleLeg',
  'spineBending',
  'spineTwisting',
  'overhead',
  'wideArms',
  'shoulderLoad',
  'wristLoad',
  'grip',
  'longStrain',
  'lyingBack',
  'lyingFront',
  'headDown',
]);
export type Demand = z.infer<typeof demandSchema>;
export const DEMAND_WORDS: Record<Demand, string> = {
  deepKnee: 'deep knee bend',
  kneeling: 'kneeling',
  jump: 'jumping and landing',
  singleLeg: 'standing on one leg',
  spineBending: 'loaded forward bend',
  spineTwisting: 'loaded twist',
  overhead: 'arms overhead',
  wideArms: 'arms wide under load',
  shoulderLoad: 'body weight through the shoulders',
  wristLoad: 'weight on bent wrists',
  grip: 'hard grip',
  longStrain: 'long strain',
  lyingBack: 'lying on the back',
  lyingFront: 'lying on the front',
  headDown: 'head below the heart',
};

export const conditionSchema = z.enum(['soreKnee', 'highBloodPressure', 'lowBoneDensity', 'shoulder']);
export type Condition = z.infer<typeof conditionSchema>;
export const CONDITION_WORDS: Record<Condition, string> = {
  soreKnee: 'sore knee',
  highBloodPressure: 'high blood pressure',
  lowBoneDensity: 'low bone density',
  shoulder: 'shoulder',
};

/** How a load is held, worn or pulled. "none" is body weight alone. */
export const holdSchema = z.enum([
  'pair',
  'bothHands',
  'oneSide',
  'bar',
  'hexBar',
  'bag',
  'band',
  'ankle',
  'vest',
  'hands',
  'none',
]);
export type Hold = z.infer<typeof holdSchema>;
export const HOLD_WORDS: Record<Hold, string> = {
  pair: 'one in each hand',
  bothHands: 'one in both hands',
  oneSide: 'one on one side',
  bar: 'bar',
  hexBar: 'hexagonal bar',
  bag: 'bag',
  band: 'band',
  ankle: 'on the ankle',
  vest: 'vest',
  hands: 'body weight on the hands',
  none: 'body weight',
};

export const propSchema = z.enum([
  'mat',
  'chair',
  'wall',
  'counter',
  'step',
  'post',
  'anchor',
  'overheadBar',
]);
export type Prop = z.infer<typeof propSchema>;
export const PROP_WORDS: Record<Prop, string> = {
  mat: 'a mat',
  chair: 'a firm chair',
  wall: 'a wall',
  counter: 'a counter',
  step: 'a step',
  post: 'a post and a towel',
  anchor: 'an anchor for a band',
  overheadBar: 'an overhead bar',
};

/** Heights people usually find them at, in centimetres (common practice, no published source). */
export const USUAL_HEIGHT_CM: Partial<Record<Prop, number>> = { chair: 45, counter: 90, step: 20 };

/** Equations that turn a repetition set into a one-repetition maximum. */
export const formulaSchema = z.enum([
  'epley',
  'brzycki',
  'lombardi',
  'oconner',
  'lander',
  'mayhew',
  'wathan',
]);
export type Formula = z.infer<typeof formulaSchema>;
