import { DONE_UNASKED, kindOf, type MendKind } from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import type { Database } from '../db/database.js';
import type { Registrar } from '../domains/registrar.js';
import { tell } from '../events/events.js';
import { JobRefused, type JobKind, type Jobs } from '../jobs/jobs.js';
import type { Servers } from '../servers/servers.js';

/** One finding of the fleet. */
export interface Which {
  site: string;
  key: string;
}
/** What is done by a job, and by which. */
const JOB: Record<Exclude<MendKind, 'records'>, JobKind> = {
  certificate: 'certificate',
  backup: 'backup',
  deploy: 'deploy',
  update: 'update',
};
/** Whoever mends without being asked. */
export const OURSELVES = 'Tin Porch';
/** So long after one try that did not help nothing is tried again without being asked, hours. */
const AGAIN_HOURS = 20;
/** Findings that keep a certificate from being issued: it is not asked for while one of them stands. */
const ASTRAY = ['domain-silent', 'domain-astray', 'domain-divided', 'domain-ended'];
const YEAR_MS = 366 * 86_400_000;

interface Open extends Which {
  mend: MendKind | null;
  domain: string | null;
  server: string | null;
  tried: boolean;
}

/** Puts right what rounds found, as far as Tin Porch can, and has it looked at again. */
export class Mending {
  constructor(
    private readonly db: Database,
    private readonly jobs: Pick<Jobs, 'begin'>,
    private readonly registrar: Pick<Registrar, 'leadTo'>,
    private readonly servers: Pick<Servers, 'get'>,
  ) {}

  private async open(organisation: string | null, which: readonly Which[]): Promise<Open[]> {
    const { rows } = await this.db.query<Open>(
      `select f.site, f.key, f.mend, s.domain, s.server,
         coalesce(f.mend_at > now() - make_interval(hours => $3), false) as tried
       from finding f join site s on s.id = f.site
       join jsonb_to_recordset($2::jsonb) as w (site text, key text) on w.site = f.site and w.key = f.key
       where f.ended_at is null and s.leaves_at is null and ($1::text is null or s.organisation::text = $1)`,
      [organisation, JSON.stringify(which), AGAIN_HOURS],
    );
    return rows;
  }

  /**
   * Begins to mend some findings. What cannot be begun is told with why, and keeps nothing else from it.
   * @throws Problem 404 where none of them is open
   */
  async mend(organisation: string, which: readonly Which[], by: string): Promise<{ begun: number; refused: string[] }> {
    const open = await this.open(organisation, which);
    if (!open.length) throw new Problem(404, 'Nothing of that is open any more', 'It went with the last round.');
    let begun = 0;
    const refused: string[] = [];
    for (const finding of open)
      try {
        await this.begin(finding, by);
        begun++;
      } catch (error) {
        if (!(error instanceof JobRefused) && !(error instanceof Problem)) throw error;
        refused.push(`${finding.site}: ${[error.message, (error as Problem).detail].filter(Boolean).join('. ')}`);
      }
    return { begun, refused };
  }

  private async begin({ site, key, mend, domain, server }: Open, by: string): Promise<void> {
    if (!mend) throw new Problem(409, 'Nobody but a person can mend that');
    let job: string | null = null;
    if (mend === 'records') {
      const at = server ? await this.servers.get(server) : undefined;
      if (!domain || !at) throw new Problem(409, 'The site has no domain or no server any more');
      await this.registrar.leadTo(domain, at.address);
    } else job = (await this.jobs.begin(site, JOB[mend], mend === 'update' ? { by } : {})).id;
    await this.db.query(
      'update finding set mend_at = now(), mend_by = $3, mend_job = $4 where site = $1 and key = $2 and ended_at is null',
      [site, key, by, job],
    );
    await tell(this.db, { kind: 'care', site });
    if (!job) await this.jobs.begin(site, 'round');
  }

  /** After a round: mends what changes nothing for visitors or a bill, without being asked and once a day. */
  async unasked(site: string): Promise<void> {
    const { rows } = await this.db.query<{ key: string }>(
      'select key from finding where site = $1 and ended_at is null',
      [site],
    );
    const astray = rows.some((r) => ASTRAY.includes(kindOf(r.key)));
    const open = await this.open(
      null,
      rows.map(({ key }) => ({ site, key })),
    );
    for (const finding of open) {
      if (!finding.mend || !DONE_UNASKED.has(finding.mend) || finding.tried) continue;
      if (finding.mend === 'certificate' && astray) continue;
      // Whatever says no will say so in the finding of the next round.
      await this.begin(finding, OURSELVES).catch((error: Error) => {
        if (!(error instanceof JobRefused)) throw error;
      });
    }
  }

  /** After work at a site: where it may have mended something, it is looked whether that is gone. */
  async after(site: string | null): Promise<void> {
    const { rowCount } = await this.db.query('select 1 from finding where site = $1 and ended_at is null limit 1', [
      site,
    ]);
    // The daily round looks in any case: what was done is not undone because this one could not be begun.
    if (rowCount) await this.jobs.begin(site, 'round').catch(() => undefined);
  }

  /**
   * Puts findings off until a time, with a reason; null has them said again.
   * @throws Problem 404 where none of them is open; 422 where the time is past or over a year ahead
   */
  async snooze(
    organisation: string,
    which: readonly Which[],
    off: { until: Date; reason: string } | null,
    by: string,
    now = new Date(),
  ): Promise<{ put: number }> {
    if (off && off.until <= now) throw new Problem(422, 'That day is past', 'Choose one that is still to come.');
    if (off && off.until.getTime() > now.getTime() + YEAR_MS)
      throw new Problem(422, 'That is more than a year ahead', 'Choose an earlier day.');
    const open = await this.open(organisation, which);
    if (!open.length) throw new Problem(404, 'Nothing of that is open any more', 'It went with the last round.');
    for (const { site, key } of open)
      await this.db.query(
        `update finding set snoozed_until = $3, snooze_reason = $4, snoozed_by = $5
         where site = $1 and key = $2 and ended_at is null`,
        [site, key, off?.until ?? null, off?.reason ?? null, off ? by : null],
      );
    for (const site of new Set(open.map((f) => f.site))) await tell(this.db, { kind: 'care', site });
    return { put: open.length };
  }
}
