import { loadDemo } from '@tin-porch/server/demo/load';
import type { Browser } from 'playwright-core';
import { openBrowser } from './support/browser.js';
import { MAIL, PASSWORD, stackForTests } from './support/stack-for-tests.js';
import { walkOver } from './support/walker.js';

const STEPS = ['brief', 'plan', 'look', 'pages', 'seo', 'domain', 'publish', 'care'];

describe('Every control of every screen, pressed', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let browser: Browser;
  const document = async (site: string) =>
    JSON.stringify((await test.api.call<{ document: object }>('GET', `/sites/${site}`)).document);

  beforeAll(async () => {
    test = await stackForTests();
    await loadDemo(test.stack, PASSWORD, () => undefined);
    browser = await openBrowser();
  }, 240_000);
  afterAll(async () => {
    await browser?.close();
    await test?.end();
  }, 60_000);

  /** Walks over screens at one width, on one site of its own, so that two walks do not get into each other’s way. */
  async function walk(width: number, site: string, places: string[], most: number) {
    const context = await browser.newContext({
      viewport: { width, height: width < 500 ? 844 : 800 },
      hasTouch: width < 500,
      permissions: ['clipboard-read', 'clipboard-write'],
    });
    const page = await context.newPage();
    page.setDefaultTimeout(15_000);
    await page.goto(test.stack.url);
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('text=On the bench');
    const before = await document(site);
    const takeBack = async () => {
      await page.waitForTimeout(50);
      for (const [kind, times] of [
        ['undo', 4],
        ['redo', 6],
      ] as const)
        for (let n = 0; n < times && (await document(site)) !== before; n++)
          await test.api.call('POST', `/sites/${site}/${kind}`, {}).catch(() => undefined);
    };
    const result = await walkOver({
      page,
      url: test.stack.url,
      routes: [...places, ...STEPS.map((step) => `sites/${site}/${step}`)],
      takeBack,
      // Signing out is walked elsewhere; the account’s menu is opened there too.
      leave: /“Sign out”/,
      alike: width < 500 ? 1 : 2,
      most,
    });
    await context.close();
    return result;
  }

  it('does what it should, wide and on a phone, and leaves nothing broken, covered, unnamed or out of reach', async () => {
    const [wide, phone] = await Promise.all([
      walk(1280, 'larkfield-allotments', ['', 'servers', 'domains', 'inbox', 'rounds', 'new', 'sample-book'], 60),
      walk(390, 'hollis-wren-boatworks', ['', 'inbox', 'new'], 36),
    ]);
    expect(wide.faults).toEqual([]);
    expect(phone.faults).toEqual([]);
    expect(wide.pressed).toBeGreaterThan(200);
    expect(phone.pressed).toBeGreaterThan(120);
  }, 900_000);
});
