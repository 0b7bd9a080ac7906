import type { Facts } from '../model/site.js';
import { dayList, plainOpenings, readHours, type Opening } from './hours/index.js';
import { readPhone } from './reading/reach.js';
import { readText } from './reading/read-text.js';
import { stem } from './reading/words.js';
import { textOfFile } from './files.js';

/** One fact as the sheet has it and as a listing elsewhere has it. */
export interface Comparison {
  field: 'name' | 'phone' | 'mail' | 'address' | 'hours';
  ours: string;
  theirs: string;
  verdict: 'same' | 'differs' | 'missing' | 'unknown';
  /** What differs, in words. */
  note: string;
}

const letters = (s: string) =>
  s
    .normalize('NFD')
    .toLowerCase()
    .replace(/\p{M}/gu, '')
    .replace(/&/g, ' and ')
    .replace(/[’']s?\b/g, '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);
const SHORT: Record<string, string> = {
  rd: 'road',
  st: 'street',
  ln: 'lane',
  ave: 'avenue',
  sq: 'square',
  ltd: '',
  limited: '',
  the: '',
  co: 'company',
  str: 'strasse',
  and: '',
};
const bare = (s: string) =>
  letters(s)
    .map((w) => SHORT[w] ?? stem(w))
    .filter(Boolean);
const within = (a: string[], b: string[]) => a.every((w) => b.includes(w));

const minutesByDay = (openings: readonly Opening[]) =>
  Array.from({ length: 7 }, (_, d) =>
    openings
      .filter((o) => o.days.includes(d))
      .map((o) => `${o.opens}–${o.closes}`)
      .sort()
      .join(' and '),
  );

/**
 * Compares the sheet with a listing somewhere else: a directory entry, a page, a card. Differences of writing alone (spaces in a
 * number, “Rd” for Road, 5pm for 17.00) are none.
 */
export function compareListing(facts: Facts, listing: string): Comparison[] {
  const text = textOfFile('', listing);
  const read = readText(text);
  const verdict = (ours: string, theirs: string, same: boolean): Comparison['verdict'] =>
    !ours ? 'unknown' : !theirs ? 'missing' : same ? 'same' : 'differs';
  const row = (field: Comparison['field'], ours: string, theirs: string, same: boolean, note = ''): Comparison => {
    const v = verdict(ours, theirs, same);
    return {
      field,
      ours,
      theirs,
      verdict: v,
      note:
        v === 'differs'
          ? note
          : v === 'missing'
            ? 'The listing does not say.'
            : v === 'unknown' && theirs
              ? 'The facts do not say; the listing does.'
              : '',
    };
  };
  const e164 = (s: string) => readPhone(s)?.e164 ?? s.replace(/\D/g, '');
  const all = (field: string) => read.spans.filter((s) => s.field === field).map((s) => s.value);
  const phones = all('phone');
  const ourPhone = phones.find((p) => e164(p) === e164(facts.phone));
  const ourName = within(bare(facts.name), bare(text)) && facts.name !== '';
  const theirName = ourName ? facts.name : read.facts.name;
  // An address without its postcode, or with the house left off, is the same place written short: it differs, and by what.
  const theirWords = bare(text);
  const lacking = bare(facts.address).filter((w) => !theirWords.includes(w));
  const ourAddress = facts.address !== '' && lacking.length === 0;
  const likeOurs = lacking.length <= bare(facts.address).length / 2 && facts.address !== '';
  const [a, b] = [plainOpenings(readHours(facts.hours).hours), plainOpenings(readHours(text).hours)];
  const [ours, theirs] = [minutesByDay(a), minutesByDay(b)];
  const off = ours.flatMap((o, d) => (o === theirs[d] ? [] : [d]));
  const clashing = off[0];
  return [
    row('name', facts.name, theirName, ourName, `They call it “${theirName}”.`),
    row('phone', facts.phone, ourPhone ?? phones[0] ?? '', ourPhone !== undefined, 'Another number.'),
    row(
      'mail',
      facts.mail,
      all('mail').find((m) => m === facts.mail.toLowerCase()) ?? all('mail')[0] ?? '',
      all('mail').includes(facts.mail.toLowerCase()),
      'Another address.',
    ),
    row(
      'address',
      facts.address,
      ourAddress ? facts.address : likeOurs ? read.facts.address || 'in part' : read.facts.address,
      ourAddress,
      likeOurs ? `Without ${lacking.join(', ')}.` : 'Another address.',
    ),
    row(
      'hours',
      facts.hours,
      b.length ? read.facts.hours : '',
      off.length === 0 && a.length > 0,
      !a.length
        ? 'The hours in the facts could not be read as times.'
        : clashing === undefined
          ? ''
          : `${dayList(off)}: the facts say ${ours[clashing] || 'closed'}, they say ${theirs[clashing] || 'closed'}.`,
    ),
  ];
}
