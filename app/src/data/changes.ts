import type { DrayDocument, LogEntry } from '@dray/core';
import { LISTS, type ListName } from './lists';
import { merge, same, type Prefer } from './merge';

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

/** What a change comes to where something may have happened meanwhile. */
export interface Outcome {
  /** What stands there then; absent where nothing does. */
  readonly after?: Placed;
  /** Whether it met another change of the same field. */
  readonly clash: boolean;
}

/**
 * What one change makes of what stands there now, which another tab may have changed since `before`. A new edit prevails where
 * both changed the same field; what is taken back leaves alone what came after it.
 *
 * @param now what stands there, absent where nothing does
 */
export function outcome({ before, after }: RecordChange, now: Placed | undefined, prefer: Prefer): Outcome {
  if (!now) {
    // Another tab has deleted it: an edit brings it back, taking one back does not.
    const stays = after && (!before || prefer === 'mine');
    return { ...(stays && { after }), clash: before !== undefined && after !== undefined };
  }
  if (!after) {
    const untouched = !before || same(before.value, now.value);
    return untouched || prefer === 'mine' ? { clash: false } : { after: now, clash: true };
  }
  const at = before && before.at === after.at ? now.at : after.at;
  if (before?.value === now.value) return { after: { at, value: after.value }, clash: false };
  const { value, clash } = merge(before?.value, after.value, now.value, prefer);
  if (!twice(value)) return { after: { at, value }, clash };
  // Put together, something would stand twice: a slot moved here that was changed there.
  return { after: prefer === 'mine' ? { at, value: after.value } : now, clash: true };
}

/** Whether some id stands twice within a thing. */
function twice(value: unknown, seen = new Set<string>()): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if ('id' in value && typeof value.id === 'string') {
    if (seen.has(value.id)) return true;
    seen.add(value.id);
  }
  return Object.values(value).some((part) => twice(part, seen));
}

/** A document with changes carried out, sharing every record they do not name, and what they met. */
export interface Applied {
  readonly document: DrayDocument;
  readonly clash: boolean;
}

export function applyChanges(
  document: DrayDocument,
  changes: readonly RecordChange[],
  prefer: Prefer = 'mine',
): Applied {
  let result = document;
  let clash = false;
  const outcomeOf = (change: RecordChange, now: Placed | undefined): Placed[] => {
    const { after, clash: met } = outcome(change, now, prefer);
    clash ||= met;
    return after ? [after] : [];
  };
  for (const list of LISTS) {
    const own = new Map(changes.flatMap((change) => (change.list === list ? [[change.id, change]] : [])));
    if (own.size === 0) continue;
    const kept: Identified[] = [];
    const standing = new Map<string, Placed>();
    result[list].forEach((value, at) => {
      if (own.has(value.id)) standing.set(value.id, { at, value });
      else kept.push(value);
    });
    const placed = [...own.values()].flatMap((change) => outcomeOf(change, standing.get(change.id)));
    placed.sort((a, b) => a.at - b.at);
    for (const { at, value } of placed) kept.splice(Math.min(at, kept.length), 0, value as Identified);
    result = { ...result, [list]: kept };
  }
  const sets = changes.filter(({ list }) => list === 'log');
  if (sets.length > 0) {
    const touched = new Set(sets.map(({ id }) => id));
    const standing = new Map<string, LogEntry>();
    const others: LogEntry[] = [];
    for (const entry of result.log) {
      if (touched.has(entry.id)) standing.set(entry.id, entry);
      else others.push(entry);
    }
    const put = sets.flatMap((change) => {
      const now = standing.get(change.id);
      return outcomeOf(change, now && anywhere(now)).map(({ value }) => value as LogEntry);
    });
    result = { ...result, log: [...others, ...put] };
  }
  for (const change of changes) {
    if (change.list !== 'settings') continue;
    const [settings] = outcomeOf(change, anywhere(result.settings));
    if (settings) result = { ...result, settings: settings.value as DrayDocument['settings'] };
  }
  return { document: result, clash };
}
