import { fitList, limitOf, type Contact, type Facts, type Person, type Service } from '../../model/site.js';
import { readHours } from '../hours/index.js';
import { models } from '../reading/models.js';
import { readable, understand } from '../roles/roles.js';

const SCALARS = [
  'name',
  'trade',
  'place',
  'area',
  'phone',
  'mail',
  'address',
  'hours',
  'founded',
  'strapline',
] as const;
const LISTS = { membership: 'memberships', registration: 'registrations', language: 'languages' } as const;
export type OutsideKind = (typeof SCALARS)[number] | 'service' | 'person' | keyof typeof LISTS;

/** What an outside service may say that a stretch of a brief is. */
export const OUTSIDE_KINDS: readonly OutsideKind[] = [
  ...SCALARS,
  'service',
  'person',
  ...(Object.keys(LISTS) as (keyof typeof LISTS)[]),
];

/** A fact as an outside service read it, with the stretch of the brief it stands in. */
export interface OutsideFact {
  kind: OutsideKind;
  value: string;
  /** The price of a service, what a person does; else empty. */
  detail: string;
  quote: string;
}

/** The JSON Schema (2020-12) the answer must match. */
export const READING_SCHEMA = {
  type: 'object',
  additionalProperties: false,
  required: ['facts'],
  properties: {
    facts: {
      type: 'array',
      maxItems: 200,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['kind', 'value', 'detail', 'quote'],
        properties: {
          kind: { enum: [...OUTSIDE_KINDS] },
          value: { type: 'string', maxLength: 600 },
          detail: { type: 'string', maxLength: 300 },
          quote: { type: 'string', maxLength: 600 },
        },
      },
    },
  },
};

/** The task that has an outside service read a brief: the whole text goes out with it. */
export const readingTask = (description: string) => ({
  messages: [
    {
      role: 'system' as const,
      content: [
        'You read what a client wrote to a web designer, and say what facts about the business stand in it.',
        'Each fact has its kind, its value in the words of the text, and as quote the exact stretch of the text it stands in.',
        'detail is the price of a service or what a person does, in the words of the text; else empty.',
        'Leave out what the client wants kept off the site, what is private, what is not settled, and what is not said.',
        'Answer with JSON that matches the schema.',
      ].join('\n'),
    },
    { role: 'user' as const, content: JSON.stringify({ brief: description }) },
  ],
  schema: READING_SCHEMA,
});

const flat = (s: string): string => s.replace(/\s+/g, ' ').trim();
const bare = (s: string): string => flat(s).toLowerCase().replace(/[’‘]/g, "'");
const wordsOf = (s: string): string[] => bare(s).match(/[\p{L}]{3,}|\d+/gu) ?? [];

/** True where every word and number of a value stands in its quote; hours may be written in another way, at the same times. */
function backed(value: string, quote: string, kind: OutsideKind): boolean {
  const there = new Set(wordsOf(quote));
  if (kind === 'hours') {
    const times = (s: string) => readHours(s).hours.openings.map((o) => `${o.days.join()} ${o.opens}–${o.closes}`);
    const [theirs, said] = [times(value), times(quote)];
    if (said.length) return theirs.length > 0 && theirs.every((t) => said.includes(t));
  }
  const words = wordsOf(value);
  return words.length > 0 && words.every((w) => there.has(w));
}

const isReach = (kind: OutsideKind): kind is 'phone' | 'mail' => kind === 'phone' || kind === 'mail';
const known = (facts: Facts, { kind, value }: OutsideFact): boolean => {
  const same = (s: string) => bare(s) === bare(value);
  if (kind === 'service') return facts.services.some((s) => same(s.name));
  if (kind === 'person') return facts.people.some((p) => same(p.name));
  if (kind in LISTS) return facts[LISTS[kind as keyof typeof LISTS]].some(same);
  if (isReach(kind) && facts.contacts.some((c) => same(c.value))) return true;
  return same(facts[kind as (typeof SCALARS)[number]]);
};

/**
 * What of an answer can be offered: facts whose quote stands in the brief, in a sentence that is not held back, whose words
 * stand in the quote, and that the sheet does not have already. The rest is counted: `dropped` is what nobody wrote,
 * `held` what stands in what is not for visitors.
 */
export function readOutside(
  facts: Facts,
  answer: { facts: readonly OutsideFact[] },
): { facts: OutsideFact[]; dropped: number; held: number } {
  const { description } = facts;
  const text = bare(description);
  const { pieces } = understand(description, models().roles);
  const said = pieces.filter((p) => p.kind !== 'label').map((p) => ({ text: bare(p.text), open: readable(p) }));
  let dropped = 0;
  let held = 0;
  const kept: OutsideFact[] = [];
  for (const one of answer.facts) {
    const quote = bare(one.quote);
    if (quote.length < 2 || !text.includes(quote) || !backed(one.value, one.quote, one.kind)) {
      dropped++;
      continue;
    }
    // A quote may be a part of a sentence, or several of them: the value must stand in one that is not held back.
    const first = wordsOf(one.value)[0]!;
    const within = said.filter((p) => p.text.includes(quote) || (p.text.length > 8 && quote.includes(p.text)));
    const holding = within.filter((p) => p.text.includes(bare(one.value)));
    const where = holding.length ? holding : within.filter((p) => p.text.includes(first));
    if (!where.length || where.some((p) => !p.open)) {
      held++;
      continue;
    }
    const detail =
      one.detail && backed(one.detail, one.quote, one.kind === 'hours' ? 'name' : one.kind) ? flat(one.detail) : '';
    const fact = {
      kind: one.kind,
      value: one.kind === 'hours' ? one.value.trim() : flat(one.value),
      detail,
      quote: flat(one.quote),
    };
    if (!known(facts, fact) && !kept.some((k) => k.kind === fact.kind && bare(k.value) === bare(fact.value)))
      kept.push(fact);
  }
  return { facts: kept, dropped, held };
}

const freeId = (letter: string, list: readonly { id: string }[]): string =>
  `${letter}${Math.max(0, ...list.map((e) => Number(e.id.replace(/\D/g, '')) || 0)) + 1}`;

/** The facts with one that an outside service read in them. */
export function withOutside(facts: Facts, { kind, value, detail }: OutsideFact): Partial<Facts> {
  if (kind === 'service') {
    const service: Service = {
      id: freeId('v', facts.services),
      name: value.slice(0, 120),
      detail: '',
      price: detail.slice(0, 60),
    };
    return { services: [...facts.services, service].slice(0, 40) };
  }
  if (kind === 'person') {
    const person: Person = { id: freeId('p', facts.people), name: value.slice(0, 80), role: detail.slice(0, 120) };
    return { people: [...facts.people, person].slice(0, 24) };
  }
  if (kind in LISTS) {
    const field = LISTS[kind as keyof typeof LISTS];
    return { [field]: fitList(field, [...facts[field], value]) };
  }
  // A second number or address comes beside the first.
  if (isReach(kind) && facts[kind]) {
    const contact: Contact = { id: freeId('c', facts.contacts), value: value.slice(0, 254), what: '' };
    return { contacts: [...facts.contacts, contact].slice(0, 24) };
  }
  const field = kind as (typeof SCALARS)[number];
  if (field === 'founded') return { founded: /\d{4}/.exec(value)?.[0] ?? '' };
  return { [field]: value.slice(0, limitOf(field)) };
}
