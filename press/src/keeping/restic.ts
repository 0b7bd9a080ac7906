import { spawn } from 'node:child_process';
import { mkdir, readdir, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { StringDecoder } from 'node:string_decoder';

/** Where backups are kept, and what they are closed with: a repository of restic, and its password. */
export interface Place {
  repository: string;
  password: string;
}
/** A backup that is kept at a place. */
export interface Snapshot {
  id: string;
  /** RFC 3339. */
  at: string;
  tags: string[];
}
/** How long one call may take, ms. */
const MOST_MS = 20 * 60_000;
/** Folders one in the other at most in which a backup of earlier lies. */
const DEEPEST = 40;
/** How long what is kept is kept: so many days, weeks and months. */
const RULE = ['--keep-daily', '7', '--keep-weekly', '5', '--keep-monthly', '12'];

/** What restic says where it cannot open a repository, and where it is sure that there is none. */
const MISSING = /unable to open config file|Is there a repository/i;
const NONE = /config(?: file)?\b.*(?:does not exist|no such file)/i;

/** What a backup place says no with, without the password that is in its address. */
export class ResticError extends Error {
  override name = 'ResticError';
  /** @param said all that restic said of it: for us alone */
  constructor(
    words: string,
    readonly said = words,
  ) {
    super(words);
  }
}

/** Encrypted backups of which what was there before is kept once, by restic (https://restic.net), as a program of its own. */
export class Restic {
  constructor(
    private readonly cache: string,
    /** What backups are said to be of. */
    private readonly host: string,
  ) {}

  /** Backs a folder up, under tags; a repository that is not there yet is made. */
  async backUp(place: Place, folder: string, tags: readonly string[]): Promise<{ id: string; added: number }> {
    // What is backed up has a name of its own each night: that is no change of it.
    const args = ['backup', '--ignore-ctime', '--host', this.host, ...tags.flatMap((t) => ['--tag', t]), '.'];
    const backUp = () => this.run(place, args, { from: folder });
    const out = await backUp().catch(async (error: Error) => {
      if (/already locked|`unlock`/i.test(error.message)) {
        // One that was killed has left its lock: those that nobody holds are taken away.
        await this.run(place, ['unlock'], { json: false });
        return backUp();
      }
      if (!MISSING.test(error.message)) throw error;
      // Of two who make it at once one is told that it is there.
      await this.run(place, ['init']).catch((e: Error) => {
        if (!/already (?:exists|initialized)/i.test(e.message)) throw e;
      });
      return backUp();
    });
    const summary = lines<{ message_type?: string; snapshot_id: string; data_added: number }>(out).find(
      (l) => l.message_type === 'summary',
    );
    if (!summary) throw new ResticError('Nothing was said of what was kept.');
    return { id: shortId(summary.snapshot_id), added: summary.data_added };
  }

  /** The backups at a place, the oldest first. */
  async snapshots(place: Place): Promise<Snapshot[]> {
    const out = await this.run(place, ['snapshots']);
    const all = JSON.parse(out || '[]') as { id: string; time: string; tags?: string[] }[] | null;
    return (all ?? []).map(({ id, time, tags }) => ({ id: shortId(id), at: time, tags: tags ?? [] }));
  }

  /** The path a backup was made of: earlier ones have all they hold under it. @throws ResticError where there is none */
  private async pathOf(place: Place, snapshot: string): Promise<string> {
    const out = await this.run(place, ['snapshots', snapshot]);
    const path = (JSON.parse(out || '[]') as { paths?: string[] }[] | null)?.[0]?.paths?.[0];
    if (!path) throw new ResticError('There is no such backup.');
    return path;
  }

  /** Puts all of a backup into a folder; gives where in it that is. */
  async restore(place: Place, snapshot: string, target: string): Promise<string> {
    await this.run(place, ['restore', snapshot, '--target', target]);
    let root = target;
    for (let n = 0; n < DEEPEST; n++) {
      const [only, ...more] = await readdir(root, { withFileTypes: true });
      if (!only?.isDirectory() || more.length) break;
      root = join(root, only.name);
    }
    return root;
  }

  /** One file of a backup, by its path in what was backed up. */
  file = (place: Place, snapshot: string, path: string): Promise<string> => this.dump(place, snapshot, path);

  /** Hands every line of a file of a backup over, as they come: it may be larger than anybody holds at once. */
  async lines(place: Place, snapshot: string, path: string, each: (line: string) => void): Promise<void> {
    let rest = '';
    const decoder = new StringDecoder('utf8');
    await this.dump(place, snapshot, path, (part) => {
      const all = (rest + decoder.write(part)).split('\n');
      rest = all.pop()!;
      all.forEach(each);
    });
    if (rest) each(rest);
  }

  private async dump(place: Place, snapshot: string, path: string, take?: (part: Buffer) => void): Promise<string> {
    const at = (file: string) => this.run(place, ['dump', snapshot, file], { json: false, ...(take && { take }) });
    return at(join('/', path)).catch(async (error: Error) => {
      if (!/not found in snapshot/i.test(error.message)) throw error;
      return at(join(await this.pathOf(place, snapshot), path));
    });
  }

  /** The newest backup under a tag; undefined where there is none. */
  newest = async (place: Place, tag: string): Promise<Snapshot | undefined> =>
    (await this.snapshots(place)).filter((s) => s.tags.includes(tag)).at(-1);

  /** Forgets what the rule does not keep, for each host and tag, and all under some tags; gives the room back. */
  async keep(place: Place, gone: readonly string[]): Promise<void> {
    await this.run(place, ['unlock'], { json: false });
    const tags = new Set(gone);
    const all = tags.size ? await this.snapshots(place) : [];
    const ids = all.filter((s) => s.tags.some((t) => tags.has(t))).map((s) => s.id);
    if (ids.length) await this.run(place, ['forget', ...ids]);
    await this.run(place, ['forget', ...RULE, '--group-by', 'host,tags']);
    // What belonged to people who are gone is not to lie about in what is half used.
    await this.run(place, ['prune', ...(ids.length ? ['--max-unused', '0'] : [])], { json: false });
  }

  /**
   * Has a repository open with another password besides its own. Safe to say again. False where there is none, and nothing
   * was done.
   * @throws ResticError where it opens with neither, or does not answer
   */
  async addPassword(place: Place, next: string): Promise<boolean> {
    const open = await this.opens({ ...place, password: next });
    if (open !== 'closed') return open === 'open';
    const file = join(this.cache, `next-${process.pid}-${Date.now()}`);
    // In a file that only we read: what a program is started with is seen by everybody on the machine.
    await writeFile(file, next, { mode: 0o600 });
    try {
      await this.run(place, ['key', 'add', '--new-password-file', file], { json: false });
    } finally {
      await rm(file, { force: true });
    }
    return true;
  }

  /** Has a repository open with this password alone; nothing is done where there is none. @throws ResticError where it does not open with it */
  async leavePassword(place: Place): Promise<void> {
    if ((await this.opens(place)) === 'none') return;
    const keys = JSON.parse(await this.run(place, ['key', 'list'])) as { id: string; current: boolean }[];
    for (const { id, current } of keys) if (!current) await this.run(place, ['key', 'remove', id], { json: false });
  }

  /** Whether a repository opens with the password of a place, and is there. @throws ResticError where it does not answer */
  private opens = (place: Place): Promise<'open' | 'closed' | 'none'> =>
    this.run(place, ['cat', 'config'], { json: false }).then(
      () => 'open' as const,
      (error: ResticError) => {
        if (/wrong password|no key found/i.test(error.said)) return 'closed' as const;
        if (NONE.test(error.said)) return 'none' as const;
        throw error;
      },
    );

  /** @throws ResticError with the last that restic said */
  private async run(
    { repository, password }: Place,
    args: string[],
    { json = true, take, from }: { json?: boolean; take?: (part: Buffer) => void; from?: string } = {},
  ): Promise<string> {
    await mkdir(this.cache, { recursive: true });
    return new Promise((done, fail) => {
      // Whoever serves visitors comes first.
      const child = spawn(
        'nice',
        ['-n', '10', 'restic', ...args, ...(json ? ['--json'] : []), '--cache-dir', this.cache],
        {
          stdio: ['ignore', 'pipe', 'pipe'],
          env: {
            PATH: process.env['PATH'],
            HOME: this.cache,
            TMPDIR: process.env['TMPDIR'],
            RESTIC_REPOSITORY: repository,
            RESTIC_PASSWORD: password,
          },
          timeout: MOST_MS,
          ...(from && { cwd: from }),
        },
      );
      const out: Buffer[] = [];
      let said = '';
      child.stdout.on('data', take ?? ((part: Buffer) => out.push(part)));
      child.stderr.on('data', (part: Buffer) => (said = (said + part.toString()).slice(-2000)));
      child.on('error', (error: NodeJS.ErrnoException) =>
        fail(
          new ResticError(
            error.code === 'ENOENT' ? 'restic is not installed here (Debian package restic).' : error.message,
          ),
        ),
      );
      child.on('close', (code) => {
        if (code === 0) return done(Buffer.concat(out).toString('utf8'));
        const words = said.trim().split('\n').filter(Boolean).slice(-2).join(' ').replaceAll(repository, 'the place');
        fail(
          new ResticError(words.replace(/\/\/[^/@\s]*@/g, '//') || `restic ended with ${code ?? 'a signal'}.`, said),
        );
      });
    });
  }
}

/** An id as restic says it when it has made a backup: as much of it as it takes to name one. */
const shortId = (id: string): string => id.slice(0, 8);
/** What is said a line at a time, as JSON. */
const lines = <T>(out: string): T[] =>
  out
    .split('\n')
    .filter((l) => l.startsWith('{'))
    .map((l) => JSON.parse(l) as T);
