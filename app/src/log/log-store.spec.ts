import { TestBed } from '@angular/core/testing';
import { DocumentRepository } from '../data/document-repository';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { LogStore } from './log-store';

describe('LogStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  const store = () => TestBed.runInInjectionContext(() => new LogStore());
  const kept = () => TestBed.inject(DocumentRepository).logOf('bram');

  it('writes a cell as it was asked, with its load, on the class’s day, and says so when it is on the disk', async () => {
    const log = store();
    expect(log.date()).toBe('2026-11-24');
    const writing = log.write('');
    expect(log.selected()?.underWay).toBeTrue();
    expect(await writing).toBeTrue();
    expect(log.selected()?.underWay).toBeFalse();
    expect(log.selected()?.plain).toBeTrue();
    const sets = await kept();
    expect(sets.map(({ amount, set }) => [set, amount]).sort()).toEqual([
      [1, 6],
      [2, 6],
      [3, 6],
    ]);
    expect(sets.every(({ date, loadKg }) => date === '2026-11-24' && loadKg !== undefined)).toBeTrue();
  });

  it('refuses what it cannot read and keeps nothing of it', async () => {
    const log = store();
    expect(await log.write('ten ten')).toBeFalse();
    expect(log.selected()?.entries).toEqual([]);
    expect(await kept()).toEqual([]);
  });

  it('fills the rest of a row and leaves alone what is there', async () => {
    const log = store();
    await log.write('8 8 7 0 left');
    await log.writeRow(0);
    const [row] = log.rows();
    expect(row?.logged).toBe(log.columns().length);
    expect(row?.cells[0]?.entries.map(({ amount }) => amount)).toEqual([8, 8, 7]);
  });

  it('keeps what stood when a set is put right, and undo brings it back on the disk too', async () => {
    const log = store();
    await log.write('');
    await log.write('10 10 9');
    const third = (await kept()).find(({ set }) => set === 3);
    expect(third?.amount).toBe(9);
    expect(third?.stood?.[0]?.amount).toBe(6);
    log.documents.undo();
    await until(async () => (await kept()).find(({ set }) => set === 3)?.amount === 6);
    expect((await kept()).length).toBe(3);
  });

  it('takes a cell out again', async () => {
    const log = store();
    await log.write('');
    await log.clear();
    expect(log.selected()?.entries).toEqual([]);
    expect(await kept()).toEqual([]);
  });

  it('notes how hard a visit was, refuses what is off the scale, and forgets it when it is emptied', () => {
    const log = store();
    log.setVisit('bram', 7, 40);
    log.setVisit('bram', 11, 40);
    expect(log.rows()[0]?.effort).toBe(7);
    expect(log.rows()[0]?.minutes).toBe(40);
    log.setVisit('bram', undefined, 40);
    expect(log.rows()[0]?.effort).toBeUndefined();
  });
});
