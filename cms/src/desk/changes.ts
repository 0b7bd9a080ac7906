import { dayFault, hoursOfWeek, type Week } from '@tin-porch/core/brief';
import { Problem } from '@tin-porch/core/ground';
import { withFollowing, withTwins } from '@tin-porch/core/making';
import {
  cleanMarks,
  isCollectionLocked,
  isFrame,
  isKindLocked,
  isPageLocked,
  isSectionLocked,
  reworded,
  sameWords,
  TextMark,
  type DeskKind,
  type Service,
  type SiteDocument,
  type Text,
} from '@tin-porch/core/model';
import { itemOperation, type ItemChange } from './items.js';
import { isOrderLocked, MOST_IN_ORDER, orderOperations, type OrderChange } from './order.js';
import { NONE_BROUGHT, pictureOperations, type Brought, type PictureChange } from './pictures.js';
import {
  apply,
  findSection,
  textAt,
  type Operation,
  type Place,
  type SingleOperation,
} from '@tin-porch/core/operations';

/** The facts of a business that its people change themselves. */
export const OPEN_FACTS = ['phone', 'mail', 'address'] as const;
export type OpenFact = (typeof OPEN_FACTS)[number];
/** A service as the desk changes it. */
export type Priced = Pick<Service, 'name' | 'detail' | 'price'>;
/** Somebody who works there, as the desk changes them; `about` is a sentence, or nothing. */
export interface Known {
  name: string;
  role: string;
  about: string;
}

/** Words that are to be others; `marks` are what is to stand out in them, and `wasMarks` what stood out before, where that is said. */
export interface TextChange {
  kind: 'text';
  at: Place;
  was: string;
  value: string;
  wasMarks?: TextMark[];
  marks?: TextMark[];
}

/**
 * Something that is to read otherwise, with what it was for whoever changed it: where it is something else by now, the
 * change is refused and both are shown.
 */
export type Change =
  | { kind: 'fact'; field: OpenFact; was: string; value: string }
  | { kind: 'hours'; was: string; value: Week }
  | TextChange
  | { kind: 'service'; service: string; was: Priced | null; value: Priced | null }
  | { kind: 'person'; person: string; was: Known | null; value: Known | null }
  | PictureChange
  | ItemChange
  | OrderChange;

const closed = { type: 'object', additionalProperties: false } as const;
const words = (maxLength: number) => ({ type: 'string', maxLength });
const ID = { type: 'string', pattern: '^[a-z0-9][a-z0-9-]{0,63}$' } as const;
const priced = {
  anyOf: [
    {
      ...closed,
      required: ['name', 'detail', 'price'],
      properties: { name: words(120), detail: words(600), price: words(60) },
    },
    { type: 'null' },
  ],
};
const knownOne = {
  anyOf: [
    {
      ...closed,
      required: ['name', 'role', 'about'],
      properties: { name: words(80), role: words(120), about: words(300) },
    },
    { type: 'null' },
  ],
};
const place = { ...closed, required: ['section', 'path'], properties: { section: ID, path: words(200) } };
const shown = {
  ...closed,
  required: ['media', 'alt'],
  properties: { media: { type: 'string', pattern: '^([a-z0-9][a-z0-9-]{0,63})?$' }, alt: words(600) },
};
const FIELD_NAMES = { pattern: '^[a-z][a-zA-Z0-9]{0,23}$' };
const itemSaid = {
  anyOf: [
    {
      ...closed,
      required: ['title', 'up', 'from', 'until', 'values'],
      properties: {
        title: words(200),
        up: { type: 'boolean' },
        from: words(16),
        until: words(16),
        values: {
          type: 'object',
          maxProperties: 40,
          propertyNames: FIELD_NAMES,
          additionalProperties: words(4000),
        },
        // What was kept on a device before there were pictures says none.
        pictures: { type: 'object', maxProperties: 40, propertyNames: FIELD_NAMES, additionalProperties: shown },
      },
    },
    { type: 'null' },
  ],
};
const ids = { type: 'array', minItems: 2, maxItems: MOST_IN_ORDER, items: ID } as const;
const time = { type: 'string', pattern: '^\\d\\d:\\d\\d$|^$' };
const kind = (name: Change['kind'], properties: object, optional: object = {}) => ({
  ...closed,
  required: ['kind', ...Object.keys(properties)],
  properties: { kind: { const: name }, ...properties, ...optional },
});
const marks = { type: 'array', maxItems: 200, items: TextMark };
/** The schema of a list of changes that are one step. */
export const CHANGES = {
  type: 'array',
  minItems: 1,
  maxItems: 100,
  items: {
    oneOf: [
      kind('fact', { field: { enum: OPEN_FACTS }, was: words(400), value: words(400) }),
      kind('hours', {
        was: words(600),
        value: {
          ...closed,
          required: ['days', 'others'],
          properties: {
            days: {
              type: 'array',
              minItems: 7,
              maxItems: 7,
              items: {
                anyOf: [
                  { type: 'null' },
                  {
                    type: 'array',
                    maxItems: 4,
                    items: { ...closed, required: ['opens', 'closes'], properties: { opens: time, closes: time } },
                  },
                ],
              },
            },
            others: { type: 'array', maxItems: 20, items: words(200) },
          },
        },
      }),
      kind('text', { at: place, was: words(4000), value: words(4000) }, { marks, wasMarks: marks }),
      kind('service', { service: ID, was: priced, value: priced }),
      kind('person', { person: ID, was: knownOne, value: knownOne }),
      kind('picture', { at: place, was: shown, value: shown }),
      kind('item', { collection: ID, item: ID, was: itemSaid, value: itemSaid }),
      kind('order', {
        of: { type: 'string', pattern: '^(services|people|(page|list)/[a-z0-9][a-z0-9-]{0,63})$' },
        was: ids,
        value: ids,
      }),
    ],
  },
} as const;

/** @throws Problem 409 with what it says now, where that is not what it said for whoever changed it */
function refuseChanged(is: string, was: string, what: string): void {
  if (is === was) return;
  throw new Problem(409, 'It says something else by now', `${what} now says “${is.slice(0, 300)}”.`, { theirs: is });
}
const linesOf = ({ name, detail, price }: Priced) => [name, price, detail].filter(Boolean).join(', ');

const personLines = ({ name, role, about }: { name: string; role: string; about?: string | undefined }) =>
  [name, role, about].filter(Boolean).join(', ');

/** The entries of a list of facts after one of them was changed, added or taken out. @throws Problem 409 or 422 */
function entriesAfter<T extends { id: string; name: string }, V extends { name: string }>(
  all: readonly T[],
  { id, was, value }: { id: string; was: V | null; value: V | null },
  lines: (entry: T | V) => string,
  made: (id: string, said: V, now: T | undefined) => T,
): T[] {
  const now = all.find((e) => e.id === id);
  if (value && !value.name.trim()) throw new Problem(422, 'It needs a name');
  if (!was) {
    if (now) return [...all];
    if (!value) throw new Problem(422, 'It needs a name');
    return [...all, made(id, value, undefined)];
  }
  if (!now) throw new Problem(409, 'It says something else by now', `“${was.name}” was taken out meanwhile.`);
  refuseChanged(lines(now), lines(was), `“${now.name}”`);
  return all.flatMap((e) => (e.id !== id ? [e] : value ? [made(id, value, e)] : []));
}

/** A text with its new words, and what stands out in them. Where links lead is its designer’s. @throws Problem 422 */
function writtenAnew(text: Text, { value, marks: wanted }: TextChange): Text {
  if (!wanted) return reworded(text, value);
  const known = new Set(text.marks?.map((m) => ('target' in m ? m.target : '')));
  if (wanted.some((m) => 'target' in m && !known.has(m.target)))
    throw new Problem(422, 'Where a link leads is your designer’s', 'It can be set off, but not made a link.');
  const { marks: _, ...bare } = text;
  const marks = cleanMarks(value, wanted);
  return { ...bare, value, ...(marks && { marks }) };
}

/** What one change does to a document, without what follows from it. */
function one(
  document: SiteDocument,
  change: Exclude<Change, ItemChange | PictureChange | OrderChange>,
): SingleOperation {
  const { facts } = document;
  switch (change.kind) {
    case 'fact': {
      refuseChanged(facts[change.field], change.was, 'It');
      if (change.field === 'mail' && change.value && !/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(change.value))
        throw new Problem(422, 'That is not a mail address', `“${change.value}”`);
      if (change.field === 'phone' && change.value && !/\d.*\d.*\d/.test(change.value))
        throw new Problem(422, 'That is not a phone number', `“${change.value}”`);
      return { op: 'setFact', field: change.field, value: change.value.trim() };
    }
    case 'hours': {
      refuseChanged(facts.hours, change.was, 'The opening hours');
      for (const [n, times] of change.value.days.entries()) {
        const fault = times && dayFault(times);
        if (fault) throw new Problem(422, 'These hours cannot be', fault, { day: n });
      }
      const value = hoursOfWeek(change.value);
      if (value.length > 600) throw new Problem(422, 'That is too long', 'Six hundred letters at most.');
      return { op: 'setFact', field: 'hours', value };
    }
    case 'service':
      return {
        op: 'setServices',
        services: entriesAfter(facts.services, { ...change, id: change.service }, linesOf, (id, said, now) => ({
          ...now,
          id,
          ...said,
        })),
      };
    case 'person':
      return {
        op: 'setPeople',
        people: entriesAfter(facts.people, { ...change, id: change.person }, personLines, (id, { about, ...said }) => ({
          id,
          ...said,
          ...(about && { about }),
        })),
      };
    case 'text': {
      const text = textAt(document, change.at);
      if (!text) throw new Problem(409, 'The site has changed meanwhile', 'What this is about is not there any more.');
      refuseChanged(text.value, change.was, 'It');
      if (change.wasMarks && !sameWords(text, { value: change.was, marks: change.wasMarks }))
        throw new Problem(409, 'It says something else by now', 'Something else stands out in it now.', {
          theirs: text.value,
        });
      return { op: 'setText', at: change.at, text: { ...writtenAnew(text, change), from: { kind: 'client' } } };
    }
  }
}

/** Which kind of change each is, as a designer locks it. */
function kindOf(change: Change): DeskKind {
  switch (change.kind) {
    case 'fact':
      return 'contact';
    case 'text':
      return 'words';
    case 'picture':
      return 'pictures';
    case 'service':
      return 'prices';
    case 'person':
      return 'people';
    case 'item':
      return 'items';
    case 'hours':
      return 'hours';
    case 'order':
      if (change.of === 'services') return 'prices';
      return change.of === 'people' ? 'people' : change.of.startsWith('list/') ? 'items' : 'order';
  }
}
/** @throws Problem 403 where a change is about what the designer of the site keeps */
function refuseLocked(document: SiteDocument, change: Change): void {
  const section = 'at' in change ? findSection(document, change.at.section) : undefined;
  const locked =
    isKindLocked(document, kindOf(change)) ||
    // What stands around the pages is theirs always.
    (section && (isFrame(section) || isSectionLocked(document, section.id))) ||
    (change.kind === 'item' && isCollectionLocked(document, change.collection)) ||
    (change.kind === 'order' && isOrderLocked(document, change.of));
  if (locked)
    throw new Problem(403, 'Your designer looks after that', 'It is not changed here. Tell them what it is to say.');
}

/**
 * Whether an operation that was made here is about what the designer of the site keeps by now. What follows from a fact
 * goes with the fact, wherever it stands.
 */
export function isKept(document: SiteDocument, operation: Operation): boolean {
  const all = operation.op === 'batch' ? operation.operations : [operation];
  const facts = all.filter((o) => o.op === 'setFact' || o.op === 'setServices' || o.op === 'setPeople');
  return (facts.length ? facts : all).some((o) => {
    if (o.op === 'setServices') return isKindLocked(document, 'prices');
    if (o.op === 'setPeople') return isKindLocked(document, 'people');
    if (o.op === 'setFact') return isKindLocked(document, o.field === 'hours' ? 'hours' : 'contact');
    if (o.op === 'moveSection') return isKindLocked(document, 'order') || isPageLocked(document, o.page);
    if ('collection' in o && typeof o.collection === 'string') return isCollectionLocked(document, o.collection);
    if (!('at' in o) || typeof o.at !== 'object') return false;
    const kind: DeskKind = o.op === 'setText' && !o.at.path.endsWith('.alt') ? 'words' : 'pictures';
    return isKindLocked(document, kind) || isSectionLocked(document, o.at.section);
  });
}

/** The ids of the pictures that changes name. */
export const picturesIn = (changes: readonly Change[]): string[] =>
  changes.flatMap((c) =>
    c.kind === 'picture'
      ? [c.value.media]
      : c.kind === 'item'
        ? Object.values(c.value?.pictures ?? {}).map((p) => p.media)
        : [],
  );

/** One change with all that follows from it: pages that say the fact, and sections that stand on several pages. */
function wholeOf(document: SiteDocument, change: Change, brought: Brought): Operation[] {
  switch (change.kind) {
    case 'item':
      return itemOperation(document, change, undefined, brought);
    case 'picture': {
      const operations = pictureOperations(document, change, brought);
      return operations.length ? [withTwins(document, { op: 'batch', operations })] : [];
    }
    case 'order': {
      const operations = orderOperations(document, change);
      const [first] = operations;
      // What is offered stands in its order on the pages too.
      return first?.op === 'setServices' || first?.op === 'setPeople'
        ? [withTwins(document, withFollowing(document, first))]
        : operations;
    }
    default:
      return [withTwins(document, withFollowing(document, one(document, change)))];
  }
}

/**
 * What is to read otherwise, as one operation: pages that say a changed fact follow, and so do sections that stand on
 * several pages. `brought` are the photographs that stand nowhere yet.
 * @throws Problem 409 where something reads otherwise than it did for whoever changed it, 422 where it cannot be, 403 where
 * it is their designer’s
 */
export function operationOf(
  document: SiteDocument,
  changes: readonly Change[],
  brought: Brought = NONE_BROUGHT,
): Operation {
  let now = document;
  const operations = changes.flatMap((change) => {
    refuseLocked(now, change);
    const whole = wholeOf(now, change, brought);
    now = whole.reduce((d, o) => apply(d, o).document, now);
    return whole.flatMap((o) => (o.op === 'batch' ? o.operations : [o]));
  });
  if (!operations.length) throw new Problem(409, 'Nothing of that would be a change', 'It is so already.');
  return operations.length === 1 ? operations[0]! : { op: 'batch', operations };
}
