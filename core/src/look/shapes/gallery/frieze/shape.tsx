import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a band of pictures from edge to edge',
  traits: ['bold', 'picture', 'quiet'],
  turns: ['align'],
  fits: (c) => c.items.length > 1 && c.items.length < 7,
  Component({ content, at }) {
    return (
      <Band at={at} name="gallery-frieze">
        <Head at={at} content={content} />
        <div class="frieze">
          {content.items.map((item, n) => (
            <figure key={n}>
              <Pic at={at} picture={item.picture} class="bare" sizes="(min-width: 52rem) 25vw, 50vw" />
              <Words as="figcaption" text={item.caption} at={at} path={`items.${item.id}.caption`} />
            </figure>
          ))}
        </div>
      </Band>
    );
  },
});
