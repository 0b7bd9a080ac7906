import { readServiceLine } from './reading/services.js';
import { BriefError, hasWorkingTitle, readBrief } from './read.js';

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

  it('reads the sheet itself as JSON', () => {
    expect(
      readBrief('{"name":"Tolliver","services":["Thatching, £90 a day",{"name":"Ridges","price":40}]}').services,
    ).toEqual([
      { id: 'v1', name: 'Thatching', detail: '', price: '£90 a day' },
      { id: 'v2', name: 'Ridges', detail: '', price: '40' },
    ]);
  });

  it('reads a form of any shape, a note that begins with a bracket, and keys that are words of the language itself', () => {
    const form = readBrief(
      JSON.stringify({
        id: 'f81d4fae-7dec-11d0-a765-00a0c91e6bf6',
        answers: [
          { question: 'What is your business called?', answer: 'Gannet Knots' },
          { question: 'Phone', answer: '01632 960 220' },
          { frage: 'Leistungen', antwort: [{ bezeichnung: 'Bell ropes', preis: '£140' }] },
        ],
        constructor: 'x',
        toString: 'y',
        __proto__: null,
      }),
    );
    expect([form.name, form.phone]).toEqual(['Gannet Knots', '01632 960 220']);
    expect(form.services.map((s) => [s.name, s.price])).toEqual([['Bell ropes', '£140']]);
    expect(form.description).not.toContain('f81d4fae');
    expect(readBrief('[voice note] Hello, we are called Gannet Knots and we make bell ropes.').name).toBe(
      'Gannet Knots',
    );
    expect(() => readBrief('{"name": ["x"]}')).not.toThrow();
    expect(() => readBrief('{"toString": "a", "name": 5')).not.toThrow();
  });

  it('has a working title where nobody is named, in the language of the brief', () => {
    const facts = readBrief('rope maker, on the quay in Saltmarrow, ring 01632 960 220');
    expect(facts.name).toBe('Rope maker in Saltmarrow');
    expect(hasWorkingTitle(facts)).toBeTrue();
    expect(hasWorkingTitle({ ...facts, name: 'Gannet Knots' })).toBeFalse();
    expect(readBrief('asdf qwer').name).toBe('A business without a name');
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
