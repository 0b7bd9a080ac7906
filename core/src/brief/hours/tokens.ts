import type { Language } from '../reading/span.js';
import { FEASTS, HOURS_WORDS, MONTHS, type Entry, type WordKind } from './lexicon.js';

/** A time as it was said: which half of the day is meant may be open. */
export interface Clock {
  hour: number;
  minute: number;
  half: 'am' | 'pm' | null;
  /** True where what was said leaves no doubt which half of the day is meant. */
  sure: boolean;
  /** True for a bare number, which is a time only beside another one. */
  bare: boolean;
}

/** The verb, which no capital and no other end tells from the month. */
const MAY = /^may\s+(?!to\b|till\b|until\b|and\b|or\b|through\b)[a-z]/;
/** Where in a month something begins or ends that names no day. */
export type Edge = 'start' | 'middle' | 'end';

/** A day of any year, with no day a whole month or an edge of it, with no month a feast whose date moves. */
export interface YearPoint {
  edge: Edge | null;
  month: number | null;
  day: number | null;
  said: string;
}

export type TokenKind = WordKind | 'time' | 'date' | 'comma' | 'colon' | 'stop' | 'line' | 'bracket' | 'word';

/** A word or mark of a text about hours, with its offsets. */
export interface Token {
  kind: TokenKind;
  from: number;
  to: number;
  text: string;
  days?: readonly number[];
  means?: string;
  clock?: Clock;
  date?: YearPoint;
}

interface Compiled extends Omit<Entry, 'pattern'> {
  pattern: RegExp;
}
const compiled = new Map<Language, Compiled[]>();
/** The entries of a language and, behind them, those of English, which people mix in everywhere. */
function entriesOf(language: Language): Compiled[] {
  let made = compiled.get(language);
  if (!made) {
    const all = language === 'en' ? HOURS_WORDS.en : [...HOURS_WORDS[language], ...HOURS_WORDS.en];
    made = all.map((e) => ({ ...e, pattern: new RegExp(`(?:${e.pattern})(?![a-zß-ÿ0-9])\\.?`, 'y') }));
    compiled.set(language, made);
  }
  return made;
}

const MONTH = `(?:${MONTHS.join('|')})(?![a-zß-ÿ])\\.?`;
const MONTH_OF = MONTHS.map((m) => new RegExp(`^(?:${m})$`));
const EDGES: [edge: Edge, words: string][] = [
  ['start', '(?:the )?(?:beginning|start)(?: of)? |early |anfang |début |principios de '],
  ['middle', '(?:the )?middle of |mid[- ]|mitte |mi-|mediados de '],
  ['end', '(?:the )?end(?: of)? |late |ende |fin |finales de '],
];
const EDGE = `(?:${EDGES.map(([, words]) => words).join('|')})?`;
const DAY_MONTH = new RegExp(`(\\d{1,2})(?:st|nd|rd|th|er|º|\\.)?\\s+(?:of\\s+|de\\s+)?(${MONTH})`, 'y');
const MONTH_DAY = new RegExp(`(${MONTH})\\s+(\\d{1,2})(?:st|nd|rd|th)?(?![\\d:.h]|\\s?(?:[ap]\\.?m|to|-|–|uhr))`, 'y');
const MONTH_ONLY = new RegExp(`(${EDGE})(${MONTH})`, 'y');
const edgeOf = (said: string): Edge | null =>
  said === '' ? null : (EDGES.find(([, words]) => new RegExp(`^(?:${words})$`).test(said))?.[0] ?? null);
const DATE_FIGURES = /(\d{1,2})\.\s?(\d{1,2})\.(?:\s?\d{2,4})?(?!\d)/y;
const FEAST = new RegExp(`${FEASTS}(?![a-zß-ÿ])`, 'y');
const SPOKEN = /(half|quarter)(?: (past|to))? (\d{1,2})(?![\d:.])|(halb|viertel (?:nach|vor)) (\d{1,2})(?![\d:.])/y;
const NOON = /(?:12 )?(?:noon|midday|midi|mediod[ií]a|mittag)(?![a-zß-ÿ])|midnight|mitternacht|minuit|medianoche/y;
const FIGURES =
  /(\d{1,2})(?:\s?([:.h])\s?(\d{2})(?!\s?h(?![a-z])))?(?!\d|[:/%]\d?|\.\d|,\d)(\s*(?:heures?|horas|hs?(?![a-zß-ÿ])|[ap]\.?\s?m(?![a-zß-ÿ])\.?|uhr|o['’]clock))?/y;
/** “0700 to 1800”: four figures in a row are a time where the first of two begins with a nought. */
const FOUR = /([01]\d|2[0-4])([0-5]\d)(?: ?(?:hrs?|hours))?(?![\d.,:a-z])/y;
const FOUR_FIRST = /0\d[0-5]\d ?(?:hrs?|hours)? ?(?:-|–|to|until|till|bis|à|a) ?(?:[01]\d|2[0-4])[0-5]\d(?!\d)/y;
const PAIR =
  /(m)(?=[-–](?:th|f|s))|(th|f)(?=\s|[:,.;)]|$)|([lmxjvsd])(?=\s?(?:-|–|a)\s?[lmxjvsd](?![a-zß-ÿ]))|(?<=[-–]\s?|\sa\s)([lmxjvsd])(?![a-zß-ÿ])|([sd])(?=:?\s\d{1,2}[:.h]\d{2})/y;
const COUNTED_DAYS =
  /7 days|7 ?jours? ?(?:sur|\/) ?7|7j\/7|[1-5](?:st|nd|rd|th|ers?) [a-z]|[1-5]\. (?:mo|di|mi|do|fr|sa|so)/y;
const LETTERS: Record<string, number> = { l: 0, m: 1, x: 2, j: 3, v: 4, s: 5, d: 6 };
/** What a number is of, where it is no time. */
const UNITS =
  /\s?(?:%|km|miles?|mm|cm|kg|g\b|people|persons?|years?|yrs|months?|minutes?|mins?|days?|weeks?|times|pupils|children|pieces|st(?:ü|u)ck|personen|jahre|tage|wochen|minuten|kilom|personnes|ans|jours|semaines|personas|años|días|semanas|€|euros?|£|pounds?|p\b)/y;

/** A text in small letters as words and marks. What means nothing for hours is a word. */
export function tokensOf(small: string, source: string, language: Language, from: number, to: number): Token[] {
  const entries = entriesOf(language);
  const out: Token[] = [];
  let at = from;
  const hit = (pattern: RegExp): RegExpExecArray | null => {
    pattern.lastIndex = at;
    const m = pattern.exec(small);
    return m && m.index + m[0].length <= to ? m : null;
  };
  const push = (kind: TokenKind, length: number, more: Partial<Token> = {}) => {
    out.push({ kind, from: at, to: at + length, text: small.slice(at, at + length), ...more });
    at += length;
  };
  const bounded = () => at === 0 || !/[a-zß-ÿ\d]/.test(small[at - 1]!);
  while (at < to) {
    const c = small[at]!;
    if (c === '\n') push('line', 1);
    else if (/\s|[*_#"“”]/.test(c)) at++;
    else if (c === ';') push('comma', 1, { means: ';' });
    else if (/[.!?]/.test(c) && /^\s?$/.test(small.slice(at + 1, at + 2))) push('stop', 1);
    else if (/[-–—]/.test(c)) push('range', 1, { means: '-' });
    else if (c === ',' || c === '/' || c === '&' || c === '+' || c === '|')
      push(c === ',' ? 'comma' : c === '|' ? 'colon' : 'and', 1);
    else if (c === ':') push('colon', 1);
    else if (c === '(' || c === ')') push('bracket', 1);
    else if (/[£€$]/.test(c)) push('word', /^[£€$]\s?[\d.,]*/.exec(small.slice(at, at + 14))![0].length);
    else if (/^[dl][’']/.test(small.slice(at, at + 2)) && bounded()) push('fill', 2);
    else if (bounded()) word();
    else at++;
  }
  return out;

  function word(): void {
    const date = dateAt();
    if (date) return push('date', date.length, { date: date.point });
    const spoken = hit(SPOKEN);
    if (spoken) return push('time', spoken[0].length, { clock: spokenClock(spoken) });
    const noon = hit(NOON);
    if (noon) {
      const late = /night|nacht|minuit|medianoche/.test(noon[0]);
      return push('time', noon[0].length, {
        clock: { hour: late ? 24 : 12, minute: 0, half: null, sure: true, bare: false },
      });
    }
    if (/\d/.test(small[at]!) && (!hit(COUNTED_DAYS) || (small[at + 1] === '.' && language !== 'de'))) return figures();
    const pair = language === 'es' || /[mf]/.test(small[at]!) || /th/.test(small.slice(at, at + 2)) ? hit(PAIR) : null;
    if (pair && /[A-Z]/.test(source[at]!)) {
      const spanish = (pair[3] ?? pair[4] ?? pair[5]) && language === 'es';
      const english = pair[1] ?? (pair[2] && out.at(-1)?.kind === 'range' ? pair[2] : undefined);
      if (spanish) return push('day', 1, { days: [LETTERS[pair[0]]!] });
      if (english && language !== 'es')
        return push('day', pair[0].length, { days: [english === 'm' ? 0 : english === 'th' ? 3 : 4] });
    }
    for (const e of entries) {
      const m = hit(e.pattern);
      if (!m || (e.capital && !/[A-Z]/.test(source[at]!) && !amongDays(m[0].length))) continue;
      // A full stop behind a short form belongs to it; behind a whole word it ends the sentence.
      const short = m[0].length < 3 || (e.kind === 'day' && m[0].length < 6);
      const length = m[0].endsWith('.') && !short ? m[0].length - 1 : m[0].length;
      // „Mittwochnachmittag“ is a day and a part of it.
      if (e.kind === 'part' && e.days) {
        const day = /^\w+?tag|^mittwoch/.exec(m[0])![0].length;
        const rest = length - day;
        push('day', day, { days: e.days });
        return push('part', rest, { means: e.means! });
      }
      return push(e.kind, length, { ...(e.days && { days: e.days }), ...(e.means && { means: e.means }) });
    }
    const letters = /^[a-zß-ÿœ’'.@\d]+/.exec(small.slice(at, at + 60))?.[0].replace(/[.’']+$/, '') ?? '';
    push('word', Math.max(1, letters.length));
  }

  /** Short forms in small letters count where days or times stand right beside them: “di-fr 11-19”. */
  function amongDays(length: number): boolean {
    const behind = small.slice(at + length, at + length + 8);
    const before = small.slice(Math.max(0, at - 5), at);
    return (
      /^\.?\s*(?:[-–/&+,]\s*(?:mo|di|mi|do|fr|sa|so)(?![a-zß-ÿ])|:?\s*\d|:? zu(?![a-zß-ÿ]))/.test(behind) ||
      /(?:^|[^a-zß-ÿ])(?:mo|di|mi|do|fr|sa)\.?\s?[-–/]\s?$/.test(before)
    );
  }

  function figures(): void {
    const closes = out.at(-1)?.kind === 'range' && /^\d{4}/.test(out.at(-2)?.text ?? '');
    const four = hit(FOUR_FIRST) || closes ? hit(FOUR) : null;
    if (four)
      return push('time', four[0].length, {
        clock: { hour: Number(four[1]), minute: Number(four[2]), half: null, sure: true, bare: false },
      });
    const m = hit(FIGURES);
    const long = /^\d[\d.,]*/.exec(small.slice(at, at + 20))![0];
    UNITS.lastIndex = at + (m?.[0].length ?? 0);
    const measured = m && !m[2] && !m[4] && UNITS.test(small);
    const [hour, minute] = [Number(m?.[1]), Number(m?.[3] ?? 0)];
    if (!m || measured || hour > 24 || minute > 59) return push('word', Math.max(long.replace(/[.,]$/, '').length, 1));
    const mark = (m[4] ?? '').replace(/[.\s]/g, '');
    const half = mark === 'am' || mark === 'pm' ? mark : null;
    push('time', m[0].length, {
      clock: {
        hour,
        minute,
        half,
        sure:
          half !== null || hour > 12 || /^(?:uhr|h|hs|heures?|horas)$/.test(mark) || m[2] === 'h' || /^0/.test(m[1]!),
        bare: !m[2] && !mark,
      },
    });
  }

  function dateAt(): { length: number; point: YearPoint } | null {
    const monthOf = (said: string) => MONTH_OF.findIndex((p) => p.test(said.replace(/\.$/, ''))) + 1;
    const point = (m: RegExpExecArray, month: number, day: number | null, edge: Edge | null = null) => ({
      // A full stop behind a whole name of a month ends the sentence.
      length: m[0].length - (/[a-zß-ÿ]{5,}\.$/.test(m[0]) ? 1 : 0),
      point: { month, day, edge, said: source.slice(at, at + m[0].length).replace(/[.,]$/, '') },
    });
    const before = hit(DAY_MONTH);
    const german = language === 'de' || !/^\D*\d+\./.test(before?.[0] ?? '');
    // “Saturday 9 to 12 April to October”: twelve is when it closes.
    const [day, time, join] = out.slice(-3).map((t) => t.kind);
    const closes = join === 'range' && time === 'time' && (day === 'day' || day === 'part');
    if (before && german && !closes && Number(before[1]) <= 31)
      return point(before, monthOf(before[2]!), Number(before[1]));
    const after = hit(MONTH_DAY);
    if (after && Number(after[2]) <= 31 && !isDay()) return point(after, monthOf(after[1]!), Number(after[2]));
    const feast = hit(FEAST);
    if (feast)
      return {
        length: feast[0].length,
        point: { month: null, day: null, edge: null, said: source.slice(at, at + feast[0].length) },
      };
    const figures = hit(DATE_FIGURES);
    // “Till 17.00.” ends a sentence; „bis 17.10.“ is a date where months are written so.
    if (figures && language === 'de' && Number(figures[1]) <= 31 && Number(figures[2]) >= 1 && Number(figures[2]) <= 12)
      return point(figures, Number(figures[2]), Number(figures[1]));
    const only = hit(MONTH_ONLY);
    // “They may ring every day”: a month has a capital or stands between two ends.
    if (language === 'en' && MAY.test(source.slice(at, at + 12))) return null;
    return only && !isDay() ? point(only, monthOf(only[2]!), null, edgeOf(only[1]!)) : null;
  }

  /** “mar” and “dom” are days in some languages and months in others: where a day is meant, it is one. */
  function isDay(): boolean {
    return /^(?:mar|may|mars)(?![a-z])/.test(small.slice(at, at + 5)) && (language === 'fr' || language === 'es')
      ? /^mar(?![a-z])/.test(small.slice(at, at + 4))
      : false;
  }
}

function spokenClock(m: RegExpExecArray): Clock {
  const hour = Number(m[3] ?? m[5]);
  // “Half five” is half past five in English; „halb fünf“ is half past four in German.
  const [to, quarter, half] = [/to|vor/.test(m[2] ?? m[4] ?? ''), /quarter|viertel/.test(m[0]), /halb/.test(m[0])];
  return {
    hour: hour - (to || half ? 1 : 0),
    minute: quarter ? (to ? 45 : 15) : 30,
    half: null,
    sure: false,
    bare: false,
  };
}
