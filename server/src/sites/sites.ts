import { randomBytes } from 'node:crypto';
import { Problem } from '@tin-porch/core/ground';
import { emptyFacts, type Facts, type SiteDocument } from '@tin-porch/core/model';
import type { Holding } from '@tin-porch/core/page';
import { migrate } from '@tin-porch/core/operations';
import { newDocument } from '@tin-porch/core/making';
import { SUMMARY_VERSION, summaryOf } from '@tin-porch/core/care';
import { validateDocument } from '@tin-porch/core/validate';
import type { Database, Queryable } from '../db/database.js';
import { tell } from '../events/events.js';
import { Documents } from './documents.js';
import { Releases } from './releases.js';
import { SiteLog } from './site-log.js';
import { HEAD, SITE, type DomainSeen, type KeptPreview, type SiteHead, type SiteRow } from './site-row.js';
import { SiteStates } from './site-states.js';

const labelOf = (name: string) =>
  name
    .normalize('NFD')
    .toLowerCase()
    .replace(/\p{M}/gu, '')
    .replace(/['’]/g, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 32)
    .replace(/-+$/, '') || 'site';

/** What of a site its server serves: the designer’s release, to whom, and by which version of the renderer it was drawn. */
export interface Served {
  id: string;
  liveRelease: string | null;
  open: boolean;
  engine: number | null;
}

/** The sites of Tin Porch: whose they are, where they are served, their logs, releases and states. */
export class Sites {
  private readonly documents = new Documents();
  readonly log: SiteLog;
  readonly releases: Releases;
  readonly states: SiteStates;

  constructor(readonly db: Database) {
    this.log = new SiteLog(db, this.documents);
    this.releases = new Releases(db);
    this.states = new SiteStates(db);
  }

  /** Writes the summaries that are missing or of another form. */
  async summarise(): Promise<void> {
    for (;;) {
      const { rows } = await this.db.query<{ id: string; head: number; document: SiteDocument }>(
        `select id, head, document from site where summary is null or (summary->>'version')::int <> $1 limit 20`,
        [SUMMARY_VERSION],
      );
      if (!rows.length) return;
      for (const { id, head, document } of rows)
        await this.db.query('update site set summary = $3 where id = $1 and head = $2', [
          id,
          head,
          JSON.stringify(summaryOf(migrate(document))),
        ]);
    }
  }

  /** The sites of an organisation, the one changed last first. */
  async list(organisation: string): Promise<SiteHead[]> {
    const { rows } = await this.db.query<SiteHead>(
      `select ${HEAD} from site where organisation = $1 order by changed_at desc`,
      [organisation],
    );
    return rows;
  }

  async get(id: string, db: Queryable = this.db): Promise<SiteRow | undefined> {
    const { rows } = await db.query<SiteHead>(`select ${HEAD} from site where id = $1`, [id]);
    const known = rows[0] && this.documents.at(id, rows[0].head);
    if (known) return { ...rows[0]!, document: known };
    // Read with its document in one: it may be a step further by now.
    const whole = await db.query<SiteRow>(`select ${SITE} from site where id = $1`, [id]);
    if (!whole.rows[0]) return undefined;
    const site = { ...whole.rows[0], document: migrate(whole.rows[0].document) };
    this.documents.keep(id, site.head, site.document);
    return site;
  }

  /** A site of this organisation without its document. @throws Problem 404 */
  async headOf(organisation: string, id: string): Promise<SiteHead> {
    const { rows } = /^[a-z0-9-]{1,64}$/.test(id)
      ? await this.db.query<SiteHead>(`select ${HEAD} from site where id = $1 and organisation = $2`, [
          id,
          organisation,
        ])
      : { rows: [] };
    if (!rows[0]) throw new Problem(404, 'There is no such site');
    return rows[0];
  }

  /** A site of this organisation. @throws Problem 404 */
  async of(organisation: string, id: string): Promise<SiteRow> {
    const site = /^[a-z0-9-]{1,64}$/.test(id) ? await this.get(id) : undefined;
    if (!site || site.organisation !== organisation) throw new Problem(404, 'There is no such site');
    return site;
  }

  create(organisation: string, facts: Partial<Facts>): Promise<SiteRow> {
    const all = { ...emptyFacts(), ...facts };
    return this.put(organisation, all.name, (label) => newDocument(label, all, 1));
  }

  /**
   * A site like another, with its pictures and files; it is on no server, and has no history. It has the drafts, or another
   * document of that site.
   */
  async copy(site: SiteRow, called: string, document = site.document): Promise<SiteRow> {
    const is = migrate(document);
    const made = await this.put(site.organisation, called, (label) => ({ ...is, id: label }), called);
    await this.db.query(
      'insert into site_picture (site, hash) select $2, hash from site_picture where site = $1 on conflict do nothing',
      [site.id, made.id],
    );
    return made;
  }

  /** Gives a site a name that only its designers see; null has it called by that of the client. */
  async call(id: string, called: string | null): Promise<void> {
    await this.db.query('update site set called = $2 where id = $1', [id, called]);
    await tell(this.db, { kind: 'care', site: id });
  }

  /** Puts a new site under the first label that is free, and was nobody’s before. */
  private async put(
    organisation: string,
    name: string,
    documentFor: (label: string) => SiteDocument,
    called: string | null = null,
  ): Promise<SiteRow> {
    const base = labelOf(name);
    for (let n = 1; n < 200; n++) {
      const label = n === 1 ? base : `${base}-${n}`;
      const document = documentFor(label);
      const misfits = validateDocument(document);
      if (misfits.length)
        throw new Problem(400, 'The brief is not valid', misfits.map((m) => `${m.pointer} ${m.message}`).join('; '), {
          misfits,
        });
      const { rows } = await this.db.query<SiteRow>(
        `insert into site (id, organisation, document, summary, temporary, preview_key, called)
         select $1, $2, $3, $4, $1, $5, $6 where not exists (select 1 from departure where site = $1)
         on conflict do nothing returning ${SITE}`,
        [
          label,
          organisation,
          JSON.stringify(document),
          JSON.stringify(summaryOf(document)),
          randomBytes(32).toString('hex'),
          called,
        ],
      );
      if (rows[0]) return rows[0];
    }
    throw new Problem(409, 'There are too many sites of that name');
  }

  async setServer(id: string, server: string): Promise<void> {
    await this.db.query('update site set server = $2 where id = $1', [id, server]);
  }
  /** Writes down whose a domain is, unless that is known. */
  async hold(domain: string, organisation: string): Promise<void> {
    await this.db.query('insert into domain_holder (domain, organisation) values ($1, $2) on conflict do nothing', [
      domain,
      organisation,
    ]);
  }

  /** @throws Problem 409 where another site has the domain, or it is another organisation’s */
  async setDomain(id: string, domain: string | null): Promise<void> {
    if (domain) {
      const { rowCount } = await this.db.query(
        'select 1 from domain_holder h join site s on s.id = $1 where h.domain = $2 and h.organisation <> s.organisation',
        [id, domain],
      );
      if (rowCount) throw new Problem(409, 'The domain is in use', `${domain} belongs to somebody else here.`);
    }
    try {
      await this.db.query(
        'update site set domain = $2, domain_seen = null where id = $1 and domain is distinct from $2',
        [id, domain],
      );
    } catch (error) {
      if ((error as { code?: string }).code === '23505')
        throw new Problem(409, 'The domain is in use', `Another site here already has ${String(domain)}.`);
      throw error;
    }
  }
  async setDomainSeen(id: string, seen: DomainSeen): Promise<void> {
    await this.db.query('update site set domain_seen = $2 where id = $1', [id, JSON.stringify(seen)]);
    await tell(this.db, { kind: 'care', site: id });
  }
  /**
   * Keeps the links by which others look at a site, and the key of those of the house. False where somebody else changed
   * them since `before`.
   */
  async setPreviews({ id, previews, previewKey }: SiteHead, before: readonly KeptPreview[]): Promise<boolean> {
    const { rowCount } = await this.db.query(
      'update site set previews = $2, preview_key = $3 where id = $1 and previews = $4',
      [id, JSON.stringify(previews), previewKey, JSON.stringify(before)],
    );
    return rowCount === 1;
  }

  async setHolding(id: string, holding: Holding | null): Promise<void> {
    await this.db.query('update site set holding = $2 where id = $1', [id, holding && JSON.stringify(holding)]);
  }

  async setOpen(id: string, open: boolean): Promise<void> {
    await this.db.query(
      'update site set open = $2, published_at = case when $2 then coalesce(published_at, now()) else published_at end where id = $1',
      [id, open],
    );
  }

  /** The sites that are placed on a server, as far as it can differ from what is known here. */
  async placedOn(server: string): Promise<Served[]> {
    const { rows } = await this.db.query<Served>(
      'select id, live_release as "liveRelease", open, live_engine as "engine" from site where server = $1',
      [server],
    );
    return rows;
  }

  /**
   * Takes over which release a server serves of a site, by which version of the renderer it was drawn and whether it is
   * open, unless release or openness were changed here since `before` was read. True where something was another than known.
   */
  async takeOver(before: Served, { liveRelease: release, open, engine }: Omit<Served, 'id'>): Promise<boolean> {
    if (before.liveRelease === release && before.open === open && before.engine === engine) return false;
    const { rowCount } = await this.db.query(
      `update site set live_release = $2, open = $3, live_engine = $6,
         published_at = case when $3 then coalesce(published_at, now()) else published_at end
       where id = $1 and live_release is not distinct from $4 and open = $5`,
      [before.id, release, open, before.liveRelease, before.open, engine],
    );
    if (rowCount && release)
      await this.db.query('update release set live_at = coalesce(live_at, now()) where site = $1 and id = $2', [
        before.id,
        release,
      ]);
    return rowCount === 1;
  }
}
