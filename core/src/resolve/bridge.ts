import { reps, seconds, type Reps, type Seconds } from '../model';
import type { Hardening } from '../reason';
import { repsWorth, type RepCurve } from '../strength';
import { wholeBelow } from '../units';

/** No set is bridged past this many reps (common practice: beyond about 20 it trains staying power). */
export const MOST_BRIDGE_REPS: Reps = reps(20);

/** Reps are not added faster than this (common practice: with something left, add 2). */
export const MOST_REPS_A_WEEK = 2;

/** A hold is made longer by this a week while its load stands still, and by no more in all (common practice). */
export const BRIDGE_HOLD_SECONDS = 5;
export const MOST_BRIDGE_HOLD: Seconds = seconds(60);

/** With fewer reps than this nobody begins a new load (common practice, no published source). */
export const LEAST_REPS_AFTER = 5;

/**
 * Where reps end, in turn: a slower lowering, a longer pause, a quarter more range, less rest; each on top of the ones before
 * (common practice, no published source).
 */
export const BRIDGE_STEPS: readonly Hardening[] = [
  { tempo: { down: 3, pause: 1, up: 1 }, words: 'three counts down' },
  { tempo: { down: 3, pause: 2, up: 1 }, words: 'three counts down, two held' },
  {
    tempo: { down: 3, pause: 2, up: 1 },
    range: 'quarterAdded',
    words: 'three down, two held, a quarter added',
  },
  {
    tempo: { down: 3, pause: 2, up: 1 },
    range: 'quarterAdded',
    restShare: 0.75,
    words: 'three down, two held, a quarter added, less rest',
  },
];

/** Rest is not cut below this, in seconds (common practice). */
const LEAST_REST_SECONDS = 15;

/**
 * The step after another, or the first; the last goes on.
 *
 * @param step of `BRIDGE_STEPS`
 * @example bridgeStepAfter(undefined) // 0
 */
export function bridgeStepAfter(step: number | undefined): number {
  return step === undefined ? 0 : Math.min(step + 1, BRIDGE_STEPS.length - 1);
}

/**
 * Whether nothing comes after a step.
 *
 * @param step of `BRIDGE_STEPS`
 * @example isLastBridgeStep(3) // true
 */
export function isLastBridgeStep(step: number | undefined): boolean {
  return step === BRIDGE_STEPS.length - 1;
}

/**
 * The rest a step leaves of the usual one.
 *
 * @param step of `BRIDGE_STEPS`
 * @param restSeconds the usual rest
 * @example restAtStep(3, 60) // 45
 */
export function restAtStep(step: number | undefined, restSeconds: number): number {
  const share = (step === undefined ? undefined : BRIDGE_STEPS[step])?.restShare;
  if (share === undefined) return restSeconds;
  return Math.min(restSeconds, Math.max(LEAST_REST_SECONDS, Math.round(restSeconds * share)));
}

/** More reps, as far as reps go. */
export interface Bridge {
  readonly reps: Reps;
  /** Reps alone do not reach: something else has to make up for the load. */
  readonly full: boolean;
}

/**
 * The bridge from a load to a missing one, never fewer reps than asked anyway.
 *
 * @param lighterKg the load at hand
 * @param heavierKg the missing one
 * @param asked reps of the plan
 * @param reserve left undone with either
 * @param curve how load and reps trade; the published load chart when absent
 * @example bridgeTo(10, 20, reps(10), 2) // { reps: 20, full: true }
 */
export function bridgeTo(
  lighterKg: number,
  heavierKg: number,
  asked: Reps,
  reserve: number,
  curve?: RepCurve,
): Bridge {
  const worth = wholeBelow(repsWorth(lighterKg, heavierKg, asked, reserve, curve));
  const most = Math.max(asked, MOST_BRIDGE_REPS);
  return worth > most
    ? { reps: reps(most), full: true }
    : { reps: reps(Math.max(asked, worth)), full: false };
}
