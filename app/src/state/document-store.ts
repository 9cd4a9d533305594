import { computed, inject } from '@angular/core';
import { roomiestWeekday, type DrayDocument, type LogEntry, type Program, type Session } from '@dray/core';
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
import { DocumentRepository } from '../data/document-repository';
import { dayOf } from '../data/log-days';
import { reconcile, reconcileLog } from '../data/reconcile';
import { WriteQueue } from '../data/write-queue';

/** An edit that can be taken back, with the words for it. */
export interface Edit {
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

const MOST_UNDO = 200;
const AFTER_FIRST_PAINT_MS = 2000;

const INITIAL: DocumentState = { document: undefined, failure: undefined, past: [], future: [], writing: 0 };

/**
 * The document as everything on screen sees it. Every edit is shown at once, written at once, and can be taken back;
 * what another tab writes comes in by itself.
 */
export const DocumentStore = signalStore(
  { providedIn: 'root' },
  withState(INITIAL),
  withProps(() => ({ repository: inject(DocumentRepository), queue: new WriteQueue() })),
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
    /** Shows changes and writes them. */
    _carryOut(changes: readonly RecordChange[]): void {
      const document = store.document();
      if (!document) return;
      patchState(store, { document: applyChanges(document, changes) });
      void store._enqueue(() => store.repository.write(changes));
    },
  })),
  // Between the page and the disk.
  withMethods((store) => {
    const methods = {
      async open(): Promise<void> {
        try {
          const { document, fresh } = await store.repository.open();
          patchState(store, { document, failure: undefined });
          if (fresh) setTimeout(() => void methods.addDemoLog(), AFTER_FIRST_PAINT_MS);
        } catch (error) {
          patchState(store, { failure: notOpened(error) });
        }
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
        const past = store.past();
        const last = past.at(-1);
        const merging = key !== undefined && last?.key === key;
        const all = merging ? mergeChanges(last.changes, changes) : changes;
        const edit: Edit = { label, ...(key !== undefined && { key }), changes: all };
        const kept = merging ? past.slice(0, -1) : past;
        patchState(store, { document: after, past: [...kept, edit].slice(-MOST_UNDO), future: [] });
        void store._enqueue(() => store.repository.write(changes));
      },

      /**
       * Makes an edit of the log alone and waits until it is on the disk. It does not look through the whole log for what
       * changed: it is told.
       *
       * @returns whether it was kept
       */
      async record(
        label: string,
        put: readonly LogEntry[],
        gone: readonly LogEntry[] = [],
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
        ];
        patchState(store, {
          document: applyChanges(before, changes),
          past: [...store.past(), { label, changes }].slice(-MOST_UNDO),
          future: [],
        });
        await store._enqueue(() => store.repository.write(changes));
        return store.failure() === undefined;
      },

      /** A session comes in, into the weeks of another that are not over, on the day with the most room. */
      addSession(session: Session, besideId: string | undefined, today: string): void {
        const takenIn = (program: Program): Program => ({
          ...program,
          weeks: program.weeks.map((own) => {
            const beside = own.days.some(({ sessionId }) => sessionId === besideId);
            const weekday = beside ? roomiestWeekday(program, own.week, { today }) : undefined;
            return weekday === undefined
              ? own
              : { ...own, days: [...own.days, { weekday, sessionId: session.id }] };
          }),
        });
        methods.edit($localize`new: ${session.name}`, (document) => ({
          ...document,
          sessions: [...document.sessions, session],
          programs: document.programs.map(takenIn),
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
        patchState(store, { past: [...past.slice(0, -1), { label: last.label, changes: last.changes }] });
      },

      undo(): void {
        const edit = store.past().at(-1);
        if (!edit) return;
        patchState(store, { past: store.past().slice(0, -1), future: [...store.future(), edit] });
        store._carryOut(reversed(edit.changes));
      },

      redo(): void {
        const edit = store.future().at(-1);
        if (!edit) return;
        patchState(store, { past: [...store.past(), edit], future: store.future().slice(0, -1) });
        store._carryOut(edit.changes);
      },
    };
    return methods;
  }),
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
