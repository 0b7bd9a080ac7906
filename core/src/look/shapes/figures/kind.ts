import { Type } from '@sinclair/typebox';
import { itemsField, textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Figures',
  reason: 'A few numbers that say much.',
  asked: /figures|numbers|statistics|stats|facts/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      items: itemsField(
        { figure: textField('Figure'), label: textField('What it counts') },
        {
          maxItems: 6,
        },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText(''),
    items: [
      { figure: sampleText('1908'), label: sampleText('the year the slip was laid') },
      { figure: sampleText('14'), label: sampleText('boats under cover') },
      { figure: sampleText('3'), label: sampleText('shipwrights') },
    ],
  },
});
