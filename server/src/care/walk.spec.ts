import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { SiteDocument } from '@tin-porch/core/model';
import { Strangers } from '../strangers/strangers.js';
import { filledIn, shutsOut, Walk } from './walk.js';

/** A real server of our own making, which answers whatever is asked for. */
describe('a walk', () => {
  const strangers = new Strangers();
  let server: Server;
  let walk: Walk;
  let answers: Record<string, { status?: number; headers?: Record<string, string>; body?: string }>;
  let asked: string[];
  let connections: number;
  const html = { 'content-type': 'text/html' };

  beforeEach(async () => {
    asked = [];
    answers = {};
    connections = 0;
    server = createServer((req, res) => {
      let body = '';
      req.on('data', (part: Buffer) => (body += part.toString()));
      req.on('end', () => {
        asked.push(`${req.method} ${req.url}${body && ` ${body}`}`);
        const answer = answers[req.url!] ?? { status: 404 };
        res.writeHead(answer.status ?? 200, answer.headers ?? html).end(answer.body ?? '');
      });
    });
    server.on('connection', () => connections++);
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const { port } = server.address() as AddressInfo;
    walk = new Walk(
      {
        names: ['yard.test', 'www.yard.test'],
        ...{ secure: false, host: 'yard.test', address: '127.0.0.1', port, httpPort: port, roots: [] },
      },
      strangers,
    );
  });
  afterEach(async () => {
    walk.end();
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  });
  afterAll(() => strangers.close());

  it('reads pages over one connection, and what is not there is told as that', async () => {
    answers['/'] = { body: '<title>A</title><a href="/b/">b</a><img src="/c.jpg" alt="">' };
    const { pages, certificate, headers } = await walk.pages(['/', '/gone/']);
    expect(pages.map((p) => p.status)).toEqual([200, 404]);
    expect(pages[0]!.seen!.title).toBe('A');
    expect(pages[0]!.bytes).toBe(answers['/'].body!.length);
    // Over http nothing is said of certificates, nor of headers that belong to https.
    expect([certificate, headers]).toEqual([null, null]);
    expect(connections).toBe(1);
    answers['/c.jpg'] = { headers: { 'content-type': 'image/jpeg' }, body: 'x'.repeat(1234) };
    expect((await walk.links(pages)).map((l) => [new URL(l.url).pathname, l.status, l.bytes])).toEqual([
      ['/b/', 404, 0],
      ['/c.jpg', 200, 1234],
    ]);
  });

  it('follows a link to something large, and does not call it broken', async () => {
    answers['/'] = { body: '<a href="/large.zip">l</a>' };
    answers['/large.zip'] = { headers: { 'content-length': '6000000' }, body: 'x'.repeat(6_000_000) };
    const { pages } = await walk.pages(['/']);
    expect((await walk.links(pages)).map((l) => [l.status, l.error, l.bytes])).toEqual([[200, '', 6_000_000]]);
    // A page of that size is read by nobody.
    expect((await walk.pages(['/large.zip'])).pages[0]!.error).toContain('over 4 MB');
  });

  it('tells a server that is away by every page', async () => {
    await new Promise((done) => server.close(done));
    const { pages } = await walk.pages(['/', '/b/']);
    expect(pages.map((p) => [p.status, p.seen])).toEqual([
      [0, null],
      [0, null],
    ]);
    expect(pages[0]!.error).toContain('ECONNREFUSED');
  });

  it('follows where an address leads, to its end, round in a circle, or to somebody else', async () => {
    const to = (location: string) => ({ status: 301, headers: { location } });
    answers = {
      '/a': to('/b'),
      '/b': to('/c'),
      '/c': {},
      '/x': to('/y'),
      '/y': to('/x'),
      '/o': to('https://other.example/'),
    };
    for (let n = 0; n < 9; n++) answers[`/${n}`] = to(`/${n + 1}`);
    const end = async (path: string) => {
      const { hops, end } = await walk.trail(walk.base + path);
      return [hops.length, end];
    };
    expect(await end('/a')).toEqual([3, 'page']);
    expect(await end('/x')).toEqual([2, 'circle']);
    expect(await end('/o')).toEqual([1, 'page']);
    expect(await end('/nothing')).toEqual([1, 'nowhere']);
    expect(await end('/0')).toEqual([6, 'circle']);
    const document = { redirects: [{ from: '/a', to: {} }] } as unknown as SiteDocument;
    answers['/'] = {};
    expect((await walk.trails(document, false)).map((t) => t.end)).toEqual(['page', 'page']);
  });

  it('finds files that lie about', async () => {
    expect(await walk.ajar()).toEqual([]);
    answers['/.env'] = { body: 'KEY=1' };
    answers['/backup.zip'] = { status: 403 };
    expect(await walk.ajar()).toEqual(['/.env']);
  });

  it('reads what is said to search engines', async () => {
    expect(await walk.search()).toEqual({ shutOut: false, listed: null, error: 'answered 404' });
    answers['/robots.txt'] = { body: 'User-agent: *\nDisallow: /\n' };
    answers['/sitemap.xml'] = { body: '<urlset' };
    const bad = await walk.search();
    expect([bad.shutOut, bad.listed]).toEqual([true, null]);
    expect(bad.error).not.toBe('');
  });

  it('reads the feeds pages name', async () => {
    answers['/'] = {
      body: ['a', 'b', 'c', 'a'].map((f) => `<link rel=alternate type=application/atom+xml href=/${f}.xml>`).join(''),
    };
    answers['/a.xml'] = { body: '<feed xmlns="http://www.w3.org/2005/Atom"/>' };
    answers['/b.xml'] = { body: '<feed' };
    const { count, bad } = await walk.feeds((await walk.pages(['/'])).pages);
    expect(count).toBe(3);
    expect(bad.map((f) => f.path)).toEqual(['/b.xml', '/c.xml']);
    expect(bad[1]!.detail).toBe('answered 404');
  });

  it('sends a marked message, and says what became of it', async () => {
    const form = {
      action: '/-/forms/contact',
      fields: [{ name: 'words', type: 'textarea', required: true, value: '' }],
    };
    const tries =
      (mail: string | null = null) =>
      () =>
        Promise.resolve({ mark: 'm-1', mail });
    expect(await walk.message([], tries())).toBeNull();
    expect(await walk.message([{ ...form, action: '/elsewhere' }], tries())).toBeNull();
    expect((await walk.message([form], tries()))!.detail).toBe('/-/forms/contact answered 404.');
    answers['/-/forms/contact'] = {
      status: 202,
      headers: { 'content-type': 'application/json' },
      body: '{"arrived":true}',
    };
    expect((await walk.message([form], tries()))!.arrived).toBeTrue();
    expect(asked.at(-1)).toContain('-tried=m-1');
    expect(await walk.message([form], tries('Greeting never received'))).toEqual({
      arrived: false,
      detail: 'It is kept, but no letter tells of it: Greeting never received',
    });
    answers['/-/forms/contact'] = { status: 303, headers: { location: '/' } };
    // Taken for a real message: then it stands among those of visitors, and that is trouble.
    expect((await walk.message([form], tries()))!.arrived).toBeFalse();
    answers['/-/forms/contact'] = { status: 429 };
    expect((await walk.message([form], tries()))!.arrived).toBeNull();
    expect((await walk.message([form], () => Promise.reject(new Error('away'))))!.detail).toContain('away');
  });
});

describe('a form of a round', () => {
  const field = (type: string, required: boolean, value = '') => ({ name: type, type, required, value });
  it('is filled in as far as it has to be, by what is asked for', () => {
    const filled = filledIn({
      action: '/',
      fields: [
        ...[field('text', true), field('email', true), field('tel', true), field('date', false)],
        ...[field('hidden', false, 'h'), field('select', true, 's'), field('checkbox', true, 'on')],
      ],
    });
    expect(Object.keys(filled)).toEqual(['text', 'email', 'tel', 'hidden', 'select', 'checkbox']);
    expect(filled['email']).toContain('@');
    expect(filled['hidden']).toBe('h');
  });
});

describe('robots.txt', () => {
  it('shuts everybody out only where it says so of everybody and of everything', () => {
    expect(shutsOut('User-agent: *\nDisallow: /')).toBeTrue();
    expect(shutsOut('user-agent: a\nuser-agent: *\ndisallow: / # all')).toBeTrue();
    expect(shutsOut('User-agent: *\nDisallow:\n')).toBeFalse();
    expect(shutsOut('User-agent: *\nDisallow: /-/\n')).toBeFalse();
    expect(shutsOut('User-agent: a\nDisallow: /\n\nUser-agent: *\nAllow: /')).toBeFalse();
    expect(shutsOut('User-agent: *\nAllow: /\nUser-agent: a\nDisallow: /')).toBeFalse();
    expect(shutsOut('')).toBeFalse();
  });
});
