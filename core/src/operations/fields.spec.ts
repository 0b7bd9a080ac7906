import { describe as describeOperation } from './apply.js';
import { replacesField, typedWords } from './fields.js';
import type { Operation, SingleOperation } from './operation.js';

const text = (section: string, value: string): SingleOperation => ({
  op: 'setText',
  at: { section, path: 'heading' },
  text: { value, from: { kind: 'designer' } },
});

describe('the fields of an operation', () => {
  it('are told of one operation, not of a batch', () => {
    const batch: Operation = {
      op: 'batch',
      operations: [text('s1', 'A'), text('s1', 'B'), { op: 'setFact', field: 'phone', value: '1' }],
    };
    expect(replacesField(batch)).toBeNull();
    expect(replacesField(text('s1', 'A'))).toBe('text s1 heading');
  });
  it('are none where nothing is written into', () => {
    expect(replacesField({ op: 'removeSection', section: 's1' })).toBeNull();
    expect(typedWords({ op: 'removeSection', section: 's1' })).toBe('');
  });
  it('of a fact with what followed from it on the pages speak of the fact', () => {
    const batch: Operation = {
      op: 'batch',
      operations: [{ op: 'setFact', field: 'place', value: 'Ottersay' }, text('s1', 'A yard in Ottersay')],
    };
    expect(typedWords(batch)).toBe('Ottersay');
    expect(describeOperation(batch)).toBe('Changed “Place”');
  });
  it('give back every word that was typed', () => {
    expect(
      typedWords({
        op: 'batch',
        operations: [
          { op: 'setServices', services: [{ id: 'v1', name: 'Planking', price: '£40', detail: 'By hand.' }] },
          { op: 'setPeople', people: [{ id: 'p1', name: 'Tom', role: 'rigger' }] },
          { op: 'setList', field: 'languages', values: ['German', 'French'] },
          {
            op: 'setContent',
            section: 's3',
            content: {
              heading: { value: 'Rope', from: { kind: 'designer' } },
              items: [{ name: { value: 'Tar', from: { kind: 'designer' } } }],
            },
          } as never,
        ],
      }),
    ).toBe('Planking, £40, By hand.\nTom, rigger\nGerman, French\nRope\nTar');
  });
});
