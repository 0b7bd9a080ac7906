import type { PorchEvent } from '@tin-porch/contract';
import pg from 'pg';
import type { Queryable } from '../db/database.js';

/** What is told within the server beside what interfaces are told: a session ended; its name, which is not its token. */
export type Told = PorchEvent | { kind: 'ended'; session: string };

const CHANNEL = 'porch_events';

/** Tells all servers of this database. */
export async function tell(db: Queryable, event: Told): Promise<void> {
  await db.query('select pg_notify($1, $2)', [CHANNEL, JSON.stringify(event)]);
}

/** An open stream of events: whose it is, by which session, and how it is told and closed. */
export interface Listener {
  organisation: string;
  session: string;
  tell(event: PorchEvent): void;
  close(): void;
}

/** Hears what any server tells, through PostgreSQL; connects again by itself. Tells each organisation of its own sites only. */
export class Events {
  private client: pg.Client | null = null;
  private ended = false;
  private readonly streams = new Set<Listener>();
  /** Whose a site is. That never changes. */
  private readonly owners = new Map<string, Promise<string | undefined>>();

  constructor(
    private readonly url: string,
    private readonly db: Queryable,
  ) {}

  async listen(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url });
    this.client = client;
    const again = () => {
      if (this.ended || this.client !== client) return;
      this.client = null;
      setTimeout(() => void this.listen().catch(() => undefined), 1000);
    };
    client.on('error', again);
    client.on('end', again);
    client.on('notification', (n) => void this.spread(JSON.parse(n.payload ?? 'null') as Told));
    try {
      await client.connect();
      await client.query(`listen ${CHANNEL}`);
    } catch (error) {
      again();
      throw error;
    }
  }

  /** Adds a stream; the answer takes it away again. */
  add(listener: Listener): () => void {
    this.streams.add(listener);
    return () => void this.streams.delete(listener);
  }

  private ownerOf(site: string): Promise<string | undefined> {
    let owner = this.owners.get(site);
    if (!owner) {
      owner = this.db
        .query<{ organisation: string }>('select organisation from site where id = $1', [site])
        .then(({ rows }) => rows[0]?.organisation);
      this.owners.set(site, owner);
      owner.then(
        (found) => found ?? this.owners.delete(site),
        () => this.owners.delete(site),
      );
    }
    return owner;
  }

  private async spread(event: Told): Promise<void> {
    if (event.kind === 'ended') {
      for (const l of this.streams) if (l.session === event.session) l.close();
      return;
    }
    const owner = await this.ownerOf(event.site).catch(() => undefined);
    if (owner) for (const l of this.streams) if (l.organisation === owner) l.tell(event);
  }

  async close(): Promise<void> {
    this.ended = true;
    await this.client?.end().catch(() => undefined);
  }
}
