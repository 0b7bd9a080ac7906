import { parsePhoneNumberFromString } from 'libphonenumber-js';
import { emptyFacts, type Facts, type Service } from '../model/site.js';
import { knownTrades, packFor } from '../trades/packs.js';

/** A brief that nothing can be made from. The message says what is missing. */
export class BriefError extends Error {
  override name = 'BriefError';
}

const MAIL = /[\p{L}\p{N}._%+'-]+@[\p{L}\p{N}-]+(?:\.[\p{L}\p{N}-]+)+/u;
const LABELS: Record<string, keyof Facts> = {
  name: 'name',
  business: 'name',
  client: 'name',
  strapline: 'strapline',
  tagline: 'strapline',
  trade: 'trade',
  what: 'trade',
  place: 'place',
  town: 'place',
  where: 'place',
  phone: 'phone',
  tel: 'phone',
  telephone: 'phone',
  mobile: 'phone',
  mail: 'mail',
  email: 'mail',
  'e-mail': 'mail',
  address: 'address',
  hours: 'hours',
  open: 'hours',
  opening: 'hours',
  'opening hours': 'hours',
  founded: 'founded',
  since: 'founded',
  services: 'services',
};

/** Reads a service as people write one: “Hull survey, from £180: a day with hammer and meter”. */
export function readService(line: string, n: number): Service {
  let rest = line.replace(/^[-*•–\s]+/, '').trim();
  let price = '';
  const money = /(?:\b(?:from|about|at)\s+)?[£€$]\s?\d[\d.,]*(?:\s?(?:\/|per |an? )\s?[a-z]+)?/i.exec(rest);
  if (money) {
    price = money[0].trim().replace(/[.,]$/, '');
    rest = `${rest.slice(0, money.index)}${rest.slice(money.index + money[0].length)}`
      .replace(/\(\s*\)/g, '')
      .replace(/\s*[,–-]\s*(?=[:,]|$)/, '');
  }
  const split = /^(.{2,80}?)\s*(?::|\s[–—-]\s)\s*(.*)$/s.exec(rest);
  const name = (split?.[1] ?? rest).replace(/[\s,;:.–-]+$/, '').trim();
  return {
    id: `v${n + 1}`,
    name: (name[0]?.toUpperCase() ?? '') + name.slice(1, 120),
    detail: (split?.[2] ?? '').trim().slice(0, 600),
    price: price.slice(0, 60),
  };
}

function fromJson(source: string): Facts {
  let value: unknown;
  try {
    value = JSON.parse(source);
  } catch (error) {
    throw new BriefError(`The brief is not valid JSON: ${(error as Error).message}`);
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new BriefError('A JSON brief is an object with fields such as "name", "trade" and "services".');
  const facts = emptyFacts();
  for (const [key, given] of Object.entries(value)) {
    if (key === 'services' && Array.isArray(given))
      facts.services = given.slice(0, 40).map((s, n) => {
        if (typeof s === 'string') return readService(s, n);
        const o = (s ?? {}) as Record<string, unknown>;
        const str = (v: unknown, max: number) =>
          typeof v === 'string' || typeof v === 'number' ? String(v).slice(0, max) : '';
        return {
          id: `v${n + 1}`,
          name: str(o['name'], 120),
          detail: str(o['detail'] ?? o['description'], 600),
          price: str(o['price'], 60),
        };
      });
    else if (key in facts && key !== 'services') {
      if (typeof given !== 'string' && typeof given !== 'number')
        throw new BriefError(`"${key}" in the brief should be text.`);
      (facts as Record<string, unknown>)[key] = String(given);
    }
  }
  return facts;
}

function fromText(source: string): Facts {
  const facts = emptyFacts();
  const loose: string[] = [];
  let inServices = false;
  let inField: 'address' | 'hours' | null = null;
  for (const raw of source.replace(/\r\n?/g, '\n').split('\n')) {
    const line = raw.trim();
    const heading = /^(#+)\s*(.+)$/.exec(line);
    const labelled = /^(?:[-*]\s*)?(?:\*\*)?([A-Za-z][A-Za-z -]{1,14}?)(?:\*\*)?\s*:(?:\*\*)?\s*(.*)$/.exec(line);
    const field = LABELS[(heading?.[2] ?? labelled?.[1] ?? '').trim().toLowerCase()];
    if (heading) {
      inServices = field === 'services';
      inField = field === 'address' || field === 'hours' ? field : null;
      if (!field && heading[1] === '#' && !facts.name) facts.name = heading[2]!.trim();
      continue;
    }
    if (field && labelled) {
      inServices = field === 'services';
      inField = field === 'address' || field === 'hours' ? field : null;
      const value = labelled[2]!.trim();
      if (field === 'services')
        facts.services.push(
          ...value
            .split(/[;,]/)
            .filter((s) => s.trim())
            .map(readService),
        );
      else if (value && !facts[field]) facts[field] = value;
      continue;
    }
    if (!line) {
      if (inField) inField = null;
      loose.push('');
      continue;
    }
    if (inField) {
      facts[inField] = [facts[inField], line].filter(Boolean).join('\n');
      continue;
    }
    if (/^[-*•–]\s+/.test(line) && (inServices || !/[.!?]$/.test(line)) && facts.services.length < 40) {
      facts.services.push(readService(line, facts.services.length));
      continue;
    }
    inServices = false;
    loose.push(line);
  }
  facts.services = facts.services.map((s, n) => ({ ...s, id: `v${n + 1}` }));
  facts.description = loose
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
  return facts;
}

/** The first run of digits that is as long as a phone number of its country. Numbers set aside for fiction count too. */
const firstPhone = (text: string): string =>
  (text.match(/\+?\(?\d[\d ()-]{7,18}\d/g) ?? []).find((run) => parsePhoneNumberFromString(run, 'GB')?.isPossible()) ??
  '';

/** What the free description itself says, for facts that nobody filled in. */
function fillFromDescription(facts: Facts): void {
  const text = facts.description;
  facts.mail ||= MAIL.exec(text)?.[0] ?? '';
  facts.phone ||= firstPhone(text);
  facts.founded ||= /\b(?:since|founded(?: in)?|established(?: in)?)\s+((?:1[6-9]|20)\d\d)\b/i.exec(text)?.[1] ?? '';
  if (!facts.name) {
    const first = text.split('\n').find((l) => l.trim()) ?? '';
    const called =
      /\b(?:called|named|we(?:'|’)re|we are|for)\s+((?:[A-Z][\p{L}'’&-]*\s?(?:(?:and|of|the|&)\s)?)+)/u.exec(text);
    facts.name = first.split(' ').length <= 7 && !/[.!?:]$/.test(first) ? first.trim() : (called?.[1] ?? '').trim();
  }
  if (!facts.trade) {
    const words = text.toLowerCase();
    facts.trade = knownTrades().find((t) => words.includes(t)) ?? '';
    if (!facts.trade) {
      const pack = packFor(`${facts.name} ${text.slice(0, 600)}`);
      if (pack.id !== 'any') facts.trade = pack.noun;
    }
  }
  facts.place ||= /\b(?:in|at|from)\s+((?:[A-Z][\p{L}'’-]+)(?:\s(?:[A-Z][\p{L}'’-]+))*)/u.exec(text)?.[1] ?? '';
}

const LIMITS: Partial<Record<keyof Facts, number>> = {
  name: 120,
  strapline: 160,
  trade: 80,
  place: 120,
  description: 20000,
  phone: 40,
  mail: 254,
  address: 400,
  hours: 600,
};

/**
 * Reads a brief, as JSON, Markdown or plain text, into the sheet of facts.
 * @throws BriefError where nothing can be made from it.
 */
export function readBrief(source: string): Facts {
  const text = source.replace(/^\uFEFF/, '').replace(/\0/g, '');
  if (!text.trim()) throw new BriefError('The brief is empty.');
  if (text.length > 200_000)
    throw new BriefError('The brief is over 200,000 characters; leave out what is not about the business.');
  const facts = /^\s*[[{]/.test(text) ? fromJson(text) : fromText(text);
  fillFromDescription(facts);
  facts.name = facts.name.replace(/\s+/g, ' ').trim();
  if (!facts.name)
    throw new BriefError('The brief does not say who it is for. Begin it with the name of the business.');
  if (!/^\d{4}$/.test(facts.founded)) facts.founded = /\b\d{4}\b/.exec(facts.founded)?.[0] ?? '';
  for (const [key, max] of Object.entries(LIMITS) as [Exclude<keyof Facts, 'services'>, number][])
    facts[key] = facts[key].slice(0, max);
  facts.services = facts.services.slice(0, 40);
  return facts;
}
