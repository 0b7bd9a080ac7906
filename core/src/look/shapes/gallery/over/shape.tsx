import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'tall pictures, captions on a plate over each',
  traits: ['picture', 'bold', 'editorial'],
  turns: ['align', 'columns', 'width'],
  fits: (c) => c.items.length > 1 && c.items.every((i) => i.picture.media !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="gallery-over">
        <Head at={at} content={content} />
        <div class={across(content.items.length, 3)}>
          {content.items.map((item, n) => (
            <figure key={n}>
              <Pic at={at} picture={item.picture} class="small" sizes="(min-width: 52rem) 33vw, 100vw" />
              <Words as="figcaption" text={item.caption} at={at} path={`items.${item.id}.caption`} />
            </figure>
          ))}
        </div>
      </Band>
    );
  },
});
