import type { Queryable } from '../db/database.js';

export interface AuditLine {
  id: string;
  at: Date;
  by: string;
  what: string;
  site: string | null;
}
/** Lines of one page. */
const PAGE = 100;

/** The list of who did what in an organisation. Only added to. */
export class Audit {
  constructor(private readonly db: Queryable) {}

  async write(
    who: { id: string | null; name: string; organisation: string },
    what: string,
    site: string | null = null,
  ): Promise<void> {
    await this.db.query('insert into audit (organisation, account, by, what, site) values ($1, $2, $3, $4, $5)', [
      who.organisation,
      who.id,
      who.name,
      what.slice(0, 400),
      site,
    ]);
  }

  /** A page of lines, newest first, those before a line where one is given. */
  async list(organisation: string, before?: string): Promise<{ lines: AuditLine[]; more: boolean }> {
    const { rows } = await this.db.query<AuditLine>(
      `select id, at, by, what, site from audit
       where organisation = $1 and ($2::bigint is null or id < $2) order by id desc limit $3`,
      [organisation, before ?? null, PAGE + 1],
    );
    return { lines: rows.slice(0, PAGE), more: rows.length > PAGE };
  }
}
