-- Up Migration
-- Versions of the agent that were brought to hosting servers; what visitors saw of each site just before, by its id.
create table agent_update (
  id bigint generated always as identity primary key,
  server text not null references server on delete cascade,
  by text not null,
  from_version text not null,
  to_version text not null,
  seen jsonb not null default '{}',
  state text not null default 'going' check (state in ('going', 'done', 'back')),
  words text not null default '',
  begun_at timestamptz not null default now(),
  ended_at timestamptz
);
create unique index agent_update_open on agent_update (server) where state = 'going';

-- Down Migration
drop table agent_update;
