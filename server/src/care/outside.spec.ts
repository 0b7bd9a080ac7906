import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { BlockList } from 'node:net';
import type { PageEvidence } from '@tin-porch/core/care';
import { INWARD } from '../reference/reference.js';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { OutsideLinks } from './outside.js';

/** A real server of somebody else’s, under a name that real name servers know. */
describe('links to others’ sites', () => {
  let world: SmallWorld;
  let server: Server;
  let outside: OutsideLinks;
  let asked: string[];
  let answers: Record<string, number>;
  const hours = (n: number) => new Date(Date.UTC(2030, 0, 1, n));
  const pages = (...links: string[]): PageEvidence[] => [
    { ...{ url: 'https://yard.example/', status: 200, ms: 1, error: '', bytes: 1 }, seen: { outside: links } as never },
  ];
  const follow = async (at: Date, ...links: string[]) => {
    asked = [];
    return outside.follow(pages(...links), at);
  };

  beforeAll(async () => {
    world = await smallWorld();
    world.register('others.example', [['@', 'A', '127.0.0.1']]);
    server = createServer((req, res) => {
      asked.push(`${req.method} ${req.url}`);
      res.writeHead(req.method === 'HEAD' && req.url === '/shy' ? 405 : (answers[req.url!] ?? 404)).end();
    });
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const { port } = server.address() as AddressInfo;
    // On loopback there is nobody else: here nothing is inward.
    outside = new OutsideLinks(world.db, world.config.dns.resolvers, [], new BlockList(), { http: port, https: port });
  });
  beforeEach(async () => {
    answers = {};
    await world.db.query('delete from outside_link');
  });
  afterAll(async () => {
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
    await world.end();
  });

  it('are asked for once a week where they lead somewhere, whoever leads there', async () => {
    answers['/a'] = 200;
    const a = 'http://others.example/a';
    expect(await follow(hours(0), a)).toEqual({ asked: 1, known: 1, failing: [] });
    expect(asked).toEqual(['HEAD /a']);
    await follow(hours(1), a);
    await follow(hours(24 * 6), a);
    expect(asked).toEqual([]);
    expect((await follow(hours(24 * 7 + 1), a)).asked).toBe(1);
  });

  it('are said to lead nowhere once they failed twice over a day, and no more once they do not', async () => {
    const b = 'http://others.example/b';
    expect((await follow(hours(0), b)).failing).toEqual([]);
    expect(asked).toEqual(['HEAD /b', 'GET /b']);
    await follow(hours(2), b);
    expect(asked).toEqual([]);
    expect((await follow(hours(25), b)).failing).toEqual([
      { url: b, from: 'https://yard.example/', since: hours(0).toISOString(), detail: 'answered 404' },
    ]);
    answers['/b'] = 200;
    expect((await follow(hours(50), b)).failing).toEqual([]);
  });

  it('leave a server alone for a while between two of its addresses', async () => {
    const two = ['http://others.example/c', 'http://others.example/d'];
    expect((await follow(hours(0), ...two)).asked).toBe(1);
    expect((await follow(new Date(hours(0).getTime() + 6000), ...two)).asked).toBe(1);
    expect(asked[0]).toBe('HEAD /d');
  });

  it('are not called broken by who answers no program, nor where it cannot be told', async () => {
    answers = { '/shy': 200, '/closed': 403 };
    for (const [n, url] of ['http://others.example/shy', 'http://others.example/closed', 'http://[::1]/'].entries())
      for (const day of [0, 25, 50]) expect((await follow(hours(n * 100 + day), url)).failing).toEqual([]);
    const { rows } = await world.db.query('select 1 from outside_link where fails > 0');
    expect(rows.length).toBe(0);
  });

  it('know a name that nobody has any more, and a server that is away', async () => {
    const gone = 'http://nobody-has-it.example/';
    const away = 'http://others.example:9/';
    for (const at of [0, 25]) await follow(hours(at), gone, away);
    const { failing } = await follow(hours(26), gone, away);
    expect(failing.map((f) => f.detail)).toEqual(
      jasmine.arrayWithExactContents(['there is no such name', jasmine.stringContaining('ECONNREFUSED')]),
    );
  });

  it('are never followed inward', async () => {
    answers['/a'] = 200;
    const guarded = new OutsideLinks(world.db, world.config.dns.resolvers, [], INWARD, {
      http: (server.address() as AddressInfo).port,
      https: 1,
    });
    asked = [];
    await guarded.follow(pages('http://others.example/a', 'http://127.0.0.1/a'), hours(0));
    expect(asked).toEqual([]);
  });
});
