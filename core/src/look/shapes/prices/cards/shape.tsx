import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Ticks, Words, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a card each, price large',
  traits: ['cards', 'bold'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.length > 1 && c.items.length < 7,
  Component({ content, at }) {
    return (
      <Band at={at} name="prices-cards">
        <Head at={at} content={content} />
        <ul class={across(content.items.length, 3)}>
          {content.items.map((item, n) => (
            <li key={n} class="card">
              <div class="inside">
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
                <Ticks at={at} points={item.points} path={`items.${item.id}.points`} />
              </div>
            </li>
          ))}
        </ul>
        <Words as="p" class="note" text={content.note} at={at} path="note" />
      </Band>
    );
  },
});
