import { amountLike, amountOf, type Amount } from '../model';
import { startAmount, type Ask } from '../resolve';
import { repSpan } from './rep-span';
import type { SchemeNext, SchemeOf, SchemeState } from './scheme';

/** Reps towards a load that is past the cap. Common practice, no published source. */
const STEP_REPS = 1;

type TechnicalFailure = SchemeOf<'technicalFailure'>;

/**
 * Every set goes on while form holds, so later ones are shorter: the first one, when they are fresh, says how it is. When it
 * reaches the top of the range, the next load; when form goes before the low end, the load drops back by its share. Common
 * practice, no published source.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example technicalFailure(state, { kind: 'technicalFailure', dropPercent: 10, capPercent: 10 }).reason.kind // 'form'
 */
export const technicalFailure: SchemeNext<TechnicalFailure> = (state, scheme) => {
  const { cell, evidence } = state;
  const { work } = cell;
  const { low, high } = spanOf(state);
  const verdict = (
    kind: 'toTheEnd' | 'held' | 'clean' | 'went' | 'unknown',
    count: number,
    mostKg?: number,
  ) =>
    ({
      step: 'target',
      kind: 'form',
      verdict: kind,
      reps: count,
      low,
      high,
      dropPercent: scheme.dropPercent,
      mostKg,
    }) as const;
  if (evidence.kind === 'assumed') {
    if (work.amount >= high) return full(state, scheme, work.amount);
    const grown = Math.min(high, work.amount + STEP_REPS);
    return { kind: 'repeat', amount: amountLike(work, grown), reason: verdict('toTheEnd', grown) };
  }
  if (evidence.kind !== 'made' && evidence.kind !== 'short') {
    return {
      kind: 'repeat',
      amount: amountLike(work, work.amount),
      sets: work.sets,
      reason: verdict('unknown', 0),
    };
  }
  const { first } = evidence;
  if (first >= high) return full(state, scheme, first);
  // After a step that is worth fewer reps than the plan's, these are what is asked.
  if (first >= Math.min(low, work.amount)) {
    const grown = Math.max(work.amount, Math.min(high, first + STEP_REPS));
    return { kind: 'repeat', amount: amountLike(work, grown), reason: verdict('held', first) };
  }
  if (!cell.load) {
    const fewer = Math.max(1, first);
    return { kind: 'repeat', amount: amountLike(work, fewer), reason: verdict('went', fewer) };
  }
  const mostKg = cell.load.kg * (1 - scheme.dropPercent / 100);
  return { kind: 'stepDown', mostKg, amount: lowAmount(state), reason: verdict('went', first, mostKg) };
};

function spanOf({ cell, prescription }: SchemeState): { readonly low: number; readonly high: number } {
  return repSpan(prescription.work) ?? { low: cell.work.amount, high: cell.work.amount };
}

function lowAmount({ prescription }: SchemeState): Amount {
  const span = repSpan(prescription.work);
  return span ? amountOf('reps', span.low) : startAmount(prescription.work);
}

function full(state: SchemeState, { capPercent }: TechnicalFailure, first: number): Ask {
  const { work, load } = state.cell;
  const { low, high } = spanOf(state);
  const reason = { step: 'target', kind: 'form', verdict: 'clean', reps: first, low, high } as const;
  if (!load) return { kind: 'repeat', amount: amountLike(work, work.amount), full: true, reason };
  return {
    kind: 'stepUp',
    able: amountLike(work, Math.max(work.amount, Math.min(first, high))),
    low: lowAmount(state),
    most: amountLike(work, high),
    stepReps: STEP_REPS,
    capPercent,
    reason,
  };
}
