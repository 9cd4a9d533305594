// npm test: everything, on a machine with only Node and npm; closes with one line over all suites.
// What needs little more than one processor goes side by side; end to end comes last and has the machine to itself.
import { spawn } from 'node:child_process';
import { findHeadless, installPackages, root } from './setup.mjs';

installPackages();
const chromium = findHeadless();

/** Karma, Jasmine and Playwright each close with their own counts. */
const karma = (text) => {
  const last = [...text.matchAll(/Executed (\d+) of (\d+)[^\n]*?(?:\((\d+) FAILED\)|SUCCESS)/g)].at(-1);
  return last ? { passed: Number(last[1]) - Number(last[3] ?? 0), failed: Number(last[3] ?? 0) } : undefined;
};
const jasmine = (text) => {
  const last = /(\d+) specs?, (\d+) failures?/.exec(text);
  return last ? { passed: Number(last[1]) - Number(last[2]), failed: Number(last[2]) } : undefined;
};
const playwright = (text) => {
  const count = (word) => Number(new RegExp(`^\\s+(\\d+) ${word}`, 'm').exec(text)?.[1] ?? 0);
  const counted = {
    passed: count('passed') + count('flaky'),
    failed: count('failed') + count('did not run'),
  };
  return counted.passed + counted.failed > 0 ? counted : undefined;
};
/** Lint, types and the build count as one check each. */
const check = (_text, code) => ({ passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 });

/** The longest first, so that all lanes end at about the same time. */
const SIDE_BY_SIDE = [
  { name: 'core', script: 'test:core', count: karma },
  { name: 'app', script: 'test:app', count: karma },
  { name: 'build', script: 'build', count: check },
  { name: 'types', script: 'types', count: check },
  { name: 'lint', script: 'lint', count: check },
  { name: 'server', script: 'test:server', count: jasmine },
];
const END_TO_END = { name: 'end to end', script: 'test:e2e', count: playwright };
/** One more than the two processors of a small machine: each waits now and then, for a browser or the disk. */
const LANES = 3;

function runSuite({ name, script, count }) {
  return new Promise((resolve) => {
    const began = Date.now();
    const child = spawn('npm', ['run', '-s', script], {
      cwd: root,
      env: { ...process.env, CHROME_BIN: chromium, NG_CLI_ANALYTICS: 'false', FORCE_COLOR: '0' },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let text = '';
    const collect = (chunk) => (text += chunk);
    child.stdout.on('data', collect);
    child.stderr.on('data', collect);
    // When all that it said has come, which is after it has ended.
    child.on('close', (code) => {
      const counted = count(text.replaceAll(/\u001b\[[0-9;]*m/g, ''), code) ?? { passed: 0, failed: 1 };
      // A suite that ends badly without a failed test (a build error, say) has failed as a whole.
      const result = code !== 0 && counted.failed === 0 ? { ...counted, failed: 1 } : counted;
      const seconds = Math.round((Date.now() - began) / 1000);
      console.log(
        `${result.failed ? 'FAILED' : 'ok    '} ${name}: ${result.passed} passed, ${result.failed} failed (${seconds} s)`,
      );
      if (result.failed) console.log(text);
      resolve(result);
    });
  });
}

const start = Date.now();
const total = { passed: 0, failed: 0 };
function add({ passed, failed }) {
  total.passed += passed;
  total.failed += failed;
}

const waiting = [...SIDE_BY_SIDE];
async function lane() {
  for (let suite = waiting.shift(); suite; suite = waiting.shift()) add(await runSuite(suite));
}
await Promise.all(Array.from({ length: LANES }, lane));
add(await runSuite(END_TO_END));
console.log(`All of it in ${((Date.now() - start) / 60_000).toFixed(1)} min.`);
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed > 0 ? 1 : 0);
