import { Type } from '@sinclair/typebox';
import { pictureField, textField, textsField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Feature',
  reason: 'One thing worth more than a line in a list.',
  asked: /feature|special|highlight|focus/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      text: textField('Text', true),
      points: textsField('Point', { maxItems: 8 }),
      action: textField('Button'),
      picture: pictureField('Picture'),
    },
    closed,
  ),
  sample: {
    heading: sampleText('The steam box'),
    text: sampleText(
      'Planks go in straight and come out willing. An hour of steam for every inch of oak, then three minutes to bend it home.',
    ),
    points: [sampleText('Oak up to two inches'), sampleText('Larch up to three')],
    action: sampleText(''),
    picture: samplePicture('sample-2', ''),
  },
});
