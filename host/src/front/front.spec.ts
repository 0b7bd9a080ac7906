import { execFileSync } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { connect as connectHttp2 } from 'node:http2';
import { request } from 'node:http';
import { request as requestTls } from 'node:https';
import { createConnection } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { emptyFacts, type SiteDocument } from '@tin-porch/core/model';
import { newDocument, writeVersion } from '@tin-porch/core/making';
import { apply } from '@tin-porch/core/operations';
import { makeManifest, render } from '@tin-porch/core/page';
import type { HostConfig } from '../config.js';
import { startHost } from '../host.js';
import type { Measured } from '../measuring/measures.js';
import { Paired } from '../testing/paired.js';

const sha256 = (b: Uint8Array | string) => createHash('sha256').update(b).digest('hex');
const CODE = 'a-code-of-at-least-24-characters';
const ORIGIN = 'https://tolliver.example';

/** A release whose pages say `words`, with an old address that leads on. */
function releaseOf(words: string) {
  const services = ['Ridges', 'Repairs', 'New roofs', 'Wiring', 'Moss'].map((name, k) => ({
    id: `v${k}`,
    name,
    detail: '',
    price: '',
  }));
  const facts = { ...emptyFacts(), name: 'Tolliver', trade: 'thatcher', strapline: words, services };
  const made = apply(newDocument('tolliver', facts), writeVersion(facts, 1)).document;
  const document: SiteDocument = { ...made, redirects: [{ from: '/log', to: '/contact/' }] };
  const files = render(document, { origin: ORIGIN }).flatMap((f) =>
    'text' in f ? [{ path: f.path, type: f.type, bytes: Buffer.from(f.text) }] : [],
  );
  // A film of some megabytes, which takes its time.
  files.push({ path: '/films/roof.mp4', type: 'video/mp4', bytes: randomBytes(3_000_000) });
  files.push({ path: '/pictures/roof-0123456789-480.avif', type: 'image/avif', bytes: randomBytes(900) });
  files.push({ path: '/files/notes', type: 'text/plain; charset=utf-8', bytes: Buffer.from('No ending at all') });
  const json = JSON.stringify(document);
  return { files, document, manifest: makeManifest(files, json, ORIGIN, sha256) };
}
/** A certificate for names that nobody has vouched for, and its key. */
function certificateFor(folder: string, names: string[], organisation: string) {
  const [key, chain] = [join(folder, 'made.key'), join(folder, 'made.pem')];
  execFileSync(
    'openssl',
    [
      ...['req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:prime256v1', '-nodes', '-days', '2'],
      ...['-keyout', key, '-out', chain, '-subj', `/O=${organisation}`],
      ...['-addext', `subjectAltName=${names.map((n) => `DNS:${n}`).join(',')}`],
    ],
    { stdio: 'ignore' },
  );
  return { key: readFileSync(key, 'utf8'), chain: readFileSync(chain, 'utf8') };
}

describe('the front of a hosting server', () => {
  const net = `127.9.${process.pid % 250}`;
  let data: string;
  let config: HostConfig;
  let host: Awaited<ReturnType<typeof startHost>>;
  const start = async () => void (host = await startHost(config, { error: () => undefined }));
  const front = (...path: string[]) => join(data, 'front', ...path);
  const today = () => new Date().toISOString().slice(0, 10);

  interface Answer {
    status: number;
    headers: Record<string, string | undefined>;
    body: string;
    issuer?: string;
  }
  const ask = (path: string, headers: Record<string, string> = {}, method = 'GET', sent?: string) =>
    new Promise<Answer>((done, fail) => {
      const asked = request(
        { host: `${net}.1`, port: config.httpPort, path, method, headers: { host: 'tolliver.example', ...headers } },
        (res) => {
          let body = '';
          res.setEncoding('utf8').on('data', (part: string) => (body += part));
          res.on('end', () => done({ status: res.statusCode!, headers: res.headers as Answer['headers'], body }));
        },
      ).on('error', fail);
      asked.end(sent);
    });
  const askTls = (path: string, name = 'tolliver.example', host = name) =>
    new Promise<Answer>((done, fail) => {
      requestTls(
        {
          ...{ host: `${net}.1`, port: config.httpsPort, path, servername: name, headers: { host } },
          ...{ rejectUnauthorized: false, agent: false },
        },
        (res) => {
          const { issuer } = (res.socket as import('node:tls').TLSSocket).getPeerCertificate();
          let body = '';
          res.setEncoding('utf8').on('data', (part: string) => (body += part));
          res.on('end', () =>
            done({
              status: res.statusCode!,
              headers: res.headers as Answer['headers'],
              body,
              issuer: String(issuer.O),
            }),
          );
        },
      )
        .on('error', fail)
        .end();
    });
  const porch = new Paired(`https://${net}.1:9100`, CODE);
  const control = async (...asked: Parameters<Paired['ask']>) => (await porch.ask(...asked)).status;
  const until = async (so: () => Promise<boolean> | boolean, within = 25_000) => {
    for (const end = Date.now() + within; Date.now() < end; await new Promise((done) => setTimeout(done, 20)))
      if (await so()) return;
    fail('it did not come about in time');
  };
  const settle = (open: boolean, domain: string | null = 'tolliver.example') => {
    mkdirSync(join(data, 'sites/tolliver/releases'), { recursive: true });
    const settings = { id: 'tolliver', name: 'Tolliver', temporary: 'tolliver', domain, open };
    writeFileSync(join(data, 'sites/tolliver/site.json'), JSON.stringify({ ...settings, previewKey: 'a'.repeat(64) }));
  };
  const serve = async (id: string, { files, manifest, document }: ReturnType<typeof releaseOf>) => {
    for (const f of files) await control('PUT', `/blobs/${sha256(f.bytes)}`, f.bytes);
    writeFileSync(join(data, `sites/tolliver/releases/${id}.json`), JSON.stringify({ id, manifest, document }));
    expect(await control('POST', '/sites/tolliver/current', { knows: 0, release: id })).toBe(200);
  };
  /** The processes of nginx that work in this server’s folder, the first before its workers. */
  const nginx = () =>
    readdirSync('/proc')
      .filter((name) => /^\d+$/.test(name))
      .flatMap((pid) => {
        try {
          const said = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
          return readlinkSync(`/proc/${pid}/cwd`) === front() && said.startsWith('nginx: ')
            ? [{ pid: Number(pid), first: said.startsWith('nginx: master') }]
            : [];
        } catch {
          return [];
        }
      })
      .sort((a, b) => Number(b.first) - Number(a.first));

  beforeAll(async () => {
    // A folder whose name is too long for the address of a socket.
    data = join(mkdtempSync(join(tmpdir(), 'tin-porch-front-')), 'a-folder-with-a-long-name'.repeat(4));
    mkdirSync(data, { recursive: true });
    config = {
      name: 'unit',
      address: `${net}.1`,
      httpPort: 8180,
      httpsPort: 8543,
      temporary: { base: 'unit.localhost', address: `${net}.1`, port: 8190 },
      control: { address: `${net}.1`, port: 9100, code: CODE },
      metrics: { address: `${net}.1`, port: 9190 },
      data,
      databaseUrl: `postgres://nobody@${net}.99:1/none`,
      reserveBytes: 0,
    };
    settle(true);
    await start();
    await serve('r-1', releaseOf('The first words'));
  });
  afterAll(async () => {
    await porch.end();
    await host.close();
    expect(nginx()).toEqual([]);
    rmSync(join(data, '..'), { recursive: true, force: true });
  });

  it('lets nothing out of its folders but the files of the release that is live', async () => {
    await ask('/contact/');
    await until(() => existsSync(join(data, `logs/tolliver/${today()}.log`)));
    for (const path of ['/now/index.html', '/before/index.html', `/log/${today()}.log`, '/.part'])
      expect((await ask(path)).status)
        .withContext(path)
        .toBe(404);
    // What is called as a folder here is an address like any other.
    expect((await ask('/log')).headers['location']).toBe('/contact/');
    for (const name of ['..', '.', 'tolliver.example/../../certificates', '../sites/tolliver', '-', 'tolliver'])
      expect((await ask('/index.html', { host: name })).status)
        .withContext(name)
        .toBeGreaterThanOrEqual(400);
  });

  it('sends what it serves itself and what the agent serves with the same headers', async () => {
    const [page, missing, untyped] = [await ask('/'), await ask('/nowhere/'), await ask('/files/notes')];
    expect([page.status, missing.status, untyped.status]).toEqual([200, 404, 200]);
    expect(untyped.headers['content-type']).toBe('text/plain; charset=utf-8');
    for (const name of ['content-security-policy', 'x-content-type-options', 'referrer-policy'])
      for (const other of [missing, untyped]) expect(other.headers[name]).withContext(name).toBe(page.headers[name]!);
    expect(page.headers['content-type']).toBe('text/html; charset=utf-8');
    expect(page.headers['cache-control']).toBe('no-cache');
    // A photograph is named for what is in it, and for its width.
    expect((await ask('/pictures/roof-0123456789-480.avif')).headers['cache-control']).toContain('immutable');
    expect((await ask('/films/roof.mp4')).headers['cache-control']).toBe('no-cache');
    for (const name of ['x-powered-by', 'x-counted'])
      for (const other of [page, missing]) expect(other.headers[name]).toBeUndefined();
    expect((await ask('/films/roof.mp4', { range: 'bytes=10-19' })).headers['content-range']).toBe(
      'bytes 10-19/3000000',
    );
  });

  it('writes a log for each site and day, of what visitors asked for at its own name, and of nothing else', async () => {
    await ask(`/?from="harbour"`, { 'user-agent': 'Reader/1 (log)' });
    await ask('/nowhere/', { 'user-agent': 'Reader/2 (log)', 'x-forwarded-for': '203.0.113.9' });
    await ask('/-/desk/', { 'user-agent': 'Desk/1 (log)' });
    await ask('/', { host: 'tolliver.unit.localhost', 'user-agent': 'Temporary/1 (log)' });
    await ask('/', { host: 'www.tolliver.example', 'user-agent': 'Www/1 (log)' });
    const log = readFileSync(join(data, `logs/tolliver/${today()}.log`), 'utf8');
    const lines = log.split('\n').filter((l) => l.includes('(log)'));
    expect(lines.map((l) => l.replace(/\[.*?\]|\d+ (?=")/g, ''))).toEqual([
      jasmine.stringMatching(
        /^127\.\S+ - - {2}"GET \/\?from=(?:%22|\\x22)harbour(?:%22|\\x22) HTTP\/1\.1" 200 "-" "Reader\/1 \(log\)"$/,
      ),
      jasmine.stringMatching(/^127\.\S+ - - {2}"GET \/nowhere\/ HTTP\/1\.1" 404 "-" "Reader\/2 \(log\)"$/),
    ] as never);
    expect(readdirSync(join(data, 'logs'))).toEqual(['tolliver']);
    expect(readFileSync(front('error.log'), 'utf8').replace(/^.*plain\/-\/now" existence failed.*\n/gm, '')).toBe('');
  });

  it('says in its own words what it does not take', async () => {
    const large = await ask('/-/forms/contact', { 'content-length': String(90 * 1024 * 1024) }, 'POST').catch(
      () => null,
    );
    if (large) expect([large.status, large.headers['content-type']]).toEqual([413, 'application/problem+json']);
    expect((await ask('/', { cookie: 'x'.repeat(40_000) })).headers['content-type']).toBe('application/problem+json');
    expect((await ask('/', {}, 'POST')).status).toBe(405);
  });

  it('leads to TLS from the moment its name has a certificate, and offers another from the next handshake on', async () => {
    await expectAsync(askTls('/')).toBeRejected();
    expect((await ask('/')).status).toBe(200);
    const names = ['tolliver.example', 'www.tolliver.example'];
    expect(await control('PUT', '/certificates/tolliver.example', certificateFor(data, names, 'First'))).toBe(200);
    const led = await ask('/contact/?a=1');
    expect([led.status, led.headers['location']]).toEqual([
      301,
      `https://tolliver.example:${config.httpsPort}/contact/?a=1`,
    ]);
    const served = await askTls('/');
    expect([served.status, served.issuer]).toEqual([200, 'First']);
    expect(served.headers['strict-transport-security']).toContain('max-age=');
    expect((await askTls('/x/', 'www.tolliver.example')).headers['location']).toBe(
      `https://tolliver.example:${config.httpsPort}/x/`,
    );
    await control('PUT', '/certificates/tolliver.example', certificateFor(data, names, 'Second'));
    expect((await askTls('/')).issuer).toBe('Second');
    await expectAsync(askTls('/', '../sites/tolliver')).toBeRejected();
    await expectAsync(askTls('/', 'other.example')).toBeRejected();
    // Whoever talks plainly to the port for TLS is led to where that is spoken.
    const plain = await new Promise<string>((done) => {
      const socket = createConnection(config.httpsPort, `${net}.1`, () =>
        socket.write('GET /a/ HTTP/1.1\r\nhost: tolliver.example\r\nconnection: close\r\n\r\n'),
      );
      let text = '';
      socket.on('data', (part) => (text += part.toString())).on('close', () => done(text));
    });
    expect(plain).toContain(`https://tolliver.example:${config.httpsPort}/a/`);
  });

  it('speaks HTTP/2, many requests over one connection', async () => {
    const session = connectHttp2(`https://${net}.1:${config.httpsPort}`, {
      servername: 'tolliver.example',
      rejectUnauthorized: false,
    });
    const get = (path: string) =>
      new Promise<number>((done, fail) => {
        const asked = session.request({ ':path': path, ':authority': `tolliver.example:${config.httpsPort}` });
        asked.on('response', (headers) => done(Number(headers[':status']))).on('error', fail);
        asked.resume().end();
      });
    const all = await Promise.all(Array.from({ length: 60 }, (_, n) => get(n % 3 ? '/contact/' : '/nowhere/')));
    expect(all.filter((s) => s === 200).length).toBe(40);
    expect(all.filter((s) => s === 404).length).toBe(20);
    session.close();
  });

  it('gives the old release or the new, never a mixture and never nothing, while it is switched again and again', async () => {
    const two = [releaseOf('The first words'), releaseOf('The second words')];
    await serve('r-1', two[0]!);
    await serve('r-2', two[1]!);
    const wrong: string[] = [];
    let asked = 0;
    let over = false;
    const reader = async () => {
      while (!over) {
        const { status, body } = await askTls('/');
        asked++;
        const styles = /href="(\/site-[0-9a-z]+\.css)"/.exec(body)?.[1];
        if (status !== 200 || !/The (?:first|second) words/.test(body)) wrong.push(`${status} ${body.slice(0, 60)}`);
        else if (!styles || (await askTls(styles)).status !== 200) wrong.push(`no ${styles}`);
      }
    };
    const readers = [reader(), reader(), reader()];
    for (let n = 0; n < 30; n++)
      expect(await control('POST', '/sites/tolliver/current', { knows: 0, release: `r-${1 + (n % 2)}` })).toBe(200);
    over = true;
    await Promise.all(readers);
    expect(wrong).toEqual([]);
    expect(asked).toBeGreaterThan(30);
    await until(() => readdirSync(front('releases/tolliver')).length <= 2);
  });

  it('goes on with pages and files while the agent is away, says so of the rest, and is taken over as it runs', async () => {
    const [before] = nginx();
    // As a kill leaves it: nobody tells nginx.
    await host.abandon();
    expect((await askTls('/contact/')).status).toBe(200);
    const away = await askTls('/-/forms/contact/sent');
    expect([away.status, away.headers['retry-after']]).toEqual([503, '10']);
    expect(away.body).toContain('go back');
    // What is not there, and what was there once, is the agent’s to answer.
    for (const path of ['/nowhere/', '/nowhere', '/site-00000000.css', '/'.repeat(3)])
      expect([path, (await askTls(path)).body.includes('go back')]).toEqual([path, path !== '///']);
    await start();
    expect(nginx()[0]!.pid).toBe(before!.pid);
    expect((await askTls('/nowhere/')).status).toBe(404);
  });

  it('keeps who comes while the agent is away for a moment waiting, and lets them through', async () => {
    await host.handOver();
    const [asked, posted] = [askTls('/nowhere/'), ask('/nowhere/', {}, 'POST')];
    // They wait: nobody has said no to them.
    const first = await Promise.race([asked, posted, new Promise((done) => setTimeout(() => done('nobody'), 700))]);
    expect(first).toBe('nobody');
    await start();
    expect([(await asked).status, (await posted).status < 500]).toEqual([404, true]);
  });

  it('is started anew while an answer is under way, which comes to its end, and again after that', async () => {
    // Somebody who sends something, and takes their time over it.
    let finish = (): void => undefined;
    const answered = new Promise<number>((done, fail) => {
      const headers = { host: 'tolliver.example', 'content-length': '10' };
      const sending = requestTls(
        {
          ...{ host: `${net}.1`, port: config.httpsPort, path: '/nowhere/', method: 'POST', headers, agent: false },
          ...{ servername: 'tolliver.example', rejectUnauthorized: false },
        },
        (res) => void res.resume().on('end', () => done(res.statusCode!)),
      ).on('error', fail);
      sending.write('words');
      finish = () => sending.end('words');
    });
    await new Promise((done) => setTimeout(done, 200));
    const [before] = nginx();
    const masters = () =>
      nginx()
        .filter((n) => n.first)
        .map((n) => n.pid);
    const renewed = async () => (await porch.ask('POST', '/renewals/front')).status;
    expect(await renewed()).toBe(204);
    expect((await askTls('/contact/')).status).toBe(200);
    // The one before still has something to answer.
    expect(await renewed()).toBe(409);
    expect(masters().length).toBe(2);
    expect(masters()).not.toEqual([before!.pid]);
    // An agent that comes then takes over the one that serves, not one that only ends what it began.
    await host.abandon();
    await start();
    expect((await askTls('/nowhere/')).status).toBe(404);
    finish();
    expect(await answered).toBe(405);
    await until(() => masters().length === 1);
    expect(masters()).not.toContain(before!.pid);
    expect(await renewed()).toBe(204);
    await until(() => masters().length === 1);
    expect((await askTls('/contact/')).status).toBe(200);
    // Nobody would start the agent of this test again.
    expect((await porch.ask('POST', '/renewals/agent')).status).toBe(409);
  });

  const measured = async () => (await porch.ask('GET', '/measures')).body['now'] as unknown as Measured;
  it('counts what it answers, and says what went wrong, without what was asked along with it', async () => {
    const before = await measured();
    expect(before.database).toBeFalse();
    expect(before.memoryFreeBytes).toBeGreaterThan(0);
    expect(before.memoryFreeBytes).toBeLessThan(before.memoryBytes);
    const host = 'tolliver.unit.localhost';
    for (let n = 0; n < 12; n++) expect((await ask('/', { host })).status).toBe(200);
    // Its database is not there.
    writeFileSync(join(data, 'sites/tolliver/cms.json'), JSON.stringify({ password: 'none' }));
    const formId = releaseOf('').document.forms[0]!.id;
    const sent = 'name=Orrin&mail=orrin@post.example&message=Hello';
    const form = { host, 'content-type': 'application/x-www-form-urlencoded' };
    expect((await ask(`/-/forms/${formId}?key=secret`, form, 'POST', sent)).status).toBe(503);
    await until(async () => (await measured()).troubles === before.troubles + 1);
    // Those for the figure itself are not counted.
    expect((await measured()).requests! - before.requests!).toBe(13);
    const { troubles } = (await porch.ask('GET', '/troubles')).body as unknown as { troubles: object[] };
    expect(troubles[0]).toEqual(
      jasmine.objectContaining({
        ...{ site: 'tolliver', host, method: 'POST', path: `/-/forms/${formId}` },
        ...{ status: 503, behind: '503' },
      }),
    );
    expect(JSON.stringify(troubles)).not.toContain('secret');
    rmSync(join(data, 'sites/tolliver/cms.json'));
  });
  it('is told to whoever keeps figures, as OpenMetrics', async () => {
    const answer = await fetch(`http://${net}.1:9190/metrics`);
    expect(answer.headers.get('content-type')).toBe('application/openmetrics-text; version=1.0.0; charset=utf-8');
    const text = await answer.text();
    expect(text.endsWith('# EOF\n')).toBeTrue();
    const { requests } = await measured();
    const said = (name: string) => Number(new RegExp(`^${name}(?:\\{[^}]*\\})? (\\S+)$`, 'm').exec(text)?.[1]);
    expect(requests).toBeGreaterThan(12);
    expect(said('tin_porch_host_front_requests_total')).toBe(requests!);
    expect(text).toContain('# TYPE tin_porch_host_front_requests counter\n');
    expect(said('tin_porch_host_database_up')).toBe(0);
    expect(text).toMatch(/tin_porch_host_certificate_ends_timestamp_seconds\{domain="tolliver.example"\} \d{10}/);
    // Asked again it is not added up.
    const again = await (await fetch(`http://${net}.1:9190/metrics`)).text();
    expect(Number(/^tin_porch_host_sites (\d+)$/m.exec(again)![1])).toBe(1);
    expect((await fetch(`http://${net}.1:9190/v1/health`)).status).toBe(404);
  });

  it('comes back when it is killed, its first process alone or all of it', async () => {
    for (const whom of [(n: { first: boolean }) => n.first, () => true]) {
      const killed = nginx().filter(whom);
      for (const { pid } of killed) process.kill(pid, 'SIGKILL');
      await until(async () => {
        const [first] = nginx();
        return !!first?.first && first.pid !== killed[0]!.pid && (await askTls('/').catch(() => null))?.status === 200;
      });
      // Where it says how it is nobody was left to listen.
      await until(async () => (await measured()).requests !== null);
    }
  });

  it('forgets names that lead to a site no more, left by a kill too', async () => {
    await host.close();
    expect(existsSync(front('secure/tolliver.example'))).toBeTrue();
    settle(true, null);
    await start();
    expect(existsSync(front('secure/tolliver.example'))).toBeFalse();
    expect((await ask('/', { host: 'tolliver.unit.localhost' })).status).toBe(200);
    settle(false);
    await host.close();
    await start();
    expect(readdirSync(front('secure'))).toEqual([]);
    expect(readdirSync(front('temporary'))).toEqual([]);
    expect((await askTls('/')).status).toBe(503);
    await host.close();
    rmSync(join(data, 'sites/tolliver'), { recursive: true });
    await start();
    expect(readdirSync(front('sites'))).toEqual([]);
    expect(readdirSync(front('releases'))).toEqual([]);
  });
});
