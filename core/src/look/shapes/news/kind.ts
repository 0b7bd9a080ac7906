import { Type } from '@sinclair/typebox';
import { itemsField, pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'News',
  reason: 'What is new, newest first.',
  asked: /news|blog|posts?|journal|updates/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      items: itemsField(
        {
          date: textField('Date'),
          name: textField('Title'),
          text: textField('In a sentence or two', true),
          picture: pictureField('Picture'),
        },
        { maxItems: 12 },
      ),
      more: textField('Link to all of them'),
    },
    closed,
  ),
  sample: {
    heading: sampleText('From the yard'),
    items: [
      {
        date: sampleText('3 May'),
        name: sampleText('The slip is mended'),
        text: sampleText('Two new sleepers and the old rails.'),
        picture: samplePicture('sample-1', ''),
      },
      {
        date: sampleText('20 April'),
        name: sampleText('Larch has come in'),
        text: sampleText('Enough for the summer.'),
        picture: samplePicture('sample-2', ''),
      },
      {
        date: sampleText('2 March'),
        name: sampleText('Two places under cover'),
        text: sampleText(''),
        picture: samplePicture('sample-3', ''),
      },
    ],
    more: sampleText(''),
  },
});
