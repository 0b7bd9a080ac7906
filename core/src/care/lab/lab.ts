import { found, kindOf, type Finding } from '../rounds/finding.js';
import { inKilobytes, inSeconds } from './words.js';

/** What a page took in a browser like a middling phone’s: the median of several times from nothing. */
export interface LabFigures {
  /** Largest contentful paint, ms: when its main part was there. */
  lcp: number;
  /** First contentful paint, ms. */
  fcp: number;
  /** Time to first byte, ms. */
  ttfb: number;
  /** Cumulative layout shift, without a unit: how much of it jumped. */
  cls: number;
  /** Total blocking time, ms: how long it answered to nothing. */
  tbt: number;
  /** Bytes that came over the line, compressed as they were, and requests. */
  bytes: number;
  requests: number;
  /** What its main part is: an element, as a selector, and the path of its picture where it is one. */
  largest: { element: string; path: string | null };
  /** What jumped most, as a selector; empty where nothing did. */
  jumped: string;
}

/** Who meets a fault of access: on a phone, on a wide screen, or on both. */
export type Width = 'phone' | 'wide' | 'both';

/** Something on a page that keeps people out, by axe-core, WCAG 2.2 up to AA. */
export interface AccessFault {
  /** The rule, as axe-core calls it. */
  rule: string;
  impact: 'minor' | 'moderate' | 'serious' | 'critical';
  /** What the rule asks for. */
  help: string;
  /** The first elements, as selectors, and how many there are. */
  elements: string[];
  count: number;
  width: Width;
}

/** What a browser showed of one page. */
export interface PageInLab {
  path: string;
  /** Null where it was not timed: the machine was busy with something else. */
  figures: LabFigures | null;
  faults: AccessFault[];
}

/** A page as it is judged: what was seen of it last, and how fast it was at the release before. */
export interface PageToJudge extends PageInLab {
  /** Largest contentful paint of the last release before this one that was timed, ms; null where there was none. */
  before: number | null;
}

/** Up to where each figure is good: three in four visits are to be within it (web.dev/vitals; TBT on a phone). */
export const BUDGET = { lcp: 2500, cls: 0.1, tbt: 200 } as const;
/** So much slower than the release before, ms and by what share, is said even where it is within the budget. */
const SLOWER_MS = 600;
const SLOWER = 1.4;
/** Up to here the server answers soon enough, ms. */
const FIRST_BYTE = 800;
/** Elements and pages that are named of one fault. */
const NAMED = 3;

const KINDS_OF_LAB: ReadonlySet<string> = new Set(['lab-late', 'lab-slower', 'lab-jumps', 'lab-deaf', 'access']);

/** Whether a finding comes from a browser: a round without one says nothing of it. */
export const isOfLab = (key: string): boolean => KINDS_OF_LAB.has(kindOf(key));

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1]!;

/** The figures of several runs, each the median of its own; what was largest and what jumped is of the run nearest to it. */
export function medianRun(runs: readonly LabFigures[]): LabFigures | null {
  if (!runs.length) return null;
  const of = (figure: (f: LabFigures) => number) => median(runs.map(figure));
  const lcp = of((f) => f.lcp);
  const near = [...runs].sort((a, b) => Math.abs(a.lcp - lcp) - Math.abs(b.lcp - lcp))[0]!;
  const whole = (figure: (f: LabFigures) => number) => Math.round(of(figure));
  return {
    ...{ lcp: Math.round(lcp), fcp: whole((f) => f.fcp), ttfb: whole((f) => f.ttfb), tbt: whole((f) => f.tbt) },
    cls: Math.round(of((f) => f.cls) * 1000) / 1000,
    ...{ bytes: whole((f) => f.bytes), requests: whole((f) => f.requests) },
    ...{ largest: near.largest, jumped: near.jumped },
  };
}

/** Whether all figures of a page are within the budget. */
export const withinBudget = (f: Pick<LabFigures, keyof typeof BUDGET>): boolean =>
  f.lcp <= BUDGET.lcp && f.cls <= BUDGET.cls && f.tbt <= BUDGET.tbt;

/** Judges what a browser showed of the pages of a site. Pure: the same pages give the same findings. */
export function judgeLab(pages: readonly PageToJudge[]): Finding[] {
  return [...pages.flatMap(judgeSpeed), ...judgeAccess(pages)];
}

function judgeSpeed({ path, figures: f, before }: PageToJudge): Finding[] {
  if (!f) return [];
  const out: Finding[] = [];
  const look = (kind: string, title: string, evidence: string, harm: string, fix: string, step: Finding['step']) =>
    out.push(found({ key: `${kind} ${path}`, severity: 'look', title: `${path} ${title}`, evidence, harm, fix, step }));
  const picture = f.largest.path;
  const main = picture ? `Its main picture, ${picture},` : `Its main part, ${f.largest.element || 'the text'},`;
  const weight = `${inKilobytes(f.bytes)} in ${f.requests} requests`;
  const remedy = (): [string, Finding['step']] => {
    if (f.ttfb > FIRST_BYTE) return ['The server took long to begin: see how busy it is.', 'care'];
    if (picture) return ['Take a smaller picture there, or one that says as much in fewer colours.', 'pages'];
    return ['Fewer pictures and a lighter look let the words come first.', 'pages'];
  };
  if (f.lcp > BUDGET.lcp)
    look(
      'lab-late',
      'comes late on a phone',
      `${main} was there after ${inSeconds(f.lcp)}; ${weight}. Good is up to ${inSeconds(BUDGET.lcp)}.`,
      'Who is on the way with a middling line waits before an empty page, and some leave.',
      ...remedy(),
    );
  else if (before !== null && f.lcp - before > SLOWER_MS && f.lcp > before * SLOWER)
    look(
      'lab-slower',
      'became slower',
      `${main} was there after ${inSeconds(f.lcp)}; at the release before it was ${inSeconds(before)}. ${weight}.`,
      'Nobody complains of it, and fewer stay.',
      ...remedy(),
    );
  if (f.cls > BUDGET.cls)
    look(
      'lab-jumps',
      'jumps while it loads',
      `${f.jumped || 'Parts of it'} moved what stood there already: ${f.cls}, where ${BUDGET.cls} is good.`,
      'People lose the line they read, or press what they did not mean.',
      'A picture there has no size, or something comes in above the rest. Look at the page as it loads.',
      'pages',
    );
  if (f.tbt > BUDGET.tbt)
    look(
      'lab-deaf',
      'answers late to a finger',
      `For ${inSeconds(f.tbt)} it answered to nothing while it loaded. Good is up to ${inSeconds(BUDGET.tbt)}.`,
      'People press twice, or think it is broken.',
      'Leave out what needs much script.',
      'pages',
    );
  return out;
}

const HARM: Record<AccessFault['impact'], string> = {
  critical: 'Some people cannot use it at all.',
  serious: 'Some people can hardly use it; in many countries it is against the law for a business.',
  moderate: 'Some people have trouble with it.',
  minor: 'It is a nuisance for some people.',
};

/** One finding for each rule, however many pages are against it. */
function judgeAccess(pages: readonly PageInLab[]): Finding[] {
  const rules = new Map<string, { fault: AccessFault; pages: string[]; count: number }>();
  for (const { path, faults } of pages)
    for (const fault of faults) {
      const known = rules.get(fault.rule);
      if (known) {
        known.pages.push(path);
        known.count += fault.count;
        if (known.fault.width !== fault.width) known.fault = { ...known.fault, width: 'both' };
      } else rules.set(fault.rule, { fault, pages: [path], count: fault.count });
    }
  return [...rules.values()].map(({ fault, pages: on, count }) => {
    const where = { phone: ' on a phone', wide: ' on a wide screen', both: '' }[fault.width];
    const more = on.length > NAMED ? ` and ${on.length - NAMED} more` : '';
    const elements = fault.elements.slice(0, NAMED).join(', ');
    return found({
      key: `access ${fault.rule}`,
      severity: 'look',
      title: `Not for everybody: ${fault.help.replace(/\.$/, '')}`,
      evidence: `${count === 1 ? 'One place' : `${count} places`}${where} on ${on.slice(0, NAMED).join(', ')}${more}: ${elements} (${fault.rule}).`,
      harm: HARM[fault.impact],
      fix: fault.rule.includes('contrast')
        ? 'Take colours that stand apart more, in Look.'
        : 'See to it in Pages, and deploy.',
      step: fault.rule.includes('contrast') ? 'look' : 'pages',
    });
  });
}
