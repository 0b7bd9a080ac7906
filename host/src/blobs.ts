import { createHash } from 'node:crypto';
import { access, readdir, rm, statfs } from 'node:fs/promises';
import { join } from 'node:path';
import { Problem } from '@tin-porch/core';
import { writeDurable } from './durable.js';

export const HASH = /^[0-9a-f]{64}$/;
const MOST = 32 * 1024 * 1024;

/** The content of all releases, kept by its SHA-256. */
export class Blobs {
  constructor(
    readonly folder: string,
    private readonly reserveBytes: number,
  ) {}

  /** Path of a blob below the folder. */
  path(hash: string): string {
    return join(hash.slice(0, 2), hash);
  }

  async has(hash: string): Promise<boolean> {
    return access(join(this.folder, this.path(hash))).then(
      () => true,
      () => false,
    );
  }

  /** Those of the hashes that are not here. */
  async missing(hashes: Iterable<string>): Promise<string[]> {
    const all = [...new Set(hashes)];
    const here = await Promise.all(all.map((h) => this.has(h)));
    return all.filter((_, n) => !here[n]);
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
    if (await this.has(hash)) return;
    const disk = await statfs(this.folder);
    if (disk.bavail * disk.bsize - size < this.reserveBytes)
      throw new Problem(
        507,
        'The disk of this server is full',
        `${Math.floor((disk.bavail * disk.bsize) / 1048576)} MB are left, and ${Math.ceil(this.reserveBytes / 1048576)} MB are held back. The site as it was is still served.`,
      );
    await writeDurable(join(this.folder, this.path(hash)), bytes);
  }

  /** Takes away what a kill left half written. */
  async tidy(): Promise<void> {
    for (const name of await readdir(this.folder, { recursive: true }))
      if (name.endsWith('.part')) await rm(join(this.folder, name), { force: true });
  }
}
