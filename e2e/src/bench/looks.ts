import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { gzipSync } from 'node:zlib';
import { seeded } from '@tin-porch/core/ground';
import type { DirectionRef, SiteDocument } from '@tin-porch/core/model';
import { apply } from '@tin-porch/core/operations';
import { readBrief } from '@tin-porch/core/brief';
import { packOf } from '@tin-porch/core/brief';
import { directionNumbered, directionOf, inDirection, newDocument, writeVersion } from '@tin-porch/core/making';
import { render, type RenderedFile } from '@tin-porch/core/page';
import { briefFixtures } from '@tin-porch/core/fixtures';
import { renderedBytes } from '@tin-porch/press';
import type { Browser } from 'playwright-core';
import { lookAt, nu } from '../support/rendered.js';

type Keep = (name: string, unit: 'ms' | 'KB' | '', values: number[]) => void;
const WIDTHS = [320, 390, 768, 1024, 1280, 1920];

const sites = (): SiteDocument[] =>
  briefFixtures.map(({ text, id }, n) => {
    const facts = readBrief(text);
    const blank = newDocument(id, { ...facts, name: facts.name || id }, n + 1);
    return apply(blank, writeVersion(blank.facts, n + 1, blank)).document;
  });

/** Looks at random mixtures of layout, colours, type and finish of random sites, by day or night, at random widths. */
export async function checkLooks(browser: Browser, count: number): Promise<void> {
  const random = seeded(20260);
  const all = sites();
  const number = () => 1 + Math.floor(random.next() * 45);
  const samples = Array.from({ length: count }, () => {
    const ref: DirectionRef = { layout: number(), colours: number(), type: number(), finish: number() };
    const document = inDirection(random.pick(all), ref);
    const page = random.pick(document.pages);
    return {
      document,
      path: page.slug ? `/${page.slug}/` : '/',
      sight: { width: random.pick(WIDTHS), mode: random.pick(['light', 'dark'] as const) },
    };
  });
  const faults = { overflow: 0, shift: 0, axe: 0 };
  const told: string[] = [];
  const waiting = [...samples];
  const work = async () => {
    for (let s = waiting.pop(); s; s = waiting.pop())
      for (const { faults: found } of await lookAt(browser, s.document, s.sight, [s.path]))
        for (const f of found) {
          faults[f.startsWith('overflow') ? 'overflow' : f.startsWith('shift') ? 'shift' : 'axe']++;
          told.push(
            `${s.document.id} ${JSON.stringify(s.document.direction)} ${s.path} ${s.sight.width} ${s.sight.mode}: ${f}`,
          );
        }
  };
  await Promise.all([work(), work()]);
  const markup = [...new Set(nu(samples.map((s) => s.document)))];
  console.log(
    `  ${count} random mixtures: ${faults.overflow} push sideways, ${faults.shift} shift, ${faults.axe} found by axe-core, ${markup.length} kinds of message from the Nu HTML checker`,
  );
  for (const line of [...told.slice(0, 12), ...markup.slice(0, 12)]) console.log(`    ${line.slice(0, 220)}`);
}

/** How long it takes to draw three directions of a site up and in full: the first time, and once they are known. */
export function timeDirections(keep: Keep): void {
  const all = sites().sort((a, b) => b.pages.length - a.pages.length);
  const cold: number[] = [];
  all.slice(0, 12).forEach((site, n) => {
    const facts = { ...site.facts, style: [...site.facts.style, `turn ${n}`] };
    const started = performance.now();
    for (const k of [1, 2, 3]) {
      directionOf(facts, packOf(facts), directionNumbered(k));
      render(inDirection({ ...site, facts }, directionNumbered(k)), { origin: 'https://bench.example' });
    }
    cold.push(performance.now() - started);
  });
  keep('Three directions of a site, drawn up and rendered whole', 'ms', cold);
}

async function serve(files: RenderedFile[]): Promise<{ server: Server; origin: string; first: Map<string, number> }> {
  const known = new Map(
    (await renderedBytes(files)).map((f) => {
      const squeezed = /html|css|svg|json|xml/.test(f.type);
      return [f.path, { ...f, squeezed, body: squeezed ? gzipSync(f.bytes) : f.bytes }];
    }),
  );
  const first = new Map<string, number>();
  const server = createServer((req, res) => {
    const path = (req.url ?? '/').split('?')[0]!;
    const file = known.get(path.endsWith('/') ? `${path}index.html` : path);
    if (!file) return void res.writeHead(404).end();
    first.set(path, file.body.length);
    res.writeHead(200, { 'content-type': file.type, ...(file.squeezed && { 'content-encoding': 'gzip' }) });
    res.end(file.body);
  });
  await new Promise<void>((r) => server.listen(0, '127.0.0.1', r));
  return { server, origin: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, first };
}

/** What the first view of a home page costs over the wire, and when its largest part is there on a slow phone. */
export async function measureFirstView(browser: Browser, keep: Keep): Promise<void> {
  const bytes: number[] = [];
  const paints: number[] = [];
  const shifts: number[] = [];
  for (const [n, site] of sites().slice(0, 12).entries()) {
    const files = render(inDirection(site, directionNumbered(n + 1)), { origin: 'https://bench.example' });
    const { server, origin, first } = await serve(files);
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, deviceScaleFactor: 2 });
    const page = await context.newPage();
    const lab = await context.newCDPSession(page);
    await lab.send('Network.enable');
    await lab.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: 150,
      downloadThroughput: (1.6 * 1024 * 1024) / 8,
      uploadThroughput: (750 * 1024) / 8,
    });
    await lab.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    await page.goto(`${origin}/`, { waitUntil: 'load' });
    const seen = await page.evaluate(
      () =>
        new Promise<{ paint: number; shift: number }>((done) => {
          const out = { paint: 0, shift: 0 };
          new PerformanceObserver((l) =>
            l.getEntries().forEach((e) => (out.paint = Math.max(out.paint, e.startTime))),
          ).observe({
            type: PerformanceObserver.supportedEntryTypes.find((t) => t.startsWith('largest'))!,
            buffered: true,
          });
          new PerformanceObserver((l) =>
            l.getEntries().forEach((e) => (out.shift += (e as PerformanceEntry & { value: number }).value)),
          ).observe({ type: 'layout-shift', buffered: true });
          setTimeout(() => done(out), 600);
        }),
    );
    bytes.push([...first.values()].reduce((a, b) => a + b, 0) / 1024);
    paints.push(seen.paint);
    shifts.push(seen.shift);
    await context.close();
    server.close();
  }
  keep('First view of a home page over the wire, with fonts and pictures', 'KB', bytes);
  keep('Largest paint, slow phone (150 ms, 1.6 Mbit/s, 4 x slower)', 'ms', paints);
  keep('Layout shift', '', shifts);
}
