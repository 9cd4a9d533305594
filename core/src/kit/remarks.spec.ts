import { HOUSEHOLD } from './household';
import { implementWords } from './implement-words';
import { implementRemarks } from './remarks';
import { implementSchema, type Implement } from '../model';

const pair = (count: number): Implement => ({
  kind: 'adjustable',
  id: 'a',
  handleKg: 2,
  handles: 2,
  plates: [{ massKg: 5, count }],
});

describe('implementRemarks', () => {
  it('says which plates cannot balance', () => {
    expect(implementRemarks(pair(1), 'kg')).toEqual([
      'The single plate of 5 kg cannot balance: it needs another one.',
    ]);
    expect(implementRemarks(pair(3), 'kg')[0]).toContain('4 are needed for a pair');
    expect(implementRemarks(pair(4), 'kg')).toEqual([]);
  });

  it('says when a band was never read, and when a bottle is fuller than its handle is trusted with', () => {
    const band: Implement = { kind: 'band', id: 'b', name: 'band', slackCm: 100, readings: [] };
    expect(implementRemarks(band, 'kg')[0]).toContain('hanging scale');
    const jug = HOUSEHOLD.find(({ name }) => name === 'a jug with a handle')!.implement;
    expect(implementRemarks(jug, 'kg')).toEqual([]);
    expect(implementRemarks({ ...jug, trustedKg: 3 } as Implement, 'kg')[0]).toContain('5.2 kg');
  });
});

describe('household things', () => {
  it('are things a kit can hold, with a name and a word on each', () => {
    for (const { implement, name } of HOUSEHOLD) {
      expect(implementSchema.safeParse(implement).success).withContext(name).toBeTrue();
      const words = implementWords(implement, 'kg');
      expect(words.name.length).toBeGreaterThan(2);
      expect(words.details.length).toBeGreaterThan(2);
    }
  });
});

describe('what cannot be counted in', () => {
  it('is refused with a sentence at its field', () => {
    const wrong: [unknown, string, RegExp][] = [
      [{ kind: 'fixed', id: 'a', form: 'dumbbell', massKg: -5, count: 2 }, 'massKg', /more than 0/],
      [{ kind: 'fixed', id: 'a', form: 'dumbbell', massKg: 500, count: 2 }, 'massKg', /at most 100 kg/],
      [{ kind: 'fixed', id: 'a', form: 'dumbbell', massKg: NaN, count: 2 }, 'massKg', /more than 0/],
      [{ kind: 'fixed', id: 'a', form: 'dumbbell', massKg: 5, count: 1.5 }, 'count', /whole number from 1/],
      [
        { kind: 'band', id: 'b', name: 'x', slackCm: 100, readings: [{ lengthCm: 90, forceKg: 2 }] },
        'readings',
        /longer than the band lies slack/,
      ],
      [
        { kind: 'bag', id: 'b', name: 'x', emptyKg: 1, handle: true, trustedKg: 0.5, items: [] },
        'trustedKg',
        /more than its own mass/,
      ],
    ];
    for (const [thing, field, sentence] of wrong) {
      const issue = implementSchema.safeParse(thing).error?.issues[0];
      expect(issue?.path[0]).withContext(field).toBe(field);
      expect(issue?.message).toMatch(sentence);
    }
  });
});
