import type { Piece } from '../layout/pieces.js';
import { latin } from '../reading/span.js';
import { GIVEN_NAMES } from './given-names.js';

/** Somebody who is named in a text, with what they do where it stands beside the name. */
export interface PersonCandidate {
  name: string;
  role: string;
  from: number;
  to: number;
  piece: number;
  features: string[];
}

const TITLE =
  '(?:Mrs?\\.?|Ms\\.?|Miss|Dr\\.?(?:-Ing\\.)?|Prof\\.?|Rev(?:d|erend)?\\.?|The Revd|Sir|Lady|Capt\\.?|Cllr\\.?|Herrn?|Frau|Hr\\.|Fr\\.|M\\.|Mme|Mlle|Maître|Me|Don|Doña|Sra?\\.?|Srta\\.?)';
const WORD = "[A-ZÀ-Þ][\\p{Ll}’'][\\p{L}’'-]*";
const NAMED = latin(
  new RegExp(
    `(?<![\\p{L}@./-])(?:(${TITLE}) )?(${WORD}|[A-Z]\\.(?: ?[A-Z]\\.)?)((?: (?:${WORD}|[A-Z]\\.|(?:von|van|de|del|de la|du|di|le)(?= \\p{Lu})|O[’'][A-Z][\\p{L}]+|Mac[A-Z][\\p{L}]+|Mc[A-Z][\\p{L}]+)(?!\\p{L})){0,3})`,
    'gu',
  ),
);
/** What is said of somebody and is none of anybody’s business: age, health, temper, plans. */
const NO_ROLE =
  /(?<!\p{L})(?:is still|not yet|swears?|hates?|cannot|can[’']t|won[’']t|doesn[’']t|never|grumpy|lazy|ill|sick|pregnant|retir\p{L}+|leav(?:es|ing)|divorc\p{L}*|widow\p{L}*|ist (?:noch|schon|erst)|krank\p{L}*|schwanger|flucht|geht bald|malade|enceinte|déteste|jure|enferm[oa]|embarazada|odia|years? old|aged|jahre(?: alt)?|\d+ ans|\d+ años|noch \d+|\d+ (?:and|und) )(?!\p{L})/iu;
const NOT_LAST =
  /^(?:Street|Road|Lane|Yard|Row|Hill|Quay|Close|House|Farm|Mill|Ltd|Limited|Company|Society|Club|Workshop|Works|Studio|School|Church|Hall|Trust|Museum|Band|Choir|Council|Committee|Valley|Bay|Bridge|Wood|Woods|Park|Green|Field|Fields|End|Cottage|Avenue|Straße|Gasse|Weg|Platz|Verein|GmbH|Hof|Rue|Place|Association|Calle|Plaza|Market|Fair|Day|Days|Week|Sunday|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|January|February|March|April|May|June|July|August|September|October|November|December|Christmas|Easter|Island|Isles|River|Castle|County|North|South|East|West|Inn|Arms|Station|Library|University|Gazette|Herald|Times|Clarion|Echo|Post|Mercury|Journal|Halt|Primary|Dock|Docks|Floor|List|Guild|Federation|Institute|Register|Ringers|(?:Mon|Tue|Tues|Wed|Thu|Thurs|Fri|Sat|Sun)(?:[-–]\p{L}+)?|Shed|Gull|Train|Hangers|Drapes|Come|Only|Unit|Suite|Room|Barn|Gate|Lock|Wharf|Pier|Saturdays|Sundays)$/u;
/** What somebody does in a business or a club, in four languages. */
const ROLE =
  '(?:(?:assistant|deputy|vice|head|lead|senior|joint|managing|technical|financial?|sales|works|general|creative|honorary|hon\\.?|acting|tower|volunteer|1\\.|2\\.|erste[rn]?|zweite[rn]?) ?)?(?:president|chair(?:man|woman|person)?|secretary|treasurer|captain|coach|trainer|principal|director|manager|owner|proprietor|founder|foreman|apprentice|conductor|organist|greenkeeper|groundsman|caretaker|keeper|warden|curator|rector|vicar|clerk|skipper|engineer|driver|miller|bookkeeper|coordinator|organi[sz]er|partner|trustee|surgeon|vet|lead|operations|dispatch|bookings|reception|accounts|workshop|office|enquiries|leitung|leiter\\w*|vorsitz\\w*|vorstand|kassenwart\\w*|kasse|kassier\\w*|jugend\\w*|schriftführ\\w*|\\p{L}+wart\\w*|obmann|obfrau|geschäftsführ\\w*|inhaber\\w*|inh\\.|gründer\\w*|betriebsleiter\\w*|\\p{L}*meister\\w*|gesell\\w*|lehrling|azubi|büro|werkstatt|verkauf|vertrieb|ansprechpartner\\w*|président\\w*|trésori\\w+|secrétaire|secrétariat|directeur|directrice|responsable|fondateur|fondatrice|gérante?|patron\\w*|meunier|maire|apprentie?|atelier|bureau|accueil|presidente|presidenta|secretari[oa]|tesorer[oa]|director[a]?|gerente|fundador[a]?|encargad[oa]|entrenador[a]?|responsable|alcalde\\w*|maestr[oa](?: de \\p{L}+)?|oficial|aprendiz|taller|oficina)';
const ROLE_BEFORE = latin(
  new RegExp(`(?<!\\p{L})(${ROLE})(?:\\s?[:,=–-])?\\s(?:is\\s|ist\\s|est\\s|es\\s)?(?:me\\s|mich\\s)?$`, 'iu'),
);
const ROLE_LABEL = latin(new RegExp(`^(?:the |our |unsere? |notre |nuestr[oa] )?(?:${ROLE})(?!\\p{L})`, 'iu'));
/** Words that lead to who somebody is. */
const SAYS_NAME =
  /(?<!\p{L})(?:(?:my|his|her|whose) name(?:[’']s| is)|(?:s?he|it|that|this)(?:[’']s| is)(?: me,?)?|i am|i[’']m|me and|je m[’']appelle|moi,?|c[’']est|mi nombre es|me llamo|soy|estamos|ich hei(?:ß|ss)e|mein name ist|hier ist|ich bin|inh\.|run by|founded by|led by|owned by|made by|geführt von|gegründet von|dirigé par|fondée? par|llevad[oa] por|fundad[oa] por)\s*$/iu;
/** Words that lead to who is not there, or is only written to. */
const ABSENT = /(?<!\p{L})(?:apologies|absent|excusée?s?|entschuldigt|ausentes?|excusan)\b[^.:]{0,3}:?[^.]{0,40}$/iu;
/** A month or a feast that is a name too, where a date is spoken of. */
const DATE_WORD =
  /^(?:jan|april?|may|june|august|augustin|avril|abril|mai|juin|noël|noel|toussaint|pascal|pasqual|santa|till)$/i;
const DATE_BEFORE =
  /(?:\d\.?|(?<!\p{L})(?:in|of|from|until|till|by|to|since|early|late|mid|each|every|bis|ab|im|au|du|de|à|entre|et|la|en|hasta|desde|wk|week|renewed|not|semana))\s*$/iu;
const DATE_BEHIND = /^(?:\s*\d|\s*[–-]\s*\p{Lu}|\s+(?:to|bis|and|und|et|y|au|saturdays?|sundays?|only)(?!\p{L}))/iu;
const ROLE_BEHIND =
  /^(?:\s?\(([^()]{3,60})\)|,\s((?!and\b|und\b|et\b|y\b)[^,.;:()|\n]{3,60}?)(?=[,.;()|\n]|$)|\s?[–—:-]\s([^,.;()|\n]{3,60})|\s(?:is|ist|est|es)\s(?:our|the|a|an|unser\w*|die|der|notre|la|le|nuestr[oa])\s([^,.;()\n]{3,50})|\s((?:does|do|makes|runs|answers|handles|looks after|keeps|macht|führt|fait|bout|tient|lleva|hace)\s[^,.;()\n]{3,50}?)(?=,|\sand\s|\sund\s|\set\s|\sy\s|[.;()\n]|$))/iu;
const STARTERS =
  /^(?:The|A|An|And|But|We|I|Our|My|He|She|It|They|You|Please|No|Not|If|When|What|Open|Hours|Phone|Price|Prices|All|Every|Each|This|That|From|For|In|On|At|By|Who|Die|Der|Das|Ein|Eine|Wir|Ich|Und|Bitte|Le|La|Les|Un|Une|Nous|Je|El|Los|Las|Una|Nosotros|Para|Con|New|Old|Great|Little|Upper|Lower|Nether|Saint|St|San|Santa)$/;
/** First names that are words of everyday too. */
const ALSO_WORDS =
  /^(?:job|price|bell|name|can|dock|page|item|line|stone|floor|work|time|date|size|small|large|first|last|note|lila|elle|jan|will|may|mark|art|rose|grace|hope|jack|bill|june|april|august|autumn|summer|dawn|joy|faith|ivy|olive|iris|lily|daisy|holly|heather|robin|drew|chase|grant|rich|frank|earnest|miles|dale|glen|cliff|lane|wade|rob|pat|sue|gene|dean|clay|forest|hunter|mason|cooper|carter|baker|taylor|parker|angel|king|prince|earl|major|royal|precious|star|sunny|bud|guy|max|van|von|an|in|so|la|le|do|per|see|ali|sol|mar|luz|paz|cruz|consuelo|reyes|marin|leon|jose|german|rosa|alma|era|mercedes|ada|brook|brooks|river|sage|ruby|pearl|amber|crystal|candy|ginger|penny|hazel|myrtle|violet|fern|flora|otter|golden|noble|cash|price|gay|merry|fair|long|man|les|des|de|dan|jo|al|ed|don|ray|gus|tom|tim|sam|dot|bob|peter|carol|jean|johnny|harry|dolly|molly|polly|kit|barry|gill|rod|ron|reed|sandy|stormy|west|north|east|chance|lucky|loyal|mike|dick|sonny|buster|rusty|dusty|rocky|duke|blaze|ama|ane|dev|sole|pau|beau|dana|tucker|pilar|dolores|remedios|concha|pura|honor|prudence|verity|clement|innes|wyn|resi|lars|neville|sepp|veit|malte|jost|ocean|sky|rain|storm|wind|fox|wolf|bear)$/;
const LABELLED =
  /(?<!\p{L})(?:people|team|staff|who|contact|officers|committee|owner|name|person|ansprechpartner\w*|inhaber\w*|vorstand|wer|personen|vertrieb|équipe|qui|bureau|responsable|equipo|qui[ée]n\w*|junta|responsable|president|secretary|treasurer|chair|members)(?!\p{L})/iu;

/** Where somebody who writes no capitals says who they are. */
const SAYS_WHO =
  /(?<!\p{L})(?:i am|i[’']m|that[’']s me|it[’']s|my name is|ich bin(?: der| die)?|je suis|moi c[’']est|yo soy|soy|me llamo) (\p{Ll}{3,}(?: (?!(?:and|und|et|y|from|of|the|we|who|with|llevo|de|du)(?!\p{L}))\p{Ll}{3,}))/gu;

/** Everybody who is named in a text. `roles` are the shares of each piece, `language` tells German, where nouns have capitals. */
export function peopleIn(
  pieces: readonly Piece[],
  roles: readonly Record<string, number>[],
  business: string,
): PersonCandidate[] {
  const out: PersonCandidate[] = [];
  const inBusiness = new Set(business.toLowerCase().split(/[^\p{L}]+/u));
  const surnames = new Map<string, number>();
  pieces.forEach((piece, n) => {
    if (piece.kind === 'label') return;
    for (const m of piece.text.matchAll(NAMED)) {
      const [, title, first, more] = m;
      let words = `${first!}${more ?? ''}`.split(' ').filter(Boolean);
      const atFirst = m.index + (title ? title.length + 1 : 0);
      // A word at the beginning of a sentence has its capital from there: it counts as a name only where it is one.
      while (
        words.length > 1 &&
        !title &&
        !GIVEN_NAMES.has(words[0]!) &&
        GIVEN_NAMES.has(words[1]!) &&
        !/^[A-Z]\.$/.test(words[0]!)
      )
        words = words.slice(1);
      // The “V.” of a registered society is nobody’s initial.
      if (NOT_LAST.test(words.at(-1)!) || (words.length === 1 && words[0] === 'V.')) continue;
      // “until Jan”, “May to July”, “Toussaint”: a time of the year.
      if (
        !title &&
        DATE_WORD.test(words[0]!) &&
        words.length < 3 &&
        (DATE_BEFORE.test(piece.text.slice(0, atFirst)) ||
          DATE_BEHIND.test(piece.text.slice(atFirst + words[0]!.length)))
      )
        continue;
      const given = words.some((w) => GIVEN_NAMES.has(w.split('-')[0]!));
      // A word alone is a name only where it is known as one; two with capitals may be, outside German.
      const role1 =
        ROLE_BEFORE.test(piece.text.slice(Math.max(0, atFirst - 40), atFirst)) ||
        (atFirst === 0 && ROLE_LABEL.test(piece.label)) ||
        SAYS_NAME.test(piece.text.slice(Math.max(0, atFirst - 24), atFirst));
      if (
        !given &&
        !title &&
        !role1 &&
        !/^[A-Z]\.$/.test(words[0]!) &&
        (words.length < 2 || words.length > 3 || STARTERS.test(words[0]!))
      )
        continue;
      // A word of everyday alone is one, whatever its capital: the head of a table, the first of a line.
      if (
        words.length === 1 &&
        !title &&
        !role1 &&
        ALSO_WORDS.test(words[0]!.toLowerCase()) &&
        (piece.kind === 'row' || atFirst === 0 || /(?:\||[.!?:]|\s[-–])\s*$/.test(piece.text.slice(0, atFirst)))
      )
        continue;
      const name = words.join(' ');
      const start = piece.text.indexOf(name, atFirst);
      const from = piece.from + (title && start === atFirst ? m.index : start);
      const to = piece.from + start + name.length;
      const before = piece.text.slice(
        Math.max(0, start - (title ? title.length + 1 : 0) - 48),
        start - (title && start === atFirst ? title.length + 1 : 0),
      );
      const after = piece.text.slice(start + name.length, start + name.length + 80);
      const behind = ROLE_BEHIND.exec(after);
      const ahead = ROLE_BEFORE.exec(before);
      // “Piotr Zielinski (minutes)”: a bracket is about the name before it, whatever stood before that.
      const bracketed = behind?.[1] && !/\d/.test(behind[1]) ? behind[1] : null;
      const labelled = start === 0 && piece.label.length < 40 ? ROLE_LABEL.exec(piece.label)?.[0] : undefined;
      const said = (bracketed ?? ahead?.[1] ?? labelled ?? behind?.slice(1).find(Boolean) ?? '')
        .replace(/\s+/g, ' ')
        .trim();
      const role =
        said.split(' ').length <= 9 &&
        !/@|\d{4}|\bhttps?|^(?:one|two|three|four|some|several|zwei|drei|deux|trois|dos|tres|and|und|et|y|but|who|which|the|i|we|he|she)\b/i.test(
          said,
        ) &&
        !NO_ROLE.test(said)
          ? said
          : '';
      const f = new Set<string>([`k:${piece.kind}`, `n:${Math.min(4, words.length)}`, `sp:${piece.speaker}`]);
      if (title) f.add('title');
      if (given) f.add('given');
      if (words.length > 1 && GIVEN_NAMES.has(words[0]!)) f.add('given+more');
      if (ahead || labelled) f.add('role ahead');
      if (labelled) f.add('role label');
      if (
        SAYS_NAME.test(before) ||
        /^\s(?:is|ist|est|es)\s(?:my|mein|mon|mi)\s(?:name|nom|nombre)(?!\p{L})/iu.test(after)
      )
        f.add('says name');
      if (ABSENT.test(before) || ABSENT.test(piece.label + ':')) f.add('absent');
      // “Loïc, voici …”, “Pieter, Ros is …”: somebody spoken to at the beginning of what is said.
      if (start === 0 && /^,\s(?!\p{Lu})/u.test(after) && !behind) f.add('spoken to');
      if (behind) f.add(`role behind:${['(', ',', '-', 'is', 'does'][behind.slice(1).findIndex(Boolean)]}`);
      if (start === 0) f.add('begins');
      if (after.trim() === '' || after.trim() === '.') f.add('ends');
      if (start === 0 && after.trim().length < 2) f.add('alone');
      if (n >= pieces.length - 4) f.add('last lines');
      if (LABELLED.test(piece.label)) f.add('label');
      if (LABELLED.test(piece.under)) f.add('under');
      if (piece.kind === 'head') f.add(/^(?:from|von|de)/i.test(piece.text) ? 'from' : 'to');
      if (words.some((w) => inBusiness.has(w.toLowerCase()))) f.add('in business');
      if (business.includes(name)) f.add('is business');
      const top = Object.entries(roles[n] ?? {}).sort((a, b) => b[1] - a[1])[0];
      if (top) f.add(`r:${top[0]}`);
      const open = ((roles[n] ?? {})['visitors'] ?? 0) + ((roles[n] ?? {})['fact'] ?? 0);
      f.add(`open:${open > 0.85 ? 'yes' : open > 0.5 ? 'half' : 'no'}`);
      if (
        /(?:dear|hi|hello|liebe[rs]?|hallo|bonjour|hola|chère?|estimad[oa]|querid[oa]|geehrte[rs]?|thanks|danke|merci|gracias|morning),?\s*$/iu.test(
          before,
        )
      )
        f.add('greeted');
      if (/["“„«]/.test(piece.text)) f.add('quotes');
      if (
        /(?<!\p{L})(?:ask for|speak to|contact|ring|call|book(?:ings)? (?:with|to)?|fragen sie nach|demander|preguntar por|me|i am|i’m|i'm|ich bin|je suis|soy|my name is)\s*$/iu.test(
          before,
        )
      )
        f.add('asked for');
      if (/(?<!\p{L})(?:my|his|her|our|mein\w*|unser\w*|mon|ma|notre|mi|nuestr[oa])\s(?:\p{L}+\s)?$/iu.test(before))
        f.add('my');
      if (/(?<!\p{L})(?:mr|mrs|miss|old|late|poor)\s*$/iu.test(before)) f.add('late');
      for (const w of before
        .toLowerCase()
        .match(/\p{L}+/gu)
        ?.slice(-2) ?? [])
        f.add(`<:${w.slice(0, 7)}`);
      for (const w of after
        .toLowerCase()
        .match(/\p{L}+/gu)
        ?.slice(0, 2) ?? [])
        f.add(`>:${w.slice(0, 7)}`);
      surnames.set(words.at(-1)!, (surnames.get(words.at(-1)!) ?? 0) + 1);
      const features = [...f];
      const strong = features.filter((x) => /^(?:k:|r:|open:|role|label|under|title|n:|begins|alone|from)/.test(x));
      for (let a = 0; a < strong.length; a++)
        for (let b = a + 1; b < strong.length; b++) features.push(`${strong[a]!}&${strong[b]!}`);
      out.push({
        name:
          title && !/^(?:M\.|Mr\.?|Herrn?|Hr\.|Sr\.?)$/.test(title) && words.length === 1
            ? `${title} ${name}`
            : title && words.length === 1
              ? `${title} ${name}`
              : name,
        role,
        from,
        to,
        piece: n,
        features,
      });
    }
  });
  // Where nobody writes capitals, known first names still are.
  pieces.forEach((piece, n) => {
    if (piece.kind === 'head' || piece.kind === 'label' || /\p{Lu}/u.test(piece.text) || piece.text.length < 20) return;
    // “I’m gwilym prosser”: whoever says so gives both names.
    for (const m of piece.text.matchAll(SAYS_WHO)) {
      const whole = m[1]!.split(' ').map((w) => w[0]!.toUpperCase() + w.slice(1));
      const from = piece.from + m.index + m[0].length - m[1]!.length;
      const features = ['low', 'low:whole', 'asked for', 'given+more', 'n:2', `low:k:${piece.kind}`];
      if (whole.some((w) => GIVEN_NAMES.has(w)))
        out.push({ name: whole.join(' '), role: '', from, to: from + m[1]!.length, piece: n, features });
    }
    for (const m of piece.text.matchAll(/(?<![\p{L}@.])\p{Ll}{3,}(?![\p{L}@])/gu)) {
      const name = m[0][0]!.toUpperCase() + m[0].slice(1);
      if (!GIVEN_NAMES.has(name) || ALSO_WORDS.test(m[0])) continue;
      const from = piece.from + m.index;
      const top = Object.entries(roles[n] ?? {}).sort((a, b) => b[1] - a[1])[0];
      const features = ['low', `low:r:${top?.[0] ?? ''}`, `low:k:${piece.kind}`];
      for (const w of piece.text
        .slice(0, m.index)
        .match(/\p{L}+/gu)
        ?.slice(-2) ?? [])
        features.push(`<:${w.slice(0, 7)}`);
      out.push({ name, role: '', from, to: from + m[0].length, piece: n, features });
    }
  });
  for (const c of out) if ((surnames.get(c.name.split(' ').at(-1)!) ?? 0) > 1) c.features.push('again');
  return out;
}
