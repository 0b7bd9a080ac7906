import { existsSync, readdirSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { unzipSync } from 'fflate';
import { DeskClient } from '../demo/desk-client.js';
import { deploySteps } from '../deploy/deploy.js';
import { Jobs } from '../jobs/jobs.js';
import { cleaningSteps } from '../jobs/cleaning.js';
import { Moving } from '../moving/moving.js';
import { Leaving } from '../leaving/leaving.js';
import { publishSteps } from '../publish/publish.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Departures, GRACE_DAYS } from './departures.js';

/** Sites that go: on a real server, with a real database of their own. */
describe('a site that goes', () => {
  let world: SmallWorld;
  let departures: Departures;
  let jobs: Jobs;

  beforeAll(async () => {
    world = await smallWorld();
    departures = new Departures(
      world.db,
      world.sites,
      world.servers,
      new Leaving(world.servers, world.live, world.pictures),
      new Moving(world.db, world.config, world.sites, world.servers, world.registrar),
    );
    jobs = new Jobs(world.db, world.config.databaseUrl, { error: () => undefined });
  });
  afterAll(() => world.end());

  const visitor = (id: string) => new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
  /** A site that visitors see, with a message from one of them. */
  async function liveSite(name: string, domain: string | null = null): Promise<string> {
    const id = await world.site(name, domain);
    const steps = domain ? publishSteps : deploySteps;
    if (!domain) await world.sites.setOpen(id, true);
    expect((await world.run(id, (work) => steps(work, world))).error).toBeNull();
    const { forms } = (await world.sites.get(id))!.document;
    const sent = await visitor(id).form(`/-/forms/${forms[0]!.id}`, {
      name: 'Wilma',
      mail: 'wilma@post.example',
      message: `Room for one at ${name}?`,
    });
    expect(sent.status).toBe(303);
    return id;
  }
  const leave = (id: string, killBefore = '') => world.run(id, (work) => departures.leaveSteps(work), { killBefore });
  const remove = (id: string, killBefore = '', input = {}) =>
    world.run(id, (work) => departures.removeSteps(work), { killBefore, input });
  const onDisk = (id: string) => join(world.hostData, 'sites', id);
  const blobs = () =>
    readdirSync(join(world.hostData, 'blobs'), { recursive: true })
      .map(String)
      .filter((f) => /[0-9a-f]{64}$/.test(f)).length;
  const archived = async (id: string) => unzipSync(await departures.archiveOf(world.ines.organisation, id));
  const inDatabase = async (id: string) =>
    (
      await world.hostDb(
        id,
        `select 1 from pg_roles where rolname = 'site_${id.replace(/-/g, '_')}'
       union all select 1 from pg_namespace where nspname = 'site_${id.replace(/-/g, '_')}'`,
      )
    ).rowCount;

  it('is closed at once and can be had back, with nothing of it lost', async () => {
    const id = await liveSite('Cooper Lane');
    const before = await visitor(id).call('GET', '/');
    expect(before.status).toBe(200);
    const ran = await leave(id);
    expect(ran.error).toBeNull();
    const days = ((await world.sites.get(id))!.leavesAt!.getTime() - Date.now()) / 86_400_000;
    expect(Math.round(days)).toBe(GRACE_DAYS);
    const closed = await visitor(id).call('GET', '/');
    expect(closed.body).not.toContain('Cooper Lane is');
    expect(closed.body).not.toBe(before.body);
    const files = await archived(id);
    expect(Object.keys(files)).toContain(`${id}/kept.jsonl.gz`);
    expect(await departures.due()).toEqual([]);
    expect(await departures.gone(world.ines.organisation)).toEqual([]);
    // Said again, the day stays.
    const day = (await world.sites.get(id))!.leavesAt;
    await leave(id);
    expect((await world.sites.get(id))!.leavesAt).toEqual(day);

    await departures.takeBack((await world.sites.get(id))!, jobs);
    const back = (await world.sites.get(id))!;
    expect([back.leavesAt, back.open]).toEqual([null, false]);
    expect((await remove(id)).error?.message).toContain('not to go');
    await expectAsync(departures.archiveOf(world.ines.organisation, id)).toBeRejected();
    await world.sites.setOpen(id, true);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    expect((await visitor(id).call('GET', '/')).body).toBe(before.body);
    expect((await world.hostDb(id, 'select 1 from message')).rowCount).toBe(1);
  });

  it('leaves nothing behind on its server and nothing of others missing, killed before any step', async () => {
    const { address } = await world.quay();
    world.register('tallow.example', [
      ['@', 'A', address],
      ['www', 'CNAME', 'tallow.example.'],
    ]);
    const stays = await liveSite('Rope Walk');
    const before = [blobs(), (await visitor(stays).call('GET', '/')).body];
    const id = await liveSite('Tallow Works', 'tallow.example');
    expect(blobs()).toBeGreaterThan(before[0] as number);
    expect(existsSync(join(world.hostData, 'certificates/tallow.example.json'))).toBeTrue();
    for (const step of ['Close it', 'Keep all of it'])
      expect((await leave(id, step)).error?.message)
        .withContext(step)
        .toBe('killed');
    expect((await leave(id)).error).toBeNull();
    await world.db.query(`update site set leaves_at = now() - interval '1 minute' where id = $1`, [id]);
    expect(await departures.due()).toEqual([id]);
    for (const step of ['Keep all of it', 'Take it off quay'])
      expect((await remove(id, step)).error?.message)
        .withContext(step)
        .toBe('killed');
    // Killed after its server was done with it, and before it was forgotten here.
    await (await world.quay()).client.removeSite(id);
    const ran = await remove(id);
    expect(ran.error).toBeNull();
    expect(ran.steps['Keep all of it']).toBe('What was kept before stays');
    expect(Object.keys(ran.steps)).toEqual(['Keep all of it', 'Take it off quay']);

    expect([existsSync(onDisk(id)), existsSync(join(world.hostData, 'logs', id))]).toEqual([false, false]);
    expect(existsSync(join(world.hostData, 'certificates/tallow.example.json'))).toBeFalse();
    expect(await inDatabase(id)).toBe(0);
    expect([blobs(), (await visitor(stays).call('GET', '/')).body]).toEqual(before);
    expect((await visitor(id).call('GET', '/')).status).toBe(421);
    expect(await world.sites.get(id)).toBeUndefined();
    // Asked for once more, there is nothing to remove.
    await (await world.quay()).client.removeSite(id);

    const [gone] = await departures.gone(world.ines.organisation);
    expect([gone!.site, gone!.name, gone!.address, gone!.whole]).toEqual([
      id,
      'Tallow Works',
      'https://tallow.example',
      true,
    ]);
    expect(Object.keys(await archived(id))).toContain(`${id}/kept.jsonl.gz`);
    // Whoever comes next under that name is not taken for it.
    expect((await world.sites.create(world.ines.organisation, { name: 'Tallow Works' })).id).toBe(`${id}-2`);
    const other = crypto.randomUUID();
    await expectAsync(departures.archiveOf(other, id)).toBeRejectedWith(jasmine.objectContaining({ status: 404 }));
    await expectAsync(departures.throwAway(other, id)).toBeRejected();
  });

  it('is removed in one go too, with the message it had in its archive', async () => {
    const id = await liveSite('Sail Yard');
    await leave(id);
    const ran = await remove(id);
    expect(ran.error).toBeNull();
    expect(ran.steps['Keep all of it']).toMatch(/^\d+\.\d MB$/);
    expect(existsSync(onDisk(id))).toBeFalse();
    const kept = gunzipSync((await archived(id))[`${id}/kept.jsonl.gz`]!).toString('utf8');
    expect(kept).toContain('Room for one at Sail Yard?');
  });

  it('goes on being removed by its server where that was killed on the way', async () => {
    const id = await liveSite('Slip Row');
    await leave(id);
    await world.hostDown();
    // As it is when the settings were put out of the way, and nothing more.
    renameSync(join(onDisk(id), 'site.json'), join(onDisk(id), 'leaving.json'));
    await world.hostUp();
    expect((await visitor(id).call('GET', '/')).status).toBe(421);
    for (let n = 0; n < 100 && existsSync(onDisk(id)); n++) await new Promise((done) => setTimeout(done, 50));
    expect(existsSync(onDisk(id))).toBeFalse();
    expect(await inDatabase(id)).toBe(0);
    // It is forgotten here as well then, with what was kept while it was there.
    expect((await remove(id)).error).toBeNull();
    expect(Object.keys(await archived(id))).toContain(`${id}/kept.jsonl.gz`);
  });

  it('waits for a server that does not answer, or goes without it with what was kept before', async () => {
    const id = await liveSite('Far Reach');
    await leave(id);
    await world.hostDown();
    expect((await remove(id)).error?.name).toBe('JobLater');
    expect(await world.sites.get(id)).toBeDefined();
    const ran = await remove(id, '', { without: true });
    expect(ran.error).toBeNull();
    expect(ran.steps['Keep all of it']).toBe('What was kept before stays');
    expect(ran.steps['Take it off quay']).toContain('Left there');
    expect(await world.sites.get(id)).toBeUndefined();
    expect(Object.keys(await archived(id))).toContain(`${id}/kept.jsonl.gz`);
    await world.hostUp();
  });

  it('has no more than its facts in its archive where nothing was made of it', async () => {
    const { id } = await world.sites.create(world.ines.organisation, { name: 'Only Asked' });
    expect((await leave(id)).error).toBeNull();
    expect(Object.keys(await archived(id))).toEqual([`${id}/site.json`]);
    expect((await remove(id)).error).toBeNull();
  });

  it('is kept for a year, with its pictures forgotten that no other has', async () => {
    await world.db.query(`update departure set keep_until = now() - interval '1 day' where site like 'only-asked%'`);
    await world.db.query(`insert into picture_bytes (hash, type, bytes) values ('nobodys', 'image/webp', 'x')`);
    const ran = await world.run('', (work) => cleaningSteps(work, world.db));
    expect(ran.steps['Archives of sites that went a year ago']).toBe('1 archive gone');
    expect(ran.steps['Pictures and files of no site']).toMatch(/^[1-9]\d* files? gone$/);
    const gone = await departures.gone(world.ines.organisation);
    expect(gone.map((g) => g.name)).not.toContain('Only Asked');
    await departures.throwAway(world.ines.organisation, gone[0]!.site);
    expect((await departures.gone(world.ines.organisation)).length).toBe(gone.length - 1);
  });
});

describe('a copy of a site', () => {
  let world: SmallWorld;
  beforeAll(async () => void (world = await smallWorld()));
  afterAll(() => world.end());

  it('is another site with the same drafts and pictures, and changes by itself', async () => {
    const id = await world.site('Net Loft', 'netloft.example');
    await world.db.query(`insert into picture_bytes (hash, type, bytes) values ('one', 'image/webp', 'x')`);
    await world.db.query(`insert into site_picture (site, hash) values ($1, 'one')`, [id]);
    const site = (await world.sites.get(id))!;
    const copy = await world.sites.copy(site, 'Net Loft for the winter');
    expect([copy.called, copy.server, copy.domain, copy.open, copy.head]).toEqual([
      'Net Loft for the winter',
      null,
      null,
      false,
      0,
    ]);
    expect({ ...copy.document, id }).toEqual(site.document);
    expect(copy.id).toBe('net-loft-for-the-winter');
    const { rows } = await world.db.query('select hash from site_picture where site = $1', [copy.id]);
    expect(rows).toEqual([{ hash: 'one' }]);
    await world.change(copy.id, { op: 'setFact', field: 'phone', value: '01632 960 777' });
    expect((await world.sites.get(id))!.document.facts.phone).toBe(site.document.facts.phone);
    // Each is served by itself.
    await world.sites.setServer(copy.id, 'quay');
    for (const one of [id, copy.id]) {
      await world.sites.setDomain(one, null);
      expect((await world.run(one, (work) => deploySteps(work, world))).error).toBeNull();
    }
    const { sites } = await (await world.quay()).client.health();
    expect(sites.filter((s) => [id, copy.id].includes(s.id)).length).toBe(2);
    await world.sites.call(copy.id, null);
    expect((await world.sites.get(copy.id))!.called).toBeNull();
  });
});
