import { writeVersion } from '@tin-porch/core/making';
import type { Collection, SiteDocument } from '@tin-porch/core/model';
import type { Browser, BrowserContext, Page } from 'playwright-core';
import { axe, openBrowser, overflows } from './support/browser.js';
import { MAIL, PASSWORD, stackForTests, until } from './support/stack-for-tests.js';

const FACTS = {
  name: 'Hollis & Wren',
  trade: 'boatbuilder',
  place: 'Saltmarrow',
  phone: '01632 960 118',
  mail: 'yard@hollisandwren.example',
  address: 'The Old Slip, Saltmarrow',
  description: 'We are a small yard at the top of the old slip. Three of us mend wooden boats up to forty feet.',
  services: [
    { id: 'v1', name: 'Planking', detail: 'Oak and larch, cut here', price: 'from £90' },
    { id: 'v2', name: 'Winter storage', detail: 'Under cover, on chocks', price: '£14 a foot' },
    { id: 'v3', name: 'Caulking', detail: '', price: '' },
  ],
  events: [{ id: 'e1', name: 'Open slip', when: 'first Saturday in June', place: 'The yard', detail: '' }],
};
/** The wall clock of the yard so many minutes from now, as a field takes it. */
const wallClock = (minutes: number) => {
  const parts = new Intl.DateTimeFormat('sv-SE', {
    timeZone: 'Europe/London',
    dateStyle: 'short',
    timeStyle: 'short',
  }).format(new Date(Date.now() + minutes * 60_000));
  return parts.replace(' ', 'T');
};

describe('What grows on a site, in the browser', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let browser: Browser;
  let context: BrowserContext;
  let page: Page;
  let phone: BrowserContext;
  let desk: Page;
  let site: string;
  let origin: string;
  const troubles: string[] = [];
  const documentOf = async () => (await test.api.call<{ document: SiteDocument }>('GET', `/sites/${site}`)).document;
  const collectionOf = async (kind: string) =>
    (await documentOf()).collections?.find((c) => c.kind === kind) as Collection;
  const saved = () =>
    page.waitForFunction(() => /^Saved/.test(globalThis.document.querySelector('.foot .state')?.textContent ?? ''));
  const faults = async (on: Page, where: string) => {
    for (const f of await axe(on)) troubles.push(`${where}: ${f}`);
    if (await overflows(on)) troubles.push(`${where}: goes over the edge`);
  };
  const visitorReads = async (path: string): Promise<string> => {
    const visitor = await phone.newPage();
    const answer = await visitor.goto(`${origin}${path}`);
    const text = answer?.ok() ? await visitor.innerText('body') : String(answer?.status());
    await visitor.close();
    return text;
  };
  /** What a page says, asked for by one that is open: to be asked again and again. */
  const isSaid = (path: string, words: string): Promise<boolean> =>
    desk.evaluate(
      async ([address, said]) => (await (await fetch(address!, { cache: 'no-store' })).text()).includes(said!),
      [path, words],
    );
  const frame = () => page.frameLocator('tp-window iframe');
  const openOutline = async () => {
    await page.goto(`${test.stack.url}/sites/${site}/pages`);
    await frame().locator('h1').waitFor();
    await page.getByRole('button', { name: 'Outline', exact: true }).click();
  };

  beforeAll(async () => {
    test = await stackForTests();
    browser = await openBrowser();
    ({ id: site } = await test.api.call<{ id: string }>('POST', '/sites', FACTS));
    await test.api.call('POST', `/sites/${site}/operations`, {
      operation: writeVersion((await documentOf()).facts, 3),
    });
    await test.api.call('PUT', `/sites/${site}/server`, { server: 'quay' });
    context = await browser.newContext({ viewport: { width: 1280, height: 800 }, timezoneId: 'Europe/London' });
    page = await context.newPage();
    page.setDefaultTimeout(30_000);
    phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, locale: 'en-GB' });
    desk = await phone.newPage();
    desk.setDefaultTimeout(30_000);
    for (const p of [page, desk]) p.on('pageerror', (e) => troubles.push(`page error: ${e.message}`));
    await page.goto(test.stack.url);
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('h1:has-text("Today")');
  });
  afterAll(async () => {
    await browser?.close();
    await test?.end();
  });
  afterEach(() => {
    expect(troubles.splice(0)).toEqual([]);
  });

  it('is begun from the outline, with a page of its own, and written in a table and in a form', async () => {
    await openOutline();
    await page.getByLabel('What a new collection is of').selectOption('news');
    await page.getByRole('button', { name: 'Begin it' }).click();
    await page.getByText('Nothing is in it so far.').waitFor();
    for (const title of ['The slip is mended', 'Larch has come in', 'Two places under cover']) {
      await page.getByRole('button', { name: 'New piece of news' }).click();
      await page.fill('#item-title', title);
      await page.fill('#item-text[contenteditable]', `${title}: all there is to know.`);
      await page.fill('#item-body[contenteditable]', 'We began in the first frost.\n\nIt took a week.');
      await page.fill('#item-tags', 'slip, winter');
      await page.getByRole('button', { name: 'Put it up' }).click();
      // The window shows its page.
      await frame().getByRole('heading', { name: title }).waitFor();
      await saved();
      await page.locator('#to-table').click();
    }
    await faults(page, 'the table');
    const { items } = await collectionOf('news');
    expect(items.map((i) => [i.slug, i.state, i.tags])).toEqual([
      ['the-slip-is-mended', 'up', ['slip', 'winter']],
      ['larch-has-come-in', 'up', ['slip', 'winter']],
      ['two-places-under-cover', 'up', ['slip', 'winter']],
    ]);
    // Pressed in the window, an item is in hand.
    const link = frame().getByRole('link', { name: 'Larch has come in' });
    await link.evaluate((e) => (e as HTMLElement).click());
    await page.waitForSelector('#item-title');
    expect(await page.inputValue('#item-title')).toBe('Larch has come in');
    await page.locator('#to-table').click();
    // In its cell.
    await page.getByLabel('Headline of Larch has come in').fill('Larch has come in at last');
    await saved();
    await frame().getByText('Larch has come in at last').waitFor();
    expect((await collectionOf('news')).items[1]!.title.value).toBe('Larch has come in at last');
    await page.reload();
    await openOutline();
    await page.locator('tp-outline-collections').getByRole('button', { name: 'News' }).click();
    expect(await page.getByLabel('Headline of Larch has come in at last').inputValue()).toBe(
      'Larch has come in at last',
    );
  });

  it('is found, sorted and changed many at once', async () => {
    const titles = () =>
      page.locator('tbody .title input').evaluateAll((all) => all.map((i) => (i as HTMLInputElement).value));
    await page.getByLabel('Find in News').fill('larch');
    await until('one is found', async () => (await titles()).join() === 'Larch has come in at last', 5);
    await page.getByLabel('Find in News').fill('nothing says this');
    await page.getByText('Nothing of it is like that.').waitFor();
    await page.getByLabel('Find in News').fill('');
    await page.getByRole('button', { name: 'Headline', exact: true }).click();
    await until('by name', async () => (await titles())[0] === 'Larch has come in at last', 5);
    expect(await titles()).toEqual(['Larch has come in at last', 'The slip is mended', 'Two places under cover']);
    await page.getByRole('button', { name: 'Headline', exact: true }).click();
    await until('the other way round', async () => (await titles())[0] === 'Two places under cover', 5);
    await page.getByLabel('Take Two places under cover').check();
    await page.getByLabel('Take The slip is mended').check();
    await page.getByRole('button', { name: 'Back to drafts' }).click();
    await saved();
    expect((await collectionOf('news')).items.map((i) => i.state)).toEqual(['draft', 'up', 'draft']);
    await page.getByLabel('Which of them').selectOption('draft');
    expect((await titles()).length).toBe(2);
    await page.getByLabel('Which of them').selectOption('');
    await page.getByLabel('Take all of them').check();
    await page.getByRole('button', { name: 'Put up' }).click();
    await saved();
    expect((await collectionOf('news')).items.every((i) => i.state === 'up')).toBeTrue();
    await page.getByRole('button', { name: 'Let go' }).click();
  });

  it('has fields of its own, and an address that no other has', async () => {
    await page.getByText('Pages and fields').click();
    await page.getByLabel('Name of a new field').fill('Tide');
    await page.getByLabel('What it holds').selectOption('choice');
    expect(await page.getByRole('button', { name: 'Add the field' }).isDisabled()).toBeTrue();
    await page.getByLabel('What there is to choose').fill('High, Low');
    await page.getByRole('button', { name: 'Add the field' }).click();
    await page.getByRole('button', { name: 'Open The slip is mended' }).click();
    await page.getByLabel('Tide').selectOption('High');
    await page.fill('#item-slug', 'Larch has come in');
    await page.locator('#item-slug').blur();
    await page.getByText('Another piece of news is at “larch-has-come-in”.').waitFor();
    expect(await page.inputValue('#item-slug')).toBe('the-slip-is-mended');
    await faults(page, 'an item in hand');
    await saved();
    const { fields, items } = await collectionOf('news');
    expect(fields).toEqual([{ id: 'tide', label: 'Tide', type: 'choice', choices: ['High', 'Low'] }]);
    expect(items[0]!.values['tide']).toBe('High');
    await frame().getByText('Tide: High').waitFor();
    await page.locator('#to-table').click();
    await page.getByRole('button', { name: 'Pages', exact: true }).first().click();
  });

  it('is made of what a section had of its own, and every section says what it shows', async () => {
    const before = await documentOf();
    const section = before.pages.flatMap((p) => p.sections).find((s) => s.shape.startsWith('services/'))!;
    const on = before.pages.find((p) => p.sections.includes(section))!;
    await openOutline();
    await page.getByRole('button', { name: 'Words', exact: true }).click();
    await page.locator('.bar.pages').getByRole('button', { name: on.label }).click();
    await page.locator('ul.sections > li > button', { hasText: 'List of services' }).first().click();
    await page.getByRole('button', { name: 'Make a collection of these' }).click();
    await page.getByText('3 items, 3 up').waitFor();
    await saved();
    const made = await collectionOf('services');
    expect(made.items.map((i) => i.title.value)).toEqual(['Planking', 'Winter storage', 'Caulking']);
    await frame().getByRole('link', { name: 'Planking' }).first().waitFor();
    await page.getByRole('button', { name: 'Pages', exact: true }).first().click();
    await page.getByLabel('At most').fill('2');
    await page.getByLabel('At most').blur();
    await saved();
    await until('two are shown', async () => (await frame().getByRole('link', { name: 'Caulking' }).count()) === 0, 10);
    // Taken back, all is as it was.
    for (let n = 0; n < 6 && (await documentOf()).collections?.some((c) => c.kind === 'services'); n++) {
      await page.click('[aria-label=Undo]');
      await page.waitForTimeout(400);
    }
    expect(JSON.stringify((await documentOf()).pages.find((p) => p.id === on.id))).toContain('Winter storage');
  });

  it('is what visitors get after the next deploy: lists, a page for each, feeds', async () => {
    await test.api.job(site, 'deploy');
    await test.api.call('PUT', `/sites/${site}/open`, { open: true });
    const { link } = await test.api.call<{ link: string }>('POST', `/sites/${site}/people`, {
      name: 'Tom',
      mail: 'tom@hollisandwren.example',
      role: 'publish',
    });
    origin = new URL(link).origin;
    await desk.goto(link);
    await desk.waitForSelector('h1:has-text("Tom")');
    expect(await visitorReads('/news/')).toContain('Larch has come in at last');
    const own = await visitorReads('/news/the-slip-is-mended/');
    expect(own).toContain('It took a week.');
    expect(own).toContain('Tide: High');
    const visitor = await phone.newPage();
    for (const path of ['/news/', '/news/the-slip-is-mended/']) {
      await visitor.goto(`${origin}${path}`);
      await faults(visitor, path);
    }
    await visitor.close();
    expect(await visitorReads('/news/feed.xml')).toContain('Two places under cover');
    expect(await visitorReads('/sitemap.xml')).toContain('/news/two-places-under-cover/');
  });

  it('grows at the desk: something new is looked at first, goes up at once, and is among the drafts', async () => {
    await desk.goto(`${origin}/-/desk/`);
    await desk.getByRole('link', { name: 'Put up some news' }).click();
    await desk.getByLabel('What it is called').fill('The crane is back');
    await desk.getByLabel('In a sentence or two').fill('From Monday we lift up to nine tons again.');
    await faults(desk, 'something new at the desk');
    // Reloaded in the middle, it is all still there.
    await desk.reload();
    await until(
      'it is there',
      async () => (await desk.getByLabel('What it is called').inputValue()) === 'The crane is back',
      10,
    );
    await desk.getByRole('link', { name: 'See it first' }).click();
    await desk.frameLocator('.see iframe').getByText('From Monday we lift').first().waitFor();
    expect(await visitorReads('/news/')).not.toContain('The crane is back');
    await desk.getByRole('button', { name: 'Put it up' }).last().click();
    await desk.waitForSelector('.tray.done');
    expect(await visitorReads('/news/')).toContain('The crane is back');
    expect(await visitorReads('/news/the-crane-is-back/')).toContain('nine tons');
    await until(
      'it is among the drafts',
      async () => (await collectionOf('news')).items.some((i) => i.title.value === 'The crane is back'),
      15,
    );
    await desk.goto(`${origin}/-/desk/`);
    await desk.getByRole('link', { name: 'News', exact: true }).click();
    await desk.getByText('The crane is back').waitFor();
    await faults(desk, 'the list at the desk');
    await desk.getByText('Larch has come in at last').click();
    await desk.getByLabel('In a sentence or two').fill('Twelve metres of it.');
    await desk.getByRole('button', { name: 'Put it up' }).last().click();
    await desk.waitForSelector('.tray.done');
    expect(await visitorReads('/news/larch-has-come-in/')).toContain('Twelve metres of it.');
    await desk.getByRole('button', { name: 'Take it out' }).click();
    await desk.getByText('It will be taken out.').waitFor();
    await desk.getByRole('button', { name: 'Take it back' }).first().click();
    await desk.getByRole('button', { name: 'Throw away' }).waitFor({ state: 'detached' });
  });

  it('comes by itself at the minute it was planned for, and goes by itself', async () => {
    // The next minute, where there is time to write until then.
    const next = new Date().getSeconds() > 30 ? 2 : 1;
    const [from, end] = [wallClock(next), wallClock(next + 1)];
    await desk.goto(`${origin}/-/desk/`);
    await desk.getByRole('link', { name: 'Put up some news' }).click();
    await desk.getByLabel('What it is called').fill('Slack water');
    await desk.getByLabel('From a time on').check();
    await desk.getByLabel('From', { exact: true }).fill(from);
    await desk.getByLabel('Until (if it is to go by itself)').fill(end);
    await desk.getByRole('button', { name: 'Put it up' }).last().click();
    await desk.waitForSelector('.tray.done');
    expect(await visitorReads('/news/')).not.toContain('Slack water');
    expect(await visitorReads('/news/slack-water/')).toBe('404');
    await desk.goto(`${origin}/-/desk/lists`);
    await desk.getByText('News').first().click();
    await desk.getByText('planned').waitFor();
    // A designer’s deploy in between leaves it planned.
    await test.api.job(site, 'deploy');
    expect(await visitorReads('/news/')).not.toContain('Slack water');
    await until('it came', () => isSaid('/news/', 'Slack water'), 150);
    const came = wallClock(0);
    expect(came >= from)
      .withContext(`${came}, planned for ${from}`)
      .toBeTrue();
    await until('it went', async () => !(await isSaid('/news/', 'Slack water')), 150);
    expect(wallClock(0) >= end).toBeTrue();
    // Its page stays for whoever has its address, and says so.
    expect(await visitorReads('/news/slack-water/')).toContain('This is over.');
  });
});
