import { createInterface } from 'node:readline';
import type { Readable } from 'node:stream';
import { createGunzip, createGzip } from 'node:zlib';
import pg, { type Pool, type PoolClient } from 'pg';
import { migrateTables, NEWEST } from './migrations.js';
import { ONE_AT_A_TIME } from './messages.js';
import { transaction } from './transaction.js';

/** The tables of a site, in an order in which they can be filled. */
const TABLES = [
  'document',
  'message',
  'answer',
  'content',
  'person',
  'step',
  'proposal',
  'picture',
  'planned',
  'desk_log',
  'keeping',
] as const;
type Table = (typeof TABLES)[number];
type AnyTable = Table | (typeof OF_SIGN_IN)[number];
/** What is kept of people, whatever the site is made of by then: what they sent, what was answered, and who is at the desk. */
export const OF_PEOPLE: readonly Table[] = ['message', 'answer', 'person', 'desk_log', 'keeping'];
/** What moves with a site besides: who is signed in, what they sign in with, and what was erased. */
const OF_SIGN_IN = ['session', 'sign_in_link', 'recovery_code', 'passkey', 'erased'] as const;
/** All that a site that moves keeps. Letters on their way are not among it: whoever was asked to carry them does. */
export const WHOLE_TABLES: readonly AnyTable[] = [...TABLES, ...OF_SIGN_IN];
/** Rows fetched at a time. */
const AT_ONCE = 500;

/** The first line of a backup. */
interface Head {
  backup: 1;
  step: number;
  at: string;
}
/** A row as `row_to_json` writes it. */
type Row = Record<string, unknown>;
interface Line {
  table: AnyTable;
  row: Row;
}

/**
 * A backup of all that is in the tables of a site, at one moment: gzip of lines of JSON (one a row, as PostgreSQL’s
 * `row_to_json` writes it) under a line that says which step the tables are of. `tables` are those that are wanted.
 */
export function backUp(db: Pool, tables: readonly AnyTable[] = TABLES): Readable {
  const gzip = createGzip();
  void transaction(db, async (client) => {
    await client.query('set transaction isolation level repeatable read, read only');
    const { rows } = await client.query<{ step: number; at: Date }>(
      'select coalesce(max(id), 0) as step, now() as at from cms_migration',
    );
    const write = async (line: Head | Line) => {
      if (gzip.destroyed) throw new Error('Nobody takes the backup any more.');
      if (gzip.write(`${JSON.stringify(line)}\n`)) return;
      await new Promise<void>((done) => gzip.once('drain', done).once('close', done));
    };
    await write({ backup: 1, step: rows[0]!.step, at: rows[0]!.at.toISOString() });
    for (const table of tables) {
      await client.query(`declare rows_of_${table} no scroll cursor for select row_to_json(t) as row from ${table} t`);
      for (;;) {
        const batch = await client.query<{ row: Record<string, unknown> }>(`fetch ${AT_ONCE} from rows_of_${table}`);
        for (const { row } of batch.rows) await write({ table, row });
        if (batch.rows.length < AT_ONCE) break;
      }
    }
  }).then(
    () => gzip.end(),
    (error: Error) => gzip.destroy(error),
  );
  return gzip;
}

/**
 * Puts a backup in place: into tables that hold nothing, or with `replace` in the place of what they hold. All of it happens
 * or nothing. Gives how many rows came back. @param step that the tables are to be of
 * @throws Error where the tables hold something, or the file is none of ours, is damaged, or from a newer program
 */
export async function restore(db: Pool, file: Readable, replace = false, step = NEWEST): Promise<number> {
  const gunzip = createGunzip();
  const lines = createInterface({ input: gunzip, crlfDelay: Infinity });
  let failed: Error | null = null;
  // Heard from the first moment on: a file that cannot be read says so before anything is asked of the database.
  gunzip.on('error', (error) => {
    failed ??= error;
    lines.close();
  });
  file.on('error', (error) => gunzip.destroy(error)).pipe(gunzip);
  // What is read before somebody listens is lost otherwise.
  const read = lines[Symbol.asyncIterator]();
  const unreadable = (error: Error) => new Error(`The backup cannot be read, or not to its end: ${error.message}.`);
  const line = () =>
    read.next().catch((error: Error) => {
      throw unreadable(error);
    });
  await migrateTables(db, step);
  return transaction(db, async (client) => {
    let head: Head | null = null;
    let back = 0;
    for (let next = await line(); !next.done; next = await line()) {
      const told = parsed(next.value);
      if (!head) {
        head = headOf(told);
        const { rows } = await client.query<{ name: string }>(
          'select name from unnest($1::text[]) name where to_regclass(name) is not null',
          [[...TABLES, 'erased']],
        );
        // Tables of an earlier step are fewer.
        const there = new Set(rows.map((r) => r.name));
        for (const table of TABLES.filter((t) => there.has(t))) {
          if (replace) await client.query(`delete from ${table}`);
          const { rowCount } = await client.query(`select 1 from ${table} limit 1`);
          if (rowCount) throw new Error('The tables hold something already: --replace puts the backup in its place.');
        }
        // What made room for it was not erased by anybody.
        if (there.has('erased')) await client.query('delete from erased');
        continue;
      }
      const { table, row } = told as unknown as Line;
      if (!WHOLE_TABLES.includes(table)) throw new Error(`There is no table ${String(table)}.`);
      await insertRow(client, table, row);
      back++;
    }
    if (failed) throw unreadable(failed);
    if (!head) throw new Error('This is no backup of a site.');
    // What is new counts on from the newest that came back.
    for (const [table, column] of [
      ['message', 'seq'],
      ['desk_log', 'id'],
    ] as const)
      await client.query(
        `select setval(pg_get_serial_sequence('${table}', '${column}'), greatest((select max(${column}) from ${table}), 1))`,
      );
    await client.query(
      `select setval(pg_get_serial_sequence('erased', 'seq'), max(seq)) from erased having max(seq) is not null`,
    );
    return back;
  });
}

/** Puts a row in its table. What its step did not know of yet is what it is for a new row. */
async function insertRow(client: PoolClient, table: AnyTable, row: Row): Promise<void> {
  const columns = Object.keys(row).map((name) => pg.escapeIdentifier(name));
  await client.query(
    `insert into ${table} (${columns.join()}) overriding system value
     select ${columns.join()} from json_populate_record(null::${table}, $1)`,
    [JSON.stringify(row)],
  );
}

/** A message as a backup has it, and what was answered. */
export interface BackedUpMessage {
  message: Row;
  answers: Row[];
}
/** Gathers the messages in the rows of a backup, from its lines one after the other, the oldest first. */
export function messagesIn(): { line(text: string): void; found(): BackedUpMessage[] } {
  const found = new Map<unknown, BackedUpMessage>();
  return {
    line(text) {
      if (!/^\{"table":"(?:message|answer)"/.test(text)) return;
      const { table, row } = JSON.parse(text) as Line;
      if (table === 'message') found.set(row['id'], { message: row, answers: [] });
      // Its message came before it: the tables are in an order in which they can be filled.
      else found.get(row['message'])?.answers.push(row);
    },
    found: () => [...found.values()],
  };
}
/**
 * Puts messages back that a backup has, with what was answered, under their own ids and times. They get new numbers: whoever
 * asks for what came after the last they have gets them again. Those that are there stay as they are. Gives how many came
 * back.
 */
export async function putBackMessages(db: Pool, messages: readonly BackedUpMessage[]): Promise<number> {
  return transaction(db, async (client) => {
    await client.query(ONE_AT_A_TIME);
    let back = 0;
    for (const { message, answers } of messages) {
      const { id } = message;
      const { rowCount } = await client.query('select 1 from message where id = $1', [id]);
      if (rowCount) continue;
      // Whoever hears from the first on what was erased is not to erase it again.
      await client.query('delete from erased where message = $1', [id]);
      const { seq: _, ...rest } = message;
      const next = await client.query<{ seq: number }>(
        `select nextval(pg_get_serial_sequence('message', 'seq'))::int as seq`,
      );
      await insertRow(client, 'message', { ...rest, seq: next.rows[0]!.seq });
      for (const answer of answers) await insertRow(client, 'answer', answer);
      back++;
    }
    return back;
  });
}

function parsed(text: string): Record<string, unknown> {
  try {
    return JSON.parse(text) as Record<string, unknown>;
  } catch {
    throw new Error('This is no backup of a site.');
  }
}
function headOf(line: Record<string, unknown>): Head {
  const { backup, step } = line as Partial<Head>;
  if (backup !== 1 || typeof step !== 'number') throw new Error('This is no backup of a site.');
  if (step > NEWEST) throw new Error(`The backup is of step ${step}; this program knows ${NEWEST} at most.`);
  return line as unknown as Head;
}
