import type { Contact } from '../../model/site.js';
import type { ReadPiece } from '../roles/roles.js';
import { latin, type Span } from './span.js';
import { capital } from './words.js';

/** Words that say that something is a number or an address, and not what it is for. */
const PLAIN =
  /^(?:(?:our|the|my|your|unsere?|die|der|das|mein|notre|le|la|mon|el|nuestr[oa]|su)\s+)?(?:tele)?(?:phones?|fon|tel|mobile|mob|cell|ring|call|text|number|contact|reach(?: us)?|e-?mails?|mail(?:adresse)?|post|address|web|site|website|telefon(?:nummer)?|telefonisch|handy|nummer|kontakt|téléphone|portable|fixe|gsm|natel|direct|(?:contact|office|main) (?:phone|number|mail)|courriel|adresse|teléfono|móvil|correo|dirección|us|me|uns|mich|nous|moi|on|at|or|and|und|et|y|o|oder|ou|yes|no|ja|oui|sí|please|bitte|m|t|e|f)s?\.?$/iu;
/** What is for whoever makes the site, or for nobody. */
const NOT_SAID =
  /(?<!\p{L})(?:not|don[’']?t|never|only you|for you|for the designer|private|home|wife|husband|mum|mother|dad|son|daughter|strike|website|nicht|nur für|privat\p{L}*|frau|mann|mama|tochter|sohn|mutter|pas|privée?|perso\p{L}*|femme|mari|fille|fils|no es|solo para|particular|mujer|marido|hij[oa]|old|wrong|alte?|falsch|ancien)(?!\p{L})/iu;
const FOR =
  /(?<!\p{L})(?:for|about|regarding|für|bei|wegen|pour|concernant|para)\s+((?:the |a |all |any |die |den |das |les |la |le |las |los |el )?[\p{L}’'&-]+(?:[ ,]+(?:and |und |et |y |& )?[\p{L}’'&-]+){0,4}?)\s*(?:[,:–(.;-]|(?<!\p{L})(?:ring|call|phone|text|rufen|appel\p{L}*|llam\p{L}*|is|ist|est|es|it[’']s|on|to)(?!\p{L})|$)/iu;
/** Words of a sentence that says something else: what a number is for is a thing, or somebody. */
const TALKS =
  /(?<!\p{L})(?:is|are|was|were|it|i|you|we|me|my|his|him|ours?|that(?:[’']s)?|so|please|make|still|set|if|when|but|fld|field|to|am|be|has|have|ich|wir|sie|bin|ist|sind|mein\p{L}*|est|suis|je|on|nous|vous|soy|es|yo|mi|que)(?!\p{L})/iu;

const clean = (s: string): string =>
  s
    .replace(/\s+/g, ' ')
    .replace(/\s*\((?=[^)]*$).*$/, '')
    .replace(/^[\s,;:()–—-]+|[\s,;:.()–—-]+$/g, '')
    .replace(/\s+(?:tele)?(?:phone|mail|e-?mail|number|mobile|telefon|nummer|téléphone|teléfono)$/iu, '')
    .replace(/\s+(?:under|unter|at|on|au|en|al|bei|via|über|is|ist)$/iu, '')
    .replace(/^(?:and|or|but|und|oder|et|ou|y|o)\s+/iu, '')
    .replace(/^(?:the|a|die|der|das|den|le|la|les|el|los|las)\s+(?=\p{Ll})/iu, '');
const says = (s: string): string => {
  const said = clean(s);
  const words = said.split(' ').length;
  return said.length >= 3 &&
    said.length <= 60 &&
    words <= 6 &&
    !PLAIN.test(said) &&
    !TALKS.test(said) &&
    !/\d{2}|[\][<>{}]/.test(said)
    ? capital(said)
    : '';
};

/** What a number or an address is for, in the words around it; empty where nobody says. */
export function purposeOf(source: string, span: Span, others: readonly Span[], piece: ReadPiece | undefined): string {
  if (!piece) return '';
  const before = others.filter((o) => o.to <= span.from).reduce((a, o) => Math.max(a, o.to), piece.from);
  const after = others.filter((o) => o.from >= span.to).reduce((a, o) => Math.min(a, o.from), piece.to);
  // Where it is said of several things one after the other, what stands before a number is its own.
  const left = source.slice(Math.max(piece.from, before), span.from);
  const right = source.slice(span.to, Math.min(piece.to, after));
  // What is not to be shown is for nobody who visits.
  if (NOT_SAID.test(`${piece.label} ${left.slice(-60)} ${right.slice(0, 60)}`)) return '';
  // Of what stands behind a label, the label says what comes first.
  const line = source.slice(source.lastIndexOf('\n', span.from - 1) + 1, span.from);
  const first = !/[.;!?]\s/.test(line.slice(line.indexOf(':') + 1));
  const labelled =
    piece.label && first && !others.some((o) => o !== span && o.from >= piece.from && o.to <= piece.to)
      ? says(piece.label)
      : '';
  if (labelled) return labelled;
  const colon = says(/([^,.;:()\d]{3,50})\s*[:–-]\s*$/u.exec(left)?.[1] ?? '');
  if (colon) return colon;
  const close = left.slice(Math.max(0, left.search(/[.;!?](?!.*[.;!?])/u)));
  for (const text of [close, right.split(/[.;!?]\s/)[0]!]) {
    const said = says(latin(FOR).exec(text)?.[1] ?? '');
    if (said) return said;
  }
  const bracket = says(
    /^\s*\(([^()]{3,60})\)/u.exec(right)?.[1] ?? /\(([^()\d]{3,60})\)\s*[:–-]?\s*$/u.exec(left)?.[1] ?? '',
  );
  // “Office 01632 960 101, workshop 01632 960 102”
  const bare =
    /(?:^|[,;.|]|(?<!\p{L})(?:and|und|et|y))\s*([\p{L}’'&-]+(?: [\p{L}’'&-]+){0,3})\s*$/u.exec(left)?.[1] ?? '';
  const own = /^(?:ring|call|text|phone|you|rufen|sie|appel|llam)/i.test(bare) ? '' : says(bare);
  // “Emergencies 01632 960 911 (day and night)”
  return own && bracket && !own.toLowerCase().includes(bracket.toLowerCase())
    ? `${own} (${bracket.toLowerCase()})`
    : own || bracket;
}

/**
 * The numbers and addresses of which it is said what they are for, the main ones among them. One is told apart from another
 * by `key`.
 */
export function contactsIn(
  source: string,
  spans: readonly Span[],
  pieces: readonly ReadPiece[],
  key: (s: Span) => string,
): Contact[] {
  const reach = spans.filter((s) => s.field === 'phone' || s.field === 'mail');
  const found = new Map<string, { value: string; what: string }>();
  for (const s of reach) {
    const piece = pieces.find((p) => p.kind !== 'label' && p.from <= s.from && s.to <= p.to);
    const what = purposeOf(
      source,
      s,
      reach.filter((o) => o !== s),
      piece,
    );
    const known = found.get(key(s));
    found.set(key(s), { value: known?.value ?? s.value, what: known?.what || what });
  }
  if (found.size < 2) return [];
  return (
    [...found.values()]
      // One that nobody says anything of may be somebody’s own: it is not shown.
      .filter(({ what }) => what)
      .slice(0, 24)
      .map(({ value, what }, n) => ({ id: `c${n + 1}`, value: value.slice(0, 254), what: what.slice(0, 120) }))
  );
}
