import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Words, SiteName, AllPages, Address, Reach, Registered } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'pages at the left, the rest at the right, ruled',
  traits: ['editorial', 'dense', 'asymmetric'],
  Component({ content, at }) {
    return (
      <footer class="footer-columns">
        <AllPages at={at} />
        <div>
          <p class="name-line">
            <SiteName at={at} />
          </p>
          <Address at={at} />
          <Reach at={at} />
          <Words as="p" text={content.note} at={at} path="note" />
          <Registered at={at} />
        </div>
      </footer>
    );
  },
});
