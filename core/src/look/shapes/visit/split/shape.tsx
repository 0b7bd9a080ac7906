import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, VisitFacts, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading at the side, facts in ruled lines',
  traits: ['dense', 'asymmetric', 'quiet'],
  turns: ['width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="visit-split">
        <div>
          <Heading text={content.heading} at={at} />
          <Words as="p" class="note" text={content.note} at={at} path="note" />
        </div>
        <VisitFacts at={at} way={content.way} class="rows" />
      </Band>
    );
  },
});
