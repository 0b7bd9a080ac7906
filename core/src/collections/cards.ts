import ICAL from 'ical.js';
import { fieldsOf } from '../model/collection-kinds.js';
import { isText, type Collection, type CollectionItem } from '../model/site.js';

/** What a card has (RFC 6350, 6) for the fields that people and places have. */
const PROPERTIES: Readonly<Record<string, string>> = {
  role: 'title',
  phone: 'tel',
  mobile: 'tel',
  mail: 'email',
  email: 'email',
  address: 'adr',
  link: 'url',
  website: 'url',
  text: 'note',
};
const { vcard } = ICAL.design;

/** Whether a collection is of whom or what a card can be of. */
export const hasCards = ({ kind }: Pick<Collection, 'kind'>): boolean => kind === 'people' || kind === 'places';

/** The fields of a collection that a card has, one for each property: the first that there is. */
function cardFields(collection: Collection): { field: string; property: string }[] {
  const taken = new Set<string>();
  return fieldsOf(collection).flatMap(({ id }) => {
    const property = PROPERTIES[id];
    if (!property || taken.has(property)) return [];
    taken.add(property);
    return [{ field: id, property }];
  });
}

function cardOf(collection: Collection, item: CollectionItem): string {
  const card = new ICAL.Component(['vcard', [], []]);
  const add = (name: string, value: string | string[], parameters: Record<string, string> = {}) => {
    const property = new ICAL.Property([name, parameters, 'text', ''], card);
    if (name === 'categories') property.setValues(value as string[]);
    else property.setValue(value);
    card.addProperty(property);
  };
  add('version', '4.0');
  add('uid', `${item.id}@${collection.id}`);
  add('kind', collection.kind === 'people' ? 'individual' : 'location');
  add('fn', item.title.value);
  if (item.tags?.length) add('categories', item.tags);
  for (const { field, property } of cardFields(collection)) {
    const value = item.values[field];
    const words = isText(value) ? value.value : typeof value === 'string' ? value : '';
    if (!words) continue;
    // An address is kept in one: as it is written on an envelope, and as its street.
    if (property === 'adr') add('adr', ['', '', words.replace(/\n/g, ', '), '', '', '', ''], { label: words });
    else add(property, words);
  }
  return ICAL.stringify.component(card.jCal, vcard);
}

/** The items of a collection as vCards 4.0 (RFC 6350), one after the other. */
export const toCards = (collection: Collection): string =>
  collection.items.map((item) => `${cardOf(collection, item)}\r\n`).join('');

/** Rows by column that vCards have, of version 3.0 or 4.0. @throws Error where it is none */
export function readCards(text: string, collection: Collection): Record<string, string>[] {
  const parsed = ICAL.parse(text) as unknown[];
  const cards = (typeof parsed[0] === 'string' ? [parsed] : parsed) as unknown[][];
  if (!cards.length) throw new Error('there is no card in it');
  return cards.map((jcard) => {
    const card = new ICAL.Component(jcard);
    const first = (name: string): string => {
      const property = card.getFirstProperty(name);
      const value: unknown = property?.getFirstValue();
      const label: unknown = name === 'adr' ? property?.getParameter('label') : undefined;
      if (typeof label === 'string' && label) return label;
      if (Array.isArray(value)) return value.flat().map(String).filter(Boolean).join(', ');
      return String(value ?? '').replace(/^(?:tel|mailto):/i, '');
    };
    const id = /^([a-z0-9][a-z0-9-]{0,63})@/.exec(first('uid'))?.[1];
    const name =
      first('fn') || [1, 0].map((n) => ([card.getFirstPropertyValue('n')].flat()[n] as string) ?? '').join(' ');
    const tags = card.getFirstProperty('categories')?.getValues() as string[] | undefined;
    return {
      ...(id && { id }),
      title: name.trim(),
      ...(tags && { tags: tags.join(', ') }),
      ...Object.fromEntries(
        cardFields(collection).flatMap(({ field, property }) => {
          const words = first(property) || (property === 'title' ? first('role') : '');
          return words ? [[field, words]] : [];
        }),
      ),
    };
  });
}
