// What every command needs first, with nothing but Node: packages as the lock says, and where Chromium is.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));

/** Runs a command of this folder; its output is shown, or kept back and shown only when it fails. */
export function run(command, args, { quiet = false, env = {} } = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    env: { ...process.env, NG_CLI_ANALYTICS: 'false', ...env },
    encoding: 'utf8',
    stdio: quiet ? 'pipe' : 'inherit',
    maxBuffer: 64 * 1024 * 1024,
  });
  if (result.status !== 0 && quiet) process.stderr.write(`${result.stdout ?? ''}${result.stderr ?? ''}`);
  return result.status ?? 1;
}

/** Installs the packages when the lock is not the one they were installed from. */
export function installPackages() {
  const stamp = path.join(root, 'node_modules', '.dray-lock');
  const lock = createHash('sha256')
    .update(readFileSync(path.join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing packages …');
  if (run('npm', ['ci', '--no-audit', '--no-fund'], { quiet: true }) !== 0) {
    console.error('npm ci failed; see above.');
    process.exit(1);
  }
  writeFileSync(stamp, lock);
}

const CANDIDATES = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

/**
 * The same Chromium without a window's frame around it, from the same source. The program itself: the script that stands for it
 * among the commands does not hand on that it is to end, and Karma would wait for ever.
 */
const SHELL = '/usr/lib/chromium/chromium-headless-shell';

/** Installs Debian's own packages when root may do so. */
function installBrowsers() {
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) return;
  console.log('Installing Chromium …');
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  run('apt-get', ['update', '-qq'], { quiet: true, env });
  run('apt-get', ['install', '-y', '-qq', 'chromium'], { quiet: true, env });
  run('apt-get', ['install', '-y', '-qq', 'chromium-headless-shell'], { quiet: true, env });
}

/** Where Chromium is; installs it where it is missing. */
export function findChromium() {
  const find = () => process.env.CHROME_BIN ?? CANDIDATES.find((file) => existsSync(file));
  if (!find()) installBrowsers();
  const known = find();
  if (known) return known;
  console.error('The tests need Chromium: install it, or set CHROME_BIN to where it is.');
  process.exit(1);
}

/** The browser for tests: the shell where there is one, as it spares a fifth to a third of their time. */
export function findHeadless() {
  const chromium = findChromium();
  return !process.env.CHROME_BIN && existsSync(SHELL) ? SHELL : chromium;
}
