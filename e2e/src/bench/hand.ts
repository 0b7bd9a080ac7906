import type { SiteDocument } from '@tin-porch/core/model';
import { twice, writeVersion } from '@tin-porch/core/making';
import { apply } from '@tin-porch/core/operations';
import type { Frame, Page } from 'playwright-core';
import { openBrowser } from '../support/browser.js';
import { MAIL, PASSWORD, stackForTests } from '../support/stack-for-tests.js';

type Keep = (name: string, unit: 'ms', values: number[]) => void;

const FACTS = {
  name: 'Gant & Sons, Ropemakers',
  trade: 'ropemaker',
  place: 'Saltmarrow',
  description: 'We lay rope in the long walk behind the chapel. Every rope is tarred by hand.',
  services: [
    { id: 'v1', name: 'Mooring ropes', detail: 'Laid to order.', price: '£12' },
    { id: 'v2', name: 'Fenders', detail: 'In hemp.', price: '£9' },
  ],
};
const SECTIONS = 30;
const KEYS = 240;
const MOVES = 20;

/** How soon a key is seen in the words, and a section in its new place, on a page of 30 sections in the running application. */
export async function measureHand(keep: Keep): Promise<void> {
  const { stack, api, end } = await stackForTests();
  const browser = await openBrowser();
  try {
    const { id } = await api.call<{ id: string }>('POST', '/sites', FACTS);
    const change = (operation: unknown) => api.call('POST', `/sites/${id}/operations`, { operation });
    const document = async () => (await api.call<{ document: SiteDocument }>('GET', `/sites/${id}`)).document;
    await change(writeVersion((await document()).facts, 1));
    let site = await document();
    const [, source] = site.pages[0]!.sections;
    while (site.pages[0]!.sections.length < SECTIONS) {
      const operation = twice(site, source!.id)!;
      await change(operation);
      site = apply(site, operation).document;
    }
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await page.goto(stack.url);
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('text=On the bench');
    await page.goto(`${stack.url}/sites/${id}/pages`);
    await page.waitForFunction((n) => globalThis.document.querySelectorAll('.tag').length > n, SECTIONS);
    await page.waitForTimeout(2500);
    const frame = (await (await page.$('tp-window iframe'))!.contentFrame())!;
    keep('From a key to the words on a page of 30 sections', 'ms', await keys(page, frame, `${source!.id}/heading`));
    keep('From “Down” to the section in its place, of 30', 'ms', await moves(page, source!.id));
  } finally {
    await browser.close();
    await end();
  }
}

async function keys(page: Page, frame: Frame, part: string): Promise<number[]> {
  const section = part.split('/')[0]!;
  // Taken in hand beside the window, it comes into sight; pressed there, it is gone into.
  await page.click('.sections li:nth-child(3) > button');
  await page.click(`#tag-${section}`);
  await frame.waitForSelector('[contenteditable=true]');
  await frame.evaluate(() => {
    const seen: number[] = [];
    (globalThis as unknown as { seen: number[] }).seen = seen;
    // From the moment the key was pressed to the frame that is painted with it.
    addEventListener(
      'keydown',
      ({ timeStamp }) => requestAnimationFrame(() => setTimeout(() => seen.push(performance.now() - timeStamp))),
      true,
    );
  });
  for (let n = 0; n < KEYS; n++) {
    await page.keyboard.press('abcdefghij '[n % 11]!);
    await page.waitForTimeout(25);
  }
  await page.waitForTimeout(300);
  return frame.evaluate(() => (globalThis as unknown as { seen: number[] }).seen);
}

async function moves(page: Page, section: string): Promise<number[]> {
  await page.keyboard.press('Escape');
  await page.waitForSelector(`.tag.on #tag-${section}`);
  const all: number[] = [];
  for (let n = 0; n < MOVES; n++) {
    await page.waitForTimeout(700);
    all.push(
      await page.evaluate(async () => {
        const button = Array.from(
          globalThis.document.querySelectorAll<HTMLButtonElement>('.tag.on .verbs button'),
        ).find((b) => b.textContent.trim() === 'Down')!;
        const drawn = new Promise<number>((done) => {
          addEventListener('message', function heard({ data }: MessageEvent<{ kind?: string }>) {
            if (data.kind !== 'sections') return;
            removeEventListener('message', heard);
            done(performance.now());
          });
        });
        const started = performance.now();
        button.click();
        return (await drawn) - started;
      }),
    );
  }
  return all;
}
