import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading and button on a line',
  traits: ['quiet', 'dense'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="call-band">
        <Head at={at} content={content} />
        <Buttons at={at} action={content.action} />
      </Band>
    );
  },
});
