import { TestBed } from '@angular/core/testing';
import type { DrayDocument } from '@dray/core';
import { openedDocuments, provideFreshBrowser } from '../testing';
import type { DrayDb } from './dray-db';
import { Snapshots } from './snapshots';

describe('snapshots', () => {
  let db: DrayDb;

  beforeEach(() => (db = provideFreshBrowser()));
  afterEach(() => db.close());

  const named = (document: DrayDocument, name: string): DrayDocument => ({
    ...document,
    sessions: document.sessions.map((session, at) => (at === 0 ? { ...session, name } : session)),
  });

  it('keep the last five, the newest first, each whole', async () => {
    const documents = await openedDocuments();
    const snapshots = TestBed.inject(Snapshots);
    for (let at = 1; at <= 7; at += 1) {
      jasmine.clock().withMock(() => {
        jasmine.clock().mockDate(new Date(2026, 10, at, 8));
      });
      await snapshots.take('replaced', named(documents.document()!, `on day ${at}`));
    }
    const all = await snapshots.all();
    expect(all.length).toBe(5);
    const names = await Promise.all(all.map(async ({ id }) => (await snapshots.open(id)).sessions[0]?.name));
    expect(new Set(names)).toEqual(new Set([3, 4, 5, 6, 7].map((at) => `on day ${at}`)));
    expect(all[0]).toEqual(jasmine.objectContaining({ people: 6, why: 'replaced' }));
  });

  it('are taken once a day as it begins', async () => {
    const documents = await openedDocuments();
    const snapshots = TestBed.inject(Snapshots);
    await snapshots.takeOfToday(documents.document()!);
    await snapshots.takeOfToday(named(documents.document()!, 'later'));
    const [first, ...others] = await snapshots.all();
    expect(others).toEqual([]);
    expect((await snapshots.open(first!.id)).sessions[0]?.name).toBe('Tuesday, whole body');
  });

  it('are taken before another document comes in, and bring the one before back', async () => {
    const documents = await openedDocuments();
    const before = documents.document()!;
    await documents.replace(named(before, 'another'));
    const snapshots = TestBed.inject(Snapshots);
    const [kept] = await snapshots.all();
    await documents.replace(await snapshots.open(kept!.id));
    expect(documents.document()).toEqual(before);
  });

  it('that are gone say so', async () => {
    await openedDocuments();
    await expectAsync(TestBed.inject(Snapshots).open('long ago')).toBeRejectedWithError(/not there any more/);
  });
});
