import type { Recipe } from './recipe';

/** The largest container that one hand closes round. Common practice, no published source. */
const MOST_LITRES_IN_HAND = 2;

/**
 * Whether a load may go over the face, over the head or behind it: nothing open, sloshing, swinging or with a zip. Weights, bars,
 * bands and what is worn may; of containers only a bottle that a hand closes round, and only filled to the brim, so that nothing
 * moves in it; no jug by its handle, no bag. Common practice, no published source.
 *
 * @param recipe how the load is made
 * @example isFirm(suitcaseOfBooks) // false
 */
export function isFirm({ part }: Recipe): boolean {
  switch (part.kind) {
    case 'bag':
      return false;
    case 'fillable':
      return part.capacityLitres <= MOST_LITRES_IN_HAND && part.litres >= part.capacityLitres;
    default:
      return true;
  }
}
