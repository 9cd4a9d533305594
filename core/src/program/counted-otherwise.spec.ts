import { boatyardInWeekFive } from '@dray/demo/week-five';
import { editEachTier, editSlot } from '../plan';
import type { DrayDocument, Work } from '../model';
import { resolveBoard } from './index';

/** The class in its fifth week, with four weeks of sets, and other work in a slot from now on. */
function withWork(slotId: string, work: Work): DrayDocument {
  return {
    ...boatyardInWeekFive,
    overrides: [],
    sessions: boatyardInWeekFive.sessions.map((session) =>
      editSlot(session, slotId, (slot) =>
        editEachTier(slot, ({ setPattern: _pattern, ...one }) => ({
          ...one,
          sets: 3,
          work,
          target: { kind: 'none' },
        })),
      ),
    ),
  };
}

function cellsOf(document: DrayDocument, slotId: string) {
  return resolveBoard(document, { sessionId: 'tuesday', week: 5 })
    .rows.flatMap(({ cells }) => cells)
    .flatMap((cell) => (cell.slotId === slotId && cell.status === 'ready' ? [cell] : []));
}

describe('sets that were counted otherwise than they are asked for now', () => {
  it('say nothing of seconds where they were repetitions: ten squats are not ten seconds of them', () => {
    const cells = cellsOf(withWork('tue-squat', { kind: 'time', seconds: 40 }), 'tue-squat');
    expect(cells.length).toBe(6);
    for (const { work, participantId } of cells) {
      expect(work.kind).withContext(participantId).toBe('time');
      expect(Number(work.amount)).withContext(participantId).toBe(40);
    }
    const reasons = cells.flatMap(({ trace }) => trace.map(({ kind }) => kind));
    expect(reasons).toContain('countedOtherwise');
  });

  it('say nothing of repetitions where they were seconds: a plank of forty seconds is not forty of anything', () => {
    const cells = cellsOf(withWork('tue-plank', { kind: 'reps', reps: 8 }), 'tue-plank');
    expect(cells.length).toBe(6);
    for (const { work, participantId } of cells) {
      expect(work.kind).withContext(participantId).toBe('reps');
      expect(work.amount).withContext(participantId).toBeLessThanOrEqual(8);
    }
  });

  it('leave what was set by hand of them out, and say so', () => {
    const byHand = {
      id: 'o',
      participantId: 'juno',
      slotId: 'tue-squat',
      fromWeek: 1,
      reason: 'as she likes it',
    };
    const amountOf = (document: DrayDocument) => {
      const cell = cellsOf(document, 'tue-squat').find(({ participantId }) => participantId === 'juno');
      return [Number(cell?.work.amount), cell?.trace.some(({ kind }) => kind === 'handCountedOtherwise')];
    };
    const clocked = withWork('tue-squat', { kind: 'time', seconds: 40 });
    const repetitions = withWork('tue-squat', { kind: 'reps', reps: 8 });
    const set = (document: DrayDocument, amount: number, counted: 'reps' | 'seconds') =>
      amountOf({ ...document, log: [], overrides: [{ ...byHand, amount, counted }] });
    expect(set(clocked, 12, 'reps')).toEqual([40, true]);
    expect(set(clocked, 50, 'seconds')).toEqual([50, false]);
    expect(set(repetitions, 12, 'reps')).toEqual([12, false]);
    expect(set(repetitions, 60, 'seconds')[1]).toBe(true);
    expect(set(repetitions, 60, 'seconds')[0]).toBeLessThan(20);
  });
});
