-- Up Migration
-- What an outside language service was paid for a site, an answer a row.
create table language_cost (
  id bigint generated always as identity primary key,
  site text not null references site (id) on delete cascade,
  at timestamptz not null default now(),
  what text not null check (what in ('read', 'write', 'rework')),
  input integer not null,
  output integer not null,
  amount numeric(14, 8) not null,
  currency text not null,
  estimated boolean not null
);
create index language_cost_of_site on language_cost (site);

-- Down Migration
drop table language_cost;
