import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { RunningHost } from '@tin-porch/host';
import { visit } from '../care/visitor.js';
import { trustedRoots } from '../certificates/certificates.js';
import { DeskClient } from '../demo/desk-client.js';
import { deploySteps } from '../deploy/deploy.js';
import { Inbox } from '../inbox/inbox.js';
import { publishSteps } from '../publish/publish.js';
import { Seal } from '../secrets/seal.js';
import { backupPlaces } from '../testing/backup-places.js';
import { databaseElsewhere } from '../testing/real-database.js';
import { anotherServer } from '../testing/another-server.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Backups } from './backups.js';

/** A server that is gone for ever, and another that takes a site of it over from what was backed up. */
describe('a site whose server is gone', () => {
  let world: SmallWorld;
  let backups: Backups;
  let places: ReturnType<typeof backupPlaces<'shed'>>;
  let slip: RunningHost;
  let id: string;
  let tom: DeskClient;
  const data = mkdtempSync(join(tmpdir(), 'tin-porch-slip-'));
  const domain = 'mooring.example';
  const revive = (killBefore = '') =>
    world.run(id, (work) => backups.reviveSteps(work, world), { input: { server: 'slip' }, killBefore });
  const site = async () => (await world.sites.get(id))!;
  const page = async () => {
    const server = (await world.servers.get((await site()).server!))!;
    const roots = trustedRoots(world.config);
    return visit({
      ...{ scheme: 'https', host: domain, path: '/', address: server.address, port: server.httpsPort },
      roots,
    });
  };
  const send = async (at: DeskClient, message: string) => {
    const { forms } = (await site()).document;
    const sent = await at.form(`/-/forms/${forms[0]!.id}`, { name: 'Wilma', mail: 'wilma@post.example', message });
    expect(sent.status).toBe(303);
  };
  const phone = async (was: string, value: string) =>
    expect((await tom.change([{ kind: 'fact', field: 'phone', was, value }])).status).toBe(200);

  beforeAll(async () => {
    world = await smallWorld();
    slip = await anotherServer(world, data, await databaseElsewhere('createrole'));
    places = backupPlaces(world.net, { shed: 35 });
    await places.up('shed');
    backups = new Backups(
      world.db,
      { cron: '40 1 * * *', places: [places.at('shed')] },
      world.sites,
      world.servers,
      Seal.of(world.config.secretsKey),
    );
    const quay = await world.quay();
    world.register(domain, [
      ['@', 'A', quay.address],
      ['www', 'CNAME', `${domain}.`],
    ]);
    id = await world.site('Mooring', domain);
    expect((await world.run(id, (work) => publishSteps(work, world))).error).toBeNull();
    tom = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
    const who = { name: 'Tom', mail: 'tom@mooring.example', role: 'publish', by: 'Ines', origin: 'http://h.example' };
    await tom.follow((await quay.client.invite(id, who as never)).token);
    expect((await tom.api('PUT', '/password', { password: 'a boat under oak' })).status).toBe(204);
  });
  afterAll(async () => {
    places.end();
    await slip.close();
    await world.end();
    rmSync(data, { recursive: true, force: true });
  });

  it('is not brought up elsewhere while its server answers, or without a proven backup', async () => {
    expect((await revive()).error?.message).toContain('quay answers');
    await world.hostDown();
    expect((await revive()).error?.message).toContain('No backup');
    await world.hostUp();
    expect((await site()).server).toBe('quay');
  });

  it('is there again, with its people, messages, keys and certificate, killed before any step', async () => {
    const { facts } = (await site()).document;
    await phone(facts.phone, '01632 960 501');
    await send(tom, 'Before the backup');
    expect((await world.run(id, (work) => backups.steps(work))).error).toBeNull();
    // What happens after the last backup: the drafts have it, the backup has not.
    await phone('01632 960 501', '01632 960 502');
    await world.live.pull(id, (await world.quay()).client);
    const known = await world.live.known(id);
    const before = (await page()).body;
    await world.hostDown();

    for (const step of ['Find the newest that was proven', 'Bring it up on slip', 'Lead its domain there'])
      expect((await revive(step)).error?.message)
        .withContext(step)
        .toBe('killed');
    const ran = await revive();
    expect(ran.error).toBeNull();
    expect([(await site()).server, (await site()).open]).toEqual(['slip', true]);
    // As it was when it was backed up, on the domain, with the certificate it had.
    const now = await page();
    expect(now.status).toBe(200);
    expect(now.body).toContain('01632 960 501');
    expect(now.body.replaceAll('01632 960 501', '01632 960 502').replaceAll('01632960501', '01632960502')).toBe(before);
    expect(existsSync(join(data, 'sites', id, 'mail-key.pem'))).toBe(
      existsSync(join(world.hostData, 'sites', id, 'mail-key.pem')),
    );

    // Tom comes in with the password he had, and changes it there: none of it is taken for what was before.
    tom = new DeskClient({ address: `${world.net}.12`, port: 8712, host: `${id}.slip.test` });
    await tom.signIn('tom@mooring.example', 'a boat under oak');
    const client = (await world.servers.get('slip'))!.client;
    await phone('01632 960 501', '01632 960 503');
    await world.live.pull(id, client);
    expect(await world.live.known(id)).toBe(known + 1);
    const inbox = new Inbox(world.db, world.servers);
    await send(tom, 'After it was brought up');
    await inbox.fetch();
    const { messages } = await inbox.list(world.ines.organisation, {});
    expect(messages.map((m) => m.fields['message']).sort()).toEqual(['After it was brought up', 'Before the backup']);
  });

  it('goes on from there: it is deployed, backed up and brought up no second time', async () => {
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    expect((await page()).body).toContain('01632 960 503');
    expect((await world.run(id, (work) => backups.steps(work))).error).toBeNull();
    await expectAsync(
      (await world.servers.get('slip'))!.client.bringUp(
        id,
        { repository: places.at('shed').repository, password: 'not-the-password-of-it' },
        'abcdef12',
        0,
      ),
    ).toBeRejectedWithError(/on this server already/);
  });
});
