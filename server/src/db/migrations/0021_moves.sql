-- Up Migration
-- Sites that moved: the server a site was on leads on whoever still comes there, until nobody does; then it is taken off there.
create table site_move (
  site text not null references site on delete cascade,
  "from" text not null references server,
  "to" text not null references server,
  moved_at timestamptz not null default now(),
  -- How many were led on, as the server says it, and when that was last more than before.
  led integer not null default 0,
  last_led_at timestamptz not null default now(),
  -- Why it is not over, where that is known.
  waits text not null default '',
  primary key (site, "from")
);

-- Down Migration
drop table site_move;
