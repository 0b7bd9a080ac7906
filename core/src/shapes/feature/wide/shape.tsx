import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Words, Prose, Pic, Buttons, Icon } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'picture across the page, words in two columns under it',
  traits: ['picture', 'editorial', 'bold'],
  Component({ content, at }) {
    return (
      <Band at={at} name="feature-wide">
        <Pic at={at} picture={content.picture} />
        <div class="cols">
          <Heading text={content.heading} at={at} />
          <div>
            <Prose text={content.text} at={at} path="text" />
            <ul class="ticks">
              {content.points.map((p, n) => (
                <li key={n}>
                  <Icon name="check" at={at} />
                  <Words as="span" text={p} at={at} path={`points.${n}`} />
                </li>
              ))}
            </ul>
            <Buttons at={at} action={content.action} />
          </div>
        </div>
      </Band>
    );
  },
});
