import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Prose, shows } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'heading at the side',
  traits: ['quiet', 'editorial'],
  turns: ['width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="story-aside" untitled={!shows(content.heading)}>
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
