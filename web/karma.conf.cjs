const flags = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'];
process.env.CHROME_BIN ||= '/usr/bin/chromium';

module.exports = (config) => {
  config.set({
    frameworks: ['jasmine'],
    plugins: [require('karma-jasmine'), require('karma-chrome-launcher')],
    reporters: ['progress'],
    browsers: ['Headless'],
    customLaunchers: { Headless: { base: 'ChromeHeadless', flags } },
    browserNoActivityTimeout: 120000,
    captureTimeout: 120000,
  });
};
