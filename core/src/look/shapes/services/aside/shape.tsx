import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, More } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading and a picture at the side, a plain list beside it',
  traits: ['editorial', 'asymmetric', 'quiet'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="services-aside">
        <div class="side">
          <Head at={at} content={content} />
          <Pic at={at} picture={content.items[0]?.picture} sizes="(min-width: 52rem) 35vw, 100vw" />
        </div>
        <div>
          <ul class="rows">
            {content.items.map((item, n) => (
              <li key={n}>
                <div class="line-up">
                  <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                  <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
                </div>
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              </li>
            ))}
          </ul>
          <More at={at} text={content.more} to="services" />
        </div>
      </Band>
    );
  },
});
