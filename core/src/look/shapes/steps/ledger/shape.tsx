import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'numbers in the margin, ruled rows',
  traits: ['dense', 'editorial', 'type'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="steps-ledger">
        <Head at={at} content={content} />
        <ol class="rows">
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
