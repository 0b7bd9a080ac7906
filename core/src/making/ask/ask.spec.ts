import { demoFacts } from '../../fixtures/facts.js';
import { newDocument } from '../generate/site.js';
import { writeVersion } from '../generate/write.js';
import { apply } from '../../operations/apply.js';
import { ask } from './ask.js';

const site = apply(newDocument('x', demoFacts), writeVersion(demoFacts, 1)).document;

describe('the ask line', () => {
  it('sets a fact', () =>
    expect(ask(site, 'The phone is 01632 960 999.').operation).toEqual({
      op: 'setFact',
      field: 'phone',
      value: '01632 960 999',
    }));
  it('puts words in the place of others, wherever they stand', () => {
    const answer = ask(site, 'change “wooden boats” to “wooden ships”');
    expect(JSON.stringify(apply(site, answer.operation!).document.pages)).not.toContain('wooden boats');
  });
  it('takes the value of a correction, not the complaint', () => {
    expect(ask(site, 'the address is wrong, it should be Unit 8, Strand').operation).toEqual({
      op: 'setFact',
      field: 'address',
      value: 'Unit 8, Strand',
    });
  });
  it('changes nothing where a fact is spoken of but not given', () => {
    for (const said of [
      'the address is wrong',
      'the phone is missing',
      'the name is too long, please shorten it',
      'hours are hard to read',
      'phone is on the second page',
      'the mail is not ours, ask Tom',
      'the hours are the old ones',
      'address is Unit 8, can you move it up?',
    ])
      expect(ask(site, said).operation).withContext(said).toBeNull();
  });
  it('puts words in the place of whole words only', () => {
    const text = { value: 'Amend the mend', from: { kind: 'designer' as const } };
    const one = apply(site, { op: 'setText', at: { section: 's1', path: 'heading' }, text }).document;
    const after = apply(one, ask(one, 'change mend to repair').operation!).document;
    expect(JSON.stringify(after.pages)).toContain('"Amend the repair"');
  });
  it('says it where something is so already, and does not claim to have moved it', () => {
    expect(ask(site, 'move services up')).toEqual(
      jasmine.objectContaining({ operation: null, words: jasmine.stringContaining('already') }),
    );
    expect(ask(site, `the place is ${site.facts.place}`).operation).toBeNull();
  });
  it('leaves a page that visitors know at its address', () => {
    const slug = (live: boolean) =>
      apply(site, ask(site, 'rename the services page to Work', live).operation!).document.pages.find(
        (p) => p.id === 'services',
      )!.slug;
    expect([slug(true), slug(false)]).toEqual(['services', 'work']);
  });
  it('says so where it does not understand or nothing is there', () => {
    expect(ask(site, 'make it pop').operation).toBeNull();
    expect(ask(site, 'change unicorn to horse').operation).toBeNull();
  });
});
