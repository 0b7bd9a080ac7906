import { moneyOf } from '../brief/format.js';
import { isPicture, isText, type Collection, type CollectionItem, type SiteDocument } from '../model/site.js';
import { wordsOf } from './listing.js';
import { endOf, startOf, zoneOf } from './times.js';
import { DateTime } from 'luxon';

/** A local time of a site with its offset, as schema.org wants it: `2026-06-14T19:30+01:00`; a date stays one. */
const withOffset = (document: SiteDocument, local: string): string =>
  local.length === 10
    ? local
    : DateTime.fromISO(local, { zone: zoneOf(document) }).toISO({ suppressSeconds: true, suppressMilliseconds: true })!;

const full = (instant: string): string => instant.replace('Z', ':00Z');

/** When an item was last said to be: `from` or when it was made (RFC 3339). */
export const publishedAt = ({ from, made }: CollectionItem): string => full(from ?? made);

/** The words of an item that describe it, the short ones first. */
export function summaryOf(item: CollectionItem): string {
  const said = [item.values['text'], item.values['answer'], item.values['body']].find((v) => isText(v) && v.value);
  return isText(said) ? said.value.replace(/\s+/g, ' ').trim() : '';
}

/**
 * An item as schema.org JSON-LD: NewsArticle, Event, Product, Service, Person, Place or CreativeWork. `picture` gives the
 * address of its picture. What is not known is left out.
 */
export function itemData(
  document: SiteDocument,
  collection: Collection,
  item: CollectionItem,
  at: { url: string; origin: string; picture: string | null },
): object {
  const { kind } = collection;
  const { values, title, by } = item;
  const words = (id: string) => wordsOf(document, values[id]);
  const address = document.facts.address.replace(/\s*\n\s*/g, ', ');
  const [starts, ends] = [startOf(collection, item), endOf(collection, item)];
  const summary = summaryOf(item);
  const money = moneyOf(words('price'));
  const offers = money && {
    offers: {
      '@type': 'Offer',
      priceCurrency: money.currency,
      ...(money.from
        ? {
            priceSpecification: {
              '@type': 'PriceSpecification',
              minPrice: money.amount,
              priceCurrency: money.currency,
            },
          }
        : { price: money.amount }),
    },
  };
  const common = {
    '@context': 'https://schema.org',
    '@id': at.url,
    url: at.url,
    ...(summary && { description: summary }),
    ...(at.picture && { image: `${at.origin}${at.picture}` }),
    ...(item.tags && { keywords: item.tags.join(', ') }),
  };
  const name = title.value;
  const business = { '@id': `${at.origin}/#business` };
  switch (kind) {
    case 'news':
    case 'notices':
      return {
        '@type': 'NewsArticle',
        ...common,
        headline: name,
        datePublished: publishedAt(item),
        inLanguage: item.language ?? document.language,
        ...(by && { author: { '@type': 'Person', name: by } }),
        publisher: business,
      };
    case 'events':
      return {
        '@type': 'Event',
        ...common,
        name,
        ...(starts && { startDate: withOffset(document, starts) }),
        ...(ends && { endDate: withOffset(document, ends) }),
        ...((words('place') || address) && { location: { '@type': 'Place', name: words('place') || address } }),
        organizer: business,
      };
    case 'products':
      return { '@type': 'Product', ...common, name, ...offers };
    case 'services':
      return { '@type': 'Service', ...common, name, ...offers, provider: business };
    case 'people':
      return {
        '@type': 'Person',
        ...common,
        name,
        ...(words('role') && { jobTitle: words('role') }),
        worksFor: business,
      };
    case 'places':
      return {
        '@type': 'Place',
        ...common,
        name,
        ...(words('address') && { address: words('address') }),
        ...(words('phone') && { telephone: words('phone') }),
      };
    default:
      return { '@type': 'CreativeWork', ...common, name, ...(by && { author: { '@type': 'Person', name: by } }) };
  }
}

/** Questions and answers as they stand in sections, as a schema.org FAQPage; null where none of them has an answer. */
export function questionsData(items: readonly Record<string, unknown>[]): object | null {
  const asked = items.flatMap(({ question, answer }) =>
    isText(question) && question.value && isText(answer) && answer.value
      ? [{ question: question.value, answer: answer.value }]
      : [],
  );
  return asked.length
    ? {
        '@context': 'https://schema.org',
        '@type': 'FAQPage',
        mainEntity: asked.map(({ question, answer }) => ({
          '@type': 'Question',
          name: question,
          acceptedAnswer: { '@type': 'Answer', text: answer },
        })),
      }
    : null;
}

/** The picture of an item, by its id; null where it has none. */
export const pictureOfItem = ({ values: { picture } }: CollectionItem): string | null =>
  isPicture(picture) && picture.media ? picture.media : null;
