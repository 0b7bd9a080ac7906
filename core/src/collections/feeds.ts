import ICAL from 'ical.js';
import { DateTime } from 'luxon';
import { isText, type Collection, type CollectionItem, type Page, type SiteDocument } from '../model/site.js';
import { publishedAt, summaryOf } from './data.js';
import { baseOf, itemPath } from './expand.js';
import { itemsShown, wordsOf } from './listing.js';
import { endOf, startOf, zoneOf } from './times.js';

/** How many items a feed has. */
const MOST = 50;
/** Collections that people follow: what is new in them is worth telling. */
const FOLLOWED = new Set(['news', 'notices', 'works', 'events']);

/** A feed of a collection: where it is, of what media type, and what it says. */
export interface Feed {
  path: string;
  type: string;
  title: string;
  text: string;
}

const xml = (s: string) => s.replace(/[<>&'"]/g, (c) => `&#${c.charCodeAt(0)};`);
const bodyOf = ({ values: { body } }: CollectionItem): string => (isText(body) ? body.value : '');

/** The page that the feeds of a collection are at; undefined where it has none. Of several on one page the first has them. */
const followedAt = (document: SiteDocument, collection: Collection): Page | undefined =>
  document.collections?.find((c) => FOLLOWED.has(c.kind) && c.page === collection.page) === collection
    ? document.pages.find((p) => p.id === collection.page && p.hold === undefined)
    : undefined;

/** The address of an item: of its page, or of the list it stands in. */
const urlOf = (document: SiteDocument, collection: Collection, item: CollectionItem, page: Page, origin: string) =>
  `${origin}${itemPath(document, collection, item) ?? (page.slug ? `/${page.slug}/#${item.id}` : `/#${item.id}`)}`;

/** The newest of a collection as Atom. @see RFC 4287 */
function atom(document: SiteDocument, collection: Collection, page: Page, items: CollectionItem[], origin: string) {
  const base = `${origin}/${baseOf(collection, page)}/`;
  const name = xml(document.facts.name);
  const entries = items.map((item) => {
    const url = xml(urlOf(document, collection, item, page, origin));
    const body = bodyOf(item);
    return [
      '  <entry>',
      `    <title>${xml(item.title.value)}</title>`,
      `    <id>${url}</id>`,
      `    <link href="${url}"/>`,
      `    <published>${publishedAt(item)}</published>`,
      `    <updated>${publishedAt(item)}</updated>`,
      ...(item.by ? [`    <author><name>${xml(item.by)}</name></author>`] : []),
      ...(item.tags ?? []).map((t) => `    <category term="${xml(t)}"/>`),
      `    <summary>${xml(summaryOf(item) || item.title.value)}</summary>`,
      ...(body ? [`    <content type="text">${xml(body)}</content>`] : []),
      '  </entry>',
    ].join('\n');
  });
  const updated = items[0] ? publishedAt(items[0]) : '1970-01-01T00:00:00Z';
  return `<?xml version="1.0" encoding="utf-8"?>
<feed xmlns="http://www.w3.org/2005/Atom" xml:lang="${document.language}">
  <title>${name}: ${xml(collection.name)}</title>
  <id>${xml(base)}</id>
  <link href="${xml(base)}"/>
  <link rel="self" type="application/atom+xml" href="${xml(`${base}feed.xml`)}"/>
  <updated>${updated}</updated>
  <author><name>${name}</name></author>
${entries.join('\n')}
</feed>
`;
}

/** The same as JSON Feed 1.1. */
function jsonFeed(document: SiteDocument, collection: Collection, page: Page, items: CollectionItem[], origin: string) {
  const base = `${origin}/${baseOf(collection, page)}/`;
  return `${JSON.stringify(
    {
      version: 'https://jsonfeed.org/version/1.1',
      title: `${document.facts.name}: ${collection.name}`,
      home_page_url: base,
      feed_url: `${base}feed.json`,
      language: document.language,
      items: items.map((item) => {
        const url = urlOf(document, collection, item, page, origin);
        return {
          id: url,
          url,
          title: item.title.value,
          content_text: bodyOf(item) || summaryOf(item),
          ...(summaryOf(item) && { summary: summaryOf(item) }),
          date_published: publishedAt(item),
          ...(item.by && { authors: [{ name: item.by }] }),
          ...(item.tags && { tags: item.tags }),
          ...(item.language && { language: item.language }),
        };
      }),
    },
    null,
    2,
  )}\n`;
}

/** A local time of a site as iCalendar has it: in UTC, or a date alone. */
function icalTime(document: SiteDocument, local: string, after = 0): ICAL.Time {
  if (local.length === 10) {
    const day = ICAL.Time.fromDateString(local);
    if (after) day.adjust(after, 0, 0, 0);
    return day;
  }
  return ICAL.Time.fromJSDate(DateTime.fromISO(local, { zone: zoneOf(document) }).toJSDate(), true);
}

/** What takes place, as iCalendar. @see RFC 5545 */
export function calendar(
  document: SiteDocument,
  collection: Collection,
  items: readonly CollectionItem[],
  urlOfItem: (item: CollectionItem) => string | null,
): string {
  const whole = new ICAL.Component(['vcalendar', [], []]);
  whole.updatePropertyWithValue('version', '2.0');
  whole.updatePropertyWithValue('prodid', `-//${document.facts.name}//${collection.name}//${document.language}`);
  whole.updatePropertyWithValue('name', collection.name);
  for (const item of items) {
    const starts = startOf(collection, item);
    if (starts === undefined) continue;
    const ends = endOf(collection, item);
    const one = new ICAL.Component('vevent');
    one.updatePropertyWithValue('uid', `${item.id}@${document.id}`);
    one.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(new Date(publishedAt(item)), true));
    one.updatePropertyWithValue('dtstart', icalTime(document, starts));
    // The end of whole days is the first that it is not on.
    if (ends !== undefined && ends.length === starts.length && ends >= starts)
      one.updatePropertyWithValue('dtend', icalTime(document, ends, 1));
    one.updatePropertyWithValue('summary', item.title.value);
    const place = wordsOf(document, item.values['place']);
    if (place) one.updatePropertyWithValue('location', place);
    const said = [summaryOf(item), bodyOf(item)].filter(Boolean).join('\n\n');
    if (said) one.updatePropertyWithValue('description', said);
    if (item.tags) {
      const tags = new ICAL.Property('categories');
      tags.setValues(item.tags);
      one.addProperty(tags);
    }
    const url = urlOfItem(item);
    if (url) one.updatePropertyWithValue('url', url);
    whole.addSubcomponent(one);
  }
  return `${whole.toString()}\r\n`;
}

/** The feeds of a collection as visitors get it at an instant; none where nobody would follow it, or it has no page. */
export function feedsOf(document: SiteDocument, collection: Collection, origin: string, at?: string): Feed[] {
  const page = followedAt(document, collection);
  if (!page) return [];
  const base = `/${baseOf(collection, page)}`;
  const title = `${document.facts.name}: ${collection.name}`;
  const newest = itemsShown(document, collection, { collection: collection.id, show: 'newest', most: 48 }, at).slice(
    0,
    MOST,
  );
  const to = (item: CollectionItem) => urlOf(document, collection, item, page, origin);
  return [
    {
      path: `${base}/feed.xml`,
      type: 'application/atom+xml',
      title,
      text: atom(document, collection, page, newest, origin),
    },
    {
      path: `${base}/feed.json`,
      type: 'application/feed+json',
      title,
      text: jsonFeed(document, collection, page, newest, origin),
    },
    ...(collection.kind === 'events'
      ? [
          {
            path: `${base}/calendar.ics`,
            type: 'text/calendar',
            title,
            text: calendar(
              document,
              collection,
              itemsShown(document, collection, { collection: collection.id, show: 'upcoming', most: 48 }, at),
              to,
            ),
          },
        ]
      : []),
  ];
}

/** Where the feeds of the collections under a page are, for whoever looks for them there. */
export const feedsAt = (document: SiteDocument, page: Page): Omit<Feed, 'text'>[] =>
  (document.collections ?? []).flatMap((collection) => {
    if (followedAt(document, collection)?.id !== page.id) return [];
    const base = `/${baseOf(collection, page)}`;
    const title = `${document.facts.name}: ${collection.name}`;
    return [
      { path: `${base}/feed.xml`, type: 'application/atom+xml', title },
      { path: `${base}/feed.json`, type: 'application/feed+json', title },
      ...(collection.kind === 'events' ? [{ path: `${base}/calendar.ics`, type: 'text/calendar', title }] : []),
    ];
  });
