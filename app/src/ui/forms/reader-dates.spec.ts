import { format } from 'date-fns';
import { dateWaysOf } from './reader-dates';

// The formats are those of the Unicode locale data the browser carries (CLDR), written out from memory.
describe('dateWaysOf', () => {
  const day = new Date(2026, 10, 4);

  for (const [language, written, first] of [
    ['en-GB', '04/11/2026', 1],
    ['en-US', '11/04/2026', 0],
    ['de-DE', '04.11.2026', 1],
    ['sv-SE', '2026-11-04', 1],
    ['ja-JP', '2026/11/04', 0],
  ] as const) {
    it(`writes a day and begins a week as a reader of ${language} does`, () => {
      const ways = dateWaysOf([language]);
      expect(format(day, ways.day)).toBe(written);
      expect(ways.weekStartsOn).toBe(first);
    });
  }

  it('counts hours to twelve where that is usual, to twenty-four elsewhere', () => {
    expect(dateWaysOf(['en-US']).time).toBe('h:mm a');
    expect(dateWaysOf(['en-GB']).time).toBe('HH:mm');
  });
});
