import { computed, inject } from '@angular/core';
import {
  MAX_DOCUMENT_BYTES,
  parseDocument,
  tooLargeSentence,
  type DrayDocument,
  type MassUnit,
  type Problem,
  type Timing,
  type TimingKey,
} from '@dray/core';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { changesBetween } from '../data/changes';
import { DocumentRepository, type Front } from '../data/document-repository';
import { LISTS } from '../data/lists';
import { reconcile } from '../data/reconcile';
import { Snapshots } from '../data/snapshots';
import { DocumentStore } from '../state/document-store';
import { FrontClass } from '../state/front-class';

const LIST_WORDS = {
  exercises: $localize`exercises of your own`,
  ladders: $localize`ladders of your own`,
  participants: 'people',
  kits: 'kits',
  sessions: 'sessions',
  programs: 'programs',
  overrides: $localize`cells set by hand`,
  classes: $localize`classes held`,
  log: $localize`logged sets`,
  visits: $localize`how hard a visit was`,
} as const;

/** What taking a document in would change in one list. */
export interface ListPreview {
  readonly name: string;
  readonly added: number;
  readonly changed: number;
  readonly removed: number;
  readonly total: number;
}

/** A document waiting for the coach's word. */
export interface Incoming {
  /** Whose class it is; absent for an earlier state of the one that is here. */
  readonly front?: Front;
  readonly from: string;
  readonly document: DrayDocument;
  /** What was put right in the file while it was read. */
  readonly mended: readonly string[];
  readonly preview: readonly ListPreview[];
}

interface SettingsState {
  readonly incoming: Incoming | undefined;
  readonly refused:
    | { readonly from: string; readonly problems: readonly Problem[]; readonly more: number }
    | undefined;
}

const INITIAL: SettingsState = { incoming: undefined, refused: undefined };
const PROBLEMS_SHOWN = 8;

/** Taking documents out and in: always previewed, whole or not at all. */
export const SettingsStore = signalStore(
  withState(INITIAL),
  withProps(() => ({
    documents: inject(DocumentStore),
    front: inject(FrontClass),
    repository: inject(DocumentRepository),
    snapshots: inject(Snapshots),
  })),
  withComputed(({ documents }) => ({
    unit: computed<MassUnit>(() => documents.document()?.settings.unit ?? 'kg'),
    timing: computed<Timing>(() => documents.document()?.settings.timing ?? {}),
  })),
  withMethods((store) => {
    function offer(
      from: string,
      document: DrayDocument,
      front?: Front,
      mended: readonly string[] = [],
    ): void {
      const current = store.documents.document();
      patchState(store, {
        ...INITIAL,
        incoming: { from, document, front, mended, preview: current ? previewOf(current, document) : [] },
      });
    }
    return {
      setUnit(unit: MassUnit): void {
        store.documents.edit($localize`loads in ${unit}`, (document) => ({
          ...document,
          settings: { ...document.settings, unit },
        }));
      },

      /** A time between the work; none is the usual. */
      setTime(key: TimingKey, seconds: number | undefined): void {
        store.documents.edit($localize`times between the work`, (document) => {
          const { timing, ...settings } = document.settings;
          const { [key]: _old, ...others } = timing ?? {};
          const now = seconds === undefined ? others : { ...others, [key]: seconds };
          const own = Object.keys(now).length > 0 ? { timing: now } : {};
          return { ...document, settings: { ...settings, ...own } };
        });
      },

      async readFile(file: File): Promise<void> {
        if (file.size > MAX_DOCUMENT_BYTES) {
          const problem = { path: '', sentence: tooLargeSentence(file.size) };
          patchState(store, { ...INITIAL, refused: { from: file.name, problems: [problem], more: 0 } });
          return;
        }
        const parsed = parseDocument(await file.text());
        if (parsed.ok) {
          offer(file.name, parsed.document, 'own', parsed.mended);
        } else {
          const { problems } = parsed;
          const shown = problems.slice(0, PROBLEMS_SHOWN);
          patchState(store, {
            ...INITIAL,
            refused: { from: file.name, problems: shown, more: problems.length - shown.length },
          });
        }
      },

      async offerDemo(): Promise<void> {
        offer($localize`the demo class`, await store.repository.demo(), 'demo');
      },

      /**
       * The class as it stood at some earlier time.
       *
       * @throws Error in words, where it cannot be read
       */
      async offerSnapshot(id: string, stood: string): Promise<void> {
        offer($localize`the class as it stood ${stood}:time:`, await store.snapshots.open(id));
      },

      async takeIn(): Promise<void> {
        const incoming = store.incoming();
        if (!incoming) return;
        await store.documents.replace(incoming.document);
        // The document is in; whose it is only decides what is offered.
        if (incoming.front) await store.front.nowIs(incoming.front).catch(() => undefined);
        patchState(store, INITIAL);
      },

      leave(): void {
        patchState(store, INITIAL);
      },
    };
  }),
);

function previewOf(current: DrayDocument, incoming: DrayDocument): ListPreview[] {
  const changes = changesBetween(current, reconcile(current, incoming));
  return ([...LISTS, 'log'] as const)
    .map((list) => {
      const own = changes.filter((change) => change.list === list);
      return {
        name: LIST_WORDS[list],
        added: own.filter(({ before }) => !before).length,
        changed: own.filter(({ before, after }) => before && after && before.value !== after.value).length,
        removed: own.filter(({ after }) => !after).length,
        total: incoming[list].length,
      };
    })
    .filter(({ added, changed, removed, total }) => added + changed + removed + total > 0);
}
