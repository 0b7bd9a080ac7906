import fc from 'fast-check';
import { demoFacts } from '../fixtures/facts.js';
import { allTexts, newDocument } from '../making/generate/site.js';
import { randomOperations, sampleCollection } from '../fixtures/random-operations.js';
import { writeVersion } from '../making/generate/write.js';
import { addSection } from '../making/plan/plan.js';
import { validateDocument, validateOperation } from './validate.js';
import type { SiteDocument } from '../model/site.js';
import { apply, describe as describeOperation, operationForward } from './apply.js';
import { OperationError } from './definition.js';
import { typedWords } from './fields.js';
import type { Operation, SingleOperation } from './operation.js';
import { rebase, rebaseOver, type Rebased } from './rebase.js';

const written = apply(newDocument('yard', demoFacts), writeVersion(demoFacts, 4)).document;
/** With what no version has by itself: a section made by hand, a file for visitors, and a collection. */
const start = [
  addSection(written, 'home', 'rows/open', 1),
  {
    op: 'putFile' as const,
    file: { id: 'terms', title: 'Terms', ending: 'pdf' as const, bytes: 1200, hash: 'a'.repeat(64) },
  },
  { op: 'insertCollection' as const, collection: sampleCollection(), at: 0 },
].reduce((now, operation) => apply(now, operation).document, written);
const other = apply(newDocument('yard', demoFacts), writeVersion(demoFacts, 9)).document;
const textPlaces = allTexts(start).map((t) => ({ section: t.section.id, path: t.path }));
const some = randomOperations(start, other);

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
          // What it shares with the site it was made from need not be looked at again.
          expect(validateDocument(result.document, start)).toEqual(validateDocument(result.document));
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
    const told = meeting(fc.tuple(any, any), 1500);
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
    expect(meeting(fc.tuple(structural, structural), 1000).same).toBeGreaterThan(260);
  });

  it('does so for several in one step', () => {
    const batch = fc
      .array(structural, { minLength: 2, maxLength: 3 })
      .map((operations): Operation => ({ op: 'batch', operations }));
    const told = meeting(fc.tuple(batch, fc.oneof(batch, structural)), 1000);
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
