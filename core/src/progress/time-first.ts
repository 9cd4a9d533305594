import { repsThenLoad } from './reps-then-load';
import type { SchemeNext, SchemeOf } from './scheme';

/**
 * Time first: seconds are added up to a most, then the way on is the gate to the next rung. Counted work has no time to
 * grow: it fills its reps first. Common practice: 30, 35, 40 s; no published source.
 */
export const timeFirst: SchemeNext<SchemeOf<'timeFirst'>> = (state, scheme) => {
  const { amount, kind } = state.cell.work;
  if (kind === 'reps')
    return repsThenLoad(state, { kind: 'repsThenLoad', stepReps: 1, capPercent: scheme.capPercent });
  if (amount >= scheme.mostSeconds) {
    return { kind: 'amount', amount, reason: `${amount} s is as long as it gets here.`, gate: true };
  }
  const grown = Math.min(scheme.mostSeconds, amount + scheme.stepSeconds);
  return {
    kind: 'amount',
    amount: grown,
    reason: `Time first: from ${amount} to ${grown} s, up to ${scheme.mostSeconds}.`,
  };
};
