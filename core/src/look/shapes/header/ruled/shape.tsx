import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { SiteName, Menu, Under } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'large name over a ruled menu',
  traits: ['editorial', 'type', 'dense'],
  Component({ content, at }) {
    return (
      <header class="header-ruled">
        <a class="home" href={at.link('home')}>
          <SiteName at={at} />
        </a>
        <Menu at={at} action={content.action} />
        <Under at={at} />
      </header>
    );
  },
});
