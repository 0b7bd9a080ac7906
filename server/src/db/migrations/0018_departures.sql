-- Up Migration
-- What the designer calls a site, where that is not the name of the client; and the day it goes, where it is to go.
alter table site add column called text, add column leaves_at timestamptz;
create index site_leaving on site (leaves_at) where leaves_at is not null;
-- Sites that go, and those that are gone: what each was, and all of it in one archive. An id is never given again.
create table departure (
  site text primary key,
  organisation uuid not null references organisation on delete cascade,
  name text not null,
  address text,
  began_at timestamptz not null default now(),
  archive bytea,
  archived_at timestamptz,
  -- False where its server did not answer: what visitors sent is not in it.
  whole boolean,
  left_at timestamptz,
  keep_until timestamptz
);
alter table departure alter column archive set storage external;
create index departure_gone on departure (organisation, left_at desc) where left_at is not null;

-- Down Migration
drop table departure;
alter table site drop column called, drop column leaves_at;
