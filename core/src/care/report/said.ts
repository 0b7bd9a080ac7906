import { minuteWords } from '../books/plan.js';
import { dayWords, monthAfter, monthWords } from '../books/months.js';
import type { LanguageTag } from '../../model/languages.gen.js';
import { report as de, invoice as invoiceDe } from './de.js';
import { report as en, invoice as invoiceEn } from './en.js';
import { report as es, invoice as invoiceEs } from './es.js';
import { report as fr, invoice as invoiceFr } from './fr.js';
import { nextThing, phoneShare, upPercent, type ReportFacts } from './report.js';
import type { InvoiceWords, ReportWords } from './words.js';

export const REPORT_WORDS: Record<LanguageTag, ReportWords> = { de, 'en-GB': en, 'en-US': en, es, fr };
export const INVOICE_WORDS: Record<LanguageTag, InvoiceWords> = {
  ...{ de: invoiceDe, 'en-GB': invoiceEn, 'en-US': invoiceEn, es: invoiceEs, fr: invoiceFr },
};

/** A report in words: what stands where it is read, whatever that is. */
export interface ReportSaid {
  language: LanguageTag;
  title: string;
  by: string;
  address: string;
  /** Words of the designer, paragraph by paragraph. */
  words: string[];
  /** Visits as one large number with its noun, and how it was before; null where nobody came. */
  came: { count: string; noun: string; before: string | null } | null;
  next: { heading: string; words: string } | null;
  parts: { heading: string; lines: string[] }[];
}

/** Says a report in the language of the site. */
export function reportSaid(f: ReportFacts, language: LanguageTag): ReportSaid {
  const w = REPORT_WORDS[language];
  const n = (count: number) => count.toLocaleString(language);
  const day = (iso: string) => dayWords(iso, language);
  const month = monthWords(f.month, language);
  const { visits, before } = f;
  const change = before && visits.visits - before.visits;
  const earlier = monthWords(monthAfter(f.month, -1), language);
  const cameLines = () => {
    const [host] = Object.entries(visits.from)
      .filter(([from]) => from && from !== '…')
      .sort((a, b) => b[1] - a[1]);
    const share = phoneShare(visits);
    return [
      f.mostRead && w.mostRead(f.mostRead.label, n(f.mostRead.times), f.mostRead.times),
      host && w.cameFrom(host[0], n(host[1]), host[1]),
      share !== null && w.onPhone(share),
      f.hasForm && (visits.forms ? w.wrote(n(visits.forms), visits.forms) : w.nobodyWrote),
    ];
  };
  const next = nextThing(f);
  const nextWords =
    next &&
    (next.kind === 'missing'
      ? w.missing(next.address, n(next.times))
      : next.kind === 'silent'
        ? w.silent(n(next.visits))
        : w.phone(next.share));
  const { published, edited, mended, certificate, work } = f.done;
  const done = [
    published && w.published(n(published), published),
    edited && w.edited(n(edited), edited),
    mended && w.mended(n(mended), mended),
    certificate && w.certificate,
    ...work.map((x) => `${day(x.day)}: ${x.words}`),
  ].filter((line) => typeof line === 'string');
  const { looks, down, minutes } = f.up;
  const part = (heading: string, lines: (string | false | null | undefined | 0)[]) => ({
    heading,
    lines: lines.filter((line) => typeof line === 'string' && line !== '') as string[],
  });
  const care = f.care;
  return {
    language,
    title: w.title(f.name, month),
    by: w.by(f.by),
    address: f.address,
    words: f.words,
    came: visits.visits
      ? {
          count: n(visits.visits),
          noun: w.visited('', visits.visits).trim(),
          before:
            before && change !== null
              ? change > 0
                ? w.more(n(change), earlier)
                : change < 0
                  ? w.fewer(n(-change), earlier)
                  : w.same(earlier)
              : null,
        }
      : null,
    next: nextWords ? { heading: w.next, words: nextWords } : null,
    parts: [
      part(w.visits, visits.visits ? cameLines() : [w.nobody]),
      part(w.done, done.length ? done : [w.nothingDone]),
      part(w.planned, [
        f.planned.publishes && w.publishes(day(f.planned.publishes)),
        f.planned.domainEnds && w.domainEnds(day(f.planned.domainEnds)),
        ...f.plans,
      ]),
      part(w.safe, [
        f.backups.proven
          ? w.proven(n(f.backups.proven), n(f.backups.nights), f.backups.proven)
          : f.backups.nights > 0 && w.notProven,
        looks > 0 && (down ? w.up(upPercent(f.up, language), n(looks), minuteWords(minutes)) : w.upAlways(n(looks))),
        f.answerMs !== null &&
          w.answer((Math.max(10, f.answerMs) / 1000).toLocaleString(language, { maximumFractionDigits: 2 })),
        f.phoneMs !== null && w.mainPart((f.phoneMs / 1000).toLocaleString(language, { maximumFractionDigits: 1 })),
      ]),
      part(w.care, [
        care &&
          (care.used === 0
            ? care.included > 0 && w.none(care.plan, minuteWords(care.included))
            : care.included > 0
              ? w.used(care.plan, minuteWords(care.used), minuteWords(care.included))
              : w.usedOnly(care.plan, minuteWords(care.used))),
      ]),
    ].filter((p) => p.lines.length > 0),
  };
}

/** The same as plain words: for the part of a letter that has no look. */
export function reportText(said: ReportSaid): string {
  const lines = [
    said.title,
    ...said.words,
    ...(said.came ? [[`${said.came.count} ${said.came.noun}`, said.came.before].filter(Boolean).join(', ') + '.'] : []),
    ...(said.next ? [`${said.next.heading}: ${said.next.words}`] : []),
    ...said.parts.map((p) => [`${p.heading}:`, ...p.lines.map((line) => `- ${line}`)].join('\n')),
    said.by,
  ];
  return `${lines.join('\n\n')}\n`;
}
