-- Up Migration
-- When a site is to be published by itself, and who said so.
alter table site add column planned_at timestamptz;
alter table site add column planned_by text;
create index site_planned on site (planned_at) where planned_at is not null;

-- Down Migration
drop index site_planned;
alter table site drop column planned_by, drop column planned_at;
