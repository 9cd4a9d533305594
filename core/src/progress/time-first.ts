import { amountLike } from '../model';
import { lowEnd, reached } from './rep-span';
import { repsThenLoad } from './reps-then-load';
import type { SchemeNext, SchemeOf } from './scheme';

/**
 * Time first: seconds are added up to a most; then the next load from the plan's own time, or without one the gate to the next
 * rung. Counted work has no time to grow: it fills its reps first. Common practice: 30, 35, 40 s; no published source.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example timeFirst(state, { kind: 'timeFirst', stepSeconds: 5, mostSeconds: 60, capPercent: 10 }).reason.kind // 'more'
 */
export const timeFirst: SchemeNext<SchemeOf<'timeFirst'>> = (state, scheme) => {
  const { cell, prescription } = state;
  const { work } = cell;
  const { mostSeconds, stepSeconds, capPercent } = scheme;
  if (work.kind === 'reps') return repsThenLoad(state, { kind: 'repsThenLoad', stepReps: 1, capPercent });
  const from = amountLike(work, work.amount);
  if (work.amount < mostSeconds) {
    const most = Math.max(work.amount + stepSeconds, work.kind === 'hold' ? reached(state) : 0);
    const to = amountLike(work, Math.min(mostSeconds, most));
    return {
      kind: 'repeat',
      amount: to,
      reason: { step: 'target', kind: 'more', from, to, upTo: mostSeconds },
    };
  }
  const reason = { step: 'target', kind: 'full', amount: from } as const;
  if (!cell.load) return { kind: 'repeat', amount: from, full: true, reason };
  const low = lowEnd(prescription.work);
  return { kind: 'stepUp', able: from, low, most: low, stepReps: 1, capPercent, reason };
};
