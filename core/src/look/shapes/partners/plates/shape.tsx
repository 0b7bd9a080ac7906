import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'each name on a plate of its own',
  traits: ['cards', 'bold'],
  turns: ['columns', 'width'],
  fits: (c) => c.items.length > 1,
  Component({ content, at }) {
    return (
      <Band at={at} name="partners-plates">
        <Heading text={content.heading} at={at} />
        <ul class={across(content.items.length, 4)}>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="strong" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="span" class="quiet" text={item.text} at={at} path={`items.${item.id}.text`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
