import type { DrayDocument } from '@dray/core';
import { LISTS } from './dray-db';

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
  return result;
}
