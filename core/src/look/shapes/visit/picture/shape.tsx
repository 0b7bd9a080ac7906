import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Pic, VisitFacts, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a picture of the place, the facts in a column beside it',
  traits: ['picture', 'editorial', 'asymmetric'],
  turns: ['side', 'width'],
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    return (
      <Band at={at} name="visit-picture">
        <Pic at={at} picture={content.picture} sizes="(min-width: 52rem) 50vw, 100vw" />
        <div>
          <Heading text={content.heading} at={at} />
          <VisitFacts at={at} way={content.way} />
          <Words as="p" class="note" text={content.note} at={at} path="note" />
        </div>
      </Band>
    );
  },
});
