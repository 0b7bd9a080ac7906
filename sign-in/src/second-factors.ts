import { createHash, randomInt } from 'node:crypto';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  type AuthenticatorTransport,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/server';
import { Problem } from '@tin-porch/core/ground';
import { Secret, TOTP } from 'otpauth';
import type { Pool } from 'pg';
import { toString as qrCode } from 'qrcode';
import { verified, type Sent } from './passkeys.js';
import { digest, isToken, newToken } from './tokens.js';

const PERIOD_S = 30;
const RECOVERY_CODES = 10;
const TICKET_MINUTES = 5;
const MOST_PASSKEYS = 20;

/** Where somebody signs in: a passkey is bound to its name (WebAuthn, 5.1.2). */
export interface Place {
  origin: string;
  host: string;
}

export interface PasskeyLine {
  id: string;
  name: string;
  /** The name it is bound to. */
  host: string;
  madeAt: Date;
  usedAt: Date | null;
}

/** Somebody who signs in. */
export interface Holder {
  id: string;
  name: string;
  mail: string;
}

type Tables = Pick<Pool, 'query'>;
/** The table of those who sign in; their passkeys, recovery codes and tickets name one of them by a column called the same. */
type Whose = 'account' | 'person';

/** What is needed beside the factors themselves. */
export interface FactorsOf {
  db: Tables;
  whose: Whose;
  /** What an authenticator calls the place. */
  issuer: string;
  /** Closes what is kept of a secret, and opens it. */
  seal: { close(secret: string): string; open(kept: string): string };
  /** Does what is a try at a code of somebody, and makes whoever guesses wait. @throws Problem 429 */
  counted<T>(mail: string, kind: string, work: () => Promise<T>): Promise<T>;
}

type TicketKind = 'second' | 'passkey' | 'registration';

/** A name a passkey can be bound to. An IP address is none. */
export const bindsPasskeys = (host: string): boolean => !/^[\d.]+$|^\[/.test(host);
const recoveryHash = (holder: string, code: string) =>
  createHash('sha256')
    .update(`${holder} ${code.toLowerCase().replace(/[^a-z0-9]/g, '')}`)
    .digest();
const madeUpCode = () =>
  Array.from({ length: 3 }, () =>
    Array.from({ length: 4 }, () => 'abcdefghijkmnpqrstuvwxyz23456789'[randomInt(32)]).join(''),
  ).join('-');
const totp = (issuer: string, mail: string, secret: string) =>
  new TOTP({ issuer, label: mail, secret: Secret.fromBase32(secret), period: PERIOD_S });
const wrongCode = (status: 401 | 422) =>
  new Problem(status, 'That code is not right', 'Codes change every half minute; each is good once.');

const takeCodesAway = (db: Tables, whose: Whose, holder: string) =>
  db.query(
    `with gone as (delete from recovery_code where ${whose} = $1)
     update ${whose} set codes = false, code_secret = null where id = $1`,
    [holder],
  );

/** Takes codes and passkeys from somebody, in the transaction of whoever gives them another password. */
export async function takeFactorsAway(db: Tables, whose: Whose, holder: string): Promise<void> {
  await takeCodesAway(db, whose, holder);
  await db.query(`delete from passkey where ${whose} = $1`, [holder]);
}

/** One-time codes (RFC 6238), recovery codes and passkeys (WebAuthn Level 3), and the tickets of a sign-in on its way. */
export class SecondFactors {
  private readonly db: Tables;
  private readonly whose: Whose;

  constructor(private readonly given: FactorsOf) {
    this.db = given.db;
    this.whose = given.whose;
  }

  /** The second factors somebody has: none where the password is enough. */
  async waysOf(holder: string): Promise<('code' | 'passkey')[]> {
    const { rows } = await this.db.query<{ codes: boolean; passkeys: boolean }>(
      `select codes, exists (select 1 from passkey p where p.${this.whose} = h.id) as passkeys
       from ${this.whose} h where id = $1`,
      [holder],
    );
    return [...(rows[0]?.codes ? (['code'] as const) : []), ...(rows[0]?.passkeys ? (['passkey'] as const) : [])];
  }

  /** What somebody has, for themselves. */
  async of(holder: string): Promise<{ codes: boolean; recoveryLeft: number; passkeys: PasskeyLine[] }> {
    const [{ rows }, passkeys] = await Promise.all([
      this.db.query<{ codes: boolean; left: number }>(
        `select codes, (select count(*)::int from recovery_code r where r.${this.whose} = h.id) as left
         from ${this.whose} h where id = $1`,
        [holder],
      ),
      this.db.query<PasskeyLine>(
        `select id, name, host, made_at as "madeAt", used_at as "usedAt" from passkey
         where ${this.whose} = $1 order by made_at`,
        [holder],
      ),
    ]);
    return { codes: rows[0]!.codes, recoveryLeft: rows[0]!.left, passkeys: passkeys.rows };
  }

  /** A ticket that stands for a step on the way of signing in. */
  async ticket(kind: TicketKind, holder: string | null, challenge: string | null = null): Promise<string> {
    const token = newToken();
    // Anybody may ask for one: those that ended do not pile up until the daily cleaning.
    await this.db.query('delete from sign_in_ticket where ends_at < now()');
    await this.db.query(
      `insert into sign_in_ticket (token, ${this.whose}, kind, challenge, ends_at)
       values ($1, $2, $3, $4, now() + make_interval(mins => $5))`,
      [digest(token), holder, kind, challenge, TICKET_MINUTES],
    );
    return token;
  }

  private async ticketed(
    token: string,
    kind: TicketKind,
    use: boolean,
  ): Promise<{ holder: string | null; challenge: string | null }> {
    const told = `${this.whose} as holder, challenge`;
    const { rows } = isToken(token)
      ? await this.db.query<{ holder: string | null; challenge: string | null }>(
          use
            ? `delete from sign_in_ticket where token = $1 and kind = $2 and ends_at > now() returning ${told}`
            : `select ${told} from sign_in_ticket where token = $1 and kind = $2 and ends_at > now()`,
          [digest(token), kind],
        )
      : { rows: [] };
    if (!rows[0]) throw new Problem(401, 'That took too long', 'Sign in from the beginning.');
    return rows[0];
  }

  /** Makes a new secret for codes. It is asked for once `turnOn` was given a code of it. */
  async begin(holder: Holder): Promise<{ secret: string; uri: string; svg: string }> {
    const secret = new Secret({ size: 20 }).base32;
    const { rowCount } = await this.db.query(
      `update ${this.whose} set code_secret = $2, code_step = null where id = $1 and not codes`,
      [holder.id, this.given.seal.close(secret)],
    );
    if (!rowCount) throw new Problem(409, 'Codes are asked for already', 'Turn them off first.');
    const uri = totp(this.given.issuer, holder.mail, secret).toString();
    return { secret, uri, svg: await qrCode(uri, { type: 'svg', margin: 2 }) };
  }

  /** Turns codes on. Gives the recovery codes, which are told once. @throws Problem 422 */
  async turnOn(holder: Holder, code: string): Promise<string[]> {
    await this.given.counted(holder.mail, 'first code', () => this.useCode(holder.id, holder.mail, code, false));
    const codes = Array.from({ length: RECOVERY_CODES }, madeUpCode);
    await this.db.query(
      `with turned as (update ${this.whose} set codes = true where id = $1),
         gone as (delete from recovery_code where ${this.whose} = $1)
       insert into recovery_code (${this.whose}, hash) select $1, unnest($2::bytea[])`,
      [holder.id, codes.map((one) => recoveryHash(holder.id, one))],
    );
    return codes;
  }

  /** Turns codes off. Passkeys stay. */
  async turnOff(holder: string): Promise<void> {
    await takeCodesAway(this.db, this.whose, holder);
  }

  /** Looks at a code and uses it up: none is good twice. @throws Problem 401, or 422 where codes are not asked for yet */
  private async useCode(holder: string, mail: string, code: string, on = true): Promise<void> {
    const given = code.replace(/\s/g, '');
    // Whoever turns codes on is signed in, and stays so.
    const no = wrongCode(on ? 401 : 422);
    if (!/^\d{6}$/.test(given)) {
      const { rowCount } = await this.db.query(`delete from recovery_code where ${this.whose} = $1 and hash = $2`, [
        holder,
        recoveryHash(holder, given),
      ]);
      if (!on || !rowCount) throw no;
      return;
    }
    const { rows } = await this.db.query<{ secret: string | null }>(
      `select code_secret as secret from ${this.whose} where id = $1 and codes = $2`,
      [holder, on],
    );
    const secret = rows[0]?.secret;
    const now = Date.now();
    const delta = secret
      ? totp(this.given.issuer, mail, this.given.seal.open(secret)).validate({
          token: given,
          timestamp: now,
          window: 1,
        })
      : null;
    if (delta === null) throw no;
    const { rowCount } = await this.db.query(
      `update ${this.whose} set code_step = $2 where id = $1 and (code_step is null or code_step < $2)`,
      [holder, Math.floor(now / 1000 / PERIOD_S) + delta],
    );
    if (!rowCount) throw no;
  }

  /** Goes on with a sign-in by a code. Gives who it is. @throws Problem 401 or 429 */
  async withCode(ticket: string, code: string): Promise<string> {
    const { holder } = await this.ticketed(ticket, 'second', false);
    const { rows } = await this.db.query<{ mail: string }>(`select mail from ${this.whose} where id = $1`, [holder]);
    await this.given.counted(rows[0]!.mail, 'second factor', () => this.useCode(holder!, rows[0]!.mail, code));
    await this.ticketed(ticket, 'second', true);
    return holder!;
  }

  private refuseUnbound({ host }: Place): void {
    if (!bindsPasskeys(host))
      throw new Problem(
        409,
        'No passkey can be used here',
        `Open ${this.given.issuer} by a name, not by an IP address.`,
      );
  }

  /** The passkeys of somebody that can be used at a place. */
  private async passkeysOf(
    holder: string,
    { host }: Place,
  ): Promise<{ id: string; transports: AuthenticatorTransport[] }[]> {
    const { rows } = await this.db.query<{ id: string; transports: AuthenticatorTransport[] }>(
      `select credential as id, transports from passkey where ${this.whose} = $1 and host in ('', $2)`,
      [holder, host],
    );
    return rows;
  }

  /** Whether anybody has a passkey that can be used at a place. */
  async anyAt({ host }: Place): Promise<boolean> {
    if (!bindsPasskeys(host)) return false;
    return !!(await this.db.query('select 1 from passkey where host = $1 limit 1', [host])).rowCount;
  }

  /** Begins making a passkey. @throws Problem 409 */
  async offer(
    holder: Holder,
    place: Place,
  ): Promise<{ ticket: string; options: PublicKeyCredentialCreationOptionsJSON }> {
    this.refuseUnbound(place);
    const passkeys = await this.passkeysOf(holder.id, place);
    if (passkeys.length >= MOST_PASSKEYS) throw new Problem(409, 'There are too many passkeys', 'Take one away first.');
    const options = await generateRegistrationOptions({
      rpName: this.given.issuer,
      rpID: place.host,
      userID: new Uint8Array(Buffer.from(holder.id.replaceAll('-', ''), 'hex')),
      userName: holder.mail,
      userDisplayName: holder.name,
      attestationType: 'none',
      excludeCredentials: passkeys,
      authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
    });
    return { ticket: await this.ticket('registration', holder.id, options.challenge), options };
  }

  /** Keeps a passkey that was made. @throws Problem 401 or 422 */
  async keep(holder: Holder, place: Place, ticket: string, name: string, response: Sent): Promise<string> {
    const { holder: asked, challenge } = await this.ticketed(ticket, 'registration', true);
    if (asked !== holder.id) throw new Problem(401, 'That took too long', 'Begin again.');
    const made = await verified('registration', {
      response,
      expectedChallenge: challenge!,
      expectedOrigin: place.origin,
      expectedRPID: place.host,
    });
    if (!made) throw new Problem(422, 'That is no passkey', 'Make it again.');
    const { id, publicKey, counter, transports } = made;
    const { rows } = await this.db.query<{ id: string }>(
      `insert into passkey (${this.whose}, credential, public_key, counter, transports, name, host)
       values ($1, $2, $3, $4, $5, $6, $7) on conflict (credential) do nothing returning id`,
      [holder.id, id, Buffer.from(publicKey), counter, transports, name.trim() || 'Passkey', place.host],
    );
    if (!rows[0]) throw new Problem(409, 'That passkey is kept already');
    return rows[0].id;
  }

  async forget(holder: string, id: string): Promise<void> {
    const { rowCount } = await this.db.query(`delete from passkey where ${this.whose} = $1 and id = $2`, [holder, id]);
    if (!rowCount) throw new Problem(404, 'There is no such passkey');
  }

  /** Begins signing in with a passkey: of anybody, or with a ticket of whoever it is for. */
  async ask(
    place: Place,
    second?: string,
  ): Promise<{ ticket: string; options: PublicKeyCredentialRequestOptionsJSON }> {
    this.refuseUnbound(place);
    const holder = second === undefined ? null : (await this.ticketed(second, 'second', false)).holder;
    const options = await generateAuthenticationOptions({
      rpID: place.host,
      userVerification: 'required',
      allowCredentials: holder ? await this.passkeysOf(holder, place) : [],
    });
    return { ticket: await this.ticket('passkey', holder, options.challenge), options };
  }

  /** Signs in with a passkey. Gives who it is. @throws Problem 401 */
  async withPasskey(place: Place, ticket: string, response: Sent): Promise<string> {
    const { holder, challenge } = await this.ticketed(ticket, 'passkey', true);
    const no = new Problem(401, 'That passkey is not known here', 'Sign in another way.');
    const { rows } = await this.db.query<{
      id: string;
      holder: string;
      credential: string;
      key: Buffer;
      counter: string;
      transports: AuthenticatorTransport[];
    }>(
      `select id, ${this.whose} as holder, credential, public_key as key, counter, transports
       from passkey where credential = $1`,
      [typeof response.id === 'string' ? response.id : ''],
    );
    const known = rows[0];
    if (!known || (holder !== null && known.holder !== holder)) throw no;
    const shown = await verified('authentication', {
      response,
      expectedChallenge: challenge!,
      expectedOrigin: place.origin,
      expectedRPID: place.host,
      credential: {
        id: known.credential,
        publicKey: new Uint8Array(known.key),
        counter: Number(known.counter),
        transports: known.transports,
      },
    });
    if (!shown) throw no;
    await this.db.query('update passkey set counter = $2, used_at = now() where id = $1', [known.id, shown.counter]);
    return known.holder;
  }
}
