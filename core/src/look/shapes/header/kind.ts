import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Header',
  reason: '',
  asked: /^$/,
  content: Type.Object({ action: textField('Button'), note: textField('Line above') }, closed),
  sample: { action: sampleText('Book a survey'), note: sampleText('') },
});
