import { generateKeyPair, createPublicKey } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { promisify } from 'node:util';
import type { MailSender } from '@tin-porch/core/care';
import type { DkimKey, MailServer } from '@tin-porch/mail';
import { writeDurable } from '../durable.js';

/** What of an SPF record lets a mail server through. */
export const mechanismOf = ({ spf, host }: Pick<MailServer, 'spf' | 'host'>): string =>
  spf ?? (isIP(host) === 4 ? `ip4:${host}` : isIP(host) === 6 ? `ip6:${host}` : `a:${host}`);

/** The keys letters of sites are signed with (RSA of 2048 bits, RFC 8301): one a site, made when it is first asked for. */
export class MailKeys {
  private readonly making = new Map<string, Promise<string>>();
  constructor(private readonly folder: string) {}

  /** The private key of a site, as PEM. */
  private key(site: string): Promise<string> {
    let key = this.making.get(site);
    if (!key) {
      key = this.keyOf(site);
      this.making.set(site, key);
      key.catch(() => undefined).finally(() => this.making.delete(site));
    }
    return key;
  }
  private async keyOf(site: string): Promise<string> {
    const file = join(this.folder, site, 'mail-key.pem');
    const known = await readFile(file, 'utf8').catch((error: NodeJS.ErrnoException) => {
      // One that cannot be read is not made anew: the domain names it.
      if (error.code !== 'ENOENT') throw error;
      return null;
    });
    if (known) return known;
    const { privateKey } = await promisify(generateKeyPair)('rsa', { modulusLength: 2048 });
    const pem = privateKey.export({ type: 'pkcs8', format: 'pem' }) as string;
    await writeDurable(file, pem, 0o600);
    return pem;
  }

  /** What letters of a site are signed with. @param selector the name of the key in the domain */
  signing = async (site: string, domain: string, selector: string): Promise<DkimKey> => ({
    domain,
    selector,
    key: await this.key(site),
  });

  /** What a site’s domain has to say so that its letters may come from there. */
  async sender(site: string, selector: string, server: MailServer, now: string | null): Promise<MailSender> {
    const key = createPublicKey(await this.key(site)).export({ type: 'spki', format: 'der' });
    return { mechanism: mechanismOf(server), selector, key: key.toString('base64'), from: server.from, now };
  }
}
