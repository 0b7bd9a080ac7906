import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading at the left, figures stacked at the right',
  traits: ['asymmetric', 'dense'],
  Component({ content, at }) {
    return (
      <Band at={at} name="figures-side" untitled={!content.heading.value}>
        <Heading text={content.heading} at={at} />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="span" text={item.label} at={at} path={`items.${item.id}.label`} />
              <Words as="strong" text={item.figure} at={at} path={`items.${item.id}.figure`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
