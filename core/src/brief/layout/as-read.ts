import { unspoken } from './spoken.js';

/** What a form asks of every business; a table with these on its left is one, whatever it looks like. */
const ASKED_OF_ALL =
  /(?<!\p{L})(?:(?:trading |business |legal |firmen|vereins)?name|firma|company|business|betrieb|verein|société|association|empresa|address|anschrift|adresse|standort|dirección|sede|siège|where|wo|où|dónde|phone|tel|telephone|telefon|téléphone|teléfono|mobile|handy|portable|móvil|e-?mail|mail|courriel|correo|(?:opening )?hours|open|öffnungszeiten|horaires?|horario)(?!\p{L})/iu;
const ASKED_OF_MANY =
  /(?<!\p{L})(?:what|who|when|was|wer|wann|quoi|qui|quand|qué|quién|cuándo|web|domain|since|founded|established|seit|gegründet|gründung\p{L}*|depuis|fondée?|création|desde|fundad[oa]|fundación|owner|inhaber\p{L}*|gérante?|propriétaire|dueñ[oa]|titular|contact|ansprech\p{L}*|vors\p{L}*|chair\p{L}*|president\p{L}*|président\p{L}*|secretary|treasurer|jugend\p{L}*|kasse\p{L}*|trésori\p{L}*|services?|products?|leistungen|angebot|prestations|servicios|productos|trade|branche|métier|oficio|gewerbe|area|einzugsgebiet|zone|zona|member\p{L}*|mitglied\p{L}*|beitrag|fees?|subscription|cotisation|cuota|about|text|texte?|description|beschreibung|descripción|story|geschichte|wish\p{L}*|wants?|wunsch|wünsche|souhaits?|deseos?|bitte|please|colours?|colors?|farben?|couleurs?|colores|style|stil|estilo|logo|notes?|intern\p{L}*|bemerkung\p{L}*|remarques?|observaciones|budget|deadline|frist|pages|seiten|páginas|dates|termine|registr\p{L}*|vat|ust\p{L}*|siret|nif|cif)(?!\p{L})/iu;
/** Least rows of a form, and the least share of them that ask what forms ask. */
const LEAST_ROWS = 3;
const LEAST_SHARE = 0.4;
const LEAST_SHARE_BEHIND = 0.6;
const LONGEST_QUESTION = 45;

const ROW = /^(\s*)\|(.*)\|(\s*)$/;
const RULE = /^[\s|:-]+$/;

/** Where the cells of a row with just two that say something begin and end; null for any other row. */
function pairOf(line: string): { question: string; bar: number } | null {
  if (!ROW.test(line) || RULE.test(line)) return null;
  const cells: { text: string; from: number; to: number }[] = [];
  const bars = [...line.matchAll(/\|/g)].map((m) => m.index);
  for (let n = 0; n + 1 < bars.length; n++) {
    const text = line.slice(bars[n]! + 1, bars[n + 1]).trim();
    if (text) cells.push({ text, from: bars[n]!, to: bars[n + 1]! });
  }
  const [first, second] = cells;
  if (!first || !second || cells.length !== 2 || first.from !== bars[0] || first.to !== second.from) return null;
  return first.text.length <= LONGEST_QUESTION && /\p{L}/u.test(first.text)
    ? { question: first.text, bar: first.to }
    : null;
}

/**
 * Tables of two columns that are forms as lines with a label each, as long as they were: “| Name | Ferry Club |” is
 * “  Name : Ferry Club  ”. What else there is of tables stays as it is.
 */
export function formsAsLines(text: string): string {
  if (!text.includes('|')) return text;
  const lines = text.split('\n');
  const pairs = lines.map(pairOf);
  let formed = false;
  for (let n = 0; n < lines.length;) {
    if (!pairs[n]) {
      n++;
      continue;
    }
    let end = n;
    while (end < lines.length && (pairs[end] || (RULE.test(lines[end]!) && lines[end]!.includes('|')))) end++;
    const rows = pairs.slice(n, end).filter((p) => p !== null);
    const always = rows.filter((p) => ASKED_OF_ALL.test(p.question)).length;
    const asked = rows.filter((p) => ASKED_OF_ALL.test(p.question) || ASKED_OF_MANY.test(p.question)).length;
    // Where a text has had a form, more of the same is one too.
    if (
      (formed && asked >= rows.length * LEAST_SHARE_BEHIND) ||
      (always >= 2 && rows.length >= LEAST_ROWS && asked >= rows.length * LEAST_SHARE)
    ) {
      formed = true;
      for (let k = n; k < end; k++) {
        const { bar = -1 } = pairs[k] ?? {};
        // By UTF-16 units, as offsets count.
        lines[k] = lines[k]!.split('')
          .map((c, at) => (pairs[k] && c !== '|' ? c : at === bar ? ':' : ' '))
          .join('');
      }
    }
    n = end;
  }
  return lines.join('\n');
}

/** “Sede: Paseo 2. Presidenta: Nerea …”: a label that does not begin its line. */
const LABEL_WITHIN = /(?<=[.;]) (?=\p{Lu}[\p{L}’'-]*(?: [\p{L}’'-]+){0,2}\s?: \S)/gu;
const LABEL_AHEAD = /^\s*(?:[-*•]\s+)?\p{Lu}[\p{L}’'-]*(?: [\p{L}’'-]+){0,2}\s?: \S/u;

/** Lines in which one label comes after another, with what each is for on a line of its own. */
export const labelsApart = (text: string): string =>
  text.replace(/[^\n]+/g, (line) => {
    if (!LABEL_AHEAD.test(line) || !line.match(LABEL_WITHIN)) return line;
    // What stands between two labels and is no part of the first: “Name: Club. Founded in 1979. Seat: …”.
    return line.replace(/(?<=[^\s.]{2}[.;])(?<!\(\d\.) (?=\p{Lu})/gu, '\n');
  });

/**
 * A text as it is read, offset for offset as long as it was: what was spoken out in figures, nothing shouted, forms laid
 * out as tables or one behind the other line by line.
 */
export const asRead = (source: string): string => labelsApart(formsAsLines(unspoken(source)));
