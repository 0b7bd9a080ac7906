import { readdirSync, writeFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { request as httpRequest, type IncomingHttpHeaders } from 'node:http';
import { join } from 'node:path';
import { keepMessage, messagesAfter, migrateTables } from '@tin-porch/cms';
import { seeded } from '@tin-porch/core/ground';
import { writeVersion } from '@tin-porch/core/making';
import pg from 'pg';
import { MAIL, PASSWORD, stackForTests, until } from './support/stack-for-tests.js';
import { withServer } from '@tin-porch/server/reach';

/** How much of each attack: a sample here, the whole where it is measured. */
const SCALE = Number(process.env['ATTACKS'] ?? 1);
const FACTS = {
  name: 'Gant & Sons, Ropemakers',
  trade: 'ropemaker',
  place: 'Saltmarrow',
  mail: 'walk@gantrope.example',
  description: 'We lay rope in the long walk behind the chapel. Every rope is tarred by hand.',
  services: [{ id: 'v1', name: 'Mooring ropes', detail: '', price: '£12' }],
};
interface Detail {
  head: number;
  open: boolean;
  liveRelease: string | null;
  temporary: string;
  jobs: { kind: string; state: string }[];
  releases: { id: string; what: string[] }[];
}

describe('Attacked', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let id: string;
  const random = seeded(20261126);
  const detail = () => test.api.call<Detail>('GET', `/sites/${id}`);
  const pid = (name: string) => test.stack.programs.get(name)!.child!.pid!;
  const change = (operation: object) => test.api.call('POST', `/sites/${id}/operations`, { operation });
  const send = (
    path: string,
    options: {
      method?: string;
      headers?: Record<string, string>;
      body?: string | Buffer;
      address?: string;
      port?: number;
      from?: string;
    } = {},
  ) =>
    new Promise<{ status: number; headers: IncomingHttpHeaders; text: string }>((done, fail) => {
      const req = httpRequest(
        {
          host: options.address ?? '127.0.0.1',
          port: options.port ?? Number(new URL(test.stack.url).port),
          path,
          method: options.method ?? 'GET',
          headers: {
            ...options.headers,
            ...(options.body !== undefined && { 'content-length': String(Buffer.byteLength(options.body)) }),
          },
          ...(options.from && { localAddress: options.from }),
          timeout: 20_000,
        },
        (res) => {
          let text = '';
          res.setEncoding('utf8').on('data', (part: string) => (text += part));
          res.on('end', () => done({ status: res.statusCode ?? 0, headers: res.headers, text }));
        },
      );
      req.on('timeout', () => req.destroy(new Error(`no answer to ${path}`)));
      req.on('error', fail).end(options.body);
    });
  /** The longest a plain request had to wait while something else was going on, ms. */
  const meanwhile = async (work: () => Promise<unknown>): Promise<number> => {
    let going = true;
    const done = work().finally(() => (going = false));
    let longest = 0;
    while (going) {
      const started = performance.now();
      await send('/mark.svg');
      longest = Math.max(longest, performance.now() - started);
      await new Promise((r) => setTimeout(r, 15));
    }
    await done;
    return longest;
  };

  beforeAll(async () => {
    test = await stackForTests({ mostWaitMs: 400 });
    ({ id } = await test.api.call<{ id: string }>('POST', '/sites', FACTS));
    const { document } = await test.api.call<{ document: { facts: never } }>('GET', `/sites/${id}`);
    await change(writeVersion(document.facts, 1));
    await test.api.call('PUT', `/sites/${id}/server`, { server: 'quay' });
    await test.api.job(id, 'publish');
  });
  afterAll(() => test?.end());

  it('with requests that make no sense, it says no and tells nothing', async () => {
    const before = pid('porch');
    const bits = [
      '..',
      '%00',
      '%',
      '\u00e9',
      '//',
      'constructor',
      '__proto__',
      '{"a":',
      '[[[[',
      '\u0000',
      '😀',
      '-1',
      '1e309',
      'null',
      '<script>',
      "'; drop table site; --",
      '${7*7}',
    ];
    const paths = [
      '/api/sites',
      `/api/sites/${id}`,
      `/api/sites/${id}/operations`,
      '/api/inbox',
      '/api/references',
      '/api/briefs',
      '/choose/x',
      '/window/sites/x',
      '/fonts/x',
      '/api/session',
      '/',
    ];
    for (let n = 0; n < 300 * SCALE; n++) {
      const bit = () => random.pick(bits);
      const path =
        encodeURI(random.pick(paths)) +
        (random.next() < 0.5
          ? `/${encodeURIComponent(bit())}`
          : `?${encodeURIComponent(bit())}=${encodeURIComponent(bit())}`);
      const body =
        random.next() < 0.5 ? bit() : JSON.stringify({ [bit()]: bit(), operation: { op: bit() }, text: bit() });
      const answer = await send(path, {
        method: random.pick(['GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD']),
        headers: {
          ...test.api.headers(),
          'content-type': random.pick(['application/json', 'text/plain', 'application/x-www-form-urlencoded']),
          ...(random.next() < 0.2 && {
            origin: random.pick(['null', 'http://', 'not an origin', 'http://evil.example']),
          }),
        },
        body,
      });
      expect(answer.status).withContext(`${path} ${body}`).toBeLessThan(500);
      expect(answer.text)
        .withContext(path)
        .not.toMatch(/\bat .*\.(?:js|mjs|ts):\d+|node_modules|\/server\//);
    }
    // Among so many one may well have signed out.
    await test.api.signIn(MAIL, PASSWORD);
    const deep = await send('/api/briefs', {
      method: 'POST',
      headers: { ...test.api.headers(), 'content-type': 'application/json' },
      body: `{"text":${'['.repeat(90_000)}${']'.repeat(90_000)}}`,
    });
    expect(deep.status).toBe(400);
    expect(pid('porch')).toBe(before);
  });

  it('by a name that was made to lead here, it answers nothing', async () => {
    const port = new URL(test.stack.url).port;
    for (const host of [
      'evil.example',
      `evil.example:${port}`,
      `127.0.0.1.evil.example:${port}`,
      `localhost`,
      `127.0.0.1:1`,
      '[::2]',
    ])
      expect((await send('/', { headers: { host } })).status)
        .withContext(host)
        .toBe(421);
    for (const host of [`127.0.0.1:${port}`, `localhost:${port}`, `LOCALHOST:${port}`])
      expect((await send('/', { headers: { host } })).status)
        .withContext(host)
        .toBe(200);
  });

  it('by pages, styles and drawings made to hold a reader up, it goes on answering', async () => {
    const css = `:root{--a0:#123456;${Array.from({ length: 9 }, (_, n) => `--a${n + 1}:${`var(--a${n}) `.repeat(10)};`).join('')}}`;
    const html = [
      `<style>${css}body{${'background:var(--a9);'.repeat(20)}}</style><body>`,
      '<div>'.repeat(300_000),
      `<style>${'@media x{'.repeat(100_000)}</style><body>`,
      `<style>body{background:${'calc('.repeat(60_000)}}</style><body>`,
    ];
    const before = pid('porch');
    for (const page of html) {
      const waited = await meanwhile(() => test.api.call('POST', '/references', { html: page }).catch(() => undefined));
      expect(waited).withContext(page.slice(0, 40)).toBeLessThan(2000);
    }
    const doubled = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><g id="d0"><path d="M0 0h4"/></g>${Array.from({ length: 40 }, (_, n) => `<g id="d${n + 1}"><use href="#d${n}"/><use href="#d${n}"/></g>`).join('')}<use href="#d40"/></svg>`;
    await expectAsync(change({ op: 'setMark', mark: { kind: 'file', svg: doubled } })).toBeRejected();
    const drawing = await send(`/api/sites/${id}/pictures?name=x.svg`, {
      method: 'POST',
      headers: { ...test.api.headers(), 'content-type': 'application/octet-stream' },
      body: Buffer.from(doubled),
    });
    expect([drawing.status, drawing.text.includes('repeats itself')]).toEqual([422, true]);
    expect(pid('porch')).toBe(before);
  });

  it('by sixty-four who sign in at once, no page waits, a few guesses count, and a known browser gets in', async () => {
    const signIn = (password: string, cookie = '') =>
      send('/api/session', {
        method: 'POST',
        headers: { 'content-type': 'application/json', ...(cookie && { cookie }) },
        body: JSON.stringify({ mail: MAIL, password }),
      });
    const known = await signIn(PASSWORD);
    const browser = known.headers['set-cookie']!.find((c) => c.startsWith('porch_browser'))!.split(';')[0]!;
    let all: number[] = [];
    const waited = await meanwhile(async () => {
      all = (await Promise.all(Array.from({ length: 64 * SCALE }, (_, n) => signIn(`guess ${n}`)))).map(
        (a) => a.status,
      );
    });
    expect(waited).toBeLessThan(1500);
    expect(all.filter((s) => s === 401).length).toBeLessThanOrEqual(5);
    expect(all.every((s) => s === 401 || s === 429 || s === 503)).toBeTrue();
    // Where all of that took longer than the wait, another guess begins it anew.
    await signIn('another guess');
    expect((await signIn(PASSWORD)).status).toBe(429);
    expect((await signIn(PASSWORD, browser)).status).toBe(200);
  });

  it('by its database cutting every connection, it stays up and goes on', async () => {
    const { facts, programs } = test.stack;
    const before = [pid('porch'), pid('quay')];
    for (const [last, secret] of [
      ['5', 'postgres'],
      ['11', 'quay-postgres'],
    ]) {
      const keeper = new pg.Client({
        host: `${facts.net}.${last!}`,
        port: facts.postgresPort,
        user: 'keeper',
        password: facts.secrets[secret!]!,
        database: 'postgres',
      });
      await keeper.connect();
      for (let n = 0; n < 6 * SCALE; n++) {
        const busy = Promise.allSettled(
          Array.from({ length: 8 }, (_, k) => change({ op: 'setFact', field: 'phone', value: `01632 960 ${100 + k}` })),
        );
        await new Promise((r) => setTimeout(r, 4 * n));
        await keeper.query(
          'select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() and usename is not null',
        );
        await busy;
      }
      await keeper.end();
    }
    await until('an answer', async () => (await detail()).head > 0);
    expect([pid('porch'), pid('quay')]).toEqual(before);
    expect(programs.get('porch')!.child!.exitCode).toBeNull();
  });

  it('from a hosting server’s database, nothing of Tin Porch’s can be reached', async () => {
    const { facts } = test.stack;
    const url = new URL(test.quayDatabase());
    expect(url.hostname).toBe(`${facts.net}.11`);
    for (const database of ['porch', 'postgres', `host_quay`]) {
      const elsewhere = new pg.Client({
        host: `${facts.net}.5`,
        port: facts.postgresPort,
        user: url.username,
        password: url.password,
        database,
      });
      elsewhere.on('error', () => undefined);
      await expectAsync(elsewhere.connect()).withContext(database).toBeRejected();
    }
    const own = new pg.Client({ connectionString: test.quayDatabase() });
    await own.connect();
    const { rows } = await own.query<{ datname: string }>('select datname from pg_database');
    expect(rows.map((r) => r.datname)).not.toContain('porch');
    await own.end();
  });

  it('with kill -9 in the middle of going back and forward, server and database name one release', async () => {
    await change({ op: 'setFact', field: 'strapline', value: 'Rope, laid by hand' });
    await test.api.job(id, 'deploy');
    const { releases } = await detail();
    expect(releases[0]!.what[0]).toBe('Changed “Strapline”');
    for (let n = 0; n < Math.min(6, 3 * SCALE); n++) {
      // A program that keeps dying is started later each time: six deaths come to a quarter of a minute of waiting.
      const to = releases[n % 2 ? 0 : 1]!.id;
      await test.api.call('POST', `/sites/${id}/rollback`, { release: to });
      await new Promise((r) => setTimeout(r, 20 + 35 * n));
      process.kill(pid('porch'), 'SIGKILL');
      await until(
        'the server after a kill',
        async () => (await test.api.signIn(MAIL, PASSWORD).catch(() => test.api.call('GET', '/session')), true),
        60,
      );
      await until(
        'one release',
        async () => {
          const site = await detail();
          const { pointer } = await withServer(test.stack.config, 'quay', (host) => host.site(id));
          return (
            site.liveRelease === to &&
            pointer?.release === to &&
            !site.jobs.some((j) => j.kind === 'rollback' && /running|waiting|retrying/.test(j.state))
          );
        },
        60,
      );
    }
  });

  it('by more messages than people write, it puts the flood aside, and that is erased at once', async () => {
    const { temporary } = await detail();
    const { hostname, port } = new URL(temporary);
    const count = 80 * SCALE;
    for (let n = 0; n < count; n++) {
      const answer = await send('/-/forms/contact', {
        method: 'POST',
        address: '127.0.0.1',
        port: Number(port),
        // Each from another address, so that the limit of an address does not help.
        from: `127.${1 + (n % 200)}.7.${1 + (n % 250)}`,
        headers: { host: `${hostname}:${port}`, 'content-type': 'application/x-www-form-urlencoded' },
        body: new URLSearchParams({ name: `Visitor ${n}`, mail: 'v@post.example', message: 'Hello there' }).toString(),
      });
      expect(answer.status).toBe(303);
    }
    const counts = () =>
      test.api.call<{ counts: { all: number; unread: number; aside: number } }>('GET', '/inbox').then((a) => a.counts);
    await until('all of them', async () => ((c) => c.all + c.aside === count)(await counts()), 30);
    expect(await counts()).toEqual({ all: 30, unread: 30, aside: count - 30 });
    expect(await test.api.call('DELETE', '/inbox/aside')).toEqual({ erased: count - 30 } as never);
    expect(await counts()).toEqual({ all: 30, unread: 30, aside: 0 });
  });

  it('by messages that come while its database and its host die, each is kept once or refused with what was written still in the form', async () => {
    const { temporary } = await detail();
    const { hostname, port } = new URL(temporary);
    const count = 150 * SCALE;
    // Some people write the very same words, from their own names.
    const said = (n: number) => `When is the walk open? ${n % 7}`;
    const post = (n: number) =>
      send('/-/forms/contact', {
        method: 'POST',
        address: '127.0.0.1',
        port: Number(port),
        from: `127.${1 + (n % 200)}.8.${1 + (n % 250)}`,
        headers: { host: `${hostname}:${port}`, 'content-type': 'application/x-www-form-urlencoded' },
        body: new URLSearchParams({ name: `Writer ${n}`, mail: `w${n}@post.example`, message: said(n) }).toString(),
      }).catch(() => null);
    const told = { kept: 0, refused: 0, unanswered: 0, lost: [] as string[] };
    const written = async (n: number) => {
      for (;;) {
        const answer = await post(n);
        if (answer?.status === 303) {
          told.kept++;
          return;
        }
        // Where nobody is behind the front, it sends them back to the page that still has it.
        const sentBack = answer?.status === 503 && answer.text.includes('please go back');
        if (answer && !sentBack) told.refused++;
        else told.unanswered++;
        // They send again what they find there, or what they remember where nothing came back.
        if (answer && !sentBack && !(answer.text.includes(`Writer ${n}`) && answer.text.includes(said(n))))
          told.lost.push(`${answer.status} ${answer.text.slice(0, 80)}`);
        await new Promise((r) => setTimeout(r, 200));
      }
    };
    let next = 0;
    const writers = Array.from({ length: 12 }, async () => {
      while (next < count) {
        await written(next++);
        await new Promise((r) => setTimeout(r, 350));
      }
    });
    // Each comes once so many more were kept: what dies ever faster than it starts, on a slow machine, keeps nothing.
    const killing = (async () => {
      const kills = 6 * SCALE;
      for (let n = 0; n < kills; n++) {
        const far = Math.round(((n + 0.5) * count) / kills);
        while (told.kept < far) await new Promise((r) => setTimeout(r, 20 + 13 * (n % 5)));
        test.stack.programs.get(n % 3 === 2 ? 'quay' : 'postgres-quay')?.child?.kill('SIGKILL');
      }
    })();
    await Promise.all([...writers, killing]);
    // What was killed last is up again before anybody else asks for it: it is waited longer each time. The pages are
    // there all along, so what is asked for is what only the host itself has an answer to.
    await until(
      'the host is back',
      async () =>
        (
          await send('/-/nothing-here', {
            address: '127.0.0.1',
            port: Number(port),
            from: '127.1.1.1',
            headers: { host: `${hostname}:${port}` },
          })
        ).status === 404,
    );
    if (process.env['VERBOSE']) console.log(JSON.stringify(told));
    expect(told.lost).toEqual([]);
    expect(told.kept).toBe(count);
    const databaseUrl = test.quayDatabase();
    const db = new pg.Client({ connectionString: databaseUrl });
    await db.connect();
    const { rows } = await db.query<{ name: string; n: number }>(
      `select fields->>'name' as name, count(*)::int as n from site_${id.replaceAll('-', '_')}.message
       where fields->>'name' like 'Writer %' group by 1`,
    );
    await db.end();
    expect(rows.length).toBe(count);
    expect(rows.filter((r) => r.n !== 1)).toEqual([]);
  });

  it('by one who sends more than people write, it says so in the form, which keeps what was written', async () => {
    const { temporary } = await detail();
    const { hostname, port } = new URL(temporary);
    const answers = [];
    for (let n = 0; n < 62; n++)
      answers.push(
        await send('/-/forms/contact', {
          method: 'POST',
          address: '127.0.0.1',
          port: Number(port),
          from: '127.9.9.9',
          headers: { host: `${hostname}:${port}`, 'content-type': 'application/x-www-form-urlencoded' },
          body: new URLSearchParams({ name: 'Orrin', mail: 'o@post.example', message: 'The same & again' }).toString(),
        }),
      );
    const statuses = answers.map((a) => a.status);
    expect(statuses).toEqual([...Array<number>(20).fill(303), ...Array<number>(42).fill(429)]);
    const [told, last] = [answers[20]!, answers.at(-1)!];
    expect(told.text).toContain('Yours is still below');
    expect(told.text).toContain('The same &amp; again');
    expect(told.headers['content-type']).toContain('text/html');
    // A program that goes on gets no page drawn any more.
    expect(last.text.length).toBeLessThan(100);
    // And it was one message, whatever became of the letter of each.
    const { messages } = await test.api.call<{ messages: { fields: { value: string }[] }[] }>('GET', '/inbox');
    expect(JSON.stringify(messages).split('The same & again').length - 1).toBeLessThanOrEqual(1);
  });

  it('by a message that is slow to be written, none that came meanwhile is missed, nor itself', async () => {
    const databaseUrl = test.quayDatabase();
    const db = new pg.Pool({ connectionString: databaseUrl, options: '-c search_path=slow_messages' });
    await db.query('create schema slow_messages');
    await migrateTables(db);
    // The first to be numbered is held up just before it is on disk.
    let letGo = () => {};
    const heldUp = new Promise<void>((done) => (letGo = done));
    const slow = {
      connect: async () => {
        const client = await db.connect();
        return new Proxy(client, {
          get: (of, key) =>
            key === 'query'
              ? async (text: string, values?: unknown[]) => {
                  if (text === 'commit') await heldUp;
                  return of.query(text, values);
                }
              : typeof of[key as 'on'] === 'function'
                ? of[key as 'on'].bind(of)
                : of[key as 'on'],
        });
      },
    } as unknown as pg.Pool;
    const first = keepMessage(slow, 'contact', { message: 'the slow one' });
    await until('its number', async () => {
      const { rows } = await db.query(
        `select 1 from pg_locks where locktype in ('advisory', 'relation') and mode = 'RowExclusiveLock'`,
      );
      return rows.length > 0;
    });
    const second = keepMessage(db, 'contact', { message: 'the quick one' });
    // What is asked for while one of them is under way, and then after the last number that was seen.
    await new Promise((done) => setTimeout(done, 150));
    const seen = await messagesAfter(db, 0);
    letGo();
    await Promise.all([first, second]);
    seen.push(...(await messagesAfter(db, seen.at(-1)?.seq ?? 0)));
    expect(seen.map((m) => m.fields['message'])).toEqual(['the slow one', 'the quick one']);
    await db.end();
  });

  it('through links that were taken back, nobody gets in, and a stream ends with its session', async () => {
    const { url } = await test.api.call<{ url: string }>('POST', `/sites/${id}/share`, { days: 3 });
    await test.api.call('PUT', `/sites/${id}/open`, { open: false });
    const visit = () =>
      send(`/?${new URL(url).search.slice(1)}`, {
        port: Number(new URL(url).port),
        headers: { host: new URL(url).host },
      });
    expect((await visit()).status).toBe(303);
    await test.api.call('DELETE', `/sites/${id}/previews`);
    expect((await visit()).status).toBe(503);

    const { choice } = await test.api.call<{ choice: { token: string } }>('POST', `/sites/${id}/choice`, {
      directions: [{ layout: 1, colours: 1, type: 1, finish: 1 }],
    });
    const choose = (note: string) =>
      send(`/choose/${choice.token}`, {
        method: 'POST',
        headers: { 'content-type': 'application/x-www-form-urlencoded' },
        body: new URLSearchParams({ chosen: '0', by: 'A\u0000', note }).toString(),
      });
    expect((await choose('With a \u0000 in it \ud800')).status).toBe(303);
    await test.api.call('DELETE', `/sites/${id}/choice`);
    expect((await choose('Again')).status).toBe(404);

    const { ApiClient } = await import('@tin-porch/server/demo');
    const other = new ApiClient(test.stack.url);
    await until('a sign-in', async () => (await other.signIn(MAIL, PASSWORD), true), 60);
    const stream = await fetch(`${test.stack.url}/api/events`, { headers: other.headers() });
    const reader = stream.body!.getReader();
    await other.call('DELETE', '/session');
    const ended = await Promise.race([
      (async () => {
        for (;;) if ((await reader.read()).done) return true;
      })(),
      new Promise<boolean>((done) => setTimeout(() => done(false), 5000)),
    ]);
    expect(ended).toBeTrue();
  });

  it('by a disk that loses bytes, it serves none of them, a round finds it, and publishing mends it', async () => {
    // A round that was begun by itself may have asked before: the one after it has not.
    const round = async () => {
      await test.api.job(id, 'round');
      await test.api.job(id, 'round');
    };
    await test.api.job(id, 'publish');
    const blobs = join(test.data, 'hosts/quay/blobs');
    const { temporary } = await detail();
    const { host, port } = new URL(temporary);
    const home = () => send('/', { port: Number(port), headers: { host } });
    expect((await home()).status).toBe(200);
    for (const f of readdirSync(blobs, { recursive: true }).map(String)) {
      if (!/[0-9a-f]{64}$/.test(f)) continue;
      // What no release needs any more is cleared away meanwhile.
      const held = await readFile(join(blobs, f), 'utf8').catch(() => '');
      if (held.includes('<html')) writeFileSync(join(blobs, f), '');
    }
    // The server is told of it by its disk, and that takes a moment where much is going on.
    await until('an answer that says so', async () => (await home()).status === 500, 20);
    await round();
    const { findings } = await test.api.call<{ findings: { title: string }[] }>('GET', '/sites');
    expect(findings.map((f) => f.title)).toContain(jasmine.stringMatching(/damaged/) as never);
    await test.api.job(id, 'publish');
    expect((await home()).status).toBe(200);
    await round();
    expect((await test.api.call<{ findings: { title: string }[] }>('GET', '/sites')).findings).toEqual([]);
  });
});
