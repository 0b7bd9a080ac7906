import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { SiteName, Menu, Under } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'name in the middle, menu beneath',
  traits: ['quiet', 'centred', 'editorial'],
  Component({ content, at }) {
    return (
      <header class="header-centred">
        <a class="home" href={at.link('home')}>
          <SiteName at={at} />
        </a>
        <Menu at={at} action={content.action} />
        <Under at={at} />
      </header>
    );
  },
});
