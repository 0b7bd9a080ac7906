import { demoFacts, siteFrom } from '../../fixtures/index.js';
import { validateDocument } from '../../operations/validate.js';
import { childrenOf, type SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { askPlan } from './ask-plan.js';
import { kindOf, rewriteVersion } from './plan.js';

const start = siteFrom(demoFacts, 2);
const after = (document: SiteDocument, ...sentences: string[]) =>
  sentences.reduce((now, s) => {
    const answer = askPlan(now, s);
    if (!answer?.operation) throw new Error(`“${s}”: ${answer?.words ?? 'not about the plan'}`);
    const next = apply(now, answer.operation).document;
    expect(validateDocument(next)).withContext(s).toEqual([]);
    return next;
  }, document);
const labels = (document: SiteDocument) => document.pages.map((p) => p.label);
const kinds = (document: SiteDocument, label: string) =>
  document.pages.find((p) => p.label === label)!.sections.map((s) => kindOf(s.shape));

describe('the plan, changed in plain words', () => {
  it('gains, loses and moves pages', () => {
    expect(labels(start)).toEqual(['Home', 'Services', 'About', 'Contact']);
    expect(labels(after(start, 'Please add a page about the old slip.'))).toContain('Old slip');
    expect(labels(after(start, 'add an imprint', 'add a privacy page'))).toEqual([
      'Home',
      'Services',
      'About',
      'Contact',
      'Imprint',
      'Privacy',
    ]);
    expect(labels(after(start, 'remove the about page'))).not.toContain('About');
    expect(labels(after(start, 'move about before services'))).toEqual(['Home', 'About', 'Services', 'Contact']);
    expect(labels(after(start, 'rename the services page to Work'))).toContain('Work');
  });

  it('puts pages under others, one level deep, and another version keeps them there', () => {
    const nested = after(start, 'add a page about rigging under services', 'put about under services');
    const services = nested.pages.find((p) => p.id === 'services')!;
    expect(childrenOf(nested.pages, services).map((p) => p.label)).toEqual(['About', 'Rigging']);
    const again = apply(nested, rewriteVersion(nested, 9)).document;
    expect(childrenOf(again.pages, services).map((p) => p.label)).toEqual(['About', 'Rigging']);
    expect(() => apply(nested, askPlan(nested, 'put contact under about')!.operation!)).toThrowError(/one level deep/);
    const lifted = after(nested, 'remove services');
    expect(lifted.pages.every((p) => p.parent === undefined)).toBeTrue();
    const { inverse, document } = apply(nested, { op: 'removePage', page: 'services' });
    expect(apply(document, inverse).document).toEqual(nested);
  });

  it('gains, loses and moves sections', () => {
    expect(kinds(after(start, 'add opening hours to the about page'), 'About').at(-1)).toBe('hours');
    expect(kinds(after(start, 'put steps on the home page at the top'), 'Home')[1]).toBe('steps');
    expect(kinds(after(start, 'take out the form from contact'), 'Contact')).not.toContain('contact');
    expect(kinds(after(start, 'move the story on home first'), 'Home')[0]).toBe('story');
  });

  it('says what it cannot do, and leaves alone what is not about the plan', () => {
    expect(askPlan(start, 'add a spaceship to the home page')?.words).toContain('no section I know');
    expect(askPlan(start, 'add a form to the moon page')?.words).toContain('no page called moon');
    expect(askPlan(start, 'remove the home page')?.operation).toBeNull();
    expect(askPlan(start, 'phone is 01632 960 115')).toBeNull();
    expect(askPlan(start, 'change mend to repair')).toBeNull();
  });
});
