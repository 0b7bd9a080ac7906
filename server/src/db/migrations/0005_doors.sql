-- Up Migration
-- Tries to sign in: written before the password is looked at, taken away where it was right.
drop table sign_in_failure;
create table sign_in_try (
  id bigint generated always as identity primary key,
  mail text not null,
  -- Where it came from: an address, or a browser that signed in before.
  origin text not null,
  at timestamptz not null default now()
);
create index sign_in_try_pair on sign_in_try (mail, origin, at);
create index sign_in_try_at on sign_in_try (at);
-- Browsers somebody has signed in from: no stranger’s guesses make them wait.
create table known_browser (
  token bytea primary key,
  designer uuid not null references designer on delete cascade,
  seen_at timestamptz not null default now()
);
-- Whose a domain in the registrar’s account is.
create table domain_holder (
  domain text primary key,
  designer uuid not null references designer on delete cascade
);
insert into domain_holder (domain, designer) select domain, designer from site where domain is not null;

-- Messages put aside as a flood, and how far each site’s were fetched, whatever was erased since.
alter table message add column aside boolean not null default false;
create index message_received on message (received_at desc, id);
create table inbox_mark (
  site text not null references site on delete cascade,
  server text not null,
  seq bigint not null,
  primary key (site, server)
);
insert into inbox_mark (site, server, seq) select site, server, max(seq) from message group by site, server;

-- Down Migration
drop table inbox_mark;
drop index message_received;
alter table message drop column aside;
drop table domain_holder, known_browser, sign_in_try;
create table sign_in_failure (mail text not null, address text not null, at timestamptz not null default now());
create index sign_in_failure_at on sign_in_failure (at);
