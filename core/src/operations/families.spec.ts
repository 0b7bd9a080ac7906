import fc from 'fast-check';
import { demoFacts } from '../fixtures/facts.js';
import { allTexts, directionNumbered, newDocument } from '../generate/site.js';
import { writeVersion } from '../generate/write.js';
import { validateDocument, validateOperation } from '../model/validate.js';
import type { Page, Section, SiteDocument } from '../model/site.js';
import { picturePlaces } from '../pictures/places.js';
import { addItem, listsOf, shapesOfKind } from '../plan/lists.js';
import { addSection, offersFor, pageOffers } from '../plan/plan.js';
import { apply, describe as describeOperation, operationForward } from './apply.js';
import { OperationError } from './definition.js';
import type { families } from './families.gen.js';
import { typedWords } from './fields.js';
import type { Operation, OperationNamed, SingleOperation } from './operation.js';
import { rebase, rebaseOver, type Rebased } from './rebase.js';

const start = apply(newDocument('yard', demoFacts), writeVersion(demoFacts, 4)).document;
const other = apply(newDocument('yard', demoFacts), writeVersion(demoFacts, 9)).document;
const sections: Section[] = start.pages.flatMap((p) => p.sections);
const pageIds = fc.constantFrom(...start.pages.map((p) => p.id), 'nowhere');
const sectionIds = fc.constantFrom(...sections.map((s) => s.id), 'header', 'nowhere');
const index = fc.integer({ min: 0, max: 4 });
const words = fc.string({ unit: 'grapheme', maxLength: 60 });
const text = fc.record({ value: words, from: fc.constant({ kind: 'designer' as const }) });
const textPlaces = allTexts(start).map((t) => ({ section: t.section.id, path: t.path }));
const lists = sections.flatMap((s) => listsOf(s).map((list) => ({ section: s, list })));
const pages: Page[] = pageOffers(start).map((o) => o.page);
const media = [...start.media, { ...start.media[0]!, id: 'another' }];
const op = <const O extends string>(name: O) => fc.constant(name);
/** Few of them, so that two of a list meet often. */
const itemIds = fc.constantFrom(...lists.filter((l) => l.list.items.length > 1)).chain(({ section, list }) =>
  fc.record({
    list: fc.constant({ section: section.id, path: list.field }),
    item: fc.constantFrom(...list.items.map((i) => i.id), 'gone'),
  }),
);

/** Operations of every kind on the site above, some of which it refuses. A kind that is missing here does not compile. */
const some: { [K in keyof typeof families]: fc.Arbitrary<OperationNamed<K>> } = {
  setFact: fc.record({ op: op('setFact'), field: fc.constantFrom('name', 'phone', 'hours', 'place'), value: words }),
  setServices: fc.record({
    op: op('setServices'),
    services: fc.subarray(demoFacts.services).map((all) => all.map((s) => ({ ...s, price: '£7' }))),
  }),
  setPeople: fc.record({
    op: op('setPeople'),
    people: fc.array(fc.record({ id: op('p1'), name: words, role: words }), { maxLength: 1 }),
  }),
  setList: fc.record({
    op: op('setList'),
    field: fc.constantFrom('wanted', 'keywords', 'colours'),
    values: fc.array(fc.constantFrom('one', 'two'), { maxLength: 3 }),
  }),
  setCorrections: fc.record({
    op: op('setCorrections'),
    corrections: fc.array(fc.record({ words: op('open'), was: op('hours'), is: fc.constant(null) }), { maxLength: 2 }),
  }),
  setText: fc.record({ op: op('setText'), at: fc.constantFrom(...textPlaces), text }),
  setSeo: fc.record({
    op: op('setSeo'),
    page: pageIds,
    field: fc.constantFrom('title', 'description'),
    text: fc.option(text),
  }),
  setContent: fc.constantFrom(...lists).map(({ section, list }) => ({
    op: 'setContent',
    section: section.id,
    content: { ...section.content, [list.field]: [...(section.content[list.field] as unknown[])].reverse() } as never,
  })),
  insertItem: fc
    .tuple(fc.constantFrom(...lists), fc.constantFrom('newa', 'newb', 'newc'), index)
    .map(([{ section, list }, id, at]) => ({ ...addItem(section, list.field, id), at })),
  removeItem: itemIds.map((which) => ({ op: 'removeItem', ...which })),
  moveItem: fc.tuple(itemIds, index).map(([which, to]) => ({ op: 'moveItem', ...which, to })),
  setForm: fc.record({ op: op('setForm'), form: fc.constantFrom('contact', 'none'), deliverTo: fc.emailAddress() }),
  setLook: fc.record({ op: op('setLook'), look: fc.constant(other.look) }),
  setShape: fc.constantFrom(...sections).chain((section) =>
    fc.record({
      op: op('setShape'),
      section: fc.constant(section.id),
      shape: fc.constantFrom(...shapesOfKind(section).map((s) => s.shape), 'call/band'),
      ground: fc.constantFrom('plain', 'deep'),
    }),
  ),
  setDirection: fc.integer({ min: 1, max: 99 }).map((n) => ({ op: 'setDirection', direction: directionNumbered(n) })),
  setBoard: fc
    .integer({ min: 1, max: 99 })
    .map((n) => ({ op: 'setBoard', board: { shown: [directionNumbered(n)], favourites: [] } })),
  setMark: fc.record({
    op: op('setMark'),
    mark: fc.constantFrom(null, {
      kind: 'drawn' as const,
      layout: 'words' as const,
      symbol: '',
      text: 'Yard',
      colour: 'lead' as const,
    }),
  }),
  putMedium: fc.tuple(fc.constantFrom(...media), fc.option(index, { nil: undefined })).map(([medium, at]) => ({
    op: 'putMedium',
    medium: { ...medium, title: 'Anew' },
    ...(at !== undefined && { at }),
  })),
  removeMedium: fc.record({ op: op('removeMedium'), medium: fc.constantFrom(...media.map((m) => m.id)) }),
  setPicture: fc.record({
    op: op('setPicture'),
    at: fc.constantFrom(...picturePlaces(start).map((p) => p.at)),
    media: fc.constantFrom('', ...start.media.map((m) => m.id)),
  }),
  insertPage: fc.record({ op: op('insertPage'), page: fc.constantFrom(...pages), at: index }),
  removePage: fc.record({ op: op('removePage'), page: pageIds }),
  movePage: fc.record({ op: op('movePage'), page: pageIds, to: index }),
  setPage: fc
    .tuple(pageIds, words, fc.constantFrom('', 'team', 'work'), fc.option(fc.boolean()), fc.option(pageIds))
    .map(([page, label, slug, menu, parent]) => ({
      op: 'setPage',
      page,
      label: label.slice(0, 40),
      slug,
      ...(menu !== null && { menu }),
      ...(parent !== null && { parent }),
    })),
  insertSection: fc
    .tuple(pageIds, fc.constantFrom(...offersFor(start, start.pages[0]!).map((o) => o.shape)), index)
    .map(([page, shape, at]) => addSection(start, page, shape, at) as OperationNamed<'insertSection'>),
  removeSection: fc.record({ op: op('removeSection'), section: sectionIds }),
  moveSection: fc.record({ op: op('moveSection'), section: sectionIds, page: pageIds, to: index }),
  setWriting: fc.record({
    op: op('setWriting'),
    language: fc.constantFrom('de', 'fr', 'es'),
    length: fc.constantFrom('short', 'middle', 'long'),
  }),
  setWithout: fc.record({
    op: op('setWithout'),
    values: fc.array(fc.constantFrom('about', 'home/steps'), { maxLength: 3 }),
  }),
  putVersion: fc.integer({ min: 0, max: 40 }).map((seed) => writeVersion(demoFacts, seed)),
};

const applied = (document: SiteDocument, operation: Operation) => {
  try {
    return apply(document, operation);
  } catch (error) {
    expect(error).toBeInstanceOf(OperationError);
    return null;
  }
};
/** What the server finds at fault, but for what two operations together can bring about and only it can judge. */
const faults = (document: SiteDocument) =>
  validateDocument(document).filter((m) => m.pointer !== '/pages' && !m.pointer.endsWith('/content/items'));
const any: fc.Arbitrary<SingleOperation> = fc.oneof(...(Object.values(some) as fc.Arbitrary<SingleOperation>[]));
/** Random, and the same each time. */
const SEED = 20261126;

describe('every operation', () => {
  for (const [name, arbitrary] of Object.entries(some) as [string, fc.Arbitrary<SingleOperation>][])
    it(`${name} fits its schema, leaves a site that does, says what it did, and is taken back to the byte`, () => {
      let done = 0;
      fc.assert(
        fc.property(arbitrary, (operation) => {
          expect(validateOperation(operation)).toEqual([]);
          const before = JSON.stringify(start);
          const result = applied(start, operation);
          expect(JSON.stringify(start)).toBe(before);
          if (!result) return;
          done++;
          expect(faults(result.document)).toEqual([]);
          expect(describeOperation(operation)).toMatch(/^[A-Z].+/);
          expect(validateOperation(result.inverse)).toEqual([]);
          expect(JSON.stringify(apply(result.document, result.inverse).document)).toBe(before);
        }),
        { numRuns: 25, seed: SEED },
      );
      expect(done).toBeGreaterThan(2);
    });

  it('of today is the same after it has been brought forward', () => {
    fc.assert(
      fc.property(any, (operation) => {
        expect(JSON.stringify(operationForward(operation, start))).toBe(JSON.stringify(operation));
      }),
      { numRuns: 150, seed: SEED },
    );
  });

  it('one after the other in one step are taken back to the byte', () => {
    fc.assert(
      fc.property(fc.array(any, { minLength: 2, maxLength: 6 }), (operations) => {
        const result = applied(start, { op: 'batch', operations });
        if (result) expect(JSON.stringify(apply(result.document, result.inverse).document)).toBe(JSON.stringify(start));
      }),
      { numRuns: 150, seed: SEED },
    );
  });

  /** What two give one after the other, the second as it reads after the first; what it met, or null where it does not fit. */
  const oneThenOther = (one: Operation, two: Operation): SiteDocument | 'met' | null => {
    const first = applied(start, one);
    if (!first || !applied(start, two)) return null;
    const rebased = rebase(start, two, one);
    if ('met' in rebased) return 'met';
    const second = applied(first.document, rebased.operation);
    return second && second.document;
  };
  const meeting = (pairs: fc.Arbitrary<readonly [Operation, Operation]>, numRuns: number) => {
    const told = { met: 0, same: 0, refused: 0 };
    fc.assert(
      fc.property(pairs, ([one, two]) => {
        const [a, b] = [oneThenOther(one, two), oneThenOther(two, one)];
        expect(JSON.stringify(a)).toBe(JSON.stringify(b));
        if (a === 'met') told.met++;
        else if (a) {
          told.same++;
          expect(faults(a)).toEqual([]);
        } else told.refused++;
      }),
      { numRuns, seed: SEED },
    );
    return told;
  };

  it('meets any other with the same end whichever comes first, or says what it met', () => {
    const told = meeting(fc.tuple(any, any), 1200);
    expect(told.same).toBeGreaterThan(300);
    expect(told.met).toBeGreaterThan(30);
  });

  const structural = fc.oneof(
    some.insertItem,
    some.moveItem,
    some.removeItem,
    some.insertSection,
    some.moveSection,
    some.removeSection,
    some.insertPage,
    some.movePage,
    some.removePage,
    some.putMedium,
    some.removeMedium,
  );
  it('keeps its thing where it was meant to go when another came in, went or moved in the same list', () => {
    expect(meeting(fc.tuple(structural, structural), 1500).same).toBeGreaterThan(400);
  });

  it('does so for several in one step', () => {
    const batch = fc
      .array(structural, { minLength: 2, maxLength: 3 })
      .map((operations): Operation => ({ op: 'batch', operations }));
    const told = meeting(fc.tuple(batch, fc.oneof(batch, structural)), 1500);
    expect(told.same).toBeGreaterThan(50);
  });

  it('reads after a whole log as it would have after each step of it', () => {
    let followed = 0;
    fc.assert(
      fc.property(structural, fc.array(structural, { minLength: 1, maxLength: 4 }), (mine, log) => {
        if (!applied(start, mine)) return;
        let now = start;
        let moving: Operation | null = mine;
        let rebased: Rebased | null;
        const steps = [];
        for (const operation of log) {
          const step = applied(now, operation);
          if (!step) continue;
          rebased = moving && rebase(now, moving, operation);
          moving = rebased && 'operation' in rebased ? rebased.operation : null;
          steps.push({ operation, inverse: step.inverse, known: false });
          now = step.document;
        }
        const over = rebaseOver(now, steps, mine);
        expect('operation' in over ? over.operation : null).toEqual(moving);
        // What it knows of is no reason to change it.
        const known = steps.map((s) => ({ ...s, known: true }));
        expect(rebaseOver(now, known, mine)).toEqual({ operation: mine });
        followed++;
      }),
      { numRuns: 300, seed: SEED },
    );
    expect(followed).toBeGreaterThan(100);
  });

  it('keeps the words a person wrote where they can be read back', () => {
    expect(
      typedWords({ op: 'setText', at: textPlaces[0]!, text: { value: 'Larch', from: { kind: 'designer' } } }),
    ).toBe('Larch');
    expect(typedWords({ op: 'removeSection', section: 's1' })).toBe('');
  });
});
