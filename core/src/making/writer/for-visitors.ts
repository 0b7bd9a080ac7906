import { NEVER, type WhyHeld } from '../../brief/roles/never.js';

export type { WhyHeld };

/**
 * Whether a sentence of a client’s text is for visitors. What a client writes to a designer is mostly not: wishes,
 * don’ts, greetings, asides, what others said, what is not settled. A sentence stands on a site only where nothing in it
 * speaks against that; what is held back is listed, and a person can clear it.
 */

/** What its words say against a sentence, or null where it may stand on the site. */
export function whyHeld(sentence: string): WhyHeld | null {
  const flat = sentence.replace(/\s+/g, ' ').trim();
  for (const [why, pattern] of NEVER) if (pattern.test(flat)) return why;
  // Words in capitals are shouted at somebody: NOT purple.
  return /(?<![\p{L}])(?:NOT|NO|NEVER|MUST|ONLY|DON[’']?T|NICHT|KEIN|PAS|JAMAIS|NUNCA)(?![\p{L}])/u.test(flat)
    ? 'a don’t'
    : null;
}
