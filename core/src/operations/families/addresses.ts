import { Type } from '@sinclair/typebox';
import { LinkTarget } from '../../model/marks.js';
import { Redirect } from '../../model/site.js';
import type { Definition } from '../definition.js';
import { withTail } from '../reach.js';

/** Where an address leads that is none of the site’s pages; `null` for nowhere. They are kept in the order of the addresses. */
const SetRedirect = Type.Object(
  {
    op: Type.Literal('setRedirect'),
    from: Redirect.properties.from,
    to: Type.Union([LinkTarget, Type.Null()]),
  },
  { additionalProperties: false },
);
export const setRedirect: Definition<typeof SetRedirect> = {
  schema: SetRedirect,
  apply(document, { op, from, to }) {
    const { redirects = [] } = document;
    const before = redirects.find((r) => r.from === from)?.to ?? null;
    const others = redirects.filter((r) => r.from !== from);
    const all = to === null ? others : [...others, { from, to }].sort((a, b) => (a.from < b.from ? -1 : 1));
    return {
      document: withTail(document, { redirects: all }),
      inverse: { op, from, to: before },
    };
  },
  says: ({ from, to }) =>
    to === null ? `The address ${from} leads nowhere any more` : `The address ${from} leads elsewhere`,
  writes: ({ from }) => [`redirects/${from.replaceAll('/', ' ')}`],
};
