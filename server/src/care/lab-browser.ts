import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { medianRun, type AccessFault, type LabFigures, type PageInLab, type Width } from '@tin-porch/core/care';
import type { Browser, BrowserContext, Page } from 'playwright-core';
import { barriers } from '../browser/barriers.js';
import { launchChromium, WITHIN_MS } from '../browser/chromium.js';
import { BrowserTurn } from '../browser/turn.js';
import type { Reach } from './reach.js';

const require = createRequire(import.meta.url);

/** A middling phone on a middling line: what figures are of, whatever machine they are taken on. */
const PHONE = {
  screen: { viewport: { width: 390, height: 844 }, deviceScaleFactor: 2, isMobile: true, hasTouch: true },
  /** Round trip, ms, and bytes a second down and up: a slow fourth-generation line. */
  line: { latency: 150, downloadThroughput: 1_600_000 / 8, uploadThroughput: 750_000 / 8 },
  /** Steps of `PACE` in a millisecond. */
  pace: 80_000,
} as const;
const WIDE = { viewport: { width: 1280, height: 800 } } as const;
/** Known by the visits as nobody’s (see `MACHINE`), and otherwise a phone’s. */
const AGENT =
  'Mozilla/5.0 (Linux; Android 10; K) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Mobile Safari/537.36 TinPorch-round/1';
/** Times each page is loaded from nothing. An odd number: one of them is the median. */
const RUNS = 3;
/** How long a page may go on loading after its load event, and stand still afterwards, ms. */
const SETTLE_MS = 8000;
const STILL_MS = 400;
/** Elements of a rule that are kept. */
const MOST_ELEMENTS = 5;

/** Counts how fast this machine is just now, in the browser itself: the best of some tries, steps a millisecond. */
const PACE = `(() => {
  let best = 0;
  for (let n = 0; n < 3; n++) {
    const began = performance.now();
    let steps = 0, sum = 0;
    while (performance.now() - began < 40) for (let i = 0; i < 1000; i++, steps++) sum += Math.sqrt(i ^ steps);
    best = Math.max(best, steps / (performance.now() - began) + sum * 0);
  }
  return best;
})()`;
/** Listens from the first moment of a page on: what web-vitals reports, and tasks that were too long. */
const LISTEN = `
  const lab = (globalThis.porchLab = { lcp: 0, fcp: 0, ttfb: 0, cls: 0, element: '', url: '', jumped: '', tasks: [] });
  const all = { reportAllChanges: true };
  webVitals.onLCP((m) => {
    lab.lcp = m.value;
    lab.element = m.attribution.target ?? '';
    lab.url = m.attribution.url ?? '';
  }, all);
  webVitals.onCLS((m) => {
    lab.cls = m.value;
    lab.jumped = m.attribution.largestShiftTarget ?? '';
  }, all);
  webVitals.onFCP((m) => { lab.fcp = m.value; }, all);
  webVitals.onTTFB((m) => { lab.ttfb = m.value; }, all);
  new PerformanceObserver((list) => {
    for (const t of list.getEntries()) lab.tasks.push([t.startTime, t.duration]);
  }).observe({ type: 'longtask', buffered: true });
`;
/** What was listened to, as it came. */
interface Heard {
  lcp: number;
  fcp: number;
  ttfb: number;
  cls: number;
  element: string;
  url: string;
  jumped: string;
  tasks: [start: number, ms: number][];
}

/** What was seen of some pages. */
export interface Seen {
  pages: PageInLab[];
  /** Pages that did not come, with why. */
  silent: { path: string; why: string }[];
  /** Whether it was too busy here to time anything. */
  busy: boolean;
}

/** Looks at pages of sites with a browser: as a phone loads them, and for whom something on them is in the way. */
export class LabBrowser {
  private vitals: Promise<string> | undefined;

  constructor(
    /** The browser; null where there is none. */
    private readonly program: string | null,
    /** The pace of the phone, 0 for that of this machine itself; and how often a page is loaded. */
    private readonly phone: { pace: number; runs: number } = { pace: PHONE.pace, runs: RUNS },
    /** Whoever else looks with it. */
    readonly turn = new BrowserTurn(),
  ) {}

  /** @throws Problem 409 where it looks at something already, 503 where there is no browser; Error where it dies, or the signal ends it */
  look = (reach: Reach, paths: readonly string[], signal: AbortSignal): Promise<Seen> =>
    this.turn.now(() => this.now(reach, paths, signal));

  private async now(reach: Reach, paths: readonly string[], signal: AbortSignal): Promise<Seen> {
    signal.throwIfAborted();
    const { host, address, port } = reach;
    // The name leads to the server itself, and no other name leads anywhere: nothing is asked of others.
    const at = address.includes(':') ? `[${address}]:${port}` : `${address}:${port}`;
    const browser = await launchChromium(this.program, [`--host-resolver-rules=MAP ${host} ${at},MAP * ~NOTFOUND`]);
    const end = () => void browser.close().catch(() => undefined);
    signal.addEventListener('abort', end, { once: true });
    try {
      // It may have been stopped while the browser started.
      signal.throwIfAborted();
      const seen: Seen = { pages: [], silent: [], busy: false };
      for (const path of paths)
        try {
          const figures = await this.timed(browser, reach, path);
          seen.busy ||= figures === null;
          seen.pages.push({ path, figures, faults: await this.faults(browser, reach, path) });
        } catch (error) {
          if (signal.aborted || !browser.isConnected()) throw error;
          seen.silent.push({ path, why: (error as Error).message.split('\n')[0]! });
        }
      return seen;
    } finally {
      signal.removeEventListener('abort', end);
      await browser.close().catch(() => undefined);
    }
  }

  private async context(browser: Browser, reach: Reach, screen: object): Promise<BrowserContext> {
    const context = await browser.newContext({
      ...screen,
      userAgent: AGENT,
      // Whether its certificate is good is for a round to say.
      ignoreHTTPSErrors: true,
      serviceWorkers: 'block',
    });
    context.setDefaultTimeout(WITHIN_MS);
    if (reach.preview)
      await context.addCookies([{ name: 'preview', value: reach.preview, domain: reach.host, path: '/' }]);
    return context;
  }

  /** What a page takes on a phone: the median of some runs; null where this machine is slower than that just now. */
  private async timed(browser: Browser, reach: Reach, path: string): Promise<LabFigures | null> {
    const runs: LabFigures[] = [];
    for (let n = 0; n < this.phone.runs; n++) {
      const context = await this.context(browser, reach, PHONE.screen);
      try {
        const page = await context.newPage();
        const { pace } = this.phone;
        const rate = pace && (await page.evaluate<number>(PACE)) / pace;
        if (pace && rate < 1) return null;
        runs.push(await this.run(page, reach, path, rate));
      } finally {
        await context.close().catch(() => undefined);
      }
    }
    return medianRun(runs);
  }

  private async run(page: Page, reach: Reach, path: string, rate: number): Promise<LabFigures> {
    const vitals = await this.read();
    await page.addInitScript({ content: `${vitals}\n${LISTEN}` });
    const cdp = await page.context().newCDPSession(page);
    let bytes = 0;
    let requests = 0;
    cdp.on('Network.requestWillBeSent', () => void requests++);
    cdp.on('Network.loadingFinished', (e) => void (bytes += e.encodedDataLength));
    await cdp.send('Network.enable');
    await cdp.send('Network.emulateNetworkConditions', { offline: false, ...PHONE.line });
    if (rate) await cdp.send('Emulation.setCPUThrottlingRate', { rate });
    await this.go(page, reach, path);
    await page.waitForLoadState('networkidle', { timeout: SETTLE_MS }).catch(() => undefined);
    await page.waitForTimeout(STILL_MS);
    const heard = await page.evaluate<Heard>('globalThis.porchLab');
    // A page without anything on it is not one that comes at once.
    if (!(heard.lcp > 0)) throw new Error('Nothing of it was drawn.');
    const blocked = heard.tasks.filter(([start]) => start >= heard.fcp).map(([, ms]) => Math.max(0, ms - 50));
    return {
      ...{ lcp: heard.lcp, fcp: heard.fcp, ttfb: heard.ttfb, cls: heard.cls, bytes, requests },
      tbt: blocked.reduce((a, b) => a + b, 0),
      largest: { element: heard.element.slice(0, 120), path: pathIn(heard.url) },
      jumped: heard.jumped.slice(0, 120),
    };
  }

  /** Goes to a page as a visitor does. @throws Error where it answers with an error */
  private async go(page: Page, { secure, host }: Reach, path: string): Promise<void> {
    const answer = await page.goto(`${secure ? 'https' : 'http'}://${host}${path}`, { waitUntil: 'load' });
    if (!answer?.ok()) throw new Error(`It answered ${answer?.status() ?? 'nothing'}.`);
  }

  /** What keeps people out of a page, on a phone and on a wide screen. */
  private async faults(browser: Browser, reach: Reach, path: string): Promise<AccessFault[]> {
    const [phone, wide] = [
      await this.faultsAt(browser, reach, path, PHONE.screen, 'phone'),
      await this.faultsAt(browser, reach, path, WIDE, 'wide'),
    ];
    const both = phone.map((p): AccessFault => {
      const w = wide.find((x) => x.rule === p.rule);
      return w ? { ...(w.count > p.count ? w : p), width: 'both' } : p;
    });
    return [...both, ...wide.filter((w) => !phone.some((p) => p.rule === w.rule))];
  }

  private async faultsAt(
    browser: Browser,
    reach: Reach,
    path: string,
    screen: object,
    width: Width,
  ): Promise<AccessFault[]> {
    const context = await this.context(browser, reach, screen);
    try {
      const page = await context.newPage();
      await this.go(page, reach, path);
      return (await barriers(page)).map(({ id, impact, help, nodes }) => ({
        ...{ rule: id, impact: impact ?? 'moderate', help, width, count: nodes.length },
        elements: nodes.slice(0, MOST_ELEMENTS).map((n) => n.slice(0, 200)),
      }));
    } finally {
      await context.close().catch(() => undefined);
    }
  }

  private read = () => (this.vitals ??= readFile(require.resolve('web-vitals/attribution'), 'utf8'));
}

/** The path of an address; null where it is none, or of no file. */
function pathIn(url: string): string | null {
  if (!/^https?:/.test(url) || !URL.canParse(url)) return null;
  return new URL(url).pathname.slice(0, 200);
}
