-- Up Migration
-- Which version of the renderer drew what is served of a site.
alter table site add column live_engine integer;
update site s set live_engine = (r.manifest->>'engine')::int from release r where r.site = s.id and r.id = s.live_release;

-- A copy of each site drawn by the version at hand, and what was found of it beside what visitors have. One of each site.
create table trial (
  site text primary key references site on delete cascade,
  served text not null,
  -- The designer's release under it, where the people of the site changed something since.
  under text not null,
  engine integer not null,
  at timestamptz not null default now(),
  verdict text not null check (verdict in ('same', 'otherwise', 'worse')),
  words text[] not null,
  tried jsonb not null,
  let_by text,
  let_at timestamptz
);
create table trial_part (
  site text not null references trial on delete cascade,
  path text not null,
  width integer not null,
  before bytea not null,
  now bytea not null,
  primary key (site, path, width)
);
-- Sites of which a copy is to be tried as soon as there is time.
create table trial_wanted (
  site text primary key references site on delete cascade,
  at timestamptz not null default now()
);

-- What was updated of each site, and what was taken back.
create table site_update (
  id bigint generated always as identity primary key,
  site text not null references site on delete cascade,
  begun_at timestamptz not null default now(),
  by text not null,
  from_engine integer not null,
  to_engine integer not null,
  before text not null,
  after text not null,
  state text not null check (state in ('going', 'done', 'back')),
  words text not null default '',
  ended_at timestamptz
);
create index site_update_newest on site_update (site, id desc);

-- Many sites updated in waves: one, a few, the rest; held where one has trouble.
create table rollout (
  id uuid primary key default gen_random_uuid(),
  organisation uuid not null references organisation on delete cascade,
  engine integer not null,
  by text not null,
  begun_at timestamptz not null default now(),
  rest_minutes integer not null check (rest_minutes between 0 and 10080),
  wave integer not null default 1,
  wave_ended_at timestamptz,
  state text not null default 'going' check (state in ('going', 'held', 'stopped', 'done')),
  ended_at timestamptz
);
create unique index rollout_open on rollout (organisation) where state in ('going', 'held');
create table rollout_site (
  rollout uuid not null references rollout on delete cascade,
  site text not null references site on delete cascade,
  wave integer not null,
  place integer not null,
  state text not null default 'waiting' check (state in ('waiting', 'going', 'done', 'left', 'trouble', 'stopped', 'back')),
  words text not null default '',
  primary key (rollout, site)
);

-- Down Migration
drop table rollout_site, rollout, site_update, trial_wanted, trial_part, trial;
alter table site drop column live_engine;
