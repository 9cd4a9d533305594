import { TestBed } from '@angular/core/testing';
import type { RunEvent } from '@dray/core/late';
import type { DrayDb, RunRow } from '../data/dray-db';
import { provideFreshBrowser } from '../testing';
import { Runs } from './runs';

const EVENING = Date.UTC(2026, 10, 24, 18, 30);
const DAY = 86_400_000;

describe('Runs', () => {
  let db: DrayDb;

  beforeEach(() => (db = provideFreshBrowser()));
  afterEach(() => {
    db.close();
  });

  const row = (id: string, startedAt = EVENING): RunRow => ({
    id,
    startedAt,
    sessionId: 'tuesday',
    turn: 5,
    date: '2026-11-24',
    plan: { blocks: [], lanes: [], rules: {} } as unknown as RunRow['plan'],
  });
  const next = (at: number): RunEvent => ({ kind: 'next', at });

  it('takes up the last that has not ended, with what happened in its order', async () => {
    const runs = TestBed.inject(Runs);
    expect(await runs.open()).toBeUndefined();
    await runs.begin(row('one'));
    for (const at of [3, 1, 2]) await runs.add('one', next(EVENING + at));
    const open = await runs.open();
    expect(open?.row.id).toBe('one');
    // As they came, whatever the clock did meanwhile.
    expect(open?.events.map(({ at }) => at - EVENING)).toEqual([3, 1, 2]);
    await runs.end('one');
    expect(await runs.open()).toBeUndefined();
  });

  it('keeps what comes together whole or not at all: tried again, nobody is led past a set', async () => {
    const runs = TestBed.inject(Runs);
    await runs.begin(row('one'));
    const unkeepable = { kind: 'next', at: () => 0 } as unknown as RunEvent;
    await expectAsync(runs.add('one', next(EVENING), unkeepable)).toBeRejected();
    expect(await runs.events('one')).toEqual([]);
    await runs.add('one', next(EVENING), next(EVENING + 1));
    expect((await runs.events('one')).map(({ at }) => at - EVENING)).toEqual([0, 1]);
  });

  it('ends what was left open when another begins, and keeps its events', async () => {
    const runs = TestBed.inject(Runs);
    await runs.begin(row('one'));
    await runs.add('one', next(EVENING));
    await runs.begin(row('two', EVENING + DAY));
    expect((await runs.open())?.row.id).toBe('two');
    expect((await runs.events('one')).length).toBe(1);
    await runs.end('two');
    expect(await runs.open()).toBeUndefined();
  });

  it('forgets runs of more than sixty days ago, whole, and no others', async () => {
    const runs = TestBed.inject(Runs);
    await runs.begin(row('old', EVENING - 61 * DAY));
    await runs.add('old', next(EVENING - 61 * DAY));
    await runs.see('old', EVENING - 61 * DAY);
    await runs.wrote('old', { set: 'said' });
    await runs.begin(row('kept', EVENING - 59 * DAY));
    await runs.add('kept', next(EVENING - 59 * DAY));
    await runs.wrote('kept', { set: 'said' });
    await runs.begin(row('new'));
    expect((await db.runs.toCollection().primaryKeys()).sort()).toEqual(['kept', 'new']);
    expect(await runs.events('old')).toEqual([]);
    expect(await runs.written('old')).toEqual({});
    expect((await runs.events('kept')).length).toBe(1);
    expect(await runs.written('kept')).toEqual({ set: 'said' });
    expect((await db.device.toArray()).filter(({ id }) => id.endsWith('old'))).toEqual([]);
  });

  it('knows when somebody last had it before their eyes, or what happened last, or when it began', async () => {
    const runs = TestBed.inject(Runs);
    await runs.begin(row('one'));
    expect((await runs.open())?.seen).toBe(EVENING);
    await runs.add('one', next(EVENING + 2000));
    expect((await runs.open())?.seen).toBe(EVENING + 2000);
    await runs.see('one', EVENING + 9000);
    expect((await runs.open())?.seen).toBe(EVENING + 9000);
  });
});
