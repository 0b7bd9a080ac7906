import type { Answer } from 'dns-packet';

/** A record as a registrar’s page holds it: `name` relative to the zone, `@` for the zone itself. */
export interface ZoneRecord {
  name: string;
  type: string;
  ttl: number;
  data: string;
}

export const TYPES = ['A', 'AAAA', 'CNAME', 'MX', 'TXT', 'CAA', 'NS'] as const;
const HOST = /^([a-z0-9_]([a-z0-9_-]*[a-z0-9_])?\.)*[a-z0-9]([a-z0-9-]*[a-z0-9])?\.?$/i;
const bare = (s: string) => s.toLowerCase().replace(/\.$/, '');

/** What is wrong with a record, or null where it can be served. */
export function faultOf(record: ZoneRecord): string | null {
  const { name, type, ttl, data } = record;
  if (!/^(@|\*|([a-z0-9_]([a-z0-9_-]{0,61}[a-z0-9_])?)(\.[a-z0-9_]([a-z0-9_-]{0,61}[a-z0-9_])?)*)$/.test(name))
    return `“${name}” is not a name in this zone`;
  if (!Number.isInteger(ttl) || ttl < 1 || ttl > 604800) return 'a TTL is 1 to 604800 seconds';
  switch (type) {
    case 'A':
      return /^((25[0-5]|2[0-4]\d|1?\d?\d)(\.(?!$)|$)){4}$/.test(data) ? null : `“${data}” is not an IPv4 address`;
    case 'AAAA':
      return /^[0-9a-f:]{2,39}$/i.test(data) && data.includes(':') ? null : `“${data}” is not an IPv6 address`;
    case 'CNAME':
      return name === '@'
        ? 'a zone’s own name cannot be an alias (RFC 1034, 3.6.2)'
        : HOST.test(data)
          ? null
          : `“${data}” is not a host`;
    case 'NS':
      return HOST.test(data) ? null : `“${data}” is not a host`;
    case 'MX':
      return /^\d{1,5} \S+$/.test(data) && HOST.test(data.split(' ')[1]!)
        ? null
        : 'an MX record reads “10 mail.example.”';
    case 'CAA':
      return /^\d{1,3} [a-z]+ "[^"]*"$/.test(data) ? null : 'a CAA record reads “0 issue "authority.example"”';
    case 'TXT':
      return data.length <= 4000 ? null : 'a TXT record has 4000 characters at most';
    default:
      return `records of type ${type} are not served here`;
  }
}

/** A record on the wire (RFC 1035, 3.2; CAA: RFC 8659, 4.1). */
export function toAnswer(record: ZoneRecord, owner: string): Answer {
  const common = { name: owner, ttl: record.ttl, class: 'IN' as const };
  const { type, data } = record;
  if (type === 'MX') {
    const [preference, exchange] = data.split(' ');
    return { ...common, type: 'MX', data: { preference: Number(preference), exchange: bare(exchange!) } };
  }
  if (type === 'CAA') {
    const [, flags, tag, value] = /^(\d+) ([a-z]+) "([^"]*)"$/.exec(data)!;
    return { ...common, type: 'CAA', data: { flags: Number(flags), tag: tag as 'issue', value: value! } };
  }
  if (type === 'TXT') return { ...common, type: 'TXT', data: data.replace(/^"|"$/g, '').match(/.{1,255}/gs) ?? [''] };
  if (type === 'A' || type === 'AAAA') return { ...common, type, data };
  return { ...common, type: type as 'CNAME', data: bare(data) };
}
