import { longTexts, READERS } from '../core/testing/readers';
import { row, time } from './table';

// Whoever looks at each letter from every other takes four times as long for twice the letters, and has a ratio near 2.
for (const [name, read] of Object.entries(READERS)) {
  const ofLetters = (letters: number) => {
    const texts = longTexts(letters);
    return time(() => texts.forEach((text) => read(text)), 5);
  };
  row(`${name}: 25,000 letters, against twice 12,500`, ofLetters(25_000), 2 * ofLetters(12_500));
}
