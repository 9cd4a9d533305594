import { isHeld, isPair, midSentence, type DrayDocument, type LogEntry } from '../model';
import { versionKeyOfSet, type Catalog } from '../ladder';
import { catalogOf } from '../library';
import { logIndex } from '../program';
import { formatHeld, groupBy, SAME_LOAD_KG, type MassUnit } from '../units';
import { sideDifference } from './sides';

export type WinKind = 'firstRung' | 'longestHold' | 'equalSides' | 'heaviest' | 'painFree' | 'regular';

/** Something that went better than ever before, in a sentence a coach can say. */
export interface Win {
  readonly kind: WinKind;
  readonly participantId: string;
  readonly date: string;
  readonly words: string;
}

/** A day of one person, told in the reader's unit. */
interface DayOf {
  readonly participantId: string;
  readonly date: string;
  readonly unit: MassUnit;
}

/** Visits in a calendar month before it counts as regular. Common practice, no published source. */
const REGULAR_VISITS = 4;
/** Months that must have been before it. */
const LEAST_MONTHS = 1;
const MONTH = 'yyyy-mm'.length;

/**
 * What of one day was a first or a best for a person, against everything they logged before it.
 *
 * @param document with its log
 * @param of whom, which day (ISO date of the visit), the reader's unit
 * @example winsOf(document, { participantId: 'odile', date: '2026-11-10', unit: 'kg' })[0]?.kind // 'firstRung'
 */
export function winsOf(document: DrayDocument, of: DayOf): Win[] {
  return winsIn(logIndex(document.log).ofPerson(of.participantId), catalogOf(document), of);
}

/**
 * The same from one person's entries, where they are at hand: nobody else's log is looked through for it.
 *
 * @param log all that the person logged, in any order
 * @param catalog looks up what was done
 * @param of whom, which day (ISO date of the visit), the reader's unit
 * @example winsIn(hers, catalog, { participantId: 'odile', date: '2026-11-10', unit: 'kg' })[0]?.kind // 'firstRung'
 */
export function winsIn(
  log: readonly LogEntry[],
  catalog: Catalog,
  { participantId, date, unit }: DayOf,
): Win[] {
  const today = log.filter((entry) => entry.date === date);
  const before = log.filter((entry) => entry.date < date);
  const exercises = new Set(today.map(({ exerciseId }) => exerciseId));
  const wins: Win[] = [];
  const say = (kind: WinKind, words: string) => wins.push({ kind, participantId, date, words });

  const keyOf = (entry: LogEntry) => versionKeyOfSet(entry, catalog.rungById);
  // Of years of a log only what was done this day is of interest.
  const earlierByVersion = groupBy(
    before.filter(({ exerciseId }) => exercises.has(exerciseId)),
    keyOf,
  );
  const rungsBefore = new Set(before.map(({ rungId }) => rungId));
  for (const [key, sets] of groupBy(today, keyOf)) {
    const exercise = catalog.exerciseById(sets[0]?.exerciseId ?? '');
    const name = midSentence(exercise?.name ?? sets[0]?.exerciseId ?? '');
    // A hold of an easier version is no measure of this one.
    const earlier = earlierByVersion.get(key) ?? [];
    const rungId = sets.find((entry) => entry.rungId !== undefined)?.rungId;
    const rung = rungId === undefined ? undefined : catalog.versionByRung.get(rungId);
    const firstRung = rung !== undefined && before.length > 0 && !rungsBefore.has(rungId) && clean(sets);
    if (firstRung) say('firstRung', `First clean sets of “${rung.name}”.`);
    if (earlier.length === 0) continue;

    const heaviest = most(sets, ({ loadKg }) => loadKg ?? 0);
    const held = most(sets, ({ counted, amount }) => (counted === 'seconds' ? amount : 0));
    if (heaviest > most(earlier, ({ loadKg }) => loadKg ?? 0) + SAME_LOAD_KG) {
      say('heaviest', `Heaviest yet: ${name} with ${formatHeld(heaviest, unit, sets.some(isPair))}.`);
    }
    if (
      exercise &&
      isHeld(exercise) &&
      held > most(earlier, ({ counted, amount }) => (counted === 'seconds' ? amount : 0))
    ) {
      say('longestHold', `Longest hold yet: ${name}, ${held} s.`);
    }
    const wasUneven = sideDifference(lastDay(earlier)) !== undefined;
    const bothSides = sets.some(({ side }) => side === 'left') && sets.some(({ side }) => side === 'right');
    if (wasUneven && bothSides && !sideDifference(sets)) say('equalSides', `Both sides equal: ${name}.`);
    const hurtBefore = lastDay(earlier).some(({ pain }) => pain && pain.score > 0);
    if (hurtBefore && sets.every(({ pain }) => !pain || pain.score === 0)) {
      say('painFree', `Without pain again: ${name}.`);
    }
  }

  const month = date.slice(0, MONTH);
  const visits = visitsByMonth(log.filter((entry) => entry.date <= date));
  const thisMonth = visits.get(month) ?? 0;
  const others = [...visits].flatMap(([key, count]) => (key === month ? [] : count));
  const record = Math.max(0, ...others);
  if (thisMonth >= REGULAR_VISITS && others.length >= LEAST_MONTHS && thisMonth === record + 1) {
    say('regular', `The most regular month yet: ${thisMonth} visits.`);
  }
  return wins;
}

function clean(sets: readonly LogEntry[]): boolean {
  return sets.every(({ form, amount, pain }) => form !== 'lost' && amount > 0 && !(pain && pain.score > 0));
}

function most(sets: readonly LogEntry[], of: (entry: LogEntry) => number): number {
  return sets.reduce((best, entry) => Math.max(best, of(entry)), 0);
}

function lastDay(entries: readonly LogEntry[]): LogEntry[] {
  const last = entries.reduce((latest, { date }) => (date > latest ? date : latest), '');
  return entries.filter(({ date }) => date === last);
}

function visitsByMonth(entries: readonly LogEntry[]): Map<string, number> {
  const days = new Set(entries.map(({ date }) => date));
  const months = new Map<string, number>();
  for (const day of days) months.set(day.slice(0, MONTH), (months.get(day.slice(0, MONTH)) ?? 0) + 1);
  return months;
}
