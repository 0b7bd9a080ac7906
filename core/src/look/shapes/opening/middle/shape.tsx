import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading and lead in the middle, a short rule under them',
  traits: ['centred', 'quiet'],
  turns: ['align'],
  belongs: 'inner',
  Component({ content, at }) {
    return (
      <Band at={at} name="opening-middle">
        <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
        <Heading text={content.heading} at={at} />
        <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
        <Buttons at={at} action={content.action} second={content.second} />
      </Band>
    );
  },
});
