import type { Browser, BrowserContext, Page } from 'playwright-core';
import { openBrowser } from './support/browser.js';
import { MAIL, PASSWORD, stackForTests, until } from './support/stack-for-tests.js';

const FACTS = {
  name: 'Gant & Sons, Ropemakers',
  trade: 'ropemaker',
  place: 'Saltmarrow',
  description: 'We lay rope in the long walk behind the chapel. Every rope is tarred by hand.',
  services: [{ id: 'v1', name: 'Mooring ropes', detail: '', price: '£12' }],
};
/** A new brief asks the server for nothing before it is begun. */
const SCREENS = ['servers', 'domains', 'inbox', 'rounds', 'updates', 'sample-book', 'account', 'people'];
const STEPS = ['brief', 'plan', 'look', 'pages', 'seo', 'domain', 'publish', 'care'];

describe('When somebody is signed out, or nothing answers', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let browser: Browser;
  let context: BrowserContext;
  let page: Page;
  let id: string;
  const phone = async () =>
    (await test.api.call<{ document: { facts: { phone: string } } }>('GET', `/sites/${id}`)).document.facts.phone;
  const signIn = async () => {
    await page.goto(test.stack.url);
    await page.waitForSelector('#mail, h1:has-text("Today")');
    if (!(await page.locator('#mail').count())) return;
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await page.waitForSelector('text=On the bench');
  };
  const step = (name: string) => page.goto(`${test.stack.url}/sites/${id}/${name}`);
  const again = async () => {
    await page.fill('#again-password', PASSWORD);
    await page.click('.standing .act');
    await page.waitForSelector('.standing', { state: 'detached' });
  };

  beforeAll(async () => {
    test = await stackForTests();
    browser = await openBrowser();
    context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    page = await context.newPage();
    page.setDefaultTimeout(60_000);
    ({ id } = await test.api.call<{ id: string }>('POST', '/sites', FACTS));
    const { writeVersion } = await import('@tin-porch/core/making');
    const { document } = await test.api.call<{ document: { facts: never } }>('GET', `/sites/${id}`);
    await test.api.call('POST', `/sites/${id}/operations`, { operation: writeVersion(document.facts, 1) });
  });
  afterAll(async () => {
    await browser?.close();
    await test?.end();
  });

  beforeEach(signIn);

  it('keeps what is typed after the session ended, asks for the password there, and sends it then', async () => {
    await step('brief');
    await page.waitForSelector('#f-phone');
    await context.clearCookies();
    await page.fill('#f-phone', '01632 960 301');
    await page.waitForSelector('.standing:has-text("You are signed out")');
    await page.fill('#f-languages', 'German, French');
    expect(await page.inputValue('#f-phone')).toBe('01632 960 301');
    expect(await page.textContent('.foot .state')).toContain('Kept here');
    await page.fill('#again-password', 'not it');
    await page.click('.standing .act');
    await page.waitForSelector('.standing .fault');
    await again();
    await until('what was typed', async () => (await phone()) === '01632 960 301');
    expect(await page.inputValue('#f-languages')).toBe('German, French');
    await page.waitForSelector('.foot .state:has-text("Saved")');
  });

  it('keeps it over a reload too', async () => {
    await step('brief');
    await page.waitForSelector('#f-phone');
    await context.clearCookies();
    await page.fill('#f-phone', '01632 960 302');
    await page.waitForSelector('.standing');
    await page.reload();
    await page.fill('#mail', MAIL);
    await page.fill('#password', PASSWORD);
    await page.click('button.act');
    await until('what was typed before the reload', async () => (await phone()) === '01632 960 302');
    await until('it shows', async () => (await page.inputValue('#f-phone')) === '01632 960 302');
  });

  it('does not let one of two tabs overwrite the other unseen', async () => {
    await step('brief');
    await page.waitForSelector('#f-place');
    const other = await context.newPage();
    await other.goto(`${test.stack.url}/sites/${id}/brief`);
    await other.waitForSelector('#f-place');
    // The other tab hears of nothing: its line to the server is cut.
    await other.route('**/api/events', (r) => r.abort());
    await other.route(new RegExp(`/api/sites/${id}(\\?|$)`), (r) =>
      r.request().method() === 'GET' ? r.abort() : r.continue(),
    );
    await page.fill('#f-place', 'Ottersay');
    await page.waitForSelector('.foot .state:has-text("Saved just now")');
    await other.fill('#f-place', 'Brinegate');
    const refused = other.locator('.refused');
    await refused.waitFor();
    expect(await refused.textContent()).toContain('“Ottersay”');
    expect(await refused.textContent()).toContain('Brinegate');
    await other.unroute(new RegExp(`/api/sites/${id}(\\?|$)`));
    await other.reload();
    await other.waitForSelector('.refused:has-text("Brinegate")');
    await other.click('.refused >> text=Put mine there');
    await until(
      'the one that was insisted on',
      async () =>
        (await test.api.call<{ document: { facts: { place: string } } }>('GET', `/sites/${id}`)).document.facts
          .place === 'Brinegate',
    );
    await other.close();
  });

  it('says on every screen that the session has ended, and shows no zeros for what it cannot know', async () => {
    for (const path of [...SCREENS, ...STEPS.map((s) => `sites/${id}/${s}`)]) {
      await page.goto(`${test.stack.url}/`);
      await page.waitForSelector('text=On the bench');
      await context.clearCookies();
      // Inside the application, as a link or the jump would: nothing is loaded anew.
      await page.evaluate((to) => {
        history.pushState({}, '', `/${to}`);
        dispatchEvent(new PopStateEvent('popstate'));
      }, path);
      await page.waitForSelector('.standing:has-text("You are signed out")').catch(() => fail(path));
      // Where one came from does know its numbers.
      if (path) await page.waitForSelector('text=On the bench', { state: 'detached' });
      expect(await page.textContent('body'))
        .withContext(path)
        .not.toMatch(/\b0 live|0 being made|over 0 sites|Nothing to mend/);
      await again();
      await page.waitForTimeout(150);
      expect(await page.locator('.standing').count())
        .withContext(path)
        .toBe(0);
    }
  });

  it('says so when it is offline, goes on by itself, and loses nothing', async () => {
    await step('pages');
    await page.waitForSelector('.sections');
    await context.setOffline(true);
    await page.locator('.fields textarea').first().fill('Rope, laid in the long walk.');
    await page.waitForSelector('.standing:has-text("does not answer")');
    await page.waitForSelector('.foot .state:has-text("Kept here")');
    await page.click('.path >> text=Brief');
    await page.click('.path >> text=Pages');
    await context.setOffline(false);
    await page.waitForSelector('.standing', { state: 'detached' });
    await until('the words', async () =>
      JSON.stringify(await test.api.call('GET', `/sites/${id}`)).includes('Rope, laid in the long walk.'),
    );
  });

  it('comes back from a server that was killed, with a place that was asked for meanwhile', async () => {
    await page.goto(test.stack.url);
    await page.waitForSelector('text=On the bench');
    await page.route('**/*.js', (r) => r.abort());
    await page.click('nav >> text=Servers');
    await page.waitForSelector('.standing:has-text("does not answer")');
    await page.unroute('**/*.js');
    await page.waitForSelector('h1:has-text("Servers")');
    process.kill(test.stack.programs.get('porch')!.child!.pid!, 'SIGKILL');
    await page.click('nav >> text=Inbox');
    await page.waitForSelector('h1:has-text("Inbox")');
    await page.waitForSelector('.standing', { state: 'detached', timeout: 90_000 });
    await until('the server', async () => (await phone()) !== '', 30);
  });

  it('lets somebody change their password and sign out, wide and on a phone', async () => {
    let now = PASSWORD;
    for (const [width, next] of [
      [1280, 'another-dry-place'],
      [390, PASSWORD],
    ] as const) {
      await page.setViewportSize({ width, height: 844 });
      await page.goto(test.stack.url);
      await page.waitForSelector('h1:has-text("Today")');
      await page.click('.eave .who');
      await page.click('text=Your account');
      await page.click('text=Change password');
      await page.fill('#password-now', 'not the one');
      await page.fill('#password-next', next);
      await page.click('ngb-modal-window .act');
      await page.waitForSelector('ngb-modal-window .fault:has-text("not your password")');
      await page.fill('#password-now', now);
      await page.click('ngb-modal-window .act');
      await page.waitForSelector('ngb-modal-window .note');
      await page.click('ngb-modal-window >> text=Close');
      await page.click('.eave .who');
      await page.click('text=Sign out');
      await page.waitForURL('**/sign-in');
      now = next;
      await page.fill('#mail', MAIL);
      await page.fill('#password', now);
      await page.click('button.act');
      await page.waitForSelector('h1:has-text("Today")');
    }
  });
});
