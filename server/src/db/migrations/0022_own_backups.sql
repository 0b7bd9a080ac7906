-- Up Migration
-- How it stands with the backups of Tin Porch itself at each place: the newest that was made and that was proven, and what is
-- in the way of more.
create table own_backup (
  place text primary key,
  made_at timestamptz,
  sites integer,
  added bigint,
  proven_at timestamptz,
  -- Of the one that was proven: when it was made, how much came back, and in what time.
  proven_of timestamptz,
  proven_rows integer,
  proven_ms integer,
  trouble text,
  trouble_since timestamptz
);

-- Down Migration
drop table own_backup;
