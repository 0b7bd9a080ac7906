import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a strip to draw sideways',
  traits: ['picture', 'bold'],
  turns: ['align'],
  Component({ content, at }) {
    return (
      <Band at={at} name="gallery-strip">
        <Head at={at} content={content} />
        <div class="strip" tabindex={0} role="group" aria-label={content.heading.value || at.facts.name}>
          {content.items.map((item, n) => (
            <figure key={n}>
              <Pic at={at} picture={item.picture} class="small" sizes="(min-width: 52rem) 40vw, 80vw" />
              <Words as="figcaption" text={item.caption} at={at} path={`items.${item.id}.caption`} />
            </figure>
          ))}
        </div>
      </Band>
    );
  },
});
