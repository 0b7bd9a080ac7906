import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';

export interface Cluster {
  folder: string;
  address: string;
  port: number;
  password: string;
}

/** Where Debian puts PostgreSQL’s own programs; the newest version there. */
export function postgresPrograms(): string | null {
  const root = '/usr/lib/postgresql';
  if (!existsSync(root)) return null;
  const newest = readdirSync(root)
    .filter((v) => existsSync(join(root, v, 'bin/initdb')))
    .sort((a, b) => Number(b) - Number(a))[0];
  return newest ? join(root, newest, 'bin') : null;
}

/** PostgreSQL will not run as root: root hands it to the user Debian made for it. */
function owner(): { uid: number; gid: number } | Record<string, never> {
  if (process.getuid?.() !== 0) return {};
  const read = (flag: string) => Number(spawnSync('id', [flag, 'postgres']).stdout.toString());
  return { uid: read('-u'), gid: read('-g') };
}

/** The folder for the cluster: in the data folder, or under /var/tmp where PostgreSQL’s user cannot reach that. */
export function clusterFolder(data: string): string {
  const wanted = join(data, 'postgres');
  const who = owner();
  if (!('uid' in who)) return wanted;
  mkdirSync(data, { recursive: true });
  if (spawnSync('test', ['-x', data], who).status === 0) return wanted;
  return join('/var/tmp', `tin-porch-${createHash('sha256').update(data).digest('hex').slice(0, 12)}`);
}

/** Makes the cluster where it is missing, or half made. */
export function makeCluster(cluster: Cluster): void {
  const bin = postgresPrograms();
  if (!bin) throw new Error('PostgreSQL is not installed (Debian package postgresql).');
  const { folder, password } = cluster;
  const done = join(folder, 'made');
  if (existsSync(done)) return;
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const who = owner();
  const secret = join(folder, 'password');
  writeFileSync(secret, password, { mode: 0o600 });
  if ('uid' in who) for (const path of [folder, secret]) chownSync(path, who.uid!, who.gid!);
  chmodSync(folder, 0o700);
  const made = spawnSync(
    join(bin, 'initdb'),
    [
      '-D',
      join(folder, 'cluster'),
      '-U',
      'keeper',
      '-A',
      'scram-sha-256',
      '--pwfile',
      secret,
      '-E',
      'UTF8',
      '--locale',
      'C.UTF-8',
    ],
    { ...who, cwd: '/' },
  );
  rmSync(secret);
  if (made.status !== 0) throw new Error(`initdb failed: ${made.stderr.toString().slice(-600)}`);
  writeFileSync(done, '');
}

/** The processes that work in a folder, zombies left out: PostgreSQL’s all do in that of their cluster. */
function workersIn(folder: string): number[] {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .filter((pid) => {
      try {
        return readlinkSync(`/proc/${pid}/cwd`) === folder;
      } catch {
        return false;
      }
    });
}

/**
 * Ends a PostgreSQL that an earlier, killed start left running on this cluster, and clears away its lock file where the
 * process it names is gone: one that nobody has reaped still counts as running to PostgreSQL itself.
 */
export function stopLeftover(cluster: Cluster): void {
  const folder = join(cluster.folder, 'cluster');
  const file = join(folder, 'postmaster.pid');
  if (!existsSync(file)) return;
  const pid = Number(readFileSync(file, 'utf8').split('\n')[0]);
  if (workersIn(folder).includes(pid))
    spawnSync(join(postgresPrograms()!, 'pg_ctl'), ['stop', '-D', folder, '-m', 'fast', '-w', '-t', '20'], {
      ...owner(),
      cwd: '/',
    });
  // Without their postmaster the others end by themselves as soon as they notice.
  for (const until = Date.now() + 10_000; workersIn(folder).length && Date.now() < until;) spawnSync('sleep', ['0.1']);
  if (!workersIn(folder).length) rmSync(file, { force: true });
}

/** Starts the server of a cluster in the foreground of a child process. */
export function spawnPostgres(cluster: Cluster): ChildProcess {
  const settings = {
    listen_addresses: cluster.address,
    port: String(cluster.port),
    unix_socket_directories: '',
    shared_buffers: '64MB',
    max_connections: '120',
    log_min_messages: 'fatal',
    log_min_error_statement: 'panic',
  };
  const args = Object.entries(settings).flatMap(([k, v]) => ['-c', `${k}=${v}`]);
  return spawn(join(postgresPrograms()!, 'postgres'), ['-D', join(cluster.folder, 'cluster'), ...args], {
    ...owner(),
    cwd: '/',
    detached: true,
    stdio: ['ignore', 'ignore', 'pipe'],
  });
}

export const clusterUrl = (cluster: Cluster, role: string, password: string, database: string): string =>
  `postgres://${role}:${password}@${cluster.address}:${cluster.port}/${database}`;

/** Waits until the server takes connections. */
export async function untilReady(cluster: Cluster, seconds = 30): Promise<void> {
  const until = Date.now() + seconds * 1000;
  for (;;) {
    const client = new pg.Client({
      connectionString: clusterUrl(cluster, 'keeper', cluster.password, 'postgres'),
      connectionTimeoutMillis: 2000,
    });
    client.on('error', () => undefined);
    try {
      await client.connect();
      await client.end();
      return;
    } catch (error) {
      await client.end().catch(() => undefined);
      if (Date.now() > until) throw new Error(`PostgreSQL did not come up: ${(error as Error).message}`);
      await new Promise((done) => setTimeout(done, 60));
    }
  }
}

/** Makes a role with a database of its own, or gives the role the password it should have. */
export async function makeDatabase(cluster: Cluster, name: string, password: string, rights = ''): Promise<string> {
  const client = new pg.Client({ connectionString: clusterUrl(cluster, 'keeper', cluster.password, 'postgres') });
  await client.connect();
  try {
    const role = pg.escapeIdentifier(name);
    const known = (await client.query('select 1 from pg_roles where rolname = $1', [name])).rowCount;
    await client.query(
      `${known ? 'alter' : 'create'} role ${role} login ${rights} password ${pg.escapeLiteral(password)}`,
    );
    if (!(await client.query('select 1 from pg_database where datname = $1', [name])).rowCount)
      await client.query(`create database ${role} owner ${role}`);
  } finally {
    await client.end();
  }
  return clusterUrl(cluster, name, password, name);
}
