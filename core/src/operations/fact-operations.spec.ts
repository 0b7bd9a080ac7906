import { demoFacts } from '../fixtures/facts.js';
import { newDocument } from '../making/generate/site.js';
import { migrate } from './forward/migrate.js';
import { validateDocument, validateOperation } from './validate.js';
import { emptyFacts } from '../model/site.js';
import { apply } from './apply.js';
import { factOperations } from './fact-operations.js';

describe('operations on facts', () => {
  it('turn one sheet into another, and back', () => {
    const before = newDocument('x', emptyFacts());
    const after = { ...demoFacts, people: [{ id: 'p1', name: 'Tom', role: '' }], colours: ['navy'], wanted: ['map'] };
    const operations = factOperations(before.facts, after);
    for (const o of operations) expect(validateOperation(o)).withContext(o.op).toEqual([]);
    const { document, inverse } = apply(before, { op: 'batch', operations });
    expect(document.facts).toEqual(after);
    expect(apply(document, inverse).document).toEqual(before);
    expect(factOperations(after, after)).toEqual([]);
  });

  it('carry the corrections of a reading, which can be undone like all else', () => {
    const document = newDocument('x', demoFacts);
    const corrections = [{ words: '01632 960 114', was: 'phone', is: null }];
    const { document: put, inverse } = apply(document, { op: 'setCorrections', corrections });
    expect(validateDocument(put)).toEqual([]);
    expect(put.corrections).toEqual(corrections);
    expect(apply(put, inverse).document).toEqual(document);
  });
});

describe('a document of the first schema', () => {
  it('is carried forward with everything it held, and one of today is left alone', () => {
    const today = newDocument('x', demoFacts);
    const { name, strapline, trade, place, description, phone, mail, address, hours, founded, services } = demoFacts;
    const { corrections: _, without: __, ...rest } = today;
    const first = {
      ...rest,
      schema: 1,
      facts: { name, strapline, trade, place, description, phone, mail, address, hours, founded, services },
    };
    const forward = migrate(JSON.parse(JSON.stringify(first)));
    expect(validateDocument(forward)).toEqual([]);
    expect(forward).toEqual(today);
    expect(migrate(today)).toBe(today);
    expect(() => migrate({ ...today, schema: 99 })).toThrowError(/99/);
  });
});
