import { Type } from '@sinclair/typebox';
import { itemsField, textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Questions',
  reason: 'Answers what people ask before they ring.',
  asked: /questions?|faq|answers?/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        { question: textField('Question'), answer: textField('Answer', true) },
        {
          maxItems: 24,
        },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Before you ask'),
    lead: sampleText(''),
    items: [
      {
        question: sampleText('How long is the wait?'),
        answer: sampleText('It depends on the tide and the season; ring and we will say.'),
      },
      { question: sampleText('Do you work afloat?'), answer: sampleText('Where the job allows it.') },
      { question: sampleText('May I watch?'), answer: sampleText('From the bench by the door.') },
    ],
  },
});
