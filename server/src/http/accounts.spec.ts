import { realDatabase } from '../testing/real-database.js';
import { Accounts, hashPassword } from './accounts.js';

describe('accounts', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let accounts: Accounts;
  beforeAll(async () => {
    test = await realDatabase();
    accounts = new Accounts(test.db);
    await accounts.put('Ines@TinPorch.example', 'Ines', 'a-dry-place-to-work');
  }, 60_000);
  afterAll(() => test.end());
  const status = (mail: string, password: string, address = '127.0.0.1') =>
    accounts.signIn(mail, password, address).then(
      () => 200,
      (e: { status: number }) => e.status,
    );

  it('keep a password as a salted scrypt hash', async () => {
    const [first, second] = [await hashPassword('same'), await hashPassword('same')];
    expect(first).not.toBe(second);
    expect(first).toMatch(/^scrypt\$32768\$8\$1\$[\w-]{22}\$[\w-]{43}$/);
  });

  it('open a session for the right password, whatever the case of the mail address, and end it', async () => {
    const { token } = await accounts.signIn(' INES@tinporch.example ', 'a-dry-place-to-work', '127.0.0.1');
    expect((await accounts.session(token))?.designer.name).toBe('Ines');
    const { rows } = await test.db.query<{ token: Buffer }>('select token from session');
    expect(rows.some((r) => r.token.toString().includes(token))).toBeFalse();
    await accounts.signOut(token);
    expect(await accounts.session(token)).toBeUndefined();
    expect(await accounts.session("' or 1=1 --")).toBeUndefined();
  });

  it('let an expired session go', async () => {
    const { token } = await accounts.signIn('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.1');
    await test.db.query(`update session set expires_at = now() - interval '1 second'`);
    expect(await accounts.session(token)).toBeUndefined();
  });

  it('make a name wait after eight failures, others not', async () => {
    for (let n = 0; n < 8; n++) expect(await status('ines@tinporch.example', 'wrong', '127.0.0.8')).toBe(401);
    expect(await status('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.9')).toBe(429);
    expect(await status('nobody@tinporch.example', 'x', '127.0.0.9')).toBe(401);
    await test.db.query(`update sign_in_failure set at = at - interval '16 minutes'`);
    expect(await status('ines@tinporch.example', 'a-dry-place-to-work')).toBe(200);
  });
});
