import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Prose } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'every answer in sight',
  traits: ['quiet', 'editorial'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="questions-open">
        <Head at={at} content={content} />
        <div class="list">
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
