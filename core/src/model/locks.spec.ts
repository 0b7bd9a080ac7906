import { demoFacts, siteFrom } from '../fixtures/index.js';
import { alsoOn } from '../making/index.js';
import { apply } from '../operations/index.js';
import { validateDocument } from '../operations/validate.js';
import { DESK_KINDS, isCollectionLocked, isKindLocked, isSectionLocked, type SiteDocument } from './site.js';

const site = siteFrom(demoFacts, 2);
const [home, other] = site.pages;
const [first, second] = home!.sections;
const lock = (document: SiteDocument, ...locks: string[]) => {
  const locked = locks.reduce((d, l) => apply(d, { op: 'setLock', lock: l, locked: true }).document, document);
  expect(validateDocument(locked)).toEqual([]);
  return locked;
};

describe('what is left to the designer', () => {
  it('is nothing at first, and each kind by itself', () => {
    for (const kind of DESK_KINDS) {
      expect(isKindLocked(site, kind)).toBeFalse();
      const locked = lock(site, `kind/${kind}`);
      expect(DESK_KINDS.filter((k) => isKindLocked(locked, k))).toEqual([kind]);
    }
  });

  it('is a section by itself, or with its page, and no other', () => {
    const alone = lock(site, `section/${first!.id}`);
    expect([first!, second!].map((s) => isSectionLocked(alone, s.id))).toEqual([true, false]);
    const whole = lock(site, `page/${home!.id}`);
    expect(home!.sections.every((s) => isSectionLocked(whole, s.id))).toBeTrue();
    expect(other!.sections.some((s) => isSectionLocked(whole, s.id))).toBeFalse();
  });

  it('is a section wherever it stands, where one of the pages it stands on is', () => {
    const here = home!.sections.find((s) => !/^contact/.test(s.shape) && alsoOn(site, s.id, [other!.id]))!;
    const both = apply(site, alsoOn(site, here.id, [other!.id])!).document;
    const copy = both.pages[1]!.sections.at(-1)!;
    expect(isSectionLocked(both, here.id)).toBeFalse();
    for (const by of [`page/${other!.id}`, `section/${copy.id}`, `section/${here.id}`])
      expect([here.id, copy.id].map((id) => isSectionLocked(lock(both, by), id)))
        .withContext(by)
        .toEqual([true, true]);
  });

  it('counts again when a part that was taken out comes back', () => {
    const locked = lock(site, `section/${second!.id}`);
    const { document, inverse } = apply(locked, { op: 'removeSection', section: second!.id });
    expect(validateDocument(document)).toEqual([]);
    expect(isSectionLocked(apply(document, inverse).document, second!.id)).toBeTrue();
  });

  it('is one collection, or all of them', () => {
    expect(isCollectionLocked(lock(site, 'collection/news'), 'news')).toBeTrue();
    expect(isCollectionLocked(lock(site, 'collection/news'), 'events')).toBeFalse();
    expect(isCollectionLocked(lock(site, 'kind/items'), 'events')).toBeTrue();
  });

  it('is kept in one order, once, and taken back to what it was', () => {
    const locked = lock(site, 'page/home', 'kind/hours', 'page/home');
    expect(locked.locks).toEqual(['kind/hours', 'page/home']);
    expect(apply(locked, { op: 'setLock', lock: 'page/home', locked: true }).inverse).toEqual({
      op: 'setLock',
      lock: 'page/home',
      locked: true,
    });
    const freed = ['page/home', 'kind/hours'].reduce(
      (d, l) => apply(d, { op: 'setLock', lock: l, locked: false }).document,
      locked,
    );
    expect(JSON.stringify(freed)).toBe(JSON.stringify(site));
  });
});
