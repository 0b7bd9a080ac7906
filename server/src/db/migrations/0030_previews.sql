-- Up Migration
-- Links by which others may look at a site while it is closed, and what the page says that stands before it.
alter table site add column previews jsonb not null default '[]';
alter table site add column holding jsonb;

-- Down Migration
alter table site drop column holding, drop column previews;
