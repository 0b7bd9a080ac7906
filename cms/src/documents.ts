import type { Pool } from 'pg';
import type { SiteDocument } from '@tin-porch/core/model';

/** Keeps the document a release was made from. The same release again changes nothing. */
export async function keepDocument(db: Pool, release: string, document: SiteDocument): Promise<void> {
  await db.query('insert into document (release, body) values ($1, $2) on conflict (release) do nothing', [
    release,
    JSON.stringify(document),
  ]);
}

export async function documentOf(db: Pool, release: string): Promise<SiteDocument | undefined> {
  const { rows } = await db.query<{ body: SiteDocument }>('select body from document where release = $1', [release]);
  return rows[0]?.body;
}
