// npm run soak [-- 1000]: kills so many tabs in the middle of what they do, and looks whether all that was confirmed is there.
import { build } from './build.mjs';
import { findHeadless, installPackages, run } from './setup.mjs';

const kills = Number(process.argv[2] ?? 1000);
if (!Number.isInteger(kills) || kills < 3 || kills > 5000) {
  console.error('How many tabs to kill is a whole number from 3 to 5000, such as npm run soak -- 1000');
  process.exit(1);
}
installPackages();
const chromium = findHeadless();
await build();
process.exit(
  run('npx', ['playwright', 'test', '--config=e2e/playwright.config.ts', 'soak.spec'], {
    env: { CHROME_BIN: chromium, KILLS: String(kills) },
  }),
);
