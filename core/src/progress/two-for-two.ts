import { repSpan, REPS_OVER_GOAL } from './reps-then-load';
import type { Evidence } from './evidence';
import type { SchemeNext, SchemeOf } from './scheme';

/**
 * The same until the last set goes two over its goal on two visits running; then the next load within the cap. Source:
 * Haff & Triplett, the 2-for-2 rule.
 */
export const twoForTwo: SchemeNext<SchemeOf<'twoForTwo'>> = (
  { cell, prescription, evidence, before },
  scheme,
) => {
  const { amount } = cell.work;
  const low = repSpan(prescription.work)?.low ?? amount;
  if (!over(evidence)) {
    return {
      kind: 'amount',
      amount,
      reason: 'The same until the last set goes two over, on two visits running.',
    };
  }
  if (!over(before)) {
    return {
      kind: 'amount',
      amount,
      reason: 'Two over in the last set once: once more, and the load goes up.',
    };
  }
  if (!cell.load) {
    return {
      kind: 'amount',
      amount: amount + REPS_OVER_GOAL,
      reason: 'Two over on two visits: that many from now on.',
      gate: true,
    };
  }
  return {
    kind: 'stepUp',
    amountAfter: low,
    stepAmount: REPS_OVER_GOAL,
    capPercent: scheme.capPercent,
    reason: 'Two over in the last set, on two visits running: time for the next load.',
  };
};

function over(evidence: Evidence): boolean {
  return evidence.kind === 'made' && evidence.lastOver >= REPS_OVER_GOAL;
}
