import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Contact form',
  reason: 'For those who would rather write.',
  asked: /form|enquir|inquir|message/i,
  content: Type.Object(
    {
      form: Type.String({ maxLength: 64 }),
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      action: textField('Button', false, 'words'),
      thanks: textField('When it has arrived', true),
    },
    closed,
  ),
  sample: {
    form: 'contact',
    heading: sampleText('Tell us about your boat'),
    lead: sampleText('Her length, what she is built of and where she lies now.'),
    action: sampleText('Send'),
    thanks: sampleText('Thank you. Your message is with us.'),
  },
});
