import type { Range, Tempo } from '../model';
import { repsWorth } from '../strength';

/** No set is bridged past this many reps (common practice: beyond about 20 it trains staying power). */
export const MOST_BRIDGE_REPS = 20;

/** Reps are not added faster than this (common practice: with something left, add 2). */
export const MOST_REPS_A_WEEK = 2;

/** A hold is made longer by this a week while its load stands still (common practice). */
export const BRIDGE_HOLD_SECONDS = 5;

/** One way of making a set harder at the same load. */
export interface BridgeStep {
  readonly tempo: Tempo;
  readonly range?: Range;
  /** Of the usual rest. */
  readonly restShare?: number;
  readonly words: string;
}

/**
 * Where reps end, in turn: a slower lowering, a longer pause, a quarter more range, less rest; each on top of the ones before
 * (common practice, no published source).
 */
export const BRIDGE_STEPS: readonly BridgeStep[] = [
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

/** The step after another, or the first; the last goes on. */
export function bridgeStepAfter(step: number | undefined): number {
  return step === undefined ? 0 : Math.min(step + 1, BRIDGE_STEPS.length - 1);
}

/** Rest is not cut below this, in seconds (common practice). */
const LEAST_REST_SECONDS = 15;

/** The rest a step leaves of the usual one. */
export function restAtStep(step: number | undefined, restSeconds: number): number {
  const share = (step === undefined ? undefined : BRIDGE_STEPS[step])?.restShare;
  if (share === undefined) return restSeconds;
  return Math.min(restSeconds, Math.max(LEAST_REST_SECONDS, Math.round(restSeconds * share)));
}

/** More reps, as far as reps go. */
export interface Bridge {
  readonly reps: number;
  /** Reps alone do not reach: something else has to make up for the load. */
  readonly full: boolean;
}

/** The bridge from a load to a missing one, never fewer reps than asked anyway. */
export function bridgeTo(lighterKg: number, heavierKg: number, reps: number, reserve: number): Bridge {
  const worth = Math.floor(repsWorth(lighterKg, heavierKg, reps, reserve) + 1e-9);
  const most = Math.max(reps, MOST_BRIDGE_REPS);
  return worth > most ? { reps: most, full: true } : { reps: Math.max(reps, worth), full: false };
}
