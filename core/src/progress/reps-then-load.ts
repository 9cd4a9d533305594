import type { Work } from '../model';
import type { SchemeNext, SchemeOf } from './scheme';

/** A plan of exactly n reps is filled to n + 2 before the load grows. Source: Haff & Triplett, the 2-for-2 rule. */
export const REPS_OVER_GOAL = 2;

/** Seconds a hold grows by. Common practice, no published source. */
export const HOLD_STEP_SECONDS = 5;

/** From where to where the reps of a set grow at one load. */
export function repSpan(work: Work): { low: number; high: number } | undefined {
  if (work.kind === 'range') return { low: work.low, high: work.high };
  if (work.kind === 'reps' || work.kind === 'either')
    return { low: work.reps, high: work.reps + REPS_OVER_GOAL };
  return undefined;
}

/**
 * Reps first, then load: the range is filled at one load; when every set reaches its top, the next load within the
 * cap, back at the low end. Common practice with the published 2-for-2 rule for single rep counts.
 */
export const repsThenLoad: SchemeNext<SchemeOf<'repsThenLoad'>> = ({ cell, prescription }, scheme) => {
  const span = repSpan(prescription.work);
  const { amount } = cell.work;
  if (!span) {
    return {
      kind: 'amount',
      amount: amount + HOLD_STEP_SECONDS,
      reason: `Held longer: ${amount + HOLD_STEP_SECONDS} s.`,
    };
  }
  if (amount < span.high) {
    const grown = Math.min(span.high, amount + scheme.stepReps);
    return {
      kind: 'amount',
      amount: grown,
      reason: `Reps first: from ${amount} to ${grown}, up to ${span.high}.`,
    };
  }
  if (!cell.load) {
    return {
      kind: 'amount',
      amount,
      reason: `All sets at the top of the range, ${span.high}.`,
      gate: true,
    };
  }
  return {
    kind: 'stepUp',
    amountAfter: span.low,
    stepAmount: scheme.stepReps,
    capPercent: scheme.capPercent,
    reason: `The range is full at ${amount}: time for the next load, back to ${span.low}.`,
  };
};
