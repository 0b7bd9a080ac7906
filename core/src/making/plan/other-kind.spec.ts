import { briefFixtures } from '../../fixtures/briefs.js';
import { demoFacts } from '../../fixtures/facts.js';
import { factsOf, siteFrom } from '../../fixtures/measure-copy.js';
import { openerOf } from '../../model/page.js';
import { apply } from '../../operations/apply.js';
import { OperationError } from '../../operations/definition.js';
import { validateDocument } from '../../operations/validate.js';
import { renderPage } from '../../page/index.js';
import { withSlip } from '../ask/ask.js';
import { textsOf } from '../generate/site.js';
import { changesTo } from '../points/changes-to.js';
import { kindOf } from './plan.js';
import { otherKinds } from './other-kind.js';

describe('a section made one of another kind', () => {
  const sites = [
    siteFrom(demoFacts, 1),
    ...briefFixtures.slice(5, 9).map((b, n) => siteFrom(factsOf(b.text, ''), n + 2)),
  ];
  const words = (s: Parameters<typeof textsOf>[0]) =>
    textsOf(s).flatMap((t) => (t.text.value && !t.path.endsWith('.alt') ? [t.text.value] : []));

  it('keeps its words but for those it says it leaves, is valid and drawn, and is taken back to the byte', () => {
    let made = 0;
    for (const site of sites)
      for (const page of site.pages)
        for (const section of page.sections)
          for (const { operation, left, shape } of otherKinds(site, section.id)) {
            made++;
            const { document, inverse } = apply(site, operation);
            const now = document.pages.flatMap((p) => p.sections).find((s) => s.id === section.id)!;
            expect(now.shape).toBe(shape);
            expect(kindOf(now.shape)).not.toBe(kindOf(section.shape));
            expect([...words(now), ...left].sort())
              .withContext(`${section.shape} as ${shape}`)
              .toEqual(words(section).sort());
            expect(validateDocument(document)).withContext(shape).toEqual([]);
            expect(renderPage(document, page.id, { origin: 'https://s.example' })).toBeDefined();
            expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(site));
          }
    expect(made).toBeGreaterThan(20);
  });

  it('is offered as what holds most of it first, and a list as other lists', () => {
    const [site] = sites;
    const services = site!.pages.flatMap((p) => p.sections).find((s) => kindOf(s.shape) === 'services')!;
    const kinds = otherKinds(site!, services.id).map((k) => kindOf(k.shape));
    expect(kinds).toContain('steps');
    expect(kinds).toContain('questions');
    expect(kinds).not.toContain('services');
    const story = site!.pages.flatMap((p) => p.sections).find((s) => kindOf(s.shape) === 'story')!;
    expect(otherKinds(site!, story.id).map((k) => kindOf(k.shape))).toContain('feature');
  });

  it('is not what opens a page, what is drawn from facts, or what every page shares', () => {
    const [site] = sites;
    expect(otherKinds(site!, openerOf(site!.pages[0]!)!.id)).toEqual([]);
    expect(otherKinds(site!, site!.header!.id)).toEqual([]);
    for (const s of site!.pages.flatMap((p) => p.sections))
      if (/^(?:contact|visit|opening)\//.test(s.shape)) expect(otherKinds(site!, s.id)).toEqual([]);
    expect(() =>
      apply(site!, { op: 'putSection', section: { ...site!.pages[0]!.sections[1]!, shape: 'header/bar' } }),
    ).toThrowError(OperationError);
  });

  it('is one change between two points', () => {
    const [site] = sites;
    const services = site!.pages.flatMap((p) => p.sections).find((s) => kindOf(s.shape) === 'services')!;
    const then = apply(site!, otherKinds(site!, services.id)[0]!.operation).document;
    const changes = changesTo(site!, then);
    expect(changes.map((c) => c.operation.op)).toEqual(['putSection']);
    expect(JSON.stringify(withSlip(site!, changes, true))).toBe(JSON.stringify(then));
  });
});
