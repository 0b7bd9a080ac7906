import type { Message, SiteLanguage } from '../../language/language.js';
import type { Text, Tone } from '../../model/site.js';
import type { Random } from '../../ground/random.js';
import { splitSentences } from './sentences.js';
import { capital, type Slot, type Slots } from './slots.js';

const SLOT = /\{([A-Za-z0-9]+)(\^?)\}/g;
const HEADING_LIMIT = 64;

/** Reads `[several|one]` by who speaks. */
export const voiced = (pattern: string, one: boolean): string =>
  pattern.replace(/\[([^|\]]*)\|([^\]]*)\]/g, (_, several: string, single: string) => (one ? single : several));

/** A pattern filled from the facts, or null where they cannot fill it. */
export function fill(pattern: string, slots: Slots, one: boolean): { value: string; used: Slot[] } | null {
  const used: Slot[] = [];
  let whole = true;
  // `{?slot}` asks that a fact is there without saying it.
  const conditions = [...pattern.matchAll(/\{\?([A-Za-z0-9]+)\}/g)];
  if (!conditions.every((c) => slots.has(c[1]!))) return null;
  const value = voiced(pattern.replace(/\{\?[A-Za-z0-9]+\}/g, ''), one).replace(SLOT, (_, name: string, up: string) => {
    const slot = slots.get(name);
    if (!slot) {
      whole = false;
      return '';
    }
    used.push(slot);
    return up ? capital(slot.value) : slot.value;
  });
  // A fact that ends a sentence itself brings its own stop.
  return whole ? { value: capital(value).replace(/([.!?…])\.(?=\s|$)/g, '$1'), used } : null;
}

/** A text without what does not make it another: case, stops and spaces. */
const bare = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** A text and each of its sentences that is more than a word or two, bare. */
const partsOf = (text: string) => [
  bare(text),
  ...splitSentences(text)
    .map(bare)
    .filter((s) => s.split(' ').length >= 4),
];

const roots = (text: string) =>
  text
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length >= 4)
    .map((w) => w.slice(0, 5));
/** True where the name says the trade already: “Thiessen Sails, sailmaker”. */
function saysTheTrade(used: readonly Slot[]): boolean {
  const of = (fact: string) => used.filter((s) => s.fact === fact).map((s) => s.value);
  const [name] = of('name');
  const [trade] = of('trade');
  if (name === undefined || trade === undefined) return false;
  // „Obstbaumschule Wittrock“ is a Baumschule.
  const whole = trade.toLowerCase();
  return roots(trade).some((r) => roots(name).includes(r)) || (whole.length > 4 && name.toLowerCase().includes(whole));
}

/** Messages that are said once on a site, and the fact each tells. */
const TOLD_ONCE: Partial<Record<Message, string>> = {
  tongues: 'tongues',
  membership: 'Member',
  benefits: 'Benefits',
  premises: 'premises',
  audience: 'audience',
  people: 'person1',
  identity: 'identity',
  area: 'area',
};

/** Where words come from: the brief’s where a fact was used, else a line of the house that claims nothing. */
function provenance(tag: string, message: Message, n: number, used: readonly Slot[]): Text['from'] {
  const quotes = [...new Set(used.flatMap((s) => (s.quote === null ? [] : [s.quote])))];
  if (quotes.length) return { kind: 'brief', quote: quotes.join('; ').slice(0, 2000) };
  const line = used.find((s) => s.quote === null)?.says[0] ?? `${tag}/${message}/${n}`;
  return { kind: 'pack', line, claim: false };
}

/**
 * Picks what to say and remembers what was said: no pattern twice on a site, no sentence twice, and on a page a fact
 * again only where there is nothing else.
 */
export class Speaker {
  private readonly patterns = new Set<string>();
  private readonly sentences = new Set<string>();
  private said = new Set<string>();
  private names = 0;
  /** Facts that are told once on a site and not again: by a sentence of the client or by the house. */
  private readonly once = new Set<string>();

  constructor(
    readonly language: SiteLanguage,
    readonly slots: Slots,
    readonly tone: Tone,
    readonly one: boolean,
    private readonly random: Random,
    /** How much the tone counts: one that was chosen counts for more than one that is only supposed. */
    private readonly toneWeight: number,
  ) {}

  /** A new page: what another page said may be said again. */
  turn(): void {
    this.said = new Set();
  }
  /** Counts facts as said on this page, as those that own sentences tell. */
  mention(...facts: string[]): void {
    for (const f of facts) this.said.add(f);
  }
  /** What was said on this page. */
  mentioned(): string[] {
    return [...this.said];
  }
  /** Counts a text as used, so that nothing says it again. */
  use(value: string): void {
    for (const part of partsOf(value)) this.sentences.add(part);
  }
  has(value: string): boolean {
    return partsOf(value).some((part) => this.sentences.has(part));
  }
  /** Counts facts as told for the whole site. */
  tell(...facts: string[]): void {
    for (const f of facts) this.once.add(f);
  }

  /** A text for a message, or null where no pattern of it can be filled with anything new. */
  say(message: Message, options: { fresh?: boolean } = {}): Text | null {
    const pool = this.language.patterns[message];
    const heading = message.endsWith('Heading');
    let best: { value: string; used: Slot[]; key: string; n: number; score: number } | null = null;
    let n = 0;
    for (const tone of ['any', this.tone] as const)
      for (const pattern of pool[tone] ?? []) {
        n++;
        const key = `${message}/${pattern}`;
        if (this.patterns.has(key)) continue;
        const filled = fill(pattern, this.slots, this.one);
        if (!filled || this.has(filled.value) || saysTheTrade(filled.used)) continue;
        filled.value = this.language.polish?.(filled.value) ?? filled.value;
        if (heading && filled.value.length > HEADING_LIMIT) continue;
        const facts = filled.used.filter((s) => s.quote !== null);
        const again = new Set(facts.flatMap((s) => s.says).filter((f) => f !== 'name' && this.said.has(f))).size;
        if (options.fresh && again) continue;
        const score =
          this.random.next() * 1.2 +
          (tone === this.tone ? this.toneWeight : 0) +
          // A heading should say what only this business can say, the first above all.
          (heading && facts.length ? (message === 'openingHeading' ? 0.7 : 0.2) : 0) -
          Math.min(1.1, again * 0.45) -
          // The name is no refrain.
          (filled.used.some((s) => s.says[0] === 'name') ? Math.min(0.4, 0.12 * this.names) : 0);
        if (!best || score > best.score) best = { ...filled, key, n, score };
      }
    if (!best) return null;
    if (best.used.some((s) => s.says[0] === 'name')) this.names++;
    this.patterns.add(best.key);
    this.use(best.value);
    this.mention(...best.used.flatMap((s) => s.says));
    return { value: best.value, from: provenance(this.language.tag, message, best.n, best.used) };
  }

  /** As many of the messages as are wanted and have something new to say, as one text; null where none has. */
  weave(messages: readonly Message[], most: number): Text | null {
    const parts: Text[] = [];
    for (const message of messages) {
      if (parts.length >= most) break;
      const told = TOLD_ONCE[message];
      if (told && this.once.has(told)) continue;
      const part = this.say(message, { fresh: true });
      if (!part) continue;
      parts.push(part);
      if (told) this.once.add(told);
    }
    return joined(parts);
  }
}

/** Several texts as one: the brief’s words where any part has them, else the first part’s provenance. */
export function joined(parts: readonly Text[]): Text | null {
  if (!parts.length) return null;
  const value = parts.map((p) => p.value).join(' ');
  const quotes = parts.flatMap((p) => (p.from.kind === 'brief' ? [p.from.quote] : []));
  return quotes.length
    ? { value, from: { kind: 'brief', quote: [...new Set(quotes)].join('; ').slice(0, 2000) } }
    : { value, from: parts[0]!.from };
}
