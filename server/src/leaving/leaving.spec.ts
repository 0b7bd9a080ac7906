import { randomUUID } from 'node:crypto';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { PassThrough, Writable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import fc from 'fast-check';
import { unzipSync } from 'fflate';
import type { SiteDocument } from '@tin-porch/core/model';
import { deploySteps } from '../deploy/deploy.js';
import { DeskClient } from '../demo/desk-client.js';
import { realDatabase } from '../testing/real-database.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { Leaving, type Wanted } from './leaving.js';
import { writeZip, type FolderFile } from '@tin-porch/press/leaving';

const AT = new Date('2026-06-15T08:00:00Z');
const zipped = async (files: { path: string; bytes: string | Uint8Array }[]) => {
  const out = new PassThrough();
  const [bytes] = await Promise.all([buffer(out), writeZip(files, out, AT)]);
  return unzipSync(bytes);
};

describe('a ZIP archive that is written as it is taken', () => {
  it('gives back every file, whatever it is called and holds', async () => {
    // What is unpacked is an object here, in which one name is taken.
    const name = fc
      .stringMatching(/^[a-zäöü0-9 _-]{1,12}(?:\.(?:html|webp|json|gz))?$/u)
      .filter((n) => n !== '__proto__');
    await fc.assert(
      fc.asyncProperty(
        fc.uniqueArray(fc.tuple(name, fc.uint8Array({ maxLength: 4000 })), { selector: ([n]) => n, maxLength: 12 }),
        async (files) => {
          const back = await zipped(files.map(([path, bytes]) => ({ path, bytes })));
          expect(Object.keys(back).sort()).toEqual(files.map(([n]) => n).sort());
          for (const [path, bytes] of files) expect(Buffer.from(back[path]!).equals(bytes)).toBeTrue();
        },
      ),
      { numRuns: 40 },
    );
  });

  it('goes no faster than it is taken, and ends where nobody takes it', async () => {
    let most = 0;
    const slow = new Writable({
      highWaterMark: 10_000,
      write(_part, _encoding, done) {
        most = Math.max(most, slow.writableLength);
        setTimeout(done, 1);
      },
    });
    const bytes = new Uint8Array(20_000);
    await writeZip(
      Array.from({ length: 30 }, (_, n) => ({ path: `${n}.webp`, bytes })),
      slow,
      AT,
    );
    expect(most).toBeLessThan(50_000);
    const gone = new PassThrough({ highWaterMark: 10 });
    const files = Array.from({ length: 30 }, (_, n) => ({ path: `${n}.webp`, bytes }));
    setTimeout(() => gone.destroy(), 5);
    await expectAsync(writeZip(files, gone, AT)).toBeRejectedWithError(/[Pp]remature close/);
  });
});

/** A site made and looked after here, taken out of it, and served from an empty folder by Node and PostgreSQL alone. */
describe('a site that leaves', () => {
  let world: SmallWorld;
  let leaving: Leaving;
  let id: string;
  let tom: DeskClient;
  let folder: string;
  let database: Awaited<ReturnType<typeof realDatabase>>;
  const running: ChildProcess[] = [];
  const row = async () => (await world.sites.get(id))!;
  const take = async (wanted: Wanted) => {
    const files: FolderFile[] = [];
    for await (const f of await leaving.folder(await row(), wanted)) files.push(f);
    return files;
  };
  const cms = (url: string, ...args: string[]) =>
    spawnSync(process.execPath, [join(folder, 'cms/cms.mjs'), ...args], {
      cwd: folder,
      env: { PATH: process.env['PATH']!, DATABASE_URL: url },
      encoding: 'utf8',
    });

  beforeAll(async () => {
    world = await smallWorld();
    database = await realDatabase();
    folder = mkdtempSync(join(tmpdir(), 'a-site-that-left-'));
    leaving = new Leaving(world.servers, world.live, world.pictures);
    id = await world.site('Hollis & Wren');
  });
  afterAll(async () => {
    for (const child of running) child.kill('SIGKILL');
    await world.end();
    await database.end();
    rmSync(folder, { recursive: true, force: true });
  });

  it('can be taken as it is drafted before it is anywhere, and not as it is live', async () => {
    await world.change(id, { op: 'setLock', lock: 'kind/hours', locked: true });
    const files = await take({ which: 'drafts', kept: false });
    // What was left to the designer is nobody’s there: it is the client’s.
    const site = files.find((f) => f.path === 'site.json')!;
    expect(JSON.parse(Buffer.from(site.bytes as Uint8Array).toString('utf8'))).not.toEqual(
      jasmine.objectContaining({ locks: jasmine.anything() }),
    );
    expect((await world.sites.get(id))!.document.locks).toEqual(['kind/hours']);
    const paths = files.map((f) => f.path);
    for (const path of [
      'README.md',
      'site.json',
      'tokens.json',
      'public/index.html',
      'cms/cms.mjs',
      'cms/desk/index.html',
    ])
      expect(paths).toContain(path);
    expect(new Set(paths).size).toBe(paths.length);
    for (const wanted of [
      { which: 'live', kept: false },
      { which: 'drafts', kept: true },
    ] as const)
      await expectAsync(take(wanted)).toBeRejectedWith(jasmine.objectContaining({ status: 409 }) as never);
  });

  it('is served elsewhere as visitors saw it, with messages, answers and who is at the desk', async () => {
    await world.sites.setOpen(id, true);
    expect((await world.run(id, (work) => deploySteps(work, world))).error).toBeNull();
    tom = new DeskClient({ address: `${world.net}.11`, port: 8712, host: `${id}.quay.test` });
    const { client } = await world.quay();
    const who = {
      name: 'Tom',
      mail: 'tom@hollis.example',
      role: 'publish',
      by: 'Ines',
      origin: 'http://h.example',
    } as const;
    await tom.follow((await client.invite(id, who)).token);
    expect((await tom.api('PUT', '/password', { password: 'a boat under oak' })).status).toBe(204);
    const { facts, forms } = (await row()).document;
    const change = { kind: 'fact', field: 'phone', was: facts.phone, value: '01632 960 555' };
    expect((await tom.change([change])).status).toBe(200);
    const sent = await tom.form(`/-/forms/${forms[0]!.id}`, {
      name: 'Wilma',
      mail: 'wilma@post.example',
      message: 'Room for one?',
    });
    expect(sent.status).toBe(303);
    // Drafted, and not live.
    await world.change(id, { op: 'setFact', field: 'strapline', value: 'Only drafted' });

    const back = await zipped(await take({ which: 'live', kept: true }));
    for (const [path, bytes] of Object.entries(back)) {
      mkdirSync(dirname(join(folder, path)), { recursive: true });
      writeFileSync(join(folder, path), bytes);
    }
    const document = JSON.parse(readFileSync(join(folder, 'site.json'), 'utf8')) as SiteDocument;
    expect([document.facts.phone, document.facts.strapline === 'Only drafted']).toEqual(['01632 960 555', false]);
    expect(readFileSync(join(folder, 'README.md'), 'utf8')).toContain('restore kept.jsonl.gz');
    const url = await database.another('');
    const restored = cms(url, 'restore', join(folder, 'kept.jsonl.gz'));
    expect(restored.stdout).withContext(restored.stderr).toContain('rows are back');

    const port = await new Promise<number>((done) => {
      const server = createServer().listen(0, '127.0.0.1', () => {
        const { port } = server.address() as AddressInfo;
        server.close(() => done(port));
      });
    });
    const child = spawn(process.execPath, [join(folder, 'cms/cms.mjs'), 'serve'], {
      cwd: folder,
      env: { PATH: process.env['PATH']!, DATABASE_URL: url, PORT: String(port) },
      stdio: 'ignore',
    });
    running.push(child);
    const there = new DeskClient({ address: '127.0.0.1', port, host: `127.0.0.1:${port}` });
    for (let left = 100; left > 0; left--) {
      const well = await there.call('GET', '/-/well').catch(() => null);
      if (well?.status === 200) break;
      await new Promise((done) => setTimeout(done, 100));
    }
    expect((await there.call('GET', '/')).body).toBe((await tom.call('GET', '/')).body);
    // With the password from there, and nothing that only the servers of Tin Porch know.
    const came = await there.api('POST', '/sign-in', { mail: 'tom@hollis.example', password: 'a boat under oak' });
    expect(came.status).toBe(204);
    there.cookie = (came.headers['set-cookie'] as string[])[0]!.split(';')[0]!;
    const { messages } = await there.read<{ messages: { fields: { value: string }[] }[] }>('/messages');
    expect(messages.map((m) => m.fields.map((f) => f.value))).toEqual([
      jasmine.arrayContaining(['Wilma', 'Room for one?']) as never,
    ]);
    const again = { id: randomUUID(), changes: [{ ...change, was: '01632 960 555', value: '01632 960 556' }] };
    expect(JSON.parse((await there.api('POST', '/changes', again)).body)).toEqual({ seq: 1, live: true });

    // Whose it is takes it along from there too, with what was changed since, and the CMS as it stands there.
    const letIn = cms(url, 'invite', 'ada@hollis.example', 'Ada', '--role', 'owner');
    const ada = new DeskClient({ address: '127.0.0.1', port, host: `127.0.0.1:${port}` });
    await ada.follow(/#link=([\w-]+)/.exec(letIn.stdout)![1]!);
    const onceMore = unzipSync(await ada.bytes('/-/desk/api/site.zip'));
    const [root] = Object.keys(onceMore)[0]!.split('/');
    // What was changed is called otherwise by what is in it.
    const named = (paths: string[]) => paths.map((p) => p.replace(/-[0-9a-f]{8}(?=\.\w+$)/, '')).sort();
    expect(named(Object.keys(onceMore))).toEqual(named(Object.keys(back).map((p) => `${root}/${p}`)));
    for (const path of Object.keys(back).filter((p) => p.startsWith('cms/')))
      expect(Buffer.from(onceMore[`${root}/${path}`]!).equals(back[path]!))
        .withContext(path)
        .toBeTrue();
    const { facts: now } = JSON.parse(Buffer.from(onceMore[`${root}/site.json`]!).toString('utf8')) as SiteDocument;
    expect(now.phone).toBe('01632 960 556');
  });

  it('waits for its server where that does not answer, and says so', async () => {
    await world.hostDown();
    await expectAsync(take({ which: 'live', kept: true })).toBeRejectedWithError(/does not answer/);
    // As it is drafted it needs nobody.
    expect((await take({ which: 'drafts', kept: false })).length).toBeGreaterThan(20);
    await world.hostUp();
  });
});
