import { Type } from '@sinclair/typebox';
import { itemsField, pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Gallery',
  reason: 'Work that can be seen needs fewer words.',
  asked: /gallery|pictures|photos|images|portfolio|our work/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        { picture: pictureField('Picture'), caption: textField('Caption') },
        {
          maxItems: 24,
        },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('From the slip'),
    lead: sampleText(''),
    items: [
      { picture: samplePicture('sample-1', ''), caption: sampleText('Before launching') },
      { picture: samplePicture('sample-2', ''), caption: sampleText('') },
      { picture: samplePicture('sample-3', ''), caption: sampleText('The steam box') },
      { picture: samplePicture('sample-4', ''), caption: sampleText('') },
      { picture: samplePicture('sample-5', ''), caption: sampleText('') },
    ],
  },
});
