import { matches, type Language, type Span } from './span.js';

const NAME =
  "[A-ZÀ-Þ][\\p{L}’'-]+(?:[\\s-](?:(?:on|upon|in|le|la|les|de|del|am|an der|by|the|sur)[\\s-])?[A-ZÀ-Þ][\\p{L}’'-]+){0,3}";
/** What is a street and no town. */
export const STREETS = /\s(?:Street|Road|Lane|Row|Yard|Quay|Square|Passage|Avenue|Close|Terrace|Wharf)$/;
const NO_PLACE =
  /^(?:Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|January|February|March|April|May|June|July|August|September|October|November|December|Spring|Summer|Autumn|Winter|Christmas|Easter|The|Our|My|We|I|It|You|Hi|Hello|Please|Thanks|Monsieur|Madame|Facebook|English|French|German|Spanish|Welsh|Dear|Mon|Tue|Wed|Thu|Fri|Sat|Sun)\b/;

/** What the languages of the world are called in the four a brief comes in: “one in Somali” is no town. */
const TONGUES = new Set(
  ['en', 'de', 'fr', 'es'].flatMap((locale) => {
    const names = new Intl.DisplayNames([locale], { type: 'language' });
    return 'aa ab af am ar as az be bg bn br bs ca cs cy da de el en eo es et eu fa fi fo fr fy ga gd gl gu ha he hi hr ht hu hy id ig is it ja ka kk km kn ko ku ky la lb lo lt lv mg mi mk ml mn mr ms mt my ne nl no oc om pa pl ps pt rm ro ru rw sd si sk sl sm sn so sq sr st su sv sw ta te tg th ti tk tl tn tr uk ur uz vi wo xh yi yo zh zu'
      .split(' ')
      .map((code) => (names.of(code) ?? '').toLowerCase());
  }),
);

/** Towns and areas: where the business is, and how far it goes. */
export function* places(source: string, language: Language): Generator<Span> {
  const proper = (m: RegExpMatchArray) =>
    m[1] && !TONGUES.has(m[1].split(' ')[0]!.toLowerCase()) && !NO_PLACE.test(m[1]) && !STREETS.test(m[1])
      ? m[1].replace(/\s[A-Z]{1,2}$/, '')
      : null;
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
