import { Type } from '@sinclair/typebox';
import { textField } from '../../../model/site.js';
import { defineShape, sampleText } from '../../shape.js';
import { Heading, telUri, Words } from '../../words.js';

export const shape = defineShape({
  title: 'Call to act',
  character: 'band in the lead colour',
  content: Type.Object({ heading: textField('Heading'), action: textField('Button') }, { additionalProperties: false }),
  sample: { heading: sampleText('Is she taking on water?'), action: sampleText('Book a survey') },
  Component({ content, at }) {
    const tel = telUri(at.facts.phone);
    return (
      <section class="call-band">
        <Heading text={content.heading} at={at} />
        <p class="buttons">
          <a class="button" href={at.link('contact')}>
            <Words as="span" text={content.action} at={at} path="action" />
          </a>
          {tel && <a href={tel}>{at.facts.phone}</a>}
        </p>
      </section>
    );
  },
});
