-- Up Migration
-- Letters of Tin Porch itself, each a row before it is sent.
create table outgoing (
  id uuid primary key default gen_random_uuid(),
  cause text not null unique,
  recipient text not null,
  subject text not null,
  body text not null,
  html text,
  reply_to text,
  by_hand boolean not null default false,
  state text not null default 'waiting' check (state in ('waiting', 'sending', 'sent', 'failed', 'unsure')),
  tries integer not null default 0,
  next_at timestamptz not null default now(),
  taken_at timestamptz,
  error text,
  made_at timestamptz not null default now(),
  sent_at timestamptz
);
create index outgoing_waiting on outgoing (next_at) where state = 'waiting';
-- By which letter a link went out; and links that somebody has sent to themselves, whose second factors stay as they are.
alter table account_link add column letter uuid references outgoing on delete set null,
  add column made_at timestamptz not null default now(),
  drop constraint account_link_kind_check,
  add constraint account_link_kind_check check (kind in ('invitation', 'reset', 'forgotten'));

-- Down Migration
delete from account_link where kind = 'forgotten';
alter table account_link drop column letter, drop column made_at,
  drop constraint account_link_kind_check,
  add constraint account_link_kind_check check (kind in ('invitation', 'reset'));
drop table outgoing;
