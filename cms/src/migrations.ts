import type { Pool } from 'pg';
import { BY_HAND_DOWN, BY_HAND_UP, FILES_DOWN, FILES_UP, OUTBOX_DOWN, OUTBOX_UP } from '@tin-porch/mail';
import { transaction } from './transaction.js';

/** One step of the tables of a site, and the way back. Steps never change once they have been released. */
interface Migration {
  id: number;
  says: string;
  up: string;
  down: string;
}

/** In order. The first two can be run over tables that are there: they were made before steps were counted. */
export const MIGRATIONS: readonly Migration[] = [
  {
    id: 1,
    says: 'documents and messages',
    up: `
create table if not exists document (
  release text primary key,
  body jsonb not null,
  placed_at timestamptz not null default now()
);
create table if not exists message (
  id uuid primary key default gen_random_uuid(),
  seq bigint generated always as identity,
  form text not null,
  fields jsonb not null,
  received_at timestamptz not null default now()
);
create index if not exists message_seq on message (seq);`,
    down: 'drop table message; drop table document;',
  },
  {
    id: 2,
    says: 'messages put aside: they came in such numbers that it looks like a flood',
    up: `
alter table message add column if not exists aside boolean not null default false;
create index if not exists message_received on message (received_at);`,
    down: 'drop index message_received; alter table message drop column aside;',
  },
  {
    id: 3,
    says: 'what the client changes on their own site, and who may',
    up: `
create table content (
  one boolean primary key default true check (one),
  head bigint not null,
  served bigint not null,
  turn bigint not null,
  release text not null,
  document jsonb not null
);
create table person (
  id uuid primary key default gen_random_uuid(),
  name text not null,
  mail text not null,
  role text not null check (role in ('publish', 'write', 'messages', 'designer')),
  password text,
  made_at timestamptz not null default now(),
  seen_at timestamptz
);
create unique index person_mail on person (lower(mail));
create table step (
  seq bigint primary key,
  id uuid not null unique,
  kind text not null check (kind in ('do', 'undo')),
  of bigint references step deferrable initially deferred,
  turn bigint not null,
  release text not null,
  op jsonb not null,
  inverse jsonb not null,
  person uuid,
  by text not null,
  at timestamptz not null default now(),
  taken_back bigint
);
create table proposal (
  id uuid primary key,
  op jsonb not null,
  turn bigint not null,
  release text not null,
  base bigint not null,
  person uuid,
  by text not null,
  note text not null,
  at timestamptz not null default now(),
  ended_at timestamptz,
  answer text
);
create table session (
  token bytea primary key,
  person uuid not null references person on delete cascade,
  agent text not null,
  made_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  ends_at timestamptz not null
);
create table sign_in_link (
  token bytea primary key,
  person uuid not null references person on delete cascade,
  ends_at timestamptz not null
);
create table sign_in_try (
  id bigint generated always as identity primary key,
  kind text not null default 'password' check (kind in ('password', 'link')),
  mail text not null,
  origin text not null,
  at timestamptz not null default now()
);
create index sign_in_try_origin on sign_in_try (origin, at);
create table desk_log (
  id bigint generated always as identity primary key,
  at timestamptz not null default now(),
  by text not null,
  what text not null
);
alter table message add column read_at timestamptz, add column note text not null default '';`,
    down: `
alter table message drop column note, drop column read_at;
drop table desk_log; drop table sign_in_try; drop table sign_in_link; drop table session; drop table proposal; drop table step;
drop table person; drop table content;`,
  },
  { id: 4, says: 'letters that go out', up: OUTBOX_UP, down: OUTBOX_DOWN },
  {
    id: 5,
    says: 'photographs brought at the desk, and answers to messages',
    up: `
create table picture (
  id text primary key,
  medium jsonb not null,
  person uuid,
  by text not null,
  at timestamptz not null default now()
);
create index picture_at on picture (at);
create table answer (
  id uuid primary key,
  message uuid not null references message on delete cascade,
  words text not null,
  recipient text not null,
  person uuid,
  by text not null,
  at timestamptz not null default now()
);
create index answer_message on answer (message);`,
    down: 'drop table answer; drop table picture;',
  },
  {
    id: 6,
    says: 'how long messages are kept, and which were erased: whoever has a copy erases it too',
    up: `
${BY_HAND_UP}
create table keeping (one boolean primary key default true check (one), months integer not null check (months between 1 and 120));
create table erased (
  seq bigint generated always as identity primary key,
  message uuid not null,
  at timestamptz not null default now()
);
create function forget_message() returns trigger language plpgsql as $$
begin
  delete from outgoing where cause = 'message ' || old.id
    or cause in (select 'answer ' || a.id from answer a where a.message = old.id);
  insert into erased (message) values (old.id);
  return old;
end $$;
create trigger message_forgotten before delete on message for each row execute function forget_message();`,
    down: `
drop trigger message_forgotten on message;
drop function forget_message();
drop table erased; drop table keeping;
${BY_HAND_DOWN}`,
  },
  {
    id: 7,
    says: 'a designer who looks at the desk as somebody else does',
    up: `
alter table sign_in_link add acts_as text check (acts_as in ('publish', 'write', 'messages'));
alter table session add acts_as text check (acts_as in ('publish', 'write', 'messages'));`,
    down: `
alter table session drop acts_as;
alter table sign_in_link drop acts_as;`,
  },
  {
    id: 8,
    says: 'who of its people sees to a message, and labels of their own',
    up: `
alter table message add column taken_by uuid, add column labels text[] not null default '{}';`,
    down: 'alter table message drop column labels, drop column taken_by;',
  },
  {
    id: 9,
    says: 'passkeys, and one-time codes beside a password',
    up: `
alter table person
  add column codes boolean not null default false,
  add column code_secret text,
  add column code_step bigint;
create table recovery_code (
  person uuid not null references person on delete cascade,
  hash bytea not null,
  primary key (person, hash)
);
create table passkey (
  id uuid primary key default gen_random_uuid(),
  person uuid not null references person on delete cascade,
  credential text not null unique,
  public_key bytea not null,
  counter bigint not null,
  transports text[] not null,
  name text not null,
  host text not null,
  made_at timestamptz not null default now(),
  used_at timestamptz
);
create index passkey_person on passkey (person);
create table sign_in_ticket (
  token bytea primary key,
  person uuid references person on delete cascade,
  kind text not null check (kind in ('second', 'passkey', 'registration')),
  challenge text,
  ends_at timestamptz not null
);`,
    down: `
drop table sign_in_ticket; drop table passkey; drop table recovery_code;
alter table person drop column code_step, drop column code_secret, drop column codes;`,
  },
  {
    id: 10,
    says: 'the content is kept as it is said: nothing in it is asked for by itself, and it is written whole each time',
    up: `
alter table content alter column document type json using document::json;
do $$ begin
  alter table content alter column document set compression lz4;
exception when others then null;
end $$;`,
    down: `
alter table content alter column document set compression default;
alter table content alter column document type jsonb using document::jsonb;`,
  },
  {
    id: 11,
    says: 'whose the site is, once its designer has handed it over',
    up: `
alter table person add owner_since timestamptz, drop constraint person_role_check,
  add constraint person_role_check check (role in ('owner', 'publish', 'write', 'messages', 'designer'));`,
    down: `
update person set role = 'publish' where role = 'owner';
alter table person drop owner_since, drop constraint person_role_check,
  add constraint person_role_check check (role in ('publish', 'write', 'messages', 'designer'));`,
  },
  {
    id: 12,
    says: 'changes that go up at a minute somebody chose',
    up: `
create table planned (
  id uuid primary key,
  at timestamptz not null,
  changes jsonb not null,
  words text not null,
  person uuid,
  by text not null,
  refused text,
  made_at timestamptz not null default now()
);
create index planned_due on planned (at) where refused is null;`,
    down: 'drop table planned;',
  },
  { id: 13, says: 'what goes with a letter, and whom it says it is from', up: FILES_UP, down: FILES_DOWN },
];
export const NEWEST = MIGRATIONS.at(-1)!.id;

/**
 * Brings the tables of one site, in whatever schema the connection’s search path names, to a step: the newest where none is
 * named. All of it happens or nothing; two that do it at once do it one after the other. Each step leaves its way back with
 * the tables, so that a program that does not know it can go back over it. Gives the steps that were taken.
 * @param goBack whether steps of a newer program than this are gone back over; what only they had room for is lost
 * @throws Error where there is no such step, or the tables are from a newer program than this and are to stay so
 */
export async function migrateTables(db: Pool, to = NEWEST, { goBack = false } = {}): Promise<number[]> {
  if (to !== 0 && !MIGRATIONS.some((m) => m.id === to)) throw new Error(`There is no step ${to}.`);
  return transaction(db, async (client) => {
    // However large the tables have grown.
    await client.query('set local statement_timeout = 0');
    await client.query(`select pg_advisory_xact_lock(hashtext('cms_migration'), hashtext(current_schema()))`);
    await client.query(
      'create table if not exists cms_migration (id integer primary key, at timestamptz not null default now())',
    );
    await client.query('alter table cms_migration add column if not exists down text');
    const { rows } = await client.query<{ id: number; down: string | null }>(
      'select id, down from cms_migration order by id',
    );
    const done = rows.map((r) => r.id);
    const newest = done.at(-1) ?? 0;
    const unknown = rows.filter((r) => r.id > NEWEST).reverse();
    if (unknown.length && !(goBack && unknown.every((r) => r.down)))
      throw new Error(`The tables are of step ${newest}; this program knows ${NEWEST} at most.`);
    const taken: number[] = [];
    const back = async (id: number, down: string) => {
      await client.query(down);
      await client.query('delete from cms_migration where id = $1', [id]);
      taken.push(id);
    };
    for (const { id, down } of unknown) await back(id, down!);
    // Steps from before ways back were kept.
    for (const { id } of rows.filter((r) => r.down === null && r.id <= NEWEST))
      await client.query('update cms_migration set down = $2 where id = $1', [id, downOf(id)]);
    for (const { id, up } of MIGRATIONS.filter((m) => m.id <= to && !done.includes(m.id))) {
      await client.query(up);
      await client.query('insert into cms_migration (id, down) values ($1, $2)', [id, downOf(id)]);
      taken.push(id);
    }
    for (const { id } of [...MIGRATIONS].reverse().filter((m) => m.id > to && done.includes(m.id)))
      await back(id, downOf(id));
    return taken;
  });
}

const downOf = (id: number): string => MIGRATIONS.find((m) => m.id === id)!.down;
