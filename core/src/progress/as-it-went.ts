import { amountLike, amountOf, reps, type Scheme } from '../model';
import { USUAL_RESERVE, type Ask } from '../resolve';
import { NEAR_REPS } from './by-reserve';
import { leftIn, repSpan } from './rep-span';
import type { SchemeState } from './scheme';

/** Weeks running that fall short at one load before it goes down. Common practice, no published source. */
export const SHORT_WEEKS = 3;
/** How far down, in percent. Source: ACSM position stand 2009, 2-10 % as the size of a step; downwards common practice. */
const DOWN_PERCENT = 7.5;

/** Reps left beyond what was asked that make work too easy for someone. Common practice, no published source. */
export const EASY_BY = 4;

/** Reps added at once to what was too easy without a load, and towards the plan's own. Common practice. */
const EASY_REPS = 4;
const BACK_REPS = 2;

/** Schemes that lead by a plan of their own. */
const LED_BY_PLAN: ReadonlySet<Scheme['kind']> = new Set(['wave']);
/** Schemes that make something of what was left, or that leave nothing on purpose. */
const READS_RESERVE: ReadonlySet<Scheme['kind']> = new Set(['byReserve', 'technicalFailure', 'wave']);
/** Schemes that make something of a week that fell short themselves. */
const READS_SHORT: ReadonlySet<Scheme['kind']> = new Set(['byReserve', 'technicalFailure', 'wave']);

/**
 * A week that fell short: the same again, and after some of them running a step down, whatever the scheme but a wave; one that
 * judges form or reserve drops back by itself first.
 *
 * @param state after a week
 * @param scheme that may read more out of it
 * @returns undefined where it did not, or where the scheme has its own answer
 * @example fellShort(state, scheme)?.kind // 'stepDown', after three weeks
 */
export function fellShort(state: SchemeState, { kind }: Scheme): Ask | undefined {
  const { cell, evidence, shortWeeks } = state;
  if (evidence.kind !== 'short') return undefined;
  const { work, load } = cell;
  const { formLost, worst } = evidence;
  if (shortWeeks < SHORT_WEEKS || LED_BY_PLAN.has(kind)) {
    if (READS_SHORT.has(kind)) return undefined;
    const asked = amountLike(work, work.amount);
    const reason = { step: 'target', kind: 'fellShort', worst, asked, formLost } as const;
    return { kind: 'repeat', amount: asked, sets: work.sets, reason };
  }
  const kept = 1 - DOWN_PERCENT / 100;
  const reason = { step: 'target', kind: 'fellShortAgain', weeks: shortWeeks, formLost } as const;
  if (load) {
    const mostKg = load.kg * kept;
    const amount = amountLike(work, work.amount);
    return { kind: 'stepDown', mostKg, amount, reason: { ...reason, mostKg, amount } };
  }
  const amount = amountLike(work, Math.max(1, work.amount * kept));
  return { kind: 'repeat', amount, sets: work.sets, reason: { ...reason, amount } };
}

/**
 * Work that was made with too little left to grow from, or with so much left that a bigger step is due, whatever the scheme but
 * one that reads what is left itself.
 *
 * @param state after a week
 * @param scheme that may read it itself
 * @returns undefined where what was left is as asked, or nobody said
 * @example byWhatWasLeft(state, scheme)?.reason.kind // 'nothingSpare'
 */
export function byWhatWasLeft(state: SchemeState, scheme: Scheme): Ask | undefined {
  const { cell, evidence, prescription } = state;
  const { work, load } = cell;
  const left = leftIn(evidence);
  if (left === undefined || evidence.kind !== 'made' || work.kind !== 'reps') return undefined;
  if (READS_RESERVE.has(scheme.kind)) return undefined;
  const asked = work.reserve ?? USUAL_RESERVE;
  if (left < asked - NEAR_REPS) {
    const reason = { step: 'target', kind: 'nothingSpare', left, asked } as const;
    return { kind: 'repeat', amount: amountLike(work, work.amount), sets: work.sets, reason };
  }
  if (left < asked + EASY_BY) return undefined;
  const reason = { step: 'target', kind: 'tooEasy', left, asked } as const;
  const span = repSpan(prescription.work);
  if (!span) return undefined;
  if (load) {
    return {
      kind: 'stepUp',
      able: amountOf('reps', work.amount + left - asked),
      low: amountOf('reps', span.low),
      most: amountOf('reps', span.high),
      stepReps: EASY_REPS,
      capPercent: scheme.capPercent,
      big: true,
      reason,
    };
  }
  // Without a load the scheme's own way on is a harder version, or more reps as far as they go.
  if (scheme.kind === 'rungFirst' || work.amount >= span.high) return undefined;
  const more = amountOf('reps', Math.min(span.high, work.amount + EASY_REPS));
  return { kind: 'repeat', amount: more, reason };
}

/**
 * After a step that was worth fewer reps than the plan's low end, these come first, whatever the scheme but a wave.
 *
 * @param state after a week
 * @param scheme that may lead by a plan of its own
 * @returns undefined where the plan's reps are reached
 * @example backToPlan(state, scheme)?.reason.kind // 'backToPlan', with 6 reps of 8 to 12
 */
export function backToPlan({ cell, prescription, evidence }: SchemeState, { kind }: Scheme): Ask | undefined {
  const { work } = cell;
  const span = repSpan(prescription.work);
  const trained = evidence.kind === 'made' || evidence.kind === 'assumed';
  if (!span || work.kind !== 'reps' || !trained || LED_BY_PLAN.has(kind) || kind === 'technicalFailure')
    return undefined;
  const made = evidence.kind === 'made' ? Math.max(work.amount, evidence.worst) : work.amount;
  if (made >= span.low) return undefined;
  const to = reps(Math.min(span.low, Math.max(made, work.amount + BACK_REPS)));
  return {
    kind: 'repeat',
    amount: { kind: 'reps', amount: to },
    reason: { step: 'target', kind: 'backToPlan', from: work.amount, to },
  };
}
