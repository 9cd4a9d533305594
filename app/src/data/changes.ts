import type { DrayDocument, LogEntry } from '@dray/core';
import { LISTS, type ListName } from './dray-db';

/** One record before and after an edit, with its place in its list; absent where it did not or does not exist. */
export interface RecordChange {
  readonly list: ListName | 'settings' | 'log';
  readonly id: string;
  readonly before?: Placed;
  readonly after?: Placed;
}

export interface Placed {
  readonly at: number;
  readonly value: unknown;
}

interface Identified {
  readonly id: string;
}

/** The one record of the settings. */
export const SETTINGS_ID = 'settings';

/**
 * What differs between two documents, record by record. Documents share what did not change, so sameness is
 * identity, and an edit of one session is one change however many log entries there are.
 */
export function changesBetween(before: DrayDocument, after: DrayDocument): RecordChange[] {
  const changes: RecordChange[] = [];
  if (before.settings !== after.settings) {
    changes.push({
      list: 'settings',
      id: SETTINGS_ID,
      before: { at: 0, value: before.settings },
      after: { at: 0, value: after.settings },
    });
  }
  for (const list of LISTS) {
    if (before[list] === after[list]) continue;
    const known = new Map<string, Placed>();
    before[list].forEach((value, at) => known.set(value.id, { at, value }));
    after[list].forEach((value, at) => {
      const old = known.get(value.id);
      known.delete(value.id);
      if (old?.value === value && old.at === at) return;
      changes.push({ list, id: value.id, ...(old && { before: old }), after: { at, value } });
    });
    for (const [id, old] of known) changes.push({ list, id, before: old });
  }
  if (before.log !== after.log) changes.push(...logChanges(before.log, after.log));
  return changes;
}

/** The log has no order: an entry is the same wherever it stands. */
function logChanges(before: DrayDocument['log'], after: DrayDocument['log']): RecordChange[] {
  const changes: RecordChange[] = [];
  const known = new Map(before.map((entry) => [entry.id, entry]));
  for (const entry of after) {
    const old = known.get(entry.id);
    known.delete(entry.id);
    if (old === entry) continue;
    changes.push({
      list: 'log',
      id: entry.id,
      ...(old && { before: anywhere(old) }),
      after: anywhere(entry),
    });
  }
  for (const [id, old] of known) changes.push({ list: 'log', id, before: anywhere(old) });
  return changes;
}

export function anywhere(value: unknown): Placed {
  return { at: 0, value };
}

/** The same changes the other way round. */
export function reversed(changes: readonly RecordChange[]): RecordChange[] {
  return changes.map(({ list, id, before, after }) => ({
    list,
    id,
    ...(after && { before: after }),
    ...(before && { after: before }),
  }));
}

/** A document with changes carried out, sharing every record they do not name. */
export function applyChanges(document: DrayDocument, changes: readonly RecordChange[]): DrayDocument {
  let result = document;
  for (const list of LISTS) {
    const own = changes.filter((change) => change.list === list);
    if (own.length === 0) continue;
    const touched = new Set(own.map(({ id }) => id));
    const kept: Identified[] = result[list].filter(({ id }) => !touched.has(id));
    const placed = own.flatMap(({ after }) => after ?? []).sort((a, b) => a.at - b.at);
    for (const { at, value } of placed) kept.splice(Math.min(at, kept.length), 0, value as Identified);
    result = { ...result, [list]: kept };
  }
  const sets = changes.filter(({ list }) => list === 'log');
  if (sets.length > 0) {
    const touched = new Set(sets.map(({ id }) => id));
    const put = sets.flatMap(({ after }) => (after ? (after.value as LogEntry) : []));
    result = { ...result, log: [...result.log.filter(({ id }) => !touched.has(id)), ...put] };
  }
  const settings = changes.find(({ list }) => list === 'settings')?.after;
  return settings ? { ...result, settings: settings.value as DrayDocument['settings'] } : result;
}
