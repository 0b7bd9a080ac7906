import type { Piece } from '../layout/pieces.js';
import { GIVEN_NAMES } from '../people/given-names.js';
import { capital } from '../reading/words.js';
import { tradeHits, tradeTokens } from '../trades/lexicon.js';
import {
  CALLED,
  DATELINE,
  ENDS_OPEN,
  FILLER,
  GREETS,
  IS_THE_NAME,
  KIND,
  LABEL_NAME,
  LABEL_PERSON,
  LED_BY_KIND,
  LEGAL,
  OF_ANY_BRIEF,
  QUOTED,
  SENTENCE,
  SEQUENCE,
  SMALL,
  SPEAKS,
  STREET,
  THE_CLUB,
  TRADES_AS,
  VOUCHES,
  WEEK,
  WITH_TRADE,
} from './words.js';

/** Something the business may be called, with where it was met and what speaks for it. */
export interface NameCandidate {
  name: string;
  from: number;
  to: number;
  /** Wherever it stands. */
  met: readonly { from: number; to: number }[];
  features: string[];
}

const wordCount = (text: string): number => text.split(/\s+/).length;
/** Of a domain a name has at least so much. */
const WHOLE_DOMAIN = 0.7;
const plain = (s: string) =>
  s
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
const letters = (s: string) => plain(s).replace(/ /g, '').replace(/ß/g, 'ss');
/** Two runs of letters have this long a stretch in common, as a share of the shorter. */
function shared(a: string, b: string): number {
  const [short, long] = a.length < b.length ? [a, b] : [b, a];
  for (let length = short.length; length >= 4; length--)
    for (let at = 0; at + length <= short.length; at++)
      if (long.includes(short.slice(at, at + length))) return length / short.length;
  return 0;
}

interface Met {
  name: string;
  from: number;
  to: number;
  piece: number;
  how: Set<string>;
}

/** “Ray Stannard Stannard Piano Removals”: somebody, and behind them what they are called. */
const withoutSomebody = (name: string): string => {
  const words = name.split(' ');
  const at = words.findIndex((w, n) => n > 0 && w.length > 2 && w.toLowerCase() === words[n + 1]?.toLowerCase());
  return at > 0 && at < 3 && words.length > at + 2 && GIVEN_NAMES.has(capital(words[0]!))
    ? words.slice(at + 1).join(' ')
    : name;
};
const tidied = (name: string): string => {
  // “El Club de Ajedrez”, “l’Association des jardins”: the article is the sentence’s.
  const tidy = withoutSomebody(stripped(name).replace(THE_CLUB, ''));
  // What leads up to a name in small letters is no part of it: “called Marchetti Pianos”, “die Segelmacherei Thiessen”.
  return /\p{Lu}/u.test(tidy) ? tidy.replace(/^(?:\p{Ll}[\p{L}’']*\s+)+(?=\p{Lu})/u, '') : tidy;
};
const stripped = (name: string) =>
  name
    .replace(/^[^\p{L}\p{N}"“„«]+/u, '')
    .replace(
      /^(?:we(?:[’']|\s*a)re|i[’']m|i am|wir sind|nous sommes|somos|hier ist|this is|here is|it[’']s|its|das ist|c[’']est|en(?=\s\p{Lu})|at(?=\s\p{Lu})|from(?=\s\p{Lu})|bei(?=\s\p{Lu})|chez(?=\s\p{Lu})|de[rmn](?=\s\p{Lu})|die(?=\s\p{Lu})|das(?=\s\p{Lu}))\s+/iu,
      '',
    )
    .replace(/\s+/g, ' ')
    .replace(/^["“„«'‘(\s]+|["”»'’)\s,.;:!–—-]+$/gu, '')
    .replace(
      /\s(?:and|of|the|&|de|et|y|und|in|at|on|for|von|am|im|(?:and )?(?:that[’']s|i|we|ich|wir|je|yo|soy)(?: (?:me|us|am|are|bin|sind|suis|soy))?)$/i,
      '',
    )
    .trim();

/** What is known of a text before anybody asks what the business in it is called. */
export interface NameSetting {
  /** How common a word in small letters is in briefs: 0 where few have it. */
  common: (word: string) => number;
  /** Where its addresses stand. */
  taken: readonly { from: number; to: number }[];
}

/** Everything in a text that the business may be called, each once, with the marks a model weighs. */
export function nameCandidates(
  source: string,
  pieces: readonly Piece[],
  roles: readonly Record<string, number>[],
  { common, taken }: NameSetting,
): NameCandidate[] {
  const met = new Map<string, Met[]>();
  /** Words of the text, and whether a trade has them. */
  const known = new Map<string, boolean>();
  const ofTrade = (word: string): boolean => {
    const seen = known.get(word);
    if (seen !== undefined) return seen;
    const found = tradeHits(tradeTokens(word)).length > 0;
    known.set(word, found);
    return found;
  };
  /** Whether a word is something some trade works on or offers, and the name of none. */
  const isThing = (word: string): boolean => {
    const hits = tradeHits(tradeTokens(word));
    return hits.length > 0 && hits.every((h) => h.kind !== 'name');
  };
  const put = (name: string, from: number, piece: number, how: string) => {
    const tidy = tidied(name);
    const key = plain(tidy);
    if (
      tidy.length < 3 ||
      /[@;\t\n]|\S\s?[“„«]/.test(tidy) ||
      SPEAKS.test(tidy) ||
      VOUCHES.test(tidy) ||
      (FILLER.test(tidy) && !/\p{Lu}/u.test(tidy)) ||
      SENTENCE.test(tidy) ||
      GREETS.test(tidy) ||
      tidy.length > 70 ||
      !/\p{L}{2}/u.test(tidy) ||
      tidy.split(' ').length > 9 ||
      // What the designer asks is no name, and neither is a house in a street.
      pieces[piece]!.speaker === 'designer' ||
      (STREET.test(tidy) && (/^\d/.test(tidy) || /\d[a-z]?,? $/.test(source.slice(from - 4, from))))
    )
      return;
    const around = source.slice(from, from + name.length + 4);
    const whole = around.indexOf(tidy);
    const at = from + Math.max(0, whole >= 0 ? whole : around.indexOf(tidy.split(' ')[0]!));
    const list = met.get(key) ?? [];
    const same = list.find((m) => m.from === at);
    if (same) same.how.add(how);
    else list.push({ name: tidy, from: at, to: at + tidy.length, piece, how: new Set([how]) });
    met.set(key, list);
  };
  const domains = [...source.matchAll(/@([\p{L}\d.-]+)\.[a-z]{2,}/giu), ...source.matchAll(/www\.([\p{L}\d-]+)\./giu)]
    .map((m) => letters(m[1]!.replace(/\.(?:co|org|com|ac|net)$/, '')))
    .filter((d) => d.length > 3 && !/^(?:mail|gmail|web|post|email|inbox|outlook|gmx|freemail)/.test(d));
  const said = pieces.map((p, n) => (p.kind === 'label' ? -1 : n)).filter((n) => n >= 0);
  const body = said.filter((n) => pieces[n]!.kind !== 'head');
  pieces.forEach((p, n) => {
    if (p.kind === 'label') return;
    const text =
      p.kind === 'head'
        ? p.text.replace(/^[\w-]+:\s*/, (h) => ' '.repeat(h.length)).replace(/<[^>]*>/g, (h) => ' '.repeat(h.length))
        : p.text;
    for (const m of text.matchAll(SEQUENCE)) {
      put(m[0], p.from + m.index, n, 'caps');
      // Of “Hello Brannock & Wyle” and “We are Allard & Granddaughter” the first words may be no part of it.
      let drop = 0;
      for (const word of m[0].split(' ').slice(0, 3)) {
        drop += word.length + 1;
        if (m[0].length - drop > 2) put(m[0].slice(drop), p.from + m.index + drop, n, 'rest');
      }
      // “Benny Cutler at Cutler’s Saw Works”: what stands behind is the place.
      const at = / (?:at|bei|chez|von der|vom) (?=[A-ZÀ-Þ])/u.exec(m[0]);
      if (at) put(m[0].slice(at.index + at[0].length), p.from + m.index + at.index + at[0].length, n, 'at');
      // In a text of capitals a name is how a line begins.
      if (/^[\p{Lu}\s&’'-]{12,}/u.test(m[0]))
        for (let k = 2; k <= 4; k++) put(m[0].split(' ').slice(0, k).join(' '), p.from + m.index, n, 'CAPS');
      const short = m[0].replace(LEGAL, '');
      if (short !== m[0]) put(short, p.from + m.index, n, 'short');
    }
    // Words that read together are the domain: “stannard pianos” of stannardpianos.example.
    const tokens = [...text.matchAll(/[\p{L}\d]+(?:[’'][\p{L}]+)?/gu)];
    for (const domain of domains)
      for (let a = 0; a < tokens.length; a++) {
        if (!domain.startsWith(letters(tokens[a]![0]).slice(0, 3))) continue;
        for (let b = a; b < Math.min(tokens.length, a + 7); b++) {
          const words = text.slice(tokens[a]!.index, tokens[b]!.index + tokens[b]![0].length);
          const own = letters(words.replace(/(?<=\s)(?:and|und|et|y|the|of|de|&)(?=\s)/gi, ''));
          if (own === domain || letters(words) === domain) put(words, p.from + tokens[a]!.index, n, 'domain');
          else if (own.length > domain.length) break;
        }
      }
    // Where nobody writes capitals, a word of what businesses are called, or of a trade, shows where a name is.
    if (text.length > 25 && !/\p{Lu}/u.test(text)) {
      const kinds = [...text.matchAll(new RegExp(KIND.source, 'giu'))].map((m) =>
        tokens.findIndex((t) => t.index <= m.index && m.index < t.index + t[0].length),
      );
      const trades = tokens.flatMap((t, k) => (ofTrade(t[0]) ? [k] : []));
      for (const k of new Set([...kinds, ...trades])) {
        if (k < 0) continue;
        for (let a = Math.max(0, k - 3); a <= k; a++)
          for (let b = k; b <= Math.min(tokens.length - 1, k + 2); b++)
            if (b > a && !SMALL.test(tokens[a]![0]) && !SMALL.test(tokens[b]![0]))
              put(
                text.slice(tokens[a]!.index, tokens[b]!.index + tokens[b]![0].length),
                p.from + tokens[a]!.index,
                n,
                kinds.includes(k) ? 'low kind' : 'low trade',
              );
      }
    }
    // “plomberie chastaing a Villebrune”: who writes no capitals begins with the name as others do.
    const [one, two] = tokens;
    if (
      one &&
      two &&
      n < 6 &&
      one.index < 3 &&
      /^\p{Ll}/u.test(one[0]) &&
      tradeHits(tradeTokens(one[0])).some((h) => h.kind === 'name')
    )
      put(text.slice(one.index, two.index + two[0].length), p.from + one.index, n, 'low trade');
    // “Cave hill mushrooms grows oyster …”: what was shouted has lost the capitals of its name.
    const begins = /^[^\p{L}]*(\p{Lu}[\p{L}’'-]*(?: \p{Ll}[\p{L}’'-]*){1,3})/u.exec(text);
    if (begins && wordCount(text) > 4) {
      const own = begins[1]!.split(' ');
      for (let k = 2; k <= own.length; k++)
        if (!SMALL.test(own[0]!) && (KIND.test(own[k - 1]!) || ofTrade(own[k - 1]!)))
          put(own.slice(0, k).join(' '), p.from + begins[0].length - begins[1]!.length, n, 'begins');
    }
    for (const m of text.matchAll(QUOTED)) put(m[1]!, p.from + m.index + m[0].indexOf(m[1]!), n, 'quoted');
    for (const m of text.matchAll(LED_BY_KIND)) {
      const words = m[0].split(/\s/);
      for (let k = 2; k <= words.length; k++)
        if (/^(?:[dl][’'])?\p{Lu}/u.test(words[k - 1]!)) put(words.slice(0, k).join(' '), p.from + m.index, n, 'led');
    }
    for (const m of text.matchAll(WITH_TRADE))
      if (ofTrade(m[0].slice(m[0].indexOf(',')))) put(m[0], p.from + m.index, n, 'with trade');
    for (const m of text.matchAll(TRADES_AS)) {
      const words = m[1]!.split(/\s/);
      const at = p.from + m.index + m[0].lastIndexOf(m[1]!);
      for (let k = 1; k <= words.length; k++)
        if (k === words.length || words[k - 1] !== '&') put(words.slice(0, k).join(' '), at, n, 'trades as');
    }
    for (const m of text.matchAll(IS_THE_NAME)) {
      const words = m[1]!.trim().split(/\s/);
      for (let k = 1; k <= Math.min(5, words.length); k++) {
        const own = words.slice(-k).join(' ');
        put(own, p.from + m.index + m[1]!.trimEnd().length - own.length, n, 'is the name');
      }
    }
    for (const m of text.matchAll(CALLED)) {
      const words = m[1]!.split(' ');
      const at = p.from + m.index + m[0].length;
      const lead = m[0].trim().toLowerCase();
      const sure =
        /boutique|ferme|magasin|atelier|affaire|asso|negocio|tienda|taller|finca|laden|betrieb|verein|firm|business|shop|company|boîte|maison|société|entreprise|empresa|called|known|named|trading|name|nombre|hei|nennt|appelle|llama|firma/.test(
          lead,
        );
      // In a text with capitals a name has one.
      for (let k = 1; k <= Math.min(5, words.length); k++)
        put(words.slice(0, k).join(' '), at, n, sure ? 'called' : 'we are');
    }
    const words = text.trim().split(/\s+/).length;
    if (p.kind !== 'head' && words <= 8) put(text.trim(), p.from + text.indexOf(text.trim()), n, 'line');
    if (p.kind === 'value' || p.kind === 'item' || p.kind === 'line' || p.kind === 'sentence') {
      const first = /^([^,;:(–—|]{3,60}?)\s*(?:[,;:(–—|]|\s-\s)/u.exec(text);
      if (first) put(first[1]!, p.from + first.index, n, 'opening');
      const last = /\s[–—|-]\s([^–—|]{3,50})$/u.exec(text);
      if (last) put(last[1]!, p.from + last.index + 3, n, 'closing');
      const short = text.replace(LEGAL, '');
      if (short !== text && short.split(' ').length < 8) put(short, p.from, n, 'short');
    }
    if (p.kind === 'row')
      for (const cell of text.split('|'))
        if (cell.trim() && cell.trim().split(' ').length < 7)
          put(cell.trim(), p.from + text.indexOf(cell.trim()), n, 'cell');
  });
  const designer = pieces.find((p) => p.kind === 'head' && /^to:/i.test(p.text))?.text.toLowerCase() ?? '';
  const tops = roles.map((role) => Object.entries(role).sort((a, b) => b[1] - a[1])[0]?.[0]);
  const lower = plain(source);
  const startsLow = (source.match(/^\p{Ll}/gmu) ?? []).length > (source.match(/^\p{Lu}/gmu) ?? []).length;
  return [...met].map(([key, all]) => {
    const best = all.find((m) => /\p{Lu}/u.test(m.name)) ?? all[0]!;
    const piece = pieces[best.piece]!;
    const words = best.name.split(' ');
    const f = new Set<string>();
    for (const m of all) {
      const p = pieces[m.piece]!;
      for (const h of m.how) f.add(`how:${h}`);
      f.add(`in:${p.kind}`);
      const order = body.indexOf(m.piece);
      if (order >= 0 && order < 2) f.add(`top:${order}`).add(`top:${order}:${[...m.how].sort()[0]}`);
      if (order >= 0 && order >= body.length - 3) f.add('bottom');
      if (order >= 0 && order < 4 && DATELINE.test(p.text.trim())) f.add('dateline');
      if (p.kind === 'head')
        f.add(
          /^(?:subject|betreff|objet|asunto)/i.test(p.text)
            ? 'subject'
            : /^(?:to|an|à|para)/i.test(p.text)
              ? 'to'
              : 'from',
        );
      if (p.label && LABEL_NAME.test(p.label) && !LABEL_PERSON.test(p.label))
        f.add('label:name').add(m.how.has('line') ? 'label:whole' : 'label:part');
      if (p.label && LABEL_PERSON.test(p.label)) f.add('label:person');
      if (p.label && !LABEL_NAME.test(p.label)) f.add('label:other');
      if (p.under && LABEL_NAME.test(p.under)) f.add('under:name');
      if (p.speaker === 'designer') f.add('designer says');
      const top = tops[m.piece];
      if (top) f.add(`role:${top}`);
      const before = source.slice(Math.max(0, m.from - 18), m.from);
      const after = source.slice(m.to, m.to + 16);
      if (/^\s*(?:is|are|was|has|ist|sind|est|sont|es|son|makes?|do|does)\s/i.test(after)) f.add('is');
      if (/(?<!\p{L})(?:in|at|from|near|to|aus|nach|bei|à|en|dans|of|von)\s$/iu.test(before)) f.add('after in');
      if (
        /(?:dear|hi|hello|liebe[rs]?|hallo|bonjour|hola|cher|chère|estimad[oa]|querid[oa]|geehrte[rs]?)\s(?:\p{L}+\s)?$/iu.test(
          before,
        )
      )
        f.add('greeted');
      if (/^[\s,]*(?:[–—(]|,\s\p{Ll})/u.test(after)) f.add('told more');
      if (/(?:ask for|with|mit|avec|con|and|&)\s$/i.test(before)) f.add('after with');
      // A name that begins or ends within a run of capitals is cut short.
      if (/^ [A-ZÀ-Þ][\p{Ll}]/u.test(after)) f.add('goes on');
      if (/(?:^|[^.!?:]\s)[A-ZÀ-Þ][\p{Ll}’']+ $/u.test(before)) f.add('goes back');
      const prior = /(\p{L}+)\s+$/u.exec(before)?.[1]?.toLowerCase();
      if (prior) f.add(`<:${prior}`);
    }
    const count =
      lower.split(` ${key} `).length - 1 + (lower.startsWith(`${key} `) ? 1 : 0) + (lower.endsWith(` ${key}`) ? 1 : 0);
    f.add(`count:${count > 3 ? '4' : Math.max(1, count)}`);
    f.add(`words:${Math.min(6, words.length)}`);
    const own = letters(best.name);
    const likeness = Math.max(0, ...domains.map((d) => (d === own ? 1 : shared(own, d))));
    f.add(
      `domain:${likeness >= 0.99 ? 'all' : likeness > 0.7 ? 'much' : likeness > 0.45 ? 'some' : domains.length ? 'none' : '-'}`,
    );
    if (domains.some((d) => d === own)) f.add('domain:same');
    // “Clocks” is all in pellclocks.example, and but a part of it.
    if (likeness >= 0.99 && !domains.some((d) => own.length >= d.length * WHOLE_DOMAIN)) f.add('domain:within');
    const [leading = ''] = words.map(letters).filter((w) => w.length > 3);
    if (leading && domains.some((d) => d.startsWith(leading))) f.add('domain:begins');
    const initials = words
      .map((w) => w[0] ?? '')
      .join('')
      .toLowerCase();
    if (domains.some((d) => d.startsWith(initials) && initials.length > 2)) f.add('domain:initials');
    if (KIND.test(best.name)) f.add('kind');
    if (words.some((w) => w.length > 3 && ofTrade(w))) f.add('trade');
    const kind = KIND.exec(best.name)?.[0].toLowerCase();
    // “Le Club”: what it is, in short, once it has been named.
    if (
      kind &&
      words.length <= 2 &&
      plain(best.name).replace(/^(?:the|le|la|les|l|der|die|das|el|los|las|our|unser\p{L}*|notre|nuestr[oa]) /u, '') ===
        plain(kind)
    )
      f.add('kind only');
    if (kind) f.add(`kind:${kind.slice(0, 6)}`);
    if (/(?<!\p{L})(?:ltd|limited|llc|inc|gmbh|kg|sarl|sas|s\.?l\.?|e\.?\s?v\.?|cic|llp|plc)\.?$/iu.test(best.name))
      f.add('legal');
    if (OF_ANY_BRIEF.test(best.name)) f.add('of any brief');
    if (words.every((w) => w.length < 4 || /^\p{Ll}/u.test(w) || isThing(w))) f.add('things only');
    const long = words
      .map((w) => plain(w).split(' ').at(-1)!)
      .filter((w) => w.length > 2 && !SMALL.test(w) && !ofTrade(w) && !KIND.test(w));
    const usual = long.map((w) => common(w));
    if (!long.length) f.add('common:trade');
    if (long.length) {
      f.add(
        usual.every((u) => u > 1)
          ? 'common:all'
          : usual.every((u) => u > 0)
            ? 'known:all'
            : usual.some((u) => u > 0)
              ? 'common:some'
              : 'common:none',
      );
      f.add(usual[0]! > 1 ? 'common:first' : 'rare:first').add(usual.at(-1)! > 1 ? 'common:last' : 'rare:last');
    }
    const inside = all.filter((m) => taken.some((t) => t.from <= m.to && m.from < t.to)).length;
    if (inside) f.add(inside === all.length ? 'in address' : 'also in address');
    if (SMALL.test(words.at(-1)!) || ENDS_OPEN.test(best.name)) f.add('ends open');
    if (all.every((m) => m.how.has('with trade'))) f.add('with trade only');
    if (/[&+]|\band\b|\bund\b|\bet\b|\by\b/.test(best.name)) f.add('pair');
    const person = words.length <= 4 && words.some((w) => GIVEN_NAMES.has(w)) && words.every((w) => /^\p{Lu}/u.test(w));
    if (person) f.add('person').add(`person:${kind ? 'kind' : 'plain'}`);
    if (words.length > 2 && GIVEN_NAMES.has(words.at(-2)!) && /^\p{Lu}\p{Ll}/u.test(words.at(-1)!))
      f.add('person behind');
    if (/(?<!\d)\d{1,2}$/.test(best.name)) f.add('ends in figures');
    // “Claudine la fleuriste”: somebody, with what they are.
    if (
      words.length > 2 &&
      words.length < 5 &&
      GIVEN_NAMES.has(capital(words[0]!)) &&
      /^(?:the|la|le|l|el|der|die)$/.test(words[1]!) &&
      ofTrade(words[2]!)
    )
      f.add('person of a trade');
    if (words.length === 1 && GIVEN_NAMES.has(words[0]!)) f.add('given only');
    if (/^(?:mr|mrs|ms|miss|dr|prof|herr|frau|m\.|mme|don|doña|sr|sra)\b/i.test(best.name)) f.add('title');
    if (WEEK.test(best.name)) f.add('week');
    if (STREET.test(best.name)) f.add('street');
    if (/\d/.test(best.name)) f.add('digit');
    if (
      /(?<!\p{L})(?:you|me|us|it|this|that|these|not|please|hab|habe|gefragt|mir|dir|mich|dich|uns|nicht|auch|moi|toi|vous|pas|me|te|eso|esto|added|called|because|with|from|about|want|need)(?!\p{L})/iu.test(
        best.name,
      )
    )
      f.add('small words');
    if (/\d{3}/.test(best.name) || /\d/.test(source.slice(best.to, best.to + 2).trim())) f.add('runs into figures');
    if (/[.!?:;,]/.test(best.name)) f.add('stops');
    if (/\s(?:at|bei|chez|from|aus)\s/i.test(best.name)) f.add('at');
    if (/^[\p{Lu}\d\s&’'.-]+$/u.test(best.name) && /\p{Lu}{3}/u.test(best.name)) f.add('CAPS');
    if (!/\p{Lu}/u.test(best.name)) f.add(startsLow ? 'low as all' : 'low');
    if (words.length > 1 && words.filter((w) => w.length > 3).every((w) => /^[\p{Lu}\d]/u.test(w)))
      f.add('all caps first');
    if (/^(?:the|die|der|das|le|la|les|el|los)\s/i.test(best.name)) f.add('the');
    if (
      /^(?:hi|hello|dear|thanks|regards|yours|subject|re|fwd|notes?|website|web|page|please|can|what|when|where|how|we|i|our|my|prices?|opening|hours|services?|products?|contact|about|address|phone|email|liebe|hallo|sehr|mit|wir|ich|unsere?|preise|öffnungszeiten|bonjour|merci|nous|je|notre|tarifs|horaires|hola|gracias|somos|nuestr|precios|horario|minutes|committee|present|apologies|extract|agenda)\b/i.test(
        best.name,
      )
    )
      f.add('no name');
    if (designer.includes(best.name.toLowerCase())) f.add('addressee');
    if (piece.depth > 0) f.add('quoted mail');
    // Wherever it stands, the same word follows or leads: it is cut short.
    const sides = (side: (m: Met) => string | undefined) => {
      const seen = new Set(all.map(side));
      return seen.size === 1 && [...seen][0] ? [...seen][0] : undefined;
    };
    if (all.length > 1) {
      if (sides((m) => /^ (\p{L}[\p{L}’'-]+)/u.exec(source.slice(m.to, m.to + 30))?.[1]?.toLowerCase()))
        f.add('same after');
      if (
        sides((m) => /(\p{L}[\p{L}’'-]+) $/u.exec(source.slice(Math.max(0, m.from - 30), m.from))?.[1]?.toLowerCase())
      )
        f.add('same before');
    }
    // Part of a longer candidate that comes as often says less than the whole.

    for (const [other, list] of met)
      if (
        other !== key &&
        ` ${other} `.includes(` ${key} `) &&
        list.length >= all.length &&
        list.some((m) => m.how.has('caps') || m.how.has('line'))
      ) {
        f.add('part of longer');
        break;
      }
    const features = [...f];
    const strong = features.filter((x) =>
      /^(?:domain|kind$|trade$|label|person$|count|top:0$|how:(?:called|line|quoted)|legal|part of|words|pair|under|is$)/.test(
        x,
      ),
    );
    for (let a = 0; a < strong.length; a++)
      for (let b = a + 1; b < strong.length; b++) features.push(`${strong[a]!}&${strong[b]!}`);
    return { name: best.name, from: best.from, to: best.to, met: all, features };
  });
}
