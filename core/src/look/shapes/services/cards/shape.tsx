import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, More, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'cards, each with its picture',
  traits: ['cards', 'picture'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.length > 1 && c.items.every((i) => i.picture.media !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="services-cards">
        <Head at={at} content={content} />
        <ul class={across(content.items.length, 3)}>
          {content.items.map((item, n) => (
            <li key={n} class="card">
              <Pic at={at} picture={item.picture} class="small" sizes="(min-width: 52rem) 30vw, 100vw" />
              <div class="inside">
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
