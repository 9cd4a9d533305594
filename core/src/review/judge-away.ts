import { WEEKS_AWAY } from '../progress';
import type { Way } from './proposal';
import { numbersOf, wayTo, type SlotReview } from './slot-review';

/**
 * Not there: what was planned still stands, and every second week a step back.
 *
 * @param review of the slot
 * @returns undefined for someone who came
 * @example away(review)?.kind // 'hold'
 */
export function away({ evidence, next }: SlotReview): Way | undefined {
  if (evidence.kind !== 'missed' || next.status !== 'ready') return undefined;
  const { weeks } = evidence;
  const stepBack = weeks % WEEKS_AWAY === 0;
  const reason = { step: 'review', kind: 'wasAway', weeks, stepBack } as const;
  return wayTo(stepBack ? 'stepBack' : 'hold', [reason], next, numbersOf(next));
}
