import { amountLike } from '../model';
import type { Evidence } from './evidence';
import { lowEnd, REPS_OVER_GOAL } from './rep-span';
import type { SchemeNext, SchemeOf } from './scheme';

/**
 * The same until the last set goes two over its goal on two visits running; then the next load. Source:
 * Haff & Triplett, the 2-for-2 rule.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example twoForTwo(state, { kind: 'twoForTwo', capPercent: 10 }).reason.kind // 'twoOver'
 */
export const twoForTwo: SchemeNext<SchemeOf<'twoForTwo'>> = (
  { cell, prescription, evidence, before },
  scheme,
) => {
  const { work } = cell;
  const visits = !isOver(evidence) ? 0 : !isOver(before) ? 1 : 2;
  const reason = { step: 'target', kind: 'twoOver', visits } as const;
  if (visits < 2) return { kind: 'repeat', amount: amountLike(work, work.amount), reason };
  const more = amountLike(work, work.amount + REPS_OVER_GOAL);
  if (!cell.load) return { kind: 'repeat', amount: more, full: true, reason };
  const low = lowEnd(prescription.work);
  return {
    kind: 'stepUp',
    able: more,
    low,
    most: low,
    stepReps: REPS_OVER_GOAL,
    capPercent: scheme.capPercent,
    reason,
  };
};

function isOver(evidence: Evidence): boolean {
  return evidence.kind === 'made' && evidence.lastOver >= REPS_OVER_GOAL;
}
