import { renameSync } from 'node:fs';
import { dirname } from 'node:path';
import { Restic } from '@tin-porch/press/keeping';
import { agentFor, newIdentity, takeNext, type Identity } from '@tin-porch/sign-in/pairing';
import { fetch } from 'undici';
import { Backups } from '../backups/backups.js';
import { deploySteps } from '../deploy/deploy.js';
import { backupPlaces } from '../testing/backup-places.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Credentials } from './credentials.js';
import { Seal } from './seal.js';

/** A real server and a real backup place, which Tin Porch is let in at by other keys from one moment to the next. */
describe('keys and passwords', () => {
  let world: SmallWorld;
  let places: ReturnType<typeof backupPlaces<'shed' | 'loft'>>;
  let backups: Backups;
  let credentials: Credentials;
  let seal: Seal;
  let id: string;
  let backedUp: number;
  const url = () => `https://${world.net}.11:9012`;
  const since = () => new Date(Date.now() - 1).toISOString();
  const run = (at = since()) =>
    world.run(id, (work) => credentials.steps({ ...work, job: { ...work.job, input: { since: at } } }));
  /** What is kept here of the server: ours, and what it is known by. */
  const kept = async (): Promise<{ own: Identity; certificate: string }> => {
    const { rows } = await world.db.query<{ key: string; own: string; certificate: string }>(
      `select own_key as key, own_certificate as own, certificate from server where name = 'quay'`,
    );
    const { key, own, certificate } = rows[0]!;
    return { own: { key: seal.open(key), certificate: own }, certificate };
  };
  const password = async (name: string) =>
    seal.open((await world.db.query('select password from backup_place where name = $1', [name])).rows[0].password);
  /** Whether the server lets somebody in who has these keys, and takes it for who it is known to be. */
  const letIn = async ({ own, certificate }: Awaited<ReturnType<typeof kept>>): Promise<boolean> => {
    const dispatcher = agentFor(own, certificate);
    const answer = await fetch(`${url()}/v1/health`, { dispatcher }).catch(() => null);
    await dispatcher.destroy();
    return answer?.status === 200;
  };
  const snapshots = (secret: string, name: 'shed' | 'loft' = 'shed') =>
    new Restic(`${world.hostData}-cache`, 'test').snapshots({ ...places.at(name), password: secret });
  const pending = async () =>
    (await world.db.query(`select 1 from server where next_key is not null or next_certificate is not null`)).rowCount;

  beforeAll(async () => {
    world = await smallWorld();
    places = backupPlaces(world.net, { shed: 35, loft: 36 });
    await Promise.all([places.up('shed'), places.up('loft')]);
    seal = Seal.of(world.config.secretsKey);
    const config = { cron: '40 1 * * *', places: [places.at('shed'), places.at('loft')] };
    backups = new Backups(world.db, config, world.sites, world.servers, seal);
    credentials = new Credentials(world.servers, backups, () => Promise.resolve(void backedUp++));
    id = await world.site('Bell Buoy', null, 2);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    expect((await world.run(id, (work) => backups.steps(work))).error).toBeNull();
  });
  beforeEach(() => (backedUp = 0));
  afterAll(async () => {
    places.end();
    await world.end();
  });

  it('are all made anew in one go; those of before open nothing, and what was kept is still there', async () => {
    const [before, secret] = [await kept(), await password('shed')];
    const { rows } = await world.db.query<{ snapshot: string }>(`select snapshot from backup where place = 'shed'`);
    expect((await credentials.all()).map((c) => [c.kind, c.name])).toEqual([
      ['server', 'quay'],
      ['place', 'shed'],
      ['place', 'loft'],
    ]);
    const at = since();
    const ran = await run(at);
    expect(ran.error).toBeNull();
    expect(Object.keys(ran.steps)).toEqual(['Keys of quay', 'Password of shed', 'Password of loft']);
    expect(backedUp).toBe(1);
    const after = await kept();
    expect(after.own.key).not.toBe(before.own.key);
    expect(await letIn(after)).toBeTrue();
    // It shows another certificate, so that it is not even spoken to by who knows the one of before.
    expect(await letIn(before)).toBeFalse();
    expect(await letIn({ ...before, certificate: after.certificate }))
      .withContext('for a moment')
      .toBeTrue();
    await world.hostDown();
    await world.hostUp();
    expect(await letIn({ ...before, certificate: after.certificate })).toBeFalse();
    expect(await letIn(after)).toBeTrue();
    await expectAsync(snapshots(secret)).toBeRejectedWithError(/wrong password/);
    expect((await snapshots(await password('shed'))).map((s) => s.id)).toContain(rows[0]!.snapshot);
    expect((await world.run(id, (work) => backups.steps(work))).error).toBeNull();
    for (const c of await credentials.all()) expect(c.since! >= new Date(at)).toBeTrue();
    // Those that are done since it was asked for are done.
    expect((await run(at)).steps).toEqual({});
  });

  it('refuse nobody who asks meanwhile', async () => {
    let over = false;
    const failed: string[] = [];
    let asked = 0;
    const asking = Array.from({ length: 6 }, async () => {
      while (!over) {
        const { client } = await world.quay();
        await client.health().catch((error: Error) => failed.push(error.message));
        asked++;
      }
    });
    for (let n = 0; n < 4; n++) await world.servers.renewKeys('quay');
    over = true;
    await Promise.all(asking);
    expect(failed).toEqual([]);
    expect(asked).toBeGreaterThan(10);
  });

  it('are what both sides have, wherever it was killed', async () => {
    // What is next was put by, and the server never asked.
    const next = await newIdentity('Tin Porch');
    await world.db.query(`update server set next_key = $1, next_own_certificate = $2 where name = 'quay'`, [
      seal.close(next.key),
      next.certificate,
    ]);
    expect(await letIn(await kept())).toBeTrue();
    await world.servers.renewKeys('quay');
    expect((await kept()).own.certificate).toBe(next.certificate);
    // The server took them into use, and nobody heard of it.
    const third = await newIdentity('Tin Porch');
    const { client } = await world.quay();
    const certificate = await client.nextKeys(third.certificate);
    await world.db.query(
      `update server set next_key = $1, next_own_certificate = $2, next_certificate = $3 where name = 'quay'`,
      [seal.close(third.key), third.certificate, certificate],
    );
    expect(await takeNext(url(), third, (await kept()).certificate, certificate)).toBeTrue();
    await world.hostDown();
    await world.hostUp();
    expect((await client.health()).database).toBeTrue();
    expect([(await kept()).own.certificate, await pending()]).toEqual([third.certificate, 0]);
    // A server that knows nothing of what was made ready goes on with what there is.
    await world.db.query(
      `update server set next_key = $1, next_own_certificate = $2, next_certificate = $2 where name = 'quay'`,
      [seal.close(next.key), next.certificate],
    );
    expect((await client.health()).database).toBeTrue();
    expect([(await kept()).own.certificate, await pending()]).toEqual([third.certificate, 0]);
  });

  it('of a place are what opens it, wherever it was killed', async () => {
    const before = await password('shed');
    const next = 'a-password-of-32-letters-or-more';
    const shed = { repository: places.at('shed').repository, password: before };
    const { client } = await world.quay();
    // Added there, and not taken into use here.
    await client.addPassword(shed, next);
    await world.db.query(`update backup_place set next_password = $1 where name = 'shed'`, [seal.close(next)]);
    expect((await world.run(id, (work) => backups.steps(work))).error).toBeNull();
    await backups.renewPassword('shed');
    expect(await password('shed')).toBe(next);
    await expectAsync(snapshots(before)).toBeRejectedWithError(/wrong password/);
    // Taken into use here, and the one before not taken away there.
    await client.addPassword({ ...shed, password: next }, before);
    await backups.renewPassword('shed');
    for (const old of [before, next]) await expectAsync(snapshots(old)).toBeRejectedWithError(/wrong password/);
    expect((await snapshots(await password('shed'))).length).toBeGreaterThan(0);
  });

  it('of a place that has lost what was kept there stay: it may have it again', async () => {
    const before = await password('loft');
    const [config] = places.files('loft').filter((f) => f.endsWith('/config'));
    const all = dirname(config!);
    // Who serves it remembers what was there.
    const moved = async (from: string, to: string) => {
      await places.down('loft');
      renameSync(from, to);
      await places.up('loft');
    };
    await moved(all, `${all}-away`);
    await expectAsync(backups.renewPassword('loft')).toBeRejectedWithError(/What was kept at loft is not there/);
    expect(await password('loft')).toBe(before);
    await moved(`${all}-away`, all);
    await backups.renewPassword('loft');
    expect((await snapshots(await password('loft'), 'loft')).length).toBeGreaterThan(0);
  });

  it('keep none of the others where one does not answer, and are made anew there once it does', async () => {
    const [loft, shed] = [await password('loft'), await password('shed')];
    await places.down('loft');
    const at = since();
    const ran = await run(at);
    expect([ran.error?.name, backedUp]).toEqual(['JobLater', 0]);
    expect(await password('shed')).not.toBe(shed);
    expect(await password('loft')).toBe(loft);
    await places.up('loft');
    const again = await run(at);
    expect([again.error, Object.keys(again.steps), backedUp]).toEqual([null, ['Password of loft'], 1]);
    await expectAsync(snapshots(loft, 'loft')).toBeRejectedWithError(/wrong password/);
    expect((await world.run(id, (work) => backups.steps(work))).error).toBeNull();
  });

  it('of a place that no server uses stay, and hold nothing up', async () => {
    const own = { ...places.at('loft'), name: 'its own', server: 'quay' };
    const only = new Backups(world.db, { cron: '40 1 * * *', places: [own] }, world.sites, world.servers, seal);
    const all = new Credentials(world.servers, only, () => Promise.resolve(void backedUp++));
    const before = await kept();
    const ran = await world.run(id, (work) => all.steps({ ...work, job: { ...work.job, input: { since: since() } } }));
    expect([ran.error?.name, ran.error?.message, backedUp]).toEqual([
      'JobRefused',
      'No server backs sites up at its own.',
      1,
    ]);
    expect((await kept()).own.certificate).not.toBe(before.own.certificate);
  });

  it('wait for a server that is away, with those it has', async () => {
    const before = await kept();
    await world.hostDown();
    expect((await run()).error?.name).toBe('JobLater');
    await world.hostUp();
    expect(await letIn(before)).toBeTrue();
    expect((await (await world.quay()).client.health()).database).toBeTrue();
  });
});
