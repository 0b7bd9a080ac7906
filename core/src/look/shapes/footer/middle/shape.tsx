import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Words, SiteName, AllPages, Address, Reach, Registered } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'everything in the middle',
  traits: ['centred', 'quiet'],
  Component({ content, at }) {
    return (
      <footer class="footer-middle">
        <p class="name-line">
          <SiteName at={at} />
        </p>
        <Address at={at} />
        <Reach at={at} />
        <AllPages at={at} />
        <Words as="p" text={content.note} at={at} path="note" />
        <Registered at={at} />
      </footer>
    );
  },
});
