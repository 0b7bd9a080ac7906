import { sentenceAt, type Language, type Span } from './span.js';

/** Days on which the doors are open between two times, Monday being 0; times are HH:MM, 24 hours. */
export interface Opening {
  days: number[];
  opens: string;
  closes: string;
}

/** Opening hours as they were read: openings, days that were said to be closed, and rules kept in the words they came in. */
export interface Hours {
  openings: Opening[];
  closed: number[];
  rules: string[];
}

const DAY_WORDS: Record<Language, string[]> = {
  en: [
    'mon(?:days?)?',
    'tue(?:s|sdays?)?',
    'wed(?:s|nesdays?)?',
    'thu(?:r|rs|rsdays?)?',
    'fri(?:days?)?',
    'sat(?:urdays?)?',
    'sun(?:days?)?',
  ],
  es: [
    'lun(?:es)?',
    'mar(?:tes)?',
    'mi[eé](?:rcoles)?',
    'jue(?:ves)?',
    'vie(?:rnes)?',
    's[aá]b(?:ados?)?',
    'dom(?:ingos?)?',
  ],
  fr: [
    'lun(?:dis?)?',
    'mar(?:dis?)?',
    'mer(?:credis?)?',
    'jeu(?:dis?)?',
    'ven(?:dredis?)?',
    'sam(?:edis?)?',
    'dim(?:anches?)?',
  ],
  de: [
    'mo(?:ntags?)?',
    'di(?:enstags?)?',
    'mi(?:ttwochs?)?',
    'do(?:nnerstags?)?',
    'fr(?:eitags?)?',
    '(?:sa(?:mstags?)?|sonnabends?)',
    'so(?:nntags?)?',
  ],
};
/** Words for several days at once, with the days they mean. */
const GROUP_WORDS: Record<Language, [string, number[]][]> = {
  en: [
    ['(?:every ?day|daily|seven days(?: a week)?|7 days(?: a week)?|all week)', [0, 1, 2, 3, 4, 5, 6]],
    ['week ?days', [0, 1, 2, 3, 4]],
    ['week ?ends?', [5, 6]],
  ],
  es: [
    ['todos los d[ií]as', [0, 1, 2, 3, 4, 5, 6]],
    ['entre semana', [0, 1, 2, 3, 4]],
    ['fines de semana', [5, 6]],
  ],
  fr: [
    ['tous les jours', [0, 1, 2, 3, 4, 5, 6]],
    ['en semaine', [0, 1, 2, 3, 4]],
    ['(?:le )?week-?ends?', [5, 6]],
  ],
  de: [
    ['t[aä]glich', [0, 1, 2, 3, 4, 5, 6]],
    ['(?:wochentags|werktags)', [0, 1, 2, 3, 4]],
    ['am wochenende', [5, 6]],
  ],
};
const RANGE = '\\s*(?:-|–|—|(?:to|till?|until|through|thru|au|à|a|bis|hasta)(?![a-zà-ÿ]))\\s*(?:el\\s+)?';
const AND = '\\s*(?:,\\s*(?:and|y|et|und)?|&|\\+|/|and|y|et|und)\\s*(?:los\\s+|le\\s+|el\\s+)?';
const CLOSED = '(?:closed|shut|not open|cerrados?|cerramos|ferm[ée]s?|geschlossen|ruhetag)';
const EXCEPT =
  '\\s*,?\\s*(?:except|but not|apart from|salvo|excepto|menos|sauf|au(?:ß|ss)er)\\s+(?:on\\s+|for\\s+|le\\s+|los\\s+|el\\s+)?';
const LEAD =
  "\\s*(?:(?:[:,;]|–|-|\\(|from|between|we(?:’|'|\\s+a)re|open|it(?:’|')?s|only|usually|mostly|von|de|des|entre|abierto|abrimos|ouvert|geöffnet|offen|hours?|is|are)\\s*)*(?:(?:at|in|en|à)\\s+[a-zà-ÿ][a-zà-ÿ’-]+(?:\\s[a-zà-ÿ’-]+){0,2})?\\s*";
const TIME =
  "(?:noon|midday|midi|mediod[ií]a|mittags|half \\d{1,2}|\\d{1,2}(?:[.:h]\\s?\\d{2})?(?!\\d|[:/%]|\\.\\d)(?:\\s*(?:h\\b|[ap]\\.?m\\b\\.?|uhr\\b|o['’]clock))?)";
const TO = "\\s*(?:-|–|—|to|till?|'til|until|a(?=\\s)|à|bis|hasta(?: las)?|and|y|et|und)\\s*(?:las\\s+)?";
const TIMES = `${TIME}${TO}${TIME}`;
const MORE_TIMES = '\\s*(?:,|;|/|&|and(?: again)?|then|y de|y|et de|et|und)\\s*(?:from\\s+|de\\s+|von\\s+)?';

// No u flag here: with it, patterns of this many words take a hundred times as long to make ready.
interface Grammar {
  single: RegExp[];
  groups: [RegExp, number[]][];
  daysThenTimes: RegExp;
  timesThenDays: RegExp;
  closedDays: RegExp;
}

function grammarOf(language: Language): Grammar {
  const languages: Language[] = language === 'en' ? ['en'] : [language, 'en'];
  const single = Array.from({ length: 7 }, (_, n) => `(?:${languages.map((l) => DAY_WORDS[l][n]!).join('|')})\\.?`);
  const groups = languages.flatMap((l) => GROUP_WORDS[l]);
  const day = `(?:${single.join('|')})(?![a-zà-ÿ])`;
  const group = `(?:${groups.map(([w]) => w).join('|')})(?![a-zà-ÿ])`;
  const list = `(?:${group}|${day})(?:(?:${RANGE}|${AND})(?:${group}|${day}))*(?:${EXCEPT}${day}(?:${AND}${day})*)?`;
  const start = '(?<![a-zà-ÿ\\d£€$])';
  return {
    single: single.map((s) => new RegExp(`^${s}$`, 'i')),
    groups: groups.map(([w, days]) => [new RegExp(`^${w}$`, 'i'), days]),
    daysThenTimes: new RegExp(`${start}(${list})${LEAD}(${TIMES}(?:${MORE_TIMES}${TIMES})?)`, 'g'),
    timesThenDays: new RegExp(
      `${start}(${TIMES})\\s*,?\\s*(?:on\\s+|am\\s+|le\\s+|los\\s+|every\\s+|de\\s+|du\\s+|we(?:’|')re open\\s+)?(${list})`,
      'g',
    ),
    closedDays: new RegExp(
      `${start}(?:${CLOSED}\\s*(?:on\\s+|all day\\s+|le\\s+|los\\s+|all\\s+)?(${list})|(${list})\\s*(?:[:,–-]|is|are|we(?:’|')re)?\\s*${CLOSED})`,
      'g',
    ),
  };
}
const grammars = new Map<Language, Grammar>();
function grammar(language: Language): Grammar {
  let made = grammars.get(language);
  if (!made) grammars.set(language, (made = grammarOf(language)));
  return made;
}

function daysOf(text: string, g: Grammar): number[] {
  const [said, ...excepted] = text.split(new RegExp(EXCEPT, 'i'));
  const days = new Set<number>();
  let last: number | null = null;
  let ranging = false;
  // Groups of several words first, so that “all week” is not read word by word.
  let rest = said!.trim();
  const take = (): number[] | null => {
    for (const [pattern, list] of g.groups) {
      const m = new RegExp(pattern.source.replace(/\$$/, '(?![A-Za-zÀ-ÿ])'), 'i').exec(rest);
      if (m) return ((rest = rest.slice(m[0].length)), list);
    }
    const m = /^[A-Za-zÀ-ÿ]+\.?/.exec(rest);
    if (!m) return null;
    const index = g.single.findIndex((p) => p.test(m[0]));
    if (index < 0) return null;
    rest = rest.slice(m[0].length);
    return [index];
  };
  while (rest) {
    const got = take();
    if (got) {
      if (ranging && last !== null && got.length === 1) for (let d = last; d !== got[0]; d = (d + 1) % 7) days.add(d);
      for (const d of got) days.add(d);
      last = got.at(-1)!;
      ranging = false;
      continue;
    }
    const range = new RegExp(`^${RANGE}`, 'i').exec(rest);
    const and = new RegExp(`^${AND}`, 'i').exec(rest);
    const joined = range && range[0].trim() ? range : and;
    if (!joined || !joined[0].length) break;
    ranging = joined === range;
    rest = rest.slice(joined[0].length);
  }
  for (const one of excepted) for (const d of daysOf(one, g)) days.delete(d);
  return [...days].sort((a, b) => a - b);
}

interface Clock {
  hour: number;
  minute: number;
  half: 'am' | 'pm' | null;
  /** True where the hour alone says which half of the day is meant. */
  sure: boolean;
}

function clock(text: string): Clock | null {
  if (/^(noon|midday|midi|mediod|mittags)/i.test(text.trim())) return { hour: 12, minute: 0, half: 'pm', sure: true };
  // “Half five” is half past five in English; “quarter to five” is a quarter before it.
  const spoken = /^(half|quarter) (past |to )?(\d{1,2})/i.exec(text.trim());
  if (spoken) {
    const to = /to/i.test(spoken[2] ?? '');
    const minute = /half/i.test(spoken[1]!) ? 30 : to ? 45 : 15;
    return { hour: Number(spoken[3]) - (to ? 1 : 0), minute, half: null, sure: false };
  }
  const m = /^(\d{1,2})(?:[.:h]\s?(\d{2}))?\s*(h\b|[ap]\.?m\b\.?|uhr|o['’]clock)?/i.exec(text.trim());
  if (!m) return null;
  const hour = Number(m[1]);
  const minute = Number(m[2] ?? 0);
  if (hour > 24 || minute > 59) return null;
  const mark = (m[3] ?? '').toLowerCase().replace(/\./g, '');
  const half = mark === 'am' || mark === 'pm' ? mark : null;
  return {
    hour,
    minute,
    half,
    sure:
      half !== null ||
      hour > 12 ||
      mark === 'uhr' ||
      mark === 'h' ||
      /^\d{1,2}h/i.test(text.trim()) ||
      /^0\d/.test(text.trim()),
  };
}

/** Two times said together, as minutes after midnight: “9 to 5” is day work, “2–5” an afternoon. */
function span(text: string): [number, number] | null {
  const m = new RegExp(`^(${TIME})${TO}(${TIME})$`, 'i').exec(text.trim());
  const [a, b] = [m && clock(m[1]!), m && clock(m[2]!)];
  if (!a || !b) return null;
  const minutes = (c: Clock, half: Clock['half']) =>
    (half === 'pm' && c.hour < 12 ? c.hour + 12 : half === 'am' && c.hour === 12 ? 0 : c.hour) * 60 + c.minute;
  let half = a.half;
  if (!half && b.half === 'pm' && !a.sure && a.hour < b.hour && b.hour !== 12) half = 'pm';
  let opens = minutes(a, half);
  let closes = minutes(b, b.half);
  if (!b.sure && closes <= opens) closes += 720;
  if (!a.sure && !b.sure && !half && opens < 360 && closes <= 720) {
    opens += 720;
    closes += 720;
  }
  return closes > opens && closes <= 1440 ? [opens, closes] : null;
}

const hhmm = (minutes: number) =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
const EVENING = /\b(?:we meet|meets?\b|rehears\w*|evenings?|choir night|club night|abends|le soir|por la tarde)\b/i;
/** Times that leave no doubt which half of the day they are in. */
const SURE = /[ap]\.?m\b|\b0\d|uhr|\d\s?h\b/i;
const NOW_AND_THEN =
  /(?:every other|every second|alternate|first|second|third|last|jeden (?:ersten|zweiten|letzten)|premier|dernier|primer|último)\s+$/i;
const OTHERWISE = new RegExp(
  `\\b(?:otherwise|other days|all other days|the rest of the week|sonst|sinon|resto de los días)[^\\d\\n.]{0,20}?(${TIMES})`,
  'gi',
);
const RULE =
  /\b(?:by (?:prior )?(?:appointment|arrangement)|bank holidays?|public holidays?|sobre pedido|con cita previa|sur rendez-vous|nach vereinbarung|nach absprache|feiertag\w*|festivos?|jours fériés|(?:closed|shut|open|geschlossen|fermé|cerrado)[^.\n;]{0,30}\b(?:christmas|easter|january|february|march|april|may|june|july|august|september|october|november|december|jan|feb|aug|sept?|oct|nov|dec|winter|summer|août|juillet|agosto|enero|januar|dezember))\b/gi;

/** Opening hours in a text, wherever they stand and however they are written, with the stretch each was read from. */
export function readHours(source: string, language: Language = 'en'): { hours: Hours; spans: Span[] } {
  const g = grammar(language);
  // In small letters, one for one: patterns that do not care for case take many times as long to make ready.
  const small = source.replace(/[A-ZÀ-Þ]/g, (c) => c.toLowerCase());
  const hours: Hours = { openings: [], closed: [], rules: [] };
  const spans: Span[] = [];
  const taken: [number, number][] = [];
  const free = (from: number, to: number) => taken.every(([a, b]) => to <= a || from >= b);
  const open = (from: number, whole: string, days: number[], times: string) => {
    if (!days.length || !free(from, from + whole.length)) return;
    // “Every other Thursday” and “the first Sunday of the month” are dates of something else.
    if (NOW_AND_THEN.test(source.slice(Math.max(0, from - 24), from))) return;
    const parts = [...times.matchAll(new RegExp(TIMES, 'gi'))].map((m) => span(m[0]));
    if (!parts.length || parts.some((p) => p === null)) return;
    // People who meet “Tuesdays 7.30 to 9” do so in the evening.
    const sentence = sentenceAt(source, from).text;
    if (!SURE.test(whole) && EVENING.test(sentence))
      for (const part of parts as [number, number][])
        if (part[0] >= 360 && part[0] < 540 && part[1] <= 660) {
          part[0] += 720;
          part[1] += 720;
        }
    for (const [opens, closes] of parts as [number, number][])
      hours.openings.push({ days, opens: hhmm(opens), closes: hhmm(closes) });
    taken.push([from, from + whole.length]);
    spans.push({ field: 'hours', from, to: from + whole.length, value: lineOf(days, parts as [number, number][]) });
  };
  for (const m of small.matchAll(g.daysThenTimes)) open(m.index, m[0], daysOf(m[1]!, g), m[2]!);
  for (const m of small.matchAll(g.timesThenDays)) open(m.index, m[0], daysOf(m[2]!, g), m[1]!);
  for (const m of small.matchAll(g.closedDays)) {
    const days = daysOf(m[1] ?? m[2]!, g);
    if (!days.length || !free(m.index, m.index + m[0].length)) continue;
    hours.closed.push(...days);
    taken.push([m.index, m.index + m[0].length]);
    spans.push({ field: 'hours', from: m.index, to: m.index + m[0].length, value: `${dayList(days)} closed` });
  }
  // “Closed Sunday and Monday, otherwise 10 to 5”: the days that are left.
  for (const m of small.matchAll(OTHERWISE)) {
    const days = [0, 1, 2, 3, 4, 5, 6].filter(
      (d) => !hours.closed.includes(d) && !hours.openings.some((o) => o.days.includes(d)),
    );
    const at = m.index + m[0].indexOf(m[1]!);
    if (hours.closed.length) open(at, m[1]!, days, m[1]!);
  }
  for (const m of source.matchAll(RULE)) {
    // The clause around the word, from the last stop to the next.
    const begin = Math.max(...['.', '\n', ';', ','].map((c) => source.lastIndexOf(c, m.index))) + 1;
    const rest = source.slice(m.index, m.index + 200);
    const clause = source.slice(begin, m.index + (/[.\n;]/.exec(rest)?.index ?? rest.length));
    const text = clause.trim().replace(/^(?:and|but)\s+/i, '');
    const from = begin + clause.indexOf(text);
    if (!text || text.length > 140 || !free(from, from + text.length)) continue;
    // A rule is kept where it speaks of being open; that work is done by arrangement says nothing of hours.
    const ofHours =
      /open|clos|hours|visit|times?\b|winters?|summers?|weekends?|evenings?|appointment|^(?:or|otherwise|by)\b|holiday|ouvert|fermé|geöffnet|geschlossen|abierto|cerrado|cita|rendez|vereinbarung/i;
    if (
      !ofHours.test(text) ||
      (!hours.openings.length &&
        !/open|clos|hours|visit|ouvert|geöffnet|abierto|cita|rendez|vereinbarung/i.test(sentenceAt(source, from).text))
    )
      continue;
    hours.rules.push(text);
    spans.push({ field: 'hours', from, to: from + text.length, value: text });
  }
  spans.sort((x, y) => x.from - y.from);
  return { hours, spans };
}

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const plainTime = (minutes: number) => `${Math.floor(minutes / 60)}.${String(minutes % 60).padStart(2, '0')}`;

/** Days in words: runs of three and more as “Monday to Friday”. */
export function dayList(days: readonly number[]): string {
  const sorted = [...new Set(days)].sort((a, b) => a - b);
  if (sorted.length === 7) return 'Every day';
  const runs: number[][] = [];
  for (const d of sorted) {
    const run = runs.at(-1);
    if (run && run.at(-1) === d - 1) run.push(d);
    else runs.push([d]);
  }
  const words = runs.flatMap((r) =>
    r.length > 2 ? [`${DAYS[r[0]!]!} to ${DAYS[r.at(-1)!]!}`] : r.map((d) => DAYS[d]!),
  );
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)!}`;
}
const lineOf = (days: readonly number[], parts: [number, number][]) =>
  `${dayList(days)} ${parts.map(([a, b]) => `${plainTime(a)}–${plainTime(b)}`).join(' and ')}`;

/** The sheet’s own way to write opening hours: a line a rule, days of the same times together. */
export function hoursLines({ openings, closed, rules }: Hours): string {
  const byDay = new Map<number, (Opening & { said: string })[]>();
  for (const o of openings)
    for (const d of o.days) {
      const minutes = (s: string) => Number(s.slice(0, 2)) * 60 + Number(s.slice(3));
      const said = `${plainTime(minutes(o.opens))}–${plainTime(minutes(o.closes))}`;
      const before = byDay.get(d) ?? [];
      // Of two times that cannot both be right the first stands; that they differ is said elsewhere.
      if (before.some((b) => b.opens < o.closes && o.opens < b.closes)) continue;
      byDay.set(d, [...before, { ...o, said }]);
    }
  const lines: { days: number[]; said: string }[] = [];
  for (const d of [...byDay.keys()].sort((a, b) => a - b)) {
    const said = byDay
      .get(d)!
      .map((o) => o.said)
      .join(' and ');
    const same = lines.find((l) => l.said === said);
    if (same) same.days.push(d);
    else lines.push({ days: [d], said });
  }
  const shut = [...new Set(closed)].filter((d) => !byDay.has(d));
  return [
    ...lines.map((l) => `${dayList(l.days)} ${l.said}`),
    ...(shut.length ? [`${dayList(shut)} closed`] : []),
    ...new Set(rules),
  ].join('\n');
}

/** Days that were given times that cannot both be right. */
export function hoursConflicts(openings: readonly Opening[]): { day: number; times: string[] }[] {
  const out: { day: number; times: string[] }[] = [];
  for (let day = 0; day < 7; day++) {
    const on = openings.filter((o) => o.days.includes(day));
    const clash = on.some((a) =>
      on.some(
        (b) => a !== b && a.opens < b.closes && b.opens < a.closes && (a.opens !== b.opens || a.closes !== b.closes),
      ),
    );
    if (clash) out.push({ day, times: [...new Set(on.map((o) => `${o.opens}–${o.closes}`))] });
  }
  return out;
}
