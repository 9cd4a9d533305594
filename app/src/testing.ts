import { TestBed } from '@angular/core/testing';
import {
  createEnvironmentInjector,
  EnvironmentInjector,
  provideZonelessChangeDetection,
} from '@angular/core';
import { boatyard } from '@dray/demo';
import { parseDocument, serializeDocument, type Condition } from '@dray/core';
import { DEMO_TEXT, DocumentRepository, DRAY_DB } from './data/document-repository';
import { DrayDb } from './data/dray-db';
import { Snapshots } from './data/snapshots';
import { Tab } from './data/tab';
import { TODAY } from './data/today';
import { LANGUAGES } from './ui/forms/reader-dates';
import { provideInterface } from './ui/interface';
import { DocumentStore } from './state/document-store';

/** As `npm run generate` writes it: parsed, so that its keys stand in the order in which they are read. */
const DEMO = (() => {
  const parsed = parseDocument(serializeDocument(boatyard));
  return parsed.ok ? serializeDocument(parsed.document) : '';
})();

/** A store of its own for each test, with the demo class in it. */
export function provideFreshBrowser(db = new DrayDb(`test-${crypto.randomUUID()}`)) {
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideInterface(),
      { provide: DRAY_DB, useValue: db },
      { provide: LANGUAGES, useValue: ['en-GB'] },
      { provide: TODAY, useValue: () => '2026-11-25' },
      {
        provide: DEMO_TEXT,
        useValue: (file: string) =>
          Promise.resolve(file.endsWith('.dray.json') ? DEMO : '{"log":[],"visits":[],"classes":[]}'),
      },
    ],
  });
  return db;
}

/** The same browser’s store as another tab beside this one has it. */
export async function anotherTab(db: DrayDb) {
  const parent = TestBed.inject(EnvironmentInjector);
  const tab = { id: crypto.randomUUID(), others: async () => (id: string) => id !== tab.id };
  const own = createEnvironmentInjector(
    [
      { provide: DRAY_DB, useValue: new DrayDb(db.name) },
      { provide: Tab, useValue: tab },
      DocumentRepository,
      Snapshots,
      DocumentStore,
    ],
    parent,
  );
  const documents = own.get(DocumentStore);
  await until(() => documents.ready());
  return { documents, close: () => own.get(DRAY_DB).close() };
}

/** The document store, once it has opened. */
export async function openedDocuments() {
  const documents = TestBed.inject(DocumentStore);
  await until(() => documents.ready());
  return documents;
}

type Documents = Awaited<ReturnType<typeof openedDocuments>>;

/** Another exercise in a slot, for everybody. */
export function putIn(documents: Documents, slotId: string, exerciseId: string): void {
  const source = { kind: 'exercise' as const, exerciseId };
  documents.edit('another exercise', (document) => ({
    ...document,
    sessions: document.sessions.map((session) => ({
      ...session,
      blocks: session.blocks.map((block) => ({
        ...block,
        slots: block.slots.map((slot) => (slot.id === slotId ? { ...slot, source } : slot)),
      })),
    })),
  }));
}

/** What a person has to mind, and nothing else. */
export function giveCautions(documents: Documents, id: string, ...conditions: Condition[]): void {
  documents.edit('cautions', (document) => ({
    ...document,
    participants: document.participants.map((person) =>
      person.id === id ? { ...person, cautions: conditions.map((condition) => ({ condition })) } : person,
    ),
  }));
}

/** Waits for something that happens by itself: on a busy machine with a slow disk that may take its time. */
export async function until(done: () => boolean | Promise<boolean>): Promise<void> {
  for (let tries = 0; tries < 4000; tries += 1) {
    if (await done()) return;
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  throw new Error('It did not happen within twenty seconds.');
}

/** What a page showed at first and after each of its changes, as long as they are looked at: what comes in steps. */
export function stepsOf<T>(host: HTMLElement, look: () => T): T[] {
  const steps = [look()];
  new MutationObserver(() => {
    const now = look();
    if (steps.at(-1) !== now) steps.push(now);
  }).observe(host, { childList: true, subtree: true });
  return steps;
}
