/** Splits “A, B and C” into its parts, in four languages; an “and” inside a pair that belongs together stays. */
export function splitList(text: string): { text: string; at: number }[] {
  const out: { text: string; at: number }[] = [];
  const separators = /\s*(?:[,;]\s*(?:(?:and|y|e|et|und|as well as)\s+)?|\s(?:and|&|y|et|und|as well as)\s+)\s*/giu;
  let from = 0;
  const take = (to: number) => {
    const part = text.slice(from, to);
    const trimmed = part.trim();
    if (trimmed) out.push({ text: trimmed, at: from + part.indexOf(trimmed) });
  };
  for (const m of text.matchAll(separators)) {
    // „Apfel-, Birnen- und Pflaumensorten“ is one thing: what ends in a hyphen waits for its end.
    if (/\p{L}-$/u.test(text.slice(from, m.index))) continue;
    take(m.index);
    from = m.index + m[0].length;
  }
  take(text.length);
  return out;
}

/** The first letter as a capital. */
export const capital = (s: string): string => (s ? s[0]!.toUpperCase() + s.slice(1) : s);

/** True where a stretch of a sentence says no: “don’t”, “no longer”, “we’d rather not”. */
export const NEGATION =
  /\b(?:do(?:es)?n[’']?t|do(?:es)? not|don[’']t|no longer|never|stopped|gave up|not any ?more|isn[’']t|aren[’']t|won[’']t|can[’']t|without|rather not|no need|avoid|nothing|ya no|nunca|sin|no hacemos|ne\s+\p{L}+\s+(?:pas|plus)|plus de|pas de|sans|kein(?:e[rnms]?)?|nicht(?: mehr)?|ohne)\b/iu;

/** A word in a form that does not care for number: “clocks” and “clock” are one. */
export const stem = (word: string): string =>
  word
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/(?:’s|'s)$/, '')
    .replace(/(ss|us|is)$/, '$1')
    .replace(/(?<=kn|w|l)ives$/, 'ife')
    .replace(/ies$/, 'y')
    .replace(/(?<=[^s])s$/, '')
    .replace(/ing$/, '');
