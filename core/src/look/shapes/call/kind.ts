import { Type } from '@sinclair/typebox';
import { pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Call to act',
  reason: 'A way to get in touch where reading ends.',
  asked: /button|call|phone|banner|ring/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      action: textField('Button'),
      picture: pictureField('Picture'),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Is she taking water?'),
    lead: sampleText(''),
    action: sampleText('Ring the yard'),
    picture: samplePicture('sample-4', ''),
  },
});
