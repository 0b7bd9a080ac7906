import type { TSchema } from '@sinclair/typebox';
import type { Section, Text } from '../model/site.js';
import { kinds } from './registry.gen.js';

const nothing: Text = { value: '', from: { kind: 'designer' } };

interface Field {
  type?: string;
  $comment?: string;
  properties?: Record<string, TSchema>;
  items?: TSchema;
}

function fill(schema: TSchema, value: unknown): unknown {
  const field = schema as Field;
  if (field.$comment === 'text') return value ?? nothing;
  if (field.$comment === 'picture') return value ?? { media: '', alt: nothing };
  if (field.type === 'array') return Array.isArray(value) ? value.map((v) => fill(field.items!, v)) : [];
  if (field.type === 'object') {
    const given = (value ?? {}) as Record<string, unknown>;
    return Object.fromEntries(Object.entries(field.properties ?? {}).map(([k, s]) => [k, fill(s, given[k])]));
  }
  return value ?? '';
}

/** An empty value of a field of a shape: texts said by nobody, places without a picture, lists without items. */
export const emptyOf = (schema: object): unknown => fill(schema as TSchema, undefined);

/** The content of a kind of section with everything in its place: what was left out is empty, what is not of the kind is gone. */
export const complete = (kind: string, content: unknown): Section['content'] =>
  kinds[kind] ? (fill(kinds[kind].content, content) as Section['content']) : (content as Section['content']);
