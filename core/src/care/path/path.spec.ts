import { demoFacts, siteFrom } from '../../fixtures/index.js';
import { newDocument } from '../../making/generate/site.js';
import { allTexts } from '../../making/generate/site.js';
import { emptyFacts } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { chipOf, pathOf, STEPS, summaryOf, type SiteFacts, type Step } from './path.js';

const NOW = '2026-11-26T12:00:00.000Z';
const written = siteFrom(demoFacts, 2);
const site = (over: Partial<SiteFacts> = {}): SiteFacts => ({
  summary: summaryOf(written),
  deployed: false,
  behind: false,
  domain: null,
  nameLeadsHere: null,
  certificateUntil: null,
  open: false,
  lastRound: null,
  findings: [],
  putOff: 0,
  downSince: null,
  toAnswer: 0,
  ...over,
});
const live = (over: Partial<SiteFacts> = {}) =>
  site({
    deployed: true,
    open: true,
    domain: 'yard.example',
    nameLeadsHere: true,
    certificateUntil: '2027-02-01T00:00:00.000Z',
    lastRound: NOW,
    ...over,
  });
const step = (of: SiteFacts, name: Step) => pathOf(of).find((s) => s.step === name)!;

describe('the path of a site', () => {
  it('has a state for every step, in order, in at most three words', () => {
    for (const of of [site(), live(), site({ summary: summaryOf(newDocument('x', emptyFacts())) })]) {
      const path = pathOf(of);
      expect(path.map((s) => s.step)).toEqual([...STEPS]);
      for (const { words } of path) expect(words.split(' ').length).withContext(words).toBeLessThan(4);
    }
  });

  it('begins with a brief that says enough', () => {
    const briefed = (over: object) =>
      step(site({ summary: summaryOf(newDocument('x', { ...emptyFacts(), ...over })) }), 'brief');
    expect(briefed({}).words).toBe('Say more');
    expect(briefed({ name: 'Yard' }).words).toBe('Say more');
    expect(briefed({ name: 'Yard', services: [{ id: 'v1', name: 'Rigging', detail: '', price: '' }] }).state).toBe(
      'done',
    );
    expect(briefed({ name: 'Yard', description: 'We lay rope in the long walk behind the chapel.' }).state).toBe(
      'done',
    );
  });

  it('counts what nobody has vouched for, and is done with the pages when all of it is', () => {
    const { summary } = site();
    expect(summary.textsToConfirm).toBeGreaterThan(0);
    expect(step(site(), 'pages')).toEqual({
      step: 'pages',
      state: 'needs',
      words: `${summary.textsToConfirm} to confirm`,
    });
    const vouched = allTexts(written).reduce(
      (d, t) =>
        apply(d, {
          op: 'setText',
          at: { section: t.section.id, path: t.path },
          text: { value: t.text.value, from: { kind: 'designer' } },
        }).document,
      written,
    );
    expect(step(site({ summary: summaryOf(vouched) }), 'pages').state).toBe('done');
  });

  it('says of a domain what was measured: waiting, without certificate, leading here', () => {
    expect(step(site(), 'domain').state).toBe('none');
    expect(step(site({ domain: 'yard.example' }), 'domain').words).toBe('Waiting');
    expect(step(site({ domain: 'yard.example', nameLeadsHere: false }), 'domain').words).toBe('Waiting');
    expect(step(site({ domain: 'yard.example', nameLeadsHere: true }), 'domain').words).toBe('No certificate');
    expect(step(live(), 'domain')).toEqual({ step: 'domain', state: 'done', words: 'Leads here' });
  });

  it('tells a live site from one that is closed, and from one whose changes are not up', () => {
    expect(step(site(), 'publish').state).toBe('none');
    expect(step(site({ deployed: true }), 'publish').words).toBe('Closed');
    expect(step(live(), 'publish').words).toBe('Live');
    expect(step(live({ behind: true }), 'publish').words).toBe('To deploy');
  });

  it('is written over by hand where somebody wrote for search engines', () => {
    expect(step(site(), 'seo').words).toBe('As written');
    const titled = apply(written, {
      op: 'setSeo',
      page: 'home',
      field: 'title',
      text: { value: 'A yard', from: { kind: 'designer' } },
    }).document;
    expect(step(site({ summary: summaryOf(titled) }), 'seo').words).toBe('Own words');
  });
});

describe('the chip of a site', () => {
  it('says the worst that was measured, and that all is well only where that was', () => {
    const words = (of: SiteFacts) => `${chipOf(of, NOW).tone}: ${chipOf(of, NOW).words}`;
    expect(words(site({ summary: summaryOf(newDocument('x', demoFacts)) }))).toBe('grey: Brief only');
    expect(words(site())).toBe('grey: Being made');
    expect(words(site({ deployed: true }))).toBe('rain: Preview only');
    expect(words(site({ deployed: true, domain: 'yard.example', nameLeadsHere: false }))).toBe(
      'lamp: Waiting for the name',
    );
    expect(words(live())).toBe('moss: All well');
    expect(words(live({ lastRound: null }))).toBe('rain: Open, not checked yet');
    expect(words(live({ lastRound: '2026-11-23T12:00:00.000Z' }))).toBe('lamp: Not checked lately');
    const look = { key: 'page-x /', severity: 'look' as const, title: 'A title is long' };
    const broken = { key: 'page-x /', severity: 'broken' as const, title: 'A page is gone' };
    expect(words(live({ findings: [look] }))).toBe('lamp: A title is long');
    expect(words(live({ findings: [look, broken] }))).toBe('brick: A page is gone');
    expect(words(live({ findings: [look, broken], toAnswer: 2 }))).toBe('brick: A page is gone');
    expect(words(live({ findings: [look], toAnswer: 2 }))).toBe('lamp: The client waits for an answer');
    expect(words(live({ putOff: 1 }))).toBe('rain: Well but for what is put off');
    expect(words(live({ putOff: 1, findings: [look] }))).toBe('lamp: A title is long');
    const downSince = '2026-11-26T11:48:00.000Z';
    const astray = { key: 'domain-astray', severity: 'broken' as const, title: 'The domain leads elsewhere' };
    expect(words(live({ downSince, findings: [broken] }))).toBe('brick: Nobody gets in since 11:48 UTC');
    expect(words(live({ downSince, findings: [astray] }))).toBe('brick: The domain leads elsewhere');
    expect(step(live({ toAnswer: 2 }), 'care')).toEqual({ step: 'care', state: 'needs', words: '2 to answer' });
  });
});
