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

  it('goes on looking unwritten while it is not on the disk, and no longer', async () => {
    const log = store();
    const write = spyOn(TestBed.inject(DocumentRepository), 'write').and.rejectWith(
      new DOMException('full', 'QuotaExceededError'),
    );
    expect(await log.write('')).toBeFalse();
    TestBed.tick();
    expect(log.selected()?.underWay).toBeTrue();
    write.and.callThrough();
    log.view.documents.tryAgain();
    await log.view.documents.settled();
    TestBed.tick();
    expect(log.selected()?.underWay).toBeFalse();
    expect((await kept()).length).toBe(3);
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

  describe('of a session on Tuesdays and Fridays', () => {
    beforeEach(() => {
      // As if it were held twice a week, and nothing else.
      store().documents.edit('twice a week', (document) => ({
        ...document,
        programs: document.programs.map((program) => ({
          ...program,
          startDate: '2026-11-23',
          weeks: program.weeks.map((week) => ({
            ...week,
            days: [
              { weekday: 2, sessionId: 'tuesday' },
              { weekday: 5, sessionId: 'tuesday' },
            ],
          })),
        })),
      }));
    });

    const days = async () => (await kept()).map(({ date, week, nth = 1 }) => `${date} ${week}.${nth}`);
    const held = () =>
      store()
        .documents.document()
        ?.classes.map(({ week, nth, date, there }) => `${week}.${nth} ${date} ${there.join()}`);

    it('keeps Friday’s sets beside Tuesday’s, each in a class of its own', async () => {
      const log = store();
      log.view.showWeek(1);
      await log.write('6 6 6');
      log.view.showWeek(2);
      expect(log.date()).toBe('2026-11-27');
      expect(log.selected()?.entries).toEqual([]);
      await log.write('5 5 5');
      expect((await days()).sort()).toEqual([
        '2026-11-24 1.1',
        '2026-11-24 1.1',
        '2026-11-24 1.1',
        '2026-11-27 1.2',
        '2026-11-27 1.2',
        '2026-11-27 1.2',
      ]);
      expect(held()).toEqual(['1.1 2026-11-24 bram', '1.2 2026-11-27 bram']);
      log.view.showWeek(1);
      expect(log.selected()?.entries.map(({ amount }) => amount)).toEqual([6, 6, 6]);
    });

    it('keeps how hard each was, and takes sets and class back together', async () => {
      const log = store();
      log.view.showWeek(1);
      log.setVisit('bram', 6, 40);
      log.view.showWeek(2);
      expect(log.rows()[0]?.effort).toBeUndefined();
      log.setVisit('bram', 8, 45);
      expect(log.documents.document()?.visits.map(({ nth = 1, effort }) => `${nth} ${effort}`)).toEqual([
        '1 6',
        '2 8',
      ]);
      log.documents.undo();
      expect(held()).toEqual(['1.1 2026-11-24 bram']);
      expect(log.documents.document()?.visits.length).toBe(1);
    });

    it('goes to the class that stands on a day, and puts one in or moves one where none does', async () => {
      const log = store();
      log.view.showWeek(1);
      expect(log.showDay('2026-11-27')).toBeTrue();
      expect(log.view.turn()).toEqual(jasmine.objectContaining({ week: 1, nth: 2 }));
      expect(log.showDay('2026-11-25')).toBeFalse();
      await log.write('5 5 5');
      log.moveTo('2026-11-26');
      await log.documents.settled();
      expect([...new Set(await days())]).toEqual(['2026-11-26 1.2']);
      expect(log.date()).toBe('2026-11-26');
      log.addOn('2026-11-29');
      expect(log.view.turn()).toEqual(jasmine.objectContaining({ week: 1, nth: 3, date: '2026-11-29' }));
      await log.write('4 4 4');
      expect(new Set(await days())).toEqual(new Set(['2026-11-26 1.2', '2026-11-29 1.3']));
    });

    it('cancels a class and holds it after all', () => {
      const log = store();
      log.view.showWeek(2);
      log.cancel(true);
      expect(log.view.turn()?.off).toBeTrue();
      log.cancel(false);
      expect(log.view.turn()?.off).toBeFalse();
    });
  });
});
