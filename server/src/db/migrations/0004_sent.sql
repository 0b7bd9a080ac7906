-- Up Migration
-- Which change of an interface a line is (sent twice, it is taken once), and which tab sent it.
alter table operation add column client uuid, add column tab text;
create unique index operation_client on operation (site, client) where client is not null;
-- What was in a release that the one before it did not have.
alter table release add column what text[] not null default '{}';
create index job_site_kind on job (site, kind, created_at desc);

-- Down Migration
drop index job_site_kind;
alter table release drop column what;
drop index operation_client;
alter table operation drop column client, drop column tab;
