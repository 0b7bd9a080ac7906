import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'numbers in a row',
  traits: ['quiet', 'cards'],
  turns: ['align', 'columns', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="steps-numbered">
        <Head at={at} content={content} />
        <ol class={across(content.items.length, 4)}>
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
