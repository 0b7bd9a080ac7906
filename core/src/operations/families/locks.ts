import { Type } from '@sinclair/typebox';
import { DESK_KIND_TITLES, Lock, type DeskKind } from '../../model/locks.js';
import type { Definition } from '../definition.js';
import { lockKey } from '../keys.js';
import { withTail } from '../reach.js';

/** What a lock is about, in words that need no document. */
function aboutOf(lock: string): string {
  const [what, name] = lock.split('/') as [string, string];
  return what === 'kind' ? DESK_KIND_TITLES[name as DeskKind].toLowerCase() : `a ${what}`;
}

/** Keeps something from the people of a site, or leaves it to them again. */
const SetLock = Type.Object(
  { op: Type.Literal('setLock'), lock: Lock, locked: Type.Boolean() },
  { additionalProperties: false },
);
export const setLock: Definition<typeof SetLock> = {
  schema: SetLock,
  apply(document, { op, lock, locked }) {
    const { locks = [] } = document;
    const others = locks.filter((l) => l !== lock);
    return {
      // In one order, so that taking back a change gives the same bytes.
      document: withTail(document, { locks: (locked ? [...others, lock] : others).sort() }),
      inverse: { op, lock, locked: others.length < locks.length },
    };
  },
  says: ({ lock, locked }) => `${locked ? 'Kept from' : 'Left to'} the client: ${aboutOf(lock)}`,
  field: ({ lock }) => `lock ${lock}`,
  writes: ({ lock }) => [lockKey(lock)],
};
