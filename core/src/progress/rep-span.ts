import { amountOf, reps, type Amount, type Reps, type Work } from '../model';
import { startAmount } from '../resolve';
import type { Evidence } from './evidence';
import type { SchemeState } from './scheme';

/** A plan of exactly n reps is filled to n + 2 before the load grows. Source: Haff & Triplett, the 2-for-2 rule. */
export const REPS_OVER_GOAL = 2;

/** From where to where the reps of a set grow at one load. */
export interface RepSpan {
  readonly low: Reps;
  readonly high: Reps;
}

/**
 * From where to where the reps of a set grow at one load.
 *
 * @param work what the plan says of one set
 * @returns undefined for what is not counted in a number of reps
 * @example repSpan({ kind: 'reps', reps: 10 }) // { low: 10, high: 12 }
 */
export function repSpan(work: Work): RepSpan | undefined {
  if (work.kind === 'range') return { low: reps(work.low), high: reps(work.high) };
  if (work.kind === 'reps' || work.kind === 'either') {
    return { low: reps(work.reps), high: reps(work.reps + REPS_OVER_GOAL) };
  }
  return undefined;
}

/**
 * What every set of the last week reached: what was made beyond what was asked counts.
 *
 * @param state after a week
 * @example reached({ ...state, evidence: { kind: 'made', worst: 12, … } }) // 12, where 8 were asked
 */
export function reached({ cell, evidence }: Pick<SchemeState, 'cell' | 'evidence'>): number {
  return evidence.kind === 'made' ? Math.max(cell.work.amount, evidence.worst) : cell.work.amount;
}

/**
 * What the sets of a week left undone, where somebody said.
 *
 * @param evidence of a week
 * @example leftIn({ kind: 'assumed' }) // undefined
 */
export function leftIn(evidence: Evidence): number | undefined {
  return 'reserve' in evidence ? evidence.reserve : undefined;
}

/**
 * The low end of what the plan asks of a set: what a new load begins with.
 *
 * @param work what the plan says of one set
 * @example lowEnd({ kind: 'hold', seconds: 30 }) // { kind: 'hold', amount: 30 }
 */
export function lowEnd(work: Work): Amount {
  const span = repSpan(work);
  return span ? amountOf('reps', span.low) : startAmount(work);
}
