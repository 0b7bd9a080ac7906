import type { Pool } from 'pg';
import { Problem } from '@tin-porch/core/ground';

/** A message as it is read at the desk. */
export interface DeskMessage {
  id: string;
  form: string;
  fields: Record<string, string>;
  receivedAt: string;
  readAt: string | null;
  note: string;
}
/** Which messages are wanted. */
export interface DeskQuery {
  words?: string;
  unread?: boolean;
  /** The message after which the list goes on. */
  before?: string;
}
const PAGE = 30;
const MOST_NOTE = 2000;

/** The messages of one site, as its people read them. What was put aside as a flood is not among them. */
export class DeskInbox {
  constructor(private readonly db: Pool) {}

  /** A page of messages, the newest first, and whether there are more. */
  async list({ words, unread, before }: DeskQuery): Promise<{ messages: DeskMessage[]; more: boolean }> {
    const { rows } = await this.db.query<
      Omit<DeskMessage, 'receivedAt' | 'readAt'> & { received_at: Date; read_at: Date | null }
    >(
      `select id, form, fields, received_at, read_at, note from message
       where not aside
         and (not $1 or read_at is null)
         and ($2::text is null or exists (select 1 from jsonb_each_text(fields) f where f.value ilike '%' || $2 || '%') or note ilike '%' || $2 || '%')
         and ($3::uuid is null or seq < (select seq from message where id = $3))
       order by seq desc limit $4`,
      [unread ?? false, words?.replace(/[\\%_]/g, '\\$&') || null, before ?? null, PAGE + 1],
    );
    return {
      messages: rows.slice(0, PAGE).map(({ received_at, read_at, ...m }) => ({
        ...m,
        receivedAt: received_at.toISOString(),
        readAt: read_at?.toISOString() ?? null,
      })),
      more: rows.length > PAGE,
    };
  }

  /** How many nobody has read. */
  async unread(): Promise<number> {
    const { rows } = await this.db.query<{ n: number }>(
      'select count(*)::int as n from message where read_at is null and not aside',
    );
    return rows[0]!.n;
  }

  /** Marks a message as read or not, or writes a note to it. @throws Problem 404 */
  async mark(id: string, { read, note }: { read?: boolean; note?: string }): Promise<void> {
    const { rowCount } = await this.db.query(
      `update message set read_at = case when $2::boolean is null then read_at when $2 then coalesce(read_at, now()) end,
         note = coalesce($3, note) where id = $1`,
      [id, read ?? null, note?.slice(0, MOST_NOTE) ?? null],
    );
    if (!rowCount) throw new Problem(404, 'There is no such message');
  }

  /** Erases a message for good. @throws Problem 404 */
  async erase(id: string): Promise<void> {
    const { rowCount } = await this.db.query('delete from message where id = $1', [id]);
    if (!rowCount) throw new Problem(404, 'There is no such message');
  }
}
