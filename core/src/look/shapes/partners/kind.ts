import { Type } from '@sinclair/typebox';
import { itemsField, textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Partners',
  reason: 'Who stands beside the business.',
  asked: /partners?|members?(?:hips?)?|associations?|suppliers?|logos/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      items: itemsField(
        { name: textField('Name'), text: textField('What they are') },
        {
          maxItems: 24,
        },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('In good company'),
    items: [
      { name: sampleText('Saltmarrow Harbour Trust'), text: sampleText('') },
      { name: sampleText('Guild of Small Yards'), text: sampleText('since 1986') },
      { name: sampleText('The Net Loft'), text: sampleText('') },
    ],
  },
});
