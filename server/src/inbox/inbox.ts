import type { Database } from '../db/database.js';
import { tell } from '../events/events.js';
import type { Servers } from '../servers/servers.js';

export interface InboxMessage {
  id: string;
  site: string;
  form: string;
  fields: Record<string, string>;
  receivedAt: Date;
  readAt: Date | null;
}

/** What visitors sent, fetched from the servers’ CMSs. The CMS keeps its own copy: nothing is lost if we are down. */
export class Inbox {
  private timer: NodeJS.Timeout | undefined;
  private busy = false;
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
    if (this.busy) return;
    this.busy = true;
    try {
      for (const server of await this.servers.all()) {
        const { marks } = await server.client.marks().catch(() => ({ marks: {} as Record<string, number> }));
        for (const [site, mark] of Object.entries(marks)) {
          if (this.marks.get(`${server.name} ${site}`) === mark) continue;
          await this.fetchSite(server.name, site, server.client.messages.bind(server.client));
          this.marks.set(`${server.name} ${site}`, mark);
        }
      }
    } finally {
      this.busy = false;
    }
  }

  private async fetchSite(
    server: string,
    site: string,
    messages: (
      id: string,
      after: number,
    ) => Promise<{ id: string; seq: number; form: string; fields: Record<string, string>; receivedAt: string }[]>,
  ): Promise<void> {
    for (;;) {
      const { rows } = await this.db.query<{ seq: string | null }>(
        'select max(seq) as seq from message where site = $1 and server = $2',
        [site, server],
      );
      const batch = await messages(site, Number(rows[0]?.seq ?? 0));
      if (!batch.length) return;
      for (const m of batch)
        await this.db.query(
          'insert into message (id, site, server, seq, form, fields, received_at) select $1, id, $3, $4, $5, $6, $7 from site where id = $2 on conflict (id) do nothing',
          [m.id, site, server, m.seq, m.form, m.fields, m.receivedAt],
        );
      await tell(this.db, { kind: 'inbox' });
      if (batch.length < 200) return;
    }
  }

  async list(designer: string, limit = 200): Promise<InboxMessage[]> {
    const { rows } = await this.db.query<InboxMessage>(
      `select m.id, m.site, m.form, m.fields, m.received_at as "receivedAt", m.read_at as "readAt" from message m join site s on s.id = m.site
       where s.designer = $1 order by m.received_at desc limit $2`,
      [designer, limit],
    );
    return rows;
  }

  async unread(designer: string): Promise<number> {
    const { rows } = await this.db.query<{ n: string }>(
      'select count(*) as n from message m join site s on s.id = m.site where s.designer = $1 and m.read_at is null',
      [designer],
    );
    return Number(rows[0]!.n);
  }

  async mark(designer: string, id: string, read: boolean): Promise<boolean> {
    const { rowCount } = await this.db.query(
      `update message m set read_at = case when $3 then now() end from site s where s.id = m.site and s.designer = $1 and m.id = $2`,
      [designer, id, read],
    );
    if (rowCount) await tell(this.db, { kind: 'inbox' });
    return rowCount === 1;
  }
}
