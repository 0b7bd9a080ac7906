import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Words, SiteName, AllPages, Address, Reach, Registered } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'name, address and pages',
  traits: ['quiet', 'dense'],
  Component({ content, at }) {
    return (
      <footer class="footer-plain">
        <div>
          <p class="name-line">
            <SiteName at={at} />
          </p>
          <Address at={at} />
          <Words as="p" text={content.note} at={at} path="note" />
          <Registered at={at} />
        </div>
        <Reach at={at} />
        <AllPages at={at} />
      </footer>
    );
  },
});
