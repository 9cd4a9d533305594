import { massKey } from '../units';
import type { PlateStack } from './recipe';

export interface PlateCount {
  readonly massKg: number;
  readonly count: number;
}

/** What stands on one side of a handle or bar. */
export interface SideStack {
  readonly kg: number;
  readonly plates: readonly PlateStack[];
  readonly pieces: number;
}

/**
 * Every different mass of plates on one side, each with the fewest plates. A plate size takes part as often as there
 * are enough of it for every side, so that handles are balanced and pairs equal. Sizes are added one after another to
 * the masses found so far, which keeps the work to (masses × sizes × count) instead of every combination.
 *
 * @param sides how many sides are loaded alike: 2 for a handle or bar, 4 for a pair
 */
export function stacksPerSide(plates: readonly PlateCount[], sides: number): SideStack[] {
  let stacks = new Map<number, SideStack>([[0, { kg: 0, plates: [], pieces: 0 }]]);
  const sizes = mergeSizes(plates).sort((a, b) => b.massKg - a.massKg);
  for (const { massKg, count } of sizes) {
    const most = Math.floor(count / sides);
    const grown = new Map(stacks);
    for (const stack of stacks.values()) {
      for (let perSide = 1; perSide <= most; perSide += 1) {
        const kg = stack.kg + massKg * perSide;
        const pieces = stack.pieces + perSide;
        const known = grown.get(massKey(kg));
        if (known && known.pieces <= pieces) continue;
        grown.set(massKey(kg), { kg, plates: [...stack.plates, { massKg, perSide }], pieces });
      }
    }
    stacks = grown;
  }
  return [...stacks.values()];
}

function mergeSizes(plates: readonly PlateCount[]): PlateCount[] {
  const sizes = new Map<number, PlateCount>();
  for (const { massKg, count } of plates) {
    const known = sizes.get(massKey(massKg));
    sizes.set(massKey(massKg), { massKg, count: count + (known?.count ?? 0) });
  }
  return [...sizes.values()];
}
