import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const VERSION = 'v1';

/** Thrown where something was sealed with another key. */
export class SealError extends Error {
  override name = 'SealError';
}

/**
 * Closes secrets before they are kept in the database, by a key that is kept elsewhere: AES-256-GCM, a nonce each
 * (NIST SP 800-38D). Whoever has a copy of the database alone reads none of them.
 */
export class Seal {
  constructor(private readonly key: Buffer) {
    if (key.length !== 32) throw new SealError('A key is 32 bytes long.');
  }

  /** The key of a file, base64; a new one where there is no file yet. */
  static of(file: string): Seal {
    if (!existsSync(file)) writeFileSync(file, `${randomBytes(32).toString('base64')}\n`, { mode: 0o600, flag: 'wx' });
    return new Seal(Buffer.from(readFileSync(file, 'utf8').trim(), 'base64'));
  }

  /** `v1.` and nonce, tag and what was closed, base64url. */
  close(secret: string): string {
    const nonce = randomBytes(12);
    const cipher = createCipheriv('aes-256-gcm', this.key, nonce);
    const closed = Buffer.concat([cipher.update(secret, 'utf8'), cipher.final()]);
    return `${VERSION}.${Buffer.concat([nonce, cipher.getAuthTag(), closed]).toString('base64url')}`;
  }

  /** What was closed. One that was kept before anything was closed is itself. @throws SealError */
  open(kept: string): string {
    if (!Seal.isClosed(kept)) return kept;
    const bytes = Buffer.from(kept.slice(VERSION.length + 1), 'base64url');
    try {
      const cipher = createDecipheriv('aes-256-gcm', this.key, bytes.subarray(0, 12));
      cipher.setAuthTag(bytes.subarray(12, 28));
      return Buffer.concat([cipher.update(bytes.subarray(28)), cipher.final()]).toString('utf8');
    } catch {
      throw new SealError(
        'A secret in the database was closed with another key. Put the key file back that belongs to it.',
      );
    }
  }

  static isClosed = (kept: string): boolean => kept.startsWith(`${VERSION}.`);
}
