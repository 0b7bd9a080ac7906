import { request } from 'node:http';
import { connect } from 'node:net';
import { trustedVisit } from './support/visitor.js';
import { MAIL, PASSWORD, stackForTests, until } from './support/stack-for-tests.js';
import { withServer } from '@tin-porch/server/reach';

interface Detail {
  head: number;
  liveRelease: string | null;
  temporary: string;
  jobs: { kind: string; state: string; error: string | null; nextTry: string | null }[];
}

const FACTS = {
  name: 'Gant & Sons, Ropemakers',
  trade: 'ropemaker',
  place: 'Saltmarrow',
  description: 'We lay rope in the long walk behind the chapel. Every rope is tarred by hand.',
  services: [{ id: 'v1', name: 'Mooring ropes', detail: '', price: '' }],
};

describe('When things go wrong', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let id: string;
  const domain = 'gantrope.example';
  const detail = () => test.api.call<Detail>('GET', `/sites/${id}`);
  const change = (operation: object) => test.api.call('POST', `/sites/${id}/operations`, { operation });
  const kill = (name: string) => process.kill(test.stack.programs.get(name)!.child!.pid!, 'SIGKILL');
  const page = () => trustedVisit(test.stack, 'quay', domain, '/');
  const signIn = () => until('the server after a kill', async () => (await test.api.signIn(MAIL, PASSWORD), true), 40);

  beforeAll(async () => {
    test = await stackForTests();
    ({ id } = await test.api.call<{ id: string }>('POST', '/sites', FACTS));
    const { writeVersion } = await import('@tin-porch/core/making');
    const { document } = await test.api.call<{ document: { facts: never } }>('GET', `/sites/${id}`);
    const version = writeVersion(document.facts, 1);
    for (const p of version.pages)
      for (const s of p.sections) if (s.shape.startsWith('story/')) s.content['paragraphs'] = [];
    await change(version);
    await test.api.call('PUT', `/sites/${id}/server`, { server: 'quay' });
  });
  afterAll(() => test?.end());

  it('a name that does not point is waited for, in words, and the job ends by itself when it does', async () => {
    await test.api.call('PUT', `/sites/${id}/domain`, { domain });
    await test.api.call('POST', `/sites/${id}/publish`, {});
    const waiting = await until('a waiting job', async () => (await detail()).jobs.find((j) => j.state === 'retrying'));
    expect(waiting.error).toContain('not registered yet');
    expect(Date.parse(waiting.nextTry!)).toBeGreaterThan(Date.now());
    await test.api.call('POST', `/sites/${id}/domain/register`, {});
    await test.api.call('POST', `/sites/${id}/domain/records`, {});
    await test.api.call('POST', `/sites/${id}/publish`, {});
    await until(
      'the publish',
      async () => (await detail()).jobs.find((j) => j.kind === 'publish')?.state === 'done',
      60,
    );
    expect((await page()).status).toBe(200);
  });

  it('an authority that refuses stops the job with its own words', async () => {
    const { id: other } = await test.api.call<{ id: string }>('POST', '/sites', {
      name: 'Refused',
      description: '',
      services: [],
    });
    await test.api.call('PUT', `/sites/${other}/server`, { server: 'slip' });
    await test.api.call('PUT', `/sites/${other}/domain`, { domain: 'refused.example' });
    await test.api.call('POST', `/sites/${other}/domain/register`, {});
    await test.api.call('POST', `/sites/${other}/domain/records`, {});
    await test.api.call('POST', `/sites/${other}/certificate`, {});
    const job = await until('the refusal', async () =>
      (await test.api.call<Detail>('GET', `/sites/${other}`)).jobs.find((j) => j.state === 'failed'),
    );
    expect(job.error).toContain('does not certify refused.example');
  });

  for (const victim of ['quay', 'porch', 'postgres', 'standins'])
    it(`kill -9 of ${victim} in the middle of a publish: old or new is served, and the job finishes`, async () => {
      const before = (await page()).body;
      const words = `Rope, after ${victim} died`;
      await change({
        op: 'setText',
        at: { section: 's1', path: 'heading' },
        text: { value: words, from: { kind: 'designer' } },
      });
      await test.api.call('POST', `/sites/${id}/publish`, {});
      await new Promise((done) => setTimeout(done, 150 + Math.random() * 500));
      kill(victim);
      const seen = new Set<string>();
      const watch = setInterval(
        () =>
          void page().then(
            (v) => seen.add(v.status === 200 ? v.body : `status ${v.status}`),
            () => undefined,
          ),
        60,
      );
      await signIn();
      await until('the job', async () => (await detail()).jobs.find((j) => j.kind === 'publish')?.state === 'done', 60);
      await until('the new release', async () => (await page()).body.includes(words), 20);
      clearInterval(watch);
      const after = (await page()).body;
      for (const body of seen)
        expect(body === before || body === after)
          .withContext(body.slice(0, 80))
          .toBeTrue();
    });

  it('a host that stays away, or whose disk is full, leaves the job waiting with a reason', async () => {
    const { id: other } = await test.api.call<{ id: string }>('POST', '/sites', { ...FACTS, name: 'Far Away' });
    const { writeVersion } = await import('@tin-porch/core/making');
    const { document } = await test.api.call<{ document: { facts: never } }>('GET', `/sites/${other}`);
    await test.api.call('POST', `/sites/${other}/operations`, { operation: writeVersion(document.facts, 1) });
    await test.api.call('PUT', `/sites/${other}/server`, { server: 'slip' });
    const slip = test.stack.programs.get('slip')!;
    await slip.stop();
    await test.api.call('POST', `/sites/${other}/deploy`, {});
    const job = await until('the waiting job', async () =>
      (await test.api.call<Detail>('GET', `/sites/${other}`)).jobs.find((j) => j.state === 'retrying'),
    );
    expect(job.error).toContain('The server slip does not answer');
  });

  it('hostile and malformed requests get a 4xx with problem details, never a 5xx', async () => {
    const quay = test.stack.config.servers[0]!;
    const raw = (port: number, address: string, text: string) =>
      new Promise<string>((done) => {
        const socket = connect(port, address, () => socket.end(text));
        let all = '';
        socket.on('data', (d) => (all += d.toString()));
        socket.on('close', () => done(all));
        socket.on('error', () => done(all || 'HTTP/1.1 400 closed'));
        socket.setTimeout(5000, () => socket.destroy());
      });
    const porch = new URL(test.stack.url);
    const status = (answer: string) => Number(/^HTTP\/1\.1 (\d+)/.exec(answer)?.[1] ?? 0);
    const publicAsks = [
      `GET / HTTP/1.1\r\nHost: nobody.example\r\nConnection: close\r\n\r\n`,
      `GET / HTTP/1.1\r\nHost: a/b@c\r\nConnection: close\r\n\r\n`,
      `GET / HTTP/1.0\r\n\r\n`,
      `GET /%00 HTTP/1.1\r\nHost: ${id}.quay.localhost\r\nConnection: close\r\n\r\n`,
      `GET /..%2f..%2fetc/passwd HTTP/1.1\r\nHost: ${id}.quay.localhost\r\nConnection: close\r\n\r\n`,
      `GET /%E0%A4%A HTTP/1.1\r\nHost: ${id}.quay.localhost\r\nConnection: close\r\n\r\n`,
      `NONSENSE\r\n\r\n`,
    ];
    for (const ask of publicAsks) {
      const s = status(await raw(quay.temporaryPort, '127.0.0.1', ask));
      expect(s === 503 ? 'holding page' : s >= 400 && s < 500)
        .withContext(`${ask.slice(0, 40)} ${s}`)
        .toBeTruthy();
    }
    for (const ask of [
      `GET /api/sites HTTP/1.1\r\nHost: x y\r\nConnection: close\r\n\r\n`,
      `GET /%c0%ae/x.js HTTP/1.1\r\nHost: ${porch.host}\r\nConnection: close\r\n\r\n`,
      `POST /api/session HTTP/1.1\r\nHost: ${porch.host}\r\nContent-Type: application/json\r\nContent-Length: 5\r\nConnection: close\r\n\r\n{"a":`,
    ])
      expect(Math.floor(status(await raw(Number(porch.port), '127.0.0.1', ask)) / 100))
        .withContext(ask.slice(0, 40))
        .toBe(4);

    const send = (
      path: string,
      method: string,
      body: string,
      type = 'application/json',
      extra: Record<string, string> = {},
    ) =>
      new Promise<{ status: number; type: string }>((done, fail) => {
        const req = request(
          {
            host: '127.0.0.1',
            port: porch.port,
            path: `/api${path}`,
            method,
            headers: {
              'content-type': type,
              'content-length': Buffer.byteLength(body),
              ...test.api.headers(),
              ...extra,
            },
          },
          (res) => {
            res.resume();
            done({ status: res.statusCode ?? 0, type: res.headers['content-type'] ?? '' });
          },
        );
        req.on('error', (e) =>
          (e as NodeJS.ErrnoException).code === 'EPIPE' || (e as NodeJS.ErrnoException).code === 'ECONNRESET'
            ? done({ status: 413, type: 'application/problem+json' })
            : fail(e),
        );
        req.end(body);
      });
    const bad: [string, string, string, string?, Record<string, string>?][] = [
      ['/sites', 'POST', '[]'],
      ['/sites', 'POST', '{"name":7}'],
      ['/sites', 'POST', '{"name":"x\\u0000"}'],
      ['/sites', 'POST', '{"name":"\\ud800"}'],
      ['/sites', 'POST', 'name=x', 'application/x-www-form-urlencoded'],
      ['/sites', 'POST', `{"name":"${'x'.repeat(3_000_000)}"}`],
      ['/sites', 'POST', '{"name":"x"}', 'application/json', { 'x-porch-token': 'forged' }],
      ['/sites', 'POST', '{"name":"x"}', 'application/json', { origin: 'http://evil.example' }],
      ['/sites', 'POST', '{"name":"x"}', 'application/json', { 'sec-fetch-site': 'cross-site' }],
      [`/sites/${id}/operations`, 'POST', '{"operation":{"op":"setText"}}'],
      [`/sites/${id}/operations`, 'POST', '{"operation":null}'],
      [`/sites/${id}/rollback`, 'POST', '{"release":"../../x"}'],
      [`/sites/${id}/server`, 'PUT', '{"server":"nowhere"}'],
      ['/sites/%00', 'GET', ''],
      ['/sites/..%2f..', 'GET', ''],
      ['/inbox/zzz', 'PUT', '{"read":true}'],
      ['/nothing', 'GET', ''],
    ];
    for (const [path, method, body, type, extra] of bad) {
      const answer = await send(path, method, body, type, extra);
      expect(answer.status >= 400 && answer.status < 500)
        .withContext(`${method} ${path} ${body.slice(0, 30)} ${answer.status}`)
        .toBeTrue();
      expect(answer.type).withContext(path).toContain('application/problem+json');
    }
    const wrongHash = withServer(test.stack.config, 'quay', (host) => host.putBlob('a'.repeat(64), Buffer.from('x')));
    await expectAsync(wrongHash).toBeRejectedWith(jasmine.objectContaining({ status: 422 }));
  });

  it('signing in is slowed down after a few failures', async () => {
    const tries: number[] = [];
    for (let n = 0; n < 9; n++)
      tries.push(
        (
          await fetch(`${test.stack.url}/api/session`, {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: '{"mail":"someone@else.example","password":"x"}',
          })
        ).status,
      );
    expect(tries).toEqual([...Array<number>(5).fill(401), ...Array<number>(4).fill(429)]);
  });
});

describe('A server whose disk is full', () => {
  it('refuses with a reason, keeps what it has, and goes on when there is room', async () => {
    const test = await stackForTests({ reserveBytes: Number.MAX_SAFE_INTEGER });
    try {
      const { id } = await test.api.call<{ id: string }>('POST', '/sites', FACTS);
      const { writeVersion } = await import('@tin-porch/core/making');
      const { document } = await test.api.call<{ document: { facts: never } }>('GET', `/sites/${id}`);
      await test.api.call('POST', `/sites/${id}/operations`, { operation: writeVersion(document.facts, 1) });
      await test.api.call('PUT', `/sites/${id}/server`, { server: 'quay' });
      await test.api.call('POST', `/sites/${id}/deploy`, {});
      const job = await until('the refusal', async () =>
        (await test.api.call<Detail>('GET', `/sites/${id}`)).jobs.find((j) => j.state === 'retrying'),
      );
      expect(job.error).toContain('The disk of this server is full');
    } finally {
      await test.end();
    }
  });
});
