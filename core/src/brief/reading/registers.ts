import { latin, type Span } from './span.js';
import { capital } from './words.js';

const NUMBER = '[A-Z]{0,4}[ -]?\\d[\\d .,/-]{2,18}\\d(?:[ -]?[A-Za-z]{1,3})?(?![\\p{L}\\d])';
const COURT = '(?:,? ?(?:beim |at |am )?(?:Amtsgericht|Landesgericht|Handelsgericht) \\p{Lu}[\\p{L}-]+)?';
/**
 * Numbers under which a business stands in a register, by what the registers of a country are called. Tax numbers that are
 * for the tax office alone are none of them.
 */
const REGISTERS: readonly RegExp[] = [
  // Great Britain, Ireland and wherever English is spoken
  `(?:registered )?charity(?: (?:registration|registered|reg\\.?))?(?: \\(?(?:no|number|nr)\\.?)?:? ?(?:SC|NI)?\\d{5,8}(?![\\d-])`,
  `(?:registered (?:in \\p{Lu}\\p{L}+(?: and \\p{Lu}\\p{L}+)? )?)?(?:company|society|co-?operative|partnership)(?: (?:registration|reg\\.?))? (?:no|number|nr)\\.?:? ?(?:[A-Z]{1,2}-?)?\\d{4,8}(?![\\d-])`,
  `vat(?: (?:registration|reg\\.?))?(?: (?:no|number|nr)\\.?)?:? ?(?:GB|IE)? ?\\d[\\d ]{6,11}\\d?[A-Z]{0,2}(?![\\p{L}\\d])`,
  `[A-Z]{3,6}(?: (?:firm|member(?:ship)?|registration))? (?:ref(?:erence)?|reg|no|number|nr)\\.? ?(?:no\\.? ?)?\\d{4,10}(?![\\d-])`,
  `(?:frn|abn|acn|ein|nzbn) ?:? ?\\d[\\d -]{4,13}[\\dA-Z]`,
  `(?:licen[cs]e|permit|registration) (?:no|number|nr)\\.?:? ?${NUMBER}`,
  `licen[cs]e:? [A-Z]{1,4}[/-]?[A-Z]{0,3}\\d{3,7}[A-Z]{0,3}(?![\\p{L}\\d])`,
  `ROC:? ?#?\\d{5,7}(?![\\d-])`,
  // Germany, Austria, Switzerland
  `(?:Amtsgericht \\p{Lu}[\\p{L}-]+,? )?(?:HRA|HRB|VR|GnR|PR) ?(?:Nr\\.? ?)?\\d{2,6}(?: [A-Z]{1,2}(?![\\p{L}]))?${COURT}`,
  `FN ?\\d{4,6} ?[a-z](?![\\p{L}])${COURT}`,
  `(?:ust|umsatzsteuer)-?(?:id|identifikation)\\p{L}*(?:-?nr\\.?|nummer)?:? ?(?:DE ?)?\\d{9}`,
  `(?:UID(?:-Nr\\.?)?:? ?)?(?:ATU ?\\d{8}|CHE-?\\d{3}\\.\\d{3}\\.\\d{3}(?: MWST)?)`,
  `(?:Vereinsregister|Handelsregister|Genossenschaftsregister|Firmenbuch|ZVR(?:-Zahl)?)(?:nummer|-?nr\\.?)?:? ?${NUMBER}${COURT}`,
  `Betriebs(?:-?nr\\.?|nummer):? ?${NUMBER}`,
  // France, Belgium, Switzerland, Canada
  `(?:N° ?)?SIRE[TN](?: ?:)? ?\\d[\\d ]{7,17}\\d`,
  `RCS \\p{Lu}[\\p{L}-]+(?: [A-D])? ?\\d{3} ?\\d{3} ?\\d{3}`,
  `TVA(?: (?:intracommunautaire|n°))?(?: ?:)? ?(?:FR|BE) ?[\\dA-Z]{2}[\\d .]{7,12}\\d`,
  `(?:BCE|ASBL|NEQ|RNA)(?: n°)?(?: ?:)? ?[W\\d][\\d .]{6,13}\\d`,
  // Spain and Latin America
  `(?:N\\.?I\\.?F\\.?|C\\.?I\\.?F\\.?)(?: ?:)? ?[A-Z]?-?\\d{7,8}-?[A-Z]?(?![\\p{L}\\d])`,
  `(?:RFC|CUIT|NIT|RUT)(?: ?:)? ?(?:[A-ZÑ]{3,4}\\d{6}[A-Z\\d]{3}|\\d[\\d.-]{6,13}[\\dkK])`,
  `R\\.?G\\.?S\\.?E\\.?A\\.?A\\.?(?: ?:)? ?[\\d./]+[A-Z]?(?:/[A-Z]+)?`,
  `(?:inscrit[oa]s? (?:en el \\p{L}+ )?(?:con el )?|registro (?:de \\p{L}+|industrial|mercantil|sanitario) )(?:n(?:úmero|\\.?[º°o])\\.? ?)?[\\d/-]{3,12}(?:-[A-Z])?`,
].map((p) => new RegExp(`(?<![\\p{L}\\d])(?:${p})`, 'giu'));

/** Registration numbers of a text, each with the words it stands in. */
export function* registrations(source: string): Generator<Span> {
  const taken: [number, number][] = [];
  for (const pattern of REGISTERS)
    for (const m of source.matchAll(latin(pattern))) {
      const [from, to] = [m.index, m.index + m[0].replace(/[\s.,-]+$/, '').length];
      if (m[0].replace(/\D/g, '').length < 2 || taken.some(([a, b]) => from < b && a < to)) continue;
      // A word of three capitals in front of a number is a register only where it is written so.
      if (pattern === REGISTERS[3] && !/^[A-Z]{3,6} /.test(m[0])) continue;
      taken.push([from, to]);
      yield { field: 'registration', from, to, value: capital(source.slice(from, to).replace(/\s+/g, ' ')) };
    }
}
