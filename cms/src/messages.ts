import type { Pool } from 'pg';

/** What a visitor sent through a form. */
export interface Message {
  id: string;
  seq: number;
  form: string;
  fields: Record<string, string>;
  receivedAt: string;
}

/** Keeps a message; it is on disk when this returns. */
export async function keepMessage(db: Pool, form: string, fields: Record<string, string>): Promise<void> {
  await db.query('insert into message (form, fields) values ($1, $2)', [form, fields]);
}

/** Messages after a sequence number, oldest first, at most `limit`. */
export async function messagesAfter(db: Pool, after: number, limit = 200): Promise<Message[]> {
  const { rows } = await db.query<{
    id: string;
    seq: string;
    form: string;
    fields: Record<string, string>;
    received_at: Date;
  }>('select id, seq, form, fields, received_at from message where seq > $1 order by seq limit $2', [after, limit]);
  return rows.map((r) => ({
    id: r.id,
    seq: Number(r.seq),
    form: r.form,
    fields: r.fields,
    receivedAt: r.received_at.toISOString(),
  }));
}
