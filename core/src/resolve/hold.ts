import type { Hold } from '../model';
import type { AttainableLoad } from '../kit';
import type { Version } from '../ladder';
import type { Wanted } from '../reason';
import type { PlaceContext } from './context';
import { loadFor } from './loads';

/** One way of holding an exercise, with the loads it can be held with. */
export interface HoldFit {
  readonly hold: Hold;
  readonly loads: readonly AttainableLoad[];
  /** From 0 (even the lightest is too heavy, or there is none) to 1 (reaches what is wanted). */
  readonly fit: number;
  /** Something can be held this way, but all of it is too heavy. */
  readonly tooHeavy: boolean;
}

/**
 * The best of an exercise's holds: the first that reaches furthest towards the wanted load.
 *
 * @param version with its holds, best first
 * @param wanted the load it should reach
 * @param context whose kit
 * @returns undefined when there is nothing to hold
 * @example bestHold(gobletSquat, wanted, context)?.fit // 0.9
 */
export function bestHold(
  { exercise: { loading } }: Version,
  wanted: Wanted,
  { owned }: Pick<PlaceContext, 'owned'>,
): HoldFit | undefined {
  let best: HoldFit | undefined;
  for (const hold of loading?.holds ?? []) {
    const loads = owned.loads(hold, loading?.band);
    const heaviest = loads.at(-1);
    if (!heaviest) continue;
    const usable = loadFor(wanted, loads);
    const fit = usable ? Math.min(1, heaviest.kg / wanted.kg) : 0;
    if (!best || fit > best.fit) best = { hold, loads, fit, tooHeavy: !usable };
  }
  return best;
}
