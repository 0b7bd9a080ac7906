const flags = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
process.env.CHROME_BIN ||= '/usr/lib/chromium/chromium-headless-shell';

/** Names what failed, and ends with a line that says how many tests held. */
function Counts() {
  this.onSpecComplete = (_browser, { success, skipped, suite, description, log, time }) => {
    if (!success && !skipped) console.log(`\nFAILED: ${[...suite, description].join(' ')}\n${log.join('\n')}`);
    else if (process.env.VERBOSE) console.log(`${[...suite, description].join(' ')} (${time} ms)`);
  };
  this.onBrowserError = (_browser, error) => console.log(`\nFAILED: ${JSON.stringify(error)}`);
  this.onBrowserLog = (_browser, log, type) => console.log(`${type}: ${log}`);
  this.onRunComplete = (_browsers, { success, failed, error }) =>
    console.log(`\n##counts ${success} ${failed || (error ? 1 : 0)}`);
}

module.exports = (config) => {
  config.set({
    frameworks: ['jasmine'],
    // Only what never ends is ended, on a slow machine too.
    client: { jasmine: { timeoutInterval: 60_000 } },
    plugins: [require('karma-jasmine'), require('karma-chrome-launcher'), { 'reporter:counts': ['type', Counts] }],
    reporters: ['counts'],
    browsers: ['Headless'],
    customLaunchers: { Headless: { base: 'ChromeHeadless', flags } },
    browserNoActivityTimeout: 120000,
    captureTimeout: 120000,
  });
};
