import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Heading, Words, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading on a dark band',
  traits: ['bold', 'type'],
  turns: ['align', 'width'],
  belongs: 'inner',
  ownGround: true,
  Component({ content, at }) {
    return (
      <section class="band on-deep opening-heading" id={at.anchor}>
        <Words as="p" class="kicker" text={content.kicker} at={at} path="kicker" />
        <Heading text={content.heading} at={at} />
        <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
        <Buttons at={at} action={content.action} second={content.second} />
      </section>
    );
  },
});
