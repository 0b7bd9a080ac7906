import { Type, type Static } from '@sinclair/typebox';

/**
 * The place of a text: a section (`header`, `footer` or a section id) and a dotted path in its content, with items by their
 * ids, as `items.i0b1c2d3e4f.name`.
 */
export const Place = Type.Object(
  {
    section: Type.String({ maxLength: 64 }),
    path: Type.String({ pattern: '^[a-z][a-zA-Z]*(\\.[a-z][a-zA-Z0-9]*)*$' }),
  },
  { additionalProperties: false },
);
export type Place = Static<typeof Place>;
