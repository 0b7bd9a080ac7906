-- Up Migration
-- A language service may propose changes too.
alter table language_cost drop constraint language_cost_what_check;
alter table language_cost add constraint language_cost_what_check check (what in ('read', 'write', 'rework', 'ask'));

-- Down Migration
delete from language_cost where what = 'ask';
alter table language_cost drop constraint language_cost_what_check;
alter table language_cost add constraint language_cost_what_check check (what in ('read', 'write', 'rework'));
