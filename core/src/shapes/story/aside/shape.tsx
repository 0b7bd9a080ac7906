import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Heading, Prose } from '../../words.js';

export const shape = defineShape({
  title: 'Story',
  character: 'heading at the side',
  content: Type.Object(
    {
      heading: textField('Heading'),
      paragraphs: Type.Array(textField('Paragraph', true), { maxItems: 12 }),
    },
    { additionalProperties: false },
  ),
  sample: {
    heading: sampleText('Three generations on one slip'),
    paragraphs: [sampleText('The yard was a rope walk before it built boats, and the floor still slopes.')],
  },
  Component({ content, at }) {
    return (
      <section class="story-aside" id={at.anchor}>
        <Heading text={content.heading} at={at} />
        <div>
          {content.paragraphs.map((text, n) => (
            <Prose text={text} at={at} path={`paragraphs.${n}`} key={n} />
          ))}
        </div>
      </section>
    );
  },
});
