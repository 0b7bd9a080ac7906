import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Prose } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'answers that open',
  traits: ['dense', 'cards'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="questions-folded">
        <Head at={at} content={content} />
        {content.items.map((item, n) => (
          <details key={n} open={at.editing}>
            <summary>
              <Words as="span" text={item.question} at={at} path={`items.${item.id}.question`} />
            </summary>
            <Prose text={item.answer} at={at} path={`items.${item.id}.answer`} />
          </details>
        ))}
      </Band>
    );
  },
});
