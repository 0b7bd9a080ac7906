import type pg from 'pg';
import { DeskInbox, keepMessage } from '@tin-porch/cms';
import type { Letter } from '@tin-porch/mail';
import { letters } from '@tin-porch/mail';
import { cmsDatabase } from '../testing/cms-database.js';

/** What visitors send, kept in a real database. */
describe('a message', () => {
  let db: pg.Pool;
  let end: () => Promise<void>;
  const told = (id: string): Letter => ({
    cause: `message ${id}`,
    to: 'yard@hollis.example',
    subject: 'A message',
    text: 'Somebody wrote',
  });
  const kept = async () => (await db.query('select 1 from message')).rowCount;
  const asked = { name: 'Wilma Rook', message: 'Have you a mooring?' };
  beforeAll(async () => {
    ({ db, end } = await cmsDatabase());
  });
  afterAll(() => end());
  beforeEach(async () => {
    await db.query('delete from message');
  });

  it('is kept once, with one letter, however often and at whatever moment it is sent again', async () => {
    const before = (await letters(db, 100)).length;
    const all = await Promise.all(Array.from({ length: 6 }, () => keepMessage(db, 'contact', asked, told)));
    expect(all).toEqual(Array<boolean>(6).fill(true));
    expect(await keepMessage(db, 'contact', asked, told)).toBeTrue();
    // The order of what was sent is no matter.
    expect(await keepMessage(db, 'contact', { message: asked.message, name: asked.name }, told)).toBeTrue();
    expect(await kept()).toBe(1);
    expect((await letters(db, 100)).length - before).toBe(1);
  });

  it('is another one with a word more, through another form, from somebody else, or after an hour', async () => {
    await keepMessage(db, 'contact', asked);
    for (const [form, fields] of [
      ['contact', { ...asked, message: `${asked.message} ` }],
      ['booking', asked],
      ['contact', { ...asked, name: 'Orrin Vane' }],
    ] as const)
      await keepMessage(db, form, fields);
    expect(await kept()).toBe(4);
    await db.query(`update message set received_at = now() - interval '61 minutes'`);
    await keepMessage(db, 'contact', asked);
    expect(await kept()).toBe(5);
  });

  it('is a new one where the one before it was erased', async () => {
    await keepMessage(db, 'contact', asked);
    const inbox = new DeskInbox(db);
    await inbox.erase((await inbox.list({})).messages[0]!.id);
    await keepMessage(db, 'contact', asked);
    expect(await kept()).toBe(1);
  });

  it('is refused where there are more than anybody reads, and the same one of before is still known', async () => {
    await db.query(
      `insert into message (form, fields, aside)
       select 'contact', jsonb_build_object('message', n), n > 30 from generate_series(1, 2030) n`,
    );
    expect(await keepMessage(db, 'contact', asked)).toBeFalse();
    expect(await keepMessage(db, 'contact', { message: 2030 as never })).toBeTrue();
    expect(await kept()).toBe(2030);
  });
});
