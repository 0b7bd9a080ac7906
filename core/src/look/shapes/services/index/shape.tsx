import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, More } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'large names in a numbered list',
  traits: ['type', 'bold', 'editorial'],
  turns: ['align'],
  fits: (c) => c.items.length > 1,
  Component({ content, at }) {
    return (
      <Band at={at} name="services-index">
        <Head at={at} content={content} />
        <ol>
          {content.items.map((item, n) => (
            <li key={n}>
              <div>
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              </div>
              <Words as="p" class="price" text={item.price} at={at} path={`items.${item.id}.price`} />
            </li>
          ))}
        </ol>
        <More at={at} text={content.more} to="services" />
      </Band>
    );
  },
});
