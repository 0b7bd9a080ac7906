-- Up Migration
-- Documents are read and written whole, and nothing asks for a part of one: kept as the text they are, in the order it has.
alter table site alter column document type json using document::text::json;
alter table site alter column document set compression lz4;
alter table operation alter column op set compression lz4, alter column inverse set compression lz4;

-- Down Migration
alter table operation alter column op set compression default, alter column inverse set compression default;
alter table site alter column document set compression default;
alter table site alter column document type jsonb using document::jsonb;
