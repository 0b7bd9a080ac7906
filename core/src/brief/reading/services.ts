import { SERVICE_VERBS } from './service-verbs.js';
import { NEGATION, capital, splitList, stem } from './words.js';
import { latin, wordsOf, type Language, type Span } from './span.js';

/** A service as it was read: its name, and price and detail where they stand beside it. */
export interface ReadService {
  name: string;
  detail: string;
  price: string;
  span: Span;
  priceSpan: Span | null;
}

const LETTER_BEFORE = '(?<!\\p{L})';
const UNITS =
  'hour|hr|h|day|week|month|year|night|person|head|pair|metre|meter|m2|m²|pot|lesson|visit|piece|item|room|stunde|tag|woche|nacht|glas|heure|jour|semaine|nuit|personne|hora|día|dia|noche|persona';
/** An amount of money as people write it, with “from” before and “a day” behind it; millions are no price. */
export const MONEY = latin(
  new RegExp(
    `(?:${LETTER_BEFORE}(?:from|about|around|at|only|starting at|desde|ab|à partir de|dès)\\s+)?` +
      `(?:[£€$]\\s?\\d[\\d.,]{0,11}(?:\\s?k\\b)?|\\d[\\d.,]{0,11}\\s?(?:€|£|(?:eur|euros?|pounds?|quid|gbp)(?!\\p{L})))` +
      `(?!\\d|[.,]\\d|\\s?(?:million|thousand|billion|m\\b))(?:\\s?(?:-|–|to|and(?=\\s?[£€$]))\\s?[£€$]?\\d[\\d.,]{0,11}(?:\\s?€)?)?` +
      `(?:\\s?(?:/\\s?|per |a |an |each|pro |par |por |la |le |die )\\s?(?:${UNITS})(?!\\p{L})|\\s?each\\b|\\s?p\\.?p\\b\\.?)?`,
    'giu',
  ),
);

/** What comes after the object of a verb and is no longer its name. */
const TAIL =
  /\s+(?:for|to|from|in|at|since|that|which|who|when|where|while|because|so|if|using|as|until|around|across|within|over|on|by|anyone|anybody|anywhere|everywhere|throughout|all|too|either|every|but|though|although|we|they|it|here|now|mainly|mostly|para|desde|en|por|que|pour|depuis|dans|chez|qui|für|seit|aus|in|bei|sowie)\b.*$|\s*(?:[–—(:;?!]|\s-\s).*$/isu;
const LEAD_IN =
  /^(?:all (?:kinds|sorts|types|manner) of|all|any kind of|any|every kind of|some|the odd|the occasional|the|an?|our|your|their|his|her|mostly|mainly|also|plus|even|a bit of|bits of|a little|lots of|a lot of|plenty of|sometimes|occasionally|small|both|new|toda clase de|todo tipo de|todo|los|las|el|la|un|una|tout|toutes? sortes? de|les?|des|du|de la|la|une?|alle|allerlei|eine?n?|die|der|das)\s+/iu;
/** The same verbs at the beginning of a part of a list. */
const LEADING_VERB = Object.fromEntries(
  Object.entries(SERVICE_VERBS).map(([language, list]) => [
    language,
    list.map(([verbs, ending]) => ({
      pattern: latin(new RegExp(`^(?:also\\s+)?(?:${verbs})\\s+(?=\\p{L})`, 'iu')),
      ending,
    })),
  ]),
) as Record<Language, { pattern: RegExp; ending: string }[]>;
const WHO =
  '(?:we|i|they|he|she|who|which|that|and|also|yard|shop|workshop|business|company|firm|studio)(?:\\s+(?:also|still|mostly|mainly|now|only|just|both|can|will|happily|sometimes|regularly))*';
const INCLUDE =
  /\b(?:services?|our work|what we do|jobs|products?|servicios|productos|prestations|services|leistungen|angebot)\s*(?:include|are|is|:|incluyen|son|comprennent|sind|umfassen)\s+([^\n.]{4,240})/giu;
const NOT_SERVICE =
  /^(?:my|our|their) own\b|^(?:up|down|out|off|after|over|away|themselves|ourselves)\b|^(?:not|also|insured|sorry|then|so|very|just|often|always|any)\b|\b(?:they[’'](?:re|ve)|it[’']s|we[’'](?:re|ve)|i[’'](?:m|ve)|grown|made|done|based|used|incl|website|web site|web page|homepage|page|logo|photo|picture|email|mail|phone|call|gallery|blog|news|map|form|newsletter|design|colou?rs?|budget|thanks|regards|deadline|people|us|them|you|him|her|everything|anything|something|it|this|that|these|those|difference|best|time|money|living|business|sure|way|web|sitio|página|site|seite)\b/iu;

/** A price as it is shown: “from £80” keeps its from, “at £60” is £60. */
const plainPrice = (text: string): string =>
  text
    .trim()
    .replace(/[.,]$/, '')
    .replace(/^(?:at|only|about|around)\s+/i, '');

const clean = (text: string): string => {
  let now = text.replace(MONEY, ' ').replace(latin(TAIL), '');
  for (let n = 0; n < 3; n++) now = now.replace(latin(LEAD_IN), '');
  return now
    .replace(/\s+(?:up|out|down|over|off|about|round|as|well)$/iu, '')
    .replace(/[\s,;:.–—(-]+$/u, '')
    .replace(/^[\s,;:.–—)-]+/u, '')
    .replace(/^([^(]*)\).*$/u, '$1')
    .replace(/^(?:también (?:damos|hacemos|vendemos)|aussi|auch)\s+/iu, '')
    .replace(/\s+/g, ' ')
    .trim();
};
const fits = (name: string): boolean =>
  name.length > 2 &&
  name.length <= 60 &&
  name.split(' ').length <= 6 &&
  /\p{L}{3}/u.test(name) &&
  !latin(NOT_SERVICE).test(name) &&
  !/\d{3}/.test(name);

const singular = (name: string): string => {
  const words = name.split(' ');
  const last = words.at(-1)!;
  const one = /(?:kn|w|l)ives$/.test(last)
    ? last.replace(/ves$/, 'fe')
    : /ies$/.test(last)
      ? last.replace(/ies$/, 'y')
      : /(?:ches|shes|xes|sses)$/.test(last)
        ? last.slice(0, -2)
        : /[^su]s$/.test(last)
          ? last.slice(0, -1)
          : last;
  return [...words.slice(0, -1), one].join(' ');
};

function moneyIn(source: string, from: number, to: number): { price: string; span: Span } | null {
  for (const m of source.slice(from, to).matchAll(MONEY)) {
    const price = plainPrice(m[0]);
    const at = from + m.index + m[0].indexOf(price);
    return { price, span: { field: 'price', from: at, to: at + price.length, value: price } };
  }
  return null;
}

/** Reads a service as people write one in a line: “Hull survey, from £180: a day with hammer and meter”. */
export function readServiceLine(line: string): { name: string; detail: string; price: string } {
  let rest = line.replace(/^[-*•·–▪\s]+/u, '').trim();
  const money = moneyIn(rest, 0, rest.length);
  if (money)
    rest = rest
      .replace(money.price, '')
      .replace(/\(\s*\)/g, '')
      .replace(/\s*[,–-]\s*(?=[:,]|$)/u, '');
  const split = /^(.{2,80}?)\s*(?::|\s[–—-]\s)\s*(.*)$/su.exec(rest);
  const name = (split?.[1] ?? rest).replace(/[\s,;:.–-]+$/u, '').trim();
  return {
    name: capital(name).slice(0, 120),
    detail: (split?.[2] ?? '').replace(/^[\s,;:–-]+|[\s,;:–-]+$/gu, '').slice(0, 600),
    price: (money?.price ?? '').slice(0, 60),
  };
}

/** Services in bullets and in lines with a price: “- Sash windows, from £310: Mended and hung”. */
function* listed(source: string): Generator<ReadService> {
  let intro = '';
  let blanks = 0;
  let at = 0;
  for (const raw of source.split('\n')) {
    const from = at;
    at += raw.length + 1;
    const line = raw.trim();
    const bullet = /^(?:[-*•·–▪]|\d{1,2}[.)])\s+(?=\S)/u.exec(line);
    const money = moneyIn(source, from, from + raw.length);
    if (!bullet && !(money && line.length < 90 && !/[.!?]$/.test(line) && line.split(' ').length <= 12)) {
      blanks = line ? 0 : blanks + 1;
      // What stands far above a list does not introduce it.
      if (line || blanks > 1) intro = line;
      continue;
    }
    if (
      /\b(?:web ?site|want|wish|would like|need|please|pages|look|colou?rs?|hours?|open|like|quisiera|aimerai|möchten?|wünsch)/iu.test(
        intro,
      ) &&
      bullet &&
      !money
    )
      continue;
    const body = line.slice(bullet?.[0].length ?? 0);
    if (bullet && /[.!?]$/.test(body) && body.split(' ').length > 9 && !money) continue;
    const start = from + raw.indexOf(body);
    const { name, detail, price } = readServiceLine(body);
    if (!fits(name) && !(bullet && name.length > 2 && name.length < 70 && !latin(NOT_SERVICE).test(name))) continue;
    // The mark lies on the name as it stands; where cleaning took something out of its middle, on the whole line.
    const place = body.indexOf(name.split(' ')[0]!);
    const to =
      source.indexOf(name, start) === start + Math.max(0, place) ? start + place + name.length : start + body.length;
    yield {
      name,
      detail,
      price,
      span: { field: 'service', from: start + Math.max(0, place), to, value: name },
      priceSpan: money?.span ?? null,
    };
  }
}

/** How a sentence of each language says what is made, mended and sold: the verb, then what it is done to. Built once. */
const CLAUSE = Object.fromEntries(
  (Object.keys(SERVICE_VERBS) as Language[]).map((language): [Language, RegExp] => {
    const verbs = SERVICE_VERBS[language].map(([v]) => v).join('|');
    const english = language === 'en';
    const who = english
      ? `\\b${WHO}\\s+(?:(?:don[’']t|do not|won[’']t|no longer|never|stopped)\\s+)?`
      : `${LETTER_BEFORE}(?:no |ya no )?`;
    // “bind and repair books”: of several verbs in a row the last that is known speaks.
    const chain = english
      ? `(?:\\s*(?:,|and|&|or)\\s*(?:${verbs})(?=\\s)){0,2}(?:\\s+(?:and|&|or)\\s+\\p{L}+(?=\\s+\\p{L}))?`
      : '';
    // A new subject, or a new verb behind a comma, begins a clause of its own.
    const stop = english ? `|,?\\s+and\\s+(?:we|i|they|he|she)\\b|,\\s+and\\s+(?:also\\s+)?(?:${verbs})\\s` : '';
    return [
      language,
      latin(new RegExp(`${who}((?:${verbs})${chain})\\s+([^\\n.!?;:]{3,200}?)(?=[\\n.!?;:]${stop}|$)`, 'giu')),
    ];
  }),
) as Record<Language, RegExp>;
const EXAMPLES =
  /(?:,\s*|\s+)(?:mostly|mainly|including|such as|especially|like|usually|but|although|because|so that|which|who|where|when|sorry|either)\b.*$/iu;

/** Services in running prose: what “we make”, “we repair”, and what lists after “our services include” name. */
function* said(source: string, language: Language): Generator<ReadService & { negated: boolean }> {
  const clauses = [
    ...[...source.matchAll(CLAUSE[language])].map((m) => ({ m, verb: m[1]!, list: m[2]! })),
    ...[...source.matchAll(latin(INCLUDE))].map((m) => ({ m, verb: '', list: m[1]! })),
  ];
  for (const { m, verb: spoken, list } of clauses) {
    const own =
      spoken
        .split(/\s*(?:,|\band\b|&|\bor\b)\s*/)
        .map((v) => LEADING_VERB[language].find(({ pattern }) => pattern.test(`${v} x`))?.ending ?? '')
        .find(Boolean) ?? '';
    const start = m.index + m[0].lastIndexOf(list);
    const before = source.slice(Math.max(0, m.index - 30), start);
    const clause = before.slice(Math.max(...['.', '\n', ','].map((c) => before.lastIndexOf(c))) + 1);
    const negated =
      latin(NEGATION).test(clause) ||
      (/\b(?:any ?more|no longer)\b/iu.test(list) && !/\b(?:nobody|no one|who|that|for)\b/iu.test(list));
    let ending = own;
    // What stands in brackets explains; blanked, so that offsets hold.
    const parts = list
      .replace(/\s?\([^)]*\)?/g, (aside) => ' '.repeat(aside.length))
      .replace(latin(EXAMPLES), '')
      .replace(/\bor\b/giu, (o) => (negated ? ', ' : o));
    for (const part of splitList(parts)) {
      // “make boxes” after “bind books and”: a new verb of its own.
      const verb = LEADING_VERB[language].find(({ pattern: p }) => p.test(part.text));
      const rest = verb ? part.text.replace(verb.pattern, '') : '';
      // “Ironing and mending for people”: no verb with an object, but a thing that is done.
      const spokenOf = verb && !/^(?:for|in|at|to|on|with|and)\b/i.test(rest) ? verb : undefined;
      const object = spokenOf ? rest : part.text;
      if (spokenOf) ending = spokenOf.ending;
      const not = /^(?:but\s+)?not\s+/iu.exec(object);
      const name = clean(object.slice(not?.[0].length ?? 0).replace(/\bany ?more\b/iu, ''));
      const refused = negated || not !== null;
      if (refused ? name.length < 3 : !fits(name)) break;
      const at = start + part.at + Math.max(0, part.text.indexOf(name));
      const full = capital(ending ? `${singular(name)} ${ending}` : name);
      yield {
        name: full,
        detail: '',
        price: '',
        span: { field: 'service', from: at, to: at + name.length, value: full },
        priceSpan: null,
        negated: refused,
      };
      if (/\s(?:for|that|which|to|from|in|since|at|with)\s/iu.test(` ${object} `)) break;
    }
  }
}

const BEHIND_PRICE = /^\s+(?:for (?:a |an |the )?)?(\p{Ll}[\p{L}-]{3,}(?:\s\p{Ll}[\p{L}-]{2,})?)(?=\s*[,.;\n]|$)/u;
/** “Kayak and paddleboard hire”: things and what is done with them, without a verb. */
const NOMINAL =
  /(?:^|[.!?:–\n]\s*)((?:[\p{L}-]{3,}(?:\s*(?:,|\+|&|and)\s*)){0,3}[\p{L}-]{3,})\s+(hire|repairs?|servicing|lessons|rental|restoration|cleaning|walling|laying|sweeping|tuning)(?=[.,;\n]|\s+(?:from|in|at|and|for)\b|$)/gu;
function* nominal(source: string): Generator<ReadService> {
  for (const m of source.matchAll(NOMINAL)) {
    for (const part of splitList(m[1]!.replace(/\+/g, ','))) {
      const object = clean(part.text);
      if (!fits(object) || /^(?:and|the|our|my)$/i.test(object)) continue;
      const name = capital(`${object} ${m[2]!}`);
      const from = m.index + m[0].indexOf(m[1]!) + part.at;
      yield {
        name,
        detail: '',
        price: '',
        span: { field: 'service', from, to: from + object.length, value: name },
        priceSpan: null,
      };
    }
  }
}

const PRONOUN = /^(?:they|it|these|those|this|that|each|which)(?:[’']re|[’']s)?$/iu;
const LEADS_TO_PRICE =
  /(?:^|[.;:!?\n,(]|\band\b|\bwith\b)\s*((?:[\p{L}’'&-]+\s+){0,4}?[\p{L}’'&-]+)\s*(?:(?<!\p{L})(?:is|are|costs?|starts?|starting|go(?:es)? for|comes? to|will be|cuestan?|coûte(?:nt)?|kostet|kosten|gibt es)(?!\p{L})\s*)?(?:at|from|for|around|about|:|,|–|-|\()?\s*$/iu;
const NO_NAME =
  /^(?:one|two|three|four|five|six|ten|dozen|from|prices?|cost|charge|pay|about|is|are|rate|fee|minimum|deposit|budget)\b/iu;

/** Prices in running prose: “a rebind is from £85, boxes £40 each”; where only a pronoun leads up to one, the name is empty. */
function* priced(source: string): Generator<ReadService & { priceSpan: Span }> {
  for (const m of source.matchAll(MONEY)) {
    const price = plainPrice(m[0]);
    const from = m.index + m[0].indexOf(price);
    const lead = latin(LEADS_TO_PRICE).exec(source.slice(Math.max(0, m.index - 70), from));
    const words = lead && !PRONOUN.test(lead[1]!) ? clean(lead[1]!) : '';
    const at = words ? source.lastIndexOf(words, from) : -1;
    let named = at >= 0 && fits(words) && !NO_NAME.test(words);
    let name = named ? capital(words) : '';
    let start = at;
    // “£18 an hour kayaks”: the thing may stand behind its price.
    const behind = named ? null : BEHIND_PRICE.exec(source.slice(from + price.length, from + price.length + 40));
    if (behind && fits(behind[1]!)) {
      named = true;
      name = capital(behind[1]!);
      start = from + price.length + behind.index + behind[0].indexOf(behind[1]!);
    }
    yield {
      name,
      detail: '',
      price,
      span: { field: 'service', from: named ? start : from, to: named ? start + name.length : from, value: name },
      priceSpan: { field: 'price', from, to: from + price.length, value: price },
    };
  }
}

const keyOf = (name: string) =>
  name
    .split(/[\s,-]+/)
    .map(stem)
    .filter((w) => w.length > 2)
    .join(' ');
const within = (a: string, b: string) => a.split(' ').every((w) => b.split(' ').includes(w));

/** Services of a text, each once; those it says are not offered (any more); and prices that belong to none of them. */
export function readServices(
  source: string,
  language: Language,
): { services: ReadService[]; refused: Span[]; prices: Span[] } {
  const services: ReadService[] = [];
  const refused: Span[] = [];
  const prices: Span[] = [];
  const add = (s: ReadService) => {
    const key = keyOf(s.name);
    if (!key || services.some((o) => keyOf(o.name) === key)) return;
    // “Baskets” was only the word for “log baskets, cradles and hurdles”: the particular takes its place.
    const general = services.findIndex((o) => !o.price && key.endsWith(` ${keyOf(o.name)}`));
    if (general >= 0) services.splice(general, 1, s);
    else services.push(s);
  };
  for (const s of listed(source)) add(s);
  // Where the client made a list, prose only says the same again in other words.
  const bulleted = services.length >= 3;
  const objects = new Set<number>();
  for (const s of said(source, language)) {
    if (s.negated) refused.push({ ...s.span, field: 'unwanted', value: wordsOf(source, s.span) });
    else if (!bulleted && !objects.has(s.span.from)) add(s);
    objects.add(s.span.from);
  }
  if (!services.length) for (const s of nominal(source)) add(s);
  for (const s of priced(source)) {
    const { from, to } = s.priceSpan;
    if (services.some((o) => o.priceSpan && from < o.priceSpan.to && o.priceSpan.from < to)) continue;
    const key = keyOf(s.name);
    // A pronoun stands for the last thing named in the same sentence.
    const meant = s.name
      ? services.find(
          (o) =>
            within(key, keyOf(o.name)) ||
            // Where the head comes first, “révision de violon” is no violin.
            (within(keyOf(o.name), key) &&
              (language === 'en' || language === 'de' || keyOf(o.name).startsWith(key.split(' ')[0]!))),
        )
      : services.filter((o) => o.span.to <= from && !/[.!?\n]/.test(source.slice(o.span.to, from))).at(-1);
    if (meant && !meant.price) {
      meant.price = s.price;
      meant.priceSpan = s.priceSpan;
    } else if (s.name && !bulleted && !meant) add(s);
    else prices.push(s.priceSpan);
  }
  const no = refused.map((r) => keyOf(r.value)).filter(Boolean);
  return { services: services.filter((s) => !no.some((n) => within(n, keyOf(s.name)))), refused, prices };
}
