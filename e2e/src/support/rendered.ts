import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import type { SiteDocument } from '@tin-porch/core/model';
import { render } from '@tin-porch/core/page';
import type { Browser, Page } from 'playwright-core';
import { axe, overflows } from './browser.js';

const require = createRequire(import.meta.url);
const jar = join(dirname(require.resolve('vnu-jar/package.json')), 'build/dist/vnu.jar');
const ORIGIN = 'http://site.test';

/** How a rendered site is looked at. */
export interface Sight {
  width: number;
  mode: 'light' | 'dark';
  /** Whether fonts may be too late, as they may for a visitor. */
  asPublished?: true;
}

/** Opens the pages of a rendered site in a browser that gets its files from memory, and says what is wrong with each. */
export async function lookAt(
  browser: Browser,
  document: SiteDocument,
  sight: Sight,
  paths?: readonly string[],
): Promise<{ path: string; faults: string[] }[]> {
  return through(browser, document, { ...sight, asPublished: true }, paths, faultsOf).then((all) =>
    all.map(({ path, found }) => ({ path, faults: found })),
  );
}

/** Where the pictures of a rendered site are, page by page: the box of each, in whole CSS px. `blobs` are its files. */
export async function pictureBoxes(
  browser: Browser,
  document: SiteDocument,
  sight: Sight,
  blobs: ReadonlyMap<string, Buffer>,
): Promise<string[]> {
  const boxesOf = (page: Page) =>
    page.evaluate(async () => {
      const pictures = Array.from(window.document.querySelectorAll<HTMLImageElement>('img.pic'));
      for (const p of pictures) p.loading = 'eager';
      await Promise.all(pictures.map((p) => p.decode().catch(() => undefined)));
      return pictures.map((p) => {
        const { x, y, width, height } = p.getBoundingClientRect();
        const band = p.closest('.band, header, footer')?.className ?? '';
        return `${band}: ${[x, y + window.scrollY, width, height].map(Math.round).join(' ')}`;
      });
    });
  const all = await through(browser, document, sight, undefined, boxesOf, blobs);
  return all.flatMap(({ path, found }) => found.map((f) => `${path} ${f}`));
}

/** How one section of a page is laid out, px. */
export interface Laid {
  name: string;
  /** Whether there is anything of it. */
  seen: boolean;
  /** Where its first heading or text stands: its box, the size of its letters, how far its words are from the middle. */
  words: { left: number; top: number; off: number } | null;
  /** The largest of its letters. */
  size: number;
  picture: { left: number; top: number } | null;
  /** How many columns its grid has. */
  across: number;
  /** From its edge to its first word or picture. */
  edge: number;
  height: number;
}
/** How every section of a site is laid out, page by page and from top to bottom, and which pages are wider than the window. */
export async function laidOut(
  browser: Browser,
  document: SiteDocument,
  sight: Sight,
): Promise<{ sections: Laid[]; over: string[] }> {
  const look = async (page: Page) => ({
    over: (await overflows(page))
      ? await page.evaluate(() => {
          const wide = window.document.documentElement.clientWidth;
          const out = Array.from(window.document.querySelectorAll('main > *')).filter((band) =>
            Array.from(band.querySelectorAll('*')).some((e) => e.getBoundingClientRect().right > wide + 0.5),
          );
          return out.map((e) => e.className);
        })
      : [],
    sections: await page.evaluate(() =>
      Array.from(window.document.querySelectorAll('main > *'), (band): Laid => {
        const words = Array.from(band.querySelectorAll('h1, h2, .lead, .said, p')).find((e) => e.textContent.trim());
        const range = window.document.createRange();
        if (words) range.selectNodeContents(words);
        const line = words ? range.getClientRects()[0] : undefined;
        const picture = band.querySelector('.pic')?.getBoundingClientRect();
        const box = band.getBoundingClientRect();
        const grid = Array.from(band.querySelector('.grid')?.children ?? [], (e) => e.getBoundingClientRect());
        const lefts = [line, picture, ...grid].flatMap((r) => (r && r.width > 0 ? [r.left - box.left] : []));
        return {
          name: band.className,
          seen: box.height > 0,
          words:
            words && line
              ? {
                  left: line.left,
                  top: line.top,
                  off: Math.round(line.left + line.width / 2 - (box.left + box.width / 2)),
                }
              : null,
          size: Math.max(0, ...Array.from(band.querySelectorAll('*'), (e) => parseFloat(getComputedStyle(e).fontSize))),
          picture: picture ? { left: picture.left, top: picture.top } : null,
          across: new Set(grid.map((g) => Math.round(g.left))).size,
          edge: lefts.length ? Math.min(...lefts) : 0,
          height: box.height,
        };
      }),
    ),
  });
  const all = await through(browser, document, sight, undefined, look);
  return { sections: all.flatMap((a) => a.found.sections), over: all.flatMap((a) => a.found.over) };
}

/** Words of headings that run over the end of a line and go on in the next, page by page. */
export async function brokenWords(browser: Browser, document: SiteDocument, sight: Sight): Promise<string[]> {
  const broken = (page: Page) =>
    page.evaluate(async () => {
      await window.document.fonts.ready;
      const out: string[] = [];
      for (const heading of Array.from(window.document.querySelectorAll('h1, h2'))) {
        const walk = window.document.createTreeWalker(heading, NodeFilter.SHOW_TEXT);
        for (let node = walk.nextNode(); node; node = walk.nextNode())
          for (const m of (node.textContent ?? '').matchAll(/[^\s–—-]+/gu)) {
            const range = window.document.createRange();
            range.setStart(node, m.index);
            range.setEnd(node, m.index + m[0].length);
            if (new Set(Array.from(range.getClientRects(), (r) => Math.round(r.top))).size > 1) out.push(m[0]);
          }
      }
      return out;
    });
  const all = await through(browser, document, sight, undefined, broken);
  return all.flatMap(({ path, found }) => found.map((word) => `${path} ${word}`));
}

/** Opens each page of a rendered site in a browser that gets its files from memory. */
async function through<T>(
  browser: Browser,
  document: SiteDocument,
  sight: Sight,
  paths: readonly string[] | undefined,
  look: (page: Page) => Promise<T>,
  blobs: ReadonlyMap<string, Buffer> = new Map(),
): Promise<{ path: string; found: T }[]> {
  const files = new Map(render(document, { origin: ORIGIN }).map((f) => [f.path, f]));
  const context = await browser.newContext({
    viewport: { width: sight.width, height: 900 },
    colorScheme: sight.mode,
    reducedMotion: 'reduce',
  });
  await context.route('**/*', async (route) => {
    const path = new URL(route.request().url()).pathname;
    const file = files.get(path.endsWith('/') ? `${path}index.html` : path);
    if (!file) return route.fulfill({ status: 404, body: '' });
    // What is measured has its fonts, however late they come; what is looked at does as a visitor’s browser does.
    const text =
      'text' in file && !sight.asPublished
        ? file.text.replaceAll('font-display: optional', 'font-display: block')
        : undefined;
    const body =
      'text' in file
        ? (text ?? file.text)
        : 'asset' in file
          ? readFileSync(require.resolve(file.asset))
          : 'blob' in file
            ? blobs.get(file.blob)
            : '';
    return route.fulfill({ status: 200, contentType: file.type, body });
  });
  const page = await context.newPage();
  await page.addInitScript(watchShifts);
  const out = [];
  for (const path of paths ?? document.pages.map((p) => (p.slug ? `/${p.slug}/` : '/'))) {
    await page.goto(`${ORIGIN}${path}`, { waitUntil: 'load' });
    await page.evaluate(async () => void (await window.document.fonts.ready));
    out.push({ path, found: await look(page) });
  }
  await context.close();
  return out;
}

/** Runs in the page: adds up how far things moved by themselves (Layout Instability). */
function watchShifts(): void {
  const target = globalThis as unknown as { shifted: number };
  target.shifted = 0;
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries() as (PerformanceEntry & { value: number; hadRecentInput: boolean })[])
      if (!entry.hadRecentInput) target.shifted += entry.value;
  }).observe({ type: 'layout-shift', buffered: true });
}

async function faultsOf(page: Page): Promise<string[]> {
  const faults: string[] = [];
  if (await overflows(page)) {
    const what = await page.evaluate(() => {
      const wide = document.documentElement.clientWidth;
      const over = Array.from(document.querySelectorAll('body *')).filter(
        (e) => e.getBoundingClientRect().right > wide + 0.5,
      );
      return over
        .slice(-1)
        .map((e) => `${e.closest('.band, header, footer')?.className ?? ''} ${e.tagName}.${e.className}`)[0];
    });
    faults.push(`overflow: ${what}`);
  }
  faults.push(...(await axe(page)));
  const shifted = await page.evaluate(() => (globalThis as unknown as { shifted: number }).shifted);
  if (shifted > 0.01) faults.push(`shift: ${shifted.toFixed(3)}`);
  return faults;
}

/** What the Nu HTML checker has against the pages and styles of some sites: message and where, a line each. */
export function nu(documents: readonly SiteDocument[]): string[] {
  const folder = mkdtempSync(join(tmpdir(), 'tin-porch-nu-'));
  try {
    const [pages, styles]: [string[], string[]] = [[], []];
    documents.forEach((document, n) => {
      for (const f of render(document, { origin: ORIGIN })) {
        if (!('text' in f) || !/\.(html|css)$/.test(f.path)) continue;
        const to = join(folder, String(n), f.path);
        mkdirSync(dirname(to), { recursive: true });
        writeFileSync(to, f.path.endsWith('.css') ? knownUnits(f.text) : f.text);
        (f.path.endsWith('.css') ? styles : pages).push(to);
      }
    });
    const check = (files: string[], ...more: string[]) => {
      const list = join(folder, 'files.txt');
      writeFileSync(list, files.join('\n'));
      const run = spawnSync(
        'java',
        ['-Xss8m', '-jar', jar, '--exit-zero-always', '--format', 'json', '--stdout', ...more, ...files],
        {
          encoding: 'utf8',
          maxBuffer: 1 << 27,
        },
      );
      const { messages } = JSON.parse(run.stdout) as {
        messages: { type: string; subType?: string; message: string; extract?: string }[];
      };
      return messages;
    };
    const html = check(pages).filter(
      (m) => (m.type === 'error' || m.subType === 'warning') && !AS_TYPED.test(m.message),
    );
    const css = check(styles, '--css').filter((m) => m.type === 'error' && !KNOWN_CSS.test(m.message));
    return [...html, ...css].map((m) => `${m.message} ${(m.extract ?? '').slice(0, 90).replace(/\s+/g, ' ')}`);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
/** What is no fault of a page: words stand as somebody typed them, also where they begin with a mark that composes. */
const AS_TYPED = /^Text run starts with a composing character/;
/** Properties of W3C specifications that the checker’s tables are too old for. */
export const KNOWN_CSS =
  /“?(container|animation-timeline|animation-range|text-wrap|text-size-adjust|color-scheme|content-visibility|scroll-snap-type|translate|rotate|scale|mask|clip-path)\b|details-content|container/i;
/** A stylesheet with its units of container queries as units of the same kind that the checker knows. */
export const knownUnits = (css: string): string => css.replace(/(\d)cqi\b/g, '$1vw');
