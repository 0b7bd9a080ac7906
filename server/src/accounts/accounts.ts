import { randomBytes } from 'node:crypto';
import type { Role } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { digest, isToken, newToken, sessionName, takeFactorsAway } from '@tin-porch/sign-in';
import { transaction, type Database } from '../db/database.js';
import { tell } from '../events/events.js';
import { hashPassword, NOBODY, passwordFits, refuseWeak } from './passwords.js';
import { Tries } from './tries.js';

const SESSION_DAYS = 30;

/** Somebody with an account, in their organisation. */
export interface Designer {
  id: string;
  mail: string;
  name: string;
  role: Role;
  organisation: string;
  organisationName: string;
}

/** Where somebody signs in from: an address, the browser’s name for itself, and what made it known before. */
export interface From {
  address: string;
  agent?: string;
  browser?: string;
}

/** What somebody who signed in is given: the session, and what makes this browser known from now on. */
export interface SignedIn {
  token: string;
  maxAge: number;
  browser: string;
}

/** A session as its owner sees it. */
export interface SessionLine {
  id: string;
  here: boolean;
  agent: string;
  address: string;
  createdAt: Date;
  seenAt: Date;
}

const DESIGNER = `d.id, d.mail, d.name, d.role, d.organisation, o.name as "organisationName"`;

/** People, their passwords and their sessions. */
export class Accounts {
  readonly tries: Tries;

  constructor(private readonly db: Database) {
    this.tries = new Tries(db);
  }

  /** Makes an account, the owner of an organisation of their own, unless there is one of that mail address. True where it was made. */
  async put(mail: string, name: string, password: string): Promise<boolean> {
    const who = mail.toLowerCase();
    if ((await this.db.query('select 1 from account where mail = $1', [who])).rowCount) return false;
    const hash = await hashPassword(password);
    return transaction(this.db, async (client) => {
      const { rows } = await client.query<{ id: string }>('insert into organisation (name) values ($1) returning id', [
        name,
      ]);
      const { rowCount } = await client.query(
        `insert into account (mail, name, password, organisation, role) values ($1, $2, $3, $4, 'owner') on conflict (mail) do nothing`,
        [who, name, hash, rows[0]!.id],
      );
      if (!rowCount) await client.query('delete from organisation where id = $1', [rows[0]!.id]);
      return rowCount === 1;
    });
  }

  /** Whether an account has this password. */
  async passwordIs(mail: string, password: string): Promise<boolean> {
    const { rows } = await this.db.query<{ password: string }>('select password from account where mail = $1', [
      mail.toLowerCase(),
    ]);
    return rows[0] !== undefined && passwordFits(password, rows[0].password);
  }

  /** Gives an account another password, takes its second factors away and ends its sessions: whoever does that has the machine. */
  async resetPassword(mail: string, password: string): Promise<boolean> {
    const hash = await hashPassword(password);
    const account = await transaction(this.db, async (client) => {
      const { rows } = await client.query<{ id: string }>(
        'update account set password = $2 where mail = $1 returning id',
        [mail.toLowerCase(), hash],
      );
      if (rows[0]) await takeFactorsAway(client, 'account', rows[0].id);
      return rows[0]?.id;
    });
    if (account === undefined) return false;
    await this.endSessions(account);
    return true;
  }

  /** @throws Problem 403 where it is not the password of whoever is signed in, 429 after too many wrong ones */
  async confirm(designer: Designer, password: string, token: string): Promise<void> {
    await this.tries.counted(designer.mail, `session ${digest(token).toString('hex')}`, async () => {
      const { rows } = await this.db.query<{ password: string }>('select password from account where id = $1', [
        designer.id,
      ]);
      if (!rows[0] || !(await passwordFits(password, rows[0].password)))
        throw new Problem(403, 'That is not your password', 'Give the one you signed in with.');
    });
  }

  /**
   * Somebody changes their own password; their other sessions end.
   * @throws Problem 403 where the old one is wrong, 422 where the new one is no good
   */
  async changePassword(designer: Designer, now: string, next: string, token: string): Promise<void> {
    refuseWeak(next, designer.mail, now);
    await this.confirm(designer, now, token);
    await this.db.query('update account set password = $2 where id = $1', [designer.id, await hashPassword(next)]);
    await this.endSessions(designer.id, token);
  }

  /**
   * Looks at a password. Gives the account it belongs to.
   * @throws Problem 401, 429 after too many wrong tries, or 503 where too many try at once
   */
  async check(mail: string, password: string, { address, browser = '' }: From): Promise<{ id: string; mail: string }> {
    const who = mail.trim().toLowerCase();
    const { rows } = await this.db.query<{ id: string; password: string; known: boolean }>(
      `select a.id, a.password, exists (select 1 from known_browser b where b.account = a.id and b.token = $2) as known
       from account a where a.mail = $1`,
      [who, isToken(browser) ? digest(browser) : Buffer.alloc(0)],
    );
    const found = rows[0];
    const origin = found?.known ? `browser ${digest(browser).toString('hex')}` : address;
    await this.tries.counted(who, origin, async () => {
      if (!(await passwordFits(password, found?.password ?? NOBODY)) || !found)
        throw new Problem(401, 'That mail address and password do not go together');
    });
    return { id: found!.id, mail: who };
  }

  /** Opens a session for somebody who has shown who they are. */
  async open(account: string, { address, agent = '', browser = '' }: From): Promise<SignedIn> {
    const token = newToken();
    const { rowCount } = isToken(browser)
      ? await this.db.query('select 1 from known_browser where account = $1 and token = $2', [account, digest(browser)])
      : { rowCount: 0 };
    const next = rowCount ? browser : newToken();
    await this.db.query(
      'insert into known_browser (token, account) values ($1, $2) on conflict (token) do update set seen_at = now()',
      [digest(next), account],
    );
    await this.db.query(
      `insert into session (token, account, csrf, agent, address, expires_at)
       values ($1, $2, $3, $4, $5, now() + make_interval(days => $6))`,
      [
        digest(token),
        account,
        randomBytes(24).toString('base64url'),
        agent.slice(0, 300),
        address.slice(0, 64),
        SESSION_DAYS,
      ],
    );
    return { token, maxAge: SESSION_DAYS * 86_400, browser: next };
  }

  /** Signs in with a password alone. @throws Problem as `check` does */
  async signIn(mail: string, password: string, address: string, browser = ''): Promise<SignedIn> {
    const { id } = await this.check(mail, password, { address, browser });
    return this.open(id, { address, browser });
  }

  /** Who a session belongs to; undefined where there is no such session any more. */
  async session(token: string): Promise<{ designer: Designer; csrf: string } | undefined> {
    if (!isToken(token)) return undefined;
    const { rows } = await this.db.query<Designer & { csrf: string; stale: boolean }>(
      `select ${DESIGNER}, s.csrf, s.seen_at < now() - interval '5 minutes' as stale
       from session s join account d on d.id = s.account join organisation o on o.id = d.organisation
       where s.token = $1 and s.expires_at > now()`,
      [digest(token)],
    );
    if (!rows[0]) return undefined;
    const { csrf, stale, ...designer } = rows[0];
    if (stale) await this.db.query('update session set seen_at = now() where token = $1', [digest(token)]);
    return { designer, csrf };
  }

  /** The sessions of an account, the one seen last first. */
  async sessions(account: string, token: string): Promise<SessionLine[]> {
    const { rows } = await this.db.query<SessionLine>(
      `select id, token = $2 as here, agent, address, created_at as "createdAt", seen_at as "seenAt"
       from session where account = $1 and expires_at > now() order by token = $2 desc, seen_at desc`,
      [account, digest(token)],
    );
    return rows;
  }

  /** Whether letters about sites are wanted. */
  async wantsLetters(account: string): Promise<boolean> {
    const { rows } = await this.db.query<{ wanted: boolean }>(
      'select care_letters as wanted from account where id = $1',
      [account],
    );
    return rows[0]?.wanted ?? false;
  }
  async wantLetters(account: string, wanted: boolean): Promise<void> {
    await this.db.query('update account set care_letters = $2 where id = $1', [account, wanted]);
  }

  /** Ends one session of an account by its id. @throws Problem 404 */
  async endSession(account: string, id: string): Promise<void> {
    const { rows } = await this.db.query<{ token: Buffer }>(
      'delete from session where account = $1 and id = $2 returning token',
      [account, id],
    );
    if (!rows[0]) throw new Problem(404, 'There is no such session');
    await this.tellEnded(rows[0].token);
  }

  async signOut(token: string): Promise<void> {
    await this.db.query('delete from session where token = $1', [digest(token)]);
    await tell(this.db, { kind: 'ended', session: sessionName(token) });
  }

  /** Ends the sessions of somebody, but for one. */
  async endSessions(account: string, but = ''): Promise<void> {
    const { rows } = await this.db.query<{ token: Buffer }>(
      'delete from session where account = $1 and token <> $2 returning token',
      [account, digest(but)],
    );
    for (const { token } of rows) await this.tellEnded(token);
  }

  /** Tells all that a session is no more, by the digest of its token. */
  tellEnded(token: Buffer): Promise<void> {
    return tell(this.db, { kind: 'ended', session: token.toString('hex').slice(0, 32) });
  }

  async rename(account: string, name: string): Promise<void> {
    await this.db.query('update account set name = $2 where id = $1', [account, name.trim()]);
  }
}
