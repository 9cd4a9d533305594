import { boatyard } from '@dray/demo';
import { resolveBoard } from '@dray/core';
import { advance, floorPlan, phaseMs, runReducer, startRun, type Run } from '@dray/core/late';
import { countdown, stageView } from './stage-view';

describe('stageView', () => {
  const board = resolveBoard(boatyard, { sessionId: 'tuesday', week: 1 });
  const names = new Map(board.columns.map(({ slot, name }) => [slot.id, name]));
  const plan = floorPlan(
    board.session,
    board.rows.map(({ participant: { id, tier }, cells }) => ({ participantId: id, tier, cells })),
    (slotId) => names.get(slotId) ?? '',
  );
  const begun = runReducer(startRun(plan), { kind: 'start', at: 0 });

  function onTo(slotId: string): Run {
    let run = begun;
    for (let at = 1; run.status === 'going'; at += 1) {
      if (run.phase === 'work' && run.turns[run.at]?.slotId === slotId) return run;
      run = runReducer(run, { kind: 'next', at });
    }
    throw new Error(slotId);
  }

  it('counts down so that the last second says 0:01', () => {
    expect([61_000, 60_001, 60_000, 999, 1, 0, -5].map(countdown)).toEqual([
      '1:01',
      '1:01',
      '1:00',
      '0:01',
      '0:01',
      '0:00',
      '0:00',
    ]);
  });

  it('shows the time where the clock leads and the count where the coach does', () => {
    const march = advance(begun, 10_000);
    expect(stageView(march, 10_000).big).toBe('1:30');
    const squat = onTo('tue-squat');
    const amounts = plan.lanes.flatMap(({ works }) => works['tue-squat']?.asked.sets[0]?.amount ?? []);
    expect(stageView(squat, squat.since).big).toBe(`${Math.min(...amounts)}–${Math.max(...amounts)}`);
    expect(stageView(squat, squat.since + phaseMs(squat) + 1).late).toBeTrue();
  });

  it('says what comes: the rest, and what is after it', () => {
    const squat = onTo('tue-squat');
    const [then, after] = stageView(squat, squat.since).coming;
    expect(then?.what).toMatch(/^Rest /);
    expect(after?.what).toBe('Row');
  });

  it('shows for a moment what was just heard', () => {
    const ready = begun;
    expect(stageView(ready, 7100).seen).toBe('count');
    expect(stageView(ready, 7900).seen).toBeUndefined();
  });
});
