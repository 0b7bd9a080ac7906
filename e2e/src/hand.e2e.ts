import type { SiteDocument, Text } from '@tin-porch/core/model';
import { pdf } from '@tin-porch/core/fixtures';
import { renderPage } from '@tin-porch/core/page';
import { pictureAt, textAt } from '@tin-porch/core/operations';
import { validateDocument } from '@tin-porch/core/validate';
import { picturePlaces, writeVersion } from '@tin-porch/core/making';
import type { Browser, BrowserContext, Page } from 'playwright-core';
import sharp from 'sharp';
import { axe, openBrowser, overflows } from './support/browser.js';
import { MAIL, PASSWORD, stackForTests, until } from './support/stack-for-tests.js';

const FACTS = {
  name: 'Gant & Sons, Ropemakers',
  trade: 'ropemaker',
  place: 'Saltmarrow',
  phone: '01632 960 214',
  mail: 'rope@gant.example',
  description:
    'We lay rope in the long walk behind the chapel. Every rope is tarred by hand. We splice to any length and every rope is pulled to twice its load before it leaves.',
  services: [
    { id: 'v1', name: 'Mooring ropes', detail: 'Laid to order.', price: '£12' },
    { id: 'v2', name: 'Fenders', detail: 'In hemp.', price: '£9' },
    { id: 'v3', name: 'Bell ropes', detail: '', price: '' },
  ],
};

describe('The page in hand', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let browser: Browser;
  let context: BrowserContext;
  let page: Page;
  let id: string;
  const troubles: string[] = [];
  const document = async () => (await test.api.call<{ document: SiteDocument }>('GET', `/sites/${id}`)).document;
  const home = async () => (await document()).pages[0]!;
  const textOf = async (section: string, path: string): Promise<Text> => textAt(await document(), { section, path })!;
  /** All that was done is saved: what was typed in the window comes to the page around it a moment later. */
  const saved = async () => {
    await page.waitForTimeout(300);
    await page.waitForFunction(() =>
      /^Saved/.test(globalThis.document.querySelector('.foot .state')?.textContent ?? ''),
    );
  };

  beforeAll(async () => {
    test = await stackForTests();
    browser = await openBrowser();
  });
  afterAll(async () => {
    await browser?.close();
    await test?.end();
  });

  /** Opens the pages of a site of its own. */
  async function open(width: number): Promise<void> {
    ({ id } = await test.api.call<{ id: string }>('POST', '/sites', FACTS));
    const operation = writeVersion((await document()).facts, 1);
    await test.api.call('POST', `/sites/${id}/operations`, { operation });
    context = await browser.newContext({
      viewport: { width, height: width < 500 ? 844 : 800 },
      hasTouch: width < 500,
      permissions: ['clipboard-read', 'clipboard-write'],
    });
    page = await context.newPage();
    page.setDefaultTimeout(30_000);
    page.on('pageerror', (e) => troubles.push(e.message));
    await page.goto(test.stack.url);
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('h1:has-text("Today")');
    await page.goto(`${test.stack.url}/sites/${id}/pages`);
    if (width < 500) await page.click('.switch button:nth-child(2)');
    await frame().locator('h1').waitFor();
    await page.waitForFunction(() => globalThis.document.querySelectorAll('.tag').length > 3);
  }
  afterEach(async () => {
    await context?.close();
    expect(troubles.splice(0)).toEqual([]);
  });
  const frame = () => page.frameLocator('tp-window iframe');

  /** Presses something in the window, which is drawn to scale. */
  async function press(part: string, touch = false): Promise<void> {
    // What moves under the pointer just then is pressed once more, as a person would.
    for (let n = 0; ; n++) {
      await pressOnce(part, touch);
      const written = frame().locator(`[data-part="${part}"][contenteditable=true]`);
      try {
        return await written.waitFor({ timeout: n < 2 ? 4000 : 30_000 });
      } catch (error) {
        if (n >= 2) throw error;
      }
    }
  }
  async function pressOnce(part: string, touch: boolean): Promise<void> {
    const element = await page.$('tp-window iframe');
    const inside = (await element!.contentFrame())!;
    const place = await inside.evaluate((selector) => {
      const all = Array.from(globalThis.document.querySelectorAll(selector));
      const found = all.find((e) => e.checkVisibility())!;
      found.scrollIntoView({ block: 'center' });
      const { x, y, width, height } = found.getBoundingClientRect();
      return { x: x + width / 2, y: y + height / 2 };
    }, `[data-part="${part}"]`);
    const { left, top, scale } = await element!.evaluate((e) => {
      const box = e.getBoundingClientRect();
      return { left: box.x, top: box.y, scale: box.width / (e as HTMLElement).offsetWidth };
    });
    const [x, y] = [left + place.x * scale, top + place.y * scale];
    await (touch ? page.touchscreen.tap(x, y) : page.mouse.click(x, y));
  }
  /** Presses a button of the layout of a section, once more where the page moved it away under the pointer just then. */
  async function layOut(words: string, done: () => Promise<boolean>): Promise<void> {
    for (let n = 0; ; n++) {
      await page.click(`tp-section-layout >> text=${words}`, { timeout: 10_000 }).catch(() => undefined);
      try {
        return void (await until(words, done, n < 2 ? 6 : 60));
      } catch (error) {
        if (n < 2) continue;
        const seen = await page.locator('tp-section-layout, .foot, .said-note, .ruler output').allInnerTexts();
        throw new Error(`${(error as Error).message}; what stands there: ${JSON.stringify(seen)}`);
      }
    }
  }
  /** Waits until something has the keys; says what has them where it never does. */
  const hasKeys = async (selector: string, when = '') => {
    try {
      await until(selector, () => page.locator(`${selector}:focus`).isVisible(), 30);
    } catch {
      const has = await page.evaluate(() => globalThis.document.activeElement?.outerHTML.slice(0, 200));
      throw new Error(`${selector} has not the keys ${when}, but ${has}`);
    }
  };
  const html = (part: string) => frame().locator(`[data-part="${part}"]`).first().innerHTML();

  it('is written in where it stands: set off, linked, kept, undone, and on the site as it was written', async () => {
    await open(1280);
    const [first] = (await home()).sections;
    const part = `${first!.id}/heading`;
    const before = await textOf(first!.id, 'heading');
    const box = () => frame().locator(`[data-part="${part}"]`).first().boundingBox();
    const still = await box();
    await press(part);
    // Nothing on the page moves because somebody begins to write.
    expect(await box()).toEqual(still);
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Rope laid by hand');
    await page.keyboard.press('Control+Shift+ArrowLeft');
    // The editor hears of a selection made with keys a moment later.
    await page.waitForTimeout(100);
    await page.keyboard.press('Control+i');
    expect(await html(part)).toBe('Rope laid by <em>hand</em>');
    await page.click('.tools >> text=Link');
    await page.fill('#link-to', 'contact');
    await page.keyboard.press('Enter');
    await until('the link', async () => /<a [^>]*><em>hand<\/em><\/a>/.test(await html(part)));
    await page.keyboard.press('Escape');
    await saved();
    const text = await textOf(first!.id, 'heading');
    expect(text).toEqual({
      value: 'Rope laid by hand',
      from: { kind: 'designer' },
      marks: [
        jasmine.objectContaining({ kind: 'link', from: 13, to: 17, target: 'page:contact' }),
        jasmine.objectContaining({ kind: 'stress', from: 13, to: 17 }),
      ],
    } as never);
    expect(renderPage(await document(), 'home', { origin: 'https://gant.example' })).toContain(
      'Rope laid by <a href="/contact/"><em>hand</em></a>',
    );
    // The field beside it follows, and what is changed there keeps what is set off.
    expect(await page.inputValue(`#t-${part.replace('/', '-')}`)).toBe('Rope laid by hand');
    await page.fill(`#t-${part.replace('/', '-')}`, 'Our rope is laid by hand');
    await saved();
    await until('the marks', async () => (await textOf(first!.id, 'heading')).marks?.[0]?.from === 20);
    await page.reload();
    await frame().locator('h1 a em').waitFor();
    for (let n = 0; n < 8 && (await textOf(first!.id, 'heading')).value !== before.value; n++) {
      await page.click('[aria-label=Undo]');
      await page.waitForTimeout(400);
    }
    expect(await textOf(first!.id, 'heading')).toEqual(before);
    await until('the window', async () => (await html(part)) === before.value);
  });

  it('takes what is pasted clean, and tells what is to confirm where it stands', async () => {
    await open(1280);
    const [first] = (await home()).sections;
    const part = `${first!.id}/lead`;
    await press(part);
    await page.keyboard.press('Control+a');
    await page.evaluate(() =>
      navigator.clipboard.write([
        new ClipboardItem({
          'text/html': new Blob(
            [
              '<p style="color:red;font-size:40px">We lay <b>rope</b></p><p onclick="x()">for <a href="javascript:x()">you</a>.</p>',
            ],
            { type: 'text/html' },
          ),
          'text/plain': new Blob(['We lay rope'], { type: 'text/plain' }),
        }),
      ]),
    );
    await frame().locator(`[data-part="${part}"]`).first().focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Control+v');
    await until('the pasted words', async () =>
      (await html(part)).startsWith('We lay <strong>rope</strong><br>for you.'),
    );
    await page.keyboard.press('Escape');
    await saved();
    expect((await textOf(first!.id, 'lead')).value).toBe('We lay rope\nfor you.');
    expect(validateDocument(await document())).toEqual([]);
    const text: Text = { value: 'Since 1850', from: { kind: 'placeholder', ask: 'Since when?' } };
    await test.api.call('POST', `/sites/${id}/operations`, {
      operation: { op: 'setText', at: { section: first!.id, path: 'lead' }, text },
    });
    await until('the claim', async () => (await html(part)) === 'Since 1850');
    await press(part);
    await page.click('.tools >> text=The client says so');
    await saved();
    expect((await textOf(first!.id, 'lead')).from).toEqual({ kind: 'client' });
  });

  it('is worked on with keys alone: walked, moved, laid in, grown, set off from the foot', async () => {
    await open(1280);
    const before = (await home()).sections.map((s) => s.id);
    await page.focus(`#tag-${before[0]}`);
    await page.keyboard.press('ArrowDown');
    await hasKeys(`#tag-${before[1]}`, 'after an arrow');
    const first = async () => (await home()).sections[0]!.id;
    await page.keyboard.press('Alt+ArrowUp');
    await until('it moves up', async () => (await first()) === before[1]);
    await page.focus(`#tag-${before[1]}`);
    await page.keyboard.press('Alt+ArrowDown');
    await until('it moves down', async () => (await first()) === before[0]);
    expect((await home()).sections.map((s) => s.id)).toEqual(before);
    await page.focus(`#tag-${before[1]}`);
    // Into the seam, and the first that can be laid in.
    const add = page.locator('.tag.on button:has-text("Add under it")');
    await add.focus();
    await page.keyboard.press('Enter');
    await page.locator('tp-section-seam .offers button').first().waitFor();
    for (const f of await axe(page)) troubles.push(`with the seam open: ${f}`);
    await page.locator('tp-section-seam .offers button').first().focus();
    await page.keyboard.press('Enter');
    await until('it is laid in', async () => (await home()).sections.length === before.length + 1);
    const now = (await home()).sections.map((s) => s.id);
    expect(now[2]).not.toBe(before[2]);
    expect(validateDocument(await document())).toEqual([]);
    await page.click('.said-note >> text=Undo');
    await until('it is taken back', async () => (await home()).sections.length === before.length);
    // Into the words, to the tools at the foot, and back with what was taken.
    const listed = (await home()).sections.find((s) => s.shape.startsWith('services/'))!;
    const tag = page.locator(`#tag-${listed.id}`);
    // While what was taken back is drawn, a tag may move out of sight, and its keys with it.
    await until('the list is in hand', async () => {
      if ((await tag.getAttribute('aria-expanded')) === 'true') return true;
      await tag.focus();
      await page.keyboard.press('Enter');
      await page.waitForTimeout(200);
      return false;
    });
    await tag.focus();
    await hasKeys(`#tag-${listed.id}`, 'to go into its words');
    await page.keyboard.press('Enter');
    await frame().locator('[contenteditable=true]').waitFor();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('What we lay');
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Alt+F10');
    await hasKeys('.tools button:has-text("Strong")');
    for (const f of await axe(page)) troubles.push(`with words in hand: ${f}`);
    await page.keyboard.press('Enter');
    await until('strong words', async () => (await html(`${listed.id}/heading`)) === '<strong>What we lay</strong>');
    await page.keyboard.press('End');
    await page.waitForTimeout(100);
    await page.keyboard.type(' here');
    await page.keyboard.press('Tab');
    await page.waitForTimeout(300);
    // The list grows where it stands; what is new is written over.
    await page.locator('.of-item button:has-text("One more under it")').focus();
    await page.keyboard.press('Enter');
    await frame().locator('[contenteditable=true]:has-text("Service")').waitFor();
    await page.keyboard.type('Rope ladders');
    await page.keyboard.press('Tab');
    await page.keyboard.type('Ash treads.');
    await page.keyboard.press('Escape');
    await hasKeys(`#tag-${listed.id}`, 'after Escape');
    await saved();
    const items = (await home()).sections.find((s) => s.id === listed.id)!.content['items'] as {
      name: Text;
      text: Text;
    }[];
    expect(items.map((i) => i.name.value)).toContain('Rope ladders');
    const grown = items.find((i) => i.name.value === 'Rope ladders')!;
    expect([grown.name.from.kind, grown.text.value]).toEqual(['designer', 'Ash treads.']);
    expect((await textOf(listed.id, 'heading')).value).toBe('What we lay here');
    expect(validateDocument(await document())).toEqual([]);
  });

  it('is put in another order by pulling a tag, and a press that pulls nowhere only takes it in hand', async () => {
    await open(1280);
    const before = (await home()).sections.map((s) => s.id);
    const order = async () => (await home()).sections.map((s) => s.id);
    const [, , third] = before;
    await page.click('.sections li:nth-child(4) > button');
    await page.waitForSelector(`.tag.on #tag-${third}`);
    await page.waitForTimeout(400);
    const margin = (await page.locator('tp-section-margin').boundingBox())!;
    const name = (await page.locator(`#tag-${third}`).boundingBox())!;
    const x = name.x + 40;
    await page.mouse.move(x, name.y + 12);
    await page.mouse.down();
    await page.mouse.move(x, name.y - 20, { steps: 4 });
    expect(await page.locator('.to-here').count()).toBe(1);
    await page.mouse.move(x, margin.y + 6, { steps: 8 });
    await page.mouse.up();
    await until('it stands further up', async () => (await order()).indexOf(third!) < 2);
    expect((await order()).sort()).toEqual([...before].sort());
    expect(await page.locator('.to-here').count()).toBe(0);
    expect(await frame().locator('[contenteditable=true]').count()).toBe(0);
    await page.click('[aria-label=Undo]');
    await until('it is back', async () => (await order()).indexOf(third!) === 2);
    expect(await order()).toEqual(before);
  });

  it('has its pictures changed where they stand', async () => {
    await open(1280);
    const pictured = (await home()).sections.find(
      (s) => (s.content['picture'] as { media?: string } | undefined)?.media,
    )!;
    const now = async () =>
      (await home()).sections.find((s) => s.id === pictured.id)!.content['picture'] as { media: string; alt: Text };
    const before = await now();
    await frame().locator(`[data-picture="${pictured.id}/picture"]`).dispatchEvent('click');
    await page.waitForSelector('[aria-label="Picture, in hand"]');
    for (const f of await axe(page)) troubles.push(`with a picture in hand: ${f}`);
    await page.fill('#picture-words', 'Rope on a drum');
    await until('its words', async () => (await now()).alt.value === 'Rope on a drum');
    await page.setInputFiles('tp-picture-foot input[type=file]', {
      name: 'drum.svg',
      mimeType: 'image/svg+xml',
      buffer: Buffer.from(
        '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 30"><rect width="40" height="30" fill="#345"/></svg>',
      ),
    });
    await until('the file', async () => (await now()).media !== before.media);
    const { media } = await document();
    expect(media.find((m) => m.kind === 'drawn')?.title).toBe('drum');
    await frame().locator(`img[data-picture="${pictured.id}/picture"][src^="data:image/svg"]`).waitFor();
    expect(validateDocument(await document())).toEqual([]);
    expect(renderPage(await document(), 'home', { origin: 'https://gant.example' })).not.toContain('data-picture');
    await page.click('.said-note >> text=Undo');
    await until('it is back', async () => (await now()).media === before.media);
    await page.click('text=Leave bare');
    await until('it is bare', async () => (await now()).media === '');
    await frame().locator(`[data-picture="${pictured.id}/picture"]`).waitFor({ state: 'detached' });
  });

  it('keeps what is written while there is no network, and when the page is left in the middle', async () => {
    await open(1280);
    const [first] = (await home()).sections;
    const part = `${first!.id}/heading`;
    await press(part);
    await context.setOffline(true);
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Written in the dark');
    await page.waitForSelector('.foot .state:has-text("Kept here")');
    expect((await textOf(first!.id, 'heading')).value).not.toBe('Written in the dark');
    await context.setOffline(false);
    await until('it is sent', async () => (await textOf(first!.id, 'heading')).value === 'Written in the dark');
    await page.keyboard.type(' and gone');
    // The window is a program of its own: what is typed in it is here a moment later, and from then on it is kept.
    const beside = page.locator(`#t-${part.replace('/', '-')}`);
    await until('it is known here', async () => (await beside.inputValue()) === 'Written in the dark and gone');
    await page.reload();
    await until(
      'the last letters',
      async () => (await textOf(first!.id, 'heading')).value === 'Written in the dark and gone',
    );
    await until('they show', async () => (await html(part)) === 'Written in the dark and gone');
  });

  it('brings in what somebody else writes into the words in hand', async () => {
    await open(1280);
    const [first] = (await home()).sections;
    const part = `${first!.id}/heading`;
    await press(part);
    await test.api.call('POST', `/sites/${id}/operations`, {
      operation: {
        op: 'setText',
        at: { section: first!.id, path: 'heading' },
        text: { value: 'Said by another', from: { kind: 'designer' } },
      },
    });
    await until('their words', async () => (await html(part)) === 'Said by another');
    await page.keyboard.press('Control+End');
    await page.keyboard.type(', and by me');
    await page.keyboard.press('Escape');
    await until(
      'the words of both',
      async () => (await textOf(first!.id, 'heading')).value === 'Said by another, and by me',
    );
    await saved();
  });

  it('is changed by asking: a slip shows what would be, and only what is taken is done', async () => {
    await open(1280);
    const before = await document();
    const [, second] = before.pages[0]!.sections;
    await page.keyboard.press('/');
    await page.keyboard.type('make the services dark, the buttons underlined and the text a bit larger');
    await page.keyboard.press('Enter');
    await page.waitForSelector('.slip h2:has-text("3 changes")');
    for (const f of await axe(page)) troubles.push(`slip: ${f}`);
    const size = () =>
      frame()
        .locator('p')
        .first()
        .evaluate((e) => getComputedStyle(e).fontSize);
    const larger = await size();
    expect((await document()).look).toEqual(before.look);
    await page.click('.slip >> text=As it is');
    await until('the page as it is', async () => (await size()) !== larger);
    await page.click('.slip >> text=With it');
    await until('the page as it would be', async () => (await size()) === larger);
    await page.locator('.slip input[type=checkbox]').nth(1).uncheck();
    await page.click('.slip >> text=Take 2 of 3');
    await until('two of them', async () => (await document()).look.base > before.look.base);
    const after = await document();
    expect(after.look.button).toBe(before.look.button);
    expect(after.pages[0]!.sections.map((s) => s.ground ?? 'plain')).not.toEqual(
      before.pages[0]!.sections.map((s) => s.ground ?? 'plain'),
    );
    await page.click('.said-note >> text=Undo');
    await until('as it was', async () => (await document()).look.base === before.look.base);
    expect(await document()).toEqual(before);

    // What is in hand is “this”; Escape leaves the slip, and the line has the keys.
    await press(`${second!.id}/heading`);
    await page.fill('#ask', 'hide this');
    await page.press('#ask', 'Enter');
    await page.waitForSelector(`#tag-${second!.id} .asked:has-text("1")`);
    await page.keyboard.press('Escape');
    await page.waitForSelector('.slip', { state: 'detached' });
    expect(await page.evaluate(() => globalThis.document.activeElement?.id)).toBe('ask');
    await page.fill('#ask', 'hide this');
    await page.keyboard.press('Enter');
    await page.waitForSelector('.slip .act:focus');
    await page.keyboard.press('Enter');
    await until('it waits', async () => (await home()).sections[1]!.hidden === true);
    expect(renderPage(await document(), 'home', { origin: 'https://gant.example' })).not.toContain('data-hidden');
    await page.click('.tag.on >> text=Show again');
    await until('it is shown', async () => (await home()).sections[1]!.hidden === undefined);
  });

  it('is looked at as it was, compared and brought back in part, and what others did stays theirs to undo', async () => {
    await open(1280);
    const [first, second] = (await home()).sections;
    const write = (section: string, value: string) =>
      test.api.call('POST', `/sites/${id}/operations`, {
        operation: { op: 'setText', at: { section, path: 'heading' }, text: { value, from: { kind: 'designer' } } },
      });
    const was = { first: await textOf(first!.id, 'heading'), second: await textOf(second!.id, 'heading') };
    await write(first!.id, 'A later heading');
    await write(second!.id, 'Another later heading');
    await page.click('.views >> text=History');
    await page.waitForSelector('.trail li >> text=Another later heading');
    await page.locator('.trail li').nth(2).locator('button').click();
    await until('the site then', async () => (await frame().locator('h1').textContent())!.includes(was.first.value));
    await page.waitForSelector('h3:has-text("Different from now: 2 changes")');
    for (const f of await axe(page)) troubles.push(`history: ${f}`);
    await page.fill('#point-name', 'Shown to the client');
    await page.press('#point-name', 'Enter');
    await page.waitForSelector('.trail [aria-current] >> text=Shown to the client');
    // By keys alone: the handle goes a step on.
    await page.focus('tp-points-line input');
    await page.keyboard.press('ArrowRight');
    await page.waitForSelector('h3:has-text("Different from now: 1 change")');
    await page.keyboard.press('ArrowLeft');
    await page.click('button:text-is("Compare")');
    await page.waitForSelector('h3:has-text("Between the two: 2 changes")');
    expect(await page.locator('.points tp-window').count()).toBe(2);
    for (const f of await axe(page)) troubles.push(`two points: ${f}`);
    await page.click('button:text-is("Compare")');
    await page.click('text=Bring back');
    await page.waitForSelector('.slip h2:has-text("2 changes")');
    await page.locator('.slip li', { hasText: 'A later heading' }).locator('input').uncheck();
    await page.click('.slip >> text=Take 1 of 2');
    await until('one section as it was', async () => (await textOf(second!.id, 'heading')).value === was.second.value);
    expect(await textOf(second!.id, 'heading')).toEqual(was.second);
    expect((await textOf(first!.id, 'heading')).value).toBe('A later heading');
    await page.click('.foot [aria-label=Undo]');
    await until('taken back', async () => (await textOf(second!.id, 'heading')).value === 'Another later heading');
  });

  it('is laid out otherwise on phones alone, which the wide page shows nothing of', async () => {
    await open(1280);
    const [, second] = (await home()).sections;
    await press(`${second!.id}/heading`);
    await page.keyboard.press('Escape');
    const size = () =>
      frame()
        .locator(`[data-part="${second!.id}/heading"]`)
        .first()
        .evaluate((e) => parseFloat(getComputedStyle(e).fontSize));
    const wide = await size();
    await page.click('.tag.on >> text=Lay out');
    await page.click('.window-bar >> text=Phone');
    await until('a phone', async () => (await page.textContent('.ruler output')) === '390 px');
    await until('the page of a phone', async () => (await size()) < wide);
    const phone = await size();
    await page.click('tp-section-layout >> text=Phones only');
    for (const f of await axe(page)) troubles.push(`laid out: ${f}`);
    await page.locator('tp-section-layout label', { hasText: 'Size' }).locator('select').selectOption('larger');
    await until('larger words', async () => (await size()) > phone);
    await until('saved', async () => (await home()).sections[1]!.on?.phone?.size === 'larger');
    expect(await page.textContent(`#tag-${second!.id}`)).toContain('phone: size larger');
    await page.click('.window-bar >> text=Wide');
    await until('the wide page as it was', async () => (await size()) === wide);
    // Any width, by the keys of the ruler.
    await page.focus('.ruler input');
    for (let n = 0; n < 5; n++) await page.keyboard.press('ArrowLeft');
    await until('1270 px', async () => (await page.textContent('.ruler output')) === '1270 px');
    await page.click('.window-bar >> text=Phone');
    await until('a phone again', async () => (await page.textContent('.ruler output')) === '390 px');
    const onPhones = async () => (await home()).sections[1]!.on;
    await layOut('Hide it here', async () => (await onPhones())?.phone?.hidden === true);
    await layOut('Give it up', async () => (await onPhones()) === undefined);
    // The edge of the page, pulled.
    const edge = (await page.locator('.window-stage .edge').boundingBox())!;
    await page.mouse.move(edge.x + 6, edge.y + 200);
    await page.mouse.down();
    await page.mouse.move(edge.x + 86, edge.y + 200, { steps: 4 });
    await page.mouse.up();
    const pulled = (await page.textContent('.ruler output'))!;
    expect(parseInt(pulled, 10)).toBeGreaterThan(500);
  });

  it('has an outline in step with it, and a header of one page alone', async () => {
    await open(1280);
    const before = await document();
    await press(`${before.pages[0]!.sections[0]!.id}/heading`);
    await page.keyboard.press('Escape');
    // The tag over the one in hand.
    await page.waitForSelector('.tag .name:focus');
    await page.keyboard.press('ArrowUp');
    await page.click('.tag.on >> text=Menu');
    await page.waitForSelector('tp-outline');
    for (const f of await axe(page)) troubles.push(`outline: ${f}`);
    const other = before.pages.find((p) => p.id === 'services')!;
    const name = page.locator(`tp-outline input[aria-label="Name of the page ${other.label}"]`);
    await name.focus();
    await until('the page is open', async () => (await page.inputValue('.window-bar select')) === 'services');
    await name.fill('The long walk');
    await page.keyboard.press('Tab');
    await until(
      'its name',
      async () => (await document()).pages.find((p) => p.id === 'services')!.label === 'The long walk',
    );
    await page.locator('tp-outline').getByLabel('In the menu').uncheck();
    const menu = async () => (await frame().locator('header nav.menu').innerText()).split('\n');
    await until('out of the menu', async () => !(await menu()).includes('The long walk'));
    await page.locator('tp-outline').getByLabel('In the menu').check();
    await until('in the menu', async () => (await menu()).includes('The long walk'));

    await page.click('#tag-header');
    await page.click('.tag.on >> text=Otherwise on this page');
    await until('its own', async () => (await document()).pages.find((p) => p.id === 'services')!.header !== undefined);
    await page.click('.tag.on >> text=Shape');
    await page.click('.offers button[aria-label*="no menu"]');
    await until('no menu', async () => (await frame().locator('header nav.menu').count()) === 0);
    await page.selectOption('.window-bar select', 'home');
    await until('a menu', async () => (await frame().locator('header nav.menu').count()) === 1);
    await page.selectOption('.window-bar select', 'services');
    const own = (await document()).pages.find((p) => p.id === 'services')!.header!;
    await page.click(`#tag-${own.id}`);
    await page.click('.tag.on >> text=As on every page');
    await until(
      'given up',
      async () => (await document()).pages.find((p) => p.id === 'services')!.header === undefined,
    );
    expect((await document()).header).toEqual(before.header);
  });

  it('has sections put by for other sites, and lays in those of others with their words or its own', async () => {
    await open(1280);
    const [, second] = (await home()).sections;
    await press(`${second!.id}/heading`);
    await page.keyboard.press('Escape');
    await page.click('.tag.on >> text=Keep');
    await page.waitForSelector('.said-note:has-text("is kept")');
    await context.close();

    await open(1280);
    const before = await home();
    await press(`${before.sections[0]!.id}/heading`);
    await page.keyboard.press('Escape');
    await page.click('.tag.on >> text=Add under it');
    await page.waitForSelector('.offers .kept >> text=kept from Gant & Sons');
    for (const f of await axe(page)) troubles.push(`kept: ${f}`);
    await page.click('.offers .kept >> text=With its words');
    await until('laid in', async () => (await home()).sections.length === before.sections.length + 1);
    const laid = (await home()).sections[1]!;
    expect(laid.shape).toBe(second!.shape);
    expect(validateDocument(await document())).toEqual([]);
    await page.click('.said-note >> text=Undo');
    await until('taken back', async () => (await home()).sections.length === before.sections.length);
    await press(`${before.sections[0]!.id}/heading`);
    await page.keyboard.press('Escape');
    // Forgotten, it is offered nowhere any more; somebody else’s never was.
    await page.click('.tag.on >> text=Add under it');
    await page.click('.offers .kept >> text=Forget it');
    await page.waitForSelector('.offers .kept', { state: 'detached' });
    expect((await test.api.call<{ sections: unknown[] }>('GET', '/kept-sections')).sections).toEqual([]);
  });

  it('says plainly what was not understood, keeps the words, and loses nothing when the session has ended', async () => {
    await open(390);
    await page.fill('#ask', 'wobble the flagpole');
    await page.press('#ask', 'Enter');
    await page.waitForSelector('.slip >> text=Not understood');
    expect(await page.inputValue('#ask')).toBe('wobble the flagpole');
    expect(await overflows(page)).toBeFalse();
    for (const f of await axe(page)) troubles.push(`slip on a phone: ${f}`);
    const cookies = await context.cookies();
    await context.clearCookies();
    await page.fill('#ask', 'phone is 01632 960 777');
    await page.press('#ask', 'Enter');
    await page.click('.slip >> text=Take it');
    await page.waitForSelector('.foot .state:has-text("Kept here")');
    await context.addCookies(cookies);
    await page.reload();
    await until('it is sent', async () => (await document()).facts.phone === '01632 960 777');
  });

  it('is made by hand from rows of pieces, which stand where they are put and have pictures, with keys alone', async () => {
    await open(1280);
    const before = (await home()).sections.map((s) => s.id);
    const made = async () => (await home()).sections[1]!;
    const pieces = async () =>
      (await made()).content['items'] as { id: string; place: string; as: string; picture: { media: string } }[];
    await page.focus(`#tag-${before[0]}`);
    await page.keyboard.press('Enter');
    await page.locator('.tag.on button:has-text("Add under it")').press('Enter');
    await page.locator('tp-section-seam .offers button:has-text("Rows by hand")').press('Enter');
    await until('it is laid in', async () => (await made()).shape.startsWith('rows/'));
    const { id: section } = await made();
    const [first, second] = await pieces();
    await press(`${section}/items.${second!.id}.text`);
    // What stands first stands beside nothing; the second can begin a row.
    await page.getByLabel('After the last').selectOption('row');
    await until('a row of its own', async () => (await pieces())[1]!.place === 'row');
    await until('two rows', async () => (await frame().locator('.hand-row').count()) === 2);
    await page.locator('.tag.on button:has-text("Parts of it")').press('Enter');
    // By its key: the panel moves with its piece while the page is laid out anew.
    await page.getByLabel('Picture', { exact: true }).press('Space');
    await until('a picture', async () => (await pieces())[1]!.picture.media !== '');
    await frame().locator('.hand-row').nth(1).locator('.pic').first().waitFor();
    await page.getByLabel('It is').selectOption('quote');
    await until('a quote', async () => (await pieces())[1]!.as === 'quote');
    for (const f of await axe(page)) troubles.push(`with a piece in hand: ${f}`);
    await page.locator('.of-item button:has-text("One more under it")').press('Enter');
    await until('four pieces', async () => (await pieces()).length === 4);
    await press(`${section}/items.${first!.id}.text`);
    expect(await page.getByLabel('After the last').count()).toBe(0);
    expect(validateDocument(await document())).toEqual([]);
    for (let n = 0; n < 12 && (await home()).sections.length > before.length; n++) {
      await page.click('[aria-label=Undo]');
      await page.waitForTimeout(300);
    }
    expect((await home()).sections.map((s) => s.id)).toEqual(before);
  });

  it('has what nobody has said underlined while it is written, which takes the keys from nothing', async () => {
    await open(1280);
    const [first] = (await home()).sections;
    await press(`${first!.id}/heading`);
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Rope since 1847');
    await page.keyboard.press('Alt+F10');
    await page.waitForSelector('.tools .chip:has-text("Nobody has said: 1847")');
    expect(await frame().locator('.doubt').allTextContents()).toEqual(['1847']);
    await hasKeys('.tools button:has-text("Strong")');
    await page.click('.tools >> text=The client says so');
    await until('it is vouched for', async () => (await textOf(first!.id, 'heading')).from.kind === 'client');
    await until('nothing is underlined', async () => (await frame().locator('.doubt').count()) === 0);
    await saved();
    expect(renderPage(await document(), 'home', { origin: 'https://gant.example' })).not.toContain('doubt');
  });

  it('has a picture brought, cut for its place where it stands, and put back as it was', async () => {
    await open(1280);
    const place = picturePlaces(await document()).find((p) => p.page?.id === 'home' && p.picture.media)!;
    const { section, path } = place.at;
    const media = async () => pictureAt(await document(), place.at)!.media;
    const before = await media();
    const image = frame().locator(`[data-picture="${section}/${path}"]`).first();
    await image.scrollIntoViewIfNeeded();
    await image.click();
    const bytes = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#406a70' } })
      .jpeg()
      .toBuffer();
    await page.setInputFiles('.tools input[type=file]', {
      name: 'The walk.jpg',
      mimeType: 'image/jpeg',
      buffer: bytes,
    });
    await until('it is there', async () => (await media()) === 'the-walk');
    await page.locator('.tools button:has-text("Cut it for here")').press('Enter');
    await page.click('tp-retouch-panel >> text=1 : 1');
    await page.waitForSelector('.cropper-crop-box');
    for (const f of await axe(page)) troubles.push(`a picture cut on its page: ${f}`);
    await page.click('tp-retouch-panel >> text=Leave it');
    await frame().locator('h1').waitFor();
    expect(await media()).toBe('the-walk');
    await page.locator('.tools button:has-text("Cut it for here")').press('Enter');
    await page.click('tp-retouch-panel >> text=1 : 1');
    await page.click('tp-retouch-panel .act');
    await until('the square', async () => (await media()) === 'the-walk-cut');
    await frame().locator('img.of-the-walk-cut').first().waitFor();
    const cut = (await document()).media.find((m) => m.id === 'the-walk-cut')!;
    expect(cut.kind === 'file' && [cut.width === cut.height, cut.cutFrom]).toEqual([true, 'the-walk']);
    for (let n = 0; n < 8 && (await media()) !== before; n++) {
      await page.click('[aria-label=Undo]');
      await page.waitForTimeout(300);
    }
    expect(await media()).toBe(before);
  });

  it('has a button that leads to a file, and the words of a section worked over where they stand', async () => {
    await open(1280);
    const [first] = (await home()).sections;
    const part = `${first!.id}/action`;
    const button = async () => (await textOf(first!.id, 'action')) as Text & { to?: string };
    await press(part);
    await page.locator('.tools .leads').press('Enter');
    const file = (name: string, bytes: Uint8Array) =>
      page.setInputFiles('tp-link-field input[type=file]', {
        name,
        mimeType: 'application/octet-stream',
        buffer: Buffer.from(bytes),
      });
    await file('list.html', Buffer.from('<script>1</script>'));
    await page.waitForSelector('#link-fault:has-text("ends in one of these")');
    for (const f of await axe(page)) troubles.push(`with a file refused: ${f}`);
    await file('What we lay.pdf', pdf(['Mooring ropes, fenders']));
    await until('it leads there', async () => (await button()).to === 'file:what-we-lay');
    await page.waitForSelector('.tools .leads:has-text("Leads to What we lay (PDF")');
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Take the list');
    await page.keyboard.press('Escape');
    await saved();
    const [words, html] = [await button(), renderPage(await document(), 'home', { origin: 'https://gant.example' })];
    expect([words.value, words.to]).toEqual(['Take the list', 'file:what-we-lay']);
    expect(html).toContain('href="/files/what-we-lay.pdf"');
    // A slip like any other: nothing is done before it is taken.
    const [before] = (await home()).sections;
    await page.selectOption('.tag.on select[aria-label^="Work the words"]', 'another');
    await page.waitForSelector('.slip');
    expect((await home()).sections[0]).toEqual(before!);
    await page.click('.slip button:has-text("Take ")');
    await until('it is done', async () => JSON.stringify((await home()).sections[0]) !== JSON.stringify(before));
    // Where the button leads is none of the words.
    expect((await button()).to).toBe('file:what-we-lay');
  });

  it('has a section that is one and the same on several pages: written once, and taken back once', async () => {
    await open(1280);
    const [, second] = (await home()).sections;
    const everywhere = async () =>
      (await document()).pages.flatMap((p) => p.sections.filter((s) => s.twin !== undefined).map((s) => ({ p, s })));
    const says = async () => [
      ...new Set((await everywhere()).map(({ s }) => (s.content['heading'] as { value: string }).value)),
    ];
    await press(`${second!.id}/heading`);
    await page.keyboard.press('Escape');
    await page.selectOption('tp-section-twins select[aria-label*="other pages"]', '*');
    await until('it is on every page', async () => (await everywhere()).length === (await document()).pages.length);
    const [before] = await says();
    for (const f of await axe(page)) troubles.push(`a section on several pages: ${f}`);
    await press(`${second!.id}/heading`);
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Rope for every page');
    await page.keyboard.press('Escape');
    await saved();
    expect(await says()).toEqual(['Rope for every page']);
    // On another page it is what was written, and what is written there is written here.
    const there = (await everywhere()).find(({ p }) => p.id !== 'home')!;
    await page.selectOption('[aria-label="Page in the window"]', there.p.id);
    await frame().locator(`[data-section="${there.s.id}"]`).waitFor();
    await press(`${there.s.id}/heading`);
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Rope for all');
    await page.keyboard.press('Escape');
    await saved();
    expect(await says()).toEqual(['Rope for all']);
    for (let n = 0; n < 6 && (await says())[0] !== before; n++) {
      await page.click('[aria-label=Undo]');
      await page.waitForTimeout(400);
    }
    expect(await says()).toEqual([before!]);
    expect(validateDocument(await document())).toEqual([]);
  });

  it('takes a picture along with what is asked, a film in its place, another picture on phones, and a page on hold', async () => {
    await open(1280);
    const jpeg = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#6a8f7a' } })
      .jpeg()
      .toBuffer();
    const place = picturePlaces(await document()).find((p) => p.page?.id === 'home')!;
    const picture = async () => pictureAt(await document(), place.at)!;
    await page.setInputFiles('tp-ask-line input[type=file]', {
      name: 'slip.jpg',
      mimeType: 'image/jpeg',
      buffer: jpeg,
    });
    await page.waitForSelector('tp-ask-line .given:has-text("slip")');
    for (const f of await axe(page)) troubles.push(`with a picture given along: ${f}`);
    await page.fill('#ask', 'use this at the top');
    await page.press('#ask', 'Enter');
    await page.waitForSelector('.slip button:has-text("Take it")');
    expect((await document()).media.some((m) => m.id === 'slip')).toBeFalse();
    await page.click('.slip button:has-text("Take it")');
    await until('it is at the top', async () => (await picture()).media === 'slip');
    await page.waitForSelector('tp-ask-line .given', { state: 'detached' });

    await frame().locator(`[data-picture="${place.at.section}/${place.at.path}"]`).dispatchEvent('click');
    await page.setInputFiles('tp-film-part input[accept=".mp4,.webm"]', {
      name: 'The launch.mp4',
      mimeType: 'video/mp4',
      buffer: Buffer.from('\0\0\0\u0018ftypmp42\0\0\0\0', 'latin1'),
    });
    await until('the film is there', async () => (await picture()).film?.file === 'file:the-launch');
    const html = () => document().then((d) => renderPage(d, 'home', { origin: 'https://gant.example' })!);
    expect(await html()).toContain('src="/files/the-launch.mp4"');
    for (const f of await axe(page)) troubles.push(`with a film: ${f}`);
    await page.selectOption('tp-film-part select', 'none');
    await until('it is gone', async () => (await picture()).film === undefined);

    await page.click('tp-window >> text=Phone');
    await page.getByLabel('Phones only').check();
    const other = (await document()).media.find((m) => m.id !== 'slip')!;
    await page.selectOption('[aria-label="Another picture of the site"]', other.id);
    await until('phones have another', async () => (await picture()).on?.phone === other.id);
    expect((await picture()).media).toBe('slip');
    expect(await html()).toContain('media="(max-width: 35.99rem)"');
    await page.click('text=As elsewhere');
    await until('it is given up', async () => (await picture()).on === undefined);

    await page.click('text=Outline');
    await page.locator('tp-outline').getByLabel('On hold').check();
    await page.fill('tp-outline [aria-label^="What visitors of"]', 'Back when the tar is dry.');
    await saved();
    expect(await html()).toContain('Back when the tar is dry.');
    expect(await html()).toContain('noindex');
    for (const f of await axe(page)) troubles.push(`with a page on hold: ${f}`);
  });

  it('puts to the outside service what it did not understand, and takes of it what fits', async () => {
    await open(1280);
    const [, second] = (await home()).sections;
    await press(`${second!.id}/heading`);
    await page.keyboard.press('Escape');
    await page.fill('#ask', 'let it breathe a little');
    await page.press('#ask', 'Enter');
    await page.waitForSelector('.slip:has-text("Not understood")');
    await page.click('.slip button:has-text("Ask ")');
    await page.waitForSelector('.slip:has-text("More room around it")');
    for (const f of await axe(page)) troubles.push(`with what the service proposes: ${f}`);
    expect((await home()).sections[1]!.room).toBeUndefined();
    await page.click('.slip button:has-text("Take it")');
    await until('it has room', async () => (await home()).sections[1]!.room === 'wide');
    expect((await test.api.call<{ spent: { answers: number }[] }>('GET', `/sites/${id}/writing`)).spent.length).toBe(1);
  });

  it('is worked on by touch on a phone', async () => {
    await open(390);
    const [first] = (await home()).sections;
    const part = `${first!.id}/heading`;
    await press(part, true);
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Rope');
    await page.locator('.tools >> text=Strong').tap();
    expect(await overflows(page)).toBeFalse();
    for (const f of await axe(page)) troubles.push(`on a phone: ${f}`);
    await page.locator('.tag.on button:has-text("Down")').tap();
    await until('it moves', async () => (await home()).sections[1]!.id === first!.id);
    expect((await textOf(first!.id, 'heading')).value).toBe('Rope');
    await page.locator('.tag.on button:has-text("Shape")').tap();
    await page.locator('tp-section-seam .offers button[aria-pressed=false]').first().tap();
    await until('the other shape', async () => (await home()).sections[1]!.shape !== first!.shape);
    expect((await textOf(first!.id, 'heading')).value).toBe('Rope');
  });
});
