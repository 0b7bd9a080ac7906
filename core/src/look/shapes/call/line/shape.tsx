import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a single line between rules',
  traits: ['editorial', 'quiet', 'type'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="call-line">
        <div class="between">
          <Head at={at} content={content} />
          <Buttons at={at} action={content.action} />
        </div>
      </Band>
    );
  },
});
