import { aKit, aParticipant, aSlot, everyProp, pairs, reps } from '../../testing/people';
import { ready } from '../../testing/reading';
import { documentWith, FIRST_MONDAY } from '../../testing/weeks';
import type { DrayDocument, Override, Program } from '../model';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import { resolveBoard, slotsToWait } from './index';

const ladders = ['press-up', 'squat', 'row', 'hinge'];
const slots = ladders.map((ladder) => ({
  ...aSlot(ladder, reps(3, 10)),
  scheme: USUAL_SCHEMES.repsThenLoad,
}));
const program: Program = {
  id: 'p',
  name: 'P',
  startDate: FIRST_MONDAY,
  weeks: [1, 2, 3, 4].map((week) => ({ week, days: [{ weekday: 1, sessionId: 's' }] })),
  scheme: USUAL_SCHEMES.repsThenLoad,
};
const document: DrayDocument = documentWith({
  kits: [aKit([...pairs(4, 6, 8, 10, 12, 14, 16), ...everyProp()])],
  participants: [aParticipant({ kitIds: ['kit'] })],
  sessions: [
    {
      id: 's',
      name: 'S',
      budgetMinutes: 30,
      blocks: [{ id: 'b', kind: 'straight', restSeconds: 60, slots }],
    },
  ],
  programs: [program],
});
const week = (own: DrayDocument, number: number) =>
  resolveBoard(own, { sessionId: 's', week: number }).rows[0]!.cells.map(ready);

describe('a load that comes where there was none', () => {
  const byHand: Override = {
    id: 'o',
    participantId: 'someone',
    slotId: 'slot-press-up',
    fromWeek: 2,
    loadKg: 10,
    reason: 'a vest',
  };

  it('does not make every other exercise wait: body weight is no 1 kg', () => {
    const plain = week(document, 2);
    const loaded = week({ ...document, overrides: [byHand] }, 2);
    expect(loaded[0]!.load?.kg).toBe(10);
    const waiting = loaded.filter(({ trace }) => trace.some(({ kind }) => kind === 'sessionGrowsEnough'));
    expect(waiting.length).toBeLessThan(3);
    expect(loaded[1]!.work).toEqual(plain[1]!.work);
  });

  it('counts with the body that moves with it, about half of it (common practice)', () => {
    const [cell] = week(document, 1);
    const heavier = { ...cell!, load: { kg: 10, hold: 'vest' as const } };
    const others = [cell!, cell!, cell!];
    const waits = (loaded: typeof cell, bodyMassKg: number, capPercent: number) => {
      const grown = { ...cell!, work: { ...cell!.work, sets: 4 } };
      return slotsToWait([cell!, ...others], [loaded!, grown, cell!, cell!], {
        waited: new Set(),
        neverWait: new Set(),
        capPercent,
        bodyMassKg,
      }).size;
    };
    // 10 kg on half of 80 kg is a quarter more; a third more in another slot fits with it into 15 % of all, not into 14 %.
    expect(waits(heavier, 80, 15)).toBe(0);
    expect(waits(heavier, 80, 14)).toBe(1);
    expect(waits(heavier, 40, 15)).toBe(1);
  });
});
