import { createHash, randomBytes, scryptSync } from 'node:crypto';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { emptyFacts, type SiteDocument } from '@tin-porch/core/model';
import { apply } from '@tin-porch/core/operations';
import { newDocument, writeVersion } from '@tin-porch/core/making';
import { makeManifest, render } from '@tin-porch/core/page';
import type { HostConfig } from './config.js';
import { startHost } from './host.js';
import type { SiteSettings } from './sites.js';
import { Paired } from './testing/paired.js';

const sha256 = (b: Uint8Array | string) => createHash('sha256').update(b).digest('hex');
const CODE = 'a-code-of-at-least-24-characters';

/** A small site, its heading being `words`. */
function documentOf(words: string): SiteDocument {
  const facts = {
    ...emptyFacts(),
    name: 'Tolliver',
    trade: 'thatcher',
    strapline: words,
    services: ['Ridges', 'Repairs', 'New roofs', 'Wiring', 'Moss'].map((n, k) => ({
      id: `v${k}`,
      name: n,
      detail: '',
      price: '',
    })),
  };
  return apply(newDocument('tolliver', facts), writeVersion(facts, 1)).document;
}
const release = (words: string) => releaseOf(documentOf(words));
/** A release of a site; pictures and fonts are left out. */
function releaseOf(document: SiteDocument) {
  const files = render(document, { origin: 'https://tolliver.example' }).flatMap((f) =>
    'text' in f ? [{ path: f.path, type: f.type, bytes: Buffer.from(f.text) }] : [],
  );
  const json = JSON.stringify(document);
  return { files, json, manifest: makeManifest(files, json, 'https://tolliver.example', sha256) };
}

describe('a hosting server', () => {
  const net = `127.8.${process.pid % 250}`;
  let data: string;
  let config: HostConfig;
  let host: Awaited<ReturnType<typeof startHost>>;

  const start = async () => {
    host = await startHost(config, { error: () => undefined });
  };
  const porch = new Paired(`https://${net}.1:9100`, CODE);
  const control = porch.ask.bind(porch);
  const get = (path: string, headers: Record<string, string> = {}, method = 'GET', form?: Record<string, string>) =>
    new Promise<{ status: number; headers: Record<string, string>; body: string }>((done, fail) => {
      const req = request(
        {
          host: '127.0.0.1',
          port: config.temporary.port,
          path,
          method,
          headers: {
            host: 'tolliver.unit.localhost',
            ...(form && { 'content-type': 'application/x-www-form-urlencoded' }),
            ...headers,
          },
        },
        (res) => {
          let body = '';
          res.setEncoding('utf8').on('data', (part: string) => (body += part));
          res.on('end', () => done({ status: res.statusCode!, headers: res.headers as Record<string, string>, body }));
        },
      );
      req.on('error', fail).end(form && new URLSearchParams(form).toString());
    });
  /** Waits for what comes about by itself. */
  const until = async (so: () => Promise<boolean>) => {
    for (let n = 0; n < 200; n++) {
      if (await so()) return;
      await new Promise((done) => setTimeout(done, 20));
    }
    fail('it did not come about in four seconds');
  };
  const send = async ({ files }: ReturnType<typeof release>) => {
    for (const f of files) expect((await control('PUT', `/blobs/${sha256(f.bytes)}`, f.bytes)).status).toBe(204);
  };
  /** Places a site as the control API would, but for the CMS, which needs a database. */
  const settle = (open: boolean, more: Partial<SiteSettings> = {}) =>
    writeFileSync(
      join(data, 'sites/tolliver/site.json'),
      JSON.stringify({
        id: 'tolliver',
        name: 'Tolliver',
        temporary: 'tolliver',
        domain: null,
        open,
        previewKey: 'a'.repeat(64),
        ...more,
      }),
    );
  const place = (id: string, { manifest, json }: ReturnType<typeof release>) => {
    writeFileSync(
      join(data, `sites/tolliver/releases/${id}.json`),
      JSON.stringify({ id, manifest, document: JSON.parse(json) as unknown }),
    );
  };

  beforeAll(async () => {
    data = mkdtempSync(join(tmpdir(), 'tin-porch-host-'));
    const { mkdirSync } = await import('node:fs');
    mkdirSync(join(data, 'sites/tolliver/releases'), { recursive: true });
    config = {
      name: 'unit',
      address: `${net}.1`,
      httpPort: 8180,
      httpsPort: 8543,
      temporary: { base: 'unit.localhost', address: '127.0.0.1', port: 18000 + (process.pid % 2000) },
      control: { address: `${net}.1`, port: 9100, code: CODE },
      data,
      // Nothing listens there: what needs no database has to work without.
      databaseUrl: `postgres://nobody@${net}.99:1/none`,
      reserveBytes: 0,
    };
    settle(true);
    await start();
  });
  afterAll(async () => {
    await porch.end();
    await host.close();
    rmSync(data, { recursive: true, force: true });
  });

  it('says how it is while its database is away', async () => {
    expect((await control('GET', '/health')).body['database']).toBe(false as never);
  });

  it('keeps a blob only where it is what its hash says, and the same again is harmless', async () => {
    const bytes = randomBytes(5000);
    expect((await control('PUT', `/blobs/${sha256(bytes)}`, randomBytes(20))).status).toBe(422);
    expect((await control('POST', '/missing', { hashes: [sha256(bytes)] })).body['missing']).toEqual([
      sha256(bytes),
    ] as never);
    for (let n = 0; n < 2; n++) expect((await control('PUT', `/blobs/${sha256(bytes)}`, bytes)).status).toBe(204);
    expect((await control('POST', '/missing', { hashes: [sha256(bytes)] })).body['missing']).toEqual([] as never);
    expect(readdirSync(join(data, 'blobs'), { recursive: true }).some((n) => String(n).endsWith('.part'))).toBeFalse();
    expect((await control('PUT', '/blobs/../../etc/passwd', bytes)).status).toBe(404);
  });

  it('switches between whole releases only, and serves what it switched to', async () => {
    const [first, second] = [release('The first words'), release('The second words')];
    place('r-1', first);
    expect((await control('POST', '/sites/tolliver/current', { knows: 0, release: 'r-1' })).status).toBe(409);
    await send(first);
    expect((await control('POST', '/sites/tolliver/current', { knows: 0, release: 'r-1' })).status).toBe(200);
    expect((await get('/')).body).toContain('The first words');
    await send(second);
    place('r-2', second);
    await control('POST', '/sites/tolliver/current', { knows: 0, release: 'r-2' });
    expect((await get('/')).body).toContain('The second words');
    const health = (await control('GET', '/health')).body as unknown as { sites: { pointer: { before: string } }[] };
    expect(health.sites[0]!.pointer.before).toBe('r-1');
    expect((await control('POST', '/sites/tolliver/current', { knows: 0, release: 'r-9' })).status).toBe(404);
  });

  it('still has the styles of the release before, for readers who came just ahead of the switch', async () => {
    const css = release('The first words').files.find((f) => f.path.endsWith('.css'))!.path;
    const old = await get(css);
    expect(old.status).toBe(200);
    expect(old.headers['cache-control']).toContain('immutable');
    expect((await get('/site-00000000.css')).status).toBe(404);
  });

  it('serves what is live as another version drew it, of the same document and over what was looked at alone', async () => {
    const drawn = release('The second words');
    const { manifest } = drawn;
    // As a version after this one would draw it: the same words in other bytes.
    const page = Buffer.from(
      drawn.files
        .find((f) => f.path === '/index.html')!
        .bytes.toString('utf8')
        .replace('</head>', '<meta name="drawn" content="anew" /></head>'),
    );
    const anew = {
      ...drawn,
      files: [{ path: '/index.html', type: 'text/html; charset=utf-8', bytes: page }],
      manifest: {
        ...manifest,
        engine: manifest.engine + 1,
        files: {
          ...manifest.files,
          '/index.html': { ...manifest.files['/index.html']!, hash: sha256(page), size: page.byteLength },
        },
      },
    };
    place('e-2', anew);
    const exchange = async (release: string, over: string) => {
      const { status, body } = await control('POST', '/sites/tolliver/drawn', { release, over });
      return [status, (body as { title?: string }).title ?? ''];
    };
    expect(await exchange('e-2', 'r-2')).toEqual([409, 'Some files of that release are gone']);
    await send(anew as never);
    expect(await exchange('e-9', 'r-2')).toEqual([404, 'There is no such release']);
    expect(await exchange('e-2', 'r-1')).toEqual([409, 'The site was changed meanwhile']);
    expect(await exchange('r-1', 'r-2')).toEqual([409, 'That is another document']);
    expect((await get('/')).body).not.toContain('content="anew"');
    expect((await exchange('e-2', 'r-2'))[0]).toBe(200);
    expect((await get('/')).body).toContain('content="anew"');
    const live = async () =>
      (await control('GET', '/sites/tolliver/current')).body as unknown as { release: string; of: string };
    // It is the designer’s release still, and what it was is one step away.
    expect([(await live()).release, (await live()).of]).toEqual(['e-2', 'r-2']);
    const said = (await control('GET', '/sites/tolliver')).body as unknown as { engine: number };
    expect(said.engine).toBe(manifest.engine + 1);
    expect((await exchange('r-2', 'e-2'))[0]).toBe(200);
    expect((await get('/')).body).not.toContain('content="anew"');
    expect([(await live()).release, (await live()).of]).toEqual(['r-2', 'r-2']);
  });

  it('leads an address that was a page’s before to the page, and one that is known to nobody nowhere', async () => {
    const led = apply(
      apply(documentOf('Led on'), { op: 'setRedirect', from: '/kontakt/früher.html', to: 'page:contact' }).document,
      { op: 'setRedirect', from: '/contact', to: 'page:home' },
    ).document;
    led.redirects!.push({ from: '/shop', to: 'https://shop.example/50%-off' });
    const moved = releaseOf(led);
    await send(moved);
    place('r-3', moved);
    await control('POST', '/sites/tolliver/current', { knows: 0, release: 'r-3' });
    for (const path of ['/kontakt/fr%C3%BCher.html', '/kontakt/fr%C3%BCher.html/']) {
      const answer = await get(path);
      expect([answer.status, answer.headers['location']]).toEqual([301, '/contact/']);
    }
    // An address of the web as it was written, if not as it should be.
    expect((await get('/shop')).headers['location']).toBe('https://shop.example/50%25-off');
    // What is a page is served, whatever is said of its address.
    expect((await get('/contact/')).status).toBe(200);
    expect((await get('/kontakt/')).status).toBe(404);
    await control('POST', '/sites/tolliver/current', { knows: 0, release: 'r-2' });
  });

  it('serves the same after a restart', async () => {
    await host.close();
    await start();
    expect((await get('/')).body).toContain('The second words');
  });

  it('answers unchanged pages with 304, addresses without their slash with a redirect, others with the site’s own 404', async () => {
    const page = await get('/contact/');
    expect((await get('/contact/', { 'if-none-match': page.headers['etag']! })).status).toBe(304);
    expect((await get('/contact')).headers['location']).toBe('/contact/');
    const missing = await get('/nowhere/');
    expect([missing.status, missing.body.includes('There is no page here')]).toEqual([404, true]);
    expect((await get('/', {}, 'PUT')).status).toBe(405);
    expect((await get('/', {}, 'HEAD')).body).toBe('');
  });

  it('sends pages with a policy that lets nothing foreign in', async () => {
    const { headers } = await get('/');
    expect(headers['content-security-policy']).toContain("default-src 'none'");
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-robots-tag']).toBe('noindex');
    expect(headers['x-powered-by']).toBeUndefined();
  });

  it('lets films of the site’s own be played, and gives them out a stretch at a time', async () => {
    const whole = await get('/');
    expect(whole.headers['content-security-policy']).toContain("media-src 'self'");
    const part = await get('/', { range: 'bytes=0-14', 'accept-encoding': 'identity' });
    expect(part.status).toBe(206);
    expect(part.body).toBe(whole.body.slice(0, 15));
    expect(part.headers['content-range']).toMatch(/^bytes 0-14\/\d+$/);
    expect((await get('/', { range: 'bytes=99999999-', 'accept-encoding': 'identity' })).status).toBe(416);
  });

  it('says in problem details what it cannot serve', async () => {
    for (const [path, headers, status] of [
      ['/', { host: 'elsewhere.example' }, 421],
      ['/', { host: '<script>' }, 400],
      ['/%00', {}, 400],
      ['/a/../../b', {}, 400],
      ['/%2e%2e/%2e%2e/etc/passwd', {}, 400],
      ['/%ff', {}, 400],
    ] as [string, Record<string, string>, number][]) {
      const answer = await get(path, headers);
      expect(answer.status)
        .withContext(`${path} ${JSON.stringify(headers)}`)
        .toBe(status);
      expect(answer.headers['content-type']).toContain('application/problem+json');
    }
  });

  it('shows strangers the holding page while a site is closed, and the site to whoever has a good preview link', async () => {
    await host.close();
    settle(false);
    await start();
    const held = await get('/');
    expect([held.status, held.headers['retry-after'], held.body.includes('opens here soon')]).toEqual([
      503,
      '3600',
      true,
    ]);
    const { token } = (await control('POST', '/sites/tolliver/preview', { days: 1 })).body as unknown as {
      token: string;
    };
    const let1 = await get(`/contact/?preview=${token}`);
    expect([let1.status, let1.headers['location']]).toEqual([303, '/contact/']);
    const cookie = let1.headers['set-cookie']![0]!.split(';')[0]!;
    expect((await get('/contact/', { cookie })).status).toBe(200);
    const [until, signature] = token.split('.');
    for (const forged of [`${Number(until) + 999}.${signature}`, `${until}.${'A'.repeat(43)}`, `1.${signature}`, ''])
      expect((await get('/', { cookie: `preview=${forged}` })).status)
        .withContext(forged)
        .toBe(503);
  });

  describe('while a site is closed, to whom a link was given', () => {
    const [OPEN, LOCKED, OVER] = ['o', 'l', 'x'].map((c) => c.repeat(22)) as [string, string, string];
    const salt = randomBytes(16);
    const lockOf = (password: string) =>
      `scrypt$32768$8$1$${salt.toString('base64url')}$${scryptSync(password, salt, 32, { N: 32768, r: 8, p: 1, maxmem: 64 * 1024 * 1024 }).toString('base64url')}`;
    const later = new Date(Date.now() + 86_400_000).toISOString();
    const previews = (lock = lockOf('ropewalk')) => [
      { token: OPEN, until: later, lock: null },
      { token: LOCKED, until: later, lock },
      { token: OVER, until: new Date(Date.now() - 1000).toISOString(), lock: null },
    ];
    const anew = async (more: Partial<SiteSettings>) => {
      await host.close();
      settle(false, more);
      await start();
    };
    const carried = ({ headers }: Awaited<ReturnType<typeof get>>) => headers['set-cookie']?.[0]?.split(';')[0] ?? '';
    const unlock = (password: string, to = '/contact/') =>
      get('/-/preview', {}, 'POST', { preview: LOCKED, password, to });
    const counts = async () =>
      (await control('GET', '/sites/tolliver/previews')).body['previews'] as unknown as Record<
        string,
        { lookers: number; pages: number }
      >;

    it('shows the site, and counts who came to a page of it and not who only asked for the link', async () => {
      await anew({ previews: previews() });
      const come = await get(`/contact/?preview=${OPEN}`);
      expect([come.status, come.headers['location'], come.headers['cache-control']]).toEqual([
        303,
        '/contact/',
        'no-store',
      ]);
      expect(await counts()).toEqual({});
      const cookie = carried(come);
      for (const path of ['/contact/', '/', '/favicon.svg'])
        expect((await get(path, { cookie })).status)
          .withContext(path)
          .toBe(200);
      // By the same link once more, and somebody else by it.
      expect(carried(await get(`/?preview=${OPEN}`, { cookie }))).toBe('');
      await get('/', { cookie: carried(await get(`/?preview=${OPEN}`)) });
      expect((await counts())[OPEN]).toEqual(jasmine.objectContaining({ lookers: 2, pages: 3 }));
      await anew({ previews: previews() });
      expect((await counts())[OPEN]).toEqual(jasmine.objectContaining({ lookers: 2, pages: 3 }));
      // One byte of it otherwise, or of another link, opens nothing.
      for (const forged of [cookie.slice(0, -1) + (cookie.endsWith('A') ? 'B' : 'A'), cookie.replace(OPEN, LOCKED)])
        expect((await get('/', { cookie: forged })).status).toBe(503);
      // What was given for a link that is no more opens nothing any more.
      await anew({ previews: previews().slice(1) });
      expect((await get('/', { cookie })).status).toBe(503);
    });

    it('asks for the password of a link that has one, where it was led to, and shows nothing before', async () => {
      await anew({ previews: previews() });
      const asked = await get(`/contact/?preview=${LOCKED}`);
      expect([asked.status, carried(asked)]).toEqual([403, '']);
      expect(asked.body).toContain('name="to" value="/contact/"');
      expect(asked.body).not.toContain('The second words');
      const wrong = await unlock('boatyard');
      expect([wrong.status, carried(wrong), wrong.body.includes('That is not the password')]).toEqual([403, '', true]);
      const right = await unlock('ropewalk');
      expect([right.status, right.headers['location']]).toEqual([303, '/contact/']);
      const cookie = carried(right);
      expect((await get('/contact/', { cookie })).status).toBe(200);
      expect((await unlock('ropewalk', '//elsewhere.example/x?y')).headers['location']).toBe('/elsewhere.example/x');
      // Whoever has the password before is asked for the one it has now.
      await anew({ previews: previews(lockOf('longboat')) });
      expect((await get('/', { cookie })).status).toBe(503);
    });

    it('takes no password any more after ten that were wrong, not the right one either', async () => {
      await anew({ previews: previews() });
      const tried = await Promise.all(Array.from({ length: 12 }, (_, n) => unlock(`guess ${n}`)));
      expect(tried.map((t) => t.status).sort()).toEqual([...Array<number>(10).fill(403), 429, 429]);
      const right = await unlock('ropewalk');
      expect([right.status, carried(right)]).toEqual([429, '']);
      expect((await get(`/?preview=${OPEN}`)).status).toBe(303);
    });

    it('says that a link is good no more, and to everybody what is to be said, in the look of the site', async () => {
      await anew({ previews: previews(), holding: { opens: '2999-03-01', words: 'The thatch is off: <b>mind</b>.' } });
      const over = await get(`/?preview=${OVER}`);
      expect([over.status, over.body.includes('is good no more')]).toEqual([503, true]);
      const held = await get('/contact/');
      expect(held.body).toContain('The thatch is off: &lt;b>mind&lt;/b>.');
      expect(held.body).toContain('opens here on 1 March 2999');
      expect(held.body).not.toContain('is good no more');
      const sheet = /href="(\/site-[^"]+\.css)"/.exec(held.body)![1]!;
      expect((await get(sheet)).status).toBe(200);
      expect((await get('/favicon.svg')).status).toBe(200);
      for (const path of ['/index.html', '/sitemap.xml', '/robots.txt'])
        expect((await get(path)).status)
          .withContext(path)
          .toBe(503);
      const seen = await get('/-/holding');
      expect([seen.status, seen.headers['x-robots-tag'], seen.body]).toEqual([200, 'noindex', held.body]);
    });
  });

  it('answers http-01 challenges on any name, for as long as they are there', async () => {
    const token = 'abcdefghijklmnopqrstuv';
    expect((await control('PUT', `/challenges/${token}`, { answer: `${token}.thumb` })).status).toBe(204);
    expect((await get(`/.well-known/acme-challenge/${token}`, { host: 'not-yet-ours.example' })).body).toBe(
      `${token}.thumb`,
    );
    await control('DELETE', `/challenges/${token}`);
    expect((await get(`/.well-known/acme-challenge/${token}`)).status).toBe(404);
  });

  it('keeps damage with the site it is of, says so, and is mended by what is placed next', async () => {
    await host.close();
    settle(true);
    const { mkdirSync, readFileSync, truncateSync } = await import('node:fs');
    const folder = (id: string) => join(data, 'sites', id);
    for (const id of ['cut', 'emptied', 'nothing']) mkdirSync(folder(id), { recursive: true });
    const settings = readFileSync(join(folder('tolliver'), 'site.json'), 'utf8');
    const other = (id: string) => settings.replaceAll('"tolliver"', `"${id}"`);
    writeFileSync(join(folder('cut'), 'site.json'), other('cut').slice(0, 40));
    writeFileSync(join(folder('emptied'), 'site.json'), other('emptied'));
    writeFileSync(join(folder('emptied'), 'current.json'), '{"rel');
    writeFileSync(join(folder('nothing'), 'site.json'), '');
    mkdirSync(join(data, 'certificates'), { recursive: true });
    writeFileSync(join(data, 'certificates/emptied.example.json'), '{"key":"x","chain":"y"}');
    await start();
    expect((await get('/')).body).toContain('The second words');
    expect((await get('/', { host: 'emptied.unit.localhost' })).status).toBe(503);
    const { body } = await control('GET', '/health');
    const health = body as unknown as { unreadable: object; sites: { id: string; damage: string[] }[] };
    expect(Object.keys(health.unreadable).sort()).toEqual(['cut', 'nothing']);
    expect(health.sites.find((s) => s.id === 'emptied')!.damage[0]).toContain('current.json');
    expect(health.sites.find((s) => s.id === 'tolliver')!.damage).toEqual([]);

    // A file that lost its bytes is neither served as good nor taken for one that is there.
    const second = release('The second words');
    const { hash } = second.manifest.files['/index.html']!;
    const blob = join(data, 'blobs', hash.slice(0, 2), hash);
    for (const harm of [() => truncateSync(blob, 0), () => writeFileSync(blob, 'other bytes')]) {
      harm();
      await until(async () => (await get('/')).status === 500);
      expect((await control('GET', '/sites/tolliver/damage')).body['damaged']).toEqual(['/index.html'] as never);
      expect((await control('POST', '/missing', { hashes: [hash] })).body['missing']).toEqual([hash] as never);
      await send(second);
      expect((await get('/')).status).toBe(200);
      expect((await control('GET', '/sites/tolliver/damage')).body['damaged']).toEqual([] as never);
    }
  });

  it('gives a name to one of two sites that ask for it at once', async () => {
    const { Sites, NameTaken } = await import('./sites.js');
    const folder = mkdtempSync(join(tmpdir(), 'tin-porch-names-'));
    const sites = await Sites.load(folder, 'unit.localhost');
    const put = (id: string) =>
      sites.put({ id, name: id, temporary: id, domain: 'one.example', open: true, previewKey: 'a'.repeat(64) });
    const both = await Promise.allSettled(['first', 'second', 'third'].map(put));
    expect(both.map((b) => b.status)).toEqual(['fulfilled', 'rejected', 'rejected']);
    expect((both[1] as PromiseRejectedResult).reason).toBeInstanceOf(NameTaken);
    expect(sites.find('one.example')?.site.settings.id).toBe('first');
    rmSync(folder, { recursive: true });
  });

  it('leads nobody to another host, whatever the request names', async () => {
    const { token } = (await control('POST', '/sites/tolliver/preview', { days: 1 })).body as unknown as {
      token: string;
    };
    for (const target of ['//other.example', '///other.example/x', '/\\\\other.example', 'http://other.example/x']) {
      const { location } = (await get(`${target}?preview=${token}`)).headers;
      expect(location ?? '/')
        .withContext(target)
        .toMatch(/^\/(?![/\\])/);
      expect(location ?? '')
        .withContext(target)
        .not.toContain('//');
    }
  });

  it('sends what is packed beforehand to whoever reads it, each form with a tag of its own that stands for its bytes', async () => {
    await until(async () => (await get('/', { 'accept-encoding': 'br' })).headers['content-encoding'] === 'br');
    const tags = new Set<string>();
    for (const encoding of ['identity', 'gzip', 'gzip, br']) {
      const { headers, status } = await get('/', { 'accept-encoding': encoding });
      const sent = encoding.split(', ').at(-1)!;
      expect([status, headers['content-encoding'] ?? 'identity']).toEqual([200, sent]);
      if (sent === 'gzip') expect(Number(headers['content-length'])).toBeGreaterThan(100);
      expect(headers['vary'] ?? '').toMatch(/accept-encoding/i);
      expect(headers['last-modified']).toBeUndefined();
      const again = await get('/', { 'accept-encoding': encoding, 'if-none-match': headers['etag']! });
      expect(again.status).withContext(encoding).toBe(304);
      tags.add(headers['etag']!);
    }
    expect(tags.size).toBe(3);
    // The same bytes have the same tag wherever and whenever they are put there.
    const { hash } = release('The second words').manifest.files['/index.html']!;
    expect([...tags][0]).toBe(
      `"${(946_684_800 + (parseInt(hash.slice(0, 8), 16) >>> 2)).toString(16)}-${[...tags][0]!.split('-')[1]!}`,
    );
  });

  it('refuses a release with a path that leads out, and a key that is not the certificate’s', async () => {
    const { manifest, json } = release('x');
    const files = { '/../../x': Object.values(manifest.files)[0] };
    expect(
      (await control('PUT', '/sites/tolliver/releases/r-3', { manifest: { ...manifest, files }, document: json }))
        .status,
    ).toBe(400);
    expect((await control('PUT', '/sites/tolliver/releases/r-3', { manifest, document: `${json} ` })).status).toBe(422);
    expect((await control('PUT', '/certificates/tolliver.example', { key: 'x', chain: 'y' })).status).toBe(422);
    expect((await control('PUT', '/certificates/..', { key: 'x', chain: 'y' })).status).toBeGreaterThanOrEqual(400);
  });
});
