import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Opening hours',
  reason: 'When somebody is there.',
  asked: /opening hours|opening times|hours|open(?:ing)? times/i,
  content: Type.Object(
    { heading: textField('Heading'), note: textField('Note', true), action: textField('Button') },
    closed,
  ),
  sample: { heading: sampleText('When the shed is open'), note: sampleText(''), action: sampleText('') },
});
