import { Problem } from '@tin-porch/core/ground';
import { shapes } from '@tin-porch/core/look';
import { asKept, type Kept } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import type { Designer } from '../accounts/accounts.js';
import type { Database } from '../db/database.js';

/** A kept section as it is listed. */
export interface KeptLine {
  id: string;
  name: string;
  siteName: string;
  by: string;
  at: Date;
  kept: Kept;
}

/** As many as an organisation keeps: they are looked through, not searched. */
const MOST = 100;

/** Sections put by for other sites of an organisation. */
export class KeptSections {
  constructor(private readonly db: Database) {}

  /** Those of an organisation, the newest first. */
  async list(organisation: string): Promise<KeptLine[]> {
    const { rows } = await this.db.query<KeptLine>(
      `select id, name, site_name as "siteName", by, at, kept from kept_section where organisation = $1 order by at desc`,
      [organisation],
    );
    return rows;
  }

  /**
   * Puts a section of a site by, as it stands now.
   * @throws Problem 404 where there is none, 409 where it cannot be kept or there are as many as fit
   */
  async keep(me: Pick<Designer, 'organisation' | 'name'>, document: SiteDocument, section: string): Promise<string> {
    const kept = asKept(document, section);
    if (!kept) throw new Problem(409, 'A header, a footer or a form cannot be kept for other sites');
    const heading = kept.section.content['heading'] as { value?: string } | undefined;
    const name = [shapes[kept.section.shape]?.title ?? kept.section.shape, heading?.value].filter(Boolean).join(': ');
    const { rows } = await this.db.query<{ id: string }>(
      `insert into kept_section (organisation, name, site_name, kept, by)
       select $1, $2, $3, $4, $5 where (select count(*) from kept_section where organisation = $1) < $6
       returning id`,
      [me.organisation, name.slice(0, 200), document.facts.name, JSON.stringify(kept), me.name, MOST],
    );
    if (!rows[0]) throw new Problem(409, `There are ${MOST} kept sections already`, 'Forget one of them first.');
    return rows[0].id;
  }

  /** Forgets one. @throws Problem 404 where the organisation has no such one */
  async forget(organisation: string, id: string): Promise<void> {
    const { rowCount } = await this.db.query('delete from kept_section where organisation = $1 and id = $2', [
      organisation,
      id,
    ]);
    if (!rowCount) throw new Problem(404, 'There is no such kept section');
  }
}
