import { generateKeyPairSync } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import pg from 'pg';
import { arrived, mailServer } from '@tin-porch/standins';
import {
  became,
  BY_HAND_UP,
  FILES_UP,
  Carrier,
  doubtLetters,
  htmlOf,
  letters,
  noteLetter,
  OUTBOX_UP,
  putLetter,
  takeLetter,
} from '@tin-porch/mail';
import { realDatabase } from '../testing/real-database.js';

const FROM = 'post@quay.example';
const letter = (cause: string, to: string) => ({ cause, to, subject: `About ${cause}`, text: 'Words.\n' });

/** Real letters through a real database to a real mail server. */
describe('letters', () => {
  let folder: string;
  let post: ReturnType<typeof mailServer>;
  let port: number;
  let db: pg.Pool;
  let end: () => Promise<void>;
  const carrier = (more: Partial<ConstructorParameters<typeof Carrier>[0]> = {}, stepMs = 4000) =>
    new Carrier({ host: '127.0.0.1', port, from: FROM, ...more }, stepMs);
  const stateOf = async (to: string) => (await letters(db)).find((l) => l.to === to);

  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-mail-'));
    post = mailServer(folder);
    await new Promise<void>((done) => post.listen(0, '127.0.0.1', done));
    port = (post.server.address() as AddressInfo).port;
    const database = await realDatabase();
    db = new pg.Pool({ connectionString: await database.another(''), max: 6 });
    end = async () => {
      await db.end();
      await database.end();
    };
    await db.query(`${OUTBOX_UP}${BY_HAND_UP}${FILES_UP}`);
  });
  afterAll(async () => {
    await end();
    await new Promise<void>((done) => post.close(() => done()));
    rmSync(folder, { recursive: true, force: true });
  });
  beforeEach(() => db.query('delete from outgoing'));

  it('keep nothing of what has gone, and all of what has not', async () => {
    await putLetter(db, { ...letter('gone', 'tom@post.example'), html: '<p>Words.</p>' });
    await putLetter(db, letter('full', 'full-tom@post.example'));
    await putLetter(db, letter('refused', 'refuses-tom@post.example'));
    await carrier().run(db, { name: 'Hollis & Wren' });
    const { rows } = await db.query<{ cause: string; body: string; html: string | null }>(
      'select cause, body, html from outgoing order by cause',
    );
    expect(rows).toEqual([
      { cause: 'full', body: 'Words.\n', html: null },
      { cause: 'gone', body: '', html: null },
      { cause: 'refused', body: 'Words.\n', html: null },
    ]);
  });

  it('say the same as HTML beside their plain words, with links that lead where they say', async () => {
    const text =
      'Hello Tom & Ada,\n\nthis <opens> it:\n\nhttps://gant.example/-/desk/#link=a_b-c\n\nOr (https://x.example/?a=1&b="2).\nBye.\n';
    const html = htmlOf(text);
    expect(html).toContain('<p>this &lt;opens&gt; it:</p>');
    expect([...html.matchAll(/href="([^"]*)"/g)].map((m) => m[1])).toEqual([
      'https://gant.example/-/desk/#link=a_b-c',
      'https://x.example/?a=1&amp;b=',
    ]);
    expect(html).not.toMatch(/<script|<img|url\(/);
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme-ascii', maxLength: 200 }), (words) => {
        const plain = htmlOf(words)
          .replace(/^.*<body[^>]*>|<\/body>.*$/gs, '')
          .replace(/<\/p><p>|<br>/g, '\n')
          .replace(/<[^>]*>/g, '');
        const back = { '&lt;': '<', '&gt;': '>', '&quot;': '"', '&amp;': '&' } as Record<string, string>;
        expect(plain.replace(/&(?:lt|gt|quot|amp);/g, (e) => back[e]!)).toBe(words.trim());
      }),
    );
    await putLetter(db, { ...letter('both', 'tom@post.example'), text });
    await putLetter(db, { ...letter('hand', 'ada@post.example'), text: 'By hand.', byHand: true });
    await carrier().run(db, { name: 'Hollis & Wren' });
    const raw = (about: string) =>
      readdirSync(folder)
        .map((f) => readFileSync(join(folder, f), 'utf8'))
        .find((m) => m.includes(`Subject: About ${about}`))!;
    expect(raw('both')).toMatch(/Content-Type: multipart\/alternative/);
    expect(raw('hand')).not.toContain('text/html');
  });

  it('go out once, whatever is said twice about one cause', async () => {
    expect(await putLetter(db, letter('one', 'tom@post.example'))).not.toBeNull();
    expect(await putLetter(db, letter('one', 'tom@post.example'))).toBeNull();
    expect(await carrier().run(db, { name: 'Hollis & Wren' })).toEqual({ sent: 1, waiting: false });
    expect(await carrier().run(db, { name: 'Hollis & Wren' })).toEqual({ sent: 0, waiting: false });
    const came = (await arrived(folder)).filter((l) => l.subject === 'About one');
    expect(came.map((l) => [l.from, l.to, l.text.trim()])).toEqual([
      ['"Hollis & Wren" <post@quay.example>', ['tom@post.example'], 'Words.'],
    ]);
    expect((await stateOf('tom@post.example'))!.state).toBe('sent');
  });

  it('are not written where what they are about was not', async () => {
    const client = await db.connect();
    await client.query('begin');
    await putLetter(client, letter('undone', 'tom@post.example'));
    await client.query('rollback');
    client.release();
    expect(await carrier().run(db, { name: 'x' })).toEqual({ sent: 0, waiting: false });
  });

  it('wait where a mailbox is full, end where there is none, and arrive where it is slow', async () => {
    for (const to of ['full-box@post.example', 'refuses-all@post.example', 'slow-box@post.example'])
      await putLetter(db, letter(to, to));
    expect(await carrier().run(db, { name: 'x' })).toEqual({ sent: 1, waiting: true });
    const full = (await stateOf('full-box@post.example'))!;
    expect([full.state, full.tries]).toEqual(['waiting', 1]);
    expect(full.error).toContain('452');
    const none = (await stateOf('refuses-all@post.example'))!;
    expect([none.state, none.error!.includes('550')]).toEqual(['failed', true]);
    expect((await stateOf('slow-box@post.example'))!.state).toBe('sent');
    // Not before its time.
    expect((await carrier().run(db, { name: 'x' })).sent).toBe(0);
    expect((await stateOf('full-box@post.example'))!.tries).toBe(1);
  });

  it('wait where nobody answers, and where whoever answers says nothing', async () => {
    const dumb = createServer(() => undefined);
    await new Promise<void>((done) => dumb.listen(0, '127.0.0.1', done));
    for (const at of [1, (dumb.address() as AddressInfo).port]) {
      await db.query('delete from outgoing');
      await putLetter(db, letter('away', 'tom@post.example'));
      expect(await carrier({ port: at }, 300).run(db, { name: 'x' })).toEqual({ sent: 0, waiting: true });
      expect((await stateOf('tom@post.example'))!.state).toBe('waiting');
    }
    await new Promise((done) => dumb.close(done));
  });

  it('are in doubt, and not sent again, where the line was cut while they were handed over', async () => {
    await putLetter(db, letter('cut', 'cut-off@post.example'));
    expect(await carrier().run(db, { name: 'x' })).toEqual({ sent: 0, waiting: false });
    expect((await stateOf('cut-off@post.example'))!.state).toBe('unsure');
    await carrier().run(db, { name: 'x' });
    expect((await arrived(folder)).filter((l) => l.subject === 'About cut').length).toBe(1);
  });

  it('are in doubt where the program ended with them in hand, and never before', async () => {
    await putLetter(db, letter('killed', 'tom@post.example'));
    const taken = await takeLetter(db);
    expect(await takeLetter(db)).toBeUndefined();
    expect(await doubtLetters(db, 60)).toBe(0);
    await db.query(`update outgoing set taken_at = now() - interval '5 minutes'`);
    expect(await doubtLetters(db, 60)).toBe(1);
    // What comes too late changes nothing.
    await noteLetter(db, taken!.id, { state: 'sent' });
    expect((await stateOf('tom@post.example'))!.state).toBe('unsure');
  });

  it('are taken by one of many who carry', async () => {
    for (let n = 0; n < 40; n++) await putLetter(db, letter(`many ${n}`, 'many@post.example'));
    const runs = await Promise.all(Array.from({ length: 4 }, () => carrier().run(db, { name: 'x' })));
    expect(runs.reduce((sum, r) => sum + r.sent, 0)).toBe(40);
    const came = (await arrived(folder, 100)).filter((l) => l.to[0] === 'many@post.example');
    expect(new Set(came.map((l) => l.messageId)).size).toBe(40);
    expect(came.length).toBe(40);
  });

  it('begin no other header, whatever stands in their subject, and are signed where there is a key', async () => {
    const { privateKey } = generateKeyPairSync('rsa', {
      modulusLength: 2048,
      privateKeyEncoding: { type: 'pkcs8', format: 'pem' },
      publicKeyEncoding: { type: 'spki', format: 'pem' },
    });
    await putLetter(db, {
      ...letter('headers', 'tom@post.example'),
      subject: 'Hello\r\nBcc: all@post.example',
      replyTo: 'wilma@post.example',
    });
    await carrier({ dkim: { domain: 'quay.example', selector: 'porch', key: privateKey } }).run(db, {
      name: 'A\r\nB: c',
    });
    const [came] = await arrived(folder, 1);
    expect(came!.subject).toBe('Hello Bcc: all@post.example');
    expect([came!.to, came!.replyTo, came!.signed]).toEqual([['tom@post.example'], 'wilma@post.example', true]);
  });

  it('are tried later each time, and not for ever', () => {
    const away = new Error('away');
    const again = [1, 2, 3, 9, 13].map((tries) => (became(away, tries, false) as { again: number }).again);
    expect(again).toEqual([20, 40, 80, 3600, 3600]);
    expect(became(away, 14, false).state).toBe('failed');
    expect(became(Object.assign(new Error('no'), { responseCode: 554 }), 1, true).state).toBe('failed');
    expect(became(Object.assign(new Error('later'), { responseCode: 451 }), 1, true).state).toBe('waiting');
  });
});
