import { Dexie } from 'dexie/dist/modern/dexie.min.mjs';
import { TestBed } from '@angular/core/testing';
import { DocumentStore } from '../state/document-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { DocumentRepository } from './document-repository';
import { DrayDb } from './dray-db';
import { LISTS } from './lists';

describe('what comes between the page and its store', () => {
  it('data that is deleted is said, nothing goes into an empty store, and all is put back when asked', async () => {
    const db = provideFreshBrowser();
    const documents = await openedDocuments();
    const shown = documents.document()!;
    await Dexie.delete(db.name);
    await until(() => documents.trouble() === 'cleared');
    documents.edit('after', (document) => ({ ...document, settings: { unit: 'lb' } }));
    await until(() => documents.failure() !== undefined);
    expect(documents.writing()).toBe(1);
    const back = documents.putBack();
    await until(() => db.isOpen());
    // Not a word less before all is written: a reload would find the store empty.
    expect(documents.trouble()).toBe('cleared');
    await back;
    await until(() => documents.failure() === undefined && documents.writing() === 0);
    expect(documents.trouble()).toBeUndefined();
    expect(await TestBed.inject(DocumentRepository).read()).toEqual({ ...shown, settings: { unit: 'lb' } });
    db.close();
  });

  it('an older tab lets go when a newer Dray comes, says so, and writes no more', async () => {
    const db = provideFreshBrowser();
    const documents = await openedDocuments();
    const newer = new Dexie(db.name);
    newer.version(99).stores({ settings: 'id', participants: 'id' });
    await newer.open();
    await until(() => documents.trouble() === 'newer');
    documents.edit('after', (document) => ({ ...document, settings: { unit: 'lb' } }));
    await until(() => documents.failure() !== undefined);
    expect(await newer.table('settings').toArray()).not.toContain(
      jasmine.objectContaining({ value: { unit: 'lb' } }),
    );
    newer.close();
  });

  it('a store of a newer Dray is not touched by this one', async () => {
    const name = `test-${crypto.randomUUID()}`;
    const newer = new Dexie(name);
    newer.version(99).stores({ settings: 'id', participants: 'id' });
    await newer.table('participants').add({ id: 'x', at: 0, value: { from: 'the future' } });
    newer.close();
    provideFreshBrowser(new DrayDb(name));
    const documents = TestBed.inject(DocumentStore);
    await until(() => documents.trouble() === 'ahead');
    expect(documents.ready()).toBeFalse();
    await newer.open();
    expect(await newer.table('participants').toArray()).toEqual([
      { id: 'x', at: 0, value: { from: 'the future' } },
    ]);
    newer.close();
  });

  it('a tab that holds the store is named while this one waits for it, and then all goes on', async () => {
    const name = `test-${crypto.randomUUID()}`;
    const older = new Dexie(name);
    older.version(1).stores({ settings: 'id' });
    older.on('versionchange', () => false);
    await older.open();
    const db = provideFreshBrowser(new DrayDb(name));
    const documents = TestBed.inject(DocumentStore);
    await until(() => documents.trouble() === 'blocked');
    older.close();
    await until(() => documents.ready());
    expect(documents.trouble()).toBeUndefined();
    db.close();
  });

  it('a missing row is no reason to put the boatyard in the place of a class', async () => {
    const db = provideFreshBrowser();
    const documents = await openedDocuments();
    documents.edit('rename', (document) => ({
      ...document,
      participants: document.participants.map((one, at) => (at === 0 ? { ...one, name: 'Ida' } : one)),
    }));
    await documents.settled();
    await db.settings.clear();
    const { document } = await TestBed.inject(DocumentRepository).open();
    expect(document.participants[0]?.name).toBe('Ida');
    expect(document.settings).toEqual({ unit: 'kg' });
    // Nothing at all is there: only then it is a fresh browser.
    await db.transaction('rw', db.tables, () =>
      Promise.all([...LISTS.map((list) => db[list].clear()), db.days.clear()]),
    );
    expect((await TestBed.inject(DocumentRepository).open()).document.participants[0]?.name).toBe('Bram');
    db.close();
  });
});
