import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Restic } from '@tin-porch/press/keeping';
import { openDatabase } from '../db/database.js';
import { Seal } from '../secrets/seal.js';
import { Servers } from '../servers/servers.js';
import { Sites } from '../sites/sites.js';
import { backupPlaces } from '../testing/backup-places.js';
import { realDatabase } from '../testing/real-database.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { backUpOwn, proveOwn, restoreOwn } from './own-backup.js';
import { OwnBackups } from './own-backups.js';

/** Tin Porch itself, backed up and restored where there is nothing of it. */
describe('a backup of Tin Porch itself', () => {
  let world: SmallWorld;
  let empty: Awaited<ReturnType<typeof realDatabase>>;
  let places: ReturnType<typeof backupPlaces<'shed'>>;
  let id: string;
  const folder = mkdtempSync(join(tmpdir(), 'tin-porch-elsewhere-'));
  const place = () => ({ repository: places.at('shed').repository, password: 'kept on paper in a drawer' });
  /** An empty machine: a database that holds nothing, and no key. */
  const elsewhere = async (name: string) => ({
    databaseUrl: await empty.another(''),
    secretsKey: join(folder, name, 'secrets.key'),
  });

  beforeAll(async () => {
    world = await smallWorld();
    empty = await realDatabase();
    places = backupPlaces(world.net, { shed: 35 });
    await places.up('shed');
    id = await world.site('Lantern Loft');
    await world.db.query(`insert into picture_bytes (hash, type, bytes) values ('one', 'image/webp', '\\x00ff10')`);
  });
  afterAll(async () => {
    places.end();
    await world.end();
    await empty.end();
    rmSync(folder, { recursive: true, force: true });
  });

  it('is none at a place that has none', async () => {
    await expectAsync(restoreOwn(await elsewhere('early'), place())).toBeRejected();
    await expectAsync(
      backUpOwn({ ...world.config, secretsKey: join(folder, 'nowhere') }, place()),
    ).toBeRejectedWithError(/no key/);
  });

  it('is restored whole on an empty machine: sites, history, pictures, and secrets that can be opened', async () => {
    const made = await backUpOwn(world.config, place());
    expect(made.sites).toBe(1);
    const there = await elsewhere('whole');
    const back = await restoreOwn(there, place());
    expect(back.sites).toBe(1);
    expect(Math.abs(Date.parse(back.at) - Date.now())).toBeLessThan(120_000);
    const db = openDatabase(there.databaseUrl);
    try {
      const sites = new Sites(db);
      const site = (await sites.get(id))!;
      expect(site.document).toEqual((await world.sites.get(id))!.document);
      expect((await sites.log.history(id, 60)).length).toBe((await world.sites.log.history(id, 60)).length);
      const { rows } = await db.query<{ bytes: Buffer }>(`select bytes from picture_bytes where hash = 'one'`);
      expect(rows[0]!.bytes.toString('hex')).toBe('00ff10');
      // It speaks with the servers as before: what was closed is opened by the key that came with it.
      const [quay] = await new Servers(db, Seal.of(there.secretsKey)).all();
      expect((await quay!.client.health()).name).toBe('quay');
      // It goes on from there.
      const { ines } = world;
      await sites.log.change(id, { op: 'setFact', field: 'phone', value: '01632 960 600' }, ines);
      expect((await sites.get(id))!.head).toBe(site.head + 1);
    } finally {
      await db.end();
    }
    expect(statSync(there.secretsKey).mode & 0o077).toBe(0);
    expect(readFileSync(there.secretsKey, 'utf8').trim()).toBe(readFileSync(world.config.secretsKey, 'utf8').trim());
    for (const words of ['Lantern Loft', readFileSync(there.secretsKey, 'utf8').trim()])
      expect(places.files('shed').some((f) => readFileSync(f).includes(words))).toBeFalse();
    await expectAsync(restoreOwn(there, place())).toBeRejectedWithError(/holds something already/);
  });

  it('is the newest of several', async () => {
    await world.change(id, { op: 'setFact', field: 'phone', value: '01632 960 601' });
    await backUpOwn(world.config, place());
    const there = await elsewhere('newest');
    await restoreOwn(there, place());
    const db = openDatabase(there.databaseUrl);
    expect((await new Sites(db).get(id))!.document.facts.phone).toBe('01632 960 601');
    await db.end();
  });

  it('is opened by its password alone, and puts itself over no other key', async () => {
    const there = await elsewhere('wrong');
    await expectAsync(restoreOwn(there, { ...place(), password: 'not what it was closed with' })).toBeRejected();
    expect(existsSync(there.secretsKey)).toBeFalse();
    const other = { ...there, secretsKey: join(folder, 'other.key') };
    writeFileSync(other.secretsKey, 'another key\n');
    await expectAsync(restoreOwn(other, place())).toBeRejectedWithError(/Another key/);
    expect(readFileSync(other.secretsKey, 'utf8')).toBe('another key\n');
    // Nothing was put into the database either.
    await restoreOwn(there, place());
  });

  describe('each night', () => {
    const file = join(folder, 'password');
    const backups = (role = world.config.databaseUrl, repository = places.at('shed').repository) =>
      new OwnBackups(world.db, {
        databaseUrl: role,
        secretsKey: world.config.secretsKey,
        backups: {
          cron: '40 1 * * *',
          places: [],
          own: { passwordFile: file, places: [{ name: 'shed', repository }] },
        },
      });
    const run = (which: OwnBackups) => world.run('', (work) => which.steps(work));
    const databases = async () =>
      (await world.db.query<{ name: string }>(`select datname as name from pg_database where datname like '%\\_try'`))
        .rows;

    it('wants a password that is kept in a file', async () => {
      expect((await run(backups())).error?.message).toContain('There is no password');
      writeFileSync(file, 'short\n');
      expect((await run(backups())).error?.name).toBe('JobRefused');
      expect(await new OwnBackups(world.db, world.config).state()).toBeNull();
      writeFileSync(file, `${place().password}\n`);
    });

    it('is made and proven: every row of every table came back, and a secret was opened', async () => {
      const ran = await run(backups());
      expect(ran.error).toBeNull();
      expect(Object.keys(ran.steps)).toEqual([
        'Back Tin Porch up to shed',
        'Try it out from shed',
        'Keep backups at shed by rule',
      ]);
      const [state] = (await backups().state())!.places;
      const { rows } = await world.db.query<{ n: number }>('select count(*)::int as n from operation');
      expect(state!.sites).toBe(1);
      expect(state!.provenRows).toBeGreaterThan(rows[0]!.n);
      expect(state!.provenOf).toEqual(state!.madeAt);
      expect(state!.trouble).toBeNull();
      expect(await databases()).toEqual([]);
      // By rule one of a day is kept, and it is restored as any other is.
      const there = await elsewhere('night');
      expect((await restoreOwn(there, place())).sites).toBe(1);
    });

    it('is found out where a row is missing, or where the key is another', async () => {
      const { snapshot } = await backUpOwn(world.config, place());
      const proven = await proveOwn(world.config, place(), snapshot);
      expect(proven.rows).toBeGreaterThan(20);
      const other = { ...world.config, secretsKey: join(folder, 'quite-another.key') };
      writeFileSync(other.secretsKey, `${Buffer.alloc(32, 7).toString('base64')}\n`);
      const odd = await backUpOwn(other, place());
      await expectAsync(proveOwn(world.config, place(), odd.snapshot)).toBeRejectedWithError(
        /does not open the secrets/,
      );
      // One that lies about a table it has not.
      const restic = new Restic(join(folder, 'cache'), 'porch');
      const root = join(folder, 'lied');
      const stage = await restic.restore(place(), snapshot, root);
      const about = JSON.parse(readFileSync(join(stage, 'about.json'), 'utf8')) as { rows: Record<string, number> };
      about.rows['public.site']! += 1;
      writeFileSync(join(stage, 'about.json'), JSON.stringify(about));
      const lied = await restic.backUp(place(), stage, ['tin-porch']);
      await expectAsync(proveOwn(world.config, place(), lied.id)).toBeRejectedWithError(
        'Of 2 rows of public.site, 1 came back.',
      );
      expect(await databases()).toEqual([]);
      await expectAsync(
        proveOwn({ ...world.config, databaseUrl: await empty.another('') }, place(), snapshot),
      ).toBeRejectedWithError(/may make no database to try it out in/);
    });

    it('says what is in its way: a place that is away; and keeps what was known', async () => {
      await places.down('shed');
      const ran = await run(backups());
      expect(ran.error?.name).toBe('JobLater');
      const [state] = (await backups().state())!.places;
      expect(state!.trouble).toBeTruthy();
      expect(state!.trouble).not.toContain('x:y');
      expect(state!.provenAt).not.toBeNull();
      await places.up('shed');
      expect((await run(backups())).error).toBeNull();
      expect((await backups().state())!.places[0]!.trouble).toBeNull();
    });
  });
});
