import type { Hold } from '../model';
import type { HeldAt } from './figure';
import type { Part } from './parts';
import { AHEAD, AT_THE_CHEST, AT_THE_SHOULDERS, BAR_ON_BACK, HANGS, HUGGED, NEAR_HANGS } from './stances';

/** How the arms hold a load while the legs work, and where it sits. */
export interface Grip {
  readonly arms: Part;
  readonly heldAt?: HeldAt;
}

/** Common practice, no published source. */
export const LEG_GRIPS: Readonly<Record<Hold, Grip>> = {
  pair: { arms: HANGS },
  bothHands: { arms: AT_THE_CHEST },
  oneSide: { arms: NEAR_HANGS },
  bar: { arms: BAR_ON_BACK, heldAt: 'back' },
  hexBar: { arms: HANGS },
  bag: { arms: HUGGED },
  band: { arms: AT_THE_SHOULDERS },
  ankle: { arms: {} },
  vest: { arms: {} },
  hands: { arms: {} },
  none: { arms: {} },
};
export const gripOf = (hold: Hold | undefined): Grip => LEG_GRIPS[hold ?? 'none'];

/** Free arms reach ahead as the body goes down. */
export const freeArms = (depth: number): Part => (depth > 0 ? { ...AHEAD, shoulder: 96 * depth } : {});
