import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Head, ScrollTable, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'rows on alternate grounds',
  traits: ['cards', 'bold', 'quiet'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="table-banded">
        <Head at={at} content={content} />
        <ScrollTable at={at} content={content} />
        <Words as="p" class="note" text={content.note} at={at} path="note" />
      </Band>
    );
  },
});
