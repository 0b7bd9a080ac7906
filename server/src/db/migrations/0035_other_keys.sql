-- Up Migration
-- What is to take the place of the keys by which a server and Tin Porch know each other, and of what a backup place opens
-- with, until it is in use; and when that was done last.
alter table server add column next_key text, add column next_own_certificate text, add column next_certificate text,
  add column keys_at timestamptz;
alter table backup_place add column next_password text, add column keys_at timestamptz;

-- Down Migration
alter table server drop column next_key, drop column next_own_certificate, drop column next_certificate, drop column keys_at;
alter table backup_place drop column next_password, drop column keys_at;
