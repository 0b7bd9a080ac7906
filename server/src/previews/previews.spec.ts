import { request } from 'node:http';
import { deploySteps } from '../deploy/deploy.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Staging } from '../staging/staging.js';
import { Previews } from './previews.js';

const DAY_MS = 86_400_000;

describe('links to a site that is closed', () => {
  let world: SmallWorld;
  let previews: Previews;
  let id: string;
  let now = Date.now();
  const until = (days: number) => new Date(now + days * DAY_MS).toISOString();
  const site = () => world.sites.headOf(world.ines.organisation, id);
  const make = async (name: string, more: object = {}) =>
    previews.make(await site(), { name, until: until(14), ...more }, 'Ines');
  const refused = async (made: Promise<unknown>, status: number) =>
    expectAsync(made).toBeRejectedWith(jasmine.objectContaining({ status }));
  /** What a visitor gets at an address, as the hosting server answers it. */
  const visit = (url: string, cookie = '', form?: Record<string, string>) =>
    new Promise<{ status: number; cookie: string; body: string }>((done, fail) => {
      const { host, port, pathname, search } = new URL(url);
      const body = form && new URLSearchParams(form).toString();
      request(
        {
          ...{ host: `${world.net}.11`, port, path: pathname + search, method: form ? 'POST' : 'GET' },
          headers: {
            host,
            ...(cookie && { cookie }),
            ...(form && { 'content-type': 'application/x-www-form-urlencoded' }),
          },
        },
        (res) => {
          let text = '';
          res.setEncoding('utf8').on('data', (part: string) => (text += part));
          const given = res.headers['set-cookie']?.[0]?.split(';')[0] ?? '';
          res.on('end', () => done({ status: res.statusCode!, cookie: given, body: text }));
        },
      )
        .on('error', fail)
        .end(body);
    });
  const at = (url: string, path: string) => new URL(path, url).href;

  beforeAll(async () => {
    world = await smallWorld();
    previews = new Previews(world, () => now);
    id = await world.site('Dory', null, 2);
  });
  afterAll(() => world.end());
  afterEach(() => (now = Date.now()));

  it('are refused, and none is kept, before anything is deployed', async () => {
    await refused(make('Anna Hollis'), 409);
    expect(await previews.of(await site())).toEqual({ previews: [], counted: true, before: null });
    const ran = await world.run(id, (work) => deploySteps(work, world));
    expect(ran.error).toBeNull();
  });

  it('open the site to whoever has one, who is counted by what is looked at', async () => {
    const { url } = await make('Anna Hollis');
    expect((await visit(at(url, '/'))).status).toBe(503);
    const { cookie } = await visit(url);
    expect((await visit(at(url, '/'), cookie)).status).toBe(200);
    const { previews: listed } = await previews.of(await site());
    expect(listed[0]).toEqual(
      jasmine.objectContaining({ name: 'Anna Hollis', url, over: false, locked: false, by: 'Ines' }),
    );
    expect(listed[0]!.looked).toEqual(jasmine.objectContaining({ lookers: 1, pages: 1 }));
    // What could open it is told to nobody who only reads the list.
    expect(Object.keys(listed[0]!)).not.toContain('lock');
  });

  it('have a name, and end within a year', async () => {
    await refused(make('  '), 422);
    for (const days of [-1, 0, 367]) await refused(make('Anna', { until: until(days) }), 422);
    await refused(make('Anna', { until: 'no day' }), 422);
    await refused(make('Anna', { password: 'short' }), 422);
  });

  it('are locked, and locked otherwise, from one moment to the next', async () => {
    const { id: link, url } = await make('Peter Wren', { password: 'ropewalk' });
    const token = new URL(url).searchParams.get('preview')!;
    const unlock = (password: string) => visit(at(url, '/-/preview'), '', { preview: token, password, to: '/' });
    expect((await visit(url)).status).toBe(403);
    expect((await unlock('boatyard')).cookie).toBe('');
    const { cookie } = await unlock('ropewalk');
    expect((await visit(at(url, '/'), cookie)).status).toBe(200);
    await previews.put(await site(), link, { password: 'longboat' });
    expect((await visit(at(url, '/'), cookie)).status).toBe(503);
    expect((await unlock('ropewalk')).status).toBe(403);
    await previews.put(await site(), link, { name: 'Peter and Anna', password: null });
    expect((await visit(url)).status).toBe(303);
    expect((await previews.of(await site())).previews[0]).toEqual(
      jasmine.objectContaining({ name: 'Peter and Anna', locked: false }),
    );
    await refused(previews.put(await site(), 'none', { name: 'Nobody' }), 404);
  });

  it('end one by one and all at once, and what could not be ended on the server is not said to be', async () => {
    const [first, second] = [await make('First'), await make('Second')];
    const [a, b] = [await visit(first.url), await visit(second.url)];
    expect(await previews.end(await site(), first.id)).toBe('First');
    expect((await visit(at(first.url, '/'), a.cookie)).status).toBe(503);
    expect((await visit(at(second.url, '/'), b.cookie)).status).toBe(200);
    const before = await site();
    await world.hostDown();
    await expectAsync(previews.endAll(before)).toBeRejected();
    const { counted, previews: listed } = await previews.of(await site());
    expect([counted, listed.some((p) => p.name === 'Second'), listed[0]!.looked]).toEqual([false, true, null]);
    await world.hostUp();
    const own = (await (await world.quay()).client.preview(id, 1)).token;
    await previews.endAll(await site());
    expect((await previews.of(await site())).previews).toEqual([]);
    expect((await visit(at(second.url, '/'), b.cookie)).status).toBe(503);
    expect((await visit(at(second.url, `/?preview=${own}`))).status).toBe(503);
  });

  it('of two who make one at once, both are there', async () => {
    await Promise.all(['One', 'Two', 'Three'].map((name) => make(name)));
    expect((await site()).previews.map((p) => p.name).sort()).toEqual(['One', 'Three', 'Two']);
    await previews.endAll(await site());
  });

  it('that are over are listed for a month, and forgotten with the next change after that', async () => {
    const { url } = await make('Old', { until: until(1) });
    const { cookie } = await visit(url);
    expect((await visit(at(url, '/'), cookie)).status).toBe(200);
    now += 2 * DAY_MS;
    expect((await previews.of(await site())).previews.map((p) => [p.name, p.over])).toEqual([['Old', true]]);
    await make('New');
    expect((await site()).previews.map((p) => p.name)).toEqual(['Old', 'New']);
    // Who looked is known as long as it is listed.
    expect((await previews.of(await site())).previews.at(-1)!.looked).toEqual(
      jasmine.objectContaining({ lookers: 1, pages: 1 }),
    );
    now += 30 * DAY_MS;
    await make('Newer');
    expect((await site()).previews.map((p) => p.name)).toEqual(['New', 'Newer']);
    expect((await visit(at(url, '/'), cookie)).status).toBe(503);
    await previews.endAll(await site());
  });

  it('lead into a staging copy as well, from which nobody is written to', async () => {
    const staging = new Staging(world.db, world.sites);
    const original = (await world.sites.get(id))!;
    const form = original.document.forms[0]!;
    expect(form.deliverTo).not.toBe('');
    await world.change(id, { op: 'setFact', field: 'strapline', value: 'Drafted before the copy' });
    const { id: copy } = await staging.make((await world.sites.get(id))!, 'Dory, staging');
    expect((await world.run(copy, (work) => deploySteps(work, world))).error).toBeNull();
    const { client } = await world.quay();
    for (const [on, told] of [
      [copy, 0],
      [id, 1],
    ] as const) {
      const link = await previews.make(
        await world.sites.headOf(world.ines.organisation, on),
        { name: 'Anna', until: until(3) },
        'Ines',
      );
      const { cookie } = await visit(link.url);
      expect((await visit(at(link.url, '/'), cookie)).status).toBe(200);
      const words = { name: 'Anna', mail: 'anna@post.example', message: 'Is this the one that is tried?' };
      expect((await visit(at(link.url, `/-/forms/${form.id}`), cookie, words)).status).toBe(303);
      expect((await client.messages(on, 0, 0)).messages.length).toBe(1);
      expect((await client.desk(on)).letters.length)
        .withContext(on)
        .toBe(told);
    }
    await previews.endAll(await site());
    await staging.part(await world.sites.headOf(world.ines.organisation, copy));
  });

  it('and everybody else reads what the designer says, from one moment to the next', async () => {
    const { before } = await previews.of(await site());
    const page = async () => (await visit(before!)).body;
    expect(await previews.hold(await site(), { opens: '2999-03-01', words: '  The slip is\n being dug. ' })).toEqual({
      opens: '2999-03-01',
      words: 'The slip is being dug.',
    });
    expect(await page()).toContain('The slip is being dug.');
    expect(await page()).toContain('1 March 2999');
    expect(await previews.hold(await site(), { opens: null, words: ' ' })).toBeNull();
    expect(await page()).toContain('opens here soon');
    expect((await site()).holding).toBeNull();
  });
});
