import http from 'node:http';
import https from 'node:https';
import { Resolver } from 'node:dns/promises';
import { isIP } from 'node:net';
import type { PageEvidence, RoundEvidence } from '@tin-porch/core/care';
import { trusting } from '@tin-porch/press/looking';
import type { NameServer } from '../config.js';
import type { Database } from '../db/database.js';
import { INWARD } from '../reference/reference.js';

/** How long a server of others is left alone about one address, days; where that failed, a day. */
const REST_DAYS = 7;
/** How long it is left alone between two addresses, s. */
const REST_SECONDS = 5;
/** Addresses asked for in one round at most: the rest have their turn in the next. */
const MOST = 25;
const WITHIN_MS = 8000;
/** It is said that an address leads nowhere where it failed so often, over so many hours. */
const FAILS = 2;
const FAILING_HOURS = 20;
/** Answers that say nothing of the page: programs are not wanted, or not so many of them. */
const SHY = new Set([401, 403, 405, 406, 429, 451, 501, 999]);

/** Follows links to others’ sites: seldom, one at a time, and whoever leads there, an address is asked for once. */
export class OutsideLinks {
  private readonly resolver = new Resolver({ timeout: 2000, tries: 2 });

  constructor(
    private readonly db: Database,
    resolvers: readonly NameServer[],
    private readonly roots: string[],
    private readonly inward: Pick<typeof INWARD, 'check'> = INWARD,
    private readonly ports = { http: 80, https: 443 },
  ) {
    if (resolvers.length) this.resolver.setServers(resolvers.map((r) => `${r.address}:${r.port}`));
  }

  /** Asks for what is due of the links of some pages. Gives how many were asked for, and which lead nowhere. */
  async follow(
    pages: readonly PageEvidence[],
    now = new Date(),
  ): Promise<{ asked: number; known: number; failing: RoundEvidence['outside'] }> {
    const from = new Map<string, string>();
    for (const { url, seen } of pages) for (const to of seen?.outside ?? []) if (!from.has(to)) from.set(to, url);
    const urls = [...from.keys()];
    if (!urls.length) return { asked: 0, known: 0, failing: [] };
    const { rows: resting } = await this.db.query<{ url: string }>(
      `select url from outside_link where url = any($1)
         and asked_at > $2::timestamptz - make_interval(days => case when fails > 0 then 1 else $3 end)`,
      [urls, now, REST_DAYS],
    );
    const rest = new Set(resting.map((r) => r.url));
    let asked = 0;
    for (const url of urls.filter((u) => !rest.has(u)).slice(0, MOST)) if (await this.ask(url, now)) asked++;
    const { rows } = await this.db.query<{ url: string; since: Date; detail: string }>(
      `select url, failing_since as since, detail from outside_link
       where url = any($1) and fails >= $2 and failing_since <= $3::timestamptz - make_interval(hours => $4)`,
      [urls, FAILS, now, FAILING_HOURS],
    );
    return {
      ...{ asked, known: urls.length },
      failing: rows.map((r) => ({
        url: r.url,
        from: from.get(r.url)!,
        since: r.since.toISOString(),
        detail: r.detail,
      })),
    };
  }

  /** Asks for one address, unless its server was asked a moment ago. Taken by one round where several have it. */
  private async ask(url: string, now: Date): Promise<boolean> {
    const { host } = new URL(url);
    const { rowCount } = await this.db.query(
      `insert into outside_link (url, host, asked_at)
       select $1, $2, $3 where not exists (select 1 from outside_link where host = $2
         and asked_at > $3::timestamptz - make_interval(secs => $4))
       on conflict (url) do update set asked_at = excluded.asked_at`,
      [url, host, now, REST_SECONDS],
    );
    if (!rowCount) return false;
    const fault = await this.faultOf(url);
    if (fault === undefined) return true;
    await this.db.query(
      fault === null
        ? `update outside_link set fails = 0, failing_since = null, detail = '' where url = $1`
        : `update outside_link set fails = fails + 1, failing_since = coalesce(failing_since, $3), detail = $2 where url = $1`,
      fault === null ? [url] : [url, fault, now],
    );
    return true;
  }

  /** Why an address leads nowhere; null where it leads somewhere, undefined where that cannot be told from here. */
  private async faultOf(url: string): Promise<string | null | undefined> {
    const { hostname } = new URL(url);
    let address: string;
    if (isIP(hostname)) address = hostname;
    else
      try {
        [address] = (await this.resolver.resolve4(hostname)) as [string];
      } catch (error) {
        return (error as NodeJS.ErrnoException).code === 'ENOTFOUND' ? 'there is no such name' : undefined;
      }
    if (isIP(address) !== 4 || this.inward.check(address, 'ipv4')) return undefined;
    const status = await this.status(url, address, 'HEAD').catch((error: Error) => error.message);
    // Some answer no HEAD: those are asked as a reader asks.
    const sure =
      typeof status === 'number' && status >= 400
        ? await this.status(url, address, 'GET').catch((error: Error) => error.message)
        : status;
    if (typeof sure === 'string') return sure;
    if (SHY.has(sure)) return undefined;
    return sure >= 400 ? `answered ${sure}` : null;
  }

  private status(url: string, address: string, method: 'HEAD' | 'GET'): Promise<number> {
    const { protocol, hostname, port, pathname, search, host } = new URL(url);
    const secure = protocol === 'https:';
    return new Promise((done, fail) => {
      const options = {
        ...{
          host: address,
          port: Number(port) || this.ports[secure ? 'https' : 'http'],
          path: pathname + search,
          method,
        },
        ...{ agent: false as const, timeout: WITHIN_MS, headers: { host, 'user-agent': 'TinPorch-round/1' } },
        ...(secure && { servername: hostname, secureContext: trusting(this.roots) }),
      };
      const req = (secure ? https : http).request(options, (res) => {
        done(res.statusCode ?? 0);
        req.destroy();
      });
      req.on('timeout', () => req.destroy(new Error(`no answer within ${WITHIN_MS / 1000} s`)));
      req.on('error', fail);
      req.end();
    });
  }
}
