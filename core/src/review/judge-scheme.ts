import { sameVersion } from '../ladder';
import type { CellReason } from '../reason';
import type { ReadyCell } from '../resolve';
import { sameLoad } from '../units';
import type { ProposalKind, Way } from './proposal';
import { numbersOf, pinOf, wayTo, type SlotReview } from './slot-review';

/**
 * What the slot's scheme makes of the week: next week's cell as it stands.
 *
 * @param review of the slot
 * @example byScheme(review).kind // 'progress'
 */
export function byScheme({ cell, next }: SlotReview): Way {
  if (next.status !== 'ready') return wayTo('hold', next.trace.slice(-1), next, numbersOf(cell));
  const reasons = next.trace.filter(says);
  const another = !sameVersion(next.version, cell.version);
  if (another) return wayTo('progress', reasons, next, pinOf(next, cell), true);
  return wayTo(kindOfChange(cell, next), reasons, next, numbersOf(next));
}

/** What was asked and what came of it; what body weight is says nothing of a change. */
function says({ step, kind }: CellReason): boolean {
  return (step === 'target' || step === 'attainable') && kind !== 'bodyShare';
}

/** What kind of change one week is to the week before it, by its numbers. */
function kindOfChange(cell: ReadyCell, next: ReadyCell): ProposalKind {
  if (next.trace.some(({ kind }) => kind === 'tooEasy')) return 'tooEasy';
  const sameKg = sameLoad(next.load?.kg, cell.load?.kg);
  const kg = (next.load?.kg ?? 0) - (cell.load?.kg ?? 0);
  const more = next.work.amount - cell.work.amount;
  const sets = next.work.sets - cell.work.sets;
  if ((!sameKg && kg < 0) || (sameKg && more < 0)) return 'stepBack';
  if (sameKg && more > 0 && next.trace.some(({ kind }) => kind === 'bridge')) return 'bridge';
  return !sameKg || more > 0 || sets > 0 ? 'progress' : 'hold';
}
