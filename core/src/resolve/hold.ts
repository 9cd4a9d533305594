import type { Demand, Hold } from '../model';
import type { AttainableLoad } from '../kit';
import { demandsHeld, type Version } from '../ladder';
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
  /** What of the body is moved along with it, in kilograms; 0 where the load is all that is counted. */
  readonly bodyKg: number;
}

/** Where only what is firm may be held. */
const OVER_THE_HEAD: ReadonlySet<Demand> = new Set(['overFace', 'overheadLoad']);

/**
 * The loads an exercise can be held with one way: over the face or the head only what is firm.
 *
 * @param version with its exercise
 * @param hold one of its holds
 * @param owned whose kit
 * @example loadsFor(overheadPress, 'oneSide', owned) // no suitcase among them
 */
export function loadsFor(
  version: Version,
  hold: Hold,
  owned: PlaceContext['owned'],
): readonly AttainableLoad[] {
  const path = version.exercise.loading?.band;
  return demandsHeld(version, hold).some((demand) => OVER_THE_HEAD.has(demand))
    ? owned.firmLoads(hold, path)
    : owned.loads(hold, path);
}

/**
 * The best of an exercise's holds: the first that reaches furthest towards the wanted load.
 *
 * @param allowed version with its holds, best first
 * @param wanted the load it should reach
 * @param context whose kit
 * @returns undefined when there is nothing to hold
 * @example bestHold({ version: gobletSquat, holds: ['bothHands'] }, wanted, context)?.fit // 0.9
 */
export function bestHold(
  { version, holds }: { readonly version: Version; readonly holds: readonly Hold[] },
  wanted: Wanted,
  { owned }: Pick<PlaceContext, 'owned'>,
): HoldFit | undefined {
  let best: HoldFit | undefined;
  for (const hold of holds) {
    const loads = loadsFor(version, hold, owned);
    const heaviest = loads.at(-1);
    if (!heaviest) continue;
    const usable = loadFor(wanted, loads);
    const fit = usable ? Math.min(1, heaviest.kg / wanted.kg) : 0;
    // Of a combination the load grows as what is held grows: the body of one part does not stand for the arms of another.
    const bodyKg = wanted.weakest ? 0 : wanted.bodyKg;
    if (!best || fit > best.fit) best = { hold, loads, fit, tooHeavy: !usable, bodyKg };
  }
  return best;
}
