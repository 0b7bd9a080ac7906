import https from 'node:https';
import type * as Acme from 'acme-client';
import { rootsWith, trusting } from '@tin-porch/press/looking';
import type { PorchConfig } from '../config.js';
import type { Database } from '../db/database.js';
import { siteAndServer, tellHost } from '../deploy/deploy.js';
import { lookAgain } from '../domains/look-again.js';
import { lookRound } from '../domains/look-round.js';
import type { Registrar } from '../domains/registrar.js';
import { JobLater, JobRefused, type Work } from '../jobs/jobs.js';
import { HostRefused } from '../servers/host-client.js';
import type { Seal } from '../secrets/seal.js';
import type { Servers } from '../servers/servers.js';
import type { Sites } from '../sites/sites.js';

export interface CertificateRow {
  domain: string;
  site: string;
  names: string[];
  issuer: string;
  notBefore: Date;
  notAfter: Date;
  installedAt: Date;
}

/** The authorities a visitor’s browser would trust, and those the configuration adds, as PEM. */
export const trustedRoots = (config: Pick<PorchConfig, 'trust'>): string[] => rootsWith(config.trust);

/** Obtains certificates by ACME (RFC 8555, http-01) and has them installed. */
export class Certificates {
  private client: Promise<Acme.Client> | null = null;
  private loaded: Promise<typeof Acme> | null = null;
  constructor(
    private readonly db: Database,
    readonly config: PorchConfig,
    readonly sites: Sites,
    private readonly servers: Servers,
    readonly registrar: Registrar,
    private readonly seal: Seal,
  ) {}

  /** The client library, loaded with the first certificate: most starts need none. It trusts whom the configuration trusts. */
  private library(): Promise<typeof Acme> {
    this.loaded ??= import('acme-client').then((acme) => {
      const { defaults } = (
        acme as unknown as { axios: { defaults: { httpsAgent?: https.Agent; acmeSettings: Record<string, number> } } }
      ).axios;
      // Read once: whom it trusts is otherwise read anew with each of its dozen questions.
      const secureContext = trusting(trustedRoots(this.config));
      defaults.httpsAgent = new https.Agent({ secureContext, keepAlive: false });
      defaults.acmeSettings['retryMaxAttempts'] = 0;
      defaults.acmeSettings['retryDefaultDelay'] = 1;
      return acme;
    });
    return this.loaded;
  }

  of = (site: string): Promise<CertificateRow[]> => this.ofAll([site]);

  /** The certificates of some sites. */
  async ofAll(sites: readonly string[]): Promise<CertificateRow[]> {
    return (
      await this.db.query<CertificateRow>(
        `select domain, site, names, issuer, not_before as "notBefore", not_after as "notAfter", installed_at as "installedAt" from certificate where site = any($1)`,
        [sites],
      )
    ).rows;
  }

  /** True where the domain’s certificate is valid now, for another `days` days, and covers these names. */
  async good(domain: string, names: string[], days: number): Promise<boolean> {
    const { rowCount } = await this.db.query(
      `select 1 from certificate
       where domain = $1 and names @> $2 and not_before <= now() and not_after > now() + make_interval(days => $3)`,
      [domain, names, days],
    );
    return rowCount === 1;
  }

  /**
   * The names a certificate for a domain is for: itself, and www where that leads to the server too. A name that leads
   * nowhere cannot be proven, and asking for it again and again would never end. @throws JobLater where no name server answers
   */
  async namesOf(domain: string, address: string): Promise<string[]> {
    const www = `www.${domain}`;
    const seen = await lookRound(domain, address, this.config, this.registrar);
    // Where nobody answers, nothing is known of www: a certificate without it would be a guess.
    if (seen.error) throw new JobLater(seen.error, 15);
    const leads = seen.records.some(
      (r) =>
        r.name === www &&
        ((r.type === 'CNAME' && r.data.replace(/\.$/, '').toLowerCase() === domain) ||
          (r.type === 'A' && r.data === address)),
    );
    return leads ? [domain, www] : [domain];
  }

  /** Sites whose certificate ends within so many days. */
  async ending(days: number): Promise<string[]> {
    const { rows } = await this.db.query<{ site: string }>(
      'select c.site from certificate c join site s on s.id = c.site and s.domain = c.domain where c.not_after < now() + make_interval(days => $1)',
      [days],
    );
    return rows.map((r) => r.site);
  }

  /** The account at the authority; its key is made once and kept. */
  private account(): Promise<Acme.Client> {
    this.client ??= (async () => {
      const acme = await this.library();
      const { directory, contact } = this.config.acme;
      const { rows } = await this.db.query<{ key: string; url: string }>(
        'select key, url from acme_account where directory = $1',
        [directory],
      );
      const key = rows[0] ? this.seal.open(rows[0].key) : (await acme.crypto.createPrivateEcdsaKey('P-256')).toString();
      const client = new acme.Client({
        directoryUrl: directory,
        accountKey: key,
        backoffAttempts: 12,
        backoffMin: 150,
        backoffMax: 3000,
      });
      await client.createAccount({ termsOfServiceAgreed: true, contact: [`mailto:${contact}`] });
      await this.db.query(
        'insert into acme_account (directory, key, url) values ($1, $2, $3) on conflict (directory) do update set key = $2, url = $3',
        [directory, this.seal.close(key), client.getAccountUrl()],
      );
      return client;
    })().catch((error: unknown) => {
      this.client = null;
      throw error;
    });
    return this.client;
  }

  /** The steps of a certificate for a site’s domain and its www name. Killed half way, they start over with a new order. */
  async steps(work: Work): Promise<void> {
    const { site, server } = await siteAndServer(this.sites, this.servers, work.job.site);
    const { domain } = site;
    if (!domain) throw new JobRefused('The site has no domain yet.');
    await work.step('The name leads to the server', async () => {
      const seen = await lookAgain(this, site, domain, server);
      if (seen.registration.state === 'free') throw new JobLater(`${domain} is not registered yet.`, 30);
      if (seen.error) throw new JobLater(seen.error, 15);
      if (!seen.leadsHere) {
        const now = seen.records.filter((r) => r.name === domain && r.type === 'A').map((r) => r.data);
        throw new JobLater(`${domain} leads to ${now.join(', ') || 'nothing'}, not yet to ${server.address}.`, 15);
      }
      await tellHost(site, server);
      return `A ${server.address}, from its own name servers`;
    });
    const names = await this.namesOf(domain, server.address);
    const client = await this.account().catch((error: Error) => {
      throw new JobLater(`The certificate authority does not answer: ${error.message}.`, 15);
    });
    try {
      const order = await work.step('Order at the authority', async () => {
        const made = await client.createOrder({ identifiers: names.map((value) => ({ type: 'dns', value })) });
        return { made, detail: names.join(', ') };
      });
      for (const authorization of await client.getAuthorizations(order.made)) {
        if (authorization.status === 'valid') continue;
        const challenge = authorization.challenges.find((c) => c.type === 'http-01');
        if (!challenge) throw new JobRefused('The authority offers no challenge over HTTP.');
        await work.step(`Prove ${authorization.identifier.value}`, async () => {
          await server.client.putChallenge(challenge.token, await client.getChallengeKeyAuthorization(challenge));
          try {
            await client.completeChallenge(challenge);
            await client.waitForValidStatus(challenge);
          } finally {
            await server.client.dropChallenge(challenge.token).catch(() => undefined);
          }
          return 'The authority fetched our answer over HTTP';
        });
      }
      const issued = await work.step('The authority signs', async () => {
        const acme = await this.library();
        const [key, csr] = await acme.crypto.createCsr(
          { commonName: domain, altNames: names },
          await acme.crypto.createPrivateEcdsaKey('P-256'),
        );
        const finalized = await client.finalizeOrder(order.made, csr);
        const chain = await client.getCertificate(finalized);
        return {
          key: key.toString(),
          chain,
          detail: `${acme.crypto.splitPemChain(chain).length} certificates in the chain`,
        };
      });
      await work.step(`Install on ${server.name}`, async () => {
        const facts = await server.client.putCertificate(domain, issued.key, issued.chain);
        await this.db.query(
          `insert into certificate (domain, site, server, names, issuer, not_before, not_after) values ($1, $2, $3, $4, $5, $6, $7)
           on conflict (domain) do update set site = $2, server = $3, names = $4, issuer = $5, not_before = $6, not_after = $7, installed_at = now()`,
          [domain, site.id, server.name, facts.names, facts.issuer, facts.notBefore, facts.notAfter],
        );
        return `Until ${facts.notAfter.slice(0, 10)}, offered at once`;
      });
    } catch (error) {
      if (
        error instanceof JobLater ||
        error instanceof JobRefused ||
        error instanceof HostRefused ||
        (error as Error).name === 'JobCancelled'
      )
        throw error;
      const message = (error as Error).message;
      const final = /does not certify|rejectedIdentifier|caa|CAA/.test(message);
      // An account the authority has forgotten is made anew on the next try.
      if (/accountDoesNotExist|no such account/i.test(message)) this.client = null;
      if (final) throw new JobRefused(`The authority refuses: ${message}`);
      throw new JobLater(
        /ECONNREFUSED|ETIMEDOUT|TypeError|undefined/.test(message)
          ? `The certificate authority does not answer (${message}).`
          : `The authority says: ${message}`,
        Math.min(120, 10 * work.job.attempt),
      );
    }
  }
}
