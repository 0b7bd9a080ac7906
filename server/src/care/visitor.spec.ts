import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Authority } from '@tin-porch/standins';
import { visit, wayIn, type VisitOptions } from './visitor.js';

describe('a visitor', () => {
  const address = '127.0.0.1';
  let folder: string;
  let root: string;
  let plain: http.Server;
  let secure: https.Server;
  let answer: http.RequestListener;
  const port = (server: http.Server | https.Server) => (server.address() as AddressInfo).port;
  const listen = (server: http.Server | https.Server) =>
    new Promise<void>((done) => server.listen(0, address, () => done()));
  const go = (more: Partial<VisitOptions> = {}) =>
    visit({
      ...{ scheme: 'https' as const, host: address, path: '/', address, port: port(secure), roots: [root] },
      ...more,
    });
  const say =
    (status: number, headers: http.OutgoingHttpHeaders = {}, body = ''): http.RequestListener =>
    (_, res) =>
      res.writeHead(status, headers).end(body);
  const path = (resolve: () => Promise<{ addresses: string[]; www: boolean }>) =>
    wayIn(address, '/', { address, httpPort: port(plain), httpsPort: port(secure) }, [root], resolve);
  const here = () => Promise.resolve({ addresses: [address], www: false });

  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-visitor-'));
    const authority = await Authority.open(folder);
    root = readFileSync(join(folder, 'root.pem'), 'utf8');
    const take: http.RequestListener = (req, res) => answer(req, res);
    plain = http.createServer(take);
    secure = https.createServer(await authority.own(address), take);
    await Promise.all([listen(plain), listen(secure)]);
  });
  afterAll(() => {
    for (const server of [plain, secure]) {
      server.close();
      server.closeAllConnections();
    }
    rmSync(folder, { recursive: true });
  });

  it('reads status, words and certificate, and trusts who signed it or says why not', async () => {
    answer = say(200, { 'content-type': 'text/html' }, '<title>Sägewerk</title>');
    const seen = await go();
    expect([seen.status, seen.type, seen.body, seen.certificateError]).toEqual([
      200,
      'text/html',
      '<title>Sägewerk</title>',
      '',
    ]);
    expect(Date.parse(seen.certificate!.notAfter)).toBeGreaterThan(Date.now());
    expect((await go({ roots: [] })).certificateError).not.toBe('');
    expect((await go({ scheme: 'http', port: port(plain) })).certificate).toBeNull();
  });

  it('says its own name to the server, with the port where that is another than usual', async () => {
    const hosts: string[] = [];
    answer = (req, res) => {
      hosts.push(`${req.headers.host} ${req.headers.cookie ?? ''}`);
      res.end();
    };
    await go({ scheme: 'http', host: 'knot.example', port: port(plain), cookie: 'preview=1' });
    expect(hosts).toEqual([`knot.example:${port(plain)} preview=1`]);
  });

  it('follows nothing by itself, and stops at a page without an end', async () => {
    answer = say(301, { location: 'https://elsewhere.example/' });
    expect((await go()).location).toBe('https://elsewhere.example/');
    answer = (_, res) => {
      const part = Buffer.alloc(256 * 1024, 'x');
      const more = () => {
        while (!res.destroyed && res.write(part));
        if (!res.destroyed) res.once('drain', more);
      };
      more();
    };
    await expectAsync(go()).toBeRejectedWithError(/over 4 MB|aborted/);
    const closed = port(plain) === 1 ? 2 : 1;
    await expectAsync(go({ scheme: 'http', port: closed })).toBeRejectedWithError(/ECONNREFUSED/);
  });

  it('goes in link by link, and leaves open what lies behind a broken one', async () => {
    answer = (req, res) =>
      (req.socket as { encrypted?: boolean }).encrypted
        ? res.writeHead(200, { 'content-type': 'text/html' }).end('<title>Knot &amp; Rope</title>')
        : res.writeHead(301, { location: `https://${address}/` }).end();
    const all = await path(here);
    expect(all.map((l) => l.state)).toEqual(['good', 'good', 'good', 'good', 'good']);
    expect(all[3]!.detail).toContain('“Knot & Rope”');
    const states = async (resolve: typeof here) => (await path(resolve)).map((l) => l.state);
    const nowhere = () => Promise.resolve({ addresses: [] as string[], www: false });
    const two = () => Promise.resolve({ addresses: [address, '203.0.113.1'], www: false });
    expect(await states(nowhere)).toEqual(['bad', 'open', 'open', 'open', 'open']);
    expect(await states(two)).toEqual(['bad', 'open', 'open', 'open', 'open']);
    expect(await states(() => Promise.reject(new Error('nobody answers')))).toContain('bad');
    answer = say(200, {}, '<title>No redirect</title>');
    expect(await states(here)).toEqual(['good', 'bad', 'open', 'open', 'open']);
    answer = (req, res) =>
      (req.socket as { encrypted?: boolean }).encrypted
        ? res.writeHead(503).end('<title>Soon</title>')
        : res.writeHead(301, { location: `https://${address}/` }).end();
    const held = await path(here);
    expect(held.map((l) => l.state)).toEqual(['good', 'good', 'good', 'bad', 'good']);
    expect(held[3]!.detail).toBe('503, the holding page');
  });
});
