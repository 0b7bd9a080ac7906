import { textIn, type PlainRecord, type RecordPlan } from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import type { PorchConfig } from '../config.js';

export interface Registration {
  state: 'free' | 'ours' | 'elsewhere' | 'unknown';
  expires: string | null;
  registrar: string | null;
  /** Where the holder changes the records, when the registry says. */
  page: string | null;
}

export interface AccountRecord {
  name: string;
  type: string;
  ttl: number;
  data: string;
}

/** Looks names up by RDAP (RFC 9083), and looks after those in our own account at a registrar. */
export class Registrar {
  constructor(private readonly config: Pick<PorchConfig, 'rdap' | 'registrar'>) {}

  private async api<T>(method: string, path: string, body?: unknown): Promise<T> {
    const { registrar } = this.config;
    if (!registrar)
      throw new Problem(
        409,
        'There is no registrar account',
        'Name one in the configuration to register domains from here.',
      );
    let response: Response;
    try {
      response = await fetch(`${registrar.url}${path}`, {
        method,
        headers: {
          authorization: `Bearer ${registrar.key}`,
          ...(body !== undefined && { 'content-type': 'application/json' }),
        },
        body: body === undefined ? null : JSON.stringify(body),
        signal: AbortSignal.timeout(8000),
      });
    } catch {
      throw new Problem(502, 'The registrar does not answer', 'Nothing was changed. Try again in a minute.');
    }
    const answer = (await response.json().catch(() => ({}))) as { title?: string; detail?: string };
    if (!response.ok)
      throw new Problem(
        response.status >= 500 ? 502 : 409,
        answer.title ?? 'The registrar said no',
        answer.detail ?? '',
      );
    return answer as T;
  }

  /** Who holds a domain, as far as the registry says. */
  async lookUp(domain: string): Promise<Registration> {
    const unknown: Registration = { state: 'unknown', expires: null, registrar: null, page: null };
    try {
      const response = await fetch(`${this.config.rdap}/domain/${domain}`, {
        headers: { accept: 'application/rdap+json' },
        signal: AbortSignal.timeout(5000),
      });
      if (response.status === 404) return { ...unknown, state: 'free' };
      if (!response.ok) return unknown;
      const found = (await response.json()) as {
        events?: { eventAction: string; eventDate: string }[];
        entities?: {
          roles?: string[];
          vcardArray?: [string, [string, object, string, string][]];
          links?: { rel: string; href: string }[];
        }[];
      };
      const registrar = found.entities?.find((e) => e.roles?.includes('registrar'));
      const href = registrar?.links?.find((l) => l.rel === 'about')?.href ?? null;
      const ours = this.config.registrar
        ? (await this.api<{ domains: { domain: string }[] }>('GET', '/domains')).domains.some(
            (d) => d.domain === domain,
          )
        : false;
      return {
        state: ours ? 'ours' : 'elsewhere',
        expires: found.events?.find((e) => e.eventAction === 'expiration')?.eventDate ?? null,
        registrar: registrar?.vcardArray?.[1].find((p) => p[0] === 'fn')?.[3] ?? null,
        page: href && /^https?:\/\//.test(href) ? href : null,
      };
    } catch {
      return unknown;
    }
  }

  register = (domain: string) => this.api<{ expires: string }>('POST', '/domains', { domain, years: 1 });
  records = async (domain: string) =>
    (await this.api<{ records: AccountRecord[] }>('GET', `/domains/${domain}/records`)).records;

  /**
   * Sets what a plan says of the records of a domain of our account: a text takes the place of those it is made of, and
   * everything else in the zone stays. @throws Problem as the registrar does
   */
  async letSend(domain: string, plan: (seen: PlainRecord[]) => RecordPlan[]): Promise<void> {
    let zone = await this.records(domain);
    const named = (name: string) => (name === '@' ? domain : `${name}.${domain}`);
    for (const { label, type, now, should } of plan(zone.map((r) => ({ ...r, name: named(r.name) })))) {
      if (should === null) continue;
      const before = new Set(now.map(textIn));
      zone = [
        ...zone.filter((r) => !(r.name.toLowerCase() === label && r.type === type && before.has(textIn(r.data)))),
        { name: label, type, ttl: 300, data: should },
      ];
    }
    await this.api('PUT', `/domains/${domain}/records`, { records: zone });
  }

  /** Leads a domain of our account, and its www name, to an address. Everything else in its zone stays. */
  async leadTo(domain: string, address: string): Promise<void> {
    const kept = (await this.records(domain)).filter(
      (r) =>
        !(r.name === '@' && (r.type === 'A' || r.type === 'AAAA')) &&
        !(r.name === 'www' && ['A', 'AAAA', 'CNAME'].includes(r.type)),
    );
    await this.api('PUT', `/domains/${domain}/records`, {
      records: [
        { name: '@', type: 'A', ttl: 300, data: address },
        { name: 'www', type: 'CNAME', ttl: 300, data: `${domain}.` },
        ...kept,
      ],
    });
  }
}
