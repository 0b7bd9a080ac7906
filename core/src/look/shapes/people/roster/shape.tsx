import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'names and what they do, ruled',
  traits: ['dense', 'editorial'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="people-roster">
        <Head at={at} content={content} />
        <ul class="rows">
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="p" class="role" text={item.role} at={at} path={`items.${item.id}.role`} />
              <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
