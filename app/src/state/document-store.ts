import { computed, DestroyRef, inject } from '@angular/core';
import { type ClassHeld, type DrayDocument, type LogEntry, type Session } from '@dray/core';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { anywhere, applyChanges, changesBetween, reversed, type RecordChange } from '../data/changes';
import { DocumentRepository, type Front, type StepsChange } from '../data/document-repository';
import type { Step } from '../data/dray-db';
import { dayOf } from '../data/log-days';
import { reconcile, reconcileLog } from '../data/reconcile';
import { WriteQueue } from '../data/write-queue';
import { withArchive } from './with-archive';

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

interface DocumentState {
  readonly document: DrayDocument | undefined;
  /** Why nothing can be read or kept here, in words. */
  readonly failure: string | undefined;
  readonly past: readonly Edit[];
  readonly future: readonly Edit[];
  /** Writes under way. */
  readonly writing: number;
}

const MOST_UNDO = 100;
const AFTER_FIRST_PAINT_MS = 2000;

const INITIAL: DocumentState = { document: undefined, failure: undefined, past: [], future: [], writing: 0 };

/**
 * The document as everything on screen sees it. Every edit is shown at once, written at once, and can be taken back;
 * what another tab writes comes in by itself.
 */
export const DocumentStore = signalStore(
  { providedIn: 'root' },
  withState(INITIAL),
  withProps(() => ({
    repository: inject(DocumentRepository),
    queue: new WriteQueue(),
    life: inject(DestroyRef),
  })),
  withComputed(({ past, future, document }) => ({
    undoLabel: computed(() => past().at(-1)?.label),
    redoLabel: computed(() => future().at(-1)?.label),
    ready: computed(() => document() !== undefined),
  })),
  withMethods((store) => ({
    /** Writes in order; one that failed stays, is said, and is tried again until it is on the disk. */
    _enqueue(write: () => Promise<void>): Promise<void> {
      store.queue.watch(({ waiting, error }) =>
        patchState(store, {
          writing: waiting,
          failure: error === undefined ? undefined : notKept(error, waiting),
        }),
      );
      return store.queue.add(write);
    },
  })),
  withMethods((store) => ({
    /** Takes an edit back or makes it again: shows it and writes it. */
    _carryOut(edit: Edit, changes: readonly RecordChange[], undone: boolean): void {
      const document = store.document();
      if (!document) return;
      patchState(store, { document: applyChanges(document, changes) });
      const put = stepOf(edit, undone);
      void store._enqueue(() => store.repository.write(changes, { put, gone: [] }));
    },

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
  })),
  // Between the page and the disk.
  withMethods((store) => {
    const methods = {
      async open(): Promise<void> {
        try {
          const { document, fresh } = await store.repository.open();
          patchState(store, { document, failure: undefined });
          void methods.recallSteps().catch(() => undefined);
          if (fresh) {
            const coming = setTimeout(() => {
              methods
                .addDemoLog()
                .catch((error: unknown) => patchState(store, { failure: notOpened(error) }));
            }, AFTER_FIRST_PAINT_MS);
            store.life.onDestroy(() => clearTimeout(coming));
          }
        } catch (error) {
          patchState(store, { failure: notOpened(error) });
        }
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

      /** The demo's four weeks come after the first screen is there: they are as much again to fetch. */
      async addDemoLog(): Promise<void> {
        await store._enqueue(() => store.repository.addDemoLog());
        if (store.failure() === undefined) await methods.takeIn();
      },

      /** Once everything that was edited is on the disk, or is known not to be. */
      settled(): Promise<void> {
        return store.queue.settled();
      },

      /** Writes what could not be kept, now; opens the document where that was what failed. */
      tryAgain(): void {
        if (store.document()) store.queue.tryAgain();
        else void methods.open();
      },

      /**
       * Reads the log anew, after something beside this store has written to it.
       *
       * @param ready is given the document before it is shown, to work out in pieces what the screen would do at once
       */
      async readLogAgain(
        ready: (document: DrayDocument) => Promise<void> = async () => undefined,
      ): Promise<void> {
        await store.queue.settled();
        const read = await store.repository.read();
        const before = store.document();
        if (!read || !before) return;
        await ready({ ...before, log: read.log });
        const now = store.document();
        if (now) patchState(store, { document: { ...now, log: read.log } });
      },

      /** Another document in place of this one, whole or not at all; undo starts afresh. */
      async replace(document: DrayDocument): Promise<void> {
        await store._enqueue(async () => {
          await store.repository.replace(document);
          patchState(store, { document, past: [], future: [] });
        });
      },

      /** Another class comes to the front and the one that stood there is put away whole; undo starts afresh. */
      async exchange(front: Front, document: DrayDocument): Promise<void> {
        await store.queue.settled();
        // The boatyard goes with its four weeks, be they ever so late.
        if (await store.repository.awaitsDemoLog()) {
          await store.repository.addDemoLog().then(
            () => methods.takeIn(),
            () => undefined,
          );
        }
        const away = store.document();
        if (!away) return;
        await store._enqueue(async () => {
          await store.repository.exchange(front, document, away);
          patchState(store, { document, past: [], future: [] });
        });
      },

      /**
       * Takes in what another tab has written, unless a write of our own is still under way.
       *
       * @param days of the log, where it wrote nothing else
       */
      async takeIn(days?: readonly string[]): Promise<void> {
        await store.queue.settled();
        if (days) {
          const entries = await store.repository.logOfDays(days);
          const now = store.document();
          if (store.failure() !== undefined) return;
          if (store.writing() > 0 || !now) return methods.takeIn(days);
          const touched = new Set(days);
          const others = now.log.filter((entry) => !touched.has(dayOf(entry)));
          const log = reconcileLog(now.log, [...others, ...entries]);
          patchState(store, { document: { ...now, log } });
          return;
        }
        const read = await store.repository.read();
        if (store.failure() !== undefined) return;
        if (store.writing() > 0) return methods.takeIn();
        const before = store.document();
        if (read) patchState(store, { document: before ? reconcile(before, read) : read });
      },
    };
    return methods;
  }),
  // Edits, each of which can be taken back.
  withMethods((store) => {
    const methods = {
      /** Makes an edit: a function from the document to the one it should be. */
      edit(label: string, change: (document: DrayDocument) => DrayDocument, key?: string): void {
        const before = store.document();
        if (!before) return;
        const after = change(before);
        const changes = changesBetween(before, after);
        if (changes.length === 0) return;
        const last = store.past().at(-1);
        const merging = key !== undefined && last?.key === key;
        const all = merging ? mergeChanges(last.changes, changes) : changes;
        const edit: Edit = {
          id: merging ? last.id : crypto.randomUUID(),
          at: merging ? last.at : store._next(),
          label,
          ...(key !== undefined && { key }),
          changes: all,
        };
        const step = store._push(edit, merging);
        patchState(store, { document: after });
        void store._enqueue(() => store.repository.write(changes, step));
      },

      /**
       * Makes an edit of the log alone and waits until it is on the disk. It does not look through the whole log for what
       * changed: it is told.
       *
       * @param held the class they were done in
       * @returns whether it was kept
       */
      async record(
        label: string,
        put: readonly LogEntry[],
        gone: readonly LogEntry[] = [],
        held?: ClassHeld,
      ): Promise<boolean> {
        const before = store.document();
        if (!before) return false;
        const ids = new Set(put.map(({ id }) => id));
        const old = new Map(
          before.log.flatMap((entry) => (ids.has(entry.id) ? [[entry.id, entry] as const] : [])),
        );
        const changes: RecordChange[] = [
          ...put.map((entry): RecordChange => {
            const stood = old.get(entry.id);
            return {
              list: 'log',
              id: entry.id,
              ...(stood && { before: anywhere(stood) }),
              after: anywhere(entry),
            };
          }),
          ...gone.map((entry): RecordChange => ({ list: 'log', id: entry.id, before: anywhere(entry) })),
          ...(held ? classChange(before, held) : []),
        ];
        const edit: Edit = { id: crypto.randomUUID(), at: store._next(), label, changes };
        const step = store._push(edit, false);
        patchState(store, { document: applyChanges(before, changes) });
        await store._enqueue(() => store.repository.write(changes, step));
        return store.failure() === undefined;
      },

      /** A session comes in; it stands on no day until it is put there. */
      addSession(session: Session): void {
        methods.edit($localize`new: ${session.name}`, (document) => ({
          ...document,
          sessions: [...document.sessions, session],
        }));
      },

      /** A session goes, with its days and what was set by hand for it; the sets that were done in it stay in the log. */
      removeSession(sessionId: string): void {
        const gone = store.document()?.sessions.find(({ id }) => id === sessionId);
        if (!gone) return;
        const slots = new Set(gone.blocks.flatMap(({ slots }) => slots.map(({ id }) => id)));
        methods.edit($localize`delete ${gone.name}`, (document) => ({
          ...document,
          sessions: document.sessions.filter(({ id }) => id !== sessionId),
          overrides: document.overrides.filter(({ slotId }) => !slots.has(slotId)),
          programs: document.programs.map((program) => ({
            ...program,
            weeks: program.weeks.map((week) => ({
              ...week,
              days: week.days.filter((day) => day.sessionId !== sessionId),
            })),
          })),
        }));
      },

      /** Changes one session; overrides of slots that are gone go with them. */
      editSession(
        label: string,
        sessionId: string,
        change: (session: Session) => Session,
        key?: string,
      ): void {
        methods.edit(
          label,
          (document) => {
            const sessions = document.sessions.map((session) =>
              session.id === sessionId ? change(session) : session,
            );
            const slots = new Set(
              sessions.flatMap(({ blocks }) => blocks.flatMap((block) => block.slots.map(({ id }) => id))),
            );
            const overrides = document.overrides.filter(({ slotId }) => slots.has(slotId));
            const pruned = overrides.length < document.overrides.length;
            return { ...document, sessions, overrides: pruned ? overrides : document.overrides };
          },
          key,
        );
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
        store._carryOut(edit, reversed(edit.changes), true);
      },

      redo(): void {
        const edit = store.future().at(-1);
        if (!edit) return;
        patchState(store, { past: [...store.past(), edit], future: store.future().slice(0, -1) });
        store._carryOut(edit, edit.changes, false);
      },
    };
    return methods;
  }),
  withArchive(),
  withHooks({
    onInit(store) {
      void store.open();
      store.repository.elsewhere.subscribe({
        next: (days) => void store.takeIn(days),
        error: () => undefined,
      });
    },
  }),
);

function stepOf({ id, at, label, changes }: Edit, undone: boolean): Step {
  return { id, at, label, changes, undone };
}

/** The class some sets were written down in; nothing where it stands as it is. */
function classChange({ classes }: DrayDocument, held: ClassHeld): RecordChange[] {
  const at = classes.findIndex(({ id }) => id === held.id);
  const stood = classes[at];
  if (stood && JSON.stringify(stood) === JSON.stringify(held)) return [];
  return [
    {
      list: 'classes',
      id: held.id,
      ...(stood && { before: { at, value: stood } }),
      after: { at: stood ? at : classes.length, value: held },
    },
  ];
}

/** The first state of each record before, the last one after. */
function mergeChanges(first: readonly RecordChange[], second: readonly RecordChange[]): RecordChange[] {
  const merged = new Map(first.map((change) => [`${change.list} ${change.id}`, change]));
  for (const change of second) {
    const key = `${change.list} ${change.id}`;
    const known = merged.get(key);
    const before = known ? known.before : change.before;
    merged.set(key, {
      list: change.list,
      id: change.id,
      ...(before && { before }),
      ...(change.after && { after: change.after }),
    });
  }
  return [...merged.values()];
}

function notOpened(error: unknown): string {
  return $localize`This browser does not let Dray keep data (${reason(error)}). Leave private browsing, or free some space, and load the page again.`;
}

function notKept(error: unknown, waiting: number): string {
  const what = waiting > 1 ? $localize`The last ${waiting} changes are` : $localize`The last change is`;
  return $localize`${what} not on the disk yet (${reason(error)}). Dray goes on trying; export the document under Settings before you close this tab.`;
}

function reason(error: unknown): string {
  return error instanceof Error ? error.name : $localize`unknown reason`;
}
