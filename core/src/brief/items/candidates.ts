import type { Piece } from '../layout/pieces.js';
import { latin, type Language } from '../reading/span.js';
import { WEEKDAY } from '../reading/proof.js';
import { SERVICE_VERBS } from '../reading/service-verbs.js';
import { splitList } from '../reading/words.js';
import { tradeHits, tradeTokens } from '../trades/lexicon.js';
import { offered, verbBefore } from './naming.js';
import { currencyOf, moneyIn as signedIn, unsignedIn, type Money } from './money.js';

/** Where a candidate was met: beside an amount, in a list, a table, behind a label, among several in a sentence, behind a verb. */
export type MetIn = 'money' | 'beside' | 'item' | 'row' | 'label' | 'list' | 'verb';

/** Something that may be a service or a product: its name as it stands, what it costs, what is said of it. */
export interface Candidate {
  name: string;
  from: number;
  to: number;
  prices: Money[];
  detail: string;
  met: MetIn;
  /** The piece it is in. */
  piece: number;
  /** True where a table says itself that its lines are services or products. */
  outright?: boolean;
  /** True for what stands in a list as it is called, with no verb that it is the object of. */
  asCalled?: boolean;
  /** How many were met in the same list, table or sentence. */
  siblings: number;
}

const LEAD =
  /^(?:(?!The \p{Lu})(?:(?:what |most )?(?:people|customers|clients|folk) (?:mostly |usually )?(?:ask|come|pay|ring) (?:us |me )?for(?: is| are)?|and|but|so|also|then|plus|or|with|a|an|the|our|my|your|we|i|it|it’s|it's|there’s|there's|that’s|that's|is|are|do|does|make|makes|sell|sells|charge|charges|charging|added|will|hacemos|hacen|hago|ofrece(?:mos|n)?|tenemos|damos|proposons|propose|faisons|machen|mache|hire|rent|get|have|has|ask|costs?|for|of|in|at|at the moment|currently|now|normally|usually|und|oder|auch|haben|habe|hat|bieten|biete|gibt es|verleihen|vermieten|ein|eine|einen|der|die|das|den|wir|ich|ist|sind|kostet|kosten|nehmen|für|bei|et|ou|le|la|les|un|une|des|du|de la|l’|l'|nous|on|est|sont|pour|y|o|el|los|las|una|unos|unas|es|son|por|para|también|aussi)\s+|[-–—•*·:;,.!?()"“”'’\s]+)/iu;
const TAIL =
  /(?:[\s,:;=(+–—-]+|\s(?:is|are|was|costs?|cost|at|for|from|will be|would be|starts?|start|starting|comes? to|goes? for|go for|runs?|you pay|it’s|it's|is now|now|only|about|around|kostet|kosten|ist|sind|um|für|ab|zu|je|nehmen wir|coûte(?:nt)?|est|sont|vaut|revient|à|pour|de|cuestan?|sale|salen|es|son|vale|valen|a|por|desde|of|per|and|und|et|y|plus|with|by|or|the|a|an|pays?|zahlen|bezahlen|paient|paie|pagan|any ?more|nicht mehr))$/iu;

/** What is left of a stretch without the small words around a name, with its offsets. */
export function trimmed(text: string, from: number, to: number): { from: number; to: number } {
  for (let turn = 0; turn < 8; turn++) {
    const now = text.slice(from, to);
    const lead = latin(LEAD).exec(now);
    if (lead && lead[0].length < now.length) {
      from += lead[0].length;
      continue;
    }
    const tail = latin(TAIL).exec(now);
    if (tail && tail.index > 0) {
      to = from + tail.index;
      continue;
    }
    break;
  }
  return { from, to };
}

/** Amounts in a piece: those with a sign, and where there is talk of prices those without. */
function amountsIn(piece: Piece, currency: string): Money[] {
  const signed = signedIn(piece.text);
  const talk =
    signed.length > 0 || PRICE_TALK.test(piece.text) || PRICE_TALK.test(piece.under) || PRICE_TALK.test(piece.label);
  const all =
    talk && piece.kind !== 'row'
      ? [...signed, ...unsignedIn(piece.text, currency, signed)].sort((a, b) => a.from - b.from)
      : signed;
  return all.filter(
    (m) => !JOB_AHEAD.test(piece.text.slice(0, m.from)) && !WILL_COST.test(piece.text.slice(m.to, m.to + 24)),
  );
}
/** “Die Standheizung 4.200 € kosten wird”: what it will cost them is nothing they ask. */
const WILL_COST = /^\s?(?:kosten (?:wird|würde|soll)|more than we have)/iu;
const PRICE_TALK =
  /(?<!\p{L})(?:prices?|cost\w*|charges?|rates?|fees?|vat|tarifs?|prix|coûte\w*|kost\w*|preis\w*|brutto|netto|mwst|inspektion|stundensatz|precios?|cuesta\w*|vale\w*|tarifas?|per (?:hour|day|night|week|head|person)|an hour|a day|a night|a head|pro (?:stunde|tag|person)|l[’']heure|por (?:hora|d[ií]a|persona))(?!\p{L})/iu;

/** “Rahmen 1.800 €”, “budget is not to exceed £6k”: an amount of the job, which nobody charges. */
const JOB_AHEAD =
  /(?<!\p{L})(?:budget|(?:kosten|preis)?rahmen|presupuesto|devis|angebotssumme|not to exceed|höchstens für|à ne pas dépasser)(?!\p{L})[^.;|\d]{0,24}$/iu;

const hasWord = (s: string) => /\p{L}{3}/u.test(s);
const wordCount = (s: string) => s.split(/\s+/).filter(Boolean).length;

/** What comes behind a comma and says more of the same thing. */
const LIMITS =
  /^(?:within|up to|from|for|with|without|inc\p{L}*|incl\.?|plus|per|over|under|about|at|in|on|to|of|if|when|any|all|each|every|\d|mit|ohne|bis|ab|für|inkl\.?|je|avec|sans|pour|par|dès|de|con|sin|para|por|hasta|desde)(?!\p{L})/iu;

const FREE = /(?<!\p{L})(?:free|frei|kostenlos|gratuit\p{L}*|gratis)(?!\p{L})/iu;

/** Words before an amount that say what kind of amount it is, and name nothing. */
const ABOUT_AN_AMOUNT =
  /^(?:(?:a |the |per |je |das |la |le )?(?:pairs?|paar|each|stück|pièce|paire|set|satz|unidad|pareja|par)$|(?:between|from|about|around|roughly|approx\p{L}*|up to|usually|typically|normally|currently|another|plus|minimum|at least|nearly|under|over|zwischen|etwa|circa|rund|ungefähr|bis zu|meist|entre|environ|à partir|jusqu[’']à|dès|alrededor|unos|unas|hasta|desde)(?!\p{L}))/iu;

/** The stretch before an amount that names what it is for: the last clause, or its last words. */
function nameBefore(text: string, from: number, to: number, ofOneLine: boolean): { from: number; to: number } | null {
  const region = text.slice(from, to);
  // Brackets before an amount explain it; what stands before them names it.
  const bracket = /\([^()]*\)?\s*[:,–-]?\s*$/.exec(region);
  // “He takes out old lifts (removal €120)”: a bracket that names what it prices does so itself.
  const inside = bracket && !bracket[0].includes(')') ? trimmed(text, from + bracket.index + 1, to) : null;
  if (
    inside &&
    hasWord(text.slice(inside.from, inside.to)) &&
    !ABOUT_AN_AMOUNT.test(text.slice(inside.from, inside.to))
  )
    return inside;
  const end = bracket && hasWord(region.slice(0, bracket.index)) ? from + bracket.index : to;
  const cut = text.slice(from, end);
  const at = Math.max(
    ...['. ', '! ', '? ', '; ', ': ', ') ', ' – ', ' — ', ' // ', '\n'].map((s) =>
      cut.trimEnd().endsWith(s.trim())
        ? cut.lastIndexOf(s, cut.trimEnd().length - s.trim().length - 1)
        : cut.lastIndexOf(s),
    ),
  );
  let name = trimmed(text, from + Math.max(0, at), end);
  // “Children free, school visits £35”: the last of several is what the amount is for, unless it only limits it.
  const whole = text.slice(name.from, name.to);
  const comma = whole.lastIndexOf(', ');
  // A line of a list names one thing: “Straight handle, two pins £62”.
  const oneThing = ofOneLine && wordCount(whole) <= 7 && !FREE.test(whole);
  if (comma > 0 && !oneThing && hasWord(whole.slice(comma)) && !LIMITS.test(whole.slice(comma + 2)))
    name = trimmed(text, name.from + comma + 1, name.to);
  for (const joint of [/^.*\s(?:and|und|et|y|but|aber|mais|pero)\s/iu, /^.*\s(?:we|i|wir|nous|on)\s\p{L}+\s/iu]) {
    const now = text.slice(name.from, name.to);
    if (wordCount(now) <= 5) break;
    const m = joint.exec(now);
    if (m && hasWord(now.slice(m[0].length))) name = trimmed(text, name.from + m[0].length, name.to);
  }
  const said = text.slice(name.from, name.to);
  return hasWord(said) &&
    wordCount(said) <= 10 &&
    !/^(?:it|they|this|that|these|each|which|all|das|es|ça|cela|eso|prices?|preise?|prix|precios?)$/i.test(said)
    ? name
    : null;
}

/** The stretch behind an amount that names what it is for: “£38 a day canoes”, “£40 for the hall”. */
function nameBehind(text: string, from: number, to: number): { from: number; to: number } | null {
  const region = text.slice(from, to);
  const stop = /[,.;:!?()\n]|\s(?:and|und|et|y|but|if|when|because)\s/iu.exec(region);
  const name = trimmed(text, from, from + (stop?.index ?? region.length));
  const said = text.slice(name.from, name.to);
  // “£2 a session with tea”: what comes with it is not what it is.
  const extra = /(?<!\p{L})(?:with|including|incl|mit|inklusive|avec|con)(?!\p{L})/iu.test(
    region.slice(0, name.to - from),
  );
  return !extra && hasWord(said) && wordCount(said) <= 6 ? name : null;
}

/** A name that says that something costs, and not what. */
const CHARGE =
  /^(?:(?:the|my|our|a|mein|unser|der|die|das|mon|ma|notre|le|la|mi|nuestr[oa]|el)\s)?(?:deposits?|kaution|caution|fianza|ceiling|vat|mwst\.?|tva|iva|discount|rabatt|remise|descuento|fees?|prices?|costs?|charges?|rates?|preise?|kosten|gebühr(?:en)?|honorar|prix|tarifs?|coût|precios?|tarifas?|cuota|honorarios)$/iu;
/** Money of the job that the site is, and of nothing that is sold. */
const OF_THE_JOB =
  /(?<!\p{L})(?:budget|deadline|bidders?|(?:kosten|preis)?rahmen|devis accepté|presupuesto|facture|rechnung|invoice|quote for the site)(?!\p{L})/iu;

const BEGINS_WITH_DAY = new RegExp(`^(?:${WEEKDAY})(?!\\p{L})`, 'iu');
function beside(piece: Piece, n: number, source: string, money: readonly Money[], out: Candidate[]): void {
  let done = 0;
  for (const [k, m] of money.entries()) {
    const next = money[k + 1]?.from ?? piece.text.length;
    const ofOneLine = money.length === 1 && (piece.kind === 'line' || piece.kind === 'item');
    const said = nameBefore(piece.text, done, m.from, ofOneLine);
    const behind = nameBehind(piece.text, m.to, next);
    // “My fee is £240 for a funeral”: what it is for stands behind. Of a deposit alone nothing is sold.
    const charge = said !== null && CHARGE.test(piece.text.slice(said.from, said.to));
    if (charge && !behind) continue;
    // “Rückengymnastik: donnerstags 18 Uhr, 10er-Karte 45 €”: what begins with a day is named by its label.
    const timed = said !== null && piece.label !== '' && BEGINS_WITH_DAY.test(piece.text.slice(said.from, said.to));
    if (timed && /services?|prices?|leistung|preis|tarif|prestation|precio|servicio/iu.test(piece.label)) {
      done = m.to;
      continue;
    }
    if (timed) {
      out.push(
        labelled(piece, n, source, [{ ...m, from: m.from + piece.from, to: m.to + piece.from, at: m.at + piece.from }]),
      );
      done = m.to;
      continue;
    }
    const before = charge ? null : said;
    const name = before ?? behind;
    const price: Money = { ...m, from: m.from + piece.from, to: m.to + piece.from, at: m.at + piece.from };
    done = Math.max(m.to, before ? 0 : (name?.to ?? 0));
    const last = out.at(-1);
    if (!name) {
      // A second amount without a name of its own is another price of the same thing.
      if (last?.piece === n && last.met === 'money') last.prices.push(price);
      else if (piece.label && hasWord(piece.label)) out.push(labelled(piece, n, source, [price]));
      continue;
    }
    out.push({
      name: piece.text.slice(name.from, name.to),
      from: piece.from + name.from,
      to: piece.from + name.to,
      prices: [price],
      detail: '',
      met: 'money',
      piece: n,
      siblings: money.length,
    });
  }
}

/** What is done at a price that is asked for: “shops by quote”, “miroir sur mesure sur devis”. */
const ASKED_FOR =
  /\s+(?:(?:by|on) (?:quote|quotation|request|application)|quote[ds]?|poa|sur devis|auf anfrage|nach (?:absprache|aufwand)|(?:por|con|bajo|según) (?:cotización|presupuesto)|a consultar)$/iu;
/** In a sentence somebody does something; a thing on a list does not. */
const DOES =
  /(?<!\p{L})(?:is|are|was|we|i|you|they|it|he|she|ring|call|please|only|not|no|ist|sind|wir|ich|bitte|nicht|est|sont|nous|on|je|pas|es|son|yo|no|si|if|wenn|inklusive|inbegriffen|jeweils|included?|including|incluid[oa]s?|compris\p{L}*|remise?s?|free|frei|gratis|gratuit\p{L}*|kostenlos)(?!\p{L})/iu;
/** Beside what has a price, what stands between the same commas without one: “duvets 15 €, rugs, ironing”. */
function unpriced(piece: Piece, n: number, money: readonly Money[], out: Candidate[]): void {
  const priced = out.filter((c) => c.piece === n);
  let from = 0;
  for (const m of [...piece.text.matchAll(/[,;·•]\s+|\s\/\s|[.!?](?=\s|$)|$/gu)]) {
    const part = { from, to: m.index };
    from = m.index + m[0].length;
    if (money.some((a) => a.from < part.to && part.from < a.to)) continue;
    const raw = piece.text.slice(part.from, part.to);
    const asked = ASKED_FOR.exec(raw);
    if (money.length < 2 && !asked) continue;
    const lead = /^\s*(?:(?:and|und|et|y|also|auch|aussi|también)\s+)?/iu.exec(raw)![0].length;
    const name = trimmed(piece.text, part.from + lead, part.from + (asked?.index ?? raw.length));
    const said = piece.text.slice(name.from, name.to);
    const at = { from: piece.from + name.from, to: piece.from + name.to };
    if (!hasWord(said) || wordCount(said) > 5 || DOES.test(said) || LIMITS.test(said) || /\d{3}|[:@]/.test(said))
      continue;
    if (priced.some((c) => c.from < at.to && at.from < c.to)) continue;
    out.push({ name: said, ...at, prices: [], detail: '', met: 'beside', piece: n, siblings: money.length + 1 });
  }
}

function labelled(piece: Piece, n: number, source: string, prices: Money[]): Candidate {
  const from = Math.max(0, source.lastIndexOf(piece.label, piece.from));
  return {
    name: piece.label,
    from,
    to: from + piece.label.length,
    prices,
    detail: '',
    met: 'label',
    piece: n,
    siblings: 1,
  };
}

/** A line of a list: its name, what it costs, and the rest as detail. */
function ofItem(piece: Piece, n: number, money: readonly Money[] = []): Candidate {
  const first = money[0];
  const head =
    /^(?:\*\*|__)?(.{2,90}?)(?:\*\*|__)?\s*(?:[:;(]|\s[–—=-]+\s|(?<!-),\s(?!\p{Lu}?\p{Ll}+\s(?:and|und|et|y)\s)|\.\s|$)/su.exec(
      piece.text,
    );
  let to = head?.[1] ? piece.text.indexOf(head[1]) + head[1].length : piece.text.length;
  if (first && first.from < to) to = first.from;
  let name = trimmed(piece.text, 0, to);
  // “Admission free, tours for groups £25”: what costs something is what stands before the amount.
  if (first && FREE.test(piece.text.slice(name.from, name.to)))
    name = nameBefore(piece.text, 0, first.from, false) ?? name;
  if (!hasWord(piece.text.slice(name.from, name.to)) && first)
    name = nameBehind(piece.text, first.to, piece.text.length) ?? name;
  const rest = piece.text.slice(Math.max(name.to, 0));
  const detail = money
    .reduce((s, m) => s.replace(m.text, ''), rest)
    .replace(/^[\s,:;.()–—-]+|[\s,:;(–—-]+$/gu, '')
    .trim();
  return {
    name: piece.text.slice(name.from, name.to),
    from: piece.from + name.from,
    to: piece.from + name.to,
    prices: money.map((m) => ({ ...m, from: m.from + piece.from, to: m.to + piece.from, at: m.at + piece.from })),
    detail: /\p{L}{3}/u.test(detail) ? detail : '',
    met: 'item',
    piece: n,
    siblings: 1,
  };
}

const HEAD_WORD =
  /^(?:item|service|product|job|what|description|price|cost|rate|fee|size|from|per|day|week|code|name|no\.?|artikel|leistung|preis|bezeichnung|art|größe|menge|einheit|nr\.?|prestation|produit|prix|tarif|désignation|taille|servicio|producto|precio|concepto|artículo|medida|ud\.?|unit|unité|notes?|detail|was|beschreibung)s?\b/i;
/** Columns that are no price for visitors: last year’s, what it costs the client, counts and sizes. */
const NOT_PRICE =
  /(?<!\p{L})(?:last|old|previous|cost(?! (?:to|per))|alte?|vorjahr|bisher|ek|einkauf|purchase|trade|ours?|intern\w*|margin|avant|anciens?|achat|antiguo|anterior|coste|qty|stock|menge|anzahl|bestand|quantité|cantidad|min|size|square|sq|feet|foot|area|sleeps|seats|berths|capacity|persons|fläche|qm|personen|plätze|surface|personnes|places|superficie|plazas|größe|mm|cm|kg|weight|gewicht|code|nr|no|years?|yr|jahr|age|deposit|kaution|caution|fianza)(?!\p{L})/iu;
const PRICE_HEAD =
  /price|preis|prix|precio|tarif|rate|fees?\b|cost|£|€|\$|per\b|neu|new|list|public|amount|betrag|montant|importe|retail|verkauf|vk\b|pvp|adult|child|day|week|hour|tag|woche|jour|día/i;
const YEAR = /^20\d\d$/;
const BARE = /^(?:from|ab|dès|desde)?\s*\d{1,6}(?:[.,](?:\d{1,2}|[-–]{1,2}))?\s*[-–]{0,2}(?:\/\p{L}+[²³]?)?$/iu;

interface Cell {
  text: string;
  from: number;
}
function cellsOf(piece: Piece): Cell[] {
  const divider = piece.text.startsWith('|')
    ? '|'
    : piece.text.includes('\t')
      ? '\t'
      : piece.text.includes(';')
        ? ';'
        : '|';
  const cells: Cell[] = [];
  let at = 0;
  for (const part of piece.text.split(divider)) {
    const text = part.trim();
    cells.push({ text, from: piece.from + at + part.indexOf(text) });
    at += part.length + 1;
  }
  return divider === '|' && piece.text.startsWith('|') ? cells.slice(1, -1) : cells;
}

const NO_MORE =
  /^(?:discontinued|no longer(?: made| sold)?|sold out for good|entfällt|gestrichen|eingestellt|arrêtée?|supprimée?|plus vendue?|retirad[oa]|ya no(?: se (?:hace|vende))?|[£€$]?\s?\?\?+)$/iu;
const OF_SOMETHING_ELSE =
  /^(?:opening(?: hours| times)?|hours|address|contact|phone|wish(?:es)?|wants?|don[’']?ts?|notes?|(?:ö|oe)ffnungszeiten|urlaub|adresse|anschrift|kontakt|telefon|wunsch|wünsche|nicht|impressum|hinweis|horaires?|adresse|contact|téléphone|souhaits?|remarques?|horario|dirección|contacto|teléfono|deseos?|nota)s?\s*:?$/iu;
/** A table: the column that names things, those that price them, and a candidate a line. */
function ofTable(pieces: readonly Piece[], first: number, last: number, currency: string, out: Candidate[]): void {
  const rows = pieces.slice(first, last + 1).map(cellsOf);
  const width = Math.max(...rows.map((r) => r.length));
  // The head of a table may stand under a line or two of notes.
  const headWords = (r: Cell[]) =>
    r.some((c) => signedIn(c.text).length > 0 || (BARE.test(c.text) && !YEAR.test(c.text)))
      ? 0
      : r.filter((c) => HEAD_WORD.test(c.text) || PRICE_HEAD.test(c.text) || YEAR.test(c.text)).length;
  const scores = rows.length > 1 ? rows.slice(0, 3).map(headWords) : [];
  const most = Math.max(0, ...scores);
  // “Ribbon | 10 m | 100 m”: a line without an amount over lines that all have one; lines of one cell stand between.
  const filled = (r: Cell[]) => r.filter((c) => c.text).length;
  const priceless = (r: Cell[]) => r.every((c) => signedIn(c.text).length === 0);
  const over = rows.slice(0, 5).findIndex((r, n) => {
    const under = rows.slice(n + 1).filter((u) => filled(u) > 1);
    return filled(r) > 1 && priceless(r) && under.length > 1 && !under.some(priceless);
  });
  const head = over >= 0 ? over : most > 0 ? scores.indexOf(most) : -1;
  const heads = head >= 0 ? rows[head]!.map((c) => c.text) : [];
  const body = rows.slice(head + 1);
  const share = (col: number, test: (s: string) => boolean) => {
    const there = body.map((r) => r[col]?.text ?? '').filter(Boolean);
    return there.length ? there.filter(test).length / there.length : 0;
  };
  const named = Array.from({ length: width }, (_, c) => c).filter(
    (c) => share(c, (s) => hasWord(s) && !/^[A-Z]{0,4}[-.]?\d+$/.test(s)) > 0.6,
  );
  const called = named.find(
    (c) =>
      /item|service|product|job|what|name|descr|artikel|leistung|bezeichnung|prestation|produit|désignation|servicio|producto|concepto|artículo|class|kurs|cours/i.test(
        heads[c] ?? '',
      ) && !/group|kategorie|section/i.test(heads[c] ?? ''),
  );
  const nameColumn = called ?? named[0];
  if (nameColumn === undefined) return;
  const priced = Array.from({ length: width }, (_, c) => c).filter(
    (c) =>
      c !== nameColumn &&
      // A column of years is when, unless its head is one.
      !(share(c, (s) => YEAR.test(s)) > 0.6 && !/20\d\d/.test(heads[c] ?? '')) &&
      !(heads[c] && NOT_PRICE.test(heads[c]) && !/price|preis|prix|precio/i.test(heads[c])) &&
      (share(c, (s) => signedIn(s).length > 0) >= 0.3 ||
        ((!heads[c] ||
          PRICE_HEAD.test(heads[c]) ||
          // Whole francs say themselves that they are money.
          share(c, (s) => /\d\.[-–]/.test(s)) >= 0.5) &&
          share(c, (s) => BARE.test(s)) >= 0.4 &&
          share(c, (s) => /[.,]\d\d/.test(s) || /\d/.test(s)) > 0)),
  );
  // Of columns that are years the newest is what it costs.
  const years = priced.filter((c) => /^\D*20\d\d\D*$/.test(heads[c] ?? ''));
  const newest = Math.max(0, ...years.map((c) => Number(/20\d\d/.exec(heads[c]!)![0])));
  const latest =
    years.length > 1 ? priced.filter((c) => !years.includes(c) || heads[c]!.includes(String(newest))) : priced;
  const prices = latest.some((c) => /neu|new|list|public|retail|vk|pvp/i.test(heads[c] ?? ''))
    ? latest.filter((c) => /neu|new|list|public|retail|vk|pvp/i.test(heads[c] ?? ''))
    : latest;
  body.forEach((row, k) => {
    const n = first + head + 1 + k;
    const cell = row[nameColumn];
    if (!cell || !hasWord(cell.text)) return;
    // Struck out, or said in a cell to be no more.
    if (/~~/.test(cell.text) || row.some((c) => NO_MORE.test(c.text))) return;
    // “ÖFFNUNGSZEITEN | Mo, Di …”, “WUNSCH | …”: a row with a label of its own is of something else.
    if (row[0] !== cell && OF_SOMETHING_ELSE.test(row[0]?.text ?? '')) return;
    const own: Money[] = prices.flatMap((c) => {
      const at = row[c];
      if (!at?.text) return [];
      const said = signedIn(at.text);
      const label =
        prices.length > 1 && heads[c]
          ? ` (${heads[c]})`
          : /^(?:per|an?|each|je|pro|par|por) /i.test(heads[c] ?? '')
            ? ` ${heads[c]!.charAt(0).toLowerCase()}${heads[c]!.slice(1)}`
            : '';
      if (said.length)
        return said
          .slice(0, 2)
          .map((m) => ({ from: at.from + m.from, to: at.from + m.to, at: at.from + m.at, text: m.text + label }));
      const bare = /\d[\d.,]*/.exec(at.text);
      if (!bare || !BARE.test(at.text)) return [];
      const lead = at.text.slice(0, bare.index).trim();
      const figure = bare[0].replace(/[.,]$/, '');
      const unit = /\/\p{L}+[²³]?$/u.exec(at.text)?.[0] ?? '';
      const amount = `${currency === '€' ? `${figure} €` : `${currency}${figure}`}${unit}`;
      return [
        {
          from: at.from,
          to: at.from + at.text.length,
          at: at.from + bare.index,
          text: `${lead ? `${lead} ` : ''}${amount}${label}`,
        },
      ];
    });
    const inName = signedIn(cell.text);
    const name = trimmed(cell.text, 0, inName[0]?.from ?? cell.text.length);
    const detail = row
      .filter(
        (c, col) =>
          col !== nameColumn && !prices.includes(col) && hasWord(c.text) && !(heads[col] && NOT_PRICE.test(heads[col])),
      )
      .map((c) => c.text)
      .join('; ');
    out.push({
      name: cell.text.slice(name.from, name.to),
      from: cell.from + name.from,
      to: cell.from + name.to,
      prices: [
        ...own,
        ...inName.map((m) => ({ ...m, from: cell.from + m.from, to: cell.from + m.to, at: cell.from + m.at })),
      ],
      detail,
      met: 'row',
      outright: called !== undefined,
      piece: n,
      siblings: body.length,
    });
  });
}

/** What leads up to the first of several things: “We do passenger lifts, …”. */
const OPENS = latin(
  /^(?:.{0,70}?(?<!\p{L})(?:we|i|they|who|she|he|wir|ich|nous|on|je|j’|j'|nosotros)\s+(?:also\s|still\s|mostly\s|now\s|mainly\s|auch\s|aussi\s)?(?:can\s|faisons\s)?[\p{L}’']+\s+|.{0,40}?(?<!\p{L})(?:hace(?:mos|n)?|vende(?:mos|n)?|fabrica(?:mos|n)?|repara(?:mos|n)?|ofrece(?:mos|n)?|tenemos|damos|restaura(?:mos|n)?|services? (?:include|are)|leistungen sind)\s+|.{0,110}?(?<!\p{L})(?:installing|making|mending|selling|repairing|building|fitting|offering|supplying|hiring|growing|restoring|servicing|printing|stocking)\s+|.{0,60}?:\s+)/iu,
);

/** A sentence nobody put stops in, that begins as a list does. */
const unstopped = (piece: Piece, opens: boolean): boolean =>
  !/[,;:]/.test(piece.text) &&
  !/\p{Lu}/u.test(piece.text) &&
  wordCount(piece.text) > 4 &&
  // What answers a question in a chat begins with no verb: that it is a list, its things show.
  (opens || (piece.kind === 'line' && tradeHits(tradeTokens(piece.text)).length > 1));

/** German nouns one after the other, with nothing between them. */
const NOUNS = /^(?:\p{Lu}\p{Ll}{6,}\s+){3,}/u;
/** What ends one thing of a list in which nothing parts them: “crown reductions felling stump grinding”. */
const ENDS_ONE = /(?:ings?|[^us]s)$/u;
const OF =
  /^(?:de|del|des|du|d[’'].*|à|a|en|para|pour|of|for|in|aux?|sur|sous|dans|avec|chez|von|für|mit|con|sin|sobre)$/u;
const ARTICLE = /^(?:l[’'].*|le|les|la|un|une|des|el|los|las|unos|unas|die|das|den)$/u;
const AND = /^(?:and|und|et|y|also|auch|aussi|también|e)$/u;
/**
 * The things of a list that was spoken without stops. English things end in a plural or in “-ing”; in French and Spanish one
 * goes on over “de” and a word that agrees in number; German ones are a word each.
 */
export function splitRun(text: string, language: Language = 'en'): { text: string; at: number }[] {
  const words = [...text.matchAll(/\S+/g)].map((m) => ({
    w: m[0].toLowerCase(),
    at: m.index,
    to: m.index + m[0].length,
  }));
  const out: { text: string; at: number }[] = [];
  let first = 0;
  const take = (end: number) => {
    while (first < end && AND.test(words[first]!.w)) first++;
    if (first < end) out.push({ text: text.slice(words[first]!.at, words[end - 1]!.to), at: words[first]!.at });
    first = end;
  };
  for (let n = 0; n < words.length; n++) {
    const { w } = words[n]!;
    const next = words[n + 1]?.w;
    if (next === undefined) break;
    if (AND.test(next)) {
      take(n + 1);
      continue;
    }
    if (n < first) continue;
    // “l’élagage l’abattage le rognage”: an article begins the next.
    if (language !== 'en' && !OF.test(w) && n + 1 > first && ARTICLE.test(next)) {
      take(n + 1);
      continue;
    }
    if (OF.test(w) || OF.test(next)) continue;
    const ends =
      language === 'en'
        ? ENDS_ONE.test(w)
        : language === 'de'
          ? // „Mülltonnen rausstellen“ goes on in small letters where nouns have capitals.
            w.length > 3 &&
            !(/^\p{Lu}/u.test(text.slice(words[n]!.at)) && /^\p{Ll}/u.test(text.slice(words[n + 1]!.at)))
          : // “cajas fuertes”: the second agrees with the first, and is one with it.
            n > first || !(/s$/.test(w) && /s$/.test(next) && !OF.test(words[n + 2]?.w ?? ''));
    if (ends) take(n + 1);
  }
  take(words.length);
  return out;
}

function enumerated(piece: Piece, n: number, language: Language, out: Candidate[]): void {
  const opens = OPENS.exec(piece.text);
  // “The year we got the second truck”: what somebody came by is nothing they do.
  if (
    opens &&
    /(?:got|had|bought|lost|sold|need|want|think|know|hope|waren?|hatten?|brauchen|avait|avions|teníamos|queremos)\s+$/iu.test(
      opens[0],
    )
  )
    return;
  const start = opens?.[0].length ?? 0;
  const body = piece.text.slice(start).replace(/\([^)]*\)/g, (b) => ' '.repeat(b.length));
  const stop = /[.!?]\s|\s(?:because|which|who|so that|weil|damit|parce que|porque)\s/iu.exec(body);
  const list = body.slice(0, stop?.index ?? body.length).replace(/[.!?]$/, '');
  const run = unstopped(piece, opens !== null) || (language === 'de' && NOUNS.test(list.trim()));
  const parts = run ? splitRun(list, language) : splitList(list);
  // “Le club prête les gilets, les cirés et la patience”: what begins as a sentence does is none of a list.
  const sentence = !opens && piece.kind === 'sentence' && /^(?:the|der|die|das|le|la|les|el|los|las)\s/iu.test(list);
  if (sentence) return;
  const fits = parts.filter((p) => wordCount(p.text) <= 6 && hasWord(p.text));
  if (parts.length < 2 || fits.length < parts.length * 0.7 || (parts.length < 3 && !opens && piece.kind !== 'value'))
    return;
  for (const part of fits) {
    if (signedIn(part.text).length) continue;
    // “Drawings for builders, farmers and councils”: what comes behind is for whom, or since when.
    const whom = /\s(?:for|since|für|seit|pour|depuis|para|desde)\s/iu.exec(part.text);
    const name = trimmed(part.text, 0, whom && hasWord(part.text.slice(0, whom.index)) ? whom.index : part.text.length);
    const from = piece.from + start + part.at + name.from;
    out.push({
      name: part.text.slice(name.from, name.to),
      from,
      to: from + (name.to - name.from),
      prices: [],
      detail: '',
      met: 'list',
      piece: n,
      ...(run && { asCalled: true }),
      siblings: fits.length,
    });
    if (whom) break;
  }
}

const BY_VERB = new Map<Language, RegExp>();
function verbs(language: Language): RegExp {
  let pattern = BY_VERB.get(language);
  if (!pattern) {
    const list = SERVICE_VERBS[language].map(([v]) => v).join('|');
    pattern = latin(new RegExp(`(?<!\\p{L})(?:${list})\\s+((?:[^\\n.!?;:,]|(?<=\\p{L}-),){3,90})`, 'giu'));
    BY_VERB.set(language, pattern);
  }
  return pattern;
}

/** What is made, mended or sold in a sentence with one thing in it. */
function byVerb(piece: Piece, n: number, language: Language, out: Candidate[]): void {
  for (const m of piece.text.matchAll(verbs(language))) {
    const start = m.index + m[0].lastIndexOf(m[1]!);
    const stop = latin(
      /(?<!\p{L}-)\s(?:for|to|from|in|at|since|that|which|who|with|by|on|and|für|aus|in|mit|seit|und|pour|depuis|dans|chez|avec|et|para|en|desde|con|y|de toda)\s/iu,
    ).exec(m[1]!);
    const name = trimmed(piece.text, start, start + (stop?.index ?? m[1]!.length));
    const said = piece.text.slice(name.from, name.to);
    // “The Mending Attic”, “Guild of Small Craft Surveyors”: a verb with a capital beside another is part of a name.
    if (language !== 'de' && m.index > 0 && /^\p{Lu}/u.test(m[0]) && /^\p{Lu}/u.test(said)) continue;
    // “Mending £22 an hour”: what stands behind is what it costs.
    if (!hasWord(said) || wordCount(said) > 6 || /[£€$]/.test(said)) continue;
    out.push({
      name: said,
      from: piece.from + name.from,
      to: piece.from + name.to,
      prices: [],
      detail: '',
      met: 'verb',
      piece: n,
      siblings: 1,
    });
  }
}

/** Everything in a text that may be a service or a product. Of two in the same place the one with a price goes first. */
export function candidatesIn(source: string, pieces: readonly Piece[], languages: readonly Language[]): Candidate[] {
  const out: Candidate[] = [];
  const currency = currencyOf(source, languages[0] ?? 'en');
  for (let n = 0; n < pieces.length; n++) {
    const piece = pieces[n]!;
    if (piece.kind === 'head' || piece.kind === 'label') continue;
    if (piece.kind === 'row') {
      let last = n;
      while (pieces[last + 1]?.kind === 'row') last++;
      ofTable(pieces, n, last, currency, out);
      n = last;
      continue;
    }
    if (OF_THE_JOB.test(piece.label) || /^\W*budget/i.test(piece.text)) continue;
    const money = amountsIn(piece, currency);
    if (piece.kind === 'item') {
      if (money.length > 1) {
        beside(piece, n, source, money, out);
        unpriced(piece, n, money, out);
      } else if (wordCount(piece.text) <= 24 || money.length) out.push(ofItem(piece, n, money));
      if (!money.length && !/[:;]|\s[–—-]\s/.test(piece.text) && wordCount(piece.text) > 3)
        enumerated(piece, n, languages[n]!, out);
      // “Services, in this order: dredging; silt surveys; weed cutting”: a list within a line of one.
      const within = money.length ? null : /^([^:]{3,60}):\s+(?=[^;]+;[^;]+;)/u.exec(piece.text);
      if (within)
        enumerated(
          { ...piece, text: piece.text.slice(within[0].length), from: piece.from + within[0].length },
          n,
          languages[n]!,
          out,
        );
    } else {
      if (money.length) {
        beside(piece, n, source, money, out);
        unpriced(piece, n, money, out);
      }
      if (piece.kind === 'value' && !money.length && wordCount(piece.text) <= 6 && hasWord(piece.text))
        out.push({ ...ofItem(piece, n), met: 'label' });
      if (piece.kind === 'heading' && money.length === 0 && wordCount(piece.text) <= 6)
        out.push({ ...ofItem(piece, n), met: 'label' });
      if (piece.kind === 'line' && wordCount(piece.text) <= 7 && !money.length) out.push(ofItem(piece, n));
      enumerated(piece, n, languages[n]!, out);
    }
    if (!out.some((c) => c.piece === n && c.asCalled)) byVerb(piece, n, languages[n]!, out);
  }
  return out
    .map((c) => withoutWhen(called(c, source, pieces[c.piece]!, languages[c.piece]!)))
    .filter(
      (c) =>
        c.name.length > 2 &&
        c.name.length <= 120 &&
        !SMALL_WORDS.test(c.name) &&
        !SOMEBODY_DOES.test(c.name) &&
        !NO_THING.test(c.name) &&
        !(BEGINS_WITH_DAY.test(c.name) && /\d/.test(c.name)) &&
        !((c.met === 'money' || c.met === 'item') && SOMETHING_WAS.test(c.name)) &&
        !(c.met === 'label' && OF_SOMETHING_ELSE.test(c.name)) &&
        !/@|www\./.test(c.name) &&
        !PARTICLE.test(c.name) &&
        !(c.met === 'verb' && HOW.test(c.name)),
    );
}

/** What is left of “takes out old lifts” and “makes good the wall” without their verbs. */
const PARTICLE =
  /^(?:out|off|up|down|away|back)$|^(?:out|off|up|down|away|back|good|sure) (?:the |a |an |of |old |any |all |your |our )/i;
/** Behind a verb may stand how or where it is done: “je nettoie en partant”. */
const HOW = /(?:^| de | of )(?:en|in|at|on|by|with|from|mit|bei|von|avec|chez|par|sur|con|desde) \p{L}+$/iu;
/** “They go from 5 foot 2”, “on livre dans Villac”: a sentence about it, and no name. */
const SOMEBODY_DOES =
  /(?<!\p{L})(?:says|said|dice|dit|sagt|recuerda)(?!\p{L})|\d[.:]\d\d\s?[–-]\s?\d|^(?:they|he|she|we|i|you|it|wir|ich|sie|er|nous|on|je|il|elle|ils)\s\p{Ll}/iu;
/** “Wilf has £900 for it”, “£6 was proposed”: an amount that is told of, and of no thing. */
const SOMETHING_WAS =
  /(?<!\p{L})(?:has|had|was|were|stands|balance|in hand|in the bank|kassenstand|guthaben|solde|saldo|leaves|proposed|propone|c[’']était|avait|hatte|hat|tenía|tiene|if|reported|berichte[nt]|rapporte|informa)(?!\p{L})/iu;
/** Words that alone name nothing: “adults generally do too”. */
const SMALL_WORDS =
  /^(?:too|so|it|its|that|this|these|those|them|they|all|most|more|much|many|some|any|both|each|either|one|ones|two|three|and|or|und|oder|et|ou|y|o|here|there|then|now|well|not|just|only|also|else|even|same|such|very|him|her|us|me|you|who|what|which|when|where|why|how|over|under|again|together|ourselves|everything|anything|nothing|something|things?|stuff|lot|bit|way|auch|so|es|das|alles|nichts|etwas|hier|dort|dann|sehr|viel|mehr|selbst|aussi|tout|rien|ça|ici|là|très|plus|también|was|were|used|get|says|are|for|für|pour|para|por|otherwise|los|las|les|the|die|der|das|ahora|ida|vuelta|p\.?o\.? box|previously|formerly|früher|vorher|avant|antes|todo|nada|aquí|allí|muy|más)$/iu;

/** What says when, or that its price is asked for, and is no part of a name: “Repair bench on Thursdays, 1 to 4”. */
const WHEN_OR_HOW = new RegExp(
  `(?:,?\\s(?:on|every|each|am|jeden?|immer|le|les|chaque|los|cada)\\s(?:the\\s)?(?:${WEEKDAY})(?!\\p{L}).*|\\s(?:when|if|because|wenn|falls|weil|quand|si|parce|cuando|porque)\\s.+|${ASKED_FOR.source}|\\s(?:free(?: of charge)?|kostenlos|gratuite?s?|gratis))$`,
  'iu',
);
const withoutWhen = (c: Candidate): Candidate => {
  const cut = WHEN_OR_HOW.exec(c.name);
  return cut && cut.index > 3 ? { ...c, name: c.name.slice(0, cut.index), to: c.from + cut.index } : c;
};
/** “Showroom open Tuesday to Saturday”, “the old way”: when and how, and not what. */
const NO_THING = new RegExp(
  `^[\\d.,]+ (?:netto|brutto|plus|inkl)(?!\\p{L})|^(?:(?:children|kids|under \\d+s?|members|kinder|mitglieder|enfants|adhérents|menores|niños|socios) )?(?:gratis|free|frei|kostenlos|gratuite?s?|inklusive|incluid[oa]s?|inclus|included|remis)$|^(?:to|for|from|with|at|in|of|für|mit|von|pour|chez|avec|à|para|con|en)\\s\\p{Ll}+$|(?<!\\p{L})(?:open|closed|geöffnet|ouverte?|abierto)(?!\\p{L}).*(?<!\\p{L})(?:${WEEKDAY})(?!\\p{L})|^(?:the )?(?:old|hard|proper|right|usual|same|only) way$`,
  'iu',
);

/** A candidate by the name of what is offered, where its words are a verb and an object. */
function called(c: Candidate, source: string, piece: Piece, language: Language): Candidate {
  // “Cut comb £11” is called so; “we cut keys” is not.
  const begins = (c.met === 'money' || c.met === 'item') && c.from - piece.from < 3 && piece.kind !== 'sentence';
  if (c.met === 'row' || c.met === 'label' || c.asCalled || begins) return c;
  const before = c.met === 'verb' || c.met === 'list' ? verbBefore(source.slice(piece.from, c.from), language) : null;
  const { name, skip } = offered(c.name, language, before);
  return name === c.name ? c : { ...c, name, from: c.from + skip };
}
