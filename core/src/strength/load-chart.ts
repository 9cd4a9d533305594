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
  [7, 83],
  [8, 80],
  [9, 77],
  [10, 75],
  [11, 70],
  [12, 67],
  [15, 65],
];

/** The chart is printed in whole percents: a point may be this far off without saying anything else. */
const PRINTED_WITHIN = 0.49;

const LAST_REPS = 15;

/** The published points with straight lines between them, one for each whole repetition. */
const PRINTED = Array.from({ length: LAST_REPS }, (_, index) => printedPercent(index + 1));

/**
 * The same, each point drawn towards its neighbours as far as the rounding of the source allows: as printed, one repetition from
 * 10 to 11 would be worth 7 % of a load and the next one 1 % (weights of the three: binomial, common practice).
 */
const SMOOTH = PRINTED.map((percent, index) => {
  const before = PRINTED[index - 1];
  const after = PRINTED[index + 1];
  if (before === undefined || after === undefined) return percent;
  const drawn = (before + 2 * percent + after) / 4;
  return Math.max(percent - PRINTED_WITHIN, Math.min(percent + PRINTED_WITHIN, drawn));
});

const LAST_PERCENT = SMOOTH.at(-1) ?? 0;
/** Past the chart's end it runs on in the shape of Epley's curve, joined without a step (common practice). */
const TAIL = LAST_PERCENT * (1 + LAST_REPS / 30);

function printedPercent(reps: number): number {
  const above = LOAD_CHART.findIndex(([chartReps]) => chartReps >= reps);
  const [highReps, lowPercent] = LOAD_CHART[above] ?? [LAST_REPS, 0];
  const [lowReps, highPercent] = LOAD_CHART[above - 1] ?? [highReps - 1, lowPercent];
  return highPercent + ((reps - lowReps) / (highReps - lowReps)) * (lowPercent - highPercent);
}

/**
 * Percent of the maximum for a number of repetitions to the limit: the published points within their rounding, smoothed so that
 * no step of one repetition is worth 7 % of the load, straight lines between whole repetitions, never rising.
 *
 * @param reps at least 1; fractions are allowed
 * @example Math.round(percentOfMax(10)) // 75
 */
export function percentOfMax(reps: number): number {
  if (reps <= 1) return 100;
  if (reps >= LAST_REPS) return TAIL / (1 + reps / 30);
  const whole = Math.floor(reps);
  const from = SMOOTH[whole - 1] ?? 100;
  const to = SMOOTH[whole] ?? from;
  return from + (reps - whole) * (to - from);
}

/**
 * The inverse of `percentOfMax`: repetitions to the limit at a share of the maximum.
 *
 * @param percent more than 0; 100 and above is one repetition
 * @example Math.round(repsAtPercent(75)) // 10
 */
export function repsAtPercent(percent: number): number {
  if (percent >= 100) return 1;
  if (percent <= LAST_PERCENT) return (TAIL / percent - 1) * 30;
  const above = SMOOTH.findIndex((own) => own <= percent);
  const to = SMOOTH[above] ?? LAST_PERCENT;
  const from = SMOOTH[above - 1] ?? 100;
  return above + (from - percent) / (from - to);
}
