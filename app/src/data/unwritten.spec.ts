import { TestBed } from '@angular/core/testing';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { DocumentRepository } from './document-repository';
import { DrayDb } from './dray-db';
import { Tab } from './tab';
import { leaveUnwritten, unwrittenLeft } from './unwritten';

describe('what a closing page could not write', () => {
  afterEach(() => {
    for (const { tab } of unwrittenLeft()) leaveUnwritten(tab, { writes: [], drafts: {} });
  });

  /** A page that went away while the store was full, with one edit and one half-typed text. */
  async function left(): Promise<string> {
    const db = provideFreshBrowser();
    const documents = await openedDocuments();
    await documents.settled();
    spyOn(TestBed.inject(DocumentRepository), 'write').and.rejectWith(
      new DOMException('full', 'QuotaExceededError'),
    );
    documents.edit('unit', (document) => ({ ...document, settings: { unit: 'lb' } }));
    await documents.settled();
    spyOn(documents.device, 'unwrittenDrafts').and.returnValue({ 'tue-squat beginner': '3x' });
    documents.leave();
    db.close();
    TestBed.resetTestingModule();
    return db.name;
  }

  it('is on the disk when it is opened again, and left no more', async () => {
    const db = provideFreshBrowser(new DrayDb(await left()));
    const documents = await openedDocuments();
    await until(() => documents.undoLabel() === 'unit');
    expect(documents.document()?.settings.unit).toBe('lb');
    expect((await db.settings.toArray()).map(({ value }) => value)).toEqual([{ unit: 'lb' }]);
    expect(await db.drafts.toArray()).toEqual([{ id: 'tue-squat beginner', text: '3x' }]);
    expect(unwrittenLeft()).toEqual([]);
    db.close();
  });

  it('is kept on where the disk refuses it again', async () => {
    provideFreshBrowser(new DrayDb(await left()));
    spyOn(TestBed.inject(DocumentRepository), 'write').and.rejectWith(
      new DOMException('full', 'QuotaExceededError'),
    );
    const documents = await openedDocuments();
    await until(() => documents.failure() !== undefined);
    expect(documents.document()?.settings.unit).toBe('lb');
    expect(unwrittenLeft().length).toBe(1);
  });

  it('of a tab that is still open is its own', async () => {
    const db = provideFreshBrowser(new DrayDb(await left()));
    TestBed.overrideProvider(Tab, { useValue: { id: 'beside', others: async () => () => true } });
    const documents = await openedDocuments();
    expect(documents.document()?.settings.unit).toBe('kg');
    expect(unwrittenLeft().length).toBe(1);
    db.close();
  });
});
