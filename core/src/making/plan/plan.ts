import { contactForm, deskFor, stepsSection, writeVersion } from '../generate/write.js';
import type { LawPage } from '../../language/language.js';
import { languages } from '../../language/registry.gen.js';
import { speaks } from '../../brief/format.js';
import {
  childrenOf,
  isPicture,
  isText,
  parentOf,
  type Form,
  type Page,
  type Section,
  type SiteDocument,
  type Text,
} from '../../model/site.js';
import { namedOf, withoutParent } from '../../model/page.js';
import type { Operation, PutVersion } from '../../operations/operation.js';
import { splitSentences } from '../writer/sentences.js';
import { kinds, shapes } from '../../look/shapes/registry.gen.js';
import { idFrom } from '../../ground/ids.js';
import { anew, complete } from '../../look/shapes/complete.js';
import { directionOf } from '../directions/direction.js';
import { shapeIn, dressPages } from '../directions/dress.js';
import { packOf } from '../../brief/trades/packs.js';
import { dressedAs, hasWritten } from './keep.js';
import { slugOf } from './slug.js';

/** The kind of a shape: `services` of `services/ledger`. */
export const kindOf = (shape: string): string => shape.split('/')[0]!;

/** A shape that can be put into a page, with why one would. */
export interface Offer {
  shape: string;
  title: string;
  character: string;
  reason: string;
}

/** The shape a kind of section would have on a page, in the direction the site is in. */
export function shapeOfKind(document: SiteDocument, page: Page, kind: string): string {
  const direction = directionOf(document.facts, packOf(document.facts), document.direction);
  const content = kinds[kind]!.sample as Section['content'];
  return shapeIn(direction, { id: 'x', shape: `${kind}/any`, reason: '', content }, page.slug === '');
}

/** The kinds of section a page can be given, each in the shape the direction of the site has for it: those it has not got first. */
export function offersFor(document: SiteDocument, page: Page): Offer[] {
  const has = new Set(page.sections.map((s) => kindOf(s.shape)));
  return Object.entries(kinds)
    .filter(([kind, { reason }]) => reason !== '' && !(kind === 'contact' && has.has('contact')))
    .map(([kind, { title, reason }]) => {
      const shape = shapeOfKind(document, page, kind);
      return { shape, title, character: shapes[shape]!.character, reason };
    })
    .sort((a, b) => Number(has.has(kindOf(a.shape))) - Number(has.has(kindOf(b.shape))));
}

/**
 * Gives ids for what is new of a site, `x…` for a section, one after the other: made from the site as it is, so that what
 * was taken out does not lend its id to what comes after it.
 */
function freshIds(document: SiteDocument): (letter: string) => string {
  const about = idFrom(JSON.stringify(document.pages));
  let given = 0;
  return (letter) => letter + idFrom(about, given++).slice(1);
}

/** The content of a shape’s sample with every text turned into a placeholder: shown as such, and kept from going live. */
function asPlaceholders(value: unknown): unknown {
  if (isText(value)) {
    const text: Text = value.value
      ? { value: value.value, from: { kind: 'placeholder', ask: 'What should stand here?' } }
      : { value: '', from: { kind: 'designer' } };
    return text;
  }
  if (Array.isArray(value)) return value.map(asPlaceholders);
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, asPlaceholders(v)]));
  return value;
}

/** The same with pictures of the site where the sample has some of its own: none where the site has none. */
function pictured(value: unknown, media: SiteDocument['media']): unknown {
  let n = 0;
  const walk = (v: unknown): unknown =>
    isPicture(v)
      ? { ...v, media: v.media && media.length ? media[n++ % media.length]!.id : '' }
      : Array.isArray(v)
        ? v.map(walk)
        : typeof v === 'object' && v !== null && !isText(v)
          ? Object.fromEntries(Object.entries(v).map(([k, inner]) => [k, walk(inner)]))
          : v;
  return walk(value);
}

/** A new section of a shape: in the writer’s words where it writes one like it, in placeholders where not. */
export function newSection(document: SiteDocument, shape: string): Section {
  const kind = kindOf(shape);
  const desk = deskFor(document.facts, document.seed, document);
  const known =
    kind === 'steps'
      ? [stepsSection(desk)]
      : writeVersion(document.facts, document.seed, document).pages.flatMap((p) => p.sections);
  const written = known.find((s) => kindOf(s.shape) === kind);
  const content =
    written?.content ?? (pictured(asPlaceholders(shapes[shape]!.sample), document.media) as Section['content']);
  const taken = new Set(document.forms.map((f) => f.id));
  if (typeof content['form'] === 'string' && !taken.has(content['form']))
    throw new Error('The site has no form for it.');
  const id = freshIds(document)('x');
  return {
    id,
    shape,
    reason: 'Put in by the designer.',
    ...(written?.feeds && { feeds: written.feeds }),
    content: anew(kind, content, id),
  };
}

/** The operation that puts a new section of a shape at a place on a page. */
export const addSection = (document: SiteDocument, page: string, shape: string, at: number): Operation => ({
  op: 'insertSection',
  page,
  section: newSection(document, shape),
  at,
});

/** The operation that takes a section out, and keeps another version from bringing its kind back to that page. */
export function takeOutSection(document: SiteDocument, id: string): Operation {
  const page = document.pages.find((p) => p.sections.some((s) => s.id === id));
  const section = page?.sections.find((s) => s.id === id);
  const remove = { op: 'removeSection', section: id } as const;
  if (!page || !section || page.sections.some((s) => s !== section && kindOf(s.shape) === kindOf(section.shape)))
    return remove;
  return {
    op: 'batch',
    operations: [
      remove,
      { op: 'setWithout', values: [...new Set([...document.without, `${page.id}/${kindOf(section.shape)}`])] },
    ],
  };
}

/** The operation that takes a page out, and keeps another version from bringing it back. */
export const takeOutPage = (document: SiteDocument, id: string): Operation => ({
  op: 'batch',
  operations: [
    { op: 'removePage', page: id },
    { op: 'setWithout', values: [...new Set([...document.without, id])] },
  ],
});

/** The operation that gives a page another label; its address follows unless that would collide or move a live page. */
export function renamePage(document: SiteDocument, id: string, label: string, keepAddress: boolean): Operation {
  const page = document.pages.find((p) => p.id === id)!;
  const wanted = slugOf(label);
  const collides = document.pages.some((p) => p.id !== id && p.slug === wanted);
  const slug = page.slug === '' || keepAddress || collides ? page.slug : wanted;
  return { op: 'setPage', ...namedOf(page), label: label.slice(0, 40), slug };
}

/** The pages a page can be put under: those that are under none themselves, while it has none under it. */
export const parentsFor = (document: SiteDocument, page: Page): Page[] =>
  page.slug === '' || childrenOf(document.pages, page).length
    ? []
    : document.pages.filter((p) => p !== page && p.slug !== '' && p.id !== 'contact' && !parentOf(document.pages, p));

/** The operation that puts a page under another, or back beside the others. */
export function nestPage(document: SiteDocument, id: string, parent: string | null): Operation {
  const { parent: _, ...named } = namedOf(document.pages.find((p) => p.id === id)!);
  return { op: 'setPage', ...named, ...(parent && { parent }) };
}

/** A page the site could have, with why, and the page itself. */
export interface PageOffer {
  label: string;
  reason: string;
  page: Page;
}

const claim = (value: string, line: string): Text => ({ value, from: { kind: 'pack', line, claim: true } });
const heading = (value: string): Text => ({ value, from: { kind: 'pack', line: 'any/page', claim: false } });
const ask = (value: string, question: string): Text => ({ value, from: { kind: 'placeholder', ask: question } });
const nothing: Text = { value: '', from: { kind: 'designer' } };

/** Pages that law and trade expect, and those the facts have material for, that the site has not got. */
export function pageOffers(document: SiteDocument): PageOffer[] {
  const { facts } = document;
  const fresh = freshIds(document);
  const section = (shape: string, reason: string, content: Section['content']): Section => {
    const id = fresh('x');
    return { id, shape, reason, content: complete(kindOf(shape), content, id) };
  };
  const page = (id: string, label: string, reason: string, menu: boolean, sections: Section[]): PageOffer => ({
    label,
    reason,
    page: {
      id,
      slug: slugOf(label),
      label,
      ...(!menu && { menu }),
      reason,
      seo: { title: null, description: null },
      sections,
    },
  });
  const language = languages[document.language];
  const { words } = language;
  const who = [facts.legalName || facts.name, facts.address.replace(/\s*\n\s*/g, ', '), facts.mail]
    .filter(Boolean)
    .join(', ');
  const tell = [facts.phone, facts.mail].filter(Boolean).join(', ') || facts.name;
  const law = (id: 'privacy' | 'accessibility' | 'imprint', reason: string, more: Text[] = []): PageOffer => {
    const { label, heading: title, sentences, ask: open }: LawPage = words[id];
    return page(id, label, reason, false, [
      section('opening/plain', 'Names the page.', { heading: heading(label), lead: nothing }),
      section('story/aside', 'Each sentence is to confirm with the client.', {
        heading: heading(title),
        paragraphs: [
          ...sentences.map((s, n) =>
            claim(s.replace('{who}', who || facts.name).replace('{tell}', tell), `${document.language}/${id}/${n}`),
          ),
          ...more,
          ...(open ? [ask(open.sentence, open.question)] : []),
        ],
      }),
    ]);
  };
  const priced = facts.services.filter((s) => s.price);
  const fact = (value: string): Text => ({
    value: value[0]!.toUpperCase() + value.slice(1),
    from: { kind: 'brief', quote: value },
  });
  const offers = [
    ...(priced.length > 1
      ? [
          page('prices', words.labels.prices, `The facts give ${priced.length} prices.`, true, [
            section('opening/plain', 'Names the page.', { heading: heading('What it costs'), lead: nothing }),
            section('prices/list', 'Every service that has a price.', {
              heading: heading('Prices'),
              items: priced.map((s) => ({ name: fact(s.name), text: nothing, price: fact(s.price) })),
            }),
          ]),
        ]
      : []),
    ...facts.services
      .filter((s) => s.detail.split(/\s+/).length >= 15 && speaks(language, facts))
      .map((s) =>
        page(`about-${s.id}`, s.name, `The client says ${s.detail.split(/\s+/).length} words about it.`, true, [
          section('opening/plain', 'Names the service.', {
            heading: fact(s.name),
            lead: s.price ? fact(s.price) : nothing,
          }),
          section('story/aside', 'The client’s own words about it.', {
            heading: heading(facts.name),
            paragraphs: splitSentences(s.detail).map(fact),
          }),
        ]),
      ),
    law('privacy', 'The law wants visitors told what becomes of what they send.'),
    law('accessibility', 'Says how the site can be used by everybody, and whom to tell where it cannot.'),
    law(
      'imprint',
      language.reading === 'en'
        ? 'Some trades and countries want it said who answers for a site.'
        : 'The law wants it said who answers for a site.',
      [
        ...(facts.phone ? [fact(`${words.imprint.phone}${facts.phone}`)] : []),
        ...(facts.mail ? [fact(`${words.imprint.mail}${facts.mail}`)] : []),
        ...facts.memberships.map(fact),
      ],
    ),
  ];
  return offers.filter((o) => !document.pages.some((p) => p.id === o.page.id || p.slug === o.page.slug));
}

/** A page of one’s own: a heading and a story to write. */
export function ownPage(document: SiteDocument, label: string): Operation {
  const fresh = freshIds(document);
  const [id, first, second] = [fresh('p'), fresh('x'), fresh('x')];
  const wanted = slugOf(label);
  const slug = document.pages.some((p) => p.slug === wanted) ? `${wanted}-${id}` : wanted;
  return {
    op: 'insertPage',
    at: document.pages.length,
    page: {
      id,
      slug,
      label: label.slice(0, 40),
      reason: 'Asked for by the designer.',
      seo: { title: null, description: null },
      sections: [
        {
          id: first,
          shape: 'opening/plain',
          reason: 'Names the page.',
          content: complete('opening', { heading: { value: label, from: { kind: 'designer' } } }, first),
        },
        {
          id: second,
          shape: 'story/aside',
          reason: 'What the page is for.',
          content: complete(
            'story',
            {
              heading: ask('A heading for it', 'What is this page about?'),
              paragraphs: [
                ask(
                  `What there is to say about ${label.toLowerCase()} goes here.`,
                  `What should the page “${label}” say?`,
                ),
              ],
            },
            second,
          ),
        },
      ],
    },
  };
}

/** True where a page bears the label every site of some language has there. */
const standardLabel = (page: Page): boolean =>
  Object.values(languages).some((l) => {
    const { labels } = l.words;
    return page.id === 'services'
      ? page.label === labels.services || page.label === labels.rooms
      : (page.id === 'questions' ? l.filled.questionsLabel : labels[page.id as 'home']) === page.label;
  });

/** The fields of a form nobody changed, in the words of this language. */
function formsIn(document: SiteDocument, fresh: readonly Form[]): Form[] {
  if (!document.forms.length) return [...fresh];
  const labelsOf = (form: Form) => form.fields.map((f) => f.label).join('|');
  const standard = Object.values(languages).map((l) => labelsOf(contactForm(l, '')));
  return document.forms.map((form) => {
    const now = fresh.find((f) => f.id === form.id);
    return now && standard.includes(labelsOf(form)) ? { ...now, deliverTo: form.deliverTo } : form;
  });
}

/** A first version without what was taken out of its plan before anything was drawn. The home page stays, and a section of each page. */
function withoutTaken(version: PutVersion, without: readonly string[]): PutVersion {
  const kept = version.pages.filter((p) => p.slug === '' || !without.includes(p.id));
  const pages = kept.map((page) => {
    const sections = page.sections.filter((s) => !without.includes(`${page.id}/${kindOf(s.shape)}`));
    const left = sections.length ? { ...page, sections } : page;
    return left.parent === undefined || parentOf(kept, left) ? left : withoutParent(left);
  });
  return { ...version, pages };
}

/** Pages only the writer makes. */
const WRITERS_PAGES = /^(?:services|about|questions|service-\d+)$/;
/** True where nobody has written on a page, put anything in or named it. */
const untouched = (page: Page): boolean =>
  standardLabel(page) &&
  !page.seo.title &&
  !page.seo.description &&
  page.sections.every((s) => !/^x[0-9a-f]+$/.test(s.id) && !hasWritten(s.content));

/**
 * Another version of a site that was already worked on: new words and look, and everything a person has done stays — texts
 * they wrote or vouched for, pages and sections they put in, took out, moved or renamed, titles and descriptions. Labels
 * nobody changed follow the language of the site; their addresses too, unless visitors know them already.
 */
export function rewriteVersion(document: SiteDocument, seed: number, keepAddresses = false): PutVersion {
  const written = writeVersion(document.facts, seed, document);
  if (!document.pages.length) return withoutTaken(written, document.without);
  // Other words, not another look: what is new is dressed like what is there.
  const fresh = {
    ...written,
    ...dressPages(written, directionOf(document.facts, packOf(document.facts), document.direction)),
  };
  // The writer counts sections anew each time: what is new to the site gets ids that were never on it, and what was there
  // keeps its own wherever the two would meet.
  const about = idFrom(JSON.stringify(document.pages));
  const numbered = (page: string, s: Section): Section => ({
    ...s,
    id: `s${idFrom(about, seed, page, s.id).slice(1)}`,
  });
  const own = (id: string) => /^x[0-9a-f]+$/.test(id);
  const pages = document.pages.flatMap((page): Page[] => {
    const next = fresh.pages.find((p) => p.id === page.id);
    // A page of the writer that there is nothing to say for any more goes; what a person has put their hand to stays, and
    // what visitors know.
    if (!next) return !keepAddresses && WRITERS_PAGES.test(page.id) && untouched(page) ? [] : [page];
    const kept: Section[] = [];
    const left = next.sections.filter((s) => !document.without.includes(`${page.id}/${kindOf(s.shape)}`));
    // In the order the designer has put the page in; what is new to it comes where the writer has it.
    for (const old of page.sections) {
      // What shows a collection says what stands there: no other version of it does.
      if (own(old.id) || old.shows) {
        kept.push(old);
        continue;
      }
      const n = left.findIndex((s) => kindOf(s.shape) === kindOf(old.shape));
      if (n < 0) {
        if (hasWritten(old.content)) kept.push(old);
        continue;
      }
      const [section] = left.splice(n, 1);
      kept.push(dressedAs(old, section!, document.facts));
    }
    for (const section of left)
      kept.splice(Math.min(kept.length, Math.max(1, next.sections.indexOf(section))), 0, numbered(page.id, section));
    const named =
      standardLabel(page) && page.label !== next.label
        ? { label: next.label, ...(!keepAddresses && { slug: next.slug }) }
        : {};
    return [{ ...page, ...named, sections: kept.length ? kept : page.sections }];
  });
  const missing = fresh.pages
    .filter((p) => !document.without.includes(p.id) && !pages.some((o) => o.id === p.id))
    .map((p) => ({ ...p, sections: p.sections.map((s) => numbered(p.id, s)) }));
  const kept = [...pages, ...missing];
  const all = kept.map((p) => (p.parent === undefined || parentOf(kept, p) ? p : withoutParent(p)));
  const shared = (now: Section | null, old: Section | null): Section | null =>
    now && old ? dressedAs(old, now, document.facts) : now;
  const known = new Set(document.media.map((m) => m.id));
  return {
    ...fresh,
    look: document.look,
    direction: document.direction,
    media: [...document.media, ...(fresh.media ?? []).filter((m) => !known.has(m.id))],
    pages: all,
    header: shared(fresh.header, document.header),
    footer: shared(fresh.footer, document.footer),
    forms: formsIn(document, fresh.forms),
  };
}
