import { isPair, type LogEntry, type Muscle, type Visit } from '../model';
import type { Catalog } from '../ladder';
import { monotony, sessionLoad } from '../program/session-load';
import { setsDone } from '../program/volume';
import { addDays, weekdayOf } from '../units';
import { sideDifference } from './sides';

/**
 * The Monday of the week a date lies in.
 *
 * @param date ISO date
 * @example mondayOf('2026-11-25') // '2026-11-23'
 */
export function mondayOf(date: string): string {
  return addDays(date, 1 - weekdayOf(date));
}

/**
 * Mondays from the first week of a log to its last, none left out.
 *
 * @param entries with their dates
 * @example weeksIn([{ date: '2026-11-25' }]) // ['2026-11-23']
 */
export function weeksIn(entries: readonly { readonly date: string }[]): string[] {
  const dates = entries.map(({ date }) => date);
  const [first] = dates;
  if (first === undefined) return [];
  const start = mondayOf(dates.reduce((least, date) => (date < least ? date : least), first));
  const end = mondayOf(dates.reduce((most, date) => (date > most ? date : most), first));
  const weeks: string[] = [];
  for (let week = start; week <= end; week = addDays(week, 7)) weeks.push(week);
  return weeks;
}

export interface WeekOfLog {
  /** Its Monday. */
  readonly week: string;
  readonly visits: number;
  readonly sets: number;
  /** Kilograms × repetitions. Source of the measure: Haff & Triplett, volume load. */
  readonly volumeKg: number;
  readonly muscles: ReadonlyMap<Muscle, number>;
  /** Effort × minutes, in arbitrary units; Foster et al. 2001. */
  readonly load: number;
  readonly monotony: number | undefined;
}

/**
 * A person's log week by week, weeks away included.
 *
 * @param entries of the person
 * @param visits of the person
 * @param catalog looks up muscles
 * @example historyByWeek(entries, visits, catalog)[0]?.sets // 18
 */
export function historyByWeek(
  entries: readonly LogEntry[],
  visits: readonly Visit[],
  catalog: Catalog,
): WeekOfLog[] {
  const byWeek = new Map<string, LogEntry[]>();
  for (const entry of entries) {
    const week = mondayOf(entry.date);
    const ofWeek = byWeek.get(week);
    if (ofWeek) ofWeek.push(entry);
    else byWeek.set(week, [entry]);
  }
  return weeksIn([...entries, ...visits]).map((week) => {
    const ofWeek = byWeek.get(week) ?? [];
    const sets = new Set(
      ofWeek.map(({ date, slotId, set, exerciseId }) => `${date} ${slotId} ${exerciseId} ${set}`),
    );
    const days = Array.from({ length: 7 }, (_, day) => addDays(week, day));
    const loads = days.map((day) =>
      visits.filter(({ date }) => date === day).reduce((sum, visit) => sum + sessionLoad(visit), 0),
    );
    const load = loads.reduce((sum, day) => sum + day, 0);
    return {
      week,
      visits: new Set(ofWeek.map(({ date, sessionId }) => `${date} ${sessionId}`)).size,
      sets: sets.size,
      volumeKg: ofWeek.reduce(
        (sum, { loadKg = 0, amount, counted }) => sum + (counted === 'reps' ? loadKg * amount : 0),
        0,
      ),
      muscles: setsDone(ofWeek, catalog),
      load,
      monotony: load > 0 ? monotony(loads) : undefined,
    };
  });
}

/**
 * The longest hold of each day, by exercise.
 *
 * @param entries of the person
 * @param isHold whether an exercise is held, as `isHeld` has it
 * @example holdsByDay(entries, isHold).get('plank')?.get('2026-11-24') // 45
 */
export function holdsByDay(
  entries: readonly LogEntry[],
  isHold: (exerciseId: string) => boolean,
): Map<string, Map<string, number>> {
  const holds = new Map<string, Map<string, number>>();
  for (const { exerciseId, counted, amount, date } of entries) {
    if (counted !== 'seconds' || !isHold(exerciseId)) continue;
    const byDay = holds.get(exerciseId) ?? new Map<string, number>();
    byDay.set(date, Math.max(amount, byDay.get(date) ?? 0));
    holds.set(exerciseId, byDay);
  }
  return holds;
}

export interface SidesOfDay {
  readonly date: string;
  readonly exerciseId: string;
  /** Work of the left side as a share of both, 0.5 when equal. */
  readonly left: number;
  readonly uneven: boolean;
}

/**
 * How the sides compared on each day on which both were written down.
 *
 * @param entries of the person
 * @example sidesByDay(entries)[0]?.left // 0.47
 */
export function sidesByDay(entries: readonly LogEntry[]): SidesOfDay[] {
  const days = new Map<string, LogEntry[]>();
  for (const entry of entries) {
    if (!entry.side) continue;
    const key = `${entry.date}\n${entry.exerciseId}`;
    days.set(key, [...(days.get(key) ?? []), entry]);
  }
  return [...days].flatMap(([key, ofDay]): SidesOfDay[] => {
    const [date = '', exerciseId = ''] = key.split('\n');
    const work = (side: 'left' | 'right') =>
      ofDay
        .filter((entry) => entry.side === side)
        .reduce((sum, { amount, loadKg = 1 }) => sum + amount * loadKg, 0);
    const [left, right] = [work('left'), work('right')];
    if (left === 0 || right === 0) return [];
    return [{ date, exerciseId, left: left / (left + right), uneven: sideDifference(ofDay) !== undefined }];
  });
}

/** The best set of an exercise on one day: the heaviest, and of those the longest. */
export interface BestSet {
  readonly date: string;
  readonly week: number;
  readonly exerciseId: string;
  readonly rungId: string | undefined;
  readonly loadKg: number | undefined;
  readonly amount: number;
  readonly counted: LogEntry['counted'];
  /** One in each hand. */
  readonly pair: boolean;
}

/**
 * Then and now: the first and the latest day of each place in the sessions, by its best set.
 *
 * @param entries of the person
 * @example thenAndNow(entries).get('tue-squat')?.now.loadKg // 18
 */
export function thenAndNow(
  entries: readonly LogEntry[],
): Map<string, { readonly then: BestSet; readonly now: BestSet }> {
  const slots = new Map<string, LogEntry[]>();
  for (const entry of entries) {
    const ofSlot = slots.get(entry.slotId);
    if (ofSlot) ofSlot.push(entry);
    else slots.set(entry.slotId, [entry]);
  }
  const result = new Map<string, { then: BestSet; now: BestSet }>();
  for (const [slotId, ofSlot] of slots) {
    const dates = ofSlot.map(({ date }) => date).sort();
    const then = bestOn(ofSlot, dates[0]);
    const now = bestOn(ofSlot, dates.at(-1));
    if (then && now) result.set(slotId, { then, now });
  }
  return result;
}

function bestOn(entries: readonly LogEntry[], date: string | undefined): BestSet | undefined {
  const best = entries
    .filter((entry) => entry.date === date)
    .reduce<LogEntry | undefined>((found, entry) => {
      if (!found) return entry;
      const heavier = (entry.loadKg ?? 0) - (found.loadKg ?? 0);
      return heavier > 0 || (heavier === 0 && entry.amount > found.amount) ? entry : found;
    }, undefined);
  if (!best) return undefined;
  const { week, exerciseId, rungId, loadKg, amount, counted } = best;
  return { date: best.date, week, exerciseId, rungId, loadKg, amount, counted, pair: isPair(best) };
}
