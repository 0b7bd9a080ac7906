import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Words, Pic } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'the later picture laid over the corner of the earlier',
  traits: ['bold', 'asymmetric', 'picture'],
  turns: ['align', 'width'],
  fits: (c) => c.items.every((i) => i.before.media !== '' && i.after.media !== ''),
  Component({ content, at }) {
    return (
      <Band at={at} name="compare-stack">
        <Head at={at} content={content} />
        {content.items.map((item, n) => (
          <div class="stack" key={n}>
            <figure class="before">
              <Pic at={at} picture={item.before} class="small" sizes="(min-width: 52rem) 50vw, 100vw" />
              <figcaption>{content.before.value}</figcaption>
            </figure>
            <figure class="after">
              <Pic at={at} picture={item.after} class="small" sizes="(min-width: 52rem) 60vw, 100vw" />
              <figcaption>{content.after.value}</figcaption>
            </figure>
            <div class="told">
              <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
            </div>
          </div>
        ))}
      </Band>
    );
  },
});
