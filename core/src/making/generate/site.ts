import type { FieldForm } from '../../model/marks.js';
import { asPublished, sectionsOf } from '../../model/page.js';
import { directionOf, lookOf } from '../directions/direction.js';
import { decide, materialOf } from '../plan/decide.js';
import {
  isPicture,
  isText,
  needsConfirming,
  SCHEMA_VERSION,
  shortLabel,
  type Facts,
  type Fill,
  type Page,
  type Section,
  type SiteDocument,
  type Text,
} from '../../model/site.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import { languages, type LanguageTag } from '../../language/registry.gen.js';
import { languageOfFacts } from '../../brief/format.js';
import { packOf } from '../../brief/trades/packs.js';

/** The language a site is first meant for: the one the brief is in. */
export const languageFor = (facts: Facts): LanguageTag => {
  const told = languageOfFacts(facts);
  return (Object.keys(languages) as LanguageTag[]).find((t) => languages[t].reading === told) ?? 'en-GB';
};

/** The direction all of whose parts have one number; numbers past the last begin again. */
export function directionNumbered(number: number) {
  const n = 1 + ((number + 99998) % 99999);
  return { layout: n, colours: n, type: n, finish: n };
}

/** Fewer pages than this are no site for most people. */
const THIN = 4;
/** Whether a site begins filled out: where what was said carries only a page or three. */
function fillFor(facts: Facts, language: LanguageTag): Fill {
  const { single, services, about, prices, own } = decide(facts, materialOf(facts, languages[language]), 'middle');
  const pages = [services, about, prices].filter(Boolean).length + own.length + (single ? 1 : 2);
  return pages < THIN ? 'full' : 'said';
}

/** A site that is only a brief so far. */
export function newDocument(id: string, facts: Facts, seed = 1, language = languageFor(facts)): SiteDocument {
  return {
    schema: SCHEMA_VERSION,
    id,
    seed,
    language,
    length: 'middle',
    fill: fillFor(facts, language),
    facts,
    corrections: [],
    without: [],
    look: lookOf(directionOf(facts, packOf(facts), directionNumbered(seed))),
    direction: directionNumbered(seed),
    board: { shown: [], favourites: [] },
    mark: null,
    media: [],
    header: null,
    pages: [],
    footer: null,
    forms: [],
  };
}

/** A text of a section with its place and what to call it. */
export interface PlacedText {
  section: Section;
  page: Page | null;
  path: string;
  label: string;
  long: boolean;
  /** What may be done with its words. */
  form: FieldForm;
  text: Text;
}

interface FieldSchema {
  title?: string;
  long?: boolean;
  form?: FieldForm;
  properties?: Record<string, FieldSchema>;
  items?: FieldSchema;
}

function* walk(
  value: unknown,
  schema: FieldSchema | undefined,
  path: string,
  prefix: string,
): Generator<Omit<PlacedText, 'section' | 'page'>> {
  if (isText(value))
    yield {
      path,
      label: `${prefix}${schema?.title ?? shortLabel(path)}`,
      long: schema?.long ?? false,
      form: schema?.form ?? 'words',
      text: value,
    };
  // A place without a picture has nothing to say in words.
  else if (isPicture(value) && !value.media) return;
  else if (Array.isArray(value))
    for (const [n, item] of value.entries())
      yield* walk(
        item,
        schema?.items,
        `${path}.${(item as { id: string }).id}`,
        value.length > 1 ? `${n + 1}. ` : prefix,
      );
  else if (typeof value === 'object' && value !== null)
    // In the order of the shape’s fields: stored documents do not keep the order of their own.
    for (const [key, inner] of Object.entries(schema?.properties ?? {}))
      if (key in value)
        yield* walk((value as Record<string, unknown>)[key], inner, path ? `${path}.${key}` : key, prefix);
}

/** The texts of one section in the order its shape holds them. */
export function textsOf(section: Section, page: Page | null = null): PlacedText[] {
  // A section never changes: another one takes its place. It is asked for its texts many times between two of them.
  let found = known.get(section);
  if (!found) {
    const schema = shapes[section.shape]?.content as FieldSchema | undefined;
    known.set(section, (found = [...walk(section.content, schema, '', '')]));
  }
  return found.map((t) => ({ section, page, ...t }));
}
const known = new WeakMap<Section, Omit<PlacedText, 'section' | 'page'>[]>();

/** Every text of a site: shared ones first, then page by page. */
export function allTexts(document: SiteDocument): PlacedText[] {
  return [
    ...[document.header, document.footer].flatMap((s) => (s ? textsOf(s) : [])),
    ...document.pages.flatMap((p) => sectionsOf(p).flatMap((s) => textsOf(s, p))),
  ];
}

/** What to ask the client about a text that nobody has vouched for. */
export function questionFor(text: Text): string {
  if (text.from.kind === 'placeholder') return text.from.ask;
  if (text.from.kind === 'service' && text.from.unbacked.length) return `Is this so: ${text.from.unbacked.join('; ')}?`;
  return `Is it true, and in your words: “${text.value}”`;
}

/** Every text that nobody has vouched for yet. */
export const toConfirm = (document: SiteDocument): PlacedText[] =>
  allTexts(asPublished(document)).filter((t) => needsConfirming(t.text));
