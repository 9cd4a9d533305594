import type { Bag, Hold } from '../model';
import { SubsetSums } from './choose-items';
import type { AttainableLoad, Maker } from './recipe';

function fits(bag: Bag, hold: Hold): boolean {
  return hold === 'bag' || (bag.handle && (hold === 'bothHands' || hold === 'oneSide'));
}

/** A bag with every different mass its items can make, up to what its handle or zip is trusted with. */
export const bagLoads: Maker<'bag'> = (stock, { hold }) =>
  stock.flatMap(({ implement: bag, unit }) => {
    if (!fits(bag, hold)) return [];
    const { name, emptyKg, items, trustedKg } = bag;
    const sums = new SubsetSums(items, trustedKg - emptyKg);
    const loads: AttainableLoad[] = [];
    for (let grams = emptyKg > 0 ? 0 : 1; grams <= sums.limitGrams; grams += 1) {
      if (!sums.makes(grams)) continue;
      const part = { kind: 'bag', name, emptyKg, items: sums.itemsFor(grams), trustedKg } as const;
      loads.push({
        kg: emptyKg + grams / 1000,
        recipe: { hold, unit, part, pieces: 1 + sums.pieces(grams) },
      });
    }
    return loads;
  });
