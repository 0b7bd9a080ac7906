import { createPrivateKey, X509Certificate } from 'node:crypto';
import { mkdir, readdir, readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { createSecureContext } from 'node:tls';
import { Problem } from '@tin-porch/core/ground';
import { writeDurable } from './durable.js';

export interface CertificateFacts {
  domain: string;
  names: string[];
  issuer: string;
  notBefore: string;
  notAfter: string;
}

/** A name a file can be called by; wildcards are not among what is offered. */
const NAME = /^[a-z0-9](?:[a-z0-9.-]{0,251}[a-z0-9])?$/;

/** The certificates this server offers, chosen by the name a visitor asks for (SNI, RFC 6066). */
export class Certificates {
  private readonly byName = new Map<string, CertificateFacts>();
  /** Domains whose certificate could not be used, and why. */
  readonly unreadable = new Map<string, string>();
  private constructor(
    private readonly folder: string,
    private readonly offered: string,
    private readonly changed: (domain: string) => Promise<void>,
  ) {}

  /**
   * @param folder where certificates are kept, a file for each domain
   * @param offered where they are offered from: chain and key in one PEM file for every name, read at each handshake
   * @param changed told when a domain has a certificate from now on, or has none any more
   */
  static async load(
    folder: string,
    offered: string,
    changed: (domain: string) => Promise<void> = () => Promise.resolve(),
  ): Promise<Certificates> {
    const certificates = new Certificates(folder, offered, changed);
    for (const needed of [folder, offered]) await mkdir(needed, { recursive: true, mode: 0o700 });
    for (const name of await readdir(folder)) {
      if (!name.endsWith('.json')) continue;
      const domain = name.slice(0, -5);
      // One that cannot be used is that site’s trouble: it is without a certificate until it gets another.
      try {
        const { key, chain } = JSON.parse(await readFile(join(folder, name), 'utf8')) as { key: string; chain: string };
        await certificates.offer(certificates.read(domain, key, chain), key, chain);
      } catch (error) {
        certificates.unreadable.set(domain, (error as Error).message);
      }
    }
    for (const name of await readdir(offered))
      if (!certificates.byName.has(name.replace(/\.pem$/, ''))) await rm(join(offered, name), { force: true });
    return certificates;
  }

  /** Those that are offered, each once. */
  all = (): CertificateFacts[] => [...new Set(this.byName.values())];

  /** Offers a certificate for each of its names. */
  private async offer(facts: CertificateFacts, key: string, chain: string): Promise<void> {
    for (const name of facts.names.map((n) => n.toLowerCase()).filter((n) => NAME.test(n))) {
      const file = join(this.offered, `${name}.pem`);
      const pem = `${chain.trim()}\n${key.trim()}\n`;
      if ((await readFile(file, 'utf8').catch(() => '')) !== pem) await writeDurable(file, pem, 0o600);
      this.byName.set(name, facts);
    }
  }

  /** @throws Problem 422, or Error where it cannot be read at all */
  private read(domain: string, key: string, chain: string): CertificateFacts {
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
    // What cannot be offered is not kept.
    createSecureContext({ key, cert: chain });
    return {
      domain,
      names,
      issuer: /O=(.*)/.exec(leaf.issuer)?.[1] ?? leaf.issuer,
      notBefore: new Date(leaf.validFrom).toISOString(),
      notAfter: new Date(leaf.validTo).toISOString(),
    };
  }

  /** Keeps a certificate and offers it from the next handshake on. @throws Problem 422 where key, chain and domain do not belong together */
  async put(domain: string, key: string, chain: string): Promise<CertificateFacts> {
    let facts: CertificateFacts;
    try {
      facts = this.read(domain, key, chain);
    } catch (error) {
      throw error instanceof Problem
        ? error
        : new Problem(422, 'The certificate cannot be read', (error as Error).message);
    }
    await writeDurable(join(this.folder, `${domain}.json`), JSON.stringify({ key, chain }), 0o600);
    await this.offer(facts, key, chain);
    this.unreadable.delete(domain);
    await this.changed(domain);
    return facts;
  }

  /** Offers the certificate of a domain no more, and keeps neither it nor its key. */
  async takeOut(domain: string): Promise<void> {
    for (const [name, facts] of this.byName)
      if (facts.domain === domain) {
        this.byName.delete(name);
        await rm(join(this.offered, `${name}.pem`), { force: true });
      }
    this.unreadable.delete(domain);
    await rm(join(this.folder, `${domain}.json`), { force: true });
    await this.changed(domain);
  }

  for = (name: string): CertificateFacts | undefined => this.byName.get(name.toLowerCase());
}
