import { join } from 'node:path';
import { loadDemo } from '@tin-porch/server/demo/load';
import type { Browser, BrowserContext, Cookie } from 'playwright-core';
import { openBrowser } from './support/browser.js';
import { drawnBefore } from './support/drawn-before.js';
import { walkCutOff, type CutOff, type Screen } from './support/cut-off.js';
import { MAIL, PASSWORD, stackForTests } from './support/stack-for-tests.js';
import { walkOver } from './support/walker.js';

/** Most controls of a screen that are pressed: a sample here, all where it is measured. */
const WALK = Number(process.env['WALK'] ?? 0);
/** Ending sessions, one's own or those of this very test, has tests of its own beside those of what comes after it. */
const LEAVE = /“(Sign out|End )/;
const STEPS = ['brief', 'plan', 'look', 'pages', 'seo', 'domain', 'publish', 'care'];

describe('Every control of every screen, pressed', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let browser: Browser;
  const documentOf = async (site: string) =>
    JSON.stringify((await test.api.call<{ document: object }>('GET', `/sites/${site}`)).document);

  beforeAll(async () => {
    test = await stackForTests();
    await loadDemo(test.stack, PASSWORD, () => undefined);
    // One site that is behind, so that there is something to press.
    drawnBefore(join(test.data, 'hosts/slip'), 'ferrow-cycle-workshop');
    test.stack.programs.get('slip')!.child!.kill('SIGKILL');
    browser = await openBrowser();
  });
  afterAll(async () => {
    await browser?.close();
    await test?.end();
  });

  /** A page of its own, signed in. */
  async function signedIn(width: number) {
    const context = await browser.newContext({
      viewport: { width, height: width < 500 ? 844 : 800 },
      hasTouch: width < 500,
      permissions: ['clipboard-read', 'clipboard-write'],
    });
    const page = await context.newPage();
    page.setDefaultTimeout(60_000);
    await page.goto(test.stack.url);
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('h1:has-text("Today")');
    return { context, page };
  }

  /** What makes a site again what it is now, whatever was done to it meanwhile. */
  async function taker(site: string): Promise<() => Promise<void>> {
    const before = await documentOf(site);
    return async () => {
      await new Promise((done) => setTimeout(done, 50));
      for (const [kind, times] of [
        ['undo', 4],
        ['redo', 6],
      ] as const)
        for (let n = 0; n < times && (await documentOf(site)) !== before; n++)
          await test.api.call('POST', `/sites/${site}/${kind}`, {}).catch(() => undefined);
    };
  }

  /** Walks over screens at one width, on one site of its own, so that two walks do not get into each other’s way. */
  async function walk(width: number, site: string, places: string[], most: number) {
    const { context, page } = await signedIn(width);
    const result = await walkOver({
      page,
      url: test.stack.url,
      routes: [...places, ...STEPS.map((step) => `sites/${site}/${step}`)],
      takeBack: await taker(site),
      leave: LEAVE,
      alike: WALK ? 50 : width < 500 ? 1 : 2,
      most: WALK || most,
    });
    await context.close();
    return result;
  }

  /** Uses a sample of the controls of one site and some screens, cut off from the server each time. */
  async function cutOff(
    site: string,
    width: number,
    places: string[],
    cutOf: (context: BrowserContext, cookies: Cookie[]) => CutOff,
    steps: readonly string[] = STEPS,
    more: readonly Screen[] = [],
  ) {
    const { context, page } = await signedIn(width);
    const result = await walkCutOff({
      page,
      url: test.stack.url,
      screens: [
        ...[...places, ...steps.map((step) => `sites/${site}/${step}`)].map((path) => ({ path })),
        ...more.map((screen) => ({ ...screen, path: `sites/${site}/${screen.path}` })),
      ],
      cut: cutOf(context, await context.cookies()),
      takeBack: await taker(site),
      most: WALK || 2,
      leave: LEAVE,
    });
    await context.close();
    return result;
  }

  it('does what it should, wide and on a phone, and leaves nothing broken, covered, unnamed or out of reach', async () => {
    const [wide, phone] = await Promise.all([
      walk(
        1280,
        'larkfield-allotments',
        ['', 'servers', 'domains', 'inbox', 'rounds', 'updates', 'books', 'new', 'sample-book', 'people', 'account'],
        6,
      ),
      walk(390, 'hollis-wren-boatworks', ['', 'inbox', 'books', 'new'], 4),
    ]);
    expect(wide.faults).toEqual([]);
    expect(phone.faults).toEqual([]);
    expect(wide.pressed).withContext(JSON.stringify(wide.of)).toBeGreaterThan(45);
    expect(phone.pressed).withContext(JSON.stringify(phone.of)).toBeGreaterThan(20);
  }, 1_800_000);

  it('explains itself and loses nothing when it is pressed with the session ended, offline, or with the server gone', async () => {
    const [ended, offline, gone] = await Promise.all([
      cutOff(
        'quill-plane-joinery',
        1280,
        ['', 'servers', 'inbox', 'new'],
        (context, cookies) => ({
          begin: () => context.clearCookies(),
          end: () => context.addCookies(cookies),
        }),
        WALK ? STEPS : STEPS.filter((_, n) => n % 3 === 2),
        [{ path: 'pages', presses: ['tp-view-switch button:has-text("Outline")'], within: /tp-outline/ }],
      ),
      cutOff(
        'pell-daughter-clockmakers',
        390,
        ['domains', 'rounds', 'updates', 'books'],
        (context) => ({
          begin: () => context.setOffline(true),
          end: () => context.setOffline(false),
        }),
        WALK ? STEPS : STEPS.filter((_, n) => n % 3 === 0),
        [
          {
            path: 'pages',
            presses: ['.switch button:nth-child(2)', '.tag .name >> nth=2'],
            within: /tp-section-margin.*verbs/,
          },
        ],
      ),
      cutOff(
        'northlight-pottery',
        1280,
        ['sample-book', 'people', 'account'],
        (context) => ({
          begin: () => context.route('**/*', (r) => r.abort('connectionrefused')),
          end: () => context.unroute('**/*'),
        }),
        WALK ? STEPS : STEPS.filter((_, n) => n % 3 === 1),
        [
          {
            path: 'pages',
            presses: ['.sections li:nth-child(3) > button', '.tag.on button:has-text("Lay out")'],
            within: /tp-section-margin.*verbs/,
          },
          { path: 'plan', within: /tp-page-like/ },
        ],
      ),
    ]);
    for (const { used, refused, faults } of [ended, offline, gone]) {
      expect(faults).toEqual([]);
      expect(used).toBeGreaterThan(3);
      expect(refused).toBeGreaterThan(0);
    }
  }, 1_800_000);

  it('holds one name without a place to break it, at 390 and at 320', async () => {
    const name = 'Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft';
    const id = 'northlight-pottery';
    await test.api.call('POST', `/sites/${id}/operations`, {
      operation: { op: 'setFact', field: 'name', value: name },
    });
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await page.goto(test.stack.url);
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('h1:has-text("Today")');
    for (const width of [390, 320]) {
      await page.setViewportSize({ width, height: 844 });
      for (const path of [
        '',
        'servers',
        'domains',
        'inbox',
        'rounds',
        'updates',
        'new',
        ...STEPS.map((s) => `sites/${id}/${s}`),
      ]) {
        await page.goto(`${test.stack.url}/${path}`);
        await page.waitForSelector('h1');
        await page.waitForTimeout(350);
        const wide = await page.evaluate(() =>
          [
            document.documentElement,
            ...Array.from(document.querySelectorAll('main, .controls, .beside, .sites, .strip')),
          ]
            .filter((e) => e.checkVisibility() && e.scrollWidth > e.clientWidth + 1)
            .map((e) => {
              const edge = e.getBoundingClientRect().right + 1;
              const out = Array.from(e.querySelectorAll('*')).filter((i) => i.getBoundingClientRect().right > edge);
              const names = out.slice(0, 4).map((i) => `${i.tagName.toLowerCase()}.${i.className}`);
              return `${e.tagName.toLowerCase()}.${e.className} ${e.scrollWidth} in ${e.clientWidth}: ${names.join(' ')}`;
            }),
        );
        expect(wide).withContext(`/${path} at ${width}`).toEqual([]);
      }
    }
    await context.close();
  });
});
