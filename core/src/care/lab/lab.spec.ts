import { kindOf } from '../rounds/finding.js';
import { untried } from '../rounds/judge.js';
import type { RoundEvidence } from '../rounds/evidence.js';
import {
  BUDGET,
  isOfLab,
  judgeLab,
  medianRun,
  withinBudget,
  type AccessFault,
  type LabFigures,
  type PageToJudge,
} from './lab.js';
import { labWords } from './words.js';

const good: LabFigures = {
  ...{ lcp: 1200, fcp: 900, ttfb: 200, cls: 0.01, tbt: 40, bytes: 310_400, requests: 14 },
  largest: { element: 'header > img', path: '/media/quay.avif' },
  jumped: '',
};
const page = (more: Partial<LabFigures> | null, path = '/', rest: Partial<PageToJudge> = {}): PageToJudge => ({
  ...{ path, figures: more && { ...good, ...more }, faults: [], before: null },
  ...rest,
});
const keys = (...pages: PageToJudge[]) => judgeLab(pages).map((f) => f.key);
const fault = (rule: string, more: Partial<AccessFault> = {}): AccessFault => ({
  ...{
    rule,
    impact: 'serious',
    help: 'Links must have discernible text',
    elements: ['a.menu'],
    count: 1,
    width: 'both',
  },
  ...more,
});

describe('what a browser saw', () => {
  it('says nothing of pages that are good, up to the budget itself', () => {
    expect(keys(page({}), page(BUDGET, '/about/'))).toEqual([]);
    expect(withinBudget(BUDGET)).toBeTrue();
  });

  it('names each figure that is over its budget, for its page', () => {
    expect(keys(page({ lcp: 2501 }), page({ cls: 0.101, tbt: 201 }, '/work/'))).toEqual([
      'lab-late /',
      'lab-jumps /work/',
      'lab-deaf /work/',
    ]);
  });

  it('judges no figure that nobody took', () => {
    expect(keys(page(null))).toEqual([]);
  });

  it('says what came late and how heavy the page was, and where that is mended', () => {
    const of = (more: Partial<LabFigures>) => judgeLab([page({ lcp: 3140, ...more })])[0]!;
    expect(of({}).evidence).toBe(
      'Its main picture, /media/quay.avif, was there after 3.1 s; 310 kB in 14 requests. Good is up to 2.5 s.',
    );
    expect([of({}).step, of({ ttfb: 801 }).step]).toEqual(['pages', 'care']);
    const words = of({ largest: { element: 'h1', path: null } });
    expect(words.evidence).toContain('Its main part, h1, was there after');
    expect(words.fix).not.toContain('smaller picture');
  });

  it('says that a page became slower within the budget, and not that it is a little slower', () => {
    expect(keys(page({ lcp: 2000 }, '/', { before: 1200 }))).toEqual(['lab-slower /']);
    for (const before of [1450, 1401, 2400, null]) expect(keys(page({ lcp: 2000 }, '/', { before }))).toEqual([]);
    // Half as long again, but of little: nobody feels it.
    expect(keys(page({ lcp: 900 }, '/', { before: 500 }))).toEqual([]);
    // What is over the budget is said once.
    expect(keys(page({ lcp: 4000 }, '/', { before: 1200 }))).toEqual(['lab-late /']);
  });

  it('makes one finding of a rule, over all its pages', () => {
    const found = judgeLab([
      page({}, '/', { faults: [fault('link-name', { width: 'phone' })] }),
      page({}, '/a/', { faults: [fault('link-name', { count: 3 }), fault('color-contrast', { impact: 'moderate' })] }),
    ]);
    expect(found.map((f) => [f.key, f.step])).toEqual([
      ['access link-name', 'pages'],
      ['access color-contrast', 'look'],
    ]);
    expect(found[0]!.evidence).toBe('4 places on /, /a/: a.menu (link-name).');
    expect(found[0]!.title).toBe('Not for everybody: Links must have discernible text');
  });

  it('says at which width, where it is one', () => {
    const on = (...widths: AccessFault['width'][]) =>
      judgeLab(widths.map((width, n) => page({}, `/p${n}/`, { faults: [fault('x', { width })] })))[0]!.evidence;
    expect(on('phone')).toContain('One place on a phone on /p0/');
    expect(on('wide', 'wide')).toContain('2 places on a wide screen on /p0/, /p1/');
    for (const mixed of [on('phone', 'wide'), on('phone', 'both')]) expect(mixed).toContain('2 places on /p0/, /p1/');
  });

  it('names a few of many pages and elements', () => {
    const many = Array.from({ length: 9 }, (_, n) =>
      page({}, `/p${n}/`, { faults: [fault('x', { elements: ['a', 'b', 'c', 'd'] })] }),
    );
    expect(judgeLab(many)[0]!.evidence).toBe('9 places on /p0/, /p1/, /p2/ and 6 more: a, b, c (x).');
  });

  it('takes the median of each figure, and what was largest in the run nearest to it', () => {
    const run = (lcp: number, cls: number, path: string) => ({ ...good, lcp, cls, largest: { element: 'img', path } });
    const median = medianRun([run(3000, 0.02, '/c'), run(1000.4, 0.5, '/a'), run(2000.6, 0.0304, '/b')])!;
    expect([median.lcp, median.cls, median.largest.path]).toEqual([2001, 0.03, '/b']);
    expect(medianRun([])).toBeNull();
  });

  it('is not for a round without a browser to end', () => {
    const evidence = { pages: [], open: true, message: null, toFind: ['/'] } as unknown as RoundEvidence;
    const found = judgeLab([page({ lcp: 9999, cls: 1, tbt: 9999 }, '/', { faults: [fault('label')] })]);
    expect(found.length).toBe(4);
    expect(found.concat(judgeLab([page({ lcp: 2000 }, '/', { before: 1 })])).every((f) => isOfLab(f.key))).toBeTrue();
    expect(found.every((f) => untried(evidence, f.key))).toBeTrue();
    expect(untried(evidence, 'files-damaged')).toBeFalse();
    expect(new Set(found.map((f) => kindOf(f.key))).size).toBe(4);
  });

  it('tells a client in a line', () => {
    expect(labWords(good)).toBe('shows its main part after 1.2 s, stands still and answers at once');
    expect(labWords({ lcp: 4000, cls: 0.3, tbt: 900 })).toBe(
      'shows its main part after 4.0 s, jumps while it loads and answers 0.9 s late',
    );
  });
});
