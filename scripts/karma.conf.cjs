// Karma for both test projects: headless Chromium as this machine provides it.
const flags = require('./chromium-flags.cjs');

module.exports = (config) =>
  config.set({
    frameworks: ['jasmine'],
    plugins: [require('karma-jasmine'), require('karma-chrome-launcher')],
    reporters: ['dots'],
    customLaunchers: { ChromeHeadlessPlain: { base: 'ChromeHeadless', flags } },
    // A slow disk takes its time over a hundred writes: none of these is a test of speed.
    client: { jasmine: { random: true, failSpecWithNoExpectations: true, timeoutInterval: 30_000 } },
    // A property over a thousand people keeps the page busy for seconds at a time.
    pingTimeout: 60_000,
    browserDisconnectTimeout: 60_000,
    browserNoActivityTimeout: 120_000,
    restartOnFileChange: false,
    logLevel: config.LOG_WARN,
  });
