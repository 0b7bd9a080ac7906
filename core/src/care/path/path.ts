import type { Step } from './steps.js';
import type { SiteDocument } from '../../model/site.js';
import { toConfirm } from '../../making/generate/site.js';
import { factsToConfirm } from '../../brief/confirm.js';
import { some } from '../../ground/some.js';
import { daysUntil, type Finding } from '../rounds/finding.js';

export * from './steps.js';

/** How far one step of the path is: not begun, needs the designer, done; and at most three words on it. */
export interface StepState {
  step: Step;
  state: 'none' | 'needs' | 'done';
  words: string;
}

/** What lists and the path tell of a document, small enough to be kept beside it. */
export interface SiteSummary {
  /** Of this form. One of another is made anew. */
  version: typeof SUMMARY_VERSION;
  name: string;
  /** The mail address of the business. */
  mail: string;
  trade: string;
  pages: number;
  look: string;
  /** Whether the brief says enough to write from. */
  briefed: boolean;
  /** Facts and texts that nobody has confirmed. */
  factsToConfirm: number;
  textsToConfirm: number;
  /** Whether somebody wrote a page’s title or description for search engines. */
  titled: boolean;
}
export const SUMMARY_VERSION = 2;

/** The summary of a document. It depends on nothing else. */
export function summaryOf(document: SiteDocument): SiteSummary {
  const { facts, pages, look } = document;
  const briefed = facts.name !== '' && (facts.services.length > 0 || facts.description.length > 40);
  return {
    version: SUMMARY_VERSION,
    name: facts.name,
    mail: facts.mail,
    trade: facts.trade,
    pages: pages.length,
    look: look.name,
    briefed,
    factsToConfirm: briefed ? factsToConfirm(document).length : 0,
    textsToConfirm: pages.length ? toConfirm(document).length : 0,
    titled: pages.some((p) => p.seo.title || p.seo.description),
  };
}

/** What is known of a site. Times are ISO 8601. */
export interface SiteFacts {
  summary: SiteSummary;
  /** True once a release is on a server. */
  deployed: boolean;
  /** True where the live release was made from an older document than this one. */
  behind: boolean;
  domain: string | null;
  /** What the name servers said when last asked; null where nobody asked yet. */
  nameLeadsHere: boolean | null;
  certificateUntil: string | null;
  open: boolean;
  lastRound: string | null;
  findings: readonly Pick<Finding, 'key' | 'severity' | 'title'>[];
  /** How many findings somebody put off: they are not said, and it is not all well. */
  putOff: number;
  /** Since when nobody gets in, ISO 8601; null where visitors do. */
  downSince: string | null;
  /** What the client changed or proposes on the site itself, and waits for an answer. */
  toAnswer: number;
}

export interface Chip {
  tone: 'grey' | 'rain' | 'moss' | 'lamp' | 'brick';
  words: string;
}

/** Reads the path of a site off what is known of it. */
export function pathOf(site: SiteFacts): StepState[] {
  const { pages, look, briefed, factsToConfirm: unsure, textsToConfirm: open, titled } = site.summary;
  const drawn = pages > 0;
  const step = (name: Step, state: StepState['state'], words = ''): StepState => ({ step: name, state, words });
  return [
    step('brief', briefed && !unsure ? 'done' : 'needs', !briefed ? 'Say more' : unsure ? `${unsure} to confirm` : ''),
    step('plan', drawn ? 'done' : briefed ? 'needs' : 'none', drawn ? some(pages, 'page') : briefed ? 'Generate' : ''),
    step('look', drawn ? 'done' : 'none', drawn ? look : ''),
    step('pages', drawn ? (open ? 'needs' : 'done') : 'none', open ? `${open} to confirm` : ''),
    step('seo', drawn ? 'done' : 'none', drawn ? (titled ? 'Own words' : 'As written') : ''),
    site.domain === null
      ? step('domain', 'none')
      : site.nameLeadsHere && site.certificateUntil
        ? step('domain', 'done', 'Leads here')
        : step('domain', 'needs', site.nameLeadsHere ? 'No certificate' : 'Waiting'),
    step(
      'publish',
      site.open ? (site.behind ? 'needs' : 'done') : site.deployed ? 'needs' : 'none',
      site.open ? (site.behind ? 'To deploy' : 'Live') : site.deployed ? 'Closed' : '',
    ),
    step(
      'care',
      site.toAnswer || site.findings.length ? 'needs' : site.lastRound ? 'done' : 'none',
      site.toAnswer ? `${site.toAnswer} to answer` : site.findings.length ? some(site.findings.length, 'finding') : '',
    ),
  ];
}

/** The state of a site in a few words: only what was measured. */
export function chipOf(site: SiteFacts, now: string): Chip {
  if (!site.summary.pages) return { tone: 'grey', words: 'Brief only' };
  if (!site.deployed) return { tone: 'grey', words: 'Being made' };
  if (!site.open) {
    if (site.domain && !site.nameLeadsHere) return { tone: 'lamp', words: 'Waiting for the name' };
    return { tone: 'rain', words: 'Preview only' };
  }
  const broken = site.findings.find((f) => f.severity === 'broken');
  // Why nobody gets in says more than that nobody does.
  if (site.downSince && !(broken && /^(?:domain|certificate)-/.test(broken.key)))
    return { tone: 'brick', words: `Nobody gets in since ${site.downSince.slice(11, 16)} UTC` };
  if (broken) return { tone: 'brick', words: broken.title };
  if (site.toAnswer) return { tone: 'lamp', words: 'The client waits for an answer' };
  if (site.findings[0]) return { tone: 'lamp', words: site.findings[0].title };
  if (!site.lastRound) return { tone: 'rain', words: 'Open, not checked yet' };
  if (daysUntil(now, site.lastRound) >= 2) return { tone: 'lamp', words: 'Not checked lately' };
  if (site.putOff) return { tone: 'rain', words: 'Well but for what is put off' };
  return { tone: 'moss', words: 'All well' };
}
