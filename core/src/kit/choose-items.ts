import type { BagItem } from '../model';
import type { ItemCount } from './recipe';

type Item = Pick<BagItem, 'name' | 'massKg' | 'count'>;

const GRAMS = 1000;
const NONE = 65_535;
/** Grams: half a gram either side of a target is the same distance, whatever floating point makes of it. */
const TIE = 1e-6;

/**
 * Every sum of masses that items can make up to a limit, each with the fewest items. Masses are whole grams, as a
 * kitchen scale reads them, so the sums are a table of grams and the work is (items × grams): thirty items up to
 * twenty kilograms are a few hundred thousand steps instead of a thousand million subsets.
 *
 * Source: bounded knapsack by dynamic programming, Bellman 1957.
 */
export class SubsetSums {
  /** Fewest pieces that make exactly so many grams; `NONE` where nothing does. */
  private readonly fewest: Uint16Array;
  /** For each item, how many of it the fewest pieces use, given only the items up to it. */
  private readonly taken: Uint8Array[] = [];
  private readonly items: readonly (Item & { readonly grams: number })[];
  readonly limitGrams: number;

  constructor(items: readonly Item[], limitKg: number) {
    this.items = items.map((item) => ({ ...item, grams: Math.round(item.massKg * GRAMS) }));
    const all = this.items.reduce((sum, { grams, count }) => sum + grams * count, 0);
    this.limitGrams = Math.max(0, Math.min(all, Math.floor(limitKg * GRAMS + 1e-6)));
    this.fewest = new Uint16Array(this.limitGrams + 1).fill(NONE);
    this.fewest[0] = 0;
    for (const { grams, count } of this.items) this.taken.push(this.add(grams, count));
  }

  /** Lets one more item take part: heaviest sums first, so that each sum is built on sums without it. */
  private add(grams: number, count: number): Uint8Array {
    const { fewest, limitGrams } = this;
    const taken = new Uint8Array(limitGrams + 1);
    for (let sum = limitGrams; sum >= grams; sum -= 1) {
      let best = fewest[sum] ?? NONE;
      for (let used = 1; used <= count && used * grams <= sum; used += 1) {
        const pieces = (fewest[sum - used * grams] ?? NONE) + used;
        if (pieces < best) {
          best = pieces;
          taken[sum] = used;
        }
      }
      fewest[sum] = best;
    }
    return taken;
  }

  /** Whether exactly so many grams can be made. */
  makes(grams: number): boolean {
    return (this.fewest[grams] ?? NONE) !== NONE;
  }

  pieces(grams: number): number {
    return this.fewest[grams] ?? NONE;
  }

  /** The items that make exactly so many grams, the fewest of them. */
  itemsFor(grams: number): ItemCount[] {
    const chosen: ItemCount[] = [];
    let left = grams;
    for (let at = this.items.length - 1; at >= 0; at -= 1) {
      const item = this.items[at];
      const used = this.taken[at]?.[left] ?? 0;
      if (!item || used === 0) continue;
      chosen.unshift({ name: item.name, massKg: item.massKg, count: used });
      left -= used * item.grams;
    }
    return chosen;
  }
}

export interface ChosenItems {
  readonly items: readonly ItemCount[];
  readonly kg: number;
  readonly pieces: number;
}

/**
 * The subset of items whose masses come nearest to a target: exact; of equally near ones the one with the fewest items,
 * then the lighter.
 *
 * @param items masses are taken to the gram
 * @param targetKg what the items are to weigh together
 * @param limitKg never more than this
 */
export function chooseItems(items: readonly Item[], targetKg: number, limitKg = Infinity): ChosenItems {
  const target = Math.max(0, targetKg) * GRAMS;
  // Nothing twice as far as the target is nearer than nothing at all.
  const sums = new SubsetSums(items, Math.min(limitKg, (2 * target) / GRAMS + 0.001));
  let best = 0;
  for (let grams = 1; grams <= sums.limitGrams; grams += 1) {
    if (!sums.makes(grams)) continue;
    const nearer = Math.abs(best - target) - Math.abs(grams - target);
    if (nearer > TIE || (nearer > -TIE && sums.pieces(grams) < sums.pieces(best))) best = grams;
  }
  return { items: sums.itemsFor(best), kg: best / GRAMS, pieces: sums.pieces(best) };
}
