import type { Piece } from '../layout/pieces.js';
import { GIVEN_NAMES } from '../people/given-names.js';
import { HEADED } from '../roles/cues.js';
import type { Language } from '../reading/span.js';
import { tradeHits, tradeTokens } from '../trades/lexicon.js';
import type { Candidate } from './candidates.js';

const TOPIC: Record<string, RegExp> = {
  offer:
    /(?<!\p{L})(?:services?|products?|prices?|rates?|fees|tariff|menu|what we (?:do|make|sell)|what i (?:do|make)|work|jobs?|hire|repairs?|charges?|costs?|offer|list|stock|leistung\w*|angebot\w*|produkt\w*|preis\w*|arbeit\w*|sortiment|was (?:wir|ich) \p{L}+|prestations?|produits?|tarifs?|prix|travaux|activités?|ce que|servicios?|productos?|precios?|tarifas?|trabajos?|qu[ée] hacemos|lo que)(?!\p{L})/iu,
  people:
    /(?<!\p{L})(?:people|team|staff|who|committee|officers|contact|ansprechpartner\w*|team|personen|vorstand|wer|équipe|qui|bureau|personnel|equipo|qui[ée]n\w*|junta)(?!\p{L})/iu,
  when: /(?<!\p{L})(?:hours|open\w*|times?|when|dates?|events?|timetable|öffnungszeiten|oeffnungszeiten|wann|termine|zeiten|horaires|quand|agenda|horario\w*|cu[áa]ndo|fechas)(?!\p{L})/iu,
  where:
    /(?<!\p{L})(?:address|where|find us|location|area|places?|venues?|adresse\w*|anschrift\w*|wo|ort|lieu|où|dirección|d[óo]nde|zona)(?!\p{L})/iu,
  proof:
    /(?<!\p{L})(?:certific\w*|member\w*|accredit\w*|insur\w*|qualif\w*|licen\w*|awards?|zertifik\w*|mitglied\w*|certificats?|diplômes?|labels?|certificad\w*|títulos?)(?!\p{L})/iu,
};
const SHAPE: [string, RegExp][] = [
  [
    'day',
    /(?<!\p{L})(?:mon|tue|wed|thu|fri|sat|sun)(?:day|s|nes|rs|ur)?\p{L}*(?!\p{L})|(?<!\p{L})(?:montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonntag|lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche|lunes|martes|miércoles|jueves|viernes|sábado|domingo)s?(?!\p{L})/iu,
  ],
  ['time', /\d[.:h]\d\d|\d\s?(?:am|pm|uhr|h)\b/i],
  ['number', /\d/],
  ['size', /\d\s?(?:mm|cm|m|ft|kg|g|l|ml|in|")\b/i],
  ['mail', /@|\.example|www\./i],
  [
    'street',
    /(?<!\p{L})(?:street|road|lane|yard|square|straße|gasse|weg|rue|place|calle|plaza)(?!\p{L})|\b[A-Z]{1,2}\d\d?\s?\d[A-Z]{2}\b/iu,
  ],
  ['we', /(?<!\p{L})(?:we|i|you|us|he|she|they|it|wir|ich|sie|er|nous|vous|on|je|il|elle|usted|yo)(?!\p{L})/iu],
  [
    'site',
    /(?<!\p{L})(?:website|page|photo\w*|picture\w*|logo|map|form|button|gallery|seite|bilder|fotos?|karte|formular|carte|plan|galerie|página|mapa|galería|formulario)(?!\p{L})/iu,
  ],
  [
    'colour',
    /(?<!\p{L})(?:red|green|blue|black|white|grey|brown|gold|cream|rot|grün|blau|schwarz|weiß|grau|braun|rouge|vert|bleu|noir|blanc|gris|rojo|verde|azul|negro|blanco)(?!\p{L})/iu,
  ],
  ['Upper', /^\p{Lu}/u],
  ['two caps', /^\p{Lu}\p{Ll}+\s\p{Lu}\p{Ll}+/u],
  ['CAPS', /^[\p{Lu}\d\s&'-]{4,}$/u],
  ['title', /(?<!\p{L})(?:mr|mrs|ms|miss|dr|herr|frau|m\.|mme|don|doña|sr\.?|sra\.?)\s/iu],
  ['not', /(?<!\p{L})(?:no|not|never|kein\w*|nicht|pas|sans|sin|nada)(?!\p{L})/iu],
  ['year', /\b(?:1[6-9]|20)\d\d\b/],
  ['?', /\?/],
  ['ing', /ing\b|ung\b|age\b|ción\b|tion\b|ment\b/i],
  ['s', /s$/],
];

/** What is to be known of a candidate. `roles` are the shares of the piece it is in, by class. */
export function itemFeatures(c: Candidate, piece: Piece, language: Language, roles: Record<string, number>): string[] {
  const words = c.name.toLowerCase().match(/[\p{L}]+/gu) ?? [];
  const out = [`m:${c.met}`, `l:${language}`, `k:${piece.kind}`, `n:${Math.min(7, words.length)}`];
  if (c.prices.length) out.push('priced', `priced:${c.met}`);
  out.push(`sib:${c.siblings > 3 ? '4' : c.siblings}`);
  const top = Object.entries(roles).sort((a, b) => b[1] - a[1]);
  out.push(`r:${top[0]?.[0] ?? ''}`, `r:${top[0]?.[0] ?? ''}:${(top[0]?.[1] ?? 0) > 0.7 ? 'sure' : 'unsure'}`);
  const open = (roles['visitors'] ?? 0) + (roles['fact'] ?? 0);
  out.push(`open:${open > 0.9 ? '9' : open > 0.7 ? '7' : open > 0.4 ? '4' : '0'}`);
  for (const [name, pattern] of SHAPE) if (pattern.test(c.name)) out.push(`h:${name}`);
  for (const [name, pattern] of Object.entries(TOPIC)) {
    if (piece.under && pattern.test(piece.under)) out.push(`u:${name}`, `u:${name}&${c.met}`);
    if (piece.label && pattern.test(piece.label)) out.push(`lb:${name}`);
  }
  for (const [name, pattern] of Object.entries(HEADED)) {
    if (piece.under && pattern.test(piece.under)) out.push(`uh:${name}`);
    if (piece.label && pattern.test(piece.label)) out.push(`lh:${name}`);
  }
  if (!piece.under) out.push('u:-');
  const first = c.name.split(/[\s,]/)[0] ?? '';
  if (GIVEN_NAMES.has(first)) out.push('given');
  if (words[0]) out.push(`f:${words[0].slice(0, 6)}`);
  if (words.at(-1)) out.push(`e:${words.at(-1)!.slice(0, 6)}`, `x:${words.at(-1)!.slice(-3)}`);
  for (const w of words) out.push(`w:${w.slice(0, 6)}`);
  // What some trade works on, offers or is called, whichever it is.
  const hits = tradeHits(tradeTokens(c.name), language);
  for (const kind of new Set(hits.map((h) => h.kind))) out.push(`t:${kind}`, `t:${kind}&${c.met}`);
  if (!hits.length) out.push('t:-');
  if (c.detail) out.push('detail');
  for (const [name, pattern] of SHAPE.slice(0, 7)) if (pattern.test(piece.text)) out.push(`ph:${name}`);
  const pairs = out.filter((f) => /^(?:m:|open:|u:|lb:|priced$)/.test(f));
  for (let a = 0; a < pairs.length; a++)
    for (let b = a + 1; b < pairs.length; b++) out.push(`${pairs[a]!}&${pairs[b]!}`);
  return out;
}
