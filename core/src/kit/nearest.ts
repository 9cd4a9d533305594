import type { AttainableLoad } from './recipe';

/** Which load to take when none is exactly the wanted one. */
export type NearestPolicy = 'nearest' | 'notAbove' | 'nextUp' | 'nextDown';

/** Loads closer than this are the same load. */
const SAME_KG = 1e-6;

/**
 * The load of a sorted list that answers a wanted load: the nearest (the lighter on a tie), the heaviest not
 * above it, the next one up, or the next one down. Undefined when there is none.
 *
 * @param loads lightest first, as `attainableLoads` gives them
 */
export function nearestLoad(
  loads: readonly AttainableLoad[],
  targetKg: number,
  policy: NearestPolicy,
): AttainableLoad | undefined {
  const above = loads.findIndex((load) => load.kg > targetKg + SAME_KG);
  const firstAbove = above === -1 ? loads.length : above;
  const notAbove = loads[firstAbove - 1];
  const nextUp = loads[firstAbove];
  switch (policy) {
    case 'notAbove':
      return notAbove;
    case 'nextUp':
      return nextUp;
    case 'nextDown':
      return notAbove && Math.abs(notAbove.kg - targetKg) <= SAME_KG ? loads[firstAbove - 2] : notAbove;
    case 'nearest':
      if (!notAbove || !nextUp) return notAbove ?? nextUp;
      return nextUp.kg - targetKg < targetKg - notAbove.kg ? nextUp : notAbove;
  }
}
