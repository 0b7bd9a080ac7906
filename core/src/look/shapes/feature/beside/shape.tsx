import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Buttons, Heading, Pic, Prose, Ticks, hasPicture } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'picture and words, points under them',
  traits: ['quiet', 'picture'],
  turns: ['align', 'side', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="feature-beside" class={hasPicture(at, content.picture) ? undefined : 'no-picture'}>
        <Pic at={at} picture={content.picture} sizes="(min-width: 52rem) 45vw, 100vw" />
        <div>
          <Heading text={content.heading} at={at} />
          <Prose text={content.text} at={at} path="text" />
          <Ticks at={at} points={content.points} path="points" />
          <Buttons at={at} action={content.action} />
        </div>
      </Band>
    );
  },
});
