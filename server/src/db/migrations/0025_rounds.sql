-- Up Migration
-- What a finding does, what can be done about it, what was, and that somebody does not want to hear of it for a while.
alter table finding
  add column harm text not null default '',
  add column mend text,
  add column note text,
  add column mend_at timestamptz,
  add column mend_by text,
  add column mend_job uuid references job on delete set null,
  add column snoozed_until timestamptz,
  add column snooze_reason text,
  add column snoozed_by text;
-- Letters of what cannot wait and of the morning: whoever looks after sites has them, unless they want none.
alter table account add column care_letters boolean not null default true;
create index finding_mended on finding (site, ended_at) where mend_at is not null;

-- How each open site is watched, what came of it by day, and when nobody got in.
create table site_watch (
  site text primary key references site on delete cascade,
  state jsonb not null,
  places text[] not null
);
create table watch_day (
  site text not null references site on delete cascade,
  day date not null,
  looks integer not null,
  down integer not null,
  primary key (site, day)
);
create table outage (
  id bigint generated always as identity primary key,
  site text not null references site on delete cascade,
  server text not null,
  cause text not null check (cause in ('server', 'site', 'certificate', 'name')),
  detail text not null,
  places text[] not null,
  began_at timestamptz not null,
  ended_at timestamptz
);
create unique index outage_one_open on outage (site) where ended_at is null;
create index outage_began on outage (site, began_at desc);

-- Where pages lead that is not ours: asked seldom, whoever leads there, and what came of it.
create table outside_link (
  url text primary key,
  host text not null,
  asked_at timestamptz not null,
  fails integer not null default 0,
  failing_since timestamptz,
  detail text not null default ''
);
create index outside_link_host on outside_link (host, asked_at);

-- Down Migration
drop table outside_link;
alter table account drop column care_letters;
drop table outage, watch_day, site_watch;
alter table finding
  drop column harm, drop column mend, drop column note, drop column mend_at, drop column mend_by, drop column mend_job,
  drop column snoozed_until, drop column snooze_reason, drop column snoozed_by;
