import { demoFacts } from '../../fixtures/facts.js';
import { newDocument } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import { apply } from '../../operations/apply.js';
import { descriptionOf, openingHours, titleOf } from './seo.js';
import { fitWidth, RESULT, textWidth } from './width.js';

describe('search metadata', () => {
  it('reads opening hours it can be sure of and leaves the rest out', () => {
    const hours = openingHours('Monday to Friday 9.30–17.00\nSat 9-12\nSundays by arrangement\nnow and then 9–5');
    expect(hours).toEqual([
      jasmine.objectContaining({
        dayOfWeek: ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'],
        opens: '09:30',
        closes: '17:00',
      }),
      jasmine.objectContaining({ dayOfWeek: ['Saturday'], opens: '09:00', closes: '12:00' }),
    ]);
  });

  it('measures the width of letters, not their number', () => {
    expect(textWidth('WWWW', 20)).toBeGreaterThan(3 * textWidth('iiii', 20));
    expect(textWidth('Hello', 1000)).toBe(722 + 556 + 222 + 222 + 556);
    const cut = fitWidth('A rather long title about wooden boats and the harbour', 20, 200);
    expect(textWidth(cut, 20)).toBeLessThanOrEqual(200);
    expect(cut.endsWith(' …')).toBeTrue();
  });

  it('describes every page by itself, in what a search result has room for', () => {
    for (let seed = 0; seed < 12; seed++) {
      const { document } = apply(newDocument('x', demoFacts), writeVersion(demoFacts, seed));
      const all = document.pages.map((p) => descriptionOf(document, p));
      expect(new Set(all).size).toBe(all.length);
      for (const [n, said] of all.entries()) {
        expect(said.length).withContext(`${document.pages[n]!.id}: ${said}`).toBeGreaterThan(50);
        expect(textWidth(said, RESULT.description.size)).toBeLessThanOrEqual(RESULT.description.width);
        expect(titleOf(document, document.pages[n]!)).toContain(demoFacts.name);
      }
    }
  });
});
