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

/** Ends with a line that says how many tests held. */
function Counts() {
  this.onRunComplete = (_browsers, { success, failed, error }) =>
    console.log(`\n##counts ${success} ${failed || (error ? 1 : 0)}`);
}

module.exports = (config) => {
  config.set({
    frameworks: ['jasmine'],
    plugins: [require('karma-jasmine'), require('karma-chrome-launcher'), { 'reporter:counts': ['type', Counts] }],
    reporters: ['progress', 'counts'],
    browsers: ['Headless'],
    customLaunchers: { Headless: { base: 'ChromeHeadless', flags } },
    browserNoActivityTimeout: 120000,
    captureTimeout: 120000,
  });
};
