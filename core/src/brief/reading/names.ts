import { languages } from '../../language/registry.gen.js';
import type { Language, Span } from './span.js';

const NAME_SAID: Record<Language, RegExp[]> = {
  en: [
    /\b(?:business =|business name =|here from|we(?:’|'| a)re called|is called|are called|called|business is|company is|trading as|the name is|it(?:’|')s called)\s+((?:The\s+)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:&|and|of|the|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
    /\b(?:[Tt]his is|[Ii]t(?:’|')?s|I(?:’|')m|I am|[Mm]y name is)\s+[A-ZÀ-Þ][\p{L}’'-]+(?:\s[A-ZÀ-Þ][\p{L}’'-]+)?,?\s+(?:here\s+)?(?:from|of|at)\s+((?:The\s+)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:&|and|of|the|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
    /^(?:[^\n]{0,40}?\s)?((?:The\s+)?[A-ZÀ-Þ][\p{L}’'&-]+(?:\s+(?:&|and|of|[A-ZÀ-Þ][\p{L}’'&-]*))+)\s+here\b/gmu,
    /\b(?:[Ww]e are|[Ww]e(?:’|')re|website (?:for|of)|site (?:for|of)|[Hh]ere at)\s+(?:the\s+)?((?:[A-ZÀ-Þ][\p{L}’'-]*\s+(?:&|and|of)\s+|[A-ZÀ-Þ][\p{L}’'-]*\s+)+[A-ZÀ-Þ][\p{L}’'-]*(?:,\s+[A-ZÀ-Þ]\p{L}+s\b)?)/gu,
  ],
  es: [
    /\b(?:[Nn]os llamamos|[Ss]e llama|[Ss]omos)\s+(?:(?:la|el|los|las)\s+)?((?:(?:El|La|Los|Las)\s+)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:y|de|del|la|&|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
  ],
  fr: [
    /\b(?:ici|c['’]est)\s+[A-ZÀ-Þ]\p{L}+\s+d(?:e l['’]|e la\s+|u\s+|e\s+)([A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:et|de|du|des|la|&|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
    /\b(?:[Nn]ous nous appelons|s['’]appelle|[Nn]ous sommes)\s+(?:l['’]|la\s+|le\s+|les\s+)?((?:(?:Le|La|Les|L['’])\s*)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:et|de|du|des|la|&|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
  ],
  de: [
    /\bhier (?:ist|schreibt|spricht)\s+[^.\n]{0,40}?\s+(?:von|aus) (?:der|dem|den)\s+([A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:und|von|&|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
    /\b(?:[Ww]ir heißen|heißt|[Ww]ir sind)\s+(?:die\s+|das\s+|der\s+)?((?:(?:Der|Die|Das)\s+)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:und|von|&|[A-ZÀ-Þ][\p{L}’'&-]*))*)/gu,
  ],
};
const CAP = "[A-ZÀ-Þ][\\p{L}’'-]+";
const STANDING = [
  // “The Net Loft is a shop”, “Rory @ Skerry Boats”, “Ashdown & Finch Electrical”, “(Hill Honey, 3 Upper Row, SM9 2UG)”.
  new RegExp(
    `(?:^|\\n)\\s*((?:The\\s+)?${CAP}(?:\\s+(?:&\\s+|and\\s+|of\\s+(?:the\\s+)?)?${CAP}){0,4})\\s+(?:is|are)\\s+an?\\s`,
    'u',
  ),
  new RegExp(`${CAP}\\s+@\\s+((?:The\\s+)?${CAP}(?:\\s+(?:&\\s+)?${CAP}){0,4})`, 'u'),
  new RegExp(`(?<![\\p{L}’])((?:The\\s+)?${CAP}(?:\\s+${CAP})?\\s+&\\s+${CAP}(?:\\s+${CAP}){0,2})`, 'u'),
  new RegExp(`\\((${CAP}(?:\\s+${CAP}){0,3}),[^()\\n]*\\b[A-Z]{1,2}\\d{1,2}\\s?\\d[A-Z]{2}\\)`, 'u'),
  /^\s*((?:The\s+)?[A-ZÀ-Þ][\p{L}’'&-]*(?:\s+(?:&|and|of|the|y|de|et|und|[A-ZÀ-Þ][\p{L}’'&-]*)){1,5})\s*(?:[.:]|\s[–—-])\s/u,
  /\b[Ww]e(?:(?:’|')re|\s+are)\s+([A-ZÀ-Þ]\p{L}{3,})(?=\s*[–—,(]|\s+-\s)/u,
];
const GREETING =
  /^(?:hi|hello|dear|hey|morning|good|hola|buenos|bonjour|salut|hallo|guten|liebe|sehr|moin|from:|to:|subject:|sent:|date:|re:|fwd?:)\b/iu;

const ENGLISH_KINDS =
  'Electrical|Joinery|Pottery|Boats?|Boatworks|Works|Workshop|Studio|Yard|Forge|Press|Nursery|Orchard|Upholstery|Ceramics|Cycles|Books|Honey|Stoves|Roofing|Plumbing|Gardens|Framing|Sails|Ferry|Choir|Society|Club|Museum|Garage|Removals|Flooring|Fencing|Tiles|Interiors|Antiques|Flowers|Company|Guest House|Cottage|Campsite|Ltd|Limited';
const KINDS: Partial<Record<Language, string>> = {
  fr: 'Atelier|Maison|Ferme|Domaine|Jardins?|Société|Association|Ets|Établissements|Chez',
  es: 'Taller|Talleres|Casa|Bodega|Finca|Asociación|Cerámicas?|Hermanos|Viveros?',
  de: 'Werkstatt|Hof|Haus|Verein|Firma|Gebrüder|Atelier|Betrieb',
};
const tradeNames = new Map<Language, RegExp>();
/** A trade’s own word with a name before or behind it, as the language has it. */
function byTrade(language: Language): RegExp {
  let pattern = tradeNames.get(language);
  if (!pattern) {
    const there = Object.values(languages).find((l) => l.reading === language);
    const nouns = Object.values(there?.trades ?? {}).map((t) => t.noun[0]!.toUpperCase() + t.noun.slice(1));
    pattern =
      language === 'en'
        ? new RegExp(`(?<![\\p{L}’])((?:The\\s+)?(?:${CAP}\\s+){1,3}(?:${ENGLISH_KINDS}))(?![\\p{L}])`, 'u')
        : new RegExp(
            `(?<![\\p{L}])((?:${[KINDS[language], ...nouns].filter(Boolean).join('|')})(?:\\s+(?:de|du|des|del|la|von|am|zur|Am|Zur|&)\\s*)?(?:\\s+${CAP}){1,3})`,
            'u',
          );
    tradeNames.set(language, pattern);
  }
  return pattern;
}

/** The name of the business, where the text gives it: a title, what it says it is called, its first line or its signature. */
export function nameSpan(source: string, language: Language): Span | null {
  const title = /^#\s+(.+)$/mu.exec(source);
  if (title) {
    const from = title.index + title[0].indexOf(title[1]!);
    return { field: 'name', from, to: from + title[1]!.trimEnd().length, value: title[1]!.trim() };
  }
  for (const pattern of NAME_SAID[language])
    for (const m of source.matchAll(pattern)) {
      const value = m[1]!.replace(/\s+(?:and|of|the|&|y|et|und|de)$/u, '').replace(/[.,]$/, '');
      if (value.length < 3 || /^(?:The|A|An|I|We)$/.test(value)) continue;
      const from = m.index + m[0].indexOf(m[1]!);
      return { field: 'name', from, to: from + value.length, value };
    }
  const first = /^\s*(\S.*?)\s*$/mu.exec(source);
  if (
    first &&
    first[1]!.split(' ').length <= 7 &&
    !/[.!?:,]$|@|[.!?] |^(?:I|We|Wir|Ich|Je|Nous)\b/.test(first[1]!) &&
    !GREETING.test(first[1]!)
  ) {
    const from = first.index + first[0].indexOf(first[1]!);
    return { field: 'name', from, to: from + first[1]!.length, value: first[1]!.replace(/^#+\s*/, '') };
  }
  const lead =
    /^\s*([A-ZÀ-Þ][\p{L}’'&-]*(?:\s(?:&|and|y|et|und|[A-ZÀ-Þ][\p{L}’'&-]*)){1,4}),\s/u.exec(source) ??
    /^\s*([A-ZÀ-Þ][\p{L}’'-]+) the \p{Ll}+/u.exec(source);
  if (lead && !GREETING.test(lead[1]!)) {
    const from = lead.index + lead[0].indexOf(lead[1]!);
    return { field: 'name', from, to: from + lead[1]!.length, value: lead[1]! };
  }
  // A first sentence that is nothing but a name; one word that they say they are; last, a name that stands alone.
  for (const pattern of STANDING) {
    const m = pattern.exec(source);
    if (
      !m ||
      GREETING.test(m[1]!) ||
      /^(?:We|I|My|Our|Wir|Ich|Nous|Je)\b/.test(m[1]!) ||
      /^(?:Town|Place|Date|Phone)$/.test(m[1]!)
    )
      continue;
    const from = m.index + m[0].indexOf(m[1]!);
    return { field: 'name', from, to: from + m[1]!.length, value: m[1]! };
  }
  // A signature: the last short line that names a business.
  for (const m of [...source.matchAll(/^[ \t]*((?:The\s+)?[A-ZÀ-Þ][^\n.!?]{3,60})[ \t]*$/gmu)].reverse())
    if (
      /\b(?:&|and|ltd|limited|company|works?|yard|workshop|society|studio|house|pottery|joinery|nursery|farm|mill|press|books|boats?|clocks?|co)\b/iu.test(
        m[1]!,
      ) &&
      m[1]!.split(' ').length <= 7
    )
      return {
        field: 'name',
        from: m.index + m[0].indexOf(m[1]!),
        to: m.index + m[0].indexOf(m[1]!) + m[1]!.length,
        value: m[1]!.trim(),
      };
  // A business called by its trade: “Atelier Kerven”, “Tischlerei Petersen”, “Kerr Joinery”.
  const called = byTrade(language).exec(source);
  if (called) {
    const value = called[1]!.trim();
    const from = called.index + called[0].indexOf(called[1]!);
    return { field: 'name', from, to: from + value.length, value };
  }
  const alone = /(?:^|[.!?\n]\s*)([A-ZÀ-Þ]\p{Ll}+(?:\s[A-ZÀ-Þ]\p{Ll}+){1,2})[.](?=\s|$)/u.exec(source);
  if (alone && !GREETING.test(alone[1]!)) {
    const from = alone.index + alone[0].indexOf(alone[1]!);
    return { field: 'name', from, to: from + alone[1]!.length, value: alone[1]! };
  }
  return null;
}

const MAKER =
  '(?:chimney sweeps?|tree surgeons?|dry stone wallers?|\\p{L}{2,}(?:makers?|smiths?|wrights?|binders?|mongers?|keepers?|builders?|menders?|tuners?|polishers?|turners?|weavers?|surveyors?|upholsterers?|thatchers?|farriers?|glaziers?|plasterers?|roofers?|printers?|dyers?|millers?|growers?|ologists?|engravers?|carvers?))';
const TRADE_SAID: RegExp[] = [
  new RegExp(
    `\\b(?:I am|I(?:’|')m|we are|we(?:’|')re|soy|je suis|ich bin) (?:an? |the )?(?:\\p{Ll}+ ){0,2}?(${MAKER})(?!\\p{L})`,
    'iu',
  ),
  new RegExp(`\\(?(?<!\\p{L})(${MAKER})(?!\\p{L})`, 'iu'),
  /\b[Jj]e suis (\p{Ll}{4,})/u,
  /\b[Jj]e suis [A-ZÀ-Þ][^,.\n]{2,40}, (\p{Ll}{4,})/u,
];

/** The trade in the client’s own word, for trades the house has no pack for: “bookbinders” is “bookbinder”. */
export function tradeSaid(source: string, name: string): string {
  for (const text of [name, source])
    for (const pattern of TRADE_SAID) {
      const said = pattern.exec(text)?.[1]?.toLowerCase();
      if (said) return said.replace(/(?<=[^s])s$/, '').slice(0, 80);
    }
  return '';
}
