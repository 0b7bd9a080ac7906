import { isPicture, isText, type Facts, type Section, type Text } from '../../model/site.js';
import { entryOf, type Item } from './follow.js';

const edited = (text: Text) => text.from.kind === 'designer' || text.from.kind === 'client';

/** True where somebody wrote or vouched for any text inside. */
export const hasWritten = (value: unknown): boolean =>
  isText(value)
    ? edited(value) && value.value !== ''
    : Array.isArray(value)
      ? value.some(hasWritten)
      : typeof value === 'object' && value !== null && Object.values(value).some(hasWritten);

type Listed = Item & { id: string };

/** What a thing in a list was made from: the entry of the facts it stands for, else its words and where they come from. */
function originOf(item: Listed, facts: Facts): string {
  const entry = isText(item) ? null : entryOf(item, facts);
  if (entry) return entry;
  const first = isText(item) ? item : Object.values(item).find((v): v is Text => isText(v) && v.value !== '');
  if (!first) return '';
  const { from } = first;
  return from.kind === 'pack' ? `pack/${from.line}` : from.kind === 'brief' ? `brief/${from.quote}` : '';
}

/**
 * Which old thing of a list each new one is: that of the same entry of the facts, or made from the same words; what stands
 * for no entry is told by its place among those. Words of one service never come under another.
 */
function matched(fresh: readonly Listed[], old: readonly Listed[], facts: Facts): Map<Listed, Listed> {
  const out = new Map<Listed, Listed>();
  const left = new Set(old);
  const take = (now: Listed, was: Listed | undefined) => {
    if (!was) return;
    out.set(now, was);
    left.delete(was);
  };
  const origin = (item: Listed) => originOf(item, facts);
  for (const now of fresh) {
    const from = origin(now);
    if (from)
      take(
        now,
        [...left].find((was) => origin(was) === from),
      );
  }
  const standsForEntry = (item: Listed) => /^(services|people|events)\//.test(origin(item));
  for (const now of fresh)
    if (!out.has(now) && !standsForEntry(now))
      take(
        now,
        [...left].find((was) => !standsForEntry(was)),
      );
  // What was written over whole says nothing any more of where it came from: as many as are left are those, in order.
  const rest = fresh.filter((now) => !out.has(now));
  if (rest.length === left.size) for (const now of rest) take(now, [...left][0]);
  return out;
}

/** A list written anew, in the order the old one was put in; what is new to it comes where the writer has it. */
function keepList(fresh: readonly Listed[], old: readonly Listed[], facts: Facts): Listed[] {
  const was = matched(fresh, old, facts);
  const now = new Map([...was].map(([f, o]) => [o, f]));
  const kept = old.flatMap((o): Listed[] => {
    const f = now.get(o);
    if (f) return [{ ...(keepEdited(f, o, facts) as Listed), id: o.id }];
    return hasWritten(o) ? [o] : [];
  });
  for (const [n, f] of fresh.entries()) if (!was.has(f)) kept.splice(Math.min(n, kept.length), 0, f);
  return kept;
}

/**
 * Content written anew with what a person has done to the old: texts they wrote or vouched for and pictures they put in
 * stand where they stood, items keep their ids and their order.
 */
export function keepEdited(fresh: unknown, old: unknown, facts: Facts): unknown {
  if (isText(fresh)) return isText(old) && edited(old) && old.value ? old : fresh;
  if (isPicture(fresh) && isPicture(old)) {
    if (!old.media) return fresh;
    return { media: old.media, alt: edited(old.alt) || old.media !== fresh.media ? old.alt : fresh.alt };
  }
  if (Array.isArray(fresh) && Array.isArray(old)) return keepList(fresh as Listed[], old as Listed[], facts);
  if (typeof fresh === 'object' && fresh !== null && typeof old === 'object' && old !== null)
    return Object.fromEntries(
      Object.entries(fresh).map(([k, v]) => [k, keepEdited(v, (old as Record<string, unknown>)[k], facts)]),
    );
  return fresh;
}

/** A section written anew in the shape, on the ground and with what a person has done to the one whose place it takes. */
export const dressedAs = (old: Section, { ground: _, content, ...fresh }: Section, facts: Facts): Section => ({
  ...fresh,
  id: old.id,
  shape: old.shape,
  ...(old.ground && { ground: old.ground }),
  content: keepEdited(content, old.content, facts) as Section['content'],
});
