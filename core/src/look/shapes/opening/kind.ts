import { Type } from '@sinclair/typebox';
import { pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Top of the page',
  reason: 'Says at once what the page is about.',
  asked: /opening|title|headline|top|hero/i,
  content: Type.Object(
    {
      kicker: textField('Line above'),
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      action: textField('Main button'),
      second: textField('Second button'),
      picture: pictureField('Picture'),
    },
    closed,
  ),
  sample: {
    kicker: sampleText('Boatyard, Saltmarrow'),
    heading: sampleText('Wooden boats, put right by hand.'),
    lead: sampleText('Planking, caulking and rigging on the slip at Saltmarrow.'),
    action: sampleText('Book a survey'),
    second: sampleText('See the work'),
    picture: samplePicture('sample-1', 'A sailing boat at anchor in a bay'),
  },
});
