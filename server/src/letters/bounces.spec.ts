import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { BY_HAND_UP, FILES_UP, Carrier, letters, noteBounce, OUTBOX_UP, putLetter } from '@tin-porch/mail';
import { bounceServer } from '@tin-porch/mail/bounces';
import { failureIn } from '@tin-porch/mail/report';
import { mailServer } from '@tin-porch/standins';
import { realDatabase } from '../testing/real-database.js';

const DOMAIN = 'quay.example';
const GONE = '550 5.1.1 Nobody of that name lives here any more';
/** A report as RFC 3464 has it. */
const report = (status: string) =>
  [
    'From: <mailer@post.example>',
    'Subject: About your letter',
    'MIME-Version: 1.0',
    'Content-Type: multipart/report; report-type=delivery-status; boundary="b"',
    '',
    '--b',
    'Content-Type: text/plain',
    '',
    'Words for people.',
    '--b',
    'Content-Type: message/delivery-status',
    '',
    status,
    '--b--',
    '',
  ].join('\r\n');

describe('what comes back of letters', () => {
  let folder: string;
  let db: pg.Pool;
  let post: ReturnType<typeof mailServer>;
  let taking: ReturnType<typeof bounceServer>;
  let away = false;
  let end: () => Promise<void>;
  const portOf = (server: { server: { address(): unknown } }) => (server.server.address() as AddressInfo).port;
  const listening = (server: ReturnType<typeof mailServer>) =>
    new Promise<void>((done) => server.listen(0, '127.0.0.1', done));

  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'tin-porch-bounces-'));
    const database = await realDatabase();
    db = new pg.Pool({ connectionString: await database.another(''), max: 6 });
    await db.query(`${OUTBOX_UP}${BY_HAND_UP}${FILES_UP}`);
    taking = bounceServer(DOMAIN, (letter, words) =>
      away ? Promise.reject(new Error('the database is away')) : noteBounce(db, letter, words),
    );
    await listening(taking);
    post = mailServer(folder, { [DOMAIN]: { address: '127.0.0.1', port: portOf(taking) } });
    await listening(post);
    end = async () => {
      await db.end();
      await database.end();
    };
  });
  afterAll(async () => {
    await new Promise<void>((done) => post.close(() => done()));
    await new Promise<void>((done) => taking.close(() => done()));
    await end();
    rmSync(folder, { recursive: true, force: true });
  });
  const send = async (to: string) => {
    const id = await putLetter(db, { cause: to, to, subject: 'About the slip', text: 'Words.\n' });
    const carrier = new Carrier({ host: '127.0.0.1', port: portOf(post), from: `post@${DOMAIN}`, bounces: DOMAIN });
    expect((await carrier.run(db, { name: 'Hollis & Wren' })).sent).toBe(1);
    carrier.close();
    return id!;
  };
  const of = async (id: string) => (await letters(db)).find((l) => l.id === id)!;
  /** Speaks SMTP line by line; gives the codes of what was answered. */
  const speak = (...lines: string[]) =>
    new Promise<string[]>((done, fail) => {
      const codes: string[] = [];
      const left = [...lines];
      const socket = connect(portOf(taking), '127.0.0.1');
      let said = '';
      socket.on('data', (part) => {
        said += part.toString();
        const whole = /^(\d{3}) .*\r\n$/m.exec(said);
        if (!whole) return;
        said = '';
        codes.push(whole[1]!);
        const next = left.shift();
        if (next === undefined) socket.end();
        else socket.write(`${next}\r\n`);
      });
      socket.on('close', () => done(codes)).on('error', fail);
      socket.setTimeout(10_000, () => socket.destroy(new Error('no answer')));
    });
  const hello = ['EHLO post.example', 'MAIL FROM:<>'];

  it('ends a letter that was taken and not delivered, with why, though it was said to be sent', async () => {
    const id = await send('bounces-tom@post.example');
    const end = Date.now() + 10_000;
    while ((await of(id)).state !== 'failed' && Date.now() < end) await new Promise((r) => setTimeout(r, 20));
    expect([(await of(id)).state, (await of(id)).error]).toEqual(['failed', GONE]);
  });

  it('leaves a letter as it is whose reader is away, or that is still tried', async () => {
    const id = await send('away-tom@post.example');
    const to = `RCPT TO:<bounce-${id}@${DOMAIN}>`;
    for (const status of ['Action: delayed\r\nStatus: 4.4.1', 'Action: delivered\r\nStatus: 2.0.0', ''])
      expect(await speak(...hello, to, 'DATA', `${report(status)}\r\n.`, 'QUIT')).toEqual([
        '220',
        '250',
        '250',
        '250',
        '354',
        '250',
        '221',
      ]);
    expect((await of(id)).state).toBe('sent');
    const failed = report(
      'Reporting-MTA: dns; x\r\n\r\nFinal-Recipient: rfc822; t@x\r\nAction: failed\r\nStatus: 5.2.2',
    );
    expect((await speak(...hello, to, 'DATA', `${failed}\r\n.`, 'QUIT')).at(-2)).toBe('250');
    expect((await of(id)).error).toBe('It was not delivered (5.2.2).');
  });

  it('takes in nothing else: no other mailbox or domain, no second reader, nothing large', async () => {
    const id = '00000000-0000-4000-8000-000000000000';
    const to = (address: string) => `RCPT TO:<${address}>`;
    const codes = await speak(
      ...hello,
      to(`post@${DOMAIN}`),
      to(`bounce-${id}@elsewhere.example`),
      to(`bounce-1@${DOMAIN}`),
      to(`BOUNCE-${id}@${DOMAIN}`),
      to(`bounce-${id}@${DOMAIN}`),
      'QUIT',
    );
    expect(codes).toEqual(['220', '250', '250', '550', '550', '550', '250', '452', '221']);
    const large = `${'x'.repeat(70)}\r\n`.repeat(9000);
    expect((await speak(...hello, to(`bounce-${id}@${DOMAIN}`), 'DATA', `${large}.`, 'QUIT')).at(-2)).toBe('552');
    // One that nobody here wrote is taken, and is nothing.
    const lost = report('Action: failed\r\nStatus: 5.0.0');
    expect((await speak(...hello, to(`bounce-${id}@${DOMAIN}`), 'DATA', `${lost}\r\n.`, 'QUIT')).at(-2)).toBe('250');
  });

  it('is asked for again where it cannot be noted', async () => {
    const id = await send('tom@post.example');
    const said = [...hello, `RCPT TO:<bounce-${id}@${DOMAIN}>`, 'DATA', `${report('Action: failed')}\r\n.`, 'QUIT'];
    away = true;
    expect((await speak(...said)).at(-2)).toBe('451');
    expect((await of(id)).state).toBe('sent');
    away = false;
    expect((await speak(...said)).at(-2)).toBe('250');
    expect((await of(id)).state).toBe('failed');
  });

  it('is read as it is: fields over two lines, several readers, and no report', async () => {
    expect(await failureIn(Buffer.from(report(`Action: failed\r\nDiagnostic-Code: smtp;\r\n 554 Too\r\n many`)))).toBe(
      '554 Too many',
    );
    expect(await failureIn(Buffer.from(report('Action: delivered\r\n\r\nAction: Failed (for good)')))).not.toBeNull();
    expect(await failureIn(Buffer.from('Subject: Away\r\n\r\nAction: failed'))).toBeNull();
    expect(await failureIn(Buffer.from(''))).toBeNull();
  });
});
