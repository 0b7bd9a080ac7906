import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'the sentence over the whole width',
  traits: ['type', 'bold'],
  turns: ['align', 'width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="statement-wide" untitled>
        <Words as="p" class="said" text={content.text} at={at} path="text" />
        <Words as="p" class="quiet" text={content.by} at={at} path="by" />
      </Band>
    );
  },
});
