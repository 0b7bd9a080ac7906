-- Up Migration
-- How the servers were, a row a minute; of what is older than three days one an hour is kept.
create table server_sample (
  server text not null references server on delete cascade,
  at timestamptz not null,
  load real not null,
  cores integer not null,
  memory_bytes bigint not null,
  memory_free bigint not null,
  disk_bytes bigint not null,
  disk_free bigint not null,
  database boolean not null,
  -- Counters of the server’s own: they begin anew with what counts.
  requests bigint,
  troubles bigint not null,
  primary key (server, at)
);

-- Down Migration
drop table server_sample;
