import { createRequire } from 'node:module';
import { defineConfig } from '@playwright/test';

const flags = createRequire(import.meta.url)('../scripts/chromium-flags.cjs') as string[];
/** A page lives for seconds here: what it calls hundreds of times only would be compiled again for longer than that saves. */
const FOR_SHORT_LIVES = '--js-flags=--invocation-count-for-maglev=10000';
const port = Number(process.env['E2E_PORT'] ?? 4391);

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  // None of these is a test of speed: a busy machine may take its time, most of all while the worker caches everything.
  timeout: 60_000,
  expect: { timeout: 15_000 },
  workers: 3,
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list']],
  projects: [
    { name: 'begin', testMatch: 'begin.setup.ts' },
    { name: 'coach', dependencies: ['begin'] },
  ],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    locale: 'en-GB',
    contextOptions: { reducedMotion: 'reduce' },
    // It fetches the whole build while a test looks at one screen of it; the test of the train asks for it.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env['CHROME_BIN'] ?? '/usr/bin/chromium',
      args: [...flags, FOR_SHORT_LIVES],
    },
  },
  webServer: {
    command: 'node scripts/start.mjs',
    cwd: '..',
    env: { PORT: String(port) },
    url: `http://127.0.0.1:${port}/healthz`,
    timeout: 180_000,
    reuseExistingServer: false,
  },
});
