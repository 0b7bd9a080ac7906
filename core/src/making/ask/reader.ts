import type { Page, Section, SiteDocument } from '../../model/site.js';
import { kindOf } from '../plan/plan.js';
import type { Even, Meaning, Mention } from './mention.js';

type Word = Meaning & { is: 'word' };
type Of<K extends Meaning['is']> = Extract<Meaning, { is: K }>;
/** A section and the page it stands on; null for what every page shares. */
export interface Placed {
  section: Section;
  page: Page | null;
}

/** What is in hand while something is asked for. */
export interface InHand {
  page?: string;
  section?: string;
  path?: string;
}

/** Verbs that say that something is to be done and not what: `verb:` stands for these alone where words are explained. */
const GENERAL = new Set(['add', 'put', 'change', 'use', 'say', 'write', 'show']);
const isFiller = (m: Mention) => m.meanings.every((x) => x.is === 'word' && x.kind === 'filler');
const WORD = /[\p{L}\p{N}][\p{L}\p{N}'-]*/gu;

/**
 * One part of a request, read by one intent: gives what it asks for, and keeps account of which words that explains. An
 * intent that leaves half of what was said unexplained has not understood it.
 */
export class Reader {
  private readonly used = new Set<Mention>();
  private readonly spans: [number, number][] = [];
  readonly mentions: readonly Mention[];

  constructor(
    readonly document: SiteDocument,
    readonly even: Even,
    /** Where this part begins and ends in the request. */
    readonly from: number,
    readonly to: number,
    mentions: readonly Mention[],
    readonly hand: InHand,
  ) {
    this.mentions = mentions.map((m) => ({ ...m, meanings: m.meanings.flatMap((x) => this.current(x) ?? []) }));
  }

  /** What is meant of the site, as the parts before this one leave it; undefined where it is gone. */
  private current(meaning: Meaning): Meaning | undefined {
    if (meaning.is === 'page') {
      const page = this.document.pages.find((p) => p.id === meaning.page.id);
      return page && { ...meaning, page };
    }
    if (meaning.is !== 'section' && meaning.is !== 'item') return meaning;
    const placed = this.placed().find((p) => p.section.id === meaning.section.id);
    return placed && (meaning.is === 'section' ? { ...meaning, ...placed } : { ...meaning, section: placed.section });
  }

  get words(): string {
    return this.even.raw.slice(this.from, this.to);
  }

  private all(test: (m: Meaning) => boolean): { mention: Mention; meaning: Meaning }[] {
    return this.mentions.flatMap((mention) => {
      const meaning = mention.meanings.find(test);
      return meaning ? [{ mention, meaning }] : [];
    });
  }
  private take<T>(found: { mention: Mention; meaning: T }[]): T[] {
    for (const { mention } of found) this.used.add(mention);
    return found.map((f) => f.meaning);
  }

  /** The words of these kinds (`verb:out`, `comp:size`, `all:`), all of them counted as explained. */
  every(...keys: string[]): Word[] {
    return this.take(this.worded(keys)) as Word[];
  }
  private worded(keys: readonly string[]): { mention: Mention; meaning: Meaning }[] {
    return this.all(
      (m) =>
        m.is === 'word' &&
        keys.some((k) =>
          k === 'verb:'
            ? m.kind === 'verb' && GENERAL.has(m.of)
            : `${m.kind}:${m.of}:${m.by}`.startsWith(k.endsWith(':') ? k : `${k}:`),
        ),
    );
  }
  /** The first of them, which alone counts as explained; undefined where there is none. */
  word(...keys: string[]): Word | undefined {
    return this.take(this.worded(keys).slice(0, 1))[0] as Word | undefined;
  }
  /** Whether there is one, without counting it as explained. */
  has(...keys: string[]): boolean {
    return (
      this.all(
        (m) => m.is === 'word' && keys.some((k) => `${m.kind}:${m.of}:`.startsWith(k.endsWith(':') ? k : `${k}:`)),
      ).length > 0
    );
  }
  things<K extends Meaning['is']>(is: K): Of<K>[] {
    return this.take(this.all((m) => m.is === is)) as Of<K>[];
  }
  /** The first thing of a kind, which alone counts as explained. */
  thing<K extends Meaning['is']>(is: K): Of<K> | undefined {
    return this.take(this.all((m) => m.is === is).slice(0, 1))[0] as Of<K> | undefined;
  }
  quoted(): string | undefined {
    return this.thing('quoted')?.text;
  }

  /** What comes before a mention: the preposition it stands with, past articles and the like. */
  private before(mention: Mention): string {
    const at = this.mentions.indexOf(mention);
    for (let n = at - 1; n >= 0; n--) {
      const m = this.mentions[n]!;
      const gap = this.even.low.slice(m.to, this.mentions[n + 1]!.from);
      if (/[\p{L}\p{N}]/u.test(gap)) return '';
      const prep = m.meanings.find((x): x is Word => x.is === 'word' && x.kind === 'prep');
      if (prep) return prep.of;
      if (!isFiller(m)) return '';
    }
    return '';
  }
  private prepOf(mention: Mention): Mention | undefined {
    const at = this.mentions.indexOf(mention);
    return this.mentions
      .slice(0, at)
      .reverse()
      .find((m) => m.meanings.some((x) => x.is === 'word' && x.kind === 'prep'));
  }
  private isPage(mention: Mention): boolean {
    const next = this.mentions[this.mentions.indexOf(mention) + 1];
    return !!next?.meanings.some((x) => x.is === 'word' && x.kind === 'noun' && x.of === 'page');
  }
  private isSection(mention: Mention): boolean {
    const next = this.mentions[this.mentions.indexOf(mention) + 1];
    return (
      !!next &&
      next.from - mention.to < 3 &&
      next.meanings.some((x) => x.is === 'word' && x.kind === 'noun' && x.of === 'section')
    );
  }

  /** Pages named with one of these prepositions (`''` for none); what could be a section too is none beside another page. */
  pages(...preps: string[]): Page[] {
    const named = this.all((m) => m.is === 'page');
    const sure = named.filter(
      ({ mention }) => this.isPage(mention) || !mention.meanings.some((x) => x.is === 'word' && x.kind === 'kind'),
    );
    const pages = named.filter(({ mention }) => {
      if (this.isSection(mention)) return false;
      const other = sure.some((s) => s.mention !== mention);
      return (
        (sure.some((s) => s.mention === mention) || !other) && (!preps.length || preps.includes(this.before(mention)))
      );
    });
    for (const { mention } of pages) {
      const prep = this.prepOf(mention);
      if (prep && this.before(mention)) this.used.add(prep);
      if (this.isPage(mention)) this.used.add(this.mentions[this.mentions.indexOf(mention) + 1]!);
    }
    return (this.take(pages) as Of<'page'>[]).map((p) => p.page);
  }
  /** The page that is spoken of: named, or the one in hand. */
  page(): Page | undefined {
    const named = this.pages('at', '', 'to')[0];
    if (named) return named;
    if (this.has('noun:page') && this.has('this:')) this.every('noun:page', 'this:');
    return this.pageInHand();
  }
  pageInHand(): Page | undefined {
    const { document, hand } = this;
    return document.pages.find((p) => p.id === hand.page || p.sections.some((s) => s.id === hand.section));
  }

  /** Every section of the site with its page. */
  private placed(): Placed[] {
    const { header, footer, pages } = this.document;
    return [
      ...pages.flatMap((page) => page.sections.map((section) => ({ section, page }))),
      ...[header, footer].flatMap((section) => (section ? [{ section, page: null }] : [])),
    ];
  }
  /** The section in hand. */
  inHand(): Placed | undefined {
    return this.placed().find((p) => p.section.id === this.hand.section);
  }

  /**
   * The sections that are spoken of with one of these prepositions: by their kind, heading or number on the page that is
   * named or in hand; failing that wherever there is such a one.
   */
  sections(...preps: string[]): Placed[] {
    const named = this.all((m) => m.is === 'section' || (m.is === 'word' && m.kind === 'kind'));
    const fits = named.filter(
      ({ mention }) => !this.isPage(mention) && (!preps.length || preps.includes(this.before(mention))),
    );
    const out: Placed[] = [];
    for (const { mention, meaning } of fits) {
      const page = this.pages('at').find((p) => !mention.meanings.some((x) => x.is === 'page' && x.page === p));
      if (meaning.is === 'section') {
        if (!page || page === meaning.page) out.push({ section: meaning.section, page: meaning.page });
        this.mark(mention);
        continue;
      }
      const alike = this.placed().filter((p) => kindOf(p.section.shape) === (meaning as Word).of);
      const here = page ?? this.pageInHand();
      const near = alike.filter((p) => p.page === here || p.page === null);
      const found = near.length || page ? near : alike;
      if (found.length) this.mark(mention);
      out.push(...found);
    }
    if (out.length) return out;
    const nth = this.all((m) => m.is === 'word' && m.kind === 'nth');
    if (nth.length && this.has('noun:section')) {
      const page = this.pages('at')[0] ?? this.pageInHand() ?? this.document.pages[0];
      const n = Number((nth[0]!.meaning as Word).of);
      const section = page?.sections.at(n > 0 ? n - 1 : n);
      if (page && section) {
        this.mark(nth[0]!.mention);
        return [{ section, page }];
      }
    }
    return [];
  }
  private mark(mention: Mention): void {
    this.used.add(mention);
    const prep = this.before(mention) && this.prepOf(mention);
    if (prep) this.used.add(prep);
    if (this.isSection(mention)) this.used.add(this.mentions[this.mentions.indexOf(mention) + 1]!);
  }
  /** The section spoken of, or the one in hand. */
  section(...preps: string[]): Placed | undefined {
    const [named] = this.sections(...preps);
    if (named) return named;
    const held = this.inHand();
    if (held) this.every('this:', 'noun:section');
    return held;
  }

  /** Whether what is named first is, or can be, a section: it is what the rest is said of. */
  beginsWithSection(): boolean {
    const named = this.mentions.find((m) =>
      m.meanings.some(
        (x) => x.is === 'page' || x.is === 'section' || (x.is === 'word' && (x.kind === 'kind' || x.kind === 'this')),
      ),
    );
    // Where nothing is named, it is what is in hand.
    if (!named) return this.hand.section !== undefined;
    return (
      !this.isPage(named) && named.meanings.some((x) => x.is !== 'page' && !(x.is === 'word' && x.kind === 'filler'))
    );
  }

  /** Counts words from one place to another as explained: a value that is taken as it stands. */
  explain(from: number, to: number): void {
    this.spans.push([from, to]);
  }

  /** The words after the last mention of these kinds, as they stand; undefined where there are none. */
  tail(...keys: string[]): string | undefined {
    const found = this.all(
      (m) => m.is === 'word' && keys.some((k) => `${m.kind}:${m.of}:`.startsWith(k.endsWith(':') ? k : `${k}:`)),
    );
    const last = found.at(-1)?.mention;
    if (!last) return undefined;
    const text = this.even.raw.slice(last.to, this.to);
    const words = text.replace(/^[\s:,]+/, '').replace(/[\s,;]+$/, '');
    if (!words) return undefined;
    this.used.add(last);
    this.explain(last.to, this.to);
    return words.replace(/^["“„«‘'](.*)["”»’']$/s, '$1').trim();
  }
  /** Where a pattern stands in this part, in small letters. */
  find(pattern: RegExp): RegExpExecArray | null {
    const m = pattern.exec(this.even.low.slice(this.from, this.to));
    return m;
  }

  /** Whether a value that is taken as it stands goes over one of these places, where a request can be taken apart. */
  swallows(places: readonly (readonly number[])[]): boolean {
    return this.spans.some(([from, to]) => places.some(([a = 0, b = 0]) => from < a && b < to));
  }

  /** How much of what was said is explained by what was taken, 0 to 1. */
  coverage(): number {
    return this.account().share;
  }
  /** Whether something of these kinds was said and is not explained by what was taken. */
  leaves(...keys: string[]): boolean {
    return this.worded(keys).some(({ mention }) => !this.used.has(mention));
  }
  /** The words that say something and that nothing taken explains. */
  unexplained(): string[] {
    return this.account().open;
  }
  private account(): { share: number; open: string[] } {
    let whole = 0;
    let explained = 0;
    const open: string[] = [];
    for (const m of this.even.low.slice(this.from, this.to).matchAll(WORD)) {
      const [from, to] = [this.from + m.index, this.from + m.index + m[0].length];
      const mention = this.mentions.find((x) => x.from < to && from < x.to);
      const taken = (mention && this.used.has(mention)) || this.spans.some(([a, b]) => a <= from && to <= b);
      // A word that says little weighs little, whoever explains it.
      const weight = mention?.meanings.some((x) => x.is === 'word' && (x.kind === 'filler' || x.kind === 'prep'))
        ? 0.15
        : 1;
      whole += weight;
      if (taken || (mention && isFiller(mention))) explained += weight;
      else if (weight === 1) open.push(this.even.raw.slice(from, to));
    }
    for (const q of this.mentions.filter((m) => m.meanings[0]!.is === 'quoted')) {
      whole += 2;
      if (this.used.has(q)) explained += 2;
    }
    return { share: whole ? explained / whole : 0, open };
  }
}
