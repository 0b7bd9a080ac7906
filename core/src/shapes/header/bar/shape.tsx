import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Words } from '../../words.js';

export const shape = defineShape({
  title: 'Header',
  character: 'name left, menu right',
  content: Type.Object({ action: textField('Button') }, { additionalProperties: false }),
  sample: { action: sampleText('Book a survey') },
  Component({ content, at }) {
    const menu = at.pages.filter((p) => p.slug !== '' && p.id !== 'contact' && p.menu !== false);
    return (
      <header class="header-bar">
        <a class="name" href={at.link('home')}>
          {at.facts.name}
        </a>
        <nav aria-label="Main">
          <ul>
            {menu.map((p) => (
              <li key={p.id}>
                <a href={at.link(p.id)} aria-current={p.id === at.page?.id ? 'page' : undefined}>
                  {p.label}
                </a>
              </li>
            ))}
            {at.pages.some((p) => p.id === 'contact') && (
              <li>
                <a
                  class="action"
                  href={at.link('contact')}
                  aria-current={at.page?.id === 'contact' ? 'page' : undefined}
                >
                  <Words as="span" text={content.action} at={at} path="action" />
                </a>
              </li>
            )}
          </ul>
        </nav>
      </header>
    );
  },
});
