/**
 * Masses of the segments as fractions of the body, one side each for limbs. `lowerTrunk` is pelvis and abdomen,
 * `thorax` the rest of the trunk.
 * Source: Winter 2009, table 4.1 (from memory).
 */
export const SEGMENT_MASS = {
  hand: 0.006,
  forearm: 0.016,
  upperArm: 0.028,
  foot: 0.0145,
  shank: 0.0465,
  thigh: 0.1,
  lowerTrunk: 0.281,
  thorax: 0.216,
  headAndNeck: 0.081,
} as const;

/**
 * Lengths and heights as fractions of stature.
 * Source: Drillis & Contini 1966 (from memory).
 */
export const SEGMENT_LENGTH = {
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  thigh: 0.245,
  shank: 0.246,
  foot: 0.152,
  shoulderHeight: 0.818,
  hipHeight: 0.53,
  ankleHeight: 0.039,
} as const;

/**
 * Where the mass of a segment sits, from its upper end, as a fraction of its length.
 * Source: Winter 2009 (from memory).
 */
export const SEGMENT_CENTRE = {
  hand: 0.506,
  forearm: 0.43,
  upperArm: 0.436,
  thigh: 0.433,
  shank: 0.433,
  foot: 0.5,
  trunk: 0.5,
} as const;

/** Where nothing is known of a person's height (common practice, no published source). */
export const USUAL_STATURE_CM = 170;

const TRUNK = SEGMENT_LENGTH.shoulderHeight - SEGMENT_LENGTH.hipHeight;
/** The trunk bends in one place, half-way up: a coarse stand-in for a whole spine (common practice, no published source). */
const BEND = 0.5;

/**
 * The figure's own measures as fractions of stature, from the tables above where they say it; what they do not say is
 * common practice, no published source.
 */
export const FIGURE = {
  lowerTrunk: TRUNK * BEND,
  thorax: TRUNK * (1 - BEND),
  /** From the shoulders to the middle of the head. */
  neck: 0.11,
  headRadius: 0.06,
  /** From the wrist to the middle of a grip, and to the knuckles. */
  grip: 0.05,
  /** Behind and before the ankle along the sole. */
  heel: 0.038,
  ball: 0.075,
  toe: SEGMENT_LENGTH.foot - 0.038,
  /** Half of what lies between the two, seen from the front. */
  hipHalf: 0.052,
  shoulderHalf: 0.1,
} as const;

/**
 * From a joint to the skin that bears on a surface, as a fraction of stature (common practice, no published source).
 */
export const FLESH = {
  knee: 0.03,
  elbow: 0.022,
  wrist: 0.018,
  /** Middle of the hip to the seat or to the floor, lying. */
  hip: 0.058,
  shoulder: 0.05,
  head: 0.06,
} as const;
