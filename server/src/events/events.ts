import { EventEmitter } from 'node:events';
import pg from 'pg';
import type { Queryable } from '../db/database.js';

/** Something that changed, told to every open interface. Only ids travel; who listens asks for the rest. */
export type PorchEvent =
  | { kind: 'site'; site: string; head: number }
  | { kind: 'job'; site: string; job: string }
  | { kind: 'inbox' }
  | { kind: 'care'; site: string }
  /** A client chose a direction. */
  | { kind: 'choice'; site: string }
  /** A writing service is at it: how much it has sent, and the end of that. */
  | { kind: 'writing'; site: string; characters: number; tail: string };

const CHANNEL = 'porch_events';

/** Tells all servers of this database. */
export async function tell(db: Queryable, event: PorchEvent): Promise<void> {
  await db.query('select pg_notify($1, $2)', [CHANNEL, JSON.stringify(event)]);
}

/** Hears what any server tells, through PostgreSQL; connects again by itself. */
export class Events extends EventEmitter {
  private client: pg.Client | null = null;
  private ended = false;
  constructor(private readonly url: string) {
    super();
    this.setMaxListeners(0);
  }

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
    client.on('notification', (n) => this.emit('event', JSON.parse(n.payload ?? 'null') as PorchEvent));
    try {
      await client.connect();
      await client.query(`listen ${CHANNEL}`);
    } catch (error) {
      again();
      throw error;
    }
  }

  async close(): Promise<void> {
    this.ended = true;
    await this.client?.end().catch(() => undefined);
  }
}
