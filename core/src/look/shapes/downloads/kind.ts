import { Type } from '@sinclair/typebox';
import { itemsField, textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Downloads',
  reason: 'Papers to take away.',
  asked: /downloads?|documents?|files|papers|leaflets?|forms to print/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        {
          name: textField('Paper', false, 'button'),
          text: textField('What is in it'),
          address: textField('Address of the file'),
        },
        { maxItems: 24 },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Papers'),
    lead: sampleText(''),
    items: [
      {
        name: sampleText('Storage terms'),
        text: sampleText('PDF, two sides'),
        address: sampleText('/papers/terms.pdf'),
      },
      {
        name: sampleText('Launching list'),
        text: sampleText('What to bring'),
        address: sampleText('/papers/list.pdf'),
      },
    ],
  },
});
