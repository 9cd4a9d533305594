import { boatyard } from '@dray/demo';
import type { LogEntry } from '@dray/core';
import { DrayDb } from './dray-db';
import { demoFor } from './demo-dates';
import { addLog, daysFrom, logHorizon, readLog, readLogOf, writeLog } from './log-days';
import { isoDate } from './today';

const entry = (id: string, date: string, participantId = 'bram'): LogEntry => ({
  id,
  participantId,
  sessionId: 'tuesday',
  slotId: 'tue-squat',
  week: 1,
  date,
  exerciseId: 'goblet-squat',
  set: 1,
  counted: 'reps',
  amount: 10,
});

describe('the log by days', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = new DrayDb(`test-${crypto.randomUUID()}`);
  });

  afterEach(async () => {
    await db.delete();
  });

  it('keeps a visit in one row, whoever writes to it, and a day without sets in none', async () => {
    const [a, b] = [entry('a', '2026-11-24'), entry('b', '2026-11-24')];
    await writeLog(db.days, [{ list: 'log', id: 'a', after: { at: 0, value: a } }]);
    await writeLog(db.days, [{ list: 'log', id: 'b', after: { at: 0, value: b } }]);
    expect(await db.days.count()).toBe(1);
    expect((await readLog(db.days, '')).map(({ id }) => id)).toEqual(['a', 'b']);
    const changed = { ...a, date: '2026-11-25' };
    await writeLog(db.days, [
      { list: 'log', id: 'a', before: { at: 0, value: a }, after: { at: 0, value: changed } },
    ]);
    expect((await db.days.toArray()).map(({ date }) => date).sort()).toEqual(['2026-11-24', '2026-11-25']);
    await writeLog(db.days, [{ list: 'log', id: 'b', before: { at: 0, value: b } }]);
    expect(await db.days.count()).toBe(1);
  });

  it('takes a known id’s place when it comes in again', async () => {
    const first = entry('a', '2026-11-24');
    await addLog(db.days, [first, entry('b', '2026-11-24')]);
    await addLog(db.days, [{ ...first, amount: 12 }]);
    const log = await readLogOf(db.days, 'bram');
    expect(log.map(({ id, amount }) => [id, amount]).sort()).toEqual([
      ['a', 12],
      ['b', 10],
    ]);
  });

  it('has at hand what present programs rest on, once the log is long', () => {
    expect(logHorizon(boatyard.programs, '2026-11-25')).toBe('2026-08-31');
    expect(logHorizon(boatyard.programs, '2027-06-01')).toBe('2027-04-06');
    expect(daysFrom([entry('a', '2026-11-24'), entry('b', '2026-11-24', 'juno')]).length).toBe(2);
  });
});

describe('the demo’s dates', () => {
  const text = '{"startDate":"2026-10-27","log":[{"date":"2026-11-20"}],"until": "2026-11-20"}';

  it('move by whole weeks, so that the fifth is always this one', () => {
    expect(demoFor('2026-11-25', text)).toBe(text);
    expect(demoFor('2026-12-02', text)).toContain('"startDate":"2026-11-03"');
    expect(demoFor('2026-12-02', text)).toContain('"date":"2026-11-27"');
    expect(demoFor('2026-12-02', text)).toContain('"until": "2026-11-20"');
  });

  it('know the local day', () => {
    expect(isoDate(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  });
});
