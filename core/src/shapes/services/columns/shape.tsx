import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Heading, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Services',
  character: 'columns',
  content: Type.Object(
    {
      heading: textField('Heading'),
      items: Type.Array(
        Type.Object(
          { name: textField('Service'), text: textField('In a sentence or two', true) },
          { additionalProperties: false },
        ),
        { maxItems: 12 },
      ),
      more: textField('Link to all services'),
    },
    { additionalProperties: false },
  ),
  sample: {
    heading: sampleText('On the slip'),
    items: ['Planking and caulking', 'Engine and electrics', 'Winter storage'].map((name) => ({
      name: sampleText(name),
      text: sampleText('Larch, oak and iroko, steamed and fitted on the slip.'),
    })),
    more: sampleText('All the work'),
  },
  Component({ content, at }) {
    return (
      <section class={`services-columns count-${Math.min(content.items.length, 4)}`} id={at.anchor}>
        <Heading text={content.heading} at={at} />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="h3" text={item.name} at={at} path={`items.${n}.name`} />
              <Words as="p" text={item.text} at={at} path={`items.${n}.text`} />
            </li>
          ))}
        </ul>
        {(content.more.value || at.editing) && (
          <p class="more">
            <a href={at.link('services')}>
              <Words as="span" text={content.more} at={at} path="more" />
            </a>
          </p>
        )}
      </section>
    );
  },
});
