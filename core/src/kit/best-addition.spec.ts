import { aKit, pairs } from '../../testing/people';
import type { Kit } from '../model';
import { bestAddition, HORIZON_WEEKS, needOutlook } from './best-addition';
import { attainableLoads, type KitNeed } from './index';

const need = (part: Partial<KitNeed> = {}): KitNeed => ({
  participantId: 'tamsin',
  label: 'Tamsin, squat',
  hold: 'bothHands',
  nowKg: 10,
  reps: 10,
  reserve: 2,
  capPercent: 10,
  ...part,
});
const outlook = (kit: Kit, part: Partial<KitNeed> = {}) =>
  needOutlook(attainableLoads(kit, part.hold ?? 'bothHands'), need(part));

describe('needOutlook', () => {
  it('walks within the cap where the kit is fine enough', () => {
    const fine = aKit(pairs(10, 11, 12, 13, 14));
    const walked = outlook(fine);
    expect(walked.stuckInWeek).toBeUndefined();
    // From 11 (within a tenth of 10) by two steps of two weeks to 13, past a quarter more than 10.
    expect(walked.weeks).toBe(4);
  });

  it('is stuck at once where the next load is too far, and for good where there is none', () => {
    expect(outlook(aKit(pairs(10, 15)))).toEqual(
      jasmine.objectContaining({ stuckInWeek: 1, gap: { fromKg: 10, toKg: 15, percent: 50 } }),
    );
    expect(outlook(aKit(pairs(10))).weeks).toBe(HORIZON_WEEKS);
    expect(outlook(aKit(pairs(20)))).toEqual(
      jasmine.objectContaining({ stuckInWeek: 1, weeks: HORIZON_WEEKS }),
    );
  });

  it('lets reps bridge a gap that is not too wide', () => {
    const { weeks, stuckInWeek } = outlook(aKit(pairs(10, 12, 13)));
    expect(stuckInWeek).toBe(1);
    expect(weeks).toBeLessThan(HORIZON_WEEKS);
  });
});

describe('bestAddition', () => {
  it('closes the gap that holds people back', () => {
    const answer = bestAddition(aKit(pairs(10, 15)), [
      need(),
      need({ participantId: 'juno', label: 'Juno, squat' }),
    ]);
    const implement = answer.best!.addition.implement;
    expect(answer.best!.weeksSaved).toBeGreaterThan(0);
    expect(answer.best!.helps.length).toBe(2);
    // Whatever it is, it lies in the gap or fills it in steps.
    const loads = attainableLoads(aKit([implement]), 'bothHands').map(({ kg }) => kg);
    expect(loads.some((kg) => kg > 10 && kg < 15)).toBeTrue();
    for (const { before, after } of answer.best!.helps) expect(after.weeks).toBeLessThan(before.weeks);
  });

  it('sees past the first gap to where the kit ends', () => {
    // 18 to 20 can be bridged by reps, but a quarter more than 18 lies past the heaviest there is.
    const answer = bestAddition(aKit(pairs(18, 20)), [need({ nowKg: 18 })]);
    expect(answer.outlooks[0]?.weeks).toBe(HORIZON_WEEKS);
    expect(answer.best?.helps[0]?.after.weeks).toBeLessThan(HORIZON_WEEKS);
  });

  it('says what would help for nothing when the best has to be bought', () => {
    const answer = bestAddition(aKit(pairs(20, 30)), [need({ nowKg: 20 })]);
    expect(answer.best?.addition.kind).toBe('buy');
    if (answer.forNothing) expect(answer.forNothing.addition.kind).toBe('household');
  });

  it('offers plates for the handles that are there', () => {
    const kit = aKit([
      { kind: 'adjustable', id: 'a', handleKg: 2, handles: 2, plates: [{ massKg: 5, count: 8 }] },
    ]);
    const answer = bestAddition(kit, [
      need({ hold: 'pair', nowKg: 24 }),
      need({ hold: 'pair', nowKg: 24, label: 'x' }),
    ]);
    expect(answer.best).toBeDefined();
    const { after } = answer.best!.helps[0]!;
    expect(after.weeks).toBeLessThan(HORIZON_WEEKS);
  });

  it('has nothing to say where nobody is held back', () => {
    const answer = bestAddition(aKit(pairs(10, 10.5, 11, 11.5, 12, 12.5, 13)), [need()]);
    expect(answer.best).toBeUndefined();
    expect(bestAddition(aKit([]), []).best).toBeUndefined();
  });
});
