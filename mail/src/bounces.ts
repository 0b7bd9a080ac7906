import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';

/** Bytes of a report that are taken: what is sent back whole need not come whole. */
const MOST_BYTES = 512 * 1024;
const MOST_CLIENTS = 20;

class Refusal extends Error {
  constructor(
    readonly responseCode: number,
    message: string,
  ) {
    super(message);
  }
}

const letterOf = (address: string, domain: string): string | undefined => {
  const [, letter, at] = /^bounce-([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})@(.+)$/i.exec(address) ?? [];
  return at?.toLowerCase() === domain.toLowerCase() ? letter!.toLowerCase() : undefined;
};

/**
 * What a report says became of a letter (RFC 3464): in words where it was not delivered and will not be, null where it is
 * still tried, was delivered, or is no report at all, such as an answer that somebody is away.
 */
export async function failureIn(report: Buffer): Promise<string | null> {
  const { attachments } = await simpleParser(report, {
    skipHtmlToText: true,
    skipImageLinks: true,
    keepDeliveryStatus: true,
  });
  const status = attachments.find((a) => a.contentType === 'message/delivery-status')?.content.toString('utf8');
  if (status === undefined) return null;
  // A field may go on in the next line (RFC 5322, 2.2.3).
  const fields = status.replace(/\r?\n[ \t]+/g, ' ').split(/\r?\n/);
  const all = (name: string) =>
    fields.flatMap((f) => (f.toLowerCase().startsWith(`${name}:`) ? [f.slice(name.length + 1).trim()] : []));
  if (!all('action').some((a) => /^failed\b/i.test(a))) return null;
  const [said] = all('diagnostic-code');
  return said?.replace(/^[\w-]+\s*;\s*/, '') || `It was not delivered (${all('status')[0] ?? 'no reason given'}).`;
}

/**
 * A mail server that takes in what becomes of letters and nothing else. `failed` is told of each that was not delivered, and
 * says whether it is one of ours.
 */
export function bounceServer(domain: string, failed: (letter: string, words: string) => Promise<boolean>): SMTPServer {
  return new SMTPServer({
    banner: 'takes in reports on letters',
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    size: MOST_BYTES,
    maxClients: MOST_CLIENTS,
    socketTimeout: 30_000,
    onRcptTo({ address }, { envelope }, done) {
      if (envelope.rcptTo.length) return done(new Refusal(452, 'One report at a time'));
      if (!letterOf(address, domain)) return done(new Refusal(550, 'There is no such mailbox'));
      done();
    },
    onData(stream, { envelope }, done) {
      const letter = letterOf(envelope.rcptTo[0]!.address, domain)!;
      const parts: Buffer[] = [];
      let bytes = 0;
      stream.on('data', (part: Buffer) => {
        bytes += part.length;
        if (bytes <= MOST_BYTES) parts.push(part);
      });
      stream.on('end', () => {
        if (bytes > MOST_BYTES) return done(new Refusal(552, 'That is too large for a report'));
        failureIn(Buffer.concat(parts))
          .then(async (words) => {
            // What cannot be noted now is sent again by whoever sent it.
            if (words !== null) await failed(letter, words);
            done(null, 'Noted');
          })
          .catch(() => done(new Refusal(451, 'It cannot be noted at the moment')));
      });
    },
  });
}
