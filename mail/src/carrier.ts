import { createTransport } from 'nodemailer';
import type { Pool } from 'pg';
import { bounceAddress } from './bounce-address.js';
import { htmlOf } from './html.js';
import { doubtLetters, noteLetter, takeLetter, type Taken } from './outbox.js';

/** The server letters are handed to, and what they are signed with. */
export interface MailServer {
  host: string;
  port: number;
  /** TLS from the first byte (RFC 8314); else STARTTLS where the server offers it. */
  secure?: boolean;
  user?: string;
  password?: string;
  /** The address letters come from. */
  from: string;
  /** The domain that what becomes of them is reported to; left out where nobody reads that. */
  bounces?: string;
  /** Signs them (DKIM, RFC 6376). */
  dkim?: DkimKey;
  /** What of an SPF record lets it send (RFC 7208, 5), where that is not its own address. */
  spf?: string;
}
/** What a letter is signed with: the domain, the selector of its record, and the private key as PEM. */
export interface DkimKey {
  domain: string;
  selector: string;
  key: string;
}
/** Whom letters come from: by name, and from an address of its own where its domain lets them. */
export interface Sender {
  name: string;
  own?: { address: string; dkim: DkimKey };
}

/** How long a server may take for a step, ms. */
const STEP_MS = 20_000;
/** Whoever has not said for so long what became of a letter says it no more, s. */
const LOST_S = 120;
/** How late it is tried again, s: twice as late each time. */
const FIRST_AGAIN_S = 20;
const LONGEST_AGAIN_S = 3600;
const MOST_TRIES = 14;

interface SmtpError extends Error {
  responseCode?: number;
}

/** What to do with a letter that was not said to be taken. `handing`: whether its words had begun to go over the line. */
export function became(
  error: SmtpError,
  tries: number,
  handing: boolean,
): { state: 'failed' | 'unsure'; error: string } | { state: 'waiting'; error: string; again: number } {
  const words = error.message;
  // Said no to, for good (RFC 5321, 4.2.1): nothing is gained by asking again.
  if ((error.responseCode ?? 0) >= 500) return { state: 'failed', error: words };
  // The line was cut while the letter was handed over: the server may have it.
  if (handing && error.responseCode === undefined) return { state: 'unsure', error: words };
  if (tries >= MOST_TRIES) return { state: 'failed', error: `${words} (${tries} tries)` };
  return { state: 'waiting', error: words, again: Math.min(LONGEST_AGAIN_S, FIRST_AGAIN_S * 2 ** (tries - 1)) };
}

/** Carries letters to one mail server. */
export class Carrier {
  private readonly transport;
  /** Whether the letter that is under way has begun to go over the line. */
  private handing = false;
  private last: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly server: MailServer,
    private readonly stepMs = STEP_MS,
  ) {
    const { host, port, secure = false, user, password, dkim } = server;
    this.transport = createTransport({
      host,
      port,
      secure,
      ...(user !== undefined && { auth: { user, pass: password ?? '' } }),
      ...(dkim && { dkim: { domainName: dkim.domain, keySelector: dkim.selector, privateKey: dkim.key } }),
      connectionTimeout: stepMs,
      greetingTimeout: stepMs,
      socketTimeout: stepMs,
      disableFileAccess: true,
      disableUrlAccess: true,
    });
    // Its words are asked for once the server has let us in, and not before.
    this.transport.use('stream', (mail, done) => {
      const message = mail.message as unknown as { createReadStream(options?: object): unknown };
      const own = message.createReadStream.bind(message);
      message.createReadStream = (options) => {
        this.handing = true;
        return own(options);
      };
      done();
    });
  }

  /** Why the mail server does not let us in; null where it does. Nothing is sent. */
  async fault(): Promise<string | null> {
    try {
      await this.transport.verify();
      return null;
    } catch (error) {
      return (error as Error).message;
    }
  }

  /** Hands one letter over. @throws Error as nodemailer gives it */
  private async hand(letter: Taken, { name, own }: Sender): Promise<void> {
    this.handing = false;
    const address = own?.address ?? this.server.from;
    await this.transport.sendMail({
      from: { name: letter.sender ?? name, address },
      to: letter.to,
      ...(this.server.bounces && {
        envelope: { from: bounceAddress(letter.id, this.server.bounces), to: letter.to },
      }),
      subject: letter.subject,
      text: letter.text,
      // What a person wrote goes as they wrote it.
      ...(!letter.byHand && { html: letter.html ?? htmlOf(letter.text) }),
      ...(letter.replyTo && { replyTo: letter.replyTo }),
      ...(letter.files && {
        attachments: letter.files.map((f) => ({
          ...{ filename: f.name, contentType: f.type },
          content: Buffer.from(f.content, 'base64'),
        })),
      }),
      // The same letter has one name for good: who gets it twice can tell.
      messageId: `<${letter.id}@${address.split('@')[1]!}>`,
      ...(own && {
        dkim: { domainName: own.dkim.domain, keySelector: own.dkim.selector, privateKey: own.dkim.key },
      }),
      ...(!letter.byHand && { headers: { 'Auto-Submitted': 'auto-generated' } }),
    });
  }

  /** Sends what is due in an outbox, one letter after the other, whoever asks meanwhile. Gives how many were sent, and whether any waits still. */
  run(db: Pool, sender: Sender): Promise<{ sent: number; waiting: boolean }> {
    const done = this.last.then(() => this.runAlone(db, sender));
    this.last = done.catch(() => undefined);
    return done;
  }
  private async runAlone(db: Pool, sender: Sender): Promise<{ sent: number; waiting: boolean }> {
    await doubtLetters(db, LOST_S);
    let sent = 0;
    for (;;) {
      const letter = await takeLetter(db);
      if (!letter) break;
      const end = await this.hand(letter, sender).then(
        () => ({ state: 'sent' as const }),
        (error: SmtpError) => became(error, letter.tries, this.handing),
      );
      await noteLetter(db, letter.id, end);
      if (end.state === 'sent') sent++;
    }
    const { rowCount } = await db.query(`select 1 from outgoing where state in ('waiting', 'sending') limit 1`);
    return { sent, waiting: rowCount === 1 };
  }

  close(): void {
    this.transport.close();
  }
}
