import { isText, type BusinessEvent, type Page, type SiteDocument, type Text } from '../../model/site.js';
import { openerOf, shownSections } from '../../model/page.js';
import { plainOpenings, readHours } from '../../brief/hours/index.js';
import { readClosure, readOtherHours } from '../../brief/reading/exceptions.js';
import { moneyOf } from '../../brief/format.js';
import type { Language } from '../../language/language.js';
import { languages } from '../../language/registry.gen.js';
import { factsToTell } from '../../brief/to-tell.js';
import { packOf } from '../../brief/trades/packs.js';
import { town, tradeIn } from '../../making/writer/slots.js';
import { fitWidth, RESULT, textWidth } from './width.js';

const sentence = (s: string) => (s ? s[0]!.toUpperCase() + s.slice(1) : s);

/** The title a page has when nobody wrote one: what the business is and where, then its name. */
export function defaultTitle(document: SiteDocument, page: Page): string {
  const facts = factsToTell(document);
  const { name } = facts;
  if (page.slug !== '') return `${page.label} – ${name}`;
  const language = languages[document.language];
  const trade = tradeIn(language, facts)?.noun ?? '';
  const place = town(facts.place);
  const what = [trade && sentence(trade), place && language.inPlace(place)].filter(Boolean).join(' ');
  return what ? `${name} – ${what}` : name;
}

const LEADING = ['lead', 'paragraphs', 'heading', 'items'];

/** The texts of a page that describe it, the telling ones first; placeholders never. */
function tellingTexts(page: Page): string[] {
  const good = (t: unknown): t is Text => isText(t) && t.value !== '' && t.from.kind !== 'placeholder';
  const closed = (t: string) => (/[.!?…:]$/.test(t) ? t : `${t}.`);
  return LEADING.flatMap((key) =>
    shownSections(page).flatMap((section) => {
      // The headings further down only lead over.
      const value = key === 'heading' && section !== openerOf(page) ? undefined : section.content[key];
      if (good(value)) return [closed(value.value)];
      if (!Array.isArray(value)) return [];
      if (key !== 'items') return value.filter(good).map((t) => closed(t.value));
      return (value as { name?: unknown; text?: unknown }[]).flatMap(({ name, text }) =>
        good(name) ? [good(text) ? `${name.value}: ${text.value}` : name.value].map(closed) : [],
      );
    }),
  );
}

/**
 * The description a page has when nobody wrote one: its own words, the telling ones first, as many as a search result
 * shows and never less than its heading.
 */
export function defaultDescription(document: SiteDocument, page: Page): string {
  const { size, width } = RESULT.description;
  let said = '';
  for (const text of tellingTexts(page)) {
    const more = `${said} ${text.replace(/\s+/g, ' ').trim()}`.trim();
    if (said.includes(text)) continue;
    if (said.length > 70 && textWidth(more, size) > width) break;
    said = more;
    if (said.length > 110) break;
  }
  return fitWidth(said || document.facts.name, size, width);
}

export const titleOf = (document: SiteDocument, page: Page): string =>
  page.seo.title?.value || defaultTitle(document, page);
export const descriptionOf = (document: SiteDocument, page: Page): string =>
  page.seo.description?.value || defaultDescription(document, page);

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** Opening hours as schema.org OpeningHoursSpecification. What cannot be read whole is left out: nothing is guessed. */
export const openingHours = (hours: string): object[] =>
  plainOpenings(readHours(hours).hours).map(({ days, opens, closes }) => ({
    '@type': 'OpeningHoursSpecification',
    dayOfWeek: days.map((d) => DAYS[d]!),
    opens,
    closes,
  }));

/**
 * The days of the year that are otherwise, as schema.org OpeningHoursSpecification has them: with the hours of their own, or
 * closed, which is from midnight to midnight. What is told names no year: it is the next time that they come round, or the one
 * it is in.
 * @param today `2026-06-14`
 */
export function otherDays(hours: string, today: string): object[] {
  const year = Number(today.slice(0, 4));
  return hours.split(/\r?\n/).flatMap((line) => {
    const { openings, closings } = readHours(line).hours;
    // What says of a week when it is open is no time of the year at which it is not.
    const other = openings.length || closings.length ? null : (readOtherHours(line) ?? readClosure(line));
    if (!other) return [];
    const { from, to } = other;
    const last = to ?? from;
    const over = last.month < from.month || (last.month === from.month && (last.day ?? 31) < (from.day ?? 1));
    const starts = (y: number) => dayIn(y, from.month, from.day ?? 1);
    const ends = (y: number) => dayIn(over ? y + 1 : y, last.month, last.day ?? 0);
    const first = [year - 1, year, year + 1].find((y) => ends(y) >= today)!;
    return [
      {
        '@type': 'OpeningHoursSpecification',
        validFrom: starts(first),
        validThrough: ends(first),
        opens: 'opens' in other ? other.opens : '00:00',
        closes: 'closes' in other ? other.closes : '00:00',
      },
    ];
  });
}
/** A day of a year (ISO 8601). @param day 0 for the last of the month */
function dayIn(year: number, month: number, day: number): string {
  return new Date(Date.UTC(year, day ? month - 1 : month, day)).toISOString().slice(0, 10);
}

/** A price as schema.org has it: one amount, or from which on; nothing where it cannot be read. */
function priceOf(price: string): object {
  const money = moneyOf(price);
  if (!money) return {};
  const { amount, currency, from } = money;
  return from
    ? { priceSpecification: { '@type': 'PriceSpecification', minPrice: amount, priceCurrency: currency } }
    : { price: amount, priceCurrency: currency };
}

/** An event as schema.org has it: what comes again every week has a schedule; of the rest only the words are known. */
function eventOf({ name, when, place, detail }: BusinessEvent, address: string, language: Language): object {
  const weekly = /\b(?:first|second|third|fourth|last|other|1st|2nd|3rd|4th)\b/i.test(when)
    ? []
    : readHours(when, language).hours.openings.filter((o) => o.season === null);
  return {
    '@type': 'Event',
    name,
    description: [when, detail].filter(Boolean).join('. '),
    ...((place || address) && { location: place || address.replace(/\s*\n\s*/g, ', ') }),
    ...(weekly.length && {
      eventSchedule: weekly.map((o) => ({
        '@type': 'Schedule',
        repeatFrequency: 'P1W',
        byDay: o.days.map((d) => `https://schema.org/${DAYS[d]!}`),
        startTime: o.opens,
        endTime: o.closes,
      })),
    }),
  };
}

/**
 * The business as schema.org JSON-LD, from the facts alone.
 * @param today `2026-06-14`; without it nothing is told of the days of this year
 */
export function jsonLd(document: SiteDocument, origin: string, today?: string): object {
  const f = factsToTell(document);
  const hours = [...openingHours(f.hours), ...(today === undefined ? [] : otherDays(f.hours, today))];
  const offers = f.services.filter((s) => s.name);
  const language = languages[document.language].reading;
  // Who wants no prices shown has none told to search engines.
  const prices = !f.unwanted.some((u) => /price|precio|prix|preis/i.test(u));
  const people = f.people.filter((p) => p.name);
  const contacts = f.contacts.filter((c) => c.value && c.what);
  return {
    '@context': 'https://schema.org',
    '@type': packOf(f).schemaType,
    '@id': `${origin}/#business`,
    name: f.name,
    url: `${origin}/`,
    ...(f.strapline && { slogan: f.strapline }),
    ...(f.phone && { telephone: f.phone }),
    ...(f.mail && { email: f.mail }),
    ...(f.address && { address: f.address.replace(/\s*\n\s*/g, ', ') }),
    ...((f.area || f.place) && { areaServed: f.area || f.place }),
    ...(f.legalName && { legalName: f.legalName }),
    ...(f.links.length && { sameAs: f.links }),
    ...(f.memberships.length && { memberOf: f.memberships.map((name) => ({ '@type': 'Organization', name })) }),
    ...(f.languages.length && { knowsLanguage: f.languages }),
    ...(/^\d{4}$/.test(f.founded) && { foundingDate: f.founded }),
    ...(hours.length && { openingHoursSpecification: hours }),
    ...(contacts.length && {
      contactPoint: contacts.map(({ value, what }) => ({
        '@type': 'ContactPoint',
        contactType: what,
        ...(value.includes('@') ? { email: value } : { telephone: value }),
      })),
    }),
    ...(f.branches.length && {
      location: f.branches
        .filter((b) => b.address)
        .map((b) => ({
          '@type': 'Place',
          name: b.name,
          address: b.address.replace(/\s*\n\s*/g, ', '),
          ...(b.phone && { telephone: b.phone }),
          ...(openingHours(b.hours).length && { openingHoursSpecification: openingHours(b.hours) }),
        })),
    }),
    ...(people.length && {
      employee: people.map((p) => ({
        '@type': 'Person',
        name: p.name,
        ...(p.role && { jobTitle: p.role }),
        ...(p.about && { description: p.about }),
      })),
    }),
    ...(f.events.length && {
      event: f.events.filter((e) => e.name && e.when).map((e) => eventOf(e, f.address, language)),
    }),
    ...(f.registrations.length && { identifier: f.registrations }),
    ...(offers.length && {
      makesOffer: offers.map((s) => ({
        '@type': 'Offer',
        ...(prices && priceOf(s.price)),
        itemOffered: { '@type': 'Service', name: s.name, ...(s.detail && { description: s.detail }) },
      })),
    }),
  };
}

const xml = (s: string) => s.replace(/[<>&'"]/g, (c) => `&#${c.charCodeAt(0)};`);

/**
 * sitemap.xml (sitemaps.org 0.9) for a site’s pages, but those on hold. `changed` says when one was last changed (W3C
 * Datetime), nothing where that is not known, or null where it is not to be found by anybody new.
 */
export function sitemap(
  document: SiteDocument,
  origin: string,
  changed: (page: Page) => string | null | undefined = () => undefined,
): string {
  const urls = document.pages.flatMap((p) => {
    const at = changed(p);
    if (p.hold !== undefined || at === null) return [];
    return [`  <url><loc>${xml(`${origin}${pagePath(p)}`)}</loc>${at ? `<lastmod>${at}</lastmod>` : ''}</url>`];
  });
  return `<?xml version="1.0" encoding="UTF-8"?>\n<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">\n${urls.join('\n')}\n</urlset>\n`;
}

/** robots.txt (RFC 9309): everything open but the form’s address. */
export const robots = (origin: string): string => `User-agent: *\nDisallow: /-/\n\nSitemap: ${origin}/sitemap.xml\n`;

export const pagePath = (page: Page): string => (page.slug ? `/${page.slug}/` : '/');
