import { matches, type Language, type Span } from './span.js';

const POSTCODE = '[A-Z]{1,2}\\d[A-Z\\d]?\\s?\\d[A-Z]{2}';
const STREET =
  '(?:street|st|road|rd|lane|ln|row|yard|quay|wharf|square|passage|way|avenue|ave|drive|close|court|hill|terrace|place|mews|gardens|walk|alley|parade|green|strand|mill|works|farm|barn|slip|loft|arch(?:es)?|house|cottage|park|estate|unit|gate|steps|bank|end|croft|parade)';
/** “4 Dial Passage, Saltmarrow SM1 1PB”, “The Old Slip, Quay Lane, Saltmarrow” and the like. */
const BRITISH = new RegExp(
  `(?:(?:[Uu]nit|[Tt]he|[Ff]lat|[Nn]o\\.?|[Ss]tudio|[Aa]rch|[Bb]arn|[Pp]lot|[Ss]hop)\\s+)?(?:\\d{1,4}[a-z]?(?:[-–]\\d{1,4})?,?\\s+)?(?:[A-Z][\\p{L}’'&-]+,?\\s+|of\\s+|the\\s+|on\\s+the\\s+|\\d{1,4}[a-z]?\\s+){0,8}${POSTCODE}\\b`,
  'gu',
);
const NUMBERED = new RegExp(
  `\\b\\d{1,4}[a-z]?\\s+(?:[A-Z][\\p{L}’'-]+\\s+){0,3}(?:${STREET.replace(/\b([a-z])/g, (c) => `[${c}${c.toUpperCase()}]`)})\\b\\.?(?:,\\s*(?:[A-Z][\\p{L}’'-]+(?:\\s[A-Z][\\p{L}’'-]+)*)){0,3}`,
  'gu',
);
const CONTINENTAL: Record<Exclude<Language, 'en'>, RegExp> = {
  de: /\b(?:[A-ZÄÖÜ][\p{L}-]*(?:straße|strasse|str\.|gasse|weg|platz|allee|ufer|damm|ring|steig|markt|hof)|(?:Am|An der|Auf dem|Zum|Zur|Im)\s+[A-ZÄÖÜ][\p{L}-]+)\s+\d{1,4}\s?[a-z]?(?:\s*,\s*|\s+|\n)(?:D-)?\d{5}\s+[A-ZÄÖÜ][\p{L}-]+(?:\s[A-ZÄÖÜ][\p{L}-]+)?/gu,
  fr: /\b\d{1,4}(?:\s?(?:bis|ter))?,?\s+(?:rue|avenue|boulevard|place|quai|chemin|impasse|allée|route|cours|passage)\s+[^,\n]{2,40}(?:,\s*|\s+|\n)\d{5}\s+[A-ZÉÈÀÂÎ][\p{L}’'-]+(?:[\s-][A-ZÉ][\p{L}’'-]+)*/gu,
  es: /\b(?:C\/|C\.|[Cc]alle|[Aa]venida|[Aa]vda\.?|[Pp]laza|[Pp]aseo|[Cc]amino|[Mm]uelle)\s*[^,\n]{2,40},?\s*(?:n\.?º?\s?)?\d{1,4}(?:,\s*|\s+|\n)(?:\d{5}\s+)?[A-ZÁÉÍÓÚÑ][\p{L}-]+(?:\s(?:de\s)?[A-ZÁÉÍÓÚÑ][\p{L}-]+)*/gu,
};
const NAME =
  "[A-ZÀ-Þ][\\p{L}’'-]+(?:[\\s-](?:(?:on|upon|in|le|la|les|de|del|am|an der|by|the|sur)[\\s-])?[A-ZÀ-Þ][\\p{L}’'-]+){0,3}";
const NO_PLACE =
  /^(?:Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|January|February|March|April|May|June|July|August|September|October|November|December|Spring|Summer|Autumn|Winter|Christmas|Easter|The|Our|My|We|I|It|You|Hi|Hello|Please|Thanks|Monsieur|Madame|Facebook|English|French|German|Spanish|Welsh|Dear|Mon|Tue|Wed|Thu|Fri|Sat|Sun)\b/;

/** Postal addresses of a text, on the lines they stand on. */
export function* addresses(source: string, language: Language): Generator<Span> {
  const taken: [number, number][] = [];
  const patterns = [...(language === 'en' ? [] : [CONTINENTAL[language]]), BRITISH, NUMBERED];
  for (const pattern of patterns)
    for (const span of matches(source, pattern, 'address', (m) => m[0].replace(/\s+/g, ' '))) {
      if (taken.some(([a, b]) => span.from < b && a < span.to)) continue;
      if (!/\d/.test(span.value) || span.value.split(' ').length < 2) continue;
      taken.push([span.from, span.to]);
      // What leads up to it on the same line, as “The Old Slip, ” before a street, belongs to it.
      const lineStart = source.lastIndexOf('\n', span.from - 1) + 1;
      const before = /(?:(?:The\s+)?(?:[A-ZÀ-Þ][\p{L}’'&-]+\s*){1,5},\s+)+$/u.exec(source.slice(lineStart, span.from));
      const from = before ? span.from - before[0].length : span.from;
      yield { ...span, from, value: source.slice(from, span.to).replace(/\s+/g, ' ').trim() };
    }
}

/** Towns and areas: where the business is, and how far it goes. */
export function* places(source: string, language: Language): Generator<Span> {
  const proper = (m: RegExpMatchArray) => (m[1] && !NO_PLACE.test(m[1]) ? m[1] : null);
  const at: Record<Language, string> = {
    en: '(?:based (?:just outside|near|in|at)|here in|down in|up in|over in|located in|workshop in|shop in|yard in|studio in|office in|(?<=\\s)in|from|moved to|outside|near)',
    es: '(?:estamos en|situados en|taller en|tienda en|en)',
    fr: '(?:situés? à|installés? à|basés? à|atelier à|à)',
    de: '(?:mitten in|ansässig in|werkstatt in|laden in|aus|in)',
  };
  yield* matches(source, new RegExp(`(?<![\\p{L}])${at[language]}\\s+(${NAME})`, 'gu'), 'place', proper);
  if (language === 'en')
    yield* matches(
      source,
      new RegExp(`\\b(?:Street|Lane|Road|Quay|Row|Hill|Yard|Square|Wharf|Terrace|Steps|Passage),\\s+(${NAME})`, 'gu'),
      'place',
      proper,
    );
  const area: Record<Language, RegExp[]> = {
    en: [
      /\b[Aa]rea:\s*([^.\n]{4,80})/gu,
      /\b((?:within|up to)\s+(?:about\s+)?\d{1,3}\s+(?:miles|km|kilometres)(?:\s+of\s+[A-Z][\p{L}’'-]+(?:\s[A-Z][\p{L}’'-]+)*)?)/gu,
      /\b(?:we|I)\s+(?:cover|serve|travel(?: all over| across| throughout)?|work (?:all over|across|throughout)|deliver (?:to|across|all over))\s+((?:all of |the whole of |most of |the )?[A-Z][\p{L}’'-]+(?:[^.\n]{0,60}?(?=[.;\n]|$)))/gu,
    ],
    es: [/\b(?:trabajamos|servimos) en (toda? [^.\n]{3,50})/giu],
    fr: [
      /\b(?:dans un rayon de (\d+ ?km[^.\n]{0,40}))/giu,
      /\b(?:nous intervenons|nous livrons) (?:dans |à )([^.\n]{3,50})/giu,
    ],
    de: [/\b(im Umkreis von \d+ ?(?:km|Kilometern)[^.\n]{0,40})/giu, /\b(?:im ganzen|in ganz) ([A-ZÄÖÜ][\p{L}-]+)/gu],
  };
  for (const pattern of area[language]) yield* matches(source, pattern, 'area');
}
