import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import sharp from 'sharp';
import type { RunningHost } from '@tin-porch/host';
import { trustedRoots } from '../certificates/certificates.js';
import { DeskClient } from '../demo/desk-client.js';
import { deploySteps } from '../deploy/deploy.js';
import { Inbox } from '../inbox/inbox.js';
import { JobLater, JobRefused } from '../jobs/jobs.js';
import { rollbackSteps } from '../deploy/rollback.js';
import { publishSteps } from '../publish/publish.js';
import { anotherServer } from '../testing/another-server.js';
import { databaseElsewhere } from '../testing/real-database.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Moving } from './moving.js';

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));
const HOUR = 3_600_000;

describe('a site that moves', () => {
  let world: SmallWorld;
  let moving: Moving;
  let slip: RunningHost;
  let slipUrl: string;
  const data = mkdtempSync(join(tmpdir(), 'tin-porch-slip-'));
  const move = (id: string, server: string, killBefore = '') =>
    world.run(id, (work) => moving.steps(work), { input: { server }, killBefore });
  const addressOf = (server: string) => `${world.net}.${server === 'quay' ? 11 : 12}`;
  /** Somebody who asks for the site at one of the servers, over TLS. */
  const visitor = (server: string, domain: string, from?: string) =>
    new DeskClient({
      ...{ address: addressOf(server), port: 8444, host: domain, ca: trustedRoots(world.config) },
      ...(from && { from }),
    });
  const published = async (name: string): Promise<{ id: string; domain: string }> => {
    const domain = `${name.toLowerCase()}.example`;
    const quay = await world.quay();
    world.register(domain, [
      ['@', 'A', quay.address],
      ['www', 'CNAME', `${domain}.`],
    ]);
    const id = await world.site(name, domain);
    expect((await world.run(id, (work) => publishSteps(work, world))).error).toBeNull();
    return { id, domain };
  };
  const formOf = async (id: string) => `/-/forms/${(await world.sites.get(id))!.document.forms[0]!.id}`;
  const write = (at: DeskClient, form: string, message: string) =>
    at.form(form, { name: 'Wilma', mail: 'wilma@post.example', message });
  /** What is in the tables of a site on a server. */
  const rowsAt = async (server: string, id: string, sql: string) => {
    if (server === 'quay') return (await world.hostDb(id, sql)).rows as Record<string, unknown>[];
    const client = new pg.Client({ connectionString: slipUrl });
    await client.connect();
    try {
      await client.query(`set search_path to site_${id.replace(/-/g, '_')}`);
      return (await client.query(sql)).rows as Record<string, unknown>[];
    } finally {
      await client.end();
    }
  };

  beforeAll(async () => {
    world = await smallWorld();
    slipUrl = await databaseElsewhere('createrole');
    slip = await anotherServer(world, data, slipUrl);
    moving = new Moving(world.db, world.config, world.sites, world.servers, world.registrar);
  });
  afterAll(async () => {
    await slip.close();
    await world.end();
    rmSync(data, { recursive: true, force: true });
  });

  it('refuses nobody and loses nothing while people read it, write to it and work on it all the time', async () => {
    const { id, domain } = await published('Lugger');
    const form = await formOf(id);
    const tom = visitor('quay', domain);
    const who = { name: 'Tom', mail: 'tom@lugger.example', role: 'publish', by: 'Ines', origin: 'http://h.example' };
    await tom.follow((await (await world.quay()).client.invite(id, who as never)).token);
    // A photograph that is on no page so far, and a release that can be gone back to.
    const [{ id: first } = { id: '' }] = await world.sites.releases.of(id);
    await world.change(id, { op: 'setFact', field: 'strapline', value: 'What is live by now' });
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    const brought = await tom.bring(
      await sharp({ create: { width: 900, height: 600, channels: 3, background: '#246' } })
        .jpeg()
        .toBuffer(),
      'boat.jpg',
    );
    expect(brought.status).withContext(brought.body).toBe(201);
    const styles = /href="(\/site-[0-9a-z]+\.css)"/.exec((await tom.call('GET', '/')).body)![1]!;

    let phone = (await world.sites.get(id))!.document.facts.phone;
    let changed = 0;
    const change = async (value: string) => {
      const { status, body } = await tom.change([{ kind: 'fact', field: 'phone', was: phone, value }]);
      if (status !== 200) throw new Error(`${status} ${body}`);
      changed++;
      phone = value;
    };
    // What presses a page is started by the first change.
    await change('01632 960 600');

    const refused: string[] = [];
    const sent: string[] = [];
    let read = 0;
    let over = false;
    const note = (what: string, status: number, wanted: number) => {
      if (status !== wanted) refused.push(`${what}: ${status}`);
    };
    const failed = (what: string) => (error: Error) => void refused.push(`${what}: ${error.message}`);
    const all = [
      ...['127.1.9.1', '127.1.9.2', '127.1.9.3'].map(async (from) => {
        const reader = visitor('quay', domain, from);
        while (!over)
          for (const path of ['/', styles, '/contact/']) {
            await reader
              .call('GET', path)
              .then((a) => note(a.status === 200 ? path : `${path} ${a.body}`, a.status, 200), failed(path));
            read++;
            await pause(40);
          }
      }),
      ...[0, 1, 2].map(async (writer) => {
        for (let n = 0; !over; n++) {
          const message = `Message ${n} of ${writer}`;
          // Each from an address of its own, as visitors are.
          const at = visitor('quay', domain, `127.2.${writer}.${1 + (n % 250)}`);
          await write(at, form, message).then((a) => {
            note(message, a.status, 303);
            sent.push(message);
          }, failed(message));
          await pause(150);
        }
      }),
      (async () => {
        while (!over) {
          await change(`01632 960 ${600 + changed}`);
          await pause(300);
        }
      })().catch(failed('a change')),
    ];
    await pause(600);
    const ran = await move(id, 'slip');
    await pause(1200);
    over = true;
    await Promise.all(all);
    expect(ran.error).toBeNull();
    expect(refused).toEqual([]);
    expect([read > 60, sent.length > 20, changed > 1])
      .withContext(`${read} ${sent.length} ${changed}`)
      .toEqual([true, true, true]);

    // Every message once, there and in the inbox; nothing came to where it was after it had moved.
    const there = (await rowsAt('slip', id, `select fields->>'message' as m from message`)).map((r) => String(r['m']));
    expect(there.sort()).toEqual([...sent].sort());
    expect((await rowsAt('quay', id, 'select 1 from message')).length).toBeLessThan(sent.length);
    const inbox = new Inbox(world.db, world.servers);
    await inbox.fetch();
    const { all: taken, aside } = await inbox.counts(world.ines.organisation);
    expect(taken + aside).toBe(sent.length);
    // What was changed is there to the last step, and whoever was signed in still is.
    await world.live.pull(id, (await world.servers.get('slip'))!.client);
    expect(await world.live.known(id)).toBe(changed);
    expect((await tom.call('GET', '/')).body).toContain(phone);
    expect((await visitor('slip', domain).call('GET', '/')).body).toContain(phone);
    expect((await tom.api('GET', '/messages')).status).toBe(200);
    // Who came is known by the address they came from, by whichever server they came.
    const log = readFileSync(join(data, 'logs', id, `${new Date().toISOString().slice(0, 10)}.log`), 'utf8');
    expect(log).toContain('127.1.9.2 ');
    const wrong = log.match(/^127\.(?!1\.9\.|2\.|0\.0\.1 - - \[[^\]]+\] "GET \/ ).*$/gm) ?? [];
    expect(wrong).toEqual([]);
    const pictures = await rowsAt('slip', id, 'select medium::text as m from picture');
    const hashes = [...new Set(pictures.flatMap((r) => String(r['m']).match(/[0-9a-f]{64}/g) ?? []))];
    expect(hashes.length).toBeGreaterThan(2);
    expect(await (await world.servers.get('slip'))!.client.missing(hashes)).toEqual([]);
    expect((await world.run(id, (work) => rollbackSteps(work, world), { input: { release: first } })).error).toBeNull();
    expect((await world.sites.get(id))!.server).toBe('slip');
    expect(world.names.get(domain)!.records.find((r) => r.name === '@' && r.type === 'A')!.data).toBe(
      addressOf('slip'),
    );
  });

  it('is led on by name, by www, plainly and at its temporary address; what is under way there is its new server’s', async () => {
    const [id, domain] = ['lugger', 'lugger.example'];
    expect((await visitor('quay', `www.${domain}`).call('GET', '/contact/')).headers.location).toBe(
      `https://${domain}:8444/contact/`,
    );
    const plain = new DeskClient({ address: addressOf('quay'), port: 8081, host: domain });
    expect((await plain.call('GET', '/contact/?a=1')).headers.location).toBe(`https://${domain}:8444/contact/?a=1`);
    const temporary = new DeskClient({ address: addressOf('quay'), port: 8712, host: `${id}.quay.test` });
    const led = await temporary.call('GET', '/contact/?a=1');
    expect([led.status, led.headers.location]).toEqual([307, `http://${id}.slip.test:8712/contact/?a=1`]);
    // A challenge of its certificate is answered where it is.
    const { client } = (await world.servers.get('slip'))!;
    const token = 'abcdefghijklmnopqrstuv';
    await client.putChallenge(token, `${token}.thumb`);
    expect((await plain.call('GET', `/.well-known/acme-challenge/${token}`)).body).toBe(`${token}.thumb`);
    await client.dropChallenge(token);
    // Nobody changes there what is here no more, nor gives it another certificate.
    await expectAsync((await world.quay()).client.putCertificate(domain, 'k', 'c')).toBeRejectedWithError(/has moved/);
    const quay = await world.quay();
    await expectAsync(quay.client.deskLink(id, 'Ines', null)).toBeRejectedWithError(/has moved/);
    // It is deployed as ever.
    await world.change(id, { op: 'setFact', field: 'strapline', value: 'Words of another day' });
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    expect((await visitor('quay', domain).call('GET', '/')).body).toContain('Words of another day');
  });

  it('is taken off where it was once nobody comes there any more, and not before', async () => {
    const id = 'lugger';
    const [first] = await moving.of(id);
    expect([first!.from, first!.to]).toEqual(['quay', 'slip']);
    await moving.tidy();
    expect((await moving.of(id))[0]!.waits).toContain('48 hours');
    expect((await moving.of(id))[0]!.led).toBeGreaterThan(20);
    const later = (hours: number) => new Date(Date.now() + hours * HOUR);
    // Somebody came since: also where it was led on for long enough.
    await world.db.query(`update site_move set moved_at = now() - interval '60 hours'`);
    await visitor('quay', 'lugger.example').call('GET', '/');
    await moving.tidy();
    expect((await moving.of(id))[0]!.waits).toContain('24 hours');
    // One that is asked for it still answers with the old address.
    const { dns } = world.config;
    const asked = new Moving(
      world.db,
      {
        dns: { ...dns, resolvers: [dns.authority!] },
        backups: { cron: '40 1 * * *', places: [{ name: 'shed', repository: 'rest:http://shed.test/' }] },
      },
      world.sites,
      world.servers,
      world.registrar,
    );
    const zone = world.names.get('lugger.example')!;
    const { records } = zone;
    world.names.setRecords(zone, [{ name: '@', type: 'A', ttl: 1, data: addressOf('quay') }]);
    await asked.tidy(later(120));
    expect((await moving.of(id))[0]!.waits).toContain(`not ${addressOf('slip')}`);
    world.names.setRecords(zone, records);
    // What took its place is to be safe first: a backup that was proven, and since it moved.
    await world.db.query(`insert into backup_place (name, password) values ('shed', 'x')`);
    const backup = (snapshot: string, hours: number, proven: boolean) =>
      world.db.query(
        `insert into backup (site, place, snapshot, made_at, proven_at, added, files, rows, ms)
         values ($1, 'shed', $2, now() - make_interval(hours => $3), case when $4 then now() end, 0, 0, 0, 0)`,
        [id, snapshot, hours, proven],
      );
    await backup('before', 70, true);
    await backup('untried', 1, false);
    await asked.tidy(later(120));
    expect((await moving.of(id))[0]!.waits).toContain('No backup was proven');
    await backup('since', 1, true);
    await asked.tidy(later(120));
    expect(await moving.of(id)).toEqual([]);
    expect(existsSync(join(world.hostData, 'sites', id))).toBeFalse();
    expect((await visitor('slip', 'lugger.example').call('GET', '/')).status).toBe(200);
  });

  it('goes on wherever it was killed, and comes to the same', async () => {
    const { id, domain } = await published('Wherry');
    const form = await formOf(id);
    const steps = [
      ...['Look at both servers', 'Copy its files', 'Copy its logs', 'Have slip believe whom quay leads there'],
      ...['Carry the last of it over', 'Open it on slip', 'Lead its domain there'],
    ];
    for (const [n, step] of steps.entries()) {
      expect((await move(id, 'slip', step)).error?.message).toBe('killed');
      const { status, body } = await write(visitor('quay', domain, `127.3.1.${n + 1}`), form, `Before ${step}`);
      expect(status).withContext(body).toBe(303);
    }
    const { steps: ran, error } = await move(id, 'slip');
    expect(error).toBeNull();
    expect(ran['Copy its files']).toBeUndefined();
    const there = await rowsAt('slip', id, `select fields->>'message' as m from message`);
    expect(there.map((r) => r['m']).sort()).toEqual(steps.map((s) => `Before ${s}`).sort());
  });

  it('is where it is led to where the move is stopped right then, and is moved to its end by the next', async () => {
    const { id, domain } = await published('Skiff');
    const form = await formOf(id);
    for (const at of ['Copy its files', 'Carry the last of it over']) {
      const stop = new AbortController();
      const work = {
        job: { id: '0', site: id, input: { server: 'slip' } },
        signal: stop.signal,
        step: async (name: string, run: () => Promise<unknown>) => {
          const came = await run();
          if (name === at) stop.abort();
          stop.signal.throwIfAborted();
          return came;
        },
      };
      await expectAsync(moving.steps(work as never)).toBeRejected();
      expect((await visitor('quay', domain).call('GET', '/')).status).toBe(200);
      const { status, body } = await write(visitor('quay', domain, '127.3.4.1'), form, `After ${at}`);
      expect(status).withContext(body).toBe(303);
    }
    expect((await world.sites.get(id))!.server).toBe('slip');
    expect((await move(id, 'slip')).error).toBeNull();
    expect((await rowsAt('slip', id, 'select 1 from message')).length).toBe(2);
    await expectAsync((await world.servers.get('slip'))!.client.dropLuggage(id)).toBeResolved();
    expect((await visitor('slip', domain).call('GET', '/')).status).toBe(200);
  });

  it('stays where it is and works there where the other server goes away in the middle; nothing of it is left there', async () => {
    const { id, domain } = await published('Cutter');
    const form = await formOf(id);
    // Away before what is carried over comes: what waited goes on here.
    await move(id, 'slip', 'Carry the last of it over');
    await slip.close();
    const waiting = pause(150).then(() => write(visitor('quay', domain, '127.3.2.1'), form, 'While it was held'));
    const ran = await move(id, 'slip');
    expect(ran.error).toBeInstanceOf(JobLater);
    expect((await waiting).status).toBe(303);
    expect((await rowsAt('quay', id, 'select 1 from message')).length).toBe(1);
    expect((await world.sites.get(id))!.server).toBe('quay');
    slip = await anotherServer(world, data, slipUrl);
    // A site that is to be there already is not written over.
    expect((await move('wherry', 'slip')).error).toBeNull();
    await expectAsync((await world.quay()).client.dropLuggage(id)).toBeResolved();
    expect((await visitor('quay', domain).call('GET', '/')).status).toBe(200);
    expect((await move(id, 'nowhere')).error).toBeInstanceOf(JobRefused);
  });

  it('waits for what is under way, and lets go again where nobody comes for it', async () => {
    const { id, domain } = await published('Ketch');
    const form = await formOf(id);
    const { client } = await world.quay();
    const holding = world.hostDb(id, 'begin; lock table message in access exclusive mode; select pg_sleep(1); commit');
    await pause(200);
    const under = write(visitor('quay', domain, '127.3.3.1'), form, 'Under way');
    await pause(100);
    const began = performance.now();
    const token = await client.hold(id);
    expect(performance.now() - began).toBeGreaterThan(300);
    expect((await under).status).toBe(303);
    await holding;
    // Held: pages are served, what changes it waits.
    expect((await visitor('quay', domain).call('GET', '/')).status).toBe(200);
    let answered = false;
    const waits = write(visitor('quay', domain, '127.3.3.2'), form, 'Waiting').then((a) => ((answered = true), a));
    await pause(400);
    expect(answered).toBeFalse();
    await expectAsync(client.deskLink(id, 'Ines', null)).toBeRejectedWithError(/being moved/);
    // What was held by another token is worth nothing.
    const again = await client.hold(id);
    await expectAsync(client.luggage(id, token)).toBeRejectedWithError(/let go/);
    await client.letGo(id);
    expect((await waits).status).toBe(303);
    await expectAsync(
      client.leadOn(id, again, { address: '127.0.0.1', httpPort: 1, httpsPort: 1, temporary: 'http://x.test' }),
    ).toBeRejectedWithError(/let go/);
  });

  it('comes back to where it was while it is still led on from there, and is led on from the other', async () => {
    const [id, domain] = ['wherry', 'wherry.example'];
    const form = await formOf(id);
    const refused: string[] = [];
    const sent: string[] = [];
    let over = false;
    const writing = ['quay', 'slip'].map(async (server, w) => {
      for (let n = 0; !over; n++) {
        const message = `Back ${n} by ${server}`;
        const { status } = await write(visitor(server, domain, `127.4.${w}.${1 + n}`), form, message);
        if (status === 303) sent.push(message);
        else refused.push(`${message}: ${status}`);
        await pause(40);
      }
    });
    await pause(300);
    const ran = await move(id, 'quay');
    await pause(500);
    over = true;
    await Promise.all(writing);
    expect(ran.error).toBeNull();
    expect(refused).toEqual([]);
    const here = await rowsAt(
      'quay',
      id,
      `select fields->>'message' as m from message where fields->>'message' like 'Back%'`,
    );
    expect(here.map((r) => String(r['m'])).sort()).toEqual([...sent].sort());
    expect((await moving.of(id)).map((m) => [m.from, m.to])).toEqual([['slip', 'quay']]);
    expect((await visitor('slip', domain).call('GET', '/')).status).toBe(200);
  });
});
