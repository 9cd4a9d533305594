import { amountLike } from '../model';
import { MOST_BRIDGE_HOLD, startAmount } from '../resolve';
import { nextRung } from './harder';
import { lowEnd, reached, repSpan } from './rep-span';
import type { SchemeNext, SchemeOf, SchemeState } from './scheme';

/** Seconds a hold grows by. Common practice, no published source. */
export const HOLD_STEP_SECONDS = 5;

/**
 * Reps first, then load: the range is filled at one load; when every set reaches its top, the next load. A hold is filled by
 * seconds, to its gate where it has one. Common practice with the published 2-for-2 rule for single rep counts.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example repsThenLoad(state, { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 }).kind // 'repeat'
 */
export const repsThenLoad: SchemeNext<SchemeOf<'repsThenLoad'>> = (state, scheme) => {
  const { cell, prescription } = state;
  const { work } = cell;
  const low = lowEnd(prescription.work);
  const top = repSpan(prescription.work)?.high ?? longestHold(state);
  const made = amountLike(work, reached(state));
  if (made.amount < top) {
    const step = work.kind === 'reps' ? scheme.stepReps : HOLD_STEP_SECONDS;
    const grown = amountLike(work, Math.min(top, Math.max(made.amount, work.amount + step)));
    return {
      kind: 'repeat',
      amount: grown,
      reason: { step: 'target', kind: 'more', from: amountLike(work, work.amount), to: grown, upTo: top },
    };
  }
  const reason = { step: 'target', kind: 'full', amount: made } as const;
  if (!cell.load)
    return {
      kind: 'repeat',
      amount: amountLike(work, Math.min(made.amount, Math.max(top, work.amount))),
      full: true,
      reason,
    };
  return {
    kind: 'stepUp',
    able: made,
    low,
    most: amountLike(work, top),
    stepReps: scheme.stepReps,
    capPercent: scheme.capPercent,
    reason,
  };
};

/** A hold is as long as the gate to the next rung asks, else as holds usually get; never shorter than the plan's. */
function longestHold({ cell, prescription, catalog }: SchemeState): number {
  const gate = nextRung(cell.version, catalog) ? cell.version.rung?.gate.seconds : undefined;
  return Math.max(startAmount(prescription.work).amount, gate ?? MOST_BRIDGE_HOLD);
}
