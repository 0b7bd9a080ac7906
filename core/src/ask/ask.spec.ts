import { demoFacts } from '../fixtures/facts.js';
import { newDocument } from '../generate/site.js';
import { writeVersion } from '../generate/write.js';
import { apply } from '../operations/apply.js';
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
  it('says so where it does not understand or nothing is there', () => {
    expect(ask(site, 'make it pop').operation).toBeNull();
    expect(ask(site, 'change unicorn to horse').operation).toBeNull();
  });
});
