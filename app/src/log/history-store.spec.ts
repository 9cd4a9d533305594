import { TestBed } from '@angular/core/testing';
import type { LogEntry } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { HistoryStore } from './history-store';

/** Three Tuesdays of squats, heavier each time, and holds longer. */
const DAYS = ['2026-11-03', '2026-11-10', '2026-11-17'] as const;

function squat(week: number, set: number): LogEntry {
  return {
    id: `squat ${week} ${set}`,
    participantId: 'bram',
    sessionId: 'tuesday',
    slotId: 'tue-squat',
    week,
    date: DAYS[week - 1]!,
    exerciseId: 'shoulder-pair-squat',
    set,
    counted: 'reps',
    loadKg: 40 + 2 * week,
    amount: 6,
    reserve: 2,
  };
}

function hold(week: number, side: 'left' | 'right'): LogEntry {
  return {
    id: `stand ${week} ${side}`,
    participantId: 'bram',
    sessionId: 'tuesday',
    slotId: 'tue-plank',
    week,
    date: DAYS[week - 1]!,
    exerciseId: 'one-leg-stand',
    set: 1,
    side,
    counted: 'seconds',
    amount: side === 'left' ? 20 + week : 30,
  };
}

const LOG = [1, 2, 3].flatMap((week) => [
  squat(week, 1),
  squat(week, 2),
  hold(week, 'left'),
  hold(week, 'right'),
]);

describe('HistoryStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    const documents = await openedDocuments();
    await documents.record('a month', LOG, []);
  });

  afterEach(() => {
    db.close();
  });

  async function shown(id: string) {
    const history = TestBed.runInInjectionContext(() => new HistoryStore());
    history.show(id);
    await until(() => !history.loading());
    return history;
  }

  it('has the first time beside the last, with version, load and reps', async () => {
    const history = await shown('bram');
    const pair = history.pairs().find(({ slotId }) => slotId === 'tue-squat')!;
    expect(pair.session).toBe('Tuesday, whole body');
    expect([pair.then.loadKg, pair.now.loadKg]).toEqual([42, 46]);
    expect([pair.then.amount, pair.now.amount]).toEqual([6, 6]);
  });

  it('counts weeks, holds and sides', async () => {
    const history = await shown('bram');
    // Volume load: sets × reps × load, two sets a week.
    expect(history.weeks().map(({ volumeKg }) => volumeKg)).toEqual([504, 528, 552]);
    expect(history.sides().length).toBe(3);
    expect(history.days().map(({ date }) => date)).toEqual([...DAYS].reverse());
    expect(history.days()[0]!.entries.length).toBe(4);
    expect(history.lastDates().flatMap(history.winsOn()).length).toBeGreaterThan(0);
  });

  it('follows strength of the exercise that is chosen, and of the first that is loaded until then', async () => {
    const history = await shown('bram');
    expect(history.exercise()?.id).toBe('shoulder-pair-squat');
    // Heavier with the same left: the estimate rises by about as much as the loads did, 42 to 46.
    const { path, readings } = history.running()!;
    // Before them stands what the coach noted by hand.
    expect([...new Set(readings.map(({ observation }) => observation.date))].slice(1)).toEqual([...DAYS]);
    const on = (date: string) => path.find((point) => point.date === date)!.maxKg;
    expect(on(DAYS[2])).toBeGreaterThan(on(DAYS[0]));
    history.showExercise('one-leg-stand');
    expect(history.exercise()?.id).toBe('one-leg-stand');
    expect(history.holds().get('one-leg-stand')?.get('2026-11-17')).toBe(30);
  });

  it('adds up nothing before the log is whole, so that years of it are not added up twice', async () => {
    const history = TestBed.runInInjectionContext(() => new HistoryStore());
    history.show('bram');
    TestBed.tick();
    expect(history.loading()).toBeTrue();
    expect(history.log()).toEqual([]);
    await until(() => !history.loading());
    expect(history.log().length).toBe(LOG.length);
  });

  it('has nothing of anybody else', async () => {
    const history = await shown('odile');
    expect(history.log()).toEqual([]);
    expect(history.pairs()).toEqual([]);
    history.show('bram');
    await until(() => !history.loading());
    expect(history.log().length).toBe(LOG.length);
  });
});
