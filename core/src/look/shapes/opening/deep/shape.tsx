import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Heading, Words, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'dark ground, words left, tall picture standing out of it',
  traits: ['bold', 'asymmetric', 'picture'],
  turns: ['align'],
  belongs: 'home',
  fits: (c) => c.picture.media !== '',
  ownGround: true,
  Component({ content, at }) {
    return (
      <section class="band opening-deep" id={at.anchor}>
        <div class="field on-deep">
          <div class="words">
            <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
            <Heading text={content.heading} at={at} />
            <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
            <Buttons at={at} action={content.action} second={content.second} />
          </div>
        </div>
        <Pic at={at} picture={content.picture} class="tall" eager sizes="(min-width: 52rem) 40vw, 100vw" />
      </section>
    );
  },
});
