import { Type } from '@sinclair/typebox';
import { itemsField, pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Find us',
  reason: 'Where and when, from the facts.',
  asked: /address|map|directions|find us|where|location|visit|way to/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      note: textField('Note', true),
      way: itemsField(
        { name: textField('Coming from'), text: textField('The way', true) },
        {
          maxItems: 6,
        },
      ),
      picture: pictureField('Picture'),
    },
    closed,
  ),
  sample: {
    heading: sampleText('Where and when'),
    note: sampleText(''),
    way: [{ name: sampleText('On foot'), text: sampleText('Down the steps beside the net loft.') }],
    picture: samplePicture('sample-9', ''),
  },
});
