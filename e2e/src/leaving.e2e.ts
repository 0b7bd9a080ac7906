import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import sharp from 'sharp';
import { realDatabase } from '@tin-porch/server/testing';
import type { SiteDocument } from '@tin-porch/core/model';
import { until } from './support/stack-for-tests.js';

const root = fileURLToPath(new URL('../..', import.meta.url));
const BRIEF = `# Quill & Plane Joinery

We are four joiners in an old sail loft above the harbour. We make doors and stairs. Since 2009.

Phone: 01632 960 417
Mail: workshop@quillandplane.example

## Services
- Sash windows, from £310: Mended and hung
- Staircases
- Doors
`;

const freePort = (): Promise<number> =>
  new Promise((done) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => done(port));
    });
  });

/** What a client leaves with: a folder, a database and Node, on a machine that has nothing of ours. */
describe('An exported site by itself', () => {
  let folder: string;
  let database: Awaited<ReturnType<typeof realDatabase>>;
  let url: string;
  const running: ChildProcess[] = [];
  // Nothing of the house is in its environment, nor where it stands.
  const alone = (more: Record<string, string> = {}) => ({
    cwd: folder,
    env: { PATH: process.env['PATH']!, HOME: folder, DATABASE_URL: url, ...more },
    encoding: 'utf8' as const,
  });
  const cms = (...args: string[]) => spawnSync(process.execPath, [join(folder, 'cms/cms.mjs'), ...args], alone());
  const db = async <T extends object>(sql: string, values: unknown[] = []): Promise<T[]> => {
    const pool = new pg.Client({ connectionString: url });
    await pool.connect();
    try {
      return (await pool.query<T & pg.QueryResultRow>(sql, values)).rows;
    } finally {
      await pool.end();
    }
  };
  async function serve(): Promise<{ origin: string; child: ChildProcess; stop(): Promise<void> }> {
    const port = await freePort();
    const child = spawn(process.execPath, [join(folder, 'cms/cms.mjs'), 'serve'], {
      ...alone({ PORT: String(port) }),
      stdio: 'pipe',
    });
    running.push(child);
    const origin = `http://127.0.0.1:${port}`;
    await until(
      'it answers',
      () =>
        fetch(`${origin}/-/well`).then(
          (r) => r.ok,
          () => false,
        ),
      20,
    );
    return {
      origin,
      child,
      stop: () =>
        new Promise((done) => {
          child.once('exit', () => done());
          child.kill('SIGTERM');
        }),
    };
  }
  /** Somebody at the desk of a site, wherever it answers by now. */
  const atDesk = (origin: () => string) => {
    let cookie = '';
    return async (method: string, path: string, body?: unknown, type = 'application/json') => {
      const response = await fetch(`${origin()}/-/desk/api${path}`, {
        method,
        headers: { 'x-desk': '1', cookie, 'content-type': type },
        body: body === undefined ? null : Buffer.isBuffer(body) ? (body as BodyInit) : JSON.stringify(body),
      });
      cookie = response.headers.get('set-cookie')?.split(';')[0] ?? cookie;
      return { status: response.status, body: (await response.json().catch(() => ({}))) as Record<string, unknown> };
    };
  };
  const send = (origin: string, message: string) =>
    fetch(`${origin}/-/forms/contact`, {
      method: 'POST',
      redirect: 'manual',
      headers: { 'content-type': 'application/x-www-form-urlencoded' },
      body: new URLSearchParams({ name: 'Nell Farrow', mail: 'nell@post.example', message }).toString(),
    });

  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'a-site-by-itself-'));
    const brief = join(folder, 'brief.md');
    writeFileSync(brief, BRIEF);
    const built = spawnSync(process.execPath, [
      join(root, 'server/dist/run/porch.mjs'),
      'build',
      brief,
      '--out',
      folder,
    ]);
    expect(built.status).withContext(String(built.stderr)).toBe(0);
    database = await realDatabase();
  });
  // Each with an empty database.
  beforeEach(async () => {
    url = await database.another('');
  });
  afterAll(async () => {
    for (const child of running) child.kill('SIGKILL');
    await database.end();
    rmSync(folder, { recursive: true, force: true });
  });

  it('needs Node and PostgreSQL, and nothing that would have to be installed', () => {
    expect(readdirSync(join(folder, 'cms')).sort()).toEqual([
      'LICENSE',
      'README.md',
      'cms.env.example',
      'cms.mjs',
      'desk',
      'package.json',
      'passkey-worker.mjs',
      'picture-worker.mjs',
      'tin-porch-cms.service',
    ]);
    const about = JSON.parse(readFileSync(join(folder, 'cms/package.json'), 'utf8')) as Record<string, unknown>;
    expect(about['dependencies']).toBeUndefined();
    expect(about['license']).toBe('MIT');
    const help = cms('help');
    expect([help.status, help.stdout.includes('backup FILE')]).toEqual([0, true]);
    // As a package too, with no registry in reach.
    const by = spawnSync('npx', ['--offline', '--yes', './cms', 'help'], {
      ...alone({ npm_config_registry: 'http://127.0.0.1:9' }),
    });
    expect([by.status, by.stdout.includes('backup FILE')])
      .withContext(by.stderr)
      .toEqual([0, true]);
    // What the readme tells to be told is what it takes.
    for (const name of readFileSync(join(folder, 'cms/cms.env.example'), 'utf8').matchAll(/^#?([A-Z_]{4,})=/gm))
      expect(readFileSync(join(folder, 'cms/cms.mjs'), 'utf8')).toContain(name[1]!);
  });

  it('says plainly what it lacks', () => {
    const tried = (args: string[], env: Record<string, string>) => {
      const { status, stderr } = spawnSync(process.execPath, [join(folder, 'cms/cms.mjs'), ...args], {
        ...alone(),
        env: { PATH: process.env['PATH']!, ...env },
        encoding: 'utf8',
      });
      return [status, stderr.split('\n')[0]];
    };
    expect(tried(['serve'], {})).toEqual([2, jasmine.stringMatching(/^DATABASE_URL says/)]);
    expect(tried(['serve', '--site', '/nowhere'], { DATABASE_URL: url })).toEqual([
      2,
      jasmine.stringMatching(/^There is no exported site in \/nowhere/),
    ]);
    expect(tried(['serve', '--port', 'x'], { DATABASE_URL: url })).toEqual([
      2,
      jasmine.stringMatching(/^--port takes/),
    ]);
    expect(tried(['fly'], { DATABASE_URL: url })).toEqual([2, 'There is no command “fly”.']);
    expect(tried(['backup'], { DATABASE_URL: url })).toEqual([2, 'backup takes a file.']);
    expect(tried(['migrate'], { DATABASE_URL: 'postgres://nobody@127.0.0.1:9/none' })[0]).toBe(1);
    writeFileSync(join(folder, 'none.gz'), 'no backup at all');
    expect(tried(['restore', join(folder, 'none.gz')], { DATABASE_URL: url })).toEqual([
      1,
      jasmine.stringMatching(/^The backup cannot be read/),
    ]);
    expect(tried(['restore', join(folder, 'gone.gz')], { DATABASE_URL: url })).toEqual([
      1,
      jasmine.stringMatching(/^The backup cannot be read.*gone\.gz/),
    ]);
  });

  it('serves what was exported, with what pages are sent with, and takes messages', async () => {
    const { origin, stop } = await serve();
    const home = await fetch(`${origin}/`);
    expect(await home.text()).toBe(readFileSync(join(folder, 'public/index.html'), 'utf8'));
    expect(home.headers.get('content-security-policy')).toContain("default-src 'none'");
    expect(home.headers.get('x-powered-by')).toBeNull();
    const style = readdirSync(join(folder, 'public')).find((f) => f.endsWith('.css'))!;
    expect((await fetch(`${origin}/${style}`)).headers.get('cache-control')).toContain('immutable');
    const missing = await fetch(`${origin}/nowhere`);
    expect([missing.status, (await missing.text()).includes('<h1')]).toEqual([404, true]);
    expect((await fetch(`${origin}/..%2fsite.json`)).status).toBeGreaterThanOrEqual(400);
    const sent = await send(origin, 'Is there a sash window that opens?');
    expect([sent.status, sent.headers.get('location')]).toEqual([303, '/-/forms/contact/sent']);
    const thanks = await (await fetch(`${origin}/-/forms/contact/sent`)).text();
    expect(thanks).toContain('role="status"');
    expect(thanks).toContain(style);
    const refused = await fetch(`${origin}/-/forms/contact`, { method: 'POST' });
    expect(refused.status).toBe(422);
    await stop();
    expect(await db('select form, fields->>$1 as name from message', ['name'])).toEqual([
      { form: 'contact', name: 'Nell Farrow' },
    ]);
  });

  it('has old addresses lead on', async () => {
    const file = join(folder, 'site.json');
    const document = JSON.parse(readFileSync(file, 'utf8')) as SiteDocument;
    writeFileSync(file, JSON.stringify({ ...document, redirects: [{ from: '/stairs.html', to: 'page:contact' }] }));
    const { origin, stop } = await serve();
    const led = await fetch(`${origin}/stairs.html`, { redirect: 'manual' });
    expect([led.status, led.headers.get('location')]).toEqual([301, '/contact/']);
    await stop();
  });

  it('has a desk: changed there, it is served, also after a kill, on another machine, and not over unseen', async () => {
    let { origin, child, stop } = await serve();
    expect((await fetch(`${origin}/-/desk/`)).status).toBe(200);
    const at = new URL(origin);
    const link = cms('invite', 'nell@post.example', 'Nell', '--origin', origin).stdout.trim();
    expect(link.startsWith(`${origin}/-/desk/#link=`)).toBe(true);
    const call = atDesk(() => `http://127.0.0.1:${at.port}`);
    expect((await call('POST', '/follow', { link: link.split('=')[1] })).status).toBe(204);
    const change = (was: string, value: string) =>
      call('POST', '/changes', { id: randomUUID(), changes: [{ kind: 'fact', field: 'phone', was, value }] });
    const contact = async () => (await fetch(`http://127.0.0.1:${at.port}/contact/`)).text();
    expect(await contact()).toContain('01632 960 417');
    expect(await change('01632 960 417', '01632 960 418')).toEqual({ status: 200, body: { seq: 1, live: true } });
    expect(await contact()).toContain('01632 960 418');
    // What is exported stays as it was, and the fonts and pictures are not there twice.
    expect(readFileSync(join(folder, 'public/contact/index.html'), 'utf8')).toContain('01632 960 417');
    child.kill('SIGKILL');
    await new Promise((done) => child.once('exit', done));
    const again = async () => {
      ({ origin, child, stop } = await serve());
      at.port = new URL(origin).port;
    };
    await again();
    expect(await contact()).toContain('01632 960 418');
    await change('01632 960 418', '01632 960 419');
    await stop();
    // On another machine: the export, and a backup.
    const file = join(folder, 'changed.jsonl.gz');
    expect(cms('backup', file).status).toBe(0);
    rmSync(join(folder, 'releases'), { recursive: true });
    url = await database.another('');
    expect(cms('restore', file).status).toBe(0);
    await again();
    expect(await contact()).toContain('01632 960 419');
    await stop();
    // Another export is not put over what its people changed, unless that is said.
    const exported = readFileSync(join(folder, 'site.json'), 'utf8');
    const other = JSON.parse(exported) as SiteDocument;
    writeFileSync(join(folder, 'site.json'), JSON.stringify({ ...other, facts: { ...other.facts, founded: '2010' } }));
    const refused = cms('serve', '--port', at.port);
    expect([refused.status, refused.stderr]).toEqual([1, jasmine.stringContaining('changed 2 times since')] as never);
    writeFileSync(join(folder, 'site.json'), exported);
    rmSync(join(folder, 'releases'), { recursive: true });
  });

  it('takes photographs in once what they are developed with is there, and keeps them beside the site', async () => {
    let { origin, stop } = await serve();
    const call = atDesk(() => origin);
    const come = async () => {
      const link = cms('invite', `${randomUUID()}@post.example`, 'Nell', '--origin', origin).stdout.trim();
      expect((await call('POST', '/follow', { link: link.split('=')[1] })).status).toBe(204);
    };
    await come();
    const jpeg = await sharp({ create: { width: 700, height: 500, channels: 3, background: '#336655' } })
      .jpeg()
      .toBuffer();
    expect((await call('GET', '/here')).body['pictures']).toBe(false);
    expect((await call('POST', '/pictures?name=slip.jpg', jpeg, 'image/jpeg')).status).toBe(409);
    type Pages = { sections: { pictures: { at: object; shown: { media: string } }[] }[] }[];
    const first = async () =>
      ((await call('GET', '/pages')).body['pages'] as Pages).flatMap((p) => p.sections.flatMap((s) => s.pictures))[0]!;
    // Those it was exported with are looked at in any case.
    expect((await call('GET', `/pictures/${(await first()).shown.media}`)).status).toBe(200);
    await stop();
    symlinkSync(join(root, 'node_modules'), join(folder, 'cms/node_modules'));
    ({ origin, stop } = await serve());
    expect((await call('GET', '/here')).body['pictures']).toBe(true);
    const { id } = (await call('POST', '/pictures?name=slip.jpg', jpeg, 'image/jpeg')).body as { id: string };
    const { at, shown } = await first();
    const change = { kind: 'picture', at, was: shown, value: { media: id, alt: 'The slip' } };
    expect((await call('POST', '/changes', { id: randomUUID(), changes: [change] })).body['live']).toBe(true);
    const home = async () => (await fetch(`${origin}/`)).text();
    const [address] = new RegExp(`/pictures/${id}[^" ]*\\.webp`).exec(await home())!;
    const served = async () =>
      (await sharp(Buffer.from(await (await fetch(`${origin}${address}`)).arrayBuffer())).metadata()).width;
    expect(await served()).toBe(480);
    await stop();
    // What was pressed is gone: it is pressed anew of what is kept.
    rmSync(join(folder, 'releases'), { recursive: true });
    ({ origin, stop } = await serve());
    expect(await home()).toContain('alt="The slip"');
    expect(await served()).toBe(480);
    await stop();
    rmSync(join(folder, 'cms/node_modules'));
    rmSync(join(folder, 'releases'), { recursive: true });
  });

  it('is backed up and restored to the row, in the place of what is there only where that is said', async () => {
    const { origin, stop } = await serve();
    for (let n = 0; n < 5; n++) expect((await send(origin, `Message “${n}”, with a\nline`)).status).toBe(303);
    await stop();
    const rows = () => db('select * from message order by seq');
    const before = await rows();
    expect(before.length).toBe(5);
    const file = join(folder, 'kept.jsonl.gz');
    expect(cms('backup', file).stdout).toContain('Backed up');
    const again = cms('restore', file);
    expect([again.status, again.stderr]).toEqual([1, jasmine.stringContaining('--replace')] as never);
    expect(await rows()).toEqual(before);
    await db('delete from message where seq > 2');
    expect(cms('restore', file, '--replace').stdout).toContain('6 rows are back');
    expect(await rows()).toEqual(before);
    // A file that was cut off puts nothing in place.
    const cut = join(folder, 'cut.jsonl.gz');
    writeFileSync(cut, readFileSync(file).subarray(0, -30));
    expect(cms('restore', cut, '--replace').status).toBe(1);
    expect(await rows()).toEqual(before);
    // One of an older step comes back as rows of today.
    const old = join(folder, 'old.jsonl.gz');
    const row = { id: '6f1c2a54-0b7e-4f5e-9f0e-1d2c3b4a5968', seq: 7, form: 'contact', fields: { name: 'Early' } };
    const lines = [
      { backup: 1, step: 1, at: '' },
      { table: 'message', row: { ...row, received_at: '2026-01-02' } },
    ];
    writeFileSync(old, gzipSync(lines.map((l) => `${JSON.stringify(l)}\n`).join('')));
    expect(cms('restore', old, '--replace').stdout).toContain('1 rows are back');
    expect(await db('select form, aside from message')).toEqual([{ form: 'contact', aside: false }]);
    // On another machine: an empty database, and messages that count on.
    url = await database.another('');
    expect(cms('restore', file).stdout).toContain('6 rows are back');
    expect(await rows()).toEqual(before);
    const there = await serve();
    expect((await send(there.origin, 'And one more')).status).toBe(303);
    await there.stop();
    const [last] = await db<{ seq: string }>('select max(seq) as seq from message');
    expect(Number(last!.seq)).toBe(Number((before.at(-1) as { seq: string }).seq) + 1);
  });

  it('has its tables brought forward and back, once, whoever does it at the same time', async () => {
    const steps = () => db<{ id: number }>('select id from cms_migration order by id').then((r) => r.map((x) => x.id));
    // Tables that were made before steps were counted are brought forward as they are.
    await db(`create table message (id uuid primary key default gen_random_uuid(), seq bigint generated always as identity,
      form text not null, fields jsonb not null, received_at timestamptz not null default now())`);
    await db(`insert into message (form, fields) values ('contact', '{"name":"Early"}')`);
    const both = await Promise.all(
      [0, 1].map(
        () =>
          new Promise<number | null>((done) =>
            spawn(process.execPath, [join(folder, 'cms/cms.mjs'), 'migrate'], alone()).on('exit', done),
          ),
      ),
    );
    expect(both).toEqual([0, 0]);
    expect(await steps()).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13]);
    expect(await db('select fields->>$1 as name, aside from message', ['name'])).toEqual([
      { name: 'Early', aside: false },
    ]);
    expect(cms('migrate', '--to', '1').stdout).toContain('put aside');
    expect(await steps()).toEqual([1]);
    expect(await db('select fields->>$1 as name from message', ['name'])).toEqual([{ name: 'Early' }]);
    expect(cms('migrate').status).toBe(0);
    expect(cms('migrate').stdout).toContain('already');
    expect(cms('migrate', '--to', '0').status).toBe(0);
    expect(await steps()).toEqual([]);
    // Tables of a newer program are left alone.
    await db('insert into cms_migration (id) values (99)');
    expect(cms('migrate').stderr).toContain('step 99');
  });
});
