import { computed } from '@angular/core';
import type { DrayDocument } from '@dray/core';
import { patchState, signalStoreFeature, type, withComputed, withMethods, withState } from '@ngrx/signals';
import { applyChanges, reversed, type RecordChange } from '../data/changes';
import type { DocumentRepository, StepsChange } from '../data/document-repository';
import type { Step } from '../data/dray-db';
import type { Write } from '../data/unwritten';

/** An edit that can be taken back, with the words for it. */
export interface Edit {
  readonly id: string;
  /** Counts on: the order in which edits were made, over reloads too. */
  readonly at: number;
  readonly label: string;
  /** Edits with the same key one after another are one step of undo. */
  readonly key?: string;
  readonly changes: readonly RecordChange[];
}

interface UndoState {
  readonly past: readonly Edit[];
  readonly future: readonly Edit[];
  /** Something to be told that happened beside what was asked for; another object each time. */
  readonly remark: { readonly words: string } | undefined;
}

const MOST_UNDO = 100;
const NOTHING_DONE: UndoState = { past: [], future: [], remark: undefined };

/**
 * The last hundred edits, taken back and made again, over reloads too. Only one’s own: what another tab has changed since stays as it
 * is there, and is said.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withUndo<_>() {
  return signalStoreFeature(
    {
      state: type<{ document: DrayDocument | undefined }>(),
      props: type<{ repository: DocumentRepository }>(),
      methods: type<{ _write(write: Write): Promise<void> }>(),
    },
    withState(NOTHING_DONE),
    withComputed(({ past, future }) => ({
      undoLabel: computed(() => past().at(-1)?.label),
      redoLabel: computed(() => future().at(-1)?.label),
    })),
    withMethods((store) => {
      /** Takes an edit back or makes it again: shows it and writes it. */
      function carryOut(edit: Edit, changes: readonly RecordChange[], undone: boolean): void {
        const before = store.document();
        if (!before) return;
        const { document, clash } = applyChanges(before, changes, 'theirs');
        patchState(store, { document, ...(clash && { remark: { words: stays(edit) } }) });
        const put = stepOf(edit, undone);
        void store._write({ changes, step: { put, gone: [] }, prefer: 'theirs' });
      }

      return {
        /** A new edit at the end of what can be taken back. What was taken back before it cannot come again. */
        _push(edit: Edit, merged: boolean): StepsChange {
          const past = merged ? store.past().slice(0, -1) : store.past();
          const all = [...past, edit];
          const kept = all.slice(-MOST_UNDO);
          const gone = [...all.slice(0, all.length - kept.length), ...store.future()].map(({ id }) => id);
          patchState(store, { past: kept, future: [] });
          return { put: stepOf(edit, false), gone };
        },

        /** The number of the next edit: later than all, those that are not recalled yet included. */
        _next(): number {
          return 1 + Math.max(Date.now(), ...[...store.past(), ...store.future()].map(({ at }) => at));
        },

        /** Another document has come: what was done to the one before cannot be taken back. */
        _forget(): void {
          patchState(store, { past: [], future: [] });
        },

        /** What could be taken back before the page was loaded, behind what has been done since. */
        async recallSteps(): Promise<void> {
          const steps = await store.repository.steps();
          const here = new Set([...store.past(), ...store.future()].map(({ id }) => id));
          const earlier = steps.filter(({ id }) => !here.has(id));
          const done = earlier.filter(({ undone }) => !undone);
          // The one that was taken back last comes again first; after an edit none comes again.
          const undone = here.size > 0 ? [] : earlier.filter((step) => step.undone).toReversed();
          patchState(store, {
            past: [...done, ...store.past()].slice(-MOST_UNDO),
            future: [...undone, ...store.future()],
          });
        },

        /** Ends a run of edits that would be one step of undo. */
        settle(): void {
          const past = store.past();
          const last = past.at(-1);
          if (last?.key === undefined) return;
          const { key: _, ...settled } = last;
          patchState(store, { past: [...past.slice(0, -1), settled] });
        },

        undo(): void {
          const edit = store.past().at(-1);
          if (!edit) return;
          patchState(store, { past: store.past().slice(0, -1), future: [...store.future(), edit] });
          carryOut(edit, reversed(edit.changes), true);
        },

        redo(): void {
          const edit = store.future().at(-1);
          if (!edit) return;
          patchState(store, { past: [...store.past(), edit], future: store.future().slice(0, -1) });
          carryOut(edit, edit.changes, false);
        },
      };
    }),
  );
}

function stepOf({ id, at, label, changes }: Edit, undone: boolean): Step {
  return { id, at, label, changes, undone };
}

function stays({ label }: Edit): string {
  return $localize`“${label}”: some of it was changed in another tab since, and stays as it is there.`;
}
