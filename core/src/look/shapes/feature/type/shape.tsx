import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Prose, Buttons, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'large words, no picture, points in a row',
  traits: ['type', 'quiet'],
  turns: ['columns', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="feature-type">
        <Heading text={content.heading} at={at} />
        <div class="big">
          <Prose text={content.text} at={at} path="text" />
        </div>
        <ul class={across(content.points.length, 4)}>
          {content.points.map((p, n) => (
            <li key={n}>
              <Words as="p" text={p} at={at} path={`points.${p.id}`} />
            </li>
          ))}
        </ul>
        <Buttons at={at} action={content.action} />
      </Band>
    );
  },
});
