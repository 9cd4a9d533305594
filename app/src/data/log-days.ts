import { addDays, type DrayDocument, type LogEntry } from '@dray/core';
import type { Table } from 'dexie/dist/modern/dexie.min.mjs';
import { anywhere, outcome, type RecordChange } from './changes';
import type { Prefer } from './merge';

/** All sets of one person in one session on one day: a log of a million sets is some fifty thousand of these. */
export interface LogDay {
  readonly id: string;
  readonly participantId: string;
  readonly date: string;
  readonly entries: readonly LogEntry[];
}

export type LogDays = Table<LogDay, string>;

export function dayOf({ participantId, date, sessionId }: LogEntry): string {
  return `${participantId} ${date} ${sessionId}`;
}

/** Up to so many days the whole log is kept at hand; of a longer one only what present programs rest on. */
const MOST_AT_HAND = 4000;
/** What happened so long before a program still tells of strength as it begins. */
const DAYS_BEFORE = 56;
const DAYS_A_WEEK = 7;
/** Programs that ended longer ago do not hold the log open. */
const DAYS_AFTER = 28;

/** The first day of the log that screens need at hand: some weeks before the earliest program that is still of interest. */
export function logHorizon(programs: DrayDocument['programs'], today: string): string {
  const current = programs.filter(
    ({ startDate, weeks }) => addDays(startDate, weeks.length * DAYS_A_WEEK + DAYS_AFTER) >= today,
  );
  const first = current.reduce(
    (earliest, { startDate }) => (startDate < earliest ? startDate : earliest),
    today,
  );
  return addDays(first, -DAYS_BEFORE);
}

/** Rows fetched at once: few enough that the page stays free in between. */
const ROWS_AT_ONCE = 300;

/** The log at hand: all of it where that is little. */
export async function readLog(days: LogDays, horizon: string): Promise<LogEntry[]> {
  const all = (await days.count()) <= MOST_AT_HAND;
  const keys = await (all ? days.toCollection() : days.where('date').aboveOrEqual(horizon)).primaryKeys();
  return entriesIn(await readRows(days, keys));
}

/** Rows by their keys, some at a time: a page that waits for thousands at once does nothing else meanwhile. */
async function readRows(days: LogDays, keys: readonly string[]): Promise<LogDay[]> {
  const rows: LogDay[] = [];
  for (let at = 0; at < keys.length; at += ROWS_AT_ONCE) {
    for (const row of await days.bulkGet(keys.slice(at, at + ROWS_AT_ONCE))) if (row) rows.push(row);
  }
  return rows;
}

/** Adds entries to their days, within the transaction it is called in; one with a known id takes that one's place. */
export async function addLog(
  days: LogDays,
  log: readonly LogEntry[],
  onProgress: (share: number) => void = () => undefined,
): Promise<void> {
  const rows = daysFrom(log);
  for (let at = 0; at < rows.length; at += ROWS_AT_ONCE) {
    const part = rows.slice(at, at + ROWS_AT_ONCE);
    const known = await days.bulkGet(part.map(({ id }) => id));
    await days.bulkPut(
      part.map((row, index) => {
        const fresh = new Set(row.entries.map(({ id }) => id));
        const kept = known[index]?.entries.filter(({ id }) => !fresh.has(id)) ?? [];
        return { ...row, entries: [...kept, ...row.entries] };
      }),
    );
    onProgress(Math.min(1, (at + ROWS_AT_ONCE) / rows.length));
  }
}

/** Everything one person has logged, from the first day on. */
export async function readLogOf(days: LogDays, participantId: string): Promise<LogEntry[]> {
  return entriesIn(
    await readRows(days, await days.where('participantId').equals(participantId).primaryKeys()),
  );
}

/** In order of date, and within a day as it was written down. */
function entriesIn(rows: readonly LogDay[]): LogEntry[] {
  return [...rows]
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
    .flatMap(({ entries }) => entries);
}

/** Rows for a whole log. */
export function daysFrom(log: readonly LogEntry[]): LogDay[] {
  const days = new Map<string, { participantId: string; date: string; entries: LogEntry[] }>();
  for (const entry of log) {
    const key = dayOf(entry);
    const day = days.get(key);
    if (day) day.entries.push(entry);
    else days.set(key, { participantId: entry.participantId, date: entry.date, entries: [entry] });
  }
  return [...days].map(([id, day]) => ({ id, ...day }));
}

/**
 * Writes changed entries into their days, within the transaction it is called in: what another tab has put into the same day
 * stays, and what it has changed in the same entry.
 *
 * @returns the days that were touched
 */
export async function writeLog(
  days: LogDays,
  changes: readonly RecordChange[],
  prefer: Prefer = 'mine',
): Promise<string[]> {
  if (changes.length === 0) return [];
  const places = changes.flatMap(({ before, after }) => [before, after].flatMap((placed) => placed ?? []));
  const ids = [...new Set(places.map(({ value }) => dayOf(value as LogEntry)))];
  const rows = (await days.bulkGet(ids)).flatMap((row) => row ?? []);
  const standing = new Map(rows.flatMap(({ entries }) => entries.map((entry) => [entry.id, entry] as const)));
  const put = changes.flatMap((change) => {
    const now = standing.get(change.id);
    const { after } = outcome(change, now && anywhere(now), prefer);
    return after ? [after.value as LogEntry] : [];
  });
  const named = new Set(changes.map(({ id }) => id));
  const kept = rows.flatMap(({ entries }) => entries.filter(({ id }) => !named.has(id)));
  const written = daysFrom([...kept, ...put]);
  await days.bulkPut(written);
  const full = new Set(written.map(({ id }) => id));
  await days.bulkDelete(ids.filter((id) => !full.has(id)));
  return ids;
}
