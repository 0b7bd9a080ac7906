import { demoFacts, siteFrom } from '../../fixtures/index.js';
import { allTexts } from '../generate/site.js';
import type { Facts, SiteDocument } from '../../model/site.js';
import { validateDocument, validateOperation } from '../../operations/validate.js';
import { apply } from '../../operations/apply.js';
import type { Operation } from '../../operations/operation.js';
import { differences, withFollowing } from './follow.js';
import { rewriteVersion } from './plan.js';

const start = siteFrom(demoFacts, 2);
const services = (change: (all: Facts['services']) => Facts['services']): Operation => ({
  op: 'setServices',
  services: change(start.facts.services),
});
const changed = (operation: Operation, from = start): SiteDocument => {
  const whole = withFollowing(from, operation);
  expect(validateOperation(whole)).toEqual([]);
  const { document, inverse } = apply(from, whole);
  expect(validateDocument(document)).toEqual([]);
  expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(from));
  return document;
};
const said = (document: SiteDocument) =>
  allTexts(document)
    .map((t) => t.text.value)
    .join('\n');
const place = (document: SiteDocument, value: string) => allTexts(document).find((t) => t.text.value === value)!;

describe('pages follow the facts', () => {
  it('where a price changes, comes or goes', () => {
    const now = changed(services((all) => all.map((s) => (s.id === 'v2' ? { ...s, price: '£41 a week' } : s))));
    expect(said(now)).toContain('£41 a week');
    expect(said(now)).not.toContain('£38');
    const more = changed(services((all) => all.map((s) => (s.id === 'v3' ? { ...s, price: 'from £90' } : s))));
    expect(said(more)).toContain('from £90');
    const none = changed(services((all) => all.map((s) => ({ ...s, price: '' }))));
    const prices = allTexts(none).filter((t) => t.path.endsWith('.price') && t.text.value);
    expect(prices).toEqual([]);
    expect(differences(more)).toEqual([]);
  });

  it('where a service is renamed, in lists and in sentences', () => {
    const now = changed(services((all) => all.map((s) => (s.id === 'v2' ? { ...s, name: 'Winter berths' } : s))));
    expect(said(now)).toContain('Winter berths');
    expect(said(now).toLowerCase()).not.toContain('winter storage');
  });

  it('where a service is added or taken out, and when its name is typed letter by letter', () => {
    const added = { id: 'v9', name: '', detail: 'By the hour.', price: '£45' };
    let now = changed(services((all) => [...all, added]));
    for (const name of ['D', 'Di', 'Diving'])
      now = changed(
        { op: 'setServices', services: now.facts.services.map((s) => (s.id === 'v9' ? { ...s, name } : s)) },
        now,
      );
    const items = allTexts(now).filter((t) => t.path.endsWith('.name') && t.text.value.startsWith('D'));
    expect(items.map((t) => t.text.value)).toContain('Diving');
    expect(items.some((t) => t.text.value === 'D')).toBeFalse();
    expect(said(now)).toContain('By the hour.');
    // Emptied on the way to another name, it keeps its place.
    const empty = changed(
      { op: 'setServices', services: now.facts.services.map((s) => (s.id === 'v9' ? { ...s, name: '' } : s)) },
      now,
    );
    expect(said(empty)).toContain('Diving');
    const out = changed({ op: 'setServices', services: now.facts.services.filter((s) => s.id !== 'v3') }, now);
    expect(allTexts(out).some((t) => t.path.endsWith('.name') && t.text.value === 'Rigging')).toBeFalse();
  });

  it('where somebody joins or leaves, and where the client says more of a service than their trade does', () => {
    const people = ['Anna Hollis', 'Peter Wren', 'Tom Gant'].map((name, n) => ({
      id: `p${n}`,
      name,
      role: 'shipwright',
    }));
    const site = siteFrom({ ...demoFacts, people: people.slice(0, 2) }, 2);
    const joined = changed({ op: 'setPeople', people }, site);
    const names = (d: SiteDocument) =>
      allTexts(d).flatMap((t) =>
        t.section.shape.startsWith('people/') && t.path.endsWith('.name') ? t.text.value : [],
      );
    expect(names(site)).toEqual(['Anna Hollis', 'Peter Wren']);
    expect(names(joined)).toEqual(['Anna Hollis', 'Peter Wren', 'Tom Gant']);
    expect(names(changed({ op: 'setPeople', people: people.slice(1) }, joined))).toEqual(['Peter Wren', 'Tom Gant']);

    const pack = allTexts(start).find((t) => t.path.endsWith('.text') && t.text.from.kind === 'pack');
    expect(pack).toBeDefined();
    const item = pack!.path.replace(/\.text$/, '.name');
    const name = allTexts(start).find((t) => t.section.id === pack!.section.id && t.path === item)!.text.value;
    const more = changed(
      services((all) => all.map((s) => (s.name === name ? { ...s, detail: 'In our own words' } : s))),
    );
    expect(said(more)).toContain('In our own words.');
    expect(said(more)).not.toContain(pack!.text.value);
  });

  it('where somebody is called otherwise who stands in a paragraph of several: it stays the paragraph it was', () => {
    const people = [
      { id: 'p1', name: 'Ada Hollis', role: 'Shipwright' },
      { id: 'p2', name: 'Tom Wren', role: 'Rigger' },
    ];
    const staffed = siteFrom({ ...demoFacts, people }, 2);
    const paragraph = (d: SiteDocument, words: string) =>
      allTexts(d).find((t) => /^paragraphs\./.test(t.path) && t.text.value.includes(words));
    const before = paragraph(staffed, 'Ada Hollis')!;
    expect(before).toBeDefined();
    const renamed = people.map((p) => (p.id === 'p1' ? { ...p, name: 'Ada Gant' } : p));
    const now = changed({ op: 'setPeople', people: renamed }, staffed);
    expect(paragraph(now, 'Ada Gant')!.path).toBe(before.path);
    expect(said(now)).not.toContain('Ada Hollis');
  });

  it('where a fact stands in a sentence', () => {
    const now = changed({ op: 'setFact', field: 'place', value: 'Ottersay' });
    const woven = allTexts(now).filter((t) => t.text.from.kind === 'brief' && t.text.from.quote.includes('Saltmarrow'));
    expect(woven.map((t) => t.text.value)).toEqual([]);
    expect(withFollowing(start, { op: 'setFact', field: 'aim', value: 'inform' }).op).toBe('setFact');
  });

  it('but not where somebody wrote by hand: that is shown as differing', () => {
    const at = place(start, '£38 a week');
    const byHand = apply(start, {
      op: 'setText',
      at: { section: at.section.id, path: at.path },
      text: { value: '£36 a week', from: { kind: 'designer' } },
    }).document;
    expect(differences(start)).toEqual([]);
    expect(differences(byHand)).toEqual([
      {
        at: { section: at.section.id, path: at.path, page: at.page!.id },
        what: 'Price of Winter storage',
        page: '£36 a week',
        facts: '£38 a week',
      },
    ]);
    const now = changed(
      { op: 'setServices', services: byHand.facts.services.map((s) => ({ ...s, price: s.price && '£50' })) },
      byHand,
    );
    expect(said(now)).toContain('£36 a week');
    expect(differences(now).map((d) => d.facts)).toContain('£50');
  });

  it('on sites that are filled out, whichever fact changes', () => {
    const facts = { ...demoFacts, founded: '1974' };
    const filled = siteFrom(facts, 2, { fill: 'full' });
    const figures = (d: SiteDocument) =>
      allTexts(d).flatMap((t) =>
        t.section.shape.startsWith('figures/') && t.path.endsWith('.figure') ? t.text.value : [],
      );
    expect(figures(filled)[0]).toBe('1974');
    for (const field of Object.keys(facts) as (keyof Facts)[])
      if (typeof facts[field] === 'string' && !['aim', 'tone', 'premises', 'description'].includes(field))
        changed(
          { op: 'setFact', field: field as 'place', value: field === 'founded' ? '1975' : 'Monday 9 to 5' },
          filled,
        );
    expect(figures(changed({ op: 'setFact', field: 'founded', value: '1975' }, filled))[0]).toBe('1975');
    expect(
      said(
        changed(
          services((all) => all.slice(1)),
          filled,
        ),
      ),
    ).not.toContain(facts.services[0]!.name);
  });

  it('in sites written before texts knew their fact', () => {
    const old = JSON.parse(JSON.stringify(start).replace(/,"fact":"[^"]*"/g, '')) as SiteDocument;
    expect(old).not.toEqual(start);
    const now = changed(
      services((all) => all.map((s) => (s.id === 'v2' ? { ...s, price: '£41 a week' } : s))),
      old,
    );
    expect(said(now)).toContain('£41 a week');
  });

  it('and another version changes nothing about that', () => {
    const again = apply(start, rewriteVersion(start, 7)).document;
    const now = changed(
      services((all) => all.map((s) => (s.id === 'v2' ? { ...s, price: '£41 a week' } : s))),
      again,
    );
    expect(said(now)).toContain('£41 a week');
  });
});
