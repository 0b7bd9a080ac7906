import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'one large, the others small beside it',
  traits: ['asymmetric', 'picture', 'editorial'],
  turns: ['align', 'width'],
  fits: (c) => c.items.length > 2,
  Component({ content, at }) {
    return (
      <Band at={at} name="gallery-lead">
        <Head at={at} content={content} />
        <div class={`lead-wall of-${Math.min(content.items.length, 5)}`}>
          {content.items.map((item, n) => (
            <figure key={n}>
              <Pic at={at} picture={item.picture} class="small" sizes="(min-width: 52rem) 50vw, 100vw" />
              <Words as="figcaption" text={item.caption} at={at} path={`items.${item.id}.caption`} />
            </figure>
          ))}
        </div>
      </Band>
    );
  },
});
