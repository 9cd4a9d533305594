import { isBig, isIsolation } from '../compose';
import type { Exercise } from '../model';

/** How fast repetitions go: led by somebody who counts, steady, or slow strength work. */
export type Pace = 'led' | 'steady' | 'slow';

/**
 * Seconds a repetition in a led class: small movements, big ones, heavy ones. Common practice, no published source. Slow
 * strength work takes what the exercise says; steady stands half-way.
 */
const LED_SECONDS = { small: 1.8, big: 2.5, heavy: 3.5 } as const;

/** Movements this long are long because of the way they go, a walk-out to a plank: no pace makes them short. Common practice. */
const LONG_SECONDS = 6;

function sizeOf(exercise: Exercise): keyof typeof LED_SECONDS {
  if (isIsolation(exercise)) return 'small';
  return isBig(exercise) && exercise.loading?.required ? 'heavy' : 'big';
}

/**
 * Seconds one repetition takes in a class of a pace: never longer than the exercise's own.
 *
 * @param exercise with its own seconds a repetition, those of slow strength work
 * @param pace of the session; slow when absent
 * @example secondsAtPace(curl, 'led') // 1.8
 */
export function secondsAtPace(exercise: Exercise, pace: Pace = 'slow'): number {
  const slow = exercise.secondsPerRep;
  if (pace === 'slow' || slow >= LONG_SECONDS) return slow;
  const led = Math.min(slow, LED_SECONDS[sizeOf(exercise)]);
  return pace === 'led' ? led : (led + slow) / 2;
}

/** What was measured of something that is done again and again: how often, its mean, and its spread. Seconds. */
export interface Measured {
  readonly times: number;
  readonly mean: number;
  /** Sum of squared distances from the mean. */
  readonly squares: number;
}

export const NOT_MEASURED: Measured = { times: 0, mean: 0, squares: 0 };

/**
 * A running mean and spread with one measure more, without keeping the measures. Source: Welford 1962.
 *
 * @param so far
 * @param seconds measured now
 * @example measuredWith(measuredWith(NOT_MEASURED, 2), 4).mean // 3
 */
export function measuredWith({ times, mean, squares }: Measured, seconds: number): Measured {
  const count = times + 1;
  const next = mean + (seconds - mean) / count;
  return { times: count, mean: next, squares: squares + (seconds - mean) * (seconds - next) };
}

/**
 * Standard deviation of what was measured, in seconds; undefined of fewer than two.
 *
 * @example spreadOf({ times: 3, mean: 2, squares: 2 }) // 1
 */
export function spreadOf({ times, squares }: Measured): number | undefined {
  return times < 2 ? undefined : Math.sqrt(squares / (times - 1));
}
