import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'names in a row',
  traits: ['quiet', 'centred'],
  Component({ content, at }) {
    return (
      <Band at={at} name="partners-row">
        <Heading text={content.heading} at={at} />
        <ul>
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
