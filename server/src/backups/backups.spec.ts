import { spawn } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { changesTo, withSlip } from '@tin-porch/core/making';
import { factLabel } from '@tin-porch/core/model';
import { DeskClient } from '../demo/desk-client.js';
import { deploySteps } from '../deploy/deploy.js';
import { Seal } from '../secrets/seal.js';
import { backupPlaces } from '../testing/backup-places.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Inbox } from '../inbox/inbox.js';
import { Backups } from './backups.js';

type Name = 'shed' | 'loft';

/** Backups of a real site on a real server, by restic, at places that rclone serves. */
describe('backups', () => {
  let world: SmallWorld;
  let backups: Backups;
  let id: string;
  let places: ReturnType<typeof backupPlaces<Name>>;
  const run = () => world.run(id, (work) => backups.steps(work));
  const newest = async (place: Name) => (await backups.of(id)).backups.find((b) => b.place === place)!;
  const heading = async (words: string) => {
    await world.change(id, { op: 'setFact', field: 'strapline', value: words });
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
  };
  beforeAll(async () => {
    world = await smallWorld();
    places = backupPlaces(world.net, { shed: 35, loft: 36 });
    await Promise.all([places.up('shed'), places.up('loft')]);
    const all = [places.at('shed'), places.at('loft'), { ...places.at('loft'), name: 'its own', server: 'quay' }];
    backups = new Backups(
      world.db,
      { cron: '40 1 * * *', places: all },
      world.sites,
      world.servers,
      Seal.of(world.config.secretsKey),
    );
    id = await world.site('Bell Buoy');
    await world.sites.setOpen(id, true);
  });
  afterAll(async () => {
    places.end();
    await world.end();
  });

  it('are of a site that is on a server, and never on that server', async () => {
    expect((await run()).error?.name).toBe('JobRefused');
    expect(backups.placesOf('quay')).toEqual(['shed', 'loft']);
    expect(backups.placesOf('slip')).toEqual(['shed', 'loft', 'its own']);
  });

  it('are made at each place and put up for a try, closed to whoever has the place', async () => {
    await heading('As it was first');
    const { forms } = (await world.sites.get(id))!.document;
    const visitor = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
    const sent = await visitor.form(`/-/forms/${forms[0]!.id}`, {
      name: 'Wilma',
      mail: 'wilma@post.example',
      message: 'A sentence that is nobody else’s',
    });
    expect(sent.status).toBe(303);
    const ran = await run();
    expect(ran.error).toBeNull();
    expect(Object.keys(ran.steps)).toEqual([
      'Back up to shed',
      'Try it out from shed',
      'Back up to loft',
      'Try it out from loft',
    ]);
    for (const place of ['shed', 'loft'] as const) {
      const { files, rows, provenAt, provenMs, fault } = await newest(place);
      expect([files > 8, rows > 1, provenAt !== null, provenMs! > 0, fault]).toEqual([true, true, true, true, null]);
      const all = places.files(place).map((f) => readFileSync(f));
      for (const words of ['nobody else’s', 'As it was first', 'Bell Buoy'])
        expect(all.some((bytes) => bytes.includes(words)))
          .withContext(words)
          .toBeFalse();
    }
    const { rows } = await world.db.query<{ password: string }>('select password from backup_place');
    expect(rows.length).toBe(2);
    for (const { password } of rows) expect(Seal.isClosed(password)).toBeTrue();
    // Nothing of a try is left, and none of it was seen.
    expect(readdirSync(join(world.hostData, 'backups', 'try'))).toEqual([]);
    expect((await world.hostDb(id, `select 1 from pg_roles where rolname like 'try\\_%'`)).rowCount).toBe(0);
    expect((await world.hostDb(id, 'select 1 from message')).rowCount).toBe(1);
  });

  it('are missed by a round where none was proven for two days, and not before', async () => {
    const site = (await world.sites.get(id))!;
    const lacking = () => backups.lacking(site);
    expect(await lacking()).toBeNull();
    await world.db.query(`update backup set proven_at = now() - interval '3 days'`);
    expect(await lacking()).toMatch(/^The newest that was is of \d{4}-/);
    await world.db.query('update backup set proven_at = null');
    // It is not up for so long that there could be one.
    expect(await lacking()).toBeNull();
    await world.db.query(`update release set live_at = now() - interval '3 days' where site = $1`, [id]);
    await world.db.query(`insert into backup_trouble (site, place, words) values ($1, 'shed', 'It is locked.')`, [id]);
    expect(await lacking()).toBe('None ever was. shed: It is locked.');
    await world.db.query('delete from backup_trouble');
  });

  it('keep once what was there before', async () => {
    const first = (await backups.of(id)).backups.filter((b) => b.place === 'shed').at(-1)!;
    await run();
    const again = await newest('shed');
    expect(again.snapshot).not.toBe(first.snapshot);
    expect(again.added).toBeLessThan(first.added / 5);
  });

  it('are brought back beside the living site, as visitors saw it then', async () => {
    const { snapshot } = await newest('loft');
    const before = (await world.sites.get(id))!.document;
    await heading('As it is now');
    const back = await backups.restore((await world.sites.get(id))!, 'loft', snapshot);
    expect({ ...back.document, id }).toEqual(before);
    expect(back.called).toMatch(/^Bell Buoy, as of \d+ \w+$/);
    expect([back.server, back.open]).toEqual([null, false]);
    expect((await world.sites.get(id))!.document.facts.strapline).toBe('As it is now');
    for (const [place, which] of [
      ['loft', 'abcdef12'],
      ['nowhere', snapshot],
    ] as const)
      await expectAsync(backups.restore((await world.sites.get(id))!, place, which)).toBeRejectedWith(
        jasmine.objectContaining({ status: 404 }),
      );
  });

  it('give the messages back that are not there any more, each once, with what was answered, and to the inbox', async () => {
    const site = () => world.sites.get(id).then((row) => row!);
    const { snapshot } = await newest('loft');
    const inbox = new Inbox(world.db, world.servers);
    const account = (await world.sites.get(id))!.organisation;
    const said = async () => {
      await inbox.fetch();
      return (await inbox.list(account)).messages.map((m) => m.fields['name']);
    };
    const [wilma] = (await world.hostDb(id, 'select id, seq::int from message')).rows as { id: string; seq: number }[];
    expect(await backups.missing(await site(), 'loft', snapshot)).toEqual({ all: 1, missing: 0, messages: [] });
    await world.hostDb(
      id,
      `insert into answer (id, message, words, recipient, by) values (gen_random_uuid(), '${wilma!.id}', 'On Friday', 'w@post.example', 'Ines')`,
    );
    expect((await run()).error).toBeNull();
    const later = (await newest('loft')).snapshot;
    expect(await said()).toEqual(['Wilma']);
    await inbox.erase(account, (await inbox.list(account)).messages[0]!.id);
    expect(await said()).toEqual([]);
    const found = await backups.missing(await site(), 'loft', later);
    expect(found.messages.map((m) => [m.fields['message'], m.answers, m.erased])).toEqual([
      ['A sentence that is nobody else’s', 1, true],
    ]);
    for (const [which, status] of [
      ['00000000-0000-4000-8000-000000000000', 404],
      ['nothing', 400],
    ] as const)
      await expectAsync(backups.putBack(await site(), 'loft', later, [which])).toBeRejectedWith(
        jasmine.objectContaining({ status }),
      );
    // Asked for twice at once, as by a second press.
    const back = await Promise.all([1, 2].map(async () => backups.putBack(await site(), 'loft', later, [wilma!.id])));
    expect(back.sort()).toEqual([0, 1]);
    expect(await said()).toEqual(['Wilma']);
    const kept = await world.hostDb(
      id,
      'select m.id, m.seq::int, a.words from message m join answer a on a.message = m.id',
    );
    expect(kept.rows).toEqual([{ id: wilma!.id, seq: jasmine.any(Number), words: 'On Friday' }]);
    expect((kept.rows[0] as { seq: number }).seq).toBeGreaterThan(wilma!.seq);
    // Whoever hears from the first on what was erased keeps it.
    await world.db.query('delete from inbox_mark');
    expect(await new Inbox(world.db, world.servers).fetch().then(said)).toEqual(['Wilma']);
    expect((await backups.missing(await site(), 'loft', later)).messages).toEqual([]);
  });

  it('give the site as it was, for whoever wants a part of it', async () => {
    const head = (await world.sites.get(id))!;
    const { snapshot } = (await backups.of(id)).backups.filter((b) => b.place === 'shed').at(-1)!;
    const then = await backups.document(head, 'shed', snapshot);
    expect(then.facts.strapline).toBe('As it was first');
    const { document } = (await world.sites.get(id))!;
    const changes = changesTo(document, then);
    const one = changes.find((c) => c.words === factLabel('strapline'))!;
    expect(withSlip(document, [one], true).facts.strapline).toBe('As it was first');
    await expectAsync(backups.document(head, 'shed', 'abcdef12')).toBeRejectedWith(
      jasmine.objectContaining({ status: 404 }),
    );
  });

  it('wait for a place that is away, and go on at the others', async () => {
    await places.down('shed');
    const ran = await run();
    expect(ran.error?.name).toBe('JobLater');
    // What is told of a place has no password in it.
    expect(ran.error?.message).not.toContain('x:y');
    expect(Object.keys(ran.steps)).toContain('Try it out from loft');
    const { troubles } = await backups.of(id);
    expect(troubles.map((t) => t.place)).toEqual(['shed']);
    await places.up('shed');
    expect((await run()).error).toBeNull();
    expect((await backups.of(id)).troubles).toEqual([]);
  });

  it('come before what is risky: at the first place that can be used, and where there is none it waits or says so', async () => {
    const first = (must: boolean) => world.run(id, (work) => backups.first(work, must));
    const old = () => world.db.query(`update backup set made_at = made_at - interval '1 hour' where site = $1`, [id]);
    expect((await first(true)).steps).toEqual({});
    await old();
    expect(Object.keys((await first(true)).steps)).toEqual(['Back up to shed', 'Try it out from shed']);
    expect((await first(true)).steps).toEqual({});
    await old();
    await places.down('shed');
    const ran = await first(true);
    expect([ran.error, Object.keys(ran.steps).slice(-2)]).toEqual([null, ['Back up to loft', 'Try it out from loft']]);
    await old();
    await places.down('loft');
    const waits = await first(true);
    expect([waits.error?.name, waits.error?.message]).toEqual([
      'JobLater',
      jasmine.stringMatching(/^A backup comes first\. shed: .+ loft: /),
    ]);
    expect(waits.error?.message).not.toContain('x:y');
    const went = await first(false);
    expect([went.error, went.steps['Go on without a backup']]).toEqual([null, jasmine.stringContaining('a release')]);
    await Promise.all([places.up('shed'), places.up('loft')]);
    const { id: bare } = await world.sites.create(world.ines.organisation, { name: 'Nowhere yet' });
    await world.sites.setServer(bare, 'quay');
    expect((await world.run(bare, (work) => backups.first(work, true))).steps).toEqual({});
  });

  it('are made though one that was killed has left its lock on the place', async () => {
    const { rows } = await world.db.query<{ password: string }>(
      `select password from backup_place where name = 'shed'`,
    );
    const locks = () => places.files('shed').filter((f) => f.includes('/locks/')).length;
    const killed = spawn('restic', ['check', '--read-data', '--no-cache'], {
      stdio: 'ignore',
      env: {
        PATH: process.env['PATH'],
        RESTIC_REPOSITORY: places.at('shed').repository,
        RESTIC_PASSWORD: Seal.of(world.config.secretsKey).open(rows[0]!.password),
      },
    });
    for (let n = 0; n < 500 && !locks(); n++) await new Promise((done) => setTimeout(done, 10));
    const ended = new Promise((done) => killed.once('exit', done));
    killed.kill('SIGKILL');
    await ended;
    expect(locks()).toBe(1);
    expect((await run()).error).toBeNull();
    expect(locks()).toBe(0);
  });

  it('are found out where what was backed up is not what is served', async () => {
    const blobs = join(world.hostData, 'blobs');
    const { live } = await (async () => ({
      live: JSON.parse(readFileSync(join(world.hostData, 'sites', id, 'current.json'), 'utf8')) as { release: string },
    }))();
    const release = JSON.parse(
      readFileSync(join(world.hostData, 'sites', id, 'releases', `${live.release}.json`), 'utf8'),
    ) as { manifest: { files: Record<string, { hash: string }> } };
    const { hash } = release.manifest.files['/index.html']!;
    const file = join(blobs, hash.slice(0, 2), hash);
    const good = readFileSync(file);
    writeFileSync(file, Buffer.concat([good, Buffer.from('<!-- the disk lost its mind -->')]));
    const ran = await run();
    expect(ran.error?.message).toContain('/index.html does not come as it was');
    const { provenAt, fault } = await newest('shed');
    expect(provenAt).toBeNull();
    expect(fault).toContain('/index.html');
    writeFileSync(file, good);
    expect((await run()).error).toBeNull();
    expect((await newest('shed')).fault).toBeNull();
  });

  it('are let go by rule, and all of a site that is gone with its archive', async () => {
    const kept = async () => {
      const ran = await world.run('', (work) => backups.keepSteps(work));
      expect(ran.error).toBeNull();
      return ran.steps;
    };
    const before = (await backups.of(id)).backups.filter((b) => b.place === 'shed').length;
    expect(before).toBeGreaterThan(2);
    // Of one day the newest is enough.
    const steps = await kept();
    expect(steps['Keep backups at shed by rule']).toMatch(/^1 backup kept, /);
    expect((await backups.of(id)).backups.filter((b) => b.place === 'shed').length).toBe(1);
    expect((await newest('shed')).fault).toBeNull();
    await world.db.query(
      'insert into departure (site, organisation, name) select id, organisation, id from site where id = $1',
      [id],
    );
    await world.db.query('delete from site where id = $1', [id]);
    expect((await kept())['Keep backups at shed by rule']).toMatch(/^0 backups kept/);
    expect(places.files('shed').filter((f) => f.includes('/data/')).length).toBe(0);
  });
});
