import type { Slot } from '../model';
import { rankSubstitutes, type RankedSubstitute, type Version } from '../ladder';
import type { ReadyCell } from './cell';
import type { PlaceContext } from './context';
import { draftOf } from './draft';
import { allowedVersion, holdFor, standIns } from './possible';
import { wantedLoad } from './wanted';

/**
 * Everything the person could do instead of a resolved cell, best first: allowed by their conditions, possible with their kit,
 * not above their tier, each with its score and the load to begin with.
 *
 * @param cell to be stood in for
 * @param slot its place in the session
 * @param context person, kit, strength
 * @example alternativesFor(cell, slot, context)[0]?.version.name // 'split squat'
 */
export function alternativesFor(
  cell: ReadyCell,
  slot: Slot,
  context: PlaceContext,
): readonly RankedSubstitute[] {
  const draft = { ...draftOf(slot, cell.tier), version: cell.version };
  const startLoad = (candidate: Version) => {
    const allowed = allowedVersion(candidate, context);
    const hold = allowed && holdFor(allowed, draft, context)?.hold;
    if (!hold) return undefined;
    const wanted = wantedLoad(allowed.version, draft.prescription, allowed.limits, context);
    return wanted && { kg: wanted.kg, hold, standardError: wanted.estimate.standardError };
  };
  return rankSubstitutes(cell.version, { ...standIns(cell.version, draft, context), startLoad });
}
