import Jasmine from 'jasmine';

// usage: jasmine.js FILE …: runs suites and ends with a line that says how many of them held.
const runner = new Jasmine();
runner.exitOnCompletion = false;
runner.env.configure({ random: false });
// How long something takes is measured by the bench; here only what never ends is ended, on a slow machine that does much
// beside it too.
jasmine.DEFAULT_TIMEOUT_INTERVAL = 600_000;
let passed = 0;
let failed = 0;
const names: string[] = [];
const report = (at: string, failures: jasmine.FailedExpectation[]) => {
  failed++;
  console.log(`✗ ${at}`);
  for (const f of failures)
    console.log(
      [f.message, ...(f.stack ?? '').split('\n').filter((l) => /dist\//.test(l) && !/node_modules/.test(l))]
        .join('\n')
        .replace(/^/gm, '    '),
    );
};
runner.clearReporters();
runner.addReporter({
  suiteStarted: (suite) => void names.push(suite.description),
  suiteDone(suite) {
    if (suite.failedExpectations?.length) report(names.join(' '), suite.failedExpectations);
    names.pop();
  },
  specDone(spec) {
    if (spec.status === 'passed') passed++;
    else if (spec.status === 'failed') report(spec.fullName, spec.failedExpectations);
    if (spec.status !== 'excluded' && process.env['VERBOSE'])
      console.log(`${spec.status} ${spec.duration ?? 0} ms ${spec.fullName}`);
  },
  jasmineDone(all) {
    for (const f of all.failedExpectations ?? []) report('while loading', [f]);
  },
});
await runner.execute(process.argv.slice(2));
console.log(`##counts ${passed} ${failed}`);
process.exit(failed ? 1 : 0);
