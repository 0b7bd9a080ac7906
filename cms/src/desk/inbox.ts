import Papa from 'papaparse';
import type { Pool } from 'pg';
import { Problem } from '@tin-porch/core/ground';
import { putLetter, type Letter, type OutgoingLine } from '@tin-porch/mail';
import type { Writer } from '../content.js';
import { transaction } from '../transaction.js';

/** A message as it is read at the desk. */
export interface DeskMessage {
  id: string;
  form: string;
  fields: Record<string, string>;
  receivedAt: string;
  readAt: string | null;
  note: string;
  labels: string[];
  /** Who of the people of the site sees to it, by id; null for nobody, or somebody who is not there any more. */
  takenBy: string | null;
  answers: DeskAnswer[];
}
/** What was answered to a message from the desk, and what became of the letter. */
export interface DeskAnswer {
  words: string;
  by: string;
  at: string;
  state: OutgoingLine['state'];
  error: string | null;
}
/** An answer as it is sent. */
export interface NewAnswer {
  /** Sent twice, it is one answer. */
  id: string;
  words: string;
}
/** Which messages are looked for. */
export interface DeskFound {
  words?: string;
  unread?: boolean;
  label?: string;
  /** Those that somebody sees to, by their id. */
  takenBy?: string;
}
/** Which messages are wanted. */
export interface DeskQuery extends DeskFound {
  /** The message after which the list goes on. */
  before?: string;
}
/** What is said of a message at the desk; what is left out stays as it is. */
export interface DeskMark {
  read?: boolean;
  note?: string;
  labels?: string[];
  takenBy?: string | null;
}
/** Whether a message is one that is looked for, by the first four parameters: see `asked`. */
const FOUND = `not aside and (not $2 or read_at is null) and ($3::text is null or $3 = any(labels))
  and ($4::uuid is null or taken_by = $4)
  and ($1::text is null or note ilike '%' || $1 || '%'
    or exists (select 1 from jsonb_each_text(fields) f where f.value ilike '%' || $1 || '%'))`;
const asked = ({ words, unread, label, takenBy }: DeskFound) => [
  words?.replace(/[\\%_]/g, '\\$&') || null,
  unread ?? false,
  label || null,
  takenBy ?? null,
];
const PAGE = 30;
const MOST_NOTE = 2000;
/** Answers that go out within an hour: more than people write, and too few for whoever would send to the world. */
const MOST_ANSWERS = 100;

/** The messages of one site, as its people read them. What was put aside as a flood is not among them. */
export class DeskInbox {
  constructor(private readonly db: Pool) {}

  /** A page of messages, the newest first, and whether there are more. */
  async list({ before, ...query }: DeskQuery): Promise<{ messages: DeskMessage[]; more: boolean; found: number }> {
    const { rows } = await this.db.query<
      Omit<DeskMessage, 'receivedAt' | 'readAt' | 'answers'> & { received_at: Date; read_at: Date | null }
    >(
      `select id, form, fields, received_at, read_at, note, labels,
         (select p.id from person p where p.id = taken_by) as "takenBy" from message
       where ${FOUND} and ($5::uuid is null or seq < (select seq from message where id = $5))
       order by seq desc limit $6`,
      [...asked(query), before ?? null, PAGE + 1],
    );
    const shown = rows.slice(0, PAGE);
    const answers = await this.answersTo(shown.map((m) => m.id));
    return {
      messages: shown.map(({ received_at, read_at, ...m }) => ({
        ...m,
        receivedAt: received_at.toISOString(),
        readAt: read_at?.toISOString() ?? null,
        answers: answers.get(m.id) ?? [],
      })),
      more: rows.length > PAGE,
      // Said where something was looked for.
      found: query.words ? await this.count(query) : 0,
    };
  }

  private async count(query: DeskFound): Promise<number> {
    const { rows } = await this.db.query<{ n: number }>(
      `select count(*)::int as n from message where ${FOUND}`,
      asked(query),
    );
    return rows[0]!.n;
  }

  /** The labels there are, in their order. */
  async labels(): Promise<string[]> {
    const { rows } = await this.db.query<{ label: string }>(
      'select distinct unnest(labels) as label from message where not aside order by 1',
    );
    return rows.map((r) => r.label);
  }

  /** How many nobody has read. */
  async unread(): Promise<number> {
    const { rows } = await this.db.query<{ n: number }>(
      'select count(*)::int as n from message where read_at is null and not aside',
    );
    return rows[0]!.n;
  }

  /** Marks a message as read or not, writes a note to it, labels it, or says who sees to it. @throws Problem 404 or 422 */
  async mark(id: string, { read, note, labels, takenBy }: DeskMark): Promise<void> {
    if (takenBy) {
      const { rowCount } = await this.db.query(`select 1 from person where id = $1 and role <> 'designer'`, [takenBy]);
      if (!rowCount) throw new Problem(422, 'There is no such person', 'They may have left meanwhile.');
    }
    const { rowCount } = await this.db.query(
      `update message set read_at = case when $2::boolean is null then read_at when $2 then coalesce(read_at, now()) end,
         note = coalesce($3, note), labels = coalesce($4, labels),
         taken_by = case when $5 then $6::uuid else taken_by end
       where id = $1`,
      [
        id,
        read ?? null,
        note?.slice(0, MOST_NOTE) ?? null,
        labels ? [...new Set(labels.map((l) => l.trim()).filter(Boolean))] : null,
        takenBy !== undefined,
        takenBy ?? null,
      ],
    );
    if (!rowCount) throw new Problem(404, 'There is no such message');
  }

  /** The answers to some messages, the oldest first. */
  private async answersTo(messages: readonly string[]): Promise<Map<string, DeskAnswer[]>> {
    const { rows } = await this.db.query<Omit<DeskAnswer, 'at'> & { message: string; at: Date }>(
      `select a.message, a.words, a.by, a.at, coalesce(o.state, 'sent') as state, o.error
       from answer a left join outgoing o on o.cause = 'answer ' || a.id where a.message = any($1::uuid[]) order by a.at`,
      [messages],
    );
    const all = new Map<string, DeskAnswer[]>();
    for (const { message, at, ...answer } of rows)
      all.set(message, [...(all.get(message) ?? []), { ...answer, at: at.toISOString() }]);
    return all;
  }

  /**
   * Answers a message by a letter: both are kept, or neither is; the same answer twice is one. `letter` makes it of what the
   * visitor wrote, and gives null where they left no address.
   * @throws Problem 404, 409 where there is nobody to answer to, or 429
   */
  async answer(
    message: string,
    { id, words }: NewAnswer,
    writer: Writer,
    letter: (message: Pick<DeskMessage, 'form' | 'fields' | 'receivedAt'>) => Letter | null,
  ): Promise<void> {
    await transaction(this.db, async (client) => {
      const { rows } = await client.query<{ form: string; fields: Record<string, string>; received_at: Date }>(
        'select form, fields, received_at from message where id = $1 for update',
        [message],
      );
      const found = rows[0];
      if (!found) throw new Problem(404, 'There is no such message');
      const { rows: lately } = await client.query<{ n: number }>(
        `select count(*)::int as n from answer where at > now() - interval '1 hour'`,
      );
      if (lately[0]!.n >= MOST_ANSWERS)
        throw new Problem(429, 'That is a lot of letters', 'No more go out for an hour. What you wrote is still here.');
      const made = letter({ form: found.form, fields: found.fields, receivedAt: found.received_at.toISOString() });
      if (!made) throw new Problem(409, 'There is no mail address in it', 'Whoever wrote left none to answer to.');
      const { rowCount } = await client.query(
        `insert into answer (id, message, words, recipient, person, by) values ($1, $2, $3, $4, $5, $6) on conflict do nothing`,
        [id, message, words, made.to, writer.id, writer.name],
      );
      if (!rowCount) return;
      await putLetter(client, made);
      await client.query('update message set read_at = coalesce(read_at, now()) where id = $1', [message]);
    });
  }

  /** Erases a message for good, with what was answered and the letters that have it in them. @throws Problem 404 */
  async erase(id: string): Promise<void> {
    const { rowCount } = await this.db.query('delete from message where id = $1', [id]);
    if (!rowCount) throw new Problem(404, 'There is no such message');
  }

  /**
   * Erases all messages that are found, as where one person’s are to be forgotten: as many as were seen to be there, or none.
   * @throws Problem 409 where there are more or fewer by now
   */
  async eraseFound(query: DeskFound, count: number): Promise<void> {
    await transaction(this.db, async (client) => {
      const { rowCount } = await client.query(`delete from message where ${FOUND}`, asked(query));
      if (rowCount !== count)
        throw new Problem(409, 'It is another number by now', `${rowCount} are found. Look once more before they go.`);
    });
  }

  /** The messages that are found, the oldest first, as a table in CSV (RFC 4180): a column for each field of the forms. */
  async table(query: DeskFound, labels: Readonly<Record<string, string>>): Promise<string> {
    const { rows } = await this.db.query<{
      id: string;
      form: string;
      fields: Record<string, string>;
      received_at: Date;
      note: string;
      labels: string[];
    }>(`select id, form, fields, received_at, note, labels from message where ${FOUND} order by seq`, asked(query));
    const answers = await this.answersTo(rows.map((m) => m.id));
    const columns = [...new Set(rows.flatMap((m) => Object.keys(m.fields)))];
    const labelOf = (name: string) => {
      const form = rows.find((m) => name in m.fields)!.form;
      return labels[`${form} ${name}`] ?? name;
    };
    return Papa.unparse(
      {
        fields: ['received', 'form', ...columns.map(labelOf), 'note', 'labels', 'answers'],
        data: rows.map((m) => [
          m.received_at.toISOString(),
          m.form,
          ...columns.map((c) => m.fields[c] ?? ''),
          m.note,
          m.labels.join(', '),
          (answers.get(m.id) ?? []).map((a) => a.words).join('\n\n'),
        ]),
      },
      // What a visitor typed is no formula of whoever opens it.
      { escapeFormulae: true },
    );
  }

  /** For how many months messages are kept; null where for good. */
  async keeping(): Promise<number | null> {
    const { rows } = await this.db.query<{ months: number }>('select months from keeping');
    return rows[0]?.months ?? null;
  }
  /** Says for how many months messages are kept, and erases what is older. Gives how many there were. */
  async keep(months: number | null): Promise<number> {
    if (months === null) await this.db.query('delete from keeping');
    else
      await this.db.query(
        'insert into keeping (months) values ($1) on conflict (one) do update set months = excluded.months',
        [months],
      );
    return this.eraseOld();
  }
  /** Erases messages that are older than they are kept. Gives how many there were. */
  async eraseOld(): Promise<number> {
    const { rowCount } = await this.db.query(
      'delete from message m using keeping k where m.received_at < now() - make_interval(months => k.months)',
    );
    return rowCount ?? 0;
  }
}
