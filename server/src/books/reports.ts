import { randomBytes } from 'node:crypto';
import {
  daysOf,
  drawReport,
  monthAfter,
  monthOf,
  planIn,
  REPORT_WORDS,
  reportSaid,
  reportText,
  useOf,
  monthWords,
  type Month,
  type ReportFacts,
  type ReportSaid,
} from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import { pagePath } from '@tin-porch/core/page';
import { putLetter } from '@tin-porch/mail';
import type { Visits } from '../care/visits.js';
import { transaction, type Database } from '../db/database.js';
import type { Servers } from '../servers/servers.js';
import { nameOf, type SiteRow } from '../sites/site-row.js';
import type { Sites } from '../sites/sites.js';
import type { CarePlans } from './care-plans.js';
import type { LetterState } from './invoices.js';
import type { Printer } from './printing.js';

/** Days before a domain ends on which a client is told. */
const DOMAIN_SOON_DAYS = 70;
const DAY_MS = 86_400_000;

/** What there is of a report beside what is measured: words of the designer, and what became of it. */
export interface ReportRow {
  month: Month;
  words: string;
  plans: string;
  token: string;
  sentAt: Date | null;
  sentTo: string[];
  sentBy: string | null;
  /** What became of the letters it went out by. */
  letters: (LetterState & { to: string })[];
}
/** A report as it stands in a list. */
export interface ReportLine {
  site: string;
  name: string;
  month: Month;
  /** Whether somebody is there to send it to, and whether it goes by itself. */
  to: string[];
  itself: boolean;
  /** Its day has come, and it did not go. */
  late: boolean;
  sentAt: Date | null;
  /** Whether one of its letters did not arrive. */
  lost: boolean;
}
const ROW = `month, words, plans, token, sent_at as "sentAt", coalesce(sent_to, '{}') as "sentTo", sent_by as "sentBy",
  coalesce((select json_agg(json_build_object('to', o.recipient, 'state', o.state, 'error', o.error) order by o.recipient)
    from outgoing o where o.id = any(letters)), '[]') as letters`;
const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);

/** Reports for clients: what was measured of a month, said in their language, in the look of their site. */
export class Reports {
  constructor(
    private readonly db: Database,
    private readonly sites: Sites,
    private readonly servers: Servers,
    private readonly visits: Visits,
    private readonly plans: CarePlans,
    private readonly printer: Printer,
    private readonly post: { wake(): void } | null,
    /** Where clients get at Tin Porch, as “https://porch.example”; null where they do not. */
    private readonly origin: string | null,
  ) {}

  /** The row of a month; an empty one, which is not kept, where nothing was written or sent yet. */
  async row(site: string, month: Month): Promise<ReportRow> {
    const { rows } = await this.db.query<ReportRow>(`select ${ROW} from client_report where site = $1 and month = $2`, [
      site,
      month,
    ]);
    const nothing = { words: '', plans: '', token: '', sentAt: null, sentTo: [], sentBy: null, letters: [] };
    return rows[0] ?? { month, ...nothing };
  }

  /** The row of a month, which is there from now on. */
  private async begun(site: string, month: Month): Promise<ReportRow> {
    await this.db.query(
      'insert into client_report (site, month, token) values ($1, $2, $3) on conflict (site, month) do nothing',
      [site, month, randomBytes(24).toString('base64url')],
    );
    return this.row(site, month);
  }

  /** Which months of a site there is something to tell of, the newest first: a year of them at most, since it went up or its visits were counted. */
  async months(site: Pick<SiteRow, 'id' | 'publishedAt'>, now = new Date()): Promise<Month[]> {
    const { rows } = await this.db.query<{ first: string | null }>(
      `select to_char(least($2::timestamptz at time zone 'UTC', (select min(day) from visit_day where site = $1)), 'YYYY-MM') as first`,
      [site.id, site.publishedAt],
    );
    const first = rows[0]?.first;
    if (!first) return [];
    const out: Month[] = [];
    for (let m = monthOf(now.toISOString()); m >= first && out.length < 13; m = monthAfter(m, -1)) out.push(m);
    return out;
  }

  /** Which months a client was told of, or something is written for. */
  async told(site: string): Promise<{ month: Month; sentAt: Date | null; sentTo: string[] }[]> {
    const { rows } = await this.db.query<{ month: Month; sentAt: Date | null; sentTo: string[] }>(
      `select month, sent_at as "sentAt", coalesce(sent_to, '{}') as "sentTo" from client_report where site = $1`,
      [site],
    );
    return rows;
  }

  /** Words of the designer for a month. @throws Problem 409 where it was sent */
  async write(site: string, month: Month, { words, plans }: { words: string; plans: string }): Promise<void> {
    await this.begun(site, month);
    const { rowCount } = await this.db.query(
      'update client_report set words = $3, plans = $4 where site = $1 and month = $2 and sent_at is null',
      [site, month, words, plans],
    );
    if (!rowCount) throw new Problem(409, 'It was sent as it is', 'What is new belongs into the next one.');
  }

  /** What was measured of a month. */
  async facts(
    site: SiteRow,
    month: Month,
    row: Pick<ReportRow, 'words' | 'plans'>,
    now = new Date(),
  ): Promise<ReportFacts> {
    const { first, last } = daysOf(month);
    const { id } = site;
    const today = now.toISOString().slice(0, 10);
    // What came in the last days is with its server; where that does not answer now, what was known stands.
    const server =
      site.server && last >= monthAfter(monthOf(today), -1) ? await this.servers.get(site.server) : undefined;
    if (server && site.liveRelease) await this.visits.take(id, server.client, now).catch(() => undefined);
    const [{ now: visits, before }, agreed, notes, seen] = await Promise.all([
      this.visits.month(id, month),
      this.plans.of(id),
      this.plans.notes(id, first, last),
      this.seen(id, month, now),
    ]);
    const labels = new Map(site.document.pages.map((p) => [pagePath(p), p.label]));
    const [most] = Object.entries(visits.byPage)
      .filter(([path]) => path !== '/' && labels.has(path))
      .sort((a, b) => b[1] - a[1]);
    const ends = site.domainSeen?.registration.expires ?? null;
    const left = ends ? Date.parse(ends) - now.getTime() : 0;
    const use = useOf(agreed.plan, month, notes);
    return {
      ...{ name: site.document.facts.name || nameOf(site), by: await this.keeperOf(site.organisation), month },
      address: site.domain ?? site.temporary,
      ...{ words: lines(row.words), plans: lines(row.plans), visits, before },
      mostRead: most ? { label: labels.get(most[0])!, times: most[1] } : null,
      hasForm: site.document.forms.length > 0,
      done: {
        ...seen.done,
        work: [...notes].reverse().map(({ day, words }) => ({ day, words })),
      },
      planned: {
        publishes: site.plannedAt && site.plannedAt > now ? site.plannedAt.toISOString() : null,
        // One that is over is a finding, and nothing that is planned.
        domainEnds: ends && left > 0 && left < DOMAIN_SOON_DAYS * DAY_MS ? ends.slice(0, 10) : null,
      },
      ...{ backups: seen.backups, up: seen.up, answerMs: seen.answerMs, phoneMs: seen.phoneMs },
      care: planIn(agreed.plan, month) ? { plan: agreed.plan.name, used: use.used, included: use.included } : null,
    };
  }

  /** What Tin Porch wrote down of a month: of work, of looks, of backups. */
  private async seen(site: string, month: Month, now: Date) {
    const [from, to] = [`${month}-01`, `${monthAfter(month, 1)}-01`];
    const { rows } = await this.db.query<{
      published: number;
      edited: number;
      mended: number;
      certificate: number;
      proven: number;
      nights: number;
      looks: number;
      down: number;
      minutes: number;
      ms: number | null;
      lcp: number | null;
    }>(
      `with span as (select $2::timestamptz as a, least($3::timestamptz, $4::timestamptz) as b)
       select
         (select count(*)::int from release r where r.site = s.id and r.live_at >= a and r.live_at < b
            and r.live_at > s.published_at) as published,
         (select count(*)::int from live_step l where l.site = s.id and l.at >= a and l.at < b) as edited,
         (select count(*)::int from finding f where f.site = s.id and f.ended_at >= a and f.ended_at < b) as mended,
         (select count(*)::int from job j where j.site = s.id and j.kind = 'certificate' and j.state = 'done'
            and j.finished_at >= a and j.finished_at < b and j.created_at > s.published_at + interval '1 day') as certificate,
         (select count(distinct (j.finished_at at time zone 'UTC')::date)::int from job j where j.site = s.id and j.kind = 'backup'
            and j.state = 'done' and j.finished_at >= a and j.finished_at < b) as proven,
         greatest(0, ceil(extract(epoch from b - greatest(a, coalesce(s.published_at, b))) / 86400))::int as nights,
         (select coalesce(sum(w.looks), 0)::int from watch_day w where w.site = s.id and w.day >= a::date and w.day < b) as looks,
         (select coalesce(sum(w.down), 0)::int from watch_day w where w.site = s.id and w.day >= a::date and w.day < b) as down,
         (select coalesce(sum(extract(epoch from least(coalesce(o.ended_at, b), b) - greatest(o.began_at, a)) / 60), 0)::int
            from outage o where o.site = s.id and o.began_at < b and coalesce(o.ended_at, b) > a) as minutes,
         (select (sum(w.took_ms) / nullif(sum(w.timed), 0))::int from watch_day w where w.site = s.id and w.day >= a::date and w.day < b) as ms,
         (select (l.figures->>'lcp')::int from lab_page l where l.site = s.id and l.path = '/' and l.figures is not null
            and l.at >= a and l.at < b order by l.at desc limit 1) as lcp
       from site s, span where s.id = $1`,
      [site, from, to, now],
    );
    const r = rows[0]!;
    return {
      done: { published: r.published, edited: r.edited, mended: r.mended, certificate: r.certificate > 0 },
      backups: { proven: r.proven, nights: r.nights },
      up: { looks: r.looks, down: r.down, minutes: r.down ? Math.max(1, r.minutes, r.down) : 0 },
      answerMs: r.ms,
      phoneMs: r.lcp,
    };
  }

  /** A report in words, with the visits of each day, as it stands now. */
  async said(
    site: SiteRow,
    month: Month,
    row: ReportRow,
    now = new Date(),
  ): Promise<{ said: ReportSaid; days: number[] }> {
    const facts = await this.facts(site, month, row, now);
    return { said: reportSaid(facts, site.document.language), days: (await this.visits.month(site.id, month)).byDay };
  }

  /** Its page: as it was sent, where it was. */
  async page(site: SiteRow, month: Month, now = new Date()): Promise<string> {
    const row = await this.row(site.id, month);
    if (row.sentAt) return (await this.kept(site.id, month)).html;
    const { said, days } = await this.said(site, month, row, now);
    return drawReport(said, site.document.look, days);
  }

  private async kept(site: string, month: Month): Promise<{ html: string; pdf: Buffer }> {
    const { rows } = await this.db.query<{ html: string; pdf: Buffer }>(
      'select html, pdf from client_report where site = $1 and month = $2',
      [site, month],
    );
    return rows[0]!;
  }

  /** It printed. @throws Problem 503 where no browser is there */
  async pdf(site: SiteRow, month: Month): Promise<Buffer> {
    const row = await this.row(site.id, month);
    return row.sentAt ? (await this.kept(site.id, month)).pdf : this.printer.pdf(await this.page(site, month));
  }

  /** What a link in a letter leads to. @throws Problem 404 */
  async byToken(token: string): Promise<string> {
    const { rows } = /^[\w-]{32}$/.test(token)
      ? await this.db.query<{ html: string }>(
          'select html from client_report where token = $1 and sent_at is not null',
          [token],
        )
      : { rows: [] };
    if (!rows[0]) throw new Problem(404, 'This link leads to no report');
    return rows[0].html;
  }

  /**
   * Sends it to whoever is to have it, and keeps it as it was sent. Once: a second time it is said that it was.
   * @throws Problem 409 where there is nobody to send it to, the month is not over or it was sent; 503 where it cannot be printed
   */
  async send(
    site: SiteRow,
    month: Month,
    by: { name: string; mail: string | null },
    now = new Date(),
  ): Promise<string[]> {
    const { report } = await this.plans.of(site.id);
    if (!this.post) throw new Problem(409, 'No mail server is set', 'Save the PDF, and send it by hand.');
    if (!report?.to.length)
      throw new Problem(409, 'Nobody is named to send it to', 'Write their addresses under the care plan.');
    if (month >= monthOf(now.toISOString())) throw new Problem(409, 'The month is not over yet');
    const row = await this.begun(site.id, month);
    const sent = () => new Problem(409, 'It was sent already', `To ${row.sentTo.join(', ') || report.to.join(', ')}.`);
    if (row.sentAt) throw sent();
    const { said, days } = await this.said(site, month, row, now);
    const { look, language } = site.document;
    const html = drawReport(said, look, days);
    const pdf = await this.printer.pdf(html);
    const w = REPORT_WORDS[language];
    const words = monthWords(month, language);
    const sender = (await this.keeperOf(site.organisation)) || by.name;
    const opening = `${w.hello}\n\n${w.letter(nameOf(site), words)} ${w.attached}`;
    const link = this.origin ? `${w.online} ${this.origin}/report/${row.token}\n\n` : '';
    await transaction(this.db, async (client) => {
      const { rowCount } = await client.query(
        `update client_report set html = $3, pdf = $4, sent_at = $5, sent_to = $6, sent_by = $7
         where site = $1 and month = $2 and sent_at is null`,
        [site.id, month, html, pdf, now, report.to, by.name],
      );
      if (!rowCount) throw sent();
      const letters: string[] = [];
      for (const to of report.to) {
        const letter = await putLetter(client, {
          cause: `report ${site.id} ${month} ${to}`,
          ...{ to, subject: said.title, sender },
          ...(by.mail && { replyTo: by.mail }),
          text: `${opening}\n\n${link}${reportText(said)}`,
          html: drawReport(said, look),
          files: [{ name: `${month}.pdf`, type: 'application/pdf', content: pdf.toString('base64') }],
        });
        if (letter) letters.push(letter);
      }
      await client.query('update client_report set letters = $3 where site = $1 and month = $2', [
        site.id,
        month,
        letters,
      ]);
    });
    this.post.wake();
    return report.to;
  }

  /** What whoever looks after the sites is called before their clients. */
  private async keeperOf(organisation: string): Promise<string> {
    const { rows } = await this.db.query<{ name: string }>(
      `select coalesce(nullif(seller->>'name', ''), name) as name from organisation where id = $1`,
      [organisation],
    );
    return rows[0]?.name ?? '';
  }

  /** The reports of the last month of all sites that want some, sent or not. */
  async lastMonth(organisation: string, now = new Date()): Promise<ReportLine[]> {
    const month = monthAfter(monthOf(now.toISOString()), -1);
    const { rows } = await this.db.query<Omit<ReportLine, 'month'>>(
      `select s.id as site, coalesce(s.called, s.summary->>'name') as name,
         array(select jsonb_array_elements_text(p.report->'to')) as "to", (p.report->>'itself')::boolean as itself,
         (p.report->>'itself')::boolean and r.sent_at is null
           and (p.report->>'day')::int < extract(day from $4::timestamptz at time zone 'UTC') as late,
         r.sent_at as "sentAt",
         exists (select 1 from outgoing o where o.id = any(r.letters) and o.state in ('failed', 'unsure')) as lost
       from site s join care_plan p on p.site = s.id left join client_report r on r.site = s.id and r.month = $2
       where s.organisation = $1 and p.report is not null and s.live_release is not null and s.leaves_at is null
         and least(s.published_at, (select min(day) from visit_day v where v.site = s.id)) < ($3 || '-01')::date
       order by name`,
      [organisation, month, monthAfter(month, 1), now],
    );
    return rows.map((r) => ({ ...r, month }));
  }

  /** Sends those of the last month that go by themselves and whose day has come. What could not go is tried again. */
  async sendDue(log: { error(o: object, m: string): void }, now = new Date()): Promise<number> {
    const { rows } = await this.db.query<{ id: string; organisation: string; day: number }>(
      `select s.id, s.organisation from site s join care_plan p on p.site = s.id
       where (p.report->>'itself')::boolean and (p.report->>'day')::int <= extract(day from $1::timestamptz at time zone 'UTC')
         and s.live_release is not null and s.leaves_at is null`,
      [now],
    );
    let sent = 0;
    for (const { id, organisation } of rows) {
      const line = (await this.lastMonth(organisation, now)).find((l) => l.site === id);
      if (!line || line.sentAt || !line.to.length) continue;
      const owner = await this.db.query<{ name: string; mail: string }>(
        `select name, mail from account where organisation = $1 and role = 'owner' order by created_at limit 1`,
        [organisation],
      );
      try {
        await this.send(
          (await this.sites.get(id))!,
          line.month,
          owner.rows[0] ?? { name: 'Tin Porch', mail: null },
          now,
        );
        sent++;
      } catch (error) {
        log.error({ err: error, site: id }, 'a report could not be sent');
      }
    }
    return sent;
  }
}
