import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading across, lead set in at the right',
  traits: ['editorial', 'asymmetric', 'type'],
  turns: ['width'],
  belongs: 'inner',
  Component({ content, at }) {
    return (
      <Band at={at} name="opening-page">
        <Heading text={content.heading} at={at} />
        <div class="beside">
          <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
          <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
          <Buttons at={at} action={content.action} second={content.second} />
        </div>
      </Band>
    );
  },
});
