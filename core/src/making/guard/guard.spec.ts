import { demoFacts } from '../../fixtures/facts.js';
import { languages } from '../../language/registry.gen.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { apply } from '../../operations/apply.js';
import { backingOf, doubtsIn, unbacked } from './guard.js';

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

  it('doubts words of a site by the facts it has now, in the language it has now', () => {
    const site = siteFrom(demoFacts, 1);
    expect(doubtsIn(site, 'We have mended boats with Harold Pym since 1921.')).toEqual(['1921', 'Harold', 'Pym']);
    const founded = apply(site, { op: 'setFact', field: 'founded', value: '1921' }).document;
    expect(doubtsIn(founded, 'We have mended boats since 1921.')).toEqual([]);
    // A whole sentence in other words than theirs is a person’s own to write.
    expect(doubtsIn(site, 'We deliver throughout the county with refrigerated lorries.')).toEqual([]);
    expect(doubtsIn({ ...site, language: 'de' }, 'Seit 1921 am Hafen.')).toEqual(['1921']);
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
