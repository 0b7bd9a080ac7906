import { languages } from '../../language/registry.gen.js';
import { emptyFacts, type Facts } from '../../model/site.js';
import { decide, materialOf } from './decide.js';

const decided = (facts: Facts, length: 'short' | 'middle' | 'long' = 'middle') =>
  decide(facts, materialOf(facts, languages['en-GB']), length);
const service = (name: string, detail = '', price = '') => ({ id: name.toLowerCase(), name, detail, price });
const bare: Facts = {
  ...emptyFacts(),
  name: 'Tolliver',
  trade: 'thatcher',
  place: 'Saltmarrow',
  phone: '01632 960 100',
};

describe('the plan of a site', () => {
  it('is a single page where there is little to say, and says why each other page is there', () => {
    expect(decided(bare)).toEqual(
      jasmine.objectContaining({ single: true, services: null, about: null, prices: null }),
    );
    const full = {
      ...bare,
      services: [
        service('Ridges', 'Cut and pegged new', '£900'),
        service('Patches', '', 'from £120'),
        service('New roofs'),
      ],
      description:
        'We thatch cottages, barns and one chapel in water reed from the marsh. Every ridge is cut by hand and pegged with hazel. My father taught me on the chapel roof in the winter of the flood, and I have patched that same roof twice since. We are two, and in summer three. We work from April to October, and the roof is never left open overnight.',
    };
    const plan = decided(full);
    expect(plan.single).toBeFalse();
    expect(plan.services).toContain('2 with a price');
    expect(plan.about).toContain('sentences');
    // A short site asks for more before it opens a page.
    expect(decided(full, 'short').about).toBeNull();
  });

  it('does what the client wants and leaves what the client does not', () => {
    const priced = {
      ...bare,
      services: [service('Ridges', '', '£900'), service('Patches', '', '£120'), service('Moss', '', '£60')],
    };
    expect(decided({ ...priced, wanted: ['prices'] }).prices).toContain('3 prices');
    expect(decided({ ...priced, wanted: ['prices'], unwanted: ['prices'] })).toEqual(
      jasmine.objectContaining({ prices: null, showPrices: false }),
    );
    expect(decided({ ...bare, unwanted: ['contact form'] }).form).toBeFalse();
    // Where booking is not wanted the site leads to the phone.
    expect(decided({ ...bare, aim: 'bookings', unwanted: ['bookings'] }).aim).toBe('rung');
  });

  it('gives a service a page under the others when there is enough to say about it', () => {
    const long = 'We strip the old straw to the last sound coat and show you what is under it. '.repeat(4);
    const facts = {
      ...bare,
      services: [service('Ridges', long), service('Patches', '', '£1'), service('Moss', '', '£2')],
    };
    expect(decided(facts).own.map((s) => s.name)).toEqual(['Ridges']);
  });
});
