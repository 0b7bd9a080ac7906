import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import {
  addressIn,
  answerLetter,
  backUp,
  DeskInbox,
  People,
  type DeskFound,
  eraseMessages,
  erasedAfter,
  keepMessage,
  restore,
} from '@tin-porch/cms';
import { demoFacts, siteFrom } from '@tin-porch/core/fixtures';
import { letters, noteLetter, takeLetter } from '@tin-porch/mail';
import { cmsDatabase } from '../testing/cms-database.js';

const site = siteFrom({ ...demoFacts, name: 'Hollis & Wren', mail: 'yard@hollis.example' }, 2);
const form = site.forms[0]!;
const ada = { id: randomUUID(), name: 'Ada' };

/** What visitors sent, answered from the desk: in a real database, with the letters that go out. */
describe('an answer to a message', () => {
  let db: pg.Pool;
  let inbox: DeskInbox;
  let end: () => Promise<void>;
  const came = async (fields: Record<string, string>): Promise<string> => {
    await keepMessage(db, form.id, fields);
    return (await inbox.list({})).messages[0]!.id;
  };
  const answer = (message: string, words: string, id = randomUUID()) =>
    inbox.answer(message, { id, words }, ada, (m) => answerLetter(site, id, words, m));
  const shown = async (id: string) => (await inbox.list({})).messages.find((m) => m.id === id)!;
  const asked = { name: 'Wilma Rook', email: 'wilma@post.example', message: 'Have you a mooring?\nFor nine metres.' };

  beforeAll(async () => {
    ({ db, end } = await cmsDatabase());
    inbox = new DeskInbox(db);
  });
  afterAll(() => end());
  beforeEach(() => db.query('truncate message, answer, outgoing'));

  it('is one letter to whoever wrote, with what they wrote under it, answered to the business', async () => {
    const id = await came(asked);
    await answer(id, '  Yes, berth four.  ');
    const letter = (await takeLetter(db))!;
    expect([letter.to, letter.replyTo, letter.byHand]).toEqual(['wilma@post.example', 'yard@hollis.example', true]);
    expect(letter.subject).toContain('Hollis & Wren');
    expect(letter.text.startsWith('Yes, berth four.\n\n')).toBeTrue();
    expect(letter.text).toContain('> Have you a mooring?\n> For nine metres.\n');
    const message = await shown(id);
    expect(message.readAt).not.toBeNull();
    expect(message.answers.map((a) => [a.words.trim(), a.by, a.state])).toEqual([
      ['Yes, berth four.', 'Ada', 'sending'],
    ]);
    await noteLetter(db, letter.id, { state: 'failed', error: '550 no such box' });
    expect((await shown(id)).answers[0]).toEqual(
      jasmine.objectContaining({ state: 'failed', error: '550 no such box' }),
    );
  });

  it('is one, sent twice or by two at once', async () => {
    const id = await came(asked);
    const same = randomUUID();
    await Promise.all(Array.from({ length: 6 }, () => answer(id, 'Yes.', same)));
    await answer(id, 'Yes.', same);
    expect((await letters(db)).length).toBe(1);
    expect((await shown(id)).answers.length).toBe(1);
    await answer(id, 'And bring fenders.');
    expect((await shown(id)).answers.map((a) => a.words)).toEqual(['Yes.', 'And bring fenders.']);
  });

  it('goes nowhere where no address was left, or the message is gone, and nothing is kept of it', async () => {
    const id = await came({ name: 'Silas', message: 'Ring me' });
    const status = (work: Promise<void>) =>
      work.then(
        () => 0,
        (e: { status: number }) => e.status,
      );
    expect(await status(answer(id, 'To whom?'))).toBe(409);
    expect(await status(answer(randomUUID(), 'To nobody'))).toBe(404);
    expect((await shown(id)).answers).toEqual([]);
    expect(await letters(db)).toEqual([]);
  });

  it('is erased with its message: no letter keeps what somebody wanted forgotten', async () => {
    const [id, other] = [await came(asked), await came({ ...asked, name: 'Tom' })];
    await answer(id, 'Yes.');
    await answer(other, 'No.');
    await inbox.erase(id);
    expect((await db.query('select words from answer')).rows).toEqual([{ words: 'No.' }]);
    expect((await db.query<{ body: string }>('select body from outgoing')).rows.map((r) => r.body.slice(0, 3))).toEqual(
      ['No.'],
    );
  });

  it('goes to the address of the field for one, whatever else looks like one', () => {
    const field = form.fields.find((f) => f.type === 'email')!.name;
    expect(addressIn(form, { a: 'a@b.example', [field]: 'wilma@post.example' })).toBe('wilma@post.example');
    expect(addressIn(undefined, { name: 'x', where: ' tom@post.example ' })).toBe('tom@post.example');
    for (const none of [
      'tom at post',
      'tom@post',
      '<tom@post.example>',
      'a@b.example, c@d.example',
      'a@b.example\nBcc: c@d.example',
    ])
      expect(addressIn(undefined, { mail: none }))
        .withContext(none)
        .toBe('');
  });

  it('is given out with all that is found of somebody, as a table that runs nothing', async () => {
    const id = await came({ ...asked, message: '=HYPERLINK("http://bad.example")' });
    await came({ ...asked, name: 'Tom', mail: 'tom@post.example', email: 'tom@post.example' });
    await answer(id, 'Yes, "four",\nfrom May.');
    await inbox.mark(id, { note: 'Berth 100%' });
    const read = (text: string) => text.split(/\r\n(?=\d{4}-)/);
    const table = await inbox.table({ words: 'wilma@' }, { [`${form.id} name`]: 'Your name' });
    const [head, ...lines] = read(table);
    expect(head).toBe('received,form,Your name,email,message,note,labels,answers');
    expect(lines.length).toBe(1);
    expect(lines[0]).toContain(`"'=HYPERLINK(""http://bad.example"")"`);
    expect(lines[0]!.endsWith('Berth 100%,,"Yes, ""four"",\nfrom May."')).toBeTrue();
    expect(read(await inbox.table({}, {})).length).toBe(3);
    // Words that mean something to the database mean themselves.
    expect((await inbox.list({ words: '100%' })).found).toBe(1);
    expect((await inbox.list({ words: '%' })).found).toBe(1);
    expect((await inbox.list({ words: '_' })).found).toBe(0);
  });

  it('goes where everything that says a name goes, and whoever has copies is told which', async () => {
    const ids = [await came(asked), await came({ ...asked, name: 'Tom', email: 'tom@post.example' })];
    await answer(ids[0]!, 'Yes.');
    const status = (work: Promise<void>) =>
      work.then(
        () => 0,
        (e: { status: number }) => e.status,
      );
    // One that was read is not among the unread; one that came since makes it another number. Nothing goes then.
    expect(await status(inbox.eraseFound({ words: 'wilma', unread: true }, 1))).toBe(409);
    expect(await status(inbox.eraseFound({ words: 'wilma' }, 2))).toBe(409);
    expect((await inbox.list({ words: 'wilma' })).found).toBe(1);
    await inbox.eraseFound({ words: 'WILMA@post' }, 1);
    expect((await inbox.list({})).messages.map((m) => m.id)).toEqual([ids[1]!]);
    expect(await letters(db)).toEqual([]);
    const erased = await erasedAfter(db, 0);
    expect(erased.map((e) => e.message)).toContain(ids[0]!);
    expect(await erasedAfter(db, erased.at(-1)!.seq)).toEqual([]);
    await eraseMessages(db, { ids: [ids[1]!] });
    expect((await erasedAfter(db, erased.at(-1)!.seq)).map((e) => e.message)).toEqual([ids[1]!]);
  });

  it('is kept as long as was said, with its message, and for good where nothing was', async () => {
    const [old, fresh] = [await came(asked), await came({ ...asked, message: 'And for ten?' })];
    await answer(old, 'Yes.');
    await db.query(`update message set received_at = now() - interval '13 months' where id = $1`, [old]);
    expect([await inbox.keeping(), await inbox.eraseOld()]).toEqual([null, 0]);
    expect(await inbox.keep(24)).toBe(0);
    expect(await inbox.keep(12)).toBe(1);
    expect([await inbox.keeping(), (await inbox.list({})).messages.map((m) => m.id)]).toEqual([12, [fresh]]);
    expect(await letters(db)).toEqual([]);
    await inbox.keep(null);
    expect(await inbox.keeping()).toBeNull();
  });

  it('is backed up with what erases it, and what made room for a backup is erased nowhere', async () => {
    const id = await came(asked);
    await answer(id, 'Yes.');
    await inbox.keep(36);
    const file = await buffer(backUp(db));
    await db.query('truncate erased');
    await restore(db, Readable.from([file]), true);
    expect((await shown(id)).answers.map((a) => a.words)).toEqual(['Yes.']);
    expect(await inbox.keeping()).toBe(36);
    expect(await erasedAfter(db, 0)).toEqual([]);
    await inbox.keep(null);
  });

  it('is labelled and seen to by somebody, found by either, and left by whoever leaves', async () => {
    const people = new People(db);
    const { id: tom } = await people.invite({ name: 'Tom', mail: 'tom@hollis.example', role: 'messages' }, 'Ines');
    const [one, two] = [
      await came({ ...asked, message: 'One, to be labelled' }),
      await came({ ...asked, message: 'Two, to be labelled' }),
    ];
    await inbox.mark(one, { labels: [' order ', 'spring', 'order', ''], takenBy: tom });
    await inbox.mark(two, { labels: ['order'] });
    await inbox.mark(one, { note: 'Rang' });
    expect(await shown(one)).toEqual(
      jasmine.objectContaining({ labels: ['order', 'spring'], takenBy: tom, note: 'Rang', readAt: null }),
    );
    expect(await inbox.labels()).toEqual(['order', 'spring']);
    const found = async (query: DeskFound) => (await inbox.list(query)).messages.map((m) => m.id);
    expect(await found({ label: 'order' })).toEqual([two, one]);
    expect(await found({ label: 'order', takenBy: tom })).toEqual([one]);
    expect(await found({ label: 'ord' })).toEqual([]);
    expect(await found({ words: 'to be labelled', label: 'spring' })).toEqual([one]);
    expect(await inbox.table({ label: 'spring' }, {})).toContain('"order, spring"');
    await expectAsync(inbox.mark(one, { takenBy: randomUUID() })).toBeRejectedWith(
      jasmine.objectContaining({ status: 422 }),
    );
    // What is kept is kept with it.
    const file = await buffer(backUp(db));
    await restore(db, Readable.from([file]), true);
    expect(await shown(one)).toEqual(jasmine.objectContaining({ labels: ['order', 'spring'], takenBy: tom }));
    // Whoever is let in no more sees to nothing.
    await people.remove(tom, { name: 'Ines', owner: false });
    expect((await shown(one)).takenBy).toBeNull();
    // Erased are those that were seen, and no others that say the same.
    await inbox.eraseFound({ words: 'to be labelled', label: 'spring' }, 1);
    expect(await found({ label: 'order' })).toEqual([two]);
  });
});
