-- Up Migration
-- What is broken at servers that answer: since when, in how many looks, and whether somebody was told.
create table server_trouble (
  id uuid primary key default gen_random_uuid(),
  server text not null references server on delete cascade,
  fault text not null,
  words text not null,
  advice text not null,
  looks integer not null default 1,
  told boolean not null default false,
  began_at timestamptz not null,
  ended_at timestamptz
);
create unique index server_trouble_open on server_trouble (server, fault) where ended_at is null;

-- Down Migration
drop table server_trouble;
