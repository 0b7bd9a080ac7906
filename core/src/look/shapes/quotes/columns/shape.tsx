import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'quotes side by side under a line',
  traits: ['editorial', 'cards'],
  turns: ['columns', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="quotes-columns">
        <Heading text={content.heading} at={at} />
        <div class={across(content.items.length, 3)}>
          {content.items.map((item, n) => (
            <figure key={n}>
              <Words as="blockquote" text={item.text} at={at} path={`items.${item.id}.text`} />
              <figcaption>
                <Words as="strong" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="span" text={item.detail} at={at} path={`items.${item.id}.detail`} />
              </figcaption>
            </figure>
          ))}
        </div>
      </Band>
    );
  },
});
