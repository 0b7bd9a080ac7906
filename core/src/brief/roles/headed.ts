import type { Piece } from '../layout/pieces.js';
import type { Role } from './roles.js';

/** Labels and headings that leave no doubt what stands under them, whole and in the four languages briefs come in. */
const SAID: readonly [Role, RegExp][] = [
  [
    'dont',
    whole(
      "not wanted|unwanted|(?:things |what )?(?:to )?(?:avoid|leave out)|please (?:avoid|leave out|no|not)|don[’']?ts|dislikes?|hates?|no-?go'?s?|(?:it|(?:the )?(?:web)?(?:site|page)s?) (?:shall|must|should|may) not(?: (?:have|show|contain|include|mention))?|must not(?: have)?|what (?:it |we |you |should )?(?:do |does )?(?:not|n[’']t)(?: (?:to )?(?:want|be|show|appear|put|on it))*|(?:is there )?anything (?:you|we|i)(?:[’']d)? (?:hate|do not want|don[’']t want|dislike|must avoid|can[’']t stand|would rather not)(?: .*)?|not on the (?:web)?site",
      '(?:was )?(?:bitte )?nicht(?: (?:drauf|rein|gewünscht|erwünscht|wollen|zeigen))?|will nicht|wollen nicht|nicht gewünscht|was (?:soll|darf|sollen|wollen (?:wir|sie|ihr)) (?:auf keinen fall|nicht)(?: .*)?|vermeiden|no-?gos?|tabus?|auf keinen fall',
      "à (?:éviter|ne pas (?:mettre|montrer|dire|faire|publier))|éviter|à bannir|interdits?|(?:ce )?qu[’'](?:on|il|ils?|elles?|vous) ne (?:veut|faut|veulent|voulez) pas(?: .*)?|surtout pas|non souhaité|pas (?:souhaité|voulu)s?",
      '(?:qué )?evitar|no (?:quiero|queremos|quieren|quiere|poner|deseado|se quiere)(?: .*)?|(?:lo )?que no(?: .*)?|prohibido|nada de',
    ),
  ],
  [
    'style',
    whole(
      'colou?rs?(?: (?:and|or|/) (?:feeling|style|look|mood))?|look(?: and feel)?|style|mood|feeling|appearance',
      'farben?|stil|gestaltung|aussehen|farbwelt|look',
      'couleurs?|style|ambiance|look|aspect',
      'colou?res?|estilo|aspecto|aire',
    ),
  ],
  [
    'wish',
    whole(
      'wanted|wants|wishes|wish list|requests?|requirements?|must[- ]haves?|must have pages|pages (?:wanted|needed)|features?(?: (?:needed|wanted|required))?|(?:it|(?:the )?(?:web)?(?:site|page)s?) (?:shall|must|should)(?: .{0,12})?|what it should have|nice to have|should have|what (?:it|the site) (?:must|should) (?:do|have)|(?:is there )?anything (?:you|we) (?:want|need|would like)(?: .*)?|anything it has to have',
      'wünsche|wunsch|gewünscht|(?:was )?soll (?:drauf|rein)|will|muss(?: rein| drauf)?|anforderungen|seiten|funktionen|was soll (?:drauf|rein|die seite können)',
      'souhaits?|demandé|demandes?|envies|besoins|pages(?: souhaitées)?|fonctions|il faut',
      'deseos|se pide|pedidos|quiere|quieren|queremos|requisitos|páginas|funciones|qué (?:debe|tiene que) tener',
    ),
  ],
  [
    'note',
    whole(
      '(?:for )?(?:office|internal) use(?: only)?|internal(?: notes?| only)?|closed session|in camera|confidential(?:ly)?|in confidence|off the record|not for publication|(?:is there )?anything (?:else )?(?:we|you|i) should know(?: but not (?:print|publish|show))?|between us|for your eyes(?: only)?|budget|deadline|timing|budget and timing|admin|private|notes? (?:for|to) (?:you|the designer|me)|how did you hear (?:about|of) us',
      'intern(?:e notiz(?:en)?)?|nur für sie|nur intern|budget|frist|vertraulich(?:es)?|unter uns|nicht (?:zur veröffentlichung|für die öffentlichkeit)|nicht öffentlich(?:er teil)?',
      'interne|notes? internes?|budget|délai|confidentiel|entre nous|à ne pas publier|huis clos|pour vous seule?',
      'interno|notas? internas?|presupuesto|plazo|confidencial|entre nosotros|no publicar|uso interno',
    ),
  ],
  [
    'other',
    whole(
      'present|in attendance|attendance|apologies|absent|next meeting|date of next meeting|any other business|aob|matters arising',
      'anwesend|entschuldigt|nächste sitzung|teilnehmer',
      'présents?|présentes|excusée?s?|absente?s?|prochaine réunion',
      'asisten|asistentes|presentes|excusan|próxima reunión',
    ),
  ],
];

function whole(...words: string[]): RegExp {
  return new RegExp(`^(?:\\d{1,2}[.)]\\s*)?(?:${words.join('|')})\\s*[?:.!]*$`, 'iu');
}

/** What stars or counts of followers say is somebody’s praise or nobody’s business, whatever it stands under. */
const REVIEW = /[★☆⭐]{2,}|(?<!\d)[1-5](?:[.,]\d)?\s?\/\s?5(?!\d)/u;
const COUNTS = /^[\d.,k ]+ (?:followers?|likes?|reviews?|posts?|following|check-ins?|abonnés?|seguidores)(?!\p{L})/iu;

/** “Mrs Vane said “never ran better””: somebody’s words and nothing else. */
const SAID_SO =
  /^[^“”"„«»]{2,50}\s(?:said|says|wrote|told us|sagte|sagt|schrieb|meinte|a dit|disait|dit|écrit|dijo|dice|escribi[óo])[,:]?\s?[“"„«][^“”"„«»]{3,}[”"“»][.!]*$/iu;

/** What the label of a piece, or the heading over it, says that it is for; null where it leaves that open. */
export function headedRole(piece: Pick<Piece, 'text' | 'label' | 'under' | 'kind'>): Role | null {
  if (REVIEW.test(piece.text) || SAID_SO.test(piece.text.trim())) return 'quoted';
  if (COUNTS.test(piece.text)) return 'other';
  const said = (words: string): Role | null => (words && SAID.find(([, p]) => p.test(words.trim()))?.[0]) || null;
  return said(piece.label) ?? (piece.label || piece.kind === 'heading' ? null : said(piece.under));
}
