import type { Problem } from '@tin-porch/core/ground';
import { realDatabase } from '../testing/real-database.js';
import { Accounts, type Designer } from './accounts.js';
import { Audit } from './audit.js';
import { Team } from './team.js';

describe('an organisation', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let accounts: Accounts;
  let team: Team;
  let ines: Designer;
  const from = { address: '127.0.0.1' };
  const refusal = (work: Promise<unknown>) =>
    work.then(
      () => null,
      (error: Problem) => [error.status, error.title],
    );
  const who = async (mail: string, password: string): Promise<Designer> => {
    const { token } = await accounts.signIn(mail, password, '127.0.0.1');
    return (await accounts.session(token))!.designer;
  };

  beforeAll(async () => {
    test = await realDatabase();
    accounts = new Accounts(test.db);
    team = new Team(test.db, accounts);
  });
  afterAll(() => test.end());
  beforeEach(async () => {
    await test.db.query('truncate organisation, account, sign_in_try cascade');
    await accounts.put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
    ines = await who('ines@tinporch.example', 'a-dry-place-to-work');
  });

  it('begins with one owner, and takes in whom a link invites, once, in the role it names', async () => {
    expect([ines.role, ines.organisationName]).toEqual(['owner', 'Ines']);
    const { token } = await team.invite(ines, ' Tom@TinPorch.example', 'helper');
    expect((await team.linked(token)).mail).toBe('tom@tinporch.example');
    expect(
      (await test.db.query('select token from account_link')).rows.some((r) => String(r.token).includes(token)),
    ).toBe(false);
    expect(await refusal(team.follow(token, 'Tom', 'short'))).toEqual([422, 'The new password is too short']);
    expect(await refusal(team.follow(token, ' ', 'a-long-rope-walk'))).toEqual([422, 'Say what you are called']);
    await team.follow(token, 'Tom', 'a-long-rope-walk');
    const tom = await who('tom@tinporch.example', 'a-long-rope-walk');
    expect([tom.role, tom.organisation]).toEqual(['helper', ines.organisation]);
    expect(await refusal(team.follow(token, 'Tom', 'a-long-rope-walk'))).toEqual([
      404,
      'This link is not good any more',
    ]);
    expect((await team.people(ines.organisation)).map((p) => [p.name, p.role])).toEqual([
      ['Ines', 'owner'],
      ['Tom', 'helper'],
    ]);
  });

  it('makes one account of a link that two follow at once', async () => {
    const { token } = await team.invite(ines, 'tom@tinporch.example', 'designer');
    const both = await Promise.allSettled([1, 2].map((n) => team.follow(token, `Tom ${n}`, 'a-long-rope-walk')));
    expect(both.map((b) => b.status).sort()).toEqual(['fulfilled', 'rejected']);
    expect((await team.people(ines.organisation)).length).toBe(2);
  });

  it('lets an invitation end: taken back, made anew, or too old', async () => {
    const first = await team.invite(ines, 'tom@tinporch.example', 'helper');
    const second = await team.invite(ines, 'tom@tinporch.example', 'designer');
    expect(await refusal(team.linked(first.token))).toEqual([404, 'This link is not good any more']);
    const [open] = await team.invitations(ines.organisation);
    expect([open!.role, open!.by]).toEqual(['designer', 'Ines']);
    await team.takeBack(ines.organisation, open!.id);
    expect(await refusal(team.linked(second.token))).toEqual([404, 'This link is not good any more']);
    const third = await team.invite(ines, 'tom@tinporch.example', 'helper');
    await test.db.query(`update account_link set ends_at = now() - interval '1 second'`);
    expect(await refusal(team.linked(third.token))).toEqual([404, 'This link is not good any more']);
    expect(await refusal(team.invite(ines, 'INES@tinporch.example', 'helper'))).toEqual([
      409,
      'There is an account of that mail address',
    ]);
  });

  it('is never left without an owner, not even by two at once', async () => {
    expect(await refusal(team.setRole(ines.organisation, ines.id, 'designer'))).toEqual([
      409,
      'Ines is the only owner',
    ]);
    expect(await refusal(team.remove(ines.organisation, ines.id))).toEqual([409, 'Ines is the only owner']);
    const { token } = await team.invite(ines, 'tom@tinporch.example', 'owner');
    await team.follow(token, 'Tom', 'a-long-rope-walk');
    const tom = await who('tom@tinporch.example', 'a-long-rope-walk');
    const both = await Promise.allSettled([
      team.setRole(ines.organisation, tom.id, 'designer'),
      team.setRole(ines.organisation, ines.id, 'designer'),
    ]);
    expect(both.map((b) => b.status).sort()).toEqual(['fulfilled', 'rejected']);
    expect((await team.people(ines.organisation)).filter((p) => p.role === 'owner').length).toBe(1);
    for (const { id } of await team.people(ines.organisation))
      await test.db.query(`update account set role = 'owner' where id = $1`, [id]);
    const gone = await Promise.allSettled([
      team.remove(ines.organisation, tom.id),
      team.remove(ines.organisation, ines.id),
    ]);
    expect(gone.map((b) => b.status).sort()).toEqual(['fulfilled', 'rejected']);
    expect((await team.people(ines.organisation)).length).toBe(1);
  });

  it('takes an account away with its sessions, and reaches nobody of another', async () => {
    await accounts.put('else@tinporch.example', 'Else', 'another-dry-place');
    const other = await who('else@tinporch.example', 'another-dry-place');
    for (const work of [
      () => team.setRole(ines.organisation, other.id, 'helper'),
      () => team.remove(ines.organisation, other.id),
      () => team.reset(ines, other.id),
    ])
      expect((await refusal(work()))?.[0]).toBe(404);
    const { token } = await team.invite(ines, 'tom@tinporch.example', 'designer');
    await team.follow(token, 'Tom', 'a-long-rope-walk');
    const session = await accounts.signIn('tom@tinporch.example', 'a-long-rope-walk', '127.0.0.1');
    const { designer } = (await accounts.session(session.token))!;
    await team.remove(ines.organisation, designer.id);
    expect(await accounts.session(session.token)).toBeUndefined();
    expect(await refusal(accounts.check('tom@tinporch.example', 'a-long-rope-walk', from))).toEqual([
      401,
      'That mail address and password do not go together',
    ]);
  });

  it('gives another password by a link, and ends what was signed in with the old one', async () => {
    const before = await accounts.signIn('ines@tinporch.example', 'a-dry-place-to-work', '127.0.0.1');
    const { token } = await team.reset(ines, ines.id);
    await team.follow(token, '', 'a-drier-place-still');
    expect(await accounts.session(before.token)).toBeUndefined();
    expect((await refusal(accounts.check(ines.mail, 'a-dry-place-to-work', from)))?.[0]).toBe(401);
    expect((await who(ines.mail, 'a-drier-place-still')).name).toBe('Ines');
  });

  it('keeps a list of who did what, a page at a time, under names that stay', async () => {
    const audit = new Audit(test.db);
    for (let n = 1; n <= 130; n++) await audit.write({ ...ines, id: ines.id }, `Did ${n}`, n % 2 ? 'yard' : null);
    const first = await audit.list(ines.organisation);
    expect([first.lines.length, first.more, first.lines[0]!.what]).toEqual([100, true, 'Did 130']);
    const second = await audit.list(ines.organisation, first.lines.at(-1)!.id);
    expect([second.lines.length, second.more, second.lines.at(-1)!.what]).toEqual([30, false, 'Did 1']);
    await test.db.query('delete from account where id = $1', [ines.id]);
    expect((await audit.list(ines.organisation)).lines[0]!.by).toBe('Ines');
  });
});

describe('sessions of an account', () => {
  it('are listed, ended one by one or all but one, and never those of somebody else', async () => {
    const test = await realDatabase();
    try {
      const accounts = new Accounts(test.db);
      await accounts.put('ines@tinporch.example', 'Ines', 'a-dry-place-to-work');
      await accounts.put('tom@tinporch.example', 'Tom', 'a-long-rope-walk');
      const ines = await accounts.check('ines@tinporch.example', 'a-dry-place-to-work', { address: '127.0.0.1' });
      const tom = await accounts.check('tom@tinporch.example', 'a-long-rope-walk', { address: '127.0.0.1' });
      const opened = [];
      for (const agent of ['Firefox', 'Chromium', 'A program'])
        opened.push(await accounts.open(ines.id, { address: '127.0.0.9', agent }));
      const his = await accounts.open(tom.id, { address: '127.0.0.1' });
      const lines = await accounts.sessions(ines.id, opened[1]!.token);
      expect(lines.map((l) => l.agent).sort()).toEqual(['A program', 'Chromium', 'Firefox']);
      expect([lines[0]!.agent, lines[0]!.here, lines[0]!.address]).toEqual(['Chromium', true, '127.0.0.9']);
      const [theirs] = await accounts.sessions(tom.id, his.token);
      await expectAsync(accounts.endSession(ines.id, theirs!.id)).toBeRejected();
      await accounts.endSession(ines.id, lines.find((l) => l.agent === 'Firefox')!.id);
      expect(await accounts.session(opened[0]!.token)).toBeUndefined();
      await accounts.endSessions(ines.id, opened[1]!.token);
      expect(await accounts.session(opened[2]!.token)).toBeUndefined();
      expect((await accounts.session(opened[1]!.token))?.designer.name).toBe('Ines');
      expect((await accounts.session(his.token))?.designer.name).toBe('Tom');
    } finally {
      await test.end();
    }
  });
});
