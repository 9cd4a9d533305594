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
 * @param dailyLoads one a day, usually seven; undefined for fewer than two days or when all are alike
 * @example monotony([280, 0, 0, 300, 0, 0, 0]) // 0.6
 */
export function monotony(dailyLoads: readonly number[]): number | undefined {
  const { length } = dailyLoads;
  if (length < 2) return undefined;
  const mean = dailyLoads.reduce((sum, load) => sum + load, 0) / length;
  const variance = dailyLoads.reduce((sum, load) => sum + (load - mean) ** 2, 0) / (length - 1);
  return variance === 0 ? undefined : mean / Math.sqrt(variance);
}

/** From here on a week is too much alike. Source: Foster 1998, monotony above 2. */
export const MONOTONOUS = 2;
