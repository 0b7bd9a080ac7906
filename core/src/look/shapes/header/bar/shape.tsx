import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { SiteName, Menu, Under } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'name left, menu right',
  traits: ['dense', 'quiet'],
  Component({ content, at }) {
    return (
      <header class="header-bar">
        <a class="home" href={at.link('home')}>
          <SiteName at={at} />
        </a>
        <Menu at={at} action={content.action} />
        <Under at={at} />
      </header>
    );
  },
});
