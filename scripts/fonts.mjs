// Cuts the text font to what the screens set in it: a small file for every page, a second one for accented letters,
// loaded only where one stands. Tabular figures and kerning stay; the axes are cut to the weights and widths in use.
import { readFileSync, writeFileSync } from 'node:fs';
import subsetFont from 'subset-font';

const root = new URL('..', import.meta.url);
const files = 'node_modules/@fontsource-variable/instrument-sans/files/';
const original = readFileSync(new URL(`${files}instrument-sans-latin-standard-normal.woff2`, root));

const letters = (from, to) =>
  Array.from({ length: to - from + 1 }, (_, at) => String.fromCodePoint(from + at)).join('');
const plain = `${letters(0x20, 0x7e)}\u00a0–—‘’“”„…·×−±½→↑↓•`;
const accented = [...letters(0xa1, 0xff), ...'ŒœŸ€™′″⁄'].filter((letter) => !plain.includes(letter)).join('');

for (const [name, text] of [
  ['text', plain],
  ['text-accents', accented],
]) {
  const cut = await subsetFont(original, text, {
    targetFormat: 'woff2',
    keepFeatures: ['kern', 'tnum', 'ccmp', 'mark'],
    variationAxes: { wght: { min: 400, max: 650 }, wdth: { min: 84, max: 100 } },
  });
  writeFileSync(new URL(`app/src/fonts/${name}.woff2`, root), cut);
  console.log(`Written: app/src/fonts/${name}.woff2, ${(cut.length / 1000).toFixed(1)} kB`);
}
