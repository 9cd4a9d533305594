import * as fc from 'fast-check';
import type { Prescription } from '../model';
import { kgFromPounds } from '../units';
import { formatPrescription, parsePrescription } from './index';

function read(text: string): Prescription {
  const result = parsePrescription(text);
  if (!result.ok) throw new Error(`${text}: ${result.problem.sentence}`);
  return result.prescription;
}

const plain = { perSide: false, target: { kind: 'none' } } as const;

describe('parsePrescription', () => {
  it('reads what coaches write on a board', () => {
    const ten: Prescription = { ...plain, sets: 3, work: { kind: 'reps', reps: 10 } };
    for (const text of ['3x10', '3 × 10', '3X10', '3 sets of 10', '3 sets 10 reps', '3*10']) {
      expect(read(text)).withContext(text).toEqual(ten);
    }
    const range: Prescription = {
      ...plain,
      sets: 4,
      work: { kind: 'range', low: 8, high: 10 },
      target: { kind: 'reserve', reps: 2 },
    };
    for (const text of [
      '4x8-10 2 left',
      '4 × 8–10, 2 left',
      '4 sets of 8 to 10 with 2 left'.replace('with ', ''),
      '4x8-10 2 rir',
    ]) {
      expect(read(text)).withContext(text).toEqual(range);
    }
    expect(read('3x10 each side').perSide).toBeTrue();
    expect(read('3x10/side').perSide).toBeTrue();
    expect(read('3 x 45s rest 15').work).toEqual({ kind: 'time', seconds: 45 });
    expect(read('3 x 45s rest 15').restSeconds).toBe(15);
    expect(read('3x10 rest 1:30').restSeconds).toBe(90);
    expect(read('3x10 rest 2 min').restSeconds).toBe(120);
    expect(read('3 x hold 30 s').work).toEqual({ kind: 'hold', seconds: 30 });
    expect(read('3x30s hold').work).toEqual({ kind: 'hold', seconds: 30 });
    expect(read('5x5 @80%').target).toEqual({ kind: 'percent', percent: 80 });
    expect(read('3x12 12.5kg').target).toEqual({ kind: 'load', loadKg: 12.5 });
    expect(read('3x12 25 lb').target).toEqual({ kind: 'load', loadKg: kgFromPounds(25) });
    expect(read('3x6-8 3-1-2').tempo).toEqual({ down: 3, pause: 1, up: 2 });
  });

  it('points at what it cannot read and says what it may be', () => {
    const cases: [string, number, RegExp][] = [
      ['3x10 tomorrow', 5, /“tomorrow”/],
      ['3x', 2, /How many in each set/],
      ['10', 2, /How many sets/],
      ['', 0, /How many sets/],
      ['3x10 12', 5, /second amount/],
      ['0x10', 0, /Sets go from 1 to 20/],
      ['3x10-8', 0, /low to high: “8–10”/],
      ['3x900', 0, /Reps go from 1 to 100/],
    ];
    for (const [text, at, sentence] of cases) {
      const result = parsePrescription(text);
      expect(result.ok).withContext(text).toBeFalse();
      if (result.ok) continue;
      expect(result.problem.at).withContext(text).toBe(at);
      expect(result.problem.sentence).withContext(text).toMatch(sentence);
    }
  });

  it('never throws on 5,000 random strings and always points inside the text', () => {
    const alphabet = fc.constantFrom(...'0123456789x×-– .,:@%skglbrestholdmin/étap🙂'.split(''));
    const texts = fc.oneof(fc.string({ maxLength: 30 }), fc.string({ unit: alphabet, maxLength: 20 }));
    fc.assert(
      fc.property(texts, (text) => {
        const result = parsePrescription(text);
        if (result.ok) return;
        const { at, length, sentence } = result.problem;
        expect(at).toBeGreaterThanOrEqual(0);
        expect(at + length).toBeLessThanOrEqual(text.length);
        expect(sentence).toMatch(/[.?]$/);
      }),
      { numRuns: 5000 },
    );
  });
});

describe('formatPrescription', () => {
  const count = (max: number) => fc.integer({ min: 1, max });
  const work = fc.oneof(
    count(100).map((reps) => ({ kind: 'reps' as const, reps })),
    fc.tuple(count(60), count(40)).map(([low, more]) => ({ kind: 'range' as const, low, high: low + more })),
    count(3600).map((seconds) => ({ kind: 'time' as const, seconds })),
    count(3600).map((seconds) => ({ kind: 'hold' as const, seconds })),
  );
  const target = fc.oneof(
    fc.integer({ min: 0, max: 10 }).map((reps) => ({ kind: 'reserve' as const, reps })),
    fc.integer({ min: 20, max: 100 }).map((percent) => ({ kind: 'percent' as const, percent })),
    fc.integer({ min: 1, max: 1000 }).map((quarters) => ({ kind: 'load' as const, loadKg: quarters / 4 })),
    fc.constant({ kind: 'none' as const }),
  );
  const part = fc.integer({ min: 0, max: 20 });
  const prescription: fc.Arbitrary<Prescription> = fc.record(
    {
      sets: count(20),
      work,
      perSide: fc.boolean(),
      target,
      tempo: fc.record({ down: part, pause: part, up: part }),
      restSeconds: fc.integer({ min: 0, max: 900 }),
    },
    { requiredKeys: ['sets', 'work', 'perSide', 'target'] },
  );

  it('is read back as the same, on 2,000 prescriptions', () => {
    fc.assert(
      fc.property(prescription, (one) => expect(read(formatPrescription(one))).toEqual(one)),
      { numRuns: 2000 },
    );
  });

  it('has one canonical form', () => {
    expect(formatPrescription(read('4 sets of 8-10 each side 2 left 3-1-1 rest 90'))).toBe(
      '4 × 8–10 each side, 2 left, 3-1-1, rest 90 s',
    );
    expect(formatPrescription(read('3x12 25 lb'), 'lb')).toBe('3 × 12, 25 lb');
  });
});
