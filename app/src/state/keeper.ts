import { computed, DOCUMENT, effect, inject, untracked } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { format } from 'date-fns';
import { Device } from '../data/device';
import { DocumentRepository } from '../data/document-repository';
import type { Snapshot } from '../data/dray-db';
import { Snapshots } from '../data/snapshots';
import { BackupFile } from '../ui/backup-file';
import { DocumentStore } from './document-store';
import { FrontClass } from './front-class';

/** When a backup was last saved, and how many writes the store had seen by then. */
interface SavedFile {
  readonly at: string;
  readonly writes: number;
}

interface KeeperState {
  /** Whether the browser has promised not to clear the data by itself; unknown where it cannot say. */
  readonly persisted: boolean | undefined;
  readonly usedBytes: number | undefined;
  readonly roomBytes: number | undefined;
  readonly saved: SavedFile | undefined;
  readonly writes: number;
  readonly snapshots: readonly Snapshot[];
}

const UNKNOWN: KeeperState = {
  persisted: undefined,
  usedBytes: undefined,
  roomBytes: undefined,
  saved: undefined,
  writes: 0,
  snapshots: [],
};
const SAVED = 'backup saved';
/** After so many changes without a backup, one is offered. Common practice. */
const REMIND_AFTER = 150;
const AFTER_OPENING_MS = 4000;

/** How safe the class is in this browser: whether it is kept for good, how full the store is, backups and snapshots. */
export const Keeper = signalStore(
  { providedIn: 'root' },
  withState(UNKNOWN),
  withProps(() => ({
    documents: inject(DocumentStore),
    repository: inject(DocumentRepository),
    front: inject(FrontClass),
    device: inject(Device),
    kept: inject(Snapshots),
    file: inject(BackupFile),
    storage: (inject(DOCUMENT).defaultView?.navigator as Partial<Navigator> | undefined)?.storage,
  })),
  withComputed(({ writes, saved }) => ({
    /** Writes since the last backup. */
    unsaved: computed(() => writes() - (saved()?.writes ?? 0)),
  })),
  withComputed(({ unsaved, front }) => ({
    /** Whether a backup should be offered: never for the boatyard, which comes again. */
    due: computed(() => front.front() === 'own' && unsaved() >= REMIND_AFTER),
  })),
  withMethods((store) => {
    const methods = {
      /** Reads anew how things stand. */
      async look(): Promise<void> {
        const [persisted, room, saved, writes, snapshots] = await Promise.all([
          store.storage?.persisted?.(),
          store.storage?.estimate?.(),
          store.device.get<SavedFile>(SAVED),
          store.repository.writes(),
          store.kept.all(),
        ]);
        patchState(store, {
          persisted,
          usedBytes: room?.usage,
          roomBytes: room?.quota,
          saved,
          writes,
          snapshots,
        });
      },

      /** Asks the browser never to clear the data by itself; it may ask the coach, or decide alone. */
      async keepForGood(): Promise<boolean> {
        const granted = (await store.storage?.persist?.()) ?? false;
        patchState(store, { persisted: granted });
        return granted;
      },

      /**
       * Saves everything as a file, from what is on screen: where the coach has put it before, where they choose, or as a download.
       *
       * @returns the name of the file, or nothing where they thought better of it
       */
      async save(): Promise<string | undefined> {
        const atHand = store.documents.document();
        if (!atHand) return undefined;
        const { serializeDocument } = await import('../data/as-file');
        const text = serializeDocument(await store.repository.whole(atHand));
        const name = await store.file.save(`class-${format(new Date(), 'yyyy-MM-dd')}.dray.json`, text);
        if (name === undefined) return undefined;
        // The file is there; without its date only the reminder comes again.
        const saved = {
          at: new Date().toISOString(),
          writes: await store.repository.writes().catch(() => 0),
        };
        await store.device.set(SAVED, saved).catch(() => undefined);
        patchState(store, { saved, writes: saved.writes });
        return name;
      },
    };
    return methods;
  }),
  withHooks({
    onInit(store) {
      // How a day begins, once the first screen is there.
      effect((cleanup) => {
        if (!store.documents.ready()) return;
        const later = setTimeout(() => {
          const document = untracked(store.documents.document);
          if (!document || untracked(store.front.front) !== 'own') return;
          void store.kept.takeOfToday(document).catch(() => undefined);
        }, AFTER_OPENING_MS);
        cleanup(() => clearTimeout(later));
      });
      // The first own edit is the time to ask for more than the browser's goodwill.
      let asked = false;
      effect(() => {
        const edited = store.documents.past().length > 0 && store.front.front() === 'own';
        if (!edited || asked) return;
        asked = true;
        void untracked(() => store.keepForGood()).catch(() => undefined);
      });
      effect(() => {
        if (store.documents.past().length === 0 || store.documents.writing() > 0) return;
        void untracked(() => store.repository.writes())
          .then(async (writes) => {
            const saved = await store.device.get<SavedFile>(SAVED);
            patchState(store, { writes, saved });
          })
          .catch(() => undefined);
      });
    },
  }),
);
