import { Type } from '@sinclair/typebox';
import { itemsField, textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Events',
  reason: 'What is on, and when.',
  asked: /events?|dates|diary|calendar|what.s on/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        {
          date: textField('When'),
          name: textField('What'),
          text: textField('In a sentence', true),
          place: textField('Where'),
        },
        { maxItems: 24 },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('On the quay'),
    lead: sampleText(''),
    items: [
      {
        date: sampleText('14 June'),
        name: sampleText('Open slip'),
        text: sampleText('Tea, tar and a look inside.'),
        place: sampleText('The yard'),
      },
      {
        date: sampleText('2 August'),
        name: sampleText('Regatta'),
        text: sampleText(''),
        place: sampleText('Saltmarrow harbour'),
      },
    ],
  },
});
