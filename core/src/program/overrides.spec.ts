import * as fc from 'fast-check';
import { aParticipant, everyProp, pairs, reps } from '../../testing/people';
import { numbersIn } from '../../testing/reading';
import { oneSlot } from '../../testing/weeks';
import { leversMoved } from '../ladder';
import { overrideSchema, type Override } from '../model';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import { holdsIn, mergedOverride, resolveBoard, setByHand } from './index';

const override = (part: Partial<Override>): Override => ({
  id: 'o',
  participantId: 'someone',
  slotId: 'slot-row',
  fromWeek: 1,
  reason: 'said so',
  ...part,
});

describe('setByHand', () => {
  const past = override({ id: 'past', fromWeek: 1, toWeek: 2, sets: 2 });
  const onwards = override({ id: 'onwards', fromWeek: 1, loadKg: 8 });
  const decided = override({ id: 'decided', fromWeek: 4, toWeek: 4, amount: 9, reviewOfWeek: 3 });

  it('for one week leaves everything else as it stands, past, future and decisions of reviews', () => {
    const set = setByHand([past, onwards, decided], override({ id: 'new', fromWeek: 3, toWeek: 3, sets: 5 }));
    expect(set.map(({ id }) => id)).toEqual(['past', 'onwards', 'decided', 'new']);
    const start = oneSlot('row', reps(3, 10), USUAL_SCHEMES.repsThenLoad, aParticipant(), [
      ...pairs(6, 8, 10),
      ...everyProp(),
    ]);
    const numbers = [1, 2, 3, 4, 5].map((week) =>
      numbersIn(resolveBoard({ ...start, overrides: set }, { sessionId: 's', week }).rows[0]!.cells[0]),
    );
    expect(numbers.map(({ sets }) => sets)).toEqual([2, 2, 5, 3, 3]);
    expect(numbers.map(({ kg }) => kg)).toEqual([8, 8, 8, 8, 8]);
    expect(numbers[3]!.amount).toBe(9);
  });

  it('leaves out one week, and the next goes on from before it', () => {
    const start = oneSlot('row', reps(3, 10), USUAL_SCHEMES.repsThenLoad, aParticipant(), [
      ...pairs(6, 8, 10),
      ...everyProp(),
    ]);
    const out = override({ fromWeek: 2, toWeek: 2, leaveOut: true });
    const cells = (overrides: Override[]) =>
      [1, 2, 3].map(
        (week) => resolveBoard({ ...start, overrides }, { sessionId: 's', week }).rows[0]!.cells[0]!,
      );
    const [usual, leftOut] = [cells([]), cells([out])];
    expect(leftOut[1]?.status).toBe('leftOut');
    expect(numbersIn(leftOut[2])).toEqual(numbersIn(usual[1]));
    expect(numbersIn(leftOut[2]).amount).toBeGreaterThan(numbersIn(usual[0]).amount);
  });

  it('for the very same weeks takes the place of what was set by hand, never of a decision', () => {
    const again = override({ id: 'again', fromWeek: 1, toWeek: 2, sets: 4 });
    expect(setByHand([past, decided], again).map(({ id }) => id)).toEqual(['decided', 'again']);
    const sameWeek = override({ id: 'by-hand', fromWeek: 4, toWeek: 4, amount: 7 });
    expect(setByHand([decided], sameWeek).length).toBe(2);
  });
});

describe('mergedOverride', () => {
  it('lets the later one win field by field', () => {
    const merged = mergedOverride([
      override({ loadKg: 20, sets: 3 }),
      override({ id: 'later', fromWeek: 3, sets: 2 }),
    ]);
    expect(merged).toEqual(jasmine.objectContaining({ id: 'later', loadKg: 20, sets: 2 }));
  });

  it('never carries a load over to another version', () => {
    const heavyRow = override({ loadKg: 20, amount: 12 });
    const overhead = override({ id: 'later', fromWeek: 3, rungId: 'overhead-one-arm' });
    expect(mergedOverride([heavyRow, overhead])?.loadKg).toBeUndefined();
    expect(mergedOverride([heavyRow, overhead])?.amount).toBeUndefined();
    const byExercise = override({ id: 'last', fromWeek: 4, exerciseId: 'easy-march' });
    expect(mergedOverride([overhead, byExercise])?.rungId).toBeUndefined();
    const numbers = override({ id: 'last', fromWeek: 4, loadKg: 6 });
    expect(mergedOverride([heavyRow, overhead, numbers])).toEqual(
      jasmine.objectContaining({ rungId: 'overhead-one-arm', loadKg: 6 }),
    );
  });

  it('leaves out until something is set again, and is a decision only where all of it is', () => {
    const out = override({ leaveOut: true });
    expect(mergedOverride([override({ sets: 2 }), { ...out, fromWeek: 2 }])?.leaveOut).toBeTrue();
    expect(mergedOverride([out, override({ fromWeek: 2, sets: 2 })])?.leaveOut).toBeUndefined();
    const decided = override({ reviewOfWeek: 1, decision: 'agreed', sets: 2 });
    expect(mergedOverride([decided, override({ fromWeek: 2, sets: 3 })])?.reviewOfWeek).toBeUndefined();
    expect(mergedOverride([decided, { ...decided, fromWeek: 2 }])?.decision).toBe('agreed');
  });

  it('always gives an override the document accepts, the same whatever holds beside it', () => {
    const any = fc.record(
      {
        fromWeek: fc.integer({ min: 1, max: 4 }),
        sets: fc.integer({ min: 1, max: 5 }),
        amount: fc.integer({ min: 1, max: 20 }),
        loadKg: fc.integer({ min: 0, max: 20 }),
        rungId: fc.constantFrom('row-one-arm', 'overhead-one-arm'),
        leaveOut: fc.constant(true as const),
      },
      { requiredKeys: ['fromWeek'] },
    );
    fc.assert(
      fc.property(fc.array(any, { minLength: 1, maxLength: 5 }), (parts) => {
        const all = parts.map((part, place) => override({ ...part, id: `o${place}` }));
        const merged = mergedOverride(all)!;
        expect(overrideSchema.safeParse(merged).success).toBeTrue();
        expect(all.every((one) => holdsIn(one, 4))).toBeTrue();
        const last = [...all].sort((a, b) => a.fromWeek - b.fromWeek).at(-1)!;
        if (last.sets !== undefined && !last.leaveOut) expect(merged.sets).toBe(last.sets);
      }),
    );
  });
});

describe('a version chosen by hand', () => {
  const sore = aParticipant({ cautions: [{ condition: 'soreKnee' }] });
  const start = oneSlot('squat', reps(3, 10), USUAL_SCHEMES.repsThenLoad, sore, [
    ...pairs(6, 8, 10),
    ...everyProp(),
  ]);
  const slotId = start.sessions[0]!.blocks[0]!.slots[0]!.id;
  const chosen = (part: Partial<Override>) =>
    resolveBoard(
      {
        ...start,
        overrides: [override({ participantId: sore.id, slotId, rungId: 'squat-free', ...part })],
      },
      { sessionId: 's', week: 1 },
    ).rows[0]!.cells[0]!;

  it('keeps what a caution changes of it, and says so', () => {
    const cell = chosen({});
    if (cell.status !== 'ready') throw new Error('left out');
    expect(cell.version.rung?.id).toBe('squat-free');
    expect(Object.keys(leversMoved(cell.version)).length).toBeGreaterThan(0);
    expect(cell.trace.some(({ kind }) => kind === 'cautioned')).toBe(true);
    expect(cell.trace.some(({ kind }) => kind === 'againstCaution')).toBe(false);
  });

  it('goes past it only where the coach says where the levers stand, and that is named', () => {
    const free = chosen({});
    if (free.status !== 'ready') throw new Error('left out');
    const cell = chosen({ levers: free.version.rung!.levers });
    expect(cell.trace.some(({ kind }) => kind === 'againstCaution')).toBe(true);
  });
});
