import { Type } from '@sinclair/typebox';
import { itemsField, textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Places',
  reason: 'Where the business comes to.',
  asked: /areas?|places|towns|region|cover/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField({ name: textField('Place') }, { maxItems: 40 }),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Where we come to'),
    lead: sampleText(''),
    items: [
      { name: sampleText('Saltmarrow') },
      { name: sampleText('Gullhaven') },
      { name: sampleText('Withy Creek') },
      { name: sampleText('Upper Fenwick') },
      { name: sampleText('Marl Point') },
    ],
  },
});
