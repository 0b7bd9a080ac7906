import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, SmallPrint, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'names and prices joined by dots',
  traits: ['dense', 'quiet'],
  turns: ['align'],
  Component({ content, at }) {
    return (
      <Band at={at} name="prices-list">
        <Head at={at} content={content} />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <div class="dotted">
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <span class="dots" aria-hidden="true" />
                <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
              </div>
              <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              <SmallPrint at={at} points={item.points} path={`items.${item.id}.points`} />
            </li>
          ))}
        </ul>
        <Words as="p" class="note" text={content.note} at={at} path="note" />
      </Band>
    );
  },
});
