import { Accounts } from '../accounts/accounts.js';
import { Sites } from '../sites/sites.js';
import { realDatabase } from '../testing/real-database.js';
import type { PorchEvent } from '@tin-porch/contract';
import { Events, tell } from './events.js';

describe('events', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let events: Events;
  beforeAll(async () => {
    test = await realDatabase();
    events = new Events(test.url, test.db);
    await events.listen();
  });
  afterAll(async () => {
    await events.close();
    await test.end();
  });
  /** They come in the order in which they were told: what is awaited came, and all that was told before it. */
  const until = async (came: () => boolean) => {
    for (const end = Date.now() + 30_000; !came() && Date.now() < end;)
      await new Promise((done) => setTimeout(done, 10));
  };

  it('go to the owner of a site only, and a stream ends with its session', async () => {
    const accounts = new Accounts(test.db);
    const sites = new Sites(test.db);
    const all = await Promise.all(
      ['ines', 'tom'].map(async (name) => {
        await accounts.put(`${name}@tinporch.example`, name, `a password of ${name}`);
        const { rows } = await test.db.query<{ organisation: string }>(
          'select organisation from account where name = $1',
          [name],
        );
        const heard: PorchEvent[] = [];
        let closed = 0;
        events.add({
          organisation: rows[0]!.organisation,
          session: name,
          tell: (e) => heard.push(e),
          close: () => closed++,
        });
        const site = await sites.create(rows[0]!.organisation, { name: `Site of ${name}` });
        return { site: site.id, heard, closed: () => closed };
      }),
    );
    const [ines, tom] = [all[0]!, all[1]!];
    await tell(test.db, { kind: 'writing', site: ines.site, characters: 9, tail: 'Nobody else’s words' });
    await tell(test.db, { kind: 'inbox', site: tom.site });
    await tell(test.db, { kind: 'care', site: 'no-such-site' });
    await tell(test.db, { kind: 'inbox', site: ines.site });
    await until(() => ines.heard.some((e) => e.kind === 'inbox') && tom.heard.length > 0);
    expect(ines.heard.map((e) => e.kind)).toEqual(['writing', 'inbox']);
    expect(tom.heard.map((e) => e.kind)).toEqual(['inbox']);
    await tell(test.db, { kind: 'ended', session: 'tom' });
    await until(() => tom.closed() > 0);
    expect([ines.closed(), tom.closed()]).toEqual([0, 1]);
    expect(tom.heard.length).toBe(1);
  });
});
