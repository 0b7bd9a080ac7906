import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, More, Icon } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'boxes of unequal size, the first the largest',
  traits: ['bold', 'cards', 'asymmetric'],
  turns: ['align'],
  fits: (c) => c.items.length > 2 && c.items.length < 9 && c.items.some((i) => i.text.value !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="services-boxes">
        <Head at={at} content={content} />
        <ul class={`boxes of-${content.items.length}`}>
          {content.items.map((item, n) => (
            <li key={n} class={n === 0 ? 'on-deep' : undefined}>
              <Icon words={item.name.value} at={at} />
              <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
            </li>
          ))}
        </ul>
        <More at={at} text={content.more} to="services" />
      </Band>
    );
  },
});
