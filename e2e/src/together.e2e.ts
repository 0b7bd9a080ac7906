import { ApiClient } from '@tin-porch/server/demo';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { writeVersion } from '@tin-porch/core/making';
import { Secret, TOTP } from 'otpauth';
import type { Browser, BrowserContext, Page } from 'playwright-core';
import { axe, openBrowser, overflows } from './support/browser.js';
import { MAIL, PASSWORD, stackForTests, until } from './support/stack-for-tests.js';

const FACTS = {
  name: 'Gant & Sons, Ropemakers',
  trade: 'ropemaker',
  place: 'Saltmarrow',
  description: 'We lay rope in the long walk behind the chapel. Every rope is tarred by hand.',
  services: [
    { id: 'v1', name: 'Mooring ropes', detail: '', price: '£12' },
    { id: 'v2', name: 'Fenders', detail: '', price: '£9' },
  ],
};
const HERS = 'a-long-rope-walk';

interface Detail {
  document: SiteDocument;
  head: number;
}

describe('Together', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let browser: Browser;
  let id: string;
  const detail = () => test.api.call<Detail>('GET', `/sites/${id}`);
  const fact = async (field: 'phone' | 'place' | 'address') => (await detail()).document.facts[field];
  /** By a name: a passkey is bound to one. */
  const at = (path: string) => `http://localhost:${new URL(test.stack.url).port}${path}`;
  const letters = async () =>
    (
      (await (await fetch(`http://${test.stack.facts.net}.34:8034/letters`)).json()) as {
        letters: { to: string[]; subject: string; text: string }[];
      }
    ).letters;
  const letterTo = (mail: string, about: RegExp) =>
    until(
      `a letter to ${mail}`,
      async () => (await letters()).find((l) => l.to.includes(mail) && about.test(l.subject)),
      20,
    );
  const statusOf = (api: ApiClient, method: string, path: string, body?: unknown) =>
    api.call(method, path, body).then(
      () => 200,
      (error: Error) => Number(/: (\d{3})/.exec(error.message)?.[1]),
    );

  async function signedIn(mail: string, password: string): Promise<{ context: BrowserContext; page: Page }> {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    page.setDefaultTimeout(60_000);
    await page.goto(at('/sign-in'));
    await page.fill('#mail', mail);
    await page.fill('#password', password);
    await page.click('button.act');
    await page.waitForSelector('text=On the bench');
    return { context, page };
  }
  /** Makes an account by an invitation. */
  async function invited(name: string, role: string): Promise<ApiClient> {
    const mail = `${name.toLowerCase()}@tinporch.example`;
    const { token } = await test.api.call<{ token: string }>('POST', '/team/invitations', { mail, role });
    await new ApiClient(test.stack.url).call('POST', `/links/${token}`, { name, password: HERS });
    const api = new ApiClient(test.stack.url);
    await api.signIn(mail, HERS);
    return api;
  }

  beforeAll(async () => {
    test = await stackForTests();
    browser = await openBrowser();
    ({ id } = await test.api.call<{ id: string }>('POST', '/sites', FACTS));
    const { document } = await detail();
    await test.api.call('POST', `/sites/${id}/operations`, { operation: writeVersion(document.facts, 1) });
  });
  afterAll(async () => {
    await browser?.close();
    await test?.end();
  });

  it('somebody comes in by a link, and two at one site see each other’s words within a second', async () => {
    const ines = await signedIn(MAIL, PASSWORD);
    await ines.page.goto(at('/people'));
    await ines.page.fill('#invite-mail', 'tom@tinporch.example');
    await ines.page.selectOption('#invite-role', 'designer');
    await ines.page.click('text=Make a link');
    const link = await ines.page.inputValue('.link-field');
    expect(await axe(ines.page)).toEqual([]);
    await ines.page.waitForSelector('.made:has-text("sent to tom@tinporch.example too")');
    // The letter leads where the link does, at the name Tin Porch was asked by.
    expect((await letterTo('tom@tinporch.example', /asks you to come/)).text).toContain(link);

    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const tom = await context.newPage();
    tom.setDefaultTimeout(60_000);
    await tom.goto(link);
    await tom.waitForSelector('#link-name');
    expect(await axe(tom)).toEqual([]);
    await tom.fill('#link-name', 'Tom Reddaway');
    await tom.fill('#link-password', 'short');
    await tom.click('button.act');
    await tom.waitForSelector('.fault:has-text("too short")');
    await tom.fill('#link-password', HERS);
    await tom.click('button.act');
    await tom.waitForSelector('text=On the bench');
    expect(await overflows(tom)).toBeFalse();
    await tom.goto(link);
    await tom.waitForSelector('.fault:has-text("not good any more")');

    await Promise.all([ines.page, tom].map((p) => p.goto(at(`/sites/${id}/brief`))));
    await Promise.all([ines.page, tom].map((p) => p.waitForSelector('#f-phone')));
    // Different fields at once: both are kept, and each sees the other’s.
    await Promise.all([ines.page.fill('#f-phone', '01632 960 311'), tom.fill('#f-address', '2 Rope Walk')]);
    await until(
      'both',
      async () => (await fact('phone')) === '01632 960 311' && (await fact('address')) === '2 Rope Walk',
    );
    const seen = performance.now();
    await ines.page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('#f-address')?.value === '2 Rope Walk',
    );
    await tom.waitForFunction(() => document.querySelector<HTMLInputElement>('#f-phone')?.value === '01632 960 311');
    expect(performance.now() - seen).toBeLessThan(1000);

    // The same field: the second to come is refused with both versions, and loses no word.
    await tom.route('**/api/events', (r) => r.abort());
    await tom.route(new RegExp(`/api/sites/${id}(\\?|$)`), (r) => r.abort());
    await tom.reload({ waitUntil: 'commit' }).catch(() => undefined);
    await tom.unroute(new RegExp(`/api/sites/${id}(\\?|$)`));
    await tom.waitForSelector('#f-place');
    await tom.route(new RegExp(`/api/sites/${id}(\\?|$)`), (r) => r.abort());
    await ines.page.fill('#f-place', 'Ottersay');
    await until('hers', async () => (await fact('place')) === 'Ottersay');
    await tom.fill('#f-place', 'Brinegate');
    await tom.waitForSelector('.refused:has-text("Brinegate")');
    expect(await tom.textContent('.refused')).toContain('Ines Tarrant wrote “Ottersay”');
    expect(await fact('place')).toBe('Ottersay');
    await tom.unroute('**/api/events');
    await tom.unroute(new RegExp(`/api/sites/${id}(\\?|$)`));

    // Taking back is of one’s own: what the other did since stays.
    await ines.page.click('[aria-label="Undo"], button:has-text("Undo")');
    await until('taken back', async () => (await fact('place')) === 'Saltmarrow');
    expect([await fact('address'), await fact('phone')]).toEqual(['2 Rope Walk', '01632 960 311']);
    const { lines } = await test.api.call<{ lines: { words: string; by: string }[] }>('GET', `/sites/${id}/history`);
    expect(lines.slice(0, 3).map((l) => l.by)).toEqual(['Ines Tarrant', 'Ines Tarrant', jasmine.any(String) as never]);
    expect(lines.some((l) => l.by === 'Tom Reddaway' && l.words === 'Changed “Address”')).toBeTrue();
    // Who is taken away is told so, without having to do anything.
    const { people } = await test.api.call<{ people: { id: string; name: string }[] }>('GET', '/team');
    await test.api.call('DELETE', `/team/people/${people.find((p) => p.name === 'Tom Reddaway')!.id}`);
    await tom.waitForSelector('.standing:has-text("You are signed out")');
    await ines.context.close();
    await context.close();
  });

  it('many changes of two at once leave a site on which both agree', async () => {
    const tom = await invited('Jory', 'designer');
    const start = await detail();
    const place = start.document.pages[0]!.sections.find((s) => Array.isArray(s.content['items']))!;
    const items = (place.content['items'] as { id: string }[]).map((i) => i.id);
    const list = { section: place.id, path: 'items' };
    let refused = 0;
    const send = (api: ApiClient, tab: string, operation: Operation) =>
      api.call('POST', `/sites/${id}/operations`, { operation, base: start.head, tab }).catch((error: Error) => {
        expect(error.message).toMatch(/ 409 /);
        refused++;
      });
    await Promise.all([
      ...Array.from({ length: 8 }, (_, n) =>
        send(test.api, 'one', { op: 'moveItem', list, item: items[n % items.length]!, to: n % items.length }),
      ),
      ...Array.from({ length: 8 }, (_, n) =>
        send(
          tom,
          'two',
          n % 2
            ? { op: 'setFact', field: 'phone', value: `01632 960 32${n}` }
            : { op: 'moveItem', list, item: items[0]!, to: 0 },
        ),
      ),
    ]);
    const now = await detail();
    expect(now.head).toBe(start.head + 16 - refused);
    expect(
      (now.document.pages[0]!.sections.find((s) => s.id === place.id)!.content['items'] as { id: string }[])
        .map((i) => i.id)
        .sort(),
    ).toEqual([...items].sort());
    // What was done since, put on what was there, is what is there.
    const news = await tom.call<{ operations: Operation[] }>('GET', `/sites/${id}?since=${start.head}`);
    expect(news.operations.reduce((d, o) => apply(d, o).document, start.document)).toEqual(now.document);
  });

  it('a helper writes and publishes nothing; an accountant looks and changes nothing', async () => {
    const [helper, accountant] = [await invited('Wenna', 'helper'), await invited('Piran', 'accountant')];
    const change = { operation: { op: 'setFact', field: 'phone', value: '01632 960 330' } };
    expect(await statusOf(helper, 'POST', `/sites/${id}/operations`, change)).toBe(200);
    for (const [method, path, body] of [
      ['PUT', `/sites/${id}/server`, { server: 'quay' }],
      ['POST', `/sites/${id}/deploy`, {}],
      ['POST', `/sites/${id}/publish`, {}],
      ['PUT', `/sites/${id}/open`, { open: true }],
      ['PUT', `/sites/${id}/domain`, { domain: 'gantrope.example' }],
      ['POST', '/team/invitations', { mail: 'x@y.example', role: 'owner' }],
      ['GET', '/audit', undefined],
      ['POST', '/books/reports', {}],
      ['POST', '/updates/rollout', { sites: [id], restMinutes: 0 }],
      ['PUT', `/sites/${id}/trial`, { at: '2026-11-28T02:00:00.000Z' }],
      ['POST', '/books/drafts', { month: '2026-10' }],
    ] as const)
      expect(await statusOf(helper, method, path, body))
        .withContext(path)
        .toBe(403);
    for (const path of [
      '/sites',
      `/sites/${id}`,
      '/inbox',
      '/rounds',
      '/updates',
      '/books',
      '/servers',
      '/domains',
      '/team',
      '/account',
      '/writing',
      '/library',
    ])
      expect(await statusOf(accountant, 'GET', path))
        .withContext(path)
        .toBe(200);
    expect(await statusOf(accountant, 'POST', `/sites/${id}/operations`, change)).toBe(403);
    expect(await statusOf(accountant, 'POST', '/sites', FACTS)).toBe(403);
    expect(await statusOf(accountant, 'POST', `/sites/${id}/time`, {})).toBe(403);
    // What was paid an accountant notes: here there is no such invoice.
    expect(await statusOf(accountant, 'PUT', `/invoices/${crypto.randomUUID()}/paid`, { day: null })).toBe(404);
    const { page, context } = await signedIn('piran@tinporch.example', HERS);
    await page.goto(at(`/sites/${id}/brief`));
    await page.fill('#f-phone', 'nothing of it');
    await page.waitForSelector('text=This was not kept');
    await page.reload();
    await page.waitForSelector('#f-phone');
    expect(await page.inputValue('#f-phone')).toBe('01632 960 330');
    await context.close();
    const { lines } = await test.api.call<{ lines: { by: string; what: string }[] }>('GET', '/audit');
    expect(lines.some((l) => l.by === 'Piran' && l.what === 'Came in as an accountant, by an invitation')).toBeTrue();
  });

  it('a passkey signs in alone, and codes and recovery codes beside the password', async () => {
    await invited('Demelza', 'designer');
    const mail = 'demelza@tinporch.example';
    const { page, context } = await signedIn(mail, HERS);
    const devices = await context.newCDPSession(page);
    await devices.send('WebAuthn.enable');
    await devices.send('WebAuthn.addVirtualAuthenticator', {
      options: {
        protocol: 'ctap2',
        transport: 'internal',
        hasResidentKey: true,
        hasUserVerification: true,
        isUserVerified: true,
        automaticPresenceSimulation: true,
      },
    });
    await page.goto(at('/account'));
    await page.fill('#passkey-name', 'Her phone');
    await page.click('text=Make a passkey');
    await page.waitForSelector('td:has-text("Her phone")');
    await page.click('text=Set codes up');
    const totp = new TOTP({ secret: Secret.fromBase32((await page.textContent('.secret'))!.trim()) });
    await page.fill('#codes-first', '000000');
    await page.click('text=Turn codes on');
    await page.waitForSelector('.fault:has-text("not right")');
    await page.fill('#codes-first', totp.generate());
    await page.click('text=Turn codes on');
    await page.waitForSelector('.recovery li');
    const [recovery] = await page.locator('.recovery li').allTextContents();
    expect(await axe(page)).toEqual([]);
    await page.setViewportSize({ width: 390, height: 844 });
    expect(await overflows(page)).toBeFalse();
    const out = async () => {
      await page.click('.eave .who');
      await page.click('text=Sign out');
      await page.waitForURL('**/sign-in');
    };
    await out();
    await page.click('text=Use a passkey');
    await page.waitForSelector('text=On the bench');
    await out();
    const asked = async () => {
      await page.fill('#mail', mail);
      await page.fill('#password', HERS);
      await page.click('button.act');
      await page.waitForSelector('#second-code, .fault');
      expect(await page.locator('.fault').allTextContents()).toEqual([]);
    };
    await asked();
    await page.click('text=Use your passkey');
    await page.waitForSelector('text=On the bench');
    await out();
    await asked();
    await page.fill('#second-code', 'not a code');
    await page.click('button.act');
    await page.waitForSelector('.fault');
    await page.fill('#second-code', recovery!.trim());
    await page.click('button.act');
    await page.waitForSelector('text=On the bench');
    await page.goto(at('/account'));
    await page.waitForSelector('text=9 recovery codes left');
    await page.fill('#codes-password', HERS);
    await page.click('text=Turn codes off');
    await page.waitForSelector('text=Set codes up');
    await page.click('td button:has-text("Take away")');
    await page.click('ngb-modal-window .act');
    await page.waitForSelector('td:has-text("Her phone")', { state: 'detached' });
    await context.close();
  });

  it('is come back to by a letter where the password is forgotten, whatever address was typed', async () => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    page.setDefaultTimeout(60_000);
    await page.goto(at('/sign-in'));
    const forgot = page.getByRole('button', { name: 'Forgot the password' });
    await forgot.click();
    await page.waitForSelector('.fault:has-text("mail address of your account")');
    for (const mail of ['nobody@tinporch.example', 'wenna@tinporch.example']) {
      await page.reload();
      await page.fill('#mail', mail);
      await forgot.click();
      await page.waitForSelector(`[role=status]:has-text("If there is an account of ${mail}")`);
      expect(await axe(page)).toEqual([]);
      expect(await overflows(page)).toBeFalse();
    }
    const { text } = await letterTo('wenna@tinporch.example', /Your way back/);
    expect((await letters()).some((l) => l.to.includes('nobody@tinporch.example'))).toBeFalse();
    const link = /http\S+\/link\/[\w-]{43}/.exec(text)![0];
    await page.goto(link);
    await page.fill('#link-password', 'a-longer-rope-walk');
    await page.click('button.act');
    await page.waitForSelector('text=On the bench');
    await page.goto(link);
    await page.waitForSelector('.fault:has-text("not good any more")');
    await context.close();
  });

  it('serves the description of its API', async () => {
    const response = await fetch(`${test.stack.url}/api/openapi.json`);
    const document = (await response.json()) as { openapi: string; paths: Record<string, object> };
    expect(document.openapi).toBe('3.1.0');
    expect(Object.keys(document.paths)).toContain('/sites/{id}/operations');
  });
});
