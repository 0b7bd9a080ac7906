import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'wide picture, words laid over its lower edge',
  traits: ['picture', 'editorial', 'asymmetric'],
  turns: ['align'],
  belongs: 'home',
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    return (
      <Band at={at} name="opening-overlap">
        <Pic at={at} picture={content.picture} class="bleed" eager />
        <div class="panel">
          <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
          <Heading text={content.heading} at={at} />
          <div class="beside">
            <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
            <Buttons at={at} action={content.action} second={content.second} />
          </div>
        </div>
      </Band>
    );
  },
});
