import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer as createTlsServer, request as requestTls } from 'node:https';
import { request } from 'node:http';
import { createServer } from 'node:net';
import { connect, type TLSSocket } from 'node:tls';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  agentFor,
  fingerprintOf,
  newIdentity,
  NotPaired,
  pairWith,
  proofOf,
  takeNext,
  type Identity,
} from '@tin-porch/sign-in/pairing';
import { fetch } from 'undici';
import type { HostConfig } from './config.js';
import { startHost } from './host.js';
import { Paired } from './testing/paired.js';

const CODE = 'a-code-of-at-least-24-characters';

describe('the door of a hosting server', () => {
  const net = `127.10.${process.pid % 250}`;
  const url = `https://${net}.1:9100`;
  let data: string;
  let config: HostConfig;
  let host: Awaited<ReturnType<typeof startHost>>;
  const start = async (code: string) => {
    config.control.code = code;
    host = await startHost(config, { error: () => undefined });
  };

  beforeAll(async () => {
    data = mkdtempSync(join(tmpdir(), 'tin-porch-door-'));
    config = {
      ...{ name: 'unit', address: `${net}.1`, httpPort: 8180, httpsPort: 8543, data, reserveBytes: 0 },
      temporary: { base: 'unit.localhost', address: `${net}.1`, port: 8190 },
      control: { address: `${net}.1`, port: 9100, code: CODE },
      databaseUrl: `postgres://nobody@${net}.99:1/none`,
    };
    await start(CODE);
  });
  afterAll(async () => {
    await host.close();
    rmSync(data, { recursive: true, force: true });
  });

  it('is open to nobody before it is paired, nor to whoever does not know its code', async () => {
    const own = await newIdentity('Somebody');
    await expectAsync(pairWith(url, 'another-code-of-24-characters', own)).toBeRejectedWithError(
      NotPaired,
      'That is not the code this server was given',
    );
    // Without a certificate, and in plain words.
    const bare = await new Promise<number>((done, fail) => {
      requestTls({ host: `${net}.1`, port: 9100, path: '/v1/health', rejectUnauthorized: false }, (res) =>
        done(res.resume().statusCode!),
      )
        .on('error', fail)
        .end();
    });
    expect(bare).toBe(401);
    await expectAsync(
      new Promise((done, fail) =>
        request({ host: `${net}.1`, port: 9100 }, done)
          .on('error', fail)
          .end(),
      ),
    ).toBeRejected();
    expect(statSync(join(data, 'control/identity.json')).mode & 0o077).toBe(0);
  });

  it('is opened by the code once, to one; the same again is harmless', async () => {
    const [first, second] = [new Paired(url, CODE), new Paired(url, CODE)];
    await first.pair();
    await first.pair();
    expect((await first.ask('GET', '/health')).status).toBe(200);
    await expectAsync(second.pair()).toBeRejectedWithError(NotPaired, 'The code was used');
    expect((await first.ask('GET', '/health')).status).toBe(200);
    // A restart changes nothing of it.
    await host.close();
    await start(CODE);
    expect((await first.ask('GET', '/health')).status).toBe(200);
    // Another code makes room; until it is used, whoever was let in is.
    await host.close();
    await start('the-next-code-of-24-characters');
    expect((await first.ask('GET', '/health')).status).toBe(200);
    await expectAsync(second.pair()).toBeRejectedWithError(NotPaired);
    const third = new Paired(url, 'the-next-code-of-24-characters');
    expect((await third.ask('GET', '/health')).status).toBe(200);
    expect((await first.ask('GET', '/health')).status).toBe(401);
    for (const p of [first, second, third]) await p.end();
  });

  it('is not opened through somebody who stands between, and nothing that they hear opens it', async () => {
    await host.close();
    await start('a-third-code-of-24-characters');
    const [own, theirs] = [await newIdentity('Porch'), await newIdentity('Between')];
    let heard = '';
    const between = createTlsServer(
      { key: theirs.key, cert: theirs.certificate, requestCert: true, rejectUnauthorized: false },
      (req, res) => {
        req.on('data', (part: Buffer) => (heard += part.toString()));
        req.on('end', () => {
          // What it heard is passed on with its own certificate.
          void (async () => {
            const dispatcher = agentFor(theirs, await certificateOf());
            const said = await fetch(`${url}/v1/pairing`, {
              method: 'POST',
              headers: { 'content-type': 'application/json' },
              body: heard,
              dispatcher,
            });
            res.writeHead(said.status, { 'content-type': 'application/json' }).end(await said.text());
            await dispatcher.destroy();
          })();
        });
      },
    );
    await new Promise<void>((done) => between.listen(9101, `${net}.2`, done));
    await expectAsync(pairWith(`https://${net}.2:9101`, config.control.code, own)).toBeRejectedWithError(
      NotPaired,
      'That is not the code this server was given',
    );
    const { proof } = JSON.parse(heard) as { proof: string };
    expect(proof).toBe(
      proofOf(config.control.code, 'porch', fingerprintOf(own.certificate), fingerprintOf(theirs.certificate)),
    );
    between.closeAllConnections();
    between.close();
    await expectAsync(pairWith(url, config.control.code, own)).toBeResolved();
  });

  it('is known by its certificate: another machine at its address is told apart before anything is said to it', async () => {
    const porch = new Paired(url, (config.control.code = 'a-fourth-code-of-24-characters'));
    await host.close();
    await start(config.control.code);
    await porch.pair();
    await host.close();
    const other = await newIdentity('unit');
    let said = '';
    const server = createTlsServer({ key: other.key, cert: other.certificate }, (req, res) => {
      said += req.url;
      res.end('{}');
    });
    await new Promise<void>((done) => server.listen(9100, `${net}.1`, done));
    await expectAsync(porch.ask('GET', '/health')).toBeRejected();
    expect(said).toBe('');
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
    await start(config.control.code);
    expect((await porch.ask('GET', '/health')).status).toBe(200);
    await porch.end();
  });

  it('lets nobody pair where what it kept of that is damaged, but with the code again', async () => {
    await host.close();
    writeFileSync(join(data, 'control/paired.json'), '{"por');
    await start(config.control.code);
    const porch = new Paired(url, config.control.code);
    expect((await porch.ask('GET', '/health')).status).toBe(200);
    await porch.end();
  });

  describe('whose keys are made anew', () => {
    let now: Identity;
    let next: Identity;
    const kept = (name: string) => join(data, 'control', name);
    /** Asks something with some keys, of whoever shows a certificate there. */
    const as = async (own: Identity, method: string, path: string, body?: object) => {
      const dispatcher = agentFor(own, await certificateOf());
      const answer = await fetch(`${url}/v1${path}`, {
        ...{ method, dispatcher, headers: { 'content-type': 'application/json' } },
        body: body ? JSON.stringify(body) : null,
      });
      const said = (await answer.json().catch(() => ({}))) as { certificate?: string };
      await dispatcher.close();
      return { status: answer.status, certificate: said.certificate ?? '' };
    };
    const prepare = (certificate = next.certificate) => as(now, 'PUT', '/pairing/next', { certificate });
    const again = async () => {
      await host.close();
      await start(config.control.code);
    };
    beforeEach(async () => {
      [now, next] = [await newIdentity('Porch'), await newIdentity('Porch')];
      await host.close();
      await start(`a-code-of-24-characters-${++codes}`);
      await pairWith(url, config.control.code, now);
    });
    let codes = 0;

    it('has both sides known by others once they are taken into use, and by nothing before', async () => {
      const before = await certificateOf();
      const { certificate } = await prepare();
      expect([certificate !== before, await certificateOf()]).toEqual([true, before]);
      // The same again is the same.
      expect((await prepare()).certificate).toBe(certificate);
      expect((await as(next, 'GET', '/health')).status).toBe(401);
      expect(await takeNext(url, next, before, certificate)).toBeTrue();
      expect(fingerprintOf(await certificateOf())).toBe(fingerprintOf(certificate));
      expect((await as(next, 'GET', '/health')).status).toBe(200);
      // What was under way ends: for a moment whoever has those of before is let in.
      expect((await as(now, 'GET', '/health')).status).toBe(200);
      expect(await takeNext(url, next, before, certificate)).toBeTrue();
      await again();
      expect((await as(now, 'GET', '/health')).status).toBe(401);
      expect((await as(next, 'GET', '/health')).status).toBe(200);
      expect(existsSync(kept('next.json'))).toBeFalse();
      expect(statSync(kept('identity.json')).mode & 0o077).toBe(0);
    });

    it('has nobody take into use what was made ready for another, or what is no certificate', async () => {
      expect((await prepare('none')).status).toBe(400);
      const before = await certificateOf();
      expect(await takeNext(url, next, before, before)).toBeFalse();
      const { certificate } = await prepare();
      const third = await newIdentity('Somebody');
      expect((await as(third, 'PUT', '/pairing/next', { certificate: third.certificate })).status).toBe(401);
      expect(await takeNext(url, third, before, certificate)).toBeFalse();
      // Made ready for another one, the first is nobody.
      expect((await prepare(third.certificate)).certificate).toBe(certificate);
      expect(await takeNext(url, next, before, certificate)).toBeFalse();
      expect(await takeNext(url, third, before, certificate)).toBeTrue();
    });

    it('goes on where it was killed while they were taken into use: with one or the other on both sides', async () => {
      const before = await certificateOf();
      const { certificate } = await prepare();
      // Made ready, and begun anew.
      await again();
      expect(await certificateOf()).toBe(before);
      expect((await as(now, 'GET', '/health')).status).toBe(200);
      // It knew already whom to let in, and had not put its own in place.
      const paired = JSON.parse(readFileSync(kept('paired.json'), 'utf8')) as object;
      await host.close();
      writeFileSync(kept('paired.json'), JSON.stringify({ ...paired, porch: fingerprintOf(next.certificate) }));
      await start(config.control.code);
      expect(fingerprintOf(await certificateOf())).toBe(fingerprintOf(certificate));
      expect(await takeNext(url, next, before, certificate)).toBeTrue();
      expect((await as(now, 'GET', '/health')).status).toBe(401);
    });

    it('forgets what was made ready once it is paired by another code', async () => {
      const before = await certificateOf();
      const { certificate } = await prepare();
      await host.close();
      await start(`another-code-of-24-letters-${codes}`);
      const other = await newIdentity('Another porch');
      await pairWith(url, config.control.code, other);
      expect(existsSync(kept('next.json'))).toBeFalse();
      expect(await takeNext(url, next, before, certificate)).toBeFalse();
      expect((await as(other, 'GET', '/health')).status).toBe(200);
    });
  });

  /** The certificate the server shows. */
  const certificateOf = () =>
    new Promise<string>((done, fail) => {
      const socket: TLSSocket = connect({ host: `${net}.1`, port: 9100, rejectUnauthorized: false }, () => {
        const { raw } = socket.getPeerCertificate();
        socket.destroy();
        done(`-----BEGIN CERTIFICATE-----\n${raw.toString('base64')}\n-----END CERTIFICATE-----\n`);
      }).on('error', fail);
    });
  it('waits for no answer for ever', async () => {
    // One that takes the connection and says nothing.
    const silent = createServer(() => undefined);
    await new Promise<void>((done) => silent.listen(9102, `${net}.2`, done));
    const pairing = pairWith(`https://${net}.2:9102`, CODE, await newIdentity('Porch'));
    await expectAsync(pairing).toBeRejectedWithError(/no answer/);
    silent.close();
  });
});
