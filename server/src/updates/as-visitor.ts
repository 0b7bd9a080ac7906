import { createHash } from 'node:crypto';
import { barriers } from '../browser/barriers.js';
import { launchChromium, WITHIN_MS } from '../browser/chromium.js';
import type { BrowserTurn } from '../browser/turn.js';
import type { Reach } from '../care/reach.js';
import { visit } from '../care/visitor.js';
import { complaints } from './two-sides.js';

/** Pages that are asked for, and those of them that a browser opens. */
const [MOST_ASKED, MOST_OPENED] = [60, 3];
const PHONE = { viewport: { width: 390, height: 844 }, isMobile: true };

/** What a page is held against: the SHA-256 of its bytes, and what kept people out in the copy of it, by rule. */
export interface Expected {
  path: string;
  hash: string;
  faults: Record<string, number> | null;
}

/** Goes through a site that was just updated, where its visitors find it. */
export class AsVisitor {
  constructor(
    private readonly program: string | null,
    private readonly turn: BrowserTurn,
    private readonly roots: string[],
  ) {}

  /** What is wrong with it, in words; empty where all is as it was meant. @throws Error where its server does not answer */
  async goIn(reach: Reach, pages: readonly Expected[], signal: AbortSignal): Promise<string[]> {
    const asked = await this.ask(reach, pages.slice(0, MOST_ASKED), signal);
    if (asked.length || !this.program) return asked;
    return this.turn.after(() => this.open(reach, pages.slice(0, MOST_OPENED), signal));
  }

  private async ask(reach: Reach, pages: readonly Expected[], signal: AbortSignal): Promise<string[]> {
    const { secure, host, address, port, preview } = reach;
    const wrong: string[] = [];
    for (const { path, hash } of pages) {
      signal.throwIfAborted();
      const came = await visit({
        ...{ scheme: secure ? 'https' : 'http', host, path: encodeURI(path), address, port, roots: this.roots },
        ...(preview && { cookie: `preview=${preview}` }),
      });
      if (came.status !== 200) wrong.push(`${path} answers ${came.status}.`);
      else if (createHash('sha256').update(came.body).digest('hex') !== hash)
        wrong.push(`${path} does not come as it was sent.`);
    }
    return wrong;
  }

  private async open(reach: Reach, pages: readonly Expected[], signal: AbortSignal): Promise<string[]> {
    const { secure, host, address, port, preview } = reach;
    const at = address.includes(':') ? `[${address}]:${port}` : `${address}:${port}`;
    const browser = await launchChromium(this.program, [`--host-resolver-rules=MAP ${host} ${at},MAP * ~NOTFOUND`]);
    const wrong: string[] = [];
    try {
      for (const { path, faults } of pages) {
        signal.throwIfAborted();
        const context = await browser.newContext({
          ...{ ...PHONE, userAgent: 'TinPorch-round/1', ignoreHTTPSErrors: true, serviceWorkers: 'block' },
        });
        context.setDefaultTimeout(WITHIN_MS);
        if (preview) await context.addCookies([{ name: 'preview', value: preview, domain: host, path: '/' }]);
        try {
          const page = await context.newPage();
          const errors = complaints(page, host);
          await page.goto(`${secure ? 'https' : 'http'}://${host}${path}`, { waitUntil: 'load' });
          const wide = await page.evaluate<number>('document.documentElement.scrollWidth');
          if (wide > PHONE.viewport.width) wrong.push(`${path} is wider than a phone.`);
          const [first] = errors();
          if (first) wrong.push(`${path} complains: ${first}`);
          if (faults)
            for (const { id, nodes } of await barriers(page))
              if (nodes.length > (faults[id] ?? 0)) wrong.push(`${path} keeps people out: ${id}.`);
        } finally {
          await context.close().catch(() => undefined);
        }
      }
      return wrong;
    } finally {
      await browser.close().catch(() => undefined);
    }
  }
}
