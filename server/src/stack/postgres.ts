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

/** The folder for a cluster: in the data folder, or under /var/tmp where PostgreSQL’s user cannot reach that. */
export function clusterFolder(data: string, name = 'postgres'): string {
  const wanted = join(data, name);
  const who = owner();
  if (!('uid' in who)) return wanted;
  mkdirSync(data, { recursive: true });
  if (spawnSync('test', ['-x', data], who).status === 0) return wanted;
  const own = join('/var/tmp', `tin-porch-${createHash('sha256').update(data).digest('hex').slice(0, 12)}`);
  return name === 'postgres' ? own : `${own}-${name}`;
}

/** Makes the cluster where it is missing, or half made. True where it was. */
export async function makeCluster(cluster: Cluster): Promise<boolean> {
  const bin = postgresPrograms();
  if (!bin) throw new Error('PostgreSQL is not installed (Debian package postgresql).');
  const { folder, password } = cluster;
  const done = join(folder, 'made');
  if (existsSync(done)) return false;
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const who = owner();
  const secret = join(folder, 'password');
  writeFileSync(secret, password, { mode: 0o600 });
  if ('uid' in who) for (const path of [folder, secret]) chownSync(path, who.uid!, who.gid!);
  chmodSync(folder, 0o700);
  const made = await ended(
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
  if (made.status !== 0) throw new Error(`initdb failed: ${made.said.slice(-600)}`);
  writeFileSync(done, '');
  return true;
}

/** Runs a program to its end. */
function ended(program: string, args: string[], options: object): Promise<{ status: number | null; said: string }> {
  return new Promise((done, fail) => {
    const child = spawn(program, args, { ...options, stdio: ['ignore', 'ignore', 'pipe'] });
    let said = '';
    child.stderr.on('data', (part: Buffer) => (said += part.toString()));
    child.on('error', fail);
    child.on('close', (status) => done({ status, said }));
  });
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

/**
 * Carries a hosting server’s database, from when all shared one cluster, into a cluster of its own: roles with their
 * passwords, then everything in it; and takes it out of the old one.
 */
export async function carryDatabase(from: Cluster, to: Cluster, name: string): Promise<boolean> {
  const open = async (cluster: Cluster) => {
    const client = new pg.Client({ connectionString: clusterUrl(cluster, 'keeper', cluster.password, 'postgres') });
    await client.connect();
    return client;
  };
  const old = await open(from);
  try {
    if (!(await old.query('select 1 from pg_database where datname = $1', [name])).rowCount) return false;
    const { rows: roles } = await old.query<{ name: string; secret: string }>(
      `select a.rolname as name, a.rolpassword as secret from pg_authid a join pg_auth_members m on m.roleid = a.oid
       join pg_authid h on h.oid = m.member where h.rolname = $1`,
      [name],
    );
    const own = await open(to);
    try {
      for (const role of roles) {
        await own.query(
          `create role ${pg.escapeIdentifier(role.name)} login password ${pg.escapeLiteral(role.secret)}`,
        );
        await own.query(`grant ${pg.escapeIdentifier(role.name)} to ${pg.escapeIdentifier(name)}`);
      }
    } finally {
      await own.end();
    }
    const dump = spawnSync(
      join(postgresPrograms()!, 'pg_dump'),
      ['--no-owner', '--no-acl', '-d', clusterUrl(from, 'keeper', from.password, name)],
      { maxBuffer: 2 ** 31, cwd: '/' },
    );
    if (dump.status !== 0) throw new Error(`pg_dump of ${name}: ${dump.stderr.toString().slice(-300)}`);
    const restored = spawnSync(
      join(postgresPrograms()!, 'psql'),
      ['-q', '-v', 'ON_ERROR_STOP=1', '-d', clusterUrl(to, 'keeper', to.password, name)],
      { input: dump.stdout, cwd: '/' },
    );
    if (restored.status !== 0) throw new Error(`restoring ${name}: ${restored.stderr.toString().slice(-300)}`);
    const inside = new pg.Client({ connectionString: clusterUrl(to, 'keeper', to.password, name) });
    await inside.connect();
    try {
      for (const { name: role } of roles) {
        const quoted = pg.escapeIdentifier(role);
        await inside.query(`alter schema ${quoted} owner to ${quoted}`);
        await inside.query(`alter role ${quoted} set search_path to ${quoted}`);
        const { rows } = await inside.query<{ relname: string }>(
          `select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace where n.nspname = $1 and c.relkind = 'r'`,
          [role],
        );
        for (const { relname } of rows)
          await inside.query(`alter table ${quoted}.${pg.escapeIdentifier(relname)} owner to ${quoted}`);
      }
    } finally {
      await inside.end();
    }
    await old.query(`drop database ${pg.escapeIdentifier(name)} with (force)`);
    for (const { name: role } of roles) await old.query(`drop role ${pg.escapeIdentifier(role)}`);
    await old.query(`drop role ${pg.escapeIdentifier(name)}`);
    return true;
  } finally {
    await old.end();
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
