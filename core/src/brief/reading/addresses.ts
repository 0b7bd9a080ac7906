import { valueOf } from '../layout/spoken.js';
import { latin, sentenceAt, type Span } from './span.js';

/** Words of streets in four languages. English ones have a capital where they are part of a name. */
const STREET =
  /(?<![\p{L}\d])(?:Street|Road|Rd|Lane|Ln|Row|Yard|Quay|Wharf|Square|Passage|Way|Avenue|Ave|Drive|Close|Court|Hill|Terrace|Place|Mews|Gardens|Walk|Alley|Parade|Green|Strand|Slip|Arch(?:es)?|Steps|Croft|Gate|Drove|Dock|Basin|Bank|Bridge End|Sidings|Estate|Crescent|Highway|Spur|Market|P\.?O\.? Box|[Cc]\/|Avda?\.|Ctra\.|Cra\.)(?!\p{L})|(?<=\p{L}\s)St\.?(?=,|$)|(?<=\d[a-z]?\s(?:\p{Lu}[\p{L}’']+\s){1,3})St\.?(?=\s\p{Lu})|(?<!\p{L})(?:\d+[a-z]?,?\s+(?:\p{L}+\s){1,3}(?:street|road|lane|row|yard|quay|square|avenue|drive|close|hill|terrace)|\p{L}{2,}(?:straße|strasse|str\.|gasse|weg|platz|allee|ufer|damm|graben|steig|markt|zeile|deich|chaussee|stieg|twiete)(?=\s?\d|,|$)|(?:[Aa]m|[Aa]n der|[Aa]n den|[Aa]uf dem|[Aa]uf der|[Ii]m|[Zz]um|[Zz]ur|[Aa]lte[rn]?|[Uu]ntere|[Oo]bere|[Kk]rummer|[Hh]inter dem|[Hh]interm|[Uu]nterm|[Vv]orm|[Vv]or dem)\s(?!Jahr|Monat|Uhr|Mai|Juni|Juli)[\p{L}-]{3,}(?=\s\d{1,4}(?!\d|[.:]\d|\s?Uhr))|[Rr]ue|[Aa]venue|[Bb]oulevard|[Bb]d|[Pp]lace(?= d[eu’']| \p{Lu})|[Qq]uai|[Cc]hemin|[Ii]mpasse|[Aa]llée|[Rr]oute|[Rr]ang|[Rr]uelle|[Cc]alle|[Aa]venida|[Pp]laza|[Pp]aseo|[Cc]amino|[Cc]arretera|[Pp]ortal|[Pp]ol[íi]gono|[Tt]raves[íi]a|[Rr]onda|[Cc]arrera|[Bb]arrio|[Vv]ereda|[Cc]arrer)(?!\p{L})/u;
/** Buildings that can stand for a street. */
const BUILDING =
  /(?<!\p{L})(?:house|mill|works|farm|barn|forge|kiln|hall|workshop|studio|unit|loft|cottage|tower|chapel|school|depot|station|hof|halle|mühle|schule|haus|moulin|ferme|moulin|domaine|finca|casa|nave|taller)(?!\p{L})/iu;
const CODE =
  /(?<![\p{L}\d])(?:[A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2}|[A-Z]\d[A-Z]\s?\d[A-Z]\d|(?:[A-Z]{2}\s)?\d{5}(?:-\d{4})?|(?:[A-Z]-)?\d{4}(?=\s\p{Lu}\p{Ll})|Co\. \p{Lu}\p{Ll}+)(?![\p{L}\d])/u;
const NUMBER =
  /(?<![\d.,:£€$])\d{1,4}\s?(?:[a-z]|bis|ter)?(?![\d.:%£€$]|\s?(?:€|uhr|h\b|am\b|pm\b|euro|pounds?|years?|miles?|km|mm|cm|m\b))/iu;
const NAME_PART =
  "(?:[\\p{Lu}\\d#][\\p{L}\\d’'./-]*|#|(?:del|des|dels|de|du|do|da|dos|das|la|les|le|los|las|el)(?![\\p{L}])|of|the|on|under|am|an|der|dem|den|im|in|zum|zur|auf|unter|bei|sur|sous|lès|y|et|and|&|bte|n\\.?º|nº|bis|ter|núm\\.?|hinterhof|links|rechts)";
const LEADING = latin(new RegExp(`(?:${NAME_PART}\\s+)*${NAME_PART}$`, 'u'));
const TRAILING = latin(new RegExp(`^${NAME_PART}(?:\\s+${NAME_PART})*`, 'u'));

interface Segment {
  text: string;
  from: number;
  kind: 'street' | 'code' | 'name' | 'other';
}

/** What may stand before a street: a building, a part of one, or a way to find it. */
const LEADS =
  /^(?:unit|flat|suite|studio|shop|arch|the|in the|over|opp\.?|bei|haus|halle|werk|\d)(?!\p{L})|(?<!\p{L})(?:house|mill|works|farm|barn|forge|kiln|hall|workshop|loft|cottage|tower|chapel|school|depot|station|sidings|weighbridge|market|yard|chambers|floor|building|halle|mühle|schule|haus|\p{L}+zeile|moulin|ferme|domaine|za|zi|finca|casa|nave)(?!\p{L})/iu;
const WEEKDAY =
  /(?<!\p{L})(?:mon|tues?|wed(?:nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?s?(?!\p{L})|(?<!\p{L})(?:montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonntag|lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche|lunes|martes|miércoles|jueves|viernes|sábado|domingo)s?(?!\p{L})|\d\s?(?:uhr|h\d|h\b|am\b|pm\b)|\d[:.]\d\d(?!\d)|\d+(?:st|nd|rd|th)\s(?!floor)|(?<!\p{L})(?:easter|christmas|weihnachten|noël)(?!\p{L})/iu;
/** Words that a sentence has and an address has not. */
const SPEAKS =
  /(?<!\p{L})(?:is|are|was|we|i|our|you|he|she|they|please|ring|call|open|closed|not|no|trained|pick|since|ist|sind|wir|ich|nicht|haben|seit|est|sont|nous|on|pas|depuis|es|son|no|desde|hay|iso|hr[ab]|cert\w*|reg\w*|somos|estoy|estamos|vivimos|leaves|departures?)(?!\p{L})/iu;
function kindOf(text: string): Segment['kind'] {
  const words = text.split(/\s+/).length;
  if (/@|\d{3}[\s-]\d{3}|(?:\d\d[ .]){4}\d\d|\+\d|[£€$]\s?\d|\d\s?€/.test(text) || WEEKDAY.test(text)) return 'other';
  if (STREET.test(text) && words <= 16 && (!SPEAKS.test(text) || NUMBER.test(text))) return 'street';
  if (CODE.test(text) && words <= 6 && !SPEAKS.test(text)) return 'code';
  if (SPEAKS.test(text)) return 'other';
  if (
    /^(?:the\s|in the\s|unit\s|opp\.?\s|over\s|bei\s|eingang\s|hinterhof|lot\s|bte\s|\d+(?:st|nd|rd|th)\sfloor|(?:nave|local|bajo|piso|portal|puerta|parcela|bât\.?|bâtiment|étage|lot|flat|whg\.?)\s\d)/i.test(
      text,
    ) &&
    words <= 6
  )
    return 'name';
  return words <= 5 && /^[\p{Lu}\d]/u.test(text) && !/[?!]/.test(text) ? 'name' : 'other';
}

/** Words shouted in capitals as they are in print, so that a street is one: “STATION LANE”. Codes keep theirs. */
const unshouted = (text: string): string =>
  text.replace(/(?<![\p{L}\d])\p{Lu}{3,}(?![\p{L}\d])/gu, (w) => w[0]! + w.slice(1).toLowerCase());

/** What leads up to an address and is no part of it: “Post to Unit 4”. */
const LEADING_TO =
  /^(?:and|und|et|y)\s|^(?:please\s+)?(?:post|send|deliver|write|come|bring|find us|visit us|we(?:[’']| a)re|schicken sie|senden sie|kommen sie|envoyez|écrivez|venez|enviar|env[íi]en|escriban|estamos|letters|tickets|parcels|enquiries|yard|office)\s+(?:it\s+|them\s+|everything\s+|alles\s+)?(?:to|at|in|from|an|nach|à|chez|a|en)\s+(?:the\s+(?=\p{Lu}))?|^(?:anschrift|büro|werkstatt|postanschrift|adresse|estoy en la?|vivo en la?)\s+(?=\p{L})|^in (?=the \p{Ll}+room)/iu;

/** “Die Zimmerei Ahrens in Am Sägewerk 4”, “Das Spritzenhaus in der Dorfstraße 11”: who is there, and then where. */
const WHO_IS_THERE =
  /^[^,\d\n]{3,60}?\sin\s(?=(?:Am|An der|An den|Im|Zum|Zur|Auf der|Auf dem)\s\p{Lu}[\p{L}-]+\s\d)|^[^,\d\n]{3,60}?\sin\s(?:der|dem)\s(?=\p{Lu}[\p{L}-]*(?:straße|strasse|gasse|weg|platz|allee)\s\d)/u;
/** What says that an address follows, within a sentence. */
const LIES_AT =
  /(?<!\p{L})(?:estamos|est[áa](?:n)?|ubicad[oa]s?|situad[oa]s?|we(?:[’']| a)re|find us|find me|nous sommes|on est|situé\p{L}*|installé\p{L}*|wir sind|sitzen|liegt|gelegen|is|ist|est) (?:now )?(?:en|in|at|on|au|aux|à|dans|in der|am|an der)(?: (?:the|la|el|le|l[’']))?\s/giu;
/** “Houses on the shore at Pans Row”. */
const STREET_AHEAD =
  /\s(?:at|in|on)\s(?=(?:\d+[a-z]? )?(?:\p{Lu}[\p{L}’']+ ){1,3}(?:Street|Road|Lane|Row|Yard|Quay|Square|Hill|Terrace|Wharf|Drove|Close|Avenue|Approach)(?!\p{L}))/gu;
/** What comes behind an address in its sentence. */
const GOES_ON = /(?<=\d[A-Z]{2}|\d{5}) (?:and|und|et|y|or|oder|ou)\s|\s(?=(?:since|depuis|seit|desde) \d{4})/gu;
/** A cell of a table with a street and a code in it. */
const WHOLE = latin(
  /(?:(?<!\p{L})(?:Z\.?[AI]\.?|unit|lot|parc)(?!\p{L})|\p{L}{3,}(?:straße|strasse|str\.|weg|gasse|platz)|(?<!\p{L})(?:Street|Road|Lane|Row|Yard|Quay|Square|[Rr]ue|[Aa]venue|[Cc]hemin|[Rr]oute|[Qq]uai|[Cc]alle|[Pp]laza|[Cc]amino|[Hh]interm?|[Aa]m|[Aa]n der|[Ii]m)(?!\p{L})).*(?:\d{5}\s\p{Lu}|[A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2})/u,
);

/** Streets as they are spoken, with nothing in capitals. */
const SPOKEN = latin(
  /(?<!\p{L})(?:(?:we(?:[’']re| are)|i[’']m|it[’']s|find us|come to) (?:at |in |on )|(?:estamos|está) en |(?:nous sommes|on est) (?:au |à |dans |sur )?|au (?=\d+ (?:bis |ter )?(?:rue|place|quai|avenue|chemin|route|boulevard|impasse|allée)(?!\p{L}))|wir sind (?:in der |im |am |an der )?)((?:\d+ (?:bis |ter )?)?(?:calle|plaza|camino|avenida|rue|route|chemin|quai|place|avenue|boulevard|impasse|allée)(?: (?!(?:en|y|et|à|pero|mais|la|le)(?!\p{L}))[\p{Ll}\d]+| (?:la|le) [\p{Ll}]+){1,4}(?: (?:en|à) [\p{Ll}]{3,})?|(?:[\p{Ll}\d’']+ ){1,5}?(?:street|road|lane|row|yard|quay|square|hill|wharf|\p{Ll}+(?:straße|gasse|weg|platz))(?: (?!(?:but|and|pero|y|mais|et|aber|und|y la|we|phone)(?!\p{L}))[\p{Ll}\d]+){0,1}(?:(?:,| in| at| en| à)? (?!(?:but|and|pero|mais|aber|und|we|phone|since|from)(?!\p{L}))[\p{Ll}]{3,}){0,1})/gu,
);
const SMALL = /^(?:the|in|at|on|of|la|las|el|los|de|del|en|le|les|du|des|à|rue|calle|der|die|am|im)$/;
/** An address that was spoken in a run without capitals, as it is written: “The Old Sawpit Hollow Lane in Brindle”. */
function* spokenAddresses(source: string): Generator<Span> {
  for (const m of source.matchAll(SPOKEN)) {
    const sentence = sentenceAt(source, m.index).text;
    if (/\p{Lu}\p{Ll}+\s\p{Lu}/u.test(sentence) || m[1]!.split(' ').length < 3) continue;
    const from = m.index + m[0].length - m[1]!.length;
    const said = m[1]!
      .split(' ')
      .map((w, n) => (n > 1 && w.length > 2 && valueOf([w]) !== null ? String(valueOf([w])) : w))
      .map((w, n) => (n && SMALL.test(w) ? w : w[0]!.toUpperCase() + w.slice(1)));
    yield { field: 'address', from, to: from + m[1]!.length, value: said.join(' ') };
  }
}

/** “At The Green, Upper Carrow”: how many letters of an article before it belong to the name of a place. */
const theOf = (source: string, from: number): number =>
  /(?<!\p{L})The $/u.test(source.slice(Math.max(0, from - 5), from)) ? 4 : 0;

/** Postal addresses of a text, each as one stretch of it: runs of parts with a street or a postcode in them. No run goes past a sentence. */
export function* addresses(source: string, pieces: readonly { kind: string; from: number }[] = []): Generator<Span> {
  const text = unshouted(source);
  yield* spokenAddresses(source);
  const begins = new Set(pieces.filter((p) => p.kind === 'sentence' || p.kind === 'item').map((p) => p.from));
  let at = 0;
  for (const block of text.split(/(?<=\n\s*\n)/)) {
    for (const span of inBlock(block, at, begins)) {
      const own = source.slice(span.from, span.to);
      const lead = ((LEADING_TO.exec(own) ?? WHO_IS_THERE.exec(own))?.[0].length ?? 0) - theOf(source, span.from);
      yield {
        ...span,
        from: span.from + lead,
        value: source
          .slice(span.from + lead, span.to)
          .replace(/\s*\n\s*/g, ', ')
          .replace(/\s+/g, ' ')
          .replace(/[.\s]+$/, '')
          // “In der Deichstraße 7” is Deichstraße 7; “An der Mühle 3” is called so.
          .replace(
            /^(?:der|dem)\s(?=\p{Lu})|^(?:in|an|auf) (?:der|dem) (?=\p{Lu}\p{L}*(?:straße|strasse|gasse|weg|platz|allee|chaussee) \d)/u,
            '',
          )
          // “Un taller de calle del Aire 12”, “tiene su local en plaza del Molino 2”: the street begins it.
          .replace(
            /^(?:\p{Ll}[\p{Ll}’']*\s){1,6}(?:de|en|à|au|dans)\s(?=(?:la\s)?(?:calle|plaza|avenida|camino|paseo|rue|place|avenue|chemin|quai|impasse)\s)/u,
            '',
          )
          .replace(
            /^(?:the|la|le|l(?=[’'])|unit|suite|studio|flat|shop|bay|arch)(?!\p{L})/u,
            (w) => w[0]!.toUpperCase() + w.slice(1),
          ),
      };
    }
    at += block.length;
  }
}

function* inBlock(whole: string, at: number, begins: ReadonlySet<number>): Generator<Span> {
  // The lines of a table are no addresses, but for a cell that is a whole one.
  const block = whole.replace(/^.*\|.*\|.*\|.*$/gm, (row) =>
    row.replace(/[^|]+/g, (cell) => (WHOLE.test(cell) ? cell : ' '.repeat(cell.length))),
  );
  if (!STREET.test(block) && !CODE.test(block) && !BUILDING.test(block)) return;
  const segments: Segment[] = [];
  let from = 0;
  const cut = (to: number) => {
    const raw = block.slice(from, to);
    const text = raw.trim();
    if (text) segments.push({ text, from: from + raw.indexOf(text), kind: kindOf(text) });
  };
  const cuts = [
    ...block.matchAll(
      /[,;·|\n]+|\s[–—-]\s|\s\/\s|:\s|\.\s+(?=\p{Lu}\p{Ll}{2,}\s\p{Ll})|(?<=\p{Ll}{3}|\p{Lu}\p{Ll}{2})(?<!str)\.\s+(?=\p{Lu}\p{L}+\s\d)|\.$|\.\n|\s(?=\()|[()]/gu,
    ),
  ].map((m) => ({ to: m.index, next: m.index + m[0].length }));
  // “Estamos en calle del Yunque, 4”: what leads up to it is prose.
  for (const m of block.matchAll(LIES_AT)) cuts.push({ to: m.index, next: m.index + m[0].length });
  for (const m of block.matchAll(STREET_AHEAD)) cuts.push({ to: m.index, next: m.index + m[0].length });
  for (const m of block.matchAll(GOES_ON)) cuts.push({ to: m.index, next: m.index + m[0].length });
  for (const b of begins) if (b > at && b < at + block.length) cuts.push({ to: b - at, next: b - at });
  // “Opp. Old Bus Stand” and “Industriestr. 40” go on.
  for (const { to, next } of cuts.sort((a, b) => a.to - b.to)) {
    if (to < from) continue;
    cut(to);
    from = next;
  }
  cut(block.length);
  for (let n = 0; n < segments.length; n++) {
    const anchor = segments[n]!;
    if (anchor.kind !== 'street' && !(anchor.kind === 'code' && n > 0 && segments[n - 1]!.kind === 'name')) continue;
    let first = n;
    while (
      first > 0 &&
      n - first < 2 &&
      segments[first - 1]!.kind === 'name' &&
      (LEADS.test(segments[first - 1]!.text) ||
        (anchor.kind === 'code' && anchor.text.replace(CODE, '').trim() === '') ||
        // The line over an address is whose it is, unless it is a building.
        (first === n &&
          !NUMBER.test(anchor.text.replace(CODE, '')) &&
          !block.slice(segments[first - 1]!.from, anchor.from).includes('\n'))) &&
      close(block, segments[first - 1]!, segments[first]!)
    )
      first--;
    let last = n;
    while (
      last + 1 < segments.length &&
      last - n < 3 &&
      /name|code|street/.test(segments[last + 1]!.kind) &&
      close(block, segments[last]!, segments[last + 1]!)
    ) {
      last++;
      if (segments[last]!.kind === 'code') break;
    }
    // Of the first part only its end is address, of the last only its beginning: the rest is prose around them.
    const head = segments[first]!;
    const lead = LEADING.exec(head.text)?.[0] ?? head.text;
    // “Open 10 to 4 at The Old Tram Shed, Depot Street”: the end of what stands before it is where.
    const ahead = segments[first - 1];
    const placed = ahead && close(block, ahead, head) ? STANDS_AT.exec(ahead.text)?.slice(1).find(Boolean) : undefined;
    const begin = placed
      ? ahead!.from + ahead!.text.length - placed.length
      : head.kind === 'other' ||
          (first === n && lead.length < head.text.length && (STREET.test(lead) || CODE.test(lead)))
        ? head.from + head.text.length - lead.length
        : head.from;
    const tail = segments[last]!;
    const rest = last === first ? block.slice(begin, tail.from + tail.text.length) : tail.text;
    const trail = TRAILING.exec(rest)?.[0] ?? rest;
    const keep =
      (STREET.test(rest) ? STREET.test(trail) : true) && trail.length < rest.length && !/^\d*\s?\p{Ll}/u.test(rest);
    const next = segments[last + 1];
    const town = next?.kind === 'other' && close(block, tail, next) ? TOWN_FIRST.exec(next.text)?.[0] : undefined;
    const end = town
      ? next!.from + town.length
      : keep
        ? last === first
          ? begin + trail.length
          : tail.from + trail.length
        : tail.from + tail.text.length;
    const value = block
      .slice(begin, end)
      .replace(/\s*\n\s*/g, ', ')
      .replace(/\s+/g, ' ')
      .trim();
    const parts = segments.slice(first, last + 1);
    const numbered = NUMBER.test(value.replace(CODE, ''));
    const proper = /\p{Lu}\p{L}+.*\p{Lu}/u.test(value);
    const good = STREET.test(value)
      ? numbered || CODE.test(value) || (parts.length >= 2 && proper)
      : CODE.test(value) && /[A-Z]\d|\d{5}|\d[a-z]?, (?:[A-Z]-)?\d{4} \p{Lu}|Co\. \p{Lu}/u.test(value) && proper;
    n = last;
    if (!good || value.length < 8 || value.length > 160 || !/\p{Lu}|\d/u.test(value)) continue;
    yield { field: 'address', from: at + begin, to: at + end, value };
  }
}

/** A place by name at the end of a clause: “Based at Nab End”. */
const STANDS_AT =
  /(?:^|\s)(?:(?:at|in the|bei|beim|im|in der|à|au|aux|dans|en|en el|en la)\s((?:[Tt]he\s|l[’']|la\s|le\s)?(?:\p{Lu}[\p{L}’']+(?:\s(?:of\s|and\s|&\s|zur\s|zum\s|im\s)?\p{Lu}[\p{L}’']+){0,4}|(?:ancienne?\s|vieille\s|vieux\s)?(?:école|salle|moulin|mairie|gare|ferme|halle|maison|presbytère)(?:\s[\p{L}’'-]+){0,3}))|((?:[Uu]nit|[Ss]uite|[Ss]tudio|[Ff]lat|[Ss]hop|[Bb]ay|[Aa]rch)\s\d+[a-z]?))$/u;
/** A town with its code at the beginning of a clause that goes on: “25999 Lüttenbrook ist sonntags geöffnet”. */
const TOWN_FIRST =
  /^(?:[A-Z]{1,2}-)?\d{4,5}\s\p{Lu}[\p{L}’-]+(?:\s(?:an der|am|im|de|del|de la|la|le|sur|sous)\s\p{Lu}[\p{L}’-]+)?(?=\s\p{Ll}|[.;]|$)/u;

/** Parts that stand in one line or in lines right under each other. */
const close = (block: string, a: Segment, b: Segment): boolean => {
  const between = block.slice(a.from + a.text.length, b.from);
  return (
    /[,;·\n/]|\s[–-]\s/.test(between) &&
    !/[.()]/.test(between) &&
    (between.match(/\n/g) ?? []).length <= 1 &&
    !/:/.test(between)
  );
};
