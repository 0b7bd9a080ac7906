import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Prose, shows } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'narrow column, first letter large',
  traits: ['editorial', 'type', 'centred'],
  fits: (c) => (c.paragraphs[0]?.value.length ?? 0) > 140,
  Component({ content, at }) {
    return (
      <Band at={at} name="story-letter" untitled={!shows(content.heading)}>
        <div class="sheet">
          <Heading text={content.heading} at={at} />
          <div class="prose">
            {content.paragraphs.map((text, n) => (
              <Prose text={text} at={at} path={`paragraphs.${text.id}`} key={n} />
            ))}
          </div>
        </div>
      </Band>
    );
  },
});
