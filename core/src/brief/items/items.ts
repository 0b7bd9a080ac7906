import { stem } from '../reading/words.js';
import type { ReadPiece } from '../roles/roles.js';
import { readable } from '../roles/roles.js';
import { latin } from '../reading/span.js';
import type { Linear } from '../roles/linear.js';
import { candidatesIn, type Candidate } from './candidates.js';
import { itemFeatures } from './features.js';

/** A service or a product that was read, with how sure that is. */
export interface Item extends Candidate {
  sure: number;
}

/** Headings and labels whose lists are services, whatever is in them. */
const OUTRIGHT =
  /^(?:our |my |the |unsere |nos |nuestros )?(?:services?|products?|what we (?:do|make|sell|offer)|what i (?:do|make|sell|offer)|what (?:people|customers) (?:come|ask) (?:to us )?for|product (?:groups?|range|lines)|our range|(?:list )?what you (?:charge for|sell|make)|we do|disziplinen|sparten|aktivitäten|was wir (?:machen|bieten)|activités|actividades|prices?(?: list)?|price list|servicios|productos|prestations|produits|leistungen|angebot|produkte|tarifs?|precios|tarifas|preise|preisliste)(?: (?:and|&|und|et|y) (?:prices?|services?|products?|preise|tarifs|prix|precios))?$/i;
/** Words that say that something is not done, or not any more. */
const REFUSES = latin(
  /(?<!\p{L})(?:do(?:es)?n[’']?t|do not|no longer|never|stopped|gave up|not any ?more|won[’']t|can[’']t|without|not(?! only)|except|ya no|nunca|sin|no (?:hacemos|vendemos|reparamos)|ne\s+\p{L}+\s+(?:pas|plus)|n[’']\p{L}+\s+(?:pas|plus)|plus de|pas de|sans|kein(?:e[rnms]?)?|nicht(?: mehr)?|ohne|außer)(?!\p{L})/iu,
);

/** True where the clause a candidate stands in says that it is not offered. */
function refuses(c: Candidate, piece: ReadPiece): boolean {
  const before = piece.text.slice(0, c.from - piece.from);
  const clause = before.slice(
    Math.max(
      -1,
      ...['. ', '; ', ', but ', ' but ', ', aber ', ', mais ', ', pero '].map((s) => before.lastIndexOf(s)),
    ) + 1,
  );
  if (/(?<!\p{L})(?:nobody|no one|niemand|personne|nadie)(?!\p{L})/iu.test(clause)) return false;
  return (
    REFUSES.test(clause) ||
    REFUSES.test(c.name.split(' ').slice(0, 3).join(' ')) ||
    /^[^.;,]{0,30}(?<!\p{L})(?:any ?more|nicht mehr|no longer)(?!\p{L})/iu.test(piece.text.slice(c.to - piece.from))
  );
}

/** How sure a candidate must be; one with a price is nearly always one. */
const SURE = 0.5;
const SURE_PRICED = 0.35;
const AT_LEAST = 0.3;

/** A name as key, the same for one of a thing and for many. */
const oneOrMany = (s: string): string => key(s).split(' ').map(stem).join(' ');
const key = (s: string) =>
  s
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** “On prête le fauteuil et on ne juge personne”, “take out weirs”: what somebody does, said whole, is no name of a thing. */
const isClause = (before: string, name: string): boolean =>
  /(?<!\p{L})(?:we|i|you|they|he|she|it|wir|ich|sie|er|man|es|nous|vous|on|je|il|elle|se|yo)\s+(?:\p{L}+\s+)?$/iu.test(
    before,
  ) || /^(?:out|up|down|off|away|back|ab|auf|aus|ein|weg|ne|n[’']|no|not|nicht|kein\p{L}*|sin|pas)\s/iu.test(name);

/** “Ne juge personne”, “avec ses yeux”: what is denied, and how something is done, is no name at all. */
const DENIED = /^(?:(?:with|avec|mit|con)\s|ne\s|n[’']\p{L}+\s(?!\p{Lu})|(?:nicht|keine?[rnms]?|pas|jamais|never)\s)/iu;

/** How sure the rest of a list must be where the surest of it is `BEARS`, and how sure it is taken to be then. */
const BORNE = 0.15;
const BEARS = 0.7;
/** Of one list in a sentence, what one of them is the others are: “lock gates, paddle gear and swing bridges”. */
function borneOut(text: string, items: Item[]): void {
  const lists = new Map<number, Item[]>();
  for (const c of items)
    if (c.met === 'list' || c.met === 'verb') lists.set(c.piece, [...(lists.get(c.piece) ?? []), c]);
  for (const list of lists.values()) {
    if (Math.max(...list.map((c) => c.sure)) < BEARS) continue;
    for (const c of list)
      if (c.siblings > 1 && c.sure >= BORNE && !isClause(text.slice(Math.max(0, c.from - 12), c.from), c.name))
        c.sure = Math.max(c.sure, SURE);
  }
}

/** Whom a price is for, and not what. */
const WHOM =
  /^(?:adults?|grown-ups|child(?:ren)?|kids|under[- ](?:\d+|\p{L}+)s?|seniors?|concessions?|students?|families|family|groups?|members|non-members|juniors?|couples?|reduced|unwaged|erwachsene|kinder|jugend(?:liche)?|ermäßigt|familien|gruppen|mitglieder|paare|adultes?|enfants?|moins de \d+ ans|familles?|groupes?|adhérents?|(?:les )?petits budgets|étudiants?|tarif réduit|adultos?|niñ[oa]s?|niños|jubilados|grupos|socios|menores(?: de \d+)?|jóvenes|estudiantes|familias?)$/iu;
/** “Harbour trip, 45 minutes: adults £9, children £5”: one thing, with what it costs each. */
function pricedFor(text: string, items: Item[], pieces: readonly ReadPiece[]): Item[] {
  const out: Item[] = [];
  for (const item of items) {
    const { from, kind, line } = pieces[item.piece]!;
    const label = kind === 'value' ? pieces.find((p) => p.kind === 'label' && p.line === line) : undefined;
    const start = label?.from ?? from;
    const before = text.slice(start, item.from);
    const lead = WHOM.test(item.name) && /(?:^|[.;]\s+)([^.;:]{3,80}):\s*(?:[^.;:]*)$/u.exec(before);
    // “Cuota: 60 € al año, menores 30 €”: whom it costs less, right behind what it costs.
    const last = out.at(-1);
    const of = last && last.piece === item.piece && last.prices.length > 0 && !WHOM.test(last.name) ? last : undefined;
    if (of && item.prices.length && WHOM.test(item.name)) {
      of.prices = [...of.prices, ...item.prices.map((p) => ({ ...p, text: `${item.name.toLowerCase()} ${p.text}` }))];
      continue;
    }
    if (!lead) {
      out.push(item);
      continue;
    }
    const prices = item.prices.map((p) => ({ ...p, text: `${item.name.toLowerCase()} ${p.text}` }));
    const at = start + lead.index + lead[0].indexOf(lead[1]!);
    const name = lead[1]!.split(',')[0]!.trim();
    const same = out.find((o) => o.from === at);
    if (same) same.prices = [...same.prices, ...prices];
    else out.push({ ...item, name, from: at, to: at + name.length, prices });
  }
  return out;
}

/** “Es fehlen 84 Euro”: a German thing has a capital, where its sentence has any. */
const isVerbInGerman = (c: { name: string; met: string }, piece: ReadPiece): boolean =>
  piece.language === 'de' && c.met === 'money' && !/\p{Lu}/u.test(c.name) && /(?!^)\p{Lu}/u.test(piece.text);

/** Services and products of a text, each once, in their order; and what it says is not offered. */
export function itemsIn(text: string, pieces: readonly ReadPiece[], model: Linear): { items: Item[]; refused: Item[] } {
  const candidates = candidatesIn(
    text,
    pieces,
    pieces.map((p) => p.language),
  );
  const refused = candidates
    .filter((c) => c.met === 'verb' && refuses(c, pieces[c.piece]!))
    .map((c): Item => ({ ...c, sure: 1 }));
  const no = refused.map((c) => key(c.name));
  const guessed = candidates
    .filter(
      (c) =>
        !DENIED.test(c.name) &&
        readable(pieces[c.piece]!) &&
        !no.includes(key(c.name)) &&
        !isVerbInGerman(c, pieces[c.piece]!) &&
        !refuses(c, pieces[c.piece]!),
    )
    .map((c): Item => {
      const piece = pieces[c.piece]!;
      const outright =
        c.outright ||
        ((c.met === 'item' || c.met === 'row') && OUTRIGHT.test(piece.under.trim())) ||
        (c.met === 'list' && OUTRIGHT.test(piece.label.trim()));
      if (outright) return { ...c, outright, sure: 1 };
      return { ...c, sure: model.predict(itemFeatures(c, piece, piece.language, piece.shares))[0] ?? 0 };
    });
  borneOut(text, guessed);
  // Where nothing is sure, what stands behind a verb of making, mending or selling is more than nothing.
  const sure = guessed.filter((c) => c.sure >= (c.prices.length ? SURE_PRICED : SURE));
  const all = sure.length ? sure : guessed.filter((c) => c.sure >= AT_LEAST && (c.met === 'verb' || c.met === 'list'));
  const kept: Item[] = [];
  // Where the client lists what they do, running sentences only say it again.
  const listed = all.filter((c) => c.outright).length >= 2;
  for (const c of all
    .filter((c) => !(listed && !c.outright && !c.prices.length))
    .sort((a, b) => Number(b.prices.length > 0) - Number(a.prices.length > 0) || b.sure - a.sure)) {
    if (kept.some((o) => o.from < c.to && c.from < o.to)) continue;
    // “Removals” as a heading is no second service beside “Removal: £120”.
    const same = kept.find((o) => oneOrMany(o.name) === oneOrMany(c.name));
    if (same && (!c.prices.length || same.prices.some((p) => c.prices.some((q) => q.text === p.text)))) continue;
    kept.push(c);
  }
  const byPlace = (a: Item, b: Item) => a.from - b.from;
  return {
    items: pricedFor(text, kept.sort(byPlace), pieces),
    refused: refused.filter((c, n, list) => list.findIndex((o) => o.from < c.to && c.from < o.to) === n).sort(byPlace),
  };
}
