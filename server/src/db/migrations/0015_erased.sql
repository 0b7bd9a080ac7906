-- Up Migration
-- How far what was erased on the sites themselves is erased here too.
alter table inbox_mark add column erased bigint not null default 0;

-- Down Migration
alter table inbox_mark drop column erased;
