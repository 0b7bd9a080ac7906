import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a ruled list beside the heading',
  traits: ['dense', 'editorial', 'asymmetric'],
  turns: ['width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="partners-list">
        <Heading text={content.heading} at={at} />
        <ul class="rows">
          {content.items.map((item, n) => (
            <li key={n} class="line-up">
              <Words as="strong" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="span" class="quiet" text={item.text} at={at} path={`items.${item.id}.text`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
