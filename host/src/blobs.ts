import { createHash } from 'node:crypto';
import { watch, type FSWatcher } from 'node:fs';
import { mkdir, readdir, readFile, rename, rm, stat, statfs, utimes } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { Problem } from '@tin-porch/core/ground';
import { writeDurable } from './durable.js';
import { isPackedRight, PACKINGS, timeOf } from './front/packing.js';

export const HASH = /^[0-9a-f]{64}$/;
const MOST = 32 * 1024 * 1024;

/** What the file of a blob is like, as long as nobody touches it. */
const markOf = (file: { ino: number; size: number; mtimeMs: number }): string =>
  `${file.ino} ${file.size} ${file.mtimeMs}`;

/** The content of all releases, kept by its SHA-256. */
export class Blobs {
  /** Blobs whose bytes were found to be right, with what their file was like then. */
  private readonly checked = new Map<string, string>();
  /** When somebody was told last that a blob is here: they do not send it, and count on it. */
  private readonly askedFor = new Map<string, number>();
  constructor(
    readonly folder: string,
    private readonly reserveBytes: number,
  ) {}

  /** Path of a blob below the folder. */
  path(hash: string): string {
    return join(hash.slice(0, 2), hash);
  }

  /**
   * Whether a blob is here and its bytes are what its name says. Read whole the first time, and again whenever its file
   * was touched; `anew` reads it in any case. One that is not good is put out of the way, so that it can be sent again.
   */
  async good(hash: string, anew = false): Promise<boolean> {
    const file = join(this.folder, this.path(hash));
    const now = await stat(file).catch(() => null);
    if (!now) return false;
    const mark = markOf(now);
    if (!anew && this.checked.get(hash) === mark) return true;
    const bytes = await readFile(file).catch(() => null);
    if (bytes && createHash('sha256').update(bytes).digest('hex') === hash) {
      this.checked.set(hash, mark);
      return true;
    }
    this.checked.delete(hash);
    await rename(file, `${file}.damaged`).catch(() => undefined);
    return false;
  }

  /** The bytes of a blob; undefined where it is not here as it should be. */
  async read(hash: string): Promise<Buffer | undefined> {
    return (await this.good(hash)) ? readFile(join(this.folder, this.path(hash))) : undefined;
  }

  /** Those of the hashes that are not here as they should be. */
  async missing(hashes: Iterable<string>): Promise<string[]> {
    const bad: string[] = [];
    for (const hash of new Set(hashes))
      if (await this.good(hash)) this.askedFor.set(hash, Date.now());
      else bad.push(hash);
    return bad;
  }

  /** Every blob that is kept. */
  async all(): Promise<string[]> {
    return (await readdir(this.folder, { recursive: true })).map((p) => basename(p)).filter((name) => HASH.test(name));
  }

  /** Reads every blob anew, a few a second, round after round: what the disk loses is found before a visitor finds it. */
  scrub(pauseMs = 200): () => void {
    let stopped = false;
    let timer: NodeJS.Timeout | undefined;
    const walk = async () => {
      for (const hash of await this.all().catch(() => [])) {
        if (stopped) return;
        if (await this.good(hash, true)) await this.inForm(hash);
        await new Promise((done) => (timer = setTimeout(done, pauseMs).unref()));
      }
      if (!stopped) timer = setTimeout(() => void walk(), 60_000).unref();
    };
    timer = setTimeout(() => void walk(), pauseMs).unref();
    return () => {
      stopped = true;
      clearTimeout(timer);
    };
  }

  /**
   * Takes a blob and keeps it once its hash is what it was said to be. Sending the same again is harmless.
   * @throws Problem 413, 422 (other bytes than announced) or 507 (no room)
   */
  async put(hash: string, stream: AsyncIterable<Buffer>): Promise<void> {
    const parts: Buffer[] = [];
    let size = 0;
    for await (const part of stream) {
      size += part.length;
      if (size > MOST)
        throw new Problem(413, 'The file is too large', `A file of a site may have ${MOST} bytes at most.`);
      parts.push(part);
    }
    const bytes = Buffer.concat(parts);
    if (createHash('sha256').update(bytes).digest('hex') !== hash)
      throw new Problem(422, 'The bytes do not match their hash', 'They were damaged on the way; nothing was kept.');
    if (await this.good(hash)) return;
    const disk = await statfs(this.folder);
    if (disk.bavail * disk.bsize - size < this.reserveBytes)
      throw new Problem(
        507,
        'The disk of this server is full',
        `${Math.floor((disk.bavail * disk.bsize) / 1048576)} MB are left, and ${Math.ceil(this.reserveBytes / 1048576)} MB are held back. The site as it was is still served.`,
      );
    const file = join(this.folder, this.path(hash));
    await writeDurable(file, bytes, 0o640, timeOf(hash));
    const now = await stat(file).catch(() => null);
    if (now) this.checked.set(hash, markOf(now));
  }

  /** When a blob came, or was last asked for by whoever had it to send, ms since 1970. */
  async cameAt(hash: string): Promise<number> {
    const file = await stat(join(this.folder, this.path(hash))).catch(() => null);
    return Math.max(file?.ctimeMs ?? 0, this.askedFor.get(hash) ?? 0);
  }

  /** Takes a blob away that no release needs. */
  async takeOut(hash: string): Promise<void> {
    this.checked.delete(hash);
    this.askedFor.delete(hash);
    const file = join(this.folder, this.path(hash));
    for (const ending of ['', ...PACKINGS.map((p) => `.${p}`)]) await rm(`${file}${ending}`, { force: true });
  }

  /** Takes packed forms away that do not hold what their name says, and gives a file the time that stands for its bytes. */
  private async inForm(hash: string): Promise<void> {
    const file = join(this.folder, this.path(hash));
    for (const ending of PACKINGS)
      if (!(await isPackedRight(file, ending, hash))) await rm(`${file}.${ending}`, { force: true });
    const now = await stat(file).catch(() => null);
    const time = timeOf(hash);
    if (!now || now.mtimeMs === time * 1000) return;
    await utimes(file, time, time);
    this.checked.set(hash, markOf({ ino: now.ino, size: now.size, mtimeMs: time * 1000 }));
  }

  /** Looks at a blob whenever its file was touched: what was harmed is served no more from then on. */
  async watch(): Promise<() => void> {
    const watchers: FSWatcher[] = [];
    for (let n = 0; n < 256; n++) {
      const folder = join(this.folder, n.toString(16).padStart(2, '0'));
      await mkdir(folder, { recursive: true });
      const watcher = watch(folder, { persistent: false }, (_what, name) => {
        const [hash = '', ending] = (name ?? '').split('.');
        if (!HASH.test(hash)) return;
        const looked = ending === undefined ? this.good(hash) : this.inForm(hash);
        void Promise.resolve(looked).catch(() => undefined);
      });
      watchers.push(watcher.on('error', () => undefined));
    }
    return () => {
      for (const watcher of watchers) watcher.close();
    };
  }

  /** Takes away what a kill left half written. */
  async tidy(): Promise<void> {
    for (const name of await readdir(this.folder, { recursive: true }))
      if (name.endsWith('.part')) await rm(join(this.folder, name), { force: true });
  }
}
