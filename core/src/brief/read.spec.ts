import { readServiceLine } from './reading/services.js';
import { BriefError, readBrief } from './read.js';

describe('reading a brief', () => {
  it('reads labelled lines, lists and a free description', () => {
    const facts = readBrief(
      '\uFEFF# Pell & Daughter\r\n\r\nClocks mended since 1961 in Saltmarrow. Ring 01632 960 233 or write to bench@pellclocks.example.\r\n\r\nOpening hours:\r\nTue–Fri 9.30–17.00\r\nSat 10–13\r\n\r\n## Services\r\n- Longcase clocks, from £240: Fetched and set up again\r\n- Barometers\r\n',
    );
    expect(facts.name).toBe('Pell & Daughter');
    expect(facts.phone).toBe('01632 960 233');
    expect(facts.mail).toBe('bench@pellclocks.example');
    expect(facts.founded).toBe('1961');
    expect(facts.trade).toBe('clockmaker');
    expect(facts.place).toBe('Saltmarrow');
    expect(facts.hours).toBe('Tuesday to Friday 9.30–17.00\nSaturday 10.00–13.00');
    expect(facts.services).toEqual([
      { id: 'v1', name: 'Longcase clocks', detail: 'Fetched and set up again', price: 'from £240' },
      { id: 'v2', name: 'Barometers', detail: '', price: '' },
    ]);
  });

  it('reads JSON, and says which field is wrong', () => {
    expect(
      readBrief('{"name":"Tolliver","services":["Thatching, £90 a day",{"name":"Ridges","price":40}]}').services,
    ).toEqual([
      { id: 'v1', name: 'Thatching', detail: '', price: '£90 a day' },
      { id: 'v2', name: 'Ridges', detail: '', price: '40' },
    ]);
    expect(() => readBrief('{"name": ["x"]}')).toThrowError(BriefError, /"name"/);
    expect(() => readBrief('{"name": ')).toThrowError(BriefError, /not valid JSON/);
  });

  it('says plainly why a brief cannot be used', () => {
    for (const bad of ['', ' \n\t', '!!! ???.', 'x'.repeat(20_001)])
      expect(() => readBrief(bad))
        .withContext(bad.slice(0, 20))
        .toThrowError(BriefError);
  });

  it('reads services as people write them', () => {
    expect(readServiceLine('• sash windows – mended and hung (from £310)')).toEqual({
      name: 'Sash windows',
      detail: 'mended and hung',
      price: 'from £310',
    });
  });
});
