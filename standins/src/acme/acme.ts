import { randomBytes, X509Certificate } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import { calculateJwkThumbprint, flattenedVerify, importJWK, type FlattenedJWSInput, type JWK } from 'jose';
import { readRequest, type Authority } from './authority-keys.js';
import { validateHttp01, type Refusal } from './validate.js';

class AcmeError extends Error {
  constructor(
    readonly status: number,
    readonly type: string,
    readonly detail: string,
  ) {
    super(detail);
  }
  body = () => ({ type: `urn:ietf:params:acme:error:${this.type}`, detail: this.detail, status: this.status });
}

interface Account {
  id: string;
  jwk: JWK;
  contact: string[];
  status: 'valid' | 'deactivated';
}
interface Authorization {
  id: string;
  domain: string;
  status: 'pending' | 'valid' | 'invalid';
  challenge: {
    token: string;
    status: 'pending' | 'processing' | 'valid' | 'invalid';
    error?: object;
    validated?: string;
  };
}
interface Order {
  id: string;
  account: string;
  authorizations: Authorization[];
  expires: string;
  finalizing: boolean;
  certificate?: string;
}

interface AcmeConfig {
  origin: string;
  data: string;
  dns: { address: string; port: number };
  httpPort: number;
  caaName: string;
  refuses: string[];
}

const newId = () => randomBytes(9).toString('base64url').replace(/[-_]/g, 'x');
const DOMAIN = /^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?(\.[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?)+$/;

/** An ACME server (RFC 8555): accounts, orders, http-01, finalization, certificates and their revocation. */
export function acmeApp(authority: Authority, config: AcmeConfig): Express {
  const app = express();
  app.disable('x-powered-by');
  app.set('etag', false);
  const at = (path: string) => `${config.origin}/acme/${path}`;
  const file = join(config.data, 'accounts.json');
  const accounts = new Map<string, Account>(
    existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as [string, Account][]) : [],
  );
  const saveAccounts = () => writeFileSync(file, JSON.stringify([...accounts]));
  const nonces = new Set<string>();
  const orders = new Map<string, Order>();
  const certificates = new Map<string, { account: string; chain: string; revoked: boolean }>();

  const newNonce = () => {
    const nonce = randomBytes(16).toString('base64url');
    nonces.add(nonce);
    if (nonces.size > 5000) nonces.delete(nonces.values().next().value!);
    return nonce;
  };
  app.use((_req, res, next) => {
    res.set({ 'replay-nonce': newNonce(), 'cache-control': 'no-store', link: `<${at('directory')}>;rel="index"` });
    next();
  });

  app.get('/acme/directory', (_req, res) => {
    res.json({
      newNonce: at('new-nonce'),
      newAccount: at('new-account'),
      newOrder: at('new-order'),
      revokeCert: at('revoke'),
      keyChange: at('key-change'),
      meta: { caaIdentities: [config.caaName], website: config.origin },
    });
  });
  app.get(
    '/root.pem',
    (_req, res) => void res.type('application/x-pem-file').send(authority.root.toString('pem') + '\n'),
  );
  app.get('/acme/new-nonce', (_req, res) => void res.status(204).end());

  interface Signed {
    account: Account | null;
    jwk: JWK;
    payload: Record<string, unknown>;
    /** True for POST-as-GET. */
    empty: boolean;
  }
  /** Checks a signed request (RFC 8555, 6.2 to 6.5). */
  async function signed(req: Request, by: 'account' | 'key' | 'either'): Promise<Signed> {
    if (!(req.headers['content-type'] ?? '').startsWith('application/jose+json'))
      throw new AcmeError(415, 'malformed', 'The body is of type application/jose+json.');
    let header: { alg?: string; nonce?: string; url?: string; kid?: string; jwk?: JWK };
    try {
      const body = req.body as { protected: string };
      header = JSON.parse(Buffer.from(body.protected, 'base64url').toString()) as typeof header;
    } catch {
      throw new AcmeError(400, 'malformed', 'The protected header cannot be read.');
    }
    if (!['ES256', 'ES384', 'RS256', 'EdDSA'].includes(header.alg ?? ''))
      throw new AcmeError(400, 'badSignatureAlgorithm', `${String(header.alg)} is not taken here.`);
    if (!header.nonce || !nonces.delete(header.nonce))
      throw new AcmeError(400, 'badNonce', 'The nonce is unknown or used up.');
    if (header.url !== `${config.origin}${req.originalUrl}`)
      throw new AcmeError(403, 'unauthorized', 'The signed address is another.');
    if (!!header.kid === !!header.jwk) throw new AcmeError(400, 'malformed', 'Give either kid or jwk.');
    if ((by === 'key' && header.kid) || (by === 'account' && header.jwk))
      throw new AcmeError(400, 'malformed', by === 'key' ? 'Sign this with jwk.' : 'Sign this with kid.');
    let account: Account | null = null;
    if (header.kid) {
      account = accounts.get(header.kid.replace(at('account/'), '')) ?? null;
      if (!account) throw new AcmeError(400, 'accountDoesNotExist', 'There is no such account.');
      if (account.status !== 'valid') throw new AcmeError(401, 'unauthorized', 'The account is deactivated.');
    }
    const jwk = account?.jwk ?? header.jwk!;
    try {
      const { payload } = await flattenedVerify(req.body as FlattenedJWSInput, await importJWK(jwk, header.alg));
      const text = Buffer.from(payload).toString();
      return { account, jwk, empty: text === '', payload: text ? (JSON.parse(text) as Record<string, unknown>) : {} };
    } catch {
      throw new AcmeError(403, 'unauthorized', 'The signature does not hold.');
    }
  }

  app.use(express.json({ type: () => true, limit: '64kb' }));

  app.post('/acme/new-account', async (req, res) => {
    const { jwk, payload } = await signed(req, 'key');
    const id = await calculateJwkThumbprint(jwk);
    const known = accounts.get(id);
    if (!known && payload['onlyReturnExisting'])
      throw new AcmeError(400, 'accountDoesNotExist', 'No account has that key.');
    const contact = Array.isArray(payload['contact']) ? payload['contact'].map(String) : [];
    const account: Account = known ?? { id, jwk, contact, status: 'valid' };
    if (!known) {
      accounts.set(id, account);
      saveAccounts();
    }
    res
      .status(known ? 200 : 201)
      .set('location', at(`account/${id}`))
      .json({ status: account.status, contact: account.contact, orders: at(`account/${id}/orders`) });
  });
  app.post('/acme/account/:id', async (req, res) => {
    const { account, payload } = await signed(req, 'account');
    if (account!.id !== req.params.id) throw new AcmeError(403, 'unauthorized', 'That is another account.');
    if (payload['status'] === 'deactivated') account!.status = 'deactivated';
    if (Array.isArray(payload['contact'])) account!.contact = payload['contact'].map(String);
    saveAccounts();
    res.json({ status: account!.status, contact: account!.contact });
  });

  const orderStatus = (o: Order) => {
    if (o.certificate) return 'valid';
    if (o.authorizations.some((a) => a.status === 'invalid')) return 'invalid';
    if (o.finalizing) return 'processing';
    return o.authorizations.every((a) => a.status === 'valid') ? 'ready' : 'pending';
  };
  const showOrder = (o: Order) => ({
    status: orderStatus(o),
    expires: o.expires,
    identifiers: o.authorizations.map((a) => ({ type: 'dns', value: a.domain })),
    authorizations: o.authorizations.map((a) => at(`authz/${o.id}/${a.id}`)),
    finalize: at(`finalize/${o.id}`),
    ...(o.certificate && { certificate: at(`certificate/${o.certificate}`) }),
  });
  const showChallenge = (o: Order, a: Authorization) => ({
    type: 'http-01',
    url: at(`challenge/${o.id}/${a.id}`),
    token: a.challenge.token,
    status: a.challenge.status,
    ...(a.challenge.error && { error: a.challenge.error }),
    ...(a.challenge.validated && { validated: a.challenge.validated }),
  });
  const orderOf = (req: Request, account: Account): Order => {
    const order = orders.get(String(req.params['order']));
    if (!order || order.account !== account.id) throw new AcmeError(404, 'malformed', 'There is no such order.');
    return order;
  };
  const authorizationOf = (req: Request, order: Order): Authorization => {
    const found = order.authorizations.find((a) => a.id === req.params['authz']);
    if (!found) throw new AcmeError(404, 'malformed', 'There is no such authorization.');
    return found;
  };

  app.post('/acme/new-order', async (req, res) => {
    const { account, payload } = await signed(req, 'account');
    const identifiers = Array.isArray(payload['identifiers'])
      ? (payload['identifiers'] as { type?: string; value?: string }[])
      : [];
    const domains = [...new Set(identifiers.map((i) => String(i.value).toLowerCase()))];
    if (!domains.length || domains.length > 20)
      throw new AcmeError(400, 'malformed', 'An order names 1 to 20 identifiers.');
    for (const [n, domain] of domains.entries()) {
      if (identifiers[n]?.type !== 'dns')
        throw new AcmeError(400, 'unsupportedIdentifier', 'Only names are certified here.');
      if (domain.startsWith('*.'))
        throw new AcmeError(400, 'rejectedIdentifier', 'A wildcard needs dns-01, which is not offered here.');
      if (!DOMAIN.test(domain)) throw new AcmeError(400, 'malformed', `${domain} is not a name.`);
      if (config.refuses.some((r) => domain === r || domain.endsWith(`.${r}`)))
        throw new AcmeError(400, 'rejectedIdentifier', `This authority does not certify ${domain}.`);
    }
    const order: Order = {
      id: newId(),
      account: account!.id,
      expires: new Date(Date.now() + 3_600_000).toISOString(),
      finalizing: false,
      authorizations: domains.map((domain) => ({
        id: newId(),
        domain,
        status: 'pending',
        challenge: { token: randomBytes(24).toString('base64url'), status: 'pending' },
      })),
    };
    orders.set(order.id, order);
    if (orders.size > 2000) orders.delete(orders.keys().next().value!);
    res
      .status(201)
      .set('location', at(`order/${order.id}`))
      .json(showOrder(order));
  });
  app.post('/acme/order/:order', async (req, res) => {
    const { account } = await signed(req, 'account');
    res.json(showOrder(orderOf(req, account!)));
  });
  app.post('/acme/authz/:order/:authz', async (req, res) => {
    const { account } = await signed(req, 'account');
    const order = orderOf(req, account!);
    const a = authorizationOf(req, order);
    res.json({
      status: a.status,
      expires: order.expires,
      identifier: { type: 'dns', value: a.domain },
      challenges: [showChallenge(order, a)],
    });
  });
  app.post('/acme/challenge/:order/:authz', async (req, res) => {
    const { account, empty } = await signed(req, 'account');
    const order = orderOf(req, account!);
    const a = authorizationOf(req, order);
    if (!empty && a.challenge.status === 'pending') {
      a.challenge.status = 'processing';
      const keyAuthorization = `${a.challenge.token}.${account!.id}`;
      const settle = (refusal: Refusal | null) => {
        a.challenge.status = a.status = refusal ? 'invalid' : 'valid';
        if (refusal) a.challenge.error = new AcmeError(403, refusal.type, refusal.detail).body();
        else a.challenge.validated = new Date().toISOString();
      };
      void validateHttp01(a.domain, a.challenge.token, keyAuthorization, config).then(settle, (error: Error) =>
        settle({ type: 'connection', detail: error.message }),
      );
    }
    res.set('link', `<${at(`authz/${order.id}/${a.id}`)}>;rel="up"`).json(showChallenge(order, a));
  });
  app.post('/acme/finalize/:order', async (req, res) => {
    const { account, payload } = await signed(req, 'account');
    const order = orderOf(req, account!);
    if (orderStatus(order) !== 'ready')
      throw new AcmeError(403, 'orderNotReady', `The order is ${orderStatus(order)}.`);
    let request;
    try {
      request = await readRequest(Buffer.from(String(payload['csr'] ?? ''), 'base64url'));
    } catch (error) {
      throw new AcmeError(400, 'badCSR', `The request cannot be used: ${(error as Error).message}.`);
    }
    const ordered = order.authorizations.map((a) => a.domain).sort();
    if ([...request.names].sort().join() !== ordered.join())
      throw new AcmeError(
        400,
        'badCSR',
        `The request names ${request.names.join(', ')}; the order ${ordered.join(', ')}.`,
      );
    order.finalizing = true;
    const { chain } = await authority.sign(
      request.publicKey,
      order.authorizations.map((a) => a.domain),
    );
    order.certificate = newId();
    certificates.set(order.certificate, { account: account!.id, chain, revoked: false });
    res.set('location', at(`order/${order.id}`)).json(showOrder(order));
  });
  app.post('/acme/certificate/:id', async (req, res) => {
    const { account } = await signed(req, 'account');
    const found = certificates.get(req.params.id);
    if (!found || found.account !== account!.id) throw new AcmeError(404, 'malformed', 'There is no such certificate.');
    res.type('application/pem-certificate-chain').send(found.chain);
  });
  app.post('/acme/revoke', async (req, res) => {
    const { account, payload } = await signed(req, 'either');
    const der = Buffer.from(String(payload['certificate'] ?? ''), 'base64url');
    let serial: string;
    try {
      serial = new X509Certificate(der).serialNumber;
    } catch {
      throw new AcmeError(400, 'malformed', 'The certificate cannot be read.');
    }
    const found = [...certificates.values()].find((c) => new X509Certificate(c.chain).serialNumber === serial);
    if (!found || found.account !== account?.id)
      throw new AcmeError(403, 'unauthorized', 'The certificate belongs to another account.');
    if (found.revoked) throw new AcmeError(400, 'alreadyRevoked', 'The certificate is revoked already.');
    found.revoked = true;
    res.status(200).end();
  });
  app.post('/acme/key-change', () => {
    throw new AcmeError(501, 'serverInternal', 'Account keys are not changed here.');
  });

  app.use(() => {
    throw new AcmeError(404, 'malformed', 'There is nothing at this address.');
  });
  app.use((error: unknown, _req: Request, res: Response, _next: NextFunction) => {
    const known =
      error instanceof AcmeError
        ? error
        : new AcmeError(
            (error as { status?: number }).status === 413 ? 413 : 400,
            'malformed',
            'The request cannot be read.',
          );
    res.status(known.status).type('application/problem+json').send(JSON.stringify(known.body()));
  });
  return app;
}
