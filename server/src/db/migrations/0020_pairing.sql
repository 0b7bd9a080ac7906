-- Up Migration
-- A server is known by the certificate it had when it was paired, and knows us by ours: closed is what only we are to read.
alter table server drop column token;
alter table server add column code text;
alter table server add column code_digest text;
alter table server add column own_key text;
alter table server add column own_certificate text;
alter table server add column certificate text;

-- Down Migration
alter table server drop column code, drop column code_digest, drop column own_key, drop column own_certificate, drop column certificate;
alter table server add column token text not null default '';
