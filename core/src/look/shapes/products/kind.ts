import { Type } from '@sinclair/typebox';
import { itemsField, pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Products',
  reason: 'What can be bought, with its price.',
  asked: /products?|shop|goods|shelf|for sale/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        {
          name: textField('Product'),
          text: textField('In a sentence', true),
          price: textField('Price'),
          picture: pictureField('Picture'),
        },
        { maxItems: 24 },
      ),
      more: textField('Link to all of them'),
    },
    closed,
  ),
  sample: {
    heading: sampleText('From the chandlery'),
    lead: sampleText(''),
    items: [
      {
        name: sampleText('Tarred marline'),
        text: sampleText('By the hank.'),
        price: sampleText('£6'),
        picture: samplePicture('sample-5', ''),
      },
      {
        name: sampleText('Bronze rowlocks'),
        text: sampleText(''),
        price: sampleText('£34'),
        picture: samplePicture('sample-6', ''),
      },
      {
        name: sampleText('Oak fenders'),
        text: sampleText('Turned here.'),
        price: sampleText('£22'),
        picture: samplePicture('sample-7', ''),
      },
      {
        name: sampleText('Copper nails'),
        text: sampleText('By weight.'),
        price: sampleText('£11'),
        picture: samplePicture('sample-8', ''),
      },
    ],
    more: sampleText(''),
  },
});
