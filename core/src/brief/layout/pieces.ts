/**
 * How a brief is laid out: the pieces it falls into, what each is (a heading, a line of a list, a sentence …), under which
 * heading or label it stands, and who speaks. Nothing of what it says is judged here.
 */

export type PieceKind =
  /** A mail’s head (“From: …”), the rule over a reply, a date stamp: no words of the brief. */
  | 'head'
  | 'heading'
  /** The words before the colon of a labelled line, or a question of a form. */
  | 'label'
  /** What stands behind a label. */
  | 'value'
  | 'item'
  /** A line of a table. */
  | 'row'
  /** One short line of its own. */
  | 'line'
  | 'sentence';

/** Who says a piece: the client; the designer who asks; somebody unknown. */
export type Speaker = 'client' | 'designer' | 'unknown';

/** A stretch of a text that is one thing, `from` and `to` as UTF-16 offsets. */
export interface Piece {
  kind: PieceKind;
  from: number;
  to: number;
  text: string;
  /** The heading or lead-in it stands under, as it is written; empty where there is none. */
  under: string;
  /** The label of its own line; empty where there is none. */
  label: string;
  speaker: Speaker;
  /** The file it came in, where several were given; empty else. */
  file: string;
  /** How deep it is quoted in a thread of mails: 0 is the newest. */
  depth: number;
  /** The line it begins on, and the block (lines without an empty one between) that line is in. */
  line: number;
  block: number;
}

const HEAD_LINE =
  /^(?:from|to|cc|bcc|sent|date|reply-to|message-id|in-reply-to|references|x-[\w-]+|mime-version|content-[\w-]+|von|an|gesendet|datum|de|à|envoyé|para|enviado|fecha|cc):\s/i;
const SUBJECT = /^(?:subject|re|fwd?|aw|wg|betreff|objet|asunto|tr|rv|sujet):\s/i;
const REPLY_RULE =
  /^(?:-{3,}\s*(?:original|ursprüngliche|forwarded|weitergeleitete|message|mensaje|message transféré|mensaje reenviado).*|-{2,}\s*$|_{5,}\s*$|={3,}.*={3,}$|on .{4,80} wrote:\s*$|am .{4,80} schrieb.{0,60}:\s*$|le .{4,80} a écrit\s*:\s*$|el .{4,80} escribió:\s*$|begin forwarded message:?)/iu;
/** The line that says which file comes next. */
const FILE_RULE = /^={3} (.{1,120}) ={3}$/;
const CHAT =
  /^(?:\[?\d{1,2}[./-]\d{1,2}(?:[./-]\d{2,4})?[.,]{0,2}\s+)?\[?(\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?:\s?[ap]m)?)\]?\s*(?:[-–—|]\s*)?([\p{L}][\p{L}\p{N} .’'&-]{0,30}?)\s*[:>]\s+(\S.*)$/iu;
const BULLET = /^(?:[-*•·–▪●◦‣→✓✔□☐]|\(?\d{1,2}[.)]|\(?[a-z]\)|\d{0,2}\.\d{1,2}\.?)\s+(?=\S)/u;
const HEADING = /^#{1,6}\s+/;
const LABEL =
  /^(?:\*\*|__|_)?((?:[\p{L}\d(¿][^:\n]{0,78}?))(?:\*\*|__|_)?\s*(?::|\s=|\?)(?:\*\*|__|_)?(?=\s|$)\s*(.*)$/u;
/** A label in bold with no colon behind it: “**Where** 4 Quay Street”. */
const BOLD = /^(?:\*\*|__)([\p{L}][^*_:\n]{0,40}?)(?:\*\*|__)\s+(\S.*)$/u;
const ASKS =
  /^(?:what|who|where|when|how|why|was|wer|wo|wann|wie|quoi|qui|où|quand|combien|qué|quién|dónde|cuándo|cuánto|services?|prices?|area|hours|leistungen|preise|tarifs?|precios?)(?!\p{L})/iu;
const SIGN_OFF_ENDS = /[.!?…]["”»’)]*$/u;
/** Words that come before a full stop and end no sentence, whatever comes after. */
const NEVER_ENDS =
  /(?:^|[\s("„«–/*_-])(?:mr|mrs|ms|dr|prof|st|ste|no|nr|rd|vs|approx|bzw|ca|z|d|u|evtl|ggf|sog|vgl|hl|sr|sra|srta|dn|mme|mlle|hr|hrn|dipl|ing|resp|esq|bât|appt|avda?|pág|núm|tfno|aprox|chap|incl|excl|inkl|\p{Lu}|[a-zà-ÿ])\.$/iu;
/** Words that may end one: they do before a new sentence, and not before a figure, a small letter or a lone name. */
const MAY_END =
  /(?:^|[\s("„«–/-])(?:co|ltd|inc|etc|tel|tél|mob|\p{L}*str|usw|min|max|abs|geb|mio|mrd|env|ex|fr|m|me|dec|dir|depto|tgl|mtl|jan|feb|febr|mar|apr|jun|jul|aug|sep|sept|oct|okt|nov|dez|mo|di|mi|do|sa|so|mon|tue|wed|thu|fri|sat|sun|lun|mer|jeu|ven|sam|dim|jue|vie|sáb|dom)\.$/iu;
const MONTH =
  /^(?:jan|feb|mar|mär|apr|ma[iy]|jun|jul|aug|sep|o[ck]t|nov|de[cz]|janv|févr|avr|juin|juil|août|ene|abr|ago|dic)/iu;

const SIGNS_OFF =
  /^(?:yours|best|kind|many thanks|thanks|regards|cheers|love|sincerely|cordial|bien à|salut|mit |viele |herzliche?|liebe |beste |schöne |freundliche |un (?:saludo|abrazo)|atentamente|saludos|gracias)/i;

const DESIGNER_NAMES =
  /^(?:you|me|designer|web ?(?:designer|person|guy|lady|man|woman)?|us|du|ich|moi|toi|vous|tú|yo|usted|diseñador[a]?|graphiste|webdesigner(?:in)?|dev|studio|agency|q|f|p|question|frage|pregunta|interviewer)$/i;
const DESIGNER_HOST = /web|design|pixel|code|digital|site|studio|ink|media|grafi|internet/i;

interface Line {
  from: number;
  /** The line without what quotes it and without spaces around it. */
  text: string;
  depth: number;
  raw: string;
}

function linesOf(source: string): Line[] {
  const out: Line[] = [];
  let at = 0;
  for (const raw of source.split('\n')) {
    const quote = /^(?:\s?>)+\s?/.exec(raw);
    const depth = quote ? quote[0].split('>').length - 1 : 0;
    const rest = raw.slice(quote?.[0].length ?? 0);
    const text = rest.trim();
    out.push({ from: at + (quote?.[0].length ?? 0) + rest.indexOf(text), text, depth, raw });
    at += raw.length + 1;
  }
  return out;
}

/** The sentences of a text with their offsets. Numbers, initials and common short forms do not end one. */
export function sentencesIn(text: string): { from: number; to: number }[] {
  const out: { from: number; to: number }[] = [];
  let from = 0;
  const take = (to: number) => {
    const part = text.slice(from, to);
    const trimmed = part.trim();
    if (trimmed) {
      const start = from + part.indexOf(trimmed);
      out.push({ from: start, to: start + trimmed.length });
    }
    from = to;
  };
  for (const m of text.matchAll(/(?:[.!?…]+["”»’')\]]*)(?=\s+\S|$)/gu)) {
    const to = m.index + m[0].length;
    const next = text.slice(to).trimStart();
    if (m[0] === '.') {
      const before = text.slice(from, to);
      const anew = /^\p{Lu}\p{L}*(?:\s|$)/u.test(next);
      if (NEVER_ENDS.test(before)) continue;
      if (MAY_END.test(before) && (!anew || /^\p{Lu}{2,}(?:\s|$)/u.test(next))) continue;
      // “1. April” goes on, “No. 5. He knows” does not.
      if (/(?:^|\D)\d{1,2}\.$/.test(before) && (MONTH.test(next) || !anew)) continue;
    }
    // “Really? she said”: what goes on in a small letter after a quote goes on.
    if (/["”»’']$/.test(m[0]) && /^\p{Ll}/u.test(next)) continue;
    take(to);
  }
  take(text.length);
  return out;
}

const CONNECT =
  /(?<!(?<!\p{L})(?:and|so|but|what|which|that|if|when|because|as|how|where|who|than|or|und|dass|wenn|was|weil|que|qui|quand|si|y|pero|cuando|et|mais))\s+(?=(?:we(?:[’']re|[’']ve)?|i(?:[’']ve|[’']m| want| need| have)|(?:the |my )?(?:phone|email|number|address) is|email|(?:the|my|our) (?:workshop|firm|shop|yard|barn|place)(?:[’']s| is)|please (?:no|don[’']?t)|you ought|that[’']s it|a \p{L}+(?: \p{L}+)? (?:is|costs) (?:about )?[£$€\d]|hacemos|vendemos|estamos en|(?:el|mi) (?:teléfono|correo|mujer|marido)|la tienda abre|lo que no|te cuento|yo soy|se llama|tengo|wir|offen|telefon|mein \p{L}+ |nous (?:sommes|faisons|vendons)|on (?:fait|est|répare|vend|coupe|tourne|livre)|(?:le|mon) (?:téléphone|numéro)|j[’']ai|moi c[’']est|la boîte|(?:\p{L}{4,} )?(?:kostet|kosten|cuesta|cuestan|coûtent?|costs) (?:ab |from |desde |dès |about )?[\d€£$]|il (?:faudrait|faut)|mais pas|le reste|et dis|les tarifs)(?![\p{L}]))|\s+(?=(?:and (?:we|i|it|he|she|they|the|then|what|don[’']?t|please|also)|so (?:we|i|it|the|that)|but (?:we|i|it|don|not|the)|okay|anyway|oh and|what (?:i|we) (?:want|do|need|would)|because|und (?:wir|ich|dann|die|der|das|bitte)|aber|also (?:wir|ich)|et (?:on|nous|puis|le|la|je|il)|mais|donc|alors|y (?:también|luego|el|la|no|que)|pero|entonces)(?![\p{L}]))/giu;

/** A run of words nobody put stops in, as when it was dictated: cut where a new clause begins. */
function clausesIn(text: string, from: number, to: number): { from: number; to: number }[] {
  const run = text.slice(from, to);
  const words = run.split(/\s+/).length;
  if (words < 32 || (run.match(/[,;:]/g) ?? []).length > words / 40) return [{ from, to }];
  const cuts = [...run.matchAll(CONNECT)].map((m) => m.index);
  const out: { from: number; to: number }[] = [];
  let start = 0;
  for (const cut of [...cuts, run.length]) {
    if (cut < run.length && run.slice(start, cut).split(/\s+/).length < 6) continue;
    const part = run.slice(start, cut);
    const trimmed = part.trim();
    if (trimmed) {
      const at = from + start + part.indexOf(trimmed);
      out.push({ from: at, to: at + trimmed.length });
    }
    start = cut;
  }
  return out;
}

/** Names of who is writing to whom, from the head of a mail. */
const nameIn = (head: string): string =>
  head
    .replace(/^[\w-]+:\s*/, '')
    .replace(/<[^>]*>/g, '')
    .trim()
    .toLowerCase();

/** True for a line that begins something of its own. */
const beginsAnew = ({ text, raw }: Line): boolean =>
  !text ||
  BULLET.test(text) ||
  HEADING.test(text) ||
  REPLY_RULE.test(text) ||
  /^\s{2,}\S/.test(raw) ||
  /^\||\t/.test(text) ||
  (LABEL.exec(text)?.[1]?.split(/\s+/).length ?? 9) <= 3;

/** The last line of a paragraph that was broken at a width: all its lines but the last are about as long. */
function endOfParagraph(lines: readonly Line[], first: number): number {
  let end = first;
  while (lines[end + 1] && lines[end + 1]!.depth === lines[first]!.depth && !beginsAnew(lines[end + 1]!)) end++;
  if (end === first) return first;
  const full = lines.slice(first, end).map((l) => l.text.length);
  const widest = Math.max(...full, lines[end]!.text.length);
  // Of two lines alone one tells nothing of a width: they are one where the second goes on as a sentence does.
  const goesOn = full.length > 1 || /^[\p{Ll}(]/u.test(lines[end]!.text);
  return goesOn && widest >= 50 && widest <= 110 && full.every((l) => l >= widest * 0.7) ? end : first;
}

/** The lines of a numbered form that ask: at least three, each short, with an answer under it, in lines or in a list, that has no number. */
function questionsOf(lines: readonly Line[]): ReadonlySet<number> {
  const NUMBERED = /^\d{1,2}[.)]\s+\S.{1,70}$/u;
  const found = lines.flatMap(({ text }, n) => {
    const next = lines.slice(n + 1).find((l) => l.text)?.text ?? '';
    return NUMBERED.test(text) && !/[.!;]$/.test(text) && next && !NUMBERED.test(next) && !/^\(?\d/.test(next)
      ? [n]
      : [];
  });
  const all = lines.filter((l) => NUMBERED.test(l.text)).length;
  return new Set(found.length >= 3 && found.length >= all * 0.7 ? found : []);
}

/**
 * Lays a brief out in pieces, in their order. Lines that a mail program broke are joined; lists, tables, labels and chats
 * are kept line by line.
 */
export function piecesOf(source: string): Piece[] {
  const lines = linesOf(source);
  const pieces: Piece[] = [];
  let block = 0;
  let under = '';
  let underBlock = 0;
  let speaker: Speaker = 'client';
  let inHead = true;
  /** True under a question of a numbered form. */
  let answering = false;
  let file = '';
  const chatNames = new Map<string, number>();
  for (const { text } of lines) {
    const chat = CHAT.exec(text);
    if (chat) chatNames.set(chat[2]!.toLowerCase(), (chatNames.get(chat[2]!.toLowerCase()) ?? 0) + 1);
  }
  const chatting = [...chatNames.values()].reduce((a, b) => a + b, 0) >= 3;
  // In a mail, whom it is written to is the designer; so is who asks what the client answers.
  const addressee = nameIn(lines.slice(0, 12).find((l) => /^(?:to|an|à|para):\s/i.test(l.text))?.text ?? '');
  const designerNamed = (name: string, mail = '') =>
    DESIGNER_NAMES.test(name.trim()) ||
    /web|design|grafi|agency|agentur/i.test(name) ||
    (addressee.length > 2 && name.length > 2 && (addressee.includes(name) || name.includes(addressee))) ||
    DESIGNER_HOST.test(mail.split('@')[1] ?? '');

  const numbered = questionsOf(lines);
  /** True where at least two lines with words come after, before anything of another mail. */
  const followed = (n: number) => {
    const after = lines
      .slice(n + 1)
      .filter((l) => l.text)
      .slice(0, 2);
    return after.length === 2 && !after.some((l) => REPLY_RULE.test(l.text));
  };
  const push = (kind: PieceKind, n: number, from: number, to: number, label = '') => {
    // Marks of bold within a sentence are no words of it.
    const plain = source.slice(from, to);
    const text = kind === 'heading' || kind === 'label' ? plain : plain.replace(/\*\*|__/g, '  ');
    if (!text.trim()) return;
    pieces.push({ kind, from, to, text, under, label, speaker, file, depth: lines[n]!.depth, line: n, block });
  };
  const prose = (n: number, from: number, to: number, kind: PieceKind, label = '') => {
    // Of the lines of a paragraph each break is a space as long as it was.
    const run = source.slice(from, to).replace(/\n(?:\s?>)*/g, (b) => ' '.repeat(b.length));
    const sentences = sentencesIn(run).flatMap((s) => clausesIn(run, s.from, s.to));
    for (const s of sentences)
      push(sentences.length > 1 && kind === 'line' ? 'sentence' : kind, n, from + s.from, from + s.to, label);
  };

  for (let n = 0; n < lines.length; n++) {
    const line = lines[n]!;
    const { text, from, depth } = line;
    if (!text) {
      block++;
      if (block > underBlock + 1) under = '';
      continue;
    }
    const to = from + text.length;
    if (depth === 0 && (lines[n - 1]?.depth ?? 0) > 0) speaker = 'client';
    const named = FILE_RULE.exec(text);
    if (named) {
      file = named[1]!;
      speaker = 'client';
    }
    const startsHead = HEAD_LINE.test(text) || SUBJECT.test(text);
    const headNow =
      startsHead &&
      (inHead || n < 8 || HEAD_LINE.test(lines[n + 1]?.text ?? '') || HEAD_LINE.test(lines[n - 1]?.text ?? ''));
    if (headNow || REPLY_RULE.test(text)) {
      const who = /^(?:from|von|de)\s*:/i.test(text) || REPLY_RULE.test(text);
      if (who && n > 0) {
        const mail = /[\w.+-]+@[\w.-]+/.exec(text)?.[0] ?? '';
        const name = REPLY_RULE.test(text) ? text.toLowerCase() : nameIn(text);
        speaker =
          (REPLY_RULE.test(text)
            ? addressee.length > 2 && text.toLowerCase().includes(addressee)
            : designerNamed(name, '')) || DESIGNER_HOST.test(mail.split('@')[1] ?? '')
            ? 'designer'
            : 'client';
      }
      push('head', n, from, to);
      inHead = true;
      under = '';
      continue;
    }
    inHead = false;
    const chat = chatting ? CHAT.exec(text) : null;
    if (chat) {
      speaker = designerNamed(chat[2]!.toLowerCase()) ? 'designer' : 'client';
      const start = to - chat[3]!.length;
      push('head', n, from, start);
      // What is said right after a question answers it.
      const asked = pieces.filter((p) => p.speaker === 'designer' && p.kind !== 'head').at(-1);
      if (speaker === 'client') under = asked && asked.line >= n - 2 ? asked.text : '';
      prose(n, start, to, 'line');
      continue;
    }
    if (HEADING.test(text) || /^(?:\*\*|__)[^*_]{2,80}(?:\*\*|__):?$/.test(text)) {
      answering = false;
      under = text.replace(/^[#*_\s]+|[*_:\s]+$/g, '');
      underBlock = block;
      const start = from + text.indexOf(under);
      push('heading', n, start, start + under.length);
      // A heading holds until the next.
      underBlock = Number.MAX_SAFE_INTEGER;
      continue;
    }
    const next = lines[n + 1];
    const bullet = BULLET.exec(text);
    const body = text.slice(bullet?.[0].length ?? 0);
    const start = to - body.length;
    const row =
      /^\|.*\|$/.test(text) ||
      ((text.match(/ \| |\t|;/g) ?? []).length >= 2 &&
        !/[.!?]$/.test(text) &&
        !/^[^;|\t]{2,70}[:?]\s/.test(text) &&
        !BOLD.test(text)) ||
      /\t/.test(line.raw.trim());
    if (row) {
      if (/^[|\s:-]+$/.test(text)) continue;
      push('row', n, from, to);
      continue;
    }
    const itsOwn = LABEL.exec(body);
    if (answering && !bullet && !(itsOwn?.[2] && itsOwn[1]!.split(/\s+/).length <= 3 && !/https?$/.test(itsOwn[1]!))) {
      prose(n, from, to, 'value', under);
      continue;
    }
    const words = body.split(/\s+/).length;
    const ends = SIGN_OFF_ENDS.test(body);
    const bold = BOLD.exec(body);
    // “**Skerne Linen** washes and irons”: a name that a sentence goes on from is no label.
    // “**Ashlow Paths** (founded 1971), …” begins a sentence in bold.
    const labelled = bold && (!/^[\p{Ll}(,–—]/u.test(bold[2]!) || ASKS.test(bold[1]!)) ? bold : LABEL.exec(body);
    const labelWords = labelled ? labelled[1]!.split(/\s+/).length : 0;
    const marked = /^(?:\*\*|__)/.test(body) ? 2 : 0;
    // A question is one whether its mark stands within what is bold or behind it.
    const asks = labelled !== null && (/\?$/.test(labelled[1]!.trim()) || body[labelled[1]!.length + marked] === '?');
    if (
      labelled &&
      (labelWords <= (marked ? 8 : 4) || (asks && labelWords <= 16) || (labelWords <= 9 && !labelled[2]!.trim())) &&
      !/^https?$|\d$/i.test(labelled[1]!) &&
      !/[.!;]\s/.test(labelled[1]!) &&
      (!asks || n > 0 || labelled[2]!.trim() !== '')
    ) {
      const label = labelled[1]!.replace(/[*_]/g, '').trim();
      const value = labelled[2]!.trim().replace(/(?:\*\*|__)$/, '');
      const at = value ? start + body.lastIndexOf(value) : to;
      push(
        value ? 'label' : 'heading',
        n,
        start + (value ? marked : 0),
        value ? start + marked + labelled[1]!.length : to,
      );
      if (value) {
        prose(n, at, at + value.length, 'value', label);
      } else {
        under = label;
        underBlock = block + 1;
      }
      continue;
    }
    // “3. Servicios y precios” with its answer on the lines under it is a question of a form.
    if (bullet && numbered.has(n)) {
      under = body.replace(/[?:\s]+$/, '').replace(/^¿/, '');
      underBlock = block + 1;
      push('heading', n, start, to);
      answering = true;
      continue;
    }
    if (bullet) {
      // What goes on under a bullet, indented, belongs to it.
      let end = n;
      while (lines[end + 1]?.text && /^\s{2,}\S/.test(lines[end + 1]!.raw) && !BULLET.test(lines[end + 1]!.text)) end++;
      prose(n, start, lines[end]!.from + lines[end]!.text.length, 'item');
      n = end;
      continue;
    }
    if (
      !ends &&
      words <= 7 &&
      !/[,;]$|,.*,|@|\d{3}/.test(body) &&
      !SIGNS_OFF.test(body) &&
      followed(n) &&
      ((!next?.text && lines[n + 2]?.text) ||
        (next && BULLET.test(next.text)) ||
        /:$/.test(body) ||
        (/^[\p{Lu}\d\s.,&'’–-]+$/u.test(body) && /\p{Lu}{4}/u.test(body)))
    ) {
      const heading = body.replace(/[:\s]+$/, '');
      under = heading;
      underBlock = block + (next?.text ? 0 : 1);
      push('heading', n, start, start + heading.length);
      continue;
    }
    const end = endOfParagraph(lines, n);
    prose(n, from, lines[end]!.from + lines[end]!.text.length, 'line');
    n = end;
  }
  return pieces;
}
