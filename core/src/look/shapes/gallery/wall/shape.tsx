import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'pictures hung in columns at their own heights',
  traits: ['editorial', 'picture', 'dense'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="gallery-wall">
        <Head at={at} content={content} />
        <div class="wall">
          {content.items.map((item, n) => (
            <figure key={n}>
              <Pic at={at} picture={item.picture} class="small" sizes="(min-width: 52rem) 33vw, 50vw" />
              <Words as="figcaption" text={item.caption} at={at} path={`items.${item.id}.caption`} />
            </figure>
          ))}
        </div>
      </Band>
    );
  },
});
