import { createHash, randomBytes, scrypt as scryptCallback, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import { Problem } from '@tin-porch/core';
import type { Database } from '../db/database.js';

const scrypt = promisify(scryptCallback) as (
  password: string,
  salt: Buffer,
  length: number,
  options: { N: number; r: number; p: number; maxmem: number },
) => Promise<Buffer>;
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };
const SESSION_DAYS = 30;
/** Failures within a quarter of an hour after which a name, or an address, has to wait. */
const MOST_FAILURES = { mail: 8, address: 30 };

export interface Designer {
  id: string;
  mail: string;
  name: string;
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

async function passwordFits(password: string, kept: string): Promise<boolean> {
  const [, N, r, p, salt, hash] = kept.split('$');
  const right = Buffer.from(hash!, 'base64url');
  const given = await scrypt(password, Buffer.from(salt!, 'base64url'), right.length, {
    N: Number(N),
    r: Number(r),
    p: Number(p),
    maxmem: COST.maxmem,
  });
  return timingSafeEqual(given, right);
}

const digest = (token: string) => createHash('sha256').update(token).digest();
/** What an unknown mail address is compared with, so that it takes as long as a known one. */
const NOBODY = hashPassword(randomBytes(12).toString('hex'));

/** Designers and their sessions. */
export class Accounts {
  constructor(private readonly db: Database) {}

  async put(mail: string, name: string, password: string): Promise<void> {
    await this.db.query(
      'insert into designer (mail, name, password) values ($1, $2, $3) on conflict (mail) do nothing',
      [mail.toLowerCase(), name, await hashPassword(password)],
    );
  }

  /** Signs in and opens a session. @throws Problem 401, or 429 after too many failures */
  async signIn(mail: string, password: string, address: string): Promise<{ token: string; maxAge: number }> {
    const who = mail.trim().toLowerCase();
    const { rows: counts } = await this.db.query<{ mail: string; address: string }>(
      `select count(*) filter (where mail = $1) as mail, count(*) filter (where address = $2) as address from sign_in_failure where at > now() - interval '15 minutes'`,
      [who, address],
    );
    if (Number(counts[0]!.mail) >= MOST_FAILURES.mail || Number(counts[0]!.address) >= MOST_FAILURES.address)
      throw new Problem(429, 'Too many tries', 'Wait a quarter of an hour before you sign in again.');
    const { rows } = await this.db.query<{ id: string; password: string }>(
      'select id, password from designer where mail = $1',
      [who],
    );
    const fits = await passwordFits(password, rows[0]?.password ?? (await NOBODY));
    if (!rows[0] || !fits) {
      await this.db.query('insert into sign_in_failure (mail, address) values ($1, $2)', [who.slice(0, 254), address]);
      throw new Problem(401, 'That mail address and password do not go together');
    }
    const token = randomBytes(32).toString('base64url');
    await this.db.query(`delete from sign_in_failure where mail = $1 or at < now() - interval '1 day'`, [who]);
    await this.db.query(`delete from session where expires_at < now()`);
    await this.db.query(
      'insert into session (token, designer, csrf, expires_at) values ($1, $2, $3, now() + make_interval(days => $4))',
      [digest(token), rows[0].id, randomBytes(24).toString('base64url'), SESSION_DAYS],
    );
    return { token, maxAge: SESSION_DAYS * 86_400 };
  }

  async session(token: string): Promise<{ designer: Designer; csrf: string } | undefined> {
    if (!/^[\w-]{43}$/.test(token)) return undefined;
    const { rows } = await this.db.query<Designer & { csrf: string }>(
      'select d.id, d.mail, d.name, s.csrf from session s join designer d on d.id = s.designer where s.token = $1 and s.expires_at > now()',
      [digest(token)],
    );
    const row = rows[0];
    return row && { designer: { id: row.id, mail: row.mail, name: row.name }, csrf: row.csrf };
  }

  async signOut(token: string): Promise<void> {
    await this.db.query('delete from session where token = $1', [digest(token)]);
  }
}
