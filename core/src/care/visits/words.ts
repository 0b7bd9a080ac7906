import { some } from '../../ground/some.js';
import type { VisitDay } from './tally.js';

/** What visits come to in plain words, and the one thing to do next; null where there is none. */
export interface VisitWords {
  lines: string[];
  next: { words: string; step: 'seo' | 'pages' | 'publish' } | null;
}

/** So often an address has to be asked for before it is worth leading it somewhere. */
const WORTH_LEADING = 3;
/** So many visits without a message before it is worth asking why. */
const WORTH_ASKING = 50;

/** A number with its noun; large ones with their thousands set off. */
const told = (n: number, one: string, many?: string): string =>
  some(n, one, many).replace(String(n), n.toLocaleString('en-GB'));

/**
 * Says what happened in some days, against the same number of days before.
 * @param pageName what a page is called, by its path; its path where it has no name
 */
export function visitWords(
  now: VisitDay,
  before: Pick<VisitDay, 'visits'> | null,
  pageName: (path: string) => string,
  hasForm: boolean,
): VisitWords {
  if (!now.visits) return { lines: ['Nobody came by yet.'], next: null };
  const lines: string[] = [];
  const change = before ? now.visits - before.visits : 0;
  lines.push(
    `${told(now.visits, 'visit')}${before?.visits ? (change ? `, ${Math.abs(change).toLocaleString('en-GB')} ${change > 0 ? 'more' : 'fewer'} than before` : ', as many as before') : ''}.`,
  );
  const [most] = Object.entries(now.byPage).filter(([path]) => path !== '/');
  if (most) lines.push(`Beside the first page most read ${pageName(most[0])}, ${told(most[1], 'time')}.`);
  const hosts = Object.entries(now.from).filter(([host]) => host && host !== '…');
  if (hosts[0]) lines.push(`${told(hosts[0][1], 'came', 'came')} from ${hosts[0][0]}.`);
  const { phone, tablet, desktop } = now.devices;
  const read = phone + tablet + desktop;
  if (read) lines.push(`${Math.round((phone / read) * 100)} % read it on a phone.`);
  if (hasForm) lines.push(now.forms ? `${told(now.forms, 'message was', 'messages were')} sent.` : 'Nobody wrote.');
  const [missed] = Object.entries(now.missing).filter(([path]) => path !== '…');
  if (missed && missed[1] >= WORTH_LEADING)
    return {
      lines,
      next: {
        words: `${missed[0]} was asked for ${told(missed[1], 'time')} and is not there. Lead it to a page.`,
        step: 'seo',
      },
    };
  if (hasForm && !now.forms && now.visits >= WORTH_ASKING)
    return {
      lines,
      next: { words: 'People come and nobody writes. Put the way to write where they read most.', step: 'pages' },
    };
  return { lines, next: null };
}
