import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { FIRST_DESIGNER, startStack } from '@tin-porch/server/stack';
import { loadDemo } from '@tin-porch/server/demo/load';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { briefFixtures } from '@tin-porch/core/fixtures';
import { apply } from '@tin-porch/core/operations';
import { readBrief } from '@tin-porch/core/brief';
import { directionNumbered, inDirection, newDocument, writeVersion } from '@tin-porch/core/making';
import { render } from '@tin-porch/core/page';
import { renderedBytes } from '@tin-porch/press';
import type { Browser, Page } from 'playwright-core';
import { openBrowser } from '../support/browser.js';
import { drawnBefore } from '../support/drawn-before.js';

// Takes the pictures of docs/screenshots anew, from fresh demo data. usage: pictures.js [NAME …]
const out = fileURLToPath(new URL('../../../docs/screenshots', import.meta.url));
const wanted = process.argv.slice(2);

const VIEWS: [name: string, path: string, width?: number][] = [
  ['sites', '/'],
  ['brief', '/sites/the-saltmarrow-seed-company/brief'],
  ['plan', '/sites/hollis-wren-boatworks/plan'],
  ['look', '/sites/hollis-wren-boatworks/look'],
  ['pages', '/sites/hollis-wren-boatworks/pages'],
  ['slip', '/sites/hollis-wren-boatworks/pages'],
  ['collections', '/sites/larkfield-allotments/pages'],
  ['pages-phone', '/sites/hollis-wren-boatworks/pages', 390],
  ['seo', '/sites/pell-daughter-clockmakers/seo'],
  ['domain', '/sites/quill-plane-joinery/domain'],
  ['publish', '/sites/hollis-wren-boatworks/publish'],
  ['care', '/sites/pell-daughter-clockmakers/care'],
  ['servers', '/servers'],
  ['inbox', '/inbox'],
  ['rounds', '/rounds'],
  ['updates', '/updates'],
  ['books', '/books'],
];

/** Six sites for the contact sheets: a brief, and the direction it is dressed in. */
const SIX: [brief: string, direction: number][] = [
  ['markdown-pottery', 4],
  ['fr-relieur', 17],
  ['guest-house-form', 2],
  ['tree-forwarded', 13],
  ['es-taller', 18],
  ['solicitorless-surveyor', 16],
];
const SHEETS: [name: string, width: number, height: number][] = [['six-sites', 1280, 1700]];

/** The first pages of six generated sites side by side. */
async function contactSheet(browser: Browser, to: string, width: number, height: number): Promise<void> {
  const shots: string[] = [];
  for (const [id, n] of SIX) {
    const facts = readBrief(briefFixtures.find((b) => b.id === id)!.text);
    const blank = newDocument(id, facts, 1);
    const written = apply(blank, writeVersion(facts, 1, blank)).document;
    const files = new Map(
      render(inDirection(written, directionNumbered(n)), { origin: 'https://six.example' }).map((f) => [f.path, f]),
    );
    const page = await browser.newPage({ viewport: { width, height }, reducedMotion: 'reduce' });
    await page.route('**/*', async (route) => {
      const path = new URL(route.request().url()).pathname;
      const file = files.get(path === '/' ? '/index.html' : path);
      if (!file) return route.fulfill({ status: 404, body: '' });
      const [bytes] = await renderedBytes([file]);
      // A visitor who comes back has the fonts; so does the picture.
      const body = file.path.endsWith('.css')
        ? bytes!.bytes.toString().replaceAll('font-display: optional', 'font-display: block')
        : bytes!.bytes;
      return route.fulfill({ status: 200, contentType: file.type, body });
    });
    await page.goto('https://six.example/', { waitUntil: 'networkidle' });
    shots.push((await page.screenshot()).toString('base64'));
    await page.close();
  }
  const across = width < 900 ? 6 : 3;
  const sheet = await browser.newPage({ viewport: { width: 1500, height: 400 } });
  await sheet.setContent(
    `<style>body{margin:0;padding:12px;background:#d9dfdb;display:grid;gap:12px;grid-template-columns:repeat(${across},1fr)}img{width:100%;display:block}</style>${shots.map((s) => `<img src="data:image/png;base64,${s}">`).join('')}`,
    { waitUntil: 'load' },
  );
  await sheet.screenshot({ path: to, fullPage: true });
  await sheet.close();
}

/** The desk of a site on a phone: what needs somebody, a page that is touched, something new, and the site as it will be, side by side. */
async function deskSheet(browser: Browser, designer: Page, to: string): Promise<void> {
  await designer.goto(`${stack.url}/sites/pell-daughter-clockmakers/care`);
  await designer.click('text=Go to the desk yourself');
  const link = (await designer.getAttribute('tp-desk-people a[target=_blank]', 'href'))!;
  const context = await browser.newContext({ viewport: { width: 390, height: 780 }, locale: 'en-GB' });
  const phone = await context.newPage();
  await phone.goto(link);
  await phone.waitForSelector('nav');
  const shots: string[] = [];
  const shot = async () => {
    await phone.waitForTimeout(900);
    shots.push((await phone.screenshot()).toString('base64'));
  };
  await shot();
  await phone.click('nav >> text=Pages');
  await phone.click('.rows >> text=Home');
  const part = phone.frameLocator('dk-touch iframe').locator('[data-part$="/heading"]').first();
  await part.click();
  await shot();
  await phone.keyboard.press('Escape');
  await phone.click('nav >> text=Today');
  await phone.click('text=Put up some news');
  await phone.getByLabel('What it is called').fill('A tower clock for sale');
  await phone
    .getByLabel('In a sentence or two')
    .fill('From the brewery at Brinegate: four faces, one strike, and it goes.');
  await shot();
  await phone.click('text=See it first');
  await phone.waitForSelector('.see iframe');
  await shot();
  const sheet = await browser.newPage({ viewport: { width: 1680, height: 400 } });
  await sheet.setContent(
    `<style>body{margin:0;padding:24px;background:#d9dfdb;display:flex;align-items:start;gap:21px}img{width:390px;display:block}</style>${shots.map((s) => `<img src="data:image/png;base64,${s}">`).join('')}`,
    { waitUntil: 'load' },
  );
  await sheet.screenshot({ path: to, fullPage: true });
  await sheet.close();
  await context.close();
}

mkdirSync(out, { recursive: true });
const data = mkdtempSync(join(tmpdir(), 'tin-porch-pictures-'));
const stack = await startStack({ data, port: 8790 });
try {
  await loadDemo(stack, stack.password!, (line) => console.log(line));
  const quay = stack.config.servers[0]!;
  const browser = await openBrowser({ '*.example': quay.address });
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, ignoreHTTPSErrors: true });
  const page = await context.newPage();
  await page.goto(stack.url);
  await page.fill('#mail', FIRST_DESIGNER.mail);
  await page.fill('#password', stack.password!);
  await page.click('button.act');
  await page.waitForSelector('.rows');
  for (const [name, path, width = 1280] of VIEWS) {
    if (wanted.length && !wanted.includes(name)) continue;
    await page.setViewportSize({ width, height: width < 900 ? 844 : 800 });
    if (name === 'updates') {
      // Two sites that are behind: what is done about it is to be seen.
      for (const [server, site] of [
        ['quay', 'quill-plane-joinery'],
        ['slip', 'ferrow-cycle-workshop'],
      ] as const) {
        drawnBefore(join(data, 'hosts', server), site);
        stack.programs.get(server)!.child!.kill('SIGKILL');
      }
      await page.waitForTimeout(6000);
    }
    const secure = quay.httpsPort === 443 ? '' : `:${quay.httpsPort}`;
    await page.goto(path.startsWith('http') ? `${path}${secure}/` : stack.url + path);
    await page.waitForTimeout(2500);
    if (name === 'pages-phone') await page.click('.switch button:nth-child(2)');
    if (name.startsWith('pages')) {
      // With the heading in hand: pressed once its section is, a tag leads into its words.
      await page.waitForTimeout(600);
      await page.click('.tag .name >> text=Top of the page');
      await page.click('.tag .name >> text=Top of the page');
      await page.waitForTimeout(900);
    }
    if (name === 'servers') {
      await page.waitForSelector('tp-server-shelf');
      await page.selectOption('#log-answers', 'refused');
      await page.click('tp-log-search [type=submit]');
      await page.waitForSelector('tp-log-search li');
      await page.evaluate(() => scrollTo(0, 0));
    }
    if (name === 'publish') {
      // Closed so far: who may look, and what everybody else reads.
      await page.click('text=Give somebody a link');
      await page.fill('#preview-new-name', 'Anna Hollis, the yard');
      await page.click('text=Make the link');
      await page.waitForSelector('text=Nobody has looked so far');
      await page.reload();
      await page.waitForSelector('text=Nobody has looked so far');
      await page.locator('tp-site-previews').evaluate((e) => e.scrollIntoView());
      await page.waitForTimeout(500);
    }
    if (name === 'slip') {
      await page.fill('#ask', 'make the services dark, the buttons round and the colours a bit warmer');
      await page.press('#ask', 'Enter');
      await page.waitForSelector('.slip .act');
      await page.waitForTimeout(900);
    }
    if (name === 'updates') {
      await page.click('text=Try it on 2 copies');
      await page.locator('.chip:has-text("same to the eye")').nth(1).waitFor({ timeout: 120_000 });
    }
    if (name === 'collections') {
      await page.click('.views >> text=Outline');
      await page.click('tp-outline-collections li .link');
      await page.waitForTimeout(1500);
    }
    await page.screenshot({ path: join(out, `${name}.png`) });
    console.log(name);
  }
  if (!wanted.length || wanted.includes('desk')) {
    await deskSheet(browser, page, join(out, 'desk.png'));
    console.log('desk');
  }
  for (const [name, width, height] of SHEETS)
    if (!wanted.length || wanted.includes(name)) {
      await contactSheet(browser, join(out, `${name}.png`), width, height);
      console.log(name);
    }
  await browser.close();
} finally {
  await stack.stop();
  rmSync(data, { recursive: true, force: true });
}
