import type { LogEntry, Rung } from '../model';
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
 * left, on so many visits, and the points that have to be seen. A set whose reserve nobody wrote down counts as made.
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
    (entry.reserve === undefined || entry.reserve >= gate.reserve);

  const byDay = new Map<string, number>();
  let best = 0;
  for (const entry of own) {
    byDay.set(entry.date, (byDay.get(entry.date) ?? 0) + (made(entry) ? 1 : 0));
    if (entry.counted === counted) best = Math.max(best, entry.amount);
  }
  const most = Math.max(0, ...byDay.values());
  const visits = [...byDay.values()].filter((sets) => sets >= gate.sets).length;
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
