import type { Manifest } from '@tin-porch/core/page';
import { transaction, type Database } from '../db/database.js';

export interface ReleaseRow {
  id: string;
  site: string;
  head: number;
  /** Steps after its head that it has besides. */
  kept: number[];
  manifest: Manifest;
  files: number;
  bytes: number;
  sent: number;
  madeAt: Date;
  liveAt: Date | null;
  /** What came with it that the one before did not have, in the words of the history. */
  what: string[];
}

const RELEASE = `id, site, head, kept, manifest, files, bytes::int as bytes, sent, made_at as "madeAt", live_at as "liveAt", what`;

/** The releases that were made of sites. What a server serves of one is told by `live_release` of the site. */
export class Releases {
  constructor(private readonly db: Database) {}

  /** The newest of a site, newest first. */
  async of(site: string): Promise<ReleaseRow[]> {
    return (
      await this.db.query<ReleaseRow>(`select ${RELEASE} from release where site = $1 order by made_at desc limit 30`, [
        site,
      ])
    ).rows;
  }
  async get(site: string, id: string): Promise<ReleaseRow | undefined> {
    return (await this.db.query<ReleaseRow>(`select ${RELEASE} from release where site = $1 and id = $2`, [site, id]))
      .rows[0];
  }
  /** Keeps a release; one of that id is kept once. */
  async keep(r: {
    id: string;
    site: string;
    head: number;
    kept?: readonly number[];
    manifest: Manifest;
    sent: number;
    what: string[];
  }): Promise<void> {
    const entries = Object.values(r.manifest.files);
    await this.db.query(
      `insert into release (id, site, head, manifest, files, bytes, sent, what, kept) values ($1, $2, $3, $4, $5, $6, $7, $8, $9)
       on conflict (site, id) do update set sent = greatest(release.sent, excluded.sent), head = excluded.head,
         kept = excluded.kept`,
      [
        r.id,
        r.site,
        r.head,
        JSON.stringify(r.manifest),
        entries.length,
        entries.reduce((s, e) => s + e.size, 0),
        r.sent,
        r.what,
        r.kept ?? [],
      ],
    );
  }
  async markLive(site: string, release: string): Promise<void> {
    await transaction(this.db, async (client) => {
      await client.query('update release set live_at = now() where site = $1 and id = $2', [site, release]);
      await client.query(
        `update site set live_release = $2,
           live_engine = (select (manifest->>'engine')::int from release where site = $1 and id = $2) where id = $1`,
        [site, release],
      );
    });
  }
}
