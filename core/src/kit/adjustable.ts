import type { AdjustablePair } from '../model';
import { massKey } from '../units';
import { inHand, type AttainableLoad, type Maker, type PlateStack } from './recipe';

interface Stack {
  readonly kg: number;
  readonly plates: readonly PlateStack[];
  readonly pieces: number;
}

/**
 * Every different mass of plates on one side of one handle, each with the fewest plates. A plate size takes part
 * as often as there are enough of it for both sides of every handle held, so that handles are balanced and pairs
 * equal. Sizes are added one after another to the masses found so far, which keeps the work to
 * (masses × sizes × count) instead of every combination.
 */
function stacksPerSide(plates: AdjustablePair['plates'], handlesHeld: number): Stack[] {
  let stacks = new Map<number, Stack>([[0, { kg: 0, plates: [], pieces: 0 }]]);
  const sizes = [...mergeSizes(plates)].sort((a, b) => b.massKg - a.massKg);
  for (const { massKg, count } of sizes) {
    const most = Math.floor(count / (2 * handlesHeld));
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

function mergeSizes(plates: AdjustablePair['plates']): { massKg: number; count: number }[] {
  const sizes = new Map<number, { massKg: number; count: number }>();
  for (const { massKg, count } of plates) {
    const known = sizes.get(massKey(massKg));
    sizes.set(massKey(massKg), { massKg, count: count + (known?.count ?? 0) });
  }
  return [...sizes.values()];
}

/** Handles with plates, balanced left and right, equal in both hands. */
export const adjustableLoads: Maker<AdjustablePair> = ({ handleKg, handles, plates }, hold, unit) => {
  const count = inHand(hold);
  if (count === 0 || handles < count) return [];
  return stacksPerSide(plates, count).map((stack): AttainableLoad => ({
    kg: count * (handleKg + 2 * stack.kg),
    recipe: {
      hold,
      unit,
      part: { kind: 'adjustable', handleKg, plates: stack.plates, count },
      pieces: count * (1 + 2 * stack.pieces),
    },
  }));
};
