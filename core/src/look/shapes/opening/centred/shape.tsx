import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'words in the middle, wide picture beneath',
  traits: ['centred', 'quiet', 'picture'],
  turns: ['align'],
  belongs: 'home',
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    return (
      <Band at={at} name="opening-centred">
        <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
        <Heading text={content.heading} at={at} />
        <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
        <Buttons at={at} action={content.action} second={content.second} />
        <Pic at={at} picture={content.picture} eager />
      </Band>
    );
  },
});
