import { demoFacts, siteFrom } from '@tin-porch/core/fixtures';
import { Problem } from '@tin-porch/core/ground';
import { newCollection } from '@tin-porch/core/making';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply } from '@tin-porch/core/operations';
import { isKept, operationOf, type Change } from './changes.js';
import { collectionsOf } from './items.js';
import { factsOf, pagesOf, standsOn } from './places.js';

const people = [{ id: 'p1', name: 'Ada Hollis', role: 'Shipwright' }];
const plain = siteFrom({ ...demoFacts, people }, 2);
const site = apply(plain, newCollection(plain, 'news', 'News', '2026-01-01T08:00Z')).document;
const [collection] = site.collections!;
const lock = (...locks: string[]): SiteDocument =>
  locks.reduce((d, l) => apply(d, { op: 'setLock', lock: l, locked: true }).document, site);
const [home] = pagesOf(site);
const written = home!.sections.find((s) => s.texts.some((t) => t.value))!;
const text = written.texts.find((t) => t.value)!;
const [service] = site.facts.services;
const { name, detail, price } = service!;
const pictured = pagesOf(site)
  .flatMap((p) => p.sections)
  .find((s) => s.pictures.length)!;
const [picture] = pictured.pictures;
const otherMedium = site.media.find((m) => m.id !== picture!.shown.media)!;

/** One change of each kind. */
const CHANGES: Record<string, Change> = {
  contact: { kind: 'fact', field: 'phone', was: site.facts.phone, value: '01632 960 777' },
  hours: {
    kind: 'hours',
    was: site.facts.hours,
    value: { days: [[], null, null, null, null, null, null], others: [] },
  },
  words: { kind: 'text', at: text.at, was: text.value, value: 'Otherwise' },
  prices: { kind: 'service', service: service!.id, was: { name, detail, price }, value: { name, detail, price: '£7' } },
  people: {
    kind: 'person',
    person: 'p1',
    was: { name: 'Ada Hollis', role: 'Shipwright', about: '' },
    value: { name: 'Ada Hollis', role: 'Otherwise', about: '' },
  },
  pictures: {
    kind: 'picture',
    at: picture!.at,
    was: picture!.shown,
    value: { media: otherMedium.id, alt: picture!.shown.alt },
  },
  items: {
    kind: 'item',
    collection: collection!.id,
    item: 'new1',
    was: null,
    value: { title: 'The slip is clear', up: true, from: '', until: '', values: {} },
  },
};
const status = (of: SiteDocument, ...changes: Change[]): number => {
  try {
    operationOf(of, changes);
    return 200;
  } catch (error) {
    if (error instanceof Problem) return error.status;
    throw error;
  }
};

describe('what the designer keeps from the desk', () => {
  it('is refused there, by its kind, and nothing else is', () => {
    for (const kind of Object.keys(CHANGES)) {
      const locked = lock(`kind/${kind}`);
      for (const [other, change] of Object.entries(CHANGES))
        expect(status(locked, change))
          .withContext(`${other} with ${kind} locked`)
          .toBe(other === kind ? 403 : 200);
    }
  });

  it('is refused by its part', () => {
    for (const [part, refused] of [
      [`section/${written.id}`, ['words']],
      [`section/${pictured.id}`, ['pictures']],
      [`collection/${collection!.id}`, ['items']],
    ] as const)
      for (const [kind, change] of Object.entries(CHANGES))
        if (written.id !== pictured.id || !/words|pictures/.test(kind))
          expect(status(lock(part), change))
            .withContext(`${kind} with ${part} locked`)
            .toBe((refused as readonly string[]).includes(kind) ? 403 : 200);
    expect(status(lock('page/home'), CHANGES['words']!)).toBe(403);
  });

  it('takes what is with it in one step along: all of it, or nothing', () => {
    expect(status(lock('kind/hours'), CHANGES['contact']!, CHANGES['hours']!)).toBe(403);
  });

  it('does not keep pages from saying a fact that changed', () => {
    const locked = lock('kind/words', ...site.pages.map((p) => `page/${p.id}`));
    const { document } = apply(locked, operationOf(locked, [CHANGES['contact']!]));
    expect(JSON.stringify(document.pages)).toBe(
      JSON.stringify(apply(site, operationOf(site, [CHANGES['contact']!])).document.pages),
    );
  });

  it('is what stands around the pages, always', () => {
    const frame = site.footer ?? site.header!;
    expect(status(site, { kind: 'text', at: { section: frame.id, path: 'note' }, was: '', value: 'Ours' })).toBe(403);
  });

  it('is not taken back there either once it is kept, and all else is', () => {
    for (const [kind, change] of Object.entries(CHANGES)) {
      const operation = operationOf(site, [change]);
      expect(isKept(site, operation)).withContext(kind).toBe(false);
      const changed = (...locks: string[]) => apply(lock(...locks), operation).document;
      for (const other of Object.keys(CHANGES))
        expect(isKept(changed(`kind/${other}`), operation))
          .withContext(`${kind} with ${other} locked`)
          .toBe(kind === other);
    }
    // What follows from a fact is no reason to keep it.
    const contact = operationOf(site, [CHANGES['contact']!]);
    expect(isKept(lock('kind/words', ...site.pages.map((p) => `page/${p.id}`)), contact)).toBe(false);
    expect(isKept(lock(`section/${written.id}`), operationOf(site, [CHANGES['words']!]))).toBe(true);
    expect(isKept(lock(`section/${pictured.id}`), operationOf(site, [CHANGES['pictures']!]))).toBe(true);
  });

  it('keeps the items of a collection with the page they have theirs under', () => {
    const page = collection!.page!;
    const placed = { ...lock(`page/${page}`) };
    expect(status(placed, CHANGES['items']!)).toBe(403);
    expect(collectionsOf(placed).map((c) => c.locked)).toEqual([true]);
    expect(status(lock(`page/${site.pages.find((p) => p.id !== page)!.id}`), CHANGES['items']!)).toBe(200);
  });

  it('is not offered: its words are not there, and it says so itself', () => {
    const shown = pagesOf(lock(`section/${written.id}`))[0]!.sections;
    expect(shown.find((s) => s.id === written.id)).toEqual(
      jasmine.objectContaining({ locked: true, texts: [], pictures: [] }),
    );
    expect(shown.filter((s) => s.id !== written.id).every((s) => !s.locked)).toBeTrue();
    expect(pagesOf(lock('kind/words')).flatMap((p) => p.sections.flatMap((s) => s.texts))).toEqual([]);
    expect(pagesOf(lock('kind/pictures')).flatMap((p) => p.sections.flatMap((s) => s.pictures))).toEqual([]);
    const all = lock('kind/hours', 'kind/prices', `collection/${collection!.id}`);
    expect(factsOf(all, standsOn(all, 'https://x.example')).locked).toEqual({
      contact: false,
      hours: true,
      prices: true,
      people: false,
    });
    expect(collectionsOf(all).map((c) => c.locked)).toEqual([true]);
  });
});
