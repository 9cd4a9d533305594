// npm run bench: figures against a stated baseline, as ratios. Limits stand as baselines where there is nothing to compare with.
import { spawnSync } from 'node:child_process';
import { findChromium, installPackages, root } from './setup.mjs';
import { serveFor } from './serve-for.mjs';

installPackages();
const chromium = findChromium();
const tsx = (file, ...args) =>
  spawnSync(process.execPath, ['--import', 'tsx', file, ...args], { cwd: root, stdio: 'inherit' }).status ??
  1;

const core = tsx('bench/main.ts');
const pages = await serveFor(
  4393,
  (base) => tsx('bench/paint.ts', base, chromium) || tsx('bench/log.ts', base, chromium),
);
process.exit(core || pages);
