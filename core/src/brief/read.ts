import {
  emptyFacts,
  fitList,
  limitOf,
  LIST_FACTS,
  type FactField,
  type Facts,
  type ListFact,
  type Person,
  type Service,
} from '../model/site.js';
import { textOfJson, withoutUnseen } from './files.js';
import { readServiceLine } from './reading/services.js';
import { readText } from './reading/read-text.js';
import type { Language } from './reading/span.js';

/** A brief that nothing can be made from. The message says what is missing. */
export class BriefError extends Error {
  override name = 'BriefError';
}

const text = (v: unknown, max: number) =>
  typeof v === 'string' || typeof v === 'number' ? String(v).slice(0, max) : '';

function serviceFrom(given: unknown, n: number): Service {
  if (typeof given === 'string') return { id: `v${n + 1}`, ...readServiceLine(given) };
  const o = (given ?? {}) as Record<string, unknown>;
  return {
    id: `v${n + 1}`,
    name: text(o['name'], 120),
    detail: text(o['detail'] ?? o['description'], 600),
    price: text(o['price'], 60),
  };
}

function personFrom(given: unknown, n: number): Person {
  const o = (typeof given === 'string' ? { name: given } : (given ?? {})) as Record<string, unknown>;
  return { id: `p${n + 1}`, name: text(o['name'], 80), role: text(o['role'], 120) };
}

/** The sheet’s own fields as JSON; null where the value has another shape and is read like any form. */
function sheetFrom(value: object): Facts | null {
  const facts = emptyFacts();
  const own = Object.entries(value).filter(([key]) => Object.prototype.hasOwnProperty.call(facts, key));
  if (!own.length || own.length < Object.keys(value).length * 0.8) return null;
  for (const [key, given] of own) {
    if (key === 'services' || key === 'people' || (LIST_FACTS as readonly string[]).includes(key)) {
      const items: unknown[] | null = Array.isArray(given)
        ? given
        : typeof given === 'string'
          ? given.split(/[;,]/)
          : null;
      if (!items) return null;
      if (key === 'services') facts.services = items.slice(0, 40).map(serviceFrom);
      else if (key === 'people') facts.people = items.slice(0, 24).map(personFrom);
      else
        facts[key as ListFact] = fitList(
          key as ListFact,
          items.map((v) => text(v, 300)),
        );
    } else {
      if (typeof given !== 'string' && typeof given !== 'number') return null;
      (facts as Record<string, unknown>)[key] = String(given);
    }
  }
  return facts;
}

function fromJson(source: string): Facts | null {
  let value: unknown;
  try {
    value = JSON.parse(source);
  } catch {
    // A note that begins with a bracket is a note.
    return null;
  }
  if (typeof value !== 'object' || value === null) return null;
  return (Array.isArray(value) ? null : sheetFrom(value)) ?? { ...emptyFacts(), description: textOfJson(value) };
}

/** Characters of free text that are read and kept. */
const MOST = limitOf('description');
/** The facts of a sheet, and for those nobody has given, what a reading found. What is there is never written over. */
export function filledFrom(facts: Facts, read: Facts): Facts {
  const out: Record<string, unknown> = { ...facts };
  for (const [key, value] of Object.entries(read)) {
    const now = out[key] as string | unknown[];
    if (key !== 'description' && now.length === 0) out[key] = value;
  }
  return out as Facts;
}

const UNNAMED: Record<Language, { in: string; nothing: string }> = {
  en: { in: 'in', nothing: 'A business without a name' },
  de: { in: 'in', nothing: 'Ein Betrieb ohne Namen' },
  fr: { in: 'à', nothing: 'Une maison sans nom' },
  es: { in: 'en', nothing: 'Un negocio sin nombre' },
};

/** What a site is called until somebody says its name: the trade and the place. */
export function workingTitle({ trade, place }: Pick<Facts, 'trade' | 'place'>, language: Language): string {
  const words = UNNAMED[language];
  const said = trade.trim();
  if (!said) return words.nothing;
  return `${said[0]!.toUpperCase()}${said.slice(1)}${place ? ` ${words.in} ${place}` : ''}`;
}

/** True where a sheet has no name but its working title: somebody must still say what the business is called. */
export const hasWorkingTitle = (facts: Facts): boolean =>
  (Object.keys(UNNAMED) as Language[]).some(
    (l) => facts.name === workingTitle(facts, l) || facts.name === UNNAMED[l].nothing,
  );

/**
 * Reads a brief, as JSON, Markdown or plain text, into the sheet of facts. Where it names nobody the sheet has a working
 * title.
 * @throws BriefError where it has no words, or too many.
 */
export function readBrief(source: string): Facts {
  const brief = withoutUnseen(source);
  if (!brief.trim()) throw new BriefError('The brief is empty.');
  if (!/\p{L}{2}/u.test(brief))
    throw new BriefError('The brief has no words. Say in a line who it is for and what they do.');
  const json = /^\s*[[{]/.test(brief);
  if (brief.length > (json ? 200_000 : MOST))
    throw new BriefError(
      `The brief has ${brief.length.toLocaleString('en-GB')} characters; ${MOST.toLocaleString('en-GB')} are read at most. Leave out what is not about the business.`,
    );
  const given = (json && fromJson(brief)) || { ...emptyFacts(), description: brief.trim() };
  given.description = given.description.slice(0, MOST);
  const reading = readText(given.description);
  const facts = filledFrom(given, reading.facts);
  facts.name = facts.name.replace(/\s+/g, ' ').trim() || workingTitle(facts, reading.language);
  if (!/^\d{4}$/.test(facts.founded)) facts.founded = /\b\d{4}\b/.exec(facts.founded)?.[0] ?? '';
  for (const [key, value] of Object.entries(facts))
    if (typeof value === 'string' && key !== 'aim')
      (facts as Record<string, unknown>)[key] = value.slice(0, limitOf(key as FactField));
  return facts;
}
