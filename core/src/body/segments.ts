/**
 * Masses of the segments as fractions of the body, one side each for limbs.
 * Source: Winter 2009, table 4.1 (from memory).
 */
export const SEGMENT_MASS = {
  hand: 0.006,
  forearm: 0.016,
  upperArm: 0.028,
  foot: 0.0145,
  shank: 0.0465,
  thigh: 0.1,
  trunk: 0.497,
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
