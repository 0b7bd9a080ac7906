import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { WidthTried } from '@tin-porch/core/care';
import { Comparing, type Compared } from '@tin-porch/press/comparing';
import type { Browser, Page } from 'playwright-core';
import { barriers } from '../browser/barriers.js';
import { launchChromium, WITHIN_MS } from '../browser/chromium.js';
import type { BrowserTurn } from '../browser/turn.js';

/** The files of a release by path. */
export type Side = ReadonlyMap<string, { type: string; bytes: Uint8Array }>;
/** The part of a page that is otherwise, as WebP, on both sides. */
export interface PartShown {
  path: string;
  width: number;
  before: Uint8Array;
  now: Uint8Array;
}

/** The widths pages are looked at in. */
const WIDTHS = [
  { width: 390, height: 844, isMobile: true },
  { width: 1280, height: 800, isMobile: false },
] as const;
/** No more of a page is looked at, pixels. */
const MOST_TALL = 9000;
/** Complaints of a page that are kept, and how long each may be. */
const [MOST_ERRORS, MOST_WORDS] = [5, 200];

const NOTHING: Compared = { changed: 0, where: null, part: null };

/** What one side shows of a page. */
interface Shown {
  picture: Buffer;
  sideways: number;
  errors: string[];
  /** What keeps people out, by axe-core’s rules with how often. */
  faults(): Promise<Record<string, number>>;
  close(): Promise<void>;
}

/** Looks at pages of two releases beside each other, in a browser, served from here: nobody else sees either. */
export class TwoSides {
  private readonly comparing = new Comparing();

  constructor(
    /** The browser; null where there is none. */
    private readonly program: string | null,
    private readonly turn: BrowserTurn,
  ) {}

  /** Whether there is a browser to look with. */
  get able(): boolean {
    return this.program !== null;
  }

  /**
   * Looks at pages, each on both sides at each width. `at` is the time it is there, ISO 8601. Of a page that is not `deep`
   * what keeps people out is asked for where it looks otherwise only.
   * @throws Problem 503 where there is no browser; Error where it dies, or the signal ends it
   */
  look(
    before: Side,
    now: Side,
    wanted: readonly { path: string; deep: boolean }[],
    at: string,
    signal: AbortSignal,
  ): Promise<{ pages: Map<string, WidthTried[]>; parts: PartShown[] }> {
    return this.turn.after(async () => {
      signal.throwIfAborted();
      const served = await Promise.all([serve(before), serve(now)]);
      const end = () => void browser?.close().catch(() => undefined);
      let browser: Browser | null = null;
      try {
        // Both are at the same name and port for their browser: what they say of themselves is the same.
        browser = await launchChromium(this.program, [`--host-resolver-rules=MAP *.test 127.0.0.1,MAP * ~NOTFOUND`]);
        signal.addEventListener('abort', end, { once: true });
        signal.throwIfAborted();
        const pages = new Map<string, WidthTried[]>();
        const parts: PartShown[] = [];
        for (const { path, deep } of wanted) {
          const widths: WidthTried[] = [];
          for (const screen of WIDTHS) {
            const url = ({ port }: { port: number }) => `http://side.test:${port}${path}`;
            const { 0: was, 1: is } = await both(served, (s) => show(browser!, screen, url(s), at));
            const { changed, where, part } = was.picture.equals(is.picture)
              ? NOTHING
              : await this.comparing.compare(was.picture, is.picture);
            const faults: WidthTried['faults'] = deep || changed ? [await was.faults(), await is.faults()] : null;
            await Promise.all([was.close(), is.close()]);
            if (part) parts.push({ path, width: screen.width, before: part.before, now: part.now });
            widths.push({
              ...{ width: screen.width, changed, where },
              sideways: [was.sideways, is.sideways],
              faults,
              errors: is.errors.filter((e) => !was.errors.includes(e)),
            });
          }
          pages.set(path, widths);
        }
        return { pages, parts };
      } finally {
        signal.removeEventListener('abort', end);
        await browser?.close().catch(() => undefined);
        await Promise.all(served.map((s) => s.close()));
      }
    });
  }

  close = (): Promise<void> => this.comparing.close();
}

/** What comes of two at once; neither is left behind where one fails. */
async function both<A, B>(two: readonly A[], work: (one: A) => Promise<B>): Promise<readonly [B, B]> {
  const came = await Promise.allSettled(two.map(work));
  for (const c of came) if (c.status === 'rejected') throw c.reason;
  return came.map((c) => (c as PromiseFulfilledResult<B>).value) as unknown as readonly [B, B];
}

/** A path as it is called; undefined where its escapes say nothing. */
export function decoded(path: string): string | undefined {
  try {
    return decodeURI(path);
  } catch {
    return undefined;
  }
}

/** Serves a release to a browser of this machine. */
async function serve(side: Side): Promise<{ port: number; close(): Promise<void> }> {
  const server: Server = createServer((req, res) => {
    const path = decoded(new URL(req.url ?? '/', 'http://side.test').pathname)?.replace(/\/$/, '/index.html');
    const file = path === undefined ? undefined : side.get(path);
    if (!file) return void res.writeHead(404).end();
    res.writeHead(200, { 'content-type': file.type });
    // A font that comes late stays away from visitors. Here both sides have it, however busy the machine is.
    const text = file.type.startsWith('text/css')
      ? Buffer.from(file.bytes)
          .toString('utf8')
          .replace(/font-display:\s*optional/g, 'font-display: block')
      : file.bytes;
    res.end(text);
  });
  await new Promise<void>((done, fail) => server.once('error', fail).listen(0, '127.0.0.1', done));
  return {
    port: (server.address() as AddressInfo).port,
    close: () => {
      server.closeAllConnections();
      return new Promise((done) => server.close(() => done()));
    },
  };
}

async function show(browser: Browser, screen: (typeof WIDTHS)[number], url: string, at: string): Promise<Shown> {
  const { width, height, isMobile } = screen;
  const context = await browser.newContext({
    ...{ viewport: { width, height }, isMobile, reducedMotion: 'reduce', serviceWorkers: 'block' },
  });
  context.setDefaultTimeout(WITHIN_MS);
  const close = () => context.close().catch(() => undefined);
  try {
    const page = await context.newPage();
    await page.clock.setFixedTime(at);
    const errors = complaints(page, new URL(url).host);
    const answer = await page.goto(url, { waitUntil: 'load' });
    if (!answer?.ok())
      throw new Error(`A copy of ${new URL(url).pathname} does not come: ${answer?.status() ?? 'nothing'}.`);
    // What waits until somebody comes near it is there at once.
    await page.evaluate(`(async () => {
      for (const img of document.images) img.loading = 'eager';
      await Promise.all([...document.images].map((img) => img.decode().catch(() => undefined)));
      await document.fonts.ready;
    })()`);
    const [wide, tall] = await page.evaluate<[number, number]>(
      '[document.documentElement.scrollWidth, document.documentElement.scrollHeight]',
    );
    const sideways = Math.max(0, wide - width);
    const picture = await page.screenshot({
      ...{ fullPage: true, animations: 'disabled', caret: 'hide', scale: 'css' },
      clip: { x: 0, y: 0, width, height: Math.min(tall, MOST_TALL) },
    });
    return {
      ...{ picture, sideways, errors: errors(), close },
      faults: async () => Object.fromEntries((await barriers(page)).map((b) => [b.id, b.nodes.length])),
    };
  } catch (error) {
    await close();
    throw error;
  }
}

/** Listens to what a page complains of; addresses of its own stand there without its host. */
export function complaints(page: Page, host: string): () => string[] {
  const heard = new Set<string>();
  const hear = (words: string) => {
    if (heard.size < MOST_ERRORS)
      heard.add(words.replaceAll(`http://${host}`, '').split('\n')[0]!.slice(0, MOST_WORDS));
  };
  page.on('pageerror', (error) => hear(error.message));
  page.on('console', (said) => said.type() === 'error' && hear(said.text()));
  return () => [...heard];
}
