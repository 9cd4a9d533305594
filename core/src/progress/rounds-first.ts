import { amountLike } from '../model';
import { lowEnd, REPS_OVER_GOAL } from './rep-span';
import type { SchemeNext, SchemeOf } from './scheme';

/** Reps towards a load that is past the cap. Common practice, no published source. */
const STEP_REPS = 2;

/** Rounds beyond the plan's stand for reps that were left, up to what the 2-for-2 rule asks. Common practice. */
function spareReps(moreRounds: number): number {
  return Math.max(0, Math.min(REPS_OVER_GOAL, moreRounds));
}

/**
 * Rounds first: one more each week up to a most; then the next load, and back to the plan's rounds. Common
 * practice, no published source: rounds are themselves a level, three for beginners, five for the advanced.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example roundsFirst(state, { kind: 'roundsFirst', mostSets: 5, capPercent: 10 }).reason.kind // 'rounds'
 */
export const roundsFirst: SchemeNext<SchemeOf<'roundsFirst'>> = ({ cell, prescription }, scheme) => {
  const { work } = cell;
  const { sets } = work;
  const { mostSets, capPercent } = scheme;
  const again = amountLike(work, work.amount);
  if (sets < mostSets) {
    return {
      kind: 'repeat',
      amount: again,
      sets: sets + 1,
      reason: { step: 'target', kind: 'rounds', sets: sets + 1, mostSets },
    };
  }
  const reason = { step: 'target', kind: 'roundsFull', sets } as const;
  if (!cell.load) return { kind: 'repeat', amount: again, sets, full: true, reason };
  const low = lowEnd(prescription.work);
  return {
    kind: 'stepUp',
    able: amountLike(
      work,
      work.kind === 'reps' ? work.amount + spareReps(sets - prescription.sets) : work.amount,
    ),
    low,
    most: low,
    stepReps: STEP_REPS,
    sets: prescription.sets,
    capPercent,
    reason,
  };
};
