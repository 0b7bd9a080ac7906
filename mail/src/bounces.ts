import { Thread } from '@tin-porch/press/threads';
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

const reading = new Thread(
  (ending) => new URL(`./report-worker${ending}`, import.meta.url),
  import.meta.url.endsWith('.mjs'),
  { mostMs: 3000, mostWaiting: MOST_CLIENTS, memory: { maxOldGenerationSizeMb: 64, stackSizeMb: 2 } },
);
/** A report is mail from anybody: it is read where reading it can hold up nobody. */
const read = (report: Buffer) => reading.ask({ report: report.toString('base64') }) as Promise<string | null>;

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
        read(Buffer.concat(parts))
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
