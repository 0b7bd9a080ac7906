-- Up Migration
-- What a browser showed of the pages of sites, each time it looked. Figures are null where the machine was too busy to time.
create table lab_page (
  site text not null references site on delete cascade,
  path text not null,
  at timestamptz not null default now(),
  release text not null,
  figures jsonb,
  faults jsonb not null,
  primary key (site, path, at)
);
create index lab_page_newest on lab_page (site, at desc);

-- Down Migration
drop table lab_page;
