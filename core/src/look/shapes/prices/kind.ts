import { Type } from '@sinclair/typebox';
import { itemsField, textField, textsField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Prices',
  reason: 'What it costs, at a glance.',
  asked: /prices|rates|tariff|packages?/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        {
          name: textField('What'),
          text: textField('In a sentence', true),
          price: textField('Price'),
          points: textsField('Point', { maxItems: 8 }),
        },
        { maxItems: 24 },
      ),
      note: textField('Note', true),
    },
    closed,
  ),
  sample: {
    heading: sampleText('What it costs'),
    lead: sampleText(''),
    items: [
      {
        name: sampleText('Survey'),
        text: sampleText('On the slip, written up the same week.'),
        price: sampleText('£180'),
        points: [sampleText('Hull and deck'), sampleText('Rig')],
      },
      { name: sampleText('Haul out'), text: sampleText(''), price: sampleText('£95'), points: [] },
      {
        name: sampleText('Winter storage'),
        text: sampleText('Under cover.'),
        price: sampleText('£38 a metre'),
        points: [sampleText('Propped and turned')],
      },
    ],
    note: sampleText(''),
  },
});
