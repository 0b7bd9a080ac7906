import { createHash, randomInt } from 'node:crypto';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  type AuthenticatorTransport,
} from '@simplewebauthn/server';
import type {
  AuthenticationResponseJSON,
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
  RegistrationResponseJSON,
} from '@tin-porch/contract';
import { Problem } from '@tin-porch/core/ground';
import { Secret, TOTP } from 'otpauth';
import type pg from 'pg';
import { toString as qrCode } from 'qrcode';
import { transaction, type Database } from '../db/database.js';
import type { Seal } from '../secrets/seal.js';
import type { Designer } from './accounts.js';
import type { Tries } from './tries.js';
import { verified } from './passkeys.js';
import { digest, isToken, newToken } from './tokens.js';

const ISSUER = 'Tin Porch';
const PERIOD_S = 30;
const RECOVERY_CODES = 10;
const TICKET_MINUTES = 5;
const MOST_PASSKEYS = 20;

/** Where the interface is reached: a passkey is bound to its name (WebAuthn, 5.1.2). */
export interface Place {
  origin: string;
  host: string;
}

export interface PasskeyLine {
  id: string;
  name: string;
  madeAt: Date;
  usedAt: Date | null;
}

type TicketKind = 'second' | 'passkey' | 'registration';

/** A name a passkey can be bound to. An IP address is none. */
export const bindsPasskeys = (host: string): boolean => !/^[\d.]+$|^\[/.test(host);
const recoveryHash = (account: string, code: string) =>
  createHash('sha256')
    .update(`${account} ${code.toLowerCase().replace(/[^a-z0-9]/g, '')}`)
    .digest();
const madeUpCode = () =>
  Array.from({ length: 3 }, () =>
    Array.from({ length: 4 }, () => 'abcdefghijkmnpqrstuvwxyz23456789'[randomInt(32)]).join(''),
  ).join('-');
const totp = (mail: string, secret: string) =>
  new TOTP({ issuer: ISSUER, label: mail, secret: Secret.fromBase32(secret), period: PERIOD_S });
const wrongCode = (status: 401 | 422) =>
  new Problem(status, 'That code is not right', 'Codes change every half minute; each is good once.');

async function takeCodesAway(client: pg.PoolClient, account: string): Promise<void> {
  await client.query('update account set codes = false, code_secret = null where id = $1', [account]);
  await client.query('delete from recovery_code where account = $1', [account]);
}

/** Takes codes and passkeys from an account, in the transaction of whoever gives it another password. */
export async function takeFactorsAway(client: pg.PoolClient, account: string): Promise<void> {
  await takeCodesAway(client, account);
  await client.query('delete from passkey where account = $1', [account]);
}

/** One-time codes (RFC 6238), recovery codes and passkeys (WebAuthn Level 3), and the tickets of a sign-in on its way. */
export class SecondFactors {
  constructor(
    private readonly db: Database,
    private readonly seal: Seal,
    private readonly tries: Tries,
  ) {}

  /** The second factors an account has: none where the password is enough. */
  async waysOf(account: string): Promise<('code' | 'passkey')[]> {
    const { rows } = await this.db.query<{ codes: boolean; passkeys: boolean }>(
      'select codes, exists (select 1 from passkey p where p.account = a.id) as passkeys from account a where id = $1',
      [account],
    );
    return [...(rows[0]?.codes ? (['code'] as const) : []), ...(rows[0]?.passkeys ? (['passkey'] as const) : [])];
  }

  /** What an account has, for whoever it belongs to. */
  async of(account: string): Promise<{ codes: boolean; recoveryLeft: number; passkeys: PasskeyLine[] }> {
    const [{ rows }, passkeys] = await Promise.all([
      this.db.query<{ codes: boolean; left: number }>(
        'select codes, (select count(*)::int from recovery_code r where r.account = a.id) as left from account a where id = $1',
        [account],
      ),
      this.db.query<PasskeyLine>(
        'select id, name, made_at as "madeAt", used_at as "usedAt" from passkey where account = $1 order by made_at',
        [account],
      ),
    ]);
    return { codes: rows[0]!.codes, recoveryLeft: rows[0]!.left, passkeys: passkeys.rows };
  }

  /** A ticket that stands for a step on the way of signing in. */
  async ticket(kind: TicketKind, account: string | null, challenge: string | null = null): Promise<string> {
    const token = newToken();
    // Anybody may ask for one: those that ended do not pile up until the daily cleaning.
    await this.db.query('delete from sign_in_ticket where ends_at < now()');
    await this.db.query(
      'insert into sign_in_ticket (token, account, kind, challenge, ends_at) values ($1, $2, $3, $4, now() + make_interval(mins => $5))',
      [digest(token), account, kind, challenge, TICKET_MINUTES],
    );
    return token;
  }

  private async ticketed(
    token: string,
    kind: TicketKind,
    use: boolean,
  ): Promise<{ account: string | null; challenge: string | null }> {
    const { rows } = isToken(token)
      ? await this.db.query<{ account: string | null; challenge: string | null }>(
          use
            ? 'delete from sign_in_ticket where token = $1 and kind = $2 and ends_at > now() returning account, challenge'
            : 'select account, challenge from sign_in_ticket where token = $1 and kind = $2 and ends_at > now()',
          [digest(token), kind],
        )
      : { rows: [] };
    if (!rows[0]) throw new Problem(401, 'That took too long', 'Sign in from the beginning.');
    return rows[0];
  }

  /** Makes a new secret for codes. It is asked for once `turnOn` was given a code of it. */
  async begin(designer: Designer): Promise<{ secret: string; uri: string; svg: string }> {
    const secret = new Secret({ size: 20 }).base32;
    const { rowCount } = await this.db.query(
      'update account set code_secret = $2, code_step = null where id = $1 and not codes',
      [designer.id, this.seal.close(secret)],
    );
    if (!rowCount) throw new Problem(409, 'Codes are asked for already', 'Turn them off first.');
    const uri = totp(designer.mail, secret).toString();
    return { secret, uri, svg: await qrCode(uri, { type: 'svg', margin: 2 }) };
  }

  /** Turns codes on. Gives the recovery codes, which are told once. @throws Problem 422 */
  async turnOn(designer: Designer, code: string): Promise<string[]> {
    await this.tries.counted(designer.mail, 'first code', () => this.useCode(designer.id, designer.mail, code, false));
    const codes = Array.from({ length: RECOVERY_CODES }, madeUpCode);
    await transaction(this.db, async (client) => {
      await client.query('update account set codes = true where id = $1', [designer.id]);
      await client.query('delete from recovery_code where account = $1', [designer.id]);
      for (const one of codes)
        await client.query('insert into recovery_code (account, hash) values ($1, $2)', [
          designer.id,
          recoveryHash(designer.id, one),
        ]);
    });
    return codes;
  }

  /** Turns codes off. Passkeys stay. */
  async turnOff(account: string): Promise<void> {
    await transaction(this.db, (client) => takeCodesAway(client, account));
  }

  /** Looks at a code and uses it up: none is good twice. @throws Problem 401, or 422 where codes are not asked for yet */
  private async useCode(account: string, mail: string, code: string, on = true): Promise<void> {
    const given = code.replace(/\s/g, '');
    // Whoever turns codes on is signed in, and stays so.
    const no = wrongCode(on ? 401 : 422);
    if (!/^\d{6}$/.test(given)) {
      const { rowCount } = await this.db.query('delete from recovery_code where account = $1 and hash = $2', [
        account,
        recoveryHash(account, given),
      ]);
      if (!on || !rowCount) throw no;
      return;
    }
    const { rows } = await this.db.query<{ secret: string | null }>(
      'select code_secret as secret from account where id = $1 and codes = $2',
      [account, on],
    );
    const secret = rows[0]?.secret;
    const now = Date.now();
    const delta = secret
      ? totp(mail, this.seal.open(secret)).validate({ token: given, timestamp: now, window: 1 })
      : null;
    if (delta === null) throw no;
    const { rowCount } = await this.db.query(
      'update account set code_step = $2 where id = $1 and (code_step is null or code_step < $2)',
      [account, Math.floor(now / 1000 / PERIOD_S) + delta],
    );
    if (!rowCount) throw no;
  }

  /** Goes on with a sign-in by a code. Gives the account. @throws Problem 401 or 429 */
  async withCode(ticket: string, code: string): Promise<string> {
    const { account } = await this.ticketed(ticket, 'second', false);
    const { rows } = await this.db.query<{ mail: string }>('select mail from account where id = $1', [account]);
    await this.tries.counted(rows[0]!.mail, 'second factor', () => this.useCode(account!, rows[0]!.mail, code));
    await this.ticketed(ticket, 'second', true);
    return account!;
  }

  private refuseUnbound({ host }: Place): void {
    if (!bindsPasskeys(host))
      throw new Problem(409, 'No passkey can be used here', 'Open Tin Porch by a name, not by an IP address.');
  }

  /** Begins making a passkey. @throws Problem 409 */
  async offer(
    designer: Designer,
    place: Place,
  ): Promise<{ ticket: string; options: PublicKeyCredentialCreationOptionsJSON }> {
    this.refuseUnbound(place);
    const { rows } = await this.db.query<{ credential: string; transports: AuthenticatorTransport[] }>(
      'select credential, transports from passkey where account = $1',
      [designer.id],
    );
    if (rows.length >= MOST_PASSKEYS) throw new Problem(409, 'There are too many passkeys', 'Take one away first.');
    const options = await generateRegistrationOptions({
      rpName: ISSUER,
      rpID: place.host,
      userID: new Uint8Array(Buffer.from(designer.id.replaceAll('-', ''), 'hex')),
      userName: designer.mail,
      userDisplayName: designer.name,
      attestationType: 'none',
      excludeCredentials: rows.map((r) => ({ id: r.credential, transports: r.transports })),
      authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
    });
    return { ticket: await this.ticket('registration', designer.id, options.challenge), options };
  }

  /** Keeps a passkey that was made. @throws Problem 401 or 422 */
  async keep(
    designer: Designer,
    place: Place,
    ticket: string,
    name: string,
    response: RegistrationResponseJSON,
  ): Promise<string> {
    const { account, challenge } = await this.ticketed(ticket, 'registration', true);
    if (account !== designer.id) throw new Problem(401, 'That took too long', 'Begin again.');
    const made = await verified('registration', {
      response,
      expectedChallenge: challenge!,
      expectedOrigin: place.origin,
      expectedRPID: place.host,
    });
    if (!made) throw new Problem(422, 'That is no passkey', 'Make it again.');
    const { id, publicKey, counter, transports } = made;
    const { rows } = await this.db.query<{ id: string }>(
      `insert into passkey (account, credential, public_key, counter, transports, name) values ($1, $2, $3, $4, $5, $6)
       on conflict (credential) do nothing returning id`,
      [designer.id, id, Buffer.from(publicKey), counter, transports, name.trim() || 'Passkey'],
    );
    if (!rows[0]) throw new Problem(409, 'That passkey is kept already');
    return rows[0].id;
  }

  async forget(account: string, id: string): Promise<void> {
    const { rowCount } = await this.db.query('delete from passkey where account = $1 and id = $2', [account, id]);
    if (!rowCount) throw new Problem(404, 'There is no such passkey');
  }

  /** Begins signing in with a passkey: of anybody, or with a ticket of the account it is for. */
  async ask(
    place: Place,
    second?: string,
  ): Promise<{ ticket: string; options: PublicKeyCredentialRequestOptionsJSON }> {
    this.refuseUnbound(place);
    const account = second === undefined ? null : (await this.ticketed(second, 'second', false)).account;
    const { rows } = account
      ? await this.db.query<{ credential: string; transports: AuthenticatorTransport[] }>(
          'select credential, transports from passkey where account = $1',
          [account],
        )
      : { rows: [] };
    const options = await generateAuthenticationOptions({
      rpID: place.host,
      userVerification: 'required',
      allowCredentials: rows.map((r) => ({ id: r.credential, transports: r.transports })),
    });
    return { ticket: await this.ticket('passkey', account, options.challenge), options };
  }

  /** Signs in with a passkey. Gives the account. @throws Problem 401 */
  async withPasskey(place: Place, ticket: string, response: AuthenticationResponseJSON): Promise<string> {
    const { account, challenge } = await this.ticketed(ticket, 'passkey', true);
    const no = new Problem(401, 'That passkey is not known here', 'Sign in with your password.');
    const { rows } = await this.db.query<{
      id: string;
      account: string;
      credential: string;
      key: Buffer;
      counter: string;
      transports: AuthenticatorTransport[];
    }>('select id, account, credential, public_key as key, counter, transports from passkey where credential = $1', [
      typeof response.id === 'string' ? response.id : '',
    ]);
    const known = rows[0];
    if (!known || (account !== null && known.account !== account)) throw no;
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
    return known.account;
  }
}
