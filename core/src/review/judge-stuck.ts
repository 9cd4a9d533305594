import { harderVersion } from '../progress';
import type { ReadyCell } from '../resolve';
import { onRung } from './judge-rungs';
import { plateauOf } from './plateau';
import type { Way } from './proposal';
import { pinOf, pinStaying, wayTo, type SlotReview } from './slot-review';

/**
 * No gain for weeks: another version for a while, or a set less for one; a clear loss: a lighter week.
 *
 * @param review of the slot
 * @returns undefined where there is a gain, nothing more to ask, or too little is known
 * @example stuck(review)?.kind // 'plateau'
 */
export function stuck(review: SlotReview): Way | undefined {
  const { cell, catalog, sets } = review;
  const plateau = sets.length > 0 ? plateauOf(review) : undefined;
  if (!plateau) return undefined;
  const { weeks, gain, error } = plateau;
  if (gain < -error) {
    const next = review.lighterNext();
    const reason = { step: 'review', kind: 'losing', weeks, loss: -gain, error } as const;
    return wayTo('plateau', [reason], next, { lighter: true });
  }
  // Whoever does all there is at the end of a ladder is not stuck: nothing more was asked.
  if (cell.trace.some(({ kind }) => kind === 'ladderEnds')) return undefined;
  const harder = harderVersion(cell.version, catalog);
  const other = harder && onRung(review, harder.rungId);
  if (other) {
    const instead = other.version;
    const reason = { step: 'review', kind: 'plateau', weeks, gain, error, instead } as const;
    return wayTo('plateau', [reason], other, pinOf(other, cell), true);
  }
  const advice = catalog.ladders.get(cell.version.ladderId ?? '')?.whenStuck;
  const work = { ...cell.work, sets: Math.max(1, cell.work.sets - 1) };
  const easier: ReadyCell = { ...cell, week: review.next.week, work };
  const reason = { step: 'review', kind: 'plateau', weeks, gain, error, advice } as const;
  return wayTo('plateau', [reason], easier, pinStaying(review, easier));
}
