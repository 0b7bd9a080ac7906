-- Up Migration
-- Sites and domains belong to an organisation; people of it have roles.
create table organisation (
  id uuid primary key default gen_random_uuid(),
  name text not null,
  created_at timestamptz not null default now()
);
-- Whoever had an account before has an organisation of their own, under the same id: what was theirs is now its.
insert into organisation (id, name, created_at) select id, name, created_at from designer;
alter table designer rename to account;
alter table account
  add column organisation uuid references organisation,
  add column role text not null default 'owner' check (role in ('owner', 'designer', 'helper', 'accountant')),
  -- The sealed secret of one-time codes (RFC 6238), whether they are asked for, and the last time step that was used.
  add column code_secret text,
  add column codes boolean not null default false,
  add column code_step bigint;
update account set organisation = id;
alter table account alter column organisation set not null;
create index account_organisation on account (organisation);

alter table site rename column designer to organisation;
alter table site drop constraint site_designer_fkey;
alter table site add foreign key (organisation) references organisation;
create index site_organisation on site (organisation, changed_at desc);
alter table domain_holder rename column designer to organisation;
alter table domain_holder drop constraint domain_holder_designer_fkey;
alter table domain_holder add foreign key (organisation) references organisation;
alter table known_browser rename column designer to account;

alter table session rename column designer to account;
alter table session
  add column id uuid not null default gen_random_uuid(),
  add column seen_at timestamptz not null default now(),
  add column agent text not null default '',
  add column address text not null default '';
create unique index session_id on session (id);

-- Ways to sign in beside the password.
create table recovery_code (
  account uuid not null references account on delete cascade,
  hash bytea not null,
  primary key (account, hash)
);
create table passkey (
  id uuid primary key default gen_random_uuid(),
  account uuid not null references account on delete cascade,
  credential text not null unique,
  public_key bytea not null,
  counter bigint not null,
  transports text[] not null,
  name text not null,
  made_at timestamptz not null default now(),
  used_at timestamptz
);
create index passkey_account on passkey (account);
-- A step on the way: the password was right, or a passkey was asked for. Good for minutes.
create table sign_in_ticket (
  token bytea primary key,
  account uuid references account on delete cascade,
  kind text not null check (kind in ('second', 'passkey', 'registration')),
  challenge text,
  ends_at timestamptz not null
);
-- Links by which an account is made or given another password.
create table account_link (
  id uuid primary key default gen_random_uuid(),
  token bytea not null unique,
  kind text not null check (kind in ('invitation', 'reset')),
  organisation uuid not null references organisation on delete cascade,
  account uuid references account on delete cascade,
  mail text not null,
  role text not null,
  by text not null,
  ends_at timestamptz not null
);

-- Who did what. The names stay when the account goes.
create table audit (
  id bigint generated always as identity primary key,
  organisation uuid not null references organisation on delete cascade,
  account uuid references account on delete set null,
  by text not null,
  what text not null,
  site text,
  at timestamptz not null default now()
);
create index audit_organisation on audit (organisation, id desc);

-- Down Migration
drop table audit, account_link, sign_in_ticket, passkey, recovery_code;
alter table session drop column id, drop column seen_at, drop column agent, drop column address;
alter table session rename column account to designer;
alter table known_browser rename column account to designer;
alter table domain_holder rename column organisation to designer;
alter table site rename column organisation to designer;
alter table account drop column organisation, drop column role, drop column code_secret, drop column codes, drop column code_step;
alter table account rename to designer;
drop table organisation cascade;
