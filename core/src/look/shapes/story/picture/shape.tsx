import { kind } from '../kind.js';
import { defineShape } from '../../shape.js';
import { Band, Heading, Prose, Pic, shows } from '../../words.js';

export const shape = defineShape(kind, {
  character: 'picture at the side of the words',
  traits: ['picture', 'quiet', 'cards'],
  turns: ['side', 'width'],
  fits: (c) => c.picture.media !== '',
  Component({ content, at }) {
    return (
      <Band at={at} name="story-picture" untitled={!shows(content.heading)}>
        <div>
          <Heading text={content.heading} at={at} />
          <div class="prose">
            {content.paragraphs.map((text, n) => (
              <Prose text={text} at={at} path={`paragraphs.${text.id}`} key={n} />
            ))}
          </div>
        </div>
        <Pic at={at} picture={content.picture} sizes="(min-width: 52rem) 40vw, 100vw" />
      </Band>
    );
  },
});
