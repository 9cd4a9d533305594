// npm run bench: figures against a stated baseline, as ratios. Limits stand as baselines where there is nothing to compare with.
import { spawnSync } from 'node:child_process';
import { findChromium, installPackages, root } from './setup.mjs';
import { serveFor } from './serve-for.mjs';

installPackages();
const chromium = findChromium();
const tsx = (file, ...args) =>
  spawnSync(process.execPath, ['--import', 'tsx', file, ...args], { cwd: root, stdio: 'inherit' }).status ??
  1;

/** What is measured in the running application. */
const BENCHES = ['bench/paint.ts', 'bench/open.ts', 'bench/log.ts'];

const core = tsx('bench/main.ts');
const pages = await serveFor(
  4393,
  (base) => BENCHES.map((bench) => tsx(bench, base, chromium)).find((status) => status !== 0) ?? 0,
);
process.exit(core || pages);
