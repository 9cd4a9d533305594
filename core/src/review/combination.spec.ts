import { boatyard } from '@dray/demo';
import { catalog } from '../library';
import { newSlot, slotName } from '../plan';
import { resolveBoard } from '../program';
import { LIBRARY_COMBINATIONS } from '../library';
import type { DrayDocument, Session } from '../model';
import { reviewCombination } from './index';

const { source } = LIBRARY_COMBINATIONS.find(({ id }) => id === 'thruster')!;
const slot = newSlot('slot', source, catalog);
const session: Session = {
  id: 'own',
  name: 'Own',
  budgetMinutes: 30,
  blocks: [{ id: 'b', kind: 'straight', restSeconds: 60, slots: [slot] }],
};
const documentOf = (own: Session): DrayDocument => ({
  ...boatyard,
  sessions: [...boatyard.sessions, own],
  overrides: [],
});
const cellsOf = (own: Session) =>
  resolveBoard(documentOf(own), { sessionId: 'own', week: 1 }).rows.flatMap(({ cells }) => cells);
let made = 0;
const review = reviewCombination(slot, cellsOf(session), catalog, () => `new-${(made += 1)}`)!;
const remedy = (kind: string) => review.remedies.find((own) => own.kind === kind)!;

describe('a combination that one part ends for the others', () => {
  it('names the part that decides for most of the class', () => {
    expect(review.weakest).toBe(1);
    expect(review.count).toBeGreaterThanOrEqual(3);
    expect(review.of).toBeGreaterThanOrEqual(review.count);
    expect(
      reviewCombination(
        newSlot('other', { kind: 'ladder', ladderId: 'squat' }, catalog),
        [],
        catalog,
        () => '',
      ),
    ).toBeUndefined();
  });

  it('is mended by more of the strong part: nobody lifts more, and the strong part does more', () => {
    expect(remedy('moreOfStrong').words).toBe('2 × squat to each overhead press');
    const more = remedy('moreOfStrong').apply(session);
    expect(slotName(more.blocks[0]!.slots[0]!, catalog)).toBe('2 Squat + Overhead press');
    const before = cellsOf(session);
    cellsOf(more).forEach((cell, at) => {
      const was = before[at]!;
      if (cell.status !== 'ready' || was.status !== 'ready' || !cell.load || !was.load) return;
      expect(cell.load.kg).toBeLessThanOrEqual(was.load.kg + 1e-9);
    });
  });

  it('is mended by a slower lowering, or by its parts one by one with the id its log hangs on', () => {
    const slow = remedy('slower').apply(session).blocks[0]!.slots[0]!;
    expect(slow.prescriptions.beginner.tempo).toEqual({ down: 4, pause: 0, up: 1 });
    const [block] = remedy('split').apply(session).blocks;
    expect(block?.kind).toBe('superset');
    expect(block?.slots.map((own) => slotName(own, catalog))).toEqual(['Squat', 'Overhead press']);
    expect(block?.slots.map(({ id }) => id)).toEqual(['slot', 'new-1']);
  });
});
