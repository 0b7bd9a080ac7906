import fc from 'fast-check';
import { demoFacts, siteFrom } from '@tin-porch/core/fixtures';
import { Problem } from '@tin-porch/core/ground';
import { newCollection } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { validateDocument } from '@tin-porch/core/validate';
import { isKept, operationOf } from './changes.js';
import { isOrdered, movesTo, orderOperations, partsOf, type OrderChange } from './order.js';
import { pagesOf } from './places.js';

const plain = siteFrom(demoFacts, 2);
const grown = apply(plain, newCollection(plain, 'works', 'Works', '2026-01-01T08:00Z')).document;
const [works] = grown.collections!;
const item = (id: string) => ({
  op: 'insertEntry' as const,
  collection: works!.id,
  at: 0,
  item: {
    id,
    title: { value: `Boat ${id}`, from: { kind: 'designer' as const } },
    slug: id,
    state: 'up' as const,
    made: '2026-01-01T08:00Z',
    by: 'Ines',
    values: {},
  },
});
const site = ['i1', 'i2', 'i3', 'i4'].reduce((d, id) => apply(d, item(id) as Operation).document, grown);
const [home] = site.pages;
const ids = (document: SiteDocument, of: string): string[] =>
  of === 'services'
    ? document.facts.services.map((s) => s.id)
    : of.startsWith('page/')
      ? partsOf(document.pages[0]!).map((s) => s.id)
      : document.collections!.find((c) => c.id === works!.id)!.items.map((i) => i.id);
const EACH = ['services', `page/${home!.id}`, `list/${works!.id}`];
const status = (work: () => unknown): number => {
  try {
    work();
    return 200;
  } catch (error) {
    if (error instanceof Problem) return error.status;
    throw error;
  }
};

describe('an order that is changed at the desk', () => {
  it('comes to be by moves, whatever it was and is to be', () => {
    const two = fc.uniqueArray(fc.integer({ min: 0, max: 99 }), { maxLength: 20 }).chain((a) => {
      const all = a.map(String);
      return fc.tuple(fc.constant(all), fc.shuffledSubarray(all, { minLength: all.length }));
    });
    fc.assert(
      fc.property(two, ([now, wanted]) => {
        const order = [...now];
        const moves = movesTo(now, wanted);
        for (const { id, to } of moves) {
          order.splice(order.indexOf(id), 1);
          order.splice(to, 0, id);
        }
        expect(order).toEqual(wanted);
        expect(moves.length).toBeLessThanOrEqual(Math.max(0, now.length - 1));
      }),
    );
  });

  it('is that of services, parts of a page and items of a list: as wanted, valid, and taken back whole', () => {
    for (const of of EACH) {
      const was = ids(site, of);
      expect(was.length).withContext(of).toBeGreaterThan(2);
      fc.assert(
        fc.property(fc.shuffledSubarray(was, { minLength: was.length }), (value) => {
          if (value.join() === was.join()) return;
          const made = operationOf(site, [{ kind: 'order', of, was, value }]);
          const { document, inverse } = apply(site, made);
          expect(ids(document, of)).toEqual(value);
          expect(validateDocument(document)).toEqual([]);
          expect(apply(document, inverse).document).toEqual(site);
        }),
        { numRuns: 30 },
      );
    }
  });

  it('leaves what came since where it is, and is refused where somebody else put it in another', () => {
    for (const of of EACH) {
      const all = ids(site, of);
      // Whoever changed it did not see the second.
      const was = all.filter((_, n) => n !== 1);
      const change: OrderChange = { kind: 'order', of, was, value: [...was].reverse() };
      const after = apply(site, { op: 'batch', operations: orderOperations(site, change) } as Operation).document;
      expect(ids(after, of)[1]).withContext(of).toBe(all[1]!);
      expect(ids(after, of).filter((id) => id !== all[1])).toEqual([...was].reverse());
      expect(status(() => orderOperations(after, change)))
        .withContext(of)
        .toBe(409);
      for (const bad of [
        { ...change, value: was.slice(1) },
        { ...change, value: [...was.slice(1), 'other'] },
        { ...change, was: [...was, was[0]!], value: [...was, was[0]!] },
      ])
        expect(status(() => orderOperations(site, bad))).toBe(422);
    }
    for (const of of ['page/none', 'list/none'])
      expect(status(() => orderOperations(site, { kind: 'order', of, was: ['a', 'b'], value: ['b', 'a'] }))).toBe(409);
  });

  it('is not offered and refused where its designer keeps it, and stays theirs to take back', () => {
    const lock = (name: string) => apply(site, { op: 'setLock', lock: name, locked: true }).document;
    const by: [string, string][] = [
      ['services', 'kind/prices'],
      [EACH[1]!, 'kind/order'],
      [EACH[1]!, EACH[1]!],
      [EACH[2]!, 'kind/items'],
      [EACH[2]!, `collection/${works!.id}`],
    ];
    for (const [of, name] of by) {
      const was = ids(site, of);
      const change: OrderChange = { kind: 'order', of, was, value: [...was].reverse() };
      const made = operationOf(site, [change]);
      const locked = lock(name);
      expect(status(() => operationOf(locked, [change])))
        .withContext(name)
        .toBe(403);
      expect([isKept(site, made), isKept(locked, made)]).toEqual([false, true]);
    }
    expect(pagesOf(site)[0]!.order.map((s) => s.id)).toEqual(ids(site, EACH[1]!));
    expect(pagesOf(site)[0]!.order.every((s) => s.name.length > 2)).toBeTrue();
    expect(pagesOf(lock('kind/order')).map((p) => p.order)).toEqual(site.pages.map(() => []));
    expect(pagesOf(lock(EACH[1]!)).map((p) => p.order.length > 0)).toEqual(site.pages.map((_, n) => n > 0));
  });

  it('is of use for a list only where visitors see it in the order it is kept in', () => {
    const show = (how: 'kept' | 'newest') => ({
      ...site,
      pages: site.pages.map((p) => ({
        ...p,
        sections: p.sections.map((s, n) => (n ? s : { ...s, shows: { collection: works!.id, show: how } })),
      })),
    });
    expect(isOrdered(show('kept') as SiteDocument, works!)).toBeTrue();
    expect(isOrdered(show('newest') as SiteDocument, works!)).toBeFalse();
  });
});
