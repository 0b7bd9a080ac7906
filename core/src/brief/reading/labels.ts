import type { FactField } from '../../model/site.js';

type LabelField =
  | Exclude<FactField, 'description' | 'aim' | 'premises'>
  | 'services'
  | 'memberships'
  | 'registrations'
  | 'languages'
  | 'keywords'
  | 'colours'
  | 'style'
  | 'wanted'
  | 'people'
  | 'benefits'
  | 'dislikes';

const LABELS: Record<LabelField, string> = {
  name: "name|business|business name|name of (?:the )?(?:business|company|club|society|shop|firm|group|charity)|what (?:we are|it is|we’re|we're) called|name auf der (?:seite|webseite)|name (?:des|der) (?:vereins|betriebs|firma|gesch[aä]fts)|vereinsname|firmenname|nom de l[’']?(?:association|entreprise|atelier)|nom (?:du commerce|commercial)|nombre (?:del negocio|comercial|de la empresa)|client|company|nombre|nom|empresa|entreprise|firma",
  legalName: 'legal name|registered name|trading as|razón social|raison sociale',
  strapline: 'strapline|tagline|tag line|slogan|motto|lema|devise|leitspruch',
  trade: 'trade|what|business type|oficio|métier|metier|gewerbe|branche|beruf',
  place: 'place|town|where|location|based in|lugar|localidad|lieu|ville|ort|stadt',
  area: 'area|area served|we cover|zona|zone|einzugsgebiet',
  phone: 'phone|tel|telephone|mobile|mob|call|ring|teléfono|telefono|móvil|téléphone|telefon|handy',
  mail: 'mail|email|e-mail|correo|courriel|e-mail-adresse',
  address:
    'address|find us|dirección|direccion|adresse(?: du siège)?|anschrift(?: (?:des |der )?\\p{L}+)?|sede(?: social)?|siège(?: social)?|domicilio|vereinsheim|bootshaus|clubhouse|premises',
  hours: 'hours|open|opening|opening hours|opening times|horario|horaires|öffnungszeiten|oeffnungszeiten',
  founded:
    'founded|since when|when did (?:you|it) (?:start|begin)|in business since|gibt es (?:uns|euch|sie) seit|seit wann|depuis quand|desde cuándo|year founded|gründung|gründungsjahr|fondée? en|année de fondation|since|established|est|desde|depuis|seit|gegründet',
  audience: 'for whom|audience|customers|clients|clientes|kunden',
  apart: 'what sets us apart|what makes us different|why us|difference',
  services:
    'services|service|what we do|we do|work|products|prices|servicios|prestations|leistungen|angebot|tarifs|precios|preise',
  registrations:
    'registration|registrations|company number|charity number|vat|vat number|handelsregister|ust-?id(?:-?nr\\.?)?|siret|siren|nif|cif|rfc',
  memberships: 'member of|memberships|accreditations',
  languages: 'languages|we speak|idiomas|langues|sprachen',
  keywords: 'keywords|found for|search words|palabras clave|mots[- ]clés|stichwörter',
  colours: 'colours?|colors?|colores|couleurs|farben',
  style: 'style|look|look and feel|estilo|stil',
  tone: 'tone|tone of voice|tono|ton|tonfall',
  benefits: 'benefits|what people gain|ventajas|avantages|vorteile',
  wanted: 'wanted|pages|features|we want|on the site',
  people: 'people|team|who|contact|equipo|équipe|leute',
  dislikes: 'dislikes|not',
};
const byLabel = Object.entries(LABELS).map(
  ([field, words]) => [field as LabelField, new RegExp(`^(?:${words})$`, 'iu')] as const,
);

/** A line of a brief that says itself what it is: “Phone: 01632 960 114”, “## Services”. */
export interface LabelledLine {
  field: LabelField;
  /** What stands behind the label on the same line, with its offsets in the source. */
  value: string;
  from: number;
  to: number;
  heading: boolean;
}

/** Reads the label of a line, or gives null where it has none that the sheet knows. */
export function labelOf(raw: string, at: number): LabelledLine | null {
  const heading = /^\s*#{1,6}\s+(.+?)\s*:?\s*$/.exec(raw);
  const labelled =
    /^\s*(?:[-*•]\s+)?(?:\*\*|__)?([\p{L}][\p{L} '’-]{1,34}?)(?:\*\*|__)?\s*[:?](?:\*\*|__)?\s*(.*?)\s*$/u.exec(raw);
  const label = (heading?.[1] ?? labelled?.[1] ?? '').trim().replace(/\s+/g, ' ');
  const field = label && byLabel.find(([, words]) => words.test(label))?.[0];
  // “Since when? 1887” is a line of a form, “What? We mend boats” somebody speaking.
  if (!field || (field === 'trade' && !heading && raw.includes('?'))) return null;
  const value = heading ? '' : (labelled?.[2] ?? '');
  // “Phone: Monday to Friday 9–12” says when it is answered, not what it is.
  if (field === 'phone' && value && !/\d[\d ()/-]{4,}\d/.test(value)) return null;
  const from = at + (value ? raw.lastIndexOf(value) : raw.length);
  return { field, value, from, to: from + value.length, heading: heading !== null };
}

/** A labelled line with all that belongs to it: the stretch from `blockFrom` to `blockTo` of the source. */
export type Labelled = LabelledLine & { blockFrom: number; blockTo: number };

/** The lines of a text that carry a label, and the text with them blanked out so that nothing is read from them twice. */
export function labelledLines(source: string): { labels: Labelled[]; rest: string } {
  const labels: Labelled[] = [];
  // By UTF-16 units, as offsets count: a picture character is two of them.
  const rest = source.split('');
  const blank = (from: number, to: number) => {
    for (let n = from; n < to; n++) if (rest[n] !== '\n') rest[n] = ' ';
  };
  let at = 0;
  let open: Labelled | null = null;
  for (const raw of source.split('\n')) {
    const label = labelOf(raw, at);
    if (label) {
      const blockFrom = label.value ? label.from : at + raw.length + 1;
      open = { ...label, blockFrom, blockTo: label.value ? label.to : blockFrom };
      labels.push(open);
      // The services of a labelled block are read as lines are read everywhere; all else is taken whole.
      // Behind a name may stand more: “Ahrle & Sohn, gegründet 1874”.
      const nameEnds = label.field === 'name' ? label.value.search(/,\s(?=\p{Ll})/u) : -1;
      if (nameEnds > 0) blank(at, label.from + nameEnds);
      else if (label.field !== 'services') blank(at, at + raw.length);
      else blank(at, label.value ? label.from : at + raw.length);
    } else if (!raw.trim()) {
      if (open && (filled(open) || open.field !== 'services')) open = filled(open) || !open.heading ? null : open;
    } else if (open && goesOn(open.field, raw)) {
      open.blockTo = at + raw.trimEnd().length;
      blank(at, at + raw.length);
    } else if (open?.field !== 'services') open = null;
    at += raw.length + 1;
  }
  return { labels, rest: rest.join('') };
}

/** True where a line belongs to the address or the hours over it, and is not one of something else. */
const goesOn = (field: LabelField, line: string): boolean =>
  (field === 'address' || field === 'hours') &&
  !/^\s*#/.test(line) &&
  !isSentence(line) &&
  !(OTHER_LABEL.test(line) && !DAY_FIRST.test(line));
const OTHER_LABEL = /^\s*(?:[-*•]\s+)?\p{L}[\p{L} ()/.-]{1,30}:\s/u;
const DAY_FIRST =
  /^\s*(?:[-*•]\s+)?(?:mon|tue|wed|thu|fri|sat|sun|mo|di|mi|do|fr|sa|so|lun|mar|mer|jeu|ven|sam|dim|mié|jue|vie|sáb|dom|week|daily|every|täglich|summer|winter|sommer|été|hiver|verano|invierno|closed|from|april|shop|office|laden|büro|tienda|magasin|atelier|werkstatt|workshop)/i;

/** True for a line of prose, which ends an address or a list of hours that has no empty line after it. */
const isSentence = (line: string): boolean =>
  /[.!?)]\s*$/.test(line) && line.trim().split(/\s+/).length > 4 && !/\d\s*$/.test(line);

/** True where a label has anything behind it. */
export const filled = (l: Labelled): boolean => l.blockTo > l.blockFrom;

/** The running prose of a brief: without its labelled lines, headings and lists, which are no sentences to put on a site. */
export const proseOf = (source: string): string =>
  labelledLines(source)
    .rest.split('\n')
    .map((line) => (/^\s*(?:#|[-*•·▪]\s|\d{1,2}[.)]\s)/u.test(line) ? '' : line.trimEnd()))
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
