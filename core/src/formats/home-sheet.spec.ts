import * as fc from 'fast-check';
import { isAsAsked, isNotDone, readResults, sheetToJson, sheetToText, type HomeSheet } from './home-sheet';

const SHEET: HomeSheet = {
  format: 'dray sheet',
  version: 1,
  personId: 'odile',
  person: 'Odile',
  sessionId: 'tuesday',
  session: 'Tuesday, whole body',
  week: 5,
  nth: 1,
  date: '2026-11-24',
  said: ['Low bone density: a long straight back.'],
  lines: [
    {
      letter: 'A1',
      slotId: 's1',
      name: 'Goblet squat to a chair',
      load: '3.9 L jug',
      work: '3 × 12, 2 left',
      done: '',
    },
    { letter: 'A2', slotId: 's2', name: 'Row', work: '3 × 10 each side', easier: 'one arm', done: '' },
    { letter: 'B', slotId: 's3', name: 'Press-up, hands on the counter', work: '2 × max', done: '' },
  ],
};

const filled = (done: readonly string[]): HomeSheet => ({
  ...SHEET,
  lines: SHEET.lines.map((line, at) => ({ ...line, done: done[at] ?? '' })),
});

describe('a home sheet', () => {
  it('is read back from its file and from its message alike, what is not said left out', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('', '12 12 10, 2 left', 'as asked', 'nothing', '9', '30 30 s hurt knee 3'), {
          minLength: 3,
          maxLength: 3,
        }),
        (done) => {
          const wanted = SHEET.lines.flatMap(({ letter }, at) =>
            done[at] ? [{ letter, done: done[at] }] : [],
          );
          const file = readResults(sheetToJson(filled(done)));
          expect(file).toEqual({ ok: true, of: filled(done), results: wanted });
          const message = readResults(sheetToText(filled(done), 'Tue 24 November'));
          if (wanted.length > 0) expect(message).toEqual({ ok: true, results: wanted });
          else expect(message.ok).toBeFalse();
        },
      ),
    );
  });

  it('comes back as a few lines too, whatever stands around them', () => {
    expect(readResults('Hello!\nA1: 12 12 10\nA2 as asked\nB) 9 8\nSee you Friday')).toEqual({
      ok: true,
      results: [
        { letter: 'A1', done: '12 12 10' },
        { letter: 'A2', done: 'as asked' },
        { letter: 'B', done: '9 8' },
      ],
    });
  });

  it('is read as a telephone writes it', () => {
    expect(readResults('a1 12 12 10\nb as asked\ni did it all')).toEqual({
      ok: true,
      results: [
        { letter: 'A1', done: '12 12 10' },
        { letter: 'B', done: 'as asked' },
      ],
    });
  });

  it('is refused in words where it cannot be read', () => {
    const sentence = (text: string) => {
      const read = readResults(text);
      return read.ok ? '' : read.sentence;
    };
    expect(sentence('See you Friday')).toContain('A1 12 12 10');
    expect(sentence('{"format":"dray sheet"')).toContain('cut short');
    expect(sentence('{"photos":[]}')).toContain('not a sheet that left here');
    expect(sentence(JSON.stringify({ ...SHEET, week: 'five' }))).toContain('week has to be a number');
  });

  it('tells as asked and not done from sets', () => {
    expect(['as asked', 'ok', 'Yes.', 'all done'].every(isAsAsked)).toBeTrue();
    expect(['10 10', 'nothing', ''].some(isAsAsked)).toBeFalse();
    expect(['nothing', '-', 'not done'].every(isNotDone)).toBeTrue();
    expect(isNotDone('10 10')).toBeFalse();
  });
});
