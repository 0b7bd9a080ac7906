import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Words, AllPages, Address, Reach, Registered } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'the name as large as the page',
  traits: ['type', 'bold', 'asymmetric'],
  Component({ content, at }) {
    return (
      <footer class="footer-large">
        <div class="top">
          <Address at={at} />
          <Reach at={at} />
          <AllPages at={at} />
        </div>
        <Words as="p" text={content.note} at={at} path="note" />
        <Registered at={at} />
        <p class="wordmark">{at.facts.name}</p>
      </footer>
    );
  },
});
