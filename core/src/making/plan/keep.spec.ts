import { demoFacts, siteFrom } from '../../fixtures/index.js';
import type { Facts, SiteDocument, Text } from '../../model/site.js';
import { validateDocument } from '../../operations/validate.js';
import { apply } from '../../operations/apply.js';
import type { Operation } from '../../operations/operation.js';
import { withFollowing } from './follow.js';
import { addSection, rewriteVersion } from './plan.js';

type Item = Record<'name' | 'text' | 'price', Text> & { id: string };
const service = (id: string, name: string, price = '') => ({ id, name, detail: '', price });
const facts: Facts = {
  ...demoFacts,
  services: [
    service('v1', 'Planking and caulking'),
    service('v2', 'Engine and electrics'),
    service('v3', 'Winter storage'),
  ],
};
const put = (document: SiteDocument, ...operations: Operation[]) =>
  operations.reduce((now, o) => apply(now, o).document, document);
const listOf = (document: SiteDocument) =>
  document.pages
    .flatMap((p) => p.sections)
    .find((s) => s.shape.startsWith('services/') && (s.content['items'] as []).length > 2)!;
const items = (document: SiteDocument) => listOf(document).content['items'] as Item[];
const item = (document: SiteDocument, name: string) => items(document).find((i) => i.name.value === name)!;
const said = (value: string): Text => ({ value, from: { kind: 'designer' } });
const write = (document: SiteDocument, of: Item, field: string, value: string): Operation => ({
  op: 'setText',
  at: { section: listOf(document).id, path: `items.${of.id}.${field}` },
  text: said(value),
});

describe('things in lists', () => {
  const start = siteFrom(facts, 2);
  const again = (document: SiteDocument, seed = 7) => put(document, rewriteVersion(document, seed));

  it('keep what was written on them when a service is added above and another version is written', () => {
    const priced = put(start, write(start, item(start, 'Winter storage'), 'price', '£38 a metre'));
    const services = [service('v9', 'Rigging and spars'), ...facts.services];
    const more = put(priced, withFollowing(priced, { op: 'setServices', services }));
    for (const seed of [3, 7, 11]) {
      const after = again(more, seed);
      expect(validateDocument(after)).toEqual([]);
      const prices = Object.fromEntries(items(after).map((i) => [i.name.value, i.price.value]));
      expect(prices['Winter storage']).withContext(`version ${seed}`).toBe('£38 a metre');
      expect(Object.values(prices).filter(Boolean).length).withContext(`version ${seed}`).toBe(1);
    }
  });

  it('are the same ones in another version: their ids and the order they were put in stay', () => {
    const moved = put(start, {
      op: 'moveItem',
      list: { section: listOf(start).id, path: 'items' },
      item: item(start, 'Winter storage').id,
      to: 0,
    });
    const after = again(moved);
    const order = (d: SiteDocument) => items(d).map((i) => `${i.id} ${i.name.value}`);
    expect(order(after)).toEqual(order(moved));
  });

  it('are known by their id though all their words were written over', () => {
    const one = item(start, 'Engine and electrics');
    const over = put(
      start,
      write(start, one, 'name', 'Diesels'),
      write(start, one, 'text', 'By the man himself.'),
      write(start, one, 'price', 'ask'),
    );
    const after = again(over);
    expect(items(after).map((i) => i.name.value)).toEqual(['Planking and caulking', 'Diesels', 'Winter storage']);
    expect(item(after, 'Diesels').id).toBe(one.id);
  });

  it('never get the id of one that was taken out, nor do sections', () => {
    const seen = new Set<string>();
    const idsOf = (value: unknown): string[] =>
      Array.isArray(value)
        ? value.flatMap(idsOf)
        : typeof value === 'object' && value !== null
          ? Object.entries(value).flatMap(([k, v]) => (k === 'id' ? [String(v)] : idsOf(v)))
          : [];
    let now = start;
    for (let n = 0; n < 6; n++) {
      const home = now.pages[0]!;
      const added = addSection(now, home.id, n % 2 ? 'services/ledger' : 'questions/open', 1);
      const section = (added as { section: { id: string; content: object } }).section;
      for (const id of [section.id, ...idsOf(section.content)]) {
        expect(seen.has(id)).withContext(id).toBeFalse();
        seen.add(id);
      }
      now = put(now, added);
      expect(validateDocument(now)).toEqual([]);
      now = put(
        now,
        { op: 'removeSection', section: section.id },
        write(start, items(start)[0]!, 'text', `Said ${n}.`),
      );
    }
  });

  it('never lend their section’s id to one that another version puts before it', () => {
    const [home] = start.pages;
    // The first page lost a section of its own: what comes back there is counted like one of a later page.
    const less = put(start, { op: 'removeSection', section: home!.sections[1]!.id });
    for (const seed of [3, 7, 11]) {
      const after = again(less, seed);
      const there = (d: SiteDocument) =>
        new Map(d.pages.flatMap((p) => p.sections.map((s) => [s.id, `${p.id} ${s.shape.split('/')[0]}`] as const)));
      const now = there(after);
      for (const [id, what] of there(less)) if (now.has(id)) expect(now.get(id)).withContext(id).toBe(what);
      expect(now.size).toBe(after.pages.flatMap((p) => p.sections).length);
    }
  });

  it('are refused where two of one list have one id, and where one has none', () => {
    const { id: section, content } = listOf(start);
    const list = items(start);
    const twice = put(start, { op: 'setContent', section, content: { ...content, items: [...list, list[0]!] } });
    expect(validateDocument(twice).map((m) => m.pointer)).toEqual([
      jasmine.stringMatching(/^\/pages\/\d+\/sections\/\d+\/content\/items$/) as never,
    ]);
    const { id: _, ...bare } = items(start)[0]!;
    const without = put(start, {
      op: 'setContent',
      section,
      content: { ...content, items: [bare] },
    });
    expect(validateDocument(without).length).toBeGreaterThan(0);
  });
});
