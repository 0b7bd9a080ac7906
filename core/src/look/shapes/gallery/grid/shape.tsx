import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic, across } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'even rows',
  traits: ['quiet', 'cards', 'picture'],
  turns: ['align', 'columns', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="gallery-grid">
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
