import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Words } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'the sentence set in, a thick line at its side',
  traits: ['editorial', 'asymmetric', 'quiet'],
  turns: ['align'],
  Component({ content, at }) {
    return (
      <Band at={at} name="statement-side" untitled>
        <div class="set">
          <Words as="p" class="said" text={content.text} at={at} path="text" />
          <Words as="p" class="quiet" text={content.by} at={at} path="by" />
        </div>
      </Band>
    );
  },
});
