import { createPrivateKey, X509Certificate } from 'node:crypto';
import { mkdir, readdir, readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { createSecureContext, type SecureContext } from 'node:tls';
import { Problem } from '@tin-porch/core/ground';
import { writeDurable } from './durable.js';

export interface CertificateFacts {
  domain: string;
  names: string[];
  issuer: string;
  notBefore: string;
  notAfter: string;
}

/** The certificates this server offers, chosen by the name a visitor asks for (SNI, RFC 6066). */
export class Certificates {
  private readonly byName = new Map<string, { context: SecureContext; facts: CertificateFacts }>();
  /** Domains whose certificate could not be used, and why. */
  readonly unreadable = new Map<string, string>();
  private constructor(private readonly folder: string) {}

  static async load(folder: string): Promise<Certificates> {
    const certificates = new Certificates(folder);
    await mkdir(folder, { recursive: true });
    for (const name of await readdir(folder)) {
      if (!name.endsWith('.json')) continue;
      const domain = name.slice(0, -5);
      // One that cannot be used is that site’s trouble: it is without a certificate until it gets another.
      try {
        const { key, chain } = JSON.parse(await readFile(join(folder, name), 'utf8')) as { key: string; chain: string };
        certificates.use(domain, key, chain);
      } catch (error) {
        certificates.unreadable.set(domain, (error as Error).message);
      }
    }
    return certificates;
  }

  private use(domain: string, key: string, chain: string): CertificateFacts {
    const leaf = new X509Certificate(chain);
    if (!leaf.checkPrivateKey(createPrivateKey(key)))
      throw new Problem(422, 'The key does not belong to the certificate');
    const names = (leaf.subjectAltName ?? '').split(', ').map((n) => n.replace(/^DNS:/, ''));
    if (!names.includes(domain))
      throw new Problem(
        422,
        'The certificate is for other names',
        `It names ${names.join(', ') || 'nothing'}, not ${domain}.`,
      );
    const facts = {
      domain,
      names,
      issuer: /O=(.*)/.exec(leaf.issuer)?.[1] ?? leaf.issuer,
      notBefore: new Date(leaf.validFrom).toISOString(),
      notAfter: new Date(leaf.validTo).toISOString(),
    };
    const context = createSecureContext({ key, cert: chain });
    for (const name of names) this.byName.set(name.toLowerCase(), { context, facts });
    return facts;
  }

  /** Keeps a certificate and offers it from the next handshake on. @throws Problem 422 where key, chain and domain do not belong together */
  async put(domain: string, key: string, chain: string): Promise<CertificateFacts> {
    let facts: CertificateFacts;
    try {
      facts = this.use(domain, key, chain);
    } catch (error) {
      throw error instanceof Problem
        ? error
        : new Problem(422, 'The certificate cannot be read', (error as Error).message);
    }
    await writeDurable(join(this.folder, `${domain}.json`), JSON.stringify({ key, chain }), 0o600);
    this.unreadable.delete(domain);
    return facts;
  }

  /** Offers the certificate of a domain no more, and keeps neither it nor its key. */
  async takeOut(domain: string): Promise<void> {
    for (const [name, { facts }] of this.byName) if (facts.domain === domain) this.byName.delete(name);
    this.unreadable.delete(domain);
    await rm(join(this.folder, `${domain}.json`), { force: true });
  }

  for = (name: string) => this.byName.get(name.toLowerCase());
}
