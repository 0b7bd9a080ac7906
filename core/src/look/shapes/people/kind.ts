import { Type } from '@sinclair/typebox';
import { itemsField, pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'People',
  reason: 'Names and faces are what people remember.',
  asked: /people|team|staff|who we are|crew/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        {
          name: textField('Name'),
          role: textField('What they do'),
          text: textField('In a sentence or two', true),
          picture: pictureField('Picture'),
        },
        { maxItems: 24 },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Who you will meet'),
    lead: sampleText(''),
    items: [
      {
        name: sampleText('Ada Thorne'),
        role: sampleText('Shipwright'),
        text: sampleText('Draws every hull before it is touched.'),
        picture: samplePicture('sample-6', ''),
      },
      {
        name: sampleText('Wilf Penhale'),
        role: sampleText('Rigger'),
        text: sampleText(''),
        picture: samplePicture('sample-7', ''),
      },
      {
        name: sampleText('Nell Orchard'),
        role: sampleText('Office and orders'),
        text: sampleText('Answers before the third ring.'),
        picture: samplePicture('sample-8', ''),
      },
    ],
  },
});
