import type { TSchema } from '@sinclair/typebox';
import { shapes } from '../look/shapes/registry.gen.js';
import type { ChoiceSchema, Section } from '../model/site.js';

interface Field extends Partial<ChoiceSchema> {
  properties?: Record<string, TSchema>;
  items?: TSchema;
}

/** What can be chosen at a place in the content of a section, an item by its id; undefined where nothing can. */
export function choicesAt(section: Section, path: string): ChoiceSchema | undefined {
  let field = shapes[section.shape]?.content as Field | undefined;
  for (const key of path.split('.')) field = (field?.items ?? field?.properties?.[key]) as Field | undefined;
  return field?.$comment === 'choice' ? (field as ChoiceSchema) : undefined;
}
