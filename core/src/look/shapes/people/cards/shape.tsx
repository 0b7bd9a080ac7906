import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'portraits in a row',
  traits: ['picture', 'cards'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.some((i) => i.picture.media !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="people-cards">
        <Head at={at} content={content} />
        <ul class={across(content.items.length, 4)}>
          {content.items.map((item, n) => (
            <li key={n}>
              <Pic at={at} picture={item.picture} class="small" sizes="(min-width: 52rem) 25vw, 50vw" />
              <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="p" class="role" text={item.role} at={at} path={`items.${item.id}.role`} />
              <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
            </li>
          ))}
        </ul>
      </Band>
    );
  },
});
