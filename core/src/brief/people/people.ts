import type { Linear } from '../roles/linear.js';
import { readable, type ReadPiece } from '../roles/roles.js';
import { peopleIn, type PersonCandidate } from './candidates.js';

/** Somebody of the business, as read. */
export interface ReadPerson {
  name: string;
  role: string;
  from: number;
  to: number;
  sure: number;
}
const SURE = 0.4;
/** Somebody who has yet to be asked, or whose thing it is that was worked on, is none of the business. */
const NOT_OURS =
  /(?<!\p{L})(?:ask (?:him|her|them)? ?(?:first|before)|demander (?:avant|d[’']abord)|(?:vorher|erst|noch) fragen|preguntar(?:le)? antes|pedir(?:le)? permiso|celui d[e’']|celle d[e’'])/iu;
/** How sure it is who somebody is where a label says what they do, or they say what they are called. */
const SAID_OUTRIGHT = 0.6;
const saysOutright = (c: PersonCandidate): boolean =>
  c.name.includes(' ') &&
  (c.features.includes('says name') || (c.features.includes('role ahead') && c.features.includes('given')));
/** True where who somebody is may be read: “hello, my name is …” greets and says it. */
const mayBeRead = (piece: ReadPiece, c: PersonCandidate): boolean =>
  readable(piece) ||
  ((piece.role === 'greeting' || piece.role === 'note') &&
    piece.speaker === 'client' &&
    piece.kind !== 'head' &&
    c.features.includes('says name'));
/** What somebody is said to do just now is no role: “is being cautious”. */
const SAYS = /(?<!\p{L})(?:is|was|has|had|will|ist|war|hat|wird|est|était|sera|es|está|era)(?!\p{L})/iu;
const words = (name: string) => name.toLowerCase().split(/\s+/);

/** The people of a business, each once under the fullest name, in the order they are met. */
export function peopleOf(pieces: readonly ReadPiece[], business: string, model: Linear): ReadPerson[] {
  const all = peopleIn(
    pieces,
    pieces.map((p) => p.shares),
    business,
  )
    .map((c) => ({ ...c, sure: Math.max(model.predict(c.features)[0] ?? 0, saysOutright(c) ? SAID_OUTRIGHT : 0) }))
    .filter(
      (c) =>
        c.sure >= SURE &&
        mayBeRead(pieces[c.piece]!, c) &&
        !NOT_OURS.test(pieces[c.piece]!.text) &&
        c.name.toLowerCase() !== business.toLowerCase() &&
        pieces[c.piece]!.kind !== 'head',
    );
  const kept: ReadPerson[] = [];
  for (const { name, role: said, from, to, sure } of [...all].sort(
    (a, b) => words(b.name).length - words(a.name).length || a.from - b.from,
  )) {
    const role = SAYS.test(said) ? '' : said;
    const same = kept.find((o) => words(name).every((w) => words(o.name).includes(w)));
    if (same) {
      same.role ||= role;
      same.sure = Math.max(same.sure, sure);
    } else kept.push({ name, role, from, to, sure });
  }
  return kept.sort((a, b) => a.from - b.from);
}
