import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Heading, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Services',
  character: 'ledger with prices',
  content: Type.Object(
    {
      heading: textField('Heading'),
      items: Type.Array(
        Type.Object(
          { name: textField('Service'), text: textField('In a sentence or two', true), price: textField('Price') },
          { additionalProperties: false },
        ),
        { maxItems: 40 },
      ),
    },
    { additionalProperties: false },
  ),
  sample: {
    heading: sampleText('The work, one by one'),
    items: [
      {
        name: sampleText('Hull survey'),
        text: sampleText('A day with hammer and meter.'),
        price: sampleText('from £180'),
      },
    ],
  },
  Component({ content, at }) {
    return (
      <section class="services-ledger" id={at.anchor}>
        <Heading text={content.heading} at={at} />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="h3" text={item.name} at={at} path={`items.${n}.name`} />
              <Words as="p" text={item.text} at={at} path={`items.${n}.text`} />
              <Words as="p" class="price" text={item.price} at={at} path={`items.${n}.price`} />
            </li>
          ))}
        </ul>
      </section>
    );
  },
});
