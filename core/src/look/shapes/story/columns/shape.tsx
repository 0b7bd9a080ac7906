import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Prose, shows } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'words in two columns, as in a paper',
  traits: ['editorial', 'dense'],
  turns: ['width'],
  fits: (c) => c.paragraphs.reduce((n, p) => n + p.value.length, 0) > 420,
  Component({ content, at }) {
    return (
      <Band at={at} name="story-columns" untitled={!shows(content.heading)}>
        <Heading text={content.heading} at={at} />
        <div class="prose">
          {content.paragraphs.map((text, n) => (
            <Prose text={text} at={at} path={`paragraphs.${text.id}`} key={n} />
          ))}
        </div>
      </Band>
    );
  },
});
