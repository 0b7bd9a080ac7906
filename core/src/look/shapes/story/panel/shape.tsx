import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Prose, Pic, shows } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'words on a sheet over a wide picture',
  traits: ['picture', 'bold', 'asymmetric'],
  turns: ['width'],
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    return (
      <Band at={at} name="story-panel" untitled={!shows(content.heading)}>
        <Pic at={at} picture={content.picture} />
        <div class="panel">
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
