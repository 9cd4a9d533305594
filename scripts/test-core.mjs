// npm run test:core [-- caution]: the specs of core in a browser; with words, only the files with one of them in their path.
// They are bundled without their types, which `npm run types` checks: core needs nothing of Angular's build.
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { build } from 'esbuild';
import { inKarma } from './in-karma.mjs';
import { root } from './setup.mjs';

const words = process.argv.slice(2);
const specs = readdirSync(path.join(root, 'core/src'), { recursive: true })
  .filter((file) => file.endsWith('.spec.ts'))
  .filter((file) => words.length === 0 || words.some((word) => file.includes(word)))
  .map((file) => `./core/src/${file}`);
if (specs.length === 0) {
  console.error(`No spec of core has ${words.join(' or ')} in its path.`);
  process.exit(1);
}
await build({
  stdin: { contents: specs.map((file) => `import '${file}';`).join('\n'), resolveDir: root },
  outfile: path.join(root, 'dist/core-specs.js'),
  bundle: true,
  format: 'iife',
  target: 'es2022',
  // A file of specs has nothing but side effects, whatever core says of itself.
  ignoreAnnotations: true,
  sourcemap: 'inline',
});
await inKarma(['dist/core-specs.js']);
