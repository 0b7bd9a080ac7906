import { demoFacts } from '../../fixtures/facts.js';
import { languages } from '../../language/registry.gen.js';
import { backingOf, unbacked } from './guard.js';

const facts = { ...demoFacts, people: [{ id: 'p1', name: 'Anna Hollis', role: '' }] };
const what = (text: string) => unbacked(text, backingOf(facts, languages['en-GB'])).map((u) => u.what);

describe('the fact guard', () => {
  it('lets through what the facts say, however it is put', () => {
    for (const text of [
      'Wooden boats up to forty feet, mended at the top of the old slip since 1987.',
      'Winter storage is £38 a week.',
      'Ring 01632 960114 or +44 1632 960 114, Monday to Friday from 8 to 5.',
      'Anna Hollis does the planking.',
      'Four services, one by one.',
      'Ask about a survey!',
    ])
      expect(unbacked(text, backingOf(facts, languages['en-GB'])))
        .withContext(text)
        .toEqual([]);
  });

  it('finds numbers, names, praise and statements that nobody has given', () => {
    expect(what('We have mended more than 400 boats.')).toContain('number');
    expect(what('Twelve of us mend wooden boats.')).toContain('number');
    expect(what('Ring 01632 960 115.')).toContain('number');
    expect(what('We mend boats with Harold Pym.')).toContain('name');
    expect(what('The yard has won awards.')).toContain('claim');
    expect(what('Our work is guaranteed.')).toContain('claim');
    expect(what('We deliver throughout the county with refrigerated lorries.')).toContain('statement');
  });
});
