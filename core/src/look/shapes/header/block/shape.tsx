import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { SiteName, Menu, Under } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'name on a block of colour',
  traits: ['bold', 'asymmetric', 'type'],
  Component({ content, at }) {
    return (
      <header class="header-block">
        <a class="home on-deep" href={at.link('home')}>
          <SiteName at={at} deep />
        </a>
        <Menu at={at} action={content.action} />
        <Under at={at} />
      </header>
    );
  },
});
