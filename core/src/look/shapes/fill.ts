import type { TSchema } from '@sinclair/typebox';
import { idFrom } from '../../ground/ids.js';
import type { Text } from '../../model/site.js';

const nothing: Text = { value: '', from: { kind: 'designer' } };

interface Field {
  type?: string;
  $comment?: string;
  properties?: Record<string, TSchema>;
  items?: TSchema;
}

/**
 * A value of a field with everything in its place: what was left out is empty, what the schema does not know is gone, and
 * what stands in a list has an id. Ids that are missing are made from `about` and the place: the same for the same.
 */
export function fill(schema: TSchema, value: unknown, about: string): unknown {
  const field = schema as Field;
  const given = (value ?? {}) as Record<string, unknown>;
  if (field.$comment === 'id') return typeof value === 'string' && value ? value : idFrom(about);
  if (field.$comment === 'text') {
    const { value: words, from, marks } = (value as Text | undefined) ?? nothing;
    const text = { value: words, from, ...(marks && field.properties?.['marks'] && { marks }) };
    return field.properties?.['id'] ? { id: given['id'] ?? idFrom(about), ...text } : text;
  }
  if (field.$comment === 'picture') return value ?? { media: '', alt: nothing };
  if (field.type === 'array')
    return Array.isArray(value) ? value.map((v, n) => fill(field.items!, v, `${about}.${n}`)) : [];
  if (field.type === 'object')
    return Object.fromEntries(
      Object.entries(field.properties ?? {}).map(([k, s]) => [k, fill(s, given[k], `${about}.${k}`)]),
    );
  return value ?? '';
}
