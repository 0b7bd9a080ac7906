import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Heading, Words } from '../../words.js';

export const shape = defineShape({
  title: 'How it goes',
  character: 'numbered steps',
  content: Type.Object(
    {
      heading: textField('Heading'),
      items: Type.Array(
        Type.Object(
          { name: textField('Step'), text: textField('What happens', true) },
          { additionalProperties: false },
        ),
        {
          maxItems: 8,
        },
      ),
    },
    { additionalProperties: false },
  ),
  sample: {
    heading: sampleText('From survey to launch'),
    items: ['Bring her in', 'A written list', 'Back afloat'].map((name) => ({
      name: sampleText(name),
      text: sampleText('By water or by road.'),
    })),
  },
  Component({ content, at }) {
    return (
      <section class="steps-numbered">
        <Heading text={content.heading} at={at} />
        <ol>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="h3" text={item.name} at={at} path={`items.${n}.name`} />
              <Words as="p" text={item.text} at={at} path={`items.${n}.text`} />
            </li>
          ))}
        </ol>
      </section>
    );
  },
});
