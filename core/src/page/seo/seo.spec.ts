import { demoFacts } from '../../fixtures/facts.js';
import { newDocument } from '../../making/generate/site.js';
import { writeVersion } from '../../making/generate/write.js';
import { apply } from '../../operations/apply.js';
import { descriptionOf, jsonLd, openingHours, otherDays, titleOf } from './seo.js';
import { drawnAt } from '../release/drawn-at.js';
import { render } from '../render/render.js';
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

  it('tells on which days it is otherwise the next time they come round, and nothing of a week', () => {
    const on = (today: string, line: string) =>
      otherDays(`Monday to Friday 9.00–17.00\nclosed on Mondays\n${line}`, today).map((o) =>
        Object.values(o).slice(1).join(' '),
      );
    const holidays = '24 December to 2 January closed';
    expect(on('2026-06-14', holidays)).toEqual(['2026-12-24 2027-01-02 00:00 00:00']);
    expect(on('2027-01-02', holidays)).toEqual(['2026-12-24 2027-01-02 00:00 00:00']);
    expect(on('2027-01-03', holidays)).toEqual(['2027-12-24 2028-01-02 00:00 00:00']);
    expect(on('2026-06-14', 'Closed in February')).toEqual(['2027-02-01 2027-02-28 00:00 00:00']);
    expect(on('2028-02-29', 'Closed in February')).toEqual(['2028-02-01 2028-02-29 00:00 00:00']);
    expect(on('2026-06-14', '24 December 9.30–12.00')).toEqual(['2026-12-24 2026-12-24 09:30 12:00']);
    expect(on('2026-06-14', 'Sundays by arrangement')).toEqual([]);
    expect(on('2026-06-14', 'In May 9–12')).toEqual([]);
  });

  it('has a release be of a day where days of the year are told, of a minute where items come and go, else of none', () => {
    const now = Date.parse('2026-06-14T09:30:20Z');
    const site = (hours: string) => newDocument('x', { ...demoFacts, hours });
    expect(drawnAt(site('Monday to Friday 9.00–17.00'), now)).toBeUndefined();
    const closed = site('Monday to Friday 9.00–17.00\n24 December closed');
    expect(drawnAt(closed, now)).toBe('2026-06-14T00:00Z');
    const news = { id: 'n', kind: 'news' as const, name: 'News', fields: [], items: [] };
    expect(drawnAt({ ...closed, collections: [news] }, now)).toBe('2026-06-14T09:30Z');
    const drawn = (at?: string) => {
      const home = render(apply(closed, writeVersion(closed.facts, 1)).document, {
        origin: 'https://x.example',
        ...(at && { at }),
      });
      return home.find((f) => f.path === '/index.html') as unknown as { text: string };
    };
    expect(drawn(drawnAt(closed, now)).text).toContain('"validFrom":"2026-12-24"');
    expect(drawn().text).not.toContain('validFrom');
  });

  it('tells search engines what people can go to, whom they will meet, and what is for what', () => {
    const facts = {
      ...demoFacts,
      hours:
        'Shop: Monday to Friday 9.00–17.00\nPhone: Monday to Friday 8.00–18.00\nApril to October: Saturday 9.00–12.00',
      contacts: [
        { id: 'c1', value: '01632 960 101', what: 'Repairs' },
        { id: 'c2', value: 'orders@gant.example', what: 'Orders' },
        { id: 'c3', value: '01632 960 102', what: '' },
      ],
      branches: [
        { id: 'b1', name: 'The loft', address: '2 Quay, Saltmarrow', phone: '', hours: 'Saturday 10.00–14.00' },
      ],
      people: [{ id: 'p1', name: 'Ada Gant', role: 'Ropemaker', about: 'Lays the rope.' }],
      events: [
        { id: 'e1', name: 'Splicing evening', when: 'Thursdays 19.30–21.00', place: 'The loft', detail: '' },
        { id: 'e2', name: 'Open walk', when: 'first Sunday of the month 14.00', place: '', detail: '' },
      ],
      registrations: ['Company no. 00417203'],
      services: [
        { id: 'v1', name: 'Splicing', detail: '', price: '£14' },
        { id: 'v2', name: 'Ropes', detail: '', price: 'from £90' },
        { id: 'v3', name: 'Nets', detail: '', price: 'ask' },
      ],
    };
    const told = jsonLd(newDocument('x', facts), 'https://gant.example') as Record<string, Record<string, unknown>[]>;
    expect(told['contactPoint']!.map((c) => [c['contactType'], c['telephone'] ?? c['email']])).toEqual([
      ['Repairs', '01632 960 101'],
      ['Orders', 'orders@gant.example'],
    ]);
    // Neither when the phone is answered nor what holds in summer alone is told as when it is open.
    expect(told['openingHoursSpecification']!.map((o) => o['closes'])).toEqual(['17:00']);
    expect(told['location']![0]!['openingHoursSpecification']).toEqual([
      jasmine.objectContaining({ dayOfWeek: ['Saturday'], opens: '10:00' }),
    ]);
    expect(told['employee']).toEqual([
      { '@type': 'Person', name: 'Ada Gant', jobTitle: 'Ropemaker', description: 'Lays the rope.' },
    ]);
    expect(told['event']!.map((e) => (e['eventSchedule'] as object[] | undefined)?.length ?? 0)).toEqual([1, 0]);
    expect(told['identifier'] as unknown).toEqual(['Company no. 00417203']);
    expect(
      told['makesOffer']!.map((o) => [o['price'], (o['priceSpecification'] as { minPrice?: number })?.minPrice]),
    ).toEqual([
      [14, undefined],
      [undefined, 90],
      [undefined, undefined],
    ]);
    const quiet = jsonLd(newDocument('x', { ...facts, unwanted: ['prices'] }), 'https://gant.example');
    expect(JSON.stringify(quiet)).not.toContain('priceCurrency');
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
