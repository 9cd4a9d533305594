import type { LogEntry, Participant } from '../model';
import type { Catalog } from '../ladder';
import { doneSets } from '../program';
import type { ReadyCell } from '../resolve';
import { strengthBook } from '../strength';
import { daysBetween } from '../units';

/** Weeks without a gain before it is called a plateau. Common practice, no published source. */
export const PLATEAU_WEEKS = 4;
const DAYS_A_WEEK = 7;
/** Visits that the weeks must hold to say anything. */
const LEAST_VISITS = 3;

export interface Plateau {
  readonly weeks: number;
  /** Of the maximum. */
  readonly gain: number;
  /** How well the maximum is known, as a share. */
  readonly error: number;
}

/**
 * No gain beyond the estimate's own error over some weeks: the best set of the last visit is no better than that of the
 * first, and the running estimate as of the last is within its error of the one as of the first. Undefined where there is a gain, too little was logged, or the exercise says nothing of strength.
 */
export function plateauOf(
  participant: Participant,
  log: readonly LogEntry[],
  cell: ReadyCell,
  catalog: Catalog,
  weeks = PLATEAU_WEEKS,
): Plateau | undefined {
  const { exercise } = cell.version;
  const own = log.filter(({ exerciseId }) => exerciseId === exercise.id);
  const last = own.reduce((latest, { date }) => (date > latest ? date : latest), '');
  if (last === '') return undefined;
  const recent = own.filter(({ date }) => daysBetween(date, last) < weeks * DAYS_A_WEEK);
  const visits = new Set(recent.map(({ date }) => date));
  const first = [...visits].sort()[0];
  if (visits.size < LEAST_VISITS || first === undefined) return undefined;
  if (daysBetween(first, last) < (weeks - 1) * DAYS_A_WEEK) return undefined;
  if (bestWork(own, last) > bestWork(own, first)) return undefined;
  const sets = doneSets(participant, log);
  const at = (upTo: string) => {
    const known = sets.filter(({ date }) => date <= upTo);
    return strengthBook(participant, known, catalog, upTo).running(exercise, cell.tier);
  };
  const before = at(first);
  const after = at(last);
  if (!before || !after) return undefined;
  const gain = after.maxKg / before.maxKg - 1;
  return gain <= after.standardError ? { weeks, gain, error: after.standardError } : undefined;
}

/** The heaviest set of a day, by its load and reps together. */
function bestWork(entries: readonly LogEntry[], day: string): number {
  const ofDay = entries.filter(({ date }) => date === day);
  return Math.max(0, ...ofDay.map(({ loadKg, amount }) => (loadKg ?? 1) * amount));
}
