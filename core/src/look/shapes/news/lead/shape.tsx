import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, More } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'the newest large, the others in a column',
  traits: ['asymmetric', 'editorial', 'picture'],
  turns: ['width'],
  fits: (c) => c.items.length > 1,
  Component({ content, at }) {
    return (
      <Band at={at} name="news-lead">
        <Heading text={content.heading} at={at} />
        <div class="cols">
          {content.items.map((item, n) => (
            <article key={n}>
              {n === 0 && <Pic at={at} picture={item.picture} sizes="(min-width: 52rem) 55vw, 100vw" />}
              <Words as="h3" text={item.name} at={at} path={`items.${item.id}.name`} />
              <Words as="p" class="date" text={item.date} at={at} path={`items.${item.id}.date`} />
              <Words as="p" text={item.text} at={at} path={`items.${item.id}.text`} />
            </article>
          ))}
        </div>
        <More at={at} text={content.more} to="news" />
      </Band>
    );
  },
});
