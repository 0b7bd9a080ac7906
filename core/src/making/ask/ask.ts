import { allTexts } from '../generate/site.js';
import { reworded } from '../../model/marks.js';
import { Facts, type FactField, type SiteDocument } from '../../model/site.js';
import type { Operation, SingleOperation } from '../../operations/operation.js';
import { apply } from '../../operations/apply.js';
import { OperationError } from '../../operations/definition.js';
import { askPlan } from '../plan/ask-plan.js';
import { readHours } from '../../brief/hours/index.js';
import { readPhone } from '../../brief/reading/reach.js';
import { some } from '../../ground/some.js';

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
    .replace(/^["“„«‘'](.*)["“”»’']$/s, '$1')
    .trim();
const no = (words: string): Answer => ({ operation: null, words });
const NOT_UNDERSTOOD = no(
  'Not understood, so nothing was changed. Try: change “mend” to “repair”; phone is 01632 960 114; add a page about prices; move about before services.',
);

/** Words that judge a fact instead of giving it: “the address is wrong”. */
const JUDGES =
  /^(?:(?:all|still|now|just|really|very|quite|so|too|a bit|a little|completely|probably)\s+)*(?:wrong|not|no|incorrect|missing|out(?:dated| of date)|old|gone|never|nowhere|different|changed|hard|unclear|illegible|bad|good|fine|ok(?:ay)?|right|correct|nice|ugly|long|short|big|small|large|there|here|where|on|in|at the (?:top|bottom)|misspel+ed|misspelt|spel+ed|spelt|what|the (?:same|wrong|old)|hidden|visible|shown)\b/i;
/** What a fact has to look like to be taken for one; those without an entry take any words. */
const LOOKS_LIKE: Partial<Record<FactField, (value: string) => boolean>> = {
  phone: (v) => readPhone(v) !== null,
  mail: (v) => /^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(v),
  hours: (v) => {
    const { openings, closings, rules } = readHours(v).hours;
    return openings.length + closings.length + rules.length > 0;
  },
};

/** A fact set to a value, as far as the sentence plainly says so. */
function askFact(said: string): Answer | null {
  // “The address is wrong, it should be Unit 8” gives the value after the complaint.
  const corrected =
    /^(?:the|our|their|my)?\s*([a-z -]+?)\s+(?:is|are)\s+(?:\S+\s+){0,3}?(?:wrong|incorrect|not right|out of date|old)\s*[,;:.–-]*\s*(?:it|they)?\s*(?:should|must|ought to)\s+(?:be|say|read)\s+(.+)$/is.exec(
      said,
    );
  const plain =
    /^(?:please\s+)?(?:change|set|make)?\s*(?:the|our|their|my)?\s*([a-z -]+?)\s*(?:(?:is|are) now|is|are|to|:|=)\s+(.+)$/is.exec(
      said,
    );
  const m = [corrected, plain].find((x) => x && FACTS[x[1]!.toLowerCase().trim()]);
  const field = m && FACTS[m[1]!.toLowerCase().trim()];
  if (!m || !field) return null;
  const value = unquote(m[2]!);
  const doubtful =
    !corrected && (JUDGES.test(value) || /[,;.]\s*(?:it|they|that|please|can|could|should)\b/i.test(value));
  if (!value || doubtful || LOOKS_LIKE[field]?.(value) === false)
    return no(`That does not say plainly what the ${field} is, so nothing was changed. Say: ${field} is …`);
  if (value.length > (Facts.properties[field].maxLength ?? 200)) return no(`That is too long for the ${field}.`);
  const are = field === 'hours' ? 'are' : 'is';
  return {
    operation: { op: 'setFact', field, value },
    words: `The ${field} ${are} now “${value}”, everywhere it stands.`,
  };
}

/** Words put in the place of others, whole words only, wherever they stand. */
function askSwap(document: SiteDocument, said: string): Answer | null {
  const swap = /^(?:please\s+)?(?:change|replace|put)\s+(.+?)\s+(?:to|with|by|into)\s+(.+)$/is.exec(said);
  if (!swap) return null;
  const [from, to] = [unquote(swap[1]!), unquote(swap[2]!)];
  if (!from) return NOT_UNDERSTOOD;
  const literal = from.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&');
  const edge = (c: string, look: string) => (/[\p{L}\p{N}]/u.test(c) ? look : '');
  const whole = new RegExp(
    `${edge(from[0]!, '(?<![\\p{L}\\p{N}])')}${literal}${edge(from.at(-1)!, '(?![\\p{L}\\p{N}])')}`,
    'gu',
  );
  const operations: SingleOperation[] = allTexts(document)
    .map((t) => ({ t, value: t.text.value.replace(whole, () => to) }))
    .filter(({ t, value }) => value !== t.text.value && value.length <= 4000)
    .map(({ t, value }) => ({
      op: 'setText',
      at: { section: t.section.id, path: t.path },
      text: { ...reworded({ value: t.text.value, marks: t.text.marks }, value), from: { kind: 'designer' } },
    }));
  if (!operations.length) return no(`“${from}” stands nowhere on this site.`);
  return { operation: { op: 'batch', operations }, words: `Changed in ${some(operations.length, 'text')}.` };
}

/**
 * Reads a change said in plain words: of the plan, of a fact, or words put in the place of others. What is not plainly
 * understood, and what would leave everything as it is, changes nothing and says so. With `live`, pages keep their
 * addresses.
 */
export function ask(document: SiteDocument, sentence: string, live = false): Answer {
  const said = sentence.trim().replace(/[.]$/, '');
  const answer = askPlan(document, said, live) ?? askFact(said) ?? askSwap(document, said) ?? NOT_UNDERSTOOD;
  if (!answer.operation) return answer;
  try {
    const { document: after } = apply(document, answer.operation);
    return JSON.stringify(after) === JSON.stringify(document) ? no('That is so already: nothing was changed.') : answer;
  } catch (error) {
    if (error instanceof OperationError) return no(error.message);
    throw error;
  }
}
