import { Type } from '@sinclair/typebox';
import { itemsField, pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'List of services',
  reason: 'People compare by what you do and what it costs.',
  asked: /price|service|list|offer|rooms?|range/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        {
          name: textField('Service'),
          text: textField('In a sentence or two', true),
          price: textField('Price'),
          picture: pictureField('Picture'),
        },
        { maxItems: 40 },
      ),
      more: textField('Link to all of them'),
    },
    closed,
  ),
  sample: {
    heading: sampleText('On the slip'),
    lead: sampleText(''),
    items: [
      {
        name: sampleText('Planking and caulking'),
        text: sampleText('Larch, oak and iroko, steamed and fitted on the slip.'),
        price: sampleText('from £420'),
        picture: samplePicture('sample-2', ''),
      },
      {
        name: sampleText('Engine and electrics'),
        text: sampleText('Beds rebuilt, wiring renewed, everything labelled.'),
        price: sampleText(''),
        picture: samplePicture('sample-3', ''),
      },
      {
        name: sampleText('Winter storage'),
        text: sampleText('Under cover, propped and turned at the new year.'),
        price: sampleText('£38 a metre'),
        picture: samplePicture('sample-4', ''),
      },
    ],
    more: sampleText('All the work'),
  },
});
