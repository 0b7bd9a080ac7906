-- Up Migration
-- Links by which a client looks at directions of a site and chooses one.
create table choice (
  token text primary key,
  site text not null references site on delete cascade,
  directions jsonb not null,
  made_at timestamptz not null default now(),
  ends_at timestamptz not null,
  chosen integer,
  by text not null default '',
  note text not null default '',
  chosen_at timestamptz
);
create index choice_site on choice (site, made_at desc);

-- Down Migration
drop table choice;
