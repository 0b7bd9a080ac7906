-- Up Migration
-- What the people of a site changed where it is live, and what became of it among the drafts.
create table live_step (
  site text not null references site on delete cascade,
  seq bigint not null,
  id uuid not null,
  turn bigint not null,
  release text not null,
  op jsonb not null,
  by text not null,
  at timestamptz not null,
  state text not null check (state in ('new', 'taken', 'held', 'settled')),
  primary key (site, seq)
);
create index live_step_open on live_step (site, state) where state in ('new', 'held');
-- What they want looked at first.
create table live_proposal (
  site text not null references site on delete cascade,
  id uuid not null,
  turn bigint not null,
  release text not null,
  base bigint not null,
  op jsonb not null,
  by text not null,
  note text not null,
  at timestamptz not null,
  answer text,
  -- Whether the server was told the answer.
  told boolean not null default false,
  primary key (site, id)
);

-- Down Migration
drop table live_proposal;
drop table live_step;
