/** Two loads nearer than this are the same load: far below any scale, far above the rounding of sums of plates. */
export const SAME_LOAD_KG = 1e-6;

/** Loads nearer than this are the same where one of them was written down by a person, who rounds. */
export const SAME_WRITTEN_KG = 0.005;

/** What sums and products of whole numbers may be off in floating point. */
export const ROUNDING = 1e-9;

/**
 * Whether two loads are the same load.
 *
 * @param aKg in kilograms; nothing for body weight alone
 * @param bKg in kilograms; nothing for body weight alone
 * @example sameLoad(0.1 + 0.2, 0.3) // true
 */
export function sameLoad(aKg: number | undefined, bKg: number | undefined): boolean {
  return Math.abs((aKg ?? 0) - (bKg ?? 0)) < SAME_LOAD_KG;
}

/**
 * Whether a number is not above another, rounding aside.
 *
 * @example atMost(11.000000000001, 10 * 1.1) // true
 */
export function atMost(value: number, limit: number): boolean {
  return value <= limit + ROUNDING;
}

/**
 * The whole number not above a number, rounding aside.
 *
 * @example wholeBelow(2.9999999999) // 3
 */
export function wholeBelow(value: number): number {
  return Math.floor(value + ROUNDING);
}
