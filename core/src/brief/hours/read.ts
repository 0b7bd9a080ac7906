import type { Language } from '../reading/span.js';
import { Draft } from './draft.js';
import { Grammar } from './grammar.js';
import type { ReadHours, Season } from './hours.js';
import { PARTS_OF_A_BUSINESS } from './lexicon.js';
import { tokensOf, type Token } from './tokens.js';

/** Opening hours in a text, wherever they stand and however they are written, with the stretch each was read from. */
export function readHours(source: string, language: Language = 'en'): ReadHours {
  // In small letters, one for one: patterns that do not care for case take many times as long to make ready.
  const small = source.replace(/[A-ZÀ-Þ]/g, (c) => c.toLowerCase());
  const reader = new Reader(source, small, language);
  for (const [from, to] of paragraphs(small)) reader.paragraph(from, to);
  return reader.draft.finish();
}

const TELLS_OF_DAYS =
  /(?<![a-zß-ÿ])(?:mon|tue|wed|thu|fri|sat|sun|mo|di|mi|do|fr|sa|so|lun|mar|mer|jeu|ven|sam|dim|mi[eé]|jue|vie|s[aá]b|dom|daily|every ?day|week|t[aä]glich|jeden tag|alle tage|werktags|wochentags|tous les jours|chaque jour|diario|todos los d|laborables|entre semana|en semaine|seven days|7 days|all week|closed|shut|geschlossen|fermé|cerrad|[mlx]\s?[-–]\s?[fvsjd])/;
/** Stretches between empty lines in which days are named. */
function* paragraphs(small: string): Generator<[number, number]> {
  let from = 0;
  for (const m of small.matchAll(/\n[ \t]*\n|$/g)) {
    if (TELLS_OF_DAYS.test(small.slice(from, m.index))) yield [from, m.index];
    from = m.index + m[0].length;
  }
}

class Reader {
  readonly draft: Draft;
  private grammar = new Grammar([]);
  private tokens: readonly Token[] = [];

  constructor(
    private readonly source: string,
    private readonly small: string,
    private readonly language: Language,
  ) {
    this.draft = new Draft(source, small);
  }

  paragraph(from: number, to: number): void {
    this.tokens = tokensOf(this.small, this.source, this.language, from, to);
    this.grammar = new Grammar(this.tokens);
    let heading: Season | null = null;
    let headingOf = '';
    let season: Season | null = null;
    let of = '';
    let clause = 0;
    let sentence = this.draft.entries.length;
    let shut = false;
    for (let i = 0; i < this.tokens.length;) {
      const t = this.tokens[i]!;
      if (t.kind === 'line' || t.kind === 'stop') {
        // A line that only names a time of the year or a part of the house speaks of the lines under it.
        const alone = this.draft.entries.length === sentence && t.kind === 'line';
        if (alone && season && i - clause <= 8) heading = season;
        if (alone && i - clause <= 5) {
          const named = this.partIn(clause, i);
          if (named) {
            headingOf = named;
            heading = season;
          }
        }
        season = null;
        of = '';
        shut = false;
        clause = ++i;
        sentence = this.draft.entries.length;
        continue;
      }
      if (t.kind === 'comma' && t.means === ';') {
        of = '';
        season = null;
        shut = false;
        clause = ++i;
        continue;
      }
      const span = this.grammar.seasonAt(i);
      if (span) {
        const last = this.draft.entries.at(-1);
        const behind = last && this.draft.entries.length > sentence && this.grammar.nothingBetween(last.to, t.from);
        const next = this.tokens[this.grammar.skip(span.next, false)];
        const until = this.grammar.untilAt(this.grammar.skip(span.next, true)) !== null;
        const leads = until || (next && ['colon', 'day', 'time', 'closed'].includes(next.kind));
        if (shut && behindClosed(this.tokens, i)) {
          // “Closed in August” is a rule of its own, kept in its words.
        } else if (!span.season) {
          i = this.grammar.untilAt(span.next)?.next ?? this.grammar.pastTimes(span.next);
          continue;
        } else if (behind && !leads) {
          for (let k = this.draft.entries.length - 1; k >= sentence; k--) {
            const e = this.draft.entries[k]!;
            if (e.season || e.from < this.grammar.clauseStart(last.from)) break;
            e.season = span.season;
          }
        } else season = span.season;
        i = span.next;
        continue;
      }
      if (t.kind === 'ordinal') {
        i = this.grammar.skipOccasion(i);
        continue;
      }
      if (t.kind === 'closed' || t.kind === 'no') {
        shut = t.kind === 'closed';
        const next = this.closedAt(i, season ?? heading);
        if (next) {
          i = next;
          continue;
        }
        i++;
        continue;
      }
      // “Half day Wednesday”
      if (t.kind === 'part' && this.tokens[i + 1]?.kind === 'day' && /half|early/.test(t.text)) {
        const list = this.grammar.listAt(i + 1)!;
        this.draft.half(list.days, t.means!, t.from, list.to);
        i++;
        continue;
      }
      if (t.kind === 'day') {
        of = this.partIn(clause, i) || of;
        const next = this.daysAt(i, { of: of || headingOf, season: season ?? heading });
        i = next;
        continue;
      }
      if (t.kind === 'time') {
        const next = this.timesFirst(i, { of: this.partIn(clause, i) || of || headingOf, season: season ?? heading });
        i = next ?? i + 1;
        continue;
      }
      const until = this.grammar.untilAt(i);
      if (until && season) {
        this.draft.changeAll(until.clock, season);
        i = until.next;
        continue;
      }
      if (t.kind === 'else') {
        const times = this.grammar.timesAt(this.grammar.skip(i + 1, true), '');
        // Where days stand behind the times, these are the days.
        if (times && !this.grammar.listAt(this.grammar.skip(times.next, false))) {
          const [part, when] = [of || headingOf, season ?? heading];
          this.draft.rest(times.parts, part, when, t.from, times.to);
          i = times.next;
          continue;
        }
      }
      i++;
    }
  }

  /** The part of the house that the words before some days name. */

  /** The part of the house that the words before some days name. */
  private partIn(first: number, end: number): string {
    const from = this.tokens[first]?.from;
    const to = this.tokens[end]?.from ?? this.tokens.at(-1)?.to;
    if (from === undefined || to === undefined || to <= from) return '';
    const last = this.draft.entries.at(-1);
    const begin = last && last.to > from && last.to < to ? last.to : from;
    const words = this.source.slice(begin, to);
    const found = [...words.matchAll(new RegExp(PARTS_OF_A_BUSINESS, 'giu'))].at(-1)?.[0] ?? '';
    return found.charAt(0).toUpperCase() + found.slice(1).toLowerCase();
  }

  /** What is said of days: their times, until when, which half, or that they are closed. Gives the next token. */
  private daysAt(i: number, { of, season }: { of: string; season: Season | null }): number {
    const list = this.grammar.listAt(i)!;
    const from = this.tokens[i]!.from;
    let n = list.next;
    // “Saturday 12 April” is one day, and what is on then is no opening.
    if (this.tokens[n]?.kind === 'date' && this.tokens[n]!.date!.day !== null && !this.grammar.seasonAt(n))
      return this.grammar.pastTimes(n + 1);
    const spoken = this.grammar.seasonAt(n);
    if (spoken) {
      season = spoken.season;
      n = spoken.next;
    }
    let part = '';
    if (this.tokens[n]?.means === '-' && this.tokens[n + 1]?.kind === 'part') n++;
    if (this.tokens[n]?.kind === 'part') part = this.tokens[n++]!.means!;
    n = this.grammar.skipPlace(n);
    if (this.tokens[n]?.kind === 'part') {
      part = this.tokens[n]!.means!;
      n = this.grammar.skip(n + 1, true);
    }
    const later = this.grammar.seasonAt(n);
    if (later && this.grammar.timesAt(this.grammar.skip(later.next, true), part)) {
      season = later.season;
      n = this.grammar.skip(later.next, true);
    }
    const times = this.grammar.timesAt(n, part);
    if (times) {
      // Behind the times may stand other days of their own: then these are theirs.
      this.draft.add(list.days, times.parts, of, season, from, times.to);
      return times.next;
    }
    const until = this.grammar.untilAt(n);
    if (until) {
      this.draft.closeAt(list.days, until.clock, of, season, from, until.to);
      return until.next;
    }
    // “Sunday opens at noon”: as it was said of that day before, but for the beginning.
    const shuts = this.tokens[n]?.kind === 'closed' ? this.tokens[this.grammar.skip(n + 1, false)] : null;
    if (shuts?.kind === 'time' && !this.grammar.timesAt(this.grammar.skip(n + 1, false), '')) {
      this.draft.closeAt(list.days, shuts.clock!, of, season, from, shuts.to);
      return this.grammar.skip(n + 1, false) + 1;
    }
    const opens = this.tokens.slice(list.next, n).some((x) => /^(?:open|öffne|ouvr|abr)/.test(x.text));
    if (this.tokens[n]?.kind === 'time' && opens) this.draft.openAt(list.days, this.tokens[n]!.clock!, of);
    if (this.tokens[n]?.kind === 'closed' && part) {
      this.draft.half(list.days, part === 'morning' ? 'afternoon' : 'morning', from, this.tokens[n]!.to);
      return n + 1;
    }
    if (this.tokens[n]?.kind === 'closed') {
      this.draft.closings.push({ days: list.days, season, from, to: this.tokens[n]!.to });
      return n + 1;
    }
    if (part) {
      this.draft.half(list.days, part, from, this.tokens[Math.max(i, n - 1)]!.to);
      return n;
    }
    return list.next;
  }

  /** Times said before their days: “9 to 5 Monday to Friday”. */
  private timesFirst(i: number, { of, season }: { of: string; season: Season | null }): number | null {
    const times = this.grammar.timesAt(i, '');
    if (!times) return null;
    let n = this.grammar.skip(times.next, false);
    if (this.tokens[n]?.kind === 'comma' && this.tokens[n]!.means !== ';') n = this.grammar.skip(n + 1, false);
    // “8 to 6 except Sundays”: all days but those.
    const but = this.tokens[n]?.kind === 'except' ? this.grammar.listAt(this.grammar.skip(n + 1, false)) : null;
    if (but && this.saysOpen(i)) {
      const rest = [0, 1, 2, 3, 4, 5, 6].filter((d) => !but.days.includes(d));
      this.draft.add(rest, times.parts, of, season, this.tokens[i]!.from, but.to);
      return but.next;
    }
    const whole = this.grammar.listAt(n);
    if (!whole || this.tokens[n - 1]?.kind === 'ordinal') return times.next;
    // Days with times of their own do not have these: “9–5 Mon–Fri, Sat 10–12”.
    const own = ({ next }: { next: number }) => {
      const after = this.grammar.skipPlace(next);
      const theirs = this.grammar.timesAt(after, '');
      // “8am–5pm Mon–Fri, 8–12 Sat”: times with days right behind them are of those days.
      if (theirs && after > next && this.grammar.listAt(this.grammar.skip(theirs.next, false))) return false;
      return theirs || this.grammar.untilAt(after) || this.tokens[after]?.kind === 'closed';
    };
    const list = own(whole) ? this.grammar.listAt(n, true) : whole;
    if (!list || (list.next === whole.next && own(whole))) return times.next;
    this.draft.add(list.days, times.parts, of, season, this.tokens[i]!.from, list.to);
    return list.next;
  }

  /** True where the sentence up to a token says that somebody is open, or says nothing at all. */
  private saysOpen(i: number): boolean {
    let n = i - 1;
    while (n >= 0 && !['line', 'stop'].includes(this.tokens[n]!.kind)) n--;
    const before = this.tokens.slice(n + 1, i);
    return (
      before.every((t) => t.kind !== 'word') || before.some((t) => /^(?:open|offen|geöffn|ouv|abi?er|abr)/.test(t.text))
    );
  }

  /** What “closed” is said of. Gives the next token, or null where it is said of nothing here. */
  private closedAt(i: number, season: Season | null): number | null {
    const t = this.tokens[i]!;
    let n = i + 1;
    while (['fill', 'word'].includes(this.tokens[n]?.kind ?? '') && n - i < 3 && this.tokens[n]!.text.length < 6) n++;
    const list = this.grammar.listAt(n);
    if (list) {
      const part = this.tokens[list.next]?.kind === 'part' ? this.tokens[list.next]! : null;
      const after = this.grammar.seasonAt(part ? list.next + 1 : list.next);
      // “No Saturdays” says nothing by itself; “no Saturdays in winter” does, and so does “9–5.30, not Sundays”.
      const times = this.tokens.slice(Math.max(0, i - 3), i).some((x) => x.kind === 'time');
      if (t.kind === 'no' && !after && !part && !times) return null;
      if (this.grammar.timesAt(this.grammar.skipPlace(list.next), '')) return t.kind === 'no' ? null : n;
      if (part) {
        this.draft.half(list.days, part.means === 'morning' ? 'afternoon' : 'morning', t.from, part.to);
        return list.next + 1;
      }
      // “Shuts Friday 3 in winter”: until then.
      const end = this.grammar.skip(list.next, false);
      const time = this.tokens[end];
      if (time?.kind === 'time' && t.kind === 'closed') {
        const spoken = this.grammar.seasonAt(this.grammar.skip(end + 1, false));
        this.draft.closeAt(list.days, time.clock!, '', spoken?.season ?? season, t.from, time.to);
        return spoken?.next ?? end + 1;
      }
      this.draft.closings.push({ days: list.days, season: after?.season ?? season, from: t.from, to: list.to });
      return after?.next ?? list.next;
    }
    if (t.kind === 'no') return null;
    const times = this.grammar.timesAt(this.grammar.skip(n, false), '');
    if (times?.parts.length === 1 && times.parts[0]![1] - times.parts[0]![0] <= 180) {
      this.draft.lunches.push(times.parts[0]!);
      return times.next;
    }
    return null;
  }
}

const behindClosed = (tokens: readonly Token[], i: number): boolean => {
  let n = i - 1;
  while (['fill', 'from', 'comma'].includes(tokens[n]?.kind ?? '')) n--;
  return tokens[n]?.kind === 'closed';
};
