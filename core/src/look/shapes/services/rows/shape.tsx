import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, More } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'picture and words by turns, left and right',
  traits: ['picture', 'asymmetric'],
  turns: ['align'],
  fits: (c) => c.items.length < 7 && c.items.every((i) => i.picture.media !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="services-rows">
        <Head at={at} content={content} />
        <ul>
          {content.items.map((item, n) => (
            <li key={n}>
              <Pic at={at} picture={item.picture} sizes="(min-width: 52rem) 50vw, 100vw" />
              <div>
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
                <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
              </div>
            </li>
          ))}
        </ul>
        <More at={at} text={content.more} to="services" />
      </Band>
    );
  },
});
