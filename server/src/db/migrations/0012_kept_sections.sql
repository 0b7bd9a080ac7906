-- Up Migration
-- Sections that were put by on one site to be laid in on others, each as it stood then, with the pictures that can be
-- drawn anew anywhere.
create table kept_section (
  id uuid primary key default gen_random_uuid(),
  organisation uuid not null references organisation on delete cascade,
  name text not null,
  site_name text not null,
  kept jsonb not null,
  by text not null,
  at timestamptz not null default now()
);
create index kept_section_organisation on kept_section (organisation, at desc);

-- Down Migration
drop table kept_section;
