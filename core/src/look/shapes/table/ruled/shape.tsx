import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, ScrollTable, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'ruled rows',
  traits: ['dense', 'editorial'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="table-ruled">
        <Head at={at} content={content} />
        <ScrollTable at={at} content={content} />
        <Words as="p" class="note" text={content.note} at={at} path="note" />
      </Band>
    );
  },
});
