import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { copyFile, mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import pg from 'pg';
import { Restic, type Place } from '@tin-porch/press/keeping';
import type { PorchConfig } from '../config.js';
import { Seal } from '../secrets/seal.js';
import { postgresPrograms } from '../stack/postgres.js';

/** What of Tin Porch’s own backups cannot be done, in words for whoever asked on the command line. */
export class OwnBackupError extends Error {
  override name = 'OwnBackupError';
}
/** Under what backups of Tin Porch itself are found. */
const TAG = 'tin-porch';
const DUMP = 'database.dump';
const KEY = 'secrets.key';
const ABOUT = 'about.json';

/** What a backup of Tin Porch says of itself: rows of its tables, by their names with their schemas. */
interface AboutOwn {
  rows: Record<string, number>;
}

type Own = Pick<PorchConfig, 'databaseUrl' | 'secretsKey'>;

/**
 * Backs Tin Porch itself up: its database, at one moment, and the key that secrets in it are closed with. Gives how many
 * sites are in it, and how many bytes were new at the place.
 * @throws OwnBackupError, ResticError
 */
export async function backUpOwn(
  config: Own,
  place: Place,
): Promise<{ snapshot: string; sites: number; added: number }> {
  return inFolder(async (folder, restic) => {
    const stage = join(folder, TAG);
    await mkdir(stage);
    await copyFile(config.secretsKey, join(stage, KEY)).catch(() => {
      throw new OwnBackupError(`There is no key at ${config.secretsKey}.`);
    });
    const rows = await connected(config.databaseUrl, async (client) => {
      // What is counted is of the very moment that is kept.
      await client.query('begin isolation level repeatable read, read only');
      const moment = await client.query<{ id: string }>('select pg_export_snapshot() as id');
      const counted = await rowsOf(client);
      // Not packed: what is the same in it from day to day is kept once.
      await postgres(config, 'pg_dump', [
        ...['--format=custom', '--compress=0', '--snapshot', moment.rows[0]!.id],
        ...['--file', join(stage, DUMP)],
      ]);
      return counted;
    });
    const about: AboutOwn = { rows };
    await writeFile(join(stage, ABOUT), JSON.stringify(about));
    const { id, added } = await restic.backUp(place, stage, [TAG]);
    return { snapshot: id, sites: rows['public.site']!, added };
  });
}

/**
 * Tries a backup of Tin Porch out: restores it into a database made for that, counts every row, and opens a secret in it with
 * the key that came along. Nothing of it is left. Gives how many rows came back.
 * @throws OwnBackupError with what is not as it was, or where no database can be made, ResticError
 */
export async function proveOwn(config: Own, place: Place, snapshot: string): Promise<{ rows: number; ms: number }> {
  const started = performance.now();
  return inFolder(async (folder, restic) => {
    const stage = await restic.restore(place, snapshot, join(folder, 'restored'));
    const about = JSON.parse(await readFile(join(stage, ABOUT), 'utf8')) as AboutOwn;
    return inDatabase(config, async (databaseUrl) => {
      await restored({ ...config, databaseUrl }, join(stage, DUMP));
      await connected(databaseUrl, async (client) => {
        const back = await rowsOf(client);
        for (const [table, count] of Object.entries(about.rows))
          if (back[table] !== count)
            throw new OwnBackupError(`Of ${count} rows of ${table}, ${back[table] ?? 0} came back.`);
        const { rows } = await client.query<{ secret: string }>(
          `select password as secret from backup_place union all select own_key from server where own_key is not null
           union all select next_password from backup_place where next_password is not null
           union all select next_key from server where next_key is not null`,
        );
        const seal = Seal.of(join(stage, KEY));
        try {
          for (const { secret } of rows) seal.open(secret);
        } catch {
          throw new OwnBackupError('The key in it does not open the secrets in it.');
        }
      });
      const rows = Object.values(about.rows).reduce((a, b) => a + b, 0);
      return { rows, ms: Math.round(performance.now() - started) };
    });
  });
}

/** Keeps what the rule keeps of the backups of Tin Porch at a place. @throws ResticError */
export const keepOwn = (place: Place): Promise<void> => inFolder((_, restic) => restic.keep(place, []));

/**
 * Puts the newest backup of Tin Porch in place: into a database that holds nothing, beside a key that is the same or is not
 * there. All of it happens or nothing. Gives how many sites came back, and of when they are.
 * @throws OwnBackupError, ResticError
 */
export async function restoreOwn(config: Own, place: Place): Promise<{ sites: number; at: string }> {
  return inFolder(async (folder, restic) => {
    const tables = await asked(
      config,
      `select count(*)::int as n from pg_tables where schemaname not in ('pg_catalog', 'information_schema')`,
    );
    if (tables)
      throw new OwnBackupError('The database holds something already: it is restored into an empty one only.');
    const newest = await restic.newest(place, TAG);
    if (!newest) throw new OwnBackupError('There is no backup of Tin Porch at that place.');
    const stage = await restic.restore(place, newest.id, join(folder, 'restored'));
    const key = await readFile(join(stage, KEY), 'utf8');
    if (existsSync(config.secretsKey) && (await readFile(config.secretsKey, 'utf8')).trim() !== key.trim())
      throw new OwnBackupError(
        `Another key is at ${config.secretsKey}, which opens none of what is in the backup. Put it elsewhere first.`,
      );
    await restored(config, join(stage, DUMP));
    await mkdir(dirname(config.secretsKey), { recursive: true });
    await writeFile(config.secretsKey, key, { mode: 0o600 });
    return { sites: await asked(config, 'select count(*)::int as n from site'), at: newest.at };
  });
}

/** Lends a folder that nobody else reads, and takes it away again. */
async function inFolder<T>(use: (folder: string, restic: Restic) => Promise<T>): Promise<T> {
  const folder = await mkdtemp(join(tmpdir(), 'tin-porch-own-'));
  try {
    return await use(folder, new Restic(join(folder, 'cache'), 'porch'));
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** All of a dump into a database that holds nothing, or nothing of it. */
const restored = (config: Own, dump: string): Promise<void> =>
  postgres(config, 'pg_restore', ['--no-owner', '--exit-on-error', '--single-transaction', dump]);

async function connected<T>(databaseUrl: string, use: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: databaseUrl, connectionTimeoutMillis: 5000 });
  try {
    await client.connect();
    return await use(client);
  } catch (error) {
    if (error instanceof OwnBackupError) throw error;
    throw new OwnBackupError(`The database cannot be asked: ${(error as Error).message}.`);
  } finally {
    await client.end().catch(() => undefined);
  }
}
const asked = ({ databaseUrl }: Own, query: string): Promise<number> =>
  connected(databaseUrl, async (client) => (await client.query<{ n: number }>(query)).rows[0]!.n);

/** The rows of every table that is ours, by its name with its schema. */
async function rowsOf(client: pg.Client): Promise<Record<string, number>> {
  const { rows: tables } = await client.query<{ schema: string; name: string }>(
    `select schemaname as schema, tablename as name from pg_tables
     where schemaname not in ('pg_catalog', 'information_schema') order by 1, 2`,
  );
  const found: Record<string, number> = {};
  for (const { schema, name } of tables) {
    const { rows } = await client.query<{ n: number }>(
      `select count(*)::int as n from ${pg.escapeIdentifier(schema)}.${pg.escapeIdentifier(name)}`,
    );
    found[`${schema}.${name}`] = rows[0]!.n;
  }
  return found;
}

/** Lends a database that was made for it, beside ours, and takes it away again. @throws OwnBackupError */
async function inDatabase<T>({ databaseUrl }: Own, use: (url: string) => Promise<T>): Promise<T> {
  const url = new URL(databaseUrl);
  // One that was left by somebody who was killed is in nobody’s way.
  const name = `${decodeURIComponent(url.pathname.slice(1))}_try`;
  const drop = `drop database if exists ${pg.escapeIdentifier(name)} with (force)`;
  await connected(databaseUrl, async (client) => {
    await client.query(drop);
    await client.query(`create database ${pg.escapeIdentifier(name)}`);
  }).catch((error: Error) => {
    const may = /permission denied/.test(error.message)
      ? 'The role of Tin Porch may make no database to try it out in (alter role … createdb).'
      : error.message;
    throw new OwnBackupError(may);
  });
  try {
    url.pathname = `/${encodeURIComponent(name)}`;
    return await use(url.href);
  } finally {
    // Whoever is still in it is sent away, which may take a busy machine longer than PostgreSQL waits for it.
    for (let tries = 4; tries > 0; tries--) {
      const gone = await connected(databaseUrl, (client) => client.query(drop)).then(
        () => true,
        () => false,
      );
      if (gone) break;
      await new Promise((again) => setTimeout(again, 1000));
    }
  }
}

/** Runs one of PostgreSQL’s own programs against the database. The password is in no list of processes. */
function postgres({ databaseUrl }: Own, program: string, args: string[]): Promise<void> {
  const bin = postgresPrograms();
  if (!bin) throw new OwnBackupError('PostgreSQL’s programs are not installed (Debian package postgresql).');
  const url = new URL(databaseUrl);
  const password = decodeURIComponent(url.password);
  url.password = '';
  return new Promise((done, fail) => {
    const child = spawn(join(bin, program), ['--dbname', url.href, ...args], {
      stdio: ['ignore', 'ignore', 'pipe'],
      env: { PATH: process.env['PATH'], PGPASSWORD: password },
    });
    let said = '';
    child.stderr.on('data', (part: Buffer) => (said = (said + part.toString()).slice(-2000)));
    child.on('error', (error) => fail(new OwnBackupError(`${program} cannot be run: ${error.message}`)));
    child.on('close', (code) =>
      code === 0
        ? done()
        : fail(new OwnBackupError(`${program} gave up: ${said.trim().split('\n').slice(-2).join(' ')}`)),
    );
  });
}
