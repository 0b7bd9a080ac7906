import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineKind, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Statement',
  reason: 'One sentence, large.',
  asked: /statement|motto|big sentence|strapline/i,
  content: Type.Object({ text: textField('Sentence', true), by: textField('Whose it is') }, closed),
  sample: { text: sampleText('A boat is never finished, only launched.'), by: sampleText('') },
});
