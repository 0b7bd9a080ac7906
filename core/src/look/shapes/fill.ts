import type { TSchema } from '@sinclair/typebox';
import { idFrom } from '../../ground/ids.js';
import { isPicture, isText, type Text } from '../../model/site.js';

const nothing: Text = { value: '', from: { kind: 'designer' } };

interface Field {
  type?: string;
  $comment?: string;
  properties?: Record<string, TSchema>;
  items?: TSchema;
  choices?: Record<string, string>;
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
    // What another kind has under this name may be something else.
    const { value: words, from, marks }: Text = isText(value) ? value : nothing;
    const text = {
      value: words,
      from,
      ...(marks && field.properties?.['marks'] && { marks }),
      ...(given['to'] !== undefined && field.properties?.['to'] && { to: given['to'] }),
      ...(given['as'] !== undefined && field.properties?.['as'] && { as: given['as'] }),
    };
    return field.properties?.['id'] ? { id: given['id'] ?? idFrom(about), ...text } : text;
  }
  if (field.$comment === 'choice') {
    const known = Object.keys(field.choices ?? {});
    return known.includes(value as string) ? value : known[0];
  }
  if (field.$comment === 'picture') return isPicture(value) ? value : { media: '', alt: nothing };
  if (field.type === 'array')
    return Array.isArray(value) ? value.map((v, n) => fill(field.items!, v, `${about}.${n}`)) : [];
  if (field.type === 'object')
    return Object.fromEntries(
      Object.entries(field.properties ?? {}).map(([k, s]) => [k, fill(s, given[k], `${about}.${k}`)]),
    );
  return value ?? '';
}
