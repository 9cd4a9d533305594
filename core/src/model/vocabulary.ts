import './without-eval';
import * as z from 'zod';

/** Identifiers are short strings; the library's are readable, a coach's own are random. */
export const idSchema = z.string().min(1).max(80);
/** Of what a set was done in: a combination's says its parts, and is longer. */
export const versionIdSchema = z.string().min(1).max(900);

/** The most letters a name may have. */
export const MOST_NAME = 120;
export const nameSchema = z.string().trim().min(1).max(MOST_NAME);

/** Put by: out of every list and off the board, with all that was logged kept, until it is brought back. */
export const archivedSchema = z.literal(true).optional();

/** What the amount of a set is. */
export const countedSchema = z.enum(['reps', 'seconds']);

export const unitSchema = z.enum(['kg', 'lb']);

export const tierSchema = z.enum(['beginner', 'intermediate', 'advanced']);
export type Tier = z.infer<typeof tierSchema>;
/** Easiest first. */
export const TIERS: readonly Tier[] = tierSchema.options;

export const patternSchema = z.enum([
  'squat',
  'lunge',
  'hinge',
  'bridge',
  'legCurl',
  'press',
  'overhead',
  'fly',
  'row',
  'pullUp',
  'posture',
  'raise',
  'curl',
  'extend',
  'calf',
  'brace',
  'sideBrace',
  'antiTwist',
  'trunkCurl',
  'legLower',
  'hip',
  'balance',
  'hop',
  'thrust',
  'mobility',
]);
export type Pattern = z.infer<typeof patternSchema>;
export const PATTERN_WORDS: Record<Pattern, string> = {
  squat: 'squatting',
  lunge: 'lunging',
  hinge: 'hinging',
  bridge: 'lifting the hips',
  legCurl: 'curling the legs',
  press: 'pressing',
  overhead: 'pressing overhead',
  fly: 'closing the arms',
  row: 'pulling',
  pullUp: 'pulling up',
  posture: 'drawing the shoulders back',
  raise: 'raising the arms',
  curl: 'bending the arms',
  extend: 'straightening the arms',
  calf: 'rising on the toes',
  brace: 'bracing',
  sideBrace: 'bracing sideways',
  antiTwist: 'holding against a twist',
  trunkCurl: 'curling the trunk',
  legLower: 'lowering the legs',
  hip: 'opening and closing the hips',
  balance: 'balancing',
  hop: 'hopping and landing',
  thrust: 'heart-rate work',
  mobility: 'loosening up',
};

export const muscleSchema = z.enum([
  'thighFront',
  'thighBack',
  'glutes',
  'innerThigh',
  'outerHip',
  'hipFront',
  'calves',
  'shins',
  'chest',
  'upperBack',
  'shoulders',
  'rearShoulders',
  'triceps',
  'biceps',
  'forearms',
  'trunk',
  'sides',
  'lowBack',
]);
export type Muscle = z.infer<typeof muscleSchema>;
export const MUSCLE_WORDS: Record<Muscle, string> = {
  thighFront: 'quads',
  thighBack: 'hamstrings',
  glutes: 'glutes',
  innerThigh: 'inner thighs',
  outerHip: 'outer hips',
  hipFront: 'hip flexors',
  calves: 'calves',
  shins: 'shins',
  chest: 'chest',
  upperBack: 'lats and upper back',
  shoulders: 'shoulders',
  rearShoulders: 'rear shoulders',
  triceps: 'triceps',
  biceps: 'biceps',
  forearms: 'forearms',
  trunk: 'core',
  sides: 'obliques',
  lowBack: 'lower back',
};

/** What an exercise asks of a body, in the words in which cautions are given. */
export const demandSchema = z.enum([
  'deepKnee',
  'kneeling',
  'jump',
  'jolt',
  'singleLeg',
  'unsteady',
  'stepUp',
  'highStep',
  'spineBending',
  'loadedHinge',
  'spineTwisting',
  'backArch',
  'overhead',
  'overheadLoad',
  'overFace',
  'wideArms',
  'longArms',
  'shoulderLoad',
  'barOnShoulders',
  'wristLoad',
  'grip',
  'hanging',
  'neckLoad',
  'longStrain',
  'bellyPressure',
  'lapLoad',
  'deepHip',
  'apartLegs',
  'crossMidline',
  'ankleBend',
  'lyingBack',
  'lyingFront',
  'forwardFall',
  'headDown',
  'toFloor',
  'upAndDown',
  'eyesClosed',
  'livelyPace',
  'breathless',
]);
export type Demand = z.infer<typeof demandSchema>;
export const DEMAND_WORDS: Record<Demand, string> = {
  deepKnee: 'deep knee bend',
  kneeling: 'kneeling',
  jump: 'jumping and landing',
  jolt: 'jolts: heel drops, quick steps',
  singleLeg: 'weight on one leg',
  unsteady: 'small or moving base, nothing held',
  stepUp: 'a load while stepping up',
  highStep: 'stepping onto a chair',
  spineBending: 'rounding the back',
  loadedHinge: 'leaning forward with a load, back straight',
  spineTwisting: 'loaded twist',
  backArch: 'arching the low back',
  overhead: 'arms overhead',
  overheadLoad: 'a load overhead',
  overFace: 'a load above the face or behind the head',
  wideArms: 'arms wide under load',
  longArms: 'long arms under load',
  shoulderLoad: 'body weight through the shoulders',
  barOnShoulders: 'a bar on the shoulders',
  wristLoad: 'weight on bent wrists',
  grip: 'hard grip',
  hanging: 'hanging by the hands',
  neckLoad: 'load on the neck',
  longStrain: 'held strain',
  bellyPressure: 'pressure in or on the belly',
  lapLoad: 'a load on the belly or pelvis',
  deepHip: 'deep hip bend',
  apartLegs: 'legs wide apart',
  crossMidline: 'a leg crossing the middle',
  ankleBend: 'ankle bent far under load',
  lyingBack: 'lying on the back',
  lyingFront: 'lying on the front',
  forwardFall: 'lowering the whole body forward',
  headDown: 'head below the heart',
  toFloor: 'getting down to the floor and up',
  upAndDown: 'quick ups and downs',
  eyesClosed: 'eyes closed',
  livelyPace: 'a lively pace',
  breathless: 'out of breath',
};

/** Where someone was operated on. */
export const surgeryPlaceSchema = z.enum([
  'abdomen',
  'chest',
  'shoulderOrArm',
  'back',
  'hip',
  'knee',
  'footOrAnkle',
]);
export type SurgeryPlace = z.infer<typeof surgeryPlaceSchema>;
export const SURGERY_PLACE_WORDS: Record<SurgeryPlace, string> = {
  abdomen: 'belly or pelvis',
  chest: 'chest or heart',
  shoulderOrArm: 'shoulder, arm or hand',
  back: 'back or neck',
  hip: 'hip',
  knee: 'knee',
  footOrAnkle: 'foot or ankle',
};

export const conditionSchema = z.enum([
  'soreKnee',
  'highBloodPressure',
  'heartCondition',
  'lowBoneDensity',
  'shoulder',
  'neck',
  'lowBack',
  'sacroiliac',
  'hip',
  'ankle',
  'wrist',
  'pelvicFloor',
  'pregnancyEarly',
  'pregnancyMiddle',
  'pregnancyLate',
  'recentSurgery',
  'fallRisk',
  'diabetes',
  'arthritis',
  'olderBeginner',
]);
export type Condition = z.infer<typeof conditionSchema>;
export const CONDITION_WORDS: Record<Condition, string> = {
  soreKnee: 'sore knee',
  highBloodPressure: 'high blood pressure',
  heartCondition: 'heart condition',
  lowBoneDensity: 'low bone density',
  shoulder: 'shoulder',
  neck: 'neck',
  lowBack: 'low back',
  sacroiliac: 'sacroiliac joint',
  hip: 'hip',
  ankle: 'ankle',
  wrist: 'wrist',
  pelvicFloor: 'pelvic floor',
  pregnancyEarly: 'pregnancy, first third',
  pregnancyMiddle: 'pregnancy, second third',
  pregnancyLate: 'pregnancy, last third',
  recentSurgery: 'recent surgery',
  fallRisk: 'dizziness or falls',
  diabetes: 'diabetes',
  arthritis: 'arthritis',
  olderBeginner: 'older beginner',
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
/** Ways of holding that leave a hand for something to hold on to. */
export const LEAVES_A_HAND: ReadonlySet<Hold> = new Set(['oneSide', 'vest', 'ankle', 'none']);
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
