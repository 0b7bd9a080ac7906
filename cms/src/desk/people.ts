import type { Pool, PoolClient } from 'pg';
import { putLetter, type Letter } from '@tin-porch/mail';
import { Problem } from '@tin-porch/core/ground';
import { GUESSED, IN_AFTER_GUESSES } from '@tin-porch/core/model';
import { digest, isToken, newToken } from '@tin-porch/sign-in';
import { transaction } from '../transaction.js';
import { hashPassword, passwordFits, SHORTEST_PASSWORD } from './passwords.js';

/** What somebody may do at the desk: each may what those after it may. A designer comes by a link and is none of the people. */
export const ROLES = ['owner', 'publish', 'write', 'messages'] as const;
export type DeskRole = (typeof ROLES)[number];
/** Who does something to the people of a site: its designer, or an owner, whom nobody else takes anything from. */
export interface Doer {
  name: string;
  owner: boolean;
}

/** Somebody at the desk of a site. */
export interface Person {
  id: string;
  name: string;
  mail: string;
  role: DeskRole | 'designer';
  /** Whether it is the designer, whatever they act as. */
  designer: boolean;
}
export interface PersonLine extends Omit<Person, 'designer'> {
  madeAt: string;
  /** When they were last at the desk; null where they never were. */
  seenAt: string | null;
  /** Whether they have a password. */
  password: boolean;
  /** Since when the site is theirs; null where it is not. */
  ownerSince: string | null;
}
export interface DeskSession {
  person: Person;
  /** What the session is called where its token must not be told. */
  name: string;
}
export interface SessionLine {
  name: string;
  agent: string;
  madeAt: string;
  seenAt: string;
}

const SESSION_DAYS = 30;
const DESIGNER_HOURS = 2;
/** How long a link to sign in is good, in minutes: an invitation waits for a week, the designer’s own for ten minutes. */
export const LINK_MINUTES = { invitation: 7 * 24 * 60, again: 30, designer: 10 };
const FREE_TRIES = 5;
/** So many wrong tries at one address are guesses: from one place, and from wherever. */
const GUESSES = 10;
const GUESSES_EVERYWHERE = 40;
const LONGEST_WAIT_S = 300;
const MOST_FROM_ORIGIN = 60;
const MOST_PEOPLE = 50;
/** Links that are written to one address within an hour. */
const MOST_LINKS = 4;

const LINE = 'p.id, p.name, p.mail, p.role';
const PERSON = `${LINE}, p.role = 'designer' as designer`;

/** The people of a site: who they are, how they sign in, and what was done. Nothing here says whether an address is known. */
export class People {
  constructor(private readonly db: Pool) {}

  async list(): Promise<PersonLine[]> {
    const { rows } = await this.db.query<
      Omit<PersonLine, 'madeAt' | 'seenAt' | 'ownerSince'> & {
        made_at: Date;
        seen_at: Date | null;
        owner_since: Date | null;
      }
    >(
      `select ${LINE}, p.made_at, p.seen_at, p.owner_since, p.password is not null as password
       from person p where role <> 'designer' order by made_at`,
    );
    return rows.map(({ made_at, seen_at, owner_since, ...p }) => ({
      ...p,
      madeAt: made_at.toISOString(),
      seenAt: seen_at?.toISOString() ?? null,
      ownerSince: owner_since?.toISOString() ?? null,
    }));
  }

  private async link(
    client: Pick<PoolClient, 'query'>,
    person: string,
    minutes: number,
    actsAs: DeskRole | null = null,
  ): Promise<string> {
    const token = newToken();
    await client.query('delete from sign_in_link where ends_at < now()');
    await client.query(
      'insert into sign_in_link (token, person, ends_at, acts_as) values ($1, $2, now() + make_interval(mins => $3), $4)',
      [digest(token), person, minutes, actsAs],
    );
    return token;
  }

  /** Lets somebody in: gives the token of their first link, and writes them where `write` says how. @throws Problem 409 where the address is taken */
  async invite(
    who: { name: string; mail: string; role: DeskRole },
    by: string,
    write?: (to: { name: string; mail: string }, token: string) => Letter,
  ): Promise<{ id: string; token: string }> {
    return transaction(this.db, (client) => this.letIn(client, who, by, write));
  }
  private async letIn(
    client: PoolClient,
    { role, ...who }: { name: string; mail: string; role: DeskRole },
    by: string,
    write?: (to: { name: string; mail: string }, token: string) => Letter,
  ): Promise<{ id: string; token: string }> {
    const to = { name: who.name.trim(), mail: who.mail.trim() };
    const { rows: count } = await client.query<{ n: number }>(`select count(*)::int as n from person`);
    if (count[0]!.n >= MOST_PEOPLE) throw new Problem(409, 'That are too many people', `${MOST_PEOPLE} at most.`);
    const { rows } = await client.query<{ id: string }>(
      `insert into person (name, mail, role, owner_since) values ($1, $2, $3, case when $3 = 'owner' then now() end)
       on conflict (lower(mail)) do nothing returning id`,
      [to.name, to.mail, role],
    );
    if (!rows[0]) throw new Problem(409, 'That mail address is at the desk already', to.mail);
    await this.note(client, by, role === 'owner' ? `Handed the site over to ${to.name}` : `Let ${to.name} in`);
    const token = await this.link(client, rows[0].id, LINK_MINUTES.invitation);
    if (write) await putLetter(client, write(to, token));
    return { id: rows[0].id, token };
  }

  /**
   * Makes the site somebody’s own, who is at the desk or is let in by it: from then on they say who else is. Gives the token
   * of a link for whoever was not at the desk before, and tells them where `write` says how. Done twice, it is done once.
   * @throws Problem 404, or 409 where the address is taken
   */
  async handOver(
    client: PoolClient,
    to: { person: string } | { name: string; mail: string },
    by: string,
    write?: (to: { name: string; mail: string }, token: string | null) => Letter,
  ): Promise<{ id: string; token: string | null }> {
    if (!('person' in to)) return this.letIn(client, { ...to, role: 'owner' }, by, write);
    const { rows } = await client.query<{ name: string; mail: string; role: string; came: boolean }>(
      `select name, mail, role, seen_at is not null as came from person where id = $1 and role <> 'designer' for update`,
      [to.person],
    );
    const [who] = rows;
    if (!who) throw new Problem(404, 'There is no such person');
    if (who.role === 'owner') return { id: to.person, token: null };
    await client.query(`update person set role = 'owner', owner_since = now() where id = $1`, [to.person]);
    await this.note(client, by, `Handed the site over to ${who.name}`);
    const token = who.came ? null : await this.link(client, to.person, LINK_MINUTES.invitation);
    if (write) await putLetter(client, write(who, token));
    return { id: to.person, token };
  }

  /** A new link for somebody who lost theirs. Those before it open nothing any more. @throws Problem 404 */
  async linkAgain(person: string, by: string): Promise<string> {
    return transaction(this.db, async (client) => {
      const { rows } = await client.query<{ name: string }>(
        `select name from person where id = $1 and role <> 'designer'`,
        [person],
      );
      if (!rows[0]) throw new Problem(404, 'There is no such person');
      await client.query('delete from sign_in_link where person = $1', [person]);
      await this.note(client, by, `Made a link for ${rows[0].name}`);
      return this.link(client, person, LINK_MINUTES.invitation);
    });
  }

  /**
   * Writes somebody a link, where there is somebody of that address; a few in an hour at most, from one place and to one
   * address. True where a letter was written.
   */
  linkByMail(
    mail: string,
    origin: string,
    write: (to: Person, token: string, minutes: number) => Letter,
  ): Promise<boolean> {
    return transaction(this.db, async (client) => {
      await client.query(`select pg_advisory_xact_lock(hashtext('sign_in_try'), hashtext($1))`, [origin]);
      await client.query(`delete from sign_in_try where at < now() - interval '1 hour' and kind = 'link'`);
      const asked = mail.trim().toLowerCase().slice(0, 254);
      const { rows: tries } = await client.query<{ to: number; from: number }>(
        `select count(*) filter (where mail = $1)::int as to, count(*) filter (where origin = $2)::int as from
         from sign_in_try where kind = 'link'`,
        [asked, origin],
      );
      if (tries[0]!.to >= MOST_LINKS || tries[0]!.from >= MOST_LINKS * 4) return false;
      await client.query(`insert into sign_in_try (kind, mail, origin) values ('link', $1, $2)`, [asked, origin]);
      const { rows } = await client.query<Person>(
        `select ${PERSON} from person p where lower(p.mail) = lower($1) and p.role <> 'designer'`,
        [mail.trim()],
      );
      if (!rows[0]) return false;
      const token = await this.link(client, rows[0].id, LINK_MINUTES.again);
      await putLetter(client, write(rows[0], token, LINK_MINUTES.again));
      await this.note(client, rows[0].name, 'Asked for a link');
      return true;
    });
  }

  /**
   * A link by which the designer signs in, good for minutes; who they are stands in the log. They see and may what somebody
   * in a role does, where one is given.
   */
  async designerLink(name: string, actsAs: DeskRole | null = null): Promise<string> {
    return transaction(this.db, async (client) => {
      const mail = `designer:${name.toLowerCase()}`;
      const { rows } = await client.query<{ id: string }>(
        `insert into person (name, mail, role) values ($1, $2, 'designer')
         on conflict (lower(mail)) do update set name = excluded.name returning id`,
        [name, mail],
      );
      await this.note(
        client,
        name,
        `Came in as the designer${actsAs ? `, with what somebody has who may ${ROLE_WORDS[actsAs]}` : ''}`,
      );
      return this.link(client, rows[0]!.id, LINK_MINUTES.designer, actsAs);
    });
  }

  /** Somebody, held until the transaction ends, whom this doer may do something to. @throws Problem 404, or 409 where the site is theirs */
  private async held(client: PoolClient, person: string, by: Doer): Promise<{ name: string; role: DeskRole }> {
    const { rows } = await client.query<{ name: string; role: DeskRole }>(
      `select name, role from person where id = $1 and role <> 'designer' for update`,
      [person],
    );
    if (!rows[0]) throw new Problem(404, 'There is no such person');
    if (rows[0].role === 'owner' && !by.owner)
      throw new Problem(409, `The site is ${rows[0].name}’s`, 'They say at their desk who may what there.');
    return rows[0];
  }
  /**
   * Gives somebody another role. An owner makes others owners too, and gives the site back by taking another role.
   * @throws Problem 404, or 409 where that is not theirs to say
   */
  setRole(person: string, role: DeskRole, by: Doer): Promise<void> {
    return transaction(this.db, async (client) => {
      const who = await this.held(client, person, by);
      if (role === 'owner' && !by.owner) throw new Problem(409, 'A site is handed over', 'It is not given by a role.');
      if (who.role === role) return;
      await client.query(
        `update person set role = $2, owner_since = case when $2 = 'owner' then now() end where id = $1`,
        [person, role],
      );
      await this.note(client, by.name, `Let ${who.name} ${ROLE_WORDS[role]}`);
    });
  }

  /** Lets somebody in no more, from this moment on. @throws Problem 404, or 409 where the site is theirs */
  remove(person: string, by: Doer): Promise<void> {
    return transaction(this.db, async (client) => {
      const { name } = await this.held(client, person, by);
      await client.query('delete from person where id = $1', [person]);
      await this.note(client, by.name, `Let ${name} in no more`);
    });
  }

  /** What was done with the desk, the newest first. */
  async log(limit = 30): Promise<{ at: string; by: string; what: string }[]> {
    const { rows } = await this.db.query<{ at: Date; by: string; what: string }>(
      'select at, by, what from desk_log order by id desc limit $1',
      [limit],
    );
    return rows.map((r) => ({ ...r, at: r.at.toISOString() }));
  }
  async note(client: Pick<PoolClient, 'query'> | Pool, by: string, what: string): Promise<void> {
    await client.query('insert into desk_log (by, what) values ($1, $2)', [by.slice(0, 120), what.slice(0, 300)]);
  }

  private async begin(
    client: Pick<PoolClient, 'query'>,
    person: Person,
    agent: string,
    actsAs: DeskRole | null = null,
  ): Promise<string> {
    const token = newToken();
    await client.query('delete from session where ends_at < now()');
    await client.query(
      'insert into session (token, person, agent, ends_at, acts_as) values ($1, $2, $3, now() + make_interval(hours => $4), $5)',
      [digest(token), person.id, agent.slice(0, 200), person.designer ? DESIGNER_HOURS : SESSION_DAYS * 24, actsAs],
    );
    await client.query('update person set seen_at = now() where id = $1', [person.id]);
    await this.note(client, person.name, 'Signed in');
    return token;
  }

  /** Signs in by a link: it is good once. @throws Problem 401 */
  async follow(link: string, agent: string): Promise<string> {
    return transaction(this.db, async (client) => {
      const { rows } = isToken(link)
        ? await client.query<Person & { acts_as: DeskRole | null }>(
            `delete from sign_in_link l using person p where l.token = $1 and l.ends_at > now() and p.id = l.person returning ${PERSON}, l.acts_as`,
            [digest(link)],
          )
        : { rows: [] };
      if (!rows[0])
        throw new Problem(
          401,
          'That link is not good any more',
          'A link is good once, and for a while. Ask for another.',
        );
      const { acts_as, ...person } = rows[0];
      return this.begin(client, person, agent, acts_as);
    });
  }

  /**
   * Whose mail address and password these are. What is wrong is not said, and an unknown address takes as long as a known
   * one; after a few tries from one place each costs a wait.
   * @throws Problem 401, 429 or 503
   */
  async byPassword(mail: string, password: string, origin: string): Promise<string> {
    return this.counted(mail.trim().toLowerCase(), origin, async () => {
      const { rows } = await this.db.query<{ id: string; password: string | null }>(
        `select p.id, p.password from person p where lower(p.mail) = lower($1) and p.role <> 'designer'`,
        [mail.trim()],
      );
      if (!(await passwordFits(password, rows[0]?.password ?? null)) || !rows[0])
        throw new Problem(401, 'That does not fit', 'Look at the mail address and the password once more.');
      return rows[0].id;
    });
  }

  /** Signs somebody in who has shown who they are. Gives the token of their session. @throws Problem 401 where they are let in no more */
  async open(person: string, agent: string): Promise<string> {
    return transaction(this.db, async (client) => {
      const { rows } = await client.query<Person>(
        `select ${PERSON} from person p where id = $1 and p.role <> 'designer'`,
        [person],
      );
      if (!rows[0]) throw new Problem(401, 'Sign in first');
      return this.begin(client, rows[0], agent);
    });
  }

  /**
   * Does what is a try at signing in, counted before it is done, so that many at once are counted too; those before it are
   * forgiven where it went well. The wait grows with each wrong try at this address from this place, and is nobody else’s.
   * @throws Problem 429, or what `work` throws
   */
  async counted<T>(mail: string, origin: string, work: () => Promise<T>): Promise<T> {
    await transaction(this.db, async (client) => {
      await client.query(`select pg_advisory_xact_lock(hashtext('sign_in_try'), hashtext($1))`, [origin]);
      await client.query(`delete from sign_in_try where at < now() - interval '15 minutes' and kind = 'password'`);
      const { rows } = await client.query<{ tries: number; since: number; from: number; everywhere: number }>(
        `select count(*) filter (where mail = $1)::int as tries,
           coalesce(extract(epoch from clock_timestamp() - max(at) filter (where mail = $1)), 1e6)::float8 as since,
           count(*)::int as from,
           (select count(*)::int from sign_in_try where mail = $1 and kind = 'password') as everywhere
         from sign_in_try where origin = $2 and kind = 'password'`,
        [mail, origin],
      );
      const { tries, since, from, everywhere } = rows[0]!;
      const wait = tries < FREE_TRIES ? 0 : Math.min(LONGEST_WAIT_S, 2 ** (tries - FREE_TRIES + 1)) - since;
      const left = Math.ceil(from >= MOST_FROM_ORIGIN ? Math.max(60, wait) : wait);
      if (left > 0)
        throw new Problem(429, 'Too many tries', `Wait ${left < 60 ? `${left} s` : `${Math.ceil(left / 60)} min`}.`);
      await client.query('insert into sign_in_try (mail, origin) values ($1, $2)', [mail.slice(0, 254), origin]);
      // Once for each run of guesses: at one address from here, at one from many places, at many from here.
      if (tries + 1 === GUESSES || everywhere + 1 === GUESSES_EVERYWHERE || from + 1 === MOST_FROM_ORIGIN)
        await this.note(client, await this.calledAs(client, mail), GUESSED);
    });
    const done = await work();
    const { rowCount } = await this.db.query('delete from sign_in_try where mail = $1 and origin = $2', [
      mail.slice(0, 254),
      origin,
    ]);
    // This try is among them.
    if ((rowCount ?? 0) > GUESSES) await this.note(this.db, await this.calledAs(this.db, mail), IN_AFTER_GUESSES);
    return done;
  }
  /** What somebody is called whose mail address, or whose id, is tried. */
  private async calledAs(db: Pick<PoolClient, 'query'> | Pool, tried: string): Promise<string> {
    const { rows } = await db.query<{ name: string }>(
      `select name from person where (lower(mail) = $1 or id::text = $1) and role <> 'designer'`,
      [tried],
    );
    return rows[0]?.name ?? 'Nobody of the site';
  }

  /** Whose session a token is; undefined where it is none, or not any more. */
  async session(token: string): Promise<DeskSession | undefined> {
    if (!isToken(token)) return undefined;
    const { rows } = await this.db.query<Person & { stale: boolean; acts_as: DeskRole | null }>(
      `select ${PERSON}, s.acts_as, s.seen_at < now() - interval '1 minute' as stale
       from session s join person p on p.id = s.person where s.token = $1 and s.ends_at > now()`,
      [digest(token)],
    );
    if (!rows[0]) return undefined;
    const { stale, acts_as, ...person } = rows[0];
    if (stale)
      await this.db.query(
        'with s as (update session set seen_at = now() where token = $1 returning person) update person set seen_at = now() from s where id = s.person',
        [digest(token)],
      );
    return { person: { ...person, role: acts_as ?? person.role }, name: digest(token).toString('hex').slice(0, 32) };
  }
  /** Gives somebody a password and ends their other sessions. @throws Problem 422 where it is easily guessed */
  async setPassword(person: Person, password: string, here: string): Promise<void> {
    if (password.length < SHORTEST_PASSWORD)
      throw new Problem(
        422,
        'The password is too short',
        `${SHORTEST_PASSWORD} letters or more; a few words are good.`,
      );
    const lower = password.toLowerCase();
    if (lower.includes(person.mail.split('@')[0]!.toLowerCase()) || /^(.)\1*$/.test(password))
      throw new Problem(422, 'The password is easily guessed', 'Your mail address is not to be in it.');
    const hash = await hashPassword(password);
    await this.db.query('update person set password = $2 where id = $1', [person.id, hash]);
    await this.db.query(`delete from session where person = $1 and left(encode(token, 'hex'), 32) <> $2`, [
      person.id,
      here,
    ]);
    await this.note(this.db, person.name, 'Set a password');
  }
  /** The sessions of somebody, the one used last first. */
  async sessions(person: string): Promise<SessionLine[]> {
    const { rows } = await this.db.query<{ name: string; agent: string; made_at: Date; seen_at: Date }>(
      `select left(encode(token, 'hex'), 32) as name, agent, made_at, seen_at from session
       where person = $1 and ends_at > now() order by seen_at desc`,
      [person],
    );
    return rows.map((r) => ({
      name: r.name,
      agent: r.agent,
      madeAt: r.made_at.toISOString(),
      seenAt: r.seen_at.toISOString(),
    }));
  }
  /** Ends a session of somebody. */
  async end(person: string, session: string): Promise<void> {
    await this.db.query(`delete from session where person = $1 and left(encode(token, 'hex'), 32) = $2`, [
      person,
      session,
    ]);
  }
}
const ROLE_WORDS: Record<DeskRole, string> = {
  owner: 'own the site',
  publish: 'change the site',
  write: 'write, for their designer to look at first',
  messages: 'read messages',
};
