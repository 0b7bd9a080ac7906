import { randomBytes } from 'node:crypto';
import type { Problem } from '@tin-porch/core/ground';
import { bindsPasskeys, type SecondFactors } from '@tin-porch/sign-in';
import { Secret, TOTP } from 'otpauth';
import { Seal } from '../secrets/seal.js';
import { realDatabase } from '../testing/real-database.js';
import { Accounts, type Designer } from './accounts.js';
import { accountFactors } from './account-factors.js';

describe('second factors', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let accounts: Accounts;
  let factors: SecondFactors;
  let ines: Designer;
  const status = (work: Promise<unknown>) =>
    work.then(
      () => 200,
      (error: Problem) => error.status,
    );
  const codeOf = (secret: string, seconds = 0) =>
    new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + seconds * 1000 });
  const ticket = () => factors.ticket('second', ines.id);

  beforeAll(async () => {
    test = await realDatabase();
    accounts = new Accounts(test.db);
    factors = accountFactors(test.db, new Seal(randomBytes(32)), accounts.tries);
    await accounts.put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
    const { token } = await accounts.signIn('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.1');
    ines = (await accounts.session(token))!.designer;
  });
  afterAll(() => test.end());
  beforeEach(async () => {
    await factors.turnOff(ines.id);
    await test.db.query('delete from sign_in_try');
  });

  it('are asked for once a first code was given, and the secret is kept closed', async () => {
    const { secret, uri, svg } = await factors.begin(ines);
    expect(uri).toContain(secret);
    expect(svg).toContain('<svg');
    expect(await factors.waysOf(ines.id)).toEqual([]);
    expect(await status(factors.turnOn(ines, '000000'))).toBe(422);
    expect(await factors.waysOf(ines.id)).toEqual([]);
    const recovery = await factors.turnOn(ines, codeOf(secret));
    expect(new Set(recovery).size).toBe(10);
    expect(await factors.waysOf(ines.id)).toEqual(['code']);
    const { rows } = await test.db.query<{ code_secret: string }>('select code_secret from account');
    expect(rows[0]!.code_secret).not.toContain(secret);
    expect(await status(factors.begin(ines))).toBe(409);
  });

  it('take a code once, a half minute early or late, and none of long ago', async () => {
    const { secret } = await factors.begin(ines);
    await factors.turnOn(ines, codeOf(secret, -30));
    const code = codeOf(secret);
    expect(await factors.withCode(await ticket(), code)).toBe(ines.id);
    expect(await status(factors.withCode(await ticket(), code))).toBe(401);
    expect(await status(factors.withCode(await ticket(), codeOf(secret, -300)))).toBe(401);
    expect(await status(factors.withCode(await ticket(), codeOf(secret, 30)))).toBe(200);
  });

  it('take each recovery code once, whatever it is typed like', async () => {
    const { secret } = await factors.begin(ines);
    const recovery = await factors.turnOn(ines, codeOf(secret));
    const typed = ` ${recovery[3]!.toUpperCase().replaceAll('-', ' ')} `;
    expect(await status(factors.withCode(await ticket(), typed))).toBe(200);
    expect(await status(factors.withCode(await ticket(), typed))).toBe(401);
    expect((await factors.of(ines.id)).recoveryLeft).toBe(9);
  });

  it('let nobody guess on: after five wrong codes there is a wait', async () => {
    const { secret } = await factors.begin(ines);
    await factors.turnOn(ines, codeOf(secret, -30));
    for (let n = 0; n < 5; n++) expect(await status(factors.withCode(await ticket(), '000000'))).toBe(401);
    expect(await status(factors.withCode(await ticket(), codeOf(secret)))).toBe(429);
  });

  it('need a ticket: one that is used, made up, of another kind or too old is none', async () => {
    const { secret } = await factors.begin(ines);
    await factors.turnOn(ines, codeOf(secret, -30));
    const used = await ticket();
    expect(await status(factors.withCode(used, codeOf(secret)))).toBe(200);
    expect(await status(factors.withCode(used, codeOf(secret, 30)))).toBe(401);
    expect(await status(factors.withCode(randomBytes(32).toString('base64url'), codeOf(secret, 30)))).toBe(401);
    expect(await status(factors.withCode(await factors.ticket('passkey', ines.id, 'x'), codeOf(secret, 30)))).toBe(401);
    const old = await ticket();
    await test.db.query(`update sign_in_ticket set ends_at = now() - interval '1 second'`);
    expect(await status(factors.withCode(old, codeOf(secret, 30)))).toBe(401);
  });

  it('offer passkeys where the address is a name', async () => {
    expect(['localhost', 'porch.example', '127.0.0.1', '[::1]'].map(bindsPasskeys)).toEqual([true, true, false, false]);
    expect(await status(factors.offer(ines, { origin: 'http://127.0.0.1:8788', host: '127.0.0.1' }))).toBe(409);
    const place = { origin: 'http://localhost:8788', host: 'localhost' };
    const { ticket: made, options } = await factors.offer(ines, place);
    expect([options.rp.id, options.user.name]).toEqual(['localhost', ines.mail]);
    const forged = {
      id: 'x',
      rawId: 'x',
      type: 'public-key' as const,
      clientExtensionResults: {},
      response: { clientDataJSON: '', attestationObject: '' },
    };
    expect(await status(factors.keep(ines, place, made, 'Phone', forged))).toBe(422);
    // A ticket is used up by the try.
    expect(await status(factors.keep(ines, place, made, 'Phone', forged))).toBe(401);
    const asked = await factors.ask(place);
    const shown = { ...forged, response: { clientDataJSON: '', authenticatorData: '', signature: '' } };
    expect(await status(factors.withPasskey(place, asked.ticket, shown))).toBe(401);
  });
});
