-- Up Migration
-- What a client pays for the care of a site, how they are told of it, and who pays: each null where it is not agreed.
create table care_plan (
  site text primary key references site on delete cascade,
  plan jsonb,
  report jsonb,
  buyer jsonb
);
-- Invoices stay when a site goes. Until it has a number one is a draft; from then on only what became of it changes.
create table invoice (
  id uuid primary key default gen_random_uuid(),
  organisation uuid not null references organisation on delete cascade,
  site text references site on delete set null,
  site_name text not null,
  month text,
  text jsonb not null,
  number text,
  issued date,
  due date,
  -- The electronic form and the printed one, as they were issued.
  ubl text,
  pdf bytea,
  sent_at timestamptz,
  sent_to text,
  -- By which letter it went out last.
  letter uuid references outgoing on delete set null,
  paid date,
  takes_back uuid references invoice,
  taken_back boolean not null default false,
  made_at timestamptz not null default now(),
  unique (organisation, number),
  check ((number is null) = (issued is null) and (number is null) = (due is null) and (number is null) = (ubl is null))
);
-- A month is charged once; again only where that was taken back.
create unique index invoice_of_month on invoice (site, month) where takes_back is null and not taken_back;
create index invoice_newest on invoice (organisation, made_at desc);
-- The last number of each year; of year 0 where numbers go on over the years.
create table invoice_count (
  organisation uuid not null references organisation on delete cascade,
  year integer not null,
  last integer not null,
  primary key (organisation, year)
);
alter table organisation add column seller jsonb;
-- Work that was done.
create table time_note (
  id uuid primary key default gen_random_uuid(),
  site text not null references site on delete cascade,
  day date not null,
  minutes integer not null check (minutes between 1 and 1440),
  words text not null,
  charge text not null check (charge in ('plan', 'extra', 'free')),
  by text not null,
  made_at timestamptz not null default now()
);
create index time_note_day on time_note (site, day desc);
-- What a client was told of a month: as it was sent, once it was.
create table client_report (
  site text not null references site on delete cascade,
  month text not null,
  words text not null default '',
  plans text not null default '',
  token text not null unique,
  html text,
  pdf bytea,
  sent_at timestamptz,
  sent_to text[],
  sent_by text,
  -- By which letters it went out.
  letters uuid[] not null default '{}',
  primary key (site, month)
);
-- How long the first page took, of the looks each minute that got in.
alter table watch_day add column took_ms bigint not null default 0, add column timed integer not null default 0;
-- What goes with a letter, and whom it says it is from.
alter table outgoing add column files jsonb, add column sender text;

-- Down Migration
alter table outgoing drop column files, drop column sender;
alter table watch_day drop column took_ms, drop column timed;
drop table client_report, time_note, invoice_count, invoice, care_plan;
alter table organisation drop column seller;
