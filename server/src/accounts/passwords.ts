import { randomBytes, timingSafeEqual } from 'node:crypto';
import { Problem } from '@tin-porch/core/ground';
import { Thread, ThreadLimit } from '@tin-porch/press/threads';
import type { HashRequest } from './hashing-worker.js';

const COST = { N: 2 ** 15, r: 8, p: 1 };
/** How many may wait for their password to be looked at. */
const MOST_WAITING = 20;
export const SHORTEST_PASSWORD = 12;

/** Passwords are hashed in a thread of their own, one at a time: sixty-four who sign in at once make no page wait. */
const hashing = new Thread(
  (ending) => new URL(`./hashing-worker${ending}`, import.meta.url),
  import.meta.url.endsWith('.mjs'),
  { mostWaiting: MOST_WAITING },
);
async function scrypt(password: string, salt: Buffer, length: number, cost: typeof COST): Promise<Buffer> {
  const request: HashRequest = { password, salt, length, cost };
  try {
    return Buffer.from((await hashing.ask(request)) as Uint8Array);
  } catch (error) {
    if (error instanceof ThreadLimit)
      throw new Problem(503, 'Too many people sign in at this moment', 'Try again in a few seconds.');
    throw error;
  }
}

/** A password as `scrypt$N$r$p$salt$hash` (RFC 7914). */
export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16);
  return [
    'scrypt',
    COST.N,
    COST.r,
    COST.p,
    salt.toString('base64url'),
    (await scrypt(password, salt, 32, COST)).toString('base64url'),
  ].join('$');
}

/** Whether a password is the one a hash was made of. */
export async function passwordFits(password: string, kept: string): Promise<boolean> {
  const [, N, r, p, salt, hash] = kept.split('$');
  const right = Buffer.from(hash!, 'base64url');
  const cost = { N: Number(N), r: Number(r), p: Number(p) };
  return timingSafeEqual(await scrypt(password, Buffer.from(salt!, 'base64url'), right.length, cost), right);
}

/** What an unknown mail address is compared with, so that it takes as long as a known one. */
export const NOBODY = `scrypt$${COST.N}$${COST.r}$${COST.p}$${randomBytes(16).toString('base64url')}$${randomBytes(32).toString('base64url')}`;

/** @throws Problem 422 where a new password is too short, or easily guessed from the mail address or the one before */
export function refuseWeak(next: string, mail: string, before?: string): void {
  if (next.length < SHORTEST_PASSWORD)
    throw new Problem(422, 'The new password is too short', `${SHORTEST_PASSWORD} characters or more.`);
  if (next === before || next.toLowerCase().includes(mail.split('@')[0]!))
    throw new Problem(
      422,
      'The new password is too easy to guess',
      `Neither ${before === undefined ? '' : 'the old one nor '}your mail address in it.`,
    );
}
