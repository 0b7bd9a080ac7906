import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, More, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'goods on a shelf, standing on one line',
  traits: ['bold', 'asymmetric', 'picture'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.length < 9 && c.items.every((i) => i.picture.media !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="products-shelf">
        <Head at={at} content={content} />
        <ul class={across(content.items.length, 4)}>
          {content.items.map((item, n) => (
            <li key={n}>
              <Pic at={at} picture={item.picture} class="bare" sizes="(min-width: 52rem) 25vw, 50vw" />
              <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
            </li>
          ))}
        </ul>
        <More at={at} text={content.more} to="products" />
      </Band>
    );
  },
});
