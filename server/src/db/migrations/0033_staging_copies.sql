-- Up Migration
-- A copy of a site to try things on: of which one, and the steps of both logs at which they were the same.
alter table site add column staging_of text references site (id) on delete set null,
  add column staging_at integer not null default 0,
  add column staging_from integer not null default 0;
create index site_staging_of on site (staging_of) where staging_of is not null;

-- Down Migration
-- Copies are sites of their own then.
alter table site drop column staging_of, drop column staging_at, drop column staging_from;
