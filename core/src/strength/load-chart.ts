/**
 * Share of the maximum that can be moved for so many repetitions, in percent.
 * Source: Haff & Triplett, Essentials of Strength Training and Conditioning, 4th ed., training load chart.
 */
export const LOAD_CHART: readonly (readonly [reps: number, percent: number])[] = [
  [1, 100],
  [2, 95],
  [3, 93],
  [4, 90],
  [5, 87],
  [6, 85],
  [8, 80],
  [10, 75],
  [12, 67],
  [15, 65],
];

const FIRST: readonly [number, number] = [1, 100];
const LAST_REPS = 15;
const LAST_PERCENT = 65;
/** Past the chart's end it runs on in the shape of Epley's curve, joined without a step (common practice). */
const TAIL = LAST_PERCENT * (1 + LAST_REPS / 30);

/**
 * Percent of the maximum for a number of repetitions to the limit: the published points, straight lines between
 * them, never rising.
 *
 * @param reps at least 1; fractions are allowed
 */
export function percentOfMax(reps: number): number {
  if (reps <= 1) return 100;
  if (reps >= LAST_REPS) return TAIL / (1 + reps / 30);
  let [lowReps, highPercent] = FIRST;
  for (const [highReps, lowPercent] of LOAD_CHART) {
    if (reps <= highReps && highReps > lowReps) {
      return highPercent + ((reps - lowReps) / (highReps - lowReps)) * (lowPercent - highPercent);
    }
    [lowReps, highPercent] = [highReps, lowPercent];
  }
  return LAST_PERCENT;
}

/**
 * The inverse of `percentOfMax`: repetitions to the limit at a share of the maximum.
 *
 * @param percent more than 0; 100 and above is one repetition
 */
export function repsAtPercent(percent: number): number {
  if (percent >= 100) return 1;
  if (percent <= LAST_PERCENT) return (TAIL / percent - 1) * 30;
  let [lowReps, highPercent] = FIRST;
  for (const [highReps, lowPercent] of LOAD_CHART) {
    if (percent >= lowPercent && highReps > lowReps) {
      return lowReps + ((highPercent - percent) / (highPercent - lowPercent)) * (highReps - lowReps);
    }
    [lowReps, highPercent] = [highReps, lowPercent];
  }
  return LAST_REPS;
}

/**
 * The load in kilograms for `reps` repetitions with `reserve` left undone.
 *
 * @param maxKg one-repetition maximum in kilograms
 */
export function loadForReps(maxKg: number, reps: number, reserve: number): number {
  return (maxKg * percentOfMax(reps + reserve)) / 100;
}

/**
 * Reps with a lighter load that are worth `reps` with a heavier one, the same number left undone, after the
 * published load chart. Not rounded.
 *
 * @param lighterKg the load at hand
 * @param heavierKg the load that is missing, more than `lighterKg`
 */
export function repsWorth(lighterKg: number, heavierKg: number, reps: number, reserve: number): number {
  const percent = (percentOfMax(reps + reserve) * lighterKg) / heavierKg;
  return repsAtPercent(percent) - reserve;
}

/**
 * Reps to expect with a heavier load from those with a lighter one, the same number left undone, after the published load
 * chart; the inverse of `repsWorth`, rounded down, never below one.
 *
 * @param lighterKg the load of today
 * @param heavierKg the load to come
 * @param reps done with the lighter one
 */
export function repsAfter(lighterKg: number, heavierKg: number, reps: number, reserve: number): number {
  const percent = (percentOfMax(reps + reserve) * heavierKg) / lighterKg;
  return Math.max(1, Math.floor(repsAtPercent(percent) - reserve + 1e-9));
}
