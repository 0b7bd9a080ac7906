import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Footer',
  reason: '',
  asked: /^$/,
  content: Type.Object({ note: textField('Note') }, closed),
  sample: { note: sampleText('') },
});
