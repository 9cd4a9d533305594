import type { Hold, Implement, Kit } from '../model';
import { massKey } from '../units';
import { adjustableLoads } from './adjustable';
import { fillableLoads } from './fillable';
import { fixedLoads } from './fixed';
import type { AttainableLoad, Maker } from './recipe';

type MakerOf<Kind extends Implement['kind']> = Maker<Extract<Implement, { kind: Kind }>>;

/** One handler a kind; a new implement is one new file and one line here. */
const IMPLEMENTS: { readonly [Kind in Implement['kind']]: MakerOf<Kind> } = {
  fixed: fixedLoads,
  adjustable: adjustableLoads,
  fillable: fillableLoads,
  prop: () => [],
};

function loadsOf<Kind extends Implement['kind']>(
  implement: Extract<Implement, { kind: Kind }>,
  hold: Hold,
  unit: Kit['unit'],
): AttainableLoad[] {
  const make = IMPLEMENTS[implement.kind] as MakerOf<Kind>;
  return make(implement, hold, unit);
}

/**
 * Every distinct load the kits can make in a hold, lightest first, each with its simplest recipe (fewest pieces;
 * on a tie, the implement listed first). Exact: counts are respected, handles balanced, pairs equal.
 */
export function attainableLoads(kits: readonly Kit[], hold: Hold): AttainableLoad[] {
  const simplest = new Map<number, AttainableLoad>();
  for (const kit of kits) {
    for (const implement of kit.implements) {
      for (const load of loadsOf(implement, hold, kit.unit)) {
        const key = massKey(load.kg);
        const known = simplest.get(key);
        if (!known || load.recipe.pieces < known.recipe.pieces) simplest.set(key, load);
      }
    }
  }
  return [...simplest.values()].sort((a, b) => a.kg - b.kg);
}
