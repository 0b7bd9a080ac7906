import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, More, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'two to a row, words beside the picture',
  traits: ['editorial', 'asymmetric', 'cards'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.length > 1 && c.items.every((i) => i.picture.media !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="products-pair">
        <Head at={at} content={content} />
        <ul class={across(content.items.length, 2)}>
          {content.items.map((item, n) => (
            <li key={n}>
              <Pic at={at} picture={item.picture} class="small" sizes="(min-width: 52rem) 20vw, 40vw" />
              <div>
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
                <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
              </div>
            </li>
          ))}
        </ul>
        <More at={at} text={content.more} to="products" />
      </Band>
    );
  },
});
