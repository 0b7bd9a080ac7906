import { randomBytes } from 'node:crypto';
import {
  apply,
  chipOf,
  describe,
  emptyFacts,
  fieldsOf,
  historyState,
  migrate,
  newDocument,
  operationForward,
  OperationError,
  pathOf,
  Problem,
  typedWords,
  type Chip,
  type Facts,
  type FileMedium,
  type Finding,
  type LogLine,
  type Manifest,
  type Operation,
  type SiteDocument,
  type SiteFacts,
  type StepState,
} from '@tin-porch/core';
import { validateDocument, validateOperation } from '@tin-porch/core/validate';
import type pg from 'pg';
import { transaction, type Database, type Queryable } from '../db/database.js';
import { tell } from '../events/events.js';

export interface SiteRow {
  id: string;
  designer: string;
  document: SiteDocument;
  head: number;
  createdAt: Date;
  changedAt: Date;
  server: string | null;
  temporary: string;
  previewKey: string;
  domain: string | null;
  domainSeen: DomainSeen | null;
  open: boolean;
  liveRelease: string | null;
  publishedAt: Date | null;
}

/** What the name servers and resolvers said when they were last asked. */
export interface DomainSeen {
  at: string;
  leadsHere: boolean;
  registration: {
    state: 'free' | 'ours' | 'elsewhere' | 'unknown';
    expires: string | null;
    registrar: string | null;
    page: string | null;
  };
  records: { name: string; type: string; ttl: number; data: string }[];
  /** Null where the name servers answered; else why not. */
  error: string | null;
  resolvers: { name: string; answer: string[]; ttl: number | null; state: 'new' | 'old' | 'none' | 'silent' }[];
}

export interface ReleaseRow {
  id: string;
  site: string;
  head: number;
  manifest: Manifest;
  files: number;
  bytes: number;
  sent: number;
  madeAt: Date;
  liveAt: Date | null;
  /** What came with it that the one before did not have, in the words of the history. */
  what: string[];
}

const SITE = `id, designer, document, head, created_at as "createdAt", changed_at as "changedAt", server, temporary, preview_key as "previewKey", domain, domain_seen as "domainSeen", open, live_release as "liveRelease", published_at as "publishedAt"`;
const RELEASE = `id, site, head, manifest, files, bytes::int as bytes, sent, made_at as "madeAt", live_at as "liveAt", what`;

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

/** A row whose document is of today’s schema, whenever it was written. */
const forward = (row: SiteRow): SiteRow => ({ ...row, document: migrate(row.document) });

/** The pictures a document has more than the one before it, of whose files some are not kept for the site. */
async function lackingPictures(client: pg.PoolClient, site: SiteRow, document: SiteDocument): Promise<FileMedium[]> {
  const hashesOf = (m: FileMedium) => [...m.renditions.map((r) => r.hash), ...(m.source ? [m.source.hash] : [])];
  const files = (d: SiteDocument) => d.media.filter((m): m is FileMedium => m.kind === 'file');
  const before = new Set(files(site.document).flatMap(hashesOf));
  const brought = files(document).filter((m) => hashesOf(m).some((h) => !before.has(h)));
  if (!brought.length) return [];
  const { rows } = await client.query<{ hash: string }>(
    'select hash from site_picture where site = $1 and hash = any($2)',
    [site.id, brought.flatMap(hashesOf)],
  );
  const kept = new Set([...before, ...rows.map((r) => r.hash)]);
  return brought.filter((m) => hashesOf(m).some((h) => !kept.has(h)));
}

/** How a change came: its own id, the tab it was made in, and the newest step that tab had seen when it was made. */
export interface Sending {
  id?: string;
  tab?: string;
  base?: number;
}

/** So many steps at most are told instead of the whole document. */
const MOST_SINCE = 40;

/** Who changes a site: an account, and the name that stands in the history. */
export interface Author {
  id: string;
  name: string;
}

/** The sites of Tin Porch: documents, their operation logs, their releases. Nothing else writes a document. */
export class Sites {
  constructor(readonly db: Database) {}

  async list(designer: string): Promise<SiteRow[]> {
    const { rows } = await this.db.query<SiteRow>(
      `select ${SITE} from site where designer = $1 order by changed_at desc`,
      [designer],
    );
    return rows.map(forward);
  }

  async get(id: string, db: Queryable = this.db): Promise<SiteRow | undefined> {
    const { rows } = await db.query<SiteRow>(`select ${SITE} from site where id = $1`, [id]);
    return rows[0] && forward(rows[0]);
  }

  /** A site of this designer. @throws Problem 404 */
  async of(designer: string, id: string): Promise<SiteRow> {
    const site = /^[a-z0-9-]{1,64}$/.test(id) ? await this.get(id) : undefined;
    if (!site || site.designer !== designer) throw new Problem(404, 'There is no such site');
    return site;
  }

  async create(designer: string, facts: Partial<Facts>): Promise<SiteRow> {
    const all = { ...emptyFacts(), ...facts };
    const base = labelOf(all.name);
    for (let n = 1; n < 200; n++) {
      const label = n === 1 ? base : `${base}-${n}`;
      const document = newDocument(label, all, 1);
      const misfits = validateDocument(document);
      if (misfits.length)
        throw new Problem(400, 'The brief is not valid', misfits.map((m) => `${m.pointer} ${m.message}`).join('; '), {
          misfits,
        });
      const { rows } = await this.db.query<SiteRow>(
        `insert into site (id, designer, document, temporary, preview_key) values ($1, $2, $3, $1, $4) on conflict do nothing returning ${SITE}`,
        [label, designer, JSON.stringify(document), randomBytes(32).toString('hex')],
      );
      if (rows[0]) return rows[0];
    }
    throw new Problem(409, 'There are too many sites of that name');
  }

  private async log(client: pg.PoolClient, site: string): Promise<LogLine[]> {
    return (await client.query<LogLine>('select seq, kind, of from operation where site = $1 order by seq', [site]))
      .rows;
  }

  private async locked(client: pg.PoolClient, id: string): Promise<SiteRow> {
    const { rows } = await client.query<SiteRow>(`select ${SITE} from site where id = $1 for update`, [id]);
    if (!rows[0]) throw new Problem(404, 'There is no such site');
    return forward(rows[0]);
  }

  private async write(
    client: pg.PoolClient,
    site: SiteRow,
    document: SiteDocument,
    kind: LogLine['kind'],
    of: number | null,
    op: Operation,
    inverse: Operation,
    by: string,
    { id, tab }: Sending = {},
  ): Promise<number> {
    const misfits = validateDocument(document);
    if (misfits.length)
      throw new Problem(
        422,
        'That would leave the site invalid',
        misfits.map((m) => `${m.pointer} ${m.message}`).join('; '),
        { misfits },
      );
    const lacking = await lackingPictures(client, site, document);
    if (lacking.length)
      throw new Problem(
        422,
        'That would leave the site invalid',
        `The files of ${lacking.map((m) => `“${m.title || m.id}”`).join(', ')} are not kept here: bring the picture itself.`,
      );
    const seq = site.head + 1;
    await client.query(
      'insert into operation (site, seq, kind, of, op, inverse, by, client, tab) values ($1, $2, $3, $4, $5, $6, $7, $8, $9)',
      [site.id, seq, kind, of, op, inverse, by, id ?? null, tab ?? null],
    );
    await client.query('update site set document = $2, head = $3, changed_at = now() where id = $1', [
      site.id,
      JSON.stringify(document),
      seq,
    ]);
    await tell(client, { kind: 'site', site: site.id, head: seq });
    return seq;
  }

  /**
   * Applies an operation to a site and writes it to its log; one that was sent before is not applied again.
   * @throws Problem 400, 409 (something else was written into the same field meanwhile, or what it names is gone) or 422
   */
  async change(id: string, operation: unknown, author: Author, sending: Sending = {}): Promise<number> {
    const misfits = validateOperation(operation);
    if (misfits.length)
      throw new Problem(
        400,
        'The change does not fit the site as it is',
        misfits
          .map((m) => `${m.pointer} ${m.message}`)
          .slice(0, 3)
          .join('; '),
        { misfits },
      );
    return transaction(this.db, async (client) => {
      const site = await this.locked(client, id);
      if (sending.id) {
        const { rows } = await client.query<{ seq: number }>(
          'select seq from operation where site = $1 and client = $2',
          [id, sending.id],
        );
        if (rows[0]) return rows[0].seq;
      }
      await this.refuseOverwriting(client, site, operation as Operation, sending);
      const applied = applyOrRefuse(site.document, operation as Operation);
      return this.write(
        client,
        site,
        applied.document,
        'do',
        null,
        operation as Operation,
        applied.inverse,
        author.name,
        sending,
      );
    });
  }

  /** What another tab wrote into a field since this one last looked is not overwritten unseen. @throws Problem 409 */
  private async refuseOverwriting(
    client: pg.PoolClient,
    site: SiteRow,
    operation: Operation,
    { base, tab }: Sending,
  ): Promise<void> {
    const fields = fieldsOf(operation);
    if (base === undefined || base >= site.head || !fields.length) return;
    const { rows } = await client.query<{ op: Operation; by: string }>(
      'select op, by from operation where site = $1 and seq > $2 and tab is distinct from $3 order by seq desc',
      [site.id, base, tab ?? null],
    );
    const other = rows.find((r) => fieldsOf(r.op).some((f) => fields.includes(f)));
    if (!other) return;
    const theirs = typedWords(other.op);
    throw new Problem(
      409,
      'Somebody wrote there meanwhile',
      `In another window ${other.by} wrote ${theirs ? `“${theirs.length > 160 ? `${theirs.slice(0, 158)}…` : theirs}”` : 'something else'} into the same field.`,
      { overwritten: true },
    );
  }

  /**
   * Takes back the last change that stands, or puts back the last one taken back. With `only`, that change and no other.
   * @throws Problem 409 where there is none, or another than `only`
   */
  async step(id: string, kind: 'undo' | 'redo', author: Author, only?: number): Promise<number> {
    return transaction(this.db, async (client) => {
      const site = await this.locked(client, id);
      const of = historyState(await this.log(client, id))[kind];
      if (of === null)
        throw new Problem(409, kind === 'undo' ? 'There is nothing to undo' : 'There is nothing to redo');
      if (only !== undefined && only !== of)
        throw new Problem(409, 'Something was changed since', 'Take that back first, from the newest on.');
      const { rows } = await client.query<{ op: Operation; inverse: Operation }>(
        'select op, inverse from operation where site = $1 and seq = $2',
        [id, of],
      );
      const operation = operationForward(kind === 'undo' ? rows[0]!.inverse : rows[0]!.op, site.document);
      const applied = applyOrRefuse(site.document, operation);
      return this.write(client, site, applied.document, kind, of, operation, applied.inverse, author.name);
    });
  }

  /**
   * What was done to a site after a step of its log, in order: applied one after the other to the document of that step
   * they give the document of now. Null where the site is not that far, or it is too much: then the document is less.
   */
  async since(site: SiteRow, step: number): Promise<Operation[] | null> {
    if (step > site.head || site.head - step > MOST_SINCE) return null;
    if (step === site.head) return [];
    const { rows } = await this.db.query<{ op: Operation }>(
      'select op from operation where site = $1 and seq > $2 and seq <= $3 order by seq',
      [site.id, step, site.head],
    );
    return rows.length === site.head - step ? rows.map((r) => r.op) : null;
  }

  async history(
    id: string,
    limit = 60,
  ): Promise<{
    canUndo: boolean;
    canRedo: boolean;
    lines: { seq: number; kind: string; words: string; by: string; at: Date }[];
  }> {
    const { rows } = await this.db.query<LogLine>('select seq, kind, of from operation where site = $1 order by seq', [
      id,
    ]);
    const state = historyState(rows);
    const lines = await this.db.query<{ seq: number; kind: string; op: Operation; by: string; at: Date }>(
      // What was taken back or put back goes by the name of the change itself, not by that of its inverse.
      `select o.seq, o.kind, coalesce(d.op, o.op) as op, o.by, o.at
       from operation o left join operation d on d.site = o.site and d.seq = o.of
       where o.site = $1 order by o.seq desc limit $2`,
      [id, limit],
    );
    return {
      canUndo: state.undo !== null,
      canRedo: state.redo !== null,
      lines: lines.rows.map(({ op, ...l }) => ({ ...l, words: describe(op) })),
    };
  }

  async setServer(id: string, server: string): Promise<void> {
    await this.db.query('update site set server = $2 where id = $1', [id, server]);
  }
  /** Writes down whose a domain is, unless that is known. */
  async hold(domain: string, designer: string): Promise<void> {
    await this.db.query('insert into domain_holder (domain, designer) values ($1, $2) on conflict do nothing', [
      domain,
      designer,
    ]);
  }

  /** A new key for preview links: those signed with the one before open nothing any more. */
  async newPreviewKey(id: string): Promise<string> {
    const key = randomBytes(32).toString('hex');
    await this.db.query('update site set preview_key = $2 where id = $1', [id, key]);
    return key;
  }

  /** @throws Problem 409 where another site has the domain, or it is another account’s */
  async setDomain(id: string, domain: string | null): Promise<void> {
    if (domain) {
      const { rowCount } = await this.db.query(
        'select 1 from domain_holder h join site s on s.id = $1 where h.domain = $2 and h.designer <> s.designer',
        [id, domain],
      );
      if (rowCount) throw new Problem(409, 'The domain is in use', `${domain} belongs to another account here.`);
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
  async setOpen(id: string, open: boolean): Promise<void> {
    await this.db.query(
      'update site set open = $2, published_at = case when $2 then coalesce(published_at, now()) else published_at end where id = $1',
      [id, open],
    );
  }

  async releases(id: string): Promise<ReleaseRow[]> {
    return (
      await this.db.query<ReleaseRow>(`select ${RELEASE} from release where site = $1 order by made_at desc limit 30`, [
        id,
      ])
    ).rows;
  }
  async release(site: string, id: string): Promise<ReleaseRow | undefined> {
    return (await this.db.query<ReleaseRow>(`select ${RELEASE} from release where site = $1 and id = $2`, [site, id]))
      .rows[0];
  }
  /** The changes that stand between two steps of a site, newest first, each named once; the second included. */
  async changesBetween(id: string, after: number, until: number): Promise<string[]> {
    const { rows } = await this.db.query<{ op: Operation }>(
      `select o.op from operation o
       where o.site = $1 and o.seq > $2 and o.seq <= $3 and o.kind = 'do'
         and (select count(*) filter (where u.kind = 'undo') - count(*) filter (where u.kind = 'redo')
              from operation u where u.site = o.site and u.of = o.seq and u.seq <= $3) = 0
       order by o.seq desc limit 100`,
      [id, after, until],
    );
    return [...new Set(rows.map((r) => describe(r.op)))];
  }

  /** The sites that are placed on a server, as far as it can differ from what is known here. */
  async placedOn(server: string): Promise<{ id: string; liveRelease: string | null; open: boolean }[]> {
    const { rows } = await this.db.query<{ id: string; liveRelease: string | null; open: boolean }>(
      'select id, live_release as "liveRelease", open from site where server = $1',
      [server],
    );
    return rows;
  }

  /**
   * Takes over which release a server serves of a site and whether it is open, unless either was changed here since
   * `before` was read. True where something was another than known.
   */
  async takeOver(
    before: { id: string; liveRelease: string | null; open: boolean },
    release: string | null,
    open: boolean,
  ): Promise<boolean> {
    if (before.liveRelease === release && before.open === open) return false;
    const { rowCount } = await this.db.query(
      `update site set live_release = $2, open = $3,
         published_at = case when $3 then coalesce(published_at, now()) else published_at end
       where id = $1 and live_release is not distinct from $4 and open = $5`,
      [before.id, release, open, before.liveRelease, before.open],
    );
    if (rowCount && release)
      await this.db.query('update release set live_at = coalesce(live_at, now()) where site = $1 and id = $2', [
        before.id,
        release,
      ]);
    return rowCount === 1;
  }

  async keepRelease(r: {
    id: string;
    site: string;
    head: number;
    manifest: Manifest;
    sent: number;
    what: string[];
  }): Promise<void> {
    const entries = Object.values(r.manifest.files);
    await this.db.query(
      `insert into release (id, site, head, manifest, files, bytes, sent, what) values ($1, $2, $3, $4, $5, $6, $7, $8)
       on conflict (site, id) do update set sent = greatest(release.sent, excluded.sent), head = excluded.head`,
      [
        r.id,
        r.site,
        r.head,
        JSON.stringify(r.manifest),
        entries.length,
        entries.reduce((s, e) => s + e.size, 0),
        r.sent,
        r.what,
      ],
    );
  }
  async markLive(site: string, release: string): Promise<void> {
    await transaction(this.db, async (client) => {
      await client.query('update release set live_at = now() where site = $1 and id = $2', [site, release]);
      await client.query('update site set live_release = $2 where id = $1', [site, release]);
    });
  }

  /** Everything known of some sites that path and state are read from. */
  async known(rows: SiteRow[]): Promise<Map<string, SiteFacts>> {
    const ids = rows.map((r) => r.id);
    const [findings, rounds, releases, certificates] = await Promise.all([
      this.db.query<{ site: string } & Pick<Finding, 'severity' | 'title'>>(
        `select site, severity, title from finding where ended_at is null and site = any($1) order by severity, first_seen`,
        [ids],
      ),
      this.db.query<{ site: string; at: Date }>(
        'select site, max(at) as at from round where site = any($1) group by site',
        [ids],
      ),
      this.db.query<{ site: string; id: string; head: number }>(
        'select site, id, head from release where site = any($1)',
        [ids],
      ),
      this.db.query<{ domain: string; until: Date }>(
        'select domain, not_after as until from certificate where site = any($1)',
        [ids],
      ),
    ]);
    return new Map(
      rows.map((r) => {
        const live = releases.rows.find((l) => l.site === r.id && l.id === r.liveRelease);
        return [
          r.id,
          {
            document: r.document,
            deployed: r.liveRelease !== null,
            behind: live !== undefined && live.head < r.head,
            domain: r.domain,
            nameLeadsHere: r.domainSeen?.leadsHere ?? null,
            certificateUntil: certificates.rows.find((c) => c.domain === r.domain)?.until.toISOString() ?? null,
            open: r.open,
            lastRound: rounds.rows.find((x) => x.site === r.id)?.at.toISOString() ?? null,
            findings: findings.rows.filter((f) => f.site === r.id),
          },
        ];
      }),
    );
  }

  async stateOf(row: SiteRow): Promise<{ path: StepState[]; chip: Chip }> {
    const known = (await this.known([row])).get(row.id)!;
    return { path: pathOf(known), chip: chipOf(known, new Date().toISOString()) };
  }
}

function applyOrRefuse(document: SiteDocument, operation: Operation) {
  try {
    return apply(document, operation);
  } catch (error) {
    if (error instanceof OperationError) throw new Problem(409, 'The site has changed meanwhile', error.message);
    throw error;
  }
}
