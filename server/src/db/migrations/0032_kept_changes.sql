-- Up Migration
-- Steps after its head that a release has besides: what the people of a site changed, kept where it went back.
alter table release add column kept integer[] not null default '{}';

-- Down Migration
-- What has them is not the document of its head: it is told by its head alone then, and pressed anew by the next deploy.
alter table release drop column kept;
