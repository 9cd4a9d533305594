import { formatLoad } from '../units';
import { repSpan } from './reps-then-load';
import type { SchemeNext, SchemeOf } from './scheme';

/** Reps towards a load that is past the cap. Common practice, no published source. */
const STEP_REPS = 1;

/**
 * Every set goes on while form holds. When all of them reach the top of the range, the next load within the cap; when form
 * goes before the low end, the load drops back by its share. Common practice, no published source.
 */
export const technicalFailure: SchemeNext<SchemeOf<'technicalFailure'>> = (
  { cell, prescription, evidence, unit },
  scheme,
) => {
  const { amount, sets } = cell.work;
  const span = repSpan(prescription.work);
  const low = span?.low ?? amount;
  const high = span?.high ?? amount;
  const again = (reason: string) => ({ kind: 'amount' as const, amount, sets, reason });
  if (evidence.kind === 'assumed') {
    if (amount >= high) return full();
    const grown = Math.min(high, amount + STEP_REPS);
    return {
      kind: 'amount',
      amount: grown,
      reason: `To the end of good form: ${grown}, if it goes as before.`,
    };
  }
  if (evidence.kind !== 'made' && evidence.kind !== 'short')
    return again('Nothing to go by: the same again.');
  const { worst, best } = evidence;
  if (worst >= high) return full();
  if (worst >= low) {
    const grown = Math.max(low, Math.min(high, worst + STEP_REPS));
    return {
      kind: 'amount',
      amount: grown,
      reason: `Form held for ${worst} to ${best}: the same load until every set reaches ${high}.`,
    };
  }
  if (!cell.load) {
    const fewer = Math.max(1, worst);
    return {
      kind: 'amount',
      amount: fewer,
      reason: `Form went at ${worst}: sets of ${fewer} while it is clean.`,
    };
  }
  const mostKg = cell.load.kg * (1 - scheme.dropPercent / 100);
  return {
    kind: 'stepDown',
    mostKg,
    amount: low,
    reason: `Form went at ${worst}, before ${low}: back by ${scheme.dropPercent} %, to ${formatLoad(mostKg, unit)} at the most.`,
  };

  function full() {
    if (!cell.load)
      return { kind: 'amount' as const, amount, gate: true, reason: `Clean to ${high} in every set.` };
    return {
      kind: 'stepUp' as const,
      amountAfter: low,
      stepAmount: STEP_REPS,
      capPercent: scheme.capPercent,
      reason: `Clean to ${high} in every set: time for the next load, from ${low}.`,
    };
  }
};
