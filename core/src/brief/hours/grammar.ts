import type { Season, SeasonName } from './hours.js';
import type { Clock, Token } from './tokens.js';

/** Two times said together, as minutes after midnight: “9 to 5” is day work, “2–5” an afternoon. */
function pairOf(a: Clock, b: Clock, part: string): [number, number] | null {
  const minutes = (c: Clock, half: Clock['half']) =>
    (half === 'pm' && c.hour < 12 ? c.hour + 12 : half === 'am' && c.hour === 12 ? 0 : c.hour) * 60 + c.minute;
  let half = a.half;
  if (!half && b.half === 'pm' && !a.sure && a.hour < b.hour && b.hour !== 12) half = 'pm';
  if (!half && !a.sure && (part === 'afternoon' || part === 'evening') && a.hour < 12) half = 'pm';
  const opens = minutes(a, half);
  let closes = minutes(b, b.half);
  if (!b.sure && closes <= opens) closes += 720;
  const day = !a.sure && !b.sure && !half && opens < 360 && closes <= 720;
  const late = day ? 720 : 0;
  return closes > opens && closes + late <= 1440 ? [opens + late, closes + late] : null;
}

/** Lists of days, runs of times and times of the year, as they begin at a word of a text. */
export class Grammar {
  constructor(readonly tokens: readonly Token[]) {}

  /** Where the clause around an offset begins. */
  clauseStart(at: number): number {
    const before = this.tokens.filter(
      (t) => t.from < at && (t.kind === 'comma' || t.kind === 'stop' || t.kind === 'line'),
    );
    return before.at(-1)?.to ?? 0;
  }

  /** The next token that is no filling, from one on. `freely` passes over commas, colons and brackets too. */
  skip(i: number, freely: boolean): number {
    let n = i;
    for (let steps = 0; steps < 8; steps++) {
      const kind = this.tokens[n]?.kind;
      if (kind === 'fill' || kind === 'from' || kind === 'between' || kind === 'only') n++;
      else if (freely && (kind === 'comma' || kind === 'colon' || kind === 'bracket')) n++;
      else if (freely && kind === 'range' && this.tokens[n]!.means === '-' && steps < 2) n++;
      else break;
    }
    return n;
  }

  /** As `skip`, and over a place of up to three words: “at the yard”, “in Ludden”. */
  skipPlace(i: number): number {
    const n = this.skip(i, true);
    let words = 0;
    while (this.tokens[n + words]?.kind === 'word' && words < 3) words++;
    if (!words || !/^(?:at|in|en|à|im|am|on)$/.test(this.tokens[n - 1]?.text ?? '')) return n;
    return this.skip(n + words, true);
  }

  /** True where between two offsets stands nothing that means anything. */
  nothingBetween(from: number, to: number): boolean {
    return this.tokens.every(
      (t) =>
        t.to <= from ||
        t.from >= to ||
        t.text === 'but' ||
        ['fill', 'from', 'comma', 'bracket', 'only', 'and'].includes(t.kind),
    );
  }

  /** A time of the year that begins at a token. */
  seasonAt(i: number): { season: Season | null; next: number } | null {
    let n = i;
    while (['from', 'between', 'fill'].includes(this.tokens[n]?.kind ?? '') && n - i < 2) n++;
    const a = this.tokens[n];
    if (a?.kind === 'season') return { season: { from: null, to: null, name: a.means as SeasonName }, next: n + 1 };
    if (a?.kind !== 'date') return null;
    let m = n + 1;
    while (['fill', 'range', 'until', 'and', 'from'].includes(this.tokens[m]?.kind ?? '') && m - n < 4) m++;
    const b = this.tokens[m];
    const joins = this.tokens.slice(n + 1, m);
    const between = this.tokens.slice(i, n).some((x) => x.kind === 'between');
    const ranged = joins.some((x) => x.kind === 'range' || x.kind === 'until' || (between && x.kind === 'and'));
    const to = ranged && b?.kind === 'date' ? b : null;
    // A single day is a date of something; a month by itself is a time of the year.
    if (!to && (a.date!.day !== null || a.date!.month === null)) return null;
    // Two months apart (“July and September”) are no one time of the year.
    const apart = !to && b?.kind === 'date' && joins.length > 0 && joins.every((x) => x.kind === 'and');
    if (apart) return { season: null, next: m + 1 };
    return { season: { from: a.date!, to: to?.date ?? null, name: null }, next: (to ? m : n) + 1 };
  }

  /** Days that begin at a token: a list, a run, with some taken out. */
  listAt(i: number, toComma = false): { days: number[]; next: number; to: number } | null {
    if (this.tokens[i]?.kind !== 'day') return null;
    const days = new Set<number>(this.tokens[i]!.days);
    let last = this.tokens[i]!.days!.at(-1)!;
    let n = i + 1;
    let to = this.tokens[i]!.to;
    let ranged = false;
    for (;;) {
      let m = n;
      let joined: 'range' | 'and' | null = null;
      const kind = this.tokens[m]?.kind;
      if (kind === 'range') {
        joined = 'range';
        m++;
      } else if (kind === 'comma' && this.tokens[m]!.means !== ';' && !toComma) {
        joined = 'and';
        m++;
        if (this.tokens[m]?.kind === 'and') m++;
      } else if (kind === 'and') {
        joined = 'and';
        m++;
      } else if (kind === 'except') {
        m++;
        while (this.tokens[m]?.kind === 'fill') m++;
        const out = this.listAt(m);
        if (out) {
          for (const d of out.days) days.delete(d);
          n = out.next;
          to = out.to;
        }
        break;
      }
      while (this.tokens[m]?.kind === 'fill' && joined) m++;
      const day = this.tokens[m];
      // “Mon Wed Fri”: days in a row are a list.
      const short = (k: number) => (this.tokens[k]?.text.length ?? 9) < 5;
      const row = joined !== null || (day?.kind === 'day' && short(m) && short(n - 1) && !ranged);
      if (day?.kind !== 'day' || !row) break;
      // “Tuesday to Friday, Saturday mornings by appointment”: what has a half of its own is no part of the list.
      if (kind === 'comma' && this.tokens[m + 1]?.kind === 'part') break;
      ranged ||= joined === 'range';
      const range = joined === 'range' && day.days!.length === 1;
      if (range) for (let d = last; d !== day.days![0]; d = (d + 1) % 7) days.add(d);
      for (const d of day.days!) days.add(d);
      last = day.days!.at(-1)!;
      n = m + 1;
      to = day.to;
    }
    return { days: [...days].sort((a, b) => a - b), next: n, to };
  }

  /** “Until 3” at a word, with the time. */
  untilAt(i: number): { clock: Clock; next: number; to: number } | null {
    const t = this.tokens[i];
    const untilLike =
      t?.kind === 'until' || (t?.kind === 'range' && /^(?:till?|until|bis|hasta|jusqu|à$)/.test(t.text));
    if (!untilLike) return null;
    const n = this.skip(i + 1, false);
    const time = this.tokens[n];
    return time?.kind === 'time' ? { clock: time.clock!, next: n + 1, to: time.to } : null;
  }

  /** Times that begin at a token: one pair or several, “9–12 and 2–5”. */
  timesAt(i: number, part: string): { parts: [number, number][]; next: number; to: number; sure: boolean } | null {
    const parts: [number, number][] = [];
    let n = i;
    let end = i;
    let to = 0;
    let sure = false;
    for (;;) {
      const a = this.tokens[n];
      if (a?.kind !== 'time') break;
      let m = n + 1;
      if (this.tokens[m]?.kind === 'part') m++;
      const join = this.tokens[m];
      const between = this.tokens[i - 1]?.kind === 'between' || this.tokens[i - 1]?.kind === 'from';
      const shuts = join?.kind === 'and' && this.tokens[m + 1]?.kind === 'closed';
      if (shuts) m++;
      const joins =
        shuts ||
        join?.kind === 'range' ||
        join?.kind === 'until' ||
        (join?.kind === 'and' && (between || parts.length > 0 || !a.clock!.bare)) ||
        (join?.kind === 'colon' && !a.clock!.bare && join.text !== ':');
      if (!joins) break;
      m++;
      while (this.tokens[m]?.kind === 'fill' || this.tokens[m]?.kind === 'until') m++;
      const b = this.tokens[m];
      if (b?.kind !== 'time') break;
      const hint = this.tokens[m + 1]?.kind === 'part' ? this.tokens[m + 1]!.means! : part;
      const pair = pairOf(
        a.clock!,
        b.clock!,
        /afternoon|evening/.test(hint) && hint === part ? hint : parts.length ? '' : part,
      );
      if (!pair) return null;
      // A second run of times on a day goes on behind the first: “8.30–12 and 1–5”.
      const before = parts.at(-1);
      if (before && pair[0] < before[1] && pair[0] + 720 >= before[1] && pair[1] + 720 <= 1440 && !a.clock!.sure) {
        pair[0] += 720;
        pair[1] += 720;
      }
      parts.push(pair);
      sure ||= !a.clock!.bare || !b.clock!.bare;
      to = b.to;
      end = m + 1;
      if (this.tokens[end]?.kind === 'part') to = this.tokens[end++]!.to;
      n = end;
      while (['comma', 'and', 'from', 'fill', 'colon', 'else'].includes(this.tokens[n]?.kind ?? '') && n - end < 4) n++;
      if (this.tokens[n]?.kind !== 'time') break;
    }
    return parts.length ? { parts, next: end, to, sure } : null;
  }

  /** The next token behind times, or this one where there are none. */
  pastTimes(i: number): number {
    const n = this.skip(i, true);
    const times = this.timesAt(n, '');
    return times ? times.next : i;
  }

  /** “Every other Thursday”, “the first Sunday of the month”: dates of something else. Gives what comes after. */
  skipOccasion(i: number): number {
    const n = this.skip(i + 1, false);
    const list = this.listAt(n);
    if (!list) return i + 1;
    let m = list.next;
    while (['fill', 'part', 'word', 'date', 'season'].includes(this.tokens[m]?.kind ?? '') && m - list.next < 6) m++;
    return this.pastTimes(m);
  }
}
