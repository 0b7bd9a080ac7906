import type { Month } from '../books/months.js';
import type { VisitDay } from '../visits/tally.js';

/** What a client is told of a month: facts, said in their language where it is drawn. */
export interface ReportFacts {
  /** What the site is called, and who looks after it. */
  name: string;
  by: string;
  month: Month;
  /** Where the site is, without its scheme. */
  address: string;
  /** Words of the designer, paragraph by paragraph; what they plan, line by line. */
  words: string[];
  plans: string[];
  visits: VisitDay;
  /** Of the month before; null where it was not counted for all of that. */
  before: { visits: number } | null;
  /** What the most read page beside the first one is called. */
  mostRead: { label: string; times: number } | null;
  hasForm: boolean;
  done: {
    /** How often the site was published anew, and what the client changed at the desk. */
    published: number;
    edited: number;
    /** Faults that were found and are gone. */
    mended: number;
    /** Whether the certificate was renewed. */
    certificate: boolean;
    /** Work that was written down. */
    work: { day: string; words: string }[];
  };
  planned: {
    /** ISO 8601; when it is published by itself. */
    publishes: string | null;
    /** Until when the domain is held, where that is soon. */
    domainEnds: string | null;
  };
  /** Nights of the month whose backup was proven, of those there were. */
  backups: { proven: number; nights: number };
  /** Looks from outside that got in, of how many; minutes nobody did. */
  up: { looks: number; down: number; minutes: number };
  /** Milliseconds until the first page was there for whoever looked from outside; null where that was not taken. */
  answerMs: number | null;
  /** Milliseconds until its main part was there on a phone with a middling line; null where no browser looked. */
  phoneMs: number | null;
  care: { plan: string; used: number; included: number } | null;
}

/** The one thing a client can do next, of what the visits show. */
export type NextThing =
  | { kind: 'missing'; address: string; times: number }
  | { kind: 'silent'; visits: number }
  | { kind: 'phone'; share: number }
  | null;

/** So often an address has to be asked for before it is worth a word. */
const WORTH_LEADING = 3;
const WORTH_ASKING = 50;
const MOSTLY = 60;

/** How many of a hundred read on a phone; null where nobody read. */
export function phoneShare({ devices: { phone, tablet, desktop } }: VisitDay): number | null {
  const all = phone + tablet + desktop;
  return all ? Math.round((phone / all) * 100) : null;
}

/** What to do next: lead on what people look for and is not there; ask why nobody writes; look at it as most do. */
export function nextThing({ visits, hasForm }: Pick<ReportFacts, 'visits' | 'hasForm'>): NextThing {
  const [missed] = Object.entries(visits.missing)
    .filter(([path]) => path !== '…')
    .sort((a, b) => b[1] - a[1]);
  if (missed && missed[1] >= WORTH_LEADING) return { kind: 'missing', address: missed[0], times: missed[1] };
  if (hasForm && !visits.forms && visits.visits >= WORTH_ASKING) return { kind: 'silent', visits: visits.visits };
  const share = phoneShare(visits);
  return share !== null && share >= MOSTLY && visits.visits >= WORTH_ASKING ? { kind: 'phone', share } : null;
}

/** Percent of looks that got in, to two places, never rounded up to 100. */
export function upPercent({ looks, down }: ReportFacts['up'], language: string): string {
  const share = looks ? Math.floor(((looks - down) / looks) * 10_000) / 100 : 0;
  return new Intl.NumberFormat(language, { maximumFractionDigits: 2 }).format(share);
}
