import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, SmallPrint, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'prices down the left, large, what they buy beside them',
  traits: ['type', 'editorial', 'asymmetric'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="prices-board">
        <Head at={at} content={content} />
        <ul class="rows">
          {content.items.map((item, n) => (
            <li key={n}>
              <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
              <div>
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
                <SmallPrint at={at} points={item.points} path={`items.${item.id}.points`} />
              </div>
            </li>
          ))}
        </ul>
        <Words as="p" class="note" text={content.note} at={at} path="note" />
      </Band>
    );
  },
});
