import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, Buttons } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'large heading in the middle, button under it',
  traits: ['centred', 'bold', 'type'],
  turns: ['align'],
  Component({ content, at }) {
    return (
      <Band at={at} name="call-middle">
        <Head at={at} content={content} class="middle" />
        <Buttons at={at} action={content.action} />
      </Band>
    );
  },
});
