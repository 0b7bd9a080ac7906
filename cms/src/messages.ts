import type { Pool, PoolClient } from 'pg';
import { putLetter, type Letter } from '@tin-porch/mail';
import { transaction } from './transaction.js';

/** What a visitor sent through a form. */
export interface Message {
  id: string;
  seq: number;
  form: string;
  fields: Record<string, string>;
  receivedAt: string;
  /** True where it came in such numbers that it looks like a flood. */
  aside: boolean;
}

/** Messages a site takes within ten minutes before more are put aside, whoever sends them. */
export const FLOOD_FROM = 30;
/** Messages put aside within a day before more are refused. */
export const MOST_ASIDE = 2000;

/**
 * How long the very same words through the same form are the same message: somebody who got no answer sends again what
 * may have been kept.
 */
const SAME_FOR = '1 hour';

/**
 * One message at a time for a site: a number that is given out is on disk before the next one is, so that whoever asks for
 * what came after the last number they have misses none.
 */
export const ONE_AT_A_TIME = `select pg_advisory_xact_lock(hashtext('message'), hashtext(current_schema()))`;

/**
 * Keeps a message, once however often it is sent; it is on disk when this returns. Where a site gets more of them than
 * people write, it is put aside; where even those are too many, it is refused, and the answer is false. `tell` gives the
 * letter that tells of it: it is written with the message, or neither is.
 */
export async function keepMessage(
  db: Pool,
  form: string,
  fields: Record<string, string>,
  tell?: (id: string) => Letter | null,
): Promise<boolean> {
  return transaction(db, async (client) => {
    await client.query(ONE_AT_A_TIME);
    const { rowCount: known } = await client.query(
      `select 1 from message where received_at > now() - $3::interval and form = $1 and fields = $2::jsonb limit 1`,
      [form, fields, SAME_FOR],
    );
    if (known) return true;
    const kept = await insertMessage(client, form, fields);
    // What is put aside tells nobody: it would be a flood of letters too.
    const letter = kept && !kept.aside ? tell?.(kept.id) : null;
    if (letter) await putLetter(client, letter);
    return kept !== undefined;
  });
}

async function insertMessage(
  client: PoolClient,
  form: string,
  fields: Record<string, string>,
): Promise<{ id: string; aside: boolean } | undefined> {
  const { rows } = await client.query<{ id: string; aside: boolean }>(
    `insert into message (form, fields, aside)
     select $1, $2, lately >= $3 from
       (select count(*) as lately from (select 1 from message where received_at > now() - interval '10 minutes' limit $3) l) a,
       (select count(*) as aside from (select 1 from message where aside and received_at > now() - interval '1 day' limit $4) d) b
     where lately < $3 or b.aside < $4
     returning message.id, message.aside`,
    [form, fields, FLOOD_FROM, MOST_ASIDE],
  );
  return rows[0];
}

class TriedOut extends Error {}

/**
 * Does with a message all that is done to keep one, and undoes it: nothing is left, nobody is told.
 * @throws Error where it could not have been kept
 */
export async function tryMessage(db: Pool, form: string, fields: Record<string, string>): Promise<void> {
  try {
    await transaction(db, async (client) => {
      await client.query(ONE_AT_A_TIME);
      const { rows } = await client.query<{ fields: Record<string, string> }>(
        'insert into message (form, fields) values ($1, $2) returning fields',
        [form, fields],
      );
      if (Object.entries(fields).some(([name, value]) => rows[0]?.fields[name] !== value))
        throw new Error('What was written is not what was sent.');
      throw new TriedOut();
    });
  } catch (error) {
    if (!(error instanceof TriedOut)) throw error;
  }
}

/** Erases messages: those of the ids, or all that were put aside. Gives how many there were. */
export async function eraseMessages(db: Pool, which: { ids: string[] } | { aside: true }): Promise<number> {
  const { rowCount } =
    'ids' in which
      ? await db.query('delete from message where id = any($1::uuid[])', [which.ids])
      : await db.query('delete from message where aside');
  return rowCount ?? 0;
}

/** Of some messages those that are not there (any more), and whether somebody erased them. */
export async function missingMessages<T extends { id: string }>(
  db: Pool,
  all: readonly T[],
): Promise<(T & { erased: boolean })[]> {
  const ids = all.map((m) => m.id);
  const { rows } = await db.query<{ id: string; erased: boolean }>(
    `select w.id, exists (select 1 from erased where message = w.id) as erased
     from unnest($1::uuid[]) as w (id) where not exists (select 1 from message where id = w.id)`,
    [ids],
  );
  const erased = new Map(rows.map((r) => [r.id, r.erased]));
  return all.flatMap((m) => (erased.has(m.id) ? [{ ...m, erased: erased.get(m.id)! }] : []));
}

/** Which messages were erased after a number, the first first, at most `limit`: whoever has a copy erases it too. */
export async function erasedAfter(db: Pool, after: number, limit = 500): Promise<{ seq: number; message: string }[]> {
  const { rows } = await db.query<{ seq: number; message: string }>(
    'select seq::int, message from erased where seq > $1 order by seq limit $2',
    [after, limit],
  );
  return rows;
}

/** Messages after a sequence number, oldest first, at most `limit`. */
export async function messagesAfter(db: Pool, after: number, limit = 200): Promise<Message[]> {
  const { rows } = await db.query<{
    id: string;
    seq: string;
    form: string;
    fields: Record<string, string>;
    received_at: Date;
    aside: boolean;
  }>('select id, seq, form, fields, received_at, aside from message where seq > $1 order by seq limit $2', [
    after,
    limit,
  ]);
  return rows.map((r) => ({
    id: r.id,
    seq: Number(r.seq),
    form: r.form,
    fields: r.fields,
    receivedAt: r.received_at.toISOString(),
    aside: r.aside,
  }));
}
