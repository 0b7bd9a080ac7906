import type { Branch } from '../../model/site.js';
import { hoursLines, readHours } from '../hours/index.js';
import type { ReadPiece } from '../roles/roles.js';
import type { Language, Span } from './span.js';
import { capital } from './words.js';

/** A place beside the main one while it is read, with the stretch of the text that speaks of it. */
export interface ReadBranch {
  branch: Omit<Branch, 'id'>;
  from: number;
  to: number;
}

const NO_PLACE =
  /(?<!\p{L})(?:p\.?\s?o\.? box|post(?:al| only)?|postfach|postanschrift|mailing|letters?|correspondence|invoices?|rechnung\p{L}*|billing|boîte postale|bp \d|apartado|home|privat\p{L}*|privée?|park(?:ing|platz)?)(?!\p{L})/iu;
const GENERIC =
  /^(?:address(?:es)?|find us|where|location|adresse|anschrift|wo|où|dirección|dónde|visit|contact|kontakt)$/iu;

/** What a place is called: by its label, by the words before its address on the line, or by the town it is in. */
function nameOf(source: string, span: Span, piece: ReadPiece | undefined): string {
  const line = source.slice(source.lastIndexOf('\n', span.from - 1) + 1, span.from);
  const before = /([\p{L}][\p{L}’' &-]{2,40})\s*[:–-]\s*$/u.exec(line)?.[1] ?? '';
  const said = [piece?.label ?? '', before].map((s) => s.trim()).find((s) => s && !GENERIC.test(s));
  if (said && said.split(/\s+/).length <= 5) return capital(said);
  const town =
    /,\s*([A-ZÀ-Þ][\p{L}’'-]+(?:\s[A-ZÀ-Þ][\p{L}’'-]+){0,2})(?:,?\s+[A-Z]{1,2}\d|\s*$)|\d{4,5}\s+([A-ZÀ-Þ][\p{L}-]+)/u.exec(
      span.value,
    );
  return town?.[1] ?? town?.[2] ?? '';
}

/**
 * The places beside the main one, each with the hours and the number that stand in its own stretch of the text: from its
 * line to the next address, or to the end of the paragraph.
 */
export function branchesIn(
  source: string,
  all: readonly Span[],
  main: Span | undefined,
  pieces: readonly ReadPiece[],
  language: Language,
): ReadBranch[] {
  const places = all.filter((s) => s.field === 'address').sort((a, b) => a.from - b.from);
  const words = (s: string): string[] => s.toLowerCase().match(/[\p{L}\d]{3,}/gu) ?? [];
  const same = (a: string, b: string) => {
    const [x, y] = [words(a), words(b)];
    return x.filter((w) => y.includes(w)).length >= 0.6 * Math.min(x.length, y.length);
  };
  const out: ReadBranch[] = [];
  for (const [n, span] of places.entries()) {
    if (!main || span === main || same(span.value, main.value) || out.some((o) => same(o.branch.address, span.value)))
      continue;
    const lineStart = Math.max(source.lastIndexOf('\n', span.from - 1) + 1, places[n - 1]?.to ?? 0);
    const lineEnd = (from: number) => (source.indexOf('\n', from) < 0 ? source.length : source.indexOf('\n', from));
    const sentence = /[.!?](?=\s+\p{Lu}|\s*$)/mu.exec(source.slice(span.to, lineEnd(span.to)));
    let end = sentence ? span.to + sentence.index : lineEnd(span.to);
    // An address on a line of its own is followed by lines about it, until an empty one or the next address.
    if (!source.slice(span.to, end).trim())
      for (let k = 0; k < 3 && source.slice(end + 1, lineEnd(end + 1)).trim(); k++) end = lineEnd(end + 1);
    end = Math.min(end, ...places.filter((p) => p.from > span.to).map((p) => p.from));
    const piece = pieces.find((p) => p.kind !== 'label' && p.from <= span.from && span.to <= p.to);
    if (NO_PLACE.test(`${piece?.label ?? ''} ${source.slice(lineStart, span.to)}`)) continue;
    const read = readHours(source.slice(span.to, end), language);
    const phone = all.find((s) => s.field === 'phone' && s.from >= lineStart && s.to <= end);
    const name = nameOf(source, span, piece);
    // What has no name, or has a sentence in it, was no address.
    if (!name || span.value.length > 140 || /\d\. \p{L}|^0/u.test(span.value)) continue;
    out.push({
      branch: {
        name: name.slice(0, 80),
        address: span.value.slice(0, 400),
        phone: (phone?.value ?? '').slice(0, 40),
        hours: read.hours.openings.length ? hoursLines(read.hours).slice(0, 600) : '',
      },
      from: span.to,
      to: end,
    });
  }
  return out;
}
