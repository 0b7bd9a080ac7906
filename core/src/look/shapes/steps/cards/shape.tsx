import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'cards, each a little lower than the one before',
  traits: ['cards', 'bold', 'asymmetric'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.length > 1 && c.items.length < 5,
  Component({ content, at }) {
    return (
      <Band at={at} name="steps-cards">
        <Head at={at} content={content} />
        <ol class={across(content.items.length, 4)}>
          {content.items.map((item, n) => (
            <li key={n} class="card">
              <div class="inside">
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              </div>
            </li>
          ))}
        </ol>
      </Band>
    );
  },
});
