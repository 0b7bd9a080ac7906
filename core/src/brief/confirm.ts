import type { Correction, Facts, SiteDocument } from '../model/site.js';
import { labelledLines } from './reading/labels.js';
import { lately } from './reading/lately.js';
import { readText } from './reading/read-text.js';
import { wordsOf, type Span } from './reading/span.js';

/** A fact that was read out of running text and that nobody has looked at. */
export interface FactToConfirm {
  field: 'name' | 'trade' | 'hours' | 'price';
  /** What it is the price of, or what it is: “Name”, “Opening hours”, “Price of Rigging”. */
  what: string;
  value: string;
  /** The stretch of the brief it was read from. */
  words: string;
  /** The service whose price it is. */
  service?: string;
}

/**
 * True where it is certain what a business does: it was typed or confirmed by a person, or the text leaves no doubt of it. A
 * trade that was only guessed at is in no sentence and in no picture.
 */
export function tradeIsPlain({ facts, corrections }: Pick<SiteDocument, 'facts' | 'corrections'>): boolean {
  if (!facts.description.trim()) return true;
  const { facts: read, tradePlain } = readText(facts.description);
  return tradePlain || read.trade !== facts.trade || corrections.some((c) => c.was === 'trade' && c.is === 'trade');
}

/** Facts without their trade, by the facts: what is known of facts is kept by them, and every page asks. */
const tradeless = new WeakMap<Facts, Facts>();
/** The facts as a site may tell them: without a trade that nobody is sure of. */
export function withoutGuess(document: Pick<SiteDocument, 'facts' | 'corrections'>): Facts {
  const { facts } = document;
  if (tradeIsPlain(document)) return facts;
  const without = tradeless.get(facts) ?? { ...facts, trade: '' };
  tradeless.set(facts, without);
  return without;
}

const once = lately<FactToConfirm[]>(200);

/** The correction by which a person says that a reading is right. */
export const confirmation = ({ field, words }: FactToConfirm): Correction => ({
  words: words.slice(0, 600),
  was: field,
  is: field,
});

/** What takes back a reading that a person says is wrong: the corrections, and the facts without what it put there. */
export function refusal(facts: Facts, fact: FactToConfirm): { corrections: Correction[]; facts: Partial<Facts> } {
  const { field, words, service } = fact;
  // The hours are refused as they are shown: as a whole, wherever their parts were read.
  const said =
    field === 'hours'
      ? readText(facts.description).spans.flatMap((s) => (s.field === 'hours' ? wordsOf(facts.description, s) : []))
      : [words];
  return {
    corrections: said.map((w) => ({ words: w.slice(0, 600), was: field, is: null })),
    facts:
      field === 'price'
        ? { services: facts.services.map((s) => (s.name === service ? { ...s, price: '' } : s)) }
        : { [field]: '' },
  };
}

/**
 * Names, a trade that is not certain, hours and prices that stand in the facts just as they were read out of the client’s
 * running text, and that nobody has confirmed. What stands behind a label or in a list is the client’s own plain statement; what a person typed
 * differs from what was read; neither is here.
 */
export function factsToConfirm({ facts, corrections }: Pick<SiteDocument, 'facts' | 'corrections'>): FactToConfirm[] {
  const { description, name, hours, services } = facts;
  if (!description.trim()) return [];
  // Asked of every site whenever sites are listed: the same facts are looked at once.
  const key = JSON.stringify([description, name, facts.trade, hours, services, corrections]);
  return once(key, () => toConfirmIn(facts, corrections));
}

function toConfirmIn(facts: Facts, corrections: readonly Correction[]): FactToConfirm[] {
  const { description } = facts;
  const stated = statedAt(description);
  const words = (s: Span) => description.slice(s.from, s.to).replace(/\s+/g, ' ').trim();
  const read = readText(description);
  const spans = read.spans.filter((s) => !stated(s.from));
  const open = spans.filter(
    (s) => !corrections.some((c) => c.was === s.field && c.is === s.field && c.words === words(s).slice(0, 600)),
  );
  // A value that is stated plainly somewhere is no guess, wherever else it stands.
  const plain = (field: string, value: string) =>
    readText(description).spans.some((s) => s.field === field && s.value === value && stated(s.from));
  const found = (
    field: 'name' | 'hours' | 'price',
    what: string,
    fits: (value: string) => boolean,
  ): FactToConfirm[] => {
    const span = open.find((s) => s.field === field && s.value && fits(s.value) && !plain(field, s.value));
    return span ? [{ field, what, value: span.value, words: words(span) }] : [];
  };
  return [
    ...(facts.name ? found('name', 'Name', (v) => v === facts.name) : []),
    ...(facts.trade && !tradeIsPlain({ facts, corrections: [...corrections] })
      ? [{ field: 'trade' as const, what: 'Trade', value: facts.trade, words: facts.trade }]
      : []),
    // The hours are confirmed as a whole: what they come to is shown, wherever its parts were read.
    ...(facts.hours
      ? found('hours', 'Opening hours', (v) => facts.hours.includes(v) || facts.hours === read.facts.hours).map(
          (h) => ({
            ...h,
            value: facts.hours.split('\n').join('; '),
          }),
        )
      : []),
    ...facts.services.flatMap((s) =>
      s.price ? found('price', `Price of ${s.name}`, (v) => v === s.price).map((f) => ({ ...f, service: s.name })) : [],
    ),
  ];
}

/** Whether an offset lies in a line that says itself what it is: behind a label, or in a list. */
function statedAt(source: string): (at: number) => boolean {
  const lines = labelledLines(source).labels.map(({ blockFrom, blockTo }) => [blockFrom, blockTo] as const);
  const list = [...source.matchAll(/^[ \t]*(?:[-*•–·▪]|\d{1,2}[.)])[ \t].*$/gmu)].map(
    (m) => [m.index, m.index + m[0].length] as const,
  );
  return (at) => [...lines, ...list].some(([from, to]) => at >= from && at <= to);
}
