-- Up Migration
-- Steps of a site that have a name: what was agreed, what was shown to the client.
create table point (
  site text not null references site on delete cascade,
  seq integer not null,
  name text not null,
  by text not null,
  at timestamptz not null default now(),
  primary key (site, seq)
);

-- Down Migration
drop table point;
