import { request } from 'node:http';
import { deploySteps } from '../deploy/deploy.js';
import { DeskClient } from '../demo/desk-client.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';

/** Two sites on one server: what is asked of one, and what becomes of it, is nothing to the other. */
describe('a site among others on its server', () => {
  let world: SmallWorld;
  let gant: string;
  let pell: string;
  const client = (site: string) =>
    new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${site}.quay.test` });
  const desk = async (site: string) => {
    const ada = client(site);
    const who = {
      name: 'Ada',
      mail: 'ada@gant.example',
      role: 'publish' as const,
      by: 'Ines',
      origin: 'http://x.example',
    };
    await ada.follow((await (await world.quay()).client.invite(site, who)).token);
    return ada;
  };
  /** A message from an address of its own, so that the limit of an address is not met. */
  const write = (site: string, n: number, from = `127.${1 + (n % 200)}.9.${1 + (n % 250)}`) =>
    new Promise<{ status: number; headers: Record<string, unknown>; text: string }>((done, fail) => {
      const body = new URLSearchParams({ name: `Writer ${n}`, mail: 'w@post.example', message: 'Hello there' });
      const req = request(
        {
          host: `${world.net}.11`,
          port: 8712,
          method: 'POST',
          path: '/-/forms/contact',
          localAddress: from,
          headers: { host: `${site}.quay.test`, 'content-type': 'application/x-www-form-urlencoded' },
        },
        (res) => {
          let text = '';
          res.setEncoding('utf8').on('data', (part: string) => (text += part));
          res.on('end', () => done({ status: res.statusCode!, headers: res.headers, text }));
        },
      );
      req.on('error', fail).end(body.toString());
    });

  beforeAll(async () => {
    world = await smallWorld();
    [gant, pell] = [await world.site('Gant & Sons'), await world.site('Pell & Daughter')];
    for (const site of [gant, pell]) {
      await world.sites.setOpen(site, true);
      expect((await world.run(site, (work) => deploySteps(work, world))).error).toBeNull();
    }
  });
  afterAll(() => world.end());

  it('has its own part of what there is: where its database is held up, the others are served and it gives up in words', async () => {
    // Somebody’s work on the tables of one of them that does not end.
    let letGo = () => {};
    const holding = world.hostDb(
      gant,
      'begin; lock table message in access exclusive mode; select pg_sleep(5); commit',
    );
    holding.catch(() => undefined).finally(() => letGo());
    const held = new Promise<void>((done) => (letGo = done));
    await new Promise((r) => setTimeout(r, 300));
    const flood = Array.from({ length: 170 }, (_, n) => write(gant, n));
    await new Promise((r) => setTimeout(r, 200));
    let over = false;
    void held.then(() => (over = true));
    for (let n = 0; n < 3; n++) expect((await write(pell, n)).status).toBe(303);
    expect((await client(pell).call('GET', '/')).status).toBe(200);
    // Its own pages need no database.
    expect((await client(gant).call('GET', '/')).status).toBe(200);
    expect(over).withContext('the tables were still held').toBeFalse();
    const answers = await Promise.all(flood);
    const refused = answers.filter((a) => a.status === 503);
    expect(answers.every((a) => a.status === 303 || a.status === 503)).toBeTrue();
    expect(refused.filter((a) => a.text.includes('Much is asked of this site')).length).toBeGreaterThanOrEqual(50);
    expect(refused.every((a) => Number(a.headers['retry-after']) > 0)).toBeTrue();
    await held;
    expect((await write(gant, 200)).status).toBe(303);
  });

  it('is not held up by one address that is slow on purpose, and has all of its own again after that', async () => {
    // What comes slowly is waited for by the front: it takes nothing of the site’s, and of the front so much and no more.
    const begun = (n: number) =>
      Array.from({ length: n }, () => {
        const req = request({
          host: `${world.net}.11`,
          port: 8712,
          method: 'POST',
          path: '/-/forms/contact',
          localAddress: '127.77.9.9',
          headers: {
            host: `${pell}.quay.test`,
            'content-type': 'application/x-www-form-urlencoded',
            'content-length': '500',
          },
        });
        req.on('error', () => undefined).on('response', (res) => res.resume());
        req.flushHeaders();
        return req;
      });
    const slow = begun(40);
    await new Promise((r) => setTimeout(r, 300));
    const same = (n: number) => write(pell, n, '127.77.9.9');
    expect((await same(300)).status).toBe(303);
    slow.push(...begun(220));
    await new Promise((r) => setTimeout(r, 400));
    const { status, text, headers } = await same(303);
    expect([status, text.includes('Much is asked from your address')]).toEqual([429, true]);
    expect(Number(headers['retry-after'])).toBeGreaterThan(0);
    expect((await write(pell, 301)).status).toBe(303);
    for (const req of slow) req.destroy();
    await new Promise((r) => setTimeout(r, 300));
    // So many of them counted as messages of that address, but they hold nothing any more.
    expect((await same(302)).text).not.toContain('Much is asked');
  });

  it('ends what asks its database for ever', async () => {
    const ada = await desk(gant);
    await world.hostDb(gant, `alter role site_${gant.replaceAll('-', '_')} set statement_timeout to '500ms'`);
    // Connections that rest have what was said before: they are ended.
    await world.hostDb(
      gant,
      `select pg_terminate_backend(pid) from pg_stat_activity where usename = 'site_${gant.replaceAll('-', '_')}'`,
    );
    const holding = world.hostDb(
      gant,
      'begin; lock table message in access exclusive mode; select pg_sleep(2.5); commit',
    );
    await new Promise((r) => setTimeout(r, 300));
    const { status, body } = await ada.api('GET', '/messages');
    expect([status, (JSON.parse(body) as { title: string }).title]).toEqual([503, 'The database does not answer']);
    await holding;
    expect((await ada.api('GET', '/messages')).status).toBe(200);
  });

  it('has no more pictures than there is room for, and says so', async () => {
    const ada = await desk(pell);
    const medium = {
      id: 'large',
      kind: 'file',
      title: 'Large',
      width: 10,
      height: 10,
      renditions: [{ type: 'image/png', width: 10, height: 10, hash: 'a'.repeat(64), bytes: 3 * 1024 ** 3 }],
    };
    await world.hostDb(
      pell,
      `insert into picture (id, medium, person, by) select 'large', '${JSON.stringify(medium)}'::jsonb, id, 'Ada' from person limit 1`,
    );
    const { status, body } = await ada.bring(Buffer.from('whatever it is'), 'photo.jpg');
    expect([status, (JSON.parse(body) as { title: string }).title]).toEqual([
      507,
      'There is no more room for pictures',
    ]);
    await world.hostDb(pell, 'delete from picture');
    expect((await ada.bring(Buffer.from('whatever it is'), 'photo.jpg')).status).toBe(422);
  });
});
