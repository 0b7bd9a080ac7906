import type { BusinessEvent } from '../../model/site.js';
import { readHours } from '../hours/index.js';
import { tokensOf, type Token, type TokenKind } from '../hours/tokens.js';
import { readable, type ReadPiece } from '../roles/roles.js';
import { EVENT_WORD, eventStretches, IS_OPEN, saysWhenOpen } from './proof.js';
import type { Language, Span } from './span.js';
import { capital } from './words.js';

/** What comes or is fetched at the back door concerns suppliers, and the dustmen nobody. */
const BACK_DOOR =
  /(?<!\p{L})(?:goods[- ]?in\w*|receiving|bins?|lorry|warenannahme|anlieferung|müll|livraisons?|ordures|ramassage|déchetterie|basura|recepción de mercanc\p{L}*|quiet hours|ruhezeit\p{L}*|mittagsruhe|changeovers?|shifts?|schicht\p{L}*)(?!\p{L})/iu;
const WHEN = new Set<TokenKind>(['ordinal', 'day', 'date', 'time', 'season', 'part']);
const BETWEEN = new Set<TokenKind>(['range', 'and', 'comma', 'fill', 'from', 'until', 'between', 'bracket', 'only']);

/** The stretch of a text in which a time is said: from its first word of time to its last, with what joins them. */
function whenIn(tokens: readonly Token[]): { from: number; to: number; kinds: Set<TokenKind> } | null {
  const runs: Token[][] = [];
  let run: Token[] = [];
  for (const t of tokens) {
    const joins =
      t.kind === 'word' &&
      /^(?:20\d\d|uhr|h|hrs?|o’clock|of|the|month|im|monat|du|mois|del?|mes|each|every|jeden|chaque|cada)$/.test(
        t.text,
      );
    // “Work mornings are the first Sunday”: a part of the day by itself begins nothing.
    if (WHEN.has(t.kind) && (run.length || t.kind !== 'part')) run.push(t);
    else if (!(run.length && (BETWEEN.has(t.kind) || joins))) {
      if (run.length) runs.push(run);
      run = [];
    }
  }
  if (run.length) runs.push(run);
  // “Spring regatta 11 July”: a day says more than a season.
  const weight = (r: Token[]) =>
    new Set(r.map((t) => t.kind)).size * 10 + r.length + (r.some((t) => t.kind === 'date') ? 5 : 0);
  const best = runs.sort((a, b) => weight(b) - weight(a))[0];
  return best ? { from: best[0]!.from, to: best.at(-1)!.to, kinds: new Set(best.map((t) => t.kind)) } : null;
}

const LEAD =
  /^(?:(?:and|but|also|then|we|i|they|there|it|is|are|have|has|hold|run|do|our|the|a|an|next|come to|join us (?:for|at)|wir|es|gibt|haben|machen|und|unser\p{L}*|der|die|das|ein\p{L}*|nous|on|il|y|a|avons|faisons|notre|nos|le|la|les|un|une|hay|tenemos|hacemos|nuestr\p{L}+|el|los|las|una)\s+)+/iu;
const TAIL =
  /(?:\s+(?:is|are|held|gibt|tiennent|se|tienen lugar|on|at|from|every|each|takes? place|happens?|ist|sind|findet|finden|am|an|im|jeden?|immer|um|ab|est|sont|a lieu|chaque|tous|le|les|du|à|es|son|cada|todos|los|las|el|a|de|of|in|and|und|et|y|the|der|die))+$/iu;
/** “The next production is …”: what it is called stands behind. */
const WHAT_IS_ON =
  /^(?:(?:next|nächste[rns]?|prochaine?|próxim[oa]) )?(?:production|play|show|concert|talk|premiere|aufführung|stück|konzert|vortrag|spectacle|pièce|estreno|obra|función|concierto)(?:\s(?:is|are|ist|heißt|est|es|será)|:)\s/iu;
const nameFrom = (s: string): string => {
  const said = s
    .replace(/\s+/g, ' ')
    .replace(/^[\s,;:()|–—-]+|[\s,;:()|–—-]+$/g, '')
    .replace(/^.{0,40}\s(?:is|are|ist|sind|est|sont|está|están) (?:at|on|in|auf dem|auf|bei|au|aux|dans|en|al) /iu, '')
    .replace(LEAD, '')
    .replace(WHAT_IS_ON, '')
    .replace(TAIL, '')
    .replace(/[\s,;:()|–—-]+$/g, '');
  return /\p{L}{3}/u.test(said) && said.split(' ').length <= 7 && said.length <= 80 ? said : '';
};
/** “Sat 12 December, 7 pm, Fishermen’s Mission”: where it is, with no word for it. */
const AT_LENGTH =
  /^\s*,\s*((?:[Tt]he )?\p{Lu}[\p{L}’']+(?: (?:of |de |du |der |la )?\p{Lu}[\p{L}’']+){0,3})(?=[,.;]|$)/u;
/** “We meet on Tuesdays”: what that is called. */
const MEETS = /(?<!\p{L})(?:meet|treffen uns|trifft sich|réuni\p{L}*|retrouv\p{L}*|reunimos)(?!\p{L})/iu;
const MEETING: Record<Language, string> = { en: 'Meeting', de: 'Treffen', fr: 'Rencontre', es: 'Reunión' };
/** What is no event though it has days and times: being open, being away, being rung. */
const NO_EVENT =
  /[£€$]|^\d{1,4}[a-z]?\s(?:\p{L}+\s){1,2}(?:row|street|lane|road|yard|close|hill|quay)(?!\p{L})|^(?:first|every|each|jeden|chaque|cada)\s|(?:^|\s)should (?:say|have)|open|clos|cerrad|geschlossen|geöffnet|ouvert|fermé|hours|horari|öffnung|urlaub|ferien|holiday|visitors|büro|office|bureau|oficina|booking|\?|¿|\d{3}|(?<!\p{L})(?:not|says|last|nur|nicht|pas|shop|counter|laden|boutique|tienda|agence|agencia|verkauf|venta|vente|site|website|seite|sur rendez-vous|by appointment)(?!\p{L})/iu;
/** What a day is for that is no event: when something was, holds from or to, or was written. */
const HAS_BEEN =
  /(?<!\p{L})(?:since|founded|opened|registered|certified|renewed|valid|until|expires?|due|as of|from|dated|updated|version|stand|seit|gegründet|gültig|bis|ab|vom|fällig|depuis|fondée?|valable|jusqu|à partir|dès|échéance|desde|fundad[oa]|válid[oa]|hasta|vence|a partir|minutes|meeting of|protokoll|sitzung|beschluss|réunion du|acta|junta|was|were|war|wurde|était|fue|sent|date|datum|prices?|preise|tarifs?|precios|deadline|frist)(?!\p{L})/iu;
/** “Open day”, though being open is no event. */
const OPEN_DAY =
  /^(?:open (?!from|on|at|every|daily)[\p{L}-]+(?: [\p{L}-]+)?|(?:journées? )?portes ouvertes|tag der offenen .+|(?:jornada de )?puertas abiertas)$/iu;
const PLACE =
  /^[\s,;|(–-]*(?:(?:in|at|over|above|behind|opposite|im|in der|in den|am|beim|au|à|aux|dans|en|al|chez)\s+)((?:the |der |dem |den |la |le |l[’']|el |los |las )?[\p{L}\d][\p{L}\d’'.-]*(?: (?:room|gate|green|hall|house|office|library|kitchen|barn|church|school|yard|garden|loft)(?!\p{L})| (?:of |de |del |du |von |the )?[\p{Lu}\d][\p{L}\d’'.-]*){0,5})/u;

/** A row of a table in which a cell says when: what, when, where. */
function ofRow(piece: Pick<ReadPiece, 'text'>, language: Language): Omit<BusinessEvent, 'id'> | null {
  const cells = piece.text
    .split(/\s*\|\s*|\t|;\s*/)
    .map((c) => c.trim())
    .filter(Boolean);
  const small = (s: string) => s.replace(/[A-ZÀ-Þ]/g, (c) => c.toLowerCase());
  const at = cells.findIndex(
    (c, n) => n > 0 && (whenIn(tokensOf(small(c), c, language, 0, c.length))?.kinds.size ?? 0) >= 2,
  );
  if (at < 1 || cells.length > 5) return null;
  const name = nameFrom(cells[0]!);
  const place = cells[at + 1] && !/\d{2}/.test(cells[at + 1]!) ? cells[at + 1]! : '';
  return name ? { name, when: cells[at]!, place, detail: '' } : null;
}

/** What stands over a list of events, and names none. */
const OVER_MANY =
  /^(?:when|dates?|events?|times?|regular(?:ly| (?:groups?|users?|events?|bookings?|sessions?))?|groups?|timetable|programme|what[’']s on|wann|termine?|gruppen|quand|groupes?|cuándo|fechas?|grupos?)$/iu;
/** Headings and labels whose lines are dates, whatever is in them. */
const DATES =
  /(?<!\p{L})(?:dates?|diary|events?|what[’']s on|coming up|forthcoming|exhibitions?|termine?|veranstaltung\p{L}*|agenda|rendez-vous|dates? à (?:retenir|venir)|manifestations?|événements?|fechas|pr[oó]xim[oa]s? (?:fechas|citas|eventos|actividades)|eventos|citas)(?!\p{L})/iu;
const PRICE = /(?:[£€$]\s?\d[\d.,]*|\d[\d.,]*\s?(?:€|euros?|£))(?:\s(?:a|per|pro|par|por)\s\p{L}+)?/u;

type Stretch = Pick<ReadPiece, 'from' | 'to' | 'text' | 'label' | 'under' | 'kind'>;
interface Around {
  source: string;
  /** The source in small letters, one for one. */
  small: string;
  language: Language;
}

const isDated = (kinds: ReadonlySet<TokenKind>) => kinds.has('date') && (kinds.has('time') || kinds.has('day'));
const isRegular = (kinds: ReadonlySet<TokenKind>) => (kinds.has('ordinal') || kinds.has('day')) && kinds.has('time');

/** A stretch as its parts, where several of them each say a time: “Mon 10–12 toddlers; Tue 7.30 choir”. */
function partsOf(stretch: Stretch, { small, source, language }: Around): Stretch[] {
  const parts: Stretch[] = [];
  let from = 0;
  // A comma parts them where what stands before it and what comes behind it each say when.
  const says = (text: string, at: number) => {
    const when = whenIn(tokensOf(small, source, language, at, at + text.length));
    return when !== null && (when.kinds.has('date') || when.kinds.has('day') || when.kinds.has('ordinal'));
  };
  for (const m of stretch.text.matchAll(/[;,]\s*|$/g)) {
    if (
      m[0].startsWith(',') &&
      !(
        /\p{L}{3}/u.test(stretch.text.slice(from, m.index)) &&
        says(stretch.text.slice(from, m.index), stretch.from + from) &&
        begins(stretch.text.slice(m.index + m[0].length)) &&
        says(stretch.text.slice(m.index + m[0].length), stretch.from + m.index + m[0].length)
      )
    )
      continue;
    const text = stretch.text.slice(from, m.index);
    const at = stretch.from + from;
    const when = whenIn(tokensOf(small, source, language, at, at + text.length));
    if (when && (when.kinds.has('date') || isRegular(when.kinds) || when.kinds.has('ordinal')))
      parts.push({ ...stretch, from: at, to: at + text.length, text });
    from = m.index + m[0].length;
  }
  return parts.length > 1 ? parts : [stretch];
}

/** True where a stretch begins with what is on, and not with a time. */
const begins = (text: string): boolean =>
  /^(?:(?:the|and|und|et|y|le|la|el|der|die|das)\s)?\p{L}{4,}\s/u.test(text) && !DAY.test(text);
const DAY =
  /^(?:(?:le|am|el|on|every|each|jeden|chaque|cada|premier|first|last|ersten?|letzten?)\s)?(?:mon|tue|wed|thu|fri|sat|sun|mo|di|mi|do|fr|sa|so|lun|mar|mer|jeu|ven|sam|dim|mié|jue|vie|sáb|dom|jan|feb|apr|ma[iy]|jun|jul|aug|sep|o[ck]t|nov|de[cz]|daily|täglich)\p{L}*(?!\p{L})/iu;

const EVERY = /(?:every|each|jeden?|jede|chaque|cada|tous les|todos los) $/iu;

/** The event a stretch tells of; null where it says no time, or not what is on. `told` where words say that it is one. */
function eventOf(stretch: Stretch, told: boolean, around: Around): Omit<BusinessEvent, 'id'> | null {
  const { source, small, language } = around;
  const when = whenIn(tokensOf(small, source, language, stretch.from, stretch.to));
  if (!when) return null;
  // “Every Saturday in January”: which of them belongs to when it is.
  const every = EVERY.exec(source.slice(stretch.from, when.from))?.[0].length ?? 0;
  const from = when.from - every;
  const dated = isDated(when.kinds);
  const timed = when.kinds.has('time') && (when.kinds.has('ordinal') || dated);
  const listed = told && when.kinds.has('date') && DATES.test(`${stretch.label} ${stretch.under}`);
  // “Bandera de Peñalba: 22 de agosto de 2027”: a day of one year is when something is, unless it was.
  const dayAndYear =
    when.kinds.has('date') &&
    /(?<!\d)20[2-9]\d(?!\d)/.test(source.slice(when.from, Math.min(stretch.to, when.to + 8))) &&
    !HAS_BEEN.test(stretch.text);
  if (!(told && (dated || listed || isRegular(when.kinds))) && !timed && !dayAndYear) return null;
  const row = stretch.kind === 'row' ? ofRow(stretch, language) : null;
  const clause = Math.max(...['.', ';', '!', '?'].map((c) => source.lastIndexOf(`${c} `, when.from)), stretch.from - 1);
  const before = nameFrom(source.slice(Math.max(stretch.from, clause + 1), when.from).replace(/^[^:]*:(?=\s)/, ''));
  const after = source.slice(when.to, stretch.to);
  const place = (PLACE.exec(after)?.[1] ?? (dated ? AT_LENGTH.exec(after)?.[1] : '') ?? '')
    .replace(/[\s.,;]+$/, '')
    .replace(/^(?!.*\p{L}{3}).*$/u, '');
  const behind = place ? '' : nameFrom(/^[\s,:–-]+([^.;,(]{3,60})/.exec(after)?.[1] ?? '');
  const met = EVENT_WORD.exec(stretch.text)?.[0] ?? '';
  const word = MEETS.test(met) ? MEETING[language] : met;
  const label = DATES.test(stretch.label) || before ? '' : nameFrom(stretch.label);
  // “Exhibition 2027” over a date says what is on then.
  const over = DATES.test(stretch.under) ? nameFrom(stretch.under) : '';
  const named = [row?.name ?? '', label, ...(MEETS.test(before) ? [word] : [before, behind, over, word])].filter(
    (n) => !OVER_MANY.test(n),
  );
  const name = named.find((n) => n && !NO_EVENT.test(n)) ?? named.find(Boolean) ?? '';
  // “Open day” is one where it has a date.
  const openDay = (dated || dayAndYear) && OPEN_DAY.test(name);
  if (!name || (NO_EVENT.test(name) && !openDay)) return null;
  const detail = PRICE.exec(after.replace(/^[\s,]*20\d\d(?!\d)[\s,]*/, ' '))?.[0].replace(/[.,]$/, '') ?? '';
  const year = /^,?\s(?:de(?:l)?\s)?20[2-9]\d(?!\d)/.exec(after)?.[0].length ?? 0;
  const said = source
    .slice(from, when.to + year)
    .replace(/(?<!\.m)\.$/i, '')
    .replace(/,\s\d{1,2}$/, '');
  // What says that it is open tells of no event.
  if (!row && !openDay && IS_OPEN.test(said)) return null;
  return row ?? { name, when: said, place, detail };
}

/** What a business does at times of its own, where somebody says what, and when. */
/** What minutes are of has been. */
const OF_A_MEETING =
  /^(?:protokoll|niederschrift|minutes|notes of|compte[- ]rendu|procès-verbal|acta|apologies|present|anwesend|présents?|asisten)(?!\p{L})/iu;
export function eventsIn(
  source: string,
  pieces: readonly ReadPiece[],
  language: Language,
): { event: Omit<BusinessEvent, 'id'>; span: Span }[] {
  const out: { event: Omit<BusinessEvent, 'id'>; span: Span }[] = [];
  const around = { source, small: source.replace(/[A-ZÀ-Þ]/g, (c) => c.toLowerCase()), language };
  const hasTimes = (text: string) => /\d/.test(text) && readHours(text, language).hours.openings.length > 0;
  const opens = saysWhenOpen(pieces, hasTimes);
  for (const piece of pieces) {
    if (piece.kind === 'label' || piece.kind === 'head' || piece.kind === 'heading' || !readable(piece)) continue;
    if (OF_A_MEETING.test(piece.text)) continue;
    // Of a sentence that says when it is open too, the clause that speaks of the event.
    const [part] = eventStretches(piece, hasTimes, opens);
    const stretch: Stretch = part
      ? { ...piece, from: piece.from + part.from, to: piece.from + part.to, text: piece.text.slice(part.from, part.to) }
      : piece;
    if (BACK_DOOR.test(`${piece.under} ${piece.label} ${stretch.text}`)) continue;
    const told = part !== undefined || EVENT_WORD.test(piece.under) || DATES.test(`${piece.label} ${piece.under}`);
    for (const one of partsOf(stretch, around)) {
      const event = eventOf(one, told, around);
      if (!event || out.some((o) => same(o.event, event))) continue;
      const name = capital(event.name).slice(0, 120);
      out.push({
        event: {
          name,
          when: capital(event.when.replace(/\s+/g, ' ')).slice(0, 160),
          place: event.place.slice(0, 160),
          detail: event.detail.slice(0, 300),
        },
        span: { field: 'event', from: one.from, to: one.to, value: name },
      });
    }
  }
  return out;
}
const same = (a: Omit<BusinessEvent, 'id'>, b: Omit<BusinessEvent, 'id'>): boolean =>
  a.name.toLowerCase() === b.name.toLowerCase() && a.when.toLowerCase() === b.when.toLowerCase();
