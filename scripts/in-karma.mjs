// Runs specs in a browser: headless Chromium as this machine provides it.
import { createRequire } from 'node:module';
import karma from 'karma';
import { findHeadless, root } from './setup.mjs';

const require = createRequire(import.meta.url);

/** So that the lines of a fault are those of the sources. */
const LINES = [
  'node_modules/source-map-support/browser-source-map-support.js',
  'scripts/source-lines.cjs',
].map((pattern) => ({ pattern, type: 'js' }));

/** Runs what these files, of the folder of the project, ask of Jasmine, and ends with it. */
export async function inKarma(files) {
  process.env.CHROME_BIN = findHeadless();
  const config = await karma.config.parseConfig(
    null,
    {
      basePath: root,
      files: [...LINES, ...files],
      frameworks: ['jasmine'],
      plugins: [require('karma-jasmine'), require('karma-chrome-launcher')],
      reporters: ['dots'],
      browsers: ['ChromeHeadlessPlain'],
      customLaunchers: {
        // Hundreds of stores are opened in a run, and none outlives it: they are kept in memory, not on the disk.
        ChromeHeadlessPlain: {
          base: 'ChromeHeadless',
          flags: [...require('./chromium-flags.cjs'), '--incognito'],
        },
      },
      // A slow disk takes its time over a hundred writes: none of these is a test of speed.
      client: { jasmine: { random: true, failSpecWithNoExpectations: true, timeoutInterval: 30_000 } },
      // A property over a thousand people keeps the page busy for seconds at a time.
      pingTimeout: 60_000,
      browserDisconnectTimeout: 60_000,
      browserNoActivityTimeout: 120_000,
      logLevel: 'WARN',
      singleRun: true,
      autoWatch: false,
    },
    { promiseConfig: true, throwErrors: true },
  );
  await new karma.Server(config, (code) => process.exit(code)).start();
}
