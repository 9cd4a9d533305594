import type { Tempo } from '../model';
import { repsWorth } from '../strength';

/** No set is bridged past this many reps (common practice: beyond about 20 it trains staying power). */
export const MOST_BRIDGE_REPS = 20;

/** Reps are not added faster than this (common practice: with something left, add 2). */
export const MOST_REPS_A_WEEK = 2;

/** A hold is made longer by this a week while its load stands still (common practice). */
export const BRIDGE_HOLD_SECONDS = 5;

/** Where reps end, the lowering is slowed: three counts down, one held, one up (common practice). */
export const BRIDGE_TEMPO: Tempo = { down: 3, pause: 1, up: 1 };

/** More reps, and a slower tempo where reps alone do not reach. */
export interface Bridge {
  readonly reps: number;
  readonly tempo?: Tempo | undefined;
}

/** The bridge from a load to a missing one, never fewer reps than asked anyway. */
export function bridgeTo(lighterKg: number, heavierKg: number, reps: number, reserve: number): Bridge {
  const worth = Math.floor(repsWorth(lighterKg, heavierKg, reps, reserve) + 1e-9);
  const most = Math.max(reps, MOST_BRIDGE_REPS);
  return worth > most ? { reps: most, tempo: BRIDGE_TEMPO } : { reps: Math.max(reps, worth) };
}
