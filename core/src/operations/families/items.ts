import { Type } from '@sinclair/typebox';
import type { SiteDocument } from '../../model/site.js';
import { choicesAt } from '../choices.js';
import { OperationError, type Definition } from '../definition.js';
import { placeKey } from '../keys.js';
import { Place } from '../place.js';
import { itemForward } from '../forward/older.js';
import { inserted, leafAt, listAt, sectionOf, withLeaf, type Item } from '../reach.js';
import { wordsWithin } from '../words.js';

const closed = { additionalProperties: false } as const;
const ItemId = Type.String({ pattern: '^[a-z][a-zA-Z0-9]*$', maxLength: 64 });
const Index = Type.Integer({ minimum: 0, maximum: 60 });
/** An item as its list has it. Whether it fits the shape of its section is judged with the whole document. */
const AnyItem = Type.Object({ id: ItemId }, { additionalProperties: true });

/** The list at a place and where in it an item stands. @throws OperationError where there is none */
function itemIn(document: SiteDocument, list: Place, id: string): { all: readonly Item[]; at: number } {
  const all = listAt(document, list);
  const at = all.findIndex((item) => item.id === id);
  if (at < 0) throw new OperationError(`There is no item “${id}” in ${list.section}, ${list.path}.`);
  return { all, at };
}
const withList = (document: SiteDocument, { section, path }: Place, all: readonly Item[]): SiteDocument =>
  withLeaf(document, section, path.split('.'), all);
const itemKey = (list: Place, id: string) => `${placeKey(list)}/${id}`;

/** Puts a new item into a list of a section. */
const InsertItem = Type.Object({ op: Type.Literal('insertItem'), list: Place, item: AnyItem, at: Index }, closed);
export const insertItem: Definition<typeof InsertItem> = {
  schema: InsertItem,
  apply(document, { list, item, at }) {
    const all = listAt(document, list);
    if (all.some((i) => i.id === item.id)) throw new OperationError(`There is an item “${item.id}” already.`);
    return {
      document: withList(document, list, inserted(all, item, at)),
      inverse: { op: 'removeItem', list, item: item.id },
    };
  },
  says: () => 'Added an item',
  words: ({ item }) => wordsWithin(item).join('\n'),
  writes: ({ list, item }) => [itemKey(list, item.id)],
  needs: ({ list }) => [placeKey(list)],
  moves: ({ list, item, at }) => [{ list: placeKey(list), id: item.id, from: null, to: at }],
  placed: (operation, at) => ({ ...operation, at }),
  forward: (operation, document) => ({ ...operation, item: itemForward(document, operation.list, operation.item) }),
};

/** Chooses one of what a place in a section can be. */
const SetChoice = Type.Object(
  { op: Type.Literal('setChoice'), at: Place, value: Type.String({ pattern: '^[a-z]{1,20}$' }) },
  closed,
);
export const setChoice: Definition<typeof SetChoice> = {
  schema: SetChoice,
  apply(document, { op, at, value }) {
    const section = sectionOf(document, at.section);
    const before = leafAt(document, at);
    const choices = choicesAt(section, at.path)?.choices;
    if (typeof before !== 'string' || !choices || !Object.hasOwn(choices, value))
      throw new OperationError(`There is no “${value}” to choose at ${at.section}, ${at.path}.`);
    return {
      document: withLeaf(document, at.section, at.path.split('.'), value),
      inverse: { op, at, value: before },
    };
  },
  says: () => 'Changed how a piece stands',
  field: ({ at }) => `choice ${at.section} ${at.path}`,
  writes: ({ at }) => [placeKey(at)],
};

const RemoveItem = Type.Object({ op: Type.Literal('removeItem'), list: Place, item: ItemId }, closed);
export const removeItem: Definition<typeof RemoveItem> = {
  schema: RemoveItem,
  apply(document, { list, item: id }) {
    const { all, at } = itemIn(document, list, id);
    return {
      document: withList(
        document,
        list,
        all.filter((_, n) => n !== at),
      ),
      inverse: { op: 'insertItem', list, item: all[at]!, at },
    };
  },
  says: () => 'Took an item out',
  writes: ({ list, item }) => [itemKey(list, item)],
  moves: ({ list, item: id }, document) => [
    { list: placeKey(list), id, from: itemIn(document, list, id).at, to: null },
  ],
};

/** Moves an item to another place in its list; `to` counts without the item itself. */
const MoveItem = Type.Object({ op: Type.Literal('moveItem'), list: Place, item: ItemId, to: Index }, closed);
export const moveItem: Definition<typeof MoveItem> = {
  schema: MoveItem,
  apply(document, { op, list, item: id, to }) {
    const { all, at } = itemIn(document, list, id);
    const others = all.filter((_, n) => n !== at);
    return {
      document: withList(document, list, inserted(others, all[at]!, to)),
      inverse: { op, list, item: id, to: at },
    };
  },
  says: () => 'Moved an item',
  writes: ({ list, item }) => [`${itemKey(list, item)}/order`],
  moves: ({ list, item: id, to }, document) => [{ list: placeKey(list), id, from: itemIn(document, list, id).at, to }],
  placed: (operation, to) => ({ ...operation, to }),
};
