import type { RankedSubstitute } from '../ladder';
import type { ReadyCell } from './cell';
import type { PlaceContext } from './context';
import { substitutesFor } from './place';
import type { Slot } from '../model';

/** The next best versions for a resolved cell, each with its score; at most `most` of them. */
export function alternativesFor(
  cell: ReadyCell,
  slot: Slot,
  context: PlaceContext,
  most = 4,
): readonly RankedSubstitute[] {
  return substitutesFor(cell.version, slot, cell.tier, context).slice(0, most);
}
