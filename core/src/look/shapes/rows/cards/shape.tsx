import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { HandRows } from '../../hand-rows.js';
import { Band, Head } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'each column a card',
  traits: ['cards', 'bold'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="rows-cards">
        <Head at={at} content={content} />
        <HandRows at={at} pieces={content.items} column="boxed" />
      </Band>
    );
  },
});
