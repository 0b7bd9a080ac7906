import type { serverFaults, ServerFault } from '@tin-porch/core/care';
import { Accounts } from '../accounts/accounts.js';
import { Sites } from '../sites/sites.js';
import { realDatabase } from '../testing/real-database.js';
import { ServerTroubles } from './server-troubles.js';

describe('what is broken at servers', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let troubles: ServerTroubles;
  let organisations: string[];
  let woken: number;
  const minute = (n: number) => new Date(Date.UTC(2030, 0, 1, 12, n));
  const found = (...faults: ServerFault[]): ReturnType<typeof serverFaults> =>
    faults.map((fault) => ({ fault, words: `Its ${fault} is broken`, advice: `Mend the ${fault}.` }));
  const look = (n: number, ...faults: ServerFault[]) => troubles.keep('quay', found(...faults), minute(n));
  const letters = async () =>
    (
      await test.db.query<{ subject: string; body: string; recipient: string }>(
        'select subject, body, recipient from outgoing order by made_at, recipient',
      )
    ).rows;
  const open = async (organisation = organisations[0]!) => (await troubles.of(organisation)).map((t) => t.fault);

  beforeAll(async () => {
    test = await realDatabase();
    const [accounts, sites] = [new Accounts(test.db), new Sites(test.db)];
    for (const name of ['quay', 'slip'])
      await test.db.query(
        `insert into server (name, address, http_port, https_port, temporary_base, temporary_port, control_url)
         values ($1, '127.0.0.1', 80, 443, $1, 90, 'https://x.test')`,
        [name],
      );
    organisations = [];
    for (const [name, places] of [
      ['ines', ['quay', 'quay', 'quay', 'quay', 'quay', 'quay', 'slip']],
      ['other', ['slip']],
      ['third', ['quay']],
    ] as const) {
      const mail = `${name}@tinporch.example`;
      await accounts.put(mail, name, 'a-dry-place-to-work');
      const { rows } = await test.db.query<{ organisation: string }>(
        'select organisation from account where mail = $1',
        [mail],
      );
      organisations.push(rows[0]!.organisation);
      for (const [n, server] of places.entries()) {
        const { id } = await sites.create(rows[0]!.organisation, { name: `${name} ${n}` });
        await test.db.query(`update site set server = $2, live_release = 'r-1' where id = $1`, [id, server]);
      }
    }
  });
  afterAll(() => test.end());
  beforeEach(async () => {
    woken = 0;
    troubles = new ServerTroubles(test.db, { wake: () => void woken++ });
    await test.db.query('delete from server_trouble');
    await test.db.query('delete from outgoing');
  });

  it('is written of once it was seen twice, to everybody with sites there and nobody else, and once that it is over', async () => {
    await look(0, 'disk');
    expect([await letters(), await open()]).toEqual([[], []]);
    for (const n of [1, 2, 3]) await look(n, 'disk');
    const begun = await letters();
    expect(begun.map((l) => [l.recipient, l.subject])).toEqual([
      ['ines@tinporch.example', 'quay: its disk is broken'],
      ['third@tinporch.example', 'quay: its disk is broken'],
    ]);
    expect(begun[0]!.body).toContain('Its disk is broken, since 12:00 UTC. Mend the disk.');
    expect(begun[0]!.body).toContain('On it: ines 0, ines 1, ines 2, ines 3 and 2 more.');
    expect(begun[1]!.body).toContain('On it: third 0.');
    expect([await open(), await open(organisations[1]), woken]).toEqual([['disk'], [], 1]);
    for (const n of [4, 5]) await look(n);
    expect((await letters()).slice(2).map((l) => [l.recipient, l.subject])).toEqual([
      ['ines@tinporch.example', 'Over, after 4 minutes: quay, its disk is broken'],
      ['third@tinporch.example', 'Over, after 4 minutes: quay, its disk is broken'],
    ]);
    expect([await open(), woken]).toEqual([[], 2]);
  });

  it('is nobody’s where it was over before it was seen again, and begins anew each time', async () => {
    for (const n of [0, 2, 4]) {
      await look(n, 'database');
      await look(n + 1);
    }
    expect([await letters(), woken]).toEqual([[], 0]);
    expect((await test.db.query('select 1 from server_trouble')).rowCount).toBe(0);
    for (const n of [6, 7]) await look(n, 'database');
    await look(8);
    for (const n of [9, 10]) await look(n, 'database');
    expect((await letters()).filter((l) => l.recipient.startsWith('ines')).map((l) => l.subject)).toEqual([
      'quay: its database is broken',
      'Over, after 2 minutes: quay, its database is broken',
      'quay: its database is broken',
    ]);
  });

  it('waits for the morning where it does harm by and by, or is told by the sites; one is not taken for another', async () => {
    for (const n of [0, 1]) await look(n, 'front', 'clock');
    expect(await letters()).toEqual([]);
    expect(await open()).toEqual(['clock', 'front']);
    for (const n of [2, 3]) await look(n, 'clock', 'full');
    expect((await letters()).map((l) => l.subject)).toEqual(['quay: its full is broken', 'quay: its full is broken']);
    expect(await open()).toEqual(['clock', 'full']);
    // That what nobody was written of is over is no news.
    await look(4, 'full');
    expect((await letters()).length).toBe(2);
  });

  it('is kept where no letters go out, and forgotten after a year', async () => {
    troubles = new ServerTroubles(test.db, null);
    for (const n of [0, 1]) await look(n, 'disk');
    expect([await letters(), await open()]).toEqual([[], ['disk']]);
    await look(2);
    await test.db.query(`update server_trouble set ended_at = ended_at - interval '401 days'`);
    await look(3);
    expect((await test.db.query('select 1 from server_trouble')).rowCount).toBe(0);
  });
});
