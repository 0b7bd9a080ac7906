import { Type } from '@sinclair/typebox';
import { choiceField, itemsField, pictureField, textField } from '../../../model/site.js';
import { defineKind, samplePicture, sampleText } from '../shape.js';

const closed = { additionalProperties: false } as const;

export const kind = defineKind({
  title: 'Rows by hand',
  reason: 'For what none of the other kinds is made for: you say what stands beside what.',
  asked: /rows? by hand|by hand|columns of (?:text|pictures)|free section/i,
  content: Type.Object(
    {
      heading: textField('Heading'),
      lead: textField('Introduction', true),
      items: itemsField(
        {
          place: choiceField('After the last', {
            beside: 'beside it',
            below: 'under it',
            row: 'in a new row',
          }),
          width: choiceField('Its column', { even: 'one wide', wide: 'two wide' }),
          as: choiceField('It is', {
            words: 'words',
            quote: 'a quote',
            table: 'a table, | between cells',
            reach: 'ways to reach',
            hours: 'opening hours',
            gap: 'a gap',
          }),
          order: choiceField('First comes', { picture: 'its picture', words: 'its words' }),
          weight: choiceField('Weight', { even: 'like the rest', large: 'large', box: 'in a box' }),
          name: textField('Heading'),
          text: textField('Words', true),
          picture: pictureField('Picture'),
          action: textField('Button'),
        },
        { title: 'Piece', maxItems: 40 },
      ),
    },
    closed,
  ),
  sample: {
    heading: sampleText('The yard, and how to find it'),
    lead: sampleText(''),
    items: [
      {
        place: 'row',
        width: 'wide',
        as: 'words',
        order: 'picture',
        weight: 'even',
        name: sampleText('The long shed'),
        text: sampleText('Two boats fit in it side by side. It stays dry in any weather, and the doors face the slip.'),
        picture: samplePicture(),
        action: sampleText(''),
      },
      {
        place: 'beside',
        width: 'even',
        as: 'words',
        order: 'picture',
        weight: 'even',
        name: sampleText('The steam box'),
        text: sampleText('Planks come out of it soft enough to bend round a stem.'),
        picture: samplePicture('', ''),
        action: sampleText('Come and see'),
      },
      {
        place: 'below',
        width: 'even',
        as: 'quote',
        order: 'picture',
        weight: 'even',
        name: sampleText('H. Marsh'),
        text: sampleText('She came back drier than she was built.'),
        picture: samplePicture('', ''),
        action: sampleText(''),
      },
    ],
  },
});
