import type { LogEntry } from '../model';
import { isOf } from '../ladder';
import { doneSets, programOf } from '../program';
import { countedIn } from '../resolve';
import { strengthBook } from '../strength';
import { daysBetween } from '../units';
import type { SlotReview } from './slot-review';

/** Weeks without a gain before it is called a plateau. Common practice, no published source. */
export const PLATEAU_WEEKS = 4;
const DAYS_A_WEEK = 7;
/** Visits that the weeks must hold to say anything. */
const LEAST_VISITS = 3;

export interface Plateau {
  readonly weeks: number;
  /** Of the maximum; below 0 for a loss. */
  readonly gain: number;
  /** How well the maximum is known, as a share. */
  readonly error: number;
}

/**
 * No gain beyond the estimate's own error over some weeks: the best set of the last visit is no better than that of the
 * first, and the running estimate as of the last is within its error of the one as of the first, or below it. Lighter weeks say
 * nothing, and a wave comes and goes by plan.
 *
 * @param weeks without a gain before it is called one
 * @param review of the slot
 * @returns undefined where there is a gain, too little was logged, or the exercise says nothing of strength
 * @example plateauOf(review)?.weeks // 4
 */
export function plateauOf(review: SlotReview, weeks = PLATEAU_WEEKS): Plateau | undefined {
  const { participant, log, cell, catalog, scheme } = review;
  if (scheme.kind === 'wave') return undefined;
  const sets = setsAtFullWork(review);
  const last = sets.reduce((latest, { date }) => (date > latest ? date : latest), '');
  const recent = sets.filter(({ date }) => daysBetween(date, last) < weeks * DAYS_A_WEEK);
  const visits = [...new Set(recent.map(({ date }) => date))].sort();
  const [first] = visits;
  if (first === undefined || visits.length < LEAST_VISITS) return undefined;
  if (daysBetween(first, last) < (weeks - 1) * DAYS_A_WEEK) return undefined;
  if (bestWork(sets, last) > bestWork(sets, first)) return undefined;
  const done = doneSets(participant, log);
  const estimateAt = (day: string) => {
    const known = done.filter(({ date }) => date <= day);
    return strengthBook(participant, known, catalog, day).running(cell.version.exercise);
  };
  const before = estimateAt(first);
  const after = estimateAt(last);
  if (!before || !after) return undefined;
  const gain = after.maxKg / before.maxKg - 1;
  return gain <= after.standardError ? { weeks, gain, error: after.standardError } : undefined;
}

/** Sets in the version at hand, those of lighter weeks left out. */
function setsAtFullWork({ document, query, log, cell, slot }: SlotReview): LogEntry[] {
  const program = programOf(document, query.sessionId);
  const planned = (program?.weeks ?? []).filter(({ lighter }) => lighter).map(({ week }) => week);
  const decided = document.overrides
    .filter(
      ({ lighter, participantId, slotId }) =>
        lighter && participantId === cell.participantId && slotId === slot.id,
    )
    .map(({ fromWeek }) => fromWeek);
  const lighterWeeks = new Set([...planned, ...decided]);
  return log.filter(
    (entry) =>
      isOf(entry, cell.version) &&
      entry.counted === countedIn(cell) &&
      !(entry.sessionId === query.sessionId && lighterWeeks.has(entry.week)),
  );
}

/** The heaviest set of a day, by its load and reps together. */
function bestWork(entries: readonly LogEntry[], day: string): number {
  const ofDay = entries.filter(({ date }) => date === day);
  return Math.max(0, ...ofDay.map(({ loadKg, amount }) => (loadKg ?? 1) * amount));
}
