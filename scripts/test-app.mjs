// npm run test:app [-- floor]: the specs of the application in a browser; with words, only the files with one of them in their path.
// They are built as the application is (`scripts/builder`), without their types, which `npm run types` checks.
import { inKarma } from './in-karma.mjs';
import { run } from './setup.mjs';

const words = process.argv.slice(2).flatMap((word) => ['--only', word]);
const built = run('npx', ['ng', 'run', 'app:specs', ...words], { quiet: true });
if (built !== 0) process.exit(built);
const out = 'dist/app-specs/browser';
await inKarma([
  { pattern: `${out}/styles.css`, type: 'css' },
  { pattern: `${out}/polyfills.js`, type: 'module' },
  { pattern: `${out}/main.js`, type: 'module' },
  // What these fetch as they need it.
  { pattern: `${out}/**/*`, included: false },
]);
