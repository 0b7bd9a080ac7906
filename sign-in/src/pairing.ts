import 'reflect-metadata';
import { createHash, createHmac, randomBytes, timingSafeEqual, webcrypto, X509Certificate } from 'node:crypto';
import { connect } from 'node:tls';
import * as x509 from '@peculiar/x509';
import { Agent, fetch } from 'undici';

const { subtle } = webcrypto;
const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
/** How long a machine may take to say which certificate it has, ms. */
const ANSWER_MS = 8000;

/** What a machine proves itself with: a key and a certificate that nobody vouches for, both PEM. */
export interface Identity {
  key: string;
  certificate: string;
}
/** The two sides of a pairing, as their proofs name them. */
export type Side = 'porch' | 'host';

/** Thrown where the other machine does not prove that it knows the code, or says that the code is none. */
export class NotPaired extends Error {
  override name = 'NotPaired';
}

/**
 * Makes an identity. It is trusted because it was seen when two machines were paired, by no authority and for no time:
 * it has no end (RFC 5280, 4.1.2.5), so that a clock that is wrong keeps nobody out.
 */
export async function newIdentity(name: string): Promise<Identity> {
  x509.cryptoProvider.set(webcrypto as never);
  const keys = await subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: '00' + randomBytes(15).toString('hex'),
    name: [{ CN: [name] }],
    notBefore: new Date('2000-01-01T00:00:00Z'),
    notAfter: new Date('9999-12-31T23:59:59Z'),
    signingAlgorithm: ALGORITHM,
    keys,
  });
  const key = await subtle.exportKey('pkcs8', keys.privateKey);
  return { key: x509.PemConverter.encode(key, 'PRIVATE KEY'), certificate: certificate.toString('pem') };
}

/** The SHA-256 of a certificate (DER), hex. @throws Error where it is none */
export const fingerprintOf = (certificate: string | Buffer): string =>
  createHash('sha256').update(new X509Certificate(certificate).raw).digest('hex');

/**
 * Proves to know a code without saying it, for these two certificates alone: whoever stands between the two machines has
 * other certificates, and what was said to it is no proof to anybody else. The code is no word but 128 bits of chance or more.
 * @param porch fingerprint of the certificate Tin Porch has; `host` that of the server
 */
export const proofOf = (code: string, side: Side, porch: string, host: string): string =>
  createHmac('sha256', code).update(`${side} ${porch} ${host}`).digest('hex');

export function isProof(given: string, ...of: Parameters<typeof proofOf>): boolean {
  const [one, other] = [Buffer.from(given), Buffer.from(proofOf(...of))];
  return one.length === other.length && timingSafeEqual(one, other);
}

/** Connections to one machine that has this certificate and no other, as somebody who has this identity. */
export const agentFor = (own: Identity, certificate: string): Agent =>
  new Agent({
    connect: {
      key: own.key,
      cert: own.certificate,
      ca: [certificate],
      minVersion: 'TLSv1.3',
      // It is known by its certificate, whatever it is called.
      checkServerIdentity: (_name, { raw }) =>
        fingerprintOf(Buffer.from(raw)) === fingerprintOf(certificate) ? undefined : new Error('another certificate'),
    },
  });

/** The certificate a machine offers, PEM. Nothing says so far whose it is. */
function offeredBy(url: URL): Promise<string> {
  return new Promise((done, fail) => {
    const socket = connect(
      { host: url.hostname, port: Number(url.port) || 443, rejectUnauthorized: false, timeout: ANSWER_MS },
      () => {
        const { raw } = socket.getPeerCertificate();
        socket.destroy();
        done(new X509Certificate(raw).toString());
      },
    );
    socket.on('timeout', () => socket.destroy(new Error('no answer'))).on('error', fail);
  });
}

/**
 * Has a server take the keys into use that were made ready on both sides: known by the next ones already where it did so
 * before, and nobody heard of it. Safe to say again.
 * @returns false where nothing was made ready for these
 * @throws whatever fetch throws where it does not answer
 */
export async function takeNext(url: string, next: Identity, now: string, then: string): Promise<boolean> {
  const say = async (certificate: string) => {
    const dispatcher = agentFor(next, certificate);
    try {
      const signal = AbortSignal.timeout(ANSWER_MS);
      return (await fetch(`${url}/v1/pairing/next/taken`, { method: 'POST', signal, dispatcher })).status;
    } finally {
      await dispatcher.close();
    }
  };
  const status = await say(then).catch(() => say(now));
  if (status !== 204 && status !== 401) throw new Error(`status ${status}`);
  return status === 204;
}

/**
 * Pairs with a server by the code it was given. Saying the same again is harmless.
 * @returns its certificate, PEM: the one to know it by from now on
 * @throws NotPaired; whatever fetch throws where it does not answer
 */
export async function pairWith(url: string, code: string, own: Identity): Promise<string> {
  const certificate = await offeredBy(new URL(url));
  const [porch, host] = [fingerprintOf(own.certificate), fingerprintOf(certificate)];
  const dispatcher = agentFor(own, certificate);
  try {
    const response = await fetch(`${url}/v1/pairing`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ proof: proofOf(code, 'porch', porch, host) }),
      signal: AbortSignal.timeout(ANSWER_MS),
      dispatcher,
    });
    const said = (await response.json().catch(() => ({}))) as { proof?: unknown; title?: unknown };
    if (!response.ok) throw new NotPaired(typeof said.title === 'string' ? said.title : `status ${response.status}`);
    if (typeof said.proof !== 'string' || !isProof(said.proof, code, 'host', porch, host))
      throw new NotPaired('It does not know the code it should have been given');
    return certificate;
  } finally {
    await dispatcher.close();
  }
}
