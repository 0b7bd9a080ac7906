import { renderToString } from 'preact-render-to-string';
import { cloneElement, type VNode } from 'preact';
import { shortHash } from '../../ground/random.js';
import { hoursIn, otherTongue, phoneIn, speaks } from '../../brief/format.js';
import { directionOf } from '../../brief/reading/tongue.js';
import { languages } from '../../language/registry.gen.js';
import { families } from '../../look/type.js';
import { everySection, footerOf, headerOf, openerOf, waits } from '../../model/page.js';
import {
  DEVICES,
  FILE_TYPES,
  isText,
  type Collection,
  type Credit,
  type Medium,
  type Page,
  type Section,
  type SiteDocument,
  type SiteFile,
  type Text,
} from '../../model/site.js';
import { drawMedium } from '../../look/pictures/draw.js';
import { drawFavicon, drawMark } from '../../look/pictures/mark.js';
import { featuredPicture, iconPicture, SHARE_SIZE, sharePicture, type Raster } from '../../look/pictures/share.js';
import { sizeOfSvg } from '../../look/pictures/svg-size.js';
import { descriptionOf, jsonLd, otherDays, pagePath, robots, sitemap, titleOf } from '../seo/seo.js';
import { layoutAttributes, layoutsUsed } from '../../look/layout.js';
import { WIDTHS } from '../../look/widths.js';
import { complete } from '../../look/shapes/complete.js';
import { shapes } from '../../look/shapes/registry.gen.js';
import type { FormState, ShownPicture, Surroundings } from '../../look/shapes/shape.js';
import { fontCuts, fontPath, siteCss, type FontCut } from './css.js';
import { feedsAt, feedsOf } from '../../collections/feeds.js';
import { localAt } from '../../collections/times.js';
import { baseOf, expand, itemPath, movedItem, type Expanded } from '../../collections/expand.js';
import { itemData, pictureOfItem, publishedAt, questionsData } from '../../collections/data.js';
import { composed } from './composed.js';
import { layOut } from './lay-out.js';
import { published } from './on-hold.js';
import { Proofs } from './proofs.js';
import { saidIn, type Said } from './said.js';

/**
 * A file of a rendered site: its text (a drawing whose words are to become outlines where `outlined` says so), the package
 * specifier of bytes that ship with the product (a font cut down to what the site uses, where `cut` says so), the SHA-256
 * of bytes that are kept with the site’s pictures, or a picture of pixels still to be made.
 */
export type RenderedFile = { path: string; type: string } & (
  { text: string; outlined?: true } | { asset: string; cut?: FontCut } | { blob: string } | { raster: Raster }
);

export interface RenderOptions {
  /** The origin the site will be read at, for canonical addresses: `https://name.example`. */
  origin: string;
  /**
   * Marks every text with its place, draws pictures inline, and takes fonts from `fontBase` and picture files from
   * `mediaBase`: for the window. `only` shows one version whatever the device prefers.
   */
  window?: { fontBase: string; mediaBase?: string; only?: 'day' | 'night' };
  /** Where picture files are by their hash, for a page that is looked at before it is served: drawn ones are inline then. */
  mediaBase?: string;
  /** What a form answered, for the page that answers it. */
  formState?: FormState;
  /** The minute it is drawn for (UTC, `2026-06-14T08:30Z`); without it nothing of a collection is there that is planned. */
  at?: string;
  /** What was drawn of this site before, for this origin: only what is otherwise is drawn again. Kept up to date. */
  proofs?: SiteProofs;
  /** The path of the stylesheet where it is another one than would be made now: that of a release made before. */
  stylesheet?: string;
}

/** What was drawn of a site before. */
export type SiteProofs = Proofs<Share>;
export const newProofs = (): SiteProofs => new Proofs<Share>();

/** Where visitors send a form: the CMS answers here. */
export const formAction = (form: string): string => `/-/forms/${form}`;

/** The share picture of a page, and where it lies. */
interface Share {
  path: string;
  raster: Raster;
}

interface Files extends Pick<Surroundings, 'contacts' | 'branches'> {
  /** The site with its collections in place, and what in it is made of them. */
  expanded: Expanded;
  /** The pages of the site itself, for menus. */
  ownPages: readonly Page[];
  hours: string[];
  phone: string;
  css: string;
  cssPath: string;
  /** What the client’s own words are in, where that is not the site’s language. */
  tongue: ReturnType<Surroundings['own']> | null;
  cuts: Record<string, FontCut> | undefined;
  mark: Surroundings['mark'];
  /** Every picture of the site, ready to be shown, by its id. */
  shown: Map<string, ShownPicture | null>;
  /** The share pictures of pages, by page, and the pages of items that are shared with that of their list. */
  shares: Map<string, Share>;
  withList: ReadonlySet<string>;
  /** Those shown on the page that is being drawn. */
  onPage: Set<string>;
  /** The files of the pictures that are shown. */
  pictures: Map<string, RenderedFile>;
}

/** Where a file of a picture is on the site. `id` is that of the picture. */
export const fileAddress = (r: { hash: string; width: number; type: string }, id: string) =>
  `/pictures/${id}-${r.hash.slice(0, 10)}-${r.width}.${r.type.split('/')[1]}`;
const TYPES = ['image/avif', 'image/webp', 'image/jpeg', 'image/png'];

/** Drawings as addresses for the window: made once for each that is kept. */
const addresses = new WeakMap<object, string>();

/** A picture made ready to be shown; its files are noted in `files`. */
function show(
  medium: Medium,
  document: SiteDocument,
  options: RenderOptions,
  files: Map<string, RenderedFile>,
): ShownPicture {
  const aside = options.window ? (options.window.mediaBase ?? '') : options.mediaBase;
  const drawn = drawMedium(medium, document.look);
  if (drawn) {
    const { svg, width, height } = drawn;
    if (aside !== undefined) {
      let src = addresses.get(drawn);
      if (!src) addresses.set(drawn, (src = `data:image/svg+xml,${encodeURIComponent(svg)}`));
      return { src, width, height, sources: [], className: '' };
    }
    const path = `/pictures/${medium.id}-${shortHash(svg)}.svg`;
    files.set(path, { path, type: 'image/svg+xml', text: svg });
    return { src: path, width, height, sources: [], className: '' };
  }
  const { renditions, focus, id } = medium as Medium & { kind: 'file' };
  const address = (r: (typeof renditions)[number]) => {
    if (aside !== undefined) return `${aside}/${r.hash}`;
    const path = fileAddress(r, id);
    files.set(path, { path, type: r.type, blob: r.hash });
    return path;
  };
  const types = TYPES.filter((t) => renditions.some((r) => r.type === t));
  const ofType = (t: string) => renditions.filter((r) => r.type === t).sort((a, b) => a.width - b.width);
  const plain = ofType(types.at(-1)!).at(-1)!;
  return {
    src: address(plain),
    width: plain.width,
    height: plain.height,
    sources: types.slice(0, -1).map((type) => ({
      type,
      srcset: ofType(type)
        .map((r) => `${address(r)} ${r.width}w`)
        .join(', '),
    })),
    focus: focusOf({ focus }),
    className: `at-${focusOf({ focus })} of-${id}`,
  };
}

/** What stays in sight of a picture, in tenths from its left and its top. */
const focusOf = ({ focus }: { focus: readonly number[] }): string => focus.map((v) => Math.round(v * 10)).join('-');

/** The rules for the picture files of a site: what stays in sight of each, and the colour it has until it is there. */
function pictureRules(document: SiteDocument): string[] {
  const files = document.media.filter((m): m is Medium & { kind: 'file' } => m.kind === 'file');
  const places = new Set(files.map(focusOf));
  const lookAt = (p: string) =>
    `--look-at: ${p
      .split('-')
      .map((v) => `${Number(v) * 10}%`)
      .join(' ')};`;
  // Of pictures that are there on one kind of page alone.
  const placed = document.pages.flatMap((p) => p.sections.flatMap((s) => saidIn(s).on));
  const own = DEVICES.flatMap((device) => {
    const there = new Set(placed.flatMap((on) => files.find((m) => m.id === on[device]) ?? []).map(focusOf));
    const rules = [...there].sort().map((p) => `  .${device}-at-${p} {\n    ${lookAt(p)}\n  }`);
    return rules.length ? [`@container page ${WIDTHS[device]} {\n${rules.join('\n')}\n}`] : [];
  });
  return [
    ...[...places].sort().map((p) => `.at-${p} {\n  ${lookAt(p)}\n}`),
    ...own,
    // What is clear shows what is behind it.
    ...files
      .filter((m) => !m.renditions.some((r) => r.type === 'image/png'))
      .map((m) => `.of-${m.id} {\n  background: ${m.colour};\n}`),
  ];
}

function prepare(document: SiteDocument, options: RenderOptions, expanded: Expanded): Files {
  const { window } = options;
  const { items, further } = expanded;
  const sections = everySection(document);
  const said = sections.map(saidIn);
  // In the window the fonts are whole: a letter typed must not wait for another file.
  const cuts = window ? undefined : fontCuts(document.look, lettersOf(document, said));
  const shapesUsed = [...new Set(sections.map((s) => s.shape))];
  const css = siteCss(document.look, shapesUsed, {
    display: window ? 'swap' : 'optional',
    fontBase: window?.fontBase ?? '',
    pictures: pictureRules(document),
    longestWord: said.reduce((most, s) => Math.max(most, s.longestWord), 0),
    layouts: layoutsUsed(document),
    quiet: said.some((s) => s.quiet),
    // What can be worked on is to be seen.
    ...(window && { gone: 'opacity: 0.4;' }),
    ...(cuts && { cuts }),
    ...(window?.only && { only: window.only }),
  });
  const language = languages[document.language];
  const { facts } = document;
  const tongue = otherTongue(language, facts);
  return {
    expanded,
    ownPages: expanded.document.pages.filter((p) => !items.has(p.id) && !further.has(p.id)),
    hours: hoursIn(language, facts.hours),
    phone: phoneIn(language, facts.phone, facts),
    // What a number is for is said in the client’s words.
    contacts: speaks(language, facts) ? facts.contacts : [],
    branches: facts.branches
      .filter((b) => b.name && (b.address || b.phone || b.hours))
      .map((b) => ({ ...b, hours: hoursIn(language, b.hours) })),
    tongue: tongue ? { lang: tongue, dir: directionOf(tongue) } : null,
    css,
    cssPath: `/site-${shortHash(css)}.css`,
    cuts,
    ...drawPictures(document, options),
    onPage: new Set(),
    shares: new Map(),
    withList: sharedWithList(expanded),
  };
}

/** The letters of every text there is on a site. */
function lettersOf({ facts, pages, forms, language }: SiteDocument, said: readonly Said[]): string {
  const letters = new Set<string>();
  const meet = (words: string) => {
    for (const c of words) letters.add(c);
  };
  for (const s of said) meet(s.letters);
  for (const p of pages) meet(p.label);
  meet(JSON.stringify([facts, forms, languages[language].words]));
  return [...letters].join('');
}

/** The pictures and the mark of a site; a picture is only drawn where a place asks for it. */
function drawPictures(document: SiteDocument, options: RenderOptions): Pick<Files, 'mark' | 'shown' | 'pictures'> {
  const pictures = new Map<string, RenderedFile>();
  const { mark, look } = document;
  if (!mark) return { mark: null, shown: new Map(), pictures };
  const address = (svg: string): string => {
    if (options.window) return `data:image/svg+xml,${encodeURIComponent(svg)}`;
    const path = `/pictures/mark-${shortHash(svg)}.svg`;
    pictures.set(path, { path, type: 'image/svg+xml', text: svg, ...(mark.kind === 'drawn' && { outlined: true }) });
    return path;
  };
  const none = { shown: new Map<string, ShownPicture | null>(), pictures };
  if (mark.kind === 'file') {
    const src = address(mark.svg);
    return { mark: { src, night: src, deep: src, plate: true, ...sizeOfSvg(mark.svg) }, ...none };
  }
  const { day, night } = look;
  const onDeep = { ...day, text: day.onDeep, lead: day.onDeep, onLead: day.deep, ground: day.deep };
  const { svg, width, height } = drawMark(mark, look, day);
  // In the window the night is shown by itself, not by what the device prefers.
  const src = address(options.window?.only === 'night' ? drawMark(mark, look, night).svg : svg);
  return {
    mark: {
      src,
      night: options.window?.only ? src : address(drawMark(mark, look, night).svg),
      deep: address(drawMark(mark, look, onDeep).svg),
      plate: false,
      width,
      height,
    },
    ...none,
  };
}

/** The kind of section that does a page’s work where there is no such page. */
const DOES_THE_WORK: Record<string, string[]> = { contact: ['contact', 'visit', 'call'], services: ['services'] };

const kindOf = (section: Section) => section.shape.split('/')[0]!;

/** The name of a section within its page: its own, or its kind on the first of that kind, where no other is named so. */
function anchorOf(page: Page, section: Section): string | undefined {
  // Two that came from two pages may have one name: the first keeps it.
  const own = section.anchor;
  if (own !== undefined && page.sections.find((s) => s.anchor === own) === section) return own;
  const kind = kindOf(section);
  const first = page.sections.find((s) => kindOf(s) === kind && s.anchor === undefined);
  return first?.id === section.id && !page.sections.some((s) => s.anchor === kind) ? kind : undefined;
}

function linkTo(document: SiteDocument, id: string): string {
  const page = document.pages.find((p) => p.id === id);
  if (page) return pagePath(page);
  for (const kind of DOES_THE_WORK[id] ?? [])
    for (const p of document.pages) {
      const section = p.sections.find((s) => kindOf(s) === kind);
      if (section) return `${pagePath(p)}#${anchorOf(p, section) ?? kind}`;
    }
  return pagePath(document.pages[0]!);
}

/** Where a file for visitors is. */
const filePath = ({ id, ending }: SiteFile): string => `/files/${id}.${ending}`;

/** The files for visitors that something on the site leads to: no other is given out. */
function filesOf(document: SiteDocument): RenderedFile[] {
  if (!document.files) return [];
  const said = JSON.stringify([document.header, document.footer, document.pages, document.redirects]);
  return document.files
    .filter((f) => said.includes(`"file:${f.id}"`))
    .map((f) => ({ path: filePath(f), type: FILE_TYPES[f.ending], blob: f.hash }));
}

/** The address a link within a text leads to; null where what it leads to is not on the site any more. */
export function targetOf(document: SiteDocument, target: string): string | null {
  const file = target.startsWith('file:') && document.files?.find((f) => `file:${f.id}` === target);
  if (file !== false) return file ? filePath(file) : null;
  const within = /^page:([^#]+)(?:#(.+))?$/.exec(target);
  if (!within) return target;
  const page = document.pages.find((p) => p.id === within[1]);
  if (!page || within[2] === undefined) return page ? pagePath(page) : null;
  // What stands on a page that is on hold is not to be seen; its page is.
  if (page.hold !== undefined) return pagePath(page);
  const section = page.sections.find((s) => s.id === within[2]);
  const anchor = section && anchorOf(page, section);
  return section ? `${pagePath(page)}${anchor ? `#${anchor}` : ''}` : null;
}

/** Where an address that is no page’s leads; null where it leads nowhere, or what it led to is not on the site any more. */
export function redirectOf(document: SiteDocument, path: string): string | null {
  const from = path.replace(/\/+$/, '');
  const found = document.redirects?.find((r) => r.from === from);
  const target = found ? targetOf(document, found.to) : underMoved(document, from);
  return target === `${from}/` ? null : target;
}

/** Where the page of an item is that was at another address before, or whose list was; null where it was nothing of the kind. */
function underMoved(document: SiteDocument, from: string): string | null {
  const [, above, rest] = /^(\/.+)\/([^/]+)$/.exec(from) ?? [];
  if (!above || !document.collections) return null;
  const to = document.redirects?.find((r) => r.from === above)?.to;
  const pages = document.pages.filter(
    (p) => `page:${p.id}` === to || document.collections!.some((c) => c.page === p.id && `/${baseOf(c, p)}` === above),
  );
  return pages.map((p) => movedItem(document, p, rest!)).find((found) => found !== null) ?? null;
}

/** A picture of the site, noted as one that the page shows. */
function pictureOf(id: string, document: SiteDocument, options: RenderOptions, files: Files): ShownPicture | null {
  files.onPage.add(id);
  const known = files.shown.get(id);
  if (known !== undefined) return known;
  const medium = document.media.find((m) => m.id === id);
  const shown = medium ? show(medium, document, options, files.pictures) : null;
  files.shown.set(id, shown);
  return shown;
}

/**
 * All that a page is drawn from but the page itself: a page knows of others what menus and links say of them, and the home
 * page’s picture, which stands for pages that have none. Held against whole renderings in tests.
 */
const sharedBy = ({ origin, stylesheet }: RenderOptions, document: SiteDocument, files: Files): string => {
  const { facts, look, mark, language, media, forms, header, footer, pages } = document;
  const outline = files.ownPages.map(({ id, slug, label, menu, parent, hold, sections }) => [
    id,
    hold !== undefined,
    slug,
    label,
    menu,
    parent,
    sections.map((s) => [kindOf(s), s.anchor]),
  ]);
  const home = pages[0] && featuredPicture(document, pages[0])?.id;
  const fonts = Object.keys(files.cuts ?? {}).map((id) => fontPath(id, files.cuts?.[id]));
  return JSON.stringify([
    origin,
    stylesheet ?? files.cssPath,
    fonts,
    home,
    outline,
    [facts, look, mark, language, media, forms, header, footer],
    document.files?.map(filePath),
  ]);
};

/** Pages and items as JSON: they never change, another takes the place of one. */
const asJson = new WeakMap<object, string>();
function jsonOf(value: object): string {
  let json = asJson.get(value);
  if (json === undefined) asJson.set(value, (json = JSON.stringify(value)));
  return json;
}

/** A page with all that is said on it beside its own sections: of the collections, and of the year it is drawn in. */
function ofPage(document: SiteDocument, page: Page, files: Files, options: RenderOptions): string {
  const { expanded } = files;
  const year =
    page.slug === '' && options.at
      ? JSON.stringify(otherDays(document.facts.hours, todayOf(document, options.at)))
      : '';
  if (!document.collections) return `${jsonOf(page)}${year}`;
  const item = expanded.items.get(page.id)?.item;
  const beside = JSON.stringify([aroundOf(document, page, expanded), feedsAt(document, page)]);
  return `${jsonOf(page)}\n${item ? jsonOf(item) : ''}\n${beside}${year}${files.withList.has(page.id) ? shareOf(document, page, files).path : ''}`;
}

function surroundings(
  document: SiteDocument,
  page: Page | null,
  section: Section,
  first: boolean,
  options: RenderOptions,
  files: Files,
): Surroundings {
  return {
    facts: document.facts,
    page,
    pages: files.ownPages,
    words: languages[document.language].words,
    hours: files.hours,
    phone: files.phone,
    contacts: files.contacts,
    branches: files.branches,
    anchor: page ? anchorOf(page, section) : undefined,
    look: document.look,
    ground: section.ground ?? 'plain',
    mark: files.mark,
    editing: options.window !== undefined,
    language: document.language,
    // Where a list has no heading of its own, those of its items come next below that of the page.
    level: first || (section.shows && !isHeaded(section)) ? 1 : 2,
    link: (id) => linkTo(document, id),
    target: (target) => targetOf(document, target),
    picture: (id) => pictureOf(id, document, options, files),
    form: (id) => {
      const form = document.forms.find((f) => f.id === id);
      const state = options.formState?.form === id ? options.formState : null;
      return form ? { form, action: formAction(id), state } : null;
    },
    own: (text) => (files.tongue && areTheirWords(text) ? files.tongue : {}),
    part: (path) =>
      options.window && !(section.shows && path.startsWith('items.'))
        ? { 'data-part': `${section.id}/${path}` }
        : ({} as Record<string, string>),
    place: (picture) => {
      // What stands in a collection is changed there.
      const path = options.window && !section.shows && pathTo(section.content, picture);
      return path ? { 'data-picture': `${section.id}/${path}` } : ({} as Record<string, string>);
    },
    whole: {
      ...layoutAttributes(section),
      ...(options.window && { 'data-section': section.id }),
      ...(waits(section) && { 'data-hidden': '' }),
    },
  };
}

/** Whether a section has a heading that says something. */
const isHeaded = ({ content: { heading } }: Section): boolean => isText(heading) && heading.value !== '';

/** The path to a value within another, by what it is and not by what it says; null where it is not in it. */
function pathTo(within: unknown, value: unknown): string | null {
  if (typeof within !== 'object' || within === null) return null;
  for (const [key, inner] of Object.entries(within)) {
    // Items are known by their ids.
    const name = Array.isArray(within) ? String((inner as { id?: string }).id) : key;
    if (inner === value) return name;
    const rest = pathTo(inner, value);
    if (rest !== null) return `${name}.${rest}`;
  }
  return null;
}

/** True for words of the client that stand as they wrote them, and are not told in the words of the site. */
const areTheirWords = ({ value, from }: Text): boolean =>
  from.kind === 'brief' && from.quote.toLowerCase().includes(value.trim().replace(/[.…]$/, '').toLowerCase());

function drawSection(
  document: SiteDocument,
  page: Page | null,
  section: Section | null,
  first: boolean,
  options: RenderOptions,
  files: Files,
): VNode | null {
  const shape = section && shapes[section.shape];
  if (!section || !shape) return null;
  const at = surroundings(document, page, section, first, options, files);
  // What has no band around it gets the mark of its section itself.
  const drawn = shape.Component({ content: section.content as never, at });
  return drawn && typeof drawn.type === 'string' ? cloneElement(drawn, at.whole) : drawn;
}

/** Of so many items of a collection, the newest, each has a share picture of its own: they are long in the making. */
const MOST_SHARES = 240;
/** The pages of older items of large collections, and those that continue a list. */
function sharedWithList({ items, further }: Expanded): Set<string> {
  const byCollection = new Map<Collection, { id: string; since: string }[]>();
  for (const [id, { collection, item }] of items) {
    const all = byCollection.get(collection) ?? [];
    byCollection.set(collection, all);
    all.push({ id, since: item.from ?? item.made });
  }
  const older = [...byCollection.values()].flatMap((all) =>
    all.length <= MOST_SHARES
      ? []
      : all.sort((a, b) => (a.since === b.since ? 0 : a.since < b.since ? 1 : -1)).slice(MOST_SHARES),
  );
  return new Set([...older.map((o) => o.id), ...further.keys()]);
}

/** The share picture of a page and where it lies: named for all that is on it. */
function shareOf(document: SiteDocument, page: Page, files: Files): Share {
  const list = files.withList.has(page.id) && pagesById(document.pages).get(page.parent ?? '');
  if (list) return shareOf(document, list, files);
  let share = files.shares.get(page.id);
  if (!share) {
    const raster = sharePicture(document, page);
    share = { path: `/share/${page.id}-${shortHash(JSON.stringify(raster))}.jpg`, raster };
    files.shares.set(page.id, share);
  }
  return share;
}

/** The web application manifest (W3C) of a site: what it is called and looks like on the screen of a device. */
const manifestOf = ({ facts, language, look }: SiteDocument): string =>
  `${JSON.stringify(
    {
      name: facts.name,
      lang: language,
      start_url: '/',
      display: 'browser',
      background_color: look.day.ground,
      theme_color: look.day.ground,
      icons: ICON_SIZES.map((s) => ({ src: `/icon-${s}.png`, sizes: `${s}x${s}`, type: 'image/png' })),
    },
    null,
    2,
  )}\n`;
const ICON_SIZES = [180, 512];

/** The day it is at a site at an instant: `2026-06-14`. */
const todayOf = (document: SiteDocument, at: string): string => localAt(document, at).slice(0, 10);
/** What machines are told of a page: the business on the home page, an item on its own, the questions where they are asked. */
function dataOf(document: SiteDocument, page: Page, options: RenderOptions, files: Files): object[] {
  const { origin } = options;
  const of = files.expanded.items.get(page.id);
  if (of) {
    const { collection, item } = of;
    const media = pictureOfItem(item);
    const picture = media === null ? null : (pictureOf(media, document, options, files)?.src ?? null);
    return [itemData(document, collection, item, { origin, url: `${origin}${pagePath(page)}`, picture })];
  }
  const asked = page.sections.flatMap(({ shape, shows, content: { items } }) =>
    shows && shape.startsWith('questions/') && Array.isArray(items) ? (items as Record<string, unknown>[]) : [],
  );
  const questions = questionsData(asked);
  const today = options.at === undefined ? undefined : todayOf(document, options.at);
  return [...(page.slug === '' ? [jsonLd(document, origin, today)] : []), ...(questions ? [questions] : [])];
}
const Data = ({ data }: { data: object }): VNode => (
  <script
    type="application/ld+json"
    dangerouslySetInnerHTML={{ __html: JSON.stringify(data).replace(/</g, '\\u003c') }}
  />
);

/** The way on from the page of an item, and from a part of a long list to the next. */
function Around({
  document,
  page,
  expanded,
}: {
  document: SiteDocument;
  page: Page;
  expanded: Expanded;
}): VNode | null {
  const { collections } = languages[document.language].words;
  const links = aroundOf(document, page, expanded);
  if (!links.length) return null;
  return (
    <nav class="around" aria-label={collections.inList}>
      <ul>
        {links.map(({ rel, href, label }) => (
          <li key={href} class={rel}>
            <a href={href} rel={rel === 'up' ? undefined : rel}>
              {label}
            </a>
          </li>
        ))}
      </ul>
    </nav>
  );
}
interface Way {
  rel: 'prev' | 'up' | 'next';
  href: string;
  label: string;
}
const byId = new WeakMap<readonly Page[], ReadonlyMap<string, Page>>();
/** The pages of a site by their ids: found once for each set of them. */
function pagesById(pages: readonly Page[]): ReadonlyMap<string, Page> {
  let found = byId.get(pages);
  if (!found) byId.set(pages, (found = new Map(pages.map((p) => [p.id, p]))));
  return found;
}
function aroundOf(document: SiteDocument, page: Page, { items, further, lists }: Expanded): Way[] {
  const { collections } = languages[document.language].words;
  const of = items.get(page.id);
  if (of) {
    const above = document.pages.find((p) => p.id === page.parent);
    const path = above && pagePath(above);
    return path !== undefined && itemPath(document, of.collection, of.item) !== null
      ? [{ rel: 'up', href: path, label: collections.allOf(above!.label) }]
      : [];
  }
  const part = further.get(page.id);
  const [first, nth, pages] = part ? [part.of, part.nth, part.pages] : [page, 1, lists.get(page.id) ?? 1];
  if (pages < 2) return [];
  const at = (n: number) => {
    const there = n === 1 ? first : pagesById(document.pages).get(`${first.id}--more-${n}`);
    return there && pagePath(there);
  };
  const way = (rel: Way['rel'], n: number, label: string): Way[] => {
    const href = at(n);
    return href === undefined ? [] : [{ rel, href, label: `${label} (${collections.part(n, pages)})` }];
  };
  return [
    ...(nth > 1 ? way('prev', nth - 1, collections.before) : []),
    ...(nth < pages ? way('next', nth + 1, collections.after) : []),
  ];
}

/** Who is to be named for pictures of the page, as their licences ask. Drawn last, when it is known what the page shows. */
function Credits({ document, files }: { document: SiteDocument; files: Files }): VNode | null {
  const named = document.media.flatMap((m) =>
    m.kind !== 'made' && files.onPage.has(m.id) && asksForName(m.credit) ? [m.credit] : [],
  );
  if (!named.length) return null;
  const once = [...new Map(named.map((c) => [`${c.by}, ${c.licence}`, c])).entries()];
  const { words } = languages[document.language];
  return (
    <aside class="picture-credits" aria-label={words.pictures}>
      <p>
        {words.pictures}: {once.map(([said]) => said).join('; ')}
      </p>
    </aside>
  );
}

/** True where a licence asks that its author is named: what is nobody’s, or the client’s own, does not. */
const asksForName = ({ by, licence }: Credit): boolean =>
  by !== '' && licence !== '' && !/cc0|public domain|own\b|gemeinfrei|domaine public|dominio público/i.test(licence);

function drawPage(
  document: SiteDocument,
  page: Page,
  title: string,
  options: RenderOptions,
  files: Files,
  indexed: boolean,
): string {
  const description = descriptionOf(document, page);
  const canonical = `${options.origin}${pagePath(page)}`;
  const preload = [...new Set([document.look.heading, document.look.reading])];
  const opener = openerOf(page);
  files.onPage.clear();
  const body = (
    <html lang={document.language}>
      <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <title>{title}</title>
        <meta name="description" content={description} />
        {indexed ? <link rel="canonical" href={canonical} /> : <meta name="robots" content="noindex" />}
        <meta property="og:type" content="website" />
        <meta property="og:title" content={title} />
        <meta property="og:description" content={description} />
        <meta property="og:url" content={canonical} />
        <meta property="og:site_name" content={document.facts.name} />
        <meta property="og:locale" content={languages[document.language].locale} />
        {!options.window && indexed && (
          <>
            <meta property="og:image" content={`${options.origin}${shareOf(document, page, files).path}`} />
            <meta property="og:image:width" content={String(SHARE_SIZE.width)} />
            <meta property="og:image:height" content={String(SHARE_SIZE.height)} />
            <meta property="og:image:alt" content={title} />
            <meta name="twitter:card" content="summary_large_image" />
          </>
        )}
        <meta name="theme-color" content={document.look.day.ground} />
        <meta name="theme-color" media="(prefers-color-scheme: dark)" content={document.look.night.ground} />
        <link rel="icon" href="/favicon.svg" type="image/svg+xml" />
        <link rel="apple-touch-icon" href="/icon-180.png" />
        <link rel="manifest" href="/site.webmanifest" />
        {preload.map((id) => (
          <link
            key={id}
            rel="preload"
            href={fontPath(id, files.cuts?.[id])}
            as="font"
            type="font/woff2"
            crossorigin="anonymous"
          />
        ))}
        <link rel="stylesheet" href={options.stylesheet ?? files.cssPath} />
        {indexed &&
          feedsAt(document, page).map((feed) => (
            <link key={feed.path} rel="alternate" type={feed.type} title={feed.title} href={feed.path} />
          ))}
        {indexed && dataOf(document, page, options, files).map((data, n) => <Data key={n} data={data} />)}
      </head>
      <body>
        <a class="skip" href="#main">
          {languages[document.language].words.skip}
        </a>
        {drawSection(document, page, headerOf(document, page), false, options, files)}
        <main id="main" lang={files.expanded.items.get(page.id)?.item.language}>
          {page.sections.map((s) => drawSection(document, page, s, s === opener, options, files))}
          <Around document={document} page={page} expanded={files.expanded} />
        </main>
        {drawSection(document, page, footerOf(document, page), false, options, files)}
        <Credits document={document} files={files} />
      </body>
    </html>
  );
  return `<!doctype html>\n${layOut(renderToString(body))}`;
}

/** A page for an address the site does not have. */
function notFoundPage({ language, pages }: SiteDocument): Page {
  const { words } = languages[language];
  const text = (value: string) => ({ value, from: { kind: 'designer' as const } });
  const menu = pages.filter((p) => p.slug !== '' && p.menu !== false).length > 0;
  return {
    id: 'not-found',
    slug: 'not-found',
    label: words.notFoundTitle,
    reason: '',
    seo: { title: null, description: text(words.notFoundLead) },
    sections: [
      {
        id: 'not-found-opening',
        shape: 'opening/plain',
        reason: '',
        content: complete(
          'opening',
          {
            heading: text(words.notFound),
            lead: text(`${words.notFoundLead} ${menu ? words.notFoundMenu : words.notFoundHome}`),
          },
          'not-found',
        ),
      },
    ],
  };
}

/** A page of a site as HTML, with the answer to a form where there is one. */
export function renderPage(site: SiteDocument, pageId: string, options: RenderOptions): string | undefined {
  const expanded = expand(composed(published(site)), options.at);
  const { document } = expanded;
  const page = document.pages.find((p) => p.id === pageId);
  return (
    page &&
    drawPage(
      document,
      page,
      titleOf(document, page),
      options,
      prepare(document, options, expanded),
      options.formState === undefined && page.hold === undefined,
    )
  );
}

/** What the window shows: a page’s HTML with every text marked, and the site’s CSS beside it. */
export function renderWindow(
  site: SiteDocument,
  pageId: string,
  fontBase: string,
  { at, ...more }: { mediaBase?: string; only?: 'day' | 'night'; at?: string } = {},
): { html: string; css: string } | undefined {
  const expanded = expand(site, at, pageId);
  const { document } = expanded;
  const page = document.pages.find((p) => p.id === pageId) ?? document.pages[0];
  if (!page) return undefined;
  const options: RenderOptions = { origin: 'https://window.invalid', window: { fontBase, ...more }, ...(at && { at }) };
  const files = prepare(document, options, expanded);
  return { html: drawPage(document, page, titleOf(document, page), options, files, false), css: files.css };
}

/**
 * Renders a site whole. Pure and deterministic: the same document and options give the same files, sorted by path.
 */
export function render(site: SiteDocument, options: RenderOptions): RenderedFile[] {
  const proofs = options.proofs ?? newProofs();
  const composedSite = composed(published(site));
  const expanded = expand(options.proofs ? proofs.settled(composedSite) : composedSite, options.at);
  const { document } = expanded;
  const files = prepare({ ...document, pages: [...document.pages, notFoundPage(document)] }, options, expanded);
  const shared = sharedBy(options, document, files);
  proofs.begin();
  const out: RenderedFile[] = document.pages.map((page) => {
    const { proof, before } = proofs.of(page.id, shared, ofPage(document, page, files, options), () => ({
      html: drawPage(document, page, titleOf(document, page), options, files, page.hold === undefined),
      pictures: [...files.onPage],
      share: shareOf(document, page, files),
    }));
    if (before) {
      // The files of its pictures are files of the site, whoever drew the page.
      for (const id of proof.pictures) pictureOf(id, document, options, files);
      files.shares.set(page.id, proof.share);
    }
    return { path: `${pagePath(page)}index.html`, type: 'text/html; charset=utf-8', text: proof.html };
  });
  proofs.end();
  const missing = notFoundPage(document);
  out.push(
    {
      path: '/404.html',
      type: 'text/html; charset=utf-8',
      text: drawPage(document, missing, `${missing.label} – ${document.facts.name}`, options, files, false),
    },
    { path: files.cssPath, type: 'text/css; charset=utf-8', text: files.css },
    {
      path: '/favicon.svg',
      type: 'image/svg+xml',
      text: drawFavicon(document.facts.name, document.mark, document.look.day),
    },
    ...ICON_SIZES.map((size) => ({
      path: `/icon-${size}.png`,
      type: 'image/png',
      raster: iconPicture(document, size),
    })),
    { path: '/site.webmanifest', type: 'application/manifest+json', text: manifestOf(document) },
    ...document.pages.flatMap((page) =>
      files.withList.has(page.id) ? [] : [{ ...shareOf(document, page, files), type: 'image/jpeg' }],
    ),
    {
      path: '/sitemap.xml',
      type: 'application/xml; charset=utf-8',
      text: sitemap(document, options.origin, (page) => changedAt(expanded, page)),
    },
    ...(document.collections ?? []).flatMap((collection) =>
      feedsOf(document, collection, options.origin, options.at).map(({ path, type, text }) => ({
        path,
        type: `${type}; charset=utf-8`,
        text,
      })),
    ),
    { path: '/robots.txt', type: 'text/plain; charset=utf-8', text: robots(options.origin) },
    ...files.pictures.values(),
    ...filesOf(document),
    ...[...new Set([document.look.heading, document.look.reading])].map((id) => ({
      path: fontPath(id, files.cuts?.[id]),
      type: 'font/woff2',
      asset: families[id]!.file,
      ...(files.cuts && { cut: files.cuts[id]! }),
    })),
  );
  return out.sort((a, b) => (a.path < b.path ? -1 : 1));
}

/** When a page was last said to be otherwise; null where it is not to be found any more, undefined where nobody says. */
function changedAt({ items }: Expanded, page: Page): string | null | undefined {
  const of = items.get(page.id);
  return of && (of.state === 'over' ? null : publishedAt(of.item));
}
