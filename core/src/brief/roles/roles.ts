import type { Correction } from '../../model/site.js';
import { piecesOf, type Piece } from '../layout/pieces.js';
import { asRead } from '../layout/as-read.js';
import { languageOf, tellLanguage } from '../reading/language.js';
import type { Language } from '../reading/span.js';
import { featuresOf } from './features.js';
import { headedRole } from './headed.js';
import { isLetter, OURS_ALONE } from './never.js';
import { tellsTheTrade } from './trade-told.js';
import type { Linear } from './linear.js';

/** What a stretch of a brief is for. */
export const ROLES = [
  'visitors',
  'fact',
  'wish',
  'dont',
  'style',
  'note',
  'aside',
  'quoted',
  'unsettled',
  'greeting',
  'other',
] as const;
export type Role = (typeof ROLES)[number];

/** A piece with what it is for and how sure that is, 0 to 1. */
export interface ReadPiece extends Piece {
  role: Role;
  /** How likely it is for visitors, as copy or as a fact. */
  open: number;
  shares: Record<string, number>;
  language: Language;
}

/** The mark of a piece a person cleared for visitors, among the corrections of a reading. */
export const CLEARED = 'held';
/** What a person cleared for visitors. */
export const clearedIn = (corrections: readonly Correction[]): string[] =>
  corrections.filter((c) => c.was === CLEARED && c.is === null).map((c) => c.words);

const flat = (s: string) => s.replace(/\s+/g, ' ').trim();

/** The language of each piece: its own where it is long enough to tell, else that of the text. */
export const languagesOf = (pieces: readonly Piece[], whole: Language): Language[] =>
  pieces.map((p) => (p.text.length > 60 && tellLanguage(p.text)) || whole);

/** The features of every piece that says something; labels and heads of mails have none. */
export function pieceFeatures(pieces: readonly Piece[], languages: readonly Language[]): (string[] | null)[] {
  const saying = pieces.flatMap((p, n) => (p.kind === 'label' || p.kind === 'head' ? [] : [n]));
  const features = featuresOf(
    saying.map((n) => pieces[n]!),
    saying.map((n) => languages[n]!),
  );
  const out: (string[] | null)[] = pieces.map(() => null);
  saying.forEach((n, k) => (out[n] = features[k]!));
  return out;
}

/** How much likelier a piece is for visitors in a text that is no letter: nobody is greeted, asked or thanked in it. */
const COPY_ALREADY = 3;

/** The features of a part of a piece, by itself. */
export const clauseFeatures = (piece: Piece, text: string, language: Language): string[] =>
  featuresOf([{ ...piece, text }], [language])[0]!.filter((f) => !/^[<>]|^p:/.test(f));

const BETWEEN_CLAUSES =
  /[,;:()[\]–—]\s*|\s-\s|[.!?]\s+|\s(?=(?:but|although|though|because|after|aber|weil|obwohl|nachdem|mais|parce que|bien que|después de|pero|porque|aunque)\s)/iu;
/** How open the most private clause of a piece is, 0 to 1: one aside makes a sentence one that is not for visitors. */
export function leastOpen(piece: ReadPiece, text: string, model: Linear): number {
  const clauses = text.split(BETWEEN_CLAUSES).filter((c) => c.trim().split(/\s+/).length >= 3);
  if (clauses.length < 2) return 1;
  const [visitors, fact] = [model.classes.indexOf('visitors'), model.classes.indexOf('fact')];
  return Math.min(
    ...clauses.map((c) => {
      const shares = model.predict(clauseFeatures(piece, c, piece.language));
      return shares[visitors]! + shares[fact]!;
    }),
  );
}

/** A text laid out, with spoken numbers as figures at the same offsets, each piece with its role. */
export interface Understood {
  source: string;
  /** The source with what was spoken out as figures, as long as the source. */
  text: string;
  language: Language;
  pieces: ReadPiece[];
}

/** Lays a text out and says of each piece what it is for. What a person cleared is for visitors. */
export function understand(source: string, model: Linear, corrections: readonly Correction[] = []): Understood {
  const text = asRead(source);
  const pieces = piecesOf(text);
  const language = languageOf(text);
  const languages = languagesOf(pieces, language);
  const features = pieceFeatures(pieces, languages);
  const letter = isLetter(source);
  const cleared = new Set(clearedIn(corrections).map(flat));
  return {
    source,
    text,
    language,
    pieces: pieces.map((piece, n): ReadPiece => {
      const own = features[n];
      const said = flat(source.slice(piece.from, piece.to));
      if (cleared.has(said))
        return { ...piece, role: 'visitors', open: 1, shares: { visitors: 1 }, language: languages[n]! };
      if (!own) return { ...piece, role: 'other', open: 0, shares: {}, language: languages[n]! };
      const shares = Object.fromEntries(model.predict(own).map((p, k) => [model.classes[k]!, p]));
      const headed = headedRole(piece);
      if (OURS_ALONE.test(piece.text) || OURS_ALONE.test(piece.label)) settle(shares, 'note');
      else if (headed) settle(shares, headed);
      else if (shares['visitors']! + shares['fact']! >= AS_OPEN && tellsTheTrade(piece.text, languages[n]!))
        settle(shares, 'visitors');
      if (!letter) lean(shares);
      const best = Object.entries(shares).reduce((a, b) => (b[1] > a[1] ? b : a));
      // What the designer asks in a thread is never the client’s copy.
      const designer = piece.speaker === 'designer';
      return {
        ...piece,
        role: designer && (best[0] === 'visitors' || best[0] === 'fact') ? 'note' : (best[0] as Role),
        open: designer ? 0 : (shares['visitors'] ?? 0) + (shares['fact'] ?? 0),
        shares,
        language: languages[n]!,
      };
    }),
  };
}

/** How open a sentence must look before its words make it one that says what is done. */
const AS_OPEN = 0.5;
/** How sure a heading makes what stands under it. */
const SURE_BY_HEADING = 0.9;
/** A heading that says what stands under it goes before what its words look like; a greeting or an aside may stand anywhere. */
function settle(shares: Record<string, number>, role: Role): void {
  for (const other of Object.keys(shares)) shares[other]! *= 1 - SURE_BY_HEADING;
  shares[role] = (shares[role] ?? 0) + SURE_BY_HEADING;
}

function lean(shares: Record<string, number>): void {
  for (const role of ['visitors', 'fact']) shares[role] = (shares[role] ?? 0) * COPY_ALREADY;
  const sum = Object.values(shares).reduce((a, b) => a + b, 0);
  for (const role of Object.keys(shares)) shares[role]! /= sum;
}

/** Shares above which a piece is read for facts though it is not surely for visitors; kinds that bar it whatever else. */
const BARS: readonly Role[] = ['dont', 'aside', 'note', 'quoted', 'unsettled', 'wish', 'style', 'greeting'];

/** True where facts may be read from a piece: headings and scraps too, but nothing that is private. */
export const readable = (p: ReadPiece): boolean =>
  p.kind === 'label' ||
  (p.kind === 'row' &&
    p.speaker !== 'designer' &&
    !((p.shares['dont'] ?? 0) + (p.shares['unsettled'] ?? 0) + (p.shares['aside'] ?? 0) > 0.6)) ||
  (p.speaker !== 'designer' &&
    p.kind !== 'head' &&
    (p.open >= 0.45 || (!BARS.includes(p.role) && p.open + (p.shares['other'] ?? 0) >= 0.4)));

/** What keeps a number or an address off the site though nothing else does: it is somebody’s own, or is refused itself. */
const SOMEBODYS_OWN =
  /(?<!\p{L})(?:home|house|private|personal|own|direct|for you|you only|only you|privat\p{L}*|nur für|privée?|personnel\p{L}*|pour vous|particular|solo para)(?!\p{L})|(?<!\p{L})(?:don[’']?t|do not|not|never|leave|off|no|nicht|kein\p{L}*|pas|ne)(?!\p{L})[^,;:.]{0,30}\d{3}|\d{3}[^,;:.\d]{0,25}(?<!\p{L})(?:off|not|don[’']?t|nicht|pas|no)(?!\p{L})/iu;

/** A mail address of whoever makes sites. */
const OF_A_DESIGNER = /@[\w.-]*(?:web|sites?|design|digital|pixels?|studio)[\w-]*\.\w/i;
const OF_NUMBERS =
  /(?<!\p{L})(?:numbers?|phones?|mobiles?|landline|telefon\p{L}*|handy\p{L}*|nummern?|numéros?|portables?|téléphones?|teléfonos?|números?|móvil\p{L}*)(?!\p{L})/iu;
/** A text with everything blanked that no number to ring and no address may be read from; offsets hold. */
export const reachable = (understood: Understood): string =>
  blanked(understood, (p) => {
    const before = understood.pieces[understood.pieces.indexOf(p) - 1];
    // “No private numbers, please. (Birgit 0160 …)”
    if (before?.role === 'dont' && OF_NUMBERS.test(before.text)) return false;
    // A signature of whoever makes the site stands in many a thread.
    if (OF_A_DESIGNER.test(p.text) && (p.depth > 0 || (p.role !== 'visitors' && p.role !== 'fact'))) return false;
    if (readable(p)) return true;
    if (p.kind === 'head' || p.speaker === 'designer' || p.role === 'aside' || p.role === 'quoted') return false;
    return p.role === 'note' || p.role === 'dont' || p.role === 'unsettled'
      ? !SOMEBODYS_OWN.test(p.text) && p.role !== 'note'
      : true;
  });

/** A text with everything blanked that no fact may be read from; offsets hold. */
export const openText = (understood: Understood): string => blanked(understood, readable);

function blanked({ text, pieces }: Understood, keep: (p: ReadPiece) => boolean): string {
  let out = text;
  for (const p of pieces)
    if (!keep(p)) out = out.slice(0, p.from) + text.slice(p.from, p.to).replace(/[^\n]/g, ' ') + out.slice(p.to);
  return out;
}
