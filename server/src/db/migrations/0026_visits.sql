-- Up Migration
-- What the access logs say of a day beside how many came: pages, where from, with what, what was missed.
alter table visit_day add column detail jsonb;

-- Down Migration
alter table visit_day drop column detail;
