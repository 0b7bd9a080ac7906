import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'tall picture left, words set low beside it',
  traits: ['editorial', 'asymmetric', 'picture', 'quiet'],
  turns: ['align', 'side', 'width'],
  belongs: 'home',
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    return (
      <Band at={at} name="opening-portrait">
        <Pic at={at} picture={content.picture} eager sizes="(min-width: 52rem) 38vw, 100vw" />
        <div class="words">
          <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
          <Heading text={content.heading} at={at} />
          <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
          <Buttons at={at} action={content.action} second={content.second} />
        </div>
      </Band>
    );
  },
});
