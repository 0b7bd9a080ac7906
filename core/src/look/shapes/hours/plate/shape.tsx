import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Buttons, Lines } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'hours on a plate in the middle, as on a door',
  traits: ['centred', 'cards', 'quiet'],
  Component({ content, at }) {
    return (
      <Band at={at} name="hours-plate">
        <div class="plate">
          <Heading text={content.heading} at={at} />
          <p>
            <Lines text={at.hours.join('\n')} />
          </p>
          <Words as="p" class="note" text={content.note} at={at} path="note" />
          <Buttons at={at} action={content.action} />
        </div>
      </Band>
    );
  },
});
