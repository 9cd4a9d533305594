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
import { anywhere, applyChanges, changesBetween, type RecordChange } from '../data/changes';
import { EditChecks } from '../data/edit-checks';
import { Device } from '../data/device';
import { DocumentRepository, type Front } from '../data/document-repository';
import { dayOf } from '../data/log-days';
import type { StoreTrouble } from '../data/dray-db';
import { reconcile, reconcileLog } from '../data/reconcile';
import { Snapshots } from '../data/snapshots';
import type { Write } from '../data/unwritten';
import { WriteQueue } from '../data/write-queue';
import { withArchive } from './with-archive';
import { withUndo, type Edit } from './with-undo';

interface DocumentState {
  readonly document: DrayDocument | undefined;
  /** Why nothing can be read or kept here, in words. */
  readonly failure: string | undefined;
  /** What came between the page and its store. */
  readonly trouble: StoreTrouble | undefined;
  /** Writes under way. */
  readonly writing: number;
}

const AFTER_FIRST_PAINT_MS = 2000;

const INITIAL: DocumentState = {
  document: undefined,
  failure: undefined,
  trouble: undefined,
  writing: 0,
};

/**
 * The document as everything on screen sees it. Every edit is shown at once, written at once, and can be taken back;
 * what another tab writes comes in by itself.
 */
export const DocumentStore = signalStore(
  { providedIn: 'root' },
  withState(INITIAL),
  withProps(() => ({
    repository: inject(DocumentRepository),
    snapshots: inject(Snapshots),
    checks: inject(EditChecks),
    queue: new WriteQueue(),
    /** Edits that are not on the disk yet, in order. */
    unwritten: new Set<Write>(),
    device: inject(Device),
    life: inject(DestroyRef),
  })),
  withComputed(({ document }) => ({
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
    /** Writes an edit; until it is on the disk it is known as not written. */
    _write(write: Write): Promise<void> {
      store.unwritten.add(write);
      return store._enqueue(async () => {
        await store.repository.write(write.changes, write.step, write.prefer);
        store.unwritten.delete(write);
      });
    },

    /** The page goes away: what is not on the disk yet is kept where that can still be done. */
    leave(): void {
      store.repository.leave({
        writes: [...store.unwritten],
        drafts: store.device.unwrittenDrafts(),
      });
    },
  })),
  withUndo(),
  // Between the page and the disk.
  withMethods((store) => {
    const methods = {
      async open(): Promise<void> {
        try {
          const { document, fresh, empty } = await store.repository.open();
          patchState(store, { document, failure: undefined });
          void methods
            .takeUpUnwritten(empty)
            .then(() => store.recallSteps())
            .catch(() => undefined);
          // Without them fields still know their own limits.
          void store.checks.load().catch(() => undefined);
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

      /** What closing tabs could not write any more is shown, and written like any other edit. Written twice it changes nothing. */
      async takeUpUnwritten(empty: boolean): Promise<void> {
        const { tabs, writes } = await store.repository.leftUnwritten();
        for (const write of empty ? [] : writes) {
          const before = store.document();
          if (!before) return;
          patchState(store, { document: applyChanges(before, write.changes, write.prefer).document });
          void store._write(write);
        }
        await store.queue.settled();
        if (store.failure() === undefined) store.repository.forgetLeft(tabs);
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

      /** Puts all that is on screen into a store whose data was deleted. */
      async putBack(): Promise<void> {
        const document = store.document();
        if (!document) return;
        try {
          await store.repository.openAgain();
          await store._enqueue(() => store.repository.replace(document));
          patchState(store, { trouble: undefined });
        } catch (error) {
          patchState(store, { failure: notOpened(error) });
        }
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

      /** Another document in place of this one, whole or not at all; undo starts afresh, and a snapshot is kept. */
      async replace(document: DrayDocument): Promise<void> {
        const before = store.document();
        // Without room for one, what comes in matters more: the dialog offers a file first.
        if (before) await store.snapshots.take('replaced', before).catch(() => undefined);
        await store._enqueue(async () => {
          await store.repository.replace(document);
          patchState(store, { document });
          store._forget();
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
          patchState(store, { document });
          store._forget();
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
    /** Whether an edit would make the document one that cannot be read again; then it is said, and nothing changes. */
    function refused(before: DrayDocument, after: DrayDocument, changes: readonly RecordChange[]): boolean {
      const problem = store.checks.problem(before, after, changes);
      if (problem) {
        patchState(store, { remark: { words: $localize`That was not done. ${problem.sentence}` } });
      }
      return problem !== undefined;
    }

    const methods = {
      /** Makes an edit: a function from the document to the one it should be. */
      edit(label: string, change: (document: DrayDocument) => DrayDocument, key?: string): void {
        const before = store.document();
        if (!before) return;
        const after = change(before);
        const changes = changesBetween(before, after);
        if (changes.length === 0 || refused(before, after, changes)) return;
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
        void store._write({ changes, step, prefer: 'mine' });
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
        const { document } = applyChanges(before, changes);
        if (refused(before, document, changes)) return false;
        const edit: Edit = { id: crypto.randomUUID(), at: store._next(), label, changes };
        const step = store._push(edit, false);
        patchState(store, { document });
        await store._write({ changes, step, prefer: 'mine' });
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
    };
    return methods;
  }),
  withArchive(),
  withHooks({
    onInit(store) {
      void store.open();
      store.repository.elsewhere.subscribe({
        // What another tab wrote comes with the next reading where this one fails.
        next: (days) => void store.takeIn(days).catch(() => undefined),
        error: () => undefined,
      });
      store.repository.onTrouble((trouble) => {
        // An empty store that can be opened again is no comfort before all is back in it.
        const stillEmpty = trouble === undefined && store.trouble() === 'cleared';
        if (!stillEmpty) patchState(store, { trouble });
      });
    },
  }),
);

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
