import { demoFacts } from '../fixtures/facts.js';
import { siteFrom } from '../fixtures/measure-copy.js';
import { shownSections } from '../model/page.js';
import type { SiteDocument } from '../model/site.js';
import { apply } from '../operations/apply.js';
import { headingsOf, renderPage } from '../page/index.js';
import { textsOf } from './generate/site.js';
import { linksOf, picturesOf, toSeveral } from './outline.js';
import { carryTo } from './plan/sections.js';

describe('the outline of a page', () => {
  const site = siteFrom(demoFacts, 1);
  const home = site.pages[0]!;

  it('has the headings that are drawn, the first alone of the first level, and none skips one', () => {
    for (const page of site.pages) {
      const headings = headingsOf(site, page.id);
      expect(headings[0]!.level).toBe(1);
      expect(headings.filter((h) => h.level === 1).length).toBe(1);
      headings.slice(1).forEach((h, n) => expect(h.level - headings[n]!.level).toBeLessThan(2));
      // As many as visitors get.
      const html = renderPage(site, page.id, { origin: 'https://s.example' })!;
      expect(headings.length).toBe(html.match(/<h[1-6]\b/g)!.length);
      const named = headings.filter((h) => h.part !== null);
      expect(named.length).toBeGreaterThan(0);
      for (const h of named) {
        const [section, path] = h.part!.split('/');
        const found = page.sections.find((s) => s.id === section);
        expect(
          textsOf(found!)
            .find((t) => t.path === path)
            ?.text.value.replace(/\s+/g, ' '),
        ).toBe(h.words);
      }
    }
  });

  it('has the links in its words, and says which lead nowhere', () => {
    const at = { section: home.sections[0]!.id, path: 'lead' };
    const linked = (target: string): SiteDocument =>
      apply(site, {
        op: 'setText',
        at,
        text: {
          value: 'Ring us & see',
          from: { kind: 'designer' },
          marks: [{ kind: 'link', from: 0, to: 4, target }],
        },
      }).document;
    const of = (d: SiteDocument) => linksOf(d, d.pages[0]!);
    expect(of(site)).toEqual([]);
    expect(of(linked('page:contact'))).toEqual([
      { part: `${at.section}/lead`, words: 'Ring', leads: 'Contact', dead: false },
    ]);
    expect(of(linked('page:gone'))[0]).toEqual(jasmine.objectContaining({ leads: 'gone', dead: true }) as never);
  });

  it('has the pictures that are shown, with what is said of each', () => {
    const pictures = picturesOf(site, home);
    expect(pictures.length).toBeGreaterThan(0);
    const [first] = pictures;
    const [section = '', path = ''] = first!.part.split('/');
    const told = apply(site, {
      op: 'setText',
      at: { section, path },
      text: { value: 'A slip at low tide', from: { kind: 'designer' } },
    }).document;
    expect(picturesOf(told, told.pages[0]!)[0]!.alt).toBe('A slip at low tide');
  });

  it('does one thing to several sections at once, as one step, and says what it cannot', () => {
    const ids = home.sections.map((s) => s.id);
    const hidden = toSeveral(site, ids, (_, section) => ({ op: 'setSection', section, hidden: true }));
    // One has to stay.
    const after = apply(site, hidden.operation!);
    expect(shownSections(after.document.pages[0]!).length).toBe(1);
    expect(hidden.refused.length).toBe(1);
    expect(JSON.stringify(apply(after.document, after.inverse).document)).toBe(JSON.stringify(site));
    const carried = toSeveral(site, [ids[2]!, ids[1]!], (d, id) => carryTo(d, id, 'about'));
    const about = apply(site, carried.operation!).document.pages.find((p) => p.id === 'about')!;
    // In the order they stood, whatever order they were chosen in.
    expect(about.sections.slice(-2).map((s) => s.id)).toEqual([ids[1]!, ids[2]!]);
    expect(toSeveral(site, ['nowhere', 'header'], () => null)).toEqual({ operation: null, refused: [] });
  });
});
