import type { Formula } from '../model';
import { ROUNDING, wholeBelow } from '../units';
import { percentOfMax, repsAtPercent } from './load-chart';
import { FORMULAS } from './one-rep-max';

/**
 * How load and repetitions trade for one person: the same curve reads a set that was done and writes one that is asked, so that
 * what was done with so many left is asked again as it was.
 */
export interface RepCurve {
  /** Percent of the maximum that goes for so many repetitions to the limit. */
  readonly percentAt: (reps: number) => number;
  /** Repetitions to the limit at a percentage of the maximum. */
  readonly repsAt: (percent: number) => number;
}

/** The published load chart, where nobody chose an equation. */
export const CHART_CURVE: RepCurve = { percentAt: percentOfMax, repsAt: repsAtPercent };

/** No equation is asked beyond this (common practice, no published source). */
export const MOST_READABLE_REPS = 30;

const HALVINGS = 40;

/**
 * The curve of one of the published equations: as published up to the repetitions its authors had, then on in the shape of
 * Epley's, joined without a step (common practice); from two repetitions to one in a straight line, as one is the maximum itself.
 *
 * @param formula the equation a person's strength is read by
 * @example curveOf('epley').percentAt(10) // 75
 */
export function curveOf(formula: Formula): RepCurve {
  return CURVES[formula];
}

function curve({ multiple, maxReps }: (typeof FORMULAS)[Formula]): RepCurve {
  const atEnd = 100 / multiple(maxReps);
  const tail = atEnd * (1 + maxReps / 30);
  const atTwo = 100 / multiple(2);
  const percentAt = (reps: number): number => {
    if (reps <= 1) return 100;
    if (reps < 2) return 100 + (reps - 1) * (atTwo - 100);
    return reps <= maxReps ? 100 / multiple(reps) : tail / (1 + reps / 30);
  };
  const repsAt = (percent: number): number => {
    if (percent >= 100) return 1;
    if (percent <= atEnd) return (tail / percent - 1) * 30;
    // The equations have no common inverse, and all of them fall.
    let [low, high] = [1, maxReps];
    for (let halving = 0; halving < HALVINGS; halving += 1) {
      const middle = (low + high) / 2;
      if (percentAt(middle) > percent) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  };
  return { percentAt, repsAt };
}

const CURVES: Readonly<Record<Formula, RepCurve>> = {
  epley: curve(FORMULAS.epley),
  brzycki: curve(FORMULAS.brzycki),
  lombardi: curve(FORMULAS.lombardi),
  oconner: curve(FORMULAS.oconner),
  lander: curve(FORMULAS.lander),
  mayhew: curve(FORMULAS.mayhew),
  wathan: curve(FORMULAS.wathan),
};

/**
 * The load in kilograms for `reps` repetitions with `reserve` left undone.
 *
 * @param maxKg one-repetition maximum in kilograms
 * @param curve the person's own; the published load chart when absent
 * @example loadForReps(100, 8, 2, curveOf('epley')) // 75
 */
export function loadForReps(maxKg: number, reps: number, reserve: number, curve = CHART_CURVE): number {
  return (maxKg * curve.percentAt(reps + reserve)) / 100;
}

/**
 * Reps with a lighter load that are worth `reps` with a heavier one, the same number left undone. Not rounded.
 *
 * @param lighterKg the load at hand
 * @param heavierKg the load that is missing, more than `lighterKg`
 * @param reps asked with the heavier one
 * @param reserve left undone with either
 * @param curve the person's own; the published load chart when absent
 * @example repsWorth(15, 20, 6, 2, curveOf('epley')) // 18.67
 */
export function repsWorth(
  lighterKg: number,
  heavierKg: number,
  reps: number,
  reserve: number,
  curve = CHART_CURVE,
): number {
  return curve.repsAt((curve.percentAt(reps + reserve) * lighterKg) / heavierKg) - reserve;
}

/**
 * Reps to expect with another load from those with the one at hand, the same number left undone. Not rounded; 0 where not even
 * one is left.
 *
 * @param fromKg the load of today
 * @param toKg the load to come
 * @param reps done with the load of today
 * @param reserve left undone with either
 * @param curve the person's own; the published load chart when absent
 * @example repsWith(20, 22, 12, 2, curveOf('epley')) // 8
 */
export function repsWith(
  fromKg: number,
  toKg: number,
  reps: number,
  reserve: number,
  curve = CHART_CURVE,
): number {
  const percent = (curve.percentAt(reps + reserve) * toKg) / fromKg;
  return percent > 100 + ROUNDING ? 0 : Math.max(0, curve.repsAt(percent) - reserve);
}

/**
 * The same as `repsWith` in whole repetitions, rounded down.
 *
 * @param fromKg the load of today
 * @param toKg the load to come
 * @param reps done with the load of today
 * @param reserve left undone with either
 * @param curve the person's own; the published load chart when absent
 * @example repsAfter(20, 22, 12, 2, curveOf('epley')) // 8
 */
export function repsAfter(
  fromKg: number,
  toKg: number,
  reps: number,
  reserve: number,
  curve = CHART_CURVE,
): number {
  return wholeBelow(repsWith(fromKg, toKg, reps, reserve, curve));
}
