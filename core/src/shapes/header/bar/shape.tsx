import { Type } from '@sinclair/typebox';
import { childrenOf, parentOf, textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { actionHref, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Header',
  character: 'name left, menu right',
  content: Type.Object({ action: textField('Button') }, { additionalProperties: false }),
  sample: { action: sampleText('Book a survey') },
  Component({ content, at }) {
    const { page, pages, words } = at;
    const shown = (p: (typeof pages)[number]) => p.menu !== false;
    const menu = childrenOf(pages, null).filter((p) => p.slug !== '' && p.id !== 'contact' && shown(p));
    const above = page && (parentOf(pages, page) ?? page);
    const under = above ? childrenOf(pages, above).filter(shown) : [];
    const mark = (id: string) =>
      id === page?.id ? ('page' as const) : id === above?.id ? ('true' as const) : undefined;
    return (
      <header class="header-bar">
        <a class="name" href={at.link('home')}>
          {at.facts.name}
        </a>
        <nav aria-label={words.mainMenu}>
          <ul>
            {menu.map((p) => (
              <li key={p.id}>
                <a href={at.link(p.id)} aria-current={mark(p.id)}>
                  {p.label}
                </a>
              </li>
            ))}
            {(content.action.value || at.editing) && (
              <li>
                <a class="action" href={actionHref(at, content.action)} aria-current={mark('contact')}>
                  <Words as="span" text={content.action} at={at} path="action" />
                </a>
              </li>
            )}
          </ul>
        </nav>
        {above && under.length > 0 && (
          <nav class="under" aria-label={words.inThisPart}>
            <ul>
              {[above, ...under].map((p) => (
                <li key={p.id}>
                  <a href={at.link(p.id)} aria-current={p.id === page?.id ? 'page' : undefined}>
                    {p.label}
                  </a>
                </li>
              ))}
            </ul>
          </nav>
        )}
      </header>
    );
  },
});
