import { idFrom } from '../../ground/ids.js';
import type { Page, Picture, Section, SiteDocument } from '../../model/site.js';
import { isFrame } from '../../model/page.js';
import { apply } from '../../operations/apply.js';
import { changeOf, isWithin, sectionWithin, type WithinSection } from '../../operations/of-section.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import { findSection, inOrder, leafAt } from '../../operations/reach.js';
import { canRepeat, whereIs } from './sections.js';

/** The most sections a page can have. */
const MOST = 40;
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** A section that is the same one as another, and the page it stands on. */
export interface Twin {
  section: Section;
  page: Page;
}

/** Where else a section stands that is one and the same on several pages; none where it is of one page alone. */
export function twinsOf(document: SiteDocument, id: string): Twin[] {
  const twin = findSection(document, id)?.twin;
  if (twin === undefined) return [];
  return document.pages.flatMap((page) =>
    page.sections.flatMap((section) => (section.twin === twin && section.id !== id ? [{ section, page }] : [])),
  );
}

/** The pages a section could stand on too: those that have room for it and do not have it. */
export function pagesWithout(document: SiteDocument, id: string): Page[] {
  const place = whereIs(document, id);
  const section = place?.page.sections[place.at];
  if (!place || !section || !canRepeat(section)) return [];
  const has = new Set([place.page, ...twinsOf(document, id).map((t) => t.page)]);
  return document.pages.filter((p) => !has.has(p) && p.sections.length < MOST);
}

/**
 * Puts a section on other pages as well, at the end of each: it is one and the same from then on. Null where it can stand on
 * none of them.
 */
export function alsoOn(document: SiteDocument, id: string, pages: readonly string[]): Operation | null {
  const section = findSection(document, id);
  const able = pagesWithout(document, id).filter((p) => pages.includes(p.id));
  if (!section || !able.length) return null;
  const twin = section.twin ?? `t${idFrom(`twin ${id} ${JSON.stringify(document.pages)}`).slice(1)}`;
  const { hidden: _, anchor: __, ...shown } = section;
  const placed = able.map((page): SingleOperation => {
    const copy = `x${idFrom(`twin ${id} ${page.id} ${JSON.stringify(document.pages)}`).slice(1)}`;
    return {
      op: 'insertSection',
      page: page.id,
      section: inOrder({ ...shown, id: copy, twin }),
      at: page.sections.length,
    };
  });
  const named: SingleOperation[] = section.twin === undefined ? [{ op: 'setTwin', section: id, twin }] : [];
  return { op: 'batch', operations: [...named, ...placed] };
}

/** What is to be the same wherever a section stands, but whether it is shown there and what it is called by. */
const dressOf = (section: Section): Partial<Section> => {
  const {
    id: _id,
    reason: _reason,
    hidden: _hidden,
    anchor: _anchor,
    content: _content,
    feeds: _feeds,
    ...dress
  } = section;
  return dress;
};

/** Whether a section is otherwise than it is on another page that has it. */
export const isOtherwise = (document: SiteDocument, id: string): boolean => {
  const section = findSection(document, id);
  return twinsOf(document, id).some(
    ({ section: other }) => !same(other.content, section!.content) || !same(dressOf(other), dressOf(section!)),
  );
};

/** Makes a section what it is on another page again. */
export function asThere(document: SiteDocument, id: string, other: string): Operation | null {
  const [here, there] = [findSection(document, id), findSection(document, other)];
  if (!here || !there) return null;
  return changeOf({ op: 'putSection', section: there }, here);
}

/** What of a section a change is about: where two sections differ in it, each has its own. */
function about(document: SiteDocument, one: WithinSection, section: Section): unknown {
  switch (one.op) {
    case 'setPicture':
    case 'setFilm': {
      const there = leafAt(document, { ...one.at, section: section.id }) as Picture | undefined;
      return one.op === 'setFilm' ? there?.film : one.on ? there?.on?.[one.on] : there?.media;
    }
    case 'setText':
    case 'setTarget':
    case 'setFamily':
    case 'setChoice':
      return leafAt(document, { ...one.at, section: section.id });
    case 'insertItem':
    case 'removeItem':
    case 'moveItem': {
      const list = leafAt(document, { ...one.list, section: section.id });
      return Array.isArray(list) && list.map((item: { id?: string }) => item.id);
    }
    case 'setShape':
      return [section.shape, section.ground];
    case 'setSection':
      return Object.keys(one).flatMap((name) =>
        ['op', 'section', 'on'].includes(name)
          ? []
          : [((one.on ? section.on?.[one.on] : section) as Record<string, unknown> | undefined)?.[name]],
      );
    default:
      return [section.shape, section.content];
  }
}

/** A change as it is told to other pages: whether a section is shown is said of each page by itself. */
function told(one: WithinSection): WithinSection | null {
  if (one.op !== 'setSection' || one.on) return one;
  const { hidden: _, ...rest } = one;
  return Object.keys(rest).some((name) => !['op', 'section'].includes(name)) ? rest : null;
}

/**
 * A change together with the same change wherever else its section stands. Where another page has it otherwise, that page
 * keeps what it has. `alone` are the sections that are worked on for their page alone.
 */
export function withTwins(
  document: SiteDocument,
  operation: Operation,
  alone: ReadonlySet<string> = new Set(),
): Operation {
  if (!document.pages.some((p) => p.sections.some((s) => s.twin !== undefined))) return operation;
  let now = document;
  let spread = false;
  const written = operation.op === 'batch' ? operation.operations : [operation];
  const operations = written.flatMap((one): SingleOperation[] => {
    const before = now;
    now = apply(now, one).document;
    const change = isWithin(one) ? told(one) : null;
    const here = change && findSection(before, sectionWithin(change));
    if (!change || !here || isFrame(here) || alone.has(here.id)) return [one];
    const others = twinsOf(before, here.id).flatMap(({ section }) => {
      // It may say itself what becomes of the others, as where all words of a kind are replaced.
      const itself = written.some((o) => o !== one && isWithin(o) && sectionWithin(o) === section.id);
      return !itself && same(about(before, change, section), about(before, change, here))
        ? [changeOf(change, section)]
        : [];
    });
    for (const other of others) now = apply(now, other).document;
    spread ||= others.length > 0;
    return [one, ...others];
  });
  return spread ? { op: 'batch', operations } : operation;
}
