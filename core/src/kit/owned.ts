import type { Hold, Kit, Need, Prop } from '../model';
import { attainableLoads } from './attainable';
import type { AttainableLoad } from './recipe';

/** What one person has at hand, worked out once and asked often. */
export interface Owned {
  readonly loads: (hold: Hold) => readonly AttainableLoad[];
  /** The needs for which nothing is there. */
  readonly missing: (needs: readonly Need[]) => readonly Need[];
}

/** The floor and the air are everyone's: everything else has to be in a kit. */
export function ownedFrom(kits: readonly Kit[]): Owned {
  const props = new Set<Prop>();
  for (const kit of kits) {
    for (const implement of kit.implements) if (implement.kind === 'prop') props.add(implement.prop);
  }
  const byHold = new Map<Hold, readonly AttainableLoad[]>();
  return {
    loads: (hold) => {
      let loads = byHold.get(hold);
      if (!loads) {
        loads = attainableLoads(kits, hold);
        byHold.set(hold, loads);
      }
      return loads;
    },
    missing: (needs) =>
      needs.every((need) => need.some((prop) => props.has(prop)))
        ? []
        : needs.filter((need) => !need.some((prop) => props.has(prop))),
  };
}
