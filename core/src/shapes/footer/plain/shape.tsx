import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
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
        <nav aria-label="Pages">
          <ul>
            {at.pages.map((p) => (
              <li key={p.id}>
                <a href={at.link(p.id)}>{p.label}</a>
              </li>
            ))}
          </ul>
        </nav>
      </footer>
    );
  },
});
