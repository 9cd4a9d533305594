import type { LogEntry } from './log';
import type { Work } from './prescription';

/** As in `units`, which the model does not know. */
const ROUNDING = 1e-9;

declare const unit: unique symbol;

/** Whole repetitions of one set. */
export type Reps = number & { readonly [unit]: 'reps' };

/** Whole seconds of one set. */
export type Seconds = number & { readonly [unit]: 'seconds' };

/**
 * How much one set is, and of what: repetitions, seconds by the class's clock, or seconds of a hold. A limit of one is no limit of
 * another, and the compiler knows.
 */
export type Amount =
  | { readonly kind: 'reps'; readonly amount: Reps }
  | { readonly kind: 'time' | 'hold'; readonly amount: Seconds };

export type AmountKind = Amount['kind'];

/**
 * A number of repetitions, made whole and at least one.
 *
 * @example reps(9.6) // 9
 */
export function reps(count: number): Reps {
  return whole(count) as Reps;
}

/**
 * A number of seconds, made whole and at least one.
 *
 * @example seconds(31.5) // 31
 */
export function seconds(count: number): Seconds {
  return whole(count) as Seconds;
}

/**
 * An amount of the same kind as another.
 *
 * @param like whose kind it has
 * @param count repetitions or seconds, made whole and at least one
 * @example amountLike({ kind: 'hold', amount: seconds(30) }, 35) // { kind: 'hold', amount: 35 }
 */
export function amountLike({ kind }: Amount, count: number): Amount {
  return kind === 'reps' ? { kind, amount: reps(count) } : { kind, amount: seconds(count) };
}

/**
 * An amount of a kind.
 *
 * @example amountOf('reps', 10) // { kind: 'reps', amount: 10 }
 */
export function amountOf(kind: AmountKind, count: number): Amount {
  return kind === 'reps' ? { kind, amount: reps(count) } : { kind, amount: seconds(count) };
}

/**
 * What the amount of a set counts.
 *
 * @example kindOfWork({ kind: 'range', low: 8, high: 12 }) // 'reps'
 */
export function kindOfWork(work: Work): AmountKind {
  if (work.kind === 'time' || work.kind === 'hold') return work.kind;
  return work.kind === 'most' && work.seconds !== undefined ? 'time' : 'reps';
}

/**
 * What a log entry of such an amount counts.
 *
 * @example countedAs('hold') // 'seconds'
 */
export function countedAs(kind: AmountKind): LogEntry['counted'] {
  return kind === 'reps' ? 'reps' : 'seconds';
}

function whole(count: number): number {
  return Math.max(1, Math.floor(count + ROUNDING));
}
