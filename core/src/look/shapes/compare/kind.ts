import { Type } from '@sinclair/typebox';
import { itemsField, pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Before and after',
  reason: 'Shows what the work changes.',
  asked: /before|after|compare|comparison/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      before: textField('Word for before'),
      after: textField('Word for after'),
      items: itemsField(
        {
          name: textField('What it is'),
          text: textField('What was done', true),
          before: pictureField('Before'),
          after: pictureField('After'),
        },
        { maxItems: 6 },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('In and out of the shed'),
    lead: sampleText(''),
    before: sampleText('Before'),
    after: sampleText('After'),
    items: [
      {
        name: sampleText('A clinker dinghy'),
        text: sampleText('Nine planks, a new keel and eleven coats.'),
        before: samplePicture('sample-3', ''),
        after: samplePicture('sample-1', ''),
      },
    ],
  },
});
