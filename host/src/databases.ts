import { randomBytes } from 'node:crypto';
import { access, readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import pg from 'pg';
import { migrateTables, transaction } from '@tin-porch/cms';
import { writeDurable } from './durable.js';

/** Connections a site has at a time; those of a process that was killed count until the database notices. */
const CONNECTIONS = 3;
const MOST_CONNECTIONS = 3 * CONNECTIONS;
const LONGEST_STATEMENT_S = 20;

/** The schema and the role of a site. */
const schemaOf = (siteId: string): string => `site_${siteId.replace(/-/g, '_')}`;

/** A schema and a role of its own for each site’s CMS, in this server’s PostgreSQL. */
export class Databases {
  private readonly admin: pg.Pool;
  private readonly pools = new Map<string, pg.Pool>();
  private closed = false;

  constructor(
    private readonly url: string,
    private readonly folder: string,
  ) {
    this.admin = new pg.Pool({ connectionString: url, max: 2, connectionTimeoutMillis: 3000 });
    this.admin.on('error', () => undefined);
  }

  /** Makes role, schema and tables where they are missing. Safe to run again, also after a kill half way. */
  async setUp(siteId: string): Promise<void> {
    const name = schemaOf(siteId);
    const quoted = pg.escapeIdentifier(name);
    const file = join(this.folder, siteId, 'cms.json');
    let password = await readFile(file, 'utf8').then(
      (t) => (JSON.parse(t) as { password: string }).password,
      () => '',
    );
    if (!password) {
      password = randomBytes(24).toString('base64url');
      await writeDurable(file, JSON.stringify({ password }), 0o600);
    }
    await transaction(this.admin, async (client) => {
      await client.query('select pg_advisory_xact_lock(7241, hashtext($1))', [name]);
      const { rowCount } = await client.query('select 1 from pg_roles where rolname = $1', [name]);
      await client.query(
        `${rowCount ? 'alter' : 'create'} role ${quoted} login password ${pg.escapeLiteral(password)}`,
      );
      await client.query(`grant ${quoted} to current_user`);
      await client.query(`create schema if not exists ${quoted} authorization ${quoted}`);
      await client.query(`alter role ${quoted} set search_path to ${quoted}`);
      // One that waits for what is locked, or asks for what takes for ever, is ended: it holds a connection meanwhile.
      await client.query(`alter role ${quoted} connection limit ${MOST_CONNECTIONS}`);
      await client.query(`alter role ${quoted} set statement_timeout to '${LONGEST_STATEMENT_S}s'`);
      await client.query(`alter role ${quoted} set idle_in_transaction_session_timeout to '${LONGEST_STATEMENT_S}s'`);
    });
    await migrateTables(await this.pool(siteId));
  }

  /** Takes the schema and the role of a site away, with all that is in them. Safe to run again. */
  async takeOut(siteId: string): Promise<void> {
    const pool = this.pools.get(siteId);
    this.pools.delete(siteId);
    await rm(join(this.folder, siteId, 'cms.json'), { force: true });
    await pool?.end();
    const name = schemaOf(siteId);
    const { rowCount } = await this.admin.query('select 1 from pg_roles where rolname = $1', [name]);
    if (rowCount) await this.drop(name);
  }

  /** Lends an empty schema with a role of its own that owns nothing else, and takes both away again. */
  async scratch<T>(use: (pool: pg.Pool) => Promise<T>): Promise<T> {
    const name = `try_${randomBytes(6).toString('hex')}`;
    const quoted = pg.escapeIdentifier(name);
    const password = randomBytes(24).toString('base64url');
    await transaction(this.admin, async (client) => {
      await client.query(`create role ${quoted} login password ${pg.escapeLiteral(password)}`);
      await client.query(`grant ${quoted} to current_user`);
      await client.query(`create schema ${quoted} authorization ${quoted}`);
      await client.query(`alter role ${quoted} set search_path to ${quoted}`);
    });
    const url = new URL(this.url);
    [url.username, url.password] = [name, password];
    const pool = new pg.Pool({ connectionString: url.href, max: 2, connectionTimeoutMillis: 3000 });
    pool.on('error', () => undefined);
    try {
      return await use(pool);
    } finally {
      await pool.end();
      await this.drop(name);
    }
  }
  /** Takes away what a kill left of a try. */
  async tidy(): Promise<void> {
    const { rows } = await this.admin.query<{ name: string }>(
      `select rolname as name from pg_roles where rolname ~ '^try_[0-9a-f]{12}$' and pg_has_role(current_user, oid, 'member')`,
    );
    for (const { name } of rows) await this.drop(name);
  }
  private async drop(name: string): Promise<void> {
    const quoted = pg.escapeIdentifier(name);
    await transaction(this.admin, async (client) => {
      await client.query(`drop schema if exists ${quoted} cascade`);
      await client.query(`drop owned by ${quoted}`);
      await client.query(`drop role ${quoted}`);
    });
  }

  /** Whether a site has a CMS here. */
  has = (siteId: string): Promise<boolean> =>
    access(join(this.folder, siteId, 'cms.json')).then(
      () => true,
      () => false,
    );

  /** The connection pool of one site, in its own role. */
  async pool(siteId: string): Promise<pg.Pool> {
    const known = this.pools.get(siteId);
    if (known) return known;
    const { password } = JSON.parse(await readFile(join(this.folder, siteId, 'cms.json'), 'utf8')) as {
      password: string;
    };
    // Two that asked at once get one.
    const made = this.pools.get(siteId);
    if (made) return made;
    const url = new URL(this.url);
    url.username = `site_${siteId.replace(/-/g, '_')}`;
    url.password = password;
    const pool = new pg.Pool({
      connectionString: url.href,
      max: CONNECTIONS,
      idleTimeoutMillis: 10_000,
      connectionTimeoutMillis: 3000,
    });
    pool.on('error', () => undefined);
    this.pools.set(siteId, pool);
    return pool;
  }

  /**
   * Brings the tables of sites that are here already to the step this program knows, as soon as the database answers: on, or
   * back where a newer one was here before it.
   */
  async bringForward(siteIds: string[]): Promise<void> {
    for (const siteId of siteIds)
      while (!this.closed) {
        try {
          await migrateTables(await this.pool(siteId), undefined, { goBack: true });
          break;
        } catch (error) {
          // Placed, but without a CMS so far: the next deploy makes it one.
          if ((error as NodeJS.ErrnoException).code === 'ENOENT') break;
          await new Promise((done) => setTimeout(done, 1500).unref());
        }
      }
  }

  /** What the tables of each site take, with their indexes, bytes. @throws Error where the database does not answer */
  async sizes(siteIds: readonly string[]): Promise<Map<string, number>> {
    const { rows } = await this.admin.query<{ name: string; bytes: string }>(
      `select n.nspname as name, sum(pg_total_relation_size(c.oid)) as bytes
       from pg_class c join pg_namespace n on n.oid = c.relnamespace
       where c.relkind = 'r' and n.nspname = any($1) group by 1`,
      [siteIds.map(schemaOf)],
    );
    const found = new Map(rows.map((r) => [r.name, Number(r.bytes)]));
    return new Map(siteIds.map((id) => [id, found.get(schemaOf(id)) ?? 0]));
  }

  async answers(): Promise<boolean> {
    return this.admin.query('select 1').then(
      () => true,
      () => false,
    );
  }

  async close(): Promise<void> {
    this.closed = true;
    await Promise.allSettled([this.admin.end(), ...[...this.pools.values()].map((p) => p.end())]);
  }
}
