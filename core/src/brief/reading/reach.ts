import { parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js';
import { matches, type Language, type Span } from './span.js';

const COUNTRY: Record<Language, CountryCode> = { en: 'GB', es: 'ES', fr: 'FR', de: 'DE' };
const MAIL =
  /(?<![\p{L}\p{N}._%+'-])[\p{L}\p{N}][\p{L}\p{N}._%+'-]{0,63}@[\p{L}\p{N}-]{1,63}(?:\.[\p{L}\p{N}-]{1,63}){1,8}/gu;
const URL_LIKE = /\b(?:https?:\/\/|www\.)[^\s<>()"“”]+[^\s<>()"“”.,;:!?]/gi;
const PHONE =
  /(?<![\d.@£€$/-])(?:(?<=\s)[6-9]\d\d(?=[ .]\d)|\+|\(?00? ?|\(?0|\(\d)[\d ().\-/\u00a0]{6,22}\d(?!\d|[.,:]\d|%)/g;
/** Numbers as they are dialled within a country, without a nought before them: “(218) 555-0143”, “55 5550 1199”. */
const GROUPED = /(?<![\d.,@£€$/-])\(?\d{2,3}\)?[ .-]\d{3,4}[ .-]\d{4}(?![\d%]|[.,:-]\d)/g;
/** Nine figures in a row, as they are dialled in Spain. */
const SPANISH = /(?<![\d.,@£€$/-])[6-9]\d{8}(?!\d|[.,]\d|%)/g;
const SHORT = /(?<![\d.,@£€$/-])\d{3}-\d{4}(?![\d%-]|[.,:]\d)/g;
const FAX = /\b(?:tele)?fax\b[^\n\d]{0,12}$/i;
/** What stands before a number that is in a register, and not to be rung. */
const REGISTERED =
  /(?<!\p{L})(?:vat|ust|uid|siret|siren|rcs|tva|bce|iva|nif|cif|nit|rfc|steuer\w*|hr[ab]|reg(?:istered|istration|\.)?|company|charity|iban|bic|konto\w*|account|licence|permit|certificate|no|nr|n[º°]|num(?:ber|éro)?|matr\w*|idnr|id)\.?(?:[ -]?(?:nr|no|id|idnr|number|n[º°]|reg))?\.?:?\s*(?:[A-Z]{2,4}[ -]?)?$/iu;
const RINGS =
  /(?<!\p{L})(?:phone|tel\w*|ring|call|text|mobile|mob|cell|line|number|reach|fon|handy|anrufen|appel\w*|portable|llam\w*|whats\w*|móvil|celular)(?!\p{L})/iu;

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

/**
 * Phone numbers of a text, with the E.164 form of each, so that two ways to write one number are one number. What is
 * `registered` is a number of a register, and rings nowhere.
 */
export function* phones(
  source: string,
  language: Language,
  registered: readonly { from: number; to: number }[] = [],
): Generator<Span & { e164: string }> {
  const taken: [number, number][] = registered.map(({ from, to }) => [from, to]);
  for (const pattern of [PHONE, GROUPED, ...(language === 'es' ? [SPANISH] : []), SHORT])
    for (const m of source.matchAll(pattern)) {
      if (taken.some(([a, b]) => m.index < b && a < m.index + m[0].length)) continue;
      const before = source.slice(Math.max(0, m.index - 40), m.index);
      if (FAX.test(before) || (REGISTERED.test(before) && !RINGS.test(before))) continue;
      // A bracket that is never closed stands around the number, not in it; a date is none.
      const text = m[0].trim().replace(/^\((?=[^)]*$)/, '');
      if (/^\d{1,2}[./-]\d{1,2}[./-]\d{2,4}$/.test(text) || /^0{2,3}[ .]?\d{3}/.test(text)) continue;
      if (pattern === SHORT && !RINGS.test(source.slice(Math.max(0, m.index - 60), m.index + 40))) continue;
      const read =
        readPhone(text, language) ?? (pattern === PHONE ? null : { shown: text, e164: text.replace(/\D/g, '') });
      if (!read) continue;
      const from = m.index + m[0].indexOf(text);
      taken.push([from, from + text.length]);
      yield { field: 'phone', from, to: from + text.length, value: read.shown, e164: read.e164 };
    }
}

/** Mail addresses of a text, in lower case. */
export const mails = (source: string): Generator<Span> =>
  matches(source, MAIL, 'mail', (m) => m[0].replace(/\.$/, '').toLowerCase());

/** Addresses on the web. */
export const links = (source: string): Generator<Span> =>
  matches(source, URL_LIKE, 'social', (m) => (/^www\./i.test(m[0]) ? `https://${m[0]}` : m[0]));
