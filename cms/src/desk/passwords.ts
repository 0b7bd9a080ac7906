import { randomBytes, scrypt as scryptCallback, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import { Problem } from '@tin-porch/core/ground';

const scrypt = promisify(
  (password: string, salt: Buffer, length: number, cost: object, done: (e: Error | null, key: Buffer) => void) =>
    scryptCallback(password, salt, length, cost, done),
);
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };
export const SHORTEST_PASSWORD = 10;
/** Passwords that are looked at at one time, over all sites of a process: each takes 32 MB while it is. */
const MOST_AT_ONCE = 2;
const MOST_WAITING = 20;
let busy = 0;
const waiting: (() => void)[] = [];

async function hashed(password: string, salt: Buffer): Promise<Buffer> {
  if (busy >= MOST_AT_ONCE) {
    if (waiting.length >= MOST_WAITING)
      throw new Problem(503, 'Too many people sign in at this moment', 'Try again in a few seconds.');
    await new Promise<void>((go) => waiting.push(go));
  }
  busy++;
  try {
    return await scrypt(password, salt, 32, COST);
  } finally {
    busy--;
    waiting.shift()?.();
  }
}

/** A password as `scrypt$N$r$p$salt$hash` (RFC 7914). @throws Problem 503 where too many wait */
export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16);
  const hash = await hashed(password, salt);
  return ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64url'), hash.toString('base64url')].join('$');
}

/** What a mail address nobody has is compared with: it takes as long as one that somebody has. */
const NOBODY = `scrypt$0$0$0$${randomBytes(16).toString('base64url')}$${randomBytes(32).toString('base64url')}`;

/** Whether a password is the one a hash was made of; of none, never, and it takes as long. */
export async function passwordFits(password: string, kept: string | null): Promise<boolean> {
  const [, , , , salt, hash] = (kept ?? NOBODY).split('$');
  return timingSafeEqual(await hashed(password, Buffer.from(salt!, 'base64url')), Buffer.from(hash!, 'base64url'));
}
