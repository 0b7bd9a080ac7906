import { readFileSync } from 'node:fs';
import https from 'node:https';
import { createSecureContext, rootCertificates, type SecureContext, type TLSSocket } from 'node:tls';
import type { Look } from '@tin-porch/core/care';

/** A site as it is looked at: its name, and where its server is. */
export interface Looked {
  host: string;
  address: string;
  port: number;
}

/** Whoever looks says so; the front of a hosting server writes none of it into the log that visits are counted from. */
export const LOOKING = 'TinPorch-watch/1';
const WITHIN_MS = 8000;

/** The authorities a visitor’s browser would trust, and those of some files, as PEM. */
export const rootsWith = (files: readonly string[]): string[] => [
  ...rootCertificates,
  ...files.map((file) => readFileSync(file, 'utf8')),
];
const contexts = new WeakMap<string[], SecureContext>();
/** What trusts these authorities, made once: reading some hundred of them takes longer than a handshake. */
export function trusting(roots: string[]): SecureContext {
  let context = contexts.get(roots);
  if (!context) contexts.set(roots, (context = createSecureContext({ ca: roots })));
  return context;
}

/** So many are looked at at a time. */
const AT_ONCE = 24;

/**
 * Asks for the home page of a site as a browser would, and says whether it is to be had: an answer under 500 over TLS that
 * the authorities vouch for. One try; never throws.
 * @param roots authorities, as PEM
 */
export function lookAt(
  { host, address, port }: Looked,
  roots: string[],
  withinMs = WITHIN_MS,
): Promise<Omit<Look, 'place'>> {
  return new Promise((done) => {
    const say = (cause: Look['cause'], detail: string) => {
      clearTimeout(timer);
      done({ cause, detail, ms: Math.round(performance.now() - began) });
      req.destroy();
    };
    const began = performance.now();
    const timer = setTimeout(() => say('server', `no answer within ${Math.round(withinMs / 1000)} s`), withinMs);
    const options: https.RequestOptions & { secureContext: SecureContext } = {
      host: address,
      port,
      servername: host,
      path: '/',
      method: 'HEAD',
      agent: false,
      secureContext: trusting(roots),
      rejectUnauthorized: false,
      headers: { host: port === 443 ? host : `${host}:${port}`, 'user-agent': LOOKING },
    };
    const req = https.request(options, (res) => {
      const { authorized, authorizationError } = res.socket as TLSSocket;
      const status = res.statusCode ?? 0;
      if (status >= 500) say('site', `answered ${status}`);
      else if (!authorized) say('certificate', String(authorizationError ?? 'the certificate is not trusted'));
      else say(null, `answered ${status}`);
    });
    req.on('error', (error) => say('server', error.message));
    req.end();
  });
}

/** Looks at many, some at a time; what each came to, in their order. */
export async function lookAtAll(all: readonly Looked[], roots: string[]): Promise<Omit<Look, 'place'>[]> {
  const out = new Array<Omit<Look, 'place'>>(all.length);
  let next = 0;
  const worker = async () => {
    for (let n = next++; n < all.length; n = next++) out[n] = await lookAt(all[n]!, roots);
  };
  await Promise.all(Array.from({ length: Math.min(AT_ONCE, all.length) }, worker));
  return out;
}
