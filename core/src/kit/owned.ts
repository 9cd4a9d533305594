import type { BandPath, Hold, Kit, Need, Prop } from '../model';
import { attainableLoads } from './attainable';
import { isFirm } from './firm';
import type { AttainableLoad, Wearer } from './recipe';

/** What one person has at hand, worked out once and asked often. */
export interface Owned {
  /** @param path how the exercise leads a band */
  readonly loads: (hold: Hold, path?: BandPath) => readonly AttainableLoad[];
  /** The same, of things that may go over the face or the head: see `isFirm`. */
  readonly firmLoads: (hold: Hold, path?: BandPath) => readonly AttainableLoad[];
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
 * The floor and the air are everyone's, and a wall where nobody said otherwise: everything else has to be in a kit.
 *
 * @param shared what was worked out for others with the very same kits
 */
export function ownedFrom(kits: readonly Kit[], wearer: Wearer = {}, shared: SharedLoads = new Map()): Owned {
  const props = propsOf(kits);
  const ofBody = new Map<Hold | BandPath, readonly AttainableLoad[]>();
  const firm = new Map<readonly AttainableLoad[], readonly AttainableLoad[]>();
  const loadsOf = (hold: Hold, path?: BandPath): readonly AttainableLoad[] => {
    const own = dependsOnBody(hold);
    let loads = own ? ofBody.get(path ?? hold) : shared.get(hold);
    if (!loads) {
      loads = attainableLoads(kits, hold, wearer, path);
      if (own) ofBody.set(path ?? hold, loads);
      else shared.set(hold, loads);
    }
    return loads;
  };
  return {
    loads: loadsOf,
    firmLoads: (hold, path) => {
      const loads = loadsOf(hold, path);
      let kept = firm.get(loads);
      if (!kept) firm.set(loads, (kept = loads.filter(({ recipe }) => isFirm(recipe))));
      return kept;
    },
    missing: (needs) =>
      needs.every((need) => need.some((prop) => props.has(prop)))
        ? []
        : needs.filter((need) => !need.some((prop) => props.has(prop))),
  };
}

/** From this height on a step is as good as a seat: lower, it would be a deep squat. Common practice, no published source. */
const SEAT_FROM_CM = 40;

/** The props of some kits, a wall without asking; a step that is as high as a chair is a seat, and a chair that is lower than one is none. */
function propsOf(kits: readonly Kit[]): ReadonlySet<Prop> {
  const props = new Set<Prop>();
  if (kits.length === 0 || kits.some(({ withoutWall }) => !withoutWall)) props.add('wall');
  for (const { implements: things } of kits) {
    for (const thing of things) {
      if (thing.kind !== 'prop') continue;
      const { prop, heightCm } = thing;
      const low = heightCm !== undefined && heightCm < SEAT_FROM_CM;
      props.add(prop === 'chair' && low ? 'step' : prop);
      if (prop === 'step' && heightCm !== undefined && !low) props.add('chair');
    }
  }
  return props;
}
