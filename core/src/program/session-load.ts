/**
 * The load of a session: how hard it was, from 0 to 10, times its minutes. Source: Foster et al. 2001, session RPE.
 *
 * @returns arbitrary units
 * @example sessionLoad({ effort: 7, minutes: 40 }) // 280
 */
export function sessionLoad({
  effort,
  minutes,
}: {
  readonly effort: number;
  readonly minutes: number;
}): number {
  return effort * minutes;
}

/**
 * How much one day is like another: the mean of the daily loads over their standard deviation, days off counted as 0. Source:
 * Foster et al. 2001; above about 2 with a high load goes with illness and staleness. The sample's deviation, as in the
 * paper's spreadsheets (from memory).
 *
 * @param dailyLoads one a day, usually seven; undefined for fewer than two days, or when nothing was done on any
 * @returns without an end when all days are alike: nothing is more monotonous
 * @example monotony([280, 0, 0, 300, 0, 0, 0]) // 0.6
 */
export function monotony(dailyLoads: readonly number[]): number | undefined {
  const { length } = dailyLoads;
  if (length < 2) return undefined;
  const mean = dailyLoads.reduce((sum, load) => sum + load, 0) / length;
  const variance = dailyLoads.reduce((sum, load) => sum + (load - mean) ** 2, 0) / (length - 1);
  if (mean === 0) return undefined;
  return variance === 0 ? Infinity : mean / Math.sqrt(variance);
}

/** From here on a week is too much alike, if its load is high. Source: Foster 1998, monotony above 2. */
export const MONOTONOUS = 2;

/**
 * A high load of a week: hard for four hours of it. Common practice, no published source; Foster's studies speak of the person's own
 * usual load.
 */
const HIGH_LOAD = 1500;
/** So much over what the person usually does. Common practice, no published source. */
const OVER_USUAL = 1.2;

/**
 * Whether a week's load is high: over the person's own usual one, or high for anybody where they have none yet.
 *
 * @param load of the week, effort times minutes
 * @param before the loads of their weeks before it
 * @example isHighLoad(1800, [1200, 1300]) // true
 */
export function isHighLoad(load: number, before: readonly number[]): boolean {
  const trained = before.filter((week) => week > 0);
  if (trained.length === 0) return load >= HIGH_LOAD;
  const usual = trained.reduce((sum, week) => sum + week, 0) / trained.length;
  return load >= usual * OVER_USUAL;
}
