import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { BareAction, SiteName } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'name and button alone, no menu',
  traits: ['quiet'],
  // For a page of its own: a site is not dressed in it.
  fits: () => false,
  Component({ content, at }) {
    return (
      <header class="header-bare">
        <a class="home" href={at.link('home')}>
          <SiteName at={at} />
        </a>
        <BareAction at={at} action={content.action} />
      </header>
    );
  },
});
