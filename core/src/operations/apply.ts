import {
  factLabel,
  isPicture,
  isText,
  parentOf,
  type Page,
  type Picture,
  type Section,
  type SiteDocument,
  type Text,
} from '../model/site.js';
import { madeBy } from './fields.js';
import type { Operation, Place, SingleOperation } from './operation.js';

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
  if (Array.isArray(value)) return value.find((item: { id?: string }) => item.id === key);
  if (typeof value === 'object' && value !== null && Object.hasOwn(value, key))
    return (value as Record<string, Json>)[key];
  return undefined;
}

function put(value: Json, keys: string[], leaf: Json): Json {
  const [key, ...rest] = keys;
  if (key === undefined) return leaf;
  if (Array.isArray(value))
    return value.map((item: { id?: string }) => (item.id === key ? put(item, rest, leaf) : item));
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

/** The picture at a place, or undefined where there is no place for one. */
export function pictureAt(document: SiteDocument, place: Place): Picture | undefined {
  const section = findSection(document, place.section);
  const found = section && place.path.split('.').reduce<Json>(at, section.content);
  return isPicture(found) ? found : undefined;
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

const allSections = (document: SiteDocument): Section[] => [
  ...[document.header, document.footer].flatMap((s) => (s ? [s] : [])),
  ...document.pages.flatMap((p) => p.sections),
];
function inserted<T>(all: readonly T[], one: T, at: number): T[] {
  if (at > all.length) throw new OperationError(`There is no place ${at} there.`);
  return [...all.slice(0, at), one, ...all.slice(at)];
}
function movable(document: SiteDocument, id: string, what: string): Page {
  const page = document.pages.find((p) => p.id === id);
  if (!page) throw new OperationError(`There is no page “${id}”.`);
  if (page.slug === '') throw new OperationError(`The home page cannot be ${what}.`);
  return page;
}
function placeOf(document: SiteDocument, id: string): { page: Page; section: Section; at: number } {
  for (const page of document.pages) {
    const at = page.sections.findIndex((s) => s.id === id);
    if (at >= 0) return { page, section: page.sections[at]!, at };
  }
  throw new OperationError(`There is no section “${id}” on a page.`);
}
function withSections(document: SiteDocument, id: string, change: (all: Section[]) => Section[]): SiteDocument {
  if (!document.pages.some((p) => p.id === id)) throw new OperationError(`There is no page “${id}”.`);
  return { ...document, pages: document.pages.map((p) => (p.id === id ? { ...p, sections: change(p.sections) } : p)) };
}
/** What `setPage` says of a page as it is. */
export const namedOf = ({ id, label, slug, menu, parent }: Page) => ({
  page: id,
  label,
  slug,
  ...(menu !== undefined && { menu }),
  ...(parent !== undefined && { parent }),
});
/** A page that is under none. */
export const withoutParent = ({ parent: _, ...page }: Page): Page => page;

/** A page with its fields in the order the schema has them, so that taking back a change gives the same bytes. */
const inOrder = ({ id, slug, label, menu, parent, reason, seo, sections }: Page): Page => ({
  id,
  slug,
  label,
  ...(menu !== undefined && { menu }),
  ...(parent !== undefined && { parent }),
  reason,
  seo,
  sections,
});

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
      const { id, value, from } = before as Text & { id?: string };
      // A text in a list is the same one, whatever it says.
      const text = id === undefined ? operation.text : { id, ...operation.text };
      return {
        document: mapSections(document, operation.at.section, (s) => ({
          ...s,
          content: put(s.content, keys, text) as Section['content'],
        })),
        inverse: { op: 'setText', at: operation.at, text: { value, from } },
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
    case 'setShape': {
      const section = findSection(document, operation.section);
      if (!section) throw new OperationError(`There is no section “${operation.section}”.`);
      const kind = section.shape.split('/')[0]!;
      if (operation.shape.split('/')[0] !== kind)
        throw new OperationError(`“${operation.shape}” is no shape of ${kind}.`);
      const { ground: before, content, ...rest } = section;
      const { ground } = operation;
      return {
        document: mapSections(document, section.id, () => ({
          ...rest,
          shape: operation.shape,
          ...(ground !== undefined && { ground }),
          content,
        })),
        inverse: {
          op: 'setShape',
          section: section.id,
          shape: section.shape,
          ...(before !== undefined && { ground: before }),
        },
      };
    }
    case 'setDirection':
      return {
        document: { ...document, direction: operation.direction },
        inverse: { op: 'setDirection', direction: document.direction },
      };
    case 'setBoard':
      return {
        document: { ...document, board: operation.board },
        inverse: { op: 'setBoard', board: document.board },
      };
    case 'setMark':
      return { document: { ...document, mark: operation.mark }, inverse: { op: 'setMark', mark: document.mark } };
    case 'putMedium': {
      const { medium } = operation;
      const at = document.media.findIndex((m) => m.id === medium.id);
      if (at >= 0)
        return {
          document: { ...document, media: document.media.map((m, n) => (n === at ? medium : m)) },
          inverse: { op: 'putMedium', medium: document.media[at]! },
        };
      return {
        document: { ...document, media: inserted(document.media, medium, operation.at ?? document.media.length) },
        inverse: { op: 'removeMedium', medium: medium.id },
      };
    }
    case 'removeMedium': {
      const at = document.media.findIndex((m) => m.id === operation.medium);
      if (at < 0) throw new OperationError(`There is no picture “${operation.medium}”.`);
      return {
        document: { ...document, media: document.media.filter((_, n) => n !== at) },
        inverse: { op: 'putMedium', medium: document.media[at]!, at },
      };
    }
    case 'setPicture': {
      const before = pictureAt(document, operation.at);
      if (!before)
        throw new OperationError(`There is no place for a picture at ${operation.at.section}, ${operation.at.path}.`);
      const keys = [...operation.at.path.split('.'), 'media'];
      return {
        document: mapSections(document, operation.at.section, (s) => ({
          ...s,
          content: put(s.content, keys, operation.media) as Section['content'],
        })),
        inverse: { op: 'setPicture', at: operation.at, media: before.media },
      };
    }
    case 'setContent': {
      const section = findSection(document, operation.section);
      if (!section) throw new OperationError(`There is no section “${operation.section}”.`);
      return {
        document: mapSections(document, section.id, (s) => ({ ...s, content: operation.content })),
        inverse: { op: 'setContent', section: section.id, content: section.content },
      };
    }
    case 'setForm': {
      const form = document.forms.find((f) => f.id === operation.form);
      if (!form) throw new OperationError(`There is no form “${operation.form}”.`);
      const forms = document.forms.map((f) => (f === form ? { ...f, deliverTo: operation.deliverTo } : f));
      return { document: { ...document, forms }, inverse: { op: 'setForm', form: form.id, deliverTo: form.deliverTo } };
    }
    case 'insertPage': {
      if (document.pages.some((p) => p.id === operation.page.id))
        throw new OperationError(`There is a page “${operation.page.id}” already.`);
      const taken = new Set(allSections(document).map((s) => s.id));
      if (operation.page.sections.some((s) => taken.has(s.id)))
        throw new OperationError('A section of that page is on the site already.');
      if (operation.page.parent !== undefined && !parentOf(document.pages, operation.page))
        throw new OperationError(`There is no page “${operation.page.parent}” to be under.`);
      return {
        document: { ...document, pages: inserted(document.pages, operation.page, operation.at) },
        inverse: { op: 'removePage', page: operation.page.id },
      };
    }
    case 'removePage': {
      const page = movable(document, operation.page, 'taken out');
      const back = { op: 'insertPage', page, at: document.pages.indexOf(page) } as const;
      const under = document.pages.filter((p) => p.parent === page.id);
      // What was under it moves up, and back under it when it comes back.
      const lift = under.map((p): SingleOperation => ({ op: 'setPage', ...namedOf(p) }));
      const pages = document.pages.filter((p) => p !== page);
      return {
        document: { ...document, pages: pages.map((p) => (under.includes(p) ? withoutParent(p) : p)) },
        inverse: under.length ? { op: 'batch', operations: [back, ...lift] } : back,
      };
    }
    case 'movePage': {
      const page = movable(document, operation.page, 'moved');
      if (operation.to === 0) throw new OperationError('The home page stays first.');
      const others = document.pages.filter((p) => p !== page);
      return {
        document: { ...document, pages: inserted(others, page, operation.to) },
        inverse: { op: 'movePage', page: page.id, to: document.pages.indexOf(page) },
      };
    }
    case 'setPage': {
      const page = document.pages.find((p) => p.id === operation.page);
      if (!page) throw new OperationError(`There is no page “${operation.page}”.`);
      if ((page.slug === '') !== (operation.slug === ''))
        throw new OperationError('The home page keeps its address, and no other page has it.');
      const { menu: _menu, parent: _parent, ...rest } = page;
      if (operation.parent !== undefined) {
        const over = document.pages.find((p) => p.id === operation.parent);
        if (!over || over === page || page.slug === '' || over.slug === '')
          throw new OperationError(`“${page.label}” cannot be under that page.`);
        if (over.parent !== undefined || document.pages.some((p) => p.parent === page.id))
          throw new OperationError('Pages nest one level deep: a page under another has none under it.');
      }
      const changed: Page = {
        ...rest,
        label: operation.label,
        slug: operation.slug,
        ...(operation.menu !== undefined && { menu: operation.menu }),
        ...(operation.parent !== undefined && { parent: operation.parent }),
      };
      return {
        document: { ...document, pages: document.pages.map((p) => (p === page ? inOrder(changed) : p)) },
        inverse: {
          op: 'setPage',
          ...namedOf(page),
        },
      };
    }
    case 'insertSection': {
      if (findSection(document, operation.section.id))
        throw new OperationError(`There is a section “${operation.section.id}” already.`);
      return {
        document: withSections(document, operation.page, (all) => inserted(all, operation.section, operation.at)),
        inverse: { op: 'removeSection', section: operation.section.id },
      };
    }
    case 'removeSection': {
      const { page, section, at: index } = placeOf(document, operation.section);
      if (page.sections.length === 1)
        throw new OperationError(`It is the only section of “${page.label}”. Take out the page instead.`);
      return {
        document: withSections(document, page.id, (all) => all.filter((s) => s !== section)),
        inverse: { op: 'insertSection', page: page.id, section, at: index },
      };
    }
    case 'moveSection': {
      const { page, section, at: index } = placeOf(document, operation.section);
      if (page.id !== operation.page && page.sections.length === 1)
        throw new OperationError(`It is the only section of “${page.label}”.`);
      const without = withSections(document, page.id, (all) => all.filter((s) => s !== section));
      return {
        document: withSections(without, operation.page, (all) => inserted(all, section, operation.to)),
        inverse: { op: 'moveSection', section: section.id, page: page.id, to: index },
      };
    }
    case 'setWriting':
      return {
        document: { ...document, language: operation.language, length: operation.length },
        inverse: { op: 'setWriting', language: document.language, length: document.length },
      };
    case 'setWithout':
      return {
        document: { ...document, without: operation.values },
        inverse: { op: 'setWithout', values: document.without },
      };
    case 'putVersion': {
      const { seed, header, pages, footer, forms, look, direction, media } = document;
      const { op, ...version } = operation;
      return {
        document: { ...document, ...version },
        inverse: { op, seed, header, pages, footer, forms, look, direction, media },
      };
    }
    case 'batch': {
      const inverses: SingleOperation[] = [];
      let now = document;
      for (const one of operation.operations) {
        const step = apply(now, one);
        now = step.document;
        inverses.unshift(...(step.inverse.op === 'batch' ? step.inverse.operations : [step.inverse]));
      }
      return { document: now, inverse: { op: 'batch', operations: inverses } };
    }
  }
}

/** What an operation changed, in a few words for the history. */
export function describe(whole: Operation): string {
  const operation = madeBy(whole);
  switch (operation.op) {
    case 'setFact':
      return operation.field === 'description' ? 'Changed the brief' : `Changed “${factLabel(operation.field)}”`;
    case 'setServices':
      return 'Changed the services';
    case 'setPeople':
      return 'Changed the people';
    case 'setList':
      return `Changed “${factLabel(operation.field)}”`;
    case 'setCorrections':
      return 'Corrected the reading of the brief';
    case 'setText':
      return operation.text.value.trim() ? `Wrote “${shorten(operation.text.value)}”` : 'Emptied a text';
    case 'setSeo':
      return `Changed a page’s ${operation.field} for search engines`;
    case 'setLook':
      return `Put on the look ${operation.look.name}`;
    case 'setShape':
      return 'Laid a section out anew';
    case 'setDirection':
      return 'Took another direction';
    case 'setBoard':
      return 'Asked for or shortlisted directions';
    case 'setMark':
      return operation.mark ? 'Changed the mark' : 'Took the mark away';
    case 'putMedium':
      return `Took in the picture ${operation.medium.title}`;
    case 'removeMedium':
      return 'Took a picture out';
    case 'setPicture':
      return 'Changed a picture';
    case 'setContent':
      return 'Changed what a section holds';
    case 'setForm':
      return 'Changed where form messages go';
    case 'insertPage':
      return `Added the page ${operation.page.label}`;
    case 'removePage':
      return 'Took a page out';
    case 'movePage':
      return 'Moved a page';
    case 'setPage':
      return `Called a page ${operation.label}`;
    case 'insertSection':
      return 'Added a section';
    case 'removeSection':
      return 'Took a section out';
    case 'moveSection':
      return 'Moved a section';
    case 'setWriting':
      return `Chose the language ${operation.language}, ${operation.length}`;
    case 'setWithout':
      return 'Changed what the plan leaves out';
    case 'putVersion':
      return operation.pages.length ? `Wrote version ${operation.seed}` : 'Cleared the pages';
    case 'batch':
      if (operation.operations[0]?.op === 'setLook') return `Took the direction ${operation.operations[0].look.name}`;
      return operation.operations.length === 1
        ? describe(operation.operations[0]!)
        : `${operation.operations.length} changes`;
  }
}

const shorten = (s: string) => (s.length > 40 ? `${s.slice(0, 38).trimEnd()}…` : s);
