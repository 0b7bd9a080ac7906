/** What a stretch of a brief says something about. */
export const SPAN_FIELDS = [
  'name',
  'strapline',
  'trade',
  'place',
  'area',
  'phone',
  'mail',
  'address',
  'hours',
  'founded',
  'service',
  'price',
  'person',
  'membership',
  'social',
  'audience',
  'apart',
  'wanted',
  'unwanted',
  'style',
  'colour',
  'dislike',
  'keyword',
  'language',
  'aim',
  'tone',
  'benefit',
  'premises',
  'registration',
  'event',
] as const;
export type SpanField = (typeof SPAN_FIELDS)[number];

/** A stretch of the source that was read as a fact: offsets in UTF-16 units, and the value in its normal form. */
export interface Span {
  field: SpanField;
  from: number;
  to: number;
  value: string;
}

export type { Language } from '../../language/language.js';

/** The words of a span as they stand in the source. */
export const wordsOf = (source: string, span: Span): string => source.slice(span.from, span.to);

const LATIN: Record<string, string> = { L: 'A-Za-zÀ-ÖØ-öø-ž', Ll: 'a-zß-öø-ž', Lu: 'A-ZÀ-ÖØ-Þ', N: '0-9' };
const made = new WeakMap<RegExp, RegExp>();

/**
 * A pattern with its letter classes narrowed to the Latin letters of the languages read here, and without the u flag:
 * ready in a fraction of the time. Made once for each pattern.
 */
export function latin(pattern: RegExp): RegExp {
  const known = made.get(pattern);
  if (known) return known;
  let inClass = false;
  const source = pattern.source.replace(/\\p\{(\w+)\}|\\.|[[\]]/gs, (token: string, name?: string) => {
    if (token === '[') inClass = true;
    else if (token === ']') inClass = false;
    else if (name) return inClass ? LATIN[name]! : `[${LATIN[name]!}]`;
    return token;
  });
  const narrowed = new RegExp(source, pattern.flags.replace('u', ''));
  made.set(pattern, narrowed);
  return narrowed;
}

/** Spans of every match of a pattern; `value` turns a match into the fact, or gives null where it is none. */
export function* matches(
  source: string,
  pattern: RegExp,
  field: SpanField,
  value: (match: RegExpMatchArray) => string | null = (m) => m[1] ?? m[0],
): Generator<Span> {
  for (const m of source.matchAll(latin(pattern))) {
    const said = value(m);
    if (said === null || !said.trim()) continue;
    // The first group, where there is one, is the fact itself; what stands around it only shows that it is one.
    const inner = m[1] === undefined ? 0 : m[0].indexOf(m[1]);
    const from = m.index! + Math.max(0, inner);
    yield { field, from, to: from + (m[1] ?? m[0]).length, value: said.trim() };
  }
}

/** The sentence, line or bullet around an offset. */
export function sentenceAt(source: string, at: number): { from: number; to: number; text: string } {
  // A sentence is sought no further than a long one reaches: a text without full stops is not walked whole each time.
  const low = Math.max(0, at - 400);
  const piece = source.slice(low, at + 400);
  let from = low;
  for (const m of piece.matchAll(/[.!?](?=\s+["“‘(]?[\p{Lu}\d])|\n/gu)) {
    const end = low + m.index + m[0].length;
    if (end > at) return { from, to: end, text: source.slice(from, end) };
    from = end;
  }
  return { from, to: low + piece.length, text: source.slice(from, low + piece.length) };
}
