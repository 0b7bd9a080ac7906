import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Words, SiteName, AllPages, Address, Reach, Registered, Lines } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'dark ground, pages and hours in columns',
  traits: ['bold', 'cards'],
  Component({ content, at }) {
    return (
      <footer class="footer-deep on-deep">
        <div>
          <p class="name-line">
            <SiteName at={at} deep />
          </p>
          <Address at={at} />
          <Words as="p" text={content.note} at={at} path="note" />
          <Registered at={at} />
        </div>
        {at.hours.length > 0 && (
          <div>
            <h2>{at.words.open}</h2>
            <p>
              <Lines text={at.hours.join('\n')} />
            </p>
          </div>
        )}
        <div>
          <h2>{at.words.reach}</h2>
          <Reach at={at} />
        </div>
        <AllPages at={at} />
      </footer>
    );
  },
});
