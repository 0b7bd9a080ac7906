import { randomUUID } from 'node:crypto';
import { Accounts } from '../accounts/accounts.js';
import type { Servers } from '../servers/servers.js';
import { Sites } from '../sites/sites.js';
import { realDatabase } from '../testing/real-database.js';
import { Inbox, INBOX_PAGE } from './inbox.js';

describe('the inbox', () => {
  let test: Awaited<ReturnType<typeof realDatabase>>;
  let inbox: Inbox;
  let ines = '';
  let tom = '';
  let site = '';
  const erased: unknown[] = [];
  const put = (n: number, fields: Record<string, string>, aside = false) =>
    test.db.query(
      `insert into message (id, site, server, seq, form, fields, received_at, aside)
       values ($1, $2, 'quay', $3, 'contact', $4, $5, $6)`,
      [randomUUID(), site, n, fields, new Date(Date.UTC(2026, 10, 1) + Math.floor(n / 2) * 1000), aside],
    );

  beforeAll(async () => {
    test = await realDatabase();
    const accounts = new Accounts(test.db);
    for (const name of ['ines', 'tom']) await accounts.put(`${name}@tinporch.example`, name, `a password of ${name}`);
    const { rows } = await test.db.query<{ organisation: string }>('select organisation from account order by name');
    [ines, tom] = [rows[0]!.organisation, rows[1]!.organisation];
    ({ id: site } = await new Sites(test.db).create(ines, { name: 'Yard' }));
    const client = { eraseMessages: (id: string, which: unknown) => Promise.resolve(void erased.push([id, which])) };
    inbox = new Inbox(test.db, { get: () => Promise.resolve({ client }) } as unknown as Servers);
    for (let n = 0; n < 2 * INBOX_PAGE + 7; n++)
      await put(n, { name: `Visitor ${n}`, message: n === 3 ? '100% of “it” \\ _x_' : 'Hello' });
    for (let n = 0; n < 5; n++) await put(500 + n, { name: 'Flood', message: 'Buy' }, true);
  });
  afterAll(() => test.end());

  it('goes through every message, page by page, each once, also where several came in one moment', async () => {
    const seen: string[] = [];
    for (let after: { receivedAt: string; id: string } | undefined; ;) {
      const page = await inbox.list(ines, { ...(after && { after }) });
      seen.push(...page.messages.map((m) => m.fields['name']!));
      const last = page.messages.at(-1)!;
      after = { receivedAt: last.receivedAt.toISOString(), id: last.id };
      if (!page.more) break;
    }
    expect(seen.length).toBe(2 * INBOX_PAGE + 7);
    expect(new Set(seen).size).toBe(seen.length);
  });

  it('finds words as they stand, whatever they mean to a database', async () => {
    for (const [words, count] of [
      ['Visitor 17', 1],
      ['100% of', 1],
      ['“it” \\ _x_', 1],
      ['%', 1],
      ['Vis_tor', 0],
      ["'; drop table message; --", 0],
    ] as const)
      expect((await inbox.list(ines, { words })).messages.length)
        .withContext(words)
        .toBe(count);
  });

  it('shows a flood apart, and nothing to anybody else', async () => {
    expect(await inbox.counts(ines)).toEqual({ all: 2 * INBOX_PAGE + 7, unread: 2 * INBOX_PAGE + 7, aside: 5 });
    expect((await inbox.list(ines, { aside: true })).messages.every((m) => m.fields['name'] === 'Flood')).toBeTrue();
    expect(await inbox.counts(tom)).toEqual({ all: 0, unread: 0, aside: 0 });
  });

  it('erases a message here and where it was taken in, and a flood in one go', async () => {
    const one = (await inbox.list(ines)).messages[0]!;
    await expectAsync(inbox.erase(tom, one.id)).toBeRejected();
    await inbox.erase(ines, one.id);
    expect(erased).toEqual([[site, { ids: [one.id] }]]);
    expect(await inbox.eraseAside(tom)).toBe(0);
    expect(await inbox.eraseAside(ines)).toBe(5);
    expect((await inbox.counts(ines)).aside).toBe(0);
  });

  it('lets go of what was erased where it came in, whenever it hears of it', async () => {
    const gone = [randomUUID(), randomUUID()];
    const message = (id: string, seq: number) => ({
      id,
      seq,
      form: 'contact',
      fields: { name: 'Forget me' },
      receivedAt: new Date().toISOString(),
      aside: false,
    });
    const answers = [
      { messages: [message(gone[0]!, 9001)], erased: [] },
      // One that came and was erased in between is never seen; one that is here goes.
      { messages: [], erased: [gone[0]!, gone[1]!].map((id, n) => ({ seq: n + 1, message: id })) },
      { messages: [], erased: [] },
    ];
    const asked: [number, number][] = [];
    const client = {
      marks: () => Promise.resolve({ marks: { [site]: asked.length + 1 } }),
      messages: (_: string, after: number, erased: number) => {
        asked.push([after, erased]);
        return Promise.resolve(answers[Math.min(asked.length, answers.length) - 1]!);
      },
    };
    const fetching = new Inbox(test.db, {
      all: () => Promise.resolve([{ name: 'slip', client }]),
    } as unknown as Servers);
    const found = async () => (await inbox.list(ines, { words: 'Forget me' })).messages.length;
    await fetching.fetch();
    expect(await found()).toBe(1);
    await fetching.fetch();
    expect(await found()).toBe(0);
    await fetching.fetch();
    expect(asked).toEqual([
      [0, 0],
      [9001, 0],
      [9001, 2],
    ]);
  });
});
