import { whole } from './whole';

/** As a line may be broken: at every space that is left. */
const pieces = (words: string) =>
  whole(words)
    .split(' ')
    .map((piece) => piece.replaceAll('\u00a0', ' '));

describe('whole', () => {
  it('breaks no line between a number and its unit, nor within a pair', () => {
    expect(pieces('10, 10, 8 with 2 × 20.5 kg, 0 left')).toEqual([
      '10,',
      '10,',
      '8',
      'with',
      '2 × 20.5 kg,',
      '0 left',
    ]);
    expect(pieces('Longest hold yet: plank, 45 s.').at(-1)).toBe('45 s.');
    expect(pieces('The left side did 17 % less.')).toContain('17 %');
    expect(pieces('65.5 to 111 lb')).toEqual(['65.5', 'to', '111 lb']);
  });

  it('leaves words alone that only begin as a unit does', () => {
    for (const words of ['3 sets', '10 minutes', '5 legs', '2 kgs']) {
      expect(whole(words)).toBe(words);
    }
  });
});
