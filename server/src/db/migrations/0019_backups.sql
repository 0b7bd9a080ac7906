-- Up Migration
-- What backups at a place are closed with, closed itself; and the backups there are of each site, with whether each was tried.
create table backup_place (name text primary key, password text not null);
create table backup (
  site text not null references site on delete cascade,
  place text not null references backup_place on delete cascade,
  snapshot text not null,
  made_at timestamptz not null default now(),
  added bigint not null,
  files integer not null,
  rows integer not null,
  ms integer not null,
  proven_at timestamptz,
  proven_ms integer,
  -- What was wrong with it when it was tried.
  fault text,
  primary key (site, place, snapshot)
);
create index backup_newest on backup (site, place, made_at desc);
-- Why none was made at a place since then; gone with the next that is.
create table backup_trouble (
  site text not null references site on delete cascade,
  place text not null references backup_place on delete cascade,
  words text not null,
  since timestamptz not null default now(),
  primary key (site, place)
);

-- Down Migration
drop table backup_trouble;
drop table backup;
drop table backup_place;
