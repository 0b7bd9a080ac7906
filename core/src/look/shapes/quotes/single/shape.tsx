import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'one quote, large, in the middle',
  traits: ['type', 'centred', 'quiet'],
  Component({ content, at }) {
    return (
      <Band at={at} name="quotes-single">
        <Heading text={content.heading} at={at} />
        {content.items.map((item, n) => (
          <figure key={n} class={n === 0 ? 'first' : undefined}>
            <Words as="blockquote" text={item.text} at={at} path={`items.${item.id}.text`} />
            <figcaption>
              <Words as="strong" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="span" text={item.detail} at={at} path={`items.${item.id}.detail`} />
            </figcaption>
          </figure>
        ))}
      </Band>
    );
  },
});
