import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Buttons, Heading, Pic, Prose, Ticks } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'picture across the page, words in two columns under it',
  traits: ['picture', 'editorial', 'bold'],
  turns: ['width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="feature-wide">
        <Pic at={at} picture={content.picture} />
        <div class="cols">
          <Heading text={content.heading} at={at} />
          <div>
            <Prose text={content.text} at={at} path="text" />
            <Ticks at={at} points={content.points} path="points" />
            <Buttons at={at} action={content.action} />
          </div>
        </div>
      </Band>
    );
  },
});
