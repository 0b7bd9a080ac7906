import { sentenceAt, type Span } from '../reading/span.js';
import {
  dayList,
  hhmm,
  minutesOf,
  seasonWords,
  type Hours,
  type Opening,
  type ReadHours,
  type Season,
} from './hours.js';
import { FEASTS, MONTHS, NOT_VISITED } from './lexicon.js';
import type { Clock } from './tokens.js';

/** An opening while the text around it is still being read, with the stretch it stands in. */
export interface Entry extends Opening {
  from: number;
  to: number;
}

const EVENING = /\b(?:we meet|meets?\b|rehears\w*|evenings?|choir night|club night|abends|le soir|por la tarde)\b/i;

const MONTH = `(?:${MONTHS.join('|')})`;
const SHUT =
  '(?:closed|shut|open (?:from|only|in|between|until|daily|every)|close for|geschlossen|betriebsferien|werksferien|betriebsurlaub|urlaub|ferien|fermée?s?|fermeture|congés|cerrad[oa]s?|cerramos|vacaciones)';
const RULE = new RegExp(
  `(?<![a-zß-ÿ])(?:by (?:prior )?(?:appointment|appt|arrangement)|bank holidays?|public holidays?|24 hours|day and night|round the clock|rund um die uhr|24h?\\s?\\/\\s?24|24 horas|sobre pedido|con cita(?: previa)?|cita previa|sur (?:rendez-vous|rdv)|nach (?:vereinbarung|absprache|terminvereinbarung)|feiertag\\w*|d[ií]as festivos|festivos?|jours fériés|ring (?:first|before)|call first|${SHUT}[^.\\n;]{0,30}(?<![a-zß-ÿ])(?:${MONTH}(?![a-zß-ÿ])|${FEASTS}|winter|summer|holy week|half term)|(?:${MONTH}|${FEASTS}|winter|summer)[^.\\n;]{0,14}${SHUT})(?![a-zß-ÿ])`,
  'g',
);
const OF_HOURS =
  /open|clos|shut|hours|visit|times?\b|winters?|summers?|weekends?|evenings?|appointment|appt|^(?:or|otherwise|by)\b|holiday|call|ring|ouvert|fermé|fermeture|congés|geöffnet|geschlossen|ferien|urlaub|uhr|abierto|cerrad|cerramos|vacaciones|cita|rendez|rdv|vereinbarung|absprache|24/i;
const SURELY_OF_HOURS =
  /open|clos|hours|visit|appt|ouvert|fermé|geöffnet|geschlossen|öffnung|abiert|cerrad|horario|horaire|cita|rendez|rdv|vereinbarung/i;

/** Hours while a text is still being read: what was said so far, and what waits until all is read. */
export class Draft {
  readonly entries: Entry[] = [];
  readonly closings: { days: number[]; season: Season | null; from: number; to: number }[] = [];
  private readonly rules: { text: string; from: number; to: number }[] = [];
  /** What is said by what else is said, and waits until that is read. */
  private readonly later: (() => void)[] = [];
  /** Times of the day at which it is closed in between, in minutes after midnight. */
  readonly lunches: [number, number][] = [];

  constructor(
    private readonly source: string,
    private readonly small: string,
  ) {}

  /** Times of some days, in minutes after midnight. */
  add(days: number[], parts: [number, number][], of: string, season: Season | null, from: number, to: number): void {
    const evening =
      EVENING.test(sentenceAt(this.source, from).text) &&
      !/[ap]\.?m|\b0\d|uhr|\d\s?h/i.test(this.small.slice(from, to));
    for (const [opens, closes] of parts) {
      // People who meet “Tuesdays 7.30 to 9” do so in the evening.
      const late = evening && opens >= 360 && opens < 540 && closes <= 660 ? 720 : 0;
      this.entries.push({ days, opens: hhmm(opens + late), closes: hhmm(closes + late), of, season, from, to });
    }
  }

  /** “Friday until 3”: as the days before it, but for the end. */
  closeAt(days: number[], clock: Clock, of: string, season: Season | null, from: number, to: number): void {
    this.later.push(() => this.endAt(days, clock, of, season, from, to));
  }

  private endAt(days: number[], clock: Clock, of: string, season: Season | null, from: number, to: number): void {
    const same = this.entries.filter((e) => e.of === of);
    const model = same.filter((e) => e.season === season || e.season === null);
    const before = model.filter((e) => e.from < from);
    for (const d of days) {
      const own = model.filter((e) => e.days.includes(d));
      const opens = (own.length ? own : before.length ? before : model.slice(0, 1)).at(-1)?.opens;
      if (!opens) continue;
      const closes = this.closing(clock, minutesOf(opens));
      if (closes === null) continue;
      const last = own.at(-1);
      const replaced = own.filter((e) => e.season === season);
      for (const e of replaced) e.days = e.days.filter((x) => x !== d);
      const kept = replaced.filter((e) => e !== last && minutesOf(e.closes) <= closes);
      for (const e of kept) this.entries.push({ ...e, days: [d], season });
      const begins = kept.length || !replaced.length ? opens : replaced[0]!.opens;
      this.entries.push({ days: [d], opens: begins, closes: hhmm(closes), of, season, from, to });
    }
    if (!model.length) this.rules.push({ text: this.source.slice(from, to), from, to });
  }

  /** Times of the days that nothing else is said of, once all is read. */
  rest(parts: [number, number][], of: string, season: Season | null, from: number, to: number): void {
    this.later.unshift(() => this.addRest(parts, of, season, from, to));
  }

  /** “Closed Sunday and Monday, otherwise 10 to 5”: the days that are left, where any day was left out by name. */
  private addRest(parts: [number, number][], of: string, season: Season | null, from: number, to: number): void {
    if (!this.closings.length) return;
    const taken = [...this.entries.flatMap((e) => e.days), ...this.closings.flatMap((c) => c.days)];
    const days = [0, 1, 2, 3, 4, 5, 6].filter((d) => !taken.includes(d));
    if (days.length) this.add(days, parts, of, season, from, to);
  }

  /** “Sunday opens at noon”: as it was said of that day before, but for the beginning. */
  openAt(days: number[], clock: Clock, of: string): void {
    const at = clock.hour * 60 + clock.minute;
    const same = this.entries.filter((e) => e.of === of && at < minutesOf(e.closes));
    for (const e of same.filter((x) => x.days.some((d) => days.includes(d)))) {
      const own = e.days.filter((d) => days.includes(d));
      e.days = e.days.filter((d) => !days.includes(d));
      this.entries.push({ ...e, days: own, opens: hhmm(at) });
    }
  }

  private closing(clock: Clock, opens: number): number | null {
    const at = (clock.half === 'pm' && clock.hour < 12 ? clock.hour + 12 : clock.hour) * 60 + clock.minute;
    const closes = !clock.sure && at <= Math.max(opens, 420) ? at + 720 : at;
    return closes > opens && closes <= 1440 ? closes : null;
  }

  /** “In winter until 5”: every day as it is, but for the end. */
  changeAll(clock: Clock, season: Season): void {
    for (const e of [...this.entries])
      if (e.season === null) {
        const closes = this.closing(clock, minutesOf(e.opens));
        if (closes !== null) this.entries.push({ ...e, closes: hhmm(closes), season });
      }
  }

  /** “Wednesday mornings only”: half of what the other days have, where they have halves; else in its own words. */
  half(days: number[], part: string, from: number, to: number): void {
    this.later.push(() => this.halve(days, part, from, to));
  }

  private halve(days: number[], part: string, from: number, to: number): void {
    if (!this.entries.length) return;
    const early = (e: Opening) => minutesOf(e.closes) <= 14 * 60;
    const wants = (e: Opening) => (part === 'morning' ? early(e) : !early(e));
    const split = this.entries.some(early) && this.entries.some((e) => !early(e) && minutesOf(e.opens) >= 12 * 60);
    const whole = this.entries.filter((e) => e.days.some((d) => days.includes(d)));
    for (const e of whole) if (!split || !wants(e)) e.days = e.days.filter((d) => !days.includes(d));
    const model = split && this.entries.find(wants);
    if (model && whole.length && !whole.some(wants)) this.entries.push({ ...model, days, from, to });
    if (!model && whole.length) this.rules.push({ text: capital(this.source.slice(from, to)), from, to });
  }

  /** Rules that stand in the text beside days and times, each in its own clause. */
  private ruled(): void {
    const free = (from: number, to: number) =>
      [...this.entries, ...this.closings, ...this.rules].every((e) => to <= e.from || from >= e.to);
    for (const m of this.small.matchAll(RULE)) {
      // The clause around the word, from the last stop to the next.
      const begin = Math.max(...['.', '\n', ';', ','].map((c) => this.source.lastIndexOf(c, m.index))) + 1;
      const rest = this.source.slice(m.index, m.index + 200);
      const stop =
        [...rest.matchAll(/[\n;]|\.(?!\s*(?:\d|bis\b|[A-Za-zäÄ]\p{Ll}+ (?:bis|geschlossen)))/gu)][0]?.index ??
        rest.length;
      const clause = this.source.slice(begin, m.index + stop);
      const text = withoutReason(clause.trim()).replace(/^(?:and|but|so|or|und|et|y|que)\s+/i, '');
      const from = begin + clause.indexOf(text);
      const known = this.entries.length > 0 || SURELY_OF_HOURS.test(sentenceAt(this.source, from).text);
      const round = /24|round the clock|rund um|day and night/.test(m[0]);
      // What is quoted, or says what to write, is said to whoever makes the site.
      if (/[„“”"«»]|(?<!\p{L})(?:write|put|schreib\p{L}*|mettez|pon\p{L}*)(?!\p{L})/iu.test(text)) continue;
      // A line of a price list says what costs what.
      if (/[£€$|]/.test(text)) continue;
      if (round && !/^(?:open|geöffnet|ouvert|abierto)?\s*(?:24|round|rund|day)/i.test(text)) continue;
      if (!text || text.length > 140 || !known || !OF_HOURS.test(text) || !free(from, from + text.length)) continue;
      this.rules.push({ text: capital(text), from, to: from + text.length });
    }
  }

  /** All that was said, each with its stretch. */
  finish(): ReadHours {
    for (const step of this.later) step();
    this.ruled();
    for (const part of this.lunches)
      for (const e of [...this.entries])
        if (minutesOf(e.opens) < part[0] && part[1] < minutesOf(e.closes)) {
          this.entries.push({ ...e, opens: hhmm(part[1]) });
          e.closes = hhmm(part[0]);
        }
    const open = this.entries.filter((e) => e.days.length);
    // Where one part of the house alone is spoken of, it is the house.
    const parts = [...new Set(open.map((e) => e.of).filter(Boolean))];
    const visited = parts.filter((p) => !NOT_VISITED.test(p));
    const house = visited.length === 1 ? visited[0] : null;
    const named = open.map((e) => ({ ...e, of: e.of === house ? '' : e.of }));
    const hours: Hours = {
      openings: named
        .map(({ days, opens, closes, of, season }) => ({ days, opens, closes, of, season }))
        .sort((a, b) => rank(a) - rank(b)),
      closings: this.closings.map(({ days, season }) => ({ days, season })),
      rules: this.rules.map((r) => r.text),
    };
    const spans: Span[] = [
      ...groupsOf(named).map((g): Span => ({ field: 'hours', from: g[0]!.from, to: g[0]!.to, value: valueOf(g) })),
      ...this.closings.map((c): Span => ({
        field: 'hours',
        from: c.from,
        to: c.to,
        value: `${c.season ? `${seasonWords(c.season)}: ` : ''}${dayList(c.days)} closed`,
      })),
      ...this.rules.map((r): Span => ({ field: 'hours', from: r.from, to: r.to, value: r.text })),
    ];
    return { hours, spans: spans.sort((a, b) => a.from - b.from) };
  }
}

const rank = (o: Opening): number => (o.of === '' ? 0 : NOT_VISITED.test(o.of) ? 2 : 1);
/** Why it is closed is nobody’s business: “closed 19 July for our daughter’s wedding”, “shut in March, I’m next door then”. */
const withoutReason = (s: string): string =>
  s
    .replace(ITS_OWN_STORY, '')
    .replace(
      /(?<=\d|[a-zß-ÿ])\s*[,(–-]?\s*(?:for (?:our|my|a|the)|because|as (?:we|i)|when we|since we|wegen|weil|da wir|à cause|pour (?:notre|nos|le|la)|porque|por (?:la|el|nuestr))\s.*$/iu,
      '',
    );
/** A clause of somebody’s own behind a comma, to the end. */
const ITS_OWN_STORY =
  /,\s(?:i[’']?m|i am|i|my|that[’']s|it[’']s|he[’']?s?|she[’']?s?|ich|mein\p{L}*|das ist|je|mon|ma|c[’']est|yo|mi|eso es|estoy)\s(?!.*(?:appointment|open|closed|shut|vereinbarung|termin|geöffnet|geschlossen|rendez-vous|ouvert|fermé|cita|abiert|cerrad)).*$/iu;
const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** Openings by the words they were read from. */
function groupsOf(entries: readonly Entry[]): Entry[][] {
  const groups = new Map<string, Entry[]>();
  for (const e of entries) groups.set(`${e.from} ${e.to}`, [...(groups.get(`${e.from} ${e.to}`) ?? []), e]);
  return [...groups.values()];
}
const valueOf = (group: readonly Entry[]): string => {
  const time = (t: string) => `${Number(t.slice(0, 2))}.${t.slice(3)}`;
  const times = [...new Set(group.map((e) => `${time(e.opens)}–${time(e.closes)}`))].join(' and ');
  return `${dayList(group.flatMap((e) => e.days))} ${times}`;
};
