import { amountLike, amountOf, type Amount } from '../model';
import { startAmount } from '../resolve';
import { leftIn, repSpan } from './rep-span';
import type { SchemeNext, SchemeOf } from './scheme';

/** Reps that work moves by at once, at the most. Common practice, no published source. */
const MOST_REPS = 2;
/** Nobody tells what is left to the rep: this near is as asked. Common practice, no published source. */
export const NEAR_REPS = 1;
const USUALLY_ASKED = 2;

/**
 * By reps in reserve: where clearly more was left than asked, the next load at the plan's own reps; where clearly less was left,
 * as much less as the missing reps are worth by the person's curve. Work without a load moves by reps. Source for reserve as a
 * measure: Zourdos et al. 2016.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example byReserve(state, { kind: 'byReserve', capPercent: 10 }).reason.kind // 'left'
 */
export const byReserve: SchemeNext<SchemeOf<'byReserve'>> = (
  { cell, evidence, prescription, curve },
  scheme,
) => {
  const { work } = cell;
  const asked = work.reserve ?? USUALLY_ASKED;
  const left = leftIn(evidence);
  const again = amountLike(work, work.amount);
  if (left === undefined) {
    return { kind: 'repeat', amount: again, sets: work.sets, reason: { step: 'target', kind: 'nobodySaid' } };
  }
  const spare = left - asked;
  const said = (verdict: 'near' | 'shortOfReps' | 'more' | 'fewer', amount: Amount) =>
    ({ step: 'target', kind: 'left', left, asked, verdict, amount }) as const;
  if (Math.abs(spare) <= NEAR_REPS) {
    return { kind: 'repeat', amount: again, sets: work.sets, reason: said('near', again) };
  }
  if (spare > 0) {
    if (evidence.kind === 'short') {
      return { kind: 'repeat', amount: again, sets: work.sets, reason: said('shortOfReps', again) };
    }
    const step = Math.min(MOST_REPS, spare);
    const more = amountLike(work, work.amount + step);
    if (!cell.load) return { kind: 'repeat', amount: more, reason: said('more', more) };
    const span = repSpan(prescription.work);
    const low = span ? amountOf('reps', span.low) : startAmount(prescription.work);
    return {
      kind: 'stepUp',
      able: amountLike(work, work.kind === 'reps' ? work.amount + spare : work.amount),
      low,
      most: low,
      stepReps: step,
      capPercent: scheme.capPercent,
      reason: said('more', again),
    };
  }
  if (!cell.load) {
    const fewer = amountLike(work, Math.max(1, work.amount - Math.min(MOST_REPS, -spare)));
    return { kind: 'repeat', amount: fewer, reason: said('fewer', fewer) };
  }
  const mostKg = (cell.load.kg * curve.percentAt(work.amount + asked)) / curve.percentAt(work.amount + left);
  return {
    kind: 'stepDown',
    mostKg,
    amount: again,
    reason: { step: 'target', kind: 'left', left, asked, verdict: 'lighter', amount: again, mostKg },
  };
};
