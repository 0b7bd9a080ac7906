/**
 * Numbers, times and prices that were spoken out, as figures. What is put in is as long as what was there, filled up with
 * spaces, so that offsets hold.
 */

type Words = Record<string, number>;
const UNITS: Words = {
  zero: 0,
  oh: 0,
  nought: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  null: 0,
  eins: 1,
  ein: 1,
  eine: 1,
  zwei: 2,
  zwo: 2,
  drei: 3,
  vier: 4,
  fünf: 5,
  sechs: 6,
  sieben: 7,
  acht: 8,
  neun: 9,
  zehn: 10,
  elf: 11,
  zwölf: 12,
  dreizehn: 13,
  vierzehn: 14,
  fünfzehn: 15,
  sechzehn: 16,
  siebzehn: 17,
  achtzehn: 18,
  neunzehn: 19,
  zéro: 0,
  un: 1,
  une: 1,
  deux: 2,
  trois: 3,
  quatre: 4,
  cinq: 5,
  sept: 7,
  huit: 8,
  neuf: 9,
  dix: 10,
  onze: 11,
  douze: 12,
  treize: 13,
  quatorze: 14,
  quinze: 15,
  seize: 16,
  cero: 0,
  uno: 1,
  una: 1,
  dos: 2,
  tres: 3,
  cuatro: 4,
  cinco: 5,
  seis: 6,
  siete: 7,
  ocho: 8,
  nueve: 9,
  diez: 10,
  once: 11,
  doce: 12,
  trece: 13,
  catorce: 14,
  quince: 15,
  dieciséis: 16,
  diecisiete: 17,
  dieciocho: 18,
  diecinueve: 19,
  veintiuno: 21,
  veintidós: 22,
  veintitrés: 23,
  veinticuatro: 24,
  veinticinco: 25,
  veintiséis: 26,
  veintisiete: 27,
  veintiocho: 28,
  veintinueve: 29,
};
const TENS: Words = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
  zwanzig: 20,
  dreißig: 30,
  vierzig: 40,
  fünfzig: 50,
  sechzig: 60,
  siebzig: 70,
  achtzig: 80,
  neunzig: 90,
  vingt: 20,
  trente: 30,
  quarante: 40,
  cinquante: 50,
  soixante: 60,
  septante: 70,
  huitante: 80,
  nonante: 90,
  veinte: 20,
  treinta: 30,
  cuarenta: 40,
  cincuenta: 50,
  sesenta: 60,
  setenta: 70,
  ochenta: 80,
  noventa: 90,
};
const HUNDREDS: Words = {
  cien: 100,
  ciento: 100,
  doscientos: 200,
  trescientos: 300,
  cuatrocientos: 400,
  quinientos: 500,
  seiscientos: 600,
  setecientos: 700,
  ochocientos: 800,
  novecientos: 900,
  doscientas: 200,
  trescientas: 300,
  cuatrocientas: 400,
  quinientas: 500,
  seiscientas: 600,
  setecientas: 700,
  ochocientas: 800,
  novecientas: 900,
};
const MANY: Words = {
  hundred: 100,
  hundert: 100,
  cent: 100,
  cents: 100,
  thousand: 1000,
  tausend: 1000,
  mille: 1000,
  mil: 1000,
};

const has = (words: Words, w: string): boolean => Object.prototype.hasOwnProperty.call(words, w);

/** A German number in one word, “vierhundertfünfzig”; null where it is none. */
function germanWord(word: string): number | null {
  const m = /^(?:(\p{L}+?)?tausend)?(?:(\p{L}*?)hundert)?(?:und)?(\p{L}*)$/u.exec(word);
  if (!m || (m[1] === undefined && m[2] === undefined && !/und/.test(word))) return null;
  const below = (w: string): number | null => {
    if (w === '') return 0;
    if (has(UNITS, w)) return UNITS[w]!;
    if (has(TENS, w)) return TENS[w]!;
    const joined = /^(\p{L}+)und(\p{L}+)$/u.exec(w);
    return joined && has(UNITS, joined[1]!) && has(TENS, joined[2]!) ? UNITS[joined[1]!]! + TENS[joined[2]!]! : null;
  };
  const rest = below(m[3]!);
  const hundreds = m[2] === undefined ? 0 : m[2] === '' ? 1 : below(m[2]);
  const thousands = m[1] === undefined ? (/tausend/.test(word) ? 1 : 0) : below(m[1]);
  return rest === null || hundreds === null || thousands === null ? null : thousands * 1000 + hundreds * 100 + rest;
}

/** The value of a run of number words; null where they make none. */
export function valueOf(words: readonly string[]): number | null {
  let total = 0;
  let group = 0;
  let any = false;
  for (const w of words) {
    if (/^(?:and|und|et|y)$/.test(w)) continue;
    const german = has(UNITS, w) || has(TENS, w) || has(MANY, w) ? null : germanWord(w);
    if (has(UNITS, w)) group += UNITS[w]!;
    else if (has(TENS, w)) group = w === 'vingt' && group % 100 === 4 ? group - 4 + 80 : group + TENS[w]!;
    else if (has(HUNDREDS, w)) group += HUNDREDS[w]!;
    else if (has(MANY, w)) {
      if (MANY[w] === 100) group = (group || 1) * 100;
      else {
        total += (group || 1) * 1000;
        group = 0;
      }
    } else if (german !== null) group += german;
    else return null;
    any = true;
  }
  return any ? total + group : null;
}

const isNumber = (w: string): boolean =>
  has(UNITS, w) ||
  has(TENS, w) ||
  has(HUNDREDS, w) ||
  has(MANY, w) ||
  (/hundert|tausend|und\p{L}+zig$/u.test(w) && germanWord(w) !== null);
const MONEY_WORD = /^(?:pounds?|quid|euros?|eur|dollars?|pesos?|franken|francs?|pence|cents?)$/;
const UNTIL = /^(?:till?|to|until|through|bis|à|a|hasta)$/;
const HALF = /^(?:half|halb|quarter|viertel)$/;
const ARTICLE = /^(?:a|ein|eine|un|une|una|uno)$/;
const SINCE = /(?<!\p{L})(?:since|depuis|seit|desde el)$/u;
const BEFORE_TIME = /^(?:at|from|open|de|von|um|ab|las|desde|dès|between)$/;

interface Word {
  w: string;
  from: number;
  to: number;
}

/** A number to ring that was said in pairs, “zéro six quatre-vingt-dix-huit …”; empty where it makes none. */
function inPairs(words: readonly string[]): string {
  let out = '';
  for (let n = 0; n < words.length; n++) {
    const w = words[n]!;
    if (/^(?:and|und|et|y)$/.test(w)) continue;
    const next = words[n + 1] ?? '';
    if (w === 'quatre' && /^vingts?$/.test(next)) {
      const more = has(UNITS, words[n + 2] ?? '') && UNITS[words[n + 2]!]! > 0 ? UNITS[words[n + 2]!]! : 0;
      const teens =
        more === 10 && has(UNITS, words[n + 3] ?? '') && UNITS[words[n + 3]!]! > 6 ? UNITS[words[n + 3]!]! : 0;
      out += String(80 + more + teens);
      n += 1 + (more ? 1 : 0) + (teens ? 1 : 0);
    } else if (has(TENS, w)) {
      const at = n + (/^(?:et|y|und|and)$/.test(next) ? 2 : 1);
      const unit = has(UNITS, words[at] ?? '') ? UNITS[words[at]!]! : 0;
      const most = w === 'soixante' ? 19 : 9;
      const fits = unit > 0 && unit <= most;
      const teens =
        fits && unit === 10 && has(UNITS, words[at + 1] ?? '') && UNITS[words[at + 1]!]! > 6
          ? UNITS[words[at + 1]!]!
          : 0;
      out += String(TENS[w]! + (fits ? unit + teens : 0));
      if (fits) n = at + (teens ? 1 : 0);
    } else if (w === 'dix' && has(UNITS, next) && UNITS[next]! > 6 && UNITS[next]! < 10) {
      out += String(10 + UNITS[next]!);
      n++;
    } else if (has(UNITS, w)) out += String(UNITS[w]!);
    else return '';
  }
  return /^0\d{8,10}$/.test(out) ? out : '';
}

/** A line that is shouted in capitals as print has it: what is short between its marks is a name, the rest a sentence. */
function calm(line: string): string {
  const letters = line.match(/\p{L}/gu) ?? [];
  if (letters.length < 8 || letters.filter((c) => c !== c.toLowerCase()).length < letters.length * 0.9) return line;
  return line.replace(/[^·|,;:.!?–]+|[·|,;:.!?–]+/g, (part) => {
    const words = part.trim().split(/\s+/);
    const small = (w: string) => (/\d/.test(w) || w.length !== w.toLowerCase().length ? w : w.toLowerCase());
    const first = (w: string) => (w ? w[0]! + small(w.slice(1)) : w);
    const named = words.length <= 3;
    let begun = false;
    return part.replace(/[^\s(/-]+/g, (w) => {
      const word = /\d/.test(w) ? w : named || !begun ? first(w) : small(w);
      begun = true;
      return word;
    });
  });
}

/** The text with what was spoken out in it as figures, and nothing shouted. */
export function unspoken(source: string): string {
  const text = source
    .replace(/[^\n]+/g, calm)
    // “70e déplacement compris”: as messages have euros.
    .replace(
      /(?<=(?<![\d.,])\d{2,4})e(?=[\s,.;)]|$)(?!\s(?:étage|siècle|anniversaire|arrondissement|rue|régiment|édition))/gu,
      '€',
    );
  const words: Word[] = [...text.matchAll(/[\p{L}]+|\d+(?:[.,]\d+)?/gu)].map((m) => ({
    w: m[0].toLowerCase(),
    from: m.index,
    to: m.index + m[0].length,
  }));
  let out = text;
  const put = (from: number, to: number, figures: string) => {
    if (figures.length <= to - from) out = out.slice(0, from) + figures.padEnd(to - from) + out.slice(to);
  };
  for (let n = 0; n < words.length; n++) {
    const first = words[n]!;
    // “Half past eight” is 8.30, “quarter to five” 4.45.
    const part =
      /^(?:half|quarter)$/.test(first.w) &&
      /^(?:past|to)$/.test(words[n + 1]?.w ?? '') &&
      has(UNITS, words[n + 2]?.w ?? '');
    if (part) {
      const hour = UNITS[words[n + 2]!.w]!;
      const to = words[n + 1]!.w === 'to';
      put(first.from, words[n + 2]!.to, first.w === 'half' ? `${hour}.30` : to ? `${hour - 1}.45` : `${hour}.15`);
      n += 2;
      continue;
    }
    // “Half five” is said of half past five, „halb fünf“ of half past four: which one, a reader of hours knows.
    if (/^hal[fb]$/.test(first.w) && has(UNITS, words[n + 1]?.w ?? '') && UNITS[words[n + 1]!.w]! <= 12) {
      put(first.from, words[n + 1]!.to, `${first.w} ${UNITS[words[n + 1]!.w]!}`);
      n += 1;
      continue;
    }
    // “Midi et demi”.
    if (first.w === 'midi' && words[n + 1]?.w === 'et' && /^demie?$/.test(words[n + 2]?.w ?? '')) {
      put(first.from, words[n + 2]!.to, '12 h 30');
      n += 2;
      continue;
    }
    const aHundred = first.w === 'a' && /^(?:hundred|thousand)$/.test(words[n + 1]?.w ?? '');
    if (!isNumber(first.w) && first.w !== 'double' && !aHundred) continue;
    let end = n;
    const joins = (k: number) =>
      /^(?:and|und|et|y)$/.test(words[k]?.w ?? '') &&
      isNumber(words[k + 1]?.w ?? '') &&
      /^[\s-]*$/.test(text.slice(words[k - 1]!.to, words[k]!.from));
    while (
      words[end + 1] &&
      /^[\s-]{1,2}$/.test(text.slice(words[end]!.to, words[end + 1]!.from)) &&
      (isNumber(words[end + 1]!.w) || words[end + 1]!.w === 'double' || joins(end + 1))
    )
      end++;
    const run = words.slice(n, end + 1);
    const before = words[n - 1]?.w ?? '';
    const after = words[end + 1]?.w ?? '';
    // Digits one by one are a number to ring.
    const digits = run.flatMap((r, k) =>
      r.w === 'double' ? [] : run[k - 1]?.w === 'double' ? [UNITS[r.w], UNITS[r.w]] : [UNITS[r.w]],
    );
    const paired = run.length >= 6 && /^(?:zéro|zero|null|cero)$/.test(first.w) ? inPairs(run.map((r) => r.w)) : '';
    if (paired) put(first.from, run.at(-1)!.to, paired);
    else if (run.length >= 7 && digits.every((d) => d !== undefined && d < 10))
      put(first.from, run.at(-1)!.to, digits.join(''));
    else {
      const said = run.map((r) => r.w).filter((w) => w !== 'a');
      const value = valueOf(said);
      const year = yearOf(said);
      const pence =
        /^(?:pounds?|euros?|dollars?)$/.test(after) && isNumber(words[end + 2]?.w ?? '')
          ? valueOf([words[end + 2]!.w, ...(isNumber(words[end + 3]?.w ?? '') ? [words[end + 3]!.w] : [])])
          : null;
      const minutes = value !== null && value <= 24 && /^heures?$/.test(after) ? minutesAfter(words, end + 2) : null;
      if (minutes) {
        // “Quatorze heures trente”, “neuf heures et demie”, “dix-huit heures”.
        put(first.from, words[end + 1 + minutes.words]!.to, `${value} h${minutes.value ? ` ${minutes.value}` : ''}`);
        end += 1 + minutes.words;
      } else if (value !== null && MONEY_WORD.test(after)) {
        // “Forty five euros, four irons”: so few are not pence.
        if (pence !== null && pence >= 10 && pence < 100) {
          const two = isNumber(words[end + 3]?.w ?? '') ? 3 : 2;
          const sign = /^p/.test(after) ? '£' : /^e/.test(after) ? '€' : '$';
          put(first.from, words[end + two]!.to, `${sign}${value}.${String(pence).padStart(2, '0')}`);
          end += two;
        } else put(first.from, run.at(-1)!.to, String(value));
      } else if (year !== null) put(first.from, run.at(-1)!.to, String(year));
      // “Desde el noventa y dos”: of this century’s years nobody says the half alone.
      else if (value !== null && value >= 30 && value < 100 && SINCE.test(out.slice(0, first.from).trimEnd()))
        put(first.from, run.at(-1)!.to, String(1900 + value));
      else if (value !== null && value <= 24 && run.length === 1) {
        const next = words[end + 2]?.w ?? '';
        const behind = UNTIL.test(before) && /\d\s*$|\d\s+\S+\s+$/.test(out.slice(0, words[n - 1]!.from));
        const time =
          // “A two-bedroom flat” is no hour.
          (behind && !/^-\p{L}/u.test(text.slice(first.to, first.to + 2))) ||
          (!ARTICLE.test(first.w) && UNTIL.test(after) && (isNumber(next) || HALF.test(next) || /^\d/.test(next))) ||
          (BEFORE_TIME.test(before) && /^(?:o|in|every|on|am|pm|uhr|heures?|each)$/.test(after));
        if (time) put(first.from, first.to, String(value));
      }
    }
    n = end;
  }
  return out;
}

/** The minutes that stand behind an hour, and how many words say them; none where another hour follows. */
function minutesAfter(words: readonly Word[], at: number): { value: number; words: number } {
  const said = (k: number) => words[at + k]?.w ?? '';
  if (said(0) === 'et' && /^demie?$/.test(said(1))) return { value: 30, words: 2 };
  if (said(0) === 'et' && said(1) === 'quart') return { value: 15, words: 2 };
  let count = 0;
  while (count < 3 && isNumber(said(count))) count++;
  const value =
    count && !/^(?:heures?|euros?)$/.test(said(count)) ? valueOf(words.slice(at, at + count).map((w) => w.w)) : null;
  return value !== null && value >= 5 && value < 60 && value % 5 === 0
    ? { value, words: count }
    : { value: 0, words: 0 };
}

/** A year spoken in two halves (“nineteen eighty seven”) or as a number; null where it is none. */
function yearOf(words: readonly string[]): number | null {
  const whole = valueOf(words);
  if (words.some((w) => has(MANY, w) && MANY[w] === 1000) && whole !== null && whole >= 1500 && whole < 2100)
    return whole;
  if (/^(?:sixteen|seventeen|eighteen|nineteen|twenty)$/.test(words[0] ?? '') && words.length >= 2) {
    const rest = valueOf(words.slice(1).filter((w) => w !== 'hundred' && w !== 'oh'));
    const year = valueOf([words[0]!])! * 100 + (rest ?? 0);
    if (rest !== null && rest < 100 && year >= 1600 && year < 2100) return year;
  }
  if (words.length === 1 && whole !== null && /hundert/.test(words[0]!) && whole >= 1500 && whole < 2100) return whole;
  return null;
}
