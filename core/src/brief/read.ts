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
import { readServiceLine } from './reading/services.js';
import { readText } from './reading/read-text.js';

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
    if (!(key in facts)) continue;
    if (key === 'services' || key === 'people' || (LIST_FACTS as readonly string[]).includes(key)) {
      const items = Array.isArray(given) ? given : typeof given === 'string' ? given.split(/[;,]/) : null;
      if (!items) throw new BriefError(`"${key}" in the brief should be a list.`);
      if (key === 'services') facts.services = items.slice(0, 40).map(serviceFrom);
      else if (key === 'people') facts.people = items.slice(0, 24).map(personFrom);
      else
        facts[key as ListFact] = fitList(
          key as ListFact,
          items.map((v) => text(v, 300)),
        );
    } else {
      if (typeof given !== 'string' && typeof given !== 'number')
        throw new BriefError(`"${key}" in the brief should be text.`);
      (facts as Record<string, unknown>)[key] = String(given);
    }
  }
  return facts;
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

/**
 * Reads a brief, as JSON, Markdown or plain text, into the sheet of facts.
 * @throws BriefError where nothing can be made from it.
 */
export function readBrief(source: string): Facts {
  const brief = source
    .replace(/^\uFEFF/, '')
    .replace(/\0/g, '')
    .replace(/\r\n?/g, '\n');
  if (!brief.trim()) throw new BriefError('The brief is empty.');
  const json = /^\s*[[{]/.test(brief);
  if (brief.length > (json ? 200_000 : MOST))
    throw new BriefError(
      `The brief has ${brief.length.toLocaleString('en-GB')} characters; ${MOST.toLocaleString('en-GB')} are read at most. Leave out what is not about the business.`,
    );
  const given = json ? fromJson(brief) : { ...emptyFacts(), description: brief.trim() };
  const facts = filledFrom(given, readText(given.description.slice(0, MOST)).facts);
  facts.name = facts.name.replace(/\s+/g, ' ').trim();
  if (!facts.name)
    throw new BriefError('The brief does not say who it is for. Begin it with the name of the business.');
  if (!/^\d{4}$/.test(facts.founded)) facts.founded = /\b\d{4}\b/.exec(facts.founded)?.[0] ?? '';
  for (const [key, value] of Object.entries(facts))
    if (typeof value === 'string' && key !== 'aim')
      (facts as Record<string, unknown>)[key] = value.slice(0, limitOf(key as FactField));
  return facts;
}
