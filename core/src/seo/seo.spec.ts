import { openingHours } from './seo.js';
import { fitWidth, textWidth } from './width.js';

describe('search metadata', () => {
  it('reads opening hours it can be sure of and leaves the rest out', () => {
    const hours = openingHours('Monday to Friday 9.30–17.00\nSat 9-12\nSundays by arrangement\nTue–Mon 9–5');
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
});
