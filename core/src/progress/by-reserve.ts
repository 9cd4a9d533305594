import { percentOfMax } from '../strength';
import { formatLoad } from '../units';
import type { SchemeNext, SchemeOf } from './scheme';

/** Reps that work moves by at once, at the most. Common practice, no published source. */
const MOST_REPS = 2;
/** Nobody tells what is left to the rep: this near is as asked. Common practice, no published source. */
const NEAR_REPS = 1;

/**
 * By reps in reserve: where clearly more was left than asked, the next load within the cap; where clearly less was left,
 * as much less as the load chart says the missing reps are worth. Work without a load moves by reps. Source for reserve as a
 * measure: Zourdos et al. 2016; for the load chart: Haff & Triplett.
 */
export const byReserve: SchemeNext<SchemeOf<'byReserve'>> = ({ cell, evidence, unit }, scheme) => {
  const { amount, reserve: asked = 2, sets } = cell.work;
  const short =
    evidence.kind === 'short' ? ` Last week ${evidence.worst} of ${amount} in the shortest set.` : '';
  const again = (why: string) => ({ kind: 'amount' as const, amount, sets, reason: `${why}${short}` });
  const left = evidence.kind === 'made' || evidence.kind === 'short' ? evidence.reserve : undefined;
  if (left === undefined) return again('Nobody said what was left: the same again.');
  const spare = left - asked;
  const said = `${left} left, ${asked} asked`;
  if (Math.abs(spare) <= NEAR_REPS) return again(`${said}: near enough, the same again.`);
  if (spare > 0) {
    if (evidence.kind === 'short') return again(`${said}, but short of the reps: the same again.`);
    const stepAmount = Math.min(MOST_REPS, spare);
    if (!cell.load)
      return { kind: 'amount', amount: amount + stepAmount, reason: `${said}: ${stepAmount} more.` };
    return {
      kind: 'stepUp',
      amountAfter: amount,
      stepAmount,
      capPercent: scheme.capPercent,
      reason: `${said}: time for the next load.`,
    };
  }
  if (!cell.load) {
    const fewer = Math.max(1, amount - Math.min(MOST_REPS, -spare));
    return { kind: 'amount', amount: fewer, reason: `${said}: ${fewer} instead of ${amount}.${short}` };
  }
  const mostKg = (cell.load.kg * percentOfMax(amount + asked)) / percentOfMax(amount + Math.max(0, left));
  return {
    kind: 'stepDown',
    mostKg,
    amount,
    reason: `${said}: back to ${formatLoad(mostKg, unit)} at the most.${short}`,
  };
};
