import { Type } from '@sinclair/typebox';
import { pictureField, textField, textsField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Story',
  reason: 'A few sentences in the client’s own words.',
  asked: /story|text|about|history|words|paragraph|who/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      paragraphs: textsField('Paragraph', { maxItems: 12 }, true),
      picture: pictureField('Picture'),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Three generations on one slip'),
    paragraphs: [
      sampleText('The yard was a rope walk before it built boats, and the floor still slopes.'),
      sampleText(
        'Every hull that comes up the slip is drawn before it is touched, so that she goes back the shape she came.',
      ),
    ],
    picture: samplePicture('sample-5', ''),
  },
});
