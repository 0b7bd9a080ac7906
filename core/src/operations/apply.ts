import { isText, type Page, type Section, type SiteDocument, type Text } from '../model/site.js';
import type { Operation, Place } from './operation.js';

/** An operation that does not fit the document it meets: what it names is not there (any more). */
export class OperationError extends Error {
  override name = 'OperationError';
}

export interface Applied {
  document: SiteDocument;
  /** The operation that takes this one back: applying it gives the document from before, to the byte. */
  inverse: Operation;
}

type Json = unknown;

function at(value: Json, key: string): Json {
  if (Array.isArray(value)) return value[Number(key)];
  if (typeof value === 'object' && value !== null && Object.hasOwn(value, key))
    return (value as Record<string, Json>)[key];
  return undefined;
}

function put(value: Json, keys: string[], leaf: Json): Json {
  const [key, ...rest] = keys;
  if (key === undefined) return leaf;
  if (Array.isArray(value)) return value.map((item, n) => (n === Number(key) ? put(item, rest, leaf) : item));
  const record = value as Record<string, Json>;
  return { ...record, [key]: put(record[key], rest, leaf) };
}

/** The section a place names, wherever it stands. */
export function findSection(document: SiteDocument, id: string): Section | undefined {
  if (document.header?.id === id) return document.header;
  if (document.footer?.id === id) return document.footer;
  for (const page of document.pages) for (const section of page.sections) if (section.id === id) return section;
  return undefined;
}

/** The text at a place, or undefined where there is none. */
export function textAt(document: SiteDocument, place: Place): Text | undefined {
  const section = findSection(document, place.section);
  const found = section && place.path.split('.').reduce<Json>(at, section.content);
  return isText(found) ? found : undefined;
}

function mapSections(document: SiteDocument, id: string, change: (s: Section) => Section): SiteDocument {
  const one = (s: Section) => (s.id === id ? change(s) : s);
  return {
    ...document,
    header: document.header && one(document.header),
    footer: document.footer && one(document.footer),
    pages: document.pages.map((p) =>
      p.sections.some((s) => s.id === id) ? { ...p, sections: p.sections.map(one) } : p,
    ),
  };
}

/**
 * Applies one operation. Pure: the given document is not touched.
 * @throws OperationError when the operation names something the document does not have.
 */
export function apply(document: SiteDocument, operation: Operation): Applied {
  switch (operation.op) {
    case 'setFact': {
      const before = document.facts[operation.field];
      return {
        document: { ...document, facts: { ...document.facts, [operation.field]: operation.value } },
        inverse: { op: 'setFact', field: operation.field, value: before },
      };
    }
    case 'setServices':
      return {
        document: { ...document, facts: { ...document.facts, services: operation.services } },
        inverse: { op: 'setServices', services: document.facts.services },
      };
    case 'setPeople':
      return {
        document: { ...document, facts: { ...document.facts, people: operation.people } },
        inverse: { op: 'setPeople', people: document.facts.people },
      };
    case 'setList':
      return {
        document: { ...document, facts: { ...document.facts, [operation.field]: operation.values } },
        inverse: { op: 'setList', field: operation.field, values: document.facts[operation.field] },
      };
    case 'setCorrections':
      return {
        document: { ...document, corrections: operation.corrections },
        inverse: { op: 'setCorrections', corrections: document.corrections },
      };
    case 'setText': {
      const before = textAt(document, operation.at);
      if (!before) throw new OperationError(`There is no text at ${operation.at.section}, ${operation.at.path}.`);
      const keys = operation.at.path.split('.');
      return {
        document: mapSections(document, operation.at.section, (s) => ({
          ...s,
          content: put(s.content, keys, operation.text) as Section['content'],
        })),
        inverse: { op: 'setText', at: operation.at, text: before },
      };
    }
    case 'setSeo': {
      const page = document.pages.find((p) => p.id === operation.page);
      if (!page) throw new OperationError(`There is no page “${operation.page}”.`);
      const change = (p: Page): Page =>
        p === page ? { ...p, seo: { ...p.seo, [operation.field]: operation.text } } : p;
      return {
        document: { ...document, pages: document.pages.map(change) },
        inverse: { op: 'setSeo', page: page.id, field: operation.field, text: page.seo[operation.field] },
      };
    }
    case 'setLook':
      return { document: { ...document, look: operation.look }, inverse: { op: 'setLook', look: document.look } };
    case 'setForm': {
      const form = document.forms.find((f) => f.id === operation.form);
      if (!form) throw new OperationError(`There is no form “${operation.form}”.`);
      const forms = document.forms.map((f) => (f === form ? { ...f, deliverTo: operation.deliverTo } : f));
      return { document: { ...document, forms }, inverse: { op: 'setForm', form: form.id, deliverTo: form.deliverTo } };
    }
    case 'putVersion': {
      const { seed, header, pages, footer, forms, look } = document;
      const { op, ...version } = operation;
      return { document: { ...document, ...version }, inverse: { op, seed, header, pages, footer, forms, look } };
    }
    case 'batch': {
      const inverses: Operation[] = [];
      let now = document;
      for (const one of operation.operations) {
        const step = apply(now, one);
        now = step.document;
        inverses.unshift(step.inverse);
      }
      return { document: now, inverse: { op: 'batch', operations: inverses as never } };
    }
  }
}

/** What an operation changed, in a few words for the history. */
export function describe(operation: Operation): string {
  switch (operation.op) {
    case 'setFact':
      return `Changed the ${operation.field === 'description' ? 'brief' : operation.field}`;
    case 'setServices':
      return 'Changed the services';
    case 'setPeople':
      return 'Changed the people';
    case 'setList':
      return `Changed the ${operation.field}`;
    case 'setCorrections':
      return 'Put the reading of the brief right';
    case 'setText':
      return `Wrote “${shorten(operation.text.value)}”`;
    case 'setSeo':
      return `Changed a page’s search ${operation.field}`;
    case 'setLook':
      return `Put on the look ${operation.look.name}`;
    case 'setForm':
      return 'Changed where form messages go';
    case 'putVersion':
      return operation.pages.length ? `Wrote version ${operation.seed}` : 'Cleared the pages';
    case 'batch':
      return operation.operations.length === 1
        ? describe(operation.operations[0]!)
        : `${operation.operations.length} changes`;
  }
}

const shorten = (s: string) => (s.length > 40 ? `${s.slice(0, 38).trimEnd()}…` : s);
