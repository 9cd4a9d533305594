/** Of a lighter week's sets this share is kept. Common practice, no published source. */
const LIGHTER_SETS = 0.6;

/** And of its load at the most this. Common practice, no published source: a tenth less. */
export const LIGHTER_LOAD = 0.9;

/**
 * Sets that a lighter week leaves of the usual ones.
 *
 * @param sets of a usual week
 * @example lighterSets(3) // 2
 */
export function lighterSets(sets: number): number {
  return Math.max(1, Math.round(sets * LIGHTER_SETS));
}
