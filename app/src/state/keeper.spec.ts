import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { BackupFile } from '../ui/backup-file';
import { FrontClass } from './front-class';
import { Keeper } from './keeper';

describe('Keeper', () => {
  let db: DrayDb;

  beforeEach(() => (db = provideFreshBrowser()));
  afterEach(() => db.close());

  async function opened(front: 'own' | 'demo') {
    const documents = await openedDocuments();
    await TestBed.inject(FrontClass).nowIs(front);
    const keeper = TestBed.inject(Keeper);
    const file = spyOn(TestBed.inject(BackupFile), 'save').and.callFake(async (name) => name);
    const keep = spyOn(navigator.storage, 'persist').and.resolveTo(true);
    const edit = (notes: string) =>
      documents.edit('note', (document) => ({
        ...document,
        participants: document.participants.map((one, at) => (at === 0 ? { ...one, notes } : one)),
      }));
    return { documents, keeper, file, keep, edit };
  }

  it('reminds of a backup after many changes, and begins to count again when one was saved', async () => {
    const { documents, keeper, edit, file } = await opened('own');
    for (let at = 0; at < 150; at += 1) edit(`note ${at}`);
    await documents.settled();
    await until(() => keeper.due());
    expect(await keeper.save()).toMatch(/^class-\d{4}-\d\d-\d\d\.dray\.json$/);
    expect(file.calls.mostRecent().args[1]).toContain('note 149');
    expect([keeper.due(), keeper.unsaved()]).toEqual([false, 0]);
    edit('one more');
    await documents.settled();
    await until(() => keeper.unsaved() === 1);
  });

  it('does not count a backup that was thought better of', async () => {
    const { documents, keeper, edit, file } = await opened('own');
    edit('something');
    await documents.settled();
    file.and.resolveTo(undefined);
    expect(await keeper.save()).toBeUndefined();
    expect(keeper.saved()).toBeUndefined();
  });

  it('never reminds of the boatyard, nor asks the browser to keep it', async () => {
    const { documents, keeper, edit, keep } = await opened('demo');
    for (let at = 0; at < 150; at += 1) edit(`note ${at}`);
    await documents.settled();
    await until(() => keeper.writes() >= 150);
    expect(keeper.due()).toBeFalse();
    expect(keep).not.toHaveBeenCalled();
  });

  it('asks the browser once, at the first edit of an own class, to keep it for good', async () => {
    const { documents, keeper, edit, keep } = await opened('own');
    expect(keep).not.toHaveBeenCalled();
    edit('first');
    edit('second');
    await documents.settled();
    await until(() => keeper.persisted() === true);
    expect(keep).toHaveBeenCalledTimes(1);
  });
});
