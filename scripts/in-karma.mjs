// Runs specs in a browser: headless Chromium as this machine provides it.
import { createRequire } from 'node:module';
import karma from 'karma';
import { findHeadless, root } from './setup.mjs';

const require = createRequire(import.meta.url);

/**
 * So long may a page be too busy to be heard, in milliseconds. While it tries properties over a thousand people it hardly comes to
 * send, and until its connection is a quick one it sends fifty specs at a time: on a loaded machine fifty took two minutes.
 */
const LONGEST_SILENCE = 600_000;

/** So that the lines of a fault are those of the sources. */
const LINES = [
  'node_modules/source-map-support/browser-source-map-support.js',
  'scripts/source-lines.cjs',
].map((pattern) => ({ pattern, type: 'js' }));

/** Runs what these files, of the folder of the project, ask of Jasmine, and ends with it. */
export async function inKarma(files) {
  process.env.CHROME_BIN = findHeadless();
  process.exit(await untilHeard(files, 2));
}

/**
 * What was tried is told in bundles of fifty, and one is lost where the connection breaks, faults and all: such a run says nothing,
 * and is done again.
 */
async function untilHeard(files, runs) {
  const config = await configFor(files);
  let unheard = 0;
  const code = await new Promise((resolve) => {
    const server = new karma.Server(config, resolve);
    server.on('browser_complete', ({ lastResult: { total, success, failed, skipped } }) => {
      unheard += total - success - failed - skipped;
    });
    void server.start();
  });
  if (code !== 0 || unheard === 0) return code;
  console.error(`Of ${unheard} specs nothing was heard.`);
  return runs > 1 ? untilHeard(files, runs - 1) : 1;
}

function configFor(files) {
  return karma.config.parseConfig(
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
      captureTimeout: LONGEST_SILENCE,
      pingTimeout: LONGEST_SILENCE,
      browserDisconnectTimeout: LONGEST_SILENCE,
      browserNoActivityTimeout: LONGEST_SILENCE,
      logLevel: 'WARN',
      singleRun: true,
      autoWatch: false,
    },
    { promiseConfig: true, throwErrors: true },
  );
}
