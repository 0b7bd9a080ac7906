import { allTexts } from '../generate/site.js';
import { Facts, type FactField, type SiteDocument } from '../model/site.js';
import type { Operation, SingleOperation } from '../operations/operation.js';
import { askPlan } from '../plan/ask-plan.js';

/** What a sentence on the ask line comes to: changes, or why there are none. */
export interface Answer {
  operation: Operation | null;
  words: string;
}

const FACTS: Record<string, FactField> = {
  phone: 'phone',
  telephone: 'phone',
  mail: 'mail',
  email: 'mail',
  address: 'address',
  hours: 'hours',
  'opening hours': 'hours',
  place: 'place',
  town: 'place',
  name: 'name',
  strapline: 'strapline',
  trade: 'trade',
};
const unquote = (s: string) =>
  s
    .trim()
    .replace(/^["“”‘'](.*)["“”’']$/s, '$1')
    .trim();
const some = (n: number, word: string) => `${n} ${word}${n === 1 ? '' : 's'}`;

/** Reads a change said in plain words: of the plan, of a fact, or words put in the place of others. */
export function ask(document: SiteDocument, sentence: string): Answer {
  const said = sentence.trim().replace(/[.]$/, '');
  const plan = askPlan(document, said);
  if (plan) return plan;
  const fact =
    /^(?:please\s+)?(?:change|set|make)?\s*(?:the|our|their)?\s*([a-z -]+?)\s*(?:is now|is|to|:|=)\s+(.+)$/is.exec(
      said,
    );
  const field = fact && FACTS[fact[1]!.toLowerCase().trim()];
  if (field) {
    const value = unquote(fact[2]!);
    if (value.length > (Facts.properties[field].maxLength ?? 200))
      return { operation: null, words: `That is too long for the ${field}.` };
    return {
      operation: { op: 'setFact', field, value },
      words: `The ${field} is now “${value}”, everywhere it stands.`,
    };
  }
  const swap = /^(?:please\s+)?(?:change|replace|put)\s+(.+?)\s+(?:to|with|by|into)\s+(.+)$/is.exec(said);
  if (swap) {
    const [from, to] = [unquote(swap[1]!), unquote(swap[2]!)];
    const operations: SingleOperation[] = allTexts(document)
      .filter((t) => t.text.value.includes(from))
      .map((t) => ({
        op: 'setText',
        at: { section: t.section.id, path: t.path },
        text: { value: t.text.value.replaceAll(from, to).slice(0, 4000), from: { kind: 'designer' } },
      }));
    if (!operations.length) return { operation: null, words: `“${from}” stands nowhere on this site.` };
    return { operation: { op: 'batch', operations }, words: `Changed in ${some(operations.length, 'text')}.` };
  }
  return {
    operation: null,
    words:
      'Not understood. Try: change “mend” to “repair”; phone is 01632 960 114; add a page about prices; move services up.',
  };
}
