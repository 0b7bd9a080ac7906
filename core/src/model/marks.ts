import { Type, type Static } from '@sinclair/typebox';

const Offset = Type.Integer({ minimum: 0, maximum: 4000 });

/**
 * Where a link in a text leads: a page of the site, a section of it or a file of the site, by their ids, a phone (RFC 3966), a
 * mail address (RFC 6068) or an address of the web.
 */
export const LinkTarget = Type.String({
  maxLength: 500,
  pattern:
    '^(page:[a-z0-9][a-z0-9-]{0,63}(#[a-z0-9][a-z0-9-]{0,63})?|file:[a-z0-9][a-z0-9-]{0,63}|tel:\\+?[0-9]{3,20}|mailto:[^\\s@<>"]+@[^\\s@<>"]+|https?://[^\\s<>"]+)$',
});

const TARGET = new RegExp(LinkTarget.pattern!, 'u');
/** Whether a link can lead there: what the schema says, for where no schema can be compiled. */
export const isTarget = (target: string): boolean => target.length <= LinkTarget.maxLength! && TARGET.test(target);

/** What stands out of a text between two places in it, counted in UTF-16 units as its value is. */
export const TextMark = Type.Union([
  Type.Object(
    { kind: Type.Union([Type.Literal('strong'), Type.Literal('stress')]), from: Offset, to: Offset },
    { additionalProperties: false },
  ),
  Type.Object(
    { kind: Type.Literal('link'), from: Offset, to: Offset, target: LinkTarget },
    { additionalProperties: false },
  ),
]);
export type TextMark = Static<typeof TextMark>;
export const MARK_KINDS = ['link', 'strong', 'stress'] as const;

/**
 * What a person may do with the words of a field beside writing them: nothing, say where the whole of them leads, set parts
 * of them off, or lists as well.
 */
export type FieldForm = 'words' | 'button' | 'line' | 'prose';
/** Whether parts of the words of a field can be set off. */
export const takesMarks = (form: FieldForm): boolean => form === 'line' || form === 'prose';

/** What begins a line that is an item of a list. */
export const BULLET = '• ';

/** Words with what stands out in them; a text is such, and so is a part of it. */
export interface Marked {
  value: string;
  marks?: readonly TextMark[] | undefined;
}

/** A stretch of a text that is all of one make. */
export interface Run {
  words: string;
  strong: boolean;
  stress: boolean;
  link: string | null;
}

const targetOf = (m: TextMark) => ('target' in m ? m.target : '');
const rank = (m: TextMark) => MARK_KINDS.indexOf(m.kind);

/**
 * Marks in the one order and form there is for what they say: within the text, none empty, those of a kind that touch made
 * one, no two links over one word (the later one holds). Undefined where nothing is left: a text without marks has no list.
 */
export function cleanMarks(value: string, marks: readonly TextMark[] | undefined): TextMark[] | undefined {
  if (!marks?.length) return undefined;
  const clean: TextMark[] = [];
  for (const kind of MARK_KINDS) {
    // What each place is marked with: the cheapest way to be right about every overlap.
    const over: (string | undefined)[] = [];
    for (const m of marks)
      if (m.kind === kind)
        for (let n = Math.max(0, m.from); n < Math.min(value.length, m.to); n++) over[n] = targetOf(m);
    for (let n = 0; n < over.length;) {
      const target = over[n];
      let to = n + 1;
      while (to < over.length && over[to] === target) to++;
      if (target !== undefined)
        clean.push(kind === 'link' ? { kind, from: n, to, target } : { kind: kind, from: n, to });
      n = to;
    }
  }
  clean.sort((a, b) => a.from - b.from || rank(a) - rank(b));
  return clean.length ? clean : undefined;
}

/** True where two texts have the same words and the same set off in them, whatever order their properties are in. */
export const sameWords = (a: Marked, b: Marked): boolean => {
  const [ours = [], theirs = []] = [a.marks, b.marks];
  return (
    a.value === b.value &&
    ours.length === theirs.length &&
    ours.every((m, n) => {
      const o = theirs[n]!;
      return m.kind === o.kind && m.from === o.from && m.to === o.to && targetOf(m) === targetOf(o);
    })
  );
};

/** True where marks are as `cleanMarks` leaves them. */
export function marksFit({ value, marks }: Marked): boolean {
  return (
    marks === undefined || (marks.length > 0 && sameWords({ value, marks }, { value, marks: cleanMarks(value, marks) }))
  );
}

/** A text cut where what it is made of changes, in order: its words put together again are its value. */
export function runsOf({ value, marks = [] }: Marked): Run[] {
  const cuts = [...new Set([0, value.length, ...marks.flatMap((m) => [m.from, m.to])])]
    .filter((n) => n >= 0 && n <= value.length)
    .sort((a, b) => a - b);
  return cuts.slice(1).map((to, n) => {
    const from = cuts[n]!;
    const here = marks.filter((m) => m.from <= from && m.to >= to);
    const link = here.find((m) => m.kind === 'link');
    return {
      words: value.slice(from, to),
      strong: here.some((m) => m.kind === 'strong'),
      stress: here.some((m) => m.kind === 'stress'),
      link: link ? targetOf(link) : null,
    };
  });
}

/** A stretch of a text with the marks that are in it. */
export function sliced({ value, marks }: Marked, from: number, to = value.length): Marked {
  const words = value.slice(from, to);
  const within = marks?.map((m) => ({ ...m, from: m.from - from, to: m.to - from }));
  const left = cleanMarks(words, within);
  return left ? { value: words, marks: left } : { value: words };
}

/** A part of a text of several lines: lines of running words, or a list. */
export type Block = { words: Marked; items?: never } | { words?: never; items: Marked[] };

/** A text as the paragraphs and lists it is made of: lines that begin with a bullet are the items of a list. */
export function blocksOf(text: Marked): Block[] {
  const blocks: Block[] = [];
  let at = 0;
  for (const line of text.value.split('\n')) {
    const end = at + line.length;
    const last = blocks.at(-1);
    if (line.startsWith(BULLET)) {
      const item = sliced(text, at + BULLET.length, end);
      if (last?.items) last.items.push(item);
      else blocks.push({ items: [item] });
    } else if (last?.words) last.words = sliced(text, at - 1 - last.words.value.length, end);
    else if (line.trim()) blocks.push({ words: sliced(text, at, end) });
    at = end + 1;
  }
  return blocks;
}

/**
 * The marks of a text after its words are others: what stands before and after the words that changed keeps its marks, and
 * so does what was written within a stretch that was all marked. Words that are gone take theirs with them.
 */
export function marksAfter({ value: before, marks }: Marked, value: string): TextMark[] | undefined {
  if (!marks?.length || before === value) return marks ? [...marks] : undefined;
  const most = Math.min(before.length, value.length);
  let head = 0;
  while (head < most && before[head] === value[head]) head++;
  let tail = 0;
  while (tail < most - head && before[before.length - 1 - tail] === value[value.length - 1 - tail]) tail++;
  const end = before.length - tail;
  const shift = value.length - before.length;
  const moved = marks.flatMap((m): TextMark[] => {
    if (m.to <= head) return [m];
    if (m.from >= end) return [{ ...m, from: m.from + shift, to: m.to + shift }];
    // The change is within it, or reaches over one of its ends: what is left of it stays.
    if (m.from <= head && m.to >= end) return [{ ...m, to: m.to + shift }];
    if (m.from < head) return [{ ...m, to: head }];
    if (m.to > end) return [{ ...m, from: end + shift, to: m.to + shift }];
    return [];
  });
  return cleanMarks(value, moved);
}

/** A text put in the place of another one, with as many of the other’s marks as still have their words. */
export function withMarksOf<T extends Marked>(before: Marked, after: T): T {
  const marks = after.marks ?? marksAfter(before, after.value);
  return marks ? { ...after, marks } : after;
}

/** Other words for a text, with as many of its marks as still have their words. */
export function reworded<T extends Marked>(text: T, value: string): T {
  const { marks: _, ...bare } = text;
  const marks = marksAfter(text, value);
  return { ...bare, value, ...(marks && { marks }) } as T;
}
