import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { HandRows } from '../../hand-rows.js';
import { Band, Head } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'columns on the open page',
  traits: ['quiet', 'editorial'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="rows-open">
        <Head at={at} content={content} />
        <HandRows at={at} pieces={content.items} column="open" />
      </Band>
    );
  },
});
