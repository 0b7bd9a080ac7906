import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Buttons, Heading, Pic, Prose, Ticks } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'words on a panel that cuts into the picture',
  traits: ['asymmetric', 'cards', 'picture'],
  turns: ['align', 'width'],
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    return (
      <Band at={at} name="feature-inset">
        <Pic at={at} picture={content.picture} sizes="(min-width: 52rem) 65vw, 100vw" />
        <div class="panel">
          <Heading text={content.heading} at={at} />
          <Prose text={content.text} at={at} path="text" />
          <Ticks at={at} points={content.points} path="points" />
          <Buttons at={at} action={content.action} />
        </div>
      </Band>
    );
  },
});
