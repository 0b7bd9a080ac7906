import { Resolver } from 'node:dns/promises';
import { CAUSES, watchOn, upShare, type Look, type OutageCause, type WatchState } from '@tin-porch/core/care';
import { lasted } from '@tin-porch/core/some';
import { lookAtAll } from '@tin-porch/press/looking';
import { trustedRoots } from '../certificates/certificates.js';
import type { PorchConfig } from '../config.js';
import { transaction, type Database } from '../db/database.js';
import { tell } from '../events/events.js';
import type { ServerRow, Servers } from '../servers/servers.js';
import { hour, lettersTo } from './readers.js';

/** Where Tin Porch itself looks from, as it is called. */
export const HERE = 'Tin Porch';
/** Days of which it is told how much of the time visitors got in. */
const SHARE_DAYS = 30;

interface Watched {
  site: string;
  name: string;
  domain: string;
  organisation: string;
  server: string;
  address: string;
  port: number;
  before: WatchState | null;
}

export interface Outage {
  site: string;
  server: string;
  cause: OutageCause;
  detail: string;
  places: string[];
  beganAt: Date;
  endedAt: Date | null;
}

const OUTAGE = `o.site, o.server, o.cause, o.detail, o.places, o.began_at as "beganAt", o.ended_at as "endedAt"`;

/** Looks at every open site each minute: from here, and from a hosting server that it is not on. */
export class Watch {
  private readonly roots: string[];
  private readonly resolver = new Resolver({ timeout: 2000, tries: 2 });

  constructor(
    private readonly db: Database,
    config: PorchConfig,
    private readonly servers: Servers,
    private readonly post: { wake(): void } | null,
  ) {
    this.roots = trustedRoots(config);
    if (config.dns.resolvers.length)
      this.resolver.setServers(config.dns.resolvers.map((r) => `${r.address}:${r.port}`));
  }

  /** One look at all of them. What turned is kept, told of, and written about once. */
  async look(now = new Date()): Promise<void> {
    const { rows } = await this.db.query<Watched>(
      `select s.id as site, coalesce(s.called, s.summary->>'name') as name, s.domain, s.organisation, s.server,
         h.address, h.https_port as port, w.state as before
       from site s join server h on h.name = s.server left join site_watch w on w.site = s.id
       where s.open and s.domain is not null and s.live_release is not null and s.leaves_at is null order by s.id`,
    );
    const led = await Promise.all(rows.map((w) => this.leads(w)));
    const [here, there] = await Promise.all([this.fromHere(rows, led), this.fromThere(rows)]);
    // Where nothing at all answers from here, not even about names, it is here that something is wrong.
    const cutOff = here.every((l) => l.cause !== null) && led.every((l) => l === undefined) && !there.some((l) => l);
    if (rows.length && cutOff) return;
    await this.keep(
      rows.map((watched, n) => {
        // Where the name leads astray it does not help that the server would answer.
        const other = here[n]!.cause === 'name' ? null : there[n];
        return { watched, looks: [here[n]!, ...(other ? [other] : [])] };
      }),
      now,
    );
  }

  /** How each looks as a visitor here comes to it: by its name, to wherever that leads. */
  private async fromHere(all: readonly Watched[], led: readonly (string | null | undefined)[]): Promise<Look[]> {
    const looks = await lookAtAll(
      all.map((w, n) => ({ ...toLook(w), address: led[n] ?? w.address })),
      this.roots,
    );
    return all.map(({ domain, address }, n) => {
      const [to, look] = [led[n], looks[n]!];
      if (to === null) return { place: HERE, cause: 'name', detail: `${domain} has no address` };
      if (to !== undefined && to !== address && look.cause !== null)
        return { place: HERE, cause: 'name', detail: `${domain} leads to ${to}, not to ${address}: ${look.detail}` };
      return { place: HERE, ...look };
    });
  }

  /** Where a name leads; null where it surely leads nowhere, undefined where no resolver answers now. */
  private async leads({ domain, address }: Watched): Promise<string | null | undefined> {
    try {
      const all = await this.resolver.resolve4(domain);
      return all.includes(address) ? address : (all[0] ?? null);
    } catch (error) {
      const { code } = error as NodeJS.ErrnoException;
      return code === 'ENOTFOUND' || code === 'ENODATA' ? null : undefined;
    }
  }

  /** How each looks from a server it is not on; null where no other one answers. */
  private async fromThere(all: readonly Watched[]): Promise<(Look | null)[]> {
    const servers = await this.servers.all();
    const out = new Array<Look | null>(all.length).fill(null);
    await Promise.all(
      [...new Set(all.map((w) => w.server))].map(async (name) => {
        const mine = all.flatMap((w, n) => (w.server === name ? [n] : []));
        const at = servers.findIndex((s) => s.name === name);
        // The next in the list, so that not all are asked of one.
        const others: ServerRow[] = [...servers.slice(at + 1), ...servers.slice(0, Math.max(0, at))];
        for (const { name: place, client } of others) {
          const looks = await client.looks(mine.map((n) => toLook(all[n]!))).catch(() => null);
          if (!looks) continue;
          mine.forEach((n, i) => (out[n] = { place, ...looks[i]! }));
          return;
        }
      }),
    );
    return out;
  }

  /** Keeps what was seen of some sites at one moment. */
  async keep(seen: readonly { watched: Watched; looks: Look[] }[], now: Date): Promise<void> {
    const after = seen.map(({ watched, looks }) => ({
      ...{ watched, places: looks.map((l) => l.place) },
      // Of a look from here that got in: what a visitor waits for the first page.
      ms: looks.find((l) => l.place === HERE && l.cause === null)?.ms ?? null,
      ...watchOn(watched.before, looks, now.toISOString()),
    }));
    const written = await transaction(this.db, async (client) => {
      await client.query(
        `insert into site_watch (site, state, places) select w.site, w.state, w.places
           from jsonb_to_recordset($1::jsonb) as w (site text, state jsonb, places text[]) join site on site.id = w.site
         on conflict (site) do update set state = excluded.state, places = excluded.places`,
        [JSON.stringify(after.map((a) => ({ site: a.watched.site, state: a.state, places: a.places })))],
      );
      await client.query(
        `insert into watch_day (site, day, looks, down, took_ms, timed)
           select w.site, ($2::timestamptz at time zone 'UTC')::date, 1, w.down, coalesce(w.ms, 0), (w.ms is not null)::int
           from jsonb_to_recordset($1::jsonb) as w (site text, down int, ms int) join site on site.id = w.site
         on conflict (site, day) do update set looks = watch_day.looks + 1, down = watch_day.down + excluded.down,
           took_ms = watch_day.took_ms + excluded.took_ms, timed = watch_day.timed + excluded.timed`,
        [JSON.stringify(after.map((a) => ({ site: a.watched.site, down: a.state.down ? 1 : 0, ms: a.ms }))), now],
      );
      let letters = 0;
      for (const { watched, state, turned, places } of after) {
        if (turned === 'down') letters += await this.down(client, watched, state.failing!, places);
        if (turned === 'up') letters += await this.up(client, watched, now);
        if (turned) await tell(client, { kind: 'care', site: watched.site });
      }
      // What is watched no more, since it was closed or goes, is not down.
      const watched = after.map((a) => a.watched.site);
      await client.query('update outage set ended_at = $2 where ended_at is null and not site = any($1)', [
        watched,
        now,
      ]);
      await client.query('delete from site_watch where not site = any($1)', [watched]);
      return letters;
    });
    if (written) this.post?.wake();
  }

  private async down(
    client: Client,
    { site, name, domain, organisation, server }: Watched,
    failing: NonNullable<WatchState['failing']>,
    places: string[],
  ): Promise<number> {
    const cause = failing.cause === 'server' ? `server ${server}` : `site ${site}`;
    // One letter for one cause: where a server is away, all its sites are.
    const { rowCount: known } =
      failing.cause === 'server'
        ? await client.query(
            `select 1 from outage o join site s on s.id = o.site
             where o.ended_at is null and o.cause = 'server' and o.server = $1 and s.organisation = $2`,
            [server, organisation],
          )
        : { rowCount: 0 };
    const { rowCount } = await client.query(
      `insert into outage (site, server, cause, detail, places, began_at) values ($1, $2, $3, $4, $5, $6)
       on conflict (site) where ended_at is null do nothing`,
      [site, server, failing.cause, failing.detail, places, failing.since],
    );
    if (known || !rowCount) return 0;
    const what =
      failing.cause === 'server'
        ? `${server} does not answer: none of its sites is to be had`
        : `${name} is not to be had`;
    return this.write(client, organisation, `outage ${cause} ${failing.since}`, {
      subject: what,
      text: `${what}, since ${hour(new Date(failing.since))}.\n\n${CAUSES[failing.cause]}. ${failing.detail}\n\nSeen from ${places.join(' and from ')}, by https://${domain}/. You are told once, and again when visitors get in.\n`,
    });
  }

  private async up(client: Client, { site, name, server, organisation }: Watched, now: Date): Promise<number> {
    const { rows } = await client.query<{ id: string; beganAt: Date; cause: OutageCause }>(
      `update outage set ended_at = $2 where site = $1 and ended_at is null returning id, began_at as "beganAt", cause`,
      [site, now],
    );
    const ended = rows[0];
    if (!ended) return 0;
    if (ended.cause === 'server') {
      const { rowCount } = await client.query(
        `select 1 from outage o join site s on s.id = o.site
         where o.ended_at is null and o.cause = 'server' and o.server = $1 and s.organisation = $2`,
        [server, organisation],
      );
      if (rowCount) return 0;
    }
    const what = ended.cause === 'server' ? server : name;
    return this.write(client, organisation, `up ${ended.id}`, {
      subject: `${what} is to be had again, after ${lasted(now.getTime() - ended.beganAt.getTime())}`,
      text: `Visitors get in again since ${hour(now)}. Nobody did since ${hour(ended.beganAt)}: ${CAUSES[ended.cause].toLowerCase()}.\n`,
    });
  }

  /** Writes to those of an organisation who want letters of what cannot wait. Gives how many letters there are. */
  private async write(
    client: Client,
    organisation: string,
    cause: string,
    letter: { subject: string; text: string },
  ): Promise<number> {
    return this.post ? lettersTo(client, organisation, cause, letter) : 0;
  }

  /** When nobody got in lately, what is down now first. */
  async outages(organisation: string, site?: string, limit = 40): Promise<Outage[]> {
    const { rows } = await this.db.query<Outage>(
      `select ${OUTAGE} from outage o join site s on s.id = o.site
       where s.organisation = $1 and ($2::text is null or o.site = $2) and o.began_at > now() - interval '90 days'
       order by o.ended_at is null desc, o.began_at desc limit $3`,
      [organisation, site ?? null, limit],
    );
    return rows;
  }

  /** How many sites of an organisation are watched, when they were looked at last, and from where. */
  async fleet(organisation: string): Promise<{ sites: number; lookedAt: string | null; places: string[] }> {
    const { rows } = await this.db.query<{ sites: number; lookedAt: string | null; places: string[] | null }>(
      `select count(*)::int as sites, min(w.state->>'lookedAt') as "lookedAt",
         (select array_agg(distinct p) from site_watch v join site t on t.id = v.site, unnest(v.places) p
          where t.organisation = $1) as places
       from site_watch w join site s on s.id = w.site where s.organisation = $1`,
      [organisation],
    );
    const { sites, lookedAt, places } = rows[0]!;
    // Tin Porch first, whatever the servers are called.
    return { sites, lookedAt, places: (places ?? []).sort((a, b) => Number(b === HERE) - Number(a === HERE)) };
  }

  /** How a site was watched in the last month. */
  async of(site: string): Promise<{ looks: number; share: string | null; places: string[]; lookedAt: string | null }> {
    const { rows } = await this.db.query<{
      looks: number;
      down: number;
      places: string[] | null;
      lookedAt: string | null;
    }>(
      `select coalesce(sum(d.looks), 0)::int as looks, coalesce(sum(d.down), 0)::int as down,
         (select places from site_watch where site = $1) as places,
         (select state->>'lookedAt' from site_watch where site = $1) as "lookedAt"
       from watch_day d where d.site = $1 and d.day > current_date - $2::int`,
      [site, SHARE_DAYS],
    );
    const { looks, down, places, lookedAt } = rows[0]!;
    return { looks, share: upShare(looks, down), places: places ?? [], lookedAt };
  }
}

type Client = Parameters<Parameters<typeof transaction>[1]>[0];
const toLook = (w: Watched) => ({ host: w.domain, address: w.address, port: w.port });
