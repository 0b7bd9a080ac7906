-- Up Migration
-- Who made a change, with which part of the product, and the newest step that was known when it was made.
alter table operation
  add column author uuid references designer on delete set null,
  add column part text not null default 'designer',
  add column base integer,
  -- Of a change that does not stand any more: the step that took it back.
  add column taken_back integer;
update operation o set author = s.designer from site s where s.id = o.site;
update operation o set taken_back = last.seq
  from (select distinct on (site, of) site, of, seq, kind from operation where of is not null order by site, of, seq desc) last
  where last.site = o.site and last.of = o.seq and last.kind = 'undo';
create index operation_standing on operation (site, author, seq desc) where kind = 'do' and taken_back is null;
create index operation_own on operation (site, author, seq desc) where kind = 'do';
create index operation_taken_back on operation (site, author, taken_back desc) where taken_back is not null;
create index operation_of on operation (site, of, seq desc) where of is not null;
-- What lists tell of a document, so that they need not read it.
alter table site add column summary jsonb;

-- Down Migration
alter table site drop column summary;
drop index operation_of, operation_taken_back, operation_own, operation_standing;
alter table operation drop column taken_back, drop column base, drop column part, drop column author;
