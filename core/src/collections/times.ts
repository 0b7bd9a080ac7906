import { DateTime, IANAZone } from 'luxon';
import type { Collection, CollectionItem, SiteDocument } from '../model/site.js';
import { timeField } from '../model/collection-kinds.js';

/** Whether visitors get an item: not yet, from a time on, now, or no more. */
export type ItemState = 'draft' | 'planned' | 'up' | 'over';

const ZONES: Readonly<Record<SiteDocument['language'], string>> = {
  'en-GB': 'Europe/London',
  'en-US': 'America/New_York',
  de: 'Europe/Berlin',
  fr: 'Europe/Paris',
  es: 'Europe/Madrid',
};

/** The time zone of a site (IANA). */
export const zoneOf = ({ zone, language }: Pick<SiteDocument, 'zone' | 'language'>): string => zone ?? ZONES[language];
export const isZone = (zone: string): boolean => IANAZone.isValidZone(zone);

/** A minute as a site keeps it (`2026-06-14T08:30Z`). @param ms since 1970 */
export const instantOf = (ms: number): string => `${new Date(ms).toISOString().slice(0, 16)}Z`;
const msOf = (instant: string): number => Date.parse(instant.replace('Z', ':00Z'));

/** A date (`2026-06-14`) or a time of day on it (`2026-06-14T19:30`), as it is kept. */
export const LOCAL = /^\d{4}-\d{2}-\d{2}(?:T\d{2}:\d{2})?$/;
/** Whether a date or time is one there is. */
export const isLocal = (local: string): boolean =>
  LOCAL.test(local) && DateTime.fromISO(local, { zone: 'utc' }).isValid;

/** When a local time is: ms since 1970. A date alone is its first minute, or with `end` the first of the next day. */
function whenIs(local: string, zone: string, end = false): number {
  const key = `${local} ${zone} ${end}`;
  let ms = instants.get(key);
  if (ms === undefined) {
    const at = DateTime.fromISO(local, { zone });
    ms = (end && local.length === 10 ? at.plus({ days: 1 }) : at).toMillis();
    if (instants.size >= MOST_KEPT) instants.clear();
    instants.set(key, ms);
  }
  return ms;
}
/** Instants that were looked up: the same few are asked for again and again, and each costs a look into the zone. */
const instants = new Map<string, number>();
const MOST_KEPT = 40_000;

/** The instant of a local time of a site. */
export const instantAt = (document: Pick<SiteDocument, 'zone' | 'language'>, local: string): string =>
  instantOf(whenIs(local, zoneOf(document)));
/** The local time of a site at an instant: `2026-06-14T19:30`. */
export const localAt = (document: Pick<SiteDocument, 'zone' | 'language'>, instant: string): string =>
  DateTime.fromMillis(msOf(instant), { zone: zoneOf(document) }).toFormat("yyyy-MM-dd'T'HH:mm");

const localIn = (item: CollectionItem, field: string | undefined): string | undefined => {
  const value = field === undefined ? undefined : item.values[field];
  return typeof value === 'string' && isLocal(value) ? value : undefined;
};

/** Which field says when the items of a collection take place: asked of each of them. */
const timeFields = new WeakMap<object, string | undefined>();
function timeFieldOf(collection: Pick<Collection, 'kind' | 'fields'>): string | undefined {
  if (!timeFields.has(collection)) timeFields.set(collection, timeField(collection));
  return timeFields.get(collection);
}
/** When an item takes place; undefined where it is of nothing that does. */
export const startOf = (collection: Pick<Collection, 'kind' | 'fields'>, item: CollectionItem): string | undefined =>
  localIn(item, timeFieldOf(collection));
/** When it ends, where that is known. */
export const endOf = (collection: Pick<Collection, 'kind'>, item: CollectionItem): string | undefined =>
  collection.kind === 'events' ? localIn(item, 'ends') : undefined;

/** When what takes place is over: at its end, or at that of the day it is on; null for what does not. */
function endsAt(collection: Collection, item: CollectionItem, zone: string): number | null {
  const [starts, ends] = [startOf(collection, item), endOf(collection, item)];
  if (starts === undefined) return null;
  return ends !== undefined && ends >= starts ? whenIs(ends, zone, true) : whenIs(starts.slice(0, 10), zone, true);
}

/**
 * Whether visitors get an item at an instant. What takes place is over once it has ended. Who does not say at what time gets
 * nothing that is planned.
 */
export function stateOf(
  document: Pick<SiteDocument, 'zone' | 'language'>,
  collection: Collection,
  item: CollectionItem,
  at?: string,
): ItemState {
  // What has no name yet is nothing anybody could be told of.
  if (item.state === 'draft' || !item.title.value.trim()) return 'draft';
  const { from, until } = item;
  if (from !== undefined && (at === undefined || from > at)) return 'planned';
  if (at === undefined) return 'up';
  if (until !== undefined && until <= at) return 'over';
  const end = endsAt(collection, item, zoneOf(document));
  return end !== null && end <= msOf(at) ? 'over' : 'up';
}

/** The next instant after this one at which visitors get something else of the collections of a site; undefined where none is known. */
export function nextChange(document: SiteDocument, at: string): string | undefined {
  const zone = zoneOf(document);
  let next: string | undefined;
  const meet = (instant: string | undefined) => {
    if (instant !== undefined && instant > at && (next === undefined || instant < next)) next = instant;
  };
  for (const collection of document.collections ?? [])
    for (const item of collection.items) {
      if (item.state === 'draft') continue;
      meet(item.from);
      meet(item.until);
      const end = endsAt(collection, item, zone);
      // Over at the minute that begins then.
      if (end !== null) meet(instantOf(end));
    }
  return next;
}

/** Whether visitors would get something else of a site by now than when it was drawn. @param drawn the minute it was drawn for; nothing is known of one that nobody noted */
export const isStale = (document: SiteDocument, drawn: string | undefined, now: string): boolean => {
  const next = document.collections ? nextChange(document, drawn ?? '') : undefined;
  return next !== undefined && next <= now;
};
/** How long it is until the next minute begins, ms. */
export const msToMinute = (now: number): number => 60_000 - (now % 60_000);

const DAY = { day: 'numeric', month: 'long', year: 'numeric' } as const;
const CLOCK = { hour: 'numeric', minute: '2-digit' } as const;
/** Formats by language, zone and what is said: one is slow to make and quick to use. */
const formats = new Map<string, Intl.DateTimeFormat>();
function formatIn(language: string, timeZone: string, format: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${language} ${timeZone} ${Object.entries(format).join()}`;
  let made = formats.get(key);
  if (!made) formats.set(key, (made = new Intl.DateTimeFormat(language, { ...format, timeZone })));
  return made;
}
/** A date, or a time on it, as it stands on the wall: said as it is, whatever the zone. */
const said = (local: string, language: string, format: Intl.DateTimeFormatOptions): string =>
  formatIn(language, 'UTC', format).format(Date.parse(`${local.length > 10 ? local : `${local}T00:00`}Z`));

/** A date and time as a language says it, to its end where that is known: “Sunday 14 June 2026, 19:30–21:00”. */
export function sayWhen(language: string, starts: string, ends?: string): string {
  const day = (local: string) => {
    const whole = said(local, language, { weekday: 'long', ...DAY });
    // Not every edition of the locale data (CLDR) agrees on the comma; British use has none.
    return language === 'en-GB' ? whole.replace(', ', ' ') : whole;
  };
  const clock = (local: string) => (local.length > 10 ? said(local, language, CLOCK) : '');
  const one = (local: string) => [day(local), clock(local)].filter(Boolean).join(', ');
  if (ends === undefined || ends <= starts) return one(starts);
  if (ends.slice(0, 10) !== starts.slice(0, 10)) return `${one(starts)} – ${one(ends)}`;
  return [day(starts), [clock(starts), clock(ends)].filter(Boolean).join('–')].filter(Boolean).join(', ');
}

/** The month of a date as a language says it, to stand by itself: “June 2026”. */
export function sayMonth(language: string, local: string): string {
  const month = said(local.slice(0, 10), language, { month: 'long', year: 'numeric' });
  return month.charAt(0).toLocaleUpperCase(language) + month.slice(1);
}

/** The same in short, without its end: “14 Jun 2026, 19:30”. */
export const sayShort = (language: string, starts: string): string =>
  said(starts, language, {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    ...(starts.length > 10 && CLOCK),
  });
/** The day of an instant or a date as a language says it, in the zone of a site: “14 June 2026”. */
export const sayDay = (document: Pick<SiteDocument, 'zone' | 'language'>, at: string): string =>
  at.endsWith('Z')
    ? formatIn(document.language, zoneOf(document), DAY).format(msOf(at))
    : said(at.slice(0, 10), document.language, DAY);
