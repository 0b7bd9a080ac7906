import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a picture of a path: numbers in circles joined by a line',
  traits: ['centred', 'quiet'],
  turns: ['align'],
  fits: (c) => c.items.length > 2 && c.items.length < 6,
  Component({ content, at }) {
    return (
      <Band at={at} name="steps-ring">
        <Head at={at} content={content} class="middle" />
        <ol class={`of-${content.items.length}`}>
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
            </li>
          ))}
        </ol>
      </Band>
    );
  },
});
