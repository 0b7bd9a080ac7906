-- Up Migration
create table designer (
  id uuid primary key default gen_random_uuid(),
  mail text not null unique,
  name text not null,
  password text not null,
  created_at timestamptz not null default now()
);

create table session (
  token bytea primary key,
  designer uuid not null references designer on delete cascade,
  csrf text not null,
  created_at timestamptz not null default now(),
  expires_at timestamptz not null
);

create table sign_in_failure (
  mail text not null,
  address text not null,
  at timestamptz not null default now()
);
create index sign_in_failure_at on sign_in_failure (at);

create table server (
  name text primary key,
  address text not null,
  http_port integer not null,
  https_port integer not null,
  temporary_base text not null,
  temporary_port integer not null,
  control_url text not null,
  token text not null
);

create table site (
  id text primary key,
  designer uuid not null references designer,
  document jsonb not null,
  head integer not null default 0,
  created_at timestamptz not null default now(),
  changed_at timestamptz not null default now(),
  server text references server,
  temporary text not null unique,
  preview_key text not null,
  domain text unique,
  domain_seen jsonb,
  open boolean not null default false,
  live_release text,
  published_at timestamptz
);

create table operation (
  site text not null references site on delete cascade,
  seq integer not null,
  kind text not null check (kind in ('do', 'undo', 'redo')),
  of integer,
  op jsonb not null,
  inverse jsonb not null,
  by text not null,
  at timestamptz not null default now(),
  primary key (site, seq)
);

create table release (
  id text not null,
  site text not null references site on delete cascade,
  head integer not null,
  manifest jsonb not null,
  files integer not null,
  bytes bigint not null,
  sent integer not null default 0,
  made_at timestamptz not null default now(),
  live_at timestamptz,
  primary key (site, id)
);

create table certificate (
  domain text primary key,
  site text not null references site on delete cascade,
  server text not null,
  names text[] not null,
  issuer text not null,
  not_before timestamptz not null,
  not_after timestamptz not null,
  installed_at timestamptz not null default now()
);

create table acme_account (
  directory text primary key,
  key text not null,
  url text not null
);

create table job (
  id uuid primary key default gen_random_uuid(),
  site text not null references site on delete cascade,
  kind text not null,
  input jsonb not null default '{}',
  state text not null default 'waiting' check (state in ('waiting', 'running', 'retrying', 'done', 'failed', 'cancelled')),
  steps jsonb not null default '[]',
  error text,
  attempt integer not null default 0,
  next_try timestamptz,
  heartbeat_at timestamptz,
  created_at timestamptz not null default now(),
  finished_at timestamptz
);
create unique index job_one_open on job (site, kind) where state in ('waiting', 'running', 'retrying');
create index job_recent on job (site, created_at desc);

create table message (
  id uuid primary key,
  site text not null references site on delete cascade,
  server text not null,
  seq bigint not null,
  form text not null,
  fields jsonb not null,
  received_at timestamptz not null,
  read_at timestamptz
);
create index message_site on message (site, server, seq);

create table round (
  id bigint generated always as identity primary key,
  site text not null references site on delete cascade,
  at timestamptz not null default now(),
  checks integer not null,
  evidence jsonb not null
);
create index round_site on round (site, at desc);

create table finding (
  site text not null references site on delete cascade,
  key text not null,
  severity text not null,
  title text not null,
  evidence text not null,
  fix text not null,
  step text not null,
  first_seen timestamptz not null default now(),
  last_seen timestamptz not null default now(),
  ended_at timestamptz,
  primary key (site, key, first_seen)
);
create unique index finding_one_open on finding (site, key) where ended_at is null;

create table visit_day (
  site text not null references site on delete cascade,
  day date not null,
  visits integer not null,
  pages integer not null,
  primary key (site, day)
);

-- Down Migration
drop table visit_day, finding, round, message, job, acme_account, certificate, release, operation, site, server, sign_in_failure, session, designer;
