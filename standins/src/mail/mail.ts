import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express } from 'express';
import { simpleParser } from 'mailparser';
import { createTransport } from 'nodemailer';
import { SMTPServer } from 'smtp-server';

/** A letter that arrived. */
export interface Arrived {
  /** Its number, counted from one in the order they came. */
  n: number;
  to: string[];
  from: string;
  replyTo: string;
  subject: string;
  text: string;
  messageId: string;
  /** Whether it carries a signature (RFC 6376). */
  signed: boolean;
  /** Names of what goes with it. */
  files: string[];
}

/** What a mailbox does, told by how its address begins: `full-…@`, `refuses-…@`, `slow-…@`, `cut-…@`, `bounces-…@`, `away-…@`. */
const behaviourOf = (address: string) =>
  /^(full|refuses|slow|cut|bounces|away)-/i.exec(address)?.[1]?.toLowerCase() ?? 'good';
const SLOW_MS = 1500;
class Reply extends Error {
  constructor(
    readonly responseCode: number,
    message: string,
  ) {
    super(message);
  }
}

/** Where mail for a domain goes. */
export type Exchangers = Record<string, { address: string; port: number }>;

/** What a mailbox sends back for a letter: a report that it was not delivered (RFC 3464), or that somebody is away (RFC 3834). */
function sentBack(behaviour: 'bounces' | 'away', to: string): string {
  const head = (subject: string, more: string) =>
    `From: <mailer@post.example>\r\nSubject: ${subject}\r\nMIME-Version: 1.0\r\n${more}\r\n`;
  if (behaviour === 'away')
    return `${head('I am away', 'Auto-Submitted: auto-replied\r\nContent-Type: text/plain\r\n')}Until Monday.\r\n`;
  const parts = [
    `Content-Type: text/plain\r\n\r\nYour letter to ${to} was not delivered.`,
    `Content-Type: message/delivery-status\r\n\r\nReporting-MTA: dns; post.example\r\n\r\nFinal-Recipient: rfc822; ${to}\r\nAction: failed\r\nStatus: 5.1.1\r\nDiagnostic-Code: smtp; 550 5.1.1 Nobody of that name\r\n lives here any more`,
  ];
  return `${head('Not delivered', 'Content-Type: multipart/report; report-type=delivery-status; boundary="b"\r\n')}${parts
    .map((p) => `--b\r\n${p}\r\n`)
    .join('')}--b--\r\n`;
}
async function sendBack(from: string, raw: string, exchangers: Exchangers): Promise<void> {
  const there = exchangers[from.split('@')[1] ?? ''];
  if (!there) return;
  const transport = createTransport({ host: there.address, port: there.port, secure: false });
  // Nothing is ever sent back for what is sent back (RFC 5321, 4.5.5).
  await transport.sendMail({ envelope: { from: '', to: from }, raw }).finally(() => transport.close());
}

/** A mail server that keeps what arrives and sends nothing on, but back what some mailboxes do. Letters are files of a folder. */
export function mailServer(folder: string, exchangers: Exchangers = {}): SMTPServer {
  mkdirSync(folder, { recursive: true });
  let last = numbers(folder).at(-1) ?? 0;
  const server = new SMTPServer({
    banner: 'a stand-in: nothing goes further than this',
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    size: 10 * 1024 * 1024,
    onRcptTo({ address }, _session, done) {
      switch (behaviourOf(address)) {
        case 'full':
          return done(new Reply(452, 'That mailbox is full at the moment'));
        case 'refuses':
          return done(new Reply(550, 'There is no such mailbox'));
        case 'slow':
          return void setTimeout(done, SLOW_MS);
        default:
          return done();
      }
    },
    onData(stream, session, done) {
      // Read before the letter ends: it is another one’s then.
      const to = session.envelope.rcptTo.map((r) => r.address);
      const parts: Buffer[] = [];
      stream.on('data', (part: Buffer) => parts.push(part));
      stream.on('end', () => {
        const cut = to.some((a) => behaviourOf(a) === 'cut');
        writeFileSync(
          join(folder, `${++last}.eml`),
          Buffer.concat([Buffer.from(`X-To: ${to.join(', ')}\r\n`), ...parts]),
        );
        const from = session.envelope.mailFrom ? session.envelope.mailFrom.address : '';
        for (const address of from ? to : []) {
          const behaviour = behaviourOf(address);
          if (behaviour === 'bounces' || behaviour === 'away')
            void sendBack(from, sentBack(behaviour, address), exchangers).catch(() => undefined);
        }
        // It is kept, and the sender never hears of it.
        if (cut) return cutLine(server, session.id);
        done(null, 'Kept');
      });
    },
  });
  return server;
}

/** Cuts the line to a client in the middle of a sentence. */
function cutLine(server: SMTPServer, session: string): void {
  const { connections } = server as unknown as { connections: Set<{ id: string; _socket: { destroy(): void } }> };
  for (const c of connections) if (c.id === session) c._socket.destroy();
}

const numbers = (folder: string): number[] =>
  readdirSync(folder)
    .flatMap((f) => /^(\d+)\.eml$/.exec(f)?.[1] ?? [])
    .map(Number)
    .sort((a, b) => a - b);

/** What arrived, the newest first. */
export async function arrived(folder: string, limit = 50): Promise<Arrived[]> {
  return Promise.all(
    numbers(folder)
      .slice(-limit)
      .reverse()
      .map(async (n) => {
        const letter = await simpleParser(readFileSync(join(folder, `${n}.eml`)));
        const to = letter.headers.get('x-to');
        return {
          n,
          to: typeof to === 'string' ? to.split(', ') : [],
          from: letter.from?.text ?? '',
          replyTo: letter.replyTo?.text ?? '',
          subject: letter.subject ?? '',
          text: letter.text ?? '',
          messageId: letter.messageId ?? '',
          signed: letter.headers.has('dkim-signature'),
          files: letter.attachments.map((f) => f.filename ?? ''),
        };
      }),
  );
}

const escaped = (words: string) => words.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** The page on which one reads what arrived; `/letters` is the same as JSON, `/letters/7.eml` one as it came over the line. */
export function mailPage(folder: string): Express {
  const app = express();
  app.disable('x-powered-by');
  app.get('/letters', async (_req, res) => void res.json({ letters: await arrived(folder) }));
  app.get('/letters/:n.eml', (req, res) => {
    const n = Number(req.params['n']);
    if (!numbers(folder).includes(n)) return void res.status(404).end();
    res.type('message/rfc822').send(readFileSync(join(folder, `${n}.eml`)));
  });
  app.get('/', async (_req, res) => {
    const letters = await arrived(folder);
    const linked = (text: string) =>
      escaped(text).replace(/https?:\/\/[^\s<]+/g, (url) => `<a href="${url}">${url}</a>`);
    res
      .set('content-security-policy', "default-src 'none'; style-src 'unsafe-inline'")
      .type('html')
      .send(
        `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Post office, a stand-in</title>
<style>body{font:16px/1.5 system-ui,sans-serif;max-width:44rem;margin:2rem auto;padding:0 1rem}pre{white-space:pre-wrap;overflow-wrap:anywhere;font:inherit}article{border-top:1px solid #999;padding:1rem 0}h2{font-size:1.05rem;margin:0}p{margin:0}</style>
<h1>Post office, a stand-in</h1><p>It keeps what arrives and sends nothing on. Mailboxes that begin with full-, refuses-, slow-, cut-, bounces- or away- do so.</p>
${letters.map((l) => `<article><h2>${escaped(l.subject)}</h2><p>${escaped(l.from)} to ${escaped(l.to.join(', '))}</p><pre>${linked(l.text)}</pre></article>`).join('\n') || '<p>Nothing has arrived yet.</p>'}`,
      );
  });
  return app;
}
