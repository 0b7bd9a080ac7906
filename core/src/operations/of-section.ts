import type { Section } from '../model/site.js';
import type { OperationNamed, SingleOperation } from './operation.js';
import { inOrder } from './reach.js';

/** Operations that change what a section is, by where they name it. That it comes, goes or moves is a matter of its page. */
const WITHIN = {
  setText: 'at',
  setTarget: 'at',
  setFamily: 'at',
  setChoice: 'at',
  setPicture: 'at',
  setFilm: 'at',
  insertItem: 'list',
  removeItem: 'list',
  moveItem: 'list',
  setContent: 'section',
  setShape: 'section',
  setSection: 'section',
  putSection: 'section',
} as const;
export type WithinSection = OperationNamed<keyof typeof WITHIN>;
export const isWithin = (one: SingleOperation): one is WithinSection => Object.hasOwn(WITHIN, one.op);

/** The id of the section that an operation changes. */
export function sectionWithin(one: WithinSection): string {
  const named = (one as unknown as Record<string, string | { section: string } | Section>)[WITHIN[one.op]]!;
  return typeof named === 'string' ? named : 'section' in named ? named.section : named.id;
}

/** The same change of another section. What is put in the place of it has its reason and its name, and is hidden where it is. */
export function changeOf(
  one: WithinSection,
  section: Pick<Section, 'id' | 'reason' | 'hidden' | 'anchor'>,
): WithinSection {
  if (one.op === 'putSection') {
    const { id, reason, hidden, anchor } = section;
    const { hidden: _, anchor: __, ...put } = one.section;
    return { ...one, section: inOrder({ ...put, id, reason, ...(anchor && { anchor }), ...(hidden && { hidden }) }) };
  }
  const named = WITHIN[one.op];
  const place = (one as unknown as Record<string, unknown>)[named];
  return {
    ...one,
    [named]: typeof place === 'string' ? section.id : { ...(place as object), section: section.id },
  } as WithinSection;
}
