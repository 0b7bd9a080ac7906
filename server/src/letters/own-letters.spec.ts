import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Problem } from '@tin-porch/core/ground';
import { arrived, mailServer } from '@tin-porch/standins';
import { Accounts, type Designer } from '../accounts/accounts.js';
import { Team, type WriteLink } from '../accounts/team.js';
import { realDatabase } from '../testing/real-database.js';
import { forgottenLetter, invitationLetter, resetLetter } from './own-letters.js';
import { OwnPost } from './own-post.js';

const ORIGIN = 'https://porch.example';

/** Real letters of Tin Porch itself, through its database to a real mail server. */
describe('letters of Tin Porch itself', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let folder: string;
  let server: ReturnType<typeof mailServer>;
  let post: OwnPost;
  let accounts: Accounts;
  let team: Team;
  let ines: Designer;
  const signedIn = async (mail: string, password: string): Promise<Designer> => {
    const { token } = await accounts.signIn(mail, password, '127.0.0.1');
    return (await accounts.session(token))!.designer;
  };
  const status = (work: Promise<unknown>) =>
    work.then(
      () => 200,
      (error: Problem) => error.status,
    );
  const invited: WriteLink = (made, to) => invitationLetter(ORIGIN, to, made, { by: 'Ines', organisation: 'Ines’s' });
  const reset: WriteLink = (made, to) => resetLetter(ORIGIN, to, made, 'Ines');
  const forgotten: WriteLink = (made, to) => forgottenLetter(ORIGIN, to, made);
  /** The newest letter to somebody, once it is there. */
  async function cameTo(mail: string, subject: RegExp): Promise<{ text: string; token: string }> {
    post.wake();
    for (let left = 100; left > 0; left--) {
      const letter = (await arrived(folder)).filter((l) => l.to.includes(mail) && subject.test(l.subject)).at(-1);
      if (letter) return { text: letter.text, token: /\/link\/([\w-]{43})/.exec(letter.text)![1]! };
      await new Promise((done) => setTimeout(done, 50));
    }
    throw new Error(`No letter came to ${mail}.`);
  }

  beforeAll(async () => {
    test = await realDatabase();
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-own-letters-'));
    server = mailServer(folder);
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const { port } = server.server.address() as AddressInfo;
    post = new OwnPost(
      test.db,
      { host: '127.0.0.1', port, from: 'porch@tinporch.example' },
      { error: () => undefined },
    );
    accounts = new Accounts(test.db);
    team = new Team(test.db, accounts);
    await accounts.put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
    ines = await signedIn('ines@tinporch.example', 'a-dry-place-to-work');
  });
  afterAll(async () => {
    await post.stop();
    await new Promise<void>((done) => server.close(() => done()));
    await test.end();
    rmSync(folder, { recursive: true, force: true });
  });

  it('ask somebody to come, by the very link that is told, and say what became of them', async () => {
    const { token } = await team.invite(ines, 'tom@tinporch.example', 'designer', invited);
    const open = async () => (await team.invitations(ines.organisation)).map((i) => [i.mail, i.letter?.state ?? null]);
    expect(await open()).toEqual([['tom@tinporch.example', 'waiting']]);
    const letter = await cameTo('tom@tinporch.example', /^Ines asks you to come to Ines’s$/);
    expect(letter.token).toBe(token);
    expect(letter.text).toContain(`${ORIGIN}/link/${token}`);
    for (let left = 50; left > 0 && (await open())[0]![1] !== 'sent'; left--)
      await new Promise((r) => setTimeout(r, 20));
    expect(await open()).toEqual([['tom@tinporch.example', 'sent']]);
    await team.follow(letter.token, 'Tom', 'a-long-rope-walk');
    // One that is refused says so where the invitation stands; one without a letter says nothing.
    await team.invite(ines, 'refuses-ada@tinporch.example', 'helper', invited);
    await team.invite(ines, 'brede@tinporch.example', 'helper');
    post.wake();
    const lost = async () => (await team.invitations(ines.organisation)).find((i) => i.letter?.state === 'failed');
    for (let left = 100; left > 0 && !(await lost()); left--) await new Promise((r) => setTimeout(r, 50));
    expect((await lost())!.letter!.error).toMatch(/550/);
    expect(
      (await team.invitations(ines.organisation)).find((i) => i.mail === 'brede@tinporch.example')!.letter,
    ).toBeNull();
  });

  it('are not there where what they are about is not', async () => {
    const before = (await test.db.query('select 1 from outgoing')).rowCount;
    expect(await status(team.invite(ines, 'tom@tinporch.example', 'helper', invited))).toBe(409);
    expect(await status(team.reset(ines, '00000000-0000-4000-8000-000000000000', reset))).toBe(404);
    await expectAsync(
      team.invite(ines, 'late@tinporch.example', 'helper', () => {
        throw new Error('no words');
      }),
    ).toBeRejected();
    expect((await team.invitations(ines.organisation)).map((i) => i.mail)).not.toContain('late@tinporch.example');
    expect((await test.db.query('select 1 from outgoing')).rowCount).toBe(before);
  });

  it('let somebody who forgot their password take another, whose second factors stay; a few an hour, and nobody unknown', async () => {
    expect(await team.forgotten('nobody@tinporch.example', forgotten)).toBeFalse();
    const tom = (await team.people(ines.organisation)).find((p) => p.name === 'Tom')!;
    await test.db.query('update account set codes = true where id = $1', [tom.id]);
    const session = (await accounts.signIn('tom@tinporch.example', 'a-long-rope-walk', '127.0.0.1')).token;
    expect(await team.forgotten(' TOM@tinporch.example', forgotten)).toBeTrue();
    const letter = await cameTo('tom@tinporch.example', /^Your way back/);
    expect((await team.linked(letter.token)).kind).toBe('forgotten');
    const again = await Promise.all([1, 2, 3, 4, 5].map(() => team.forgotten('tom@tinporch.example', forgotten)));
    expect(again.filter(Boolean).length).toBe(3);
    expect(await status(team.follow(letter.token, '', 'short'))).toBe(422);
    await team.follow(letter.token, '', 'another-rope-walk');
    expect(await status(team.follow(letter.token, '', 'one-more-rope-walk'))).toBe(404);
    // The others that were sent open nothing any more, and whoever was signed in is not.
    const { rows } = await test.db.query(`select 1 from account_link where account = $1`, [tom.id]);
    expect(rows.length).toBe(0);
    expect(await accounts.session(session)).toBeFalsy();
    expect(
      await status(accounts.check('tom@tinporch.example', 'another-rope-walk', { address: '127.0.0.1' } as never)),
    ).toBe(200);
    expect((await team.people(ines.organisation)).find((p) => p.id === tom.id)!.second).toBeTrue();
    // One that an owner makes takes them away.
    await team.reset(ines, tom.id, reset);
    await team.follow((await cameTo('tom@tinporch.example', /^Another password/)).token, '', 'a-third-rope-walk');
    expect((await team.people(ines.organisation)).find((p) => p.id === tom.id)!.second).toBeFalse();
  });

  it('are good for as long as they say', async () => {
    await test.db.query(`delete from account_link`);
    await team.forgotten('tom@tinporch.example', forgotten);
    const { rows } = await test.db.query<{ left: number }>(
      `select extract(epoch from ends_at - now())::float8 as left from account_link where kind = 'forgotten'`,
    );
    expect(rows[0]!.left).toBeGreaterThan(3500);
    expect(rows[0]!.left).toBeLessThanOrEqual(3600);
  });
});
