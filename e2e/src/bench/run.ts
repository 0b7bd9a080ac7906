import { Tally, writeLogLine } from '@tin-porch/core/care';
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { cpus, totalmem } from 'node:os';
import { fileURLToPath } from 'node:url';
import { TONES } from '@tin-porch/core/model';
import { LANGUAGE_TAGS } from '@tin-porch/core/language';
import { apply } from '@tin-porch/core/operations';
import { readBrief, readText } from '@tin-porch/core/brief';
import {
  clearerBrief,
  directionNumbered,
  inDirection,
  newDocument,
  rework,
  writeVersion,
} from '@tin-porch/core/making';
import { render, renderPage, renderWindow } from '@tin-porch/core/page';
import {
  briefFixtures,
  factsOf,
  measureCopy,
  measureReading,
  overlap,
  precision,
  recall,
  siteFrom,
  twinBriefs,
} from '@tin-porch/core/fixtures';
import { validateDocument } from '@tin-porch/core/validate';
import { openBrowser } from '../support/browser.js';
import { measureWhole } from './attacks.js';
import { measureBriefs } from './briefs.js';
import { measureCrowd } from './crowd.js';
import { measureDesk } from './desk.js';
import { measureGrowth } from './growth.js';
import { measureHand } from './hand.js';
import { measureHosting } from './hosting.js';
import { measureRounds } from './rounds.js';
import { measureInterface, measurePictures } from './interface.js';
import { checkLooks, measureFirstView, timeDirections } from './looks.js';
import { stackForTests, until } from '../support/stack-for-tests.js';
import { trustedVisit } from '../support/visitor.js';

// Speed and memory, measured: prints a table and writes bench.json. Each figure is a median with its spread.

interface Figure {
  name: string;
  unit: 'ms' | 'KB' | 'MB' | '%' | '';
  median: number;
  low: number;
  high: number;
  runs: number;
}
const figures: Figure[] = [];

function keep(name: string, unit: Figure['unit'], values: number[]): void {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!;
  figures.push({ name, unit, median: at(0.5), low: sorted[0]!, high: sorted.at(-1)!, runs: values.length });
  const f = figures.at(-1)!;
  const show = (n: number) => (n < 10 ? n.toFixed(2) : n < 100 ? n.toFixed(1) : n.toFixed(0));
  console.log(
    `${name.padEnd(58)} ${show(f.median).padStart(8)} ${unit}   ${show(f.low)} to ${show(f.high)}, ${f.runs} runs`,
  );
}

function timed(name: string, runs: number, work: (n: number) => unknown): void {
  for (let n = 0; n < Math.min(5, runs); n++) work(n);
  keep(
    name,
    'ms',
    Array.from({ length: runs }, (_, n) => {
      const started = performance.now();
      work(n);
      return performance.now() - started;
    }),
  );
}

const BRIEF = readFileSync(fileURLToPath(new URL('../../src/bench/brief.md', import.meta.url)), 'utf8');
const origin = 'https://quillandplane.example';

// `npm run bench -- growth` measures that alone, and writes nothing; so do `crowd`, `briefs`, `hand`, `desk` and `rounds`.
const alone = {
  ...{
    hosting: measureHosting,
    growth: measureGrowth,
    crowd: measureCrowd,
    briefs: measureBriefs,
    hand: measureHand,
    desk: measureDesk,
    rounds: measureRounds,
  },
}[process.argv[2] ?? ''];
if (alone) {
  await alone(keep);
  process.exit(0);
}

console.log('Computation');
const facts = readBrief(BRIEF);
const document = apply(newDocument('bench', facts, 1), writeVersion(facts, 1)).document;
timed('Read a brief', 100, (n) => readBrief(`${BRIEF}\n${n}`));
const long = briefFixtures.map((f) => f.text).join('\n\n');
const words = long.split(/\s+/).length;
let turn = 0;
for (let n = 0; n < 3; n++) readText(`${long}\n${n}`);
keep(
  'Read 1,000 words of mails and notes',
  'ms',
  Array.from({ length: 20 }, () => {
    const started = performance.now();
    for (const { text } of briefFixtures) readText(`${text}\n${++turn}`);
    return ((performance.now() - started) * 1000) / words;
  }),
);
keep(
  'Read the first brief after the start: models and words of trades',
  'ms',
  Array.from({ length: 5 }, () => {
    const code = `const t=performance.now();const {readBrief}=await import(${JSON.stringify(import.meta.resolve('@tin-porch/core/brief'))});readBrief('We are a small pottery in Saltmarrow.');console.log(performance.now()-t)`;
    return Number(execFileSync(process.execPath, ['--input-type=module', '-e', code], { encoding: 'utf8' }));
  }),
);
timed('From one line to three whole directions', 20, (n) => {
  const read = readBrief(`We are a small pottery in Saltmarrow${'.'.repeat(n + 1)}`);
  const bare = newDocument('line', read);
  const made = apply(bare, writeVersion(read, 1, bare)).document;
  for (const k of [1, 2, 3]) renderPage(inDirection(made, directionNumbered(k)), 'home', { origin });
});
timed('Write a version: plan, words, look', 100, (n) => writeVersion(facts, n));
const visits = Array.from({ length: 100_000 }, (_, n) =>
  writeLogLine({
    ...{
      address: `198.51.${n % 250}.${(n >> 8) % 250}`,
      time: new Date(1.8e12),
      method: 'GET',
      status: n % 20 ? 200 : 404,
    },
    ...{ path: `/page-${n % 40}/`, bytes: 5000, referrer: n % 3 ? '' : 'https://search.example/?q=boats' },
    agent: `Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101 Reader/${n % 90}.0`,
  }),
);
timed('Count 100,000 lines of an access log', 20, () => {
  const tally = new Tally();
  for (const line of visits) tally.add(line);
  return tally.day();
});
timed('Write a version in German', 60, (n) => writeVersion(facts, n, { language: 'de', length: 'long' }));
timed('Work a whole site over: warmer', 40, (n) => rework(document, { kind: 'warmer', scope: 'site', seed: n }));
timed('A clearer wording of a brief', 40, () => clearerBrief(facts));
timed('Build a site from a brief: read, write, check, render', 60, (n) => {
  const read = readBrief(`${BRIEF}\n\n${'.'.repeat(n % 40)}`);
  const made = apply(newDocument('bench', read, n), writeVersion(read, n)).document;
  if (validateDocument(made).length) throw new Error('the document does not fit');
  return render(made, { origin });
});
timed('Render a page', 100, () => renderPage(document, 'home', { origin }));
timed('Draw a page for the window after a keystroke', 100, (n) =>
  renderWindow(
    apply(document, {
      op: 'setText',
      at: { section: 's1', path: 'heading' },
      text: { value: `Typed ${n}`, from: { kind: 'designer' } },
    }).document,
    'home',
    '',
  ),
);

console.log('\nReading twenty briefs');
for (const [kind, score] of Object.entries(measureReading(briefFixtures)))
  console.log(
    `  ${kind.padEnd(9)} precision ${(100 * precision(score)).toFixed(0)}%, recall ${(100 * recall(score)).toFixed(0)}% of ${score.right + score.missed.length}`,
  );

measureBriefs();

console.log('\nThe copy of twenty briefs, in five languages and four tones');
const copy = { sites: 0, unresolved: 0, invented: 0, repeated: 0 };
const eases: Record<string, number[]> = {};
for (const { id, text } of briefFixtures)
  for (const language of LANGUAGE_TAGS)
    for (const tone of TONES) {
      const score = measureCopy(siteFrom({ ...factsOf(text, id), tone }, 1, { language }));
      copy.sites++;
      copy.unresolved += score.unresolved.length;
      copy.invented += score.invented.length;
      copy.repeated += score.repeated.filter((s) => !/\d/.test(s)).length;
      (eases[`${language} ${tone}`] ??= []).push(score.ease);
    }
console.log(
  `  ${copy.sites} sites: ${copy.unresolved} unresolved slots, ${copy.invented} invented facts, ${copy.repeated} sentences twice`,
);
for (const tone of TONES) keep(`Reading ease, English, ${tone}`, '', eases[`en-GB ${tone}`]!);
const shares = twinBriefs.flatMap(([a, b]) =>
  Array.from(
    { length: 10 },
    (_, seed) => 100 * overlap(siteFrom(factsOf(a, 'a'), seed), siteFrom(factsOf(b, 'b'), seed)).share,
  ),
);
keep('Four-word runs two businesses of a trade share', '%', shares);
console.log(`  mean ${(shares.reduce((a, b) => a + b) / shares.length).toFixed(1)} %`);

console.log('\nThe look of twenty sites');
timeDirections(keep);
timed('Change the look and draw the window', 60, (n) =>
  renderWindow(inDirection(document, directionNumbered(n + 1)), 'home', ''),
);
const looking = await openBrowser();
await measureFirstView(looking, keep);
await checkLooks(looking, 300);
await looking.close();

console.log('\nThe whole of it, on this machine');
const test = await stackForTests();
const { stack, api, end } = test;
try {
  const deploys: number[] = [];
  const again: number[] = [];
  const sent: number[] = [];
  const live: number[] = [];
  for (let n = 0; n < 5; n++) {
    const { id } = await api.call<{ id: string }>('POST', '/sites', { ...facts, name: `Bench ${n}` });
    const change = (operation: unknown) => api.call('POST', `/sites/${id}/operations`, { operation });
    await change(writeVersion({ ...facts, name: `Bench ${n}` }, n + 1));
    await api.call('PUT', `/sites/${id}/server`, { server: 'quay' });
    const first = await api.job(id, 'deploy');
    deploys.push(first.ms);
    await change({
      op: 'setText',
      at: { section: 's1', path: 'heading' },
      text: { value: 'One word changed', from: { kind: 'designer' } },
    });
    const second = await api.job(id, 'deploy');
    again.push(second.ms);
    sent.push(Number(/^\d+/.exec(second.steps.find((s) => s.name.startsWith('Send'))!.detail)?.[0] ?? 0));
    const domain = `bench${n}.example`;
    await api.call('PUT', `/sites/${id}/domain`, { domain });
    await api.call('POST', `/sites/${id}/domain/register`, {});
    await api.call('POST', `/sites/${id}/domain/records`, {});
    // A new client from here: nothing but the DNS is there yet.
    const started = performance.now();
    await change(writeVersion(readBrief(BRIEF), n + 40));
    await api.job(id, 'publish');
    await until('the live site', async () => (await trustedVisit(stack, 'quay', domain, '/')).status === 200);
    live.push(performance.now() - started);
  }
  keep('Deploy a release, the server having none of it', 'ms', deploys);
  keep('Change one word and deploy again', 'ms', again);
  console.log(`  files sent for one word: ${Math.max(...sent)}`);
  keep('From the click to live HTTPS, DNS already pointing', 'ms', live);
  const browser = await openBrowser();
  await measureInterface(browser, test, 'bench-0', keep);
  await browser.close();
  await measurePictures(test, 'bench-0', keep);
  for (const [name, program] of stack.programs) {
    const status = readFileSync(`/proc/${program.child!.pid!}/status`, 'utf8');
    keep(`Memory of ${name}`, 'MB', [Number(/VmRSS:\s+(\d+)/.exec(status)![1]) / 1024]);
  }
} finally {
  await end();
}

await measureGrowth(keep);
await measureHand(keep);
await measureCrowd(keep);
await measureWhole(keep);

const machine = {
  cpu: cpus()[0]?.model ?? '',
  cores: cpus().length,
  memoryGB: Math.round(totalmem() / 2 ** 30),
  node: process.version,
};
writeFileSync(
  new URL('../../../bench.json', import.meta.url),
  `${JSON.stringify({ at: new Date().toISOString(), machine, figures }, null, 2)}\n`,
);
console.log(`\n${machine.cores} cores, Node ${machine.node}. Written to bench.json`);
