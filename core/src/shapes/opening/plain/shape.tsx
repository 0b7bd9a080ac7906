import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Heading, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Opening',
  character: 'words alone on a wash',
  content: Type.Object(
    { heading: textField('Heading'), lead: textField('Lead', true) },
    { additionalProperties: false },
  ),
  sample: {
    heading: sampleText('On the slip'),
    lead: sampleText('What the yard does between the spring and autumn tides.'),
  },
  Component({ content, at }) {
    return (
      <section class="opening-plain">
        <Heading text={content.heading} at={at} />
        <Words as="p" class="lead" text={content.lead} at={at} path="lead" />
      </section>
    );
  },
});
