import { readdirSync, readFileSync } from 'node:fs';
import { loadDemo } from '@tin-porch/server/demo/load';
import { ApiClient } from '@tin-porch/server/demo';
import type { SiteDocument } from '@tin-porch/core/model';
import { openBrowser } from '../support/browser.js';
import { MAIL, PASSWORD, stackForTests } from '../support/stack-for-tests.js';
import { measurePictures } from './interface.js';

type Keep = (name: string, unit: 'ms' | 'MB', values: number[]) => void;
type Test = Awaited<ReturnType<typeof stackForTests>>;

const EDITORS = 50;
const SECONDS = 30;
/** How long a person is idle before the threads that drew for them have ended; the pictures’ are the last, after a minute. */
const REST_S = 75;
const KEYS = 60;

/** Memory of a process with its threads and the processes it has begun, MB. `what`: VmRSS is what it has now, VmHWM the most it ever had. */
function memory(pid: number, what: 'VmRSS' | 'VmHWM'): number {
  const begun = readdirSync(`/proc/${pid}/task`).flatMap((task) =>
    readFileSync(`/proc/${pid}/task/${task}/children`, 'utf8').trim().split(' ').filter(Boolean).map(Number),
  );
  return [pid, ...begun].reduce((sum, one) => sum + memoryOf(one, what), 0);
}
function memoryOf(pid: number, what: 'VmRSS' | 'VmHWM'): number {
  return Number(new RegExp(`${what}:\\s+(\\d+)`).exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;
}
const rest = (seconds: number) => new Promise((done) => setTimeout(done, seconds * 1000));

/** Fifty people at work on the demo sites at once: each types a word a second, and is told what the others do. */
async function crowd(test: Test, sites: string[], pid: number, keep: Keep): Promise<void> {
  const ends: AbortController[] = [];
  const taken: number[] = [];
  const held: number[] = [];
  let refused = 0;
  const editors = await Promise.all(
    Array.from({ length: EDITORS }, async (_, n) => {
      const api = n ? new ApiClient(test.stack.url) : test.api;
      if (n) api.take(test.api);
      const end = new AbortController();
      ends.push(end);
      const events = await fetch(`${test.stack.url}/api/events`, { headers: api.headers(), signal: end.signal });
      void (async () => {
        const reader = events.body!.getReader();
        while (!(await reader.read()).done);
      })().catch(() => undefined);
      return { api, site: sites[n % sites.length]! };
    }),
  );
  const stop = performance.now() + SECONDS * 1000;
  const watch = setInterval(() => held.push(memory(pid, 'VmRSS')), 250);
  await Promise.all(
    editors.map(async ({ api, site }, n) => {
      await rest((n / EDITORS) * 1);
      for (let word = 0; performance.now() < stop; word++) {
        const started = performance.now();
        await api
          .call('POST', `/sites/${site}/operations`, {
            operation: { op: 'setFact', field: n % 2 ? 'strapline' : 'apart', value: `Word ${word} of ${n}` },
          })
          .then(
            () => taken.push(performance.now() - started),
            () => refused++,
          );
        await api.call('GET', `/sites/${site}`);
        await rest(Math.max(0, 1 - (performance.now() - started) / 1000));
      }
    }),
  );
  clearInterval(watch);
  for (const end of ends) end.abort();
  keep(`A change by one of ${EDITORS} who edit at once`, 'ms', taken);
  const p95 = [...taken].sort((a, b) => a - b)[Math.floor(taken.length * 0.95)]!;
  console.log(`  ${taken.length} changes, ${refused} refused, the 95th percentile ${p95.toFixed(0)} ms`);
  keep(`Memory of the server with ${EDITORS} who edit`, 'MB', held);
}

/** From a key to the window drawn anew, on a page of a demo site, as the browser sees it. */
async function keysToWindow(test: Test, site: string, keep: Keep): Promise<void> {
  const browser = await openBrowser();
  try {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await page.goto(test.stack.url);
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('text=On the bench');
    await page.goto(`${test.stack.url}/sites/${site}/pages`);
    await page.waitForSelector('tp-window iframe');
    await page.waitForTimeout(2000);
    const field = page.locator('.controls textarea').first();
    await field.focus();
    await page.evaluate(() => {
      const seen: number[] = [];
      let pressed = 0;
      addEventListener('keydown', () => (pressed = performance.now()), true);
      addEventListener('message', (event: MessageEvent<{ kind?: string }>) => {
        if (event.data.kind !== 'drawn' || !pressed) return;
        seen.push(performance.now() - pressed);
        pressed = 0;
      });
      (globalThis as unknown as { seen: number[] }).seen = seen;
    });
    for (let n = 0; n < KEYS; n++) await page.keyboard.type('abc de'[n % 6]!, { delay: 110 });
    await page.waitForTimeout(500);
    const seen = await page.evaluate(() => (globalThis as unknown as { seen: number[] }).seen);
    keep('From a key to the window drawn', 'ms', seen);
    const sorted = [...seen].sort((a, b) => a - b);
    console.log(
      `  ${seen.length} of ${KEYS} keys, the 95th percentile ${sorted[Math.floor(seen.length * 0.95)]!.toFixed(0)} ms`,
    );
  } finally {
    await browser.close();
  }
}

/** Memory of the server with the demo data: at rest after a burst of photographs, and while many edit. */
export async function measureCrowd(keep: Keep): Promise<void> {
  console.log('\nMany at once');
  const test = await stackForTests();
  try {
    await loadDemo(test.stack, PASSWORD, () => undefined);
    const pid = test.stack.programs.get('porch')!.child!.pid!;
    const { sites } = await test.api.call<{ sites: { id: string }[] }>('GET', '/sites');
    const drawn: string[] = [];
    for (const { id } of sites) {
      const { document } = await test.api.call<{ document: SiteDocument }>('GET', `/sites/${id}`);
      if (document.pages.length) drawn.push(id);
    }
    keep('Memory of the server after the demo data', 'MB', [memory(pid, 'VmRSS')]);
    await measurePictures(test, drawn[0]!, keep as never);
    keep('Memory of the server, the most so far', 'MB', [memory(pid, 'VmHWM')]);
    await rest(REST_S);
    keep('Memory of the server at rest, after photographs', 'MB', [memory(pid, 'VmRSS')]);
    await crowd(test, drawn, pid, keep);
    await rest(REST_S);
    keep('Memory of the server at rest again', 'MB', [memory(pid, 'VmRSS')]);
    await keysToWindow(test, drawn[0]!, keep);
  } finally {
    await test.end();
  }
}
