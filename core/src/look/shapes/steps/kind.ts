import { Type } from '@sinclair/typebox';
import { itemsField, textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Steps',
  reason: 'People who have never been want to know what happens.',
  asked: /steps?|how it (?:works|goes)|process|what happens/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        { name: textField('Step'), text: textField('What happens', true) },
        {
          maxItems: 8,
        },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('How a job goes'),
    lead: sampleText(''),
    items: [
      { name: sampleText('You ring'), text: sampleText('Tell us her length and what worries you.') },
      { name: sampleText('We look'), text: sampleText('On the slip, with a lamp and a mallet.') },
      { name: sampleText('She floats'), text: sampleText('With a list of all that was done.') },
    ],
  },
});
