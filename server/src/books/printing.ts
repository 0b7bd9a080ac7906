import { families } from '@tin-porch/core/look';
import { Problem } from '@tin-porch/core/ground';
import { readAsset } from '@tin-porch/press/assets';
import type { Browser } from 'playwright-core';
import { launchChromium, WITHIN_MS } from '../browser/chromium.js';

/** How long a browser that prints nothing is kept, ms. */
const IDLE_MS = 20_000;
/** Where pages that are printed seem to be: nothing leaves the machine for it. */
const NOWHERE = 'http://paper.invalid/';

/** Prints pages of HTML with a browser, which is started when there is something to print and ends soon after. */
export class Printer {
  private browser: Promise<Browser> | undefined;
  private idle: NodeJS.Timeout | undefined;
  /** Pages that are being printed. */
  private busy = 0;

  /** @param program the browser; null where there is none */
  constructor(private readonly program: string | null) {}

  /**
   * A page as PDF, on A4. Of its addresses only `/fonts/…` lead anywhere: to the families that ship. No script runs.
   * @throws Problem 503 where no browser is there, or it does not print
   */
  async pdf(html: string): Promise<Buffer> {
    clearTimeout(this.idle);
    this.busy++;
    try {
      const context = await (await this.open()).newContext({ javaScriptEnabled: false, offline: true });
      try {
        const page = await context.newPage();
        page.setDefaultTimeout(WITHIN_MS);
        await context.route('**/*', async (route) => {
          const { pathname, origin } = new URL(route.request().url());
          if (`${origin}/` !== NOWHERE) return route.abort();
          if (pathname === '/') return route.fulfill({ contentType: 'text/html; charset=utf-8', body: html });
          const family = families[/^\/fonts\/([\w-]+)\.woff2$/.exec(pathname)?.[1] ?? ''];
          if (!family) return route.abort();
          return route.fulfill({ contentType: 'font/woff2', body: await readAsset(family.file) });
        });
        await page.goto(NOWHERE, { waitUntil: 'load' });
        return await page.pdf({ preferCSSPageSize: true, printBackground: true, tagged: true });
      } finally {
        await context.close().catch(() => undefined);
      }
    } catch (error) {
      if (error instanceof Problem) throw error;
      // One that has died is not asked again.
      this.browser = undefined;
      throw new Problem(503, 'The page could not be printed', (error as Error).message.split('\n')[0]!);
    } finally {
      if (--this.busy === 0) this.idle = setTimeout(() => void this.close(), IDLE_MS).unref();
    }
  }

  private async open(): Promise<Browser> {
    const kept = await this.browser?.catch(() => null);
    if (kept?.isConnected()) return kept;
    this.browser = launchChromium(this.program);
    return this.browser;
  }

  async close(): Promise<void> {
    clearTimeout(this.idle);
    const browser = await this.browser?.catch(() => null);
    this.browser = undefined;
    await browser?.close().catch(() => undefined);
  }
}
