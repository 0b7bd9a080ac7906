import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, More, Icon, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'icons beside short texts, two by two',
  traits: ['quiet', 'dense', 'cards'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.some((i) => i.text.value !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="services-icons">
        <Head at={at} content={content} />
        <ul class={across(content.items.length, 2)}>
          {content.items.map((item, n) => (
            <li key={n}>
              <Icon words={item.name.value} at={at} />
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
