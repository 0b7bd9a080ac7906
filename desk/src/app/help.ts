import type { DeskPage, Here, Kind } from './model';
import type { Words } from './words/en';

/** A place of the desk that may be what somebody looks for. */
export interface Way {
  words: string;
  /** Where it is; empty where it is nothing the desk does. */
  to: string;
}
interface Known extends Way {
  /** Words by which people ask for it. */
  asked: string;
}

const MOST = 4;
/** Words as they are compared: without case and accents. */
const plain = (words: string): string[] =>
  words
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu) ?? [];
/** How much two words are one: 0 where they are not, 1 where one is the beginning of the other, 2 where they are the same. */
function likeness(typed: string, known: string): number {
  if (typed === known) return 2;
  const [short, long] = typed.length < known.length ? [typed, known] : [known, typed];
  // What is still being typed is short; a word known is met by its other endings only where enough of it is the same.
  return long.startsWith(short) && short.length >= (short === typed ? 3 : Math.max(4, long.length - 3)) ? 1 : 0;
}

/** All that the desk does for whoever is here. */
function waysOf(w: Words, here: Here, pages: readonly DeskPage[]): Known[] {
  const { role } = here.me;
  const open = (kind: Kind) => !here.locked.includes(kind);
  const way = (name: keyof Words['help']['ways'], to: string): Known => ({ ...w.help.ways[name], to });
  const ways: Known[] = [way('post', '/post'), way('me', '/me'), way('visits', '/')];
  if (role === 'messages') return ways;
  if (open('hours')) ways.push(way('hours', '/us/hours'));
  if (open('prices')) ways.push(way('prices', '/us/prices'));
  if (open('people')) ways.push(way('who', '/us/people'));
  if (open('contact')) ways.push(way('contact', '/us'));
  if (open('words') || open('pictures')) {
    ways.push(way('pages', '/pages'));
    for (const { id, label, sections } of pages)
      ways.push({
        words: w.help.page(label),
        to: `/pages/${id}`,
        // What stands on a page leads to it too.
        asked: `${label} ${sections.flatMap((s) => s.texts.map((t) => t.value)).join(' ')}`,
      });
  }
  for (const { id, kind, name, locked } of here.lists)
    if (!locked)
      ways.push({
        words: w.newOf(w.kinds[kind] ?? name),
        to: `/lists/${id}/new`,
        asked: `${name} ${w.help.lists[kind] ?? ''}`,
      });
  if (role === 'owner') ways.push(way('people', '/people'));
  if (role !== 'write') ways.push(way('back', '/'), way('erase', '/post'));
  ways.push({ ...w.help.designer, to: '' });
  return ways;
}

/** The places that somebody may mean by what they typed, the likeliest first; none where it says too little. */
export function waysTo(typed: string, w: Words, here: Here, pages: readonly DeskPage[]): Way[] {
  const small = new Set(plain(w.help.small));
  const asked = plain(typed).filter((word) => word.length > 2 && !small.has(word));
  return waysOf(w, here, pages)
    .map((known, n) => {
      const own = plain(known.words);
      const all = [...new Set(plain(known.asked))];
      const best = (among: string[], word: string) => Math.max(0, ...among.map((k) => likeness(word, k)));
      const scores = asked.map((word) => Math.max(best(all, word), best(own, word)));
      return { known, n, score: scores.reduce((a, b) => a + b, 0) };
    })
    .filter((k) => k.score > 0)
    .sort((a, b) => b.score - a.score || a.n - b.n)
    .slice(0, MOST)
    .map(({ known: { words, to } }) => ({ words, to }));
}
