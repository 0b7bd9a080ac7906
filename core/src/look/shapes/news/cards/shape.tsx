import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, More, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'cards with pictures',
  traits: ['cards', 'picture'],
  turns: ['columns', 'width'],
  fits: (c) => c.items.every((i) => i.picture.media !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="news-cards">
        <Heading text={content.heading} at={at} />
        <ul class={across(content.items.length, 3)}>
          {content.items.map((item, n) => (
            <li key={n} class="card">
              <Pic at={at} picture={item.picture} class="small" sizes="(min-width: 52rem) 30vw, 100vw" />
              <div class="inside">
                <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
                <Words as="p" class="date" text={item.date} at={at} path={`items.${item.id}.date`} />
                <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
              </div>
            </li>
          ))}
        </ul>
        <More at={at} text={content.more} to="news" />
      </Band>
    );
  },
});
