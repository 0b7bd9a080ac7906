import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Prose, shows } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'first paragraph large, the rest small beside it',
  traits: ['type', 'asymmetric', 'bold'],
  turns: ['width'],
  Component({ content, at }) {
    return (
      <Band at={at} name="story-large" untitled={!shows(content.heading)}>
        <Heading text={content.heading} at={at} />
        <div class="cols">
          <div class="first">
            {content.paragraphs.slice(0, 1).map((text, n) => (
              <Prose text={text} at={at} path={`paragraphs.${text.id}`} key={n} />
            ))}
          </div>
          {content.paragraphs.length > 1 && (
            <div class="rest">
              {content.paragraphs.slice(1).map((text, n) => (
                <Prose text={text} at={at} path={`paragraphs.${text.id}`} key={n} />
              ))}
            </div>
          )}
        </div>
      </Band>
    );
  },
});
