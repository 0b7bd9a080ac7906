import { emptyFacts, type Facts } from '../../model/site.js';
import { readOutside, withOutside, type OutsideFact } from './outside.js';

const description = [
  'Gant’s Ropewalk, ropemakers in Saltmarrow since 1871.',
  'We lay mooring warps from £40 and splice them. Ada Gant lays the rope.',
  'Open Monday to Friday 9 to 5.',
  'Ring 01632 960 140. Please don’t put my own mobile on the site, it is 07700 900 999.',
].join('\n');
const facts: Facts = { ...emptyFacts(), description, name: 'Gant’s Ropewalk' };
const fact = (kind: OutsideFact['kind'], value: string, quote: string, detail = ''): OutsideFact => ({
  ...{ kind, value, quote, detail },
});
const read = (...all: OutsideFact[]) => readOutside(facts, { facts: all });
const values = (...all: OutsideFact[]) => read(...all).facts.map((f) => f.value);

describe('what an outside service reads', () => {
  it('is offered where its words stand in its quote, and the quote in the brief', () => {
    expect(
      values(
        fact('founded', '1871', 'ropemakers in Saltmarrow since 1871'),
        fact('service', 'mooring warps', 'We lay mooring warps from £40', 'from £40'),
        fact('person', 'Ada Gant', 'Ada Gant lays the rope.', 'lays the rope'),
        fact('hours', 'Monday to Friday 9.00–17.00', 'Open Monday to Friday 9 to 5.'),
      ),
    ).toEqual(['1871', 'mooring warps', 'Ada Gant', 'Monday to Friday 9.00–17.00']);
  });

  it('is dropped where nobody wrote it: another quote, another number, other hours, a word more', () => {
    const { facts: kept, dropped } = read(
      fact('membership', 'Guild of Ropemakers', 'Members of the Guild of Ropemakers'),
      fact('founded', '1817', 'ropemakers in Saltmarrow since 1871'),
      fact('hours', 'Monday to Saturday 9.00–17.00', 'Open Monday to Friday 9 to 5.'),
      fact('service', 'award-winning mooring warps', 'We lay mooring warps from £40'),
      fact('trade', 'ropemakers', ''),
    );
    expect(kept).toEqual([]);
    expect(dropped).toBe(5);
  });

  it('keeps a detail only where that stands in the quote too', () => {
    const [one] = read(fact('service', 'mooring warps', 'We lay mooring warps from £40', 'from £30')).facts;
    expect(one).toEqual(jasmine.objectContaining({ value: 'mooring warps', detail: '' }));
  });

  it('does not offer what the client wants kept off the site, nor what is known, nor anything twice', () => {
    const said = fact('phone', '07700 900 999', 'don’t put my own mobile on the site, it is 07700 900 999');
    expect(read(said).facts).toEqual([]);
    expect(read(said).held).toBe(1);
    // Nor where it is quoted together with what may be shown.
    const line = 'Ring 01632 960 140. Please don’t put my own mobile on the site, it is 07700 900 999.';
    expect(values(fact('phone', '07700 900 999', line), fact('phone', '01632 960 140', line))).toEqual([
      '01632 960 140',
    ]);
    expect(values(fact('name', 'Gant’s Ropewalk', 'Gant’s Ropewalk'))).toEqual([]);
    const twice = fact('place', 'Saltmarrow', 'ropemakers in Saltmarrow since 1871');
    expect(values(twice, twice)).toEqual(['Saltmarrow']);
  });

  it('goes into the sheet beside what is there', () => {
    const before = { ...facts, services: [{ id: 'v3', name: 'Fenders', detail: '', price: '' }] };
    expect(withOutside(before, fact('service', 'Warps', '', 'from £40')).services).toEqual([
      ...before.services,
      { id: 'v4', name: 'Warps', detail: '', price: 'from £40' },
    ]);
    const phoned = { ...before, phone: '01632 960 140' };
    expect(withOutside(phoned, fact('phone', '01632 960 141', ''))).toEqual({
      contacts: [{ id: 'c1', value: '01632 960 141', what: '' }],
    });
    expect(withOutside(before, fact('phone', '01632 960 141', ''))).toEqual({ phone: '01632 960 141' });
    expect(withOutside(before, fact('founded', 'since 1871', ''))).toEqual({ founded: '1871' });
    expect(withOutside(before, fact('membership', 'Guild of Ropemakers', ''))).toEqual({
      memberships: ['Guild of Ropemakers'],
    });
    expect(withOutside(before, fact('person', 'Ada Gant', '', 'lays the rope')).people).toEqual([
      { id: 'p1', name: 'Ada Gant', role: 'lays the rope' },
    ]);
  });
});
