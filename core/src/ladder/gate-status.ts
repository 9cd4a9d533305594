import { reserveOf, type LogEntry, type Rung } from '../model';
import { gateWords } from './gate-words';

export interface GateStatus {
  /** Nothing is missing. */
  readonly open: boolean;
  /** Visits on which the whole gate was made. */
  readonly visits: number;
  /** What is still missing, in words; empty when the gate is open. */
  readonly missing: readonly string[];
}

/**
 * How far a person is through the gate of a rung, from their log: so many sets of so many reps or seconds with enough
 * left, in good form, without pain and on both sides, on so many visits, and the points that have to be seen. A set of
 * which nobody said what was left counts as made.
 * Common practice, no published source; two visits after the published 2-for-2 rule (Haff & Triplett).
 *
 * @param log the person's entries, in any order
 */
export function gateStatus(rung: Rung, log: readonly LogEntry[]): GateStatus {
  const { gate } = rung;
  const own = log.filter(({ rungId }) => rungId === rung.id);
  if (own.length === 0)
    return { open: false, visits: 0, missing: [`${gateWords(gate)}; nothing logged yet`] };
  const wanted = gate.reps ?? gate.seconds ?? 0;
  const counted = gate.reps === undefined ? 'seconds' : 'reps';
  const made = (entry: LogEntry) =>
    entry.counted === counted &&
    entry.amount >= wanted &&
    entry.form !== 'lost' &&
    (entry.pain?.score ?? 0) === 0 &&
    (reserveOf(entry) ?? gate.reserve) >= gate.reserve;

  // A set with two sides is made when both are.
  const byDay = new Map<string, Map<number, boolean>>();
  let best = 0;
  for (const entry of own) {
    const sets = byDay.get(entry.date) ?? new Map<number, boolean>();
    byDay.set(entry.date, sets.set(entry.set, made(entry) && (sets.get(entry.set) ?? true)));
    if (entry.counted === counted) best = Math.max(best, entry.amount);
  }
  const setsMade = [...byDay.values()].map((sets) => [...sets.values()].filter(Boolean).length);
  const most = Math.max(0, ...setsMade);
  const visits = setsMade.filter((sets) => sets >= gate.sets).length;
  const seen = new Set(own.flatMap((entry) => entry.seen ?? []));

  const missing: string[] = [];
  const unit = counted === 'reps' ? '' : ' s';
  const left = gate.reserve > 0 ? ` with ${gate.reserve} left` : '';
  if (visits === 0) {
    if (most === 0) missing.push(`a set of ${wanted}${unit}${left}, the best so far is ${best}${unit}`);
    if (most < gate.sets) {
      missing.push(`${gate.sets} sets of ${wanted}${unit} in one visit, ${most} so far`);
    }
  }
  if (visits < gate.visits) {
    const more = gate.visits - visits;
    missing.push(`${more} more ${more === 1 ? 'visit' : 'visits'} like that`);
  }
  for (const point of gate.seen ?? []) if (!seen.has(point)) missing.push(`to see: ${point}`);
  return { open: missing.length === 0, visits, missing };
}
