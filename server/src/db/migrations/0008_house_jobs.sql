-- Up Migration
-- Jobs of the house belong to no site; one of a kind is open at a time for each site, and one for the house.
alter table job alter column site drop not null;
drop index job_one_open;
create unique index job_one_open on job (coalesce(site, ''), kind) where state in ('waiting', 'running', 'retrying');

-- Down Migration
delete from job where site is null;
drop index job_one_open;
create unique index job_one_open on job (site, kind) where state in ('waiting', 'running', 'retrying');
alter table job alter column site set not null;
