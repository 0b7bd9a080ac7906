import { briefFixtures, factsOf } from '../fixtures/index.js';
import { readText } from '../brief/reading/read-text.js';
import { clearerBrief, takePiece, wholeWording } from './wording.js';

const bare = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

describe('a clearer wording of a brief', () => {
  it('says the same: read again it gives the same facts', () => {
    for (const { id, text } of briefFixtures) {
      const facts = factsOf(text, id);
      const again = readText(wholeWording(clearerBrief(facts))).facts;
      for (const field of ['name', 'phone', 'mail', 'hours', 'founded', 'place'] as const)
        expect(bare(again[field])).withContext(`${id}, ${field}`).toBe(bare(facts[field]));
      // Said more clearly, a trade may be told that was not sure before.
      if (facts.trade) expect(bare(again.trade)).withContext(id).toBe(bare(facts.trade));
      const names = again.services.map((s) => bare(s.name));
      for (const { name } of facts.services)
        expect(names.some((n) => n.includes(bare(name)) || bare(name).includes(n)))
          .withContext(`${id}: ${name}`)
          .toBeTrue();
      const prices = (of: typeof facts) => of.services.map((s) => bare(s.price)).filter(Boolean);
      expect(prices(again))
        .withContext(id)
        .toEqual(jasmine.arrayContaining(prices(facts)));
    }
  });

  it('can be taken in pieces, and no fact is lost on the way', () => {
    for (const { id, text } of briefFixtures.filter((f) => f.language === 'en')) {
      let facts = factsOf(text, id);
      const before = facts;
      for (const piece of clearerBrief(facts)) facts = { ...facts, description: takePiece(facts, piece) };
      const again = readText(facts.description).facts;
      for (const field of ['phone', 'mail', 'founded'] as const)
        expect(bare(again[field])).withContext(`${id}, ${field}`).toBe(bare(before[field]));
      expect(again.services.length).withContext(id).toBeGreaterThanOrEqual(before.services.length);
    }
  });
});
