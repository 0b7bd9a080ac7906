import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading across the page, picture set into the lower corner',
  traits: ['asymmetric', 'type', 'editorial'],
  turns: ['side'],
  belongs: 'home',
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    return (
      <Band at={at} name="opening-corner">
        <Heading text={content.heading} at={at} />
        <div class="words">
          <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
          <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
          <Buttons at={at} action={content.action} second={content.second} />
        </div>
        <Pic at={at} picture={content.picture} class="bleed" eager sizes="(min-width: 52rem) 60vw, 100vw" />
      </Band>
    );
  },
});
