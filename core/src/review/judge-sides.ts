import { amountLike } from '../model';
import { asksForMost, startAmount, type ReadyCell } from '../resolve';
import type { Way } from './proposal';
import { sideDifference } from './sides';
import { pinStaying, wayTo, type SlotReview } from './slot-review';

/** How far a load goes down where the weaker side does not reach the plan. Common practice, no published source. */
const DOWN = 0.925;

/**
 * The weaker side leads and sets the work of both. Where it has done so already and falls short again, the load goes down and
 * the work stays: it would shrink week by week otherwise. Common practice, no published source.
 *
 * @param review of the slot
 * @returns undefined where the sides are near enough
 * @example behindOnOneSide(review)?.pin.amount // 8
 */
export function behindOnOneSide(review: SlotReview): Way | undefined {
  const { sets, cell } = review;
  const difference = sideDifference(sets);
  if (!difference) return undefined;
  const { work, planned, load } = cell;
  const open = asksForMost(cell);
  // Repetitions in a time: a number would be one of seconds.
  if (open && work.kind !== 'reps') return undefined;
  const { weaker: side, weakerAmount, share } = difference;
  const ledAlready = work.amount < startAmount(planned.work).amount;
  const again = ledAlready && weakerAmount < work.amount;
  const most = open ? weakerAmount : Math.min(work.amount, weakerAmount);
  const amount = amountLike(work, again ? work.amount : Math.max(1, most));
  const lighter = again && load ? review.loadBelow(load.kg * DOWN) : undefined;
  const next: ReadyCell = {
    ...cell,
    week: review.next.week,
    work: { ...work, ...amount },
    // As many as possible on each would leave the weaker side behind again: both do as many as it did.
    ...(open && { planned: { ...planned, work: { kind: 'reps', reps: amount.amount } } }),
    ...(lighter && { load: lighter }),
  };
  const reason = {
    step: 'review',
    kind: 'sideBehind',
    side,
    percent: Math.round((1 - share) * 100),
    amount,
    lighterKg: lighter?.kg,
  } as const;
  return wayTo('sides', [reason], next, pinStaying(review, next));
}
