import { Problem } from '@tin-porch/core/ground';
import { transaction, type Database } from '../db/database.js';
import { tell } from '../events/events.js';
import type { HostClient } from '../servers/host-client.js';
import { EachServer } from '../servers/each-server.js';
import type { Servers } from '../servers/servers.js';

export interface InboxMessage {
  id: string;
  site: string;
  form: string;
  fields: Record<string, string>;
  receivedAt: Date;
  readAt: Date | null;
  aside: boolean;
}

/** Which messages are wanted. */
export interface InboxQuery {
  /** Words that have to stand in it. */
  words?: string;
  site?: string;
  unread?: boolean;
  /** Those put aside as a flood, instead of the others. */
  aside?: boolean;
  /** The message after which the list goes on: its time and id. */
  after?: { receivedAt: string; id: string };
}
export const INBOX_PAGE = 50;

/** What visitors sent, fetched from the servers’ CMSs. The CMS keeps its own copy: nothing is lost if we are down. */
export class Inbox {
  private timer: NodeJS.Timeout | undefined;
  private readonly each = new EachServer();
  private readonly marks = new Map<string, number>();

  constructor(
    private readonly db: Database,
    private readonly servers: Servers,
  ) {}

  start(everyMs = 2000): void {
    this.timer = setInterval(() => void this.fetch().catch(() => undefined), everyMs);
  }
  stop(): void {
    clearInterval(this.timer);
  }

  /** Fetches new messages from every server that answers. */
  async fetch(): Promise<void> {
    await this.each.run(await this.servers.all(), async (server) => {
      const { marks } = await server.client.marks();
      for (const [site, mark] of Object.entries(marks)) {
        if (this.marks.get(`${server.name} ${site}`) === mark) continue;
        await this.fetchSite(server.name, site, server.client);
        this.marks.set(`${server.name} ${site}`, mark);
      }
    });
  }

  private async fetchSite(server: string, site: string, client: Pick<HostClient, 'messages'>): Promise<void> {
    for (;;) {
      const { rows } = await this.db.query<{ seq: number; erased: number }>(
        'select seq::int, erased::int from inbox_mark where site = $1 and server = $2',
        [site, server],
      );
      const known = rows[0] ?? { seq: 0, erased: 0 };
      const { messages: batch, erased } = await client.messages(site, known.seq, known.erased);
      if (!batch.length && !erased.length) return;
      await transaction(this.db, async (db) => {
        for (const m of batch)
          await db.query(
            'insert into message (id, site, server, seq, form, fields, received_at, aside) select $1, id, $3, $4, $5, $6, $7, $8 from site where id = $2 on conflict (id) do nothing',
            [m.id, site, server, m.seq, m.form, m.fields, m.receivedAt, m.aside],
          );
        // What was erased where it came in is not kept here.
        await db.query('delete from message where site = $1 and id = any($2::uuid[])', [
          site,
          erased.map((e) => e.message),
        ]);
        await db.query(
          `insert into inbox_mark (site, server, seq, erased) select id, $2, $3, $4 from site where id = $1
           on conflict (site, server) do update set seq = greatest(inbox_mark.seq, excluded.seq),
             erased = greatest(inbox_mark.erased, excluded.erased)`,
          [site, server, batch.at(-1)?.seq ?? known.seq, erased.at(-1)?.seq ?? known.erased],
        );
      });
      await tell(this.db, { kind: 'inbox', site });
      if (batch.length < 200 && erased.length < 500) return;
    }
  }

  /** A page of messages, newest first, and whether there are more. */
  async list(organisation: string, query: InboxQuery = {}): Promise<{ messages: InboxMessage[]; more: boolean }> {
    const { rows } = await this.db.query<InboxMessage>(
      `select m.id, m.site, m.form, m.fields, m.received_at as "receivedAt", m.read_at as "readAt", m.aside
       from message m join site s on s.id = m.site
       where s.organisation = $1 and m.aside = $2
         and ($3::text is null or m.site = $3)
         and (not $4 or m.read_at is null)
         and ($5::text is null or m.fields::text ilike '%' || $5 || '%')
         and ($6::timestamptz is null or (m.received_at, m.id) < ($6, $7::uuid))
       order by m.received_at desc, m.id desc limit $8`,
      [
        organisation,
        query.aside ?? false,
        query.site ?? null,
        query.unread ?? false,
        query.words
          ? JSON.stringify(query.words)
              .slice(1, -1)
              .replace(/[\\%_]/g, '\\$&')
          : null,
        query.after?.receivedAt ?? null,
        query.after?.id ?? null,
        INBOX_PAGE + 1,
      ],
    );
    return { messages: rows.slice(0, INBOX_PAGE), more: rows.length > INBOX_PAGE };
  }

  /** How many messages there are, how many unread, and how many were put aside. */
  async counts(organisation: string): Promise<{ all: number; unread: number; aside: number }> {
    const { rows } = await this.db.query<{ all: number; unread: number; aside: number }>(
      `select count(*) filter (where not m.aside)::int as all,
         count(*) filter (where m.read_at is null and not m.aside)::int as unread,
         count(*) filter (where m.aside)::int as aside
       from message m join site s on s.id = m.site where s.organisation = $1`,
      [organisation],
    );
    return rows[0]!;
  }

  unread = async (organisation: string): Promise<number> => (await this.counts(organisation)).unread;

  /** Erases a message here and in the CMS of its site. @throws Problem 404; JobLater where the server does not answer */
  async erase(organisation: string, id: string): Promise<void> {
    const { rows } = await this.db.query<{ site: string; server: string }>(
      'select m.site, m.server from message m join site s on s.id = m.site where s.organisation = $1 and m.id = $2',
      [organisation, id],
    );
    const found = rows[0];
    if (!found) throw new Problem(404, 'There is no such message');
    await (await this.servers.get(found.server))?.client.eraseMessages(found.site, { ids: [id] });
    await this.db.query('delete from message where id = $1', [id]);
    await tell(this.db, { kind: 'inbox', site: found.site });
  }

  /** Erases all that was put aside, here and in the CMSs. Gives how many. */
  async eraseAside(organisation: string): Promise<number> {
    const { rows } = await this.db.query<{ site: string; server: string }>(
      'select distinct m.site, m.server from message m join site s on s.id = m.site where s.organisation = $1 and m.aside',
      [organisation],
    );
    let erased = 0;
    for (const { site, server } of rows) {
      await (await this.servers.get(server))?.client.eraseMessages(site, { aside: true });
      const gone = await this.db.query('delete from message where site = $1 and server = $2 and aside', [site, server]);
      erased += gone.rowCount ?? 0;
      await tell(this.db, { kind: 'inbox', site });
    }
    return erased;
  }

  async mark(organisation: string, id: string, read: boolean): Promise<boolean> {
    const { rows } = await this.db.query<{ site: string }>(
      `update message m set read_at = case when $3 then now() end from site s where s.id = m.site and s.organisation = $1 and m.id = $2 returning m.site`,
      [organisation, id, read],
    );
    if (rows[0]) await tell(this.db, { kind: 'inbox', site: rows[0].site });
    return rows.length === 1;
  }
}
