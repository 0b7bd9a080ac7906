import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { exportJWK, FlattenedSign, generateKeyPair, type JWK } from 'jose';
import { acmeApp } from './acme.js';
import { Authority } from './authority-keys.js';

// How a client may sign and what it is told when it does not: RFC 8555, 6 and 7. The way to a certificate itself is
// walked by two real clients in the end-to-end tests.
describe('the certificate authority', () => {
  let folder: string;
  let server: Server;
  let origin: string;
  let key: CryptoKey;
  let jwk: JWK;
  let nonce = '';
  let kid = '';

  const send = async (path: string, payload: unknown, header: Record<string, unknown>, tamper = false) => {
    const url = `${origin}${path}`;
    const body = await new FlattenedSign(Buffer.from(payload === '' ? '' : JSON.stringify(payload)))
      .setProtectedHeader({ alg: 'ES256', nonce, url, ...header })
      .sign(key);
    if (tamper) body.payload = Buffer.from('{"identifiers":[]}').toString('base64url');
    const response = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/jose+json' },
      body: JSON.stringify(body),
    });
    nonce = response.headers.get('replay-nonce') ?? nonce;
    const answer = (await response.json().catch(() => ({}))) as Record<string, string>;
    return {
      status: response.status,
      type: (answer['type'] ?? '').replace('urn:ietf:params:acme:error:', ''),
      answer,
      location: response.headers.get('location') ?? '',
    };
  };
  const order = (...names: string[]) =>
    send('/acme/new-order', { identifiers: names.map((value) => ({ type: 'dns', value })) }, { kid });

  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-authority-'));
    const authority = await Authority.open(folder);
    const config = {
      origin: '',
      data: folder,
      dns: { address: '127.0.0.1', port: 9 },
      httpPort: 1,
      caaName: 'authority.example',
      refuses: ['refused.example'],
    };
    server = createServer((req, res) => app(req, res));
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    config.origin = origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    const app = acmeApp(authority, config);
    ({ privateKey: key } = await (async () => {
      const pair = await generateKeyPair('ES256', { extractable: true });
      jwk = await exportJWK(pair.publicKey);
      return pair as { privateKey: CryptoKey };
    })());
    nonce = (await fetch(`${origin}/acme/new-nonce`, { method: 'HEAD' })).headers.get('replay-nonce')!;
  });
  afterAll(() => {
    server.close();
    rmSync(folder, { recursive: true, force: true });
  });

  it('gives a key one account, and finds it again', async () => {
    expect((await send('/acme/new-account', { onlyReturnExisting: true }, { jwk })).type).toBe('accountDoesNotExist');
    const made = await send(
      '/acme/new-account',
      { termsOfServiceAgreed: true, contact: ['mailto:a@b.example'] },
      { jwk },
    );
    const again = await send('/acme/new-account', {}, { jwk });
    expect([made.status, again.status, again.location]).toEqual([201, 200, made.location]);
    kid = made.location;
  });

  it('takes no nonce twice, no foreign address, no other signature, no tampered body', async () => {
    const used = nonce;
    expect((await order('a.example')).status).toBe(201);
    expect((await send('/acme/new-order', {}, { kid, nonce: used })).type).toBe('badNonce');
    expect((await send('/acme/new-order', {}, { kid, url: 'https://elsewhere.example/' })).type).toBe('unauthorized');
    expect(
      (await send('/acme/new-order', { identifiers: [{ type: 'dns', value: 'a.example' }] }, { kid }, true)).type,
    ).toBe('unauthorized');
    expect((await send('/acme/new-order', {}, { kid, jwk })).type).toBe('malformed');
    expect((await send('/acme/new-order', {}, { kid: `${origin}/acme/account/none` })).type).toBe(
      'accountDoesNotExist',
    );
  });

  it('orders names only, and says which it will not have', async () => {
    expect((await order('x.refused.example')).type).toBe('rejectedIdentifier');
    expect((await order('*.a.example')).type).toBe('rejectedIdentifier');
    expect((await order('a_b.example')).type).toBe('malformed');
    expect((await order()).type).toBe('malformed');
    expect((await send('/acme/new-order', { identifiers: [{ type: 'ip', value: '127.0.0.1' }] }, { kid })).type).toBe(
      'unsupportedIdentifier',
    );
  });

  it('signs nothing before the challenges are met', async () => {
    const made = await order('b.example', 'www.b.example');
    expect((made.answer['authorizations'] as unknown as string[]).length).toBe(2);
    const finalize = new URL(made.answer['finalize']!).pathname;
    expect((await send(finalize, { csr: 'AAAA' }, { kid })).type).toBe('orderNotReady');
  });

  it('makes a challenge invalid where the name servers do not answer, with the reason', async () => {
    const made = await order('c.example');
    const authz = new URL((made.answer['authorizations'] as unknown as string[])[0]!).pathname;
    const { answer } = await send(authz, '', { kid });
    const challenge = (answer['challenges'] as unknown as { url: string; token: string }[])[0]!;
    expect(challenge.token).toMatch(/^[\w-]{22,}$/);
    await send(new URL(challenge.url).pathname, {}, { kid });
    let now = await send(authz, '', { kid });
    for (let n = 0; n < 60 && now.answer['status'] === 'pending'; n++) {
      await new Promise((done) => setTimeout(done, 100));
      now = await send(authz, '', { kid });
    }
    expect(now.answer['status']).toBe('invalid');
    expect((now.answer['challenges'] as unknown as { error: { type: string } }[])[0]!.error.type).toContain('dns');
  });

  it('has a chain whose links fit, for ninety days', async () => {
    const { publicKey } = await crypto.subtle.generateKey({ name: 'ECDSA', namedCurve: 'P-256' }, true, [
      'sign',
      'verify',
    ]);
    const authority = await Authority.open(folder);
    const { chain } = await authority.sign(publicKey, ['d.example', 'www.d.example']);
    const [leaf, issuer] = chain.split(/(?<=-----END CERTIFICATE-----\n)/).map((pem) => new X509Certificate(pem));
    const root = new X509Certificate(authority.root.toString('pem'));
    expect(leaf!.checkIssued(issuer!) && leaf!.verify(issuer!.publicKey) && issuer!.verify(root.publicKey)).toBeTrue();
    expect(leaf!.checkHost('www.d.example')).toBe('www.d.example');
    expect(leaf!.ca).toBeFalse();
    expect((Date.parse(leaf!.validTo) - Date.now()) / 86_400_000).toBeCloseTo(90, 1);
  });
});
