import { newCollection, writeVersion } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import type { Browser, BrowserContext, Locator, Page } from 'playwright-core';
import { readFileSync } from 'node:fs';
import { unzipSync } from 'fflate';
import { Secret, TOTP } from 'otpauth';
import sharp from 'sharp';
import { axe, openBrowser, overflows } from './support/browser.js';
import { MAIL, PASSWORD, stackForTests, until } from './support/stack-for-tests.js';

const DESK = ['', 'pages', 'pages/home', 'pages/home/list', 'post', 'us', 'us/hours', 'us/prices', 'me', 'see'];
const FACTS = (name: string) => ({
  name,
  trade: 'boatbuilder',
  place: 'Saltmarrow',
  strapline: 'Wooden boats, mended as they were built.',
  phone: '01632 960 118',
  mail: 'yard@hollisandwren.example',
  address: 'The Old Slip, Saltmarrow',
  hours: 'Monday to Friday 8.00–17.00\nSaturday 9.00–12.00',
  description: 'We are a small yard at the top of the old slip. Three of us mend wooden boats up to forty feet.',
  services: [
    { id: 'v1', name: 'Planking', detail: 'Oak and larch, cut here', price: 'from £90' },
    { id: 'v2', name: 'Winter storage', detail: 'Under cover, on chocks', price: '£14 a foot' },
    { id: 'v3', name: 'Caulking', detail: '', price: '' },
  ],
});

/** A photograph as a phone gives it: lying on its side, and saying so. */
const photo = (colour = '#7a4a2a') =>
  sharp({ create: { width: 1200, height: 1600, channels: 3, background: colour } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

/** The client at their desk on a phone, and the designer who is at work on the same site. */
describe('The client’s desk, in the browser', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let browser: Browser;
  let phone: BrowserContext;
  let page: Page;
  let designer: Page;
  let site: string;
  let other: string;
  let origin: string;
  const troubles: string[] = [];
  const documentOf = async () => (await test.api.call<{ document: SiteDocument }>('GET', `/sites/${site}`)).document;
  const inviteOf = async (name: string, role: string, of = site) =>
    (
      await test.api.call<{ link: string }>('POST', `/sites/${of}/people`, {
        name,
        mail: `${name.toLowerCase()}@hollisandwren.example`,
        role,
      })
    ).link;
  /** A page as a visitor reads it. */
  const visitorReads = async (path: string): Promise<string> => {
    const visitor = await phone.newPage();
    await visitor.goto(`${origin}${path}`);
    const text = await visitor.innerText('body');
    await visitor.close();
    return text;
  };
  const visitorWrites = async (name: string, mail: string, words: string) => {
    const visitor = await phone.newPage();
    await visitor.goto(`${origin}/contact/`);
    await visitor.fill('[name=name]', name);
    await visitor.fill('[name=mail], [name=email]', mail);
    await visitor.fill('textarea', words);
    await visitor.locator('form button').click();
    await visitor.waitForURL(/sent/);
    await visitor.close();
  };
  const desk = (path = '') => page.goto(`${origin}/-/desk/${path}`);
  /** A field says something, as soon as it is drawn. */
  const reads = (field: Locator, value: string) =>
    until(`a field says “${value}”`, async () => (await field.inputValue()) === value, 10);
  const tray = () => page.locator('.tray');
  const putUp = async () => {
    await tray().getByRole('button', { name: 'Put it up' }).click();
    await page.waitForSelector('.tray.done');
  };
  const letters = async () =>
    (
      (await (await fetch(`http://${test.stack.facts.net}.34:8034/letters`)).json()) as {
        letters: { to: string[]; from: string; replyTo: string; subject: string; text: string }[];
      }
    ).letters;
  const faults = async (where: string) => {
    for (const f of await axe(page)) troubles.push(`${where}: ${f}`);
    if (await overflows(page)) troubles.push(`${where}: goes over the edge`);
  };

  async function madeSite(name: string): Promise<string> {
    const { id } = await test.api.call<{ id: string }>('POST', '/sites', FACTS(name));
    const { document } = await test.api.call<{ document: SiteDocument }>('GET', `/sites/${id}`);
    await test.api.call('POST', `/sites/${id}/operations`, { operation: writeVersion(document.facts, 3) });
    await test.api.call('PUT', `/sites/${id}/server`, { server: 'quay' });
    await test.api.job(id, 'deploy');
    await test.api.call('PUT', `/sites/${id}/open`, { open: true });
    return id;
  }

  beforeAll(async () => {
    test = await stackForTests();
    browser = await openBrowser();
    site = await madeSite('Hollis & Wren');
    other = await madeSite('Marrow Chandlery');
    phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, locale: 'en-GB' });
    page = await phone.newPage();
    page.on('pageerror', (e) => troubles.push(`page error: ${e.message}`));
    page.on('console', (m) => {
      // A refusal is told as one by the browser; the desk tells it in words.
      if (m.type() === 'error' && !/status of 4\d\d|ERR_INTERNET_DISCONNECTED/.test(m.text()))
        troubles.push(`console: ${m.text()}`);
    });
    page.setDefaultTimeout(20_000);
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    designer = await context.newPage();
    designer.setDefaultTimeout(20_000);
    await designer.goto(test.stack.url);
    await designer.fill('#mail', MAIL);
    await designer.fill('#password', PASSWORD);
    await designer.click('button.act');
    await designer.waitForSelector('h1:has-text("Today")');
  });
  afterAll(async () => {
    await browser?.close();
    await test?.end();
  });
  afterEach(() => {
    expect(troubles.splice(0)).toEqual([]);
  });

  it('is opened by a link the designer makes, once, and weighs little', async () => {
    await designer.goto(`${test.stack.url}/sites/${site}/care`);
    await designer.fill('#desk-name', 'Tom Hollis');
    await designer.getByRole('button', { name: 'Make a link' }).click();
    expect(await designer.textContent('tp-desk-people .note.brick')).toContain('mail address');
    await designer.fill('#desk-mail', 'tom@hollisandwren.example');
    await designer.getByRole('button', { name: 'Make a link' }).click();
    const link = await designer.getByLabel('The link').inputValue();
    origin = new URL(link).origin;
    expect(await designer.textContent('tp-desk-people')).toContain('Tom Hollis');

    await page.goto(link);
    await page.waitForSelector('h1:has-text("Tom")');
    expect(page.url()).toBe(`${origin}/-/desk/`);
    const bytes = await page.evaluate(() =>
      (performance.getEntries() as PerformanceResourceTiming[]).reduce((sum, e) => sum + (e.transferSize || 0), 0),
    );
    expect(bytes).toBeGreaterThan(20_000);
    expect(bytes).toBeLessThan(200_000);
    const again = await (await browser.newContext()).newPage();
    await again.goto(link);
    expect(await again.textContent('[role=alert]')).toContain('not good any more');
    await again.close();
  });

  for (const width of [390, 1280])
    it(`has nothing against it by WCAG 2.2 AA in any place, ${width} wide`, async () => {
      await page.setViewportSize({ width, height: 844 });
      for (const path of DESK) {
        await desk(path);
        await page.waitForSelector('h1');
        await page.waitForTimeout(400);
        await faults(`${path || 'today'} at ${width}`);
      }
      await page.setViewportSize({ width: 390, height: 844 });
    });

  it('leads somebody new through their first steps, and whoever asks to where it is done', async () => {
    await desk();
    await page.getByRole('heading', { name: 'First steps' }).waitFor();
    await page.getByRole('link', { name: 'See whether your hours are right' }).click();
    await page.waitForURL(/us\/hours/);
    await desk();
    await page.locator('dk-first-steps s').waitFor();
    const line = page.getByRole('searchbox', { name: 'What do you want to do?' });
    await line.fill('we close for the holidays');
    await faults('the help line');
    await page.getByRole('link', { name: 'Change when you are open' }).last().click();
    await page.waitForURL(/us\/hours/);
    await desk();
    await line.focus();
    await line.fill('winter storage');
    await page
      .getByRole('link', { name: /Change/ })
      .last()
      .waitFor();
    await page.getByRole('button', { name: 'I know my way' }).click();
    await page.getByRole('heading', { name: 'First steps' }).waitFor({ state: 'detached' });
    await page.reload();
    await line.waitFor();
    expect(await page.getByRole('heading', { name: 'First steps' }).count()).toBe(0);
  });

  it('takes other hours for some days, shows them first, puts them up, and takes them back', async () => {
    await desk();
    await page.getByRole('link', { name: 'Change when you are open' }).click();
    await page.getByRole('button', { name: 'Another day' }).click();
    await page.getByLabel('From').fill('2026-12-24');
    await page.getByLabel('To (and with)').fill('2027-01-02');
    await page.getByRole('button', { name: 'Add it' }).click();
    await reads(page.getByLabel('Holidays and what else'), '24 December to 2 January closed');
    await page.getByLabel('Saturday, opens').fill('10:00');
    await page.getByLabel('Saturday, opens').blur();
    await page.getByRole('link', { name: 'See it first' }).click();
    const frame = page.frameLocator('.see iframe');
    await frame.getByText('24 December to 2 January closed').first().waitFor();
    // It is shown, and nowhere else.
    expect(await visitorReads('/contact/')).not.toContain('24 December');
    await putUp();
    expect(await visitorReads('/contact/')).toContain('24 December to 2 January closed');
    expect(await visitorReads('/contact/')).toContain('Saturday 10.00–12.00');
    await until('it is among the drafts', async () => (await documentOf()).facts.hours.includes('24 December'), 10);
    await page.getByRole('button', { name: 'Take it back' }).first().click();
    await page.getByText('taken back').waitFor();
    expect(await visitorReads('/contact/')).not.toContain('24 December');
  });

  it('refuses times that cannot be next to the day, and keeps what was written', async () => {
    await desk('us/hours');
    await page.getByLabel('Monday, closes').fill('08:00');
    await page.getByLabel('Monday, closes').blur();
    await page.getByText('Look at the times of this day').waitFor();
    await tray().getByRole('button', { name: 'Put it up' }).click();
    await tray().getByRole('alert').waitFor();
    // Reloaded in the middle, it is all still there.
    await page.reload();
    await reads(page.getByLabel('Monday, closes'), '08:00');
    await page.getByRole('button', { name: 'Throw away' }).click();
    await reads(page.getByLabel('Monday, closes'), '17:00');
  });

  it('changes words, a price and the phone in one go, wherever they stand', async () => {
    await desk('us');
    await page.getByLabel('Phone', { exact: true }).fill('01632 960 119');
    await desk('us/prices');
    await page.getByLabel('Price').first().fill('from £95');
    await page.getByRole('button', { name: 'Another', exact: true }).click();
    // The fourth, as soon as it is there.
    await page.getByLabel('What', { exact: true }).nth(3).fill('Masts and spars');
    await desk('pages');
    await page.locator('.rows a').first().click();
    await page.getByRole('link', { name: 'As a list' }).click();
    const heading = page.getByLabel('Heading').first();
    const was = await heading.inputValue();
    await heading.fill('Wooden boats, and nothing else');
    await tray().getByText('4 changes not up yet').waitFor();
    await putUp();
    const home = await visitorReads('/');
    expect(home).toContain('Wooden boats, and nothing else');
    expect(await visitorReads('/contact/')).toContain('01632 960 119');
    expect(await visitorReads('/services/')).toContain('from £95');
    const { facts } = await until('all of it is among the drafts', async () => {
      const document = await documentOf();
      return document.facts.phone.endsWith('119') && document;
    });
    expect(facts.services.map((s) => s.name)).toContain('Masts and spars');
    // Written back to what it was, nothing waits to go up.
    await heading.fill('x');
    await heading.fill('Wooden boats, and nothing else');
    await page.locator('.tray .main').waitFor({ state: 'detached' });
    expect(was).not.toBe('');
  });

  it('shows what a visitor sent, where it is read, noted, found and erased', async () => {
    await visitorWrites('Wilma Rook', 'wilma@post.example', 'Have you a mooring for a yawl of nine metres?');
    await desk();
    await page.getByText('Wilma Rook wrote').waitFor();
    await page.getByRole('link', { name: 'Answer' }).first().click();
    await page.getByText('wilma@post.example', { exact: true }).waitFor();
    expect(await page.getByRole('link', { name: 'Answer from your own mail program' }).getAttribute('href')).toMatch(
      /^mailto:wilma%40post\.example\?subject=/,
    );
    await page.getByLabel('A note for yourselves').fill('Berth four, from May');
    await page.getByRole('button', { name: 'Keep the note' }).click();
    await page.getByLabel('Who sees to it').selectOption('Tom Hollis');
    await page.getByLabel('Labels').fill('mooring, spring');
    await page.getByLabel('Labels').blur();
    await page.locator('button.row').getByText('Tom Hollis · mooring · spring').waitFor();
    await faults('a message open');
    await page.getByLabel('Which messages').selectOption('spring');
    await page.locator('button.row').getByText('Tom Hollis · mooring · spring').waitFor();
    await page.getByLabel('Which messages').selectOption('Mine');
    await page.locator('button.row').getByText('Wilma Rook').waitFor();
    await page.getByLabel('Which messages').selectOption('All');
    await page.fill('#find', 'berth four');
    await page.keyboard.press('Enter');
    await page.getByText('Wilma Rook').first().waitFor();
    const [table] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'Save them as a table' }).click(),
    ]);
    expect(readFileSync(await table.path(), 'utf8')).toContain('Berth four, from May');
    await page.getByRole('button', { name: 'Erase all 1 for good' }).click();
    await faults('asked whether to erase what is found');
    await page.getByRole('button', { name: 'No', exact: true }).click();
    await page.fill('#find', 'nobody said this');
    await page.keyboard.press('Enter');
    await page.getByText('Nothing here says that.').waitFor();
    await page.fill('#find', '');
    await page.keyboard.press('Enter');
    await page.locator('button.row').first().click();
    if (!(await page.getByRole('button', { name: 'Erase for good' }).count()))
      await page.locator('button.row').first().click();
    // The designer has a copy of their own by then.
    await until(
      'it is in the inbox',
      async () =>
        (await test.api.call<{ messages: { fields: { name: string } }[] }>('GET', `/inbox?site=${site}`)).messages.some(
          (m) => m.fields.name === 'Wilma Rook',
        ),
      10,
    );
    await page.getByRole('button', { name: 'Erase for good' }).click();
    await page.getByRole('button', { name: 'Yes, erase it' }).click();
    await page.getByText('Nobody has written yet').waitFor();
    await until(
      'it is in the inbox of the designer no more',
      async () => (await test.api.call<{ messages: unknown[] }>('GET', `/inbox?site=${site}`)).messages.length === 0,
      15,
    );
    await page.getByLabel('How long messages are kept').selectOption('12');
    await page.getByRole('button', { name: 'Yes, erase older ones' }).click();
    await page.getByRole('button', { name: 'Yes, erase older ones' }).waitFor({ state: 'detached' });
    await page.reload();
    await reads(page.getByLabel('How long messages are kept'), '12');
  });

  it('changes tomorrow’s hours, puts up news with a photograph and answers a message, by somebody new to it', async () => {
    const begun = newCollection(await documentOf(), 'news', 'News', '2026-01-05T08:00Z');
    await test.api.call('POST', `/sites/${site}/operations`, { operation: begun });
    await test.api.job(site, 'deploy');
    await visitorWrites('Nell Farrow', 'nell@post.example', 'Do you lift on a Sunday?');
    const day = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);
    await desk();
    await page.getByRole('link', { name: 'Change when you are open' }).click();
    await page.getByRole('button', { name: 'Another day' }).click();
    await page.getByLabel('From').fill(day);
    await page.getByRole('button', { name: 'Add it' }).click();
    await putUp();

    await page.getByRole('link', { name: 'Today' }).click();
    await page.getByRole('link', { name: 'Put up some news' }).click();
    await page.getByLabel('What it is called').fill('The crane is back');
    await page.getByLabel('In a sentence or two').fill('From Monday we lift again.');
    await page.setInputFiles('.picture input', { name: 'IMG_2041.jpg', mimeType: 'image/jpeg', buffer: await photo() });
    await page.getByLabel('What is to be seen on it').fill('A crane over a brown slip');
    await faults('news with a photograph');
    // Reloaded in the middle, it is all still there.
    await page.reload();
    await reads(page.getByLabel('What is to be seen on it'), 'A crane over a brown slip');
    await page.getByRole('link', { name: 'See it first' }).click();
    const shown = page.frameLocator('.see iframe').getByAltText('A crane over a brown slip').first();
    await until('it is seen', () => shown.evaluate((img: HTMLImageElement) => img.naturalWidth > 0), 10);
    await putUp();

    await page.getByRole('link', { name: 'Post' }).click();
    await page.getByText('Nell Farrow').click();
    await page.getByLabel('Your answer').fill('We do, from nine.');
    await page.getByRole('button', { name: 'Send the answer' }).click();
    await page.getByText('Tom Hollis answered').waitFor();
    await faults('a message answered');

    const visitor = await phone.newPage();
    await visitor.goto(`${origin}/news/the-crane-is-back/`);
    const picture = visitor.getByAltText('A crane over a brown slip');
    expect(await picture.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(0);
    await visitor.close();
    expect(await visitorReads('/contact/')).toMatch(/\d+ \w+ closed/);
    const letter = await until('the answer arrives', async () =>
      (await letters()).find((l) => l.to.includes('nell@post.example')),
    );
    expect(letter.text).toContain('We do, from nine.');
    expect(letter.text).toContain('> Do you lift on a Sunday?');
    expect(letter.replyTo).toBe('yard@hollisandwren.example');
    await desk('post');
    await page.getByText('Nell Farrow').click();
    await page.getByText('· sent').waitFor();
    const { media } = await until('it is among the drafts', async () => {
      const document = await documentOf();
      return document.collections![0]!.items.length === 1 && document;
    });
    expect(media.some((m) => m.kind === 'file' && m.title === 'IMG 2041')).toBeTrue();
  });

  it('keeps what was written when the session ends or the line is cut, and goes on from there', async () => {
    await desk('me');
    await page.getByLabel('New password').fill('short');
    await page.getByRole('button', { name: 'Set a password' }).click();
    await page.getByRole('alert').waitFor();
    await page.getByLabel('New password').fill('a boat under oak');
    await page.getByRole('button', { name: 'Set a password' }).click();
    await page.getByText('The password is set.').waitFor();
    await desk('us');
    await page.getByLabel('Phone', { exact: true }).fill('01632 960 120');
    await phone.clearCookies();
    await tray().getByRole('button', { name: 'Put it up' }).click();
    await page.waitForSelector('.sign-in.over');
    await page.getByLabel('Your mail address').fill('tom@hollisandwren.example');
    await page.getByLabel('Password', { exact: true }).fill('a boat under elm');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.locator('.sign-in .bad').waitFor();
    await page.getByLabel('Password', { exact: true }).fill('a boat under oak');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForSelector('.sign-in', { state: 'detached' });
    await reads(page.getByLabel('Phone', { exact: true }), '01632 960 120');
    await phone.setOffline(true);
    await tray().getByRole('button', { name: 'Put it up' }).click();
    await page.getByText('What you have changed is kept on this device.').first().waitFor();
    await phone.setOffline(false);
    await putUp();
    expect(await visitorReads('/contact/')).toContain('01632 960 120');
  });

  it('takes a photograph for a page, also where the line is cut or the session ends in the middle', async () => {
    await desk('pages/home/list');
    const place = page.locator('dk-picture').first();
    const bring = async (name: string, colour?: string) =>
      place.locator('input').setInputFiles({ name, mimeType: 'image/jpeg', buffer: await photo(colour) });
    await place
      .locator('input')
      .setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
    await place.getByRole('alert').waitFor();
    expect(await place.getByRole('alert').textContent()).toContain('no JPEG');
    await phone.setOffline(true);
    await bring('slip.jpg');
    await place.getByText('No connection: the photograph was not sent.').waitFor();
    await phone.setOffline(false);
    await phone.clearCookies();
    await place.getByRole('button', { name: 'Try again' }).click();
    await page.waitForSelector('.sign-in.over');
    await page.getByLabel('Your mail address').fill('tom@hollisandwren.example');
    await page.getByLabel('Password', { exact: true }).fill('a boat under oak');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForSelector('.sign-in', { state: 'detached' });
    await place.getByRole('button', { name: 'Try again' }).click();
    await place.getByLabel('What is to be seen on it').fill('The slip at low water');
    await putUp();
    const visitor = await phone.newPage();
    await visitor.goto(origin);
    const picture = visitor.getByAltText('The slip at low water');
    expect(await picture.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(0);
    // Without one, the page does without.
    await desk('pages/home/list');
    await place.getByRole('button', { name: 'Do without a picture' }).click();
    await putUp();
    await visitor.reload();
    expect(await visitor.content()).not.toContain('The slip at low water');
    await visitor.close();
  });

  it('is written where it is touched: words in their place, a picture in its own, and what is elsewhere says where', async () => {
    const inPage = page.frameLocator('dk-touch iframe');
    const part = (name: string) => inPage.locator(`[data-part$="/${name}"]`).first();
    const home = (await documentOf()).pages[0]!;
    await desk('pages/home');
    await part('heading').click();
    await inPage.locator('.ProseMirror').waitFor();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('Boats of wood');
    await tray().getByText('1 change not up yet').waitFor();
    // From one to the next by key, and what was typed before is drawn as it will be.
    await page.keyboard.press('Tab');
    await inPage.locator('.ProseMirror:not(h1)').waitFor();
    await page.keyboard.press('End');
    await page.keyboard.type(' Since 1911.');
    await page.keyboard.press('Escape');
    await inPage.locator('.ProseMirror').waitFor({ state: 'detached' });
    await tray().getByText('2 changes not up yet').waitFor();
    await faults('a page that is touched');
    // Reloaded in the middle, it stands there as it was left.
    await page.reload();
    await inPage.getByRole('heading', { name: 'Boats of wood' }).waitFor();
    await inPage.getByText('Since 1911.').first().waitFor();
    // The session ends while it is written on: the words stay, and go up once it is begun again.
    await phone.clearCookies();
    await part('heading').click();
    await inPage.locator('.ProseMirror').waitFor();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('Boats of oak and larch');
    await page.waitForSelector('.sign-in.over');
    await page.getByLabel('Your mail address').fill('tom@hollisandwren.example');
    await page.getByLabel('Password', { exact: true }).fill('a boat under oak');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForSelector('.sign-in', { state: 'detached' });
    await inPage.getByText('Boats of oak and larch').waitFor();
    // The line is cut: it is said, and what is written is kept.
    await phone.setOffline(true);
    await part('heading').click();
    await page.keyboard.press('End');
    await page.keyboard.type(' only');
    await page.getByRole('alert').first().waitFor();
    await page.keyboard.press('Escape');
    await phone.setOffline(false);
    await putUp();
    const text = await visitorReads('/');
    expect(text).toContain('Since 1911.');
    expect(text).toContain('Boats of oak and larch only');
    const now = (await documentOf()).pages[0]!;
    expect(now.sections.map((s) => s.shape)).toEqual(home.sections.map((s) => s.shape));

    // A picture is chosen for the place that is touched.
    await desk('pages/home');
    await inPage.locator('[data-picture]').first().click();
    const sheet = page.locator('dk-touch .sheet');
    await sheet
      .locator('input')
      .setInputFiles({ name: 'oak.jpg', mimeType: 'image/jpeg', buffer: await photo('#446633') });
    await sheet.getByLabel('What is to be seen on it').fill('Oak, stacked to dry');
    await faults('a picture that is touched');
    await sheet.getByRole('button', { name: 'Close' }).click();
    await inPage.getByAltText('Oak, stacked to dry').waitFor();
    await putUp();
    const visitor = await phone.newPage();
    await visitor.goto(origin);
    expect(await visitor.getByAltText('Oak, stacked to dry').count()).toBe(1);
    await visitor.close();

    // What is not changed here says so, and links lead to the page they lead to, which is touched there.
    await inPage.locator('footer').getByText('Hollis').first().click();
    await page.getByText('Your designer looks after this').waitFor();
    await inPage.locator('header a[href="/contact/"]').first().click();
    await page.waitForURL(/pages\/contact$/);
    await page.getByRole('heading', { name: 'Contact', exact: true }).waitFor();
    await faults('another page that is touched');
  });

  it('is planned for a time, seen among what is to come, and let go of', async () => {
    await desk('us');
    const field = page.getByLabel('Phone', { exact: true });
    await field.waitFor();
    const was = await field.inputValue();
    await field.fill('01632 960 991');
    await tray().getByRole('button', { name: 'Choose a time for it' }).click();
    await tray().getByRole('button', { name: 'Plan it' }).click();
    await tray().getByRole('alert').waitFor();
    await page.getByLabel('When').fill('2020-01-01T10:00');
    await tray().getByRole('button', { name: 'Plan it' }).click();
    await tray().getByText('That time is over').waitFor();
    await faults('a time is chosen');
    const tomorrow = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);
    await page.getByLabel('When').fill(`${tomorrow}T09:30`);
    // The session ends just then: it is kept, and sent once it is begun again.
    const cookies = await phone.cookies();
    await phone.clearCookies();
    await tray().getByRole('button', { name: 'Plan it' }).click();
    await page.waitForSelector('.sign-in.over');
    await phone.addCookies(cookies);
    await page.reload();
    await reads(field, '01632 960 991');
    await tray().getByRole('button', { name: 'Choose a time for it' }).click();
    await page.getByLabel('When').fill(`${tomorrow}T09:30`);
    await tray().getByRole('button', { name: 'Plan it' }).click();
    await page.waitForSelector('.tray.done');
    await reads(field, was);
    await desk();
    const line = page.locator('li', { hasText: 'It goes up by itself' });
    await line.waitFor();
    expect(await line.textContent()).toMatch(/9[.:]30/);
    await faults('what is planned');
    expect(await visitorReads('/contact/')).toContain(was);
    await line.getByRole('button', { name: /^Take out/ }).click();
    await line.waitFor({ state: 'detached' });
  });

  it('is put in another order, and set off in bold, where it is touched', async () => {
    const inPage = page.frameLocator('dk-touch iframe');
    const order = async () => {
      const visitor = await phone.newPage();
      await visitor.goto(origin);
      const ids = await visitor.evaluate(() =>
        Array.from(document.querySelectorAll('main > *'), (e) => e.textContent!.trim().slice(0, 40)),
      );
      await visitor.close();
      return ids;
    };
    const before = await order();
    await desk('pages/home');
    const part = inPage.locator('main [data-section]').nth(1);
    const id = await part.getAttribute('data-section');
    // Beside its words, on the ground it stands on.
    await part.click({ position: { x: 3, y: 3 } });
    await page.getByRole('button', { name: /^Move down/ }).click();
    await tray().getByText('1 change not up yet').waitFor();
    await until(
      'it is drawn there',
      async () => (await inPage.locator('main [data-section]').nth(2).getAttribute('data-section')) === id,
      10,
    );
    await faults('a part that is moved');
    const long = inPage.locator('[data-part$="/lead"], [data-part$="/text"]').first();
    await long.click();
    await inPage.locator('.ProseMirror').waitFor();
    await page.keyboard.press('ControlOrMeta+a');
    await page.getByRole('button', { name: 'Bold' }).click();
    await inPage.locator('.ProseMirror strong').waitFor();
    await page.keyboard.press('Escape');
    await tray().getByText('2 changes not up yet').waitFor();
    await putUp();
    const after = await order();
    expect([after[1], after[2]]).toEqual([before[2], before[1]]);
    const visitor = await phone.newPage();
    await visitor.goto(origin);
    expect(await visitor.locator('main strong').count()).toBeGreaterThan(0);
    await visitor.close();
    // By keys, in the list of what is on the page.
    await desk('pages/home/list');
    const up = page
      .locator('dk-order li')
      .nth(2)
      .getByRole('button', { name: /^Move up/ });
    await up.focus();
    await page.keyboard.press('Enter');
    await putUp();
    expect(await order()).toEqual(before);
    await desk('us/prices');
    const rows = page.locator('dk-order li span');
    await rows.nth(1).waitFor();
    const names = await rows.allTextContents();
    await page.getByRole('button', { name: `Move up: ${names[1]}` }).click();
    await putUp();
    await desk('us/prices');
    await until('the prices are in that order', async () => (await rows.allTextContents())[0] === names[1], 10);
  });

  it('shows both where the designer drafted the same, and the designer decides part by part', async () => {
    const { id: section, content } = (await documentOf()).pages[0]!.sections[0]!;
    await test.api.call('POST', `/sites/${site}/operations`, {
      operation: {
        op: 'setText',
        at: { section, path: 'heading' },
        text: { ...(content['heading'] as object), value: 'Drafted by Ines', from: { kind: 'designer' } },
      },
    });
    await desk('pages/home/list');
    await page.getByLabel('Heading').first().fill('Written by Tom');
    await putUp();
    await designer.goto(`${test.stack.url}/sites/${site}/care`);
    const decision = designer.locator('tp-live-changes .note.lamp');
    await decision.waitFor();
    expect(await decision.textContent()).toContain('Written by Tom');
    expect(await decision.textContent()).toContain('Drafted by Ines');
    for (const f of await axe(designer)) troubles.push(`to decide: ${f}`);
    await expectAsync(test.api.job(site, 'deploy')).toBeRejectedWithError(/Decide in Care/);
    await decision.getByRole('radio').nth(1).check();
    await decision.getByRole('button', { name: 'So it shall be' }).click();
    await decision.waitFor({ state: 'detached' });
    await test.api.job(site, 'deploy');
    expect(await visitorReads('/')).toContain('Drafted by Ines');
    // What somebody has open meanwhile says so under its field.
    await page.getByLabel('Heading').first().fill('Tom once more');
    await tray().getByRole('button', { name: 'Put it up' }).click();
    await tray().getByRole('alert').waitFor();
    await desk('pages/home/list');
    const differs = page.locator('.differs');
    await differs.waitFor();
    expect(await differs.textContent()).toContain('Drafted by Ines');
    await differs.getByRole('button', { name: 'Leave it so' }).click();
    await reads(page.getByLabel('Heading').first(), 'Drafted by Ines');
  });

  it('does not offer what the designer keeps, refuses it all the same, and is seen by the designer as the client does', async () => {
    const lock = (name: string, locked: boolean) =>
      test.api.call('POST', `/sites/${site}/operations`, { operation: { op: 'setLock', lock: name, locked } });
    const kept = page.getByText('Your designer looks after this.');
    await desk('us');
    const phoneField = page.locator('textarea').first();
    await phoneField.waitFor();
    const was = await phoneField.inputValue();
    await phoneField.fill('01632 960 555');
    // It is locked while something was written and not put up yet.
    await lock('kind/contact', true);
    await lock('page/home', true);
    await test.api.job(site, 'deploy');
    await tray().getByRole('button', { name: 'Put it up' }).click();
    await page.locator('.tray').getByText('Your designer looks after that').waitFor();
    expect((await documentOf()).facts.phone).toBe(was);
    await desk('us');
    await kept.waitFor();
    expect(await phoneField.evaluate((f: HTMLTextAreaElement) => f.readOnly)).toBe(true);
    await page.getByRole('button', { name: 'Throw away' }).click();
    await reads(phoneField, was);
    await faults('us, locked');
    await desk('pages/home/list');
    await kept.first().waitFor();
    expect(await page.locator('dk-page textarea').count()).toBe(0);
    await faults('a page, locked');
    await desk('us/hours');
    await page.locator('input[type=time]').first().waitFor();
    expect(await kept.count()).toBe(0);

    // The designer, seeing what somebody sees who reads messages.
    const { link } = await test.api.call<{ link: string }>('POST', `/sites/${site}/desk`, { as: 'messages' });
    const looking = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const seen = await looking.newPage();
    await seen.goto(link);
    await seen.getByRole('link', { name: 'You' }).click();
    await seen.getByText('You may read the post. You are the designer').waitFor();
    expect(await seen.locator('nav a').count()).toBe(3);
    await looking.close();
    const { log } = await test.api.call<{ log: { what: string }[] }>('GET', `/sites/${site}/desk`);
    expect(log.map((l) => l.what)).toContain('Came in as the designer, with what somebody has who may read messages');
    for (const name of ['kind/contact', 'page/home']) await lock(name, false);
    await test.api.job(site, 'deploy');
  });

  it('lets those who only write ask first, and tells them what was said', async () => {
    await page.goto(await inviteOf('Wilma', 'write'));
    await page.waitForSelector('h1:has-text("Wilma")');
    await desk('us');
    await page.getByLabel('Address').fill('The New Slip, Saltmarrow');
    expect(await page.getByRole('button', { name: 'Put it up' }).count()).toBe(0);
    await page.getByLabel('A word to your designer').fill('We move in May');
    await page.getByRole('button', { name: 'Send it to them' }).click();
    await page.getByText('Your designer has it.').waitFor();
    expect(await visitorReads('/contact/')).not.toContain('New Slip');
    await designer.goto(`${test.stack.url}/sites/${site}/care`);
    const proposal = designer.locator('tp-live-changes .note.rain');
    await proposal.waitFor();
    expect(await proposal.textContent()).toContain('We move in May');
    await proposal.getByLabel('A word to Wilma').fill('In May, then.');
    await proposal.getByRole('button', { name: 'Leave it' }).click();
    await proposal.waitFor({ state: 'detached' });
    await desk();
    await page.getByText('In May, then.').waitFor();
    expect((await documentOf()).facts.address).toBe('The Old Slip, Saltmarrow');
  });

  it('writes letters: who is let in, who asks for a link, and who is to know of a message', async () => {
    const to = (mail: string, about = '') =>
      until(
        `a letter to ${mail}`,
        async () => (await letters()).find((l) => l.to.includes(mail) && l.subject.includes(about)),
        20,
      );
    await inviteOf('Ada', 'publish');
    const invitation = await to('ada@hollisandwren.example');
    expect([invitation.subject, invitation.from]).toEqual([
      'The desk of Hollis & Wren',
      '"Hollis & Wren" <post@quay.example>',
    ]);
    const linkIn = (text: string) => /http\S+#link=\S+/.exec(text)![0];
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const own = await context.newPage();
    await own.goto(linkIn(invitation.text));
    await own.waitForSelector('h1:has-text("Ada")');
    await context.clearCookies();
    const known = (await letters()).length;
    await own.goto(`${origin}/-/desk/`);
    await own.getByLabel('Your mail address').fill('nobody@hollisandwren.example');
    await own.getByRole('button', { name: 'Send me a link' }).click();
    await own.getByText('If that address is known here').waitFor();
    await own.getByLabel('Your mail address').fill('ADA@hollisandwren.example');
    await own.getByRole('button', { name: 'Send me a link' }).click();
    const again = await until('another letter', async () => (await letters()).length > known && (await letters())[0]);
    expect((await letters()).length).toBe(known + 1);
    expect(again.subject).toContain('Your link');
    await own.goto(linkIn(again.text));
    await own.reload();
    await own.waitForSelector('h1:has-text("Ada")');
    await context.close();

    // One that is taken and comes back says so where the letters of the site are.
    await test.api.call('POST', `/sites/${site}/people`, {
      ...{ name: 'Gone', mail: 'bounces-gone@post.example', role: 'messages' },
    });
    const gone = await until('the letter has come back', async () => {
      const { letters } = await test.api.call<{ letters: { to: string; state: string; error: string | null }[] }>(
        'GET',
        `/sites/${site}/desk`,
      );
      return letters.find((l) => l.to.startsWith('bounces-') && l.state === 'failed');
    });
    expect(gone.error).toContain('Nobody of that name lives here any more');

    const form = (await documentOf()).forms[0]!;
    await test.api.call('POST', `/sites/${site}/operations`, {
      operation: { op: 'setForm', form: form.id, deliverTo: 'yard@hollisandwren.example' },
    });
    await test.api.job(site, 'deploy');
    await visitorWrites('Silas', 'silas@post.example', 'Do you caulk in winter?');
    const told = await to('yard@hollisandwren.example', 'Silas');
    expect([told.subject, told.replyTo]).toEqual(['Silas wrote through Hollis & Wren', 'silas@post.example']);
    expect(told.text).toContain('Do you caulk in winter?');
    await designer.goto(`${test.stack.url}/sites/${site}/care`);
    await designer.getByText('Letters of this site').click();
    await designer.getByText('Silas wrote through Hollis & Wren').waitFor();
  });

  it('signs somebody in by a passkey, and asks for a code beside the password where they wish it', async () => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const own = await context.newPage();
    const devices = await context.newCDPSession(own);
    await devices.send('WebAuthn.enable');
    const { authenticatorId } = await devices.send('WebAuthn.addVirtualAuthenticator', {
      options: {
        protocol: 'ctap2',
        transport: 'internal',
        hasResidentKey: true,
        hasUserVerification: true,
        isUserVerified: true,
        automaticPresenceSimulation: true,
      },
    });
    const me = () => own.goto(`${origin}/-/desk/me`);
    const press = (name: string) => own.getByRole('button', { name, exact: true }).click();
    const here = () => own.getByRole('heading', { name: 'Where you are signed in' }).waitFor();
    const out = async () => {
      await press('Sign out');
      await own.waitForSelector('.sign-in');
    };
    const look = async (where: string) => {
      for (const f of await axe(own)) troubles.push(`${where}: ${f}`);
      if (await overflows(own)) troubles.push(`${where}: goes over the edge`);
    };
    await own.goto(await inviteOf('Pia', 'publish'));
    await own.waitForSelector('h1:has-text("Pia")');
    await me();
    // Without a password there is nothing a code would stand beside.
    await own.getByRole('heading', { name: 'Passkeys' }).waitFor();
    expect(await own.getByRole('button', { name: 'Set it up' }).count()).toBe(0);
    await press('Make one on this device');
    await own.getByRole('button', { name: /^Take out: / }).waitFor();
    await press('Make one on this device');
    await own.getByText('There is one of yours on this device already.').waitFor();
    await look('passkeys');
    await out();
    await own.reload();
    await press('Use a passkey');
    await here();
    // Nobody touches it: that is said, and the password is still there to be used.
    await out();
    await own.reload();
    await devices.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: false });
    await press('Use a passkey');
    await own.getByText('The browser gave no passkey.').waitFor({ timeout: 90_000 });
    await devices.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: true });
    await press('Use a passkey');
    await here();

    await own.getByLabel('New password').fill('a slip at low water');
    await press('Set a password');
    await press('Set it up');
    const totp = new TOTP({ secret: Secret.fromBase32((await own.textContent('.secret'))!.trim()) });
    await look('a code to be set up');
    await own.getByLabel('The code it shows').fill('000000');
    await press('Ask for it from now on');
    await own.getByRole('alert').waitFor();
    await own.getByLabel('The code it shows').fill(totp.generate());
    await press('Ask for it from now on');
    const spare = await own.locator('.spare li').first().textContent();
    await look('spare codes');
    await press('I have kept them');
    await own.getByText('Spare codes left: 10.').waitFor();
    await out();
    const password = async () => {
      await own.getByLabel('Your mail address').fill('pia@hollisandwren.example');
      await own.getByLabel('Password', { exact: true }).fill('a slip at low water');
      await press('Sign in');
    };
    await password();
    await own.getByLabel('The code of your app').fill('123456');
    await press('Sign in');
    await own.locator('.sign-in .bad').waitFor();
    await look('a code is asked for');
    await press('Back');
    await password();
    await own.getByLabel('The code of your app').fill(spare!.trim());
    await press('Sign in');
    await here();
    // The session ends while they look at it: nothing of it is lost.
    await context.clearCookies();
    await press('Ask for no code any more');
    await own.waitForSelector('.sign-in.over');
    await press('Use a passkey');
    await own.waitForSelector('.sign-in', { state: 'detached' });
    await press('Ask for no code any more');
    await own.getByRole('button', { name: 'Set it up' }).waitFor();
    await own.getByRole('button', { name: /^Take out: / }).click();
    await own.getByRole('button', { name: /^Take out: / }).waitFor({ state: 'detached' });
    await out();
    await own.reload();
    await own.getByLabel('Your mail address').waitFor();
    expect(await own.getByRole('button', { name: 'Use a passkey' }).count()).toBe(0);
    await context.close();
  });

  it('is somebody’s own once it is handed over: they let people in, take the site along, and give it back', async () => {
    await test.api.call('POST', `/sites/${other}/operations`, {
      operation: { op: 'setLock', lock: 'kind/hours', locked: true },
    });
    await test.api.job(other, 'deploy');
    await designer.goto(`${test.stack.url}/sites/${other}/care`);
    await designer.getByRole('button', { name: 'Hand the site over …' }).click();
    await designer.getByRole('button', { name: 'Hand the site over', exact: true }).click();
    expect(await designer.textContent('tp-hand-over [role=alert]')).toContain('Say to whom');
    const part = designer.locator('tp-hand-over');
    await part.getByLabel('Name').fill('Ysolde Marrow');
    await part.getByLabel('Mail').fill('ysolde@marrow.example');
    const hand = async (answer: string) => {
      await part.getByRole('button', { name: 'Hand the site over', exact: true }).click();
      await designer.locator('ngb-modal-window').getByRole('button', { name: answer }).click();
      await designer.locator('ngb-modal-window').waitFor({ state: 'detached' });
    };
    await hand('Leave it as it is');
    // Cut off from the server nothing is lost, and it is done once when it is sent again.
    await designer.context().setOffline(true);
    await hand('Hand over');
    await designer.locator('[role=alert], .standing').first().waitFor();
    await designer.context().setOffline(false);
    await until('the server answers again', async () => !(await designer.locator('.standing').count()), 30);
    expect(await part.getByLabel('Name').inputValue()).toBe('Ysolde Marrow');
    await hand('Hand over');
    await part.getByText('Ysolde Marrow’s').waitFor();
    const link = await designer.getByLabel('The link').inputValue();
    expect((await axe(designer)).join()).toBe('');
    const after = await test.api.call<{ document: SiteDocument }>('GET', `/sites/${other}`);
    expect(after.document.locks).toBeUndefined();

    const context = await browser.newContext({
      viewport: { width: 390, height: 844 },
      hasTouch: true,
      acceptDownloads: true,
    });
    const own = await context.newPage();
    own.setDefaultTimeout(20_000);
    const press = (name: string) => own.getByRole('button', { name, exact: true }).click();
    await own.goto(link);
    await own.waitForSelector('h1:has-text("Ysolde")');
    await own.getByRole('link', { name: 'Us', exact: true }).click();
    await own.getByRole('link', { name: 'People and the whole site' }).click();
    await own.getByText('the site is yours').waitFor();
    await own.getByLabel('Name').fill('Bram');
    await own.getByLabel('Mail').fill('bram@marrow.example');
    // The session ends while they look at it: what was written is there when they come back.
    const cookies = await context.cookies();
    await context.clearCookies();
    await press('Make a link for them');
    await own.waitForSelector('.sign-in');
    await context.addCookies(cookies);
    expect(await own.getByLabel('Name').inputValue()).toBe('Bram');
    await own.reload();
    await own.getByLabel('Name').fill('Bram');
    await own.getByLabel('Mail').fill('bram@marrow.example');
    await own.getByLabel('What they may do').selectOption({ label: 'reads messages' });
    await press('Make a link for them');
    await own.getByLabel('A link for Bram').waitFor();
    for (const f of await axe(own)) troubles.push(`people: ${f}`);
    if (await overflows(own)) troubles.push('people: goes over the edge');
    await own.getByLabel('What Bram may do').selectOption({ label: 'changes the site' });
    await own.getByText('Let Bram change the site').waitFor();
    const [file] = await Promise.all([own.waitForEvent('download'), press('Save the whole site')]);
    const held = Object.keys(unzipSync(readFileSync(await file.path())));
    for (const path of ['site.json', 'kept.jsonl.gz', 'public/index.html', 'cms/cms.mjs'])
      expect(held).toContain(`${file.suggestedFilename().replace(/\.zip$/, '')}/${path}`);
    await own.getByRole('button', { name: 'Let in no more: Bram' }).click();
    await press('Yes');
    await own.getByText('Let Bram in no more', { exact: true }).waitFor();
    await press('Give the site back');
    await press('Yes');
    await own.waitForURL(/\/us$/);
    expect(await own.getByRole('link', { name: 'People and the whole site' }).count()).toBe(0);
    await context.close();
    await designer.reload();
    await part.getByRole('button', { name: 'Hand the site over …' }).waitFor();
  });

  it('is of one site: neither its sessions nor its links open another', async () => {
    const { host } = new URL(origin);
    const elsewhere = origin.replace(host, `${other}.${host.split('.').slice(1).join('.')}`);
    const [session] = (await phone.cookies()).filter((c) => c.name === 'desk');
    const link = await inviteOf('Nobody', 'publish');
    const came = await browser.newContext();
    await came.addCookies([{ ...session!, domain: new URL(elsewhere).hostname }]);
    const stranger = await came.newPage();
    await stranger.goto(`${elsewhere}/-/desk/`);
    await stranger.waitForSelector('.sign-in');
    await stranger.goto(`${elsewhere}/-/desk/${new URL(link).hash}`);
    await stranger.reload();
    await stranger.waitForSelector('.sign-in');
    expect(await stranger.textContent('[role=alert]')).toContain('not good any more');
    await came.close();
  });
});
