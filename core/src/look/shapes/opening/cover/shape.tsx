import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'picture over the whole width, words on a card in its corner',
  traits: ['picture', 'bold', 'cards'],
  turns: ['align'],
  belongs: 'home',
  fits: (c) => c.picture.media !== '',
  ownGround: true,
  Component({ content, at }) {
    return (
      <Band at={at} name="opening-cover">
        <Pic at={at} picture={content.picture} class="bleed" eager />
        <div class="panel">
          <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
          <Heading text={content.heading} at={at} />
          <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
          <Buttons at={at} action={content.action} second={content.second} />
        </div>
      </Band>
    );
  },
});
