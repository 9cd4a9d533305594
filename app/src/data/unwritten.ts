import type { RecordChange } from './changes';
import type { StepsChange } from './document-repository';
import type { Prefer } from './merge';

/** An edit on its way to the disk. */
export interface Write {
  readonly changes: readonly RecordChange[];
  readonly step?: StepsChange;
  readonly prefer: Prefer;
}

/** What a page that goes away had not on the disk yet. */
export interface Unwritten {
  readonly writes: readonly Write[];
  /** Text that could not be read yet, by its field. */
  readonly drafts: Readonly<Record<string, string>>;
}

const PREFIX = 'dray unwritten ';

/**
 * Keeps it where the browser writes at once: a page that closes is not waited for by the store. Nothing, where that is full or
 * forbidden: then the store is all there is.
 */
export function leaveUnwritten(tab: string, { writes, drafts }: Unwritten): void {
  try {
    if (writes.length === 0 && Object.keys(drafts).length === 0) localStorage.removeItem(PREFIX + tab);
    else localStorage.setItem(PREFIX + tab, JSON.stringify({ writes, drafts }));
  } catch {
    return;
  }
}

/** What tabs that are gone have left, oldest key first. */
export function unwrittenLeft(): readonly { readonly tab: string; readonly left: Unwritten }[] {
  try {
    const keys = Array.from({ length: localStorage.length }, (_, at) => localStorage.key(at) ?? '');
    return keys.flatMap((key) => {
      const text = key.startsWith(PREFIX) ? localStorage.getItem(key) : null;
      return text === null ? [] : [{ tab: key.slice(PREFIX.length), left: JSON.parse(text) as Unwritten }];
    });
  } catch {
    return [];
  }
}
