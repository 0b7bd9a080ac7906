import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { copyFile, mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import pg from 'pg';
import { Restic, type Place } from '@tin-porch/press/keeping';
import type { PorchConfig } from '../config.js';
import { postgresPrograms } from '../stack/postgres.js';

/** What of Tin Porch’s own backups cannot be done, in words for whoever asked on the command line. */
export class OwnBackupError extends Error {
  override name = 'OwnBackupError';
}
/** Under what backups of Tin Porch itself are found. */
const TAG = 'tin-porch';
const DUMP = 'database.dump';
const KEY = 'secrets.key';

type Own = Pick<PorchConfig, 'databaseUrl' | 'secretsKey'>;

/**
 * Backs Tin Porch itself up: its database, at one moment, and the key that secrets in it are closed with. Gives how many
 * sites are in it, and how many bytes were new at the place.
 * @throws OwnBackupError, ResticError
 */
export async function backUpOwn(config: Own, place: Place): Promise<{ sites: number; added: number }> {
  return inFolder(async (folder, restic) => {
    const stage = join(folder, TAG);
    await mkdir(stage);
    const sites = await asked(config, 'select count(*)::int as n from site');
    // Not packed: what is the same in it from day to day is kept once.
    await postgres(config, 'pg_dump', ['--format=custom', '--compress=0', '--file', join(stage, DUMP)]);
    await copyFile(config.secretsKey, join(stage, KEY)).catch(() => {
      throw new OwnBackupError(`There is no key at ${config.secretsKey}.`);
    });
    const { added } = await restic.backUp(place, stage, [TAG]);
    return { sites, added };
  });
}

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
    await restic.restore(place, newest.id, join(folder, 'restored'));
    const stage = join(folder, 'restored', await restic.pathOf(place, newest.id));
    const key = await readFile(join(stage, KEY), 'utf8');
    if (existsSync(config.secretsKey) && (await readFile(config.secretsKey, 'utf8')).trim() !== key.trim())
      throw new OwnBackupError(
        `Another key is at ${config.secretsKey}, which opens none of what is in the backup. Put it elsewhere first.`,
      );
    await postgres(config, 'pg_restore', ['--no-owner', '--exit-on-error', '--single-transaction', join(stage, DUMP)]);
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

async function asked({ databaseUrl }: Own, query: string): Promise<number> {
  const client = new pg.Client({ connectionString: databaseUrl, connectionTimeoutMillis: 5000 });
  try {
    await client.connect();
    return (await client.query<{ n: number }>(query)).rows[0]!.n;
  } catch (error) {
    throw new OwnBackupError(`The database cannot be asked: ${(error as Error).message}.`);
  } finally {
    await client.end().catch(() => undefined);
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
