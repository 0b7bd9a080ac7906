import { hoursIn, phoneIn, weekOf, type Week } from '@tin-porch/core/brief';
import { languages } from '@tin-porch/core/language';
import { allTexts } from '@tin-porch/core/making';
import {
  asPublished,
  footerOf,
  headerOf,
  isFrame,
  isKindLocked,
  isPageLocked,
  isSectionLocked,
  shownSections,
  type FieldForm,
  type Section,
  type SiteDocument,
  type Text,
  type TextMark,
} from '@tin-porch/core/model';
import { kinds } from '@tin-porch/core/look';
import type { Place } from '@tin-porch/core/operations';
import { pagePath, renderPage } from '@tin-porch/core/page';
import { picturesBySection, type DeskPicture } from './pictures.js';
import { MOST_IN_ORDER, partsOf } from './order.js';
import { OPEN_FACTS, type Known, type OpenFact, type Priced } from './changes.js';

/** A text of a page that can be changed there. */
export interface DeskText {
  at: Place;
  label: string;
  value: string;
  /** What stands out in it, and what may be done with its words. */
  marks?: readonly TextMark[];
  form: FieldForm;
  long: boolean;
  most: number;
}
export interface DeskSection {
  id: string;
  title: string;
  /** Whether its designer keeps all that stands in it. */
  locked: boolean;
  texts: DeskText[];
  pictures: DeskPicture[];
}
export interface DeskPage {
  id: string;
  label: string;
  /** Whether visitors reach it: one that is on hold says so. */
  hold: boolean;
  /** Where visitors find it, as `/contact/`. */
  path: string;
  sections: DeskSection[];
  /** What stands on it, in its order, where that can be changed. */
  order: { id: string; name: string }[];
  /** The sections on it that show what is in a list, and which. */
  lists: { section: string; list: string }[];
  /** What stands around it: its designer’s. */
  frames: string[];
}
/** A fact with the pages that say it. */
export interface DeskFact {
  field: OpenFact;
  value: string;
  pages: string[];
}
export interface DeskFacts {
  /** Which of it its designer keeps. */
  locked: { contact: boolean; hours: boolean; prices: boolean; people: boolean };
  facts: DeskFact[];
  hours: { text: string; week: Week; pages: string[] };
  services: (Priced & { id: string })[];
  people: (Known & { id: string })[];
}

const MOST_WORDS = 4000;
const titleOf = (shape: string): string =>
  (kinds as Record<string, { title: string }>)[shape.split('/')[0]!]?.title ?? '';

/** What a section is called in a row of others: by its first words, beside what it is. */
function nameOf(section: Section): string {
  const { heading } = section.content as { heading?: Text };
  const words = heading?.value.trim();
  return words ? `${titleOf(section.shape)}: ${words}` : titleOf(section.shape);
}

/**
 * What the people of a site may change on its pages: the pictures, and the words that somebody wrote. Words that say a fact change with the
 * fact, where it is kept; names of pages, links and looks are their designer’s.
 */
export function pagesOf(document: SiteDocument, pictures = picturesBySection(document)): DeskPage[] {
  const texts = isKindLocked(document, 'words') ? [] : allTexts(asPublished(document));
  const drawn = (section: string) => (isKindLocked(document, 'pictures') ? [] : (pictures.get(section) ?? []));
  return document.pages.map((page) => ({
    id: page.id,
    label: page.label,
    hold: !!page.hold,
    path: pagePath(page),
    lists: shownSections(page).flatMap((s) => (s.shows ? [{ section: s.id, list: s.shows.collection }] : [])),
    order:
      isKindLocked(document, 'order') || isPageLocked(document, page.id) || partsOf(page).length > MOST_IN_ORDER
        ? []
        : partsOf(page).map((s) => ({ id: s.id, name: nameOf(s) })),
    frames: [headerOf(document, page), footerOf(document, page)].flatMap((s) => (s ? [s.id] : [])),
    sections: shownSections(page)
      .filter((s) => !isFrame(s))
      .map((section) => ({
        id: section.id,
        title: titleOf(section.shape),
        texts: texts
          .filter(
            (t) =>
              t.section.id === section.id &&
              !(t.text.from.kind === 'brief' && t.text.from.fact) &&
              // What is to be seen on a picture is said with it.
              !(pictures.get(section.id) ?? []).some((p) => t.path === `${p.at.path}.alt`),
          )
          .map((t) => ({
            at: { section: section.id, path: t.path },
            label: t.label,
            value: t.text.value,
            ...(t.text.marks && { marks: t.text.marks }),
            form: t.form,
            long: t.long,
            most: t.long ? MOST_WORDS : 300,
          })),
        pictures: drawn(section.id),
      }))
      .filter((s) => s.texts.length + s.pictures.length)
      .map((s) =>
        isSectionLocked(document, s.id) ? { ...s, locked: true, texts: [], pictures: [] } : { ...s, locked: false },
      ),
  }));
}

/** How a fact reads on a page, by its field. */
function probesOf({ facts, language }: SiteDocument): Record<OpenFact | 'hours', string> {
  const said = languages[language];
  return {
    phone: phoneIn(said, facts.phone, facts),
    mail: facts.mail,
    address: facts.address.split('\n')[0]!.replace(/,.*/, ''),
    hours: hoursIn(said, facts.hours)[0] ?? '',
  };
}
const escaped = (words: string) => words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** The pages on which visitors read a fact: looked for in the pages as they are drawn. */
export function standsOn(document: SiteDocument, origin: string): Record<OpenFact | 'hours', string[]> {
  const drawn = document.pages.map((page) => ({
    label: page.label,
    // What only searches read is not read on the page.
    html: renderPage(document, page.id, { origin })?.replace(/<script[^>]*>.*?<\/script>/gs, '') ?? '',
  }));
  return Object.fromEntries(
    Object.entries(probesOf(document)).map(([field, words]) => [
      field,
      words ? drawn.filter((p) => p.html.includes(escaped(words))).map((p) => p.label) : [],
    ]),
  ) as Record<OpenFact | 'hours', string[]>;
}

/** The facts the people of a site change themselves, and where they stand. */
export function factsOf(document: SiteDocument, pages: ReturnType<typeof standsOn>): DeskFacts {
  const { facts } = document;
  return {
    locked: {
      contact: isKindLocked(document, 'contact'),
      hours: isKindLocked(document, 'hours'),
      prices: isKindLocked(document, 'prices'),
      people: isKindLocked(document, 'people'),
    },
    facts: OPEN_FACTS.map((field) => ({ field, value: facts[field], pages: pages[field] })),
    hours: { text: facts.hours, week: weekOf(facts.hours), pages: pages.hours },
    services: facts.services.map(({ id, name, detail, price }) => ({ id, name, detail, price })),
    people: facts.people.map(({ id, name, role, about = '' }) => ({ id, name, role, about })),
  };
}
