import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'figures side by side',
  traits: ['bold', 'cards'],
  turns: ['columns', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="figures-row" untitled={!content.heading.value}>
        <Heading text={content.heading} at={at} />
        <ul class={across(content.items.length, 4)}>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="strong" text={item.figure} at={at} path={`items.${item.id}.figure`} />
              <Words as="span" text={item.label} at={at} path={`items.${item.id}.label`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
