/** What holds for trades that are plied in one way: claims, each to confirm. */
export interface WayWords {
  /** What people ask, and an answer; an empty one only the client can give. */
  questions: (readonly [question: string, answer: string])[];
  /** How it goes, step by step: a name and a sentence. */
  steps: (readonly [name: string, text: string])[];
}

/**
 * The ways of working of a language from its lines: “# id”, then “? question = answer” (without “= answer” where only the
 * client can give one) and “> step = what happens in it”.
 */
export function wayWords(lines: string): Record<string, WayWords> {
  const ways: Record<string, WayWords> = {};
  let way: WayWords | undefined;
  for (const line of lines.split('\n')) {
    const said = line.slice(2);
    if (line.startsWith('#')) ways[said] = way = { questions: [], steps: [] };
    else {
      const [words = '', more = ''] = said.split(' = ');
      (line.startsWith('?') ? way!.questions : way!.steps).push([words, more]);
    }
  }
  return ways;
}
