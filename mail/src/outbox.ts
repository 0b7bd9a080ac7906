import type { ClientBase, Pool } from 'pg';

/** The table of letters, for the migrations of whoever sends some. */
export const OUTBOX_UP = `
create table outgoing (
  id uuid primary key default gen_random_uuid(),
  cause text not null unique,
  recipient text not null,
  subject text not null,
  body text not null,
  html text,
  reply_to text,
  state text not null default 'waiting' check (state in ('waiting', 'sending', 'sent', 'failed', 'unsure')),
  tries integer not null default 0,
  next_at timestamptz not null default now(),
  taken_at timestamptz,
  error text,
  made_at timestamptz not null default now(),
  sent_at timestamptz
);
create index outgoing_waiting on outgoing (next_at) where state = 'waiting';`;
export const OUTBOX_DOWN = 'drop table outgoing;';
/** Whether a person wrote a letter, since the step after. */
export const BY_HAND_UP = 'alter table outgoing add column by_hand boolean not null default false;';
export const BY_HAND_DOWN = 'alter table outgoing drop column by_hand;';
/** What goes with a letter, and whom it says it is from, since the step after that. */
export const FILES_UP = 'alter table outgoing add column files jsonb, add column sender text;';
export const FILES_DOWN = 'alter table outgoing drop column files, drop column sender;';

/** A letter as it is to be sent. */
export interface Letter {
  /** What it is about: the same cause twice is one letter. */
  cause: string;
  to: string;
  subject: string;
  text: string;
  html?: string;
  replyTo?: string;
  /** A person wrote it: it says of itself that it was made by a program otherwise (RFC 3834). */
  byHand?: boolean;
  /** The name of whom it is from, where that is not the one all are from. */
  sender?: string;
  files?: LetterFile[];
}
/** A file that goes with a letter. */
export interface LetterFile {
  name: string;
  /** Its media type. */
  type: string;
  /** Its bytes, in Base64 (RFC 4648, 4). */
  content: string;
}
/** A letter that is on its way, or was. */
export interface OutgoingLine {
  id: string;
  to: string;
  subject: string;
  state: 'waiting' | 'sending' | 'sent' | 'failed' | 'unsure';
  tries: number;
  error: string | null;
  madeAt: string;
  sentAt: string | null;
}
/** A letter taken out to be sent. */
export interface Taken extends Letter {
  id: string;
  tries: number;
}
type Queryable = Pick<ClientBase, 'query'> | Pool;

/** No line of a header has an end of its own (RFC 5322, 2.2): what would begin another is a space. */
const oneLine = (words: string) => words.replace(/[\r\n]+/g, ' ').trim();

/** Writes a letter, in the transaction of what it is about. Gives its id, or null where that cause has one already. */
export async function putLetter(db: Queryable, letter: Letter): Promise<string | null> {
  const { rows } = await db.query<{ id: string }>(
    `insert into outgoing (cause, recipient, subject, body, html, reply_to, by_hand, sender, files)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9)
     on conflict (cause) do nothing returning id`,
    [
      letter.cause.slice(0, 300),
      letter.to,
      oneLine(letter.subject).slice(0, 300),
      letter.text,
      letter.html ?? null,
      letter.replyTo ?? null,
      letter.byHand ?? false,
      letter.sender ? oneLine(letter.sender).slice(0, 200) : null,
      letter.files ? JSON.stringify(letter.files) : null,
    ],
  );
  return rows[0]?.id ?? null;
}

/** Takes the next letter that is due; it is on its way from here on, whatever becomes of whoever took it. */
export async function takeLetter(db: Queryable): Promise<Taken | undefined> {
  const { rows } = await db.query<
    Taken & { html: string | null; replyTo: string | null; sender: string | null; files: LetterFile[] | null }
  >(
    `update outgoing set state = 'sending', taken_at = now(), tries = tries + 1
     where id = (select id from outgoing where state = 'waiting' and next_at <= now() order by next_at for update skip locked limit 1)
     returning id, cause, recipient as "to", subject, body as text, html, reply_to as "replyTo", by_hand as "byHand", sender, files, tries`,
  );
  const row = rows[0];
  if (!row) return undefined;
  const { html, replyTo, sender, files, ...letter } = row;
  return {
    ...letter,
    ...(html && { html }),
    ...(replyTo && { replyTo }),
    ...(sender && { sender }),
    ...(files && { files }),
  };
}

/** Notes what became of a letter that was taken. One that is to be tried again says when, in seconds. */
export async function noteLetter(
  db: Queryable,
  id: string,
  became: { state: 'sent' | 'failed' | 'unsure'; error?: string } | { state: 'waiting'; error: string; again: number },
): Promise<void> {
  await db.query(
    // What has gone is not kept: there may be a link in it that signs somebody in.
    `update outgoing set state = $2, error = $3, next_at = now() + make_interval(secs => $4),
       sent_at = case when $2 = 'sent' then now() end,
       body = case when $2 = 'sent' then '' else body end, html = case when $2 = 'sent' then null else html end,
       files = case when $2 = 'sent' then null else files end
     where id = $1 and state = 'sending'`,
    [id, became.state, became.error?.slice(0, 500) ?? null, 'again' in became ? became.again : 0],
  );
}

/** Notes that a letter that went out was not delivered after all. True where there is such a letter. */
export async function noteBounce(db: Queryable, id: string, words: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `update outgoing set state = 'failed', error = $2 where id = $1 and state in ('sending', 'sent', 'unsure', 'failed')`,
    [id, words.slice(0, 500)],
  );
  return rowCount === 1;
}

/** Letters somebody took and never said what became of: they may have gone. Gives how many. */
export async function doubtLetters(db: Queryable, afterSeconds: number): Promise<number> {
  const { rowCount } = await db.query(
    `update outgoing set state = 'unsure', error = 'It was being handed over when the program ended.'
     where state = 'sending' and taken_at < now() - make_interval(secs => $1)`,
    [afterSeconds],
  );
  return rowCount ?? 0;
}

/** The newest letters, the newest first. */
export async function letters(db: Queryable, limit = 30): Promise<OutgoingLine[]> {
  const { rows } = await db.query<Omit<OutgoingLine, 'madeAt' | 'sentAt'> & { made_at: Date; sent_at: Date | null }>(
    `select id, recipient as "to", subject, state, tries, error, made_at, sent_at from outgoing order by made_at desc limit $1`,
    [limit],
  );
  return rows.map(({ made_at, sent_at, ...r }) => ({
    ...r,
    madeAt: made_at.toISOString(),
    sentAt: sent_at?.toISOString() ?? null,
  }));
}
