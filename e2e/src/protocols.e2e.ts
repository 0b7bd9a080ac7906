import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { stackForTests } from './support/stack-for-tests.js';

describe('The protocols, asked by other programs', () => {
  let test: Awaited<ReturnType<typeof stackForTests>>;
  let net: string;
  const dig = (...args: string[]) =>
    execFileSync('dig', ['+time=2', '+tries=1', '-p', '5300', ...args], { encoding: 'utf8' });
  const registrar = async (method: string, path: string, body?: object) => {
    const { url, key } = test.stack.config.registrar!;
    const response = await fetch(url + path, {
      method,
      headers: { authorization: `Bearer ${key}`, 'content-type': 'application/json' },
      body: body ? JSON.stringify(body) : null,
    });
    return { status: response.status, body: (await response.json()) as Record<string, unknown> };
  };

  beforeAll(async () => {
    test = await stackForTests();
    net = test.stack.facts.net;
    await registrar('POST', '/domains', { domain: 'knot.example', years: 1 });
    const records = [
      { name: '@', type: 'A', ttl: 60, data: `${net}.60` },
      { name: 'www', type: 'CNAME', ttl: 60, data: 'knot.example.' },
      { name: '@', type: 'MX', ttl: 60, data: '10 mail.knot.example.' },
      { name: '@', type: 'CAA', ttl: 60, data: '0 issue "authority.saltmarrow.example"' },
      { name: 'long', type: 'TXT', ttl: 60, data: `"${'x'.repeat(2400)}"` },
    ];
    expect((await registrar('PUT', '/domains/knot.example/records', { records })).status).toBe(200);
  });
  afterAll(() => test?.end());

  it('answers dig over UDP and TCP, by the rules for aliases, absence, truncation and foreign names', () => {
    const at = `@${net}.21`;
    expect(dig(at, 'KNOT.example', 'A', '+short').trim()).toBe(`${net}.60`);
    expect(dig(at, 'www.knot.example', 'A', '+short', '+tcp').trim().split('\n')).toEqual([
      'knot.example.',
      `${net}.60`,
    ]);
    expect(dig(at, 'knot.example', 'MX', '+short').trim()).toBe('10 mail.knot.example.');
    expect(dig(at, 'knot.example', 'CAA', '+short').trim()).toBe('0 issue "authority.saltmarrow.example"');
    expect(dig(at, 'knot.example', 'SOA', '+short')).toContain('ns1.brinegate.example. hostmaster.');
    expect(dig(at, 'knot.example', 'A')).toMatch(/flags: qr aa rd/);
    expect(dig(at, 'nothing.knot.example', 'A')).toMatch(/status: NXDOMAIN[^]*IN\s+SOA/);
    expect(dig(at, 'knot.example', 'AAAA')).toMatch(/status: NOERROR[^]*ANSWER: 0/);
    expect(dig(at, 'elsewhere.invalid', 'A')).toContain('status: REFUSED');
    expect(dig(at, 'long.knot.example', 'TXT', '+ignore')).toMatch(/flags: qr aa tc/);
    expect(dig(at, 'long.knot.example', 'TXT').match(/x{200}/g)?.length).toBeGreaterThan(8);
    expect(dig(at, 'knot.example', 'A', '+opcode=UPDATE')).toContain('NOTIMP');
  });

  it('has resolvers that keep answers for their TTL and count it down', async () => {
    const at = `@${net}.22`;
    const first = dig(at, 'knot.example', 'A');
    expect(first).toMatch(/flags: qr rd ra/);
    await new Promise((done) => setTimeout(done, 2100));
    const ttl = Number(
      /IN\s+A/.exec(dig(at, 'knot.example', 'A')) &&
        /knot\.example\.\s+(\d+)\s+IN\s+A/.exec(dig(at, 'knot.example', 'A'))![1],
    );
    expect(ttl).toBeLessThan(60);
    expect(ttl).toBeGreaterThan(50);
  });

  it('describes registrations by RDAP and refuses what is taken, malformed or another customer’s', async () => {
    const found = await fetch(`${test.stack.config.rdap}/domain/knot.example`);
    expect(found.headers.get('content-type')).toContain('application/rdap+json');
    expect(((await found.json()) as { ldhName: string }).ldhName).toBe('knot.example');
    expect((await fetch(`${test.stack.config.rdap}/domain/free.example`)).status).toBe(404);
    expect((await registrar('POST', '/domains', { domain: 'knot.example', years: 1 })).status).toBe(409);
    expect((await registrar('POST', '/domains', { domain: '../x', years: 1 })).status).toBe(400);
    expect((await registrar('PUT', '/domains/brinegate.example/records', { records: [] })).status).toBe(403);
    expect(
      (
        await registrar('PUT', '/domains/knot.example/records', {
          records: [{ name: '@', type: 'CNAME', ttl: 60, data: 'x.example.' }],
        })
      ).status,
    ).toBe(400);
  });

  it('gives certbot a certificate over http-01, and openssl a chain it accepts', () => {
    const folder = join(test.data, 'certbot');
    mkdirSync(folder, { recursive: true });
    const { directory } = test.stack.config.acme;
    const args = [
      'certonly',
      '--standalone',
      '--non-interactive',
      '--agree-tos',
      '-m',
      'ines@tinporch.example',
      '--server',
      directory,
      '--http-01-port',
      String(test.stack.facts.httpPort),
      '--http-01-address',
      `${net}.60`,
      '-d',
      'knot.example',
      '-d',
      'www.knot.example',
      '--config-dir',
      folder,
      '--work-dir',
      folder,
      '--logs-dir',
      folder,
    ];
    const run = spawnSync('certbot', args, {
      encoding: 'utf8',
      env: { ...process.env, REQUESTS_CA_BUNDLE: test.stack.config.trust[0] },
    });
    expect(run.status)
      .withContext(run.stdout + run.stderr)
      .toBe(0);
    const live = join(folder, 'live/knot.example');
    expect(existsSync(join(live, 'fullchain.pem'))).toBeTrue();
    const verified = execFileSync(
      'openssl',
      [
        'verify',
        '-CAfile',
        test.stack.config.trust[0]!,
        '-untrusted',
        join(live, 'chain.pem'),
        '-purpose',
        'sslserver',
        '-verify_hostname',
        'www.knot.example',
        join(live, 'cert.pem'),
      ],
      { encoding: 'utf8' },
    );
    expect(verified).toContain('OK');
  });

  it('refuses a certificate where the challenge, the CAA record or the name is wrong', async () => {
    writeFileSync(join(test.data, 'wrong.json'), '{}');
    const folder = join(test.data, 'certbot-refused');
    const ask = (domain: string) =>
      spawnSync(
        'certbot',
        [
          'certonly',
          '--webroot',
          '-w',
          folder,
          '--non-interactive',
          '--agree-tos',
          '-m',
          'x@tinporch.example',
          '--server',
          test.stack.config.acme.directory,
          '-d',
          domain,
          '--config-dir',
          folder,
          '--work-dir',
          folder,
          '--logs-dir',
          folder,
        ],
        { encoding: 'utf8', env: { ...process.env, REQUESTS_CA_BUNDLE: test.stack.config.trust[0] } },
      );
    mkdirSync(folder, { recursive: true });
    expect(ask('knot.example').status).not.toBe(0);
    expect(ask('unregistered.example').stdout).toMatch(/no address|DNS|dns/);
    expect(ask('refused.example').stderr + ask('refused.example').stdout).toMatch(
      /does not certify|rejectedIdentifier|Cannot issue|refuse/i,
    );
    expect(readFileSync(test.stack.config.trust[0]!, 'utf8')).toContain('BEGIN CERTIFICATE');
  });
});
