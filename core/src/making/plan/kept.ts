import {
  isPicture,
  isText,
  type ButtonText,
  type Medium,
  type Section,
  type SiteDocument,
  type Text,
} from '../../model/site.js';
import { isFrame } from '../../model/page.js';
import type { SingleOperation, Operation } from '../../operations/operation.js';
import { idFrom } from '../../ground/ids.js';
import { findSection } from '../../operations/reach.js';
import { anew } from '../../look/shapes/complete.js';
import { kinds } from '../../look/shapes/registry.gen.js';
import { canRepeat } from './sections.js';
import { kindOf, newSection } from './plan.js';

/** A section put by for other sites, with the pictures of it that can be drawn anew on any of them. */
export interface Kept {
  section: Section;
  media: Medium[];
}

/** Every leaf of a section’s content changed, where a change gives one. */
function mapLeaves(value: unknown, change: (leaf: unknown) => unknown): unknown {
  const changed = change(value);
  if (changed !== undefined) return changed;
  if (Array.isArray(value)) return value.map((v) => mapLeaves(v, change));
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, mapLeaves(v, change)]));
  return value;
}

/**
 * A section as it can be put by; null for the header and the footer, which every site has, and for a form, which belongs to
 * its site. Picture files stay with the client they are of: their places are bare.
 */
export function asKept(document: SiteDocument, id: string): Kept | null {
  const section = findSection(document, id);
  if (!section || isFrame(section) || !canRepeat(section)) return null;
  const media = new Map<string, Medium>();
  const content = mapLeaves(section.content, (leaf) => {
    if (!isPicture(leaf)) return undefined;
    const medium = document.media.find((m) => m.id === leaf.media);
    if (medium && medium.kind !== 'file') {
      media.set(medium.id, medium);
      return { media: leaf.media, alt: leaf.alt };
    }
    return { media: '', alt: leaf.alt };
  }) as Section['content'];
  const { hidden: _, twin: __, ...kept } = section;
  return { section: { ...kept, content }, media: [...media.values()] };
}

/** Words of another client: nobody has said them here, so they are to confirm, but for those that say nothing of anybody. */
const ofAnother = (text: Text): Text =>
  text.value === '' || (text.from.kind === 'pack' && !text.from.claim)
    ? text
    : { ...text, from: { kind: 'pack', line: 'kept/section', claim: true } };

/** The links of a text lead nowhere on another site: they go, and the words stay. */
const unled = ({ marks, to, ...text }: ButtonText): ButtonText => {
  const within = (target: string) => /^(?:page|file):/.test(target);
  const kept = marks?.filter((m) => m.kind !== 'link' || !within(m.target));
  return { ...text, ...(kept?.length && { marks: kept }), ...(to !== undefined && !within(to) && { to }) };
};

/**
 * The operation that lays a kept section in at a place on a page: with its words, which are to confirm there, or with the
 * words of this site. How it is laid out comes along either way. Null where this site has no such kind of section.
 */
export function layIn(document: SiteDocument, page: string, at: number, kept: Kept, words: boolean): Operation | null {
  const kind = kindOf(kept.section.shape);
  if (!kinds[kind]) return null;
  const id = `x${idFrom(`kept ${kept.section.id} ${JSON.stringify(document.pages)}`).slice(1)}`;
  const { feeds: _, content, ...dress } = kept.section;
  if (!words) {
    const written = newSection(document, kept.section.shape);
    const section = { ...dress, id, reason: written.reason, content: anew(kind, written.content, id) };
    return {
      op: 'insertSection',
      page,
      section: { ...section, ...(written.feeds && { feeds: written.feeds }) },
      at,
    };
  }
  // A picture of another site under an id that is taken here comes under another one.
  const ids = new Map<string, string>();
  const brought = kept.media.flatMap((medium): SingleOperation[] => {
    const there = document.media.find((m) => m.id === medium.id);
    if (there && JSON.stringify(there) === JSON.stringify(medium)) return [];
    const fresh = there ? `${medium.id.slice(0, 50)}-${idFrom(JSON.stringify(medium)).slice(1, 9)}` : medium.id;
    ids.set(medium.id, fresh);
    return document.media.some((m) => m.id === fresh) ? [] : [{ op: 'putMedium', medium: { ...medium, id: fresh } }];
  });
  const said = mapLeaves(content, (leaf) => {
    if (isText(leaf)) return ofAnother(unled(leaf));
    if (isPicture(leaf)) return { media: ids.get(leaf.media) ?? leaf.media, alt: ofAnother(leaf.alt) };
    return undefined;
  });
  const insert: SingleOperation = {
    op: 'insertSection',
    page,
    section: { ...dress, id, reason: 'Put in by the designer, from another site.', content: anew(kind, said, id) },
    at,
  };
  return brought.length ? { op: 'batch', operations: [...brought, insert] } : insert;
}
