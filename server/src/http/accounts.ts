import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import { Problem } from '@tin-porch/core';
import { transaction, type Database } from '../db/database.js';
import { tell } from '../events/events.js';
import { Thread, ThreadLimit } from '../threads/thread.js';
import type { HashRequest } from './hashing-worker.js';

const COST = { N: 2 ** 15, r: 8, p: 1 };
const SESSION_DAYS = 30;
/** Wrong tries of one account from one place that cost no wait; each more doubles it, up to the longest. */
const FREE_TRIES = 5;
const LONGEST_WAIT_S = 300;
/** Tries from one address within a quarter of an hour, whatever the account. */
const MOST_FROM_ADDRESS = 60;
/** How many may wait for their password to be looked at. */
const MOST_WAITING = 20;
export const SHORTEST_PASSWORD = 12;

export interface Designer {
  id: string;
  mail: string;
  name: string;
}

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

async function passwordFits(password: string, kept: string): Promise<boolean> {
  const [, N, r, p, salt, hash] = kept.split('$');
  const right = Buffer.from(hash!, 'base64url');
  const cost = { N: Number(N), r: Number(r), p: Number(p) };
  return timingSafeEqual(await scrypt(password, Buffer.from(salt!, 'base64url'), right.length, cost), right);
}

const digest = (token: string) => createHash('sha256').update(token).digest();
/** What an unknown mail address is compared with, so that it takes as long as a known one. */
const NOBODY = `scrypt$${COST.N}$${COST.r}$${COST.p}$${randomBytes(16).toString('base64url')}$${randomBytes(32).toString('base64url')}`;
const isToken = (token: string) => /^[\w-]{43}$/.test(token);
const newToken = () => randomBytes(32).toString('base64url');

/** What somebody who signed in is given: the session, and what makes this browser known from now on. */
export interface SignedIn {
  token: string;
  maxAge: number;
  browser: string;
}

/** Designers and their sessions. */
export class Accounts {
  constructor(private readonly db: Database) {}

  /** Makes an account unless there is one of that mail address. True where it was made. */
  async put(mail: string, name: string, password: string): Promise<boolean> {
    const who = mail.toLowerCase();
    if ((await this.db.query('select 1 from designer where mail = $1', [who])).rowCount) return false;
    const { rowCount } = await this.db.query(
      'insert into designer (mail, name, password) values ($1, $2, $3) on conflict (mail) do nothing',
      [who, name, await hashPassword(password)],
    );
    return rowCount === 1;
  }

  /** Whether an account has this password. */
  async passwordIs(mail: string, password: string): Promise<boolean> {
    const { rows } = await this.db.query<{ password: string }>('select password from designer where mail = $1', [
      mail.toLowerCase(),
    ]);
    return rows[0] !== undefined && passwordFits(password, rows[0].password);
  }

  /** Gives an account another password and ends its sessions. */
  async resetPassword(mail: string, password: string): Promise<boolean> {
    const { rows } = await this.db.query<{ id: string }>(
      'update designer set password = $2 where mail = $1 returning id',
      [mail.toLowerCase(), await hashPassword(password)],
    );
    if (rows[0]) await this.endSessions(rows[0].id);
    return rows.length === 1;
  }

  /**
   * Somebody changes their own password; their other sessions end.
   * @throws Problem 403 where the old one is wrong, 422 where the new one is no good
   */
  async changePassword(designer: Designer, now: string, next: string, token: string): Promise<void> {
    if (next.length < SHORTEST_PASSWORD)
      throw new Problem(422, 'The new password is too short', `${SHORTEST_PASSWORD} characters or more.`);
    if (next === now || next.toLowerCase().includes(designer.mail.split('@')[0]!))
      throw new Problem(
        422,
        'The new password is too easy to guess',
        'Neither the old one nor your mail address in it.',
      );
    await this.counted(designer.mail, `session ${digest(token).toString('hex')}`, async () => {
      const { rows } = await this.db.query<{ password: string }>('select password from designer where id = $1', [
        designer.id,
      ]);
      if (!rows[0] || !(await passwordFits(now, rows[0].password)))
        throw new Problem(403, 'That is not your password', 'Give the one you signed in with.');
    });
    await this.db.query('update designer set password = $2 where id = $1', [designer.id, await hashPassword(next)]);
    await this.endSessions(designer.id, token);
  }

  /**
   * Counts a try before the work of it is done, so that many at once are counted too, and takes it off the count where
   * it went well. The wait grows with each wrong try of this account from this place, and is nobody else’s.
   * @throws Problem 429, or what `work` throws
   */
  private async counted<T>(mail: string, origin: string, work: () => Promise<T>): Promise<T> {
    const id = await transaction(this.db, async (client) => {
      await client.query('select pg_advisory_xact_lock(7243, hashtext($1))', [`${mail} ${origin}`]);
      const { rows } = await client.query<{ tries: number; since: number; from: number }>(
        `select count(*) filter (where mail = $1)::int as tries,
           coalesce(extract(epoch from now() - max(at) filter (where mail = $1)), 1e6)::float8 as since,
           count(*)::int as from
         from sign_in_try where origin = $2 and at > now() - interval '15 minutes'`,
        [mail, origin],
      );
      const { tries, since, from } = rows[0]!;
      const wait = tries < FREE_TRIES ? 0 : Math.min(LONGEST_WAIT_S, 2 ** (tries - FREE_TRIES + 1));
      const left = Math.ceil(from >= MOST_FROM_ADDRESS ? Math.max(60, wait - since) : wait - since);
      if (left > 0)
        throw new Problem(
          429,
          'Too many tries',
          `Wait ${left < 60 ? `${left} s` : `${Math.ceil(left / 60)} min`} before the next one.`,
        );
      const made = await client.query<{ id: string }>(
        'insert into sign_in_try (mail, origin) values ($1, $2) returning id',
        [mail.slice(0, 254), origin],
      );
      return made.rows[0]!.id;
    });
    try {
      const result = await work();
      await this.db.query('delete from sign_in_try where mail = $1 and origin = $2', [mail, origin]);
      return result;
    } catch (error) {
      // Where we had no time for it, it was no try.
      if (error instanceof Problem && error.status === 503)
        await this.db.query('delete from sign_in_try where id = $1', [id]);
      throw error;
    }
  }

  /**
   * Signs in and opens a session. `browser` is what made a browser known when somebody signed in from it before.
   * @throws Problem 401, 429 after too many wrong tries, or 503 where too many try at once
   */
  async signIn(mail: string, password: string, address: string, browser = ''): Promise<SignedIn> {
    const who = mail.trim().toLowerCase();
    const { rows } = await this.db.query<{ id: string; password: string; known: boolean }>(
      `select d.id, d.password, exists (select 1 from known_browser b where b.designer = d.id and b.token = $2) as known
       from designer d where d.mail = $1`,
      [who, isToken(browser) ? digest(browser) : Buffer.alloc(0)],
    );
    const found = rows[0];
    const origin = found?.known ? `browser ${digest(browser).toString('hex')}` : address;
    await this.counted(who, origin, async () => {
      if (!(await passwordFits(password, found?.password ?? NOBODY)) || !found)
        throw new Problem(401, 'That mail address and password do not go together');
    });
    const token = newToken();
    const next = found!.known ? browser : newToken();
    await this.db.query(`delete from sign_in_try where at < now() - interval '1 day'`);
    await this.db.query(`delete from session where expires_at < now()`);
    await this.db.query(`delete from known_browser where seen_at < now() - interval '400 days'`);
    await this.db.query(
      'insert into known_browser (token, designer) values ($1, $2) on conflict (token) do update set seen_at = now()',
      [digest(next), found!.id],
    );
    await this.db.query(
      'insert into session (token, designer, csrf, expires_at) values ($1, $2, $3, now() + make_interval(days => $4))',
      [digest(token), found!.id, randomBytes(24).toString('base64url'), SESSION_DAYS],
    );
    return { token, maxAge: SESSION_DAYS * 86_400, browser: next };
  }

  async session(token: string): Promise<{ designer: Designer; csrf: string } | undefined> {
    if (!isToken(token)) return undefined;
    const { rows } = await this.db.query<Designer & { csrf: string }>(
      'select d.id, d.mail, d.name, s.csrf from session s join designer d on d.id = s.designer where s.token = $1 and s.expires_at > now()',
      [digest(token)],
    );
    const row = rows[0];
    return row && { designer: { id: row.id, mail: row.mail, name: row.name }, csrf: row.csrf };
  }

  async signOut(token: string): Promise<void> {
    await this.db.query('delete from session where token = $1', [digest(token)]);
    await tell(this.db, { kind: 'ended', session: sessionName(token) });
  }

  /** Ends the sessions of somebody, but for one. */
  private async endSessions(designer: string, but = ''): Promise<void> {
    const { rows } = await this.db.query<{ token: Buffer }>(
      'delete from session where designer = $1 and token <> $2 returning token',
      [designer, digest(but)],
    );
    for (const { token } of rows) await tell(this.db, { kind: 'ended', session: token.toString('hex').slice(0, 32) });
  }
}

/** What a session is called where its token must not be told. */
export const sessionName = (token: string): string => digest(token).toString('hex').slice(0, 32);
