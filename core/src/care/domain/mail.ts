import type { PlainRecord, RecordPlan } from './names.js';

/** What letters of a site are sent with, as its server says it. */
export interface MailSender {
  /** What of an SPF record lets the mail server through, as `ip4:203.0.113.7` or `include:mail.example` (RFC 7208, 5). */
  mechanism: string;
  /** The name of the key in the domain (RFC 6376, 3.6.2.1), and the key, as base64. */
  selector: string;
  key: string;
  /** The server’s own address, which letters come from as long as the domain does not say that they may. */
  from: string;
  /** The address of the domain that letters come from now, as the server says it; null where they come from its own. */
  now: string | null;
}

const plain = (s: string) => s.toLowerCase().replace(/\.$/, '');
/** What a TXT record says: its strings are one (RFC 7208, 3.3). */
export const textIn = (data: string) => data.replace(/^"|"$/g, '').replace(/"\s+"/g, '');
const isSpf = (text: string) => /^v=spf1(?: |$)/i.test(text);
const isDmarc = (text: string) => /^v=DMARC1\s*(?:;|$)/.test(text);
/** The tags of a record of tags (RFC 6376, 3.2). */
const tags = (text: string): Map<string, string> =>
  new Map(
    text.split(';').flatMap((part) => {
      const [, name, value] = /^\s*([a-z0-9_]+)\s*=(.*)$/is.exec(part) ?? [];
      return name ? [[name.toLowerCase(), value!.replace(/\s+/g, '')] as const] : [];
    }),
  );

/** Where in an SPF record what lets nobody else through begins: what stands after it is never asked. */
const isLast = (term: string) => /^[+?~-]?all$/i.test(term) || /^redirect=/i.test(term);
const bare = (term: string) => term.replace(/^\+/, '').toLowerCase();

/**
 * An SPF record that lets one more server through, and says the same of every other as before.
 * @param text a record as it is, without quotes
 */
export function letThrough(text: string, mechanism: string): string {
  const [version, ...terms] = text.trim().split(/\s+/);
  const end = terms.findIndex(isLast);
  const before = end < 0 ? terms : terms.slice(0, end);
  if (before.some((t) => bare(t) === mechanism.toLowerCase())) return text;
  return [version, ...before, mechanism, ...(end < 0 ? [] : terms.slice(end))].join(' ');
}

/** How an SPF record of its own ends: whoever sends mail of the domain today is not shut out by it. */
const OPEN_END = '?all';

/**
 * What a domain needs so that letters of its site may come from it: SPF (RFC 7208), DKIM (RFC 6376) and DMARC (RFC 7489).
 * Nothing in it shuts out who sends mail of the domain today: what stands there is kept, and what is new judges nobody.
 */
export function planMailRecords(domain: string, sender: MailSender, seen: readonly PlainRecord[]): RecordPlan[] {
  const texts = (name: string) =>
    seen.filter((r) => plain(r.name) === name && r.type === 'TXT').map((r) => textIn(r.data));
  const keyName = `${sender.selector}._domainkey`;
  const [spf, keys, dmarc] = [
    texts(domain).filter(isSpf),
    texts(`${keyName}.${domain}`),
    texts(`_dmarc.${domain}`).filter(isDmarc),
  ];
  const mx = seen.some((r) => plain(r.name) === domain && r.type === 'MX');
  const quoted = (all: string[]) => all.map((t) => `"${t}"`);
  return [
    { label: '@', type: 'TXT', now: quoted(spf), ...spfOf(spf, sender.mechanism, mx) },
    {
      label: keyName,
      type: 'TXT',
      now: quoted(keys),
      should: `"v=DKIM1; k=rsa; p=${sender.key}"`,
      verdict: keys.length === 1 && tags(keys[0]!).get('p') === sender.key ? 'right' : 'change',
      note: '',
    },
    { label: '_dmarc', type: 'TXT', now: quoted(dmarc), ...dmarcOf(dmarc) },
  ];
}

type Judged = Pick<RecordPlan, 'should' | 'verdict' | 'note'>;

function spfOf(spf: string[], mechanism: string, mx: boolean): Judged {
  const [first, ...others] = spf;
  if (first === undefined)
    return { should: `"v=spf1 ${mx ? 'mx ' : ''}${mechanism} ${OPEN_END}"`, verdict: 'change', note: '' };
  const wanted = letThrough(first, mechanism);
  if (others.length)
    return {
      should: `"${oneOf(spf, mechanism)}"`,
      verdict: 'clash',
      note: 'Two of them count as none: make one of both (RFC 7208, 4.5).',
    };
  return { should: `"${wanted}"`, verdict: wanted === first ? 'right' : 'change', note: '' };
}

/** One record of several, with the end of the one that judges least. */
function oneOf(spf: string[], mechanism: string): string {
  const terms = spf.flatMap((t) => t.trim().split(/\s+/).slice(1));
  const ends = terms.filter((t) => /^[+?~-]?all$/i.test(t));
  const end = ['+', '?', '~', '-']
    .map((q) => ends.find((t) => (t.startsWith('a') ? `+${t}` : t)[0] === q))
    .find(Boolean);
  const kept = [...new Map(terms.filter((t) => !isLast(t)).map((t) => [bare(t), t])).values()];
  return letThrough(['v=spf1', ...kept, end ?? OPEN_END].join(' '), mechanism);
}

function dmarcOf(dmarc: string[]): Judged {
  if (!dmarc.length) return { should: '"v=DMARC1; p=none"', verdict: 'change', note: '' };
  if (dmarc.length > 1)
    return { should: null, verdict: 'clash', note: 'Two of them count as none: leave one (RFC 7489, 6.6.3).' };
  return { should: null, verdict: 'leave', note: 'Stays as it is: signed letters pass it.' };
}

/**
 * Whether letters may come from a domain, by its records: the mail server is let through, and its key is there. What is
 * missing of DMARC holds nothing up.
 */
export const maySend = (domain: string, sender: MailSender, seen: readonly PlainRecord[]): boolean =>
  planMailRecords(domain, sender, seen)
    .slice(0, 2)
    .every((r) => r.verdict === 'right');

/** The address letters of a site come from once its domain lets them: that of the business, where it is of the domain. */
export const senderAt = (domain: string, mail: string): string => {
  const typed = mail.trim().toLowerCase();
  return /^[a-z0-9._%+-]{1,64}$/.test(typed.split('@')[0] ?? '') && typed.endsWith(`@${domain}`)
    ? typed
    : `post@${domain}`;
};
