import type { BandPath, Hold, Kit, Need, Prop } from '../model';
import { attainableLoads } from './attainable';
import type { AttainableLoad, Wearer } from './recipe';

/** What one person has at hand, worked out once and asked often. */
export interface Owned {
  /** @param path how the exercise leads a band */
  readonly loads: (hold: Hold, path?: BandPath) => readonly AttainableLoad[];
  /** The needs for which nothing is there. */
  readonly missing: (needs: readonly Need[]) => readonly Need[];
}

/** Loads that are the same for everybody with the same kits, kept for all of them. */
export type SharedLoads = Map<Hold, readonly AttainableLoad[]>;

/** Bands run along a body and hands carry one: only these depend on whose it is. */
function dependsOnBody(hold: Hold): boolean {
  return hold === 'band' || hold === 'hands';
}

/**
 * The floor and the air are everyone's: everything else has to be in a kit.
 *
 * @param shared what was worked out for others with the very same kits
 */
export function ownedFrom(kits: readonly Kit[], wearer: Wearer = {}, shared: SharedLoads = new Map()): Owned {
  const props = new Set<Prop>();
  for (const kit of kits) {
    for (const implement of kit.implements) if (implement.kind === 'prop') props.add(implement.prop);
  }
  const ofBody = new Map<Hold | BandPath, readonly AttainableLoad[]>();
  return {
    loads: (hold, path) => {
      const own = dependsOnBody(hold);
      let loads = own ? ofBody.get(path ?? hold) : shared.get(hold);
      if (!loads) {
        loads = attainableLoads(kits, hold, wearer, path);
        if (own) ofBody.set(path ?? hold, loads);
        else shared.set(hold, loads);
      }
      return loads;
    },
    missing: (needs) =>
      needs.every((need) => need.some((prop) => props.has(prop)))
        ? []
        : needs.filter((need) => !need.some((prop) => props.has(prop))),
  };
}
