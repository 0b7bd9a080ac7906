import type { Pool, PoolClient } from 'pg';

/** The tables of one site, in whatever schema the connection’s search path names. Safe to run again. */
const TABLES = `
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
create index if not exists message_seq on message (seq);
-- Put aside: came in such numbers that it looks like a flood.
alter table message add column if not exists aside boolean not null default false;
create index if not exists message_received on message (received_at);
`;

/** Makes the tables of a site where they are missing. */
export async function setUpTables(db: Pool | PoolClient): Promise<void> {
  await db.query(TABLES);
}
