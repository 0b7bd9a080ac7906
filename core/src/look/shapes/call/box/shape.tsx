import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'a box with a strong outline, set in',
  traits: ['editorial', 'cards', 'asymmetric'],
  turns: ['align'],
  Component({ content, at }) {
    return (
      <Band at={at} name="call-box">
        <div class="box">
          <Head at={at} content={content} />
          <Buttons at={at} action={content.action} />
        </div>
      </Band>
    );
  },
});
