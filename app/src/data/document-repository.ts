import { inject, Injectable, InjectionToken } from '@angular/core';
import { liveQuery } from 'dexie/dist/modern/dexie.min.mjs';
import type { DrayDocument, ParsedDocument } from '@dray/core';
import { parseDocument } from '@dray/core';
import { Observable } from 'rxjs';
import { SETTINGS_ID, type RecordChange } from './changes';
import { DrayDb, LISTS, type Row } from './dray-db';

export const DRAY_DB = new InjectionToken<DrayDb>('the browser’s store', {
  providedIn: 'root',
  factory: () => new DrayDb(),
});

/** Fetches the document a fresh profile opens with. */
export const DEMO_TEXT = new InjectionToken<() => Promise<string>>('the demo document', {
  providedIn: 'root',
  factory: () => async () => (await fetch('demo/boatyard.dray.json')).text(),
});

/** The document in the browser's store: read whole, written record by record, shared between tabs. */
@Injectable({ providedIn: 'root' })
export class DocumentRepository {
  private readonly db = inject(DRAY_DB);
  private readonly demoText = inject(DEMO_TEXT);
  private readonly tab = crypto.randomUUID();

  /** What is kept, or the demo in a fresh profile. */
  async open(): Promise<DrayDocument> {
    const kept = await this.read();
    if (kept) return kept;
    const demo = await this.demo();
    // Another tab may have been faster; the transaction makes sure that only one of them fills the store.
    await this.db.transaction('rw', this.db.tables, async () => {
      if ((await this.db.settings.count()) === 0) await this.fill(demo);
    });
    return (await this.read()) ?? demo;
  }

  /** The demo document, read like any other file. */
  async demo(): Promise<DrayDocument> {
    const parsed: ParsedDocument = parseDocument(await this.demoText());
    if (parsed.ok) return parsed.document;
    throw new Error(parsed.problems[0]?.sentence ?? 'The demo cannot be read.');
  }

  async read(): Promise<DrayDocument | undefined> {
    return this.db.transaction('r', this.db.tables, async () => {
      const settings = await this.db.settings.get(SETTINGS_ID);
      if (!settings) return undefined;
      const lists = await Promise.all(
        LISTS.map(async (list) => {
          const rows = await this.db[list].toArray();
          return [list, rows.sort((a, b) => a.at - b.at).map(({ value }) => value)] as const;
        }),
      );
      // Only parsed documents and edits of them are ever written, so what is read back is trusted.
      return {
        format: 'dray',
        version: 1,
        settings: settings.value,
        ...Object.fromEntries(lists),
      } as DrayDocument;
    });
  }

  /** Writes the records an edit touched, all or none. */
  async write(changes: readonly RecordChange[]): Promise<void> {
    await this.db.transaction('rw', this.db.tables, async () => {
      for (const { list, id, after } of changes) {
        if (after) await this.db[list].put({ id, at: after.at, value: after.value });
        else await this.db[list].delete(id);
      }
      await this.announce();
    });
  }

  /** Puts another document in the place of the whole one, all or nothing. */
  async replace(document: DrayDocument): Promise<void> {
    await this.db.transaction('rw', this.db.tables, async () => {
      await this.fill(document);
      await this.db.drafts.clear();
      await this.announce();
    });
  }

  /** Emits when another tab has written. */
  readonly elsewhere = new Observable<void>((subscriber) => {
    const watch = liveQuery(() => this.db.meta.get('revision')).subscribe({
      next: (revision) => {
        if (revision && revision.tab !== this.tab) subscriber.next();
      },
      error: (error: unknown) => subscriber.error(error),
    });
    return () => watch.unsubscribe();
  });

  private async fill(document: DrayDocument): Promise<void> {
    for (const list of LISTS) {
      await this.db[list].clear();
      const rows: Row[] = document[list].map((value, at) => ({ id: value.id, at, value }));
      await this.db[list].bulkPut(rows);
    }
    await this.db.settings.put({ id: SETTINGS_ID, at: 0, value: document.settings });
  }

  private async announce(): Promise<void> {
    const count = ((await this.db.meta.get('revision'))?.count ?? 0) + 1;
    await this.db.meta.put({ id: 'revision', tab: this.tab, count });
  }
}
