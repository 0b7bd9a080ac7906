-- Up Migration
-- The bytes of pictures, by what they are, and which sites they belong to. A site keeps all it ever had: every step back
-- through its history finds its pictures again.
create table picture_bytes (
  hash text primary key,
  type text not null,
  bytes bytea not null
);
alter table picture_bytes alter column bytes set storage external;

create table site_picture (
  site text not null references site on delete cascade,
  hash text not null references picture_bytes,
  brought_at timestamptz not null default now(),
  primary key (site, hash)
);

-- Down Migration
drop table site_picture;
drop table picture_bytes;
