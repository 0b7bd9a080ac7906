import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Prose, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'short answers in columns',
  traits: ['type', 'cards', 'asymmetric'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.length > 1,
  Component({ content, at }) {
    return (
      <Band at={at} name="questions-columns">
        <Head at={at} content={content} />
        <div class={across(content.items.length, 3)}>
          {content.items.map((item, n) => (
            <div key={n}>
              <Words as="h3" text={item.question} at={at} path={`items.${item.id}.question`} />
              <Prose text={item.answer} at={at} path={`items.${item.id}.answer`} />
            </div>
          ))}
        </div>
      </Band>
    );
  },
});
