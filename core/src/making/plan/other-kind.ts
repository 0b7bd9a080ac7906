import {
  isPicture,
  isText,
  type ButtonText,
  type Picture,
  type Section,
  type SiteDocument,
  type Text,
} from '../../model/site.js';
import { isFrame, openerOf } from '../../model/page.js';
import type { SingleOperation } from '../../operations/operation.js';
import { findSection } from '../../operations/reach.js';
import { complete } from '../../look/shapes/complete.js';
import { kinds, shapes } from '../../look/shapes/registry.gen.js';
import { kindOf, shapeOfKind } from './plan.js';
import { whereIs } from './sections.js';

/** What stands in a section, whatever its kind calls it. */
interface Matter {
  heading?: Text;
  /** Running text, in order. */
  texts: Text[];
  items: { id: string; name?: Text; text?: Text; price?: Text; detail?: Text; picture?: Picture }[];
  picture?: Picture;
  action?: Text;
}

const NAMES = ['name', 'question', 'caption', 'label'];
const TEXTS = ['text', 'answer'];
const DETAILS = ['role', 'detail', 'place', 'date'];
const RUNNING = ['lead', 'text', 'note'];

const first = (of: Record<string, unknown>, names: readonly string[]): Text | undefined => {
  for (const name of names) if (isText(of[name]) && of[name].value) return of[name];
  return undefined;
};
const given = <K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> =>
  (value === undefined ? {} : { [key]: value }) as Partial<Record<K, V>>;

function matterOf({ content }: Section): Matter {
  const lists = Object.values(content).filter(Array.isArray) as Record<string, unknown>[][];
  const paragraphs = lists.flat().filter(isText) as (Text & { id: string })[];
  const items = lists.flat().filter((i) => !isText(i));
  const { picture, action, heading } = content;
  return {
    ...given('heading', isText(heading) && heading.value ? heading : undefined),
    texts: [...RUNNING.flatMap((name) => first(content, [name]) ?? []), ...paragraphs],
    items: items.map((i) => ({
      id: i['id'] as string,
      ...given('name', first(i, NAMES)),
      ...given('text', first(i, TEXTS)),
      ...given('price', first(i, ['price'])),
      ...given('detail', first(i, DETAILS)),
      ...given('picture', isPicture(i['picture']) && i['picture'].media ? i['picture'] : undefined),
    })),
    ...given('picture', isPicture(picture) && picture.media ? picture : undefined),
    ...given('action', isText(action) && action.value ? action : undefined),
  };
}

interface Field {
  $comment?: string;
  type?: string;
  maxItems?: number;
  items?: { $comment?: string; properties?: Record<string, unknown> };
}
const bare = ({ value, from, marks, to, as }: ButtonText): ButtonText => ({
  value,
  from,
  ...(marks && { marks }),
  ...(to !== undefined && { to }),
  ...(as && { as }),
});

/** The matter of one section as the content of another kind, as far as that has places for it. */
function poured(kind: string, matter: Matter, about: string): Section['content'] {
  const fields = kinds[kind]!.content.properties as Record<string, Field>;
  const content: Record<string, unknown> = {};
  const running = [...matter.texts];
  if (fields['heading'] && matter.heading) content['heading'] = bare(matter.heading);
  if (fields['action'] && matter.action) content['action'] = bare(matter.action);
  const pictures = [matter.picture, ...matter.items.map((i) => i.picture)].flatMap((p) => p ?? []);
  if (fields['picture'] && pictures[0]) content['picture'] = pictures[0];
  for (const name of RUNNING)
    if (fields[name]?.$comment === 'text' && running.length) content[name] = bare(running.shift()!);
  for (const [name, field] of Object.entries(fields)) {
    if (field.type !== 'array') continue;
    const most = field.maxItems ?? 24;
    if (field.items?.$comment === 'text') {
      // A list of texts: paragraphs have what runs on, then what items say; points have the names of items.
      const said = matter.items.flatMap((i) => (name === 'paragraphs' ? (i.text ?? i.name ?? []) : (i.name ?? [])));
      content[name] = [...(name === 'paragraphs' ? running.splice(0) : []), ...said].slice(0, most).map(bare);
      continue;
    }
    const own = Object.keys(field.items?.properties ?? {});
    const [toName, toText] = [NAMES, TEXTS].map((names) => names.find((n) => own.includes(n)));
    const toDetail = DETAILS.find((n) => own.includes(n));
    const items = matter.items.length
      ? matter.items
      : toText
        ? running.splice(0).map((text, n) => ({ id: `p${n}`, text }) as Matter['items'][number])
        : own.includes('picture') && matter.picture
          ? [{ id: 'p', picture: matter.picture }]
          : [];
    content[name] = items.slice(0, most).map((i) => ({
      id: i.id,
      ...(toName && i.name && { [toName]: bare(i.name) }),
      ...(toText && i.text && { [toText]: bare(i.text) }),
      ...(own.includes('price') && i.price && { price: bare(i.price) }),
      ...(toDetail && i.detail && { [toDetail]: bare(i.detail) }),
      ...(own.includes('picture') && i.picture && { picture: i.picture }),
    }));
  }
  return complete(kind, content, about);
}

/** Every word of a section, as it stands; what pictures show is none of them. */
function wordsIn(value: unknown): string[] {
  if (isText(value)) return value.value ? [value.value] : [];
  if (isPicture(value) || typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(wordsIn);
}

/** Kinds whose matter is not words and pictures alone, or that are a page's top: none is made of another, nor another of it. */
const APART = new Set([
  'opening',
  'contact',
  'hours',
  'visit',
  'figures',
  'table',
  'compare',
  'downloads',
  'header',
  'footer',
]);
/** How much of the words have to come along. */
const KEPT = 0.6;

/** A section as another kind: what it would be, and the words of it there is no place for. */
export interface OtherKind {
  shape: string;
  title: string;
  operation: SingleOperation;
  left: string[];
}

/**
 * The kinds a section could be instead, those that keep most of it first, each in a shape that suits the site. Its id, its
 * ground and how it is laid out stay, so that links to it do too.
 */
export function otherKinds(document: SiteDocument, id: string): OtherKind[] {
  const section = findSection(document, id);
  const place = section && whereIs(document, id);
  if (!section || !place || isFrame(section) || APART.has(kindOf(section.shape)) || openerOf(place.page) === section)
    return [];
  const matter = matterOf(section);
  const words = wordsIn(section.content);
  const letters = (all: readonly string[]) => all.reduce((n, w) => n + w.length, 0);
  return Object.keys(kinds)
    .filter((kind) => !APART.has(kind) && kind !== kindOf(section.shape))
    .flatMap((kind) => {
      const content = poured(kind, matter, `${id} ${kind}`);
      const there = wordsIn(content);
      const left = words.filter((w) => !there.includes(w));
      const share = 1 - letters(left) / Math.max(1, letters(words));
      if (!words.length || share < KEPT) return [];
      const shape = shapeOfKind(document, place.page, kind);
      const operation: SingleOperation = { op: 'putSection', section: { ...section, shape, content } };
      return [{ shape, title: shapes[shape]!.title, operation, left, share }];
    })
    .sort((a, b) => b.share - a.share)
    .map(({ share: _, ...kind }) => kind);
}
