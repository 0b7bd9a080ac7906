import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Heading, Words, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading and picture stacked inside a coloured frame',
  traits: ['bold', 'centred', 'cards'],
  turns: ['align'],
  belongs: 'home',
  fits: (c) => c.picture.media !== '',
  ownGround: true,
  Component({ content, at }) {
    return (
      <section class="band opening-poster" id={at.anchor}>
        <div class="sheet on-wash">
          <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
          <Heading text={content.heading} at={at} />
          <Pic at={at} picture={content.picture} eager />
          <div class="foot">
            <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
            <Buttons at={at} action={content.action} second={content.second} />
          </div>
        </div>
      </section>
    );
  },
});
