import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import { kgFromPounds } from '../units';
import { logEntrySchema, type LogEntry } from '../model';
import { resolveBoard } from '../program';
import { evidenceFor } from '../progress';
import { loadWords, type ReadyCell } from '../resolve';
import { amountsInWords, setsInWords } from '../review';
import { askedAmounts, logSets, readSets, type TypedSet } from './index';

const asked = { amounts: [10, 10, 10], unit: 'kg' as const };
const read = (text: string): readonly TypedSet[] => {
  const result = readSets(text, asked);
  if (!result.ok) throw new Error(result.sentence);
  return result.sets;
};

describe('readSets', () => {
  it('takes nothing as asked, and numbers set by set', () => {
    expect(read('').map(({ amount }) => amount)).toEqual([10, 10, 10]);
    expect(read('=')).toEqual(read(''));
    expect(read('10 10 8').map(({ set, amount }) => [set, amount])).toEqual([
      [1, 10],
      [2, 10],
      [3, 8],
    ]);
    expect(read('2x12').map(({ amount }) => amount)).toEqual([12, 12]);
    expect(read('20 s, 25 s').map(({ amount }) => amount)).toEqual([20, 25]);
  });

  it('takes a time for a time, also where repetitions were asked, and never for so many of them', () => {
    expect(read('12 45 s 2x30s 9').map(({ amount, counted }) => [amount, counted])).toEqual([
      [12, undefined],
      [45, 'seconds'],
      [30, 'seconds'],
      [30, 'seconds'],
      [9, undefined],
    ]);
  });

  it('takes load, what was left, form, pain, touch-downs and a note', () => {
    expect(read('10 10 8 @12.5 1 left')[2]).toEqual({ set: 3, amount: 8, loadKg: 12.5, reserve: 1 });
    expect(read('25 lb')[0]?.loadKg).toBeCloseTo(kgFromPounds(25), 12);
    expect(read('plenty left')[0]?.left).toBe('plenty');
    expect(read('9 9 form lost').map(({ form }) => form)).toEqual(['lost', 'lost']);
    expect(read('12 12 hurt left knee 4')[0]?.pain).toEqual({ place: 'left knee', score: 4 });
    expect(read('30 30 3 touches')[0]?.touchDowns).toBe(3);
    expect(read('10 note wobbly, 2 left over')[0]).toEqual({
      set: 1,
      amount: 10,
      note: 'wobbly, 2 left over',
    });
    expect(read('bw 12')[0]?.loadKg).toBe(0);
  });

  it('takes a bare load after a pair as each hand’s, and says in all where that is meant', () => {
    const loadIn = (text: string, pair: boolean) => {
      const result = readSets(text, { ...asked, pair });
      return result.ok ? result.sets[0]?.loadKg : result.sentence;
    };
    expect(loadIn('10 10 8 @10', true)).toBe(20);
    expect(loadIn('10 10 8 with 10 kg', true)).toBe(20);
    expect(loadIn('10 10 8 2 x 10 kg', false)).toBe(20);
    expect(loadIn('10 10 8 20 kg in all', true)).toBe(20);
    expect(loadIn('10 10 8 @10', false)).toBe(10);
    expect(loadIn('10 @251', true)).toBe('A load goes up to 300 kg (660 lb).');
  });

  it('takes the two sides apart, each counted from its first set', () => {
    expect(read('l 8 8 r 10 10')).toEqual([
      { set: 1, amount: 8, side: 'left' },
      { set: 2, amount: 8, side: 'left' },
      { set: 1, amount: 10, side: 'right' },
      { set: 2, amount: 10, side: 'right' },
    ]);
  });

  it('asks for the number where as many as possible was asked, and never makes one up', () => {
    const open = { ...asked, open: true };
    for (const text of ['', '=', '2 left', 'hurt knee 3']) {
      const read = readSets(text, open);
      expect(read.ok).withContext(text).toBe(false);
      if (!read.ok) expect(read.sentence).toContain('write how many');
    }
    expect(readSets('15 12', open).ok).toBe(true);
  });

  it('points at what it cannot read, within the text, and never throws', () => {
    const wrong = readSets('10 10 ten', asked);
    expect(wrong.ok ? '' : wrong.sentence).toContain('“ten” says nothing of a set');
    expect(wrong.ok ? -1 : wrong.at).toBe(6);
    const words = fc.constantFrom(
      '10',
      '3x10',
      '@12',
      '2 left',
      'l',
      'r',
      'hurt',
      'knee 4',
      'form lost',
      'kg',
      'note',
      'ö',
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(words).map((list) => list.join(' ')),
        ),
        (text) => {
          const result = readSets(text, asked);
          expect(result.ok ? 0 : result.at).toBeLessThanOrEqual(text.length);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

describe('logSets', () => {
  const board = resolveBoard(boatyard, { sessionId: 'tuesday', week: 1 });
  const cell = board.rows[0]!.cells.find(
    (own): own is ReadyCell => own.status === 'ready' && own.slotId === 'tue-squat',
  )!;
  let made = 0;
  const place = (now: string) => ({
    sessionId: 'tuesday',
    date: '2026-10-27',
    now,
    newId: () => `n${(made += 1)}`,
  });
  const first = logSets(cell, read('').slice(0, cell.work.sets), [], place('2026-10-27T18:30:00Z'));

  it('fills in what was not said from what was asked', () => {
    expect(first.put.length).toBe(3);
    expect(first.put[0]).toEqual(
      jasmine.objectContaining({
        loadKg: cell.load!.kg,
        recipe: loadWords(cell.load!),
        exerciseId: cell.version.exercise.id,
      }),
    );
    for (const entry of first.put) expect(logEntrySchema.safeParse(entry).success).toBeTrue();
    expect(askedAmounts(cell)).toEqual([6, 6, 6]);
  });

  it('keeps what stood when a set is put right, and writes nothing that is the same', () => {
    const second = logSets(cell, read('10 8 10'), first.put, place('2026-10-27T20:00:00Z'));
    expect(second.put.length).toBe(1);
    expect(second.put[0]?.id).toBe(first.put[1]!.id);
    expect(second.put[0]?.stood).toEqual([
      { amount: 10, loadKg: cell.load!.kg, until: '2026-10-27T20:00:00Z' } as never,
    ]);
    const third = logSets(
      cell,
      read('10 9 10'),
      [first.put[0]!, second.put[0]!, first.put[2]!],
      place('2026-10-28T08:00:00Z'),
    );
    expect(third.put[0]?.stood?.map(({ amount }) => amount)).toEqual([10, 8]);
    for (const entry of third.put) expect(logEntrySchema.safeParse(entry).success).toBeTrue();
  });

  it('writes a time down as one, which says nothing of the repetitions that were asked, and is put right as a whole', () => {
    const timed = logSets(cell, read('45 s 45 s 40 s'), first.put, place('2026-10-27T20:00:00Z'));
    expect(timed.put.map(({ counted, amount }) => `${counted} ${amount}`)).toEqual([
      'seconds 45',
      'seconds 45',
      'seconds 40',
    ]);
    for (const entry of timed.put) expect(logEntrySchema.safeParse(entry).success).toBeTrue();
    expect(evidenceFor(cell, timed.put)).toEqual({ kind: 'countedOtherwise', counted: 'seconds' });
    const asReps = logSets(cell, read('45 45 40'), timed.put, place('2026-10-27T21:00:00Z'));
    expect(asReps.put.map(({ counted }) => counted)).toEqual(['reps', 'reps', 'reps']);
    expect(setsInWords(timed.put, 'kg')).toMatch(/^45, 45, 40 s with/);
    expect(setsInWords([first.put[0]!, timed.put[1]!], 'kg')).toMatch(/^10, 45 s with/);
    expect(amountsInWords([], ' ')).toBe('');
  });

  it('takes out sets that were not done after all', () => {
    const less = logSets(cell, read('10 10'), first.put, place('2026-10-27T20:00:00Z'));
    expect(less.gone.map(({ set }: LogEntry) => set)).toEqual([3]);
  });
});
