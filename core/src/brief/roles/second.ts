import type { Language } from '../reading/span.js';

const LONGEST = 3;
/**
 * What a second opinion on a sentence goes by: its letters, two and three at a time, and nothing of where it stands. It errs
 * in other places than the model of roles does; what both take to be for visitors is private far less often.
 */
export function lettersOf(text: string, language: Language): string[] {
  const flat = ` ${text.toLowerCase().replace(/\d/g, '0').replace(/\s+/g, ' ').trim()} `;
  const out = new Set<string>();
  for (let n = 2; n <= LONGEST; n++)
    for (let at = 0; at + n <= flat.length; at++) out.add(language + flat.slice(at, at + n));
  return [...out];
}
