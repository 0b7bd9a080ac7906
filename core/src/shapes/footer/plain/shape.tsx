import { Type } from '@sinclair/typebox';
import { childrenOf, textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Lines, Reach, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Footer',
  character: 'name, address and pages',
  content: Type.Object({ note: textField('Note') }, { additionalProperties: false }),
  sample: { note: sampleText('') },
  Component({ content, at }) {
    return (
      <footer class="footer-plain">
        <div>
          <p class="name">{at.facts.name}</p>
          {at.facts.address && (
            <address>
              <Lines text={at.facts.address} />
            </address>
          )}
          <Words as="p" text={content.note} at={at} path="note" />
        </div>
        <Reach at={at} />
        {at.pages.length > 1 && (
          <nav aria-label={at.words.pages}>
            <ul>
              {childrenOf(at.pages, null).map((p) => (
                <li key={p.id}>
                  <a href={at.link(p.id)}>{p.label}</a>
                  {childrenOf(at.pages, p).length > 0 && (
                    <ul>
                      {childrenOf(at.pages, p).map((c) => (
                        <li key={c.id}>
                          <a href={at.link(c.id)}>{c.label}</a>
                        </li>
                      ))}
                    </ul>
                  )}
                </li>
              ))}
            </ul>
          </nav>
        )}
      </footer>
    );
  },
});
