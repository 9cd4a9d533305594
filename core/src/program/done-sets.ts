import { isPair, reserveOf, type KnownSet, type LogEntry, type Participant } from '../model';

/** More than this says little of strength, and no equation holds for it. */
const MOST_REPS = 30;

function knownSetFrom(entry: LogEntry): KnownSet[] {
  const { exerciseId, rungId, loadKg, amount, counted, date } = entry;
  const hold = isPair(entry) ? 'pair' : entry.hold;
  if (counted !== 'reps' || amount < 1 || amount > MOST_REPS) return [];
  return [{ exerciseId, rungId, loadKg, hold, reps: amount, reserve: reserveOf(entry), date }];
}

/**
 * Every set that says something of a person's strength: what the coach noted on them, and what was logged.
 *
 * @param participant whose notes
 * @param log their entries
 * @example doneSets(juno, entries).length // 24
 */
export function doneSets(participant: Participant, log: readonly LogEntry[]): KnownSet[] {
  return [...participant.knownSets, ...log.flatMap(knownSetFrom)];
}
