import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, SmallPrint, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'two columns of short entries, like a printed list',
  traits: ['dense', 'centred', 'editorial'],
  turns: ['align'],
  fits: (c) => c.items.length > 3,
  Component({ content, at }) {
    return (
      <Band at={at} name="prices-columns">
        <Head at={at} content={content} class="middle" />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <div class="line-up">
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
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
