import { amountLike } from '../model';
import { harderVersion } from './harder';
import { repSpan } from './rep-span';
import { repsThenLoad } from './reps-then-load';
import type { SchemeNext, SchemeOf } from './scheme';
import { timeFirst } from './time-first';

/** Seconds of a hold after which it is made harder instead of longer. Common practice, no published source. */
const LONG_HOLD_SECONDS = 45;
const HOLD_STEP_SECONDS = 5;

/**
 * The harder version before the heavier load: when the work was made on two visits, half of the way to the next rung
 * where one lever on the spot leads there, else the next rung itself. Where the ladder ends, or a caution or the kit closes the
 * next, reps grow and then the load. Common
 * practice, no published source; two visits after the 2-for-2 rule (Haff & Triplett).
 *
 * @param state after a week
 * @param scheme its numbers
 * @example rungFirst(state, { kind: 'rungFirst', capPercent: 10 }).kind // 'harder'
 */
export const rungFirst: SchemeNext<SchemeOf<'rungFirst'>> = (state, { capPercent }) => {
  const { cell, evidence, before, catalog, prescription } = state;
  const { work } = cell;
  const harder = harderVersion(cell.version, catalog);
  if (!harder || !state.reaches(harder)) {
    return repSpan(prescription.work)
      ? repsThenLoad(state, { kind: 'repsThenLoad', stepReps: 1, capPercent })
      : timeFirst(state, {
          kind: 'timeFirst',
          stepSeconds: HOLD_STEP_SECONDS,
          mostSeconds: LONG_HOLD_SECONDS,
          capPercent,
        });
  }
  const made = evidence.kind === 'made' || evidence.kind === 'assumed';
  const twice = before.kind === 'made' || (before.kind === 'assumed' && cell.change !== undefined);
  const { rungId, levers } = harder;
  if (made && twice) {
    return {
      kind: 'harder',
      rungId,
      ...(levers && { levers }),
      reason: { step: 'target', kind: 'madeTwice', harder },
    };
  }
  return {
    kind: 'repeat',
    amount: amountLike(work, work.amount),
    sets: work.sets,
    reason: { step: 'target', kind: 'untilMadeTwice', harder },
  };
};
