import { Type } from '@sinclair/typebox';
import { itemsField, textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Quotes',
  reason: 'What clients say counts for more than what the business says.',
  asked: /quotes?|testimonial|review|what (?:people|clients|customers) say|praise/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      items: itemsField(
        { text: textField('What was said', true), name: textField('Who said it'), detail: textField('Who they are') },
        { maxItems: 12 },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Said on the quay'),
    items: [
      {
        text: sampleText('She came back drier than she was built.'),
        name: sampleText('H. Marsh'),
        detail: sampleText('owner of a gaff cutter'),
      },
      { text: sampleText('They drew it first, and it fitted.'), name: sampleText('T. Quill'), detail: sampleText('') },
    ],
  },
});
