import { realDatabase } from '../testing/real-database.js';
import { transaction } from '../db/database.js';
import { Accounts } from './accounts.js';
import { hashPassword } from './passwords.js';

describe('accounts', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let accounts: Accounts;
  beforeAll(async () => {
    test = await realDatabase();
    accounts = new Accounts(test.db);
    await accounts.put('Ines@TinPorch.example', 'Ines', 'a-dry-place-to-work');
  });
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

  const wait = (seconds: number) =>
    test.db.query('update sign_in_try set at = at - make_interval(secs => $1)', [seconds]);

  it('make a place wait longer with every wrong try, and nobody else', async () => {
    for (let n = 0; n < 5; n++) expect(await status('ines@tinporch.example', 'wrong', '127.0.0.8')).toBe(401);
    expect(await status('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.8')).toBe(429);
    expect(await status('nobody@tinporch.example', 'x', '127.0.0.8')).toBe(401);
    expect(await status('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.9')).toBe(200);
    await wait(2);
    expect(await status('ines@tinporch.example', 'wrong', '127.0.0.8')).toBe(401);
    await wait(3);
    expect(await status('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.8')).toBe(429);
    await wait(2);
    expect(await status('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.8')).toBe(200);
  });

  it('count tries that come all at once before they look at one', async () => {
    const all = await Promise.all(
      Array.from({ length: 60 }, (_, n) => status('ines@tinporch.example', `guess ${n}`, '127.0.0.10')),
    );
    expect(all.filter((s) => s === 401).length).toBe(5);
    expect(all.filter((s) => s === 429).length).toBe(55);
  });

  it('let somebody in whose try began before another one was counted', async () => {
    const counting = await test.db.connect();
    await counting.query('begin');
    await counting.query('select pg_advisory_xact_lock(7243, hashtext($1))', ['ines@tinporch.example 127.0.0.14']);
    const waiting = status('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.14');
    while (!(await test.db.query(`select 1 from pg_locks where locktype = 'advisory' and not granted`)).rowCount);
    await counting.query(
      `insert into sign_in_try (mail, origin, at) values ('ines@tinporch.example', '127.0.0.14', clock_timestamp())`,
    );
    await counting.query('commit');
    counting.release();
    expect(await waiting).toBe(200);
  });

  it('never keep a browser out that somebody has signed in from, whoever guesses from the same place', async () => {
    const { browser } = await accounts.signIn('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.11');
    for (let n = 0; n < 6; n++) await status('ines@tinporch.example', 'wrong', '127.0.0.11');
    expect(await status('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.11')).toBe(429);
    const again = await accounts.signIn('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.11', browser);
    expect(again.browser).toBe(browser);
    // It is known to its own account only.
    await expectAsync(accounts.signIn('nobody@tinporch.example', 'x', '127.0.0.12', browser)).toBeRejected();
  });

  it('change a password for who knows the old one, and end the other sessions', async () => {
    await accounts.put('tom@tinporch.example', 'Tom', 'the-first-of-his');
    const signIn = (password: string) => accounts.signIn('tom@tinporch.example', password, '127.0.0.13');
    const [here, there] = [await signIn('the-first-of-his'), await signIn('the-first-of-his')];
    const { designer } = (await accounts.session(here.token))!;
    const change = (now: string, next: string) =>
      accounts.changePassword(designer, now, next, here.token).then(
        () => 200,
        (e: { status: number }) => e.status,
      );
    expect(await change('not it', 'the-second-of-his')).toBe(403);
    expect(await change('the-first-of-his', 'short')).toBe(422);
    expect(await change('the-first-of-his', 'tom-and-more-of-it')).toBe(422);
    expect(await change('the-first-of-his', 'the-second-of-his')).toBe(200);
    expect(await accounts.session(here.token)).toBeDefined();
    expect(await accounts.session(there.token)).toBeUndefined();
    await expectAsync(signIn('the-first-of-his')).toBeRejected();
    await expectAsync(signIn('the-second-of-his')).toBeResolved();
  });

  it('go on when the connection a transaction has is cut', async () => {
    const cut = transaction(test.db, async (client) => {
      const { rows } = await client.query<{ pid: number }>('select pg_backend_pid() as pid');
      await test.db.query('select pg_terminate_backend($1)', [rows[0]!.pid]);
      await client.query('select pg_sleep(1)');
    });
    await expectAsync(cut).toBeRejected();
    expect((await test.db.query('select 1')).rowCount).toBe(1);
  });
});
