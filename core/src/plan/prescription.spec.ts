import * as fc from 'fast-check';
import type { Prescription } from '../model';
import { kgFromPounds } from '../units';
import { anyPrescription } from '../../testing/prescriptions';
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

  it('reads the rest of what coaches say', () => {
    expect(read('3 rounds eight to twelve with two left')).toEqual({
      ...plain,
      sets: 3,
      work: { kind: 'range', low: 8, high: 12 },
      target: { kind: 'reserve', reps: 2 },
    });
    const work = (text: string) => read(text).work;
    expect(work('2 x sixty seconds all out')).toEqual({ kind: 'most', seconds: 60 });
    expect(work('2 x max in 1:30')).toEqual({ kind: 'most', seconds: 90 });
    expect(work('2 x as many as possible up to 20')).toEqual({ kind: 'most', upTo: 20 });
    expect(work('3 x 12 or 40 s')).toEqual({ kind: 'either', reps: 12, seconds: 40 });
    expect(read('2 x 40s on 20 off')).toEqual({
      ...plain,
      sets: 2,
      work: { kind: 'time', seconds: 40 },
      restSeconds: 20,
    });
    expect(read('2 x 40/20')).toEqual(read('2 × 40 s on, 20 s off'));
    expect(read('12/10/8')).toEqual({
      ...plain,
      sets: 3,
      work: { kind: 'reps', reps: 12 },
      setPattern: { kind: 'repsDown', by: 2 },
    });
    expect(read('3x8 alternating').sideOrder).toBe('alternating');
    expect(read('3x8 each side swap').sideOrder).toBe('swapLead');
    expect(read('3x8 effort 8.5').target).toEqual({ kind: 'effort', effort: 8.5 });
    expect(read('3x8 40% of body mass').target).toEqual({ kind: 'bodyMass', percent: 40 });
    expect(read('3x8 as the rung says').target).toEqual({ kind: 'rung' });
    expect(read('3x8 3-1-1-2').tempo).toEqual({ down: 3, pause: 1, up: 1, top: 2 });
    expect(read('3x8 bottom half, pyramid').range).toBe('bottomHalf');
    expect(read('3x8 load down to nothing').setPattern).toEqual({ kind: 'loadDown' });
    expect(read('3x8 drop when form goes').setPattern).toEqual({ kind: 'dropOnForm' });
    expect(read('3x6, one = two squats + two rows').one).toBe('two squats + two rows');
    expect(read('3x8 rest 45 s with easy march').activeRest).toBe('easy march');
  });

  it('offers what was likely meant', () => {
    const said = (text: string) => {
      const result = parsePrescription(text);
      return result.ok ? '' : result.problem.sentence;
    };
    expect(said('3x10 2 lfet')).toContain('“2 left”');
    expect(said('3x10 efort 8')).toContain('“effort”');
    expect(said('3x10 pyramd')).toContain('“pyramid”');
    expect(said('3 sets 4 rounds 10')).toContain('twice');
    expect(said('12/10/9')).toContain('by the same number');
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
  it('is read back as the same, on 2,000 prescriptions', () => {
    fc.assert(
      fc.property(anyPrescription, (one) => expect(read(formatPrescription(one))).toEqual(one)),
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
