import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'figures in a run of large text',
  traits: ['type', 'editorial', 'quiet'],
  Component({ content, at }) {
    return (
      <Band at={at} name="figures-sentence" untitled={!content.heading.value}>
        <Heading text={content.heading} at={at} />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="strong" text={item.figure} at={at} path={`items.${item.id}.figure`} />{' '}
              <Words as="span" text={item.label} at={at} path={`items.${item.id}.label`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
