import { lookup } from 'node:dns/promises';
import { BlockList, isIP } from 'node:net';
import { Problem } from '@tin-porch/core/ground';
import type { Reference } from '@tin-porch/core/look';
import { visit, type Visit } from '../care/visitor.js';
import { temporaryAddress } from '../deploy/deploy.js';
import type { Strangers } from '../strangers/strangers.js';
import type { Servers } from '../servers/servers.js';

/** Addresses that are not of the public internet (RFC 6890): nothing is fetched from them on somebody’s word. */
export const INWARD = new BlockList();
for (const [net, bits] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.88.99.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 3],
] as const)
  INWARD.addSubnet(net, bits, 'ipv4');
for (const [net, bits] of [
  // Unspecified, loopback, and what once held IPv4 addresses (RFC 4291, 2.5.5.1).
  ['::', 96],
  ['::ffff:0:0', 96],
  ['64:ff9b::', 96],
  ['64:ff9b:1::', 48],
  ['100::', 64],
  ['2001::', 32],
  ['2001:db8::', 32],
  ['2002::', 16],
  ['fc00::', 7],
  ['fe80::', 10],
  ['fec0::', 10],
  ['ff00::', 8],
] as const)
  INWARD.addSubnet(net, bits, 'ipv6');

const MOST_SHEETS = 6;
const MOST_HOPS = 4;

/** Reads pages a client likes, for where a look may begin. */
export class References {
  constructor(
    private readonly servers: Servers,
    private readonly trust: string[],
    private readonly strangers: Strangers,
  ) {}

  /** Where a name leads; refused where that is inward, but for the temporary addresses of servers looked after here. */
  private async addressOf(url: URL): Promise<string> {
    const host = url.hostname.replace(/^\[|\]$/g, '');
    const server = (await this.servers.all()).find(
      (s) => host.endsWith(`.${s.temporaryBase}`) && Number(url.port || 80) === s.temporaryPort,
    );
    if (server) return temporaryAddress(server);
    let found: { address: string; family: number }[];
    try {
      found = isIP(host) ? [{ address: host, family: isIP(host) }] : await lookup(host, { all: true });
    } catch {
      throw new Problem(422, 'That page cannot be read', `No address is known for ${host}.`);
    }
    if (!found.length || found.some((f) => INWARD.check(f.address, f.family === 6 ? 'ipv6' : 'ipv4')))
      throw new Problem(422, 'That page cannot be read', `${host} leads inward, where nothing is fetched from.`);
    return found[0]!.address;
  }

  private async fetch(url: URL, hops = 0): Promise<Visit & { url: URL }> {
    if (!/^https?:$/.test(url.protocol))
      throw new Problem(422, 'That page cannot be read', 'Its address begins with neither http nor https.');
    const scheme = url.protocol === 'https:' ? 'https' : 'http';
    let seen: Visit;
    const address = await this.addressOf(url);
    try {
      seen = await visit({
        scheme,
        host: url.hostname,
        path: `${url.pathname}${url.search}`,
        // The address that was looked at is the one that is asked: a name cannot change its mind in between.
        address,
        port: Number(url.port || (scheme === 'https' ? 443 : 80)),
        roots: this.trust,
      });
    } catch (error) {
      throw new Problem(422, 'That page cannot be read', `${url.host} does not answer: ${(error as Error).message}.`);
    }
    if (seen.certificateError)
      throw new Problem(422, 'That page cannot be read', `Its certificate is not trusted: ${seen.certificateError}.`);
    if (seen.location && seen.status >= 300 && seen.status < 400) {
      if (hops >= MOST_HOPS) throw new Problem(422, 'That page cannot be read', 'It leads on and on.');
      return this.fetch(new URL(seen.location, url), hops + 1);
    }
    return { ...seen, url };
  }

  /** What the page at an address looks like. @throws Problem 422 with the reason where it cannot be read */
  async at(address: string): Promise<Reference> {
    let url: URL;
    try {
      url = new URL(/^[a-z]+:\/\//i.test(address) ? address : `https://${address}`);
    } catch {
      throw new Problem(422, 'That is no address of a page', 'One looks like https://name.example/page.');
    }
    const page = await this.fetch(url);
    if (page.status !== 200) throw new Problem(422, 'That page cannot be read', `It answers ${page.status}.`);
    if (!/html/.test(page.type))
      throw new Problem(422, 'That page cannot be read', `It is no page but ${page.type || 'nothing known'}.`);
    return this.read(page.body, page.url);
  }

  /** What a page somebody saved looks like; its stylesheets are fetched where `base` says from where. */
  async read(html: string, base?: URL): Promise<Reference> {
    const sheets = base
      ? await Promise.all(
          (await this.strangers.links(html))
            .filter((href) => URL.canParse(href, base.href))
            .slice(0, MOST_SHEETS)
            .map((href) =>
              this.fetch(new URL(href, base)).then(
                (s) => (s.status === 200 ? s.body : ''),
                () => '',
              ),
            ),
        )
      : [];
    const reference = await this.strangers.reference(html, sheets);
    if (!reference.colours.length && !reference.heading.kind && !reference.reading.kind)
      throw new Problem(422, 'Nothing was found to begin with', 'The page brings no styles that say how it looks.');
    return reference;
  }
}
