import fc from 'fast-check';
import { demoFacts } from '../../fixtures/facts.js';
import { validateDocument } from '../../operations/validate.js';
import { emptyFacts, needsConfirming } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { render } from '../../page/render/render.js';
import { allTexts, newDocument, toConfirm } from './site.js';
import { languages } from '../../language/registry.gen.js';
import { copySentences } from '../writer/sentences.js';
import { writeVersion } from './write.js';

const written = (facts = demoFacts, seed = 1) =>
  apply(newDocument('x', facts, seed), writeVersion(facts, seed)).document;

describe('the writer', () => {
  it('gives the same version for the same facts and seed, and others for other seeds', () => {
    expect(JSON.stringify(written())).toBe(JSON.stringify(written()));
    const headings = new Set(Array.from({ length: 20 }, (_, seed) => JSON.stringify(written(demoFacts, seed).pages)));
    expect(headings.size).toBeGreaterThan(5);
  });

  it('takes no greeting, wish, question or number from a mail into the copy', () => {
    expect(copySentences(demoFacts.description, languages['en-GB'])).toEqual([
      'We are a small yard at the top of the old slip.',
      'Three of us mend wooden boats up to forty feet.',
      'The yard has been here since 1987.',
      'My uncle began it with one cradle and a borrowed winch, and the cradle is still in use.',
      'In winter we keep a list of who is waiting and ring when there is room.',
    ]);
  });

  it('keeps a sentence that only mentions what others do not do any more, or a map that is no page', () => {
    const told =
      'The workshop keeps a box of old parts for machines nobody makes parts for any more. Hire bicycles go out with a lock and a map of the sea wall. We do not sell bicycles. Please put a map on the website.';
    expect(copySentences(told, languages['en-GB'])).toEqual([
      'The workshop keeps a box of old parts for machines nobody makes parts for any more.',
      'Hire bicycles go out with a lock and a map of the sea wall.',
    ]);
  });

  it('says nothing twice on a site', () => {
    for (let seed = 0; seed < 25; seed++) {
      const long = allTexts(written(demoFacts, seed))
        .map((t) => t.text.value)
        .filter((v) => v.split(' ').length > 6);
      expect(long.filter((v, n) => long.indexOf(v) !== n)).toEqual([]);
    }
  });

  it('marks every line of a trade pack that says what the business does, and makes no page of nothing', () => {
    const long = { language: 'en-GB', length: 'long' } as const;
    const told = apply(newDocument('x', demoFacts), writeVersion(demoFacts, 1, long)).document;
    const lines = allTexts(told).filter(
      (t) => t.text.from.kind === 'pack' && /\/(?:steps|services)\//.test(t.text.from.line),
    );
    expect(lines.length).toBeGreaterThan(8);
    for (const t of lines) expect(needsConfirming(t.text)).toBeTrue();
    const bare = written({ ...emptyFacts(), name: 'Tolliver', trade: 'thatcher' });
    expect(bare.pages.map((p) => p.id)).toEqual(['home']);
    expect(toConfirm(bare)).toEqual([]);
    expect(allTexts(bare).every((t) => t.text.from.kind !== 'pack' || !t.text.from.claim)).toBeTrue();
  });

  it('makes a valid, drawable site of whatever a person types', () => {
    const words = fc.string({ unit: 'grapheme', maxLength: 80 });
    const facts = fc.record({
      name: fc.string({ unit: 'grapheme', minLength: 1, maxLength: 80 }),
      strapline: words,
      trade: fc.oneof(fc.constantFrom('potter', 'joiner', 'guest house', 'seeds'), words),
      place: words,
      description: fc.string({ unit: 'grapheme', maxLength: 600 }),
      phone: fc.string({ maxLength: 40 }),
      mail: fc.string({ maxLength: 60 }),
      address: words,
      hours: words,
      founded: fc.constantFrom('', '1987'),
      services: fc
        .array(fc.record({ name: words, detail: words, price: fc.string({ maxLength: 20 }) }), { maxLength: 8 })
        .map((list) => list.map((s, n) => ({ id: `v${n + 1}`, ...s }))),
    });
    fc.assert(
      fc.property(facts, fc.nat(1000), (some, seed) => {
        const document = written({ ...emptyFacts(), ...some }, seed);
        expect(validateDocument(document)).toEqual([]);
        for (const file of render(document, { origin: 'https://x.example' }))
          if ('text' in file && file.path.endsWith('.html'))
            expect(file.text).not.toMatch(/undefined|\[object|data-part/);
      }),
      { numRuns: 60 },
    );
  });
});
