import { parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js';
import type { Facts } from '../model/site.js';
import { PARTS_OF_A_BUSINESS } from './hours/lexicon.js';
import { readClosure, readOtherHours, type YearDay } from './reading/exceptions.js';
import { plainOpenings, readHours, type Season } from './hours/index.js';
import type { YearPoint } from './hours/tokens.js';
import { supposeLanguage, tellLanguage } from './reading/language.js';
import type { Language } from './reading/span.js';
import { tongueOf } from './reading/tongue.js';
import type { SiteLanguage } from '../language/language.js';

const told = new WeakMap<Facts, { language: Language | null; tongue: string | null }>();

function toldIn(facts: Facts): { language: Language | null; tongue: string | null } {
  let known = told.get(facts);
  if (!known) {
    const { description, strapline, apart, audience, services } = facts;
    const words = [description, strapline, apart, audience, ...services.map((s) => `${s.name}. ${s.detail}`)].join(
      '\n',
    );
    const tongue = tongueOf(words);
    const language = tongue ? null : (tellLanguage(words) ?? (description ? supposeLanguage(description) : null));
    told.set(facts, (known = { language, tongue }));
  }
  return known;
}

/** The language the facts are in, by what the client has told; null where that says too little, or is none of ours. */
export const languageOfFacts = (facts: Facts): Language | null => toldIn(facts).language;

/** The language of the client’s own words where a site is in another, as a BCP 47 tag; null where it is in the same. */
export function otherTongue(language: SiteLanguage, facts: Facts): string | null {
  const { tongue, language: own } = toldIn(facts);
  return tongue ?? (own && own !== language.reading ? own : null);
}

/** True where the facts’ own words can stand on a site in this language: they are in it, or there are no others for them. */
export const speaks = (language: SiteLanguage, facts: Facts): boolean =>
  (languageOfFacts(facts) ?? language.reading) === language.reading;

/** Days (0 Monday) in words: runs of three and more as a range. */
function dayWords(language: SiteLanguage, days: readonly number[], inSentence: boolean): string {
  const sorted = [...new Set(days)].sort((a, b) => a - b);
  if (sorted.length === 7) return language.everyDay;
  const runs: number[][] = [];
  for (const d of sorted) {
    const run = runs.at(-1);
    if (run && run.at(-1) === d - 1) run.push(d);
    else runs.push([d]);
  }
  const one = (d: number) => (inSentence ? language.onDay(language.days[d]!) : language.days[d]!);
  return language.list(
    runs.flatMap((r) =>
      r.length > 2 ? [language.dayRange(language.days[r[0]!]!, language.days[r.at(-1)!]!)] : r.map(one),
    ),
  );
}

const capital = (s: string) => (s ? s[0]!.toUpperCase() + s.slice(1) : s);
const minutes = (hhmm: string) => Number(hhmm.slice(0, 2)) * 60 + Number(hhmm.slice(3));

/** The days on which it is open, as they stand in a sentence; empty where the hours cannot be read. */
export function openDays(language: SiteLanguage, hours: string): string {
  const days = plainOpenings(readHours(hours).hours).flatMap((o) => o.days);
  return days.length ? dayWords(language, days, true) : '';
}

/** A time of the year as this language writes it. */
function seasonIn(language: SiteLanguage, { from, to, name }: Season): string {
  if (name) return language.seasons[name];
  const point = ({ month, day, edge, said }: YearPoint) => {
    if (month === null) return said;
    const name = language.months[month - 1]!;
    return day === null ? `${edge ? language.edges[edge] : ''}${name}` : language.date(day, name);
  };
  return capital([from, to].flatMap((p) => (p ? [point(p)] : [])).join(' – '));
}

/** Opening hours as this language writes them, a line a rule. What cannot be read stays in its own words. */
export function hoursIn(language: SiteLanguage, hours: string): string[] {
  const lines = hours.split(/\r?\n/).filter((l) => l.trim());
  if (language.tag === 'en-GB') return lines;
  return lines.map((line) => {
    const { openings, closings, rules } = readHours(line).hours;
    const [first, shut] = [openings[0], closings[0]];
    // The name of a part of the house is the client’s own.
    const part = first && /^([^:\d]{2,40}): .*:? ?\p{L}/u.exec(line)?.[1];
    const season = first?.season ?? shut?.season;
    const lead = [part && PARTS_OF_A_BUSINESS.test(part) ? part : '', season ? seasonIn(language, season) : '']
      .filter(Boolean)
      .map((w) => `${w}${language.colon}`)
      .join('');
    if (first) {
      const times = openings
        .map((o) => `${language.time(minutes(o.opens))}${language.until}${language.time(minutes(o.closes))}`)
        .join(', ');
      return `${lead}${capital(dayWords(language, first.days, false))}${language.colon}${times}`;
    }
    if (shut) return `${lead}${capital(language.closed(dayWords(language, shut.days, false)))}`;
    const said = ({ day, month }: YearDay) =>
      day === null ? language.months[month - 1]! : language.date(day, language.months[month - 1]!);
    const away = readClosure(rules[0] ?? line);
    if (away) return capital(language.closedDuring(said(away.from), away.to && said(away.to)));
    const other = readOtherHours(line);
    if (other) {
      const days = [other.from, other.to].flatMap((d) => (d ? [said(d)] : [])).join(' – ');
      const [opens, closes] = [language.time(minutes(other.opens)), language.time(minutes(other.closes))];
      return `${capital(days)}${language.colon}${opens}${language.until}${closes}`;
    }
    const rule = language.rules.find(([pattern]) => pattern.test(rules[0] ?? line));
    return rule ? capital(rule[1]) : line;
  });
}

const PRICE =
  /^\s*(from|starting at|desde|a partir de|à partir de|dès|ab)?\s*([£€$])?\s*(\d[\d.,]*)\s*([£€$]|eur|euros?|pounds?)?\s*(.*)$/i;
const CURRENCY: Record<string, string> = { '£': 'GBP', '€': 'EUR', $: 'USD', e: 'EUR', p: 'GBP' };

/** What a price comes to: the amount, its currency (ISO 4217), and whether it only begins there; null where it cannot be read. */
export function moneyOf(price: string): { amount: number; currency: string; from: boolean } | null {
  const m = PRICE.exec(price);
  const currency = CURRENCY[m?.[2] ?? m?.[4]?.[0]?.toLowerCase() ?? ''];
  if (!m || !currency) return null;
  const amount = Number(m[3]!.replace(/[.,](?=\d{3}(?:\D|$))/g, '').replace(',', '.'));
  return Number.isFinite(amount) ? { amount, currency, from: m[1] !== undefined } : null;
}

/** A price as this language writes it, where it was given in another one; as it is where it cannot be read whole. */
export function priceIn(language: SiteLanguage, price: string, facts: Facts): string {
  if (speaks(language, facts)) return price;
  const m = PRICE.exec(price);
  const money = moneyOf(price);
  if (!m || !money) return price;
  const { amount, currency } = money;
  const unit = m[5]!.trim();
  const known = unit && language.units.find(([pattern]) => pattern.test(unit));
  if (unit && !known) return price;
  const written = new Intl.NumberFormat(language.tag, {
    style: 'currency',
    currency,
    currencyDisplay: 'narrowSymbol',
    minimumFractionDigits: Number.isInteger(amount) ? 0 : 2,
  }).format(amount);
  return [m[1] && language.from, written, known && known[1]].filter(Boolean).join(' ');
}

const HOME: Record<Language, CountryCode> = { en: 'GB', es: 'ES', fr: 'FR', de: 'DE' };

/** A phone number as readers of this language can dial it: as it is at home, with its country code from elsewhere. */
export function phoneIn(language: SiteLanguage, phone: string, facts: Facts): string {
  if (!phone || speaks(language, facts)) return phone;
  const parsed = parsePhoneNumberFromString(phone, HOME[languageOfFacts(facts) ?? 'en']);
  if (!parsed?.isPossible() || (parsed.country && language.countries.includes(parsed.country))) return phone;
  return parsed.formatInternational();
}
