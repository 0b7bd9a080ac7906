-- Up Migration
-- The name a passkey is bound to; empty for those made before it was kept.
alter table passkey add column host text not null default '';

-- Down Migration
alter table passkey drop column host;
