import type { TSchema } from '@sinclair/typebox';
import type { Section } from '../../model/site.js';
import { fill } from './fill.js';
import { kinds } from './registry.gen.js';

/**
 * An empty value of a field of a shape: texts said by nobody, places without a picture, lists without items. `about` says
 * what it is for; the id of an item is made from it.
 */
export const emptyOf = (schema: object, about: string): unknown => fill(schema as TSchema, undefined, about);

const withoutIds = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(withoutIds)
    : typeof value === 'object' && value !== null
      ? Object.fromEntries(Object.entries(value).flatMap(([k, v]) => (k === 'id' ? [] : [[k, withoutIds(v)]])))
      : value;

/** Content for another section than the one it was written for: the same words, its items under ids of their own. */
export const anew = (kind: string, content: unknown, about: string): Section['content'] =>
  complete(kind, withoutIds(content), about);

/**
 * The content of a kind of section with everything in its place: what was left out is empty, what is not of the kind is
 * gone, and items that have no id yet get one made from `about`, which names the section and the version it is of.
 */
export const complete = (kind: string, content: unknown, about: string): Section['content'] =>
  kinds[kind] ? (fill(kinds[kind].content, content, about) as Section['content']) : (content as Section['content']);
