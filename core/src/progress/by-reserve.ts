import { amountLike } from '../model';
import { USUAL_RESERVE, type Ask } from '../resolve';
import { leftIn, lowEnd } from './rep-span';
import type { SchemeNext, SchemeOf, SchemeState } from './scheme';

type ByReserve = SchemeOf<'byReserve'>;

/** Reps that work moves by at once, at the most. Common practice, no published source. */
const MOST_REPS = 2;
/** Nobody tells what is left to the rep: this near is as asked. Common practice, no published source. */
export const NEAR_REPS = 1;

/**
 * By reps in reserve: where clearly more was left than asked, the next load at the plan's own reps; where clearly less was left,
 * as much less as the missing reps are worth by the person's curve. Work without a load moves by reps. Source for reserve as a
 * measure: Zourdos et al. 2016.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example byReserve(state, { kind: 'byReserve', capPercent: 10 }).reason.kind // 'left'
 */
export const byReserve: SchemeNext<ByReserve> = (state, scheme) => {
  const { cell, evidence } = state;
  const { work } = cell;
  const asked = work.reserve ?? USUAL_RESERVE;
  const left = leftIn(evidence);
  const again = amountLike(work, work.amount);
  if (left === undefined) {
    return { kind: 'repeat', amount: again, sets: work.sets, reason: { step: 'target', kind: 'nobodySaid' } };
  }
  const spare = left - asked;
  const near = Math.abs(spare) <= NEAR_REPS;
  if (near || (spare > 0 && evidence.kind === 'short')) {
    const verdict = near ? 'near' : 'shortOfReps';
    const reason = { step: 'target', kind: 'left', left, asked, verdict, amount: again } as const;
    return { kind: 'repeat', amount: again, sets: work.sets, reason };
  }
  return spare > 0 ? more(state, scheme, left, asked) : less(state, left, asked);
};

/** Clearly more was left than asked. */
function more(
  { cell, prescription }: SchemeState,
  { capPercent }: ByReserve,
  left: number,
  asked: number,
): Ask {
  const { work, load } = cell;
  const spare = left - asked;
  const step = Math.min(MOST_REPS, spare);
  const grown = amountLike(work, work.amount + step);
  const reason = { step: 'target', kind: 'left', left, asked, verdict: 'more', amount: grown } as const;
  if (!load) return { kind: 'repeat', amount: grown, reason };
  const low = lowEnd(prescription.work);
  const able = amountLike(work, work.kind === 'reps' ? work.amount + spare : work.amount);
  return { kind: 'stepUp', able, low, most: low, stepReps: step, capPercent, reason };
}

/** Clearly less was. */
function less({ cell: { work, load }, curve }: SchemeState, left: number, asked: number): Ask {
  if (!load) {
    const fewer = amountLike(work, Math.max(1, work.amount - Math.min(MOST_REPS, asked - left)));
    const reason = { step: 'target', kind: 'left', left, asked, verdict: 'fewer', amount: fewer } as const;
    return { kind: 'repeat', amount: fewer, reason };
  }
  const amount = amountLike(work, work.amount);
  const mostKg = (load.kg * curve.percentAt(work.amount + asked)) / curve.percentAt(work.amount + left);
  const reason = { step: 'target', kind: 'left', left, asked, verdict: 'lighter', amount, mostKg } as const;
  return { kind: 'stepDown', mostKg, amount, reason };
}
