import { demoFacts } from '../fixtures/facts.js';
import { apply } from '../operations/apply.js';
import { targetOf } from '../page/render/render.js';
import { newDocument } from './generate/site.js';
import { writeVersion } from './generate/write.js';
import { isDead, linkChoices, readLink } from './links.js';
import { takeOutPage } from './plan/plan.js';

const facts = {
  ...demoFacts,
  contacts: [
    { id: 'c1', value: '01632 960 777', what: 'out of hours' },
    { id: 'c2', value: 'storage@hollis.example', what: 'winter storage' },
    { id: 'c3', value: 'ask in the yard', what: 'keys' },
  ],
};
const site = apply(newDocument('x', facts), writeVersion(facts, 1)).document;

describe('where words can lead', () => {
  it('is every page and section, and every way to reach the client', () => {
    const choices = linkChoices(site);
    expect(choices.slice(0, site.pages.length).map((c) => c.target)).toEqual(site.pages.map((p) => `page:${p.id}`));
    expect(choices.map((c) => c.target)).toContain('mailto:storage@hollis.example');
    expect(choices.map((c) => c.target)).toContain('tel:01632960777');
    // What is no number and no address rings nowhere.
    expect(choices.map((c) => c.words).join()).not.toContain('ask in the yard');
    for (const { target } of choices) expect(targetOf(site, target)).withContext(target).not.toBeNull();
  });

  it('is read as people type it', () => {
    expect(readLink('www.hollis.example/boats?x=1')).toBe('https://www.hollis.example/boats?x=1');
    expect(readLink('HTTP://hollis.example')).toBe('http://hollis.example');
    expect(readLink(' +44 1632 960 114 ')).toBe('tel:+441632960114');
    expect(readLink('mailto:ask@hollis.example')).toBe('mailto:ask@hollis.example');
    for (const none of ['', 'the boats page', 'javascript:alert(1)', 'hollis', '12', 'a@b', 'https://'])
      expect(readLink(none)).withContext(none).toBeNull();
  });

  it('is known to be gone when its page or section is', () => {
    const [home, other] = site.pages;
    const [first] = other!.sections;
    const targets = [`page:${other!.id}`, `page:${other!.id}#${first!.id}`, `page:${home!.id}#nowhere`, 'page:nowhere'];
    const outside = ['https://elsewhere.example', 'tel:01632960114'];
    expect([...targets, ...outside].map((t) => isDead(site, t))).toEqual([false, false, true, true, false, false]);
    const without = apply(site, takeOutPage(site, other!.id)).document;
    expect([...targets, ...outside].map((t) => isDead(without, t))).toEqual([true, true, true, true, false, false]);
  });
});
