import { amountLike } from '../model';
import type { ReasonOf } from '../reason';
import type { Ask } from '../resolve';
import { lowEnd, repSpan } from './rep-span';
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
  const { high } = spanOf(state);
  if (evidence.kind === 'made' || evidence.kind === 'short') return afterSets(state, scheme, evidence.first);
  if (evidence.kind !== 'assumed') {
    const amount = amountLike(work, work.amount);
    return { kind: 'repeat', amount, sets: work.sets, reason: said(state, 'unknown', 0) };
  }
  if (work.amount >= high) return full(state, scheme, work.amount);
  const grown = Math.min(high, work.amount + STEP_REPS);
  return { kind: 'repeat', amount: amountLike(work, grown), reason: said(state, 'toTheEnd', grown) };
};

/** What the first set says. */
function afterSets(state: SchemeState, scheme: TechnicalFailure, first: number): Ask {
  const { work, load } = state.cell;
  const { low, high } = spanOf(state);
  if (first >= high) return full(state, scheme, first);
  // After a step that is worth fewer reps than the plan's, these are what is asked.
  if (first >= Math.min(low, work.amount)) {
    const grown = Math.max(work.amount, Math.min(high, first + STEP_REPS));
    return { kind: 'repeat', amount: amountLike(work, grown), reason: said(state, 'held', first) };
  }
  if (!load) {
    const fewer = Math.max(1, first);
    return { kind: 'repeat', amount: amountLike(work, fewer), reason: said(state, 'went', fewer) };
  }
  const { dropPercent } = scheme;
  const mostKg = load.kg * (1 - dropPercent / 100);
  const reason = { ...said(state, 'went', first), dropPercent, mostKg };
  return { kind: 'stepDown', mostKg, amount: lowEnd(state.prescription.work), reason };
}

function said(state: SchemeState, verdict: ReasonOf<'form'>['verdict'], reps: number): ReasonOf<'form'> {
  const { low, high } = spanOf(state);
  return { step: 'target', kind: 'form', verdict, reps, low, high };
}

function spanOf({ cell, prescription }: SchemeState): { readonly low: number; readonly high: number } {
  return repSpan(prescription.work) ?? { low: cell.work.amount, high: cell.work.amount };
}

function full(state: SchemeState, { capPercent }: TechnicalFailure, first: number): Ask {
  const { work, load } = state.cell;
  const { high } = spanOf(state);
  const reason = said(state, 'clean', first);
  if (!load) return { kind: 'repeat', amount: amountLike(work, work.amount), full: true, reason };
  return {
    kind: 'stepUp',
    able: amountLike(work, Math.max(work.amount, Math.min(first, high))),
    low: lowEnd(state.prescription.work),
    most: amountLike(work, high),
    stepReps: STEP_REPS,
    capPercent,
    reason,
  };
}
