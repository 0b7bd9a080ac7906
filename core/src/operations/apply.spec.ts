import fc from 'fast-check';
import { demoFacts } from '../fixtures/facts.js';
import { photograph } from '../fixtures/photograph.js';
import { newDocument } from '../making/generate/site.js';
import { writeVersion } from '../making/generate/write.js';
import { allTexts } from '../making/generate/site.js';
import { validateDocument, validateOperation } from './validate.js';
import type { SiteDocument } from '../model/site.js';
import { apply, describe as tell } from './apply.js';
import { OperationError } from './definition.js';
import { textAt } from './reach.js';
import type { Operation, SingleOperation } from './operation.js';

const start = apply(newDocument('yard', demoFacts), writeVersion(demoFacts, 4)).document;
const places = allTexts(start).map((t) => ({ section: t.section.id, path: t.path }));

const single: fc.Arbitrary<SingleOperation> = fc.oneof(
  fc.record({
    op: fc.constant('setText' as const),
    at: fc.constantFrom(...places),
    text: fc.record({
      value: fc.string({ unit: 'grapheme', maxLength: 60 }),
      from: fc.constant({ kind: 'designer' as const }),
    }),
  }),
  fc.record({
    op: fc.constant('setFact' as const),
    field: fc.constantFrom('name' as const, 'phone' as const, 'hours' as const),
    value: fc.string({ maxLength: 40 }),
  }),
  fc.record({
    op: fc.constant('setSeo' as const),
    page: fc.constantFrom('home', 'contact'),
    field: fc.constantFrom('title' as const, 'description' as const),
    text: fc.constant(null),
  }),
  fc.record({
    op: fc.constant('movePage' as const),
    page: fc.constantFrom('services', 'about', 'contact'),
    to: fc.integer({ min: 1, max: 3 }),
  }),
  fc.record({ op: fc.constant('removePage' as const), page: fc.constantFrom('services', 'about', 'nowhere') }),
  fc.record({
    op: fc.constant('moveSection' as const),
    section: fc.constantFrom(...start.pages.flatMap((p) => p.sections.map((s) => s.id))),
    page: fc.constantFrom('home', 'about', 'contact'),
    to: fc.integer({ min: 0, max: 4 }),
  }),
  fc.record({ op: fc.constant('removeSection' as const), section: fc.constantFrom('s1', 's2', 's3', 's7', 's9') }),
  fc.record({
    op: fc.constant('setPage' as const),
    page: fc.constantFrom('about', 'services'),
    label: fc.string({ maxLength: 20 }),
    slug: fc.constantFrom('team', 'work'),
    menu: fc.constantFrom(true, false, undefined),
  }),
  fc.record({
    op: fc.constant('setWithout' as const),
    values: fc.array(fc.constantFrom('about', 'home/steps'), { maxLength: 3 }),
  }),
  fc.integer({ min: 0, max: 99 }).map((seed) => writeVersion(demoFacts, seed)),
  fc.record({ op: fc.constant('setForm' as const), form: fc.constant('contact'), deliverTo: fc.emailAddress() }),
);

describe('operations', () => {
  it('are taken back to the byte by their inverse, alone and in batches', () => {
    fc.assert(
      fc.property(fc.array(single, { minLength: 1, maxLength: 6 }), (operations) => {
        let document: SiteDocument;
        let inverse: Operation;
        try {
          ({ document, inverse } = apply(start, { op: 'batch', operations }));
        } catch (error) {
          // A new version may take away the place a later operation writes to: then nothing at all happens.
          expect(error).toBeInstanceOf(OperationError);
          return;
        }
        // Two pages can be given one address by two renamings: that the server refuses, the operations do not know of it.
        expect(validateDocument(document).filter((m) => m.pointer !== '/pages')).toEqual([]);
        expect(JSON.stringify(apply(document, inverse).document)).toBe(JSON.stringify(start));
      }),
      { numRuns: 120 },
    );
  });

  it('leave the document they are given alone', () => {
    const before = JSON.stringify(start);
    apply(start, {
      op: 'setText',
      at: { section: 's1', path: 'heading' },
      text: { value: 'Other', from: { kind: 'designer' } },
    });
    expect(JSON.stringify(start)).toBe(before);
  });

  it('refuse what is not there, and reach no further than texts', () => {
    const text = { value: 'x', from: { kind: 'designer' as const } };
    for (const at of [
      { section: 'nowhere', path: 'heading' },
      { section: 's1', path: 'nothing' },
      { section: 's1', path: 'constructor.name' },
      { section: 's1', path: 'heading.from' },
    ])
      expect(() => apply(start, { op: 'setText', at, text })).toThrowError(OperationError);
    expect(textAt(start, { section: 's1', path: 'heading' })?.value).toBeTruthy();
  });

  it('are checked for shape before they are applied', () => {
    expect(validateOperation({ op: 'setFact', field: 'phone', value: '1' })).toEqual([]);
    for (const bad of [
      null,
      7,
      [],
      {},
      { op: 'drop' },
      { op: 'setFact', field: 'services', value: 'x' },
      { op: 'setFact', field: 'phone', value: 7 },
      { op: 'setText', at: { section: 's1', path: '__proto__' }, text: { value: 'x', from: { kind: 'designer' } } },
      { op: 'batch', operations: [] },
      { op: 'batch', operations: [{ op: 'batch', operations: [] }] },
    ])
      expect(validateOperation(bad)).withContext(JSON.stringify(bad)).not.toEqual([]);
  });

  it('is told in a few words; a picture that is taken in goes with what shows it', () => {
    const putMedium = { op: 'putMedium', medium: photograph('boat', 'IMG 2041') } as const;
    const heading = { op: 'setText', at: places[0]!, text: { value: 'Launched', from: { kind: 'client' } } } as const;
    const said = tell(heading);
    expect(tell({ op: 'batch', operations: [putMedium, heading] })).toBe(said);
    expect(tell({ op: 'batch', operations: [putMedium, heading, heading] })).toBe('2 changes');
    expect(tell({ op: 'batch', operations: [putMedium] })).toContain('IMG 2041');
    expect(tell({ op: 'batch', operations: [putMedium, putMedium] })).toBe('2 changes');
  });
});
