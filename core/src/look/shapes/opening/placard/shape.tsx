import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Pic, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'words alone, as large as they go',
  traits: ['type', 'bold'],
  turns: ['align', 'width'],
  belongs: 'home',
  fits: (c) => c.heading.value.length < 70,
  Component({ content, at }) {
    return (
      <Band at={at} name="opening-placard">
        <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
        <Heading text={content.heading} at={at} />
        <div class="foot">
          <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
          <Buttons at={at} action={content.action} second={content.second} />
        </div>
        <Pic at={at} picture={content.picture} class="frieze" eager />
      </Band>
    );
  },
});
