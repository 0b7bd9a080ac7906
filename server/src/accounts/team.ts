import type { Role } from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { digest, isToken, newToken, takeFactorsAway } from '@tin-porch/sign-in';
import { putLetter, type Letter } from '@tin-porch/mail';
import type pg from 'pg';
import { transaction, type Database } from '../db/database.js';
import type { MadeLink } from '../letters/own-letters.js';
import type { Accounts, Designer } from './accounts.js';
import { hashPassword, refuseWeak } from './passwords.js';

const INVITATION_DAYS = 14;
const RESET_HOURS = 24;
const FORGOTTEN_HOURS = 1;
/** Links that are written to somebody who forgot their password, within an hour. */
const MOST_FORGOTTEN = 4;

export interface Person {
  id: string;
  mail: string;
  name: string;
  role: Role;
  second: boolean;
  createdAt: Date;
  seenAt: Date | null;
}
export interface Invitation {
  id: string;
  mail: string;
  role: Role;
  by: string;
  endsAt: Date;
  /** What became of the letter it went out by; null where none did. */
  letter: { state: 'waiting' | 'sending' | 'sent' | 'failed' | 'unsure'; error: string | null } | null;
}
/** Writes the letter a link goes out by. */
export type WriteLink = (made: MadeLink, to: string) => Letter;
/** What a link is for. */
export interface Link {
  id: string;
  kind: 'invitation' | 'reset' | 'forgotten';
  organisation: string;
  organisationName: string;
  account: string | null;
  mail: string;
  name: string;
  role: Role;
}

/** The people of an organisation, their roles, and the links by which they come and get back in. */
export class Team {
  constructor(
    private readonly db: Database,
    private readonly accounts: Accounts,
  ) {}

  async people(organisation: string): Promise<Person[]> {
    const { rows } = await this.db.query<Person>(
      `select a.id, a.mail, a.name, a.role, a.codes or exists (select 1 from passkey p where p.account = a.id) as second,
         a.created_at as "createdAt", (select max(s.seen_at) from session s where s.account = a.id) as "seenAt"
       from account a where a.organisation = $1 order by a.created_at`,
      [organisation],
    );
    return rows;
  }

  async invitations(organisation: string): Promise<Invitation[]> {
    const { rows } = await this.db.query<Invitation>(
      `select l.id, l.mail, l.role, l.by, l.ends_at as "endsAt",
         case when o.id is not null then json_build_object('state', o.state, 'error', o.error) end as letter
       from account_link l left join outgoing o on o.id = l.letter
       where l.organisation = $1 and l.kind = 'invitation' and l.ends_at > now() order by l.ends_at desc`,
      [organisation],
    );
    return rows;
  }

  async rename(organisation: string, name: string): Promise<void> {
    await this.db.query('update organisation set name = $2 where id = $1', [organisation, name.trim()]);
  }

  /** Makes a link for somebody new, and writes it to them; one made before for the same mail address ends. @throws Problem 409 */
  async invite(by: Designer, mail: string, role: Role, write?: WriteLink): Promise<MadeLink> {
    const who = mail.trim().toLowerCase();
    return transaction(this.db, async (client) => {
      if ((await client.query('select 1 from account where mail = $1', [who])).rowCount)
        throw new Problem(409, 'There is an account of that mail address', 'Nobody can have two.');
      await client.query(`delete from account_link where organisation = $1 and kind = 'invitation' and mail = $2`, [
        by.organisation,
        who,
      ]);
      return this.link(client, 'invitation', by, { mail: who, role, account: null }, INVITATION_DAYS * 24, write);
    });
  }

  private async link(
    client: pg.PoolClient,
    kind: Link['kind'],
    by: { name: string; organisation: string },
    to: { mail: string; role: Role; account: string | null },
    hours: number,
    write?: WriteLink,
  ): Promise<MadeLink> {
    const token = newToken();
    const { rows } = await client.query<{ id: string; endsAt: Date }>(
      `insert into account_link (token, kind, organisation, account, mail, role, by, ends_at)
       values ($1, $2, $3, $4, $5, $6, $7, now() + make_interval(hours => $8)) returning id, ends_at as "endsAt"`,
      [digest(token), kind, by.organisation, to.account, to.mail, to.role, by.name, hours],
    );
    const { id, endsAt } = rows[0]!;
    if (write) {
      const letter = await putLetter(client, write({ token, endsAt }, to.mail));
      await client.query('update account_link set letter = $2 where id = $1', [id, letter]);
    }
    return { token, endsAt };
  }

  /** Takes an invitation back. Gives whom it was for. @throws Problem 404 */
  async takeBack(organisation: string, id: string): Promise<string> {
    const { rows } = await this.db.query<{ mail: string }>(
      'delete from account_link where organisation = $1 and id = $2 returning mail',
      [organisation, id],
    );
    if (!rows[0]) throw new Problem(404, 'There is no such invitation');
    return rows[0].mail;
  }

  private async person(client: pg.PoolClient, organisation: string, id: string): Promise<Person> {
    // All of the organisation at once: two owners who make each other less cannot both succeed.
    const { rows } = await client.query<Person>(
      'select id, mail, name, role from account where organisation = $1 order by id for update',
      [organisation],
    );
    const person = rows.find((r) => r.id === id);
    if (!person) throw new Problem(404, 'There is nobody of that account');
    if (person.role === 'owner' && rows.filter((r) => r.role === 'owner').length === 1)
      throw new Problem(409, `${person.name} is the only owner`, 'Make somebody else an owner first.');
    return person;
  }

  /** Gives somebody another role. @throws Problem 404, or 409 for the only owner */
  async setRole(organisation: string, id: string, role: Role): Promise<Person> {
    return transaction(this.db, async (client) => {
      const person = await this.person(client, organisation, id);
      await client.query('update account set role = $2 where id = $1', [id, role]);
      return person;
    });
  }

  /** Takes an account away, with its sessions. @throws Problem 404, or 409 for the only owner */
  async remove(organisation: string, id: string): Promise<Person> {
    const { person, tokens } = await transaction(this.db, async (client) => {
      const found = await this.person(client, organisation, id);
      const { rows } = await client.query<{ token: Buffer }>('select token from session where account = $1', [id]);
      // Its sessions go with it.
      await client.query('delete from account where id = $1', [id]);
      return { person: found, tokens: rows.map((r) => r.token) };
    });
    for (const token of tokens) await this.accounts.tellEnded(token);
    return person;
  }

  /** Makes a link by which somebody of the organisation gives themselves another password. @throws Problem 404 */
  async reset(by: Designer, id: string, write?: WriteLink): Promise<MadeLink & { mail: string }> {
    return transaction(this.db, async (client) => {
      const { rows } = await client.query<{ mail: string; role: Role }>(
        'select mail, role from account where organisation = $1 and id = $2',
        [by.organisation, id],
      );
      if (!rows[0]) throw new Problem(404, 'There is nobody of that account');
      await client.query(`delete from account_link where kind = 'reset' and account = $1`, [id]);
      const made = await this.link(client, 'reset', by, { ...rows[0], account: id }, RESET_HOURS, write);
      return { ...made, mail: rows[0].mail };
    });
  }

  /** Writes whoever forgot their password a link, where there is an account of that address; a few in an hour at most. True where a letter was written. */
  async forgotten(mail: string, write: WriteLink): Promise<boolean> {
    return transaction(this.db, async (client) => {
      const { rows } = await client.query<{ id: string; mail: string; name: string; role: Role; organisation: string }>(
        'select id, mail, name, role, organisation from account where mail = $1 for update',
        [mail.trim().toLowerCase()],
      );
      const [who] = rows;
      if (!who) return false;
      const { rowCount } = await client.query(
        `select 1 from account_link where kind = 'forgotten' and account = $1 and made_at > now() - interval '1 hour'`,
        [who.id],
      );
      if (rowCount! >= MOST_FORGOTTEN) return false;
      await this.link(client, 'forgotten', who, { ...who, account: who.id }, FORGOTTEN_HOURS, write);
      return true;
    });
  }

  /** What a link is for. @throws Problem 404 where it is good no more */
  async linked(token: string): Promise<Link> {
    const { rows } = isToken(token)
      ? await this.db.query<Link>(
          `select l.id, l.kind, l.organisation, o.name as "organisationName", l.account, l.mail, coalesce(a.name, '') as name, l.role
           from account_link l join organisation o on o.id = l.organisation left join account a on a.id = l.account
           where l.token = $1 and l.ends_at > now()`,
          [digest(token)],
        )
      : { rows: [] };
    if (!rows[0]) throw new Problem(404, 'This link is not good any more', 'Ask for a new one.');
    return rows[0];
  }

  /**
   * Does what a link is for, once: makes the account, or gives it the password. Its second factors go where an owner made the
   * link; whoever sent it to themselves shows them as before.
   * @throws Problem 404, 409 or 422
   */
  async follow(token: string, name: string, password: string): Promise<Link> {
    const link = await this.linked(token);
    refuseWeak(password, link.mail);
    if (link.kind === 'invitation' && !name.trim()) throw new Problem(422, 'Say what you are called');
    const hash = await hashPassword(password);
    await transaction(this.db, async (client) => {
      const { rowCount } = await client.query('delete from account_link where id = $1', [link.id]);
      if (!rowCount) throw new Problem(404, 'This link is not good any more', 'Ask for a new one.');
      if (link.kind !== 'invitation') {
        await client.query('update account set password = $2 where id = $1', [link.account, hash]);
        // Whatever else was sent opens nothing any more.
        await client.query(`delete from account_link where account = $1 and kind <> 'invitation'`, [link.account]);
        return link.kind === 'reset' ? takeFactorsAway(client, 'account', link.account!) : undefined;
      }
      const made = await client.query(
        'insert into account (mail, name, password, organisation, role) values ($1, $2, $3, $4, $5) on conflict (mail) do nothing',
        [link.mail, name.trim(), hash, link.organisation, link.role],
      );
      if (!made.rowCount) throw new Problem(409, 'There is an account of that mail address', 'Sign in with it.');
    });
    if (link.account) await this.accounts.endSessions(link.account);
    return { ...link, name: name.trim() || link.name };
  }
}
