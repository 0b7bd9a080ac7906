import { Type } from '@sinclair/typebox';
import {
  Branch,
  BusinessEvent,
  Contact,
  Correction,
  ENTRY_FACTS,
  factLabel,
  Facts,
  LIST_FACTS,
  Person,
  Service,
  type FactField,
  type SiteDocument,
} from '../../model/site.js';
import type { Definition } from '../definition.js';
import { factKey } from '../keys.js';

const closed = { additionalProperties: false } as const;
const lists: readonly string[] = [...LIST_FACTS, ...ENTRY_FACTS];
const factField = Type.Union(
  (Object.keys(Facts.properties).filter((k) => !lists.includes(k)) as FactField[]).map((k) => Type.Literal(k)),
);
const withFact = (document: SiteDocument, change: Partial<Facts>): SiteDocument => ({
  ...document,
  facts: { ...document.facts, ...change },
});
const lines = (all: readonly string[][]): string =>
  all
    .map((parts) => parts.filter(Boolean).join(', '))
    .filter(Boolean)
    .join('\n');

const SetFact = Type.Object(
  { op: Type.Literal('setFact'), field: factField, value: Type.String({ maxLength: 20000 }) },
  closed,
);
export const setFact: Definition<typeof SetFact> = {
  schema: SetFact,
  apply: (document, { op, field, value }) => ({
    document: withFact(document, { [field]: value }),
    inverse: { op, field, value: document.facts[field] },
  }),
  says: ({ field }) => (field === 'description' ? 'Changed the brief' : `Changed “${factLabel(field)}”`),
  field: ({ field }) => `fact ${field}`,
  writes: ({ field }) => [factKey(field)],
  words: ({ value }) => value,
};

const SetServices = Type.Object(
  { op: Type.Literal('setServices'), services: Type.Array(Service, { maxItems: 40 }) },
  closed,
);
export const setServices: Definition<typeof SetServices> = {
  schema: SetServices,
  apply: (document, { op, services }) => ({
    document: withFact(document, { services }),
    inverse: { op, services: document.facts.services },
  }),
  says: () => 'Changed the services',
  field: () => 'fact services',
  writes: () => [factKey('services')],
  words: ({ services }) => lines(services.map((s) => [s.name, s.price, s.detail])),
};

const SetPeople = Type.Object({ op: Type.Literal('setPeople'), people: Type.Array(Person, { maxItems: 24 }) }, closed);
export const setPeople: Definition<typeof SetPeople> = {
  schema: SetPeople,
  apply: (document, { op, people }) => ({
    document: withFact(document, { people }),
    inverse: { op, people: document.facts.people },
  }),
  says: () => 'Changed the people',
  field: () => 'fact people',
  writes: () => [factKey('people')],
  words: ({ people }) => lines(people.map((p) => [p.name, p.role, p.about ?? ''])),
};

const SetContacts = Type.Object(
  { op: Type.Literal('setContacts'), contacts: Type.Array(Contact, { maxItems: 24 }) },
  closed,
);
export const setContacts: Definition<typeof SetContacts> = {
  schema: SetContacts,
  apply: (document, { op, contacts }) => ({
    document: withFact(document, { contacts }),
    inverse: { op, contacts: document.facts.contacts },
  }),
  says: () => 'Changed the further numbers and addresses',
  field: () => 'fact contacts',
  writes: () => [factKey('contacts')],
  words: ({ contacts }) => lines(contacts.map((c) => [c.value, c.what])),
};

const SetBranches = Type.Object(
  { op: Type.Literal('setBranches'), branches: Type.Array(Branch, { maxItems: 12 }) },
  closed,
);
export const setBranches: Definition<typeof SetBranches> = {
  schema: SetBranches,
  apply: (document, { op, branches }) => ({
    document: withFact(document, { branches }),
    inverse: { op, branches: document.facts.branches },
  }),
  says: () => 'Changed the further places',
  field: () => 'fact branches',
  writes: () => [factKey('branches')],
  words: ({ branches }) => lines(branches.map((b) => [b.name, b.address, b.phone, b.hours])),
};

const SetEvents = Type.Object(
  { op: Type.Literal('setEvents'), events: Type.Array(BusinessEvent, { maxItems: 40 }) },
  closed,
);
export const setEvents: Definition<typeof SetEvents> = {
  schema: SetEvents,
  apply: (document, { op, events }) => ({
    document: withFact(document, { events }),
    inverse: { op, events: document.facts.events },
  }),
  says: () => 'Changed the events',
  field: () => 'fact events',
  writes: () => [factKey('events')],
  words: ({ events }) => lines(events.map((e) => [e.name, e.when, e.place, e.detail])),
};

const SetList = Type.Object(
  {
    op: Type.Literal('setList'),
    field: Type.Union(LIST_FACTS.map((k) => Type.Literal(k))),
    values: Type.Array(Type.String({ maxLength: 300 }), { maxItems: 24 }),
  },
  closed,
);
export const setList: Definition<typeof SetList> = {
  schema: SetList,
  apply: (document, { op, field, values }) => ({
    document: withFact(document, { [field]: values }),
    inverse: { op, field, values: document.facts[field] },
  }),
  says: ({ field }) => `Changed “${factLabel(field)}”`,
  field: ({ field }) => `fact ${field}`,
  writes: ({ field }) => [factKey(field)],
  words: ({ values }) => values.join(', '),
};

const SetCorrections = Type.Object(
  { op: Type.Literal('setCorrections'), corrections: Type.Array(Correction, { maxItems: 200 }) },
  closed,
);
export const setCorrections: Definition<typeof SetCorrections> = {
  schema: SetCorrections,
  apply: (document, { op, corrections }) => ({
    document: { ...document, corrections },
    inverse: { op, corrections: document.corrections },
  }),
  says: () => 'Corrected the reading of the brief',
  writes: () => ['corrections'],
};
