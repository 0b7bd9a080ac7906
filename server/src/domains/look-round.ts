import type { RecordType } from 'dns-packet';
import type { MailSender, PlainRecord } from '@tin-porch/core/care';
import type { NameServer, PorchConfig } from '../config.js';
import type { DomainSeen } from '../sites/site-row.js';
import { askDns } from './dns-client.js';
import type { Registrar } from './registrar.js';

/** The name servers of a domain: the configured one, or those its NS records name. */
async function authoritiesOf(domain: string, dns: PorchConfig['dns']): Promise<NameServer[]> {
  if (dns.authority) return [dns.authority];
  for (const resolver of dns.resolvers) {
    const found: NameServer[] = [];
    const ns = await askDns(resolver, domain, 'NS').catch(() => null);
    for (const record of ns?.records.filter((r) => r.type === 'NS') ?? []) {
      const a = await askDns(resolver, record.data.replace(/\.$/, ''), 'A').catch(() => null);
      for (const address of a?.records.filter((r) => r.type === 'A') ?? [])
        found.push({ name: record.data, address: address.data, port: dns.port });
    }
    if (found.length) return found;
  }
  return [];
}

/**
 * Asks a domain’s own name servers for the records that matter, and every resolver what it would tell a visitor. `mail` is
 * what letters of the site are sent with, where that is known.
 */
export async function lookRound(
  domain: string,
  address: string,
  config: PorchConfig,
  registrar: Registrar,
  mail?: MailSender | null,
): Promise<DomainSeen> {
  const www = `www.${domain}`;
  const wanted: [string, RecordType][] = [
    [domain, 'A'],
    [domain, 'AAAA'],
    [domain, 'MX'],
    [domain, 'CAA'],
    [www, 'CNAME'],
    [www, 'A'],
    ...(mail
      ? [domain, `_dmarc.${domain}`, `${mail.selector}._domainkey.${domain}`].map((n) => [n, 'TXT'] as [string, 'TXT'])
      : []),
  ];
  const fromAuthority = async (): Promise<{ records: PlainRecord[]; error: string | null }> => {
    let trouble = 'No name server is known for it.';
    for (const authority of await authoritiesOf(domain, config.dns)) {
      try {
        const answers = await Promise.all(wanted.map(([name, type]) => askDns(authority, name, type)));
        const refused = answers.find((a) => a.rcode !== 'NOERROR' && a.rcode !== 'NXDOMAIN');
        if (refused) throw new Error(`${authority.name} answered ${refused.rcode}`);
        const all = answers.flatMap((a, n) =>
          a.records.filter((r) => r.name === wanted[n]![0] && r.type === wanted[n]![1]),
        );
        return { records: all, error: null };
      } catch (error) {
        trouble = (error as Error).message;
      }
    }
    return { records: [], error: trouble };
  };
  const fromResolver = async (resolver: NameServer): Promise<DomainSeen['resolvers'][number]> => {
    try {
      const { records } = await askDns(resolver, domain, 'A');
      const a = records.filter((r) => r.type === 'A');
      const answer = a.map((r) => r.data);
      return {
        name: resolver.name,
        answer,
        ttl: a[0]?.ttl ?? null,
        state: answer.length === 0 ? 'none' : answer.length === 1 && answer[0] === address ? 'new' : 'old',
      };
    } catch {
      return { name: resolver.name, answer: [], ttl: null, state: 'silent' };
    }
  };
  const [authority, registration, ...resolvers] = await Promise.all([
    fromAuthority(),
    registrar.lookUp(domain),
    ...config.dns.resolvers.map(fromResolver),
  ]);
  const at = authority.records.filter((r) => r.name === domain && r.type === 'A').map((r) => r.data);
  return {
    at: new Date().toISOString(),
    // An address for IPv6 leads those who have it elsewhere: servers here have none.
    leadsHere:
      at.length === 1 && at[0] === address && !authority.records.some((r) => r.name === domain && r.type === 'AAAA'),
    registration,
    ...(mail && { mail }),
    records: authority.records,
    error: authority.error,
    resolvers,
  };
}
