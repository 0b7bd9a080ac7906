import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'days and times in ruled lines',
  traits: ['dense', 'editorial'],
  turns: ['width'],
  fits: () => true,
  Component({ content, at }) {
    return (
      <Band at={at} name="hours-table">
        <Heading text={content.heading} at={at} />
        <div>
          <ul class="rows">
            {at.hours.map((line, n) => (
              <li key={n}>{line}</li>
            ))}
          </ul>
          <Words as="p" class="note" text={content.note} at={at} path="note" />
          <Buttons at={at} action={content.action} />
        </div>
      </Band>
    );
  },
});
