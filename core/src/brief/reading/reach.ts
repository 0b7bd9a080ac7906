import { parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js';
import { matches, type Language, type Span } from './span.js';

const COUNTRY: Record<Language, CountryCode> = { en: 'GB', es: 'ES', fr: 'FR', de: 'DE' };
const MAIL =
  /(?<![\p{L}\p{N}._%+'-])[\p{L}\p{N}][\p{L}\p{N}._%+'-]{0,63}@[\p{L}\p{N}-]{1,63}(?:\.[\p{L}\p{N}-]{1,63}){1,8}/gu;
const URL_LIKE = /\b(?:https?:\/\/|www\.)[^\s<>()"“”]+[^\s<>()"“”.,;:!?]/gi;
const PHONE =
  /(?<![\d.@£€$/-])(?:(?<=\s)[6-9]\d\d(?=[ .]\d)|\+|\(?00? ?|\(?0|\(\d)[\d ().\-/\u00a0]{6,22}\d(?!\d|[.,:]\d|%)/g;
const FAX = /\bfax\b[^\n\d]{0,12}$/i;

/** A phone number as people of its country write it, without what is only punctuation; null where it is none. */
export function readPhone(text: string, language: Language = 'en'): { shown: string; e164: string } | null {
  const tidy = text
    .replace(/\u00a0/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  for (const country of [COUNTRY[language], 'GB', 'US', 'DE', 'FR', 'ES'] as CountryCode[]) {
    const parsed = parsePhoneNumberFromString(tidy, country);
    // Numbers set aside for fiction are possible, not valid: possible will do.
    if (parsed?.isPossible() && parsed.nationalNumber.length >= 8) return { shown: tidy, e164: parsed.number };
  }
  return null;
}

/** Phone numbers of a text, with the E.164 form of each, so that two ways to write one number are one number. */
export function* phones(source: string, language: Language): Generator<Span & { e164: string }> {
  for (const m of source.matchAll(PHONE)) {
    if (FAX.test(source.slice(0, m.index))) continue;
    // A bracket that is never closed stands around the number, not in it; a date is none.
    const text = m[0].trim().replace(/^\((?=[^)]*$)/, '');
    if (/^\d{1,2}[./-]\d{1,2}[./-]\d{2,4}$/.test(text)) continue;
    const read = readPhone(text, language);
    if (!read) continue;
    const from = m.index + m[0].indexOf(text);
    yield { field: 'phone', from, to: from + text.length, value: read.shown, e164: read.e164 };
  }
}

/** Mail addresses of a text, in lower case. */
export const mails = (source: string): Generator<Span> =>
  matches(source, MAIL, 'mail', (m) => m[0].replace(/\.$/, '').toLowerCase());

/** Addresses on the web. */
export const links = (source: string): Generator<Span> =>
  matches(source, URL_LIKE, 'social', (m) => (/^www\./i.test(m[0]) ? `https://${m[0]}` : m[0]));
