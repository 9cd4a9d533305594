import { repSpan } from './reps-then-load';
import type { SchemeNext, SchemeOf } from './scheme';

/** Reps towards a load that is past the cap. Common practice, no published source. */
const STEP_REPS = 2;

/**
 * Rounds first: one more each week up to a most; then the next load within the cap, and back to the plan's rounds. Common
 * practice, no published source: rounds are themselves a level, three for beginners, five for the advanced.
 */
export const roundsFirst: SchemeNext<SchemeOf<'roundsFirst'>> = ({ cell, prescription }, scheme) => {
  const { amount, sets } = cell.work;
  if (sets < scheme.mostSets) {
    return {
      kind: 'amount',
      amount,
      sets: sets + 1,
      reason: `Rounds first: ${sets + 1} of up to ${scheme.mostSets}.`,
    };
  }
  if (!cell.load) {
    return { kind: 'amount', amount, sets, reason: `All ${sets} rounds are there.`, gate: true };
  }
  return {
    kind: 'stepUp',
    amountAfter: repSpan(prescription.work)?.low ?? amount,
    stepAmount: STEP_REPS,
    sets: prescription.sets,
    capPercent: scheme.capPercent,
    reason: `All ${sets} rounds are there: the next load, back to ${prescription.sets}.`,
  };
};
