import { Injectable } from '@angular/core';
import type { checkEdit, DrayDocument, Problem } from '@dray/core';
import type { RecordChange } from './changes';

/** Whether an edit keeps the document one that can be read again: asked before the edit is taken. */
@Injectable({ providedIn: 'root' })
export class EditChecks {
  private check: typeof checkEdit | undefined;

  /** The limits come behind the first screen, whose own fields know theirs; they are there before a hand is at a key. */
  async load(): Promise<void> {
    this.check ??= (await import('./as-file')).checkEdit;
  }

  /** What speaks against it, in words. */
  problem(before: DrayDocument, after: DrayDocument, changes: readonly RecordChange[]): Problem | undefined {
    const records = changes.flatMap(({ list, before: old, after: now }) =>
      now && now.value !== old?.value ? [{ list, before: old?.value, after: now.value }] : [],
    );
    return this.check?.(before, after, records);
  }
}
