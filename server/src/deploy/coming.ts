import { load } from 'cheerio/slim';
import { drawnAt, redirectOf, type RenderedFile } from '@tin-porch/core/page';
import type { SiteDocument } from '@tin-porch/core/model';
import { drawnRelease, type DrawnText } from '@tin-porch/press';
import { some } from '@tin-porch/core/some';

/** What a visitor of a page would find otherwise. */
export interface PageComing {
  /** Its address, as it is from then on; of a page that goes, as it was. */
  path: string;
  title: string;
  state: 'new' | 'gone' | 'changed';
  /** Lines that go and lines that come, in the order they stand there. */
  before: string[];
  after: string[];
  /** Pictures that go or come. */
  pictures: number;
  /** Links that lead elsewhere from then on, though they say the same: “Contact: /kontakt/ becomes /contact/”. */
  links: string[];
  /** What search engines and shared links say of it otherwise; empty where that stays. */
  told: string[];
  /** Of a page that goes: where its address leads then; null where it leads nowhere. */
  leadsTo?: string | null;
}
/** What a deploy would change for visitors. */
export interface Coming {
  pages: PageComing[];
  /** What changes in the same way on each of several pages that stay: a header, a footer, opening hours. */
  everywhere: { before: string[]; after: string[]; pages: number };
  look: boolean;
  /** Files for visitors that come, go, or are another version. */
  files: { path: string; state: 'new' | 'gone' | 'changed' }[];
  /** Addresses that lead elsewhere from then on, or nowhere any more: `to` is null then. */
  addresses: { from: string; to: string | null }[];
  /** Pages that change and are not told one by one: there are too many. */
  more: number;
}

/** What is not to be seen though it is in the document, and why, in words: `now` is ISO 8601. */
export function heldBackFrom(document: SiteDocument, now: string): string[] {
  const held = document.pages.filter((p) => p.hold !== undefined);
  const lists = (document.collections ?? []).flatMap((c) => {
    const drafts = c.items.filter((i) => i.state === 'draft').length;
    const planned = c.items.filter((i) => i.state === 'up' && i.from !== undefined && i.from > now).length;
    return [
      ...(drafts ? [`${some(drafts, 'draft')} in ${c.name}`] : []),
      ...(planned ? [`${some(planned, 'item')} of ${c.name} that ${planned === 1 ? 'is' : 'are'} planned`] : []),
    ];
  });
  return [...held.map((p) => `${p.label}, which is on hold`), ...lists];
}

/** What of a page a visitor reads and meets. */
export interface Seen {
  title: string;
  description: string;
  lines: string[];
  pictures: string[];
  links: Map<string, string>;
}
/** So many lines of a page are told at most. */
const MOST_LINES = 40;
/** So many pages that change are read. */
const MOST_PAGES = 60;
/** On so many pages a change is said once, for all of them. */
const EVERYWHERE_FROM = 3;

const BLOCKS =
  'address,article,aside,blockquote,button,caption,dd,details,div,dl,dt,fieldset,figcaption,figure,footer,form,h1,h2,h3,h4,h5,h6,header,hr,label,legend,li,main,nav,ol,option,p,section,summary,table,td,th,tr,ul';

/** Where a line ends: a character that is in no page (the first of Unicode’s private use). */
const END = '\ue000';
const tidy = (text: string): string =>
  text
    .replace(/\s+/g, ' ')
    .replace(/ (?=[.,;:!?)])/g, '')
    .trim();

/** Reads a page as a visitor does: lines of text, pictures, and where links lead. */
export function seenIn(html: string): Seen {
  const $ = load(html);
  const title = tidy($('title').first().text());
  const description = $('meta[name=description]').attr('content') ?? '';
  const pictures = $('body img')
    .map((_, e) => `${$(e).attr('src') ?? ''} ${$(e).attr('alt') ?? ''}`)
    .get();
  const links = new Map<string, string>();
  $('body a[href]').each((_, e) => {
    const said = tidy($(e).text()) || ($(e).attr('aria-label') ?? '');
    if (said && !links.has(said)) links.set(said, $(e).attr('href')!);
  });
  $('script,style,template,svg').remove();
  $('body br').replaceWith(END);
  // What stands apart by the look alone is not one word.
  $('body a,body span,body time').each((_, e) => void $(e).prepend(' ').append(' '));
  $(`body ${BLOCKS.split(',').join(',body ')}`).each((_, e) => void $(e).prepend(END).append(END));
  const lines = $('body').text().split(END).map(tidy).filter(Boolean);
  return { title, description, lines, pictures, links };
}

/** What of a list is not in another, each as often as it is there more often; in its order. */
export function beyond(all: readonly string[], others: readonly string[]): string[] {
  const left = new Map<string, number>();
  for (const one of others) left.set(one, (left.get(one) ?? 0) + 1);
  return all.filter((one) => {
    const n = left.get(one) ?? 0;
    if (n) left.set(one, n - 1);
    return !n;
  });
}

/** Files by path, each as its text or as the name of what it is made of: equal where a visitor gets the same. */
const byPath = (files: Drawn['files']) => {
  const decoder = new TextDecoder();
  return new Map(
    files.map((f) => [f.path, 'bytes' in f ? decoder.decode(f.bytes) : 'text' in f ? f.text : JSON.stringify(f)]),
  );
};
const addressOf = (path: string): string => path.replace(/index\.html$/, '');
const isPage = (path: string): boolean => path.endsWith('/index.html');

/**
 * What visitors find otherwise once a document is served in place of another: both are drawn, in a thread, as of this minute.
 * @param served the SHA-256 of what is served, by path: what is not otherwise is not fetched
 */
export async function comingOf(
  now: SiteDocument,
  then: SiteDocument,
  origin: string,
  served: Readonly<Record<string, string>> = {},
): Promise<Coming> {
  const drawn = async (document: SiteDocument, before: Readonly<Record<string, string>>): Promise<Drawn> => ({
    document,
    ...(await drawnRelease(JSON.stringify(document), origin, before, drawnAt(document, Date.now()))),
  });
  /** What every file of a release has for its SHA-256, over one whose files are known. */
  const hashesOf = ({ paths, files }: Drawn, before: Readonly<Record<string, string>>): Record<string, string> => ({
    ...Object.fromEntries(paths.flatMap((path) => (before[path] ? [[path, before[path]]] : []))),
    ...Object.fromEntries(files.flatMap((f) => ('hash' in f ? [[f.path, f.hash]] : []))),
  });
  // What was served may be of another minute, or changed where it is live: what counts is as it is drawn now.
  const own = hashesOf(await drawn(now, served), served);
  const is = await drawn(then, own);
  // Of what was only that is wanted which is otherwise than it will be.
  const was = await drawn(now, hashesOf(is, own));
  return whatComes(was, is);
}

/** A release as it is drawn, of which files that are the same in another may be left out, and the document it was drawn of. */
export interface Drawn {
  document: SiteDocument;
  paths: readonly string[];
  files: readonly (DrawnText | RenderedFile)[];
}

/** What visitors find otherwise once `then` is served in place of `now`. */
export async function whatComes(now: Drawn, then: Drawn): Promise<Coming> {
  const [was, is] = [byPath(now.files), byPath(then.files)];
  const pages: PageComing[] = [];
  const [here, will] = [new Set(now.paths), new Set(then.paths)];
  const stay = (path: string): boolean => here.has(path) && will.has(path);
  // What is left out on one side is there the same on the other.
  const others = [...new Set([...is.keys(), ...was.keys()])].filter((path) =>
    stay(path) ? was.has(path) && is.has(path) && was.get(path) !== is.get(path) : true,
  );
  const changed = others.filter(isPage);
  const told = [...changed.filter((path) => !stay(path)), ...changed.filter(stay).slice(0, MOST_PAGES)];
  for (const path of told) {
    // Whoever else asks the server is answered between two pages.
    await new Promise((done) => setImmediate(done));
    const [before, after] = [was.get(path), is.get(path)];
    const [a, b] = [before, after].map((html) => (html === undefined ? null : seenIn(html))) as [
      Seen | null,
      Seen | null,
    ];
    const stays = a !== null && b !== null;
    const page: PageComing = {
      path: addressOf(path),
      title: (b ?? a)!.title,
      state: stays ? 'changed' : b ? 'new' : 'gone',
      before: stays ? beyond(a.lines, b.lines) : [],
      after: stays ? beyond(b.lines, a.lines) : [],
      pictures: stays ? Math.max(beyond(a.pictures, b.pictures).length, beyond(b.pictures, a.pictures).length) : 0,
      links: stays
        ? [...b.links].flatMap(([said, to]) => {
            const led = a.links.get(said);
            return led !== undefined && led !== to ? [`${said}: ${led} becomes ${to}`] : [];
          })
        : [],
      told: stays
        ? [a.title === b.title ? '' : b.title, a.description === b.description ? '' : b.description].filter(Boolean)
        : [],
      ...(!b && { leadsTo: redirectOf(then.document, addressOf(path)) ?? null }),
    };
    const differs = page.state !== 'changed' || page.before.length || page.after.length || page.pictures;
    if (differs || page.links.length || page.told.length) pages.push(page);
  }
  const stays = pages.filter((p) => p.state === 'changed');
  const onAll = (of: 'before' | 'after') => {
    const times = new Map<string, number>();
    for (const p of stays) for (const l of new Set(p[of])) times.set(l, (times.get(l) ?? 0) + 1);
    return [...times].filter(([, n]) => n >= EVERYWHERE_FROM && n === stays.length).map(([l]) => l);
  };
  const everywhere = {
    ...{ before: onAll('before'), after: onAll('after') },
    pages: stays.length + changed.length - told.length,
  };
  if (!everywhere.before.length && !everywhere.after.length) everywhere.pages = 0;
  for (const p of stays)
    for (const of of ['before', 'after'] as const) {
      const rest = p[of].filter((l) => !everywhere[of].includes(l));
      p[of] =
        rest.length > MOST_LINES
          ? [...rest.slice(0, MOST_LINES), `… and ${some(rest.length - MOST_LINES, 'line')} more`]
          : rest;
    }
  return {
    pages: pages.filter(
      (p) =>
        p.state !== 'changed' || p.before.length || p.after.length || p.pictures || p.links.length || p.told.length,
    ),
    everywhere,
    look: others.some((path) => path.endsWith('.css') && will.has(path)),
    files: others
      .filter((path) => path.startsWith('/files/'))
      .map((path) => ({ path, state: !here.has(path) ? 'new' : !will.has(path) ? 'gone' : 'changed' })),
    addresses: addressChanges(now.document, then.document),
    more: changed.length - told.length,
  };
}

function addressChanges(now: SiteDocument, then: SiteDocument): Coming['addresses'] {
  const led = (d: SiteDocument) => new Map((d.redirects ?? []).map((r) => [r.from, r.to]));
  const [was, is] = [led(now), led(then)];
  return [...new Set([...was.keys(), ...is.keys()])]
    .filter((from) => was.get(from) !== is.get(from))
    .map((from) => ({ from, to: is.has(from) ? redirectOf(then, from) : null }));
}
