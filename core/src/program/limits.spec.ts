import { aParticipant, everyProp, pairs, reps } from '../../testing/people';
import { numbersIn, ready } from '../../testing/reading';
import { oneSlot, train, type DoneSet } from '../../testing/weeks';
import { applyCautions } from '../caution';
import { catalog } from '../library';
import type { DrayDocument, Implement, Prescription, Scheme } from '../model';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import type { ReadyCell } from '../resolve';
import { resolveBoard } from './index';

const timed = (kind: 'hold' | 'time', seconds: number): Prescription => ({
  ...reps(3, 1),
  work: { kind, seconds },
  target: { kind: 'none' },
});
const range = (low: number, high: number): Prescription => ({
  ...reps(3, low),
  work: { kind: 'range', low, high },
});
const asAsked = (cell: ReadyCell): DoneSet => ({ amount: cell.work.amount, reserve: cell.work.reserve ?? 2 });

function amounts(document: DrayDocument, weeks: number): number[] {
  return train(document, weeks, asAsked).cells.map((cell) => numbersIn(cell).amount);
}
const things = (...masses: number[]): Implement[] => [...pairs(...masses), ...everyProp()];

describe('a limit of repetitions', () => {
  it('is no limit of seconds: clocked work under rounds first keeps its time where the load cannot grow', () => {
    const document = oneSlot(
      'squat',
      timed('time', 40),
      USUAL_SCHEMES.roundsFirst,
      aParticipant(),
      things(8),
    );
    const cells = train(document, 8, asAsked).cells.map(numbersIn);
    expect(cells.map(({ amount }) => amount)).toEqual(Array.from({ length: 8 }, () => 40));
    expect(Math.max(...cells.map(({ sets }) => sets))).toBe(5);
  });

  it('never takes reps away that the plan asks: 20 to 25 do not saw back to 20', () => {
    const document = oneSlot('squat', range(20, 25), USUAL_SCHEMES.repsThenLoad, aParticipant(), things(4));
    const asked = amounts(document, 10);
    expect(asked[0]).toBe(20);
    expect(asked).toContain(25);
    asked.slice(1).forEach((amount, before) => expect(amount).toBeGreaterThanOrEqual(asked[before]!));
  });
});

describe('the longest hold of a caution', () => {
  const careful = aParticipant({
    tier: 'advanced',
    rungs: { row: 'row-plank' },
    cautions: [{ condition: 'heartCondition' }],
  });
  for (const growth of Object.values(USUAL_SCHEMES) as Scheme[]) {
    it(`holds whatever grows, ${growth.kind}`, () => {
      const limits: number[] = [];
      for (const ladder of ['brace', 'row', 'squat']) {
        const plan = timed('hold', 20);
        const { cells } = train(oneSlot(ladder, plan, growth, careful, things(4, 6, 20)), 10, asAsked);
        for (const cell of cells.map(ready)) {
          const verdict = applyCautions(cell.version, ['heartCondition'], catalog);
          const most = verdict.kind === 'allowed' ? verdict.limits.holdAtMostSeconds : 0;
          expect(cell.work.amount).toBeLessThanOrEqual(most);
          limits.push(most);
        }
      }
      expect(Math.min(...limits)).toBe(15);
    });
  }

  it('is the reason, and no longer hold is announced before it', () => {
    const document = oneSlot('brace', timed('hold', 15), USUAL_SCHEMES.timeFirst, careful, everyProp());
    const second = ready(train(document, 2, asAsked).cells[1]);
    const kinds = second.trace.map(({ kind }) => kind);
    expect(kinds).toContain('heldByCaution');
    expect(kinds).not.toContain('more');
  });
});

describe('a fixed percentage', () => {
  const growth: Scheme = { kind: 'cappedPercent', percentPerWeek: 5, capPercent: 5 };
  const startingIn = (week: number): DrayDocument => {
    const start = oneSlot('press-up', reps(3, 10), growth, aParticipant(), everyProp());
    return {
      ...start,
      programs: start.programs.map((program) => ({
        ...program,
        weeks: program.weeks.map((own) => (own.week < week ? { ...own, days: [] } : own)),
      })),
    };
  };

  it('counts weeks that were trained: a session that begins in week 8 grows as one that begins at once', () => {
    const late = train(startingIn(8), 12, (cell) => (cell.week < 8 ? undefined : asAsked(cell))).cells;
    expect(late.slice(7).map((cell) => numbersIn(cell).amount)).toEqual(amounts(startingIn(1), 5));
    expect(amounts(startingIn(1), 5)).toEqual([10, 10, 11, 11, 12]);
  });

  it('never adds more than a whole one a week to so few', () => {
    const asked = amounts(startingIn(1), 12);
    asked.slice(1).forEach((amount, before) => expect(amount - asked[before]!).toBeLessThanOrEqual(1));
  });
});

describe('a lighter week', () => {
  const lighterIn = (...weeks: number[]): DrayDocument => {
    const start = oneSlot(
      'squat',
      range(8, 12),
      USUAL_SCHEMES.repsThenLoad,
      aParticipant(),
      things(5, 6, 7, 8, 9, 10),
    );
    return {
      ...start,
      programs: start.programs.map((program) => ({
        ...program,
        weeks: program.weeks.map((own) => (weeks.includes(own.week) ? { ...own, lighter: true } : own)),
      })),
    };
  };
  const numbers = (document: DrayDocument) => train(document, 4, asAsked).cells.map(numbersIn);

  it('is applied in the first week too, and the second begins as the first would have', () => {
    const usual = numbers(lighterIn());
    const lighter = numbers(lighterIn(1));
    expect(lighter[0]!.sets).toBe(2);
    expect(lighter[0]!.kg).toBeLessThanOrEqual(usual[0]!.kg! * 0.9);
    expect(lighter.slice(1)).toEqual(usual.slice(0, 3));
  });

  it('takes load as well as sets, and what comes after goes on from before it', () => {
    const usual = numbers(lighterIn());
    const lighter = numbers(lighterIn(3));
    expect(lighter[2]!.sets).toBe(2);
    expect(lighter[2]!.kg).toBeLessThanOrEqual(usual[1]!.kg! * 0.9);
    expect(lighter[3]).toEqual(usual[2]!);
  });

  it('does not hide pain: what hurt before it stays stopped in it, and what hurt in it after it', () => {
    const hurting = (week: number) => (cell: ReadyCell) => ({
      ...asAsked(cell),
      ...(cell.week === week && { pain: { place: 'knee', score: 6 } }),
    });
    const inIt = train(lighterIn(2), 3, hurting(1)).cells[1]!;
    const afterIt = train(lighterIn(2), 3, hurting(2)).cells[2]!;
    for (const cell of [inIt, afterIt]) {
      expect(cell.trace.some((reason) => reason.kind === 'hurt' && reason.stopped)).toBeTrue();
    }
  });

  it('of a wave does not follow one of the program', () => {
    const start = lighterIn(3);
    const wave: Scheme = { ...USUAL_SCHEMES.wave, shape: 'step', stepWeeks: 4 };
    const [session] = start.sessions;
    const [block] = session!.blocks;
    const waving: DrayDocument = {
      ...start,
      sessions: [{ ...session!, blocks: [{ ...block!, slots: [{ ...block!.slots[0]!, scheme: wave }] }] }],
    };
    expect(numbers(waving).map(({ sets }) => sets)).toEqual([3, 3, 2, 3]);
    expect(
      resolveBoard(waving, { sessionId: 's', week: 8 }).rows[0]!.cells.map((cell) => numbersIn(cell).sets),
    ).toEqual([2]);
  });
});
