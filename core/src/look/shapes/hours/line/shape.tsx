import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Buttons, Lines } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'one wide line of large text',
  traits: ['type', 'bold'],
  turns: ['width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="hours-line">
        <Heading text={content.heading} at={at} />
        <p class="large">
          <Lines text={at.hours.join('\n')} />
        </p>
        <Words as="p" class="note" text={content.note} at={at} path="note" />
        <Buttons at={at} action={content.action} />
      </Band>
    );
  },
});
