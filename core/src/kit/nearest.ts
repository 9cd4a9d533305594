import type { BandPath, Hold, Kit } from '../model';
import { attainableLoads } from './attainable';
import type { AttainableLoad, Wearer } from './recipe';
import { SAME_LOAD_KG } from '../units';

/** Which load to take when none is exactly the wanted one. */
export type NearestPolicy = 'nearest' | 'notAbove' | 'nextUp' | 'nextDown';

/**
 * The load of a kit that answers a wanted load: the nearest (the lighter on a tie), the heaviest not above it, the
 * next one up, or the next one down. Undefined when there is none.
 */
export function nearestLoad(
  kit: Kit | readonly Kit[],
  hold: Hold,
  targetKg: number,
  policy: NearestPolicy,
  wearer?: Wearer,
  path?: BandPath,
): AttainableLoad | undefined {
  return pickLoad(attainableLoads(kit, hold, wearer, path), targetKg, policy);
}

/**
 * The same out of loads that are worked out already.
 *
 * @param loads lightest first, as `attainableLoads` gives them
 */
export function pickLoad(
  loads: readonly AttainableLoad[],
  targetKg: number,
  policy: NearestPolicy,
): AttainableLoad | undefined {
  const above = firstAbove(loads, targetKg + SAME_LOAD_KG);
  const notAbove = loads[above - 1];
  const nextUp = loads[above];
  switch (policy) {
    case 'notAbove':
      return notAbove;
    case 'nextUp':
      return nextUp;
    case 'nextDown':
      return notAbove && Math.abs(notAbove.kg - targetKg) <= SAME_LOAD_KG ? loads[above - 2] : notAbove;
    case 'nearest':
      if (!notAbove || !nextUp) return notAbove ?? nextUp;
      return nextUp.kg - targetKg < targetKg - notAbove.kg ? nextUp : notAbove;
  }
}

/**
 * The simplest to make of the loads between two masses, both ends included; of equally simple ones the nearest to
 * `targetKg`. Undefined when there is none.
 */
export function simplestBetween(
  loads: readonly AttainableLoad[],
  fromKg: number,
  toKg: number,
  targetKg: number,
): AttainableLoad | undefined {
  let best: AttainableLoad | undefined;
  for (let at = firstAbove(loads, fromKg - SAME_LOAD_KG); at < loads.length; at += 1) {
    const load = loads[at];
    if (!load || load.kg > toKg + SAME_LOAD_KG) break;
    const simpler = load.recipe.pieces - (best?.recipe.pieces ?? Infinity);
    const nearer = Math.abs(load.kg - targetKg) < Math.abs((best?.kg ?? Infinity) - targetKg);
    if (simpler < 0 || (simpler === 0 && nearer)) best = load;
  }
  return best;
}

/** By halving: a bag of books alone makes thousands of loads. */
function firstAbove(loads: readonly AttainableLoad[], kg: number): number {
  let low = 0;
  let high = loads.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((loads[middle]?.kg ?? Infinity) > kg) high = middle;
    else low = middle + 1;
  }
  return low;
}
