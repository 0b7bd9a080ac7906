import http from 'node:http';
import https from 'node:https';
import type { SecureContext, TLSSocket } from 'node:tls';
import { trusting } from '@tin-porch/press/looking';
import type { ServerRow } from '../servers/servers.js';

export interface Visit {
  status: number;
  ms: number;
  location: string | null;
  type: string;
  body: string;
  /** Bytes of the body as they came. */
  bytes: number;
  /** Names in lower case; of a header that came more than once, what came first. */
  headers: Record<string, string>;
  cookies: string[];
  certificate: {
    notBefore: string;
    notAfter: string;
    issuer: string;
    names: string[];
    rsaBits: number | null;
  } | null;
  /** Why the chain is not trusted; empty where it is. */
  certificateError: string;
}

/** Bytes of one answer that are read. */
const MOST_BYTES = 4_000_000;

export interface VisitOptions {
  scheme: 'http' | 'https';
  host: string;
  path: string;
  /** The address the name resolved to. */
  address: string;
  port: number;
  roots: string[];
  cookie?: string;
  /** Connections that are kept for more; without it each request has its own. */
  agent?: http.Agent;
  /** What is longer than 4 MB is not read to its end, and no trouble. */
  cut?: boolean;
  /** The certificate is not read again. */
  certificateKnown?: boolean;
  /** What is sent as a form is. */
  form?: Record<string, string>;
}

/** Fetches one address as a visitor’s browser would, from an address already resolved. @throws Error where nothing answers */
export function visit(options: VisitOptions): Promise<Visit> {
  const { scheme, host, path, address, port } = options;
  const started = performance.now();
  const standard = port === (scheme === 'https' ? 443 : 80);
  const sent = options.form ? new URLSearchParams(options.form).toString() : null;
  return new Promise((done, fail) => {
    const headers = {
      host: standard ? host : `${host}:${port}`,
      'user-agent': 'TinPorch-round/1',
      accept: 'text/html',
      ...(options.cookie && { cookie: options.cookie }),
      ...(sent !== null && {
        'content-type': 'application/x-www-form-urlencoded',
        'content-length': Buffer.byteLength(sent),
      }),
    };
    const method = sent === null ? 'GET' : 'POST';
    const common = {
      host: address,
      port,
      path,
      method,
      headers,
      timeout: 8000,
      agent: options.agent ?? (false as const),
    };
    const take = (res: http.IncomingMessage) => {
      const parts: Buffer[] = [];
      let size = 0;
      const socket = res.socket as TLSSocket;
      const peer = scheme === 'https' && !options.certificateKnown ? socket.getPeerCertificate() : null;
      const certificateError =
        scheme === 'https' && !socket.authorized ? String(socket.authorizationError ?? 'not trusted') : '';
      res.on('data', (part: Buffer) => {
        size += part.length;
        if (size <= MOST_BYTES) parts.push(part);
        else if (!options.cut) res.destroy(new Error('the page is over 4 MB'));
        else {
          size = Math.max(size, Number(res.headers['content-length']) || 0);
          end();
          res.destroy();
        }
      });
      res.on('error', fail);
      const end = () =>
        done({
          status: res.statusCode ?? 0,
          ms: Math.round(performance.now() - started),
          location: res.headers.location ?? null,
          type: res.headers['content-type'] ?? '',
          body: Buffer.concat(parts).toString('utf8'),
          bytes: size,
          headers: Object.fromEntries(
            Object.entries(res.headers).flatMap(([name, value]) => (typeof value === 'string' ? [[name, value]] : [])),
          ),
          cookies: res.headers['set-cookie'] ?? [],
          certificate: peer?.valid_to
            ? {
                notBefore: new Date(peer.valid_from).toISOString(),
                notAfter: new Date(peer.valid_to).toISOString(),
                issuer: String(peer.issuer?.O ?? peer.issuer?.CN ?? ''),
                names: (peer.subjectaltname ?? '').split(', ').map((n) => n.replace('DNS:', '')),
                rsaBits: peer.modulus ? (peer.bits ?? null) : null,
              }
            : null,
          certificateError,
        });
      res.on('end', end);
    };
    const secure: https.RequestOptions & { secureContext: SecureContext } = {
      ...common,
      ...{ servername: host, secureContext: trusting(options.roots), rejectUnauthorized: false },
    };
    const req = scheme === 'https' ? https.request(secure, take) : http.request(common, take);
    req.on('timeout', () => req.destroy(new Error('no answer within 8 s')));
    req.on('error', fail);
    req.end(sent ?? undefined);
  });
}

/** One link of the chain a visitor goes along. */
export interface WayLink {
  title: string;
  state: 'good' | 'bad' | 'open';
  detail: string;
  ms: number | null;
}

const PENDING: [string, string][] = [
  ['The name resolves', 'An address, from the domain’s own name servers'],
  ['The server answers on its HTTP port', 'A redirect to https, the name kept'],
  ['The certificate is trusted', 'Chain, names and dates are read once it is issued'],
  ['The page opens over https', 'Status, title and security headers'],
  ['www and bare name agree', 'One answers, the other redirects'],
];

/** Walks the way in to a site on its own domain, link by link, for real. What lies behind a broken link stays open. */
export async function wayIn(
  domain: string,
  path: string,
  server: Pick<ServerRow, 'address' | 'httpPort' | 'httpsPort'>,
  roots: string[],
  resolve: (name: string) => Promise<{ addresses: string[]; www: boolean }>,
): Promise<WayLink[]> {
  const links: WayLink[] = [];
  const open = () =>
    PENDING.slice(links.length).map(([title, detail]) => ({ title, detail, state: 'open' as const, ms: null }));
  const tried = async (run: () => Promise<{ good: boolean; detail: string }>): Promise<boolean> => {
    const title = PENDING[links.length]![0];
    const started = performance.now();
    const result = await run().catch((error: Error) => ({ good: false, detail: error.message }));
    links.push({
      title,
      state: result.good ? 'good' : 'bad',
      detail: result.detail,
      ms: Math.round(performance.now() - started),
    });
    return result.good;
  };
  const at = { address: server.address, roots, path };
  let withWww = false;
  const resolved = await tried(async () => {
    const { addresses, www } = await resolve(domain);
    withWww = www;
    const good = addresses.length === 1 && addresses[0] === server.address;
    return {
      good,
      detail: addresses.length
        ? `${addresses.join(', ')}${good ? '' : `; the server is ${server.address} alone`}`
        : 'No address is set',
    };
  });
  if (!resolved) return [...links, ...open()];
  const redirected = await tried(async () => {
    const v = await visit({ ...at, scheme: 'http', host: domain, port: server.httpPort });
    return {
      good: v.status === 301 && (v.location ?? '').startsWith(`https://${domain}`),
      detail: `Port ${server.httpPort}: ${v.status}${v.location ? ` to ${v.location}` : ''}`,
    };
  });
  if (!redirected) return [...links, ...open()];
  const page = await visit({ ...at, scheme: 'https', host: domain, port: server.httpsPort }).catch(
    (error: Error) => error,
  );
  const trusted = await tried(async () => {
    if (page instanceof Error) throw page;
    const c = page.certificate;
    if (!c) return { good: false, detail: 'The server offered none' };
    return {
      good:
        page.certificateError === '' && Date.parse(c.notAfter) > Date.now() && Date.parse(c.notBefore) <= Date.now(),
      detail: page.certificateError || `${c.names.join(', ')}, until ${c.notAfter.slice(0, 10)}, from ${c.issuer}`,
    };
  });
  if (!trusted || page instanceof Error) return [...links, ...open()];
  await tried(async () => {
    const title = /<title>([^<]*)<\/title>/.exec(page.body)?.[1] ?? '';
    return {
      good: page.status === 200 && title !== '',
      detail:
        page.status === 503
          ? '503, the holding page'
          : `${page.status}, “${title.replace(/&amp;/g, '&')}”, ${Math.ceil(page.body.length / 1024)} KB`,
    };
  });
  await tried(async () => {
    if (!withWww) return { good: true, detail: 'There is no www name; the bare name answers alone' };
    const v = await visit({ ...at, scheme: 'https', host: `www.${domain}`, port: server.httpsPort });
    return {
      good: v.status === 301 && v.certificateError === '' && (v.location ?? '').startsWith(`https://${domain}`),
      detail: `www answers ${v.status}${v.location ? ` to ${v.location}` : ''}${v.certificateError && `, ${v.certificateError}`}`,
    };
  });
  // The time of the page itself belongs to the link that opened it.
  links[3]!.ms = page.ms;
  return links;
}
