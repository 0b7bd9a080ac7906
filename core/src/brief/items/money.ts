import { latin } from '../reading/span.js';

/** An amount of money as it stands in a text, `from` and `to` with its “from” before and its “a day” behind it. */
export interface Money {
  from: number;
  to: number;
  /** As it is shown: “from £80 a day”. */
  text: string;
  /** Where the figures themselves begin. */
  at: number;
}

const FROM =
  'from|starting at|starts at|about|around|approx\\.?|circa|ca\\.?|up to|upwards of|only|at|desde|a partir de|ab|etwa|rund|bis zu|à partir de|dès|environ|jusqu’à|unos';
const FIGURES = "\\d{1,3}(?:[ .,’']\\d{3})+(?:[.,]\\d{1,2})?(?!\\d)|\\d{1,6}(?:[.,]\\d{1,2})?(?!\\d)";
const SIGN = '[£€$]|CHF|Fr\\.|EUR|GBP|USD|SFr\\.?|US\\$|C\\$|A\\$';
const WORD =
  '€|£|\\$|(?:euros?|eur|pounds?|quid|gbp|pesos?|dollars?|franken|chf|sfr|fr\\.|francs?|pence|p)(?![\\p{L}])';
/** What a price is for, where only an article stands before it: “£14 the bundle”. */
const MEASURE =
  'bundle|pair|set|lot|box|jar|bag|bottle|metre|meter|foot|yard|mile|kilo|kg|lb|pound|tonne?|ton|load|roll|sheet|hour|day|night|week|month|year|term|season|afternoon|morning|evening|half-?day|visit|session|lesson|person|head|adult|child|table|piece|pot|tray|dozen|litre|gallon|pint|window|door|square|cubic|boat|horse|stitch|line|page|print|copy|mètre|heure|jour|nuit|semaine|mois|an|pièce|paire|lot|boîte|pot|sac|litre|rang|couvert|personne|séance|année|kilo|stunde|tag|nacht|woche|monat|jahr|stück|paar|meter|person|kilo|glas|sack|liter|quadratmeter|laufmeter|hora|d[ií]a|noche|semana|mes|año|metro|kilo|persona|pieza|par|saco|caja|litro|docena';
const UNIT = `(?:\\s?(?:/|per\\s|pro\\s|je\\s|par\\s|por\\s|an?\\s|each\\s(?=(?:${MEASURE})))\\s?(?:\\d+\\s?)?(?:square\\s|cubic\\s|running\\s|lfd\\.\\s)?[\\p{L}²³]{1,16}\\.?(?:\\sof\\s(?:\\d+|\\p{L}+))?|\\s(?:the|le|la|les|el|al|den|der|die|das|im|à la|à l’|l’|l')\\s?(?:${MEASURE})(?![\\p{L}])(?:\\sof\\s(?:\\d+|\\p{L}+))?|\\s?(?:each|p\\.?\\s?p\\.?|pp|pw|pcm|ph|\\/-|apiece|(?:la )?pièce|das stück|cada un[oa]|c\\/u|plus vat|\\+\\s?vat|ex vat|inc vat|zzgl\\. mwst\\.?|ht|ttc|\\+ iva)(?![\\p{L}]))?`;
const AMOUNT = `(?:(?:${FIGURES})\\s?(?:-|–|to|bis|à|a)\\s?(?:${FIGURES})\\s?(?:${WORD})|(?:${SIGN})\\s?(?:${FIGURES})(?:\\.?[-–]{1,2}(?!\\d))?(?:\\s?k\\b)?|(?:${FIGURES})(?:,[-–])?\\s{0,14}(?:${WORD}))`;
const MONEY_IN = latin(
  new RegExp(
    `(?<![\\p{L}\\d.,£€$])(?:(?:${FROM})\\s+)?(${AMOUNT}(?!\\s?(?:million|billion|thousand|mio|m\\b|millones|millions))(?:\\s?(?:-|–|to|bis|à|a|and|und|et|y|or)\\s?(?:${SIGN})?\\s?(?:${FIGURES})(?:\\s?(?:${WORD}))?(?=\\D|$))?)${UNIT}`,
    'giu',
  ),
);
const NO_UNIT =
  /\s?(?:per|pro|je|par|por|the|an?|each|le|la|les|el|al|den|der|die|das|im)\s(?:and|but|for|with|on|in|at|if|when|which|that|to|plus|un[d]?|mit|für|bei|pour|avec|si|con|para|und|oder|old|new|leaflet|web\w*|site|page|card|other|same|good|last|first|small|large|big|little|few|bit|lot)\b.*$/i;
/** A range joined to a second amount of its own (“£62 and £95”) is two prices. */
const TWO = /^(.*?[\d.,]+(?:\s?[£€$])?)\s?(?:and|und|et|y|or)\s?[£€$\d].*$/s;

/** “£3.50 NOW £6”, “1,50 € jetzt frei”: what it cost. */
const BEFORE_NOW =
  /^\s*(?:→|->|=>|(?:now|jetzt|neu|maintenant|désormais|ahora)\s)\s*(?:[£€$]|\d|free|nothing|frei|kostenlos|gratis|gratuit|libre)/iu;

/** Amounts of money in a text, in order; what something cost before is none of them. */
export function moneyIn(text: string): Money[] {
  const out: Money[] = [];
  const pattern = new RegExp(MONEY_IN.source, MONEY_IN.flags);
  for (let m = pattern.exec(text); m; m = pattern.exec(text)) {
    let said = m[0];
    const two = TWO.exec(said);
    if (two) {
      said = two[1]!;
      pattern.lastIndex = m.index + said.length;
    }
    said = said.replace(NO_UNIT, '').replace(/[.,\s]+$/, '');
    if (BEFORE_NOW.test(text.slice(m.index + said.length))) continue;
    const figure = /\d/.exec(said)!.index;
    const sign = new RegExp(`(?:${SIGN})\\s?$`, 'i').exec(said.slice(0, figure));
    const plain = said.replace(/\s+/g, ' ').replace(/^(?:at|only)\s+/i, '');
    out.push({ from: m.index, to: m.index + said.length, text: plain, at: m.index + figure - (sign?.[0].length ?? 0) });
  }
  return out;
}

/** The currency a text speaks of without its sign standing at every amount. */
export function currencyOf(text: string, language: string): string {
  const count = (p: RegExp) => (text.match(p) ?? []).length;
  const signs: [string, number][] = [
    ['£', count(/£|\bpounds?\b|\bquid\b|\bgbp\b/gi)],
    ['€', count(/€|\beuros?\b|\beur\b/gi)],
    ['$', count(/\$|\bdollars?\b|\bpesos?\b/gi)],
    // “12.–” is how francs are written, with or without their name.
    ['CHF ', count(/\bchf\b|\bfranken\b|\bFr\.|\d\.[–-](?!\d)/g)],
  ];
  const [best] = signs.sort((a, b) => b[1] - a[1]);
  return best![1] > 0 ? best![0] : language === 'en' ? '£' : '€';
}

const NOT_AMOUNT =
  /(?:(?<!\p{L})(?:no|nr|number|opens?|opening|closes?|num|unit|suite|room|age|aged|ages|under|over|since|page|class|grade|size|level|at|by|about|to|until|till?|am|den|le|el|up to|of|in|last|next|for|within|every|type|iso|bs|din|en|hall|stage|km|route|haus|halle|alter|unter|über|seit|vor|nach|um|bis|von|depuis|dans|de|à|du|les|desde|en|a las|de las|gate|tor|platform|raum|zimmer|stufe|klasse|número|nummer|numéro|box|stall|stand|plot|table|lane|street|road|\p{L}*(?:gasse|straße|strasse|weg|platz))\.?\s?$)|[#/.:–-]$|\d\s?$/iu;
const AFTER_AMOUNT =
  /^(?:\s?(?:\+\s?(?:vat|mwst|tva|iva)|plus vat|brutto|netto|each|per\s|pro\s|a\s(?:hour|day|night|week|month|year|head|piece|metre|bag|box|go|time|visit)|an\s(?:hour|evening|afternoon)|\/\s?\p{L}|flat|drauf|in bar|for (?:the|a)\s)|\s?[,;).]|\s?$|\s(?:and|und|et|y|or|oder|but|hinten|mit)\s)/iu;

/** “Am 22. Januar”, “22 de enero”: the day of a month. */
const MONTH_BEHIND =
  /^(?:st|nd|rd|th)?\.?\s(?:of\s|de\s)?(?:jan|feb|fév|mar|mär|apr|abr|avr|ma[iy]|jun|jui|jul|aug|ago|aoû|sep|o[ck]t|nov|de[czs]|déc|ene)\p{L}*/iu;

/** Amounts nobody put a sign to, “kleine Inspektion 69, große 119”, in a text that speaks of prices. */
export function unsignedIn(text: string, currency: string, signed: readonly Money[]): Money[] {
  const out: Money[] = [];
  for (const m of text.matchAll(
    /(?<![\p{L}\d.,:£€$+/])(?:(?:from|ab|dès|desde)\s)?(\d{1,3}(?:,\d{3})|\d{1,5}(?:[.,]\d{2})?)(?![\d%]|[.,:]\d|\s?(?:%|mm|cm|km|m\b|kg|g\b|ft|foot|feet|inch\p{L}*|yards?|acres?|stone|in\b|l\b|ml|min|h\b|uhr|am\b|pm\b|years?|yrs?|ans|años|jahre|miles?|people|persons?|[-–]\s?\d))/giu,
  )) {
    const figure = m.index + m[0].indexOf(m[1]!);
    const before = text.slice(Math.max(0, figure - 16), figure);
    const value = Number(m[1]!.replace(/,(?=\d{3})/, '').replace(',', '.'));
    if (MONTH_BEHIND.test(text.slice(m.index + m[0].length))) continue;
    const after = AFTER_AMOUNT.exec(text.slice(m.index + m[0].length));
    if (!after || value < 1 || (/^(?:1[5-9]|20)\d\d$/.test(m[1]!) && !/^\s?\+/.test(after[0]))) continue;
    if (m[0] === m[1] && NOT_AMOUNT.test(before)) continue;
    if (!/\p{L}{3}[^\d]{0,12}$/u.test(before)) continue;
    if (signed.some((s) => s.from < m.index + m[0].length && m.index < s.to)) continue;
    const unit =
      /^\s?(?:\+\s?\p{L}+|per\s\p{L}+|pro\s\p{L}+|an?\s\p{L}+|\/\s?\p{L}+|each)/iu.exec(
        after[0] + text.slice(m.index + m[0].length + after[0].length).split(/[\s,;.]/)[0]!,
      )?.[0] ?? '';
    const amount = currency === '€' ? `${m[1]!} €` : `${currency}${m[1]!}`;
    out.push({
      from: m.index,
      to: m.index + m[0].length,
      at: figure,
      text: `${m[0].slice(0, m[0].indexOf(m[1]!))}${amount}${unit}`,
    });
  }
  return out;
}
