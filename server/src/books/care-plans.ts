import type { CarePlan, Charge, Party } from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import type { Database, Queryable } from '../db/database.js';

/** How a client is told of each month. */
export interface ReportWish {
  /** The day of the next month it is ready on, 1 to 28. */
  day: number;
  /** Mail addresses. */
  to: string[];
  /** It is sent on that day without anybody looking at it first. */
  itself: boolean;
}
/** Who pays for a site. */
export interface Buyer extends Party {
  reference: string;
}
/** What is agreed with the client of a site. */
export interface Agreed {
  plan: CarePlan | null;
  report: ReportWish | null;
  buyer: Buyer | null;
}
/** Work that was done for a site. */
export interface TimeLine {
  id: string;
  /** ISO 8601 date. */
  day: string;
  minutes: number;
  words: string;
  charge: Charge;
  by: string;
}
const LINE = `id, to_char(day, 'YYYY-MM-DD') as day, minutes, words, charge, by`;

/** Care plans of sites, and the time that is set against them. */
export class CarePlans {
  constructor(private readonly db: Database) {}

  /** What is agreed for a site; nulls where nothing is. */
  async of(site: string, db: Queryable = this.db): Promise<Agreed> {
    const { rows } = await db.query<Agreed>('select plan, report, buyer from care_plan where site = $1', [site]);
    return rows[0] ?? { plan: null, report: null, buyer: null };
  }

  /** Takes the place of what was agreed. */
  async put(site: string, { plan, report, buyer }: Agreed): Promise<void> {
    await this.db.query(
      `insert into care_plan (site, plan, report, buyer) values ($1, $2, $3, $4)
       on conflict (site) do update set plan = excluded.plan, report = excluded.report, buyer = excluded.buyer`,
      [site, plan && JSON.stringify(plan), report && JSON.stringify(report), buyer && JSON.stringify(buyer)],
    );
  }

  /** The work of some days, the newest first. */
  async notes(site: string, first: string, last: string, db: Queryable = this.db): Promise<TimeLine[]> {
    const { rows } = await db.query<TimeLine>(
      `select ${LINE} from time_note where site = $1 and day between $2 and $3 order by time_note.day desc, made_at desc`,
      [site, first, last],
    );
    return rows;
  }

  /** Writes work down. The same id twice is one note: it may be sent again where no answer came. */
  async note(site: string, line: TimeLine): Promise<void> {
    const { id, day, minutes, words, charge, by } = line;
    await this.db.query(
      `insert into time_note (id, site, day, minutes, words, charge, by) values ($1, $2, $3, $4, $5, $6, $7)
       on conflict (id) do nothing`,
      [id, site, day, minutes, words, charge, by],
    );
  }

  /** Takes a note away. @throws Problem 404 where there is none */
  async forget(site: string, id: string): Promise<void> {
    const { rowCount } = await this.db.query('delete from time_note where site = $1 and id = $2', [site, id]);
    if (!rowCount) throw new Problem(404, 'There is no such note');
  }
}
