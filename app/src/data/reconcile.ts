import type { DrayDocument, LogEntry } from '@dray/core';
import { LISTS } from './lists';

/**
 * A freshly read document with every record that says the same as before replaced by the record there was, so that
 * what another tab did not touch is not worked out again.
 */
export function reconcile(before: DrayDocument, read: DrayDocument): DrayDocument {
  let result = read;
  for (const list of LISTS) {
    const known = new Map<string, unknown>(before[list].map((value) => [value.id, value]));
    const values = read[list].map((value) => {
      const old = known.get(value.id);
      return old !== undefined && JSON.stringify(old) === JSON.stringify(value) ? old : value;
    });
    const same =
      values.length === before[list].length && values.every((value, at) => value === before[list][at]);
    result = { ...result, [list]: same ? before[list] : values };
  }
  return { ...result, log: reconcileLog(before.log, read.log) };
}

/** The same for a log, whose order says nothing. */
export function reconcileLog(before: readonly LogEntry[], read: readonly LogEntry[]): LogEntry[] {
  const known = new Map(before.map((entry) => [entry.id, entry]));
  let same = before.length === read.length;
  const values = read.map((entry) => {
    const old = known.get(entry.id);
    if (old && JSON.stringify(old) === JSON.stringify(entry)) return old;
    same = false;
    return entry;
  });
  return same ? (before as LogEntry[]) : values;
}
