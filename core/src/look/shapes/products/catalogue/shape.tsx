import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, More } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a ruled list with a small picture each',
  traits: ['dense', 'editorial'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="products-catalogue">
        <Head at={at} content={content} />
        <ul class="rows">
          {content.items.map((item, n) => (
            <li key={n}>
              <Pic at={at} picture={item.picture} class="small" sizes="6rem" />
              <div>
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              </div>
              <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
            </li>
          ))}
        </ul>
        <More at={at} text={content.more} to="products" />
      </Band>
    );
  },
});
