import { daysOf, monthAfter, monthOf, together, type Month, type VisitDay } from '@tin-porch/core/care';
import type { Database } from '../db/database.js';
import type { HostClient } from '../servers/host-client.js';

const DAY_MS = 86_400_000;
/** Days that are asked for where nothing is known of a site yet: twelve weeks. */
const FIRST_DAYS = 84;

/** What visits came to in some days, and in as many before. */
export interface VisitSpan {
  days: number;
  now: VisitDay;
  /** Null where the site was not counted for so long. */
  before: VisitDay | null;
}

type Detail = Omit<VisitDay, 'visits' | 'pages'>;
const UNTOLD: Detail = {
  ...{ byPage: {}, from: {}, devices: { phone: 0, tablet: 0, desktop: 0 }, forms: 0, missing: {}, machines: 0 },
};
const isoDay = (at: Date): string => at.toISOString().slice(0, 10);

/** What the access logs of the servers say about visits, by site and day. */
export class Visits {
  constructor(private readonly db: Database) {}

  /** Takes over what came since the last day that is known, that day with it: it may not have been over. */
  async take(site: string, client: Pick<HostClient, 'visits'>, now = new Date()): Promise<void> {
    const { rows } = await this.db.query<{ since: string | null }>(
      `select to_char(max(day), 'YYYY-MM-DD') as since from visit_day where site = $1 and detail is not null`,
      [site],
    );
    const since = rows[0]?.since ?? isoDay(new Date(now.getTime() - FIRST_DAYS * DAY_MS));
    const days = Object.entries(await client.visits(site, since));
    if (!days.length) return;
    await this.db.query(
      `insert into visit_day (site, day, visits, pages, detail)
       select $1, d.day, d.visits, d.pages, d.detail
       from jsonb_to_recordset($2::jsonb) as d (day date, visits int, pages int, detail jsonb)
       on conflict (site, day) do update set visits = excluded.visits, pages = excluded.pages, detail = excluded.detail`,
      [site, JSON.stringify(days.map(([day, { visits, pages, ...detail }]) => ({ day, visits, pages, detail })))],
    );
  }

  /** Visits of some sites by day, of the last twelve weeks. */
  async of(ids: readonly string[]): Promise<Map<string, Record<string, { visits: number }>>> {
    const { rows } = await this.db.query<{ site: string; day: string; visits: number }>(
      `select site, to_char(day, 'YYYY-MM-DD') as day, visits from visit_day where site = any($1) and day > current_date - 85`,
      [ids],
    );
    const out = new Map<string, Record<string, { visits: number }>>();
    for (const r of rows) out.set(r.site, { ...out.get(r.site), [r.day]: { visits: r.visits } });
    return out;
  }

  /** What came of a month, by day too; and of the month before, where that was counted from its first day on. */
  async month(
    site: string,
    month: Month,
  ): Promise<{ now: VisitDay; before: { visits: number } | null; byDay: number[] }> {
    const earlier = monthAfter(month, -1);
    const { rows } = await this.db.query<{ day: string; visits: number; pages: number; detail: Detail | null }>(
      `select to_char(day, 'YYYY-MM-DD') as day, visits, pages, detail from visit_day
       where site = $1 and day between $2 and $3 order by visit_day.day`,
      [site, daysOf(earlier).first, daysOf(month).last],
    );
    const { rows: first } = await this.db.query<{ day: string | null }>(
      `select to_char(min(day), 'YYYY-MM-DD') as day from visit_day where site = $1`,
      [site],
    );
    const of = (m: Month) => rows.filter((r) => monthOf(r.day) === m);
    const now = of(month);
    return {
      now: together(now.map(({ visits, pages, detail }) => ({ ...UNTOLD, ...detail, visits, pages }))),
      before:
        first[0]?.day && first[0].day <= daysOf(earlier).first
          ? { visits: of(earlier).reduce((all, r) => all + r.visits, 0) }
          : null,
      byDay: Array.from(
        { length: daysOf(month).days },
        (_, n) => now.find((r) => Number(r.day.slice(8)) === n + 1)?.visits ?? 0,
      ),
    };
  }

  /** What came of some days that end today, and of as many before them. */
  async span(site: string, days: number, now = new Date()): Promise<VisitSpan> {
    const { rows } = await this.db.query<{
      late: boolean;
      visits: number;
      pages: number;
      detail: Detail | null;
      first: string;
    }>(
      `select day > $2::date - $3::int as late, visits, pages, detail,
         (select to_char(min(day), 'YYYY-MM-DD') from visit_day where site = $1) as first
       from visit_day where site = $1 and day > $2::date - 2 * $3::int and day <= $2::date`,
      [site, isoDay(now), days],
    );
    const of = (late: boolean) =>
      together(
        rows
          .filter((r) => r.late === late)
          .map(({ visits, pages, detail }) => ({ ...UNTOLD, ...detail, visits, pages })),
      );
    const begin = Date.parse(isoDay(now)) - (2 * days - 1) * DAY_MS;
    const whole = rows[0] !== undefined && Date.parse(rows[0].first) <= begin;
    return { days, now: of(true), before: whole ? of(false) : null };
  }
}
